#include "core/probe/kinds/light.h"

#include <array>

#include "core/probe/kinds/alike.h"

namespace dimglow::probe {

std::vector<Light> Light::askable(Desk& desk) {
    std::vector<Light> askable;
    for (const auto* test : desk.tests(knowledge::Form::Light)) {
        askable.push_back({test});
    }
    return askable;
}

evidence::Question Light::question() const {
    return evidence::LightSeen::Question{};
}

Probe Light::probe(const Desk& desk) const {
    return desk.start(*test, question());
}

Predicted Light::predict(Desk& desk) const {
    static const text::Text never = text::say("no light");
    static const text::Text flash = text::say("flash, then dark");
    static const text::Text stays = text::say("stays lit");
    return predictEach(desk, [&](const reasoning::Hypothesis& hypothesis) {
        const auto& light = desk.model().forecast(hypothesis.forecast).light;
        return std::array<Mode, 3>{{{light.never, {}, 0, 1, -1, &never},
                                    {light.flashThenDark, {}, 0, 1, -1, &flash},
                                    {light.staysLit, {}, 0, 1, -1, &stays}}};
    });
}

}  // namespace dimglow::probe
