#pragma once

#include <compare>
#include <tuple>

#include "core/backlight/backlight.h"

namespace dimglow::faults {

struct Site;
struct UnitFaultKind;
/// Of a light source, numbered from 0; of strings into locate::CellPartition::cells().
using SiteIndex = backlight::Index<Site>;
/// A kind of fault of single units, numbered from 0; of strings a backlight::LedFault.
using UnitFaultIndex = backlight::Index<UnitFaultKind>;

/// Units of one site of a light source with one kind of fault: LEDs of one cell. Which of them they are no reading
/// tells; all choices are equally likely.
struct FaultyUnits {
    SiteIndex site;
    UnitFaultIndex kind;
    int count = 1;
    auto operator<=>(const FaultyUnits&) const = default;
    std::tuple<int, int, int> fields() const { return {site, kind, count}; }
};

}  // namespace dimglow::faults
