// The second family of simulated sets shows what circuits make of a fault. What is expected is common practice, no
// source, but for what a circuit of known volts must show.

#include "virtualset/bench_set.h"

#include <gtest/gtest.h>

#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "tests/support/trade.h"
#include "virtualset/drawn_strips.h"

namespace dimglow::virtualset {
namespace {

using backlight::ChannelIndex;
using backlight::LedFault;

/// Two strings of two strips each, on two channels of one feed.
backlight::Backlight panel() {
    backlight::PlainDescription plain;
    plain.strips = 4;
    plain.ledsPerStrip = 10;
    plain.stripsPerString = 2;
    return backlight::plainBacklight(plain);
}

class BenchOf : public testing::TestWithParam<unsigned> {
protected:
    BenchOf() {
        make_.idleVolts = 24;
        make_.overVolts = 1.3 * healthy_;
        make_.strayVolts = 0.02;
    }

    BenchSet set(Trouble trouble, const backlight::Faults& strings = {}) const {
        BenchSet::Wrong wrong;
        wrong.trouble = trouble;
        wrong.strings = strings;
        wrong.channel = 1;
        wrong.seed = GetParam();
        return {truth_, wrong, make_, trade()};
    }

    static evidence::Measured volts(const BenchSet& set, const char* test, int channel = 0) {
        return std::get<evidence::Measured>(
            set.take(evidence::VoltsAsked{test, ChannelIndex(channel), backlight::FeedIndex(0)}).front());
    }
    static driver::Light light(const BenchSet& set) {
        return std::get<evidence::LightSeen>(set.take(evidence::LightSeen::Question{}).front()).what;
    }
    static evidence::TesterTaken tester(const BenchSet& set, const backlight::Run& run) {
        return std::get<evidence::TesterTaken>(
            set.take(evidence::TesterTaken::Question{run, {0.03, 300}, {}, {}}).front());
    }

