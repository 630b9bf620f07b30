#include "core/sheet/assessment.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <random>

#include "core/backlight/plain.h"
#include "core/findings/located.h"
#include "core/findings/standing.h"
#include "tests/support/trade.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::sheet {
namespace {

using backlight::LedFault;
using driver::Shape;
using probe::Probe;
using proof::SoakVerdict;

using knowledge::Side;

double shareOf(const Assessment& assessment, Side side) {
    double share = 0;
    for (const auto& suspect : assessment.suspects) {
        share += suspect.side == side ? suspect.share : 0;
    }
    return share;
}

double shareOfSuspect(const Assessment& assessment, const std::string& id) {
    double share = 0;
    for (const auto& suspect : assessment.suspects) {
        share += suspect.suspect == id ? suspect.share : 0;
    }
    return share;
}

/// A dark set with sound, whose board says 100 V at LED+ and idles at 30 V.
job::Job hundredVoltSet() {
    job::Job job;
    job.id = "T";
    job.liveWorkAccepted = true;
    backlight::PlainDescription plain;
    plain.strips = 3;
    plain.ledsPerStrip = 11;
    plain.stripsPerString = 3;
    plain.idleVolts = 30;
    plain.feeds = {{100}};
    job.set.backlight = backlight::plainBacklight(plain);
    job.set.hoursRun = 9000;
    for (const auto& [test, choice] :
         {std::pair("sound", "yes"), std::pair("standby", "on"), std::pair("torch", "picture")}) {
        job::addEntry(job, "", job::Phase::Before, evidence::Answer{test, choice});
    }
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"blOn", {}, Shape::Steady, 3.3, 3.3});
    return job;
}

Assessment withLedPlus(Shape shape, double volts, double rest) {
    auto job = hundredVoltSet();
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, shape, volts, rest});
    return assess(job, trade());
}

// What LED+ at switch-on means for a set with a healthy 100 V feed (common practice, no source).
TEST(LedPlusAtSwitchOn, ZeroMeansTheBoard) {
    EXPECT_GT(shareOf(withLedPlus(Shape::Steady, 0, 0), Side::Board), 0.95);
}

TEST(LedPlusAtSwitchOn, AThirdAboveTheLabelMeansTheLeds) {
    EXPECT_GT(shareOf(withLedPlus(Shape::PeakThenSettles, 130, 30), Side::Leds), 0.95);
    EXPECT_GT(shareOf(withLedPlus(Shape::Wanders, 130, 30), Side::Leds), 0.95);
}

TEST(LedPlusAtSwitchOn, SteadyHalfMeansTheBoard) {
    EXPECT_GT(shareOfSuspect(withLedPlus(Shape::Steady, 50, 50), "weakSupply"), 0.8);
}

TEST(LedPlusAtSwitchOn, NearTheLabelThenBackMeansTheLeds) {
    EXPECT_GT(shareOf(withLedPlus(Shape::PeakThenSettles, 95, 30), Side::Leds), 0.7);
}

TEST(LedPlusAtSwitchOn, AtTheLabelAndSteadyLeavesNeitherDriverNorOpenLed) {
    auto job = hundredVoltSet();
    job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{driver::Light::StaysLit, 0});
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, Shape::Steady, 101, 101});
    const auto assessment = assess(job, trade());
    EXPECT_LT(shareOfSuspect(assessment, "openLed"), 0.05);
    EXPECT_LT(shareOfSuspect(assessment, "driverNotSwitching"), 0.02);
}

TEST(LedPlusAtSwitchOn, IdleWithBlOnPresentIsTheDriver) {
    EXPECT_GT(shareOfSuspect(withLedPlus(Shape::Steady, 30, 30), "driverNotSwitching"), 0.5);
}

TEST(LedPlusAtSwitchOn, IdleWithoutBlOnIsTheMainBoard) {
    auto job = hundredVoltSet();
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"blOn", {}, Shape::Steady, 0.05, 0.05});
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, Shape::Steady, 30, 30});
    EXPECT_GT(shareOfSuspect(assess(job, trade()), "notAsked"), 0.8);
}

