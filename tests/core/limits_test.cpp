// Jobs as large as the format allows: assessed, in bounded memory, and stopped when asked. How long it takes is a
// matter of the benchmarks.

#include <gtest/gtest.h>

#include <fstream>
#include <random>
#include <string>
#include <thread>

#include "core/backlight/limits.h"
#include "core/backlight/plain.h"
#include "core/job/job_json.h"
#include "core/job/limits.h"
#include "core/job/problems.h"
#include "core/job/trail_lines.h"
#include "core/reasoning/model.h"
#include "core/sheet/assessment.h"
#include "tests/support/largest_jobs.h"

namespace dimglow {
namespace {

class LargestJob : public testing::TestWithParam<int> {};

TEST_P(LargestJob, IsWithinTheLimitsIsReadBackAndAssessed) {
    const auto largest = test::largestJobs()[std::size_t(GetParam())];
    EXPECT_EQ(largest.name, test::largestJobNames[GetParam()]);
    ASSERT_TRUE(job::problemsOf(largest.job).empty()) << inWords(job::problemsOf(largest.job).front());
    EXPECT_EQ(job::parseJob(job::toJson(largest.job).dump()), largest.job);
    const auto assessment = sheet::assess(largest.job, knowledge::builtInKnowledge());
    EXPECT_FALSE(assessment.suspects.empty());
    double total = 0;
    for (const auto& suspect : assessment.suspects) {
        total += suspect.share;
    }
    EXPECT_NEAR(total, 1, 1e-6);
    EXPECT_FALSE(job::trailLines(largest.job, knowledge::builtInKnowledge()).empty() && !largest.job.trail.empty());
}

INSTANTIATE_TEST_SUITE_P(Kinds, LargestJob, testing::Range(0, int(std::size(test::largestJobNames))),
                         [](const auto& info) { return std::string(test::largestJobNames[info.param]); });

TEST(LargestJobs, OneMoreOfAnythingIsRefused) {
    auto job = test::largestJobs().front().job;
    while (job.trail.size() <= job::limits::trail) {
        job::addEntry(job, "", job::Phase::Before, evidence::Answer{"sound", "yes"});
    }
    EXPECT_EQ(inWords(job::problemsOf(job).front()), "trail: 3001 entries; at most 3000");
    const auto oneMore = [](const char* name) {
        auto jobs = test::largestJobs();
        auto& full =
            std::find_if(jobs.begin(), jobs.end(), [&](const auto& largest) { return largest.name == name; })->job;
        job::addEntry(full, "", job::Phase::Before, full.trail.back().what);
        return inWords(job::problemsOf(full).front());
    };
    EXPECT_EQ(oneMore("EveryBridge"), "trail: 25 LEDs bridged with an ammeter; at most 24");
    EXPECT_EQ(oneMore("LongestTrail"), "trail: 601 readings of the tester; at most 600");
}

/// Fewer LEDs than sets of faults are built of.
TEST(SmallestBacklight, OfOneLedOrThreeIsAssessed) {
    for (const int leds : {1, 2, 3}) {
        job::Job job;
        backlight::PlainDescription plain;
        plain.strips = 1;
        plain.stripsPerString = 1;
        plain.ledsPerStrip = leds;
        job.set.backlight = backlight::plainBacklight(plain);
        job.panelOpen = true;
        job::addEntry(job, "", job::Phase::Before,
                      evidence::TesterTaken{backlight::wholeStrip(job.set.backlight, 0), job.bench.tester, 0.1, 0});
        job.id = "SK-9002";
        job.title = "small";
        const auto problems = job::problemsOf(job);
        ASSERT_TRUE(problems.empty()) << inWords(problems.front());
        const auto assessment = sheet::assess(job, knowledge::builtInKnowledge());
        EXPECT_EQ(assessment.suspects.front().suspect, "shortedLed") << leds;
        EXPECT_EQ(assessment.located.size(), std::size_t(leds)) << "none has a volt left";
    }
}

TEST(AssessmentThatIsAskedToStop, Stops) {
    const auto largest = test::largestJobs()[1].job;
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(sheet::assess(largest, knowledge::builtInKnowledge(), {{}, 6, stop.get_token()}), reasoning::Stopped);
}

// Standing entries are found by their question as a key; the plain way compares each with each.
TEST(StandingEntries, AreThoseOfComparingEachWithEach) {
    std::mt19937 random(7);
    const auto draw = [&](int n) { return std::uniform_int_distribution(0, n - 1)(random); };
    for (int round = 0; round < 20; ++round) {
        job::Job job;
        job.set.backlight = backlight::plainBacklight({});
        for (int i = 0; i < 150; ++i) {
            const backlight::Run run{{0, 0}, draw(3), 3 + draw(3)};
            const backlight::LedPlace place{draw(2), draw(4)};
            const evidence::Observation all[] = {
                evidence::Answer{draw(2) == 0 ? "torch" : "sound", "x"},
                evidence::Measured{draw(2) == 0 ? "ledMinus" : "dim", backlight::ChannelIndex(draw(2))},
                evidence::LightSeen{},
                evidence::TesterTaken{run, {draw(2) == 0 ? 0.03 : 0.01, 300}, 1.0, {}},
                evidence::LedSeen{place, {}, run},
                evidence::LedChecked{place, {}, {}},
                evidence::Bridged{place}};
            job::addEntry(job, "", job::Phase(draw(2)), all[draw(7)]);
        }
        for (const auto phase : {job::Phase::Before, job::Phase::After}) {
            std::vector<job::Entry> plain;
            for (const auto& entry : job.trail) {
                if (entry.phase == phase) {
                    std::erase_if(plain, [&](const auto& e) {
                        return evidence::questionOf(e.what) == evidence::questionOf(entry.what);
                    });
                    plain.push_back(entry);
                }
            }
            EXPECT_EQ(job::standingEntries(job, phase), plain);
        }
    }
}

}  // namespace
}  // namespace dimglow
