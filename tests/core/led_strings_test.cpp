// Circuits that are shared between explanations, held against solving each one anew.

#include "core/reasoning/model.h"

#include <gtest/gtest.h>

#include <functional>
#include <map>

#include "core/backlight/plain.h"
#include "tests/support/random_set.h"

namespace dimglow::strings {
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

    FaultList faults(const LedStrings& strings) {
        FaultList list;
        const int kind = draw_.whole(0, 7);
        const auto others = {knowledge::StringFault::Plug, knowledge::StringFault::Joint,
                             knowledge::StringFault::OtherType, knowledge::StringFault::Chassis};
        if (kind >= 3) {
            addLeds(strings, list);
        }
        if (kind < 3 || kind > 6) {
            const auto all =
                faults::candidatesFor(others.begin()[draw_.whole(0, int(others.size()) - 1)], strings.backlight());
            list.push_back(all[std::size_t(draw_.whole(0, int(all.size()) - 1))]);
        }
        std::sort(list.begin(), list.end());
        return list;
    }

    void addLeds(const LedStrings& strings, FaultList& list) {
        std::vector<int> used(std::size_t(strings.siteCount()), 0);
        for (int tries = draw_.whole(1, 6); tries > 0; --tries) {
            const faults::SiteIndex site(draw_.whole(0, strings.siteCount() - 1));
            const faults::UnitFaultIndex kind(draw_.whole(0, backlight::ledFaultKinds - 1));
            const int count = draw_.whole(1, 3);
            const bool fits = used[std::size_t(site)] + count <= strings.unitsAt(site);
            const bool again = std::any_of(list.begin(), list.end(), [&](const faults::Fault& other) {
                const auto* units = faults::asUnits(other);
                return units->site == site && units->kind == kind;
            });
            if (fits && !again && strings.canHave(site, kind)) {
                list.emplace_back(faults::FaultyUnits{site, kind, count});
                used[std::size_t(site)] += count;
            }
        }
    }

    test::RandomSet draw_{GetParam()};
    const knowledge::Knowledge& trade_ = knowledge::builtInKnowledge();
};

TEST_P(SharedCircuits, AnswerATesterAsASolveOfTheirOwnDoes) {
    const auto panel = draw_.backlight();
    reasoning::Model model(test::displayOf(panel), trade_, {}, partition(panel));
    auto& strings = model.strings();
    std::vector<backlight::TesterProbe> probes;
    for (int i = 0; i < 8; ++i) {
        probes.push_back(draw_.probe(panel));
        strings.split(probes.back().run);
    }
    for (int i = 0; i < 250; ++i) {
        const auto& probe = probes[std::size_t(draw_.whole(0, 7))];
        const auto h = faults(strings);
        const auto shared = strings.tester(probe, h);
        const auto fresh = backlight::testRun(strings.madeOf(h), probe, strings.placed(h));
        EXPECT_NEAR(shared.volts, fresh.volts, 1e-6 + 1e-6 * fresh.volts) << i;
        EXPECT_EQ(shared.lit, fresh.lit) << i;
        if (i % 10 == 0) {
            reasoning::Model alone(test::displayOf(panel), trade_, {}, strings.partition());
            EXPECT_NEAR(shared.sigma, alone.strings().tester(probe, h).sigma, 1e-6) << "whoever has asked before " << i;
        }
    }
}

TEST_P(SharedCircuits, AnswerADriverAsASolveOfTheirOwnDoes) {
    const auto panel = draw_.backlight();
    reasoning::Model model(test::displayOf(panel), trade_, {}, partition(panel));
    auto& strings = model.strings();
    for (int i = 0; i < 150; ++i) {
        const auto h = faults(strings);
        for (int channel = 0; channel < int(panel.channels.size()); ++channel) {
            const auto& shared = strings.demand(channel, h);
            const auto fresh = backlight::demandOf(strings.madeOf(h), channel, strings.placed(h));
            EXPECT_NEAR(shared.volts, fresh.volts, 1e-6 + 1e-6 * fresh.volts) << i;
            EXPECT_EQ(shared.conducts, fresh.conducts) << i;
            EXPECT_EQ(shared.lights, fresh.lights) << i;
        }
    }
}

// LEDs between the idle rail and the chassis burn (common practice, no source).
TEST(LedStrings, TouchLastsWhereTheLedsBeforeItHoldTheIdleRail) {
    job::Job job;
    job.set.backlight =
        backlight::plainBacklight(std::get<backlight::PlainDescription>(backlight::readLine("1 strip × 20, 3 V")));
    job.set.backlight.driver.idleVolts = 30;
    const reasoning::Model model(job.set, knowledge::builtInKnowledge(), {});
    const auto lasts = [&](int before) { return model.strings().lasts(faults::Leak{{0, 0}, before}); };
    EXPECT_LT(lasts(0), 0.1);
    EXPECT_LT(lasts(5), 0.1) << "15 V of LEDs";
    EXPECT_NEAR(lasts(10), 0.5, 0.15) << "30 V of LEDs";
    EXPECT_GT(lasts(15), 0.95) << "45 V of LEDs";
    EXPECT_EQ(model.strings().lasts(faults::Joint{{0, 0}, 3}), 1);
    job.set.backlight.driver.idleVolts.reset();
    const reasoning::Model unread(job.set, knowledge::builtInKnowledge(), {});
    EXPECT_GT(unread.strings().lasts(faults::Leak{{0, 0}, 5}), 0.15) << "it may idle at 12 V";
}