TEST(LedPlusAtSwitchOn, SameWithThePlugOutClearsTheBoardOfAnEarlyTrip) {
    auto job = hundredVoltSet();
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, Shape::PeakThenSettles, 95, 30});
    const double before = shareOfSuspect(assess(job, trade()), "ovpDivider");
    job::addEntry(job, "", job::Phase::Before,
                  evidence::Measured{"ledPlusPlugOut", {}, Shape::PeakThenSettles, 126, 30});
    EXPECT_LT(shareOfSuspect(assess(job, trade()), "ovpDivider"), 0.1 * before);
}

// A torch that shows a picture makes the backlight path the suspect about 19 times in 20 (common practice, no source).
TEST(FirstLook, PictureUnderTheTorchPointsAtTheBacklightPath) {
    job::Job job;
    job.set.backlight = backlight::plainBacklight({});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"sound", "yes"});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"torch", "picture"});
    const auto assessment = assess(job, trade());
    const double notThePath = shareOf(assessment, Side::Panel) + shareOfSuspect(assessment, "standbySupply") +
                              shareOfSuspect(assessment, "mainBoard");
    EXPECT_NEAR(1 - notThePath, 0.97, 0.03);
}

TEST(FirstLook, TorchThatCannotTellTellsNothing) {
    job::Job job;
    job.set.backlight = backlight::plainBacklight({});
    const auto before = assess(job, trade());
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"torch", "cannotTell"});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"smell", "burnt"});
    const auto after = assess(job, trade());
    for (const Side side : {Side::Leds, Side::Board, Side::Panel}) {
        EXPECT_NEAR(shareOf(after, side), shareOf(before, side), 0.01) << knowledge::sideWords[std::size_t(side)];
    }
}

// No light, no sound, no standby light points before the backlight (common practice, no source).
TEST(FirstLook, NoSoundAndNoStandbyLightPointBeforeTheBacklight) {
    job::Job job;
    job.set.backlight = backlight::plainBacklight({});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"sound", "no"});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"standby", "off"});
    EXPECT_EQ(assess(job, trade()).suspects.front().suspect, "standbySupply");
}

TEST(FirstLook, LightWithoutPictureIsThePanelSide) {
    job::Job job;
    job.set.backlight = backlight::plainBacklight({});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"sound", "yes"});
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"torch", "noPicture"});
    job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{driver::Light::StaysLit, 0});
    EXPECT_EQ(assess(job, trade()).suspects.front().suspect, "panelPicture");
}

TEST(Reasons, SayWhichReadingSpeaksForAndAgainst) {
    const auto assessment = withLedPlus(Shape::PeakThenSettles, 130, 30);
    const auto& open = assessment.suspects.front();
    ASSERT_FALSE(open.reasons.empty());
    EXPECT_THAT(open.reasons.front().text.english(), testing::StartsWith("LED+ at switch-on: 130.0 V, then 30.0 V"));
    EXPECT_GT(open.reasons.front().decibans, 3);
    EXPECT_GT(open.share, open.previousShare);
}

TEST(Expectations, AreThoseOfAHealthySet) {
    const auto assessment = withLedPlus(Shape::PeakThenSettles, 130, 30);
    const auto band = assessment.expected.volts.at({"ledPlusOn"});
    EXPECT_LT(band.low, 100);
    EXPECT_GT(band.high, 100);
    EXPECT_LT(band.high, 115);
    EXPECT_FALSE(assessment.expected.byEntry.at(5).within);
    EXPECT_TRUE(assessment.expected.byEntry.at(4).within);
    EXPECT_NEAR(assessment.expected.stripVolts[0], 11 * backlight::ledCurve({}).volts(0.03), 0.05);
}

TEST(Assess, IsRepeatable) {
    const auto demo = virtualset::demoJob(0, trade());
    const auto a = assess(demo.job, trade());
    const auto b = assess(demo.job, trade());
    ASSERT_EQ(a.suspects.size(), b.suspects.size());
    for (std::size_t i = 0; i < a.suspects.size(); ++i) {
        EXPECT_EQ(a.suspects[i].title, b.suspects[i].title);
        EXPECT_EQ(a.suspects[i].share, b.suspects[i].share);
    }
}

