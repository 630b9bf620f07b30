// The probe planner on sealed faults: does it find the true set, and how close to the bound of information theory?

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <random>

#include "core/backlight/plain.h"
#include "core/job/trail_lines.h"
#include "core/sheet/assessment.h"
#include "virtualset/sealed_set.h"

namespace dimglow::sheet {
namespace {

using backlight::LedFault;
using backlight::LedPlace;
using probe::Probe;

constexpr double bitsWorthAProbe = 0.03;

/// Sets for each number of faults; DIMGLOW_SEALED_SETS asks for more (334 make a thousand).
int setsEach() {
    const char* asked = std::getenv("DIMGLOW_SEALED_SETS");
#ifdef DIMGLOW_SANITIZED
    constexpr int usual = 6;  // the sanitizers take their time
#else
    constexpr int usual = 25;
#endif
    return asked != nullptr ? std::atoi(asked) : usual;
}

struct Outcome {
    std::vector<LedPlace> found;
    int probes = 0;
};

/// Follows the advice at the Strings station until there is a verdict and nothing left worth a probe.
Outcome follow(const virtualset::SealedSet& set) {
    const auto& trade = knowledge::builtInKnowledge();
    job::Job job;
    job.set.backlight = set.backlight();
    job.panelOpen = true;
    Outcome outcome;
    for (; outcome.probes < 60; ++outcome.probes) {
        const auto assessment = assess(job, trade, {{}, 40});
        const auto next = std::find_if(
            assessment.probes.best.begin(), assessment.probes.best.end(),
            [](const Probe& p) { return (p.test == "tester" || p.test == "look") && p.bits > bitsWorthAProbe; });
        outcome.found = findings::ledsOf(assessment.located);
        if (next == assessment.probes.best.end()) {
            break;
        }
        for (auto& seen : set.take(next->question)) {
            job::addEntry(job, "", job::Phase::Before, std::move(seen));
        }
    }
    return outcome;
}

double log2Choose(int n, int k) {
    return (std::lgamma(n + 1) - std::lgamma(k + 1) - std::lgamma(n - k + 1)) / std::log(2);
}

class SealedFaults : public testing::TestWithParam<int> {};

/// One, two and three faulty LEDs at once. With looks that tell several LEDs at a time a probe may bring more than a
/// bit; the bound printed is that of yes-or-no probes, log2 of the sets that were possible.
TEST_P(SealedFaults, AreFoundAsTheyAre) {
    const int count = GetParam();
    std::mt19937 random(static_cast<unsigned>(1000 + count));
    const auto& trade = knowledge::builtInKnowledge();
    const auto panel =
        plainBacklight(std::get<backlight::PlainDescription>(backlight::readLine("3 strips × 8, one string")));
    const int sets = setsEach();
    int probes = 0;
    int found = 0;
    for (int seed = 0; seed < sets; ++seed) {
        backlight::Faults faults;
        std::vector<LedPlace> truth;
        while (int(truth.size()) < count) {
            const LedPlace place{std::uniform_int_distribution(0, 2)(random),
                                 std::uniform_int_distribution(0, 7)(random)};
            if (std::find(truth.begin(), truth.end(), place) == truth.end()) {
                truth.push_back(place);
                const bool open = std::uniform_int_distribution(0, 1)(random) == 0;
                faults.leds.push_back({place, open ? LedFault::Open : LedFault::Shorted});
            }
        }
        std::sort(truth.begin(), truth.end());
        const auto outcome = follow(virtualset::SealedSet(panel, {"openLed", faults, std::uint32_t(seed)}, trade));
        probes += outcome.probes;
        found += outcome.found == truth ? 1 : 0;
        EXPECT_EQ(outcome.found, truth) << evidence::namesOf(panel, truth) << ", first of them "
                                        << (faults.leds.front().fault == LedFault::Open ? "open" : "shorted");
    }
    std::printf("%d faulty at once: %d of %d found, %.1f probes each; yes-or-no bound %.1f\n", count, found, sets,
                double(probes) / sets, log2Choose(24, count) + count);
}

/// Common practice, no source: five shorts in one strip, eight bad LEDs in a set.
TEST(EightFaultyLeds, OfThreeKindsInOneSetAreLocatedByTheAdvisedProbes) {
    const auto& trade = knowledge::builtInKnowledge();
    const auto panel =
        plainBacklight(std::get<backlight::PlainDescription>(backlight::readLine("4 strips × 12, one string")));
    const auto sets = unsigned(std::min(3, setsEach() / 6));
    for (unsigned seed = 1; seed <= sets; ++seed) {
        std::mt19937 random(seed);
        std::vector<LedPlace> truth;
        backlight::Faults faults;
        const LedFault kinds[] = {LedFault::Shorted, LedFault::Shorted, LedFault::Shorted, LedFault::Shorted,
                                  LedFault::Dark,    LedFault::Dark,    LedFault::Open,    LedFault::Open};
        while (truth.size() < std::size(kinds)) {
            const LedPlace place{std::uniform_int_distribution(0, 3)(random),
                                 std::uniform_int_distribution(0, 11)(random)};
            if (std::find(truth.begin(), truth.end(), place) == truth.end()) {
                faults.leds.push_back({place, kinds[truth.size()]});
                truth.push_back(place);
            }
        }
        std::sort(truth.begin(), truth.end());
        const auto outcome = follow(virtualset::SealedSet(panel, {"openLed", faults, seed}, trade));
        EXPECT_EQ(outcome.found, truth) << evidence::namesOf(panel, outcome.found) << " for "
                                        << evidence::namesOf(panel, truth);
        EXPECT_LT(outcome.probes, panel.ledCount() / 2) << "LED by LED would do as well";
    }
}

INSTANTIATE_TEST_SUITE_P(AtOnce, SealedFaults, testing::Values(1, 2, 3));

}  // namespace
}  // namespace dimglow::sheet