TEST(LedStrings, HoldsATouchToTheLedsOfItsOwnFeed) {
    job::Job job;
    job.set.backlight = backlight::plainBacklight(std::get<backlight::PlainDescription>(
        backlight::readLine("2 strips × 10, each its own string, labels 60 and 30 V")));
    job.set.backlight.driver.idleVolts = 24;
    const reasoning::Model model(job.set, knowledge::builtInKnowledge(), {});
    const auto lasts = [&](int channel) { return model.strings().lasts(faults::Leak{{channel, 0}, 5}); };
    EXPECT_GT(lasts(0), 0.8) << "30 V of LEDs";
    EXPECT_LT(lasts(1), 0.1) << "15 V of LEDs";
}

TEST(LedStrings, TellRunsToTheChassisApart) {
    backlight::PlainDescription plain;
    plain.strips = plain.stripsPerString = 3;
    plain.ledsPerStrip = 8;
    const auto panel = backlight::plainBacklight(plain);
    reasoning::Model model(test::displayOf(panel), knowledge::builtInKnowledge(), {});
    const FaultList leak = {faults::Leak{{0, 0}, 12}};
    for (int strip = 0; strip < 3; ++strip) {
        const backlight::TesterProbe probe{
            backlight::wholeStrip(panel, strip), {0.03, 300}, backlight::TesterProbe::Minus::Chassis};
        const auto fresh = backlight::testRun(panel, probe, model.strings().placed(leak));
        EXPECT_NEAR(model.strings().tester(probe, leak).volts, fresh.volts, 1e-4) << strip;
    }
}

// Strips of one set are of one batch; one of those read may have a fault of its own.
TEST(LedStrings, ExpectOfARunWhatTheMedianOfTheOthersShows) {
    backlight::PlainDescription plain;
    plain.strips = plain.stripsPerString = 4;
    plain.ledsPerStrip = 10;
    const auto panel = backlight::plainBacklight(plain);
    const backlight::TesterSetting setting{0.03, 300};
    const auto expectedOff = [&](const std::vector<double>& off) {
        std::vector<job::Entry> standing;
        for (std::size_t strip = 0; strip < off.size(); ++strip) {
            const auto run = backlight::wholeStrip(panel, int(strip));
            const double volts = backlight::testRun(panel, {run, setting}, {}).volts * (1 + off[strip]);
            standing.push_back(
                {int(strip) + 1, "", job::Phase::Before, evidence::TesterTaken{run, setting, volts, run.count()}});
        }
        reasoning::Model model(test::displayOf(panel), knowledge::builtInKnowledge(), standing);
        const backlight::TesterProbe last{backlight::wholeStrip(panel, 3), setting};
        return model.strings().tester(last, {}).volts / backlight::testRun(panel, last, {}).volts - 1;
    };
    EXPECT_NEAR(expectedOff({}), 0, 1e-9);
    const double alike = expectedOff({0.03, 0.03, 0.03});
    EXPECT_GT(alike, 0.015);
    EXPECT_NEAR(expectedOff({0.03, 0.03, 0.09}), alike, 1e-9) << "one of three is high";
    EXPECT_NEAR(expectedOff({-0.03, 0.03, 0.03}), alike, 1e-9) << "one of three is low";
}

// Channels that are wired alike share what they need; any number of their wiring may be what tells them apart.
TEST(LedStrings, ChannelsThatDifferInOneNumberShareNoCircuit) {
    backlight::PlainDescription plain;
    plain.strips = 2;
    plain.stripsPerString = 1;
    plain.ledsPerStrip = 6;
    const auto alike = backlight::plainBacklight(plain);
    ASSERT_EQ(alike.channels.size(), 2u);
    const auto changes = std::map<std::string, std::function<void(backlight::Backlight&)>>{
        {"LED- ohms",
         [](auto& set) {
             using Role = backlight::HarnessPin::Role;
             set.harness = {{Role::LedPlus, 0, "", 0.1}, {Role::LedMinus, 0, "", 0.1}, {Role::LedMinus, 1, "", 9}};
         }},
        {"current", [](auto& set) { set.channels[1].amps = 2 * set.channels[0].someAmps(); }},
        {"LEDs", [](auto& set) { set.strips[1].led.ratedVolts += 0.3; }}};
    for (const auto& [what, change] : changes) {
        auto panel = alike;
        change(panel);
        reasoning::Model model(test::displayOf(panel), knowledge::builtInKnowledge(), {});
        for (const int channel : {0, 1}) {
            EXPECT_NEAR(model.strings().demand(channel, {}).volts, backlight::demandOf(panel, channel, {}).volts, 1e-6)
                << what;
        }
        EXPECT_GT(std::abs(model.strings().demand(0, {}).volts - model.strings().demand(1, {}).volts), 0.01) << what;
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, SharedCircuits, testing::Range(1u, 31u));

}  // namespace
}  // namespace dimglow::strings