// ---- sealed sets -------------------------------------------------------------------------------------------------

/// Takes the advised probes one after the other until there is a verdict. \returns how many it took
int follow(job::Job& job, const virtualset::SealedSet& set, int most) {
    for (int probes = 0; probes < most; ++probes) {
        const auto assessment = assess(job, trade());
        if (!assessment.verdict().empty() || assessment.probes.best.empty()) {
            return probes;
        }
        const auto& next = assessment.probes.best.front();
        job.panelOpen = job.panelOpen || next.opens == knowledge::Reach::Panel;
        for (auto& seen : set.take(next.question)) {
            job::addEntry(job, "", job::Phase::Before, std::move(seen));
        }
    }
    return most;
}

TEST(SealedSets, EveryOpenLedOfAPanelIsFoundByTheAdvisedProbes) {
    const auto panel = backlight::plainBacklight({});
    int total = 0;
    for (int strip = 0; strip < 4; ++strip) {
        for (int led = 0; led < 12; led += 3) {
            job::Job job;
            job.set.backlight = panel;
            const backlight::LedPlace open{strip, led};
            const virtualset::SealedSet set(
                panel, {"openLed", {{{open, LedFault::Open}}, {}}, std::uint32_t(strip * 100 + led)}, trade());
            total += follow(job, set, 25);
            const auto assessment = assess(job, trade());
            EXPECT_THAT(findings::ledsOf(assessment.located), testing::ElementsAre(open))
                << nameOf(panel, open) << ": " << assessment.verdict();
        }
    }
    RecordProperty("averageProbes", std::to_string(total / 16.0));
}

class Suspected : public testing::TestWithParam<const char*> {};

TEST_P(Suspected, BoardFaultIsNamedByTheAdvisedProbes) {
    const auto panel = hundredVoltSet().set.backlight;
    for (std::uint32_t seed = 1; seed <= 4; ++seed) {
        job::Job job;
        job.liveWorkAccepted = true;
        job.set.backlight = panel;
        const virtualset::SealedSet set(panel, {GetParam(), {}, seed}, trade());
        follow(job, set, 25);
        const auto assessment = assess(job, trade());
        EXPECT_EQ(assessment.suspects.front().suspect, GetParam())
            << "seed " << seed << ": " << assessment.suspects.front().title;
    }
}

INSTANTIATE_TEST_SUITE_P(Boards, Suspected,
                         testing::Values("driverNotSwitching", "feedMissing", "weakSupply", "notAsked", "dimAtZero",
                                         "standbySupply", "mainBoard", "panelPicture"),
                         [](const auto& info) { return std::string(info.param); });

TEST(SealedSets, ShortedLedsOfTheGangwaySignAreAllFound) {
    auto demo = virtualset::demoJob(1, trade());
    const virtualset::SealedSet set(demo.job.set.backlight, demo.fault, trade());
    follow(demo.job, set, 25);
    const auto assessment = assess(demo.job, trade());
    EXPECT_THAT(
        findings::ledsOf(assessment.located),
        testing::UnorderedElementsAre(backlight::LedPlace{2, 1}, backlight::LedPlace{2, 2}, backlight::LedPlace{2, 6}))
        << assessment.verdict();
    EXPECT_EQ(assessment.diagnosis.failedCount, 3);
}

TEST(SealedSets, EveryDemoJobEndsAtItsOwnFault) {
    for (auto& demo : virtualset::demoWorkshop(trade())) {
        if (demo.job.trail.empty() || demo.job.set.lightKind() == set::LightKind::Lamps) {
            continue;  // just taken in, or tried with the family of lamps
        }
        const auto truth = demo.truth.value_or(demo.job.set.backlight);
        demo.job.set.backlight = demo.job.set.backlight.isDescribed ? demo.job.set.backlight : truth;
        demo.job.liveWorkAccepted = true;
        const virtualset::SealedSet set(truth, demo.fault, trade(), {}, demo.job.set.points);
        follow(demo.job, set, 25);
        const auto assessment = assess(demo.job, trade());
        EXPECT_FALSE(assessment.verdict().empty()) << demo.job.id;
        EXPECT_EQ(assessment.suspects.front().suspect, demo.fault.suspect) << demo.job.id;
    }
}

