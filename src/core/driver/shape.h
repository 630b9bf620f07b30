#pragma once

namespace dimglow::driver {

/// How a voltage behaves while it is watched.
enum class Shape { Steady, PeakThenSettles, Wanders };

/// What the light may do at switch-on.
enum class Light { Never, FlashThenDark, StaysLit };

/// Shares of what the light does; they add up to 1.
struct LightForecast {
    double never = 0;
    double flashThenDark = 0;
    double staysLit = 1;
    double medianSecondsToDark = 0.15;  ///< log-normal, a factor of about e each way
    bool operator==(const LightForecast&) const = default;
};

}  // namespace dimglow::driver
