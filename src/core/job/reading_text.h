#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <variant>

#include "core/job/job.h"
#include "core/typing/tongue.h"

/// \file
/// What is typed at the bench: numbers, voltages with a shape, dates. Read as people write them or refused with the
/// reason and with what can be typed; what may mean two things is asked, never guessed.

namespace dimglow::job {

using typing::Tongue;

/// A voltage as it is typed at the bench.
struct TypedVolts {
    evidence::Shape shape = evidence::Shape::Steady;
    double volts = 0;
    double restVolts = 0;
};

/// Reads "184.1", "about 184 V" (steady), "184 > 48", "184 then 48", "190, falls to 40", "peaks at 232 V then back to
/// 66", "184 to 48" (peaks, then settles), "48 ~ 184", "48-184", "48 to 184", "hunts between 48 and 184" (wanders).
/// \returns the reading, or what is wrong with the text
std::variant<TypedVolts, text::Text> readTypedVolts(std::string_view text, Tongue tongue = Tongue::English);

/// What a number is a number of.
enum class Unit {
    None,
    Count,  ///< whole
    Volts,
    Amps,
    Milliamps,
    Percent,
    Hours,
    Minutes,
    Millimetres,
    Celsius,
    Money,
    Watts,
    Seconds
};

/// What a field takes.
struct Expected {
    double least = 0;
    double most = 1e6;
    Unit unit = Unit::None;
};

/// Reads one number, its unit behind it or "about" before it allowed. Units of the same quantity become each other; any
/// other than the expected one is refused. \returns the number in the expected unit, or what is wrong
std::variant<double, text::Text> readTypedNumber(std::string_view text, const Expected& expected,
                                                 Tongue tongue = Tongue::English);

/// Reads an amount of money or hours: "14000", "9k", "£150", "12 000". A number that may be one with a thousands sign
/// in some language ("1.200", "1,200") is asked about.
std::variant<double, text::Text> readTypedAmount(std::string_view text, const Expected& expected,
                                                 Tongue tongue = Tongue::English);

/// A day, ISO 8601.
struct TypedDay {
    std::string iso;
};
/// Reads "2026-12-04", "4.12.2026", "4 Dec", "Dec 4th", "today", "tomorrow", "in 3 days", "in 2 weeks", "by Friday",
/// "next Friday". A day without a year, and a weekday, is the next one from \p today (ISO) on; "next" is the week
/// after. \returns the day, or what is wrong
std::variant<TypedDay, text::Text> readTypedDay(std::string_view text, const std::string& today,
                                                Tongue tongue = Tongue::English);

/// What an LED looks like by eye alone: "lit", "dim", "tinted", "dark". Empty when the text says more or something
/// else.
std::optional<evidence::LedSeen::Glow> readTypedGlow(std::string_view text, Tongue tongue = Tongue::English);

/// Reads what one LED showed: volts or "OL", then "lit" or "dark" if it was looked at; the other way round behind a
/// slash: "2.9 lit", "OL", "1.8/1.8", "0.02 dark", "1.8 both ways".
/// \returns the reading, or what is wrong with the text
std::variant<parts::LedCheckReading, text::Text> readTypedLed(std::string_view text, Tongue tongue = Tongue::English);

/// What a strip tester shows; what was not said is empty.
struct TypedTester {
    std::optional<double> volts;
    std::optional<int> lit;
    bool operator==(const TypedTester&) const = default;
};

/// Reads "90.4", "90.4 V 16 lit", "90.4 / 16", "all lit", "26.1, 1 dark", "2 of 3 lit", "none lit" of a run of
/// \p leds on a tester that gives at most \p limitVolts. \returns the reading, or what is wrong with the text
std::variant<TypedTester, text::Text> readTypedTester(std::string_view text, double limitVolts, int leds,
                                                      Tongue tongue = Tongue::English);

}  // namespace dimglow::job
