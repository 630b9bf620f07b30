#pragma once

#include <string>
#include <string_view>
#include <variant>

#include "core/lamps/lamps.h"
#include "core/typing/clause.h"

namespace dimglow::lamps {

/// Whether a line speaks of lamps, not of strips.
bool speaksOfLamps(std::string_view line, typing::Tongue tongue = typing::Tongue::English);

/// The kind of set that such a line names, "monitor" or "television"; empty where it names none.
std::string setKindIn(std::string_view line, typing::Tongue tongue = typing::Tongue::English);

/// Reads lamps in one line, such as "4 lamps 2 × 2, 410 mm, 2.4 mm bore, 12 V": how many, half of them at each edge,
/// their length and bore, what the inverter runs from. "behind", "U", "external electrodes", "both ends" and "two
/// inverters" are understood as well.
std::variant<Lamps, typing::LineProblem> readLine(std::string_view line,
                                                  typing::Tongue tongue = typing::Tongue::English);

/// The line that readLine() would read back.
std::string lineOf(const Lamps& lamps);

}  // namespace dimglow::lamps