TEST(SealedSets, AnswerTheSameQuestionTheSameWay) {
    const auto demo = virtualset::demoJob(1, trade());
    const virtualset::SealedSet set(demo.job.set.backlight, demo.fault, trade());
    EXPECT_EQ(set.measure("ledMinus", {backlight::ChannelIndex(1)}),
              set.measure("ledMinus", {backlight::ChannelIndex(1)}));
    EXPECT_EQ(set.light(), set.light());
    EXPECT_THROW(set.measure("torch"), std::invalid_argument);
    EXPECT_THROW(set.answer("blOn"), std::invalid_argument);
    EXPECT_THROW(virtualset::SealedSet(demo.job.set.backlight, {"gremlin", {}, 1}, trade()), std::invalid_argument);
}

// ---- proof -------------------------------------------------------------------------------------------------------

class Soak : public testing::Test {
protected:
    Soak() {
        backlight::PlainDescription plain;
        plain.amps = 0.24;
        job_.set.backlight = backlight::plainBacklight(plain);
    }
    SoakVerdict judged() const { return assess(job_, trade()).soak; }
    job::Job job_;
};

TEST_F(Soak, PassesAfterHalfAnHourWithoutFlickerOrDrift) {
    EXPECT_FALSE(judged().passed);
    job_.soak = {{0, 146, 0.250, false}, {11, 146, 0.2405, false}, {20, 146, 0.2400, false}};
    EXPECT_EQ(judged().text, "20 of 30 min.");
    job_.soak.push_back({30, 146, 0.2395, false});
    EXPECT_TRUE(judged().passed) << "the first ten minutes do not count";
    job_.soak.push_back({40, 146, 0.2320, false});
    EXPECT_THAT(judged().text.english(), testing::StartsWith("Failed: the current drifted 3.5 %"));
    job_.soak = {{31, 146, 0.24, true}};
    EXPECT_EQ(judged().text, "Failed: it flickered.");
}

TEST_F(Soak, AtACurrentThatNobodyReadOffIsHeldToNone) {
    job_.set.backlight = backlight::plainBacklight({});
    job_.soak = {{0, 146, 0.410, false}, {11, 146, 0.410, false}, {20, 146, 0.409, false}, {30, 146, 0.409, false}};
    EXPECT_TRUE(judged().passed) << judged().text;
    EXPECT_FALSE(judged().amps) << "there is no band to show";
    job_.soak.back().amps = 0;
    EXPECT_TRUE(judged().failed) << "dark is dark at any current";
    job_.repair.newAmps = 0.2;
    job_.soak.back().amps = 0.409;
    EXPECT_TRUE(judged().failed) << "what was written down counts";
}

// A LED that shorts takes its volts off LED+ at once; warmth takes them slowly (common practice, no source).
TEST_F(Soak, LedPlusIsJudgedNotTheCurrentAlone) {
    job_.soak = {{0, 146, 0.24, false}, {11, 143, 0.24, false}, {20, 142.6, 0.24, false}, {30, 142.3, 0.24, false}};
    EXPECT_TRUE(judged().passed) << judged().text;
    job_.soak.back().ledPlusVolts = 140.5;
    EXPECT_THAT(judged().text.english(), testing::HasSubstr("stepped to 140.5 V at 30 min"));
    job_.soak = {{0, 143, 0.24, false}, {10, 142, 0.24, false}, {20, 140.8, 0.24, false}, {30, 139.6, 0.24, false}};
    EXPECT_THAT(judged().text.english(), testing::HasSubstr("LED+ drifted 1.7 %"));
    job_.soak = {{0, 143, 0.024, false}, {10, 143, 0.024, false}, {20, 143, 0.024, false}, {30, 143, 0.024, false}};
    EXPECT_TRUE(judged().failed) << "a tenth of its current is not its brightness";
    job_.set.backlight = backlight::plainBacklight({});
    EXPECT_THAT(judged().text.english(), testing::HasSubstr("level is not judged"));
}

