// What probes cost, and how they are put in order.

#include <gtest/gtest.h>

#include <algorithm>

#include "core/backlight/plain.h"
#include "core/findings/standing.h"
#include "core/findings/verdict.h"
#include "core/probe/kinds/jumpered.h"
#include "core/probe/kinds/tester_run.h"
#include "core/probe/ranking.h"
#include "core/probe/strip_access.h"

namespace dimglow::probe {
namespace {

/// A job in which strip A has been on the tester from the plug to its middle.
class OnTheDesk : public testing::Test {
protected:
    OnTheDesk() {
        backlight::PlainDescription plain;
        plain.strips = plain.stripsPerString = 2;
        plain.ledsPerStrip = 8;
        job_.set.backlight = backlight::plainBacklight(plain);
        job_.panelOpen = true;
        for (auto& strip : job_.set.backlight.strips) {
            strip.access = backlight::Access::Mask;
        }
    }

    /// Calls \p with the desk of the job as it stands.
    template <class With>
    void atTheDesk(With with) {
        reasoning::Model model(job_.set, knowledge::builtInKnowledge(),
                               findings::standingEvidence(job_, knowledge::builtInKnowledge()));
        const auto belief = reasoning::infer(model);
        const std::vector<backlight::Run> none;
        const Due nothing;
        Desk desk(model, belief, job_, none, nothing);
        with(desk);
    }

    double accessTo(const backlight::Run& run) {
        double minutes = 0;
        atTheDesk([&](Desk& desk) { minutes = accessMinutes(desk, run); });
        return minutes;
    }

    /// What is offered tells \p bits beside what the explanations say of it, which is nothing.
    static void offer(Ranking& ranking, const Desk& desk, const char* test, double bits, double minutes) {
        Predicted predicted{{}, desk.explanations().each(), bits};
        for (std::size_t h = 0; h < desk.explanations().size(); ++h) {
            predicted.prediction.add(Mode{});
        }
        Probe probe;
        probe.test = test;
        probe.minutes = minutes;
        ranking.offer(std::move(probe), predicted);
    }

    job::Job job_;
};

// Common practice, no source: scraping solder mask at both ends of a run takes minutes, once.
TEST_F(OnTheDesk, APointThatWasLaidBareStaysBare) {
    const backlight::Run left{{0, 0}, 0, 3};
    const backlight::Run inner{{0, 0}, 4, 5};
    const auto& trade = knowledge::builtInKnowledge();
    EXPECT_NEAR(accessTo(left), trade.plugProbeMinutes + trade.maskProbeMinutes, 1e-9);
    EXPECT_NEAR(accessTo(inner), 2 * trade.maskProbeMinutes, 1e-9);
    job::addEntry(job_, "", job::Phase::Before, evidence::TesterTaken{left, job_.bench.tester, 12.1, 4});
    EXPECT_NEAR(accessTo(left), trade.plugProbeMinutes + trade.padProbeMinutes, 1e-9) << "its far end is bare";
    EXPECT_NEAR(accessTo(inner), trade.padProbeMinutes + trade.maskProbeMinutes, 1e-9) << "the same point";
}

// A jumper across a LED: both its sides are laid bare, and it is held while the tester is read.
TEST_F(OnTheDesk, AJumperIsNotFree) {
    const auto* test = knowledge::builtInKnowledge().test("tester");
    const auto whole = backlight::wholeStrip(job_.set.backlight, 0);
    atTheDesk([&](Desk& desk) {
        const auto plain = TesterRun{test, whole, job_.bench.tester}.probe(desk);
        const auto bridged = Jumpered{test, {whole, job_.bench.tester, {}, {{0, 2}}}}.probe(desk);
        EXPECT_GT(bridged.minutes, plain.minutes + 2 * padMinutes(desk, 0) + 0.1);
        const auto two = Jumpered{test, {whole, job_.bench.tester, {}, {{0, 2}, {0, 5}}}}.probe(desk);
        EXPECT_NEAR(two.minutes - bridged.minutes, bridged.minutes - plain.minutes, 1e-9);
    });
}

// To turn to a probe takes a moment of its own: many quick ones that tell little are no gain.
TEST_F(OnTheDesk, AQuickProbeThatTellsLittleComesAfterAMinuteThatTellsMore) {
    atTheDesk([&](Desk& desk) {
        Ranking ranking(desk, 5);
        offer(ranking, desk, "quick", 0.5, 0.25);
        offer(ranking, desk, "better", 0.9, 1);
        offer(ranking, desk, "slow", 0.95, 10);
        const auto ranked = ranking.take().best;
        ASSERT_EQ(ranked.size(), 3u);
        EXPECT_EQ(ranked[0].test, "better");
        EXPECT_EQ(ranked[1].test, "quick");
        EXPECT_EQ(ranked[2].test, "slow");
    });
}

// ---- what is found together --------------------------------------------------------------------------------------

class FoundTogether : public testing::Test {
protected:
    /// Lines of what is left of one suspect at so many places.
    static std::vector<findings::SuspectShare> atPlaces(const char* suspect, int places) {
        std::vector<findings::SuspectShare> left(std::size_t(places), findings::SuspectShare{});
        for (auto& line : left) {
            line.suspect = suspect;
            line.title = text::say("Bad joint");
            line.share = 0.99 / places;
        }
        return left;
    }
    text::Text found(const std::vector<findings::SuspectShare>& left) {
        const reasoning::Model model(job_.set, knowledge::builtInKnowledge(), {});
        return findings::foundTogether(model, left, {}, job_.way).title;
    }
    job::Job job_ = [] {
        job::Job job;
        job.set.backlight = backlight::plainBacklight({});
        return job;
    }();
};

TEST_F(FoundTogether, TwoPlacesInThePanelAreAVerdictThreeAreNone) {
    EXPECT_FALSE(found(atPlaces("badJoint", 2)).empty());
    EXPECT_TRUE(found(atPlaces("badJoint", 3)).empty()) << "nobody opens three places";
    auto unplaced = atPlaces("badJoint", 2);
    unplaced.front().placeKnown = false;
    EXPECT_TRUE(found(unplaced).empty());
}

}  // namespace
}  // namespace dimglow::probe
