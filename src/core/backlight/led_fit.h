#pragma once

#include <span>
#include <string>

#include "core/backlight/led.h"

namespace dimglow::backlight {

/// A reading of a known-good LED.
struct CurvePoint {
    double amps = 0;
    double volts = 0;
};

struct LedFit {
    LedSpec spec;             ///< with the fitted rated volts, ideality and series drop
    double rmsVolts = 0;      ///< of the points about the curve
    bool determined = false;  ///< the points tell all three numbers; otherwise what they do not tell is as in the start
    std::string why;          ///< what is missing, and what to measure; empty when determined
};

/// Fits the curve of an LED to readings by bounded least squares.
///
/// With I far above Is the curve is linear in what is sought: V/dies = a + E·ln I + Rs·I, a = −E·ln Is. The bounds,
/// ideality 1 to 4 and a series drop of 0.02 to 0.6 V at rated current, make a small convex problem whose faces are all
/// tried, so the result is the true minimum. A number counts as told when a reading error of 0.3 % leaves it uncertain
/// by less than half its range. \p start gives dies, rated current, and whatever the points do not tell. \throws
/// std::invalid_argument for no points, or volts or amps that are not positive
LedFit fitLed(std::span<const CurvePoint> points, const LedSpec& start);

}  // namespace dimglow::backlight
