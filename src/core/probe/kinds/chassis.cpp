#include "core/probe/kinds/chassis.h"

#include "core/probe/kinds/tester_run.h"

namespace dimglow::probe {

std::vector<Chassis> Chassis::askable(Desk& desk) {
    std::vector<Chassis> askable;
    for (const auto* test : desk.tests(knowledge::Form::Chassis)) {
        for (const auto& ref : backlight::stringsOf(desk.backlight())) {
            askable.push_back({test,
                               {backlight::wholeString(desk.backlight(), ref),
                                desk.job().bench.tester,
                                backlight::TesterProbe::Minus::Chassis,
                                {}}});
        }
    }
    return askable;
}

evidence::Question Chassis::question() const {
    return asked;
}

Probe Chassis::probe(const Desk& desk) const {
    Probe probe = desk.start(*test, asked);
    probe.title = text::say("Tester to the chassis, {}", nameOf(desk.backlight(), asked.run));
    return probe;
}

Predicted Chassis::predict(Desk& desk) const {
    return predictTester(desk, asked);
}

}  // namespace dimglow::probe
