// What is seen, checked and swapped before anybody reaches the strips: trade patterns, each common practice, no source.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/plain.h"
#include "core/evidence/dark_area.h"
#include "core/parts/part_line.h"
#include "core/sheet/assessment.h"
#include "tests/support/trade.h"

namespace dimglow::sheet {
namespace {

using evidence::Answer;
using evidence::Measured;
using evidence::PointSeen;
using testing::HasSubstr;

class AtTheBoards : public testing::Test {
protected:
    AtTheBoards() {
        job_.set.backlight = backlight::plainBacklight(backlight::undescribed());
        job_.liveWorkAccepted = true;
    }
    void add(evidence::Observation what) { job::addEntry(job_, "", job::Phase::Before, std::move(what)); }
    void answer(const char* test, const char* choice) { add(Answer{test, choice}); }
    void steady(const char* test, double volts) { add(Measured{test, {}, evidence::Shape::Steady, volts, volts}); }
    void check(const char* point, const char* ref, const char* line) {
        const auto read = parts::readTypedPart(trade().point(point)->kind, line);
        ASSERT_TRUE(std::holds_alternative<parts::TypedPart>(read)) << line;
        const auto& typed = std::get<parts::TypedPart>(read);
        job::notePoint(job_, {point, ref}, typed.ratings);
        add(evidence::PointTaken{{point, ref}, typed.reading});
    }
    void see(const char* point, const char* ref, PointSeen::Looks looks) {
        job::notePoint(job_, {point, ref});
        add(PointSeen{{point, ref}, looks});
    }
    /// A picture under the torch, no light: the backlight path.
    void noLight() {
        answer("sound", "yes");
        answer("torch", "picture");
        add(evidence::LightSeen{driver::Light::Never});
    }
    /// A driver that is asked and fed but never moves LED+.
    void neverMoves() {
        noLight();
        steady("blOn", 3.3);
        steady("dim", 2.5);
        steady("ledPlusIdle", 43);
        steady("ledPlusOn", 43);
        steady("ledPlusPlugOut", 43);
    }
    Assessment assessed() const { return assess(job_, trade()); }
    bool asksFor(const std::string& test) const {
        const auto probes = assess(job_, trade(), {.today = {}, .maxProbes = 200}).probes.best;
        return std::any_of(probes.begin(), probes.end(), [&](const auto& probe) { return probe.test == test; });
    }
    static double shareOf(const Assessment& assessment, const std::string& suspect) {
        const auto found = assessment.diagnosis.shareOfSuspect.find(suspect);
        return found == assessment.diagnosis.shareOfSuspect.end() ? 0 : found->second;
    }
    static double shareOfUnit(const Assessment& assessment, const std::string& unit) {
        double share = 0;
        for (const auto& row : assessment.suspects) {
            share += row.block >= 0 && trade().blocks[std::size_t(row.block)].unit == unit ? row.share : 0;
        }
        return share;
    }
    job::Job job_;
};

TEST_F(AtTheBoards, OutputDiodeShortAgainstItsTwin) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    EXPECT_TRUE(assessed().verdict().empty()) << "the part is still looked for";
    check("driverGate", "GATE", "3.1");
    check("outputDiode", "D9", "0.31/OL");
    check("outputDiode", "D8", "0.02/0.02");
    const auto assessment = assessed();
    ASSERT_FALSE(assessment.suspects.front().parts.empty());
    EXPECT_EQ(assessment.suspects.front().parts.front().ref, "D8");
    EXPECT_THAT(assessment.verdict().english(), HasSubstr("Output diode D8"));
}

TEST_F(AtTheBoards, AllRightAtTheIcButNoGateDrive) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    check("driverVcc", "VCC", "12.1");
    check("driverEnable", "EN", "3.2");
    check("driverDimming", "PWM", "60 % 200 Hz");
    check("driverGate", "GATE", "0.01");
    const auto assessment = assessed();
    ASSERT_FALSE(assessment.suspects.front().parts.empty());
    EXPECT_EQ(assessment.suspects.front().parts.front().title.english(), "Driver IC");
    EXPECT_GT(assessment.suspects.front().parts.front().share, 0.6);
}

