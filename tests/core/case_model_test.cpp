// Circuits that are shared between explanations, held against solving each one anew.

#include "core/reasoning/case_model.h"

#include <gtest/gtest.h>

#include "tests/support/random_set.h"

namespace dimglow::reasoning {
namespace {

class SharedCircuits : public testing::TestWithParam<unsigned> {
protected:
    locate::CellPartition partition(const backlight::Backlight& panel) {
        locate::CellPartition cells(panel);
        for (int i = draw_.whole(0, 4); i > 0; --i) {
            if (draw_.oneIn(2)) {
                cells.isolate(draw_.place(panel));
            } else {
                cells.split(draw_.probe(panel).run);
            }
        }
        return cells;
    }

    Hypothesis hypothesis(const CaseModel& model) {
        Hypothesis h;
        const int kind = draw_.whole(0, 5);
        if (kind == 0) {
            h.joint = draw_.whole(0, int(model.joints().size()) - 1);
        } else if (kind == 1) {
            h.otherStrip = draw_.whole(0, int(model.otherStrips().size()) - 1);
        } else if (kind == 2) {
            h.leak = draw_.whole(0, int(model.leaks().size()) - 1);
        } else {
            addFaults(model, h);
        }
        return h;
    }

    void addFaults(const CaseModel& model, Hypothesis& h) {
        const auto& cells = model.partition().cells();
        int total = 0;
        std::vector<int> used(cells.size(), 0);
        for (int tries = draw_.whole(1, 3); tries > 0; --tries) {
            const int cell = draw_.whole(0, int(cells.size()) - 1);
            const auto fault = LedFault(draw_.whole(0, backlight::ledFaultKinds - 1));
            const int count = draw_.whole(1, 2);
            const bool fits = used[cell] + count <= int(cells[cell].positions.size()) && total + count <= maxFaults;
            const bool again = std::any_of(h.faults.begin(), h.faults.begin() + h.faultCount,
                                           [&](const CellFault& f) { return f.cell == cell && f.fault == fault; });
            if (fits && !again && model.canHave(cells[cell], fault)) {
                h.faults[h.faultCount++] = {cell, fault, count};
                used[cell] += count;
                total += count;
            }
        }
        std::sort(h.faults.begin(), h.faults.begin() + h.faultCount);
    }

    using LedFault = backlight::LedFault;
    test::RandomSet draw_{GetParam()};
    const Knowledge& trade_ = knowledge::builtInKnowledge();
};

TEST_P(SharedCircuits, AnswerATesterAsASolveOfTheirOwnDoes) {
    const auto panel = draw_.backlight();
    CaseModel model(panel, trade_, partition(panel));
    std::vector<backlight::TesterProbe> probes;
    for (int i = 0; i < 8; ++i) {
        probes.push_back(draw_.probe(panel));
        model.split(probes.back().run);
    }
    for (int i = 0; i < 250; ++i) {
        const auto& probe = probes[std::size_t(draw_.whole(0, 7))];
        const auto h = hypothesis(model);
        const auto shared = model.tester(probe, h);
        const auto fresh = backlight::testRun(model.withOtherStrip(h), probe, model.placed(h));
        EXPECT_NEAR(shared.volts, fresh.volts, 1e-6 + 1e-6 * fresh.volts) << i;
        EXPECT_EQ(shared.lit, fresh.lit) << i;
    }
}

TEST_P(SharedCircuits, AnswerADriverAsASolveOfTheirOwnDoes) {
    const auto panel = draw_.backlight();
    CaseModel model(panel, trade_, partition(panel));
    for (int i = 0; i < 150; ++i) {
        const auto h = hypothesis(model);
        for (int channel = 0; channel < int(panel.channels.size()); ++channel) {
            const auto& shared = model.demand(channel, h);
            const auto fresh = backlight::demandOf(model.withOtherStrip(h), channel, model.placed(h));
            EXPECT_NEAR(shared.volts, fresh.volts, 1e-6 + 1e-6 * fresh.volts) << i;
            EXPECT_EQ(shared.conducts, fresh.conducts) << i;
            EXPECT_EQ(shared.lights, fresh.lights) << i;
        }
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, SharedCircuits, testing::Range(1u, 31u));

}  // namespace
}  // namespace dimglow::reasoning
