// Sets of which nobody has read off what they idle at, where their protection stands, what their sinks hold.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/harness_line.h"
#include "core/backlight/plain.h"
#include "core/job/job_json.h"
#include "core/job/problems.h"
#include "core/sheet/assessment.h"
#include "tests/support/trade.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::sheet {
namespace {

using driver::Shape;
using evidence::Measured;
using findings::Known;
using testing::HasSubstr;

/// Two channels, labelled 68 V, dark, with sound and a picture under the torch, asked for light; nothing else is known.
class DarkSet : public testing::Test {
protected:
    DarkSet() {
        backlight::PlainDescription plain;
        plain.strips = 4;
        plain.ledsPerStrip = 11;
        plain.stripsPerString = 2;
        plain.feeds = {{68}};
        job_.id = "T";
        job_.liveWorkAccepted = true;
        job_.set.backlight = backlight::plainBacklight(plain);
        add(evidence::Answer{"sound", "yes"});
        add(evidence::Answer{"torch", "picture"});
        add(Measured{"blOn", {}, Shape::Steady, 3.3, 3.3});
    }
    void add(evidence::Observation what) { job::addEntry(job_, "", job::Phase::Before, std::move(what)); }
    void noLight() { add(evidence::LightSeen{driver::Light::Never, 0}); }
    void steady(const char* test, double volts, int channel = 0) {
        add(Measured{test, backlight::ChannelIndex(channel), Shape::Steady, volts, volts});
    }
    Assessment assessed() const { return assess(job_, trade()); }
    static double shareOf(const Assessment& assessment, const std::string& id) {
        const auto found = assessment.diagnosis.shareOfSuspect.find(id);
        return found == assessment.diagnosis.shareOfSuspect.end() ? 0 : found->second;
    }
    static double shareOfSide(const Assessment& assessment, knowledge::Side side) {
        double share = 0;
        for (const auto& suspect : assessment.suspects) {
            share += suspect.side == side ? suspect.share : 0;
        }
        return share;
    }
    static std::string top(const Assessment& assessment) {
        const auto& shares = assessment.diagnosis.shareOfSuspect;
        return std::max_element(shares.begin(), shares.end(),
                                [](const auto& a, const auto& b) { return a.second < b.second; })
            ->first;
    }
    job::Job job_;
};

// Idle is what idle measures: what never moves from it does not switch, whatever it is (common practice, no source).
TEST_F(DarkSet, NeverMovesFromAnIdleThatNobodyTold) {
    const job::Job told = job_;
    for (const double idle : {12.0, 19.5, 33.0, 43.0}) {
        job_ = told;
        noLight();
        steady("ledPlusIdle", idle);
        steady("ledPlusOn", idle + 0.1);
        steady("ledPlusPlugOut", idle);
        const auto assessment = assessed();
        EXPECT_EQ(top(assessment), "driverNotSwitching") << idle;
        EXPECT_LT(shareOf(assessment, "weakSupply"), 0.05) << idle;
    }
}

// The same with a main board that never asks for light (common practice, no source).
TEST_F(DarkSet, NeverMovesAndIsNotAsked) {
    noLight();
    steady("blOn", 0);
    steady("ledPlusIdle", 43);
    steady("ledPlusOn", 43);
    const auto assessment = assessed();
    EXPECT_EQ(top(assessment), "notAsked");
    EXPECT_LT(shareOf(assessment, "weakSupply"), 0.05);
}

// LED− equal on all channels is healthy at any level, a tenth of LED+ even (common practice, no source).
TEST_F(DarkSet, SinksThatAreEqualAccuseNoStrip) {
    add(evidence::LightSeen{driver::Light::StaysLit, 0});
    const auto before = assessed();
    steady("ledMinus", 7, 0);
    steady("ledMinus", 7.1, 1);
    const auto assessment = assessed();
    EXPECT_LT(shareOf(assessment, "otherStrip"), 0.05);
    EXPECT_LT(shareOf(assessment, "shortedLed"), std::max(0.05, shareOf(before, "shortedLed")));
}

// Tens of volts on LED− of one channel while it is lit, the other near headroom: its string lacks them, at any headroom
// (common practice, no source).
TEST_F(DarkSet, OneSinkThatTakesUpTensOfVoltsIsItsString) {
    add(evidence::LightSeen{driver::Light::StaysLit, 0});
    steady("ledMinus", 2, 0);
    steady("ledMinus", 14, 1);
    const auto assessment = assessed();
    EXPECT_GT(shareOf(assessment, "shortedLed") + shareOf(assessment, "otherStrip") + shareOf(assessment, "badJoint") +
                  shareOf(assessment, "darkLed"),
              0.8)
        << "or a joint, or a dark LED, in the other string, which lifts LED+";
}

// No light, and the same with the plug in and out: the strings, at whatever level a meter makes of the hunting (common
// practice, no source).
TEST_F(DarkSet, EqualReadingsAtWhateverHeightAreTheStrings) {
    const job::Job told = job_;
    for (const double height : {72.0, 80.0, 88.0, 94.0}) {
        job_ = told;
        noLight();
        add(Measured{"ledPlusOn", {}, Shape::Wanders, height, 0.8 * height});
        add(Measured{"ledPlusPlugOut", {}, Shape::Wanders, height + 0.5, 0.8 * height});
        const auto assessment = assessed();
        EXPECT_GT(shareOfSide(assessment, knowledge::Side::Leds), 0.8) << height;
    }
}

// With a string open and LED+ held at over-voltage, healthy sinks float: no strip is odd (common practice, no source).
TEST_F(DarkSet, SinkThatFloatsUnderOverVoltageAccusesNoStrip) {
    add(evidence::LightSeen{driver::Light::StaysLit, 0});
    steady("ledPlusOn", 83);
    steady("ledMinus", 14.8, 0);
    steady("ledMinus", 0, 1);
    const auto assessment = assessed();
    EXPECT_LT(shareOf(assessment, "otherStrip"), 0.05);
    EXPECT_EQ(top(assessment), "openLed");
}

// The feed may be switched by the main board's power-on line (common practice, no source).
TEST_F(DarkSet, NearlyNothingOnLedPlusOfAMainBoardThatNeverAsksIsNoLostFeed) {
    noLight();
    steady("blOn", 0);
    steady("ledPlusIdle", 0.3);
    steady("ledPlusOn", 0.3);
    EXPECT_LT(shareOf(assessed(), "feedMissing"), 0.2);
}

// Some tenths of a volt may stand on a dead feed (common practice, no source).
TEST_F(DarkSet, ResidueOnADeadFeedIsADeadFeed) {
    noLight();
    steady("ledPlusIdle", 0.4);
    steady("ledPlusOn", 0.3);
    EXPECT_GT(shareOf(assessed(), "feedMissing"), 0.8);
}

// With DIM at zero LED+ may keep its idle with the plug out, too (common practice, no source).
TEST_F(DarkSet, DimAtZeroThatKeepsItsIdleIsNoDeadDriver) {
    noLight();
    steady("dim", 0);
    steady("ledPlusIdle", 24);
    steady("ledPlusOn", 24);
    steady("ledPlusPlugOut", 24);
    EXPECT_EQ(top(assessed()), "dimAtZero");
}

// Right volts on any run prove the leads, seen lit or not: a run that stays dark elsewhere is dark (common practice, no
// source).
TEST_F(DarkSet, StripDarkOnATesterWhoseVoltsWereRightElsewhereIsOpen) {
    noLight();
    job_.panelOpen = true;
    const auto strip = [&](int index) { return backlight::wholeStrip(job_.set.backlight, index); };
    const auto limit = job_.bench.tester.limitVolts;
    add(evidence::TesterTaken{strip(1), job_.bench.tester, limit, 0});
    const double before = shareOf(assessed(), "openLed");
    add(evidence::TesterTaken{strip(0), job_.bench.tester, assessed().expected.stripVolts[0], std::nullopt});
    EXPECT_GT(shareOf(assessed(), "openLed"), before);
    EXPECT_GT(shareOf(assessed(), "openLed"), 0.9);
}

// ---- verdicts ----------------------------------------------------------------------------------------------------

// A supply that gives up and a divider that trips early may read alike; the same board mends both (common practice, no
// source).
TEST_F(DarkSet, BoardFaultsThatReadAlikeAreOneVerdictWhenNothingTellsThemApart) {
    noLight();
    job_.panelOpen = true;
    steady("dim", 2.4);
    steady("ledPlusIdle", 24);
    add(Measured{"ledPlusOn", {}, Shape::PeakThenSettles, 50, 24});
    add(Measured{"ledPlusPlugOut", {}, Shape::PeakThenSettles, 50.1, 24});
    steady("ledMinus", 0, 0);
    steady("ledMinus", 0, 1);
    for (int strip = 0; strip < int(job_.set.backlight.strips.size()); ++strip) {
        const auto run = backlight::wholeStrip(job_.set.backlight, strip);
        add(evidence::TesterTaken{run, job_.bench.tester, assessed().expected.stripVolts[std::size_t(strip)],
                                  run.count()});
    }
    EXPECT_TRUE(assessed().verdict().empty()) << "no part of that board was looked at, and no other put in its place";
    add(evidence::Answer{"knownPowerBoard", "lights"});
    const auto assessment = assessed();
    EXPECT_LT(shareOf(assessment, top(assessment)), 0.9) << "neither is sure";
    EXPECT_THAT(assessment.verdict().english(), HasSubstr("weak supply"));
    EXPECT_THAT(assessment.verdict().english(), HasSubstr("over-voltage divider"));
}

TEST_F(DarkSet, LedThatIsDarkAloneIsFaultyInWhateverWay) {
    add(evidence::LightSeen{driver::Light::StaysLit, 0});
    job_.panelOpen = true;
    for (int strip = 0; strip < int(job_.set.backlight.strips.size()); ++strip) {
        const auto run = backlight::wholeStrip(job_.set.backlight, strip);
        for (int led = 0; led < job_.set.backlight.strips[std::size_t(strip)].leds; ++led) {
            using Glow = evidence::LedSeen::Glow;
            add(evidence::LedSeen{{strip, led}, strip == 1 && led == 3 ? Glow::Dark : Glow::Lit, run});
        }
    }
    const auto assessment = assessed();
    ASSERT_EQ(findings::ledsOf(assessment.located), (std::vector<backlight::LedPlace>{{1, 3}}));
    EXPECT_LT(assessment.located.front().share, 0.9) << "shorted, or dark and conducting: no volts were read";
    EXPECT_EQ(assessment.found.english(), "Faulty LED B4");
}

// An over-voltage level lies 1.03 to 1.4 times above the strings' volts (common practice, no source).
TEST_F(DarkSet, IsWarnedOfAtTheUpperEndOfWhatItMayReach) {
    const auto reach = [](const Assessment& assessment) {
        const std::string words = assessment.cautions.front().text.english();
        const std::string before = "LED+ can reach ";
        return std::stod(words.substr(words.find(before) + before.size()));
    };
    EXPECT_GE(reach(assessed()), 1.38 * 68);
    add(Measured{"ledPlusPlugOut", {}, Shape::PeakThenSettles, 80, 20});
    EXPECT_GE(reach(assessed()), 80);
    EXPECT_LT(reach(assessed()), 90) << "by then it has been learned";
}

// ---- sets whose strips nobody has described ----------------------------------------------------------------------

/// Dark, with sound and a picture under the torch, asked for light; not even a label was read off.
class UndescribedSet : public DarkSet {
protected:
    UndescribedSet() { job_.set.backlight = backlight::plainBacklight(backlight::undescribed()); }
};

TEST_F(UndescribedSet, SaysNothingThatNobodyHasSaid) {
    const auto assessment = assessed();
    EXPECT_TRUE(assessment.ledShares.empty());
    EXPECT_TRUE(assessment.expected.stripVolts.empty());
    EXPECT_FALSE(assessment.expected.volts.count({"ledPlusOn"}));
    for (const auto& known : assessment.thisSet) {
        EXPECT_EQ(known.from, Known::From::NotYet);
    }
    for (const auto& suspect : assessment.suspects) {
        EXPECT_THAT(suspect.title.english(), testing::Not(testing::ContainsRegex("strip [A-Z]|[A-Z][0-9]")));
    }
    for (const auto& probe : assessment.probes.best) {
        EXPECT_FALSE(evidence::runOf(probe.question)) << probe.title.english();
    }
    for (const auto& option : assessment.plan.options) {
        EXPECT_FALSE(trade().repair(option.id)->opensPanel) << "its price hangs on strips";
    }
}

// Nobody knows how many strings there are: in a set of one, an open plug leaves everything dark as an open LED does. So
// before anything else is read, a dark set leaves the two nearly as far apart as they are met.
TEST_F(UndescribedSet, DarkSetMayBeAnOpenPlugAsWellAsAnOpenLed) {
    noLight();
    const auto assessment = assessed();
    const double met = trade().suspect("openPlug")->weight / trade().suspect("openLed")->weight;
    EXPECT_GT(shareOf(assessment, "openPlug") / shareOf(assessment, "openLed"), 0.6 * met);
    EXPECT_GT(shareOf(assessment, "badJoint"), 0.005) << "one that lets too little through";
}

// A set of 68 V with a dead string: a meter averages the hunting output at the strings' own volts (common practice, no
// source).
TEST_F(UndescribedSet, DeadStringIsNotTakenForATiredSupply) {
    noLight();
    steady("ledPlusOn", 68);
    steady("ledPlusPlugOut", 83);
    const auto assessment = assessed();
    EXPECT_LT(shareOf(assessment, "weakSupply"), 0.5);
    EXPECT_GT(shareOfSide(assessment, knowledge::Side::Leds), 0.3);
}

// A plug of one return has one string, which an open LED makes dark as a whole; one of four goes dark by the board
// (common practice, no source). Nobody but the plug has told, so it says what strips would say.
TEST_F(UndescribedSet, PlugTellsHowManyStringsThereAre) {
    noLight();
    const auto ledsOf = [&](const backlight::Backlight& backlight) {
        auto job = job_;
        job.set.backlight = backlight;
        return shareOfSide(assess(job, trade()), knowledge::Side::Leds);
    };
    const auto withPins = [&](const char* pins) {
        return ledsOf(backlight::withPlug(job_.set.backlight, std::get<0>(backlight::readPins(pins))));
    };
    const auto withStrips = [&](const char* line) {
        return ledsOf(backlight::plainBacklight(std::get<0>(backlight::readLine(line, backlight::undescribed()))));
    };
    EXPECT_NEAR(withPins("+, −"), withStrips("1 strip × 24, one string"), 0.05);
    EXPECT_NEAR(withPins("+, − 1, − 2, − 3, − 4"), withStrips("4 strips × 24, 4 strings"), 0.05);
    EXPECT_DOUBLE_EQ(withPins("+, −, −"), ledsOf(job_.set.backlight));
    EXPECT_GT(withPins("+, −"), withPins("+, −, −"));
    EXPECT_GT(withPins("+, −, −"), withPins("+, − 1, − 2, − 3, − 4"));
}

TEST_F(UndescribedSet, PlugIsKeptInTheFileAndWhatWasReadAtAPinThatIsGoneCountsForNothing) {
    job_.set.backlight = backlight::withPlug(job_.set.backlight, std::get<0>(backlight::readPins("+, − 1, − 2, − 3")));
    const auto standing = [&] { return job::standingEntries(job_, job::Phase::Before).size(); };
    const auto before = standing();
    add(Measured{"ledMinus", backlight::ChannelIndex(2), Shape::Steady, 14, 14});
    EXPECT_EQ(job::fromJson(job::toJson(job_)), job_);
    EXPECT_EQ(standing(), before + 1);
    job_.set.backlight = backlight::withPlug(job_.set.backlight, std::get<0>(backlight::readPins("+, −")));
    job::noteDescribed(job_);
    EXPECT_TRUE(job::problemsOf(job_).empty());
    EXPECT_EQ(standing(), before);
    EXPECT_EQ(job::fromJson(job::toJson(job_)), job_);
}

// A driver that is dimmed to nothing does not move either: it is dead once DIM has been read, not before (common
// practice, no source).
TEST_F(UndescribedSet, NeverMovesFromItsIdle) {
    noLight();
    steady("ledPlusIdle", 43);
    steady("ledPlusOn", 43);
    steady("ledPlusPlugOut", 43);
    EXPECT_GT(shareOf(assessed(), "dimAtZero"), 0.1);
    steady("dim", 2.5);
    const auto assessment = assessed();
    EXPECT_EQ(top(assessment), "driverNotSwitching");
    EXPECT_GT(shareOf(assessment, "driverNotSwitching"), 0.8);
}

TEST_F(UndescribedSet, AsksForTheStripsWhenOnlyTheyCanTellMore) {
    noLight();
    EXPECT_FALSE(assessed().wantsStrips);
    steady("ledPlusIdle", 24);
    add(Measured{"ledPlusOn", {}, Shape::Wanders, 94, 60});
    add(Measured{"ledPlusPlugOut", {}, Shape::Wanders, 94.5, 61});
    const auto assessment = assessed();
    EXPECT_GT(shareOfSide(assessment, knowledge::Side::Leds), 0.9);
    EXPECT_TRUE(assessment.wantsStrips);
    EXPECT_TRUE(assessment.verdict().empty());
}

TEST_F(UndescribedSet, ReadingOfAStripIsRefusedUntilThereIsOne) {
    add(evidence::TesterTaken{{{0, 0}, 0, 11}, {}, 33.0, 12});
    const auto problems = job::problemsOf(job_);
    ASSERT_EQ(problems.size(), 1u);
    EXPECT_THAT(problems.front().reason.english(), HasSubstr("nobody has described the strips"));
}

TEST_F(UndescribedSet, NothingIsProvenWhileNobodyKnowsWhatTheStringsRunAt) {
    const auto provesAt = [&](double volts) {
        auto job = job_;
        job::addEntry(job, "", job::Phase::After, Measured{"ledPlusOn", {}, Shape::Steady, volts, volts});
        return assess(job, trade()).proof.front().within;
    };
    EXPECT_FALSE(provesAt(70));
    EXPECT_FALSE(provesAt(150));
    job_.set.backlight.feeds = {{68}};
    EXPECT_TRUE(provesAt(68.4));
    EXPECT_FALSE(provesAt(150));
}

// ---- what does not fit together ----------------------------------------------------------------------------------

TEST_F(DarkSet, ReadingThatNothingExplainsIsNamedAndAskedForAgain) {
    noLight();
    steady("ledPlusIdle", 33);
    steady("ledPlusOn", 412);
    steady("ledPlusPlugOut", 33);
    const auto assessment = assessed();
    ASSERT_TRUE(assessment.misfit);
    EXPECT_THAT(assessment.misfit->reading.english(), HasSubstr("412.0 V"));
    EXPECT_TRUE(assessment.verdict().empty());
    ASSERT_FALSE(assessment.probes.best.empty());
    EXPECT_EQ(assessment.probes.best.front().test, "ledPlusOn") << "it is taken again first";
}

// An answer given otherwise once may be the slip itself; given a third time it is none, whatever it fits.
TEST_F(DarkSet, OneOtherAnswerConfirmsNothing) {
    noLight();
    steady("ledPlusIdle", 33);
    steady("ledPlusOn", 90);
    steady("ledPlusOn", 412);
    ASSERT_TRUE(assessed().misfit);
    EXPECT_EQ(assessed().misfit->entry, job_.trail.back().id);
    steady("ledPlusOn", 330);
    EXPECT_FALSE(assessed().misfit && assessed().misfit->entry == job_.trail.back().id) << "read three times";
}

// No meter shows the same last digit twice: a reading that comes again within its scatter is no slip.
TEST_F(DarkSet, AReadingThatComesAgainStands) {
    noLight();
    steady("ledPlusIdle", 33);
    steady("ledPlusOn", 412);
    ASSERT_TRUE(assessed().misfit);
    steady("ledPlusOn", 409);
    EXPECT_FALSE(assessed().misfit && assessed().misfit->entry == job_.trail.back().id);
}

/// A lit run of the strips that are there; then a description that the reading cannot come from.
TEST_F(DarkSet, ADescriptionThatSpoilsAReadingIsNamedAsWhatMayBeWrong) {
    auto job = job_;
    job.set.backlight = virtualset::demoJob(0, trade()).job.set.backlight;
    const auto run = backlight::wholeString(job.set.backlight, {0, 0});
    const double volts = backlight::testRun(job.set.backlight, {run, job.bench.tester}, {}).volts;
    job::addEntry(job, "", job::Phase::Before, evidence::TesterTaken{run, job.bench.tester, volts, run.count()});
    ASSERT_FALSE(assess(job, trade()).misfit);
    for (auto& strip : job.set.backlight.strips) {
        strip.led.ratedVolts *= 2.5;
    }
    const auto before = assess(job, trade()).misfit;
    ASSERT_TRUE(before);
    EXPECT_FALSE(before->describedSince) << "nobody has said that the description changed";
    job::noteDescribed(job);
    const auto misfit = assess(job, trade()).misfit;
    ASSERT_TRUE(misfit);
    EXPECT_TRUE(misfit->describedSince);
    EXPECT_THAT(misfit->why.english(), HasSubstr("As described, a sound set shows"));
}

TEST_F(DarkSet, ReadingsThatFitAreNotCalledMisfits) {
    for (const auto& demo : virtualset::demoWorkshop(trade())) {
        const auto assessment = assess(demo.job, trade());
        EXPECT_FALSE(assessment.misfit) << demo.job.id;
        EXPECT_LT(shareOf(assessment, "noneOfThese"), 0.05) << demo.job.id;
    }
}

/// A digit lost, doubled or swapped in a job that was right.
TEST(Slip, IsNamedOrLeavesTheSharesHonest) {
    const auto demo = virtualset::demoJob(0, trade());
    const auto right = assess(demo.job, trade());
    int slips = 0;
    int honest = 0;
    int misled = 0;
    for (std::size_t e = 0; e < demo.job.trail.size(); ++e) {
        for (const double times : {10.0, 0.1}) {
            job::Job job = demo.job;
            auto& what = job.trail[e].what;
            if (auto* measured = std::get_if<Measured>(&what)) {
                measured->volts *= times;
                measured->restVolts = std::min(measured->restVolts, measured->volts);
            } else if (auto* taken = std::get_if<evidence::TesterTaken>(&what); taken != nullptr && taken->lit > 0) {
                taken->volts = *taken->volts * times;
            } else {
                continue;
            }
            const auto assessment = assess(job, trade());
            const bool isNamed = assessment.misfit && assessment.misfit->entry == job.trail[e].id;
            const bool isRight = assessment.suspects.front().suspect == right.suspects.front().suspect;
            ++slips;
            honest += isNamed || isRight || assessment.suspects.front().share < 0.9 ? 1 : 0;
            misled += !isRight && assessment.suspects.front().share >= 0.9 &&
                              assessment.suspects.front().suspect != "noneOfThese"
                          ? 1
                          : 0;
        }
    }
    EXPECT_GE(slips, 10);
    EXPECT_GE(honest, 0.8 * slips);
    EXPECT_EQ(misled, 0);
}

}  // namespace
}  // namespace dimglow::sheet