TEST_F(AtTheBoards, CapacitorsAtHalfValueAndLedPlusThatFalls) {
    noLight();
    answer("flicker", "flickers");
    steady("blOn", 3.3);
    steady("ledPlusIdle", 24);
    add(Measured{"ledPlusOn", {}, evidence::Shape::PeakThenSettles, 61, 24});
    const double before = shareOf(assessed(), "weakSupply");
    check("supplyCapacitor", "C12", "241u 4R of 470u 63V");
    check("supplyCapacitor", "C13", "452u 0.04R of 470u 63V");
    const auto assessment = assessed();
    EXPECT_GT(shareOf(assessment, "weakSupply"), std::max(0.6, before));
    EXPECT_EQ(assessment.suspects.front().parts.front().ref, "C12");
}

TEST_F(AtTheBoards, ControlLinesRightAndStillTheMainBoard) {
    neverMoves();
    EXPECT_GT(shareOfUnit(assessed(), "powerBoard"), 0.6);
    answer("knownPowerBoard", "noChange");
    EXPECT_LT(shareOfUnit(assessed(), "powerBoard"), 0.5);
    answer("knownMainBoard", "lights");
    const auto assessment = assessed();
    EXPECT_EQ(assessment.suspects.front().suspect, "mainBoardHidden");
    EXPECT_GT(shareOfUnit(assessment, "mainBoard"), 0.85);
}

TEST_F(AtTheBoards, SupplyForcedOnIsGood) {
    answer("sound", "no");
    answer("standby", "on");
    answer("torch", "noPicture");
    add(evidence::LightSeen{driver::Light::Never});
    answer("forcedOn", "lights");
    const auto assessment = assessed();
    EXPECT_GT(shareOfUnit(assessment, "mainBoard"), 0.85);
    EXPECT_LT(shareOfUnit(assessment, "powerBoard"), 0.03);
}

TEST_F(AtTheBoards, LitFromTheBenchWithAPictureLeavesTheFeed) {
    noLight();
    const double before = shareOf(assessed(), "openLed");
    answer("benchLit", "picture");
    const auto assessment = assessed();
    EXPECT_GT(shareOfUnit(assessment, "powerBoard") + shareOfUnit(assessment, "mainBoard"), 0.5);
    EXPECT_LT(shareOf(assessment, "openLed"), before / 3);
    EXPECT_LT(shareOfUnit(assessment, "panel"), 0.01);
}

TEST_F(AtTheBoards, SwollenButAnotherCulprit) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    see("supplyCapacitor", "C12", PointSeen::Looks::Bulged);
    const double strong = shareOf(assessed(), "weakSupply");
    check("supplyCapacitor", "C12", "462u 0.04R of 470u 63V");
    check("outputDiode", "D8", "0.02/0.02");
    const auto assessment = assessed();
    EXPECT_LT(shareOf(assessment, "weakSupply"), strong);
    EXPECT_EQ(assessment.suspects.front().suspect, "driverNotSwitching");
    EXPECT_EQ(assessment.suspects.front().parts.front().ref, "D8");
}

TEST_F(AtTheBoards, BulgedIsStrongButNoProof) {
    noLight();
    const double before = shareOf(assessed(), "weakSupply");
    see("supplyCapacitor", "C12", PointSeen::Looks::Bulged);
    const double after = shareOf(assessed(), "weakSupply");
    EXPECT_GT(after, 3 * before);
    EXPECT_LT(after, 0.9);
    see("supplyCapacitor", "C12", PointSeen::Looks::Glue);
    EXPECT_NEAR(shareOf(assessed(), "weakSupply"), before, 0.02) << "glue says nothing, and stands in its place";
}

TEST_F(AtTheBoards, SomethingSeenAndThePartThatItIsCountOnce) {
    noLight();
    see("supplyCapacitor", "C12", PointSeen::Looks::Bulged);
    const double once = shareOf(assessed(), "weakSupply");
    answer("eyes", "something");
    EXPECT_NEAR(shareOf(assessed(), "weakSupply"), once, 1e-9);
}

// Mending costs less than knowing when what is lost by mending the wrong thing is less than the probe.
TEST_F(AtTheBoards, WhatIsLikelyAndCheapIsMendedBeforeADearProbe) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    job_.bench.ratePerHour = 48;
    EXPECT_FALSE(assessed().fixNow) << "a probe of three minutes is cheaper than the wrong part";
    auto cheap = trade();
    for (auto& repair : cheap.repairs) {
        repair.parts = repair.exchanges == "board" ? 0 : repair.parts;
        repair.minutes = repair.exchanges == "board" ? 1 : repair.minutes;
    }
    const auto assessment = assess(job_, cheap);
    ASSERT_TRUE(assessment.fixNow);
    EXPECT_EQ(assessment.fixNow->repair, "replaceBoard");
    EXPECT_GT(assessment.fixNow->mends, 0.5);
}

