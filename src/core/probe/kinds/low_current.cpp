#include "core/probe/kinds/low_current.h"

#include <cmath>

#include "core/probe/kinds/tester_run.h"

namespace dimglow::probe {

std::vector<LowCurrent> LowCurrent::askable(Desk& desk) {
    constexpr double leastShare = 0.02;
    double suspected = 0;
    for (std::size_t h = 0; h < desk.explanations().size(); ++h) {
        const bool counts = faults::isOfUnknownSize(desk.explanations().all()[h].faults);
        suspected += counts ? desk.explanations().shares()[h] : 0;
    }
    const auto& usual = desk.job().bench.tester;
    const backlight::TesterSetting low{std::ceil(1000 * usual.amps / 3) / 1000, usual.limitVolts};
    std::vector<LowCurrent> askable;
    for (const auto* test : desk.tests(knowledge::Form::Tester)) {
        for (const auto& entry : desk.standing()) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            const bool isLit = taken != nullptr && taken->volts && taken->lit.value_or(1) > 0;
            if (suspected > leastShare && isLit && taken->setting == usual && taken->bridged.empty() &&
                taken->minus == backlight::TesterProbe::Minus::EndOfRun && low.amps < usual.amps) {
                askable.push_back({test, {taken->run, low, {}, {}}});
            }
        }
    }
    return askable;
}

evidence::Question LowCurrent::question() const {
    return asked;
}

Probe LowCurrent::probe(const Desk& desk) const {
    Probe probe = probeOfRun(desk, *test, asked);
    probe.title = text::say("Tester at {:.0f} mA, {}", 1000 * asked.setting.amps, nameOf(desk.backlight(), asked.run));
    return probe;
}

Predicted LowCurrent::predict(Desk& desk) const {
    return predictTester(desk, asked);
}

}  // namespace dimglow::probe
