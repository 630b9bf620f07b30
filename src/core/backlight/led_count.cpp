#include "core/backlight/led_count.h"

#include <algorithm>
#include <cmath>

#include "core/backlight/led.h"

namespace dimglow::backlight {

LedCount ledsInSeries(double volts, double sigmaVolts, int dies) {
    constexpr double runningShare = 0.97;  ///< of the rated volts, below the rated current
    constexpr double batchSigma = 0.032;   ///< batch and current together, as a share
    constexpr double sigmas = 1.645;       ///< nine in ten lie within
    const double each = runningShare * classVoltsPerDie * dies;
    const double off = sigmas * std::hypot(batchSigma * volts, sigmaVolts);
    const auto counted = [&](double of) { return std::max(1, int(std::lround(of / each))); };
    return {counted(volts - off), counted(volts), counted(volts + off)};
}

}  // namespace dimglow::backlight
