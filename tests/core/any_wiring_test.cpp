// Strips with LEDs side by side, bars fed from both ends, leaks, jumpers: what a tester and a driver find there.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <random>

#include "core/backlight/backlight_json.h"
#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "core/circuit/operating_point.h"
#include "core/driver/output_stage.h"
#include "core/locate/cells.h"
#include "tests/support/random_set.h"

namespace dimglow::backlight {
namespace {

using testing::HasSubstr;

const TesterSetting benchTester{0.03, 300};

Backlight panelOf(const char* line) {
    const auto read = readLine(line);
    return plainBacklight(std::get<PlainDescription>(read));
}

double ledVolts(double amps) {
    return ledCurve({}).volts(amps);
}

TEST(Pairs, ShareTheCurrent) {
    const auto panel = panelOf("1 strip × 12, 2P");
    const auto reading = testRun(panel, wholeStrip(panel, 0), {}, benchTester);
    EXPECT_NEAR(reading.volts, 6 * ledVolts(0.015), 0.01);
    EXPECT_EQ(reading.lit, 12);
}

TEST(Pairs, OneOpenLeavesTheOtherWithTwiceTheCurrent) {
    const auto panel = panelOf("1 strip × 12, 2P");
    const auto reading = testRun(panel, wholeStrip(panel, 0), {{{{0, 5}, LedFault::Open}}}, benchTester);
    EXPECT_EQ(reading.lit, 11);
    EXPECT_NEAR(reading.volts, 5 * ledVolts(0.015) + ledVolts(0.03), 0.01);
}

TEST(Pairs, OneShortedDarkensBoth) {
    const auto panel = panelOf("1 strip × 12, 2P");
    EXPECT_EQ(testRun(panel, wholeStrip(panel, 0), {{{{0, 5}, LedFault::Shorted}}}, benchTester).lit, 10);
}

TEST(Pairs, BothOpenDarkenTheStrip) {
    const auto panel = panelOf("1 strip × 12, 2P");
    const Faults both{{{{0, 4}, LedFault::Open}, {{0, 5}, LedFault::Open}}};
    const Faults step{{{{0, 4}, LedFault::GroupOpen}}};
    EXPECT_EQ(testRun(panel, wholeStrip(panel, 0), both, benchTester).lit, 0);
    EXPECT_EQ(testRun(panel, wholeStrip(panel, 0), step, benchTester).lit, 0);
}

TEST(Chains, OneOpenDarkensItsChainOnly) {
    const auto panel = panelOf("1 strip × 12, 2 chains");
    const auto reading = testRun(panel, wholeStrip(panel, 0), {{{{0, 1}, LedFault::Open}}}, benchTester);
    EXPECT_EQ(reading.lit, 6);
    EXPECT_NEAR(reading.volts, 6 * ledVolts(0.03), 0.05);
}

TEST(BarFedFromBothEnds, IsTwoStringsThatMeetInTheMiddle) {
    const auto panel = panelOf("1 bar × 24, fed from both ends, bottom edge");
    ASSERT_EQ(panel.channels.size(), 2u);
    EXPECT_EQ(runsOnStrip(panel, 0).size(), 2u);
    EXPECT_EQ(nameOf(panel, ledsInOrder(panel, {0, 0}).back()), "A12");
    EXPECT_EQ(nameOf(panel, ledsInOrder(panel, {1, 0}).front()), "A24");
    EXPECT_EQ(nameOf(panel, runsOnStrip(panel, 0)[1]), "channel 2");
    EXPECT_EQ(runOnStrip(panel, 0, 20, 22).string.channel, 1);
}

TEST(Probeable, SnapsToCopperThatCanBeReached) {
    const auto pairs = panelOf("1 strip × 12, 2P");
    EXPECT_EQ(probeable(pairs, {{0, 0}, 3, 6}), (backlight::Run{{0, 0}, 2, 7}));
    const auto chains = panelOf("2 strips × 12, 2 chains, one string");
    EXPECT_EQ(probeable(chains, {{0, 0}, 2, 4}), (backlight::Run{{0, 0}, 2, 4})) << "within one chain";
    EXPECT_EQ(probeable(chains, {{0, 0}, 4, 8}), (backlight::Run{{0, 0}, 0, 11}));
    EXPECT_EQ(probeable(chains, {{0, 0}, 8, 14}), (backlight::Run{{0, 0}, 0, 23}));
}

TEST(Cells, KeepSidesOfAPairApart) {
    EXPECT_EQ(locate::CellPartition(panelOf("3 strips × 12, 2P")).cells().size(), 6u);
    EXPECT_EQ(locate::CellPartition(panelOf("3 strips × 12")).cells().size(), 3u);
}

// Common practice, no source: a leaky LED is dark on a weak tester and near normal at full current.
TEST(LeakyLed, IsDarkAtLowCurrentAndLitAtFull) {
    const auto panel = plainBacklight({});
    const Faults leaky{{{{0, 3}, LedFault::Leaky}}};
    const auto weak = testRun(panel, wholeStrip(panel, 0), leaky, {0.005, 300});
    const auto full = testRun(panel, wholeStrip(panel, 0), leaky, {0.24, 300});
    EXPECT_EQ(weak.lit, 11);
    EXPECT_EQ(full.lit, 12);
    EXPECT_LT(weak.volts, 11.5 * ledVolts(0.005));
    EXPECT_NEAR(full.volts, 12 * ledVolts(0.24), 0.2);
}

// Common practice, no source: a strip far from its twins is of another type.
TEST(MixedStrip, ReadsFarFromItsTwins) {
    auto panel = panelOf("3 strips × 6, each its own string");
    panel.strips[1].led = {2, 4.8, 0.35};
    const auto volts = [&](int strip) { return testRun(panel, wholeStrip(panel, strip), {}, benchTester).volts; };
    EXPECT_NEAR(volts(0), volts(2), 1e-9);
    EXPECT_GT(volts(1), 1.5 * volts(0));
}

// Common practice, no source: strips that plug together in pairs are one string; one fault darkens both.
TEST(StripsInSeries, TwoAndThreeOfFiveStripsGoDarkTogether) {
    auto panel = panelOf("5 strips × 8, each its own string");
    for (const int strip : {1, 3, 4}) {
        panel = withStripMoved(panel, strip, strip == 1 ? StringRef{0, 0} : StringRef{1, 0});
    }
    ASSERT_TRUE(problemsOf(panel).empty());
    ASSERT_EQ(panel.channels.size(), 2u);
    const Faults open{{{{4, 2}, LedFault::Open}}};
    EXPECT_EQ(testRun(panel, wholeString(panel, {0, 0}), open, benchTester).lit, 16);
    EXPECT_EQ(testRun(panel, wholeString(panel, {1, 0}), open, benchTester).lit, 0);
    EXPECT_EQ(testRun(panel, wholeStrip(panel, 2), open, benchTester).lit, 8);
}

TEST(MovedStrip, TakesItsStringsCurrentToAChannelOfItsOwn) {
    const auto parallel = panelOf("4 strips × 6, 100 mA, 4 strings in parallel");
    const auto moved = withStripMoved(parallel, 2, std::nullopt);
    ASSERT_EQ(moved.channels.size(), 2u);
    EXPECT_NEAR(moved.channels[0].amps.value(), 0.3, 1e-12) << "three strings are left";
    EXPECT_NEAR(moved.channels[1].amps.value(), 0.1, 1e-12);
    EXPECT_TRUE(problemsOf(moved).empty());
    EXPECT_EQ(withStripMoved(parallel, 2, StringRef{0, 2}), parallel) << "it is there already";
    EXPECT_THROW(withStripMoved(parallel, 9, std::nullopt), std::out_of_range);
    EXPECT_THROW(withStripMoved(parallel, 1, StringRef{3, 0}), std::out_of_range);
}

TEST(TurnedStrip, IsPassedTheOtherWayRound) {
    const auto panel = plainBacklight({});
    const auto turned = withStripTurned(panel, 0);
    EXPECT_EQ(nameOf(turned, ledsInOrder(turned, {0, 0}).front()), "A12");
    EXPECT_EQ(withStripTurned(turned, 0), panel);
}

TEST(ReversedTester, LightsNothing) {
    const auto panel = plainBacklight({});
    TesterProbe probe{wholeStrip(panel, 0), {0.03, 50}};
    probe.reversed = true;
    const auto reading = testRun(panel, probe, {});
    EXPECT_EQ(reading.lit, 0);
    EXPECT_NEAR(reading.volts, 50, 0.1);
}

TEST(ChassisLeak, DoesNothingToATesterThatFloatsAndIsLocatedFromTheChassis) {
    const auto panel = plainBacklight({});
    const backlight::Run string = wholeString(panel, {0, 0});
    const Faults leak{{}, {}, {{{0, 0}, 17, 2}}};
    EXPECT_NEAR(testRun(panel, string, leak, benchTester).volts, testRun(panel, string, {}, benchTester).volts, 1e-6);
    TesterProbe probe{string, benchTester, TesterProbe::Minus::Chassis};
    EXPECT_NEAR(testRun(panel, probe, leak).volts, 17 * ledVolts(0.03) + 0.06, 0.01);
    EXPECT_EQ(testRun(panel, probe, leak).lit, 17);
    EXPECT_EQ(testRun(panel, probe, {}).lit, 0);
}

TEST(ChassisLeak, OfAFewKilohmsIsMadeGoodByTheSinkAndOfAFewOhmsIsNot) {
    const auto panel = plainBacklight({});
    const auto healthy = demandOf(panel, 0, {});
    const auto weak = demandOf(panel, 0, {{}, {}, {{{0, 0}, 24, 5000}}});
    EXPECT_TRUE(weak.conducts);
    EXPECT_GT(weak.volts, healthy.volts);
    EXPECT_NEAR(weak.leakAmps, 24 * ledVolts(0.24) / 5000, 0.002);
    EXPECT_FALSE(demandOf(panel, 0, {{}, {}, {{{0, 0}, 24, 2}}}).conducts);
}

TEST(Bridge, AcrossAnOpenLedLightsTheRestAndShowsTheStringCurrent) {
    const auto panel = plainBacklight({});
    const Faults open{{{{1, 8}, LedFault::Open}}};
    TesterProbe probe{wholeStrip(panel, 1), benchTester};
    probe.bridged = {{1, 8}};
    EXPECT_EQ(testRun(panel, probe, open).lit, 11);
    EXPECT_NEAR(bridgeAmps(panel, probe, open), 0.03, 3e-4);
    probe.bridged = {{1, 7}};
    EXPECT_EQ(testRun(panel, probe, open).lit, 0);
    probe.bridged.clear();
    EXPECT_THROW(bridgeAmps(panel, probe, open), std::invalid_argument);
}

TEST(Warmth, LowersTheVoltsByTwoMillivoltsPerKelvinAndDie) {
    auto panel = panelOf("1 strip × 10, 6 V");
    const double cold = testRun(panel, wholeStrip(panel, 0), {}, benchTester).volts;
    panel.celsius = 65;
    EXPECT_NEAR(cold - testRun(panel, wholeStrip(panel, 0), {}, benchTester).volts, 10 * 2 * 0.002 * 40, 1e-3)
        << "-2 mV/K for each die: from memory";
}

TEST(Harness, ResistanceOfThePlugStandsInThePathOfAWholeString) {
    auto panel = plainBacklight({});
    panel.harness = {{HarnessPin::Role::LedPlus, 0, "red", 10}, {}, {HarnessPin::Role::LedMinus, 0, "black", 5}};
    const auto bare = plainBacklight({});
    const backlight::Run string = wholeString(panel, {0, 0});
    EXPECT_NEAR(testRun(panel, string, {}, benchTester).volts - testRun(bare, string, {}, benchTester).volts, 0.45,
                1e-3);
    EXPECT_NEAR(testRun(panel, wholeStrip(panel, 1), {}, benchTester).volts,
                testRun(bare, wholeStrip(bare, 1), {}, benchTester).volts, 1e-6);
    EXPECT_TRUE(misleadingColours(panel).empty());
    std::swap(panel.harness[0].colour, panel.harness[2].colour);
    EXPECT_EQ(misleadingColours(panel).size(), 2u);
}

class AnyPanel : public testing::TestWithParam<const char*> {};

TEST_P(AnyPanel, HasEveryLedInOneStringAndSurvivesJson) {
    const auto panel = panelOf(GetParam());
    EXPECT_TRUE(problemsOf(panel).empty());
    int leds = 0;
    for (const auto& ref : stringsOf(panel)) {
        leds += int(ledsInOrder(panel, ref).size());
    }
    EXPECT_EQ(leds, panel.ledCount());
    std::map<std::string, nlohmann::json> unknown;
    const auto document = toJson(panel);
    EXPECT_EQ(fromJson(format::Fields(document, "")), panel);
    EXPECT_TRUE(unknown.empty());
}

TEST_P(AnyPanel, SeriesLedsOfAHealthyPanelCarryTheSinksCurrent) {
    const auto panel = panelOf(GetParam());
    const auto built = buildPanel(panel, {}, healthyStringVolts(panel) + panel.driver.someHeadroomVolts() + 0.5, 50);
    const auto point = circuit::solve(built.network);
    std::vector<double> into(panel.channels.size(), 0);
    for (const auto& ref : stringsOf(panel)) {
        const auto order = ledsInOrder(panel, ref);
        const auto first = sectionsOf(panel, probeable(panel, {ref, 0, 0})).front();
        for (int branch = 0; branch < first.branches; ++branch) {
            const auto led = order[first.startOf(branch)];
            const auto at = std::find(built.leds.begin(), built.leds.end(), led) - built.leds.begin();
            into[ref.channel] += point.diodeAmps[built.diodeOfLed[at]];
        }
    }
    for (std::size_t channel = 0; channel < into.size(); ++channel) {
        const double sink = point.supplyAmps[built.sinkOfChannel[channel]];
        EXPECT_NEAR(sink, panel.channels[channel].someAmps(), 0.02 * sink);
        if (panel.strips.front().chains == 1) {
            EXPECT_NEAR(into[channel], sink, 1e-6) << "current continuity";
        }
    }
}

TEST_P(AnyPanel, MergedAndSingleLedsAgree) {
    const auto panel = panelOf(GetParam());
    const Faults faults{{{{0, 1}, LedFault::Leaky}, {{0, 0}, LedFault::Dark}}};
    for (const auto& ref : stringsOf(panel)) {
        const TesterProbe probe{wholeString(panel, ref), benchTester};
        const auto fine = buildProbe(panel, probe, faults, Detail::EveryLed);
        const auto coarse = buildProbe(panel, probe, faults, Detail::Merged);
        EXPECT_LE(coarse.network.nodeCount(), fine.network.nodeCount());
        EXPECT_NEAR(circuit::solve(fine.network).nodeVolts[fine.plus],
                    circuit::solve(coarse.network).nodeVolts[coarse.plus], 1e-6);
        EXPECT_EQ(fine.leds.size(), coarse.leds.size());
    }
}

INSTANTIATE_TEST_SUITE_P(Lines, AnyPanel,
                         testing::Values("4 strips × 12, one string", "6 strips × 8, 2P, 2 strips per string",
                                         "2 strips × 12, 2 chains, one string", "12 strips × 16, each its own string",
                                         "2 bars × 24, fed from both ends, bottom edge",
                                         "4 strips × 9, 9 V, 4 strings in parallel", "4 rows × 5 + 6, one string"));

TEST(Problems, OfUnevenPairsPartsAndPins) {
    auto panel = panelOf("2 strips × 12, 2P");
    panel.strips[0].leds = 11;
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("do not come out even"));
    panel = panelOf("2 strips × 12");
    panel.channels[0].strings[0].strips[0].last = 5;
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("LED 7 of strip A is in 0 strings"));
    panel.channels[0].strings[0].strips[0].last = 40;
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("LEDs 1 to 41 by 1 are not on strip A"));
    panel = panelOf("2 strips × 12");
    panel.harness = {{HarnessPin::Role::LedMinus, 7, "", 0}};
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("harness[0]"));
}

