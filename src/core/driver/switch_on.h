#pragma once

#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/driver/forecast.h"
#include "core/driver/output_stage.h"

/// \file
/// A constant-current driver second by second, from switch-on.

namespace dimglow::driver {

/// One driver with its supply, output stage and protection. Defaults are those of no particular part (common practice,
/// no source).
struct StageSpec {
    double supplyVolts = 24;  ///< B+
    double supplyOhms = 0.1;  ///< of the feed behind B+; tired electrolytics raise it
    double supplyFarads = 470e-6;
    double dropoutRatio = 0.7;  ///< below this share of B+ the driver stops
    double outputFarads = 47e-6;
    double bleederOhms = 100e3;  ///< what discharges the output with the strings dark: divider and bleeder
    double efficiency = 0.9;
    double softStartSeconds = 0.04;   ///< 5 to 100 ms
    double blankingSeconds = 0.03;    ///< a fault must last this long: 10 to 100 ms
    double hiccupSeconds = 1.2;       ///< pause before the next try
    std::optional<int> restarts = 3;  ///< tries after the first, then it stays off; empty: it tries for ever
    int blinkCode = 5;                ///< what the standby light blinks once it stays off
    double headroomVolts = 0.7;
    double overVolts = 100;  ///< over-voltage level
    double overCurrentRatio = backlight::overCurrentRatio;
    double imbalanceVolts = 6;       ///< LED− of one channel this far above the lowest trips
    double workingAmps = 0.24;       ///< of all channels together
    bool switches = true;            ///< the driver IC and its power parts work
    bool asked = true;               ///< BL_ON is there
    double dim = 1;                  ///< 0: asked, but for no light
    bool dropsDarkChannels = false;  ///< at over-voltage it leaves a channel without current out and runs on
    bool clampsOverVoltage = false;  ///< it holds the over-voltage level instead of tripping
    std::vector<double> stops = {};  ///< when another feed's driver takes it down, s; rising
};

/// A healthy driver that suits \p backlight, which has one feed, and what a fault makes of it.
StageSpec stageOf(const backlight::Backlight& backlight, const FeedReference& reference, const StageChange& change);

/// What a driver is doing: `Blanking` while a fault has yet to last, `Off` between tries, `Latched` for good.
enum class DriverState { Idle, SoftStart, Regulate, Blanking, Off, Latched };
/// As it stands in files.
const char* stateWords(DriverState state);
/// What its protection has seen.
enum class Trip { None, OverVoltage, OverCurrent, Imbalance, SupplyDropout };
/// "over-voltage".
text::Text tripWords(Trip trip);

/// One moment: s, V against ground, A.
struct Sample {
    double seconds = 0;
    double ledPlus = 0;
    double amps = 0;  ///< through all sinks together
    std::vector<double> ledMinus;
    DriverState state = DriverState::Idle;
};

/// What happened.
struct SwitchOn {
    double secondsApart = 1e-3;
    std::vector<Sample> samples;
    Trip firstTrip = Trip::None;
    std::vector<double> trips;           ///< when it tripped, s
    int tries = 0;                       ///< starts of the driver
    std::optional<int> blinks;           ///< of the standby light, once it stays off
    std::optional<double> lightSeconds;  ///< first light after switch-on
    std::optional<double> darkSeconds;   ///< dark again after first light; empty when it stays lit

    std::vector<double> ledPlus() const;
    std::vector<double> ledMinus(int channel) const;
};

/// Switches on at 0 s, output at its idle value, and watches for \p seconds (at most 60). Steps of 0.2 ms while it
/// drives, 1 ms while the output decays. Asked to stop it ends with what it has.
SwitchOn simulate(const StageSpec& stage, const StringLoad& load, double seconds, const std::stop_token& stop = {});

/// The same for the driver of one feed of a set as it was made, \p reference, with \p change on its side and \p strings
/// beyond the plug. LED− are those of the feed's channels in their order.
SwitchOn switchOn(const backlight::Backlight& backlight, int feed, const DriverReference& reference,
                  const backlight::Faults& strings, const StageChange& change, double seconds, bool plugOut = false,
                  const std::stop_token& stop = {});

}  // namespace dimglow::driver
