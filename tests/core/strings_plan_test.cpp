// Planning a tester, explaining its reading, lighting a panel from the bench.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/plain.h"
#include "core/locate/tester_plan.h"
#include "core/panelcheck/panel_check.h"

namespace dimglow {
namespace {

using backlight::TesterSetting;
using testing::HasSubstr;
using testing::IsEmpty;

class TesterOnAStrip : public testing::Test {
protected:
    locate::Explanation best(double volts, int lit) const {
        return locate::explain(panel_, strip_, tester_, {volts, lit, {}}).front();
    }
    static double led(double amps) { return backlight::ledCurve({}).volts(amps); }

    backlight::Backlight panel_ = backlight::plainBacklight({});
    backlight::Run strip_ = backlight::wholeStrip(panel_, 1);
    TesterSetting tester_{0.03, 300};
};

TEST_F(TesterOnAStrip, PlanTellsVoltsReachAndLimit) {
    const auto plan = locate::planTester(panel_, strip_, tester_);
    EXPECT_NEAR(plan.volts, 12 * led(0.03), 0.01);
    EXPECT_NEAR(plan.workingVolts, 12 * led(0.24), 0.01);
    EXPECT_LT(plan.kneeVolts, plan.volts);
    EXPECT_TRUE(plan.reaches);
    EXPECT_EQ(plan.ledsWithinReach, 12);
}

TEST_F(TesterOnAStrip, PlanOfAWeakTesterSaysHowManyLedsItCanLight) {
    const auto plan = locate::planTester(panel_, strip_, {0.03, 20});
    EXPECT_FALSE(plan.reaches);
    EXPECT_EQ(plan.ledsWithinReach, int(20 / led(0.03)));
    EXPECT_THAT(plan.advice, HasSubstr("LEDs at a time"));
}

TEST_F(TesterOnAStrip, SeriesResistorKeepsASingleLedSafe) {
    const auto plan = locate::planTester(panel_, strip_, tester_);
    ASSERT_TRUE(plan.seriesOhms);
    EXPECT_LE((300 - led(0.01)) / *plan.seriesOhms, 0.01);
    EXPECT_NEAR(plan.seriesWatts, 300 * 300 / *plan.seriesOhms, 1e-9);
}

// Common practice, no source: k dark and the volts k forward voltages low, k shorted; dark and high, conducting dark.
TEST_F(TesterOnAStrip, ReadingsAreExplainedByTheFaultsThatFit) {
    EXPECT_EQ(best(12 * led(0.03), 12).words, "healthy");
    EXPECT_EQ(best(11 * led(0.03), 11).words, "1 shorted");
    EXPECT_EQ(best(9 * led(0.03), 9).words, "3 shorted");
    EXPECT_EQ(best(12 * led(0.03) + 1.6, 11).words, "1 dark but conducting");
    EXPECT_EQ(best(11 * led(0.03) + 1.5, 10).words, "1 shorted, 1 dark but conducting");
    EXPECT_THAT(best(12 * led(0.03) * 0.7, 12).words, HasSubstr("another type"));
}

// One strip far above its twins is of another type or has a resistive fault (common practice, no source).
TEST_F(TesterOnAStrip, VoltsFarAboveWithAllLitAreAnotherTypeOrAJoint) {
    const auto all = locate::explain(panel_, strip_, tester_, {12 * led(0.03) * 1.5, 12, {}});
    double shares[2] = {};
    for (const auto& explanation : all) {
        shares[0] += explanation.words.english().find("another type") != std::string::npos ? explanation.share : 0;
        shares[1] += explanation.words.english().find("joint") != std::string::npos ? explanation.share : 0;
    }
    EXPECT_GT(shares[0], 0.2);
    EXPECT_GT(shares[1], 0.2);
    EXPECT_GT(shares[0] + shares[1], 0.8);
}

TEST_F(TesterOnAStrip, NothingLitAtTheLimitIsOpenOrTheTesterItself) {
    const auto all = locate::explain(panel_, strip_, tester_, {300, 0, {}});
    EXPECT_EQ(all[0].words, "1 open");
    EXPECT_THAT(all[1].words, HasSubstr("plus and minus swapped"));
    EXPECT_TRUE(all[1].ofTheTester);
    double total = 0;
    for (const auto& e : all) {
        total += e.share;
    }
    EXPECT_NEAR(total, 1, 1e-9);
}

TEST_F(TesterOnAStrip, TesterThatCannotReachIsSuspectedFirst) {
    const auto all = locate::explain(panel_, strip_, {0.03, 20}, {20, 0, {}});
    EXPECT_THAT(all[0].words, HasSubstr("cannot reach"));
}

TEST_F(TesterOnAStrip, OutcomesAreKnownBeforeTheProbeIsPlaced) {
    const auto outcomes = locate::outcomesOf(panel_, strip_, tester_);
    EXPECT_EQ(outcomes.front().words, "healthy");
    EXPECT_NEAR(outcomes.front().volts, 12 * led(0.03), 0.01);
    EXPECT_THAT(outcomes[1].words, HasSubstr("1 open"));
    EXPECT_THAT(outcomes[1].words, HasSubstr("lead not in contact"));
}

TEST_F(TesterOnAStrip, DiesShortOnlyWhereThereAreSeveral) {
    backlight::PlainDescription plain;
    plain.led = {3, 9.3, 0.35};
    const auto panel = backlight::plainBacklight(plain);
    const double nine = backlight::ledCurve(plain.led).volts(0.03);
    const backlight::Run three{{0, 0}, 0, 2};
    const auto all = locate::explain(panel, three, tester_, {3 * nine - nine / 3, 3, {}});
    EXPECT_EQ(all.front().words, "1 with a die shorted");
}

class PanelCheck : public testing::Test {
protected:
    PanelCheck() {
        backlight::PlainDescription plain;
        plain.strips = 5;
        plain.ledsPerStrip = 12;
        plain.stripsPerString = 5;
        panel_ = backlight::plainBacklight(plain);
    }
    panelcheck::Plan plan() const {
        set::DisplaySet set;
        set.backlight = panel_;
        set.lamps = lamps_;
        return panelcheck::planOf(set, check_, supplies_);
    }

