// Jobs worked on sets drawn at random; script/trials works thousands.

#include <gtest/gtest.h>

#include <set>

#include "core/backlight/led_count.h"
#include "core/backlight/plain.h"
#include "tests/support/trade.h"
#include "virtualset/trial.h"

namespace dimglow::virtualset {
namespace {

class PatientOf : public testing::TestWithParam<Family> {};

TEST_P(PatientOf, IsTheSameSetWhateverTheJobIsTold) {
    const auto ledPlusOf = [](const Patient& patient) {
        return patient.set->take(evidence::VoltsAsked{driver::ledPlusOn});
    };
    for (const std::uint64_t seed : {11, 12, 13}) {
        const auto nothing = drawPatient(seed, Told::Nothing, trade(), GetParam());
        const auto strips = drawPatient(seed, Told::Strips, trade(), GetParam());
        EXPECT_EQ(nothing.suspect, strips.suspect);
        EXPECT_EQ(nothing.truth, strips.truth);
        EXPECT_EQ(ledPlusOf(nothing), ledPlusOf(strips));
        EXPECT_FALSE(nothing.job.set.backlight.isDescribed);
        EXPECT_TRUE(strips.job.set.backlight.isDescribed);
        EXPECT_NE(strips.truth, strips.job.set.backlight) << "its numbers are its own";
    }
}
INSTANTIATE_TEST_SUITE_P(Both, PatientOf, testing::Values(Family::Knowledge, Family::Bench));

TEST(Patient, ShowsWhatIsPrintedOnItsPartsSoThatTheyCanBeJudged) {
    const auto patient = drawPatient(11, Told::Nothing, trade());
    auto job = patient.job;
    for (const auto& point : trade().points) {
        const evidence::PointAsked asked{point.id, point.letter};
        job::notePoint(job, asked, patient.set->printedOn(asked));
        EXPECT_NE(
            evidence::judge(std::get<evidence::PointTaken>(patient.set->take(asked).front()), job.set, trade(), {})
                .grade,
            parts::Grade::CannotTell)
            << point.id;
    }
}

// A main board without its standby supply drives nothing (common practice, no source).
TEST(SealedSet, WithoutStandbyHasNoDimming) {
    for (const bool goesWithBlOn : {false, true}) {
        Manner manner;
        manner.dimVolts = 2.5;
        manner.residueVolts = 0.1;
        manner.dimGoesWithBlOn = goesWithBlOn;
        const SealedSet set(backlight::plainBacklight({}), {"standbySupply", {}, 1}, trade(), manner);
        EXPECT_NEAR(set.measure("dim").volts, 0.1, 0.1);
    }
}

TEST(LedCount, HoldsTheTrueNumberInNineSetsOfTen) {
    constexpr int sets = 300;
    int held = 0;
    for (int seed = 1; seed <= sets; ++seed) {
        const auto patient = drawPatient(std::uint64_t(seed), Told::Strips, trade());
        auto healthy = patient.strips;
        for (std::size_t strip = 0; strip < healthy.strips.size(); ++strip) {
            healthy.strips[strip].led = patient.truth.strips.front().led;
        }
        const double volts = backlight::healthyStringVolts(healthy);
        const auto run = backlight::wholeString(healthy, {0, 0});
        const int steps = run.count() / healthy.strips.front().parallel;
        const auto count = backlight::ledsInSeries(volts, 0.3, healthy.strips.front().led.dies);
        held += count.least <= steps && steps <= count.most ? 1 : 0;
        EXPECT_LE(count.least, count.likeliest);
        EXPECT_LE(count.likeliest, count.most);
    }
    EXPECT_GE(held, 0.85 * sets);
}

class Advised : public testing::TestWithParam<Told> {};

TEST_P(Advised, EndsRightMostlyAndIsSeldomSureOfWhatIsWrong) {
    constexpr int jobs = 8;
    int right = 0;
    int sure = 0;
    std::set<int> sureAndWrong;  // seeds
    for (int seed = 1; seed <= jobs; ++seed) {
        const auto patient = drawPatient(std::uint64_t(seed), GetParam(), trade());
        const auto ending = work(patient, Order::Advised, trade(), 60, [&](const sheet::Assessment& assessment) {
            for (const auto& [suspect, share] : assessment.diagnosis.shareOfSuspect) {
                sure += share >= 0.95 ? 1 : 0;
                if (share >= 0.95 && !isRight(suspect, patient)) {
                    sureAndWrong.insert(seed);
                }
            }
        });
        right += ending.isRight ? 1 : 0;
    }
    EXPECT_GE(right, 6);
    EXPECT_GE(sure, jobs);
    EXPECT_LE(sureAndWrong.size(), 1u);
}

class IndependentOf : public testing::TestWithParam<Family> {};

/// What such a set shows may not hang on what the program expects of it.
TEST_P(IndependentOf, WhateverTheKnowledgeFilesExpect) {
    auto other = trade();
    for (auto& test : other.tests) {
        for (auto* shares : {&test.usual, &test.shutDown, &test.whenLit}) {
            for (auto& [choice, share] : *shares) {
                share = 1 / double(shares->size());
            }
        }
        test.units.clear();
        test.byExtent.clear();
    }
    for (auto& suspect : other.suspects) {
        suspect.answers.clear();
        suspect.points.clear();
        suspect.lamps = {};
        for (auto& part : suspect.parts) {
            part.answers.clear();
            part.points.clear();
        }
    }
    for (auto& point : other.points) {
        point.usual = point.faulty = {0.3, 0.3, 0.4};
    }
    for (auto& behaviour : other.behaviours) {
        behaviour.volts.clear();
    }
    for (std::uint64_t seed = 1; seed <= 20; ++seed) {
        const auto one = drawPatient(seed, Told::Strips, trade(), GetParam());
        const auto same = drawPatient(seed, Told::Strips, other, GetParam());
        for (const auto& test : trade().tests) {
            if (test.form == knowledge::Form::Choices) {
                EXPECT_EQ(one.set->take(evidence::Answer::Question{test.id}),
                          same.set->take(evidence::Answer::Question{test.id}))
                    << test.id << " of set " << seed;
            } else if (test.form == knowledge::Form::Volts) {
                EXPECT_EQ(one.set->take(evidence::VoltsAsked{test.id}), same.set->take(evidence::VoltsAsked{test.id}))
                    << test.id << " of set " << seed;
            }
        }
        for (const auto& point : trade().points) {
            const evidence::PointTaken::Question asked{point.id, point.letter};
            EXPECT_EQ(one.set->take(asked), same.set->take(asked)) << point.id << " of set " << seed;
        }
        EXPECT_EQ(one.set->take(evidence::LampsSeen::Question{}), same.set->take(evidence::LampsSeen::Question{}));
    }
}
INSTANTIATE_TEST_SUITE_P(All, IndependentOf, testing::Values(Family::Bench, Family::Lamps, Family::LampCircuits));

TEST(BenchFamily, EndsRightMostly) {
    constexpr int jobs = 12;
    int right = 0;
    for (int seed = 8000; seed < 8000 + jobs; ++seed) {
        const auto patient = drawPatient(std::uint64_t(seed), Told::Nothing, trade(), Family::Bench);
        right += work(patient, Order::Advised, trade()).isRight ? 1 : 0;
    }
    EXPECT_GE(right, 10);
}

class LampFamily : public testing::TestWithParam<Family> {};

/// Lamps are quick to think about: enough of them that chance hides little.
TEST_P(LampFamily, EndsRightMostlyAndAsksForNothingOfLeds) {
    constexpr int jobs = 60;
    int right = 0;
    int wrongVerdicts = 0;
    for (int seed = 500; seed < 500 + jobs; ++seed) {
        const auto patient = drawPatient(std::uint64_t(seed), Told::Nothing, trade(), GetParam());
        const auto ending = work(patient, Order::Advised, trade());
        right += ending.isRight ? 1 : 0;
        wrongVerdicts += ending.hasVerdict && !ending.isRight ? 1 : 0;
        for (const auto& entry : ending.job.trail) {
            EXPECT_TRUE(trade().isIn(ending.job.set, evidence::testOf(entry.what))) << evidence::testOf(entry.what);
        }
    }
    EXPECT_GE(right, 54);
    EXPECT_LE(wrongVerdicts, 4);
}
INSTANTIATE_TEST_SUITE_P(Both, LampFamily, testing::Values(Family::Lamps, Family::LampCircuits));

INSTANTIATE_TEST_SUITE_P(Told, Advised, testing::Values(Told::Nothing, Told::Strips),
                         [](const auto& told) { return told.param == Told::Nothing ? "Nothing" : "Strips"; });

}  // namespace
}  // namespace dimglow::virtualset
