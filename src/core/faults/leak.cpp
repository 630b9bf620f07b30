#include "core/faults/leak.h"

#include <algorithm>

namespace dimglow::faults {

std::vector<Leak> Leak::candidates(const backlight::Backlight& set) {
    std::vector<Leak> all;
    for (const auto& ref : backlight::stringsOf(set)) {
        const int last = backlight::wholeString(set, ref).last;
        for (int node = 0; node <= last + 1; ++node) {
            const int at = std::min(node, last);
            if (backlight::probeable(set, {ref, at, last}).first == at) {
                all.push_back({ref, node});
            }
        }
    }
    return all;
}

void Leak::addTo(backlight::Faults& wrong) const {
    wrong.leaks.push_back({string, before, backlight::chassisLeakOhms});
}

text::Text Leak::title(const backlight::Backlight& set, const text::Text& kind) const {
    return text::say("{} near strip {}", kind, set.strips[std::size_t(strip(set))].label);
}

std::optional<Leak::Sign> Leak::inChannel(const Wiring&, int channel, bool) const {
    return string.channel == channel ? std::optional(Sign{string.string, before}) : std::nullopt;
}

std::optional<Leak::Sign> Leak::onBench(const Wiring&, const Bench& bench) const {
    return bench.toChassis() && string == bench.probe.run.string ? std::optional(Sign{0, before}) : std::nullopt;
}

}  // namespace dimglow::faults