TEST_F(Soak, OfOneLineIsNoHalfHour) {
    job_.soak = {{31, 146, 0.24, false}};
    EXPECT_FALSE(judged().passed);
    EXPECT_THAT(judged().text, testing::HasSubstr("Nothing written down"));
}

TEST_F(Soak, MayNotBeLeftAloneForAQuarterOfAnHour) {
    const auto everySo = [&](double minutes) {
        job_.soak.clear();
        for (double minute = 0; minute <= 60; minute += minutes) {
            job_.soak.push_back({minute, 146, 0.24, false});
        }
        return judged();
    };
    EXPECT_TRUE(everySo(10).passed);
    EXPECT_FALSE(everySo(15).passed);
    EXPECT_THAT(everySo(15).text, testing::HasSubstr("Nothing written down"));
}

TEST_F(Soak, InTheDarkFails) {
    job_.soak = {{0, 146, 0, false}, {10, 146, 0, false}, {20, 146, 0, false}, {30, 146, 0, false}};
    EXPECT_THAT(judged().text.english(), testing::HasSubstr("not the 0 mA of minute 0"));
    job_.soak = {{0, 5, 0.24, false}, {10, 5, 0.24, false}, {20, 5, 0.24, false}, {30, 5, 0.24, false}};
    EXPECT_THAT(judged().text.english(), testing::HasSubstr("not the 5.0 V of minute 0"));
}

TEST(Proof, ExpectsOneForwardVoltageLessAfterABridge) {
    auto job = virtualset::demoJob(0, trade()).job;
    const auto panel = job.set.backlight;
    const virtualset::SealedSet set(panel, virtualset::demoJob(0, trade()).fault, trade());
    follow(job, set, 10);
    const auto middle = [](const driver::Band& band) { return 0.5 * (band.low + band.high); };
    job.repair.option = "replaceLed";
    const double replaced = middle(assess(job, trade()).proof.front().band);
    job.repair.option = "bridgeLed";
    const double bridged = middle(assess(job, trade()).proof.front().band);
    EXPECT_NEAR(replaced - bridged, backlight::ledCurve({}).volts(0.24), 0.2);
}

TEST(Proof, AsksAgainWhatWasBadBeforeTheRepair) {
    auto job = hundredVoltSet();
    job::notePoint(job, {"supplyCapacitor", "C12"}, {470e-6, {}, 63, {}, {}});
    parts::PartReading dry;
    dry.farads = 241e-6;
    dry.esrOhms = 9;
    dry.inCircuit = false;
    job::addEntry(job, "", job::Phase::Before, evidence::PointTaken{{"supplyCapacitor", "C12"}, dry});
    job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{driver::Light::FlashThenDark, 1.2});
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"blOn", {}, Shape::Steady, 3.3, 3.3});
    auto proof = assess(job, trade()).proof;
    ASSERT_EQ(proof.size(), 4u) << "LED+, LED−, the capacitor, the light; BL_ON was good";
    EXPECT_FALSE(proof[2].within);
    EXPECT_TRUE(proof[2].found.empty());
    parts::PartReading renewed;
    renewed.farads = 466e-6;
    renewed.esrOhms = 0.05;
    renewed.inCircuit = false;
    job::addEntry(job, "", job::Phase::After, evidence::PointTaken{{"supplyCapacitor", "C12"}, renewed});
    job::addEntry(job, "", job::Phase::After, evidence::LightSeen{driver::Light::StaysLit, 0});
    proof = assess(job, trade()).proof;
    EXPECT_TRUE(proof[2].within) << proof[2].found;
    EXPECT_TRUE(proof[3].within) << proof[3].found;
}

TEST(Proof, ComparesReadingsAfterTheRepair) {
    auto job = hundredVoltSet();
    job::addEntry(job, "", job::Phase::After, evidence::Measured{"ledPlusOn", {}, Shape::Steady, 100.5, 100.5});
    job::addEntry(job, "", job::Phase::After, evidence::Measured{"ledMinus", {}, Shape::Steady, 12, 12});
    const auto proof = assess(job, trade()).proof;
    ASSERT_EQ(proof.size(), 2u);
    EXPECT_TRUE(proof[0].within);
    EXPECT_FALSE(proof[1].within);
}

