// The lists of kinds: whatever stands in one is met by a test.

#include <gtest/gtest.h>

#include <map>
#include <set>
#include <string>

#include "core/findings/standing.h"
#include "core/job/job_json.h"
#include "core/probe/kinds.h"
#include "core/probe/runs.h"
#include "tests/support/full_job.h"
#include "tests/support/told.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

TEST(Lists, TheFullJobHasAnObservationOfEveryKind) {
    std::set<std::size_t> held;
    for (const auto& entry : test::fullJob().trail) {
        held.insert(entry.what.index());
    }
    EXPECT_EQ(held.size(), std::variant_size_v<evidence::Observation>);
    EXPECT_EQ(job::fromJson(job::toJson(test::fullJob())), test::fullJob()) << "and each is read as it is written";
}

/// How often probes of each kind are asked for on the way of some sets, each of which says how likely what is.
class Asked {
public:
    template <probe::Kind K>
    void operator()(probe::Desk& desk) {
        int& count = counts_[typeid(K).name()];
        for (const K& kind : K::askable(desk)) {
            const auto probe = kind.probe(desk);
            const auto predicted = kind.predict(desk);
            EXPECT_EQ(predicted.prediction.size(), predicted.classes.shares.size()) << probe.title;
            EXPECT_EQ(probe.question, kind.question());
            EXPECT_GT(probe.minutes, 0) << probe.title;
            EXPECT_FALSE(probe.title.empty());
            for (std::size_t c = 0; c < predicted.prediction.size(); ++c) {
                double sum = 0;
                for (const auto& mode : predicted.prediction.of(c)) {
                    sum += mode.weight;
                }
                EXPECT_NEAR(sum, 1, 1e-6) << probe.title;
            }
            ++count;
        }
    }
    const std::map<std::string, int>& counts() const { return counts_; }

private:
    std::map<std::string, int> counts_;
};

/// A job in which every kind of probe has something to ask: an open LED found, a dim one, a resistance suspected.
job::Job askedOfEveryKind() {
    auto job = test::fullJob();
    job.panelOpen = true;
    return job;
}

TEST(Lists, EveryKindOfProbeIsAskedForAndPredictsADistribution) {
    Asked asked;
    const auto& trade = knowledge::builtInKnowledge();
    const auto ask = [&](const job::Job& job) {
        reasoning::Model model(job.set, trade, findings::standingEvidence(job, trade));
        auto belief = reasoning::infer(model);
        const auto runs = probe::candidateRuns(model, belief);
        for (const auto& run : runs) {
            belief = reasoning::refine(model, std::move(belief), model.strings().split(run));
        }
        const std::vector<backlight::Run> untested;
        const probe::Due nothing;
        probe::Desk desk(model, belief, job, runs, nothing);
        probe::AllKinds::forEach(asked, desk);
    };
    ask(askedOfEveryKind());
    ask(test::Told({"lamps 6", "light flash 2"}).job());
    for (const auto fault : {backlight::LedFault::Open, backlight::LedFault::Leaky}) {
        for (const auto& demo : virtualset::demoWorkshop(trade)) {
            auto job = demo.job;
            if (!job.set.backlight.isDescribed) {
                continue;
            }
            const auto strip = backlight::wholeStrip(job.set.backlight, 0);
            const bool isDim = backlight::isDim(fault);
            job::addEntry(
                job, "", job::Phase::Before,
                evidence::TesterTaken{strip, job.bench.tester, 3.3 * strip.count(), isDim ? strip.count() : 0});
            job::addEntry(
                job, "", job::Phase::Before,
                evidence::LedSeen{{0, 1}, isDim ? evidence::LedSeen::Glow::Dim : evidence::LedSeen::Glow::Dark, strip});
            ask(job);
        }
    }
    for (const auto& [kind, count] : asked.counts()) {
        EXPECT_GT(count, 0) << kind;
    }
}

TEST(Lists, EveryMechanismIsACandidateOfSomeSuspect) {
    const auto set = virtualset::demoJob(0, knowledge::builtInKnowledge()).job.set.backlight;
    std::set<std::size_t> met;
    for (const auto& suspect : knowledge::builtInKnowledge().suspects) {
        for (const auto& fault : faults::candidatesFor(suspect.strings, set)) {
            met.insert(fault.index());
        }
    }
    EXPECT_EQ(met.size() + 1, std::variant_size_v<faults::Fault>) << "all but faults of single LEDs";
}

}  // namespace
}  // namespace dimglow
