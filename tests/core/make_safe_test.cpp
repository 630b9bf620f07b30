#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <algorithm>

#include "core/backlight/plain.h"
#include "core/job/job_json.h"
#include "core/makesafe/charge.h"
#include "core/sheet/assessment.h"
#include "tests/support/trade.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

// Closed formulas of the RC discharge: 100 µF at 325 V through 1 kΩ; 150 µF at 390 V through 2.2 kΩ.
TEST(StoredCharge, FollowsTheFormulas) {
    EXPECT_NEAR(safety::secondsTo(60, 325, 100e-6, 1000), 0.169, 0.0005);
    EXPECT_NEAR(safety::joulesOf(100e-6, 325), 5.28, 0.01);
    EXPECT_NEAR(safety::peakWattsOf(325, 1000), 105.6, 0.05);
    EXPECT_NEAR(safety::secondsTo(60, 390, 150e-6, 2200), 0.618, 0.0005);
    EXPECT_NEAR(safety::secondsTo(1, 390, 150e-6, 2200), 1.97, 0.005);
    EXPECT_NEAR(safety::joulesOf(150e-6, 390), 11.4, 0.05);
    EXPECT_NEAR(safety::peakWattsOf(390, 2200), 69, 0.2);
    EXPECT_NEAR(safety::secondsTo(60, 390, 150e-6, 940e3), 264, 0.5);
    EXPECT_NEAR(safety::secondsTo(60, 180, 47e-6, 1e6), 51.6, 0.05);
    EXPECT_EQ(safety::secondsTo(60, 24, 1e-3, 1000), 0);
}

// The same formulas the other way round: 390 V to 200 V on a bleeder of 940 kΩ, alone and beside a meter of 10 MΩ.
TEST(StoredCharge, TwoTimedReadingsTellTheCapacitance) {
    EXPECT_NEAR(*safety::faradsOf({390, 200, 94.2}, 940e3, false), 150e-6, 0.1e-6);
    EXPECT_NEAR(*safety::faradsOf({390, 200, 86.1}, 940e3, true), 150e-6, 0.1e-6);
    EXPECT_FALSE(safety::faradsOf({200, 200, 10}, 940e3, false));
    EXPECT_FALSE(safety::timeConstantOf({200, 100, 0}));
}

TEST(StoredCharge, AResistorIsHeldToItsWattsAndItsVolts) {
    EXPECT_FALSE(safety::dischargeThrough({}, 100e-6, 325));
    const auto sturdy = *safety::dischargeThrough({1000, 5, 500}, 100e-6, 325);
    EXPECT_TRUE(sturdy.standsTheVolts && sturdy.standsThePulse);
    EXPECT_FALSE(safety::dischargeThrough({1000, 0.25, 500}, 100e-6, 325)->standsThePulse);
    EXPECT_FALSE(safety::dischargeThrough({1000, 5, 200}, 100e-6, 325)->standsTheVolts);
}

/// A television as it is opened: nothing said, nothing measured.
class Opened : public testing::Test {
protected:
    Opened() {
        job_.id = "T";
        job_.set.backlight = backlight::plainBacklight(backlight::undescribed());
    }
    void measure(const char* store, double volts, const char* at = "2026-11-30T08:00:00Z", bool stays = false) {
        const int after = job_.trail.empty() ? 0 : job_.trail.back().id;
        job_.makeSafe.residuals.push_back({store, volts, at, after, stays});
    }
    makesafe::Charge charge(const std::string& store, const char* now = "2026-11-30T08:01:00Z") const {
        for (const auto& one : makesafe::chargesOf(job_, trade(), {180, now})) {
            if (one.store == store) {
                return one;
            }
        }
        ADD_FAILURE() << "no " << store;
        return {};
    }
    void out() { job_.makeSafe.mainsOut = job_.makeSafe.meterProven = true; }
    job::Job job_;
};

TEST_F(Opened, NothingIsSafeBecauseItShouldBe) {
    EXPECT_EQ(charge("bulk").state, makesafe::State::Charged) << "the mains are in";
    out();
    EXPECT_EQ(charge("bulk").state, makesafe::State::NotKnown);
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::NotKnown);
    EXPECT_EQ(charge("rails").state, makesafe::State::Touch) << "it cannot reach what hurts; ohms wait all the same";
    measure("bulk", 1.2);
    EXPECT_EQ(charge("bulk").state, makesafe::State::Ready);
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::NotKnown) << "safe is one capacitor, not the set";
}