TEST(RunNamed, UnderstandsWhatPeopleSay) {
    const auto panel = plainBacklight({});
    EXPECT_EQ(runNamed(panel, "b"), wholeStrip(panel, 1));
    EXPECT_EQ(runNamed(panel, "strip B"), wholeStrip(panel, 1));
    EXPECT_EQ(runNamed(panel, "B7 … B12"), (backlight::Run{{0, 0}, 12, 17}));
    EXPECT_EQ(runNamed(panel, "b9"), (backlight::Run{{0, 0}, 15, 15}));
    EXPECT_EQ(runNamed(panel, "Channel 1"), wholeString(panel, {0, 0}));
    for (const char* none : {"", "E", "B13", "B0", "channel 2", "B1-", "-", "B99999999999"}) {
        EXPECT_FALSE(runNamed(panel, none)) << none;
    }
}

// ---- every network that a job can make ---------------------------------------------------------------------------

class AnyJob : public testing::TestWithParam<unsigned> {};

TEST_P(AnyJob, HasAnAnswerToEveryReading) {
#ifdef DIMGLOW_SANITIZED
    constexpr int rounds = 2;  // the sanitizers take their time
#else
    constexpr int rounds = 12;
#endif
    test::RandomSet draw(GetParam());
    for (int round = 0; round < rounds; ++round) {
        const auto panel = draw.backlight();
        ASSERT_TRUE(problemsOf(panel).empty()) << inWords(problemsOf(panel).front());
        const auto faults = draw.faults(panel);
        EXPECT_NO_THROW(testRun(panel, draw.probe(panel), faults)) << round;
        for (int channel = 0; channel < int(panel.channels.size()); ++channel) {
            EXPECT_NO_THROW(demandOf(panel, channel, faults)) << round;
        }
        EXPECT_NO_THROW(driver::StringLoad(panel, faults, draw.between(50, 900), false)) << round;
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, AnyJob, testing::Range(1u, 41u));

TEST(WarmPanel, WithTwoChainsAnswersAReadingToTheChassis) {
    auto panel = panelOf("2 strips × 12, 2 chains, one string");
    panel.celsius = 30;
    const TesterProbe toChassis{wholeString(panel, {0, 0}), benchTester, TesterProbe::Minus::Chassis};
    const auto reading = testRun(panel, toChassis, {});
    EXPECT_EQ(reading.lit, 0);
    EXPECT_NEAR(reading.volts, benchTester.limitVolts, 0.1) << "nothing conducts: the tester stands at its limit";
}

TEST(LongestString, ThatAJobAllowsIsComputedAndALongerOneRefused) {
    PlainDescription plain;
    plain.strips = 1;
    plain.stripsPerString = 1;
    plain.ledsPerStrip = 322;
    EXPECT_TRUE(problemsOf(plainBacklight(plain)).empty());
    EXPECT_TRUE(demandOf(plainBacklight(plain), 0, {}).conducts);
    plain.ledsPerStrip = 323;
    ASSERT_FALSE(problemsOf(plainBacklight(plain)).empty());
    EXPECT_THAT(inWords(problemsOf(plainBacklight(plain)).front()),
                HasSubstr("channels[0].strings[0]: the LEDs need 1001 V"));
}

}  // namespace
}  // namespace dimglow::backlight
