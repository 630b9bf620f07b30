#pragma once

#include <span>
#include <string>
#include <variant>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/typing/clause.h"

namespace dimglow::backlight {

/// What readings of one LED say of its curve.
struct LedFit {
    LedSpec spec;             ///< with the fitted rated volts, ideality and series drop
    double rmsVolts = 0;      ///< of the points about the curve
    bool determined = false;  ///< the points tell all three numbers; otherwise what they do not tell is as in the start
    text::Text why;           ///< what is missing, and what to measure; empty when determined
};

/// Fits the curve of an LED to readings by bounded least squares.
///
/// With I far above Is the curve is linear in what is sought: V/dies = a + E·ln I + Rs·I, a = −E·ln Is. The bounds,
/// ideality 1 to 4 and a series drop of 0.02 to 0.6 V at rated current, make a small convex problem whose faces are all
/// tried, so the result is the true minimum. A number counts as told when a reading error of 0.3 % leaves it uncertain
/// by less than half its range. \p start gives dies, rated current, and whatever the points do not tell. \throws
/// std::invalid_argument for no points, or volts or amps that are not positive
LedFit fitLed(std::span<const CurvePoint> points, const LedSpec& start);

/// Reads a line such as "2.61 V at 1 mA, 2.82 V at 30 mA"; an empty one has no points.
std::variant<std::vector<CurvePoint>, typing::LineProblem> readPoints(std::string_view line,
                                                                      typing::Tongue tongue = typing::Tongue::English);
/// The line that readPoints() would read back.
std::string lineOf(std::span<const CurvePoint> points);

/// What \p points tell of the LEDs of \p backlight. What they do not tell is as in the class of the first strip's LED.
/// \throws std::invalid_argument as fitLed() does
LedFit fitTo(const Backlight& backlight, std::span<const CurvePoint> points);
/// The backlight with \p points written down and the LEDs of its first strip, and all that are like them, on the curve
/// fitted to them; without points they keep their rated volts and have the shape of their class.
/// \throws std::invalid_argument as fitLed() does
Backlight withLedPoints(Backlight backlight, std::vector<CurvePoint> points);

}  // namespace dimglow::backlight
