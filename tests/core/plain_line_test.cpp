#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/plain.h"

namespace dimglow::backlight {
namespace {

using testing::HasSubstr;

PlainDescription read(const char* line) {
    const auto result = readLine(line);
    const auto* problem = std::get_if<LineProblem>(&result);
    EXPECT_EQ(problem, nullptr) << line << ": " << (problem != nullptr ? problem->words + " " + problem->reason : "");
    return problem != nullptr ? PlainDescription{} : std::get<PlainDescription>(result);
}

std::string problemOf(const char* line) {
    const auto result = readLine(line);
    const auto* problem = std::get_if<LineProblem>(&result);
    return problem == nullptr ? "" : problem->words + ": " + problem->reason;
}

TEST(Line, OfFourStripsInOneString) {
    const auto d = read("4 strips × 12, 3 V, 240 mA, one string");
    EXPECT_EQ(d.strips, 4);
    EXPECT_EQ(d.ledsPerStrip, 12);
    EXPECT_EQ(d.led.dies, 1);
    EXPECT_DOUBLE_EQ(d.amps, 0.24);
    EXPECT_EQ(d.stripsPerString, 4);
    EXPECT_EQ(plainBacklight(d), plainBacklight({}));
}

TEST(Line, TakesItsPartsInAnyOrderAndCase) {
    EXPECT_EQ(plainBacklight(read("240 mA; ONE STRING; 3 v; 4 STRIPS x 12")), plainBacklight({}));
}

TEST(Line, SharesStripsOutToStrings) {
    EXPECT_EQ(plainBacklight(read("6 strips × 7, 3 strings")).channels.size(), 3u);
    EXPECT_EQ(plainBacklight(read("6 strips × 7, 2 strips per string")).channels.size(), 3u);
    EXPECT_EQ(plainBacklight(read("6 strips × 7, each its own string")).channels.size(), 6u);
    const auto parallel = plainBacklight(read("6 strips × 7, 100 mA, 3 strings in parallel"));
    ASSERT_EQ(parallel.channels.size(), 1u);
    EXPECT_EQ(parallel.channels[0].strings.size(), 3u);
    EXPECT_NEAR(parallel.channels[0].amps, 0.3, 1e-12) << "the milliamps are a string's";
}

TEST(Line, KnowsClassesAndRatedVolts) {
    EXPECT_EQ(read("6 V").led.dies, 2);
    EXPECT_EQ(read("9 V").led.dies, 3);
    EXPECT_DOUBLE_EQ(read("6,4 V").led.ratedVolts, 6.4) << "a decimal comma";
    EXPECT_EQ(read("6.4 V").led.dies, 2);
    EXPECT_DOUBLE_EQ(read("rated 300 mA").led.ratedAmps, 0.3);
}

TEST(Line, LaysLeftAndRightStripsInOneRow) {
    const auto panel = plainBacklight(read("3 rows × 5 + 6, one string, 700 × 400 mm"));
    ASSERT_EQ(panel.strips.size(), 6u);
    EXPECT_EQ(panel.strips[0].label, "AL");
    EXPECT_EQ(panel.strips[1].label, "AR");
    EXPECT_EQ(panel.strips[1].leds, 6);
    EXPECT_LT(panel.strips[0].last.x, panel.strips[1].first.x);
    EXPECT_EQ(panel.strips[0].first.y, panel.strips[1].first.y);
    const auto order = ledsInOrder(panel, {0, 0});
    EXPECT_EQ(nameOf(panel, order[11]), "BR6") << "the serpentine comes back";
}

TEST(Line, PlacesLedsAtTheirPitch) {
    const auto panel = plainBacklight(read("2 strips × 5, pitch 75 mm"));
    EXPECT_NEAR(positionOf(panel, {0, 1}).x - positionOf(panel, {0, 0}).x, 75, 1e-9);
}

TEST(Line, SaysWhichWordsAreWrong) {
    EXPECT_THAT(problemOf("4 strips × 12, purple"), HasSubstr("purple: is not understood"));
    EXPECT_THAT(problemOf("4000 strips × 12"), HasSubstr("4000 is outside 1 … 200"));
    EXPECT_THAT(problemOf("2 strips × 12, 5 strings"), HasSubstr("5 strings need at least as many strips"));
    EXPECT_THAT(problemOf("1 strip × 11, 2P"), HasSubstr("do not come out even"));
    EXPECT_THAT(problemOf("100 strips × 100"), HasSubstr("at most 4000"));
    EXPECT_THAT(problemOf("0 mA"), HasSubstr("outside"));
    EXPECT_THAT(problemOf(std::string(5000, 'x').c_str()), HasSubstr("too long"));
}

class RoundTrip : public testing::TestWithParam<const char*> {};

TEST_P(RoundTrip, WrittenOutAndReadBackIsTheSameBacklight) {
    const auto panel = plainBacklight(read(GetParam()));
    const auto plain = plainDescriptionOf(panel);
    ASSERT_TRUE(plain.has_value());
    const std::string line = lineOf(*plain);
    EXPECT_EQ(plainBacklight(read(line.c_str())), panel) << line;
}

INSTANTIATE_TEST_SUITE_P(Lines, RoundTrip,
                         testing::Values("4 strips × 12, 3 V, 240 mA, one string",
                                         "6 strips × 8, 2P, 2 strips per string, 6 V, rated 300 mA, label 61.5 V",
                                         "3 rows × 5 + 6, one string, under mask", "2 strips × 10, pitch 43.7 mm",
                                         "1 bar × 48, fed from both ends, top edge, idle 33 V",
                                         "4 strips × 9, 4 strings in parallel, 111 mA", "1 strip × 1",
                                         "2 strips × 12, 2 chains, plug 2-pin white, under lenses"));

TEST(PlainDescriptionOf, ABacklightThatIsNotPlainIsNone) {
    auto panel = plainBacklight({});
    panel.strips[2].first.y += 3;
    EXPECT_FALSE(plainDescriptionOf(panel));
}

}  // namespace
}  // namespace dimglow::backlight
