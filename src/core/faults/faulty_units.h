#pragma once

#include <compare>
#include <tuple>

namespace dimglow::faults {

/// Units of one site of a light source with one kind of fault: LEDs of one cell. Which of them they are no reading
/// tells; all choices are equally likely.
struct FaultyUnits {
    int site = 0;  ///< of strings: into locate::CellPartition::cells()
    int kind = 0;  ///< of strings: a backlight::LedFault
    int count = 1;
    auto operator<=>(const FaultyUnits&) const = default;
    auto fields() const { return std::tie(site, kind, count); }
};

}  // namespace dimglow::faults