TEST_F(AtTheBoards, ContactThatMendsItselfWithTheBackOff) {
    noLight();
    const auto contact = [&](const Assessment& a) {
        return shareOf(a, "openPlug") + shareOf(a, "badJoint") + shareOf(a, "warmJoint");
    };
    const double before = contact(assessed());
    answer("backOff", "helps");
    answer("reseat", "helps");
    EXPECT_GT(contact(assessed()), std::max(0.5, 5 * before));
}

TEST_F(AtTheBoards, RestartsAndACodePointAtASupplyOrAMainBoard) {
    answer("sound", "no");
    add(Answer{"standby", "blinks", 5, "red"});
    add(Answer{"restarts", "yes", 3});
    const auto assessment = assessed();
    EXPECT_GT(shareOf(assessment, "mainBoard"), shareOf(assessment, "standbySupply"));
    EXPECT_EQ(evidence::describe(job_.trail[1].what, {job_.set, trade()}).english(), "blinks, 5 times, red");
}

TEST_F(AtTheBoards, GoodPartsPutTheRestInQuestion) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    const auto diode = [&](const Assessment& a) {
        double share = 0;
        for (const auto& part : a.suspects.front().parts) {
            share += part.point == "outputDiode" ? part.share : 0;
        }
        return share;
    };
    const double before = diode(assessed());
    check("outputDiode", "D8", "0.3/OL");
    EXPECT_LT(diode(assessed()), before / 3);
}

TEST_F(AtTheBoards, RingTestInCircuitDoesNotCondemn) {
    parts::PartReading reading;
    reading.rings = 2;
    EXPECT_EQ(parts::judge(parts::PartKind::Coil, {}, reading).grade, parts::Grade::Doubtful);
    reading.inCircuit = false;
    EXPECT_EQ(parts::judge(parts::PartKind::Coil, {}, reading).grade, parts::Grade::Bad);
}

TEST_F(AtTheBoards, RailThatIsOffInStandbyCondemnsNothing) {
    answer("sound", "no");
    answer("standby", "on");
    const auto rail = [&](double volts, set::SetState state, bool isEarly) {
        job::notePoint(job_, {"mainRail", "12V"}, {{}, {}, 12, {}, {}});
        parts::PartReading reading;
        reading.volts = volts;
        const evidence::PointTaken taken{{"mainRail", "12V", isEarly}, reading, state};
        add(taken);
        return evidence::judge(taken, job_.set, trade(), {});
    };
    const auto before = assessed().diagnosis.shareOfSuspect;
    const auto early = rail(0.05, set::SetState::Standby, true);
    EXPECT_EQ(early.grade, parts::Grade::CannotTell);
    EXPECT_THAT(early.because.english(), HasSubstr("set on"));
    for (const auto& [suspect, share] : assessed().diagnosis.shareOfSuspect) {
        EXPECT_NEAR(share, before.at(suspect), 1e-9) << suspect;
    }
    EXPECT_EQ(rail(0.05, set::SetState::On, false).grade, parts::Grade::Bad);
    EXPECT_GT(shareOf(assessed(), "standbySupply"), 1.5 * before.at("standbySupply"));
    EXPECT_EQ(job::standingEntries(job_, job::Phase::Before).size(), 4u) << "both readings of the rail stand";
    EXPECT_EQ(evidence::describe(job_.trail[2].what, {job_.set, trade()}).english(), "0.05 V, in standby");
}

