#include <gtest/gtest.h>

#include <cmath>
#include <functional>
#include <random>

#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "core/plan/colour.h"
#include "core/plan/light_map.h"
#include "core/plan/scene.h"
#include "core/plan/template_svg.h"
#include "core/plan/universal.h"

namespace dimglow::plan {
namespace {

LightSpot bare(double x, double y, double exponent = 1) {
    LightSpot spot;
    spot.at = {x, y};
    spot.lobe.exponent = exponent;
    return spot;
}

TEST(LightMap, FollowsTheInverseSquareAndTheCosine) {
    const double near = arriving(bare(0, 0), 10, {0, 0});
    EXPECT_NEAR(arriving(bare(0, 0), 20, {0, 0}), near / 4, 1e-12);
    // 45° aside of a Lambert source: cosine of the source, of incidence, and twice the distance squared.
    EXPECT_NEAR(arriving(bare(0, 0), 10, {10, 0}), near / 4, 1e-9);
}

TEST(LightMap, AllThatLeavesALedArrivesSomewhere) {
    for (const auto& lobe : {Lobe{}, Lobe{3, {}}, batwingLens(), cloudedLens(batwingLens(), 0.5)}) {
        LightSpot spot;
        spot.lobe = lobe;
        double sum = 0;
        for (double r = 0.05; r < 4000; r += 0.1) {
            sum += arriving(spot, 10, {r, 0}) * 2 * M_PI * r * 0.1;
        }
        EXPECT_NEAR(sum, 1, 0.03) << lobe.exponent << (lobe.hasLens() ? " lens" : "");
    }
}

/// The second difference along x, in the middle between spots: none where they are as far apart as is flattest.
double bendBetween(const std::vector<LightSpot>& spots, double depth) {
    const auto at = [&](double x) {
        double sum = 0;
        for (const auto& spot : spots) {
            sum += arriving(spot, depth, {x, 0});
        }
        return sum;
    };
    constexpr double step = 1e-3;
    return (at(step) - 2 * at(0) + at(-step)) / (step * step) / at(0);
}

// Moreno, Avendaño-Alejo and Tzonchev, Appl. Opt. 45, 2265 (2006); their exponent counts the cosine of the target in.
TEST(LightMap, TwoLedsAreFlattestWhereMorenoSays) {
    for (const double m : {1.0, 2.0, 5.0}) {
        const double depth = 10;
        const double apart = depth * std::sqrt(4 / (m + 4));
        const auto pair = [&](double d) { return std::vector{bare(-d / 2, 0, m), bare(d / 2, 0, m)}; };
        EXPECT_NEAR(bendBetween(pair(apart), depth), 0, 1e-5);
        EXPECT_LT(bendBetween(pair(0.9 * apart), depth), -1e-4);
        EXPECT_GT(bendBetween(pair(1.1 * apart), depth), 1e-4);
        const double side = depth * std::sqrt(4 / (m + 3));
        const double h = side / 2;
        EXPECT_NEAR(bendBetween({bare(-h, -h, m), bare(h, -h, m), bare(-h, h, m), bare(h, h, m)}, depth), 0, 1e-5);
    }
}

TEST(LightMap, TheGridIsHeldAgainstTheFormula) {
    LightBox box{200, 120, 20, 0, 0};
    std::mt19937 random(7);
    std::uniform_real_distribution<double> x(0, 200);
    std::uniform_real_distribution<double> y(0, 120);
    std::vector<LightSpot> spots;
    for (int i = 0; i < 9; ++i) {
        spots.push_back(bare(x(random), y(random), 1 + i % 3));
        spots.back().flux = 0.3 + 0.1 * i;
    }
    const auto map = lightMap(box, spots, 101, 61);
    for (int trial = 0; trial < 200; ++trial) {
        const int column = int(x(random) / 2);
        const int row = int(y(random) / 2);
        double plain = 0;
        for (const auto& spot : spots) {
            plain += arriving(spot, box.depthMm, {column * 2.0, row * 2.0});
        }
        EXPECT_NEAR(map.of(column, row), plain, 0.02 * plain);
    }
}

TEST(LightMap, ADeadLedNeverBrightensASpot) {
    LightBox box;
    std::vector<LightSpot> spots;
    for (int i = 0; i < 48; ++i) {
        spots.push_back(bare(40 + 75 * (i % 12), 70 + 130 * (i / 12)));
    }
    const auto lit = lightMap(box, spots, 60, 40);
    spots[17].flux = 0;
    const auto dark = lightMap(box, spots, 60, 40);
    for (std::size_t i = 0; i < lit.at.size(); ++i) {
        EXPECT_LE(dark.at[i], lit.at[i] * 1.0001F);
    }
    // Darkest of all lit places is where it went out.
    std::size_t most = 0;
    for (std::size_t i = 0; i < lit.at.size(); ++i) {
        most = dark.at[i] / lit.at[i] < dark.at[most] / lit.at[most] ? i : most;
    }
    EXPECT_NEAR(double(most % 60) * box.widthMm / 59, spots[17].at.x, 16);
    EXPECT_NEAR(double(most / 60) * box.heightMm / 39, spots[17].at.y, 14);
}

TEST(Colour, TemperaturesOfPublishedWhites) {
    // D65, and the worked example of Hernández-Andrés et al. (1999); McCamy (1992) puts the latter at 13,945 K.
    EXPECT_NEAR(colourTemperature({0.3127, 0.3290}), 6505, 5);
    EXPECT_NEAR(colourTemperature({0.27, 0.26}), 14811, 15);
}

TEST(Colour, MixingTwoWhitesLiesBetween) {
    const Chromaticity warm{0.35, 0.36};
    const Chromaticity cool{0.28, 0.29};
    const auto a = tristimulusOf(warm, 1);
    const auto b = tristimulusOf(cool, 1);
    const auto mixed = chromaticityOf({a.x + b.x, a.y + b.y, a.z + b.z});
    EXPECT_LT(differenceOf(mixed, warm), differenceOf(cool, warm));
    EXPECT_NEAR(chromaticityOf(a).x, warm.x, 1e-12);
    EXPECT_NEAR(differenceOf(warm, warm), 0, 1e-15);
}

TEST(Looks, ATintedLedShowsWhereItIs) {
    auto scene = withLook(asMade(backlight::plainBacklight({})), "yellow", 20);
    ASSERT_TRUE(isTinted(scene.spots));
    const auto map = tintMap(scene.box, scene.spots, 80, 45);
    EXPECT_GT(largestTint(map, usualWhite(scene.spots)), visibleDifference);
    const auto& at = scene.spots[20].at;
    const int column = int(at.x / scene.box.widthMm * 79);
    const int row = int(at.y / scene.box.heightMm * 44);
    EXPECT_GT(differenceOf(map.of(column, row), usualWhite(scene.spots)),
              differenceOf(map.of(79, 44), usualWhite(scene.spots)));
}

TEST(Looks, EachChangesThePicture) {
    const auto made = asMade(backlight::plainBacklight({}));
    const auto before = lightMap(made.box, made.spots, 80, 45);
    for (const auto& look : looks()) {
        const auto scene = withLook(made, look.id, 20);
        const auto after = lightMap(scene.box, scene.spots, 80, 45);
        double most = 0;
        for (std::size_t i = 0; i < before.at.size(); ++i) {
            most = std::max(most, std::abs(double(after.at[i]) / before.at[i] - 1));
        }
        EXPECT_TRUE(most > 0.02 || isTinted(scene.spots)) << look.id;
        EXPECT_FALSE(look.cause.empty() || look.cure.empty());
    }
    EXPECT_THROW(withLook(made, "dark", 4800), std::out_of_range);
    EXPECT_THROW(withLook(made, "no such", 0), std::out_of_range);
}

UniversalTask smallTask() {
    UniversalTask task;
    task.widthMm = 60;
    task.heightMm = 40;
    task.endMm = 2;
    task.cutGapMm = 3;
    task.stock = {2, 12, 10, 10, 6, 0.3};
    task.rows = {{20, {6, 17, 31, 43, 54}, {}}};
    return task;
}

/// Every way to lay \p count segments on the grid: the slow, plain way.
double leastByForce(const UniversalTask& task, const Row& row, int count) {
    const auto& stock = task.stock;
    const auto wanted = wantedPlaces(row, task.aim, count * stock.segmentLeds, task.widthMm);
    const auto isFree = [&](double from) {
        for (const auto& k : row.keepOuts) {
            if (from < k.toMm && from + stock.segmentMm > k.fromMm) {
                return false;
            }
        }
        return from + stock.segmentMm <= task.widthMm - task.endMm;
    };
    double least = INFINITY;
    const std::function<void(int, double, double)> lay = [&](int placed, double end, double squares) {
        if (placed == count) {
            least = std::min(least, squares);
            return;
        }
        const auto with = [&](double from) {
            double sum = squares;
            for (int i = 0; i < stock.segmentLeds; ++i) {
                const double light = from + stock.segmentMm * (i + 0.5) / stock.segmentLeds;
                const double off = light - wanted[std::size_t(placed * stock.segmentLeds + i)];
                sum += off * off;
            }
            lay(placed + 1, from + stock.segmentMm, sum);
        };
        if (placed > 0 && isFree(end)) {
            with(end);
        }
        const double first = placed == 0 ? task.endMm : std::ceil(end - 1e-9) + task.cutGapMm;
        for (double from = first; from + stock.segmentMm <= task.widthMm; from += 1) {
            if (isFree(from)) {
                with(from);
            }
        }
    };
    lay(0, 0, 0);
    return least;
}

TEST(Universal, PlacesAreTheBestThatBruteForceFinds) {
    std::mt19937 random(11);
    std::uniform_int_distribution<int> at(4, 50);
    std::uniform_real_distribution<double> length(9, 14);
    for (int trial = 0; trial < 60; ++trial) {
        auto task = smallTask();
        task.stock.segmentMm = length(random);
        task.aim = trial % 2 == 0 ? Aim::OldPlaces : Aim::Even;
        auto& row = task.rows[0];
        if (trial % 3 != 0) {
            const double rib = at(random);
            row.keepOuts = {{rib, rib + 2}};
        }
        for (int count = 1; count <= 4; ++count) {
            const auto placed = placeRow(task, row, count);
            const double least = leastByForce(task, row, count);
            if (!placed) {
                EXPECT_EQ(least, INFINITY);
            } else {
                EXPECT_NEAR(placed->squares, least, 1e-6 * (1 + least)) << trial << " " << count;
            }
        }
    }
}

TEST(Universal, NoSegmentLiesOnARibOrOnAnother) {
    auto task = smallTask();
    task.rows[0].keepOuts = {{20, 24}, {40, 41}};
    const auto plan = planUniversal(task);
    ASSERT_TRUE(plan.refusal.empty()) << plan.refusal;
    double end = 0;
    for (const auto& segment : plan.rows[0].segments) {
        EXPECT_GE(segment.fromMm, segment.joinsLast ? end - 1e-9 : end);
        for (const auto& k : task.rows[0].keepOuts) {
            EXPECT_FALSE(segment.fromMm < k.toMm && segment.fromMm + 12 > k.fromMm);
        }
        end = segment.fromMm + 12;
    }
}

TEST(Universal, IsNeverWorseThanEqualSpacing) {
    for (int count = 2; count <= 4; ++count) {
        auto task = smallTask();
        task.rows[0].keepOuts.clear();
        const auto placed = placeRow(task, task.rows[0], count);
        ASSERT_TRUE(placed);
        const auto wanted = wantedPlaces(task.rows[0], task.aim, count * 2, task.widthMm);
        double equal = 0;
        const double room = (task.widthMm - 2 * task.endMm - count * 12) / (count - 1);
        for (int k = 0; k < count; ++k) {
            const double from = std::round(task.endMm + k * (12 + room));
            for (int i = 0; i < 2; ++i) {
                const double off = from + 12 * (i + 0.5) / 2 - wanted[std::size_t(2 * k + i)];
                equal += off * off;
            }
        }
        if (room >= task.cutGapMm) {
            EXPECT_LE(placed->squares, equal + 1e-9);
        }
    }
}

TEST(Universal, SuitsTheDriverAndListsWiresAndOffcuts) {
    const auto board = backlight::plainBacklight({});
    UniversalTask task;
    task.widthMm = board.drawnWidthMm();
    task.heightMm = board.drawnHeightMm();
    task.rows = rowsOf(board);
    task.stock = {3, 150, 6, 12, 9.3, 0.35};
    task.driverVolts = backlight::healthyStringVolts(board);
    task.driverAmps = 0.24;
    const auto plan = planUniversal(task);
    ASSERT_TRUE(plan.refusal.empty()) << plan.refusal;
    EXPECT_NEAR(plan.stringVolts, task.driverVolts, 0.15 * task.driverVolts);
    EXPECT_EQ(plan.wires.front().from, "LED+");
    EXPECT_EQ(plan.wires.back().to, "LED−");
    int used = 0;
    for (const auto& piece : plan.pieces) {
        used += piece.segments;
    }
    int left = 0;
    for (const int offcut : plan.offcuts) {
        left += offcut;
        EXPECT_GE(offcut, 0);
    }
    EXPECT_EQ(used + left, plan.stockStrips * task.stock.segments);
    // Minus of each piece goes to plus of the next, so that the whole row is one string.
    for (std::size_t i = 1; i + 1 < plan.wires.size(); ++i) {
        EXPECT_TRUE(plan.wires[i].from.ends_with("−") && plan.wires[i].to.ends_with("+"));
    }
}

TEST(Universal, RefusesWhatHasNoRoomOrNoFigures) {
    auto task = smallTask();
    task.segmentsPerRow = 6;
    EXPECT_FALSE(planUniversal(task).refusal.empty());
    task = smallTask();
    task.stock.segmentVolts = NAN;
    EXPECT_FALSE(planUniversal(task).refusal.empty());
    task = smallTask();
    task.rows.clear();
    EXPECT_FALSE(planUniversal(task).refusal.empty());
}

TEST(Template, IsDrawnInMillimetresWithAMeasure) {
    const auto task = smallTask();
    const auto svg = templateSvg(task, planUniversal(task));
    EXPECT_NE(svg.find(R"(width="60mm")"), std::string::npos);
    EXPECT_NE(svg.find("m0 2h100m"), std::string::npos);
    EXPECT_NE(svg.find("100 mm</text>"), std::string::npos);
}

TEST(Template, PagesCoverThePanelAndOverlap) {
    for (const double width : {150.0, 190.0, 191.0, 940.0}) {
        const auto tiles = tilesOf(width, 530, 190, 277, 10);
        double right = 0;
        double bottom = 0;
        for (const auto& tile : tiles) {
            EXPECT_LE(tile.x, std::max(0.0, right - 10) + 1e-9);
            right = std::max(right, tile.x + tile.width);
            bottom = std::max(bottom, tile.y + tile.height);
        }
        EXPECT_GE(right, width);
        EXPECT_GE(bottom, 530);
        EXPECT_LT(right - width, 190);
    }
}

}  // namespace
}  // namespace dimglow::plan