TEST_F(Opened, TwoThresholdsTouchAndOhms) {
    out();
    measure("bulk", 310);
    EXPECT_EQ(charge("bulk").state, makesafe::State::Charged);
    measure("bulk", 60);
    EXPECT_EQ(charge("bulk").state, makesafe::State::Touch);
    measure("bulk", 2);
    EXPECT_EQ(charge("bulk").state, makesafe::State::Ready);
}

TEST_F(Opened, AMeterThatNobodyProvedProvesNothing) {
    out();
    measure("bulk", 0.3);
    job_.makeSafe.meterProven = false;
    EXPECT_EQ(charge("bulk").state, makesafe::State::NotKnown);
}

TEST_F(Opened, SafeFadesAfterFiveMinutesUnlessTheResistorStaysOn) {
    out();
    measure("bulk", 0.3);
    EXPECT_EQ(charge("bulk", "2026-11-30T08:04:59Z").state, makesafe::State::Ready);
    EXPECT_EQ(charge("bulk", "2026-11-30T08:05:01Z").state, makesafe::State::NotKnown) << "it rebounds";
    measure("bulk", 0.3, "2026-11-30T08:00:00Z", true);
    EXPECT_EQ(charge("bulk", "2026-11-30T09:00:00Z").state, makesafe::State::Ready);
}

TEST_F(Opened, MainsOrALiveReadingPutsItOut) {
    out();
    measure("ledPlus", 0.3, "2026-11-30T08:00:00Z", true);
    job::addEntry(job_, "", job::Phase::Before, evidence::Answer{"eyes", "nothing"});
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::Ready) << "eyes charge nothing";
    job::addEntry(job_, "", job::Phase::Before, evidence::notReached("blOn", evidence::VoltsAsked{"blOn"}));
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::Ready) << "what was not read did not run";
    job::addEntry(job_, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, driver::Shape::Steady, 130, 130});
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::NotKnown);
    measure("ledPlus", 0.3);
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::Ready);
    job_.makeSafe.mainsOut = false;
    EXPECT_EQ(charge("ledPlus").state, makesafe::State::Charged);
}

TEST_F(Opened, WhatWasMeasuredBeforeTheMainsWereInAgainCountsNoMore) {
    out();
    measure("bulk", 0.3, "2026-11-30T08:00:00Z", true);
    makesafe::setMainsOut(job_, false);
    makesafe::setMainsOut(job_, true);
    EXPECT_EQ(charge("bulk").state, makesafe::State::NotKnown);
    makesafe::addResidual(job_, "bulk", 0.4, "2026-11-30T08:00:30Z");
    EXPECT_EQ(charge("bulk").state, makesafe::State::Ready);
}

TEST_F(Opened, WhatIsSeenOfARunningSetPutsItOut) {
    out();
    measure("bulk", 0.3, "2026-11-30T08:00:00Z", true);
    const evidence::Observation seen[] = {evidence::Answer{"sound", "yes"},
                                          evidence::LampsSeen{{lamps::Look::Lit, lamps::Look::Dark}}};
    for (const auto& what : seen) {
        job::addEntry(job_, "", job::Phase::Before, what);
        EXPECT_EQ(charge("bulk").state, makesafe::State::NotKnown);
        measure("bulk", 0.3, "2026-11-30T08:00:00Z", true);
        EXPECT_EQ(charge("bulk").state, makesafe::State::Ready);
    }
}

TEST_F(Opened, AReadingOfNoKnownTimeIsAnOldOne) {
    out();
    for (const char* at : {"", "yesterday", "2026-13-40T08:00:00Z", "2026-11-30T09:00:00Z"}) {
        measure("bulk", 0.3, at);
        EXPECT_EQ(charge("bulk").state, makesafe::State::NotKnown) << at;
    }
}

TEST_F(Opened, TwoReadingsInTurnSayWhenItWillBeSafe) {
    out();
    job_.makeSafe.bleederOhms = 940e3;
    measure("bulk", 390, "2026-11-30T08:00:00Z");
    EXPECT_FALSE(charge("bulk").secondsToTouch);
    measure("bulk", 200, "2026-11-30T08:01:34.2Z");
    const auto bulk = charge("bulk", "2026-11-30T08:02:00Z");
    ASSERT_TRUE(bulk.secondsToTouch);
    EXPECT_NEAR(*bulk.secondsToTouch, 264 - 94.2, 1) << "the closed formula of the whole way, less what is gone";
    EXPECT_NEAR(*bulk.learntFarads, 150e-6, 0.5e-6);
}

