#pragma once

#include <compare>
#include <optional>
#include <string>
#include <vector>

#include "core/backlight/led.h"
#include "core/text/text.h"

/// \file
/// One LED on its own: at the bench supply, through a resistor, or in a meter's diode mode.

namespace dimglow::parts {

/// What an LED on its own is tried with.
enum class LedMethod {
    BenchSupply,     ///< volts set, current limited
    SeriesResistor,  ///< volts set, a resistor in series
    DiodeMode,       ///< a meter's diode test
};

/// The source that the LED is put to. The usual ones (common practice, no source): 3 V per die with a limit of 100 mA;
/// 3.5 V through 1 kΩ; a meter whose diode test gives 1 mA and reaches 1.5 to 3.3 V.
struct LedCheckSetting {
    LedMethod method = LedMethod::BenchSupply;
    double volts = 3;          ///< set, or what the meter's diode test can reach, V
    double limitAmps = 0.1;    ///< of BenchSupply
    double seriesOhms = 1000;  ///< of SeriesResistor
    auto operator<=>(const LedCheckSetting&) const = default;
};

/// What the LED showed.
struct LedCheckReading {
    std::optional<double> volts;         ///< across the LED, V; empty: the meter shows OL
    std::optional<double> reverseVolts;  ///< the other way round; empty: not tried, or OL
    bool reverseTried = false;
    std::optional<double> amps;  ///< through it, A
    std::optional<bool> lit;
    bool operator==(const LedCheckReading&) const = default;
};

/// What an LED with a fault (none: a good one) would show.
struct LedCheckForecast {
    double volts = 0;
    double amps = 0;
    bool glows = false;
    bool overload = false;  ///< a meter shows OL: it carries next to nothing
};
/// What a meter shows of it, V and A.
LedCheckForecast forecastOf(const backlight::LedSpec& spec, const LedCheckSetting& setting,
                            std::optional<backlight::LedFault> fault, const backlight::FaultSize& size = {});

/// Sizes that a fault may have, alike likely, in steps: from a third to ten times the usual leak of a leaky LED, what a
/// dark one shows above a good LED (common practice, no source). One of a fault without a size.
std::vector<backlight::FaultSize> sizesOf(std::optional<backlight::LedFault> fault);
/// How far a reading may lie from a forecast, V; \p inSteps when the next size is another step away.
double ledCheckSigma(const LedCheckForecast& forecast, bool inSteps);

/// `InCircuit` where a neighbour on the strip may have answered.
enum class LedVerdict { Good, Open, Shorted, Dark, Leaky, DieShorted, InCircuit, CannotTell };

/// "good", "open", "shorted" …
text::Text verdictWords(LedVerdict verdict);

/// With the sentence that says why.
struct LedJudgement {
    LedVerdict verdict = LedVerdict::CannotTell;
    text::Text because;  ///< one sentence
};

/// The verdict on one LED. "No current" is open only where a good one would carry some; diode mode below the LED's knee
/// shows OL on a good one, and the same non-zero volts both ways is the circuit around it, not the LED.
LedJudgement judge(const backlight::LedSpec& spec, const LedCheckSetting& setting, const LedCheckReading& reading);

}  // namespace dimglow::parts
