#pragma once

#include <memory>
#include <string>
#include <unordered_map>
#include <vector>

#include "core/backlight/wiring.h"
#include "core/driver/behaviour.h"

/// \file
/// What a meter and an eye may see of a driver and its strings at switch-on.

namespace dimglow::driver {

/// One way a voltage may show itself, in volts against ground.
struct VoltsMode {
    double weight = 1;  ///< the weights of a forecast add up to 1
    Shape shape = Shape::Steady;
    double volts = 0;  ///< the steady value, the peak, or the top of the wander
    double voltsSigma = 1;
    double rest = 0;  ///< where it settles, or the bottom of the wander; unused when steady
    double restSigma = 1;
};
using VoltsForecast = std::vector<VoltsMode>;

/// What one feed may read, as shares of what may not be known of the set.
struct FeedForecast {
    /// The voltages that the strings have no say in: those of the behaviour, unless a leak holds LED+ down, or the feed
    /// is not the first.
    std::shared_ptr<const std::vector<Voltage>> still;
    Modes on;  ///< LED+ at switch-on
};

/// Where on a board a voltage is measured.
struct BoardPlace {
    backlight::ChannelIndex channel = {};  ///< of LED−
    backlight::FeedIndex feed = {};        ///< of LED+
};

/// What the board may read.
struct DriverForecast {
    std::vector<FeedForecast> feeds;
    std::vector<Modes> sinks;        ///< what LED− may read; channels that read alike share one
    std::vector<int> sinkOfChannel;  ///< into `sinks`
    LightForecast light;

    /// What a board test may read, by its id in the knowledge files; null for one that is no voltage of the set.
    const Modes* of(const std::string& test, BoardPlace place = {}) const;
};

/// How well a number of the driver is known that was read off, one sigma of its natural log (common practice, no
/// source).
inline constexpr double readOffSigma = 0.03;

/// What a feed would read when healthy; computed once and shared by all forecasts.
struct FeedReference {
    double stringVolts = 0;        ///< LED+ in regulation: the label if there is one, otherwise computed, V
    bool isLabelled = false;       ///< stringVolts is printed on the board, headroom included
    double labelScale = 1;         ///< LED+ to LED− by the label over that computed; applied to every computed string
    double overVolts = 0;          ///< over-voltage level, V
    double relativeSigma = 0.025;  ///< of stringVolts, one sigma of its natural log: how well it is known beforehand
    double overSigma = 0.075;      ///< the same of the over-voltage level over stringVolts
};
/// By feed.
using DriverReference = std::vector<FeedReference>;
/// Of each feed by itself.
DriverReference referenceOf(const backlight::Backlight& backlight);

/// Forecasts a constant-current driver (common practice, no source): it ramps until the sense voltage is right; finds
/// no current and climbs to its over-voltage level; finds too much or unequal current and trips; starves and collapses.
///
/// Each feed has a driver of its own. One that trips often takes the others down with it.
/// \param demands one entry per channel, computed from the circuit with its faults
/// \param behaviours one for each feed; they must outlive the forecast
DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<const backlight::ChannelDemand*>& demands,
                        const std::vector<const Behaviour*>& behaviours);
DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<backlight::ChannelDemand>& demands,
                        const std::vector<const Behaviour*>& behaviours);

/// Where most of a forecast lies: the band that a reading is compared with, V.
struct Band {
    double low = 0;
    double high = 0;
    bool contains(double value) const { return low <= value && value <= high; }
};
/// From the lowest to the highest of the modes that count, two sigma further either way.
Band bandOf(const VoltsForecast& forecast);

/// Natural log of the probability of what the light did; \p secondsToDark counts only with Light::FlashThenDark.
double logLikelihood(const LightForecast& forecast, Light light, double secondsToDark);

}  // namespace dimglow::driver
