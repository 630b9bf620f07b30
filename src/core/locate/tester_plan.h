#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/backlight/wiring.h"
#include "core/text/text.h"

/// \file
/// Before the probe is placed: what the tester must give, and what each outcome will mean. After it: what explains the
/// reading.

namespace dimglow::locate {

/// What a run needs and what the tester at hand does to it.
struct TesterPlan {
    double kneeVolts = 0;        ///< first glow, 1 mA through every string of LEDs
    double volts = 0;            ///< of the healthy run at the tester's current
    double workingVolts = 0;     ///< at the channel's working current
    double leastLimitVolts = 0;  ///< a tenth above `volts`
    bool reaches = false;        ///< the tester's limit is above `volts`
    int ledsWithinReach = 0;     ///< of the run's first LEDs, how many its limit can light
    text::Text advice;           ///< one sentence
    std::optional<double>
        seriesOhms;          ///< for a single LED from the tester's limit: the E24 resistor that keeps the current
    double seriesWatts = 0;  ///< in that resistor with the LED shorted
};
TesterPlan planTester(const backlight::Backlight& backlight, const backlight::Run& run,
                      const backlight::TesterSetting& tester);

/// A combination of faults in the run, or of the tester, and what it shows.
struct Explanation {
    text::Text words;  ///< "2 shorted", "open, or the lead or its polarity"
    double share = 0;  ///< of belief; they add up to 1
    double volts = 0;
    int lit = 0;
    bool ofTheTester = false;  ///< lead, polarity or reach rather than an LED
};

/// What was seen on a run; `lit` and `dark` as far as they were counted.
struct RunReading {
    double volts = 0;
    std::optional<int> lit;
    std::optional<double> amps;  ///< what the tester's own meter shows
};

/// Every combination of up to four faulty LEDs, a resistive joint, strips of another type, and the tester's own
/// troubles, ranked by how well it explains a reading and how often it happens (the weights are common practice, no
/// source).
std::vector<Explanation> explain(const backlight::Backlight& backlight, const backlight::Run& run,
                                 const backlight::TesterSetting& tester, const RunReading& reading);

/// The outcomes worth knowing before the probe is placed, healthy first: what each looks like and means.
std::vector<Explanation> outcomesOf(const backlight::Backlight& backlight, const backlight::Run& run,
                                    const backlight::TesterSetting& tester);

}  // namespace dimglow::locate
