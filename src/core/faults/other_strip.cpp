#include "core/faults/other_strip.h"

#include <algorithm>

namespace dimglow::faults {

std::vector<OtherStrip> OtherStrip::candidates(const backlight::Backlight& set) {
    std::vector<OtherStrip> all;
    for (int strip = 0; strip < int(set.strips.size()); ++strip) {
        for (const double factor : backlight::otherTypeFactors) {
            if (backlight::withVoltsTimes(set.strips[std::size_t(strip)].led, factor)) {
                all.push_back({strip, factor});
            }
        }
    }
    return all;
}

void OtherStrip::remake(backlight::Backlight& made) const {
    made.strips[std::size_t(index)].led.ratedVolts *= factor;
}

text::Text OtherStrip::title(const backlight::Backlight& set, const text::Text& kind) const {
    return text::say("{}: {}", kind, set.strips[std::size_t(index)].label);
}

std::optional<OtherStrip::Sign> OtherStrip::inChannel(const Wiring& wiring, int channel, bool) const {
    int leds = 0;
    for (const auto& run : wiring.runsOnStrip[std::size_t(index)]) {
        leds += run.string.channel == channel ? run.count() : 0;
    }
    return leds == 0 ? std::nullopt : std::optional(Sign{index, factor, leds});
}

std::optional<OtherStrip::Sign> OtherStrip::onBench(const Wiring& wiring, const Bench& bench) const {
    int leds = 0;
    for (const auto& run : wiring.runsOnStrip[std::size_t(index)]) {
        if (run.string == bench.probe.run.string) {
            const int overlap =
                std::min(run.last, bench.lastReached(run.last)) - std::max(run.first, bench.probe.run.first) + 1;
            leds += std::max(0, overlap);
        }
    }
    return leds == 0 ? std::nullopt : std::optional(Sign{index, factor, leds});
}

}  // namespace dimglow::faults
