#pragma once

#include <span>
#include <vector>

#include "core/driver/forecast.h"

namespace dimglow::driver {

/// What a handheld meter makes of a voltage: an average over 300 ms, three readings a second, minimum and maximum held
/// (common practice, no source).
struct MeterView {
    std::vector<double> readings;  ///< one every third of a second, V
    double lowest = 0;             ///< minimum hold, V
    double highest = 0;            ///< maximum hold, V
    Shape shape = Shape::Steady;
    double volts = 0;  ///< as it is written down: the steady value, the peak, the top of the wander
    double rest = 0;   ///< where it settles, the bottom of the wander; equals `volts` when steady
};

inline constexpr double usualWindowSeconds = 0.3;

/// \p volts are samples every \p secondsApart; the meter averages over \p windowSeconds.
/// Less than a third of a second of them, as of a simulation that was stopped, is no reading.
/// \pre the window is no longer than a third of a second
MeterView throughMeter(std::span<const double> volts, double secondsApart, double windowSeconds = usualWindowSeconds);

}  // namespace dimglow::driver
