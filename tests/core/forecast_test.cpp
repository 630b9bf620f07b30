#include "core/driver/forecast.h"
#include "core/backlight/plain.h"
#include "core/knowledge/knowledge.h"

#include <gtest/gtest.h>

#include <cmath>

namespace dimglow::driver {
namespace {

using backlight::LedFault;

double total(const VoltsForecast& forecast) {
    double sum = 0;
    for (const auto& mode : forecast) {
        sum += mode.weight;
    }
    return sum;
}

VoltsMode heaviest(const VoltsForecast& forecast) {
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
        plain.ledPlusLabel = 100;
        panel_ = backlight::plainBacklight(plain);
    }
    DriverForecast of(const char* behaviour, const backlight::Faults& faults = {}) const {
        std::vector<backlight::ChannelDemand> demands;
        for (int channel = 0; channel < int(panel_.channels.size()); ++channel) {
            demands.push_back(backlight::demandOf(panel_, channel, faults));
        }
        return Forecaster(panel_, referenceOf(panel_))
            .forecast(demands, *knowledge::builtInKnowledge().behaviour(behaviour));
    }
    backlight::Backlight panel_;
};

// The trade's readings for a healthy 100 V feed: 0 V is the board, 100 V ± a few both good, about 130 V the LEDs, a
// steady half the board (common practice, no source).
TEST_F(HundredVolts, HealthyStaysAtTheLabel) {
    const auto on = heaviest(of("healthy").on);
    EXPECT_EQ(on.shape, Shape::Steady);
    EXPECT_NEAR(on.volts, 100, 3);
    EXPECT_GT(of("healthy").light.staysLit, 0.9);
}

TEST_F(HundredVolts, OpenStringGoesToTheOverVoltageLevel) {
    const auto forecast = of("healthy", {{{{1, 4}, LedFault::Open}}, {}});
    EXPECT_NE(heaviest(forecast.on).shape, Shape::Steady);
    EXPECT_NEAR(heaviest(forecast.on).volts, 130, 15);
    EXPECT_NEAR(heaviest(forecast.on).volts, heaviest(*forecast.of("ledPlusPlugOut")).volts, 1e-9)
        << "the same with the plug out";
    EXPECT_GT(forecast.light.never, 0.9);
}

TEST_F(HundredVolts, NoFeedIsZeroEverywhere) {
    const auto forecast = of("noFeed");
    EXPECT_EQ(heaviest(*forecast.of("ledPlusIdle")).volts, 0);
    EXPECT_EQ(heaviest(forecast.on).volts, 0);
    EXPECT_EQ(heaviest(*forecast.of("ledPlusPlugOut")).volts, 0);
}

TEST_F(HundredVolts, DriverThatDoesNotSwitchStaysAtIdle) {
    const auto forecast = of("notSwitching");
    EXPECT_NEAR(heaviest(forecast.on).volts, 30, 1e-9);
    EXPECT_GT(heaviest(*forecast.of("blOn")).volts, 2) << "it is asked";
    EXPECT_LT(heaviest(*of("notAsked").of("blOn")).volts, 1);
}

TEST_F(HundredVolts, StarvedDriverSettlesNearHalf) {
    const auto on = heaviest(of("weakSupply").on);
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
        const auto forecast = of("healthy", faults);
        EXPECT_LE(forecast.on.front().volts, lastVolts);
        EXPECT_GE(forecast.light.flashThenDark, lastTrips);
        lastVolts = forecast.on.front().volts;
        lastTrips = forecast.light.flashThenDark;
    }
    EXPECT_GT(lastTrips, 0.7);
}

TEST_F(HundredVolts, SharesAddUp) {
    for (const auto& behaviour : knowledge::builtInKnowledge().behaviours) {
        const auto forecast = of(behaviour.id.c_str());
        EXPECT_NEAR(total(forecast.on), 1, 1e-9) << behaviour.id;
        for (const auto& [test, volts] : *forecast.still) {
            EXPECT_NEAR(total(volts), 1, 1e-9) << behaviour.id << ", " << test;
        }
        EXPECT_NEAR(forecast.light.never + forecast.light.flashThenDark + forecast.light.staysLit, 1, 0.03)
            << behaviour.id;
    }
}

// Tens of volts on LED− of one channel, the others near headroom: shorted LEDs in that channel (common practice, no
// source).
TEST(Channels, SinkOfAShortedChannelTakesUpTheMissingVolts) {
    backlight::PlainDescription plain;
    plain.stripsPerString = 2;
    const auto panel = backlight::plainBacklight(plain);
    const backlight::Faults faults{
        {{{2, 0}, LedFault::Shorted}, {{2, 1}, LedFault::Shorted}, {{3, 5}, LedFault::Shorted}}, {}};
    std::vector<backlight::ChannelDemand> demands = {backlight::demandOf(panel, 0, faults),
                                                     backlight::demandOf(panel, 1, faults)};
    const auto reference = referenceOf(panel);
    const auto result = Forecaster(panel, reference).forecast(demands, knowledge::builtInKnowledge().healthy());
    EXPECT_NEAR(heaviest(*result.of("ledMinus", 0)).volts, 0.7, 0.01);
    EXPECT_NEAR(heaviest(*result.of("ledMinus", 1)).volts, 0.7 + 3 * backlight::ledCurve({}).volts(0.24), 0.5);
}

TEST(Likelihood, PrefersTheForecastThatIsRight) {
    const VoltsForecast idle = {{1, Shape::Steady, 30, 1, 30, 1}};
    const VoltsForecast high = {{1, Shape::PeakThenSettles, 125, 6, 30, 3}};
    EXPECT_GT(logLikelihood(idle, Shape::Steady, 30.5, 30.5), logLikelihood(high, Shape::Steady, 30.5, 30.5));
    EXPECT_GT(logLikelihood(high, Shape::PeakThenSettles, 122, 31),
              logLikelihood(idle, Shape::PeakThenSettles, 122, 31));
}

TEST(Likelihood, IsFiniteForReadingsNobodyExpects) {
    const VoltsForecast idle = {{1, Shape::Steady, 30, 1, 30, 1}};
    EXPECT_TRUE(std::isfinite(logLikelihood(idle, Shape::Steady, 4000, 4000)));
    EXPECT_TRUE(std::isfinite(logLikelihood(idle, Shape::Wanders, 4000, -3)));
    EXPECT_TRUE(std::isfinite(logLikelihood(LightForecast{0, 0, 1, 0.1}, Light::FlashThenDark, 0)));
}

TEST(Likelihood, DensityOfAForecastIsADistribution) {
    const VoltsForecast forecast = {{0.7, Shape::Steady, 30, 1, 30, 1}, {0.3, Shape::Steady, 60, 2, 60, 2}};
    double area = 0;
    for (double volts = 0; volts < 400; volts += 0.05) {
        area += 0.05 * std::exp(logLikelihood(forecast, Shape::Steady, volts, volts));
    }
    EXPECT_NEAR(area, 1, 0.01);
}

TEST_F(HundredVolts, EveryVoltageOfTheBoardIsForecastAndNothingElse) {
    const auto forecast = of("healthy");
    for (const auto& test : knowledge::builtInKnowledge().tests) {
        EXPECT_EQ(forecast.of(test.id) != nullptr, test.form == knowledge::Form::Volts) << test.id;
    }
    EXPECT_EQ(forecast.of("ledMinus", int(panel_.channels.size())), nullptr) << "no such channel";
}

}  // namespace
}  // namespace dimglow::driver
