// What readings teach of a set that nobody has described, held against plain numerical integration.

#include "core/driver/quantities.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "core/reasoning/learning_tree.h"

namespace dimglow::driver {
namespace {

constexpr double slip = 0.004 / 400;  ///< density of a slip of probe or pen, 1/V

const std::array<Quantities::Prior, quantityCount> priors = {
    {{22, 0.5}, {90, 0.3}, {1.2, 0.07}, {0.85, 0.12}, {0.8, 0.8}, {0.54, 0.3}}};

double normal(double x, double mean, double sigma) {
    return std::exp(-0.5 * (x - mean) * (x - mean) / (sigma * sigma)) / (sigma * std::sqrt(2 * M_PI));
}

Modes steady(Reference reference, double times, double spread) {
    const Level level{reference, times, 0, spread, 0, 0};
    return {{1, Shape::Steady, level, level}};
}

// Law of total variance: within the parts and between them.
TEST(Quantities, MixedHaveTheMomentsOfTheMixture) {
    const auto known = [](double idle, double spread) {
        return Quantities({{{idle, spread}, {100, 0.02}, {1.2, 0.05}, {0.85, 0.1}, {0.7, 0.3}}});
    };
    auto mixed = known(24, 0.1);
    mixed.mixIn(known(36, 0.3), 0.25);
    const double between = std::log(36.0 / 24.0);
    EXPECT_NEAR(std::log(mixed.value(Reference::Idle)), std::log(24.0) + 0.25 * between, 1e-12);
    EXPECT_NEAR(std::pow(mixed.spread(Reference::Idle), 2), 0.75 * 0.01 + 0.25 * 0.09 + 0.75 * 0.25 * between * between,
                1e-12);
    EXPECT_NEAR(mixed.spread(Reference::Sink), 0.3, 1e-12);
    EXPECT_TRUE(known(24, 0.1).isLike(known(25, 0.11)));
    EXPECT_FALSE(known(24, 0.1).isLike(known(27, 0.1)));
    EXPECT_FALSE(known(24, 0.1).isLike(known(24, 0.2)));
}

TEST(Learning, OfOneQuantityIsWhatIntegrationOverItGives) {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> log(std::log(14.0), std::log(40.0));
    for (int round = 0; round < 20; ++round) {
        const double truth = std::exp(log(random));
        const double readings[] = {truth, 1.01 * truth, 0.99 * truth};
        Learning learning{Quantities(priors)};
        double learned = 0;
        for (const double reading : readings) {
            learned += learning.take(steady(Reference::Idle, 1, 0.01), Shape::Steady, reading, reading);
        }
        double integral = 0;
        constexpr double step = 1e-4;
        for (double x = std::log(5.0); x < std::log(100.0); x += step) {
            double likelihood = normal(x, std::log(22.0), 0.5) * step;
            for (const double reading : readings) {
                likelihood *= slip + normal(reading, std::exp(x), 0.01 * std::exp(x));
            }
            integral += likelihood;
        }
        EXPECT_NEAR(learned, std::log(integral), 0.1) << truth;
        EXPECT_NEAR(learning.known().value(Reference::Idle), truth, 0.01 * truth);
    }
}

/// Two ways of giving up, as likely as each other, that end at the same volts.
TEST(Learning, WhatShowsTheSetsMannerCountsOnce) {
    const Level peak{Reference::Nothing, 1, 100, 0, 1, 0};
    const Level rest{Reference::Nothing, 1, 20, 0, 1, 0};
    const Modes modes = {{0.5, Shape::PeakThenSettles, peak, rest, Manner::Settles},
                         {0.5, Shape::Wanders, peak, rest, Manner::Wanders}};
    const auto again = [&](Shape first, Shape second) {
        Learning learning{Quantities(priors)};
        learning.take(modes, first, 100, 20);
        return learning.take(modes, second, 100, 20);
    };
    constexpr double ofOtherShape = 0.1;  // taken for each other now and then
    Learning fresh{Quantities(priors)};
    const double unseen = fresh.take(modes, Shape::Wanders, 100, 20);
    const double same = again(Shape::Wanders, Shape::Wanders);
    const double other = again(Shape::PeakThenSettles, Shape::Wanders);
    EXPECT_GT(same, unseen + 0.4) << "no longer one of two ways";
    EXPECT_LT(other, unseen - 0.8);
    EXPECT_GT(other, unseen + std::log(ofOtherShape)) << "never ruled out";
    EXPECT_DOUBLE_EQ(again(Shape::PeakThenSettles, Shape::PeakThenSettles), same);
}

TEST(Learning, OfAProductIsWhatIntegrationOverBothGives) {
    Learning learning{Quantities(priors)};
    double learned = learning.take(steady(Reference::Strings, 1, 0.01), Shape::Steady, 101, 101);
    learned += learning.take(steady(Reference::OverVolts, 1, 0.02), Shape::Steady, 118, 118);
    double integral = 0;
    constexpr double step = 4e-3;
    for (double s = std::log(60.0); s < std::log(160.0); s += step) {
        for (double r = std::log(0.9); r < std::log(1.6); r += step) {
            integral += step * step * normal(s, std::log(90.0), 0.3) * normal(r, std::log(1.2), 0.07) *
                        (slip + normal(101, std::exp(s), 0.01 * std::exp(s))) *
                        (slip + normal(118, std::exp(s + r), 0.02 * std::exp(s + r)));
        }
    }
    EXPECT_NEAR(learned, std::log(integral), 0.1);
}

TEST(Learning, HoldsASecondReadingAgainstTheFirst) {
    Learning learning{Quantities(priors)};
    const auto idle = steady(Reference::Idle, 1, 0.01);
    const double first = learning.take(idle, Shape::Steady, 43, 43);
    auto other = learning;
    EXPECT_GT(learning.take(idle, Shape::Steady, 43.2, 43.2), first + 2) << "the same again was to be expected";
    EXPECT_LT(other.take(idle, Shape::Steady, 60, 60), first - 2) << "whatever it is, it is the same";
}

TEST(Learning, TakesASlipForASlip) {
    Learning learning{Quantities(priors)};
    const auto idle = steady(Reference::Idle, 1, 0.01);
    for (const double volts : {430.0, 43.0, 43.1, 42.9}) {
        learning.take(idle, Shape::Steady, volts, volts);
    }
    EXPECT_NEAR(learning.known().value(Reference::Idle), 43, 0.5);
    EXPECT_LT(learning.known().spread(Reference::Idle), 0.02);
}

TEST(Learning, DoesNotHangOnTheOrder) {
    const auto on = steady(Reference::Strings, 1, 0.004);
    const Modes out = {
        {0.6, Shape::PeakThenSettles, {Reference::OverVolts, 1, 0, 0.03, 0, 0}, {Reference::Idle, 1, 0, 0.1, 1, 0}},
        {0.4, Shape::PeakThenSettles, {Reference::Strings, 0.9, 0, 0.1, 0, 0}, {Reference::Idle, 1, 0, 0.1, 1, 0}}};
    Learning there{Quantities(priors)};
    Learning back{Quantities(priors)};
    const double forth = there.take(on, Shape::Steady, 88, 88) + there.take(out, Shape::PeakThenSettles, 104, 31);
    const double other = back.take(out, Shape::PeakThenSettles, 104, 31) + back.take(on, Shape::Steady, 88, 88);
    EXPECT_NEAR(forth, other, 0.1);
    EXPECT_NEAR(there.known().value(Reference::OverVolts), back.known().value(Reference::OverVolts), 2);
}

class LearningTrees : public testing::TestWithParam<std::size_t> {};

/// Many forecasts that share some of what they expect, asked in turn: each has learned what it alone would have,
/// however little the tree remembers.
TEST_P(LearningTrees, TeachEachForecastWhatItsOwnReadingsDo) {
    std::mt19937 random(10);
    const auto between = [&](double low, double high) { return std::uniform_real_distribution(low, high)(random); };
    std::vector<Modes> expected;
    for (const auto reference : {Reference::Idle, Reference::Strings, Reference::OverVolts, Reference::Sink}) {
        for (int i = 0; i < 3; ++i) {
            expected.push_back(steady(reference, between(0.5, 1.5), 0.02));
            expected.push_back(expected.back());
        }
    }
    reasoning::LearningTree tree(Learning{Quantities(priors)}, GetParam());
    std::vector<int> nodes(40, reasoning::LearningTree::root);
    std::vector<Learning> alone(nodes.size(), Learning{Quantities(priors)});
    for (int reading = 0; reading < 6; ++reading) {
        const double volts = between(1, 150);
        const auto shape = Shape(random() % 3);
        for (std::size_t f = 0; f < nodes.size(); ++f) {
            const auto& modes = expected[random() % expected.size()];
            const auto step = tree.take(nodes[f], modes, shape, volts, 0.5 * volts);
            nodes[f] = step.node;
            EXPECT_DOUBLE_EQ(step.log, alone[f].take(modes, shape, volts, 0.5 * volts));
            EXPECT_DOUBLE_EQ(tree.at(nodes[f]).known().value(Reference::OverVolts),
                             alone[f].known().value(Reference::OverVolts));
        }
    }
}
INSTANTIATE_TEST_SUITE_P(Keeping, LearningTrees, testing::Values(1, 7, 100'000));

/// LED+ and LED− in regulation, of strings that take 90 V of which this one takes `share`.
struct InRegulation {
    Level ledPlus{Reference::Sink, 1, 0, 0, 0.3, 1};
    Level ledMinus{Reference::Sink, 1, 0, 0, 0.3, 0};
    explicit InRegulation(double share) {
        ledPlus.stringShare = share;
        ledPlus.isRegulated = ledMinus.isRegulated = true;
        ledMinus.heldShare = -share;
    }
};

// Kirchhoff: what the strings leave of a level that is held falls at the sink.
TEST(HeldLevel, StaysWhateverTheStringsTakeAndTheSinkHasTheRest) {
    const Quantities held(priors, {}, true);
    const Quantities regulated(priors);
    const double level = held.value(Reference::Idle);
    for (const double share : {1.0, 0.9, 0.5}) {
        const InRegulation lit(share);
        EXPECT_NEAR(held.of(lit.ledPlus).median, level, 1e-9);
        EXPECT_NEAR(held.of(lit.ledMinus).median, level - share * 90, 1e-9);
        EXPECT_NEAR(regulated.of(lit.ledPlus).median, share * 90 + 0.8, 1e-9);
        EXPECT_NEAR(regulated.of(lit.ledMinus).median, 0.8, 1e-9);
    }
    EXPECT_FALSE(held.isLike(regulated)) << "they are two ways in which a set may be made";
}

TEST(HeldLevel, TeachesTheIdleAndNotTheStrings) {
    Quantities held(priors, {}, true);
    held.take(InRegulation(0.9).ledPlus, 100);
    EXPECT_NEAR(held.value(Reference::Idle), 100, 1);
    EXPECT_DOUBLE_EQ(held.value(Reference::Strings), 90);
    held.take(InRegulation(1).ledMinus, 8);
    EXPECT_NEAR(held.value(Reference::Strings), 92, 1.5);
}

// What a weak supply reaches is a share of the strings' volts: one reading of it foretells the next, and says little of
// the strings; where those are known it is known the sooner.
TEST(Reach, IsLearnedOnceAndForEveryFeed) {
    Quantities known(priors, {{0.5, 0.01}});
    const Level reach{Reference::Reach, 1, 0, 0.015, 0.2, 0};
    const double before = known.density(reach, 40);
    known.take(reach, 40);
    EXPECT_NEAR(known.value(Reference::Reach), 40, 0.5);
    EXPECT_GT(known.density(reach, 40), 5 * before);
    EXPECT_NEAR(known.value(Reference::Reach, 1), 20, 0.5);
    EXPECT_NEAR(known.value(Reference::Strings), 90, 15);
    Quantities described(priors);
    described.take({Reference::Strings, 1, 0, 0.005, 0, 0}, 90);
    EXPECT_LT(described.spread(Reference::Reach), 0.9 * Quantities(priors).spread(Reference::Reach));
}

// What a meter shows of an output that it can follow, and of one that it cannot, are two manners: a set has one.
TEST(Manners, AnAveragedOutputIsNotOneThatReachesItsTop) {
    const auto wander = [](Reference top, Reference bottom) {
        return mannerOfOutput({1, Shape::Wanders, {top, 1, 0, 0.05, 0, 0}, {bottom, 1, 0, 0.05, 0, 0}});
    };
    EXPECT_EQ(wander(Reference::Hunting, Reference::Idle), Manner::Flutters);
    EXPECT_EQ(wander(Reference::OverVolts, Reference::Idle), Manner::Wanders);
    EXPECT_EQ(wander(Reference::Hunting, Reference::Strings), Manner::Wanders);
    EXPECT_EQ(wander(Reference::Reach, Reference::Idle), Manner::Wanders) << "it tries, and the meter follows";
}

}  // namespace
}  // namespace dimglow::driver
