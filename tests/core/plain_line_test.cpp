#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/harness_line.h"
#include "core/backlight/led_fit.h"
#include "core/backlight/plain.h"
#include "core/typing/words.h"

namespace dimglow::backlight {
namespace {

using testing::HasSubstr;

PlainDescription read(const char* line) {
    const auto result = readLine(line);
    const auto* problem = std::get_if<typing::LineProblem>(&result);
    EXPECT_EQ(problem, nullptr) << line << ": "
                                << (problem != nullptr ? problem->words + " " + problem->reason.english() : "");
    return problem != nullptr ? PlainDescription{} : std::get<PlainDescription>(result);
}

std::string problemOf(const char* line) {
    const auto result = readLine(line);
    const auto* problem = std::get_if<typing::LineProblem>(&result);
    return problem == nullptr ? "" : problem->words + ": " + problem->reason.english();
}

TEST(Line, OfFourStripsInOneString) {
    const auto d = read("4 strips × 12, 3 V, 240 mA, one string");
    EXPECT_EQ(d.strips, 4);
    EXPECT_EQ(d.ledsPerStrip, 12);
    EXPECT_EQ(d.led.dies, 1);
    EXPECT_EQ(d.amps, 0.24);
    EXPECT_EQ(d.stripsPerString, 4);
    EXPECT_EQ(plainBacklight(read("4 strips × 12, 3 V, one string")), plainBacklight({}));
}

TEST(Line, OfASetThatNobodyHasSeenStaysWithoutStripsUntilItSaysHowManyLeds) {
    const auto on = [](const char* line) { return readLine(line, undescribed()); };
    const auto labelled = std::get<PlainDescription>(on("label 68 V, idle 24"));
    EXPECT_FALSE(labelled.isDescribed);
    EXPECT_EQ(lineOf(labelled), "label 68 V, idle 24 V");
    EXPECT_EQ(plainDescriptionOf(plainBacklight(labelled))->feeds.front().labelVolts, 68);
    const auto described = std::get<PlainDescription>(readLine("4 x 12, 2 strings", labelled));
    EXPECT_TRUE(described.isDescribed);
    EXPECT_EQ(described.feeds.front().labelVolts, 68) << "what was known stays";
    EXPECT_EQ(plainBacklight(described).channels.size(), 2u);
    const auto counted = plainBacklight(std::get<PlainDescription>(on("27 LEDs")));
    EXPECT_EQ(counted.ledCount(), 27);
    EXPECT_EQ(counted.channels.size(), 1u);
    for (const char* tooLittle : {"4 strips", "240 mA", "6 V"}) {
        ASSERT_TRUE(std::holds_alternative<typing::LineProblem>(on(tooLittle))) << tooLittle;
    }
}

TEST(Line, TakesItsPartsInAnyOrderAndCase) {
    EXPECT_EQ(plainBacklight(read("240 mA; ONE STRING; 3 v; 4 STRIPS x 12")),
              plainBacklight(read("4 strips × 12, 3 V, 240 mA, one string")));
}

TEST(Line, SharesStripsOutToStrings) {
    EXPECT_EQ(plainBacklight(read("6 strips × 7, 3 strings")).channels.size(), 3u);
    EXPECT_EQ(plainBacklight(read("6 strips × 7, 2 strips per string")).channels.size(), 3u);
    EXPECT_EQ(plainBacklight(read("6 strips × 7, each its own string")).channels.size(), 6u);
    const auto parallel = plainBacklight(read("6 strips × 7, 100 mA, 3 strings in parallel"));
    ASSERT_EQ(parallel.channels.size(), 1u);
    EXPECT_EQ(parallel.channels[0].strings.size(), 3u);
    EXPECT_NEAR(parallel.channels[0].amps.value(), 0.3, 1e-12) << "the milliamps are a string's";
}

TEST(Line, KnowsClassesAndRatedVolts) {
    EXPECT_EQ(read("6 V").led.dies, 2);
    EXPECT_EQ(read("9 V").led.dies, 3);
    EXPECT_DOUBLE_EQ(read("6,4 V").led.ratedVolts, 6.4) << "a decimal comma";
    EXPECT_EQ(read("6.4 V").led.dies, 2);
    EXPECT_EQ(read("rated 300 mA").led.ratedAmps, 0.3);
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
    EXPECT_THAT(problemOf("100 strips × 100"), HasSubstr("at most 2400"));
    EXPECT_THAT(problemOf("0 mA"), HasSubstr("outside"));
    EXPECT_THAT(problemOf(std::string(5000, 'x').c_str()), HasSubstr("too long"));
    EXPECT_THAT(problemOf("2 strips \x18"), HasSubstr("control characters"));
    EXPECT_THAT(problemOf("2 strips, \xAE"), HasSubstr("not UTF-8"));
}

class RoundTrip : public testing::TestWithParam<const char*> {};

TEST_P(RoundTrip, WrittenOutAndReadBackIsTheSameBacklight) {
    const auto panel = plainBacklight(read(GetParam()));
    const auto plain = plainDescriptionOf(panel);
    ASSERT_TRUE(plain.has_value());
    for (const auto tongue : {typing::Tongue::English, typing::Tongue::German}) {
        const std::string line = typing::inTongue(lineOf(*plain), tongue);
        const auto back = readLine(line, {}, tongue);
        ASSERT_TRUE(std::holds_alternative<PlainDescription>(back)) << line;
        EXPECT_EQ(plainBacklight(std::get<PlainDescription>(back)), panel) << line;
    }
}

INSTANTIATE_TEST_SUITE_P(Lines, RoundTrip,
                         testing::Values("4 strips × 12, 3 V, 240 mA, one string",
                                         "6 strips × 8, 2P, 2 strips per string, 6 V, rated 300 mA, label 61.5 V",
                                         "3 rows × 5 + 6, one string, under mask", "2 strips × 10, pitch 43.7 mm",
                                         "1 bar × 48, fed from both ends, top edge, idle 33 V",
                                         "4 strips × 9, 4 strings in parallel, 111 mA", "1 strip × 1",
                                         "2 strips × 12, 2 chains, plug 2-pin white, under lenses",
                                         "4 strips × 10, each its own string, labels 33 and none V",
                                         "2 strips × 10, 2 feeds, 2 strings, label 32.5 V, plug one edge 2.54 mm"));

TEST(Line, IsSaidInGermanWithItsWordsAndDecimalSign) {
    EXPECT_EQ(typing::inTongue("4 strips × 12, 3.2 V, one string, bottom edge, plug 2.5 edge", typing::Tongue::German),
              "4 Leisten × 12, 3,2 V, ein Strang, unterer Rand, Stecker 2.5 edge");
}

TEST(Line, KeepsTheMeasuredLedUntilItNamesAnother) {
    PlainDescription base;
    base.led = {1, 3.0512345678, 0.35, 2.6, 0.3};
    base.ledPoints = {{0.35, 3.0512345678}};
    const auto same = std::get<PlainDescription>(readLine(lineOf(base) + ", pitch 75 mm", base));
    EXPECT_EQ(same.led, base.led) << "the volts are written shorter than they are";
    EXPECT_EQ(same.ledPoints, base.ledPoints);
    const auto other = std::get<PlainDescription>(readLine("3.2 V", base));
    EXPECT_EQ(other.led, classLed(1, 3.2, 0.35));
    EXPECT_TRUE(other.ledPoints.empty());
}

template <class Values>
std::string problemIn(const std::variant<Values, typing::LineProblem>& read) {
    const auto* problem = std::get_if<typing::LineProblem>(&read);
    return problem == nullptr ? "" : problem->words + ": " + problem->reason.english();
}

TEST(Pins, AreReadInTheirOrder) {
    using Role = HarnessPin::Role;
    const std::vector<HarnessPin> pins = {
        {Role::LedPlus, 0, "red", 0}, {Role::LedMinus, 0, "black", 0.2}, {}, {Role::LedMinus, 1, "white", 1.5}};
    EXPECT_EQ(std::get<0>(readPins("+ red, − black 0.2 Ω, unused, - 2 white 1,5 ohm")), pins);
    EXPECT_EQ(std::get<0>(readPins(lineOf(pins))), pins);
    const auto german = typing::inTongue(lineOf(pins), typing::Tongue::German);
    EXPECT_EQ(german, "+ rot, − schwarz 0,2 Ω, frei, − 2 weiß 1,5 Ω");
    EXPECT_EQ(std::get<0>(readPins(german, typing::Tongue::German)), pins) << "a black wire is one in any language";
    EXPECT_EQ(std::get<0>(readPins("LED+, LED-2 dark blue"))[1].colour, "dark blue");
    EXPECT_TRUE(std::get<0>(readPins(" ")).empty());
}

TEST(Pins, TellHowManyReturnsThereAre) {
    const auto returns = [](const char* line) { return returnsOf(std::get<0>(readPins(line))); };
    EXPECT_EQ(returns(""), 0);
    EXPECT_EQ(returns("+ red, unused"), 0);
    EXPECT_EQ(returns("+ red, − black"), 1);
    EXPECT_EQ(returns("+, −, −"), 0) << "one return on two pins, or two";
    EXPECT_EQ(returns("+, +, − black, − 2 white"), 2);
    EXPECT_EQ(returns("+, − 1, − 1, − 4, − 4"), 4);
}

TEST(Pins, WrongOnesAreNamed) {
    EXPECT_THAT(problemIn(readPins("+ red, plus black")), HasSubstr("plus black: cannot be read"));
    EXPECT_THAT(problemIn(readPins("+ 2 red")), HasSubstr("share LED+"));
    EXPECT_THAT(problemIn(readPins("− 900 black")), HasSubstr("900 is outside"));
    EXPECT_THAT(problemIn(readPins("− " + std::string(50, 'a'))), HasSubstr("too long a colour"));
    EXPECT_THAT(problemIn(readPins(std::string(5000, '+'))), HasSubstr("too long"));
    std::string many = "+";
    for (int pin = 0; pin < 70; ++pin) {
        many += ",+";
    }
    EXPECT_THAT(problemIn(readPins(many)), HasSubstr("at most 64 pins"));
}

TEST(MeasuredLed, IsReadFromItsLineAndSetsTheCurveOfItsLikes) {
    const auto points = std::get<0>(readPoints("2.61 V at 1 mA, 2.82 V at 30 mA, 3,1 V 350 mA"));
    ASSERT_EQ(points.size(), 3u);
    EXPECT_EQ(points[1], (CurvePoint{0.03, 2.82}));
    EXPECT_EQ(std::get<0>(readPoints(lineOf(points))), points);

    auto panel = plainBacklight({});
    panel.strips[3].led.ratedVolts = 3.4;
    const auto fitted = withLedPoints(panel, points);
    for (const auto& point : points) {
        EXPECT_NEAR(ledCurve(fitted.strips[0].led).volts(point.amps), point.volts, 0.02);
    }
    EXPECT_EQ(fitted.strips[1].led, fitted.strips[0].led);
    EXPECT_EQ(fitted.strips[3].led, panel.strips[3].led) << "an LED of another kind was not measured";
    EXPECT_EQ(plainBacklight(plainDescriptionOf(withLedPoints(plainBacklight({}), points)).value()).ledPoints, points);

    const auto forgotten = withLedPoints(fitted, {});
    EXPECT_EQ(forgotten.strips[0].led.ideality, LedSpec{}.ideality);
    EXPECT_EQ(forgotten.strips[0].led.ratedVolts, fitted.strips[0].led.ratedVolts);
}

TEST(MeasuredLed, WrongPointsAreNamed) {
    EXPECT_THAT(problemIn(readPoints("2.8 V at 30 mA, bright")), HasSubstr("bright: cannot be read"));
    EXPECT_THAT(problemIn(readPoints("2.8 V at 90000 mA")), HasSubstr("90000 is outside"));
}

TEST(PlainDescriptionOf, ABacklightThatIsNotPlainIsNone) {
    auto panel = plainBacklight({});
    panel.strips[2].first.y += 3;
    EXPECT_FALSE(plainDescriptionOf(panel));
}

}  // namespace
}  // namespace dimglow::backlight