    const backlight::Backlight truth_ = panel();
    const double healthy_ = backlight::healthyStringVolts(truth_);
    Make make_;
};

TEST_P(BenchOf, ASoundSetIsLitAtItsStringsVolts) {
    const auto sound = set(Trouble::NoTrouble);
    EXPECT_EQ(light(sound), driver::Light::StaysLit);
    EXPECT_NEAR(volts(sound, driver::ledPlusOn).volts, healthy_ + make_.headroomVolts, 0.06 * healthy_);
    for (const int channel : {0, 1}) {
        EXPECT_LT(volts(sound, driver::ledMinus, channel).volts, 0.1 * healthy_);
    }
}

TEST_P(BenchOf, BehindABlownFuseThereIsNothing) {
    for (const auto trouble : {Trouble::DriverFuse, Trouble::ShortedMosfet, Trouble::ShortedDiode}) {
        const auto dead = set(trouble);
        EXPECT_EQ(light(dead), driver::Light::Never);
        EXPECT_LT(volts(dead, driver::ledPlusOn).volts, 1);
        EXPECT_LT(volts(dead, driver::ledPlusIdle).volts, 1);
    }
}

TEST_P(BenchOf, ADriverThatDoesNotSwitchStaysAtIdle) {
    for (const auto trouble : {Trouble::DriverIc, Trouble::NoDriverSupply, Trouble::NotAsked}) {
        const auto still = set(trouble);
        EXPECT_EQ(light(still), driver::Light::Never);
        EXPECT_NEAR(volts(still, driver::ledPlusOn).volts, make_.idleVolts, 0.1 * make_.idleVolts);
    }
}

TEST_P(BenchOf, ADriverThatIsNotAskedHasNoBlOn) {
    EXPECT_LT(volts(set(Trouble::NotAsked), "blOn").volts, 0.5);
    EXPECT_GT(volts(set(Trouble::DriverIc), "blOn").volts, 2);
}

TEST_P(BenchOf, WithEveryStringOpenLedPlusRisesToItsLimitAndNoFurther) {
    const auto open = set(Trouble::Leds, {{{{0, 3}, LedFault::Open}, {{2, 5}, LedFault::Open}}, {}});
    EXPECT_NE(light(open), driver::Light::StaysLit);
    const auto taken = volts(open, driver::ledPlusOn);
    EXPECT_LT(taken.volts, 1.1 * make_.overVolts);
    EXPECT_LT(tester(open, backlight::wholeStrip(truth_, 0)).lit.value_or(0), 1);
    EXPECT_EQ(tester(open, backlight::wholeStrip(truth_, 1)).lit, 10);
}

TEST_P(BenchOf, AShortedLedIsMissingOnTheTesterByItsVolts) {
    const auto shorted = set(Trouble::Leds, {{{{1, 4}, LedFault::Shorted}}, {}});
    const double fewer = tester(shorted, backlight::wholeStrip(truth_, 1)).volts.value_or(0);
    const double whole = tester(shorted, backlight::wholeStrip(truth_, 0)).volts.value_or(0);
    EXPECT_NEAR(whole - fewer, whole / 10, 0.06 * whole);
    EXPECT_EQ(tester(shorted, backlight::wholeStrip(truth_, 1)).lit, 9);
}

// A sink that does not conduct leaves its string without current: LED− stands at LED+ less the knee of its LEDs.
TEST_P(BenchOf, ADeadSinkFloatsWhileItsStripsAreSound) {
    make_.onDarkChannel = Make::DarkChannel::LeavesOut;
    make_.imbalanceVolts = 1e3;
    const auto dead = set(Trouble::DeadSink);
    EXPECT_GT(volts(dead, driver::ledMinus, 1).volts, volts(dead, driver::ledMinus, 0).volts + 2);
    for (int strip = 0; strip < 4; ++strip) {
        EXPECT_EQ(tester(dead, backlight::wholeStrip(truth_, strip)).lit, 10);
    }
}

TEST_P(BenchOf, AFixedLevelStandsLitOrNot) {
    make_.isFixed = true;
    make_.offInStandby = false;
    const double level = fixedLevelOf(truth_);
    make_.idleVolts = level;
    const auto fixed = set(Trouble::NoTrouble);
    EXPECT_GT(level, healthy_);
    EXPECT_NEAR(volts(fixed, driver::ledPlusIdle).volts, level, 0.03 * level);
    EXPECT_NEAR(volts(fixed, driver::ledPlusOn).volts, level, 0.05 * level);
    // Before switch-on the sinks float, so a meter that holds its highest shows that first.
    EXPECT_NEAR(volts(fixed, driver::ledMinus).restVolts, level - healthy_, 0.06 * healthy_);
}

TEST_P(BenchOf, AMeterShowsNoMoreThanThereIs) {
    for (const auto trouble : {Trouble::NoTrouble, Trouble::AgedCapacitors, Trouble::HighDivider, Trouble::TripsOnSound,
                               Trouble::DeadSink, Trouble::MainsDead, Trouble::Nameless}) {
        const auto any = set(trouble);
        for (const char* test : {driver::ledPlusOn, driver::ledPlusIdle, driver::ledMinus}) {
            const auto taken = volts(any, test);
            EXPECT_GE(taken.volts, 0) << test;
            EXPECT_LE(taken.volts, 1.15 * make_.overVolts) << test;
            EXPECT_LE(taken.restVolts, taken.volts + 1e-9) << test;
        }
    }
}

TEST_P(BenchOf, AskedAgainItIsTheSameSet) {
    for (const auto trouble : {Trouble::NoTrouble, Trouble::AgedCapacitors, Trouble::DeadSink}) {
        const auto one = set(trouble);
        const auto same = set(trouble);
        EXPECT_EQ(light(one), light(same));
        EXPECT_EQ(volts(one, driver::ledPlusOn), volts(same, driver::ledPlusOn));
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, BenchOf, testing::Range(1U, 13U));

// A string that touches the chassis burns the LEDs before the touch where they cannot hold the idle rail; a rail just
// under the strings' own volts leaves no place for it (common practice, no source).
TEST(DrawnTrouble, IsOneThatTheSetCanHave) {
    auto truth = panel();
    truth.driver.idleVolts = 0.2 * backlight::healthyStringVolts(truth);
    EXPECT_TRUE(canHave(truth, knowledge::StringFault::Chassis));
    truth.driver.idleVolts = 0.95 * backlight::healthyStringVolts(truth);
    EXPECT_FALSE(canHave(truth, knowledge::StringFault::Chassis));
    EXPECT_FALSE(canHave(truth, knowledge::StringFault::GroupOpen)) << "no two LEDs share a step";
    for (unsigned seed = 1; seed <= 400; ++seed) {
        Draw draw(seed);
        auto own = truth;
        EXPECT_NE(drawTrouble(draw, trade(), own).suspect, "chassisLeak") << seed;
    }
}

}  // namespace
}  // namespace dimglow::virtualset
