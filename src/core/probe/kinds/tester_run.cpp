#include "core/probe/kinds/tester_run.h"

#include <algorithm>

#include "core/probe/kinds/alike.h"
#include "core/probe/strip_access.h"

namespace dimglow::probe {

using text::say;

std::vector<TesterRun> TesterRun::askable(Desk& desk) {
    std::vector<TesterRun> askable;
    for (const auto* test : desk.tests(knowledge::Form::Tester)) {
        for (const auto& run : desk.runs()) {
            askable.push_back({test, run, desk.job().bench.tester});
        }
        for (const auto& run : desk.untested()) {
            if (std::find(desk.runs().begin(), desk.runs().end(), run) == desk.runs().end()) {
                askable.push_back({test, run, desk.job().bench.tester});
            }
        }
    }
    return askable;
}

evidence::Question TesterRun::question() const {
    return asked();
}

evidence::TesterTaken::Question TesterRun::asked() const {
    return {run, setting, {}, {}};
}

Probe TesterRun::probe(const Desk& desk) const {
    Probe probe = probeOfRun(desk, *test, asked());
    const auto name = nameOf(desk.backlight(), run);
    const bool isWhole = run == backlight::wholeString(desk.backlight(), run.string);
    probe.title = isWhole ? say("Tester at the plug, {}", name) : say("Tester on {}", name);
    return probe;
}

/// A strip's minute on the tester comes first while the panel is open.
Predicted TesterRun::predict(Desk& desk) const {
    auto predicted = predictTester(desk, asked());
    predicted.isAwaited = desk.isUntested(run);
    return predicted;
}

Probe probeOfRun(const Desk& desk, const knowledge::TestKind& test, const evidence::TesterTaken::Question& question) {
    const auto& run = question.run;
    Probe probe = desk.start(test, question);
    const bool isAtThePlug = question.bridged.empty() && run == backlight::wholeString(desk.backlight(), run.string);
    if (isAtThePlug && probe.opens == Reach::Panel) {
        probe.opens = Reach::Outside;
        probe.minutes = test.minutes;
        desk.open(probe, Reach::Boards);
    }
    probe.minutes += accessMinutes(desk, run);
    probe.how = say("Tester {:.0f} mA, limit {:.0f} V; plus on {}, minus after {}.", 1000 * question.setting.amps,
                    question.setting.limitVolts, ledName(desk, run, run.first), ledName(desk, run, run.last));
    return probe;
}

Predicted predictTester(Desk& desk, const evidence::TesterTaken::Question& question) {
    const auto probe = question.probe();
    return predictEach(desk, [&](const reasoning::Hypothesis& hypothesis) {
        const auto forecast = reasoning::Explained(desk.model(), hypothesis).strings().tester(probe);
        return Mode{1, driver::Shape::Steady, forecast.volts, forecast.sigma, forecast.lit};
    });
}

}  // namespace dimglow::probe