    backlight::Backlight panel_;  ///< one string of 60 LEDs, about 180 V
    lamps::Lamps lamps_;
    panelcheck::PanelCheck check_;
    std::vector<panelcheck::BenchSupply> supplies_ = {{"left", 120, 1, 300}, {"right", 120, 1, 300}};
};

TEST_F(PanelCheck, StacksTwoSuppliesForAHundredAndEightyVolts) {
    const auto plan = this->plan();
    EXPECT_EQ(plan.refusal, "");
    EXPECT_NEAR(plan.runningVolts, 60 * backlight::ledCurve({}).volts(0.24), 0.05);
    EXPECT_NEAR(plan.runningVolts, 180, 5);
    EXPECT_DOUBLE_EQ(plan.safeAmps, 0.2 * 0.24);
    ASSERT_EQ(plan.stack.size(), 2u);
    EXPECT_NEAR(plan.stack[0].volts + plan.stack[1].volts, plan.lightVolts, 1e-9);
    EXPECT_NEAR(plan.stack[1].topVolts, plan.lightVolts, 1e-9);
    EXPECT_THAT(plan.cautions.front(), HasSubstr("beyond ES2"));
}

TEST(BenchSupplies, AreReadFromTheirLine) {
    const auto read = panelcheck::readSupplies("2 × 120 V 1 A 300 V; 30,5 V 5 A");
    const auto& supplies = std::get<0>(read);
    ASSERT_EQ(supplies.size(), 3u);
    EXPECT_EQ(supplies[1], (panelcheck::BenchSupply{"Output 2", 120, 1, 300}));
    EXPECT_EQ(supplies[2].isolationVolts, 30.5) << "nothing said: no more than its own";
    EXPECT_EQ(std::get<0>(panelcheck::readSupplies(panelcheck::lineOf(supplies))), supplies);
    for (const char* wrong : {"120 V", "60 V 3 A; much", "0 V 1 A", "900 × 60 V 1 A", "9 × 60 V 1 A; 9 × 60 V 1 A"}) {
        EXPECT_TRUE(std::holds_alternative<typing::LineProblem>(panelcheck::readSupplies(wrong))) << wrong;
    }
}

// Common practice, no source: first glow at about 85 % of the running volts.
TEST_F(PanelCheck, KneeIsAboutEightyFivePerCentOfRunning) {
    const auto plan = this->plan();
    EXPECT_NEAR(plan.kneeVolts / plan.runningVolts, 0.85, 0.03);
}

// Common practice, no source: a sound panel begins to glow anywhere from 0.62 to 0.88 of its volts when it is lit.
TEST_F(PanelCheck, FirstGlowIsABandThatAccusesNoSoundPanel) {
    const auto plan = this->plan();
    const auto judged = [&](double share) {
        panelcheck::PanelCheck check;
        check.kneeVolts = share * plan.lightVolts;
        return panelcheck::judge(plan, check).advised;
    };
    EXPECT_EQ(judged(0.66), judged(0.81));
    EXPECT_NE(judged(0.5), judged(0.81)) << "shorted LEDs, or fewer of them";
    EXPECT_NE(judged(1.0), judged(0.81)) << "a resistive joint, or more of them";
}

TEST_F(PanelCheck, RefusesAStackAboveTheIsolationOfASupply) {
    supplies_[1].isolationVolts = supplies_[0].isolationVolts = 100;
    EXPECT_THAT(plan().refusal, HasSubstr("isolated for 100 V"));
    supplies_[0].isolationVolts = 300;
    EXPECT_EQ(plan().refusal, "") << "the well isolated one goes on top";
    EXPECT_EQ(plan().stack.back().supply, 0);
}

TEST_F(PanelCheck, RefusesWhatTheSuppliesCannotReach) {
    supplies_.pop_back();
    EXPECT_THAT(plan().refusal, HasSubstr("out of reach"));
    supplies_ = {{"tiny", 500, 0.001, 900}};
    EXPECT_THAT(plan().refusal, HasSubstr("out of reach")) << "its amps do not do";
}

TEST_F(PanelCheck, UsesOneSupplyWhereOneDoes) {
    supplies_.push_back({"tall", 250, 1, 400});
    EXPECT_EQ(plan().stack.size(), 1u);
}

TEST_F(PanelCheck, RampStartsAtZeroProvesPolarityAndEndsAtTheSafeCurrent) {
    const auto plan = this->plan();
    EXPECT_EQ(plan.ramp.front().volts, 0);
    EXPECT_LE(plan.ramp[1].limitAmps, 0.002);
    EXPECT_THAT(plan.ramp[1].say, HasSubstr("polarity"));
    EXPECT_NEAR(plan.ramp.back().expectAmps, plan.safeAmps, 0.03 * plan.safeAmps);
    EXPECT_FALSE(plan.ramp[2].slowly) << "straight up to 60 %";
    EXPECT_TRUE(plan.ramp[3].slowly);
}

TEST_F(PanelCheck, LampsGetNoBenchSupply) {
    lamps_ = {4, 700, 4};
    const auto plan = this->plan();
    EXPECT_TRUE(plan.isCcfl);
    EXPECT_THAT(plan.stack, IsEmpty());
    EXPECT_THAT(plan.refusal, HasSubstr("no bench supply"));
    EXPECT_GT(plan.strikeVolts, 1000) << "about 1 kV and more to strike: common practice, no source";
    EXPECT_THAT(plan.cautions, testing::Contains(HasSubstr("interlock")));
    EXPECT_THAT(plan.cautions, testing::Contains(HasSubstr("mercury")));
}

TEST_F(PanelCheck, FindingsDecide) {
    using panelcheck::Finding;
    using panelcheck::Outcome;
    const auto advised = [&](std::vector<Finding> findings, bool leads = true) {
        auto check = check_;
        check.findings = std::move(findings);
        check.leadsChecked = leads;
        check.lightVolts = plan().lightVolts;
        return judge(plan(), check).advised;
    };
    EXPECT_EQ(advised({}), Outcome::Go);
    EXPECT_EQ(advised({Finding::Crack}), Outcome::NoGo);
    EXPECT_EQ(advised({Finding::Tint, Finding::Lines}), Outcome::NoGo);
    EXPECT_EQ(advised({Finding::DarkArea}), Outcome::GoWithNote);
    EXPECT_EQ(advised({Finding::NoLight}, false), Outcome::Open) << "the lead before the panel";
    EXPECT_EQ(advised({Finding::NoLight}), Outcome::GoWithNote);
    EXPECT_EQ(judge(plan(), check_).advised, Outcome::Open) << "nothing tried yet";
}

TEST_F(PanelCheck, ReadingsFarFromThePlanAreNoted) {
    check_.lightVolts = plan().lightVolts - 3 * backlight::ledCurve({}).volts(0.05) - 6;
    const auto judgement = judge(plan(), check_);
    EXPECT_EQ(judgement.advised, panelcheck::Outcome::GoWithNote);
    EXPECT_THAT(judgement.because.front(), HasSubstr("shorted LEDs"));
}

}  // namespace
}  // namespace dimglow
