// Jobs worked on sets drawn at random; script/trials works thousands.

#include <gtest/gtest.h>

#include "core/backlight/led_count.h"
#include "core/backlight/plain.h"
#include "virtualset/trial.h"

namespace dimglow::virtualset {
namespace {

const knowledge::Knowledge& trade() {
    return knowledge::builtInKnowledge();
}

TEST(Patient, IsTheSameSetWhateverTheJobIsTold) {
    for (const std::uint64_t seed : {11, 12, 13}) {
        const auto nothing = drawPatient(seed, Told::Nothing, trade());
        const auto strips = drawPatient(seed, Told::Strips, trade());
        EXPECT_EQ(nothing.suspect, strips.suspect);
        EXPECT_EQ(nothing.set.backlight(), strips.set.backlight());
        EXPECT_EQ(nothing.set.measure("ledPlusOn"), strips.set.measure("ledPlusOn"));
        EXPECT_FALSE(nothing.job.set.backlight.isDescribed);
        EXPECT_TRUE(strips.job.set.backlight.isDescribed);
        EXPECT_NE(strips.set.backlight(), strips.job.set.backlight) << "its numbers are its own";
    }
}

TEST(Patient, ShowsWhatIsPrintedOnItsPartsSoThatTheyCanBeJudged) {
    const auto patient = drawPatient(11, Told::Nothing, trade());
    auto job = patient.job;
    for (const auto& point : trade().points) {
        const evidence::PointAsked asked{point.id, point.letter};
        job::notePoint(job, asked, patient.set.printedOn(asked));
        EXPECT_NE(evidence::judge(patient.set.check(asked), job.set, trade(), {}).grade, parts::Grade::CannotTell)
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
            healthy.strips[strip].led = patient.set.backlight().strips.front().led;
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
    int sureAndWrong = 0;
    for (int seed = 1; seed <= jobs; ++seed) {
        const auto patient = drawPatient(std::uint64_t(seed), GetParam(), trade());
        const auto ending = work(patient, Order::Advised, trade(), 60, [&](const sheet::Assessment& assessment) {
            for (const auto& [suspect, share] : assessment.diagnosis.shareOfSuspect) {
                sure += share >= 0.95 ? 1 : 0;
                sureAndWrong += share >= 0.95 && !isRight(suspect, patient) ? 1 : 0;
            }
        });
        right += ending.isRight ? 1 : 0;
    }
    EXPECT_GE(right, 6);
    EXPECT_GE(sure, jobs);
    EXPECT_LE(sureAndWrong, 1);
}

INSTANTIATE_TEST_SUITE_P(Told, Advised, testing::Values(Told::Nothing, Told::Strips),
                         [](const auto& told) { return told.param == Told::Nothing ? "Nothing" : "Strips"; });

}  // namespace
}  // namespace dimglow::virtualset
