#include "core/sums/sums.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>

#include "core/repair/substitute.h"
#include "core/sums/driver_bench.h"
#include "tests/support/ngspice.h"

namespace dimglow::sums {
namespace {

double resultOf(const std::string& sum, const Given& given, const std::string& id) {
    const auto answer = work(*find(sum), given);
    for (const auto& result : answer.results) {
        if (result.id == id) {
            return result.value;
        }
    }
    throw std::out_of_range(sum + " " + id + ": " + answer.missing.english());
}

struct Check {
    const char* sum;
    Given given;
    const char* id;
    double value;
    double within;
};

// Closed formulas; the figures were worked out by hand.
TEST(Sums, CheckValues) {
    const Check checks[] = {
        // Erickson and Maksimović, "Fundamentals of Power Electronics": steady state of a step-up stage.
        {"boost",
         {{"vin", 24}, {"vout", 62}, {"iout", 0.24}, {"eff", 0.9}, {"f", 200e3}, {"l", 47e-6}},
         "duty",
         0.652,
         5e-4},
        {"boost",
         {{"vin", 24}, {"vout", 62}, {"iout", 0.24}, {"eff", 0.9}, {"f", 200e3}, {"l", 47e-6}},
         "ripple",
         1.664,
         1e-3},
        {"boost",
         {{"vin", 24}, {"vout", 62}, {"iout", 0.24}, {"eff", 0.9}, {"f", 200e3}, {"l", 47e-6}},
         "peak",
         1.521,
         1e-3},
        {"discharge", {{"v", 325}, {"c", 100e-6}, {"r", 1000}}, "touch", 0.169, 5e-4},
        {"discharge", {{"v", 325}, {"c", 100e-6}, {"r", 1000}}, "energy", 5.28, 0.02},
        {"discharge", {{"v", 390}, {"c", 150e-6}, {"r", 2200}}, "one", 1.97, 5e-3},
        {"bleed", {{"v1", 390}, {"v2", 200}, {"t", 94.2}, {"r", 940e3}}, "calone", 150e-6, 1e-7},
        {"bleed", {{"v1", 390}, {"v2", 200}, {"t", 86.1}, {"r", 940e3}}, "c", 150e-6, 1e-7},
        {"mains", {{"vac", 230}}, "vdc", 325.3, 0.1},
        {"winding", {{"want", 17}, {"base", 12.1}, {"turn", 1.8}, {"diode", 1e-3}}, "turns", 3, 0},
        {"winding", {{"want", 17}, {"base", 12.1}, {"turn", 1.8}, {"diode", 1e-3}}, "aiding", 17.5, 0.01},
        {"winding", {{"want", 17}, {"base", 12.1}, {"turn", 1.8}, {"diode", 1e-3}}, "opposing", 6.7, 0.01},
        {"polarities", {{"one", 5.8}, {"other", 19.4}, {"turns", 3}}, "base", 12.6, 1e-9},
        {"polarities", {{"one", 19.4}, {"other", 5.8}, {"turns", 3}}, "turn", 2.267, 1e-3},
        {"lamp", {{"v", 724.5}, {"i", 6e-3}, {"f", 50e3}, {"c", 22e-12}}, "out", 1131, 1},
        {"lamp", {{"v", 724.5}, {"i", 6e-3}, {"f", 50e3}, {"c", 22e-12}, {"stray", 10e-12}}, "left", 4.97e-3, 1e-5},
        {"resonance", {{"l", 0.3}, {"c", 33e-12}}, "f", 50.6e3, 50},
        {"rings", {{"q", 30}}, "n", 13.2, 0.05},
        {"cooler", {{"hot", 85}, {"cool", 75}}, "times", 1.52, 0.01},
        {"less", {{"i", 0.24}, {"want", 0.192}}, "life", 1.40, 0.005},
        {"divider", {{"vref", 2.5}, {"top", 100e3}, {"bottom", 2e3}}, "vout", 127.5, 1e-9},
        {"divider", {{"vref", 2.5}, {"top", 100e3}, {"vout", 127.5}}, "bottom", 2e3, 1e-9},
        {"series", {{"vs", 12}, {"vled", 3}, {"i", 0.02}}, "fitted", 470, 1e-9},
        // IEC 60062, as the standard's own way of reading: two figures and the zeros, three of one per cent.
        {"marking", {{"code", 154}}, "farads", 0.15e-6, 1e-15},
        {"marking", {{"code", 100}}, "henries", 10e-6, 1e-15},
        {"marking", {{"code", 1003}}, "ohms", 100e3, 1e-9},
        {"esr", {{"c", 470e-6}, {"v", 63}, {"read", 0.4}, {"twin", 0.2}}, "times", 2, 1e-12},
        {"start", {{"rail", 100}, {"vz", 18}, {"r", 8200}, {"icc", 2e-3}}, "iz", 8e-3, 1e-9},
    };
    for (const auto& check : checks) {
        EXPECT_NEAR(resultOf(check.sum, check.given, check.id), check.value, check.within + 1e-12)
            << check.sum << " " << check.id;
    }
}

// Against ngspice: an ideal switch and diode, the duty that the formula asks for, a coil that never runs empty.
TEST(Boost, AgreesWithATransientOfNgspice) {
    const BoostStage stage{24, 62, 1, 1, 200e3, 220e-6};
    const auto figures = boostFigures(stage);
    ASSERT_FALSE(figures.isDiscontinuous);
    auto& spice = test::Ngspice::instance();
    const double period = 1 / stage.hertz;
    ASSERT_TRUE(spice.load({"* step-up", "v1 in 0 24", "l1 in sw 220u ic=" + std::to_string(figures.inAmps),
                            "s1 sw 0 g 0 swi", ".model swi sw(vt=0.5 vh=0 ron=1m roff=1meg)", "d1 sw out di",
                            ".model di d(is=1e-12 n=0.01 rs=1m)", "c1 out 0 4.7u ic=62", "r1 out 0 62",
                            "vg g 0 pulse(0 1 0 5n 5n " + std::to_string(figures.duty * period * 1e6) + "u " +
                                std::to_string(period * 1e6) + "u)",
                            ".tran 20n 4m 3.99m 20n uic"}));
    ASSERT_TRUE(spice.run("run"));
    const auto out = spice.series("v(out)");
    const auto coil = spice.series("i(l1)");
    ASSERT_GT(out.size(), 100U);
    double sum = 0;
    for (const double volts : out) {
        sum += volts;
    }
    EXPECT_NEAR(sum / double(out.size()), stage.outVolts, 0.03 * stage.outVolts);
    const auto [least, most] = std::minmax_element(coil.begin(), coil.end());
    EXPECT_NEAR(*most - *least, figures.rippleAmps, 0.05 * figures.rippleAmps);
    EXPECT_NEAR(*most, figures.peakAmps, 0.05 * figures.peakAmps);
}

TEST(Divider, AgreesWithAnOperatingPointOfNgspice) {
    auto& spice = test::Ngspice::instance();
    ASSERT_TRUE(spice.load({"* divider", "v1 out 0 127.5", "r1 out fb 100k", "r2 fb 0 2k"}));
    ASSERT_TRUE(spice.run("op"));
    EXPECT_NEAR(dividedVolts(spice.value("v(fb)"), 100e3, 2e3), 127.5, 1e-6);
}

/// The middle of what may be given, all of it.
Given someOf(const Sum& sum) {
    Given given;
    for (const auto& of : sum.asked) {
        given[of.id] = of.usual.value_or(of.low > 0 ? std::sqrt(of.low * of.high) : (of.low + of.high) / 2);
    }
    return given;
}

TEST(Sums, EachSaysWhatIsMissingAndRefusesWhatIsOutOfBounds) {
    for (const auto& sum : all()) {
        EXPECT_FALSE(work(sum, {}).missing.empty()) << sum.id;
        for (const auto& of : sum.asked) {
            for (const double wrong : {std::nan(""), of.high * 10 + 1, -1e30, double(INFINITY)}) {
                auto given = someOf(sum);
                given[of.id] = wrong;
                const auto answer = work(sum, given);
                EXPECT_TRUE(answer.results.empty()) << sum.id << " " << of.id;
                EXPECT_NE(answer.missing.english().find(of.name.english()), std::string::npos) << sum.id;
            }
        }
    }
}

TEST(Sums, NoneGivesANumberThatIsNone) {
    for (const auto& sum : all()) {
        for (const double share : {0.0, 0.3, 0.7, 1.0}) {
            Given given;
            for (const auto& of : sum.asked) {
                given[of.id] =
                    of.low > 0 ? of.low * std::pow(of.high / of.low, share) : of.low + share * (of.high - of.low);
            }
            for (const auto& result : work(sum, given).results) {
                EXPECT_TRUE(std::isfinite(result.value)) << sum.id << " " << result.id;
            }
        }
    }
}

TEST(Sums, WhatWasNotTypedIsSaidToBeAssumed) {
    const auto answer = work(*find("tester"), {{"n", 48}});
    ASSERT_EQ(answer.assumed.size(), 2U);
    EXPECT_EQ(answer.assumed.front().english(), "each 3.10 V");
    EXPECT_TRUE(work(*find("tester"), {{"n", 48}, {"vled", 3}, {"i", 0.02}}).assumed.empty());
}

TEST(Sums, ASenseResistorIsNoSetResistor) {
    EXPECT_FALSE(work(*find("sense"), {{"i", 0.24}, {"r", 12e3}}).missing.empty());
    EXPECT_FALSE(work(*find("set"), {{"i", 0.24}, {"r", 0.22}}).missing.empty());
}

TEST(Sums, NumbersAreTypedAsAtTheBench) {
    const auto& boost = *find("boost");
    const auto& coil = boost.asked[3];
    const auto value = [](const Asked& of, const char* text, typing::Tongue tongue = typing::Tongue::English) {
        const auto read = readTyped(of, text, tongue);
        return std::holds_alternative<double>(read) ? std::get<double>(read) : -1;
    };
    EXPECT_NEAR(value(coil, "47"), 47e-6, 1e-12);
    EXPECT_NEAR(value(coil, "47u"), 47e-6, 1e-12);
    EXPECT_NEAR(value(coil, "0.047 mH"), 47e-6, 1e-12);
    EXPECT_NEAR(value(boost.asked[4], "200k"), 200e3, 1e-6);
    EXPECT_NEAR(value(boost.asked[2], "240 mA"), 0.24, 1e-12);
    EXPECT_NEAR(value(boost.asked[2], "240"), 0.24, 1e-12);
    EXPECT_NEAR(value(boost.asked[0], "3,3", typing::Tongue::German), 3.3, 1e-12);
    EXPECT_NEAR(value(find("sense")->asked[1], "R22"), 0.22, 1e-12);
    for (const char* wrong : {"", "volts", "12 A", "1e3", "12 V 3"}) {
        EXPECT_EQ(value(boost.asked[0], wrong), -1) << wrong;
    }
}

TEST(Substitute, WithoutLimitsOfItsOwnItIsRefused) {
    parts::DriverModule module{60, 180, 0.3, 2.5, 10, 190, true, true};
    const repair::DriverPlace place{150, 0.24, 3.3, 24};
    EXPECT_TRUE(repair::judge(module, place).refusal.empty()) << repair::judge(module, place).refusal;
    auto unlimited = module;
    unlimited.limitsCurrent = false;
    EXPECT_FALSE(repair::judge(unlimited, place).refusal.empty());
    unlimited = module;
    unlimited.openVolts.reset();
    EXPECT_FALSE(repair::judge(unlimited, place).refusal.empty());
    auto low = module;
    low.highestVolts = 160;  // 150 V and 15 %
    EXPECT_EQ(repair::judge(low, place).fit, repair::Fit::DoesNot);
    auto blind = module;
    blind.dims = false;
    EXPECT_EQ(repair::judge(blind, place).losses.size(), 1U);
}

// 1010 Ω against the nearest of E12 (IEC 60063), 1 kΩ: ten in 1010 too low.
TEST(Sums, APreferredValueSaysHowFarOffItIs) {
    const auto answer = work(*find("resistors"), {{"r", 1010}});
    ASSERT_FALSE(answer.results.empty());
    EXPECT_DOUBLE_EQ(answer.results.front().value, 1000);
    EXPECT_THAT(answer.results.front().words.english(), testing::HasSubstr("0.99 %"));
}

}  // namespace
}  // namespace dimglow::sums
