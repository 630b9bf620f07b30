// Circuits that are shared between explanations, held against solving each one anew.

#include "core/reasoning/case_model.h"

#include <gtest/gtest.h>

#include "core/backlight/plain.h"
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
        const int kind = draw_.whole(0, 7);
        const auto others = {knowledge::StringFault::Plug, knowledge::StringFault::Joint,
                             knowledge::StringFault::OtherType, knowledge::StringFault::Chassis};
        if (kind >= 3) {
            addFaults(model, h);
        }
        if (kind < 3 || kind > 6) {
            const auto all =
                faults::candidatesFor(others.begin()[draw_.whole(0, int(others.size()) - 1)], model.backlight());
            h.faults.push_back(all[std::size_t(draw_.whole(0, int(all.size()) - 1))]);
        }
        std::sort(h.faults.begin(), h.faults.end());
        return h;
    }

    void addFaults(const CaseModel& model, Hypothesis& h) {
        const auto& cells = model.partition().cells();
        std::vector<int> used(cells.size(), 0);
        for (int tries = draw_.whole(1, 6); tries > 0; --tries) {
            const int cell = draw_.whole(0, int(cells.size()) - 1);
            const auto fault = LedFault(draw_.whole(0, backlight::ledFaultKinds - 1));
            const int count = draw_.whole(1, 3);
            const bool fits = used[cell] + count <= int(cells[cell].positions.size());
            const bool again = std::any_of(h.faults.begin(), h.faults.end(), [&](const faults::Fault& other) {
                const auto* leds = faults::asLeds(other);
                return leds->cell == cell && leds->fault == fault;
            });
            if (fits && !again && model.canHave(cells[cell], fault)) {
                h.faults.emplace_back(faults::FaultyLeds{cell, fault, count});
                used[cell] += count;
            }
        }
    }

    using LedFault = backlight::LedFault;
    test::RandomSet draw_{GetParam()};
    const Knowledge& trade_ = knowledge::builtInKnowledge();
};

TEST_P(SharedCircuits, AnswerATesterAsASolveOfTheirOwnDoes) {
    const auto panel = draw_.backlight();
    CaseModel model(test::displayOf(panel), trade_, partition(panel));
    std::vector<backlight::TesterProbe> probes;
    for (int i = 0; i < 8; ++i) {
        probes.push_back(draw_.probe(panel));
        model.split(probes.back().run);
    }
    for (int i = 0; i < 250; ++i) {
        const auto& probe = probes[std::size_t(draw_.whole(0, 7))];
        const auto h = hypothesis(model);
        const auto shared = model.tester(probe, h);
        const auto fresh = backlight::testRun(model.madeOf(h), probe, model.placed(h));
        EXPECT_NEAR(shared.volts, fresh.volts, 1e-6 + 1e-6 * fresh.volts) << i;
        EXPECT_EQ(shared.lit, fresh.lit) << i;
        if (i % 10 == 0) {
            CaseModel alone(test::displayOf(panel), trade_, model.partition());
            EXPECT_NEAR(shared.sigma, alone.tester(probe, h).sigma, 1e-6) << "whoever has asked before " << i;
        }
    }
}

TEST_P(SharedCircuits, AnswerADriverAsASolveOfTheirOwnDoes) {
    const auto panel = draw_.backlight();
    CaseModel model(test::displayOf(panel), trade_, partition(panel));
    for (int i = 0; i < 150; ++i) {
        const auto h = hypothesis(model);
        for (int channel = 0; channel < int(panel.channels.size()); ++channel) {
            const auto& shared = model.demand(channel, h);
            const auto fresh = backlight::demandOf(model.madeOf(h), channel, model.placed(h));
            EXPECT_NEAR(shared.volts, fresh.volts, 1e-6 + 1e-6 * fresh.volts) << i;
            EXPECT_EQ(shared.conducts, fresh.conducts) << i;
            EXPECT_EQ(shared.lights, fresh.lights) << i;
        }
    }
}

// LEDs between the idle rail and the chassis burn (common practice, no source).
TEST(CaseModel, TouchLastsWhereTheLedsBeforeItHoldTheIdleRail) {
    job::Job job;
    job.set.backlight =
        backlight::plainBacklight(std::get<backlight::PlainDescription>(backlight::readLine("1 strip × 20, 3 V")));
    job.set.backlight.driver.idleVolts = 30;
    const CaseModel model(job.set, knowledge::builtInKnowledge(), locate::CellPartition(job.set.backlight), {});
    const auto lasts = [&](int before) { return model.lasts(faults::Leak{{0, 0}, before}); };
    EXPECT_LT(lasts(0), 0.1);
    EXPECT_LT(lasts(5), 0.1) << "15 V of LEDs";
    EXPECT_NEAR(lasts(10), 0.5, 0.15) << "30 V of LEDs";
    EXPECT_GT(lasts(15), 0.95) << "45 V of LEDs";
    EXPECT_EQ(model.lasts(faults::Joint{{0, 0}, 3}), 1);
    job.set.backlight.driver.idleVolts.reset();
    const CaseModel unread(job.set, knowledge::builtInKnowledge(), locate::CellPartition(job.set.backlight), {});
    EXPECT_GT(unread.lasts(faults::Leak{{0, 0}, 5}), 0.15) << "it may idle at 12 V";
}

TEST(CaseModel, HoldsATouchToTheLedsOfItsOwnFeed) {
    job::Job job;
    job.set.backlight = backlight::plainBacklight(std::get<backlight::PlainDescription>(
        backlight::readLine("2 strips × 10, each its own string, labels 60 and 30 V")));
    job.set.backlight.driver.idleVolts = 24;
    const CaseModel model(job.set, knowledge::builtInKnowledge(), locate::CellPartition(job.set.backlight), {});
    const auto lasts = [&](int channel) { return model.lasts(faults::Leak{{channel, 0}, 5}); };
    EXPECT_GT(lasts(0), 0.8) << "30 V of LEDs";
    EXPECT_LT(lasts(1), 0.1) << "15 V of LEDs";
}

TEST(CaseModel, TellsRunsToTheChassisApartWhenBeliefIsAskedAgain) {
    backlight::PlainDescription plain;
    plain.strips = plain.stripsPerString = 3;
    plain.ledsPerStrip = 8;
    const auto panel = backlight::plainBacklight(plain);
    const auto& trade = knowledge::builtInKnowledge();
    CaseModel model(test::displayOf(panel), trade, locate::CellPartition(panel));
    Hypothesis leak;
    leak.faults.emplace_back(faults::Leak{{0, 0}, 12});
    for (int strip = 0; strip < 3; ++strip) {
        model.setTesterReadings({});
        const backlight::TesterProbe probe{
            backlight::wholeStrip(panel, strip), {0.03, 300}, backlight::TesterProbe::Minus::Chassis};
        const auto fresh = backlight::testRun(panel, probe, model.placed(leak));
        EXPECT_NEAR(model.tester(probe, leak).volts, fresh.volts, 1e-4) << strip;
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, SharedCircuits, testing::Range(1u, 31u));

}  // namespace
}  // namespace dimglow::reasoning
