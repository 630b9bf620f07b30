// Boards with more than one LED+, each with strings of its own.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/plain.h"
#include "core/job/job_json.h"
#include "core/job/problems.h"
#include "core/sheet/assessment.h"
#include "tests/support/trade.h"
#include "virtualset/sealed_set.h"

namespace dimglow {
namespace {

using backlight::Backlight;
using backlight::ChannelIndex;
using backlight::FeedIndex;
using driver::Reference;
using driver::Shape;
using evidence::Measured;
using testing::HasSubstr;

Backlight read(const char* line) {
    const auto result = backlight::readLine(line);
    return backlight::plainBacklight(std::get<backlight::PlainDescription>(result));
}

TEST(FeedsInALine, AreSharedOutAndReadBack) {
    const auto two = read("4 strips x 10, each its own string, labels 33 and 31 V");
    ASSERT_EQ(two.feeds.size(), 2u);
    EXPECT_EQ(two.feeds[1].labelVolts, 31);
    std::vector<int> feeds;
    for (const auto& channel : two.channels) {
        feeds.push_back(channel.feed);
    }
    EXPECT_THAT(feeds, testing::ElementsAre(0, 0, 1, 1));
    for (const char* line : {"4 strips × 10, each its own string, labels 33 and none V", "2 x 10, 2 strings, 2 feeds",
                             "4 x 10, each its own string, 2 feeds, label 32 V"}) {
        const auto wired = read(line);
        const auto plain = backlight::plainDescriptionOf(wired);
        ASSERT_TRUE(plain) << line;
        EXPECT_EQ(read(backlight::lineOf(*plain).c_str()), wired) << line;
    }
    EXPECT_TRUE(std::holds_alternative<typing::LineProblem>(backlight::readLine("4 x 12, one string, 2 feeds")))
        << "two LED+ need two channels";
}

TEST(FeedsInAFile, AreKeptAndChecked) {
    job::Job job;
    job.id = "T";
    job.title = "two feeds";
    job.set.backlight = read("4 strips x 10, each its own string, labels 33 and none V");
    job::addEntry(job, "", job::Phase::Before, Measured{"ledPlusOn", {}, Shape::Steady, 30, 30, FeedIndex(1)});
    EXPECT_EQ(job::fromJson(job::toJson(job)), job);
    std::get<Measured>(job.trail.back().what).feed = backlight::FeedIndex(2);
    EXPECT_FALSE(job::problemsOf(job).empty()) << "there is no third LED+";
    job.trail.clear();
    for (auto& channel : job.set.backlight.channels) {
        channel.feed = 0;
    }
    ASSERT_FALSE(job::problemsOf(job).empty());
    EXPECT_THAT(inWords(job::problemsOf(job).front()).english(), HasSubstr("no channel hangs on feed 2"));
}

TEST(Channels, AreHungOnAnotherFeedAndTheEmptyOneGoes) {
    const auto one = read("3 strips x 10, each its own string, label 33 V");
    const auto two = backlight::withChannelFed(one, ChannelIndex(2), FeedIndex(1));
    ASSERT_EQ(two.feeds.size(), 2u);
    EXPECT_EQ(two.channels[2].feed, 1);
    EXPECT_FALSE(two.feeds[1].labelVolts);
    EXPECT_TRUE(backlight::problemsOf(two).empty());
    EXPECT_EQ(backlight::withChannelFed(two, ChannelIndex(2), FeedIndex(0)), one);
    EXPECT_THROW(backlight::withChannelFed(one, ChannelIndex(2), FeedIndex(2)), std::out_of_range);
    EXPECT_EQ(backlight::withStripMoved(two, 2, backlight::StringRef{0, 0}).feeds.size(), 1u);
}

TEST(FeedAlone, HasItsOwnChannelsPinsAndFaults) {
    auto set = read("4 strips x 10, each its own string, 2 feeds");
    using Role = backlight::HarnessPin::Role;
    set.harness = {{Role::LedPlus, 0, "red", 1}, {Role::LedMinus, 0, "", 2}, {Role::LedMinus, 3, "", 5}};
    const backlight::Faults faults{{}, {{{0, 0}, 0, 100}, {{3, 0}, 0, 200}}, {{{1, 0}, 3, 1}}};
    const auto alone = backlight::feedAlone(set, faults, 1);
    EXPECT_THAT(alone.channels, testing::ElementsAre(2, 3));
    ASSERT_EQ(alone.faults.joints.size(), 1u);
    EXPECT_EQ(alone.faults.joints[0].string.channel, 1);
    EXPECT_TRUE(alone.faults.leaks.empty());
    EXPECT_EQ(backlight::harnessOhms(alone.backlight, 1), backlight::harnessOhms(set, 3));
    EXPECT_EQ(backlight::harnessOhms(alone.backlight, 0), backlight::harnessOhms(set, 2));
}

TEST(FeedsOfASetThatNobodyHasSeen, AreCountedWithoutLosingWhatIsKnown) {
    auto one = backlight::plainBacklight(backlight::undescribed());
    one.feeds.front().labelVolts = 68;
    one.driver.idleVolts = 24;
    const auto two = backlight::withFeeds(one, 2);
    EXPECT_FALSE(two.isDescribed);
    EXPECT_TRUE(backlight::problemsOf(two).empty());
    EXPECT_EQ(two.feeds.front().labelVolts, 68);
    EXPECT_EQ(two.driver, one.driver);
    EXPECT_EQ(backlight::withFeeds(two, 1), one);
}

TEST(WhatWasLearned, JoinsTheDescriptionAsFarAsItCanSayIt) {
    using findings::Known;
    const auto learned = [](Reference what, double volts, Known::From from = Known::From::Readings, int feed = 0) {
        return Known{what, from, volts, 1, feed};
    };
    const auto driver = findings::withLearned(
        {}, {learned(Reference::Idle, 33.42), learned(Reference::Strings, 100), learned(Reference::OverVolts, 123.4),
             learned(Reference::Strings, 60, Known::From::Readings, 1),
             learned(Reference::OverVolts, 90, Known::From::Readings, 1), learned(Reference::Sink, 25)});
    EXPECT_NEAR(driver.idleVolts.value_or(0), 33.4, 1e-9);
    EXPECT_NEAR(driver.ovpRatio.value_or(0), 1.23, 1e-9) << "of the first feed";
    EXPECT_FALSE(driver.headroomVolts) << "more than a description can say";
    const auto guessed = findings::withLearned(
        {}, {learned(Reference::Idle, 33, Known::From::Computed), learned(Reference::Strings, 100, Known::From::NotYet),
             learned(Reference::OverVolts, 120)});
    EXPECT_EQ(guessed, backlight::DriverSpec{});
}

/// A set of which nobody knows more than that its board has two LED+; the picture is there under the torch.
class TwoFeeds : public testing::Test {
protected:
    TwoFeeds() {
        job_.id = "T";
        job_.liveWorkAccepted = true;
        job_.set.backlight = backlight::plainBacklight(backlight::undescribed(2));
        add(evidence::Answer{"sound", "yes"});
        add(evidence::Answer{"torch", "picture"});
        add(Measured{"blOn", {}, Shape::Steady, 3.3, 3.3});
    }
    void add(evidence::Observation what) { job::addEntry(job_, "", job::Phase::Before, std::move(what)); }
    void ledPlus(const char* test, int feed, double volts) {
        add(Measured{test, {}, Shape::Steady, volts, volts, FeedIndex(feed)});
    }
    void falls(const char* test, int feed, double peak, double rest) {
        add(Measured{test, {}, Shape::PeakThenSettles, peak, rest, FeedIndex(feed)});
    }
    sheet::Assessment assessed() const { return sheet::assess(job_, trade()); }
    static double shareOf(const sheet::Assessment& assessment, const char* id) {
        const auto found = assessment.diagnosis.shareOfSuspect.find(id);
        return found == assessment.diagnosis.shareOfSuspect.end() ? 0 : found->second;
    }
    static double ofTheLeds(const sheet::Assessment& assessment) {
        double share = 0;
        for (const auto& suspect : assessment.suspects) {
            share += suspect.side == knowledge::Side::Leds ? suspect.share : 0;
        }
        return share;
    }
    job::Job job_;
};

// Common practice, no source: one feed that runs high and one that is normal has a dead string on the first.
TEST_F(TwoFeeds, OneHighAndOneNormalIsAString) {
    ledPlus("ledPlusIdle", 0, 24);
    ledPlus("ledPlusOn", 1, 71.5);
    falls("ledPlusOn", 0, 88, 24);
    falls("ledPlusPlugOut", 0, 88.5, 24);
    EXPECT_GT(ofTheLeds(assessed()), 0.9);
}

// Common practice, no source: both feeds equally low point upstream of both.
TEST_F(TwoFeeds, BothSteadyAtHalfIsUpstreamOfBoth) {
    job_.set.backlight.feeds = {{120}, {120}};
    ledPlus("ledPlusIdle", 0, 24);
    ledPlus("ledPlusOn", 0, 61);
    ledPlus("ledPlusOn", 1, 60);
    const auto both = assessed();
    EXPECT_GT(shareOf(both, "weakSupply"), 0.9);
    EXPECT_EQ(both.suspects.front().title.english(), trade().suspect("weakSupply")->title.english());
}

TEST_F(TwoFeeds, OneThatNeverMovesBesideAHealthyOneIsItsOwnDriver) {
    ledPlus("ledPlusIdle", 0, 24);
    ledPlus("ledPlusOn", 0, 93);
    ledPlus("ledPlusOn", 1, 24.1);
    ledPlus("ledPlusPlugOut", 1, 24);
    const auto assessment = assessed();
    EXPECT_THAT(assessment.suspects.front().title.english(), HasSubstr("feed 2"));
    EXPECT_GT(shareOf(assessment, "driverNotSwitching"), 0.9);
    EXPECT_EQ(assessment.likeliest.feed, 1);
}

TEST_F(TwoFeeds, TeachOfEachOtherAsFarAsTheyAreAlike) {
    job_.trail.clear();  // a set that is lit, with no picture
    add(evidence::Answer{"torch", "noPicture"});
    const auto strings = [&](int feed) {
        const auto known = assessed().thisSet;
        return *std::find_if(known.begin(), known.end(),
                             [&](const auto& k) { return k.what == Reference::Strings && k.feed == feed; });
    };
    EXPECT_EQ(strings(1).from, findings::Known::From::NotYet);
    const double before = strings(1).sigmaVolts / strings(1).volts;
    add(evidence::LightSeen{driver::Light::StaysLit, 0});
    ledPlus("ledPlusOn", 0, 93);
    EXPECT_LT(strings(1).sigmaVolts / strings(1).volts, before) << "as long as the first, or not";
    ledPlus("ledPlusOn", 1, 58);
    EXPECT_NEAR(strings(0).volts, 93, 5);
    EXPECT_NEAR(strings(1).volts, 58, 5) << "strings of another length";
}

TEST_F(TwoFeeds, ReadingsNameTheFeed) {
    ledPlus("ledPlusOn", 1, 58);
    const evidence::Scene scene{job_.set, trade()};
    EXPECT_EQ(evidence::titleOf(job_.trail.back().what, scene).english(), "LED+ at switch-on of feed 2");
    std::vector<std::string> asked;
    for (const auto& probe : sheet::assess(job_, trade(), {.today = {}, .maxProbes = 50}).probes.best) {
        asked.push_back(probe.title.english());
    }
    EXPECT_THAT(asked, testing::Contains("LED+ at switch-on of feed 1"));
    EXPECT_THAT(asked, testing::Not(testing::Contains("LED+ at switch-on of feed 2"))) << "it was read";
}

/// Sets with two feeds and their faults.
struct Faulty {
    const char* name;
    const char* suspect;
    backlight::Faults strings = {};
    std::optional<int> feed = {};
    bool together = false;
};
void PrintTo(const Faulty& faulty, std::ostream* out) {
    *out << faulty.name;
}
class Feeds : public testing::TestWithParam<Faulty> {};

/// What the simulated meter shows must be something that the forecast of the true fault expects, at either feed, not
/// what it leaves to a slip of the probe.
TEST_P(Feeds, ForecastExpectsWhatTheSimulatedMeterShows) {
    const auto& faulty = GetParam();
    const auto set = read("2 strips x 12, each its own string, 2 feeds");
    virtualset::Manner manner;
    manner.feedsTripTogether = faulty.together;
    const virtualset::SealedSet sealed(set, {faulty.suspect, faulty.strings, 1, {}, faulty.feed}, trade(), manner);
    std::vector<backlight::ChannelDemand> demands = {backlight::demandOf(set, 0, faulty.strings),
                                                     backlight::demandOf(set, 1, faulty.strings)};
    const auto* behaviour = &trade().behaviourOf(*trade().suspect(faulty.suspect));
    const auto at = [&](int feed) { return faulty.feed.value_or(feed) == feed ? behaviour : &trade().healthy(); };
    const auto reference = driver::referenceOf(set);
    const auto forecast = driver::forecast(set, reference, demands, {at(0), at(1)});
    const double worthTenSlips = std::log(10);
    for (const driver::BoardPlace place : {driver::BoardPlace{}, {ChannelIndex(1), FeedIndex(1)}}) {
        for (const char* test : {"ledPlusIdle", "ledPlusOn", "ledPlusPlugOut", "ledMinus"}) {
            const auto reading = sealed.measure(test, place);
            const auto logOf = [&](const driver::Modes& modes) {
                return driver::nothingLearntOf(set, reference)
                    .take(modes, reading.shape, reading.volts, reading.restVolts);
            };
            EXPECT_GT(logOf(*forecast.of(test, place)), logOf({}) + worthTenSlips)
                << test << " of feed " << place.feed + 1 << ": " << reading.volts << " then " << reading.restVolts
                << " V, shape " << int(reading.shape);
        }
    }
}

const backlight::Faults openLed{{{{0, 5}, backlight::LedFault::Open}}};
INSTANTIATE_TEST_SUITE_P(Faults, Feeds,
                         testing::Values(Faulty{"openLedOfOne", "openLed", openLed},
                                         Faulty{"openLedTakesBothDown", "openLed", openLed, {}, true},
                                         Faulty{"driverOfOne", "driverNotSwitching", {}, 1},
                                         Faulty{"driverOfBoth", "driverNotSwitching"},
                                         Faulty{"fuseOfOne", "feedMissing", {}, 0},
                                         Faulty{"dividerOfOne", "ovpDivider", {}, 1}, Faulty{"notAsked", "notAsked"},
                                         Faulty{"healthy", "panelPicture"}),
                         testing::PrintToStringParamName());

TEST(FeedsOfAMendedSet, AreProvenEach) {
    job::Job job;
    job.set.backlight = read("3 strips x 12, each its own string, 2 feeds");
    const auto& lines = sheet::assess(job, trade()).proof;
    ASSERT_EQ(lines.size(), 5u);
    EXPECT_EQ(lines[1].test, "ledPlusOn");
    EXPECT_EQ(lines[1].feed, 1);
    job::addEntry(job, "", job::Phase::After, Measured{"ledPlusOn", {}, Shape::Steady, 36, 36, FeedIndex(1)});
    const auto proof = sheet::assess(job, trade()).proof;
    EXPECT_FALSE(proof[0].volts) << "the other feed was not measured";
    EXPECT_EQ(proof[1].volts, 36);
}

}  // namespace
}  // namespace dimglow
