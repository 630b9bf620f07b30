#include "core/probe/kinds/volts.h"

#include "core/driver/quantities.h"
#include "core/probe/kinds/alike.h"

namespace dimglow::probe {

std::vector<Volts> Volts::askable(Desk& desk) {
    std::vector<Volts> askable;
    for (const auto* test : desk.tests(knowledge::Form::Volts)) {
        for (const auto& asked : evidence::placesOf(*test, desk.backlight())) {
            askable.push_back({test, asked});
        }
    }
    return askable;
}

evidence::Question Volts::question() const {
    return asked;
}

Probe Volts::probe(const Desk& desk) const {
    Probe probe = desk.start(*test, question());
    probe.title = evidence::titleOfVolts(asked, desk.scene());
    return probe;
}

Predicted Volts::predict(Desk& desk) const {
    constexpr double nearNothing = 1;  ///< V: it has no shape that anyone would write down
    return predictEach(desk, [&](const reasoning::Hypothesis& hypothesis) {
        const auto& kinds = *desk.model().forecast(hypothesis.forecast).of(test->id, {asked.channel, asked.feed});
        std::vector<Mode> modes;
        for (const auto& mode :
             driver::inVolts(kinds, reasoning::learntUnder(desk.model(), desk.belief(), hypothesis.forecast).known())) {
            const auto shape = mode.volts < nearNothing ? driver::Shape::Steady : mode.shape;
            modes.push_back({mode.weight, shape, mode.volts, mode.voltsSigma, -1});
        }
        return modes;
    });
}

}  // namespace dimglow::probe