TEST(Proof, IsNoPeakThatFallsAgain) {
    auto job = hundredVoltSet();
    job::addEntry(job, "", job::Phase::After, evidence::Measured{"ledPlusOn", {}, Shape::PeakThenSettles, 100.5, 48});
    const auto proof = assess(job, trade()).proof;
    EXPECT_FALSE(proof[0].within);
    EXPECT_EQ(proof[0].found, "100.5 V, then 48.0 V");
}

TEST(Proof, TakesTheTesterToo) {
    auto job = hundredVoltSet();
    const backlight::Run strip = backlight::wholeStrip(job.set.backlight, 0);
    const double volts = backlight::testRun(job.set.backlight, strip, {}, job.bench.tester).volts;
    job::addEntry(job, "", job::Phase::After, evidence::TesterTaken{strip, job.bench.tester, volts, strip.count()});
    job::addEntry(
        job, "", job::Phase::After,
        evidence::TesterTaken{backlight::wholeStrip(job.set.backlight, 1), job.bench.tester, volts - 2.8, 10});
    const auto proof = assess(job, trade()).proof;
    ASSERT_EQ(proof.size(), 4u);
    EXPECT_TRUE(proof[2].within);
    EXPECT_FALSE(proof[3].within) << "one is still dark";
}

// ---- when it is a verdict ----------------------------------------------------------------------------------------

TEST(Verdict, WaitsForEveryOtherStretchsMinuteWhileThePanelIsOpen) {
    auto demo = virtualset::demoJob(0, trade());
    const virtualset::SealedSet set(demo.job.set.backlight, demo.fault, trade());
    const auto tester = demo.job.bench.tester;
    for (const auto& [first, last] : {std::pair(0, 7), std::pair(8, 8)}) {
        job::addEntry(demo.job, "", job::Phase::Before,
                      set.tester(backlight::runOnStrip(demo.job.set.backlight, 1, first, last), tester));
    }
    auto now = assess(demo.job, trade());
    EXPECT_EQ(now.found, "Open LED B9");
    EXPECT_EQ(now.verdict(), "") << "strip D was never on the tester, and nobody lit what lies behind B9";
    const auto behind = backlight::runOnStrip(demo.job.set.backlight, 1, 9, 11);
    EXPECT_THAT(now.untested, testing::ElementsAre(behind, backlight::wholeStrip(demo.job.set.backlight, 3)));
    ASSERT_FALSE(now.probes.best.empty());
    EXPECT_EQ(now.probes.best.front().title, "Tester on strip D");
    job::addEntry(demo.job, "", job::Phase::Before,
                  set.tester(backlight::wholeStrip(demo.job.set.backlight, 3), tester));
    EXPECT_EQ(assess(demo.job, trade()).verdict(), "") << "a second open LED may lie behind the first";
    job::addEntry(demo.job, "", job::Phase::Before, set.tester(behind, tester));
    EXPECT_EQ(assess(demo.job, trade()).verdict(), "Open LED B9");
}

TEST(Verdict, NeedsAPlace) {
    for (int channel = 0; channel < 2; ++channel) {
        auto job = virtualset::demoJob(1, trade()).job;
        job.trail.clear();
        for (int c = 0; c < 2; ++c) {
            const double volts = c == channel ? 9.4 : 0.7;
            job::addEntry(job, "", job::Phase::Before,
                          evidence::Measured{"ledMinus", backlight::ChannelIndex(c), Shape::Steady, volts, volts});
        }
        job::addEntry(job, "", job::Phase::Before, evidence::Answer{"torch", "picture"});
        EXPECT_EQ(assess(job, trade()).verdict().english().find("place not known"), std::string::npos);
    }
}

