// LED curves from readings, twins, preferred values, one LED on its own.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <random>
#include <stdexcept>

#include "core/backlight/led_fit.h"
#include "core/parts/led_check.h"
#include "core/parts/preferred_values.h"
#include "core/parts/twins.h"

namespace dimglow {
namespace {

using backlight::CurvePoint;
using backlight::LedFault;
using backlight::LedSpec;
using parts::LedCheckReading;
using parts::LedCheckSetting;
using parts::LedMethod;
using parts::LedVerdict;
using testing::HasSubstr;

std::vector<CurvePoint> readingsOf(const LedSpec& led, std::initializer_list<double> amps, double noise = 0) {
    std::mt19937 random(7);
    std::normal_distribution<double> error(0, noise > 0 ? noise : 1);
    std::vector<CurvePoint> points;
    for (const double a : amps) {
        points.push_back({a, backlight::ledCurve(led).volts(a) + (noise > 0 ? error(random) : 0)});
    }
    return points;
}

class Fit : public testing::TestWithParam<int> {};

TEST_P(Fit, FindsTheCurveItsPointsLieOn) {
    const int dies = GetParam();
    const LedSpec truth{dies, 3.05 * dies, 0.35, 1.9, 0.21};
    const auto fit = fitLed(readingsOf(truth, {0.001, 0.005, 0.02, 0.06, 0.15, 0.35}), {dies, 3.1 * dies, 0.35});
    EXPECT_TRUE(fit.determined) << fit.why;
    EXPECT_NEAR(fit.spec.ratedVolts, truth.ratedVolts, 1e-6);
    EXPECT_NEAR(fit.spec.ideality, truth.ideality, 1e-6);
    EXPECT_NEAR(fit.spec.seriesDropVolts, truth.seriesDropVolts, 1e-6);
    EXPECT_LT(fit.rmsVolts, 1e-6);
}

TEST_P(Fit, ForgivesAMetersError) {
    const int dies = GetParam();
    const LedSpec truth{dies, 3.05 * dies, 0.35, 1.9, 0.21};
    const auto fit =
        fitLed(readingsOf(truth, {0.001, 0.003, 0.01, 0.03, 0.1, 0.2, 0.35}, 0.004), {dies, 3.1 * dies, 0.35});
    for (const double amps : {0.002, 0.05, 0.3}) {
        EXPECT_NEAR(backlight::ledCurve(fit.spec).volts(amps), backlight::ledCurve(truth).volts(amps), 0.02);
    }
}

INSTANTIATE_TEST_SUITE_P(Dies, Fit, testing::Values(1, 2, 3));

TEST(FitWithFewPoints, SaysSoAndKeepsTheClassForTheRest) {
    const LedSpec start{};
    const auto one = backlight::fitLed(readingsOf({1, 3.0, 0.35}, {0.03}), start);
    EXPECT_FALSE(one.determined);
    EXPECT_EQ(one.spec.ideality, start.ideality);
    EXPECT_NEAR(backlight::ledCurve(one.spec).volts(0.03), backlight::ledCurve({1, 3.0, 0.35}).volts(0.03), 1e-6);
    const auto close = fitLed(readingsOf({1, 3.0, 0.35}, {0.030, 0.031, 0.032}), start);
    EXPECT_FALSE(close.determined);
    EXPECT_THAT(close.why, HasSubstr("Measure near"));
}

TEST(FitAtItsBounds, StaysWithinThem) {
    // Points of a plain resistor: no LED, and the fit must not leave what an LED can be.
    const std::vector<CurvePoint> straight = {{0.01, 0.5}, {0.1, 5}, {0.2, 10}, {0.3, 15}};
    const auto fit = backlight::fitLed(straight, {});
    EXPECT_GE(fit.spec.ideality, 1 - 1e-9);
    EXPECT_LE(fit.spec.seriesDropVolts, 0.6 + 1e-9);
    EXPECT_GT(fit.rmsVolts, 0.5) << "and says how badly it fits";
}

TEST(FitOfNonsense, IsRefused) {
    EXPECT_THROW(backlight::fitLed({}, {}), std::invalid_argument);
    const std::vector<CurvePoint> negative = {{-0.01, 3}};
    EXPECT_THROW(fitLed(negative, {}), std::invalid_argument);
}

// Iglewicz and Hoaglin 1993: modified z = 0.6745·(x − median)/MAD, outliers beyond 3.5. By hand: median 33.8, MAD 0.1.
TEST(Twins, AreScoredByMedianAndMad) {
    const std::vector<double> volts = {33.7, 33.8, 33.9, 33.8, 30.9, 33.6};
    const auto scores = parts::twinScores(volts, 0.01);
    EXPECT_NEAR(scores[4], 0.6745 * (30.9 - 33.75) / 0.1, 1.5);
    EXPECT_LT(scores[4], -parts::unlikeScore);
    for (const int alike : {0, 1, 2, 3, 5}) {
        EXPECT_LT(std::abs(scores[alike]), parts::unlikeScore) << alike;
    }
}

TEST(Twins, AreNotTornApartByTheMetersLastDigit) {
    const std::vector<double> volts = {33.8, 33.8, 33.8, 33.8, 33.9};
    EXPECT_LT(parts::twinScores(volts, 0.1)[4], parts::unlikeScore);
    EXPECT_TRUE(parts::twinScores(std::vector<double>{1, 2}, 0.1).empty());
}

TEST(Twins, OneFarAmongEqualsIsFound) {
    const std::vector<double> volts = {16, 16, 16, 16, 16, 16, 16, 26};  // common practice: 26 V where others show 16
    EXPECT_GT(parts::twinScores(volts, 0.1)[7], parts::unlikeScore);
}

// IEC 60063, series E24.
TEST(E24, TakesTheNextValueUp) {
    EXPECT_DOUBLE_EQ(parts::e24AtLeast(1000), 1000);
    EXPECT_DOUBLE_EQ(parts::e24AtLeast(1001), 1100);
    EXPECT_DOUBLE_EQ(parts::e24AtLeast(92), 100);
    EXPECT_DOUBLE_EQ(parts::e24AtLeast(0.48), 0.51);
}

LedVerdict verdict(const LedCheckSetting& setting, const LedCheckReading& reading, const LedSpec& led = {}) {
    return judge(led, setting, reading).verdict;
}

// Common practice, no source: 3 V at 100 mA; no current is open, full current at about 0 V is shorted, lit is good.
TEST(LedAtTheBench, IsJudgedByCurrentAndLight) {
    const LedCheckSetting bench{LedMethod::BenchSupply, 3, 0.1};
    EXPECT_EQ(verdict(bench, {3.0, {}, false, 0.0, false}), LedVerdict::Open);
    EXPECT_EQ(verdict(bench, {0.02, {}, false, 0.1, false}), LedVerdict::Shorted);
    EXPECT_EQ(verdict(bench, {2.9, {}, false, 0.1, true}), LedVerdict::Good);
    EXPECT_EQ(verdict(bench, {2.9, {}, false, 0.05, false}), LedVerdict::Dark);
}

TEST(LedThroughAResistor, OfALeakyOneGlowsAtTooFewVolts) {
    const LedCheckSetting resistor{LedMethod::SeriesResistor, 12, 0.1, 470};
    const auto leaky = forecastOf({}, resistor, LedFault::Leaky);
    EXPECT_EQ(verdict(resistor, {leaky.volts, {}, false, {}, true}), LedVerdict::Leaky);
}

TEST(LedOfTwoDies, WithOneShortedShowsHalf) {
    const LedSpec led{2, 6.2, 0.35};
    const LedCheckSetting bench{LedMethod::BenchSupply, 6, 0.02};
    const auto faulty = forecastOf(led, bench, LedFault::DieShorted);
    EXPECT_EQ(verdict(bench, {faulty.volts, {}, false, faulty.amps, {}}, led), LedVerdict::DieShorted);
}

TEST(LedOfTwoDies, WithOneShortedIsNotCalledGoodForGlowing) {
    const LedSpec led{2, 6.2, 0.35};
    const LedCheckSetting bench{LedMethod::BenchSupply, 6, 0.1};
    const auto faulty = forecastOf(led, bench, LedFault::DieShorted);
    ASSERT_TRUE(faulty.glows);
    EXPECT_EQ(verdict(bench, {faulty.volts, {}, false, faulty.amps, true}, led), LedVerdict::DieShorted);
}

// Common practice, no source: below 2.6 V a meter's diode test shows OL on a good white LED.
TEST(DiodeMode, DependsOnTheMetersTestVoltage) {
    const LedCheckSetting weak{LedMethod::DiodeMode, 2.0};
    const LedCheckSetting strong{LedMethod::DiodeMode, 3.2};
    EXPECT_TRUE(forecastOf({}, weak, std::nullopt).overload);
    EXPECT_FALSE(forecastOf({}, strong, std::nullopt).overload);
    EXPECT_EQ(verdict(weak, {{}, {}, true, {}, {}}), LedVerdict::CannotTell);
    EXPECT_EQ(verdict(strong, {{}, {}, true, {}, {}}), LedVerdict::Open);
    EXPECT_EQ(verdict(strong, {0.01, 0.01, true, {}, {}}), LedVerdict::Shorted);
    EXPECT_EQ(verdict(strong, {1.8, 1.8, true, {}, {}}), LedVerdict::InCircuit);
    EXPECT_EQ(verdict(strong, {2.6, {}, true, {}, {}}), LedVerdict::Good);
}

// What flows beside the junction takes a meter's milliamp whole: ohm's law is the outside check.
TEST(DiodeMode, OfALeakyLedReadsItsLeak) {
    const LedCheckSetting meter{LedMethod::DiodeMode, 3.2};
    for (const double ohms : {250.0, 500.0, 900.0}) {
        const auto read = forecastOf({}, meter, LedFault::Leaky, {0, ohms});
        EXPECT_NEAR(read.volts, 0.001 * ohms, 0.05);
        EXPECT_EQ(verdict(meter, {read.volts, {}, true, {}, read.glows}), LedVerdict::Leaky) << ohms;
    }
}

class EveryFault : public testing::TestWithParam<LedFault> {};

TEST_P(EveryFault, IsNotCalledGoodByTheBenchTest) {
    const LedCheckSetting bench{LedMethod::BenchSupply, 3, 0.005};  // a leaky one shows itself at low current only
    const auto seen = forecastOf({}, bench, GetParam());
    EXPECT_NE(verdict(bench, {seen.volts, {}, false, seen.amps, seen.glows}), LedVerdict::Good);
}

INSTANTIATE_TEST_SUITE_P(Faults, EveryFault,
                         testing::Values(LedFault::Open, LedFault::Shorted, LedFault::Dark, LedFault::Leaky));

}  // namespace
}  // namespace dimglow
