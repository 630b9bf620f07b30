#include "core/probe/kinds/jumpered.h"

#include "core/probe/kinds/tester_run.h"
#include "core/probe/runs.h"
#include "core/probe/strip_access.h"

namespace dimglow::probe {

using backlight::LedFault;

namespace {

constexpr double leastShareToBridge = 0.1;
/// To hold a jumper across an LED while the tester is read; the LED itself, which it does not light, needs another
/// minute if it was a good one (common practice, no source).
constexpr double jumperMinutes = 0.25;

}  // namespace

std::vector<Jumpered> Jumpered::askable(Desk& desk) {
    const auto& partition = desk.model().strings().partition();
    const auto& cells = partition.cells();
    const auto open = reasoning::siteSharesOf(desk.model(), desk.explanations().all(), desk.explanations().shares(),
                                              [](int kind) { return LedFault(kind) == LedFault::Open; });
    std::vector<Jumpered> askable;
    const auto add = [&](const knowledge::TestKind* tester, const backlight::Run& part,
                         const std::vector<backlight::LedPlace>& bridged) {
        askable.push_back({tester, {part, desk.job().bench.tester, {}, bridged}});
    };
    const auto addOn = [&](const knowledge::TestKind* tester, const backlight::Run& part) {
        std::vector<backlight::LedPlace> known;
        std::vector<backlight::LedPlace> doubtful;
        for (std::size_t c = 0; c < cells.size(); ++c) {
            if (cells[c].positions.size() == 1 && locate::inside(cells[c], part) && open[c] > leastShareToBridge) {
                (open[c] > knownOpenShare ? known : doubtful)
                    .push_back(partition.placeOf(cells[c], cells[c].positions.front()));
            }
        }
        if (!known.empty()) {
            add(tester, part, known);
        }
        for (const auto& place : doubtful) {
            auto bridged = known;
            bridged.push_back(place);
            add(tester, part, bridged);
        }
    };
    for (const auto* tester : desk.tests(knowledge::Form::Tester)) {
        for (const auto& ref : backlight::stringsOf(desk.backlight())) {
            for (const auto& part : backlight::partsOf(desk.backlight(), ref)) {
                addOn(tester, part);
            }
        }
    }
    return askable;
}

evidence::Question Jumpered::question() const {
    return asked;
}

Probe Jumpered::probe(const Desk& desk) const {
    Probe probe = probeOfRun(desk, *test, asked);
    probe.title = text::say("Bridge {}, tester on {}", evidence::namesOf(desk.backlight(), asked.bridged),
                            nameOf(desk.backlight(), asked.run));
    for (const auto& place : asked.bridged) {
        probe.minutes += 2 * padMinutes(desk, place.strip) + jumperMinutes;
    }
    return probe;
}

Predicted Jumpered::predict(Desk& desk) const {
    return predictTester(desk, asked);
}

}  // namespace dimglow::probe
