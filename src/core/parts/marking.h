#pragma once

#include <optional>
#include <string_view>

#include "core/parts/part_check.h"

/// \file
/// What is printed on small parts (IEC 60062).

namespace dimglow::parts {

/// Reads a capacitor's marking: "154J" (15·10⁴ pF ± 5 %), "104", "4n7", "0.15", "2200" with a letter for the tolerance
/// or without, rated volts behind it ("154J 400", "154J400V"). A plain number is µF below 1 and pF from 1 on.
/// Empty for anything else.
std::optional<Ratings> readCapacitorMarking(std::string_view text);

/// Reads a resistor's: "4R7", "R22", "4k7", "103" (10·10³ Ω), "1002" (100·10² Ω), with a letter for the tolerance or
/// without. Empty for anything else.
std::optional<Ratings> readResistorMarking(std::string_view text);

/// Share that a letter stands for as a tolerance: J is 0.05. Empty for other letters.
std::optional<double> toleranceOf(char letter);

}  // namespace dimglow::parts
