#pragma once

#include <algorithm>

#include "core/strings/led_strings.h"

/// \file
/// The one template of LedStrings, for its own sources.

namespace dimglow::strings {

template <class See>
void LedStrings::addDeviations(const FaultList& faults, Key& key, See see) const {
    const auto add = [&](const locate::Cell& cell, int position, backlight::LedFault fault) {
        Deviation deviation;
        deviation.spec = specOfStrip_[cell.strip];
        deviation.fault = fault;
        if (fault == backlight::LedFault::Aged || !see(cell, position, deviation)) {
            return;
        }
        if (const Step& step = stepOf(cell, position); step.sides > 1) {
            deviation.section = 1 + step.section;
            deviation.branch = 1 + step.branch;
            deviation.sides = step.sides;
            deviation.length = step.length;
        }
        key.deviations.push_back(deviation);
    };
    const auto places = sideBySide_ ? placed(faults).leds : std::vector<backlight::PlacedFault>{};
    std::size_t at = 0;
    for (const auto& fault : faults) {
        const auto* units = faults::asUnits(fault);
        for (int n = 0; units != nullptr && n < units->count; ++n, ++at) {
            const auto& cell = cellAt(units->site);
            add(cell, sideBySide_ ? partition_.positionOf(places[at].place) : cell.positions[n],
                backlight::LedFault(int(units->kind)));
        }
    }
    if (sideBySide_) {
        renumber(key);
    }
    std::sort(key.deviations.begin(), key.deviations.end());
}

}  // namespace dimglow::strings