TEST(WhatIsLeft, LeadsWithAKindThatIsSpreadOverManyPlaces) {
    // Twelve channels of one strip each: wherever the shorted LEDs are, each place alone has a small share.
    const auto panel = backlight::plainBacklight(
        std::get<backlight::PlainDescription>(backlight::readLine("12 strips × 8, each its own string, 240 mA")));
    job::Job job;
    job.set.backlight = panel;
    const virtualset::SealedSet set(
        panel, {"shortedLed", {{{{4, 1}, LedFault::Shorted}, {{4, 2}, LedFault::Shorted}}, {}}, 2}, trade());
    job::addEntry(job, "", job::Phase::Before, set.answer("torch"));
    job::addEntry(job, "", job::Phase::Before, set.light());
    job::addEntry(job, "", job::Phase::Before, set.measure("ledPlusOn"));
    const auto suspects = assess(job, trade()).suspects;
    std::map<std::string, double> byKind;
    for (const auto& row : suspects) {
        byKind[row.suspect] += row.share;
    }
    const auto heaviest = std::max_element(byKind.begin(), byKind.end(),
                                           [](const auto& a, const auto& b) { return a.second < b.second; });
    EXPECT_EQ(suspects.front().suspect, heaviest->first);
    EXPECT_NEAR(suspects.front().share, heaviest->second, 1e-9) << suspects.front().title;
}

TEST(Look, IsNotAskedAgainWhenTheTesterHasCountedWhatIsLit) {
    auto job = hundredVoltSet();
    job.panelOpen = true;
    const virtualset::SealedSet set(job.set.backlight, {"shortedLed", {{{{1, 3}, LedFault::Shorted}}, {}}, 4}, trade());
    const auto looks = [&] {
        const auto probes = assess(job, trade(), {{}, 60}).probes.best;
        return std::count_if(probes.begin(), probes.end(), [&](const Probe& p) {
            return p.question == evidence::Question(evidence::LookAlong{backlight::wholeStrip(job.set.backlight, 1)});
        });
    };
    job::addEntry(job, "", job::Phase::Before,
                  set.tester(backlight::wholeStrip(job.set.backlight, 1), job.bench.tester));
    EXPECT_EQ(looks(), 1) << "one is dark, which?";
    job::addEntry(job, "", job::Phase::Before, set.look({1, 3}, backlight::wholeStrip(job.set.backlight, 1)));
    EXPECT_EQ(looks(), 0) << "it is marked";
}

TEST(Look, IsAskedForDimLedsThoughAllAreCountedAsLit) {
    auto job = hundredVoltSet();
    job.panelOpen = true;
    const auto& panel = job.set.backlight;
    const virtualset::SealedSet set(panel, {"agedLed", {{{{0, 5}, LedFault::Aged}, {{2, 3}, LedFault::Aged}}, {}}, 4},
                                    trade());
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"tint", "tint"});
    const auto lookAlong = [&](int strip) {
        const auto run = backlight::wholeStrip(panel, strip);
        for (int led = 0; led < panel.strips[std::size_t(strip)].leds; ++led) {
            job::addEntry(job, "", job::Phase::Before, set.look({strip, led}, run));
        }
    };
    const auto asked = [&](int strip) {
        const auto probes = assess(job, trade(), {{}, 60}).probes.best;
        return std::any_of(probes.begin(), probes.end(), [&](const Probe& p) {
            return p.question == evidence::Question(evidence::LookAlong{backlight::wholeStrip(panel, strip)});
        });
    };
    for (int strip = 0; strip < int(panel.strips.size()); ++strip) {
        const auto counted = set.tester(backlight::wholeStrip(panel, strip), job.bench.tester);
        ASSERT_EQ(counted.lit, panel.strips[std::size_t(strip)].leds);
        job::addEntry(job, "", job::Phase::Before, counted);
    }
    lookAlong(0);
    EXPECT_EQ(assess(job, trade()).verdict().english(), "") << "age comes to many, and the others were only counted";
    EXPECT_TRUE(asked(2));
    for (int strip = 1; strip < int(panel.strips.size()); ++strip) {
        lookAlong(strip);
    }
    EXPECT_FALSE(asked(2)) << "it was looked along";
}

/// A fault of a dim LED, as a set has it: its leak is drawn apart from the usual one.
struct DimLed {
    const char* suspect;
    LedFault fault;
    double leakOhms;
    friend void PrintTo(const DimLed& led, std::ostream* out) { *out << led.suspect << ' ' << led.leakOhms; }
};
class Dim : public testing::TestWithParam<DimLed> {};

