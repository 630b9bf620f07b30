#include "core/backlight/plain.h"
#include "core/job/trail_lines.h"

#include <gtest/gtest.h>

namespace dimglow::job {
namespace {

class Wording : public testing::Test {
protected:
    Wording() { job_.set.backlight = backlight::plainBacklight({}); }
    std::string words(const evidence::Observation& what) const {
        return evidence::describe(what, {job_.set, trade_}).english();
    }
    std::string title(const evidence::Observation& what) const {
        return evidence::titleOf(what, {job_.set, trade_}).english();
    }
    void see(int strip, int led, evidence::LedSeen::Glow glow) {
        job::addEntry(job_, "2026-11-25T08:00:00Z", job::Phase::Before,
                      evidence::LedSeen{{strip, led}, glow, backlight::wholeStrip(job_.set.backlight, strip)});
    }
    const knowledge::Knowledge& trade_ = knowledge::builtInKnowledge();
    job::Job job_;
};

TEST_F(Wording, TellsAReadingWithItsShape) {
    EXPECT_EQ(words(evidence::Measured{"ledPlusOn", {}, evidence::Shape::Steady, 146, 146}), "146.0 V");
    EXPECT_EQ(words(evidence::Measured{"ledPlusOn", {}, evidence::Shape::PeakThenSettles, 181.6, 48.2}),
              "181.6 V, then 48.2 V");
    EXPECT_EQ(words(evidence::Measured{"ledPlusOn", {}, evidence::Shape::Wanders, 180, 50}), "50.0 … 180.0 V");
}

TEST_F(Wording, TellsWhatWasSeen) {
    EXPECT_EQ(words(evidence::Answer{"torch", "picture"}), "picture seen");
    EXPECT_EQ(words(evidence::LightSeen{driver::Light::FlashThenDark, 0.4}), "dark after 0.4 s");
    EXPECT_EQ(words(evidence::LightSeen{driver::Light::Never, 0}), "no light");
    EXPECT_EQ(words(evidence::LedSeen{{1, 6}, evidence::LedSeen::Glow::Dark, {}}), "B7 dark");
    EXPECT_EQ(words(evidence::TesterTaken{{{0, 0}, 0, 11}, {}, 33.5, 12}), "33.5 V, 12 lit");
    EXPECT_EQ(words(evidence::TesterTaken{{{0, 0}, 0, 11}, {}, 300, 0}), "300.0 V, none lit");
    EXPECT_EQ(words(evidence::TesterTaken{{{0, 0}, 0, 11}, {}, 33.5, {}}), "33.5 V");
    EXPECT_EQ(words(evidence::TesterTaken{{{0, 0}, 0, 11}, {}, {}, 0}), "none lit") << "nobody read the volts";
}

TEST_F(Wording, KeepsWordsOfTestsItDoesNotKnow) {
    EXPECT_EQ(words(evidence::Answer{"smell", "burnt"}), "burnt");
    EXPECT_EQ(title(evidence::Answer{"smell", "burnt"}), "smell");
}

TEST_F(Wording, NamesTheChannelOnlyWhereThereAreSeveral) {
    EXPECT_EQ(title(evidence::Measured{"ledMinus", {}}), "LED−");
    backlight::PlainDescription plain;
    plain.stripsPerString = 2;
    job_.set.backlight = backlight::plainBacklight(plain);
    EXPECT_EQ(title(evidence::Measured{"ledMinus", backlight::ChannelIndex(1)}), "LED− of channel 2");
    EXPECT_EQ(title(evidence::Measured{"blOn", {}}), "BL_ON");
}

TEST_F(Wording, NamesTheRunAndTheCurrentOfATester) {
    EXPECT_EQ(title(evidence::TesterTaken{{{0, 0}, 12, 17}, {0.005, 60}, 16, {}}), "Tester 5 mA, B7 … B12");
}

TEST_F(Wording, LedsOfOneStripMakeOneLineOfTheTrail) {
    for (int led = 0; led < 5; ++led) {
        see(1, led, led == 2 ? evidence::LedSeen::Glow::Dark : evidence::LedSeen::Glow::Lit);
    }
    see(2, 0, evidence::LedSeen::Glow::Lit);
    const auto lines = trailLines(job_, trade_);
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_EQ(lines[0].title, "LEDs of strip B");
    EXPECT_EQ(lines[0].text, "4 lit; dark: B3");
    EXPECT_EQ(lines[0].entry, 5) << "taking the line back takes back its last entry";
    EXPECT_EQ(lines[1].text, "1 lit");
}

TEST_F(Wording, MarksThatWereChangedAreReplaced) {
    see(1, 0, evidence::LedSeen::Glow::Lit);
    see(1, 0, evidence::LedSeen::Glow::Dark);
    const auto lines = trailLines(job_, trade_);
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_FALSE(lines[0].stands);
    EXPECT_TRUE(lines[1].stands);
    EXPECT_EQ(lines[1].text, "dark: B1");
}

TEST_F(Wording, ProofStandsBesideTheEvidence) {
    job::addEntry(job_, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, evidence::Shape::Steady, 180, 180});
    job::addEntry(job_, "", job::Phase::After, evidence::Measured{"ledPlusOn", {}, evidence::Shape::Steady, 146, 146});
    const auto lines = trailLines(job_, trade_);
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_TRUE(lines[0].stands);
    EXPECT_TRUE(lines[1].stands);
    EXPECT_EQ(lines[1].phase, job::Phase::After);
}

TEST_F(Wording, TellsHowATesterWasPut) {
    const auto strip = backlight::wholeStrip(job_.set.backlight, 1);
    EXPECT_EQ(title(evidence::TesterTaken{strip, {0.03, 300}, 31, 11, {}, {{1, 8}, {1, 2}}}),
              "Tester 30 mA, strip B, B9, B3 bridged");
    EXPECT_EQ(title(evidence::TesterTaken{backlight::wholeString(job_.set.backlight, {0, 0}),
                                          {0.03, 300},
                                          58,
                                          20,
                                          backlight::TesterProbe::Minus::Chassis,
                                          {}}),
              "Tester 30 mA, channel 1 to chassis");
}

TEST_F(Wording, TellsOneLedOnItsOwnWithItsVerdict) {
    const evidence::LedChecked open{{1, 8}, {parts::LedMethod::BenchSupply, 3, 0.1}, {{}, {}, false, {}, false}};
    EXPECT_EQ(title(open), "B9 on its own");
    EXPECT_EQ(words(open), "OL, dark: open");
    const evidence::LedChecked circuit{{0, 0}, {parts::LedMethod::DiodeMode, 3.2}, {1.8, 1.8, true, {}, {}}};
    EXPECT_EQ(words(circuit), "1.80 V / 1.80 V: in circuit");
    EXPECT_EQ(words(evidence::Bridged{{1, 8}, 0.238, true}), "the rest lights at 238 mA");
    EXPECT_EQ(words(evidence::Bridged{{1, 8}, 0, false}), "the rest stays dark");
}

TEST_F(Wording, SumsUpDimLedsBesideDarkOnes) {
    see(2, 0, evidence::LedSeen::Glow::Lit);
    see(2, 1, evidence::LedSeen::Glow::Dim);
    see(2, 2, evidence::LedSeen::Glow::Dark);
    const auto lines = trailLines(job_, trade_);
    ASSERT_EQ(lines.size(), 1u);
    EXPECT_EQ(lines.front().text, "1 lit; dim: C2; dark: C3");
}

}  // namespace
}  // namespace dimglow::job
