#include "core/repair/current.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "core/parts/resistors.h"

namespace dimglow::repair {
namespace {

using parts::Resistors;
using parts::Series;

/// Every series and parallel network of exactly that many of \p values, by its ohms: the slow, plain way.
std::vector<double> everyNetwork(const std::vector<double>& values, int count) {
    if (count == 1) {
        return values;
    }
    std::vector<double> all;
    for (int left = 1; left <= count / 2; ++left) {
        for (const double a : everyNetwork(values, left)) {
            for (const double b : everyNetwork(values, count - left)) {
                all.push_back(a + b);
                all.push_back(a * b / (a + b));
            }
        }
    }
    return all;
}

TEST(Resistors, TheNearestIsWhatAnExhaustiveSearchFinds) {
    std::mt19937 random(4);
    std::uniform_real_distribution<double> decade(-1, 1);
    for (int trial = 0; trial < 6; ++trial) {
        const double wanted = std::pow(10, decade(random));
        std::vector<double> stock;
        for (int exponent = -4; exponent <= 3; ++exponent) {
            for (const int value : parts::valuesOf(Series::E12)) {
                const double ohms = value * std::pow(10, exponent);
                if (ohms >= wanted / 100 && ohms <= wanted * 100) {
                    stock.push_back(ohms);
                }
            }
        }
        for (int most = 1; most <= 3; ++most) {
            double least = INFINITY;
            for (int count = 1; count <= most; ++count) {
                for (const double made : everyNetwork(stock, count)) {
                    least = std::min(least, std::abs(made - wanted));
                }
            }
            const auto found = parts::nearest(wanted, Series::E12, most).back();
            EXPECT_NEAR(std::abs(found.ohms - wanted), least, 1e-9 * wanted) << wanted << " of " << most;
        }
    }
}

TEST(Resistors, AFourthPartIsUsedWhereItComesNearer) {
    const auto ways = parts::nearest(0.1234567, Series::E24, 4);
    for (std::size_t i = 1; i < ways.size(); ++i) {
        EXPECT_LT(std::abs(ways[i].ohms - 0.1234567), std::abs(ways[i - 1].ohms - 0.1234567));
    }
    EXPECT_EQ(parts::countOf(ways.back()), 4);
}

TEST(Resistors, ANameIsReadBack) {
    for (const char* name : {"R22", "R22 ∥ R33", "R22 ∥ (R47 + 1R)", "10k", "4R7 + 4R7"}) {
        const auto network = parts::readResistors(name);
        ASSERT_TRUE(network) << name;
        EXPECT_EQ(parts::nameOf(*network), name);
    }
    EXPECT_NEAR(parts::readResistors("0.22 || 0.22")->ohms, 0.11, 1e-12);
    EXPECT_NEAR(parts::readResistors("0,22 // 0,33 Ω")->ohms, 0.132, 1e-12);
    for (const char* wrong : {"", "100", "R22 ∥", "(R22", "R22 R33", "-1", "0", "((((((((((R22))))))))))", "nan"}) {
        EXPECT_FALSE(parts::readResistors(wrong)) << wrong;
    }
}

TEST(Resistors, HeatAddsUpToThatOfTheWhole) {
    const auto network = *parts::readResistors("R22 ∥ (R47 + 1R)");
    double watts = 0;
    for (const auto& part : parts::wattsIn(network, 1.2)) {
        watts += part.watts;
    }
    EXPECT_NEAR(watts, 1.2 * 1.2 * network.ohms, 1e-9);
}

TEST(Current, SenseAndSetAreDifferentKinds) {
    EXPECT_EQ(kindOf(0.22), CurrentBy::Sense);
    EXPECT_EQ(kindOf(12e3), CurrentBy::Set);
    EXPECT_FALSE(kindOf(200));
}

TEST(Current, AFifthLessIsAQuarterMoreOhms) {
    const auto law = lawOf(CurrentBy::Sense, 0.24, 1);
    EXPECT_NEAR(law.ohms(0.192), 1.25, 1e-12);
    for (const auto& way : waysTo(law, 0.192, Series::E24, 3)) {
        EXPECT_NEAR(way.amps, law.amps(way.resistors.ohms), 1e-12);
        EXPECT_NEAR(way.off, way.amps / 0.192 - 1, 1e-12);
    }
    EXPECT_LT(std::abs(waysTo(law, 0.192, Series::E24, 3).back().off), 0.001);
    EXPECT_EQ(direction(1, 1.25).english(), "more ohms: less current");
    EXPECT_EQ(direction(1, 0.8).english(), "fewer ohms: more current");
}

TEST(Current, OneBranchOfTwoIsChangedOrTakenOut) {
    const auto found = *parts::readResistors("R22 ∥ R22");
    const auto law = lawOf(CurrentBy::Sense, 0.24, found.ohms);
    const auto half = waysByOneBranch(law, found, 0.12, Series::E24);
    EXPECT_EQ(parts::nameOf(half.front().resistors), "R22");  // one branch alone is half the current
    const auto less = waysByOneBranch(law, found, 0.2, Series::E24);
    EXPECT_EQ(parts::nameOf(less.front().resistors), "R22 ∥ R33");
}

TEST(Current, ASetResistorCarriesNoLedCurrent) {
    EXPECT_TRUE(waysTo(lawOf(CurrentBy::Set, 0.24, 12e3), 0.2, Series::E24, 2).front().heat.empty());
}

TEST(Current, LessCurrentNeverShortensLife) {
    for (double amps = 0.3; amps > 0.05; amps -= 0.01) {
        EXPECT_LE(lifeTimes(0.3, amps), lifeTimes(0.3, amps - 0.01));
    }
    EXPECT_NEAR(lifeTimes(1, 0.8), 1.40, 0.005);  // (1/0.8)^1.5
}

}  // namespace
}  // namespace dimglow::repair
