#include "core/driver/forecast.h"
#include "core/backlight/plain.h"
#include "core/driver/quantities.h"
#include "core/knowledge/knowledge.h"

#include <gtest/gtest.h>

#include <cmath>

namespace dimglow::driver {
namespace {

using backlight::LedFault;

double total(const Modes& modes) {
    double sum = 0;
    for (const auto& mode : modes) {
        sum += mode.weight;
    }
    return sum;
}

VoltsMode heaviest(const Modes& modes, const backlight::Backlight& panel) {
    const auto forecast = inVolts(modes, nothingLearntOf(panel, referenceOf(panel)).known());
    return *std::max_element(forecast.begin(), forecast.end(),
                             [](const auto& a, const auto& b) { return a.weight < b.weight; });
}

/// A set whose board is labelled 100 V.
class HundredVolts : public testing::Test {
protected:
    HundredVolts() {
        backlight::PlainDescription plain;
        plain.strips = 3;
        plain.ledsPerStrip = 11;
        plain.stripsPerString = 3;
        plain.idleVolts = 30;
        plain.feeds = {{100}};
        panel_ = backlight::plainBacklight(plain);
    }
    DriverForecast of(const char* behaviour, const backlight::Faults& faults = {}) const {
        std::vector<backlight::ChannelDemand> demands;
        for (int channel = 0; channel < int(panel_.channels.size()); ++channel) {
            demands.push_back(backlight::demandOf(panel_, channel, faults));
        }
        return forecast(panel_, referenceOf(panel_), demands, {knowledge::builtInKnowledge().behaviour(behaviour)});
    }
    VoltsMode heaviest(const Modes& modes) const { return driver::heaviest(modes, panel_); }
    backlight::Backlight panel_;
};

// The trade's readings for a healthy 100 V feed: 0 V is the board, 100 V ± a few both good, about 130 V the LEDs, a
// steady half the board (common practice, no source).
TEST_F(HundredVolts, HealthyStaysAtTheLabel) {
    const auto on = heaviest(of("healthy").feeds[0].on);
    EXPECT_EQ(on.shape, Shape::Steady);
    EXPECT_NEAR(on.volts, 100, 3);
    EXPECT_GT(of("healthy").light.staysLit, 0.9);
}

TEST_F(HundredVolts, OpenStringGoesToTheOverVoltageLevel) {
    const auto expected = of("healthy", {{{{1, 4}, LedFault::Open}}, {}});
    EXPECT_NE(heaviest(expected.feeds[0].on).shape, Shape::Steady);
    EXPECT_NEAR(heaviest(expected.feeds[0].on).volts, 130, 15);
    EXPECT_NEAR(heaviest(expected.feeds[0].on).volts, heaviest(*expected.of("ledPlusPlugOut")).volts, 1e-9)
        << "the same with the plug out";
    EXPECT_GT(expected.light.never, 0.9);
}

// Nothing that needs more than the over-voltage level runs (common practice, no source).
TEST_F(HundredVolts, StringThatNeedsMoreThanTheDriverReachesDoesNotRun) {
    const auto joint = [&](double ohms) { return of("healthy", {{}, {{{0, 0}, 11, ohms}}}); };
    const auto small = joint(15);
    EXPECT_EQ(heaviest(small.feeds[0].on).shape, Shape::Steady);
    EXPECT_GT(small.light.staysLit, 0.8);
    for (const double ohms : {400.0, 4000.0}) {
        const auto large = joint(ohms);
        for (const auto& mode : inVolts(large.feeds[0].on, nothingLearntOf(panel_, referenceOf(panel_)).known())) {
            EXPECT_LT(mode.volts, 140) << "the over-voltage level and its spread";
        }
        EXPECT_NE(heaviest(large.feeds[0].on).shape, Shape::Steady);
        EXPECT_LT(large.light.staysLit, 0.3);
        EXPECT_NEAR(total(large.feeds[0].on), 1, 1e-9);
        EXPECT_NEAR(total(large.sinks.at(0)), 1, 1e-9);
    }
}

TEST_F(HundredVolts, NoFeedIsZeroEverywhere) {
    const auto expected = of("noFeed");
    EXPECT_EQ(heaviest(*expected.of("ledPlusIdle")).volts, 0);
    EXPECT_EQ(heaviest(expected.feeds[0].on).volts, 0);
    EXPECT_EQ(heaviest(*expected.of("ledPlusPlugOut")).volts, 0);
}

TEST_F(HundredVolts, DriverThatDoesNotSwitchStaysAtIdle) {
    const auto expected = of("notSwitching");
    EXPECT_NEAR(heaviest(expected.feeds[0].on).volts, 30, 1e-9);
    EXPECT_GT(heaviest(*expected.of("blOn")).volts, 2) << "it is asked";
    EXPECT_LT(heaviest(*of("notAsked").of("blOn")).volts, 1);
}

TEST_F(HundredVolts, StarvedDriverSettlesNearHalf) {
    const auto on = heaviest(of("starved").feeds[0].on);
    EXPECT_EQ(on.shape, Shape::Steady);
    EXPECT_NEAR(on.volts, 50, 5);
}

TEST_F(HundredVolts, ShortedLedsNeverRaiseTheFeedAndTripMoreOftenTheMoreTheyAre) {
    double lastVolts = 1e9;
    double lastTrips = -1;
    for (int count = 0; count <= 6; ++count) {
        backlight::Faults faults;
        for (int led = 0; led < count; ++led) {
            faults.leds.push_back({{0, led}, LedFault::Shorted});
        }
        const auto expected = of("healthy", faults);
        EXPECT_LE(heaviest({expected.feeds[0].on.front()}).volts, lastVolts);
        EXPECT_GE(expected.light.flashThenDark, lastTrips);
        lastVolts = heaviest({expected.feeds[0].on.front()}).volts;
        lastTrips = expected.light.flashThenDark;
    }
    EXPECT_GT(lastTrips, 0.7);
}

// A driver holds the current of one string, whatever it takes; two that share LED+ are no longer alike (common
// practice, no source).
TEST_F(HundredVolts, OneShortedLedIsNoticedBesideAnotherString) {
    backlight::Faults faults;
    faults.leds = {{{0, 0}, LedFault::Shorted}};
    EXPECT_GT(of("healthy", faults).light.staysLit, 0.95);
    backlight::PlainDescription plain;
    plain.strips = 2;
    plain.stripsPerString = 1;
    plain.ledsPerStrip = 12;
    panel_ = backlight::plainBacklight(plain);
    ASSERT_EQ(panel_.channels.size(), 2U);
    EXPECT_LT(of("healthy", faults).light.staysLit, 0.8);
}

// Many drivers leave a dark channel out and light the others (common practice, no source).
TEST_F(HundredVolts, DarkChannelBesideALitOneFlashesOrIsLeftOut) {
    backlight::PlainDescription plain;
    plain.strips = 2;
    plain.stripsPerString = 1;
    plain.ledsPerStrip = 12;
    panel_ = backlight::plainBacklight(plain);
    backlight::Faults faults;
    faults.leds = {{{0, 0}, LedFault::Open}};
    const auto light = of("healthy", faults).light;
    EXPECT_GT(light.flashThenDark, 0.35);
    EXPECT_GT(light.staysLit, 0.3);
    EXPECT_LT(light.never, 0.2);
}

TEST_F(HundredVolts, SharesAddUp) {
    for (const auto& behaviour : knowledge::builtInKnowledge().behaviours) {
        const auto expected = of(behaviour.id.c_str());
        EXPECT_NEAR(total(expected.feeds[0].on), 1, 1e-9) << behaviour.id;
        for (const auto& [test, volts] : *expected.feeds[0].still) {
            EXPECT_NEAR(total(volts), 1, 1e-9) << behaviour.id << ", " << test;
        }
        EXPECT_NEAR(expected.light.never + expected.light.flashThenDark + expected.light.staysLit, 1, 0.03)
            << behaviour.id;
    }
}

// Tens of volts on LED− of one channel, the others near headroom: shorted LEDs in that channel (common practice, no
// source).
TEST(Channels, SinkOfAShortedChannelTakesUpTheMissingVolts) {
    backlight::PlainDescription plain;
    plain.stripsPerString = 2;
    auto panel = backlight::plainBacklight(plain);
    panel.driver.headroomVolts = 0.7;
    const backlight::Faults faults{
        {{{2, 0}, LedFault::Shorted}, {{2, 1}, LedFault::Shorted}, {{3, 5}, LedFault::Shorted}}, {}};
    std::vector<backlight::ChannelDemand> demands = {backlight::demandOf(panel, 0, faults),
                                                     backlight::demandOf(panel, 1, faults)};
    const auto result = forecast(panel, referenceOf(panel), demands, {&knowledge::builtInKnowledge().healthy()});
    EXPECT_NEAR(heaviest(*result.of("ledMinus"), panel).volts, 0.7, 0.01);
    EXPECT_NEAR(heaviest(*result.of("ledMinus", {backlight::ChannelIndex(1)}), panel).volts,
                0.7 + 3 * backlight::ledCurve({}).volts(0.24), 0.5);
}

// With one string open and LED+ at over-voltage, a healthy sink floats to what its own string leaves of that for as
// long as the driver lets it; a meter that averages shows a part (common practice, no source).
TEST(Channels, HealthySinkMayShowThePulseOfADarkNeighbour) {
    backlight::PlainDescription plain;
    plain.stripsPerString = 2;
    auto panel = backlight::plainBacklight(plain);
    panel.driver.ovpRatio = 1.3;
    panel.driver.headroomVolts = 0.7;
    const backlight::Faults faults{{{{2, 0}, LedFault::Open}}};
    const std::vector<backlight::ChannelDemand> demands = {backlight::demandOf(panel, 0, faults),
                                                           backlight::demandOf(panel, 1, faults)};
    const auto result = forecast(panel, referenceOf(panel), demands, {&knowledge::builtInKnowledge().healthy()});
    EXPECT_NEAR(total(*result.of("ledMinus")), 1, 1e-9);
    const double above = referenceOf(panel)[0].overVolts - demands[0].volts;
    const auto learning = nothingLearntOf(panel, referenceOf(panel));
    const auto density = [&](int channel, double volts) {
        auto known = learning;
        return known.take(*result.of("ledMinus", {backlight::ChannelIndex(channel)}), Shape::PeakThenSettles, volts,
                          0.1);
    };
    for (const double share : {0.4, 0.8}) {
        EXPECT_GT(density(0, share * above), density(0, 3 * above) + 3) << share;
        EXPECT_GT(density(0, share * above), density(1, share * above) + 3) << "the dark channel has no current";
    }
}

constexpr Level volts(double value, double scatter) {
    return {Reference::Nothing, 1, value, 0, scatter, 0};
}

double logOf(const Modes& modes, Shape shape, double volts, double rest) {
    return Learning(Quantities({{{24, 0.5}, {100, 0.02}, {1.2, 0.05}, {0.85, 0.1}, {0.7, 0.3}}}))
        .take(modes, shape, volts, rest);
}

TEST(Likelihood, PrefersTheForecastThatIsRight) {
    const Modes idle = {{1, Shape::Steady, volts(30, 1), volts(30, 1)}};
    const Modes high = {{1, Shape::PeakThenSettles, volts(125, 6), volts(30, 3)}};
    EXPECT_GT(logOf(idle, Shape::Steady, 30.5, 30.5), logOf(high, Shape::Steady, 30.5, 30.5));
    EXPECT_GT(logOf(high, Shape::PeakThenSettles, 122, 31), logOf(idle, Shape::PeakThenSettles, 122, 31));
}

TEST(Likelihood, IsFiniteForReadingsNobodyExpects) {
    const Modes idle = {{1, Shape::Steady, {Reference::Idle, 1, 0, 0.01, 0, 0}, {}}};
    EXPECT_TRUE(std::isfinite(logOf(idle, Shape::Steady, 4000, 4000)));
    EXPECT_TRUE(std::isfinite(logOf(idle, Shape::Wanders, 4000, -3)));
    EXPECT_TRUE(std::isfinite(logOf(idle, Shape::Steady, 0, 0)));
    EXPECT_TRUE(std::isfinite(logLikelihood(LightForecast{0, 0, 1, 0.1}, Light::FlashThenDark, 0)));
}

TEST(Likelihood, DensityOfAForecastIsADistribution) {
    const Modes modes = {{0.5, Shape::Steady, volts(30, 1), {}},
                         {0.3, Shape::Steady, {Reference::Strings, 0.6, 0, 0.004, 0, 0}, {}},
                         {0.2, Shape::Steady, {Reference::Idle, 1, 0, 0.01, 0, 0}, {}}};
    double area = 0;
    for (double at = 0; at < 400; at += 0.05) {
        area += 0.05 * std::exp(logOf(modes, Shape::Steady, at, at));
    }
    EXPECT_NEAR(area, 1, 0.01);
}

TEST_F(HundredVolts, EveryVoltageOfTheBoardIsForecastAndNothingElse) {
    const auto expected = of("healthy");
    for (const auto& test : knowledge::builtInKnowledge().tests) {
        EXPECT_EQ(expected.of(test.id) != nullptr, test.form == knowledge::Form::Volts) << test.id;
    }
    EXPECT_EQ(expected.of("ledMinus", {backlight::ChannelIndex(int(panel_.channels.size()))}), nullptr)
        << "no such channel";
}

}  // namespace
}  // namespace dimglow::driver
