#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <variant>

#include "core/job/job.h"

/// \file
/// What is typed at the bench: numbers, voltages with a shape, dates. Read as people write them or refused with the
/// reason; never guessed. A comma is a decimal point.

namespace dimglow::job {

/// A voltage as it is typed at the bench.
struct TypedVolts {
    evidence::Shape shape = evidence::Shape::Steady;
    double volts = 0;
    double restVolts = 0;
};

/// Reads "184.1" (steady), "184 > 48", "184 → 48" or "184 then 48" (peaks, then settles), "48 ~ 184", "48-184" or
/// "48 to 184" (wanders between), each number with its V or without. \returns the reading, or what is wrong with the
/// text
std::variant<TypedVolts, text::Text> readTypedVolts(std::string_view text);

/// What a number is a number of.
enum class Unit { None, Volts, Amps, Milliamps, Percent, Hours, Minutes, Millimetres, Celsius, Money };

/// What a field takes.
struct Expected {
    double least = 0;
    double most = 1e6;
    Unit unit = Unit::None;
};

/// Reads one number, its unit behind it allowed. Amperes and milliamperes become each other; any other unit than the
/// expected one is refused. \returns the number in the expected unit, or what is wrong
std::variant<double, text::Text> readTypedNumber(std::string_view text, const Expected& expected);

/// Reads an amount of money or hours. A number that may be one with a thousands sign ("1.200", "1,200") is refused.
std::variant<double, text::Text> readTypedAmount(std::string_view text, const Expected& expected);

/// A day, ISO 8601.
struct TypedDay {
    std::string iso;
};
/// Reads "2026-12-04", "4.12.2026", "4 Dec", "Dec 4", "today", "tomorrow", "in 3 days", "in 2 weeks", "Friday", "next
/// Friday". A day without a year, and a weekday, is the next one from \p today (ISO) on; "next" is the week after.
/// \returns the day, or what is wrong
std::variant<TypedDay, text::Text> readTypedDay(std::string_view text, const std::string& today);

/// What an LED looks like by eye alone: "lit", "dim", "tinted", "dark". Empty when the text says more or something
/// else.
std::optional<evidence::LedSeen::Glow> readTypedGlow(std::string_view text);

/// Reads what one LED showed: volts or "OL", then "lit" or "dark" if it was looked at; the other way round behind a
/// slash: "2.9 lit", "OL", "1.8/1.8", "0.02 dark".
/// \returns the reading, or what is wrong with the text
std::variant<parts::LedCheckReading, text::Text> readTypedLed(std::string_view text);

}  // namespace dimglow::job
