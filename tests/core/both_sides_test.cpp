// Faults of the boards together with faults of LEDs: what is looked for apart, held against what each side says alone.

#include <gtest/gtest.h>

#include "tests/support/told.h"

#include <algorithm>
#include <map>
#include <random>
#include <set>

#include "core/findings/standing.h"
#include "core/reasoning/belief.h"

namespace dimglow::reasoning {
namespace {

using test::Told;

using Board = std::array<int, 5>;  ///< suspect, part, point, feed, course
using Set = std::vector<faults::Fault>;

Board boardOf(const Hypothesis& h) {
    return {h.suspect, h.part, h.point, h.feed, h.course};
}

Set setOf(const Hypothesis& h) {
    return {h.faults.begin(), h.faults.end()};
}

/// What the bench has read, of both sides or of one of them.
struct Bench {
    std::vector<std::string> ofBoards;
    std::vector<std::string> ofUnits;

    explicit Bench(unsigned seed) {
        std::mt19937 random(seed);
        const auto oneIn = [&](int n) { return std::uniform_int_distribution(1, n)(random) == 1; };
        const int good = std::uniform_int_distribution(0, 3)(random);
        for (int part = 0; part < 4; ++part) {
            ofBoards.push_back("supplyCapacitor C2" + std::to_string(part) +
                               (part == good && oneIn(2) ? " = 462uF of 470uF" : " = 205uF of 470uF"));
        }
        ofBoards.emplace_back(oneIn(2) ? "driverFuse F2 = 0.1" : "mainRail 24V = 18.1 of 24");
        ofBoards.emplace_back("supplyCapacitor C26 looks bulged");
        const int bad = std::uniform_int_distribution(0, 3)(random);
        for (int strip = 0; strip < 4; ++strip) {
            ofUnits.push_back("run " + std::to_string(strip) + (strip == bad ? " 14.0, 5 lit" : " 16.8, 6 lit"));
        }
    }

    template <class With>
    static void infer(const std::vector<std::string>& first, const std::vector<std::string>& second, With with) {
        Told told({"strips 4 × 6, 2 strips per string", "open"});
        for (const auto* lines : {&first, &second}) {
            for (const auto& line : *lines) {
                told.tell(line);
            }
        }
        Model model(told.job().set, trade(), findings::standingEvidence(told.job(), trade()));
        const auto belief = reasoning::infer(model);
        with(model, belief);
    }
};

class BothSides : public testing::TestWithParam<int> {
protected:
    /// Shares of explanations with faults on both sides.
    std::map<std::pair<Board, Set>, double> pairs() const {
        std::map<std::pair<Board, Set>, double> result;
        Bench::infer(bench_.ofBoards, bench_.ofUnits, [&](const Model& model, const Belief& belief) {
            for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
                const auto& hypothesis = belief.hypotheses[h];
                if (isOfBothSides(model, hypothesis)) {
                    result[{boardOf(hypothesis), setOf(hypothesis)}] += belief.shares[h];
                }
            }
        });
        return result;
    }
    const Bench bench_{unsigned(GetParam())};
};

// Nothing that was read hangs on both sides, so what speaks for the board's fault does so beside any fault of LEDs.
TEST_P(BothSides, EachSideIsJudgedByItsOwnReadings) {
    const auto shares = pairs();
    ASSERT_FALSE(shares.empty());
    const auto most = std::max_element(shares.begin(), shares.end(),
                                       [](const auto& a, const auto& b) { return a.second < b.second; });
    int compared = 0;
    for (const auto& [pair, share] : shares) {
        const auto sameBoard = shares.find({pair.first, most->first.second});
        const auto sameSet = shares.find({most->first.first, pair.second});
        if (sameBoard != shares.end() && sameSet != shares.end()) {
            const double expected = sameBoard->second * sameSet->second / most->second;
            EXPECT_NEAR(share, expected, 1e-6 + 0.001 * expected);
            compared += pair.first != most->first.first && pair.second != most->first.second ? 1 : 0;
        }
    }
    EXPECT_GT(compared, 0);
}

// The slow way is to infer from the readings of one side alone.
TEST_P(BothSides, TheLikeliestOfEachSideIsTheLikeliestOfItsReadingsAlone) {
    const auto shares = pairs();
    ASSERT_FALSE(shares.empty());
    std::map<Board, double> boards;
    std::map<Set, double> sets;
    for (const auto& [pair, share] : shares) {
        boards[pair.first] += share;
        sets[pair.second] += share;
    }
    const auto best = [](const auto& all) {
        return *std::max_element(all.begin(), all.end(),
                                 [](const auto& a, const auto& b) { return a.second < b.second; });
    };
    std::map<Board, double> plainBoards;
    Bench::infer(bench_.ofBoards, {}, [&](const Model& model, const Belief& belief) {
        for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
            const auto& suspect = model.suspectOf(belief.hypotheses[h]);
            if (belief.hypotheses[h].faults.empty() && !suspect.isNoneOfThese) {
                plainBoards[boardOf(belief.hypotheses[h])] += belief.shares[h];
            }
        }
    });
    std::map<Set, double> plainSets;
    Bench::infer(bench_.ofUnits, {}, [&](const Model& model, const Belief& belief) {
        for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
            const auto& faults = belief.hypotheses[h].faults;
            const bool isOfUnits =
                !faults.empty() && !isOfBothSides(model, belief.hypotheses[h]) &&
                std::all_of(faults.begin(), faults.end(), [](const auto& f) { return faults::asUnits(f) != nullptr; });
            if (isOfUnits) {
                plainSets[setOf(belief.hypotheses[h])] += belief.shares[h];
            }
        }
    });
    // Of several that are alike either may be first.
    EXPECT_NEAR(plainBoards[best(boards).first], best(plainBoards).second, 1e-9);
    EXPECT_NEAR(plainSets[best(sets).first], best(plainSets).second, 1e-9);
}

// Two faults are rarer than one: without a reading that one side leaves open there is nothing of both.
TEST_P(BothSides, AreLookedForOnlyWhereOneSideLeavesAReadingOpen) {
    Bench::infer(bench_.ofBoards, {}, [](const Model& model, const Belief& belief) {
        for (const auto& hypothesis : belief.hypotheses) {
            EXPECT_FALSE(isOfBothSides(model, hypothesis));
        }
    });
}

INSTANTIATE_TEST_SUITE_P(Seeds, BothSides, testing::Range(0, 8));

}  // namespace
}  // namespace dimglow::reasoning
