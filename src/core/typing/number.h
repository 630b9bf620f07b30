#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/text/text.h"
#include "core/typing/tongue.h"

/// \file
/// Numbers as people type them. They hang on the language of the window, never on the locale of the machine.

namespace dimglow::typing {

/// A number, and what else it may have been meant as.
struct Number {
    double value = 0;
    std::optional<double> orElse;
    bool operator==(const Number&) const = default;
};

/// "0" to "9", whatever the locale.
bool isDigit(char c);

/// "12", "3.2", "3,2", ".5", "-4". Empty for anything else: exponents, words, a sign within, spaces between digits.
std::optional<double> plainNumber(std::string_view text);

/// Digits with their decimal sign and the signs between thousands: "1,234.5", "1.234,5", "12'000". One sign before
/// three digits is ambiguous where the language writes thousands so ("4,700" in English, "1.200" in German); the other
/// one is a decimal sign. \returns empty for what is no number
std::optional<Number> readDigits(std::string_view text, Tongue tongue);

/// Whether a number may as well be thousands in some language: "1.200", "1,200", "12.500".
bool mayBeThousands(std::string_view text);

/// Asks which of the two was meant.
text::Text askWhich(std::string_view typed, const Number& number);

/// Without spaces at either end; the narrow and no-break spaces of other keyboards are spaces.
std::string trimmed(std::string_view text);

/// "12 …" for a message, however long the text.
std::string cited(std::string_view text);

}  // namespace dimglow::typing
