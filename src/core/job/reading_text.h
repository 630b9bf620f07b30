#pragma once

#include <string>
#include <string_view>
#include <variant>

#include "core/job/job.h"

namespace dimglow::job {

/// A voltage as it is typed at the bench.
struct TypedVolts {
    Shape shape = Shape::Steady;
    double volts = 0;
    double restVolts = 0;
};

/// Reads "184.1" (steady), "184 > 48" (peaks, then settles) or "48 ~ 184" (wanders between); a comma is a decimal
/// point, a trailing V is ignored. \returns the reading, or what is wrong with the text
std::variant<TypedVolts, std::string> readTypedVolts(std::string_view text);

/// Reads one plain number between \p least and \p most. \returns it, or what is wrong
std::variant<double, std::string> readTypedNumber(std::string_view text, double least, double most);

/// Reads what one LED showed: volts or "OL", then "lit" or "dark" if it was looked at; the other way round behind a
/// slash: "2.9 lit", "OL", "1.8/1.8", "0.02 dark".
/// \returns the reading, or what is wrong with the text
std::variant<parts::LedCheckReading, std::string> readTypedLed(std::string_view text);

}  // namespace dimglow::job