/// It says less than under load (common practice, no source), and nothing beside the reading under load.
TEST_F(AtTheBoards, RailThatIsThereBeforeItNeedBeIsGood) {
    answer("sound", "no");
    job::notePoint(job_, {"mainRail", "12V"}, {{}, {}, 12, {}, {}});
    parts::PartReading reading;
    reading.volts = 12.1;
    const evidence::PointTaken early{{"mainRail", "12V", true}, reading, set::SetState::Standby};
    const evidence::PointTaken inTime{{"mainRail", "12V", false}, reading, set::SetState::On};
    const auto standbySupply = [&](std::vector<evidence::PointTaken> taken) {
        job::Job job = job_;
        for (auto& one : taken) {
            job::addEntry(job, "", job::Phase::Before, one);
        }
        return shareOf(assess(job, trade()), "standbySupply");
    };
    EXPECT_EQ(evidence::judge(early, job_.set, trade(), {}).grade, parts::Grade::Good);
    EXPECT_LT(standbySupply({early}), 0.7 * standbySupply({}));
    EXPECT_GT(standbySupply({early}), 1.5 * standbySupply({inTime}));
    EXPECT_EQ(standbySupply({early, inTime}), standbySupply({inTime}));
    auto bad = inTime;
    bad.reading.volts = 0.05;
    EXPECT_EQ(standbySupply({early, bad}), standbySupply({bad})) << "it does not hold under load";
}

TEST_F(AtTheBoards, ASetWithAnOutsideSupplyHasNoMainsSide) {
    answer("sound", "no");
    EXPECT_GT(shareOf(assessed(), "standbySupply"), 0);
    job_.set.kind = "adapter";
    const auto assessment = assessed();
    EXPECT_EQ(shareOf(assessment, "standbySupply"), 0);
    for (const auto& probe : assess(job_, trade(), {.today = {}, .maxProbes = 200}).probes.best) {
        EXPECT_NE(probe.test, "mainsFuse");
    }
}

TEST_F(AtTheBoards, WaysOfWorkingGiveDifferentAdvice) {
    neverMoves();
    EXPECT_TRUE(assessed().verdict().empty()) << "a main board may be at fault though its lines look right";
    answer("knownMainBoard", "noChange");
    EXPECT_TRUE(assessed().verdict().empty()) << "LED+ that never moves may be a fixed one, with an open LED";
    answer("dummyLoad", "fails");
    EXPECT_TRUE(assessed().verdict().empty()) << "nothing was read on the driver itself";
    check("driverGate", "GATE", "0.01");
    const auto any = assessed();
    EXPECT_THAT(any.verdict().english(), HasSubstr("Driver not switching")) << "whichever part it is, the same board";

    job_.way.level = job::Way::Level::Board;
    const auto boards = assessed();
    EXPECT_EQ(boards.plan.advised, "replaceBoard");

    job_.way.level = job::Way::Level::Component;
    const auto component = assessed();
    EXPECT_TRUE(component.verdict().empty());
    const auto* point = std::get_if<evidence::PointAsked>(&component.probes.best.front().question);
    ASSERT_NE(point, nullptr) << component.probes.best.front().title;
    EXPECT_EQ(trade().blocks[std::size_t(trade().point(point->point)->block)].id, "driver");

    job_.trail.clear();
    job_.way = {};
    job_.way.first = job::Way::First::Swap;
    noLight();
    steady("ledPlusIdle", 43);
    steady("ledPlusOn", 43);
    const auto swap = assessed();
    EXPECT_EQ(swap.probes.best.front().test, "eyes") << "whoever swaps looks first";
    EXPECT_EQ(swap.probes.best[1].test, "knownPowerBoard");
    answer("eyes", "nothing");
    job_.way.first = job::Way::First::Measure;
    EXPECT_NE(assessed().probes.best.front().test, "knownPowerBoard");
}

// Swaps are ordered by chance over cost (Heckerman, Breese and Rommelse 1995): the order of least expected cost among
// all orders.
TEST_F(AtTheBoards, SwapsComeInTheOrderOfLeastExpectedCost) {
    job_.way.first = job::Way::First::Swap;
    noLight();
    steady("ledPlusIdle", 43);
    steady("ledPlusOn", 43);
    const auto assessment = assess(job_, trade(), {.today = {}, .maxProbes = 200});
    struct Swap {
        double chance;
        double cost;
    };
    std::vector<Swap> swaps;
    for (const auto& probe : assessment.probes.best) {
        if (const auto* test = trade().test(probe.test); test != nullptr && !test->swaps.empty()) {
            const double chance = shareOfUnit(assessment, test->swaps);
            swaps.push_back(
                {chance, probe.minutes * job_.bench.ratePerHour / 60 + (1 - chance) * job_.bench.restockingFee});
        }
    }
    ASSERT_EQ(swaps.size(), 2u);
    const auto expected = [](const Swap& first, const Swap& second) {
        return first.cost + (1 - first.chance) * second.cost;
    };
    EXPECT_LE(expected(swaps[0], swaps[1]), expected(swaps[1], swaps[0]));
}

