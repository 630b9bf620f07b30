#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <map>
#include <random>

#include "core/format/moment.h"
#include "core/hands/layer_line.h"
#include "core/hands/opening_json.h"
#include "core/hands/work.h"
#include "core/knowledge/knowledge.h"

namespace dimglow::hands {
namespace {

using typing::LineProblem;
using typing::Tongue;

const Trade& trade() {
    return knowledge::builtInKnowledge().hands;
}

LayerLine read(const char* line, Tongue tongue = Tongue::English) {
    const auto said = readLayerLine(line, tongue);
    if (const auto* problem = std::get_if<LineProblem>(&said)) {
        ADD_FAILURE() << line << ": " << problem->words << " " << problem->reason;
        return {};
    }
    return std::get<LayerLine>(said);
}

/// What was understood of a line, as it is read back to whoever typed it.
std::string heard(const LayerLine& said) {
    std::string words = said.kind ? wordsOf(Layer{0, *said.kind, said.name, {}, {}}).english() + ":" : "";
    for (const auto& item : said.items) {
        words += (words.empty() ? "" : " ") + wordsOf(item).english() + ";";
    }
    return words;
}

struct Typed {
    Tongue tongue;
    const char* line;
    const char* heard;
};
void PrintTo(const Typed& typed, std::ostream* out) {
    *out << (typed.tongue == Tongue::English ? "English" : "German");
}

constexpr const char* picture =
    "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa"
    "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa.png";

class LayerLines : public testing::TestWithParam<Typed> {};

TEST_P(LayerLines, AreHeardAsMeant) {
    EXPECT_EQ(heard(read(GetParam().line, GetParam().tongue)), GetParam().heard) << GetParam().line;
}

constexpr auto en = Tongue::English;
constexpr auto de = Tongue::German;
const Typed typedLines[] = {
    {en, "back: 14 × M3×8 edge, 4 × M4×12 stand; 2 clips top",
     "back: 14 × M3×8, around the edge; 4 × M4×12, at the stand; 2 × clips, upper edge;"},
    {en, "back 14 m3x8 edge", "back: 14 × M3×8, around the edge;"},
    {en, "Back: 14xM3x8", "back: 14 × M3×8;"},
    {en, "rear cover: 12 screws", "back: 12 × screws;"},
    {en, "back: 14 m3 x 8 all around, 1 loose button", "back: 14 × M3×8, around the edge; 1 × loose button;"},
    {en, "boards: 9 M3x6, 3 plugs, 2 flat cables", "boards: 9 × M3×6; 3 × plugs; 2 × flat cables;"},
    {en, "boards and brackets: 9 × M3×6 cross; 4 nuts M4", "boards: 9 × M3×6, cross; 4 × M4, nuts;"},
    {en, "brackets: 6 M4x10 hex left", "brackets: 6 × M4×10, hex, left edge;"},
    {en, "frame: 22 clips, 6 M2x5", "frame: 22 × clips; 6 × M2×5;"},
    {en, "bezel: 8 clips bottom edge", "frame: 8 × clips, lower edge;"},
    {en, "glass", "glass:"},
    {en, "glass: 2 ribbons zif bonded", "glass: 2 × flat cables, zif bonded;"},
    {en, "3 films, notch top left, dull up",
     "films: film, dull side up, notch top left; film, dull side up, notch top left; film, dull side up, notch top "
     "left;"},
    {en, "films: prism lines across dull up, prism lines along, diffusing no side",
     "films: prism, lines across, dull side up; prism, lines along; diffusing, both sides alike;"},
    {en, "films: 2 prism films, 1 diffuser film, notch bottom right",
     "films: prism films, notch bottom right; prism films, notch bottom right; diffuser film, notch bottom right;"},
    {en, "films: mirror film glossy up", "films: mirror film, dull side down;"},
    {en, "diffuser: 4 pins", "diffuser: 4 × pins;"},
    {en, "light guide: 2 foils bottom", "light guide: 2 × foils, lower edge;"},
    {en, "lightguide: 6 pins left", "light guide: 6 × pins, left edge;"},
    {en, "reflector: 11 pins, 1 pin under the T-con", "reflector: 11 × pins; 1 × pins, under a board;"},
    {en, "strips: 4 plugs, 8 tapes", "strips: 4 × plugs; 8 × tapes;"},
    {en, "lamps: 4 plugs top, 2 rubber feet", "lamps: 4 × plugs, upper edge; 2 × rubber feet;"},
    {en, "speaker box: 4 M3x10", "speaker box: 4 × M3×10;"},
    {en, "2 clips top", "2 × clips, upper edge;"},
    {en, "M4x12", "1 × M4×12;"},
    {en, "10 3x10 corners", "10 × 3×10, in the corners;"},
    {en, "6 × M2.5×6", "6 × M2.5×6;"},
    {en, "one copper tape left", "1 × tapes, left edge, copper;"},
    {en, "3 M3x8 stand, 1 foot", "3 × M3×8, at the stand; 1 × foot;"},
    {en, "two levers right", "2 × levers, right edge;"},
    {en, "4 springs in the middle", "4 × springs, in the middle;"},
    {de, "Rückwand: 14 × M3×8 Rand, 4 × M4×12 Standfuß; 2 Klammern oben",
     "back: 14 × M3×8, around the edge; 4 × M4×12, at the stand; 2 × clips, upper edge;"},
    {de, "Rückwand: 12 Schrauben", "back: 12 × screws;"},
    {de, "Platinen: 9 M3x6 Kreuzschlitz, 3 Stecker, 2 Flachkabel",
     "boards: 9 × M3×6, cross; 3 × plugs; 2 × flat cables;"},
    {de, "Halter: 4 Muttern M4", "brackets: 4 × M4, nuts;"},
    {de, "Rahmen: 22 Rastnasen, 6 × M2,5×6", "frame: 22 × clips; 6 × M2.5×6;"},
    {de, "3 Folien, Kerbe oben links, matt oben",
     "films: film, dull side up, notch top left; film, dull side up, notch top left; film, dull side up, notch top "
     "left;"},
    {de, "Folien: Prisma quer matte Seite oben, Prisma längs, diffus",
     "films: prisma, lines across, dull side up; prisma, lines along; diffus;"},
    {de, "Lichtleiter: 6 Stifte links", "light guide: 6 × pins, left edge;"},
    {de, "Reflektor: 11 Stifte, 1 Stift unter der Platine", "reflector: 11 × pins; 1 × pins, under a board;"},
    {de, "Leisten: 4 Stecker, 8 Klebebänder", "strips: 4 × plugs; 8 × tapes;"},
    {de, "Glas: 2 Flachkabel unten", "glass: 2 × flat cables, lower edge;"},
    {de, "eine lose Taste", "1 × loose button;"},
    {de, "4 Füße in den Ecken", "4 × feet, in the corners;"},
    {de, "Diffusor: 4 Federn in der Mitte", "diffuser: 4 × springs, in the middle;"}};
INSTANTIATE_TEST_SUITE_P(Typed, LayerLines, testing::ValuesIn(typedLines), [](const auto& info) {
    return (info.param.tongue == Tongue::English ? "English" : "German") + std::to_string(info.index);
});

TEST(LayerLine, WhatIsNotUnderstoodIsNamedAndNothingIsKept) {
    const auto problem = [](const char* line) {
        const auto said = readLayerLine(line);
        const auto* found = std::get_if<LineProblem>(&said);
        return found == nullptr ? std::string("understood") : found->words + " " + found->reason.english();
    };
    EXPECT_THAT(problem("back: clips top"), testing::HasSubstr("does not say how many"));
    EXPECT_THAT(problem("back: 9000 × M3×8"), testing::HasSubstr("9000 is outside 1 … 500"));
    EXPECT_THAT(problem("back: 14 × M3×8, hm"), testing::StartsWith("hm is not understood"));
    EXPECT_THAT(problem(""), testing::HasSubstr("names nothing"));
    EXPECT_THAT(problem(": 4 clips"), testing::HasSubstr("is no name"));
    EXPECT_THAT(problem("tr\xAEy: 4 clips"), testing::HasSubstr("not UTF-8")) << "the name could not be stored";
    EXPECT_THAT(problem("3000 films"), testing::HasSubstr("is outside"));
    EXPECT_THAT(problem(std::string(3000, 'x').c_str()), testing::HasSubstr("too long"));
}

/// A set of which back, frame and films are written down.
class OnTheBench : public testing::Test {
protected:
    OnTheBench() {
        for (const char* line : {"back: 14 × M3×8 edge, 4 × M4×12 stand", "frame: 22 clips",
                                 "films: prism across, prism along, diffusing", "strips: 4 plugs"}) {
            ids_.push_back(add(opening_, read(line), 0));
        }
    }
    void allOff() {
        for (const int id : ids_) {
            takeOff(opening_, id, at());
        }
    }
    void count(int item, int in) { opening_.item(item)->isIn = in; }
    /// Every item of a layer goes in and the layer on.
    void close(int layer) {
        for (auto& item : opening_.layer(layer)->items) {
            item.isIn = leftOf(item);
        }
        putBack(opening_, layer, at());
    }
    Closing closing() const { return closingOf(opening_, trade(), set::LightKind::Leds); }
    /// Five minutes after the last one.
    std::string at() {
        minute_ += 5;
        return fmt(minute_);
    }
    static std::string fmt(int minute) {
        char text[32];
        std::snprintf(text, sizeof text, "2026-11-30T%02d:%02d:00Z", 8 + minute / 60, minute % 60);
        return text;
    }
    Opening opening_;
    std::vector<int> ids_;
    int minute_ = 0;
};

TEST_F(OnTheBench, LayersStandInTheOrderTheyComeOff) {
    const int glass = add(opening_, read("glass"), 0);
    EXPECT_EQ(opening_.layers[2].id, glass) << "between frame and films, whenever it is written down";
    EXPECT_EQ(add(opening_, read("glass: 2 ribbons"), 0), glass) << "the same one is meant";
    const int box = add(opening_, read("speaker box: 4 M3x10"), ids_[0]);
    EXPECT_EQ(opening_.layers[1].id, box) << "below the one before the hands";
    EXPECT_EQ(add(opening_, read("2 clips top"), ids_[1]), ids_[1]);
    EXPECT_EQ(add(opening_, read("2 clips top"), 4711), 0);
}

TEST_F(OnTheBench, AScrewLeftOverIsNamedWithItsPlaceUntilItIsFound) {
    allOff();
    EXPECT_TRUE(closing().remainders.empty()) << "what is out is not left over";
    EXPECT_EQ(closing().next, ids_[3]) << "the innermost goes back first";
    for (auto id = ids_.rbegin(); id != ids_.rend(); ++id) {
        close(*id);
    }
    EXPECT_TRUE(closing().remainders.empty());
    Item& screws = opening_.layer(ids_[0])->items.front();
    screws.isIn = 12;
    ASSERT_EQ(closing().remainders.size(), 1u);
    EXPECT_EQ(closing().remainders[0].words, "2 × M3×8 left over: last used at back, around the edge.");
    screws.broke = 1;
    EXPECT_EQ(closing().remainders[0].left, 1) << "what broke is none";
    screws.cameWithout = 1;
    EXPECT_TRUE(closing().remainders.empty()) << "nor what it came without";
    screws.cameWithout = 0;
    screws.signedOff = "rolled under the bench";
    EXPECT_TRUE(closing().remainders.empty());
}

TEST_F(OnTheBench, WhatNobodyCountedIsNotIn) {
    allOff();
    putBack(opening_, ids_[2], at());
    ASSERT_EQ(closing().remainders.size(), 3u);
    EXPECT_FALSE(closing().remainders[0].isCounted);
    EXPECT_EQ(closing().remainders[0].words, "Not counted in: prism, lines across.");
    for (auto& film : opening_.layer(ids_[2])->items) {
        film.isIn = 1;
    }
    opening_.layer(ids_[2])->items[1].isIn = 0;
    ASSERT_EQ(closing().remainders.size(), 1u);
    EXPECT_EQ(closing().remainders[0].words, "A film short: prism, lines along.");
}

TEST_F(OnTheBench, AJobThatEndsAtTheBoardsClosesCleanly) {
    takeOff(opening_, ids_[0], at());
    close(ids_[0]);
    opening_.ticks.push_back({"check:onWall", at()});
    EXPECT_FALSE(isOpen(opening_));
    ASSERT_EQ(closing().steps.size(), 3u) << "lit before the back, the back, on its wall";
    EXPECT_EQ(closing().steps[0].state, ClosingStep::State::Due) << "it was closed without looking";
    EXPECT_EQ(closing().open, std::vector<text::Text>{text::say("Not looked at: {}.", closing().steps[0].title)});
}

TEST_F(OnTheBench, ACheckHoldsUntilSomethingBehindItComesOffAgain) {
    allOff();
    close(ids_[3]);
    opening_.ticks.push_back({"check:allStrips", at()});
    const auto stateOf = [&](const std::string& id) {
        for (const auto& step : closing().steps) {
            if (step.check != nullptr && step.check->id == id) {
                return step.state;
            }
        }
        return ClosingStep::State::Ahead;
    };
    EXPECT_EQ(stateOf("allStrips"), ClosingStep::State::Done);
    EXPECT_EQ(stateOf("eachStrip"), ClosingStep::State::Due);
    takeOff(opening_, ids_[1], at());
    EXPECT_EQ(stateOf("allStrips"), ClosingStep::State::Done) << "the strips lie still";
    takeOff(opening_, ids_[3], at());
    EXPECT_NE(stateOf("allStrips"), ClosingStep::State::Done);
    opening_.ticks.push_back({"check:eachStrip", at(), true});
    EXPECT_EQ(stateOf("eachStrip"), ClosingStep::State::Bad);
}

TEST_F(OnTheBench, LampChecksAreOfLamps) {
    allOff();
    for (const auto& step : closing().steps) {
        EXPECT_TRUE(step.check == nullptr || step.check->light != set::LightKind::Lamps) << step.title;
    }
}

// Whatever is opened, closed, counted and undone, in whatever order: places are filled, empty, broken or left over.
TEST_F(OnTheBench, NothingIsLostOrInvented) {
    std::mt19937 random(20261130);
    const auto draw = [&](int most) { return int(random() % unsigned(most)); };
    std::map<int, int> placesOf;
    for (const auto& layer : opening_.layers) {
        for (const auto& item : layer.items) {
            placesOf[item.id] = item.count;
        }
    }
    std::vector<Opening> before;
    for (int edit = 0; edit < 4000; ++edit) {
        before.push_back(opening_);
        Layer& layer = opening_.layers[std::size_t(draw(int(opening_.layers.size())))];
        Item& item = layer.items[std::size_t(draw(int(layer.items.size())))];
        switch (draw(6)) {
            case 0:
                takeOff(opening_, layer.id, at());
                break;
            case 1:
                putBack(opening_, layer.id, at());
                break;
            case 2:
                item.isIn = layer.state == Layer::State::On ? item.isIn : draw(item.count + 1);
                break;
            case 3:
                item.broke = draw(item.count - item.cameWithout + 1);
                break;
            case 4:
                item.cameWithout = draw(item.count - item.broke + 1);
                break;
            default:
                opening_ = before[std::size_t(draw(int(before.size())))];
                before.clear();
        }
        std::vector<format::Problem> problems;
        opening_.ticks.clear();  // their number is limited
        check(format::Check(problems), opening_);
        ASSERT_TRUE(problems.empty()) << inWords(problems.front());
        std::size_t items = 0;
        for (const auto& of : opening_.layers) {
            for (const auto& one : of.items) {
                ++items;
                ASSERT_EQ(one.count, placesOf.at(one.id));
                const int in = one.isIn.value_or(0);
                ASSERT_GE(in + one.broke + one.cameWithout + leftOf(one), one.count) << "one is lost";
                ASSERT_LE(leftOf(one), one.count - one.broke - one.cameWithout) << "one is invented";
            }
        }
        ASSERT_EQ(items, placesOf.size());
        ASSERT_EQ(readOpening(format::Fields(toJson(opening_), "")), opening_);
    }
}

TEST_F(OnTheBench, WhatCameOffAgainIsWhatWentIn) {
    takeOff(opening_, ids_[0], at());
    Item& screws = opening_.layer(ids_[0])->items.front();
    screws.broke = 1;
    screws.isIn = 11;
    putBack(opening_, ids_[0], at());
    takeOff(opening_, ids_[0], at());
    EXPECT_EQ(leftOf(opening_.layer(ids_[0])->items.front()), 11);
}

TEST_F(OnTheBench, WorkIsTimedFromTickToTickAndLongGapsAreAskedAbout) {
    opening_.ticks = {
        {"off:1", fmt(0)}, {"off:2", fmt(12)}, {"off:3", fmt(42)}, {"step:heat", fmt(200)}, {"step:pads", fmt(203)}};
    auto taken = timeTaken(opening_.ticks);
    EXPECT_EQ(taken.minutes, 12 + 30 + 3);
    EXPECT_EQ(taken.unsaid, 1);
    EXPECT_EQ(taken.firstUnsaid, 3);
    EXPECT_EQ(taken.gapMinutes, 158);
    opening_.ticks[3].worked = 20;
    taken = timeTaken(opening_.ticks);
    EXPECT_EQ(taken.minutes, 12 + 30 + 20 + 3);
    EXPECT_EQ(taken.unsaid, 0);
    opening_.ticks[3].worked = 5000;
    EXPECT_EQ(timeTaken(opening_.ticks).minutes, 12 + 30 + 158 + 3) << "no more than the clock says";
    EXPECT_EQ(timeTaken({{"off:1", fmt(20)}, {"off:2", fmt(3)}, {"off:3", "yesterday"}}).minutes, 0);
}

TEST_F(OnTheBench, AWorkOrderFinishesOneLedBeforeTheNext) {
    const std::vector<std::string> steps = {"empty", "heat", "pull", "flush"};
    auto order = workOrder(steps, {text::name("B7"), text::name("C3")}, opening_, trade());
    std::vector<std::string> keys;
    for (const auto& line : order.lines) {
        keys.push_back(line.key);
    }
    EXPECT_EQ(keys, (std::vector<std::string>{"empty", "heat@B7", "pull@B7", "heat@C3", "pull@C3", "flush"}));
    EXPECT_EQ(order.next, 0);
    opening_.ticks = {{"step:empty", fmt(0), false, 1.2}, {"step:heat@B7", fmt(4)}, {"step:pull@B7", fmt(60)}};
    order = workOrder(steps, {text::name("B7"), text::name("C3")}, opening_, trade());
    EXPECT_EQ(order.next, 3);
    EXPECT_EQ(order.lines[0].read, 1.2);
    EXPECT_EQ(order.lines[1].took, 4.0);
    EXPECT_FALSE(order.lines[2].took) << "an hour is no minute's work";
    EXPECT_EQ(order.tookMinutes, 4);
    EXPECT_EQ(workOrder(steps, {}, opening_, trade()).lines.size(), 4u) << "no LED is known yet";
}

TEST(OpeningCostOf, GrowsWithSizeGlueAndAloneAndHangsOnTheWay) {
    const Opening plain;
    const auto usual = openingCost(plain, trade(), 0);
    EXPECT_EQ(usual.minutes, trade().ways.front().minutes);
    EXPECT_EQ(usual.breaks, trade().ways.front().breaks);
    EXPECT_GT(openingCost(plain, trade(), 65).minutes, usual.minutes);
    EXPECT_GT(openingCost(plain, trade(), 65).breaks, usual.breaks);
    EXPECT_LT(openingCost(plain, trade(), 22).breaks, usual.breaks);
    Opening alone;
    alone.people = 1;
    EXPECT_DOUBLE_EQ(openingCost(alone, trade(), 0).breaks, usual.breaks * trade().oneMansTimes);
    Opening glued;
    glued.adhesive = Adhesive::Glue;
    EXPECT_DOUBLE_EQ(openingCost(glued, trade(), 0).breaks, usual.breaks * trade().adhesiveTimes);
    for (const auto& way : trade().ways) {
        Opening chosen;
        chosen.way = way.id;
        EXPECT_EQ(openingCost(chosen, trade(), 0).minutes, way.minutes);
        EXPECT_LE(openingCost(chosen, trade(), 2000).breaks, 1);
        EXPECT_GT(openingCost(chosen, trade(), 1).minutes, 0);
    }
}

TEST(HandsFile, EveryRepairThatTouchesTheSetHasAWorkOrder) {
    for (const auto& repair : knowledge::builtInKnowledge().repairs) {
        EXPECT_TRUE(!repair.work.empty() || !repair.opensPanel) << repair.id;
    }
    for (const auto& layout : trade().layouts) {
        Opening opening;
        for (const auto& line : layout.lines) {
            EXPECT_GT(add(opening, std::get<LayerLine>(readLayerLine(line)), 0), 0) << line;
        }
        EXPECT_EQ(opening.layers.size(), layout.lines.size()) << layout.id;
    }
}

TEST(OpeningFile, HostileCountsAreRefusedWhereTheyStand) {
    Opening opening;
    add(opening, read("back: 14 × M3×8, 2 clips"), 0);
    const auto problem = [&](const std::function<void(Opening&)>& spoil) {
        Opening spoilt = opening;
        spoil(spoilt);
        std::vector<format::Problem> problems;
        check(format::Check(problems), spoilt);
        return problems.empty() ? std::string() : inWords(problems.front()).english();
    };
    EXPECT_EQ(problem([](Opening&) {}), "");
    EXPECT_THAT(problem([](Opening& o) { o.layers[0].items[0].isIn = 15; }),
                testing::HasSubstr("layers[0].items[0].in: more are in than there are places"));
    EXPECT_THAT(problem([](Opening& o) { o.layers[0].items[0].broke = -1; }), testing::HasSubstr("items[0].broke"));
    EXPECT_THAT(problem([](Opening& o) { o.layers[0].items[0].broke = o.layers[0].items[0].cameWithout = 8; }),
                testing::HasSubstr("than there are places"));
    EXPECT_THAT(problem([](Opening& o) { o.layers[0].items[1].id = o.layers[0].id; }),
                testing::HasSubstr("is used twice"));
    EXPECT_THAT(problem([](Opening& o) { o.nextId = 1; }), testing::HasSubstr("not below the next one"));
    EXPECT_THAT(problem([](Opening& o) {
                    o.photos.push_back({"../../etc/passwd", "", ""});
                }),
                testing::HasSubstr("photos[0].name: is no name of a picture"));
    EXPECT_THAT(problem([](Opening& o) {
                    o.photos.push_back({"aa.png", "", ""});
                }),
                testing::HasSubstr("is no name of a picture"));
    EXPECT_EQ(problem([](Opening& o) { o.photos.push_back({picture, "", ""}); }), "");
}

}  // namespace
}  // namespace dimglow::hands
