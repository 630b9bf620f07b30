#include "core/probe/kinds/lamp_looks.h"

#include <array>

#include "core/lamps/looks.h"
#include "core/probe/kinds/alike.h"

namespace dimglow::probe {

std::vector<LampLooks> LampLooks::askable(Desk& desk) {
    constexpr int fewest = 3;  // of two, one is a half
    std::vector<LampLooks> askable;
    for (const auto* test : desk.tests(knowledge::Form::Lamps)) {
        if (desk.job().set.lamps.count >= fewest && desk.suitsLight(*test)) {
            askable.push_back({test});
        }
    }
    return askable;
}

evidence::Question LampLooks::question() const {
    return evidence::LampsSeen::Question{};
}

Probe LampLooks::probe(const Desk& desk) const {
    return desk.start(*test, question());
}

Predicted LampLooks::predict(Desk& desk) const {
    static const std::array<text::Text, lamps::glanceCount> words = {
        text::say("all alike"), text::say("one flickers"), text::say("one is dim or reddish"), text::say("one is dark"),
        text::say("a half is dark")};
    const int count = desk.job().set.lamps.count;
    return predictEach(desk, [&](const reasoning::Hypothesis& hypothesis) {
        const reasoning::Explained explained(desk.model(), hypothesis);
        const auto shares = lamps::glances(*explained.lampTrouble(count), count);
        std::array<Mode, lamps::glanceCount> modes;
        for (std::size_t glance = 0; glance < modes.size(); ++glance) {
            modes[glance] = {shares[glance], {}, 0, 1, -1, &words[glance]};
        }
        return modes;
    });
}

}  // namespace dimglow::probe
