#include "core/backlight/wiring.h"

#include <gtest/gtest.h>

#include "core/backlight/plain.h"
#include "core/circuit/operating_point.h"

namespace dimglow::backlight {
namespace {

const TesterSetting tester{0.03, 300};

class StripOfTwelve : public testing::Test {
protected:
    TesterReading read(const Faults& faults, const TesterSetting& setting = tester) const {
        return testRun(panel_, wholeStrip(panel_, 1), faults, setting);
    }
    Backlight panel_ = plainBacklight({});
    double oneLed_ = ledCurve({}).volts(0.03);
};

// How each fault shows itself on a current-limited tester: common practice, no source.

TEST_F(StripOfTwelve, HealthyReadsTwelveForwardVoltagesAtTheTestersCurrent) {
    const auto reading = read({});
    EXPECT_NEAR(reading.volts, 12 * oneLed_, 0.01);
    EXPECT_NEAR(reading.amps, 0.03, 1e-4);
    EXPECT_EQ(reading.lit, 12);
    EXPECT_LT(reading.volts, 12 * 3.0) << "never N times a flat 3 V";
}

TEST_F(StripOfTwelve, OpenLeavesTheWholeStripDarkAndTheTesterAtItsLimit) {
    const auto reading = read({{{{1, 6}, LedFault::Open}}, {}});
    EXPECT_NEAR(reading.volts, 300, 0.5);
    EXPECT_EQ(reading.lit, 0);
}

TEST_F(StripOfTwelve, ShortedIsOneDarkAndOneForwardVoltageDown) {
    const auto reading = read({{{{1, 6}, LedFault::Shorted}}, {}});
    EXPECT_NEAR(reading.volts, 11 * oneLed_, 0.05);
    EXPECT_EQ(reading.lit, 11);
}

TEST_F(StripOfTwelve, ConductingDarkIsOneDarkAndTheVoltageUp) {
    const auto reading = read({{{{1, 6}, LedFault::Dark}}, {}});
    EXPECT_NEAR(reading.volts, 12 * oneLed_ + darkExtraVolts, 0.05);
    EXPECT_EQ(reading.lit, 11);
}

TEST_F(StripOfTwelve, BadJointAddsVoltageWithCurrent) {
    const backlight::Run string = wholeString(panel_, {0, 0});
    const Faults joint{{}, {{{0, 0}, 20, 100}}};
    const double low =
        testRun(panel_, string, joint, {0.01, 300}).volts - testRun(panel_, string, {}, {0.01, 300}).volts;
    const double high =
        testRun(panel_, string, joint, {0.05, 300}).volts - testRun(panel_, string, {}, {0.05, 300}).volts;
    EXPECT_NEAR(low, 1, 0.01);
    EXPECT_NEAR(high, 5, 0.01);
}

TEST_F(StripOfTwelve, TesterThatCannotReachLooksLikeAnOpen) {
    const auto reading = read({}, {0.03, 20});
    EXPECT_NEAR(reading.volts, 20, 0.05);
    EXPECT_EQ(reading.lit, 0);
}

TEST_F(StripOfTwelve, SymmetricStripsReadAlike) {
    for (const auto fault : {LedFault::Shorted, LedFault::Dark}) {
        double first = 0;
        for (int led = 0; led < 12; ++led) {
            const double volts = read({{{{1, led}, fault}}, {}}).volts;
            first = led == 0 ? volts : first;
            EXPECT_NEAR(volts, first, 1e-6);
        }
    }
}

TEST_F(StripOfTwelve, EveryFurtherShortLowersTheVoltage) {
    Faults faults;
    double last = read(faults).volts;
    for (int led = 0; led < 8; ++led) {
        faults.leds.push_back({{1, led}, LedFault::Shorted});
        const double volts = read(faults).volts;
        EXPECT_LT(volts, last);
        last = volts;
    }
}

TEST_F(StripOfTwelve, FaultsElsewhereDoNotMatter) {
    EXPECT_NEAR(read({{{{0, 3}, LedFault::Open}, {{2, 3}, LedFault::Shorted}}, {}}).volts, read({}).volts, 1e-9);
}

TEST_F(StripOfTwelve, HarnessIsInThePathOnlyFromThePlug) {
    const Faults harness{{}, {{{0, 0}, 0, openOhms}}};
    EXPECT_EQ(testRun(panel_, wholeStrip(panel_, 0), harness, tester).lit, 12);
    EXPECT_EQ(testRun(panel_, wholeString(panel_, {0, 0}), harness, tester).lit, 0);
}

TEST_F(StripOfTwelve, MergedAndSingleLedsAgree) {
    const Faults faults{{{{1, 2}, LedFault::Shorted}, {{1, 9}, LedFault::Dark}}, {}};
    const auto detailed = buildProbe(panel_, {wholeStrip(panel_, 1), tester}, faults);
    const auto point = circuit::solve(detailed.network);
    ASSERT_TRUE(point.converged);
    EXPECT_NEAR(point.nodeVolts[detailed.plus], read(faults).volts, 1e-6);
}

TEST(ChannelDemand, TellsWhatTheDriverNeeds) {
    const auto panel = plainBacklight({});
    const auto healthy = demandOf(panel, 0, {});
    EXPECT_TRUE(healthy.conducts);
    EXPECT_TRUE(healthy.lights);
    EXPECT_NEAR(healthy.volts, 48 * ledCurve({}).volts(0.24), 0.01);
    const auto open = demandOf(panel, 0, {{{{2, 2}, LedFault::Open}}, {}});
    EXPECT_FALSE(open.conducts);
    EXPECT_FALSE(open.lights);
}

TEST(ChannelDemand, ParallelStringsShareTheCurrentAndOneOpenPushesItIntoTheOther) {
    auto panel = plainBacklight({});
    auto& channel = panel.channels.front();
    channel.strings = {String{{{0, false}, {1, true}}}, String{{{2, false}, {3, true}}}};
    channel.amps = 0.24;
    const auto healthy = demandOf(panel, 0, {});
    EXPECT_NEAR(healthy.stringAmps[0], 0.12, 1e-4);
    EXPECT_NEAR(healthy.stringAmps[1], 0.12, 1e-4);
    const auto open = demandOf(panel, 0, {{{{3, 0}, LedFault::Open}}, {}});
    EXPECT_TRUE(open.conducts);
    EXPECT_NEAR(open.stringAmps[0], 0.24, 1e-3);
    EXPECT_GT(open.volts, healthy.volts);
}

TEST(OverVoltage, StartsFromTheLabelWhenThatIsHigher) {
    auto panel = plainBacklight({});
    const double computed = overVoltageLevel(panel);
    EXPECT_NEAR(computed, 1.25 * (healthyStringVolts(panel) + 0.7), 0.01);
    panel.feeds = {{200}};
    EXPECT_NEAR(overVoltageLevel(panel), 250, 1e-9);
}

}  // namespace
}  // namespace dimglow::backlight