TEST_F(Opened, EachKindOfSetHasItsOwnStores) {
    const auto stores = [&] {
        std::vector<std::string> ids;
        for (const auto& one : makesafe::chargesOf(job_, trade(), {})) {
            ids.push_back(one.store);
        }
        return ids;
    };
    EXPECT_THAT(stores(), testing::ElementsAre("bulk", "ledPlus", "rails"));
    job_.set.kind = "adapter";
    EXPECT_THAT(stores(), testing::ElementsAre("ledPlus", "rails")) << "the mains stay in the outside supply";
    job_.set.kind = "";
    job_.set.lamps.count = 4;
    EXPECT_THAT(stores(), testing::ElementsAre("bulk", "inverterSupply", "rails"));
}

TEST_F(Opened, TheMarkingOfItsCapacitorCounts) {
    EXPECT_FALSE(charge("bulk").isFaradsRead);
    job::notePoint(job_, {"bulkCapacitor", "C1"}, {150e-6, {}, 450, {}, {}, {}});
    EXPECT_TRUE(charge("bulk").isFaradsRead);
    EXPECT_NEAR(charge("bulk").farads, 150e-6, 1e-9);
}

// Ohms, diode mode and ESR beside a charged capacitor tell nothing, and cost a meter or worse (common practice, no
// source).
TEST_F(Opened, AColdReadingWaitsForTheCapacitorsOnItsRail) {
    const std::pair<const char*, const char*> table[] = {
        {"driverMosfet", "ledPlus"},   {"outputDiode", "ledPlus"}, {"driverFuse", "ledPlus"},
        {"supplyCapacitor", "rails"},  {"mainsFuse", "bulk"},      {"bulkCapacitor", "bulk"},
        {"standbyCapacitor", "rails"},
    };
    for (const auto& [point, store] : table) {
        const auto stores = makesafe::storesAt(trade().point(point)->block, job_, trade());
        EXPECT_THAT(stores, testing::Contains(store)) << point;
    }
    job_.set.lamps.count = 4;
    EXPECT_THAT(makesafe::storesAt(trade().point("inverterMosfet")->block, job_, trade()),
                testing::Contains("inverterSupply"));
}

TEST_F(Opened, ItWaitsUntilEachOfThemIsEmptyAndAgainAfterARun) {
    out();
    const auto waitsFor = [&] {
        const auto charges = makesafe::chargesOf(job_, trade(), {180, "2026-11-30T08:01:00Z"});
        const auto* first = makesafe::firstNotEmpty(charges, {"bulk", "ledPlus"});
        return first == nullptr ? std::string() : first->store;
    };
    EXPECT_EQ(waitsFor(), "bulk");
    measure("bulk", 1.2);
    EXPECT_EQ(waitsFor(), "ledPlus");
    measure("ledPlus", 41);
    EXPECT_EQ(waitsFor(), "ledPlus") << "it may be touched, but no ohms";
    measure("ledPlus", 0.8);
    EXPECT_EQ(waitsFor(), "");
    job::addEntry(job_, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, driver::Shape::Steady, 120, 120});
    EXPECT_EQ(waitsFor(), "bulk") << "the set ran";
}

TEST_F(Opened, AnOptocouplerLiesAcrossTheIsolation) {
    const auto stores = makesafe::storesAt(trade().point("supplyOptocoupler")->block, job_, trade());
    EXPECT_NE(std::find(stores.begin(), stores.end(), "bulk"), stores.end()) << "its output is on the hot side";
}

TEST_F(Opened, EveryColdReadingThatIsAdvisedSaysWhatItWaitsFor) {
    for (const auto& demo : virtualset::demoWorkshop(trade())) {
        const auto assessment = sheet::assess(demo.job, trade(), {.today = {}, .maxProbes = 50});
        for (const auto& probe : assessment.probes.best) {
            const auto* point = trade().point(probe.test);
            const bool isCold = point != nullptr && !point->live && point->kind != parts::PartKind::Rail;
            EXPECT_EQ(!probe.emptyFirst.empty(), isCold) << demo.job.id << ": " << probe.title;
        }
    }
}

TEST_F(Opened, IsKeptInTheJobsFile) {
    out();
    job_.makeSafe.resistor = {1000, 5, 500};
    job_.makeSafe.bleederOhms = 940e3;
    measure("bulk", 1.4, "2026-11-30T08:00:00Z", true);
    EXPECT_EQ(job::parseJob(job::toJson(job_).dump()), job_);
    auto document = job::toJson(job_);
    document["makeSafe"]["residuals"][0]["volts"] = -4;
    EXPECT_THROW((void)job::fromJson(document), format::FormatError);
}

}  // namespace
}  // namespace dimglow