// What sags under load does so at every rail of a tired supply: another that does is no excuse (common practice, no
// source).
TEST_F(AtTheBoards, RailsAreNoTwins) {
    const auto rail = [](const char* ref, double volts) {
        parts::PartReading reading;
        reading.volts = volts;
        return evidence::PointTaken{{"mainRail", ref}, reading};
    };
    for (const char* ref : {"12V", "13V"}) {
        parts::Ratings ratings;
        ratings.volts = 12;
        job_.set.points.push_back({"mainRail", ref, ratings});
    }
    const auto alone = evidence::judge(rail("12V", 10.4), job_.set, trade(), {});
    ASSERT_EQ(alone.grade, parts::Grade::Doubtful);
    const auto beside = evidence::judge(rail("12V", 10.4), job_.set, trade(), {rail("13V", 10.4)});
    EXPECT_EQ(beside.grade, parts::Grade::Doubtful);
    EXPECT_TRUE(beside.twin.empty());
}

TEST_F(AtTheBoards, PointThatCannotBeReachedIsNotAskedAgain) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    const auto first = assessed().probes.best.front();
    add(evidence::notReached(first.test, first.question));
    for (const auto& probe : assess(job_, trade(), {.today = {}, .maxProbes = 200}).probes.best) {
        EXPECT_NE(probe.question, first.question);
    }
}

TEST_F(AtTheBoards, ADarkGlassDoesNotClearThePanel) {
    answer("sound", "yes");
    answer("torch", "noPicture");
    add(evidence::LightSeen{driver::Light::Never});
    EXPECT_GT(shareOfUnit(assessed(), "panel"), 0.2) << "a dark picture hides the light";
}

TEST_F(AtTheBoards, AlightBehindADarkGlassIsThePanel) {
    answer("sound", "yes");
    answer("torch", "cannotTell");
    add(evidence::LightSeen{driver::Light::Never});
    EXPECT_TRUE(asksFor("rearHoles"));
    const double before = shareOfUnit(assessed(), "panel");
    answer("rearHoles", "dark");
    EXPECT_LT(shareOfUnit(assessed(), "panel"), before);
    answer("rearHoles", "glows");
    EXPECT_GT(shareOfUnit(assessed(), "panel"), 5 * before);
}

TEST_F(AtTheBoards, RearHolesTellNothingBesideALitGlass) {
    answer("sound", "yes");
    add(evidence::LightSeen{driver::Light::StaysLit});
    EXPECT_FALSE(asksFor("rearHoles"));
    const auto before = assessed().diagnosis.shareOfSuspect;
    answer("rearHoles", "glows");
    EXPECT_EQ(assessed().diagnosis.shareOfSuspect, before);
}

TEST_F(AtTheBoards, RearHolesStandForAGlassThatNobodyLookedAt) {
    auto atTheGlass = job_;
    job::addEntry(atTheGlass, "", job::Phase::Before, evidence::LightSeen{driver::Light::Never});
    answer("rearHoles", "dark");
    EXPECT_EQ(assessed().diagnosis.shareOfSuspect, assess(atTheGlass, trade()).diagnosis.shareOfSuspect);
}

TEST_F(AtTheBoards, SetThatStartsByItsKeyWantsARemote) {
    answer("sound", "no");
    answer("standby", "on");
    add(evidence::LightSeen{driver::Light::Never});
    answer("watts", "standby");
    answer("remote", "keyStarts");
    const auto assessment = assessed();
    EXPECT_GT(shareOf(assessment, "notToldOn"), 0.5);
    EXPECT_GT(shareOf(assessment, "notToldOn"), shareOfUnit(assessment, "mainBoard"));
}

TEST_F(AtTheBoards, NothingIsAskedForThatNeedsAToolThatIsNotAtHand) {
    job_.way.level = job::Way::Level::Component;
    noLight();
    answer("flicker", "flickers");
    steady("ledPlusIdle", 24);
    add(Measured{"ledPlusOn", {}, evidence::Shape::PeakThenSettles, 61, 24});
    ASSERT_TRUE(asksFor("supplyCapacitor"));
    job_.bench.lacks = {"capacitorMeter"};
    EXPECT_FALSE(asksFor("supplyCapacitor"));
    EXPECT_FALSE(asksFor("outputCapacitor"));
    EXPECT_TRUE(asksFor("ledPlusPlugOut")) << "a meter is always there";
}

