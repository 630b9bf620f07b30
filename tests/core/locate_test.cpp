#include <gtest/gtest.h>

#include <cmath>
#include <numeric>
#include <random>
#include <vector>

#include "core/backlight/plain.h"
#include "core/locate/cells.h"

namespace dimglow::locate {
namespace {

/// Probes until one LED is left; \returns how many were needed.
int probesToFind(int target, std::vector<double> weights) {
    int first = 0;
    int probes = 0;
    while (weights.size() > 1) {
        const int lead = halfSplit(weights);
        ++probes;
        if (target < first + lead) {
            weights.resize(lead);
        } else {
            weights.erase(weights.begin(), weights.begin() + lead);
            first += lead;
        }
    }
    EXPECT_EQ(first, target);
    return probes;
}

// Binary search over equally likely places: ⌈log2 N⌉ probes at most, the information-theoretic bound (Shannon 1948).
TEST(HalfSplit, FindsOneOpenInAtMostLog2NProbesForEveryStringUpTo200) {
    for (int n = 1; n <= 200; ++n) {
        const int bound = int(std::ceil(std::log2(n)));
        for (int target = 0; target < n; ++target) {
            ASSERT_LE(probesToFind(target, std::vector<double>(n, 1.0 / n)), bound) << n << " LEDs, open at " << target;
        }
    }
}

// Splitting by weight stays within two questions of the entropy: Gilbert and Moore, "Variable-length binary
// encodings", BSTJ 38, 1959, Theorem on alphabetical codes: average < H + 2.
TEST(HalfSplit, StaysWithinTwoProbesOfTheEntropyForUnevenWeights) {
    std::mt19937 random(7);
    for (int round = 0; round < 50; ++round) {
        std::vector<double> weights(2 + round);
        for (auto& w : weights) {
            w = std::exponential_distribution(1.0)(random);
        }
        const double sum = std::accumulate(weights.begin(), weights.end(), 0.0);
        double entropy = 0;
        double average = 0;
        for (std::size_t i = 0; i < weights.size(); ++i) {
            weights[i] /= sum;
            entropy -= weights[i] * std::log2(weights[i]);
        }
        for (std::size_t i = 0; i < weights.size(); ++i) {
            average += weights[i] * probesToFind(int(i), weights);
        }
        EXPECT_GE(average, entropy - 1e-9);
        EXPECT_LT(average, entropy + 2);
    }
}

TEST(HalfSplit, HasNothingToSplitInOneLed) {
    EXPECT_EQ(halfSplit(std::vector<double>{1.0}), 0);
    EXPECT_EQ(halfSplit(std::vector<double>{}), 0);
}

TEST(HalfSplit, GoesBesideTheOneHeavyLed) {
    EXPECT_EQ(halfSplit(std::vector<double>{0.01, 0.01, 0.96, 0.01, 0.01}), 2);
}

class Partition : public testing::Test {
protected:
    int ledsIn(const CellPartition& partition) const {
        int leds = 0;
        for (const auto& cell : partition.cells()) {
            leds += int(cell.positions.size());
        }
        return leds;
    }
    backlight::Backlight panel_ = backlight::plainBacklight({});
};

TEST_F(Partition, StartsWithOneCellPerStrip) {
    const CellPartition partition(panel_);
    EXPECT_EQ(partition.cells().size(), 4u);
    EXPECT_EQ(ledsIn(partition), 48);
}

TEST_F(Partition, SplitKeepsEveryLedAndSeparatesInsideFromOutside) {
    CellPartition partition(panel_);
    const backlight::Run run{{0, 0}, 6, 17};
    const auto parts = partition.split(run);
    EXPECT_EQ(partition.cells().size(), 6u);
    EXPECT_EQ(ledsIn(partition), 48);
    for (const auto& cell : partition.cells()) {
        for (const int position : cell.positions) {
            EXPECT_EQ(run.contains(position), inside(cell, run));
        }
    }
    ASSERT_EQ(parts.size(), 4u);
    EXPECT_GE(parts[0].within, 0);
    EXPECT_GE(parts[0].without, 0);
    EXPECT_EQ(parts[3].within, -1);
}

TEST_F(Partition, SplittingTwiceAlongTheSameRunChangesNothing) {
    CellPartition partition(panel_);
    partition.split({{0, 0}, 3, 9});
    const auto before = partition.cells().size();
    partition.split({{0, 0}, 3, 9});
    EXPECT_EQ(partition.cells().size(), before);
}

TEST_F(Partition, FindsEveryLedsCell) {
    CellPartition partition(panel_);
    partition.split({{0, 0}, 14, 14});
    for (int strip = 0; strip < 4; ++strip) {
        for (int led = 0; led < 12; ++led) {
            const backlight::LedPlace place{strip, led};
            const auto& cell = partition.cells().at(partition.cellOf(place));
            EXPECT_EQ(partition.placeOf(cell, partition.positionOf(place)), place);
        }
    }
}

}  // namespace
}  // namespace dimglow::locate
