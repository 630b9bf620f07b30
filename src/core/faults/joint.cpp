#include "core/faults/joint.h"

namespace dimglow::faults {

std::vector<Joint> Joint::candidates(const backlight::Backlight& set) {
    std::vector<Joint> all;
    for (const auto& ref : backlight::stringsOf(set)) {
        int before = 0;
        for (const auto& part : backlight::partsOf(set, ref)) {
            all.push_back({ref, before, backlight::openOhms});
            for (const double ohms : backlight::badJointOhms) {
                all.push_back({ref, before, ohms});
            }
            before += part.count();
        }
    }
    return all;
}

void Joint::addTo(backlight::Faults& wrong) const {
    wrong.joints.push_back({string, before, ohms});
}

text::Text Joint::title(const backlight::Backlight& set, const text::Text& kind) const {
    const auto& after = set.strips[std::size_t(strip(set))].label;
    if (before == 0) {
        return text::say("{}: harness of strip {}", kind, after);
    }
    const auto& ahead = set.strips[std::size_t(stripAt(set, string, before - 1))].label;
    return text::say("{} between {} and {}", kind, ahead, after);
}

std::optional<Joint::Sign> Joint::inChannel(const Wiring&, int channel, bool placesMatter) const {
    if (string.channel != channel) {
        return std::nullopt;
    }
    return Sign{string.string, placesMatter ? before : -1, ohms};
}

std::optional<Joint::Sign> Joint::onBench(const Wiring& wiring, const Bench& bench) const {
    const auto& run = bench.probe.run;
    if (string != run.string) {
        return std::nullopt;
    }
    const int last = bench.lastReached(backlight::wholeString(wiring.set, string).last);
    const bool within = before > run.first && before <= last;
    if (!within && !(bench.atThePlug && before == 0)) {
        return std::nullopt;
    }
    return Sign{0, bench.placesMatter ? before : -1, ohms};
}

}  // namespace dimglow::faults
