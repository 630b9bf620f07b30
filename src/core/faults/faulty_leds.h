#pragma once

#include <compare>
#include <tuple>

#include "core/backlight/led.h"

namespace dimglow::faults {

/// LEDs of one cell with one fault. Which of the cell's LEDs they are no reading tells; all choices are equally likely.
struct FaultyLeds {
    int cell = 0;  ///< into locate::CellPartition::cells()
    backlight::LedFault fault = backlight::LedFault::Open;
    int count = 1;
    auto operator<=>(const FaultyLeds&) const = default;
    auto fields() const { return std::tie(cell, fault, count); }
};

}  // namespace dimglow::faults