TEST_F(AtTheBoards, TheBestOfWhatNeedsAnotherToolIsNamed) {
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    const auto best = assessed().probes.best.front();
    EXPECT_FALSE(assessed().probes.outOfTools);
    auto lacking = trade();
    const auto point =
        std::find_if(lacking.points.begin(), lacking.points.end(), [&](const auto& p) { return p.id == best.test; });
    ASSERT_NE(point, lacking.points.end());
    point->tools = {"dummyLoad"};
    job_.bench.lacks = {"dummyLoad"};
    const auto assessment = assess(job_, lacking);
    ASSERT_TRUE(assessment.probes.outOfTools);
    EXPECT_EQ(assessment.probes.outOfTools->question, best.question);
    EXPECT_GE(assessment.probes.outOfTools->bits, 0.9 * best.bits);
    EXPECT_NE(assessment.probes.best.front().question, best.question);
}

TEST_F(AtTheBoards, ABoardThatIsBoughtAndSentBackNeedsNoneAtHand) {
    job_.bench.lacks = {"knownMainBoard", "knownPowerBoard"};
    neverMoves();
    EXPECT_FALSE(asksFor("knownPowerBoard"));
    job_.way.first = job::Way::First::Swap;
    EXPECT_TRUE(asksFor("knownPowerBoard"));
}

TEST_F(AtTheBoards, WithoutATesterNoStripWaitsForItsMinute) {
    backlight::PlainDescription plain;
    plain.strips = 2;
    job_.set.backlight = backlight::plainBacklight(plain);
    job_.panelOpen = true;
    noLight();
    add(evidence::TesterTaken{backlight::wholeStrip(job_.set.backlight, 0), job_.bench.tester, std::nullopt, 0});
    add(evidence::Bridged{{0, 3}, 0.24, true});
    ASSERT_FALSE(assessed().untested.empty());
    job_.bench.lacks = {"tester"};
    EXPECT_TRUE(assessed().untested.empty());
}

TEST_F(AtTheBoards, NothingSpeaksOfMainsInASetThatAnOutsideSupplyFeeds) {
    job_.set.kind = "adapter";
    job_.way.level = job::Way::Level::Component;
    neverMoves();
    const auto assessment = assess(job_, trade(), {.today = {}, .maxProbes = 200});
    for (const auto& caution : assessment.cautions) {
        EXPECT_THAT(caution.text.english(), testing::Not(testing::ContainsRegex("[Mm]ains"))) << caution.station;
    }
    for (const auto& probe : assessment.probes.best) {
        EXPECT_THAT(probe.how.english(), testing::Not(HasSubstr("mains out"))) << probe.test;
    }
}

struct Drawn {
    const char* name;
    evidence::ScreenArea area;
    evidence::DarkArea is;
};

class DarkAreas : public testing::TestWithParam<Drawn> {};

TEST_P(DarkAreas, AreNamed) {
    EXPECT_EQ(evidence::darkAreaOf(GetParam().area), GetParam().is);
}
INSTANTIATE_TEST_SUITE_P(Screen, DarkAreas,
                         testing::Values(Drawn{"leftHalf", {0, 0, 0.5, 1}, {"half", "left"}},
                                         Drawn{"drawnBackwards", {1, 1, 0.5, 0}, {"half", "right"}},
                                         Drawn{"lowerHalf", {0.02, 0.45, 0.98, 1}, {"half", "bottom"}},
                                         Drawn{"bandInTheMiddle", {0, 0.4, 1, 0.55}, {"band", "middle"}},
                                         Drawn{"bandOnTop", {0, 0, 1, 0.2}, {"band", "top"}},
                                         Drawn{"corner", {0.7, 0.75, 1, 1}, {"corner", "bottom right"}},
                                         Drawn{"spot", {0.4, 0.4, 0.5, 0.5}, {"spots", "middle"}}),
                         [](const auto& tested) { return std::string(tested.param.name); });

}  // namespace
}  // namespace dimglow::sheet
