// When a verdict is given, and what it waits for. Common practice, no source.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "tests/support/told.h"

namespace dimglow::sheet {
namespace {

using test::Told;
using testing::AnyOf;
using testing::HasSubstr;

/// A dark set whose driver fuse is open, and what was read after that.
Assessment withAnOpenFuse(const std::vector<const char*>& more) {
    std::vector<const char*> lines = {"sound yes",    "torch picture", "light never",
                                      "eyes nothing", "ledPlusOn 0",   "driverFuse F2 = OL"};
    lines.insert(lines.end(), more.begin(), more.end());
    return Told(lines).assessed();
}

TEST(AnOpenFuse, WaitsForWhatBlewIt) {
    const auto assessment = withAnOpenFuse({});
    EXPECT_TRUE(assessment.verdict().empty());
    ASSERT_FALSE(assessment.probes.best.empty());
    for (const auto& probe : assessment.probes.best) {
        EXPECT_TRUE(probe.isAwaited) << probe.title;
        EXPECT_THAT(probe.test, AnyOf("driverMosfet", "outputDiode", "outputCapacitor"));
    }
}

TEST(AnOpenFuse, IsTheVerdictOnceAllThatMayHaveBlownItIsGood) {
    Told told({"sound yes", "torch picture", "light never", "eyes nothing", "ledPlusOn 0", "driverFuse F2 = OL"});
    for (const char* good : {"driverMosfet Q1 = 0.48/OL", "outputDiode D3 = 0.35/OL"}) {
        told.tell(good);
        EXPECT_TRUE(told.assessed().verdict().empty()) << good;
    }
    told.tell("outputCapacitor C30 = 98uF of 100uF");
    EXPECT_THAT(told.assessed().verdict().english(), HasSubstr("fuse"));
}

TEST(AnOpenFuse, WaitsNoLongerOnceItsCauseIsFound) {
    for (const auto& [finding, part] :
         {std::pair("driverMosfet Q1 = 0/0", "MOSFET"), std::pair("outputDiode D3 = 0/0", "diode")}) {
        const auto assessment = withAnOpenFuse({finding});
        EXPECT_THAT(assessment.verdict().english(), HasSubstr(part));
        for (const auto& probe : assessment.probes.best) {
            EXPECT_FALSE(probe.isAwaited) << probe.title;
        }
    }
}

TEST(AnOpenFuse, IsEnoughWhereBoardsAreReplacedWhole) {
    for (const char* way : {"level board", "swapFirst"}) {
        EXPECT_FALSE(withAnOpenFuse({way}).verdict().empty()) << way;
    }
}

TEST(AnOpenFuse, OfAnInverterWaitsForItsMosfets) {
    Told told({"lamps 4", "sound yes", "torch picture", "light never", "inverterFuse F3 = OL"});
    EXPECT_TRUE(told.assessed().verdict().empty());
    told.tell("inverterMosfet Q3 = 0/0");
    EXPECT_THAT(told.assessed().verdict().english(), HasSubstr("MOSFET"));
}

TEST(AnOpenFuse, OfTheMainsWaitsForBridgeAndPrimarySwitch) {
    Told told(
        {"sound no", "standby off", "light never", "watts dead", "standbyRail 5VSB = 0 of 5", "mainsFuse F1 = OL"});
    const auto assessment = told.assessed();
    EXPECT_TRUE(assessment.verdict().empty());
    for (const auto& probe : assessment.probes.best) {
        EXPECT_THAT(probe.test, AnyOf("mainsBridge", "primarySwitch"));
        EXPECT_THAT(probe.emptyFirst, testing::Contains("bulk")) << "the deader the set, the longer the charge";
    }
    told.tell("primarySwitch QP = 0/0");
    EXPECT_THAT(told.assessed().verdict().english(), HasSubstr("primary switch"));
}

// A fuse that is good says nothing of what it would have been blown by.
TEST(AGoodFuse, AwaitsNothing) {
    const auto assessment =
        Told({"sound yes", "torch picture", "light never", "eyes nothing", "ledPlusOn 0", "driverFuse F2 = 0.1"})
            .assessed();
    for (const auto& probe : assessment.probes.best) {
        EXPECT_FALSE(probe.isAwaited && probe.test == "outputCapacitor") << probe.title;
    }
}

// A board that lights with a known-good one in its place has said all that a rail could.
TEST(AKnownGoodBoard, NeedsNoReadingBesideIt) {
    Told told({"sound yes", "torch picture", "light never", "ledPlusIdle 24", "ledPlusOn 24", "blOn 0.02"});
    const auto before = told.assessed();
    told.tell("knownMainBoard lights");
    const auto after = told.assessed();
    EXPECT_THAT(after.suspects.front().suspect, AnyOf("notAsked", "mainBoard", "mainBoardHidden", "dimAtZero"));
    EXPECT_GT(after.suspects.front().share, before.suspects.front().share - 0.05);
    for (const auto& probe : after.probes.best) {
        EXPECT_FALSE(probe.isAwaited) << probe.title;
    }
}

// A known-good board that changes nothing clears the one that it stood for, whatever else was read.
TEST(ABoardExchangedInVain, IsNoVerdict) {
    const std::vector<const char*> found = {"label 75",
                                            "sound yes",
                                            "torch picture",
                                            "light never",
                                            "eyes nothing",
                                            "ledPlusIdle 24",
                                            "ledPlusOn 46 > 24",
                                            "ledPlusPlugOut 46 > 24",
                                            "dummyLoad fails",
                                            "ovpResistor R1 = 131k of 100k",
                                            "mainRail 12V = 12",
                                            "supplyCapacitor C3 = 214uF of 220uF",
                                            "driverGate GATE = 3.1",
                                            "driverVcc VCC = 12"};
    const auto before = Told(found).assessed();
    ASSERT_EQ(before.suspects.front().suspect, "ovpDivider");
    EXPECT_FALSE(before.verdict().empty());
    Told told(found);
    // Asked again, as a misfit is, it stands: then the rule alone withholds the verdict.
    told.tell("knownPowerBoard noChange");
    told.tell("knownPowerBoard noChange");
    EXPECT_FALSE(told.assessed().misfit);
    EXPECT_GT(told.assessed().suspects.front().share, 0.95);
    EXPECT_TRUE(told.assessed().verdict().empty());
    Told other(found);
    other.tell("knownPowerBoard lights");
    EXPECT_FALSE(other.assessed().verdict().empty());
    // Of a newer program's file: a word that says nothing here.
    Told strange(found);
    strange.tell("knownPowerBoard perhaps");
    EXPECT_NO_THROW(strange.assessed());
    Told main(found);
    main.tell("knownMainBoard noChange");
    EXPECT_FALSE(main.assessed().verdict().empty()) << "it was another one";
}

// Several names for one board, and none of them leads: whether it is that board at all is tried before it is bought
// (common practice, no source).
TEST(SeveralNamesForOneBoard, WaitForOneThatIsKnownToBeGood) {
    Told told({"sound yes", "torch picture", "light never", "eyes nothing", "ledPlusOn 66.2", "ledPlusPlugOut 65.9",
               "ledPlusIdle 48.9", "ledMinus 5.4", "ovpResistor R1 = 100k of 100k",
               "supplyCapacitor C3 = 214uF of 220uF", "dummyLoad fails", "benchLit picture"});
    const auto before = told.assessed();
    EXPECT_LT(before.suspects.front().share, 0.5);
    EXPECT_TRUE(before.verdict().empty());
    ASSERT_FALSE(before.probes.best.empty());
    EXPECT_EQ(before.probes.best.front().test, "knownPowerBoard");
    EXPECT_TRUE(before.probes.best.front().isAwaited);
    told.tell("knownPowerBoard lights");
    EXPECT_FALSE(told.assessed().verdict().empty());
}

// Where LED+ is held at one level, an open LED in the only string reads as a driver that does not switch: a load in
// place of the LEDs tells them apart (common practice, no source).
TEST(ADriverThatNeverMoves, IsNoVerdictBeforeItsLedSideIsProvenAndSomethingOfItRead) {
    Told told({"sound yes", "torch picture", "light never", "ledPlusIdle 128", "ledPlusOn 128", "ledPlusPlugOut 128",
               "blOn 3.3", "dim 2.5", "forcedOn dark", "knownMainBoard noChange"});
    const auto before = told.assessed();
    EXPECT_EQ(before.suspects.front().suspect, "driverNotSwitching");
    EXPECT_TRUE(before.verdict().empty());
    ASSERT_FALSE(before.probes.best.empty());
    EXPECT_THAT(before.probes.best.front().test, AnyOf("dummyLoad", "benchLit"));
    told.tell("dummyLoad fails");
    const auto proven = told.assessed();
    EXPECT_TRUE(proven.verdict().empty()) << "nothing was read on the driver itself";
    EXPECT_TRUE(proven.probes.best.front().test.starts_with("driver")) << proven.probes.best.front().test;
    told.tell("driverGate GATE = 0");
    EXPECT_FALSE(told.assessed().verdict().empty());
}

// DIM that is dropped or inverted reads 0 V too.
TEST(NoDim, IsNoVerdictWithoutAMainBoardThatIsKnownToBeGood) {
    Told told({"sound yes", "torch picture", "light never", "eyes nothing", "ledPlusIdle 24", "ledPlusOn 24",
               "blOn 3.3", "dim 0", "driverDimming DIM = 0"});
    const auto before = told.assessed();
    EXPECT_EQ(before.suspects.front().suspect, "dimAtZero");
    EXPECT_TRUE(before.verdict().empty());
    ASSERT_FALSE(before.probes.best.empty());
    EXPECT_EQ(before.probes.best.front().test, "knownMainBoard");
    EXPECT_TRUE(before.probes.best.front().isAwaited);
    told.tell("knownMainBoard lights");
    const auto after = told.assessed();
    EXPECT_THAT(after.suspects.front().suspect, AnyOf("dimAtZero", "mainBoardHidden", "notAsked"));
    EXPECT_FALSE(after.verdict().empty());
}

// Two faults that one repair mends need not be told apart: which of two places it is changes nothing.
TEST(AVerdictOfTwo, IsGivenWhereNothingThatIsLeftTellsThemApart) {
    const auto assessment = Told({"level board", "sound yes", "torch picture", "light never", "ledPlusIdle 24",
                                  "ledPlusOn 24", "blOn 3.3", "dim 2.4", "forcedOn dark", "knownPowerBoard lights"})
                                .assessed();
    EXPECT_FALSE(assessment.verdict().empty());
}

TEST(AVerdict, IsNotGivenOfANewJob) {
    for (const auto& lines : {std::vector<const char*>{}, {"sound yes"}, {"sound no", "standby off"}}) {
        EXPECT_TRUE(Told(lines).assessed().verdict().empty());
    }
}

// What was found stays found when something harmless is read after it.
TEST(AVerdict, IsNotTakenBackByWhatFitsIt) {
    Told told({"sound no", "standby off", "light never", "watts dead", "standbyRail 5VSB = 0.1 of 5"});
    const auto first = told.assessed().verdict().english();
    ASSERT_FALSE(first.empty());
    for (const char* fits : {"audioGlow dark", "rearHoles dark", "remote flashes", "blOn 0"}) {
        told.tell(fits);
        EXPECT_EQ(told.assessed().verdict().english(), first) << fits;
    }
}

}  // namespace
}  // namespace dimglow::sheet
