#pragma once

#include <optional>
#include <string_view>

#include "core/text/text.h"

/// \file
/// The one table of units that people write behind a number.

namespace dimglow::typing {

/// What people write behind numbers.
enum class Unit {
    None,
    Volts,
    Amps,
    Ohms,
    Farads,
    Henries,
    Watts,
    Share,
    Hertz,
    Rings,
    Hours,
    Minutes,
    Seconds,
    Millimetres,
    Celsius,
    Money,
    Thousands,  ///< "9k" where no ohms are meant
};

/// What a unit word makes of the number before it.
struct UnitWord {
    Unit unit = Unit::None;
    double scale = 1;  ///< to V, A, Ω, F, H, W, Hz, a share of one, h, min, s, mm, °C, money
};

/// The unit of a word as it was typed, Ω as "ohm", µ as "u". Capitals count where they decide: "1 Mohm" is a megohm,
/// "1 mohm" a milliohm. Empty for what is no unit.
std::optional<UnitWord> unitOf(std::string_view word);

}  // namespace dimglow::typing
