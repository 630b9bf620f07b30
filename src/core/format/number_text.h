#pragma once

#include <optional>
#include <string>
#include <string_view>

/// \file
/// Numbers as people type them. They never depend on the locale: 3.2 and 3,2 are the same number everywhere.

namespace dimglow::format {

/// "12", "3.2", "3,2", ".5", "-4". Empty for anything else: exponents, words, a sign within, spaces between digits.
std::optional<double> plainNumber(std::string_view text);

/// Whether a number may as well be thousands: "1.200", "1,200", "12.500". Where an amount is asked for it is refused.
bool mayBeThousands(std::string_view text);

/// Without spaces at either end; the narrow and no-break spaces of other keyboards are spaces.
std::string trimmed(std::string_view text);

/// "12 …" for a message, however long the text.
std::string cited(std::string_view text);

}  // namespace dimglow::format
