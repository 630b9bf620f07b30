#include "core/faults/mechanism.h"

#include <algorithm>

namespace dimglow::faults {

Wiring::Wiring(const backlight::Backlight& made) : set(made) {
    for (int strip = 0; strip < int(set.strips.size()); ++strip) {
        runsOnStrip.push_back(backlight::runsOnStrip(set, strip));
    }
}

int stripAt(const backlight::Backlight& set, const backlight::StringRef& string, int before) {
    const auto order = backlight::ledsInOrder(set, string);
    return order.at(std::min(std::size_t(before), order.size() - 1)).strip;
}

}  // namespace dimglow::faults
