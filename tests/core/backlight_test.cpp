#include "core/backlight/backlight.h"
#include "core/backlight/plain.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <set>
#include <stdexcept>

namespace dimglow::backlight {
namespace {

using testing::HasSubstr;
using testing::IsEmpty;
using testing::SizeIs;

TEST(PlainBacklight, BarsLieAlongTheirEdge) {
    PlainDescription plain;
    plain.strips = 1;
    for (const auto edge : {PlainDescription::Edge::Bottom, PlainDescription::Edge::Top}) {
        plain.edge = edge;
        const auto panel = plainBacklight(plain);
        const bool isLow = panel.strips.front().first.y > 0.9 * panel.drawnHeightMm();  // y points down
        EXPECT_EQ(isLow, edge == PlainDescription::Edge::Bottom);
        EXPECT_EQ(panel.strips.front().first.y, panel.strips.front().last.y);
    }
}

TEST(PlainBacklight, LaysStripsOutInASerpentine) {
    const auto panel = plainBacklight({});
    ASSERT_THAT(panel.strips, SizeIs(4));
    EXPECT_EQ(panel.ledCount(), 48);
    ASSERT_THAT(panel.channels, SizeIs(1));
    const auto order = ledsInOrder(panel, {0, 0});
    EXPECT_EQ(nameOf(panel, order[0]), "A1");
    EXPECT_EQ(nameOf(panel, order[11]), "A12");
    EXPECT_EQ(nameOf(panel, order[12]), "B12");
    EXPECT_EQ(nameOf(panel, order[47]), "D1");
    EXPECT_THAT(problemsOf(panel), IsEmpty());
}

TEST(PlainBacklight, NeighboursInTheStringAreNeighboursOnThePanel) {
    const auto panel = plainBacklight({});
    const auto order = ledsInOrder(panel, {0, 0});
    for (std::size_t i = 1; i < order.size(); ++i) {
        const auto a = positionOf(panel, order[i - 1]);
        const auto b = positionOf(panel, order[i]);
        const bool beside = std::abs(a.y - b.y) < 1 || std::abs(a.x - b.x) < 1;
        EXPECT_TRUE(beside) << nameOf(panel, order[i]);
    }
}

TEST(PlainBacklight, SplitsStripsOverChannels) {
    PlainDescription plain;
    plain.strips = 6;
    plain.stripsPerString = 2;
    const auto panel = plainBacklight(plain);
    ASSERT_THAT(panel.channels, SizeIs(3));
    EXPECT_EQ(nameOf(panel, wholeString(panel, {1, 0})), "channel 2");
    EXPECT_EQ(wholeStrip(panel, 3).string.channel, 1);
}

TEST(PlainBacklight, EveryLedIsInExactlyOneString) {
    PlainDescription plain;
    plain.strips = 5;
    plain.ledsPerStrip = 7;
    plain.stripsPerString = 2;
    const auto panel = plainBacklight(plain);
    std::set<LedPlace> seen;
    for (const auto& ref : stringsOf(panel)) {
        for (const auto& place : ledsInOrder(panel, ref)) {
            EXPECT_TRUE(seen.insert(place).second) << nameOf(panel, place);
        }
    }
    EXPECT_EQ(int(seen.size()), panel.ledCount());
}

TEST(RunNames, AreAsShortAsTheyCanBe) {
    const auto panel = plainBacklight({});
    EXPECT_EQ(nameOf(panel, wholeString(panel, {0, 0})), "channel 1");
    EXPECT_EQ(nameOf(panel, wholeStrip(panel, 1)), "strip B");
    EXPECT_EQ(nameOf(panel, backlight::Run{{0, 0}, 0, 4}), "A1 … A5");
    EXPECT_EQ(nameOf(panel, backlight::Run{{0, 0}, 12, 17}), "B7 … B12")
        << "counted along the strip, not along the current";
    EXPECT_EQ(nameOf(panel, backlight::Run{{0, 0}, 15, 15}), "B9");
    EXPECT_EQ(nameOf(panel, backlight::Run{{0, 0}, 0, 23}), "A1 … B1");
}

TEST(RunOnStrip, FollowsTheCurrentWhicheverWayItPasses) {
    const auto panel = plainBacklight({});
    EXPECT_EQ(runOnStrip(panel, 0, 0, 5), (backlight::Run{{0, 0}, 0, 5}));
    EXPECT_EQ(runOnStrip(panel, 1, 6, 11), (backlight::Run{{0, 0}, 12, 17}));
    EXPECT_EQ(runOnStrip(panel, 1, 0, 11), wholeStrip(panel, 1));
    for (int led = 0; led < 12; ++led) {
        const auto run = runOnStrip(panel, 1, led, led);
        EXPECT_EQ(ledsInOrder(panel, run.string)[run.first], (LedPlace{1, led}));
    }
}

TEST(WholeStrip, OfAStripInNoStringIsAnError) {
    auto panel = plainBacklight({});
    panel.strips.push_back(panel.strips.front());
    EXPECT_THROW(wholeStrip(panel, 4), std::out_of_range);
}

TEST(Problems, NameTheFieldAndTheRule) {
    auto panel = plainBacklight({});
    panel.strips[2].leds = 0;
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("strips[2].leds"));

    panel = plainBacklight({});
    panel.channels[0].amps = 0;
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("channels[0].amps"));

    panel = plainBacklight({});
    panel.channels[0].strings[0].strips.push_back({0, false});
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("strip A is in 2 strings"));

    panel = plainBacklight({});
    panel.channels[0].strings[0].strips.push_back({9, false});
    EXPECT_THAT(inWords(problemsOf(panel).front()), HasSubstr("strip number 9 does not exist"));

    panel = plainBacklight({});
    panel.strips[0].led.ratedVolts = 0.05;
    EXPECT_THAT(inWords(problemsOf(panel).back()), HasSubstr("is no LED"));

    PlainDescription large;
    large.strips = 60;
    large.ledsPerStrip = 200;
    EXPECT_THAT(inWords(problemsOf(plainBacklight(large)).front()), HasSubstr("12000 LEDs; at most 2400"));

    Backlight empty;
    empty.widthMm = empty.heightMm = 500;
    EXPECT_THAT(problemsOf(empty), SizeIs(2));
}

}  // namespace
}  // namespace dimglow::backlight