TEST_P(Dim, LedOnItsOwnTellsALeakyOneFromAnAgedOne) {
    auto job = hundredVoltSet();
    job.panelOpen = true;
    const auto& panel = job.set.backlight;
    const backlight::LedPlace place{1, 7};
    const auto& [suspect, fault, ohms] = GetParam();
    const virtualset::SealedSet set(panel, {suspect, {{{place, fault, {0, ohms}}}, {}}, 4}, trade());
    for (int strip = 0; strip < int(panel.strips.size()); ++strip) {
        const auto run = backlight::wholeStrip(panel, strip);
        job::addEntry(job, "", job::Phase::Before, set.tester(run, job.bench.tester));
        for (int led = 0; led < panel.strips[std::size_t(strip)].leds; ++led) {
            job::addEntry(job, "", job::Phase::Before, set.look({strip, led}, run));
        }
    }
    const evidence::LedSeen tinted{place, evidence::LedSeen::Glow::Tinted, backlight::wholeStrip(panel, place.strip)};
    auto alike = job;
    job::addEntry(alike, "", job::Phase::Before, tinted);
    const auto ofTinted = assess(alike, trade(), {{}, 60}).probes.best;
    EXPECT_TRUE(std::any_of(ofTinted.begin(), ofTinted.end(), [](const Probe& p) { return p.test == "ledCheck"; }));
    const auto probes = assess(job, trade(), {{}, 60}).probes.best;
    const auto alone = std::find_if(probes.begin(), probes.end(), [](const Probe& p) { return p.test == "ledCheck"; });
    ASSERT_NE(alone, probes.end());
    EXPECT_EQ(std::get<evidence::LedChecked::Question>(alone->question).place, place) << "the dim one";
    for (auto& taken : set.take(alone->question)) {
        job::addEntry(job, "", job::Phase::Before, std::move(taken));
    }
    const auto after = assess(job, trade(), {{}, 60});
    const double leaky = shareOfSuspect(after, "leakyLed");
    const double aged = shareOfSuspect(after, "agedLed");
    EXPECT_GT(fault == LedFault::Leaky ? leaky : aged, 10 * (fault == LedFault::Leaky ? aged : leaky));
    EXPECT_TRUE(std::none_of(after.probes.best.begin(), after.probes.best.end(), [](const Probe& p) {
        return p.test == "ledCheck";
    })) << "asked once";
}

INSTANTIATE_TEST_SUITE_P(Leds, Dim,
                         testing::Values(DimLed{"agedLed", LedFault::Aged, 0}, DimLed{"leakyLed", LedFault::Leaky, 110},
                                         DimLed{"leakyLed", LedFault::Leaky, 390},
                                         DimLed{"leakyLed", LedFault::Leaky, 1100}));

TEST(LabelOnTheBoard, IsWhatLedPlusReadsHeadroomIncluded) {
    auto job = hundredVoltSet();
    job.set.backlight.driver.headroomVolts = 5;
    const auto band = assess(job, trade()).expected.volts.at({"ledPlusOn"});
    EXPECT_NEAR(0.5 * (band.low + band.high), *job.set.backlight.feeds.front().labelVolts, 0.05);
}

// Several strips in one string are put on the tester at once; where that says nothing, one by one (common practice, no
// source).
TEST(StripsOnTheTester, ARunThatStayedDarkIsTestedPieceByPiece) {
    auto job = hundredVoltSet();
    job.panelOpen = true;
    const auto whole = backlight::wholeString(job.set.backlight, {0, 0});
    const auto untested = [&] {
        const reasoning::Model model(job.set, trade(), findings::standingEvidence(job, trade()));
        return findings::untestedRuns(job, model, {});
    };
    EXPECT_THAT(untested(), testing::ElementsAre(whole));
    job::addEntry(job, "", job::Phase::Before, evidence::TesterTaken{whole, job.bench.tester, 300, 0});
    EXPECT_THAT(untested(), testing::Not(testing::Contains(whole)));
    EXPECT_FALSE(untested().empty());
}

}  // namespace
}  // namespace dimglow::sheet
