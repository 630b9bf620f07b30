#pragma once

#include <string>
#include <vector>

#include "core/backlight/wiring.h"

/// \file
/// What a meter and an eye may see of a driver and its strings at switch-on.

namespace dimglow::driver {

/// How a voltage behaves while it is watched.
enum class Shape { Steady, PeakThenSettles, Wanders };

/// What is wrong on the driver's side of the plug.
enum class DriverFault {
    None,
    NoFeed,        ///< nothing feeds LED+
    NotSwitching,  ///< fed and asked, yet it never starts
    NotAsked,      ///< BL_ON stays away
    DimAtZero,     ///< asked, but for no brightness
    WeakSupply,    ///< its supply or output capacitors collapse under load
    TripsEarly,    ///< its over-voltage divider makes it give up below the string's voltage
};

/// One way a voltage may show itself. All volts against ground, DC.
struct VoltsMode {
    double weight = 1;  ///< the weights of a forecast add up to 1
    Shape shape = Shape::Steady;
    double volts = 0;  ///< the steady value, the peak, or the top of the wander
    double voltsSigma = 1;
    double rest = 0;  ///< where it settles, or the bottom of the wander; unused when steady
    double restSigma = 1;
};
using VoltsForecast = std::vector<VoltsMode>;

/// What the light may do at switch-on.
enum class Light { Never, FlashThenDark, StaysLit };

/// Shares of what the light does; they add up to 1.
struct LightForecast {
    double never = 0;
    double flashThenDark = 0;
    double staysLit = 1;
    double medianSecondsToDark = 0.15;  ///< log-normal, a factor of about e each way
};

struct DriverForecast {
    VoltsForecast idle;
    VoltsForecast on;
    VoltsForecast plugOut;
    std::vector<VoltsForecast> sinks;  ///< what LED− may read; channels that read alike share one
    std::vector<int> sinkOfChannel;    ///< into `sinks`
    VoltsForecast blOn;
    VoltsForecast dim;
    LightForecast light;

    const VoltsForecast& ledMinus(int channel) const { return sinks.at(sinkOfChannel.at(channel)); }
};

/// What the whole backlight would read when healthy; computed once and shared by all forecasts.
struct DriverReference {
    double stringVolts = 0;        ///< LED+ in regulation: the label if there is one, otherwise computed, V
    double labelScale = 1;         ///< LED+ to LED− by the label over that computed; applied to every computed string
    double overVolts = 0;          ///< over-voltage level, V
    double relativeSigma = 0.025;  ///< spread of a string's voltage from part and meter tolerance
};
DriverReference referenceOf(const backlight::Backlight& backlight);

/// The behaviour of a constant-current driver (common practice, no source): it ramps until the sense voltage is right;
/// finds no current and climbs to its over-voltage level; finds too much or unequal current and trips; starves and
/// collapses. \p demands holds one entry per channel, computed from the circuit with its faults.
DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<backlight::ChannelDemand>& demands, DriverFault fault);

/// Where most of a forecast lies: the band that a reading is compared with, V.
struct Band {
    double low = 0;
    double high = 0;
};
Band bandOf(const VoltsForecast& forecast);

/// Natural log of the probability density of a reading under a forecast, 1/V (1/V² for shapes with two values).
/// Modes of another shape count for a tenth, since shapes are easily misjudged; a small uniform floor stands for
/// slips of probe or pen.
double logLikelihood(const VoltsForecast& forecast, Shape shape, double volts, double rest);

/// The same for the light; \p secondsToDark counts only with Light::FlashThenDark.
double logLikelihood(const LightForecast& forecast, Light light, double secondsToDark);

/// Whether a test of the knowledge files is a voltage that drivers are forecast for.
bool isBoardVoltage(const std::string& test);

/// The forecast of a board test by its id in the knowledge files; null for an unknown one.
const VoltsForecast* forecastOf(const DriverForecast& forecast, const std::string& test, int channel);

}  // namespace dimglow::driver
