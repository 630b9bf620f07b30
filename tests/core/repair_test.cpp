#include <fmt/format.h>
#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>

#include "core/backlight/plain.h"
#include "core/repair/comeback.h"
#include "core/repair/fix_now.h"
#include "core/repair/options.h"
#include "core/repair/shopping.h"
#include "core/safety/hazards.h"

namespace dimglow::repair {
namespace {

using testing::HasSubstr;

// Weibayes, Abernethy, "The New Weibull Handbook": η = (N·t^β/k)^(1/β). 48 LEDs, one failed at 9,000 h, β 2.5: another
// fails within 1,500 h with 36.9 %.
TEST(Comeback, IsTheWeibayesFigure) {
    const AgedLeds leds{48, 1, 9000, 2.5};
    const double life = characteristicLife(leds);
    EXPECT_NEAR(failureChance(47, 9000, 1500, life, 2.5), 0.369, 0.0005);
}

// With β = 1 the Weibull is the exponential: no memory, hazard 1/η for each LED.
TEST(Comeback, ForgetsAgeAtShapeOne) {
    EXPECT_NEAR(failureChance(10, 9000, 100, 5000, 1), 1 - std::exp(-10 * 100.0 / 5000), 1e-12);
    EXPECT_NEAR(failureChance(10, 0, 100, 5000, 1), failureChance(10, 9000, 100, 5000, 1), 1e-12);
}

TEST(Comeback, GrowsWithAgeCountAndTime) {
    EXPECT_LT(failureChance(47, 0, 1500, 42000, 2.5), failureChance(47, 9000, 1500, 42000, 2.5));
    EXPECT_LT(failureChance(10, 9000, 1500, 42000, 2.5), failureChance(47, 9000, 1500, 42000, 2.5));
    EXPECT_LT(failureChance(47, 9000, 500, 42000, 2.5), failureChance(47, 9000, 1500, 42000, 2.5));
    EXPECT_EQ(failureChance(0, 9000, 1500, 42000, 2.5), 0);
}

class Plan : public testing::Test {
protected:
    Plan() {
        job_.order.value = 420;
        job_.set.hoursRun = 9000;
        job_.set.backlight = backlight::plainBacklight({});
        open_.shareOfSuspect = {{"openLed", 0.97}, {"openPlug", 0.03}};
        open_.failedCount = 1;
        open_.failedStrips = {1};
    }
    FixPlan plan(const std::string& today = {}) const {
        return planFix(job_, knowledge::builtInKnowledge(), open_, today);
    }
    Option option(const FixPlan& plan, const std::string& id) const {
        const auto found =
            std::find_if(plan.options.begin(), plan.options.end(), [&](const auto& o) { return o.id == id; });
        EXPECT_NE(found, plan.options.end()) << id;
        return *found;
    }
    job::Job job_;
    Diagnosis open_;
};

TEST_F(Plan, ReplacedLedLeavesTheHandbooksRisk) {
    EXPECT_NEAR(*option(plan(), "replaceLed").comeback, 0.369, 0.001);
}

TEST_F(Plan, NewStripsCarryLessRiskThanNewLeds) {
    const auto p = plan();
    EXPECT_LT(*option(p, "replaceAllStrips").comeback, *option(p, "replaceStrip").comeback);
    EXPECT_LT(*option(p, "replaceStrip").comeback, *option(p, "replaceLed").comeback);
    EXPECT_LT(*option(p, "replaceLed").comeback, *option(p, "bridgeLed").comeback);
}

// New LEDs age too: with all of them new what is left is their own risk, and the repair's relapse.
TEST_F(Plan, NewLedsMayFailAsWell) {
    const auto* all = knowledge::builtInKnowledge().repair("replaceAllStrips");
    const int leds = job_.set.backlight.ledCount();
    const double life = characteristicLife({leds, 1, 9000, job_.bench.weibullShape});
    const double fails = failureChance(leds, 0, job_.bench.promisedHours, life, job_.bench.weibullShape);
    ASSERT_GT(fails, 0.001);
    EXPECT_NEAR(*option(plan(), "replaceAllStrips").comeback, 1 - (1 - fails) * (1 - all->relapse), 1e-9);
}

// A comeback is a second job: the panel is opened again, though it lies open now.
TEST_F(Plan, AComebackOpensThePanelAgain) {
    job_.panelOpen = true;
    const auto led = option(plan(), "replaceLed");
    const double perMinute = job_.bench.ratePerHour / 60;
    const auto& trade = knowledge::builtInKnowledge();
    const double again = led.parts + (led.minutes + trade.hands.ways.front().minutes) * perMinute;
    constexpr double secondDiagnosis = 60;  // minutes; common practice, no source
    EXPECT_NEAR(*led.expectedCost,
                led.parts + led.minutes * perMinute + *led.comeback * (again + job_.bench.goodwill) +
                    led.glassRisk * job_.order.value + (1 - led.mends) * (again + secondDiagnosis * perMinute),
                1e-9);
}

TEST(FixNow, IsForWhatIsMoreLikelyThanNot) {
    const auto& trade = knowledge::builtInKnowledge();
    FixPlan plan;
    plan.options.emplace_back();
    plan.options.front().id = "mendRemote";
    plan.options.front().mends = 0.4;
    plan.options.front().minutes = 1;
    EXPECT_FALSE(fixNow(plan, trade, {}, 30)) << "cheaper than the probe, and likely to be in vain";
    plan.options.front().mends = 0.6;
    ASSERT_TRUE(fixNow(plan, trade, {}, 30));
    EXPECT_EQ(fixNow(plan, trade, {}, 30)->repair, "mendRemote");
    EXPECT_FALSE(fixNow(plan, trade, {}, 0.1)) << "the probe is cheaper";
}

TEST_F(Plan, WithoutHoursItCannotTellAndSaysSo) {
    job_.set.hoursRun.reset();
    const auto led = option(plan(), "replaceLed");
    EXPECT_FALSE(led.comeback);
    EXPECT_THAT(led.comebackWhy, HasSubstr("cannot tell"));
}

// Expected cost is what it takes before, and the comeback times second job and goodwill: on either side of where it
// turns another option is cheapest.
TEST_F(Plan, TheAdviceTurnsWhereItSays) {
    job_.bench.goodwill = 5;
    const auto before = plan();
    ASSERT_TRUE(before.turn);
    job_.bench.goodwill = before.turn->at * 0.98;
    EXPECT_EQ(plan().advised, before.turn->below);
    job_.bench.goodwill = before.turn->at * 1.02;
    EXPECT_EQ(plan().advised, before.turn->above);
}

TEST_F(Plan, TheAdviceTurnsAtTheHoursItSays) {
    const auto before = plan();
    ASSERT_TRUE(before.promiseTurn);
    job_.bench.promisedHours = before.promiseTurn->at * 0.97;
    EXPECT_EQ(plan().advised, before.promiseTurn->below);
    job_.bench.promisedHours = before.promiseTurn->at * 1.03;
    EXPECT_EQ(plan().advised, before.promiseTurn->above);
}

TEST_F(Plan, OnesOwnSetTakesAStopGapWhenNothingElseIsHereInTime) {
    job_.order.due = "2026-11-26";
    EXPECT_NE(plan("2026-11-25").advised, "bridgeLed");
    job_.order.whose = job::Whose::Own;
    const auto p = plan("2026-11-25");
    EXPECT_EQ(p.advised, "bridgeLed");
    EXPECT_THAT(p.overrode, HasSubstr("stop-gap"));
}

TEST_F(Plan, WithoutHoursTheRangeIsWiderAndTheOrderSaysWhatHangsOnThem) {
    const auto known = *option(plan(), "replaceLed").comebackRange;
    job_.set.hoursRun.reset();
    const auto p = plan();
    const auto guessed = *option(p, "replaceLed").comebackRange;
    EXPECT_GT(guessed.high - guessed.low, known.high - known.low);
    EXPECT_GT(*option(p, "replaceLed").expectedCost, option(p, "replaceLed").before) << "not known is not never";
}

TEST_F(Plan, WhatIsNotPlannedYetIsNeverAdvised) {
    for (const char* id : {"replaceLed", "replaceStrip", "replaceAllStrips"}) {
        job_.repair.terms.push_back({id, {}, {}, true, {}});
    }
    EXPECT_NE(plan().advised, "universalStrips");
    job_.repair.details.universal = job::Universal{{3, 150, 6, 12, 9.3, 0.35}, {}, 0, {}};
    EXPECT_EQ(plan().advised, "universalStrips");
}

// A plan that is refused is no plan: neither strips without room nor a driver without limits of its own is advised.
TEST_F(Plan, WhatIsRefusedIsNeverAdvisedOrMendedNow) {
    job_.repair.details.universal = job::Universal{{3, 2000, 6, 12, 9.3, 0.35}, {}, 1, {}};
    EXPECT_THAT(option(plan(), "universalStrips").planFirst, HasSubstr("no room"));
    open_ = {{{"driverNotSwitching", 1}}, 0, {}};
    parts::DriverModule module{60, 190, 0.3, 2, 10, 195, true, true};
    job_.repair.details.module = module;
    EXPECT_TRUE(option(plan(), "substituteDriver").planFirst.empty());
    module.limitsCurrent = false;
    job_.repair.details.module = module;
    const auto refused = option(plan(), "substituteDriver");
    EXPECT_THAT(refused.planFirst, HasSubstr("Refused"));
    EXPECT_FALSE(refused.canBeDone());
    auto only = plan();
    std::erase_if(only.options, [](const auto& o) { return o.id != "substituteDriver"; });
    EXPECT_FALSE(fixNow(only, knowledge::builtInKnowledge(), job_.bench, 1e4));
}

TEST_F(Plan, ProtectionTakenOutIsRefusedWithItsReason) {
    const auto p = plan();
    ASSERT_EQ(p.refused.size(), 1u);
    EXPECT_THAT(p.refused.front().why, HasSubstr("burns"));
    for (const auto& o : p.options) {
        EXPECT_NE(o.id, "protectionOut");
    }
}

TEST_F(Plan, LessCurrentAndStripsPressedFlushComeBackLess) {
    const double before = *option(plan(), "replaceLed").comeback;
    job_.repair.originalAmps = 0.24;
    job_.repair.newAmps = 0.192;
    const double less = *option(plan(), "replaceLed").comeback;
    EXPECT_NEAR(less, 0.273, 0.001);  // a fifth less, Weibayes with the life stretched from now on
    EXPECT_LT(less, before);
    job_.repair.details.gapMm = 0.5;
    EXPECT_LT(*option(plan(), "replaceLed").comeback, less);
}

TEST_F(Plan, NoOptionCostsLessWhenMoreIsWrong) {
    const auto before = plan();
    open_.failedCount = 3;
    open_.failedStrips = {1, 2};
    for (const auto& o : plan().options) {
        if (o.expectedCost && !o.writesOff) {
            EXPECT_GE(*o.expectedCost, *option(before, o.id).expectedCost) << o.id;
        }
    }
}

TEST_F(Plan, APartFoundBadIsRenewedInEveryOptionButOneThatBringsItsBoard) {
    const auto before = plan();
    open_.badParts = {{text::say("Supply capacitor {}", std::string("C12")), "470u 63V", "powerBoard", true}};
    const auto one = plan();
    open_.badParts.push_back({text::say("Supply capacitor {}", std::string("C13")), "", "powerBoard", true});
    const auto two = plan();
    for (const auto& o : before.options) {
        if (o.writesOff || !o.expectedCost) {
            continue;
        }
        EXPECT_GT(option(one, o.id).parts, o.parts) << o.id;
        EXPECT_GT(option(one, o.id).minutes, o.minutes) << o.id;
        EXPECT_GT(*option(two, o.id).expectedCost, *option(one, o.id).expectedCost) << o.id;
        EXPECT_THAT(option(two, o.id).say.english(), HasSubstr("C13")) << o.id;
    }
    const auto& board = *knowledge::builtInKnowledge().repair("replaceBoard");
    EXPECT_TRUE(open_.badParts[0].comesWith(board));
    EXPECT_FALSE(open_.badParts[0].comesWith(*knowledge::builtInKnowledge().repair("replaceMainBoard")));
}

TEST_F(Plan, InvertersOfAPairAreReplacedTogether) {
    job_.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job_.set.kind = "driverBoard";
    job_.set.lamps.count = 12;
    open_ = {{{"inverterDrive", 0.9}, {"inverterIc", 0.1}}, 0, {}};
    const auto priceOf = [&](lamps::Lamps::Drive drive) {
        job_.set.lamps.drive = drive;
        return option(plan(), "replaceDriverBoard");
    };
    const auto one = priceOf(lamps::Lamps::Drive::OneEnd);
    const auto pair = priceOf(lamps::Lamps::Drive::BothEnds);
    EXPECT_DOUBLE_EQ(pair.parts, 2 * one.parts);
    EXPECT_NE(pair.title.english(), one.title.english());
    EXPECT_EQ(shoppingList(job_, knowledge::builtInKnowledge(), open_, "replaceDriverBoard").front().count, 2);
}

TEST_F(Plan, WhatIsBoughtNamesItsFigures) {
    const auto& trade = knowledge::builtInKnowledge();
    open_.badParts = {{text::say("Supply capacitor {}", std::string("C12")), "470u 63V"}};
    const auto lines = shoppingList(job_, trade, open_, "replaceAllStrips");
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_EQ(lines[0].count, 4);
    EXPECT_TRUE(lines[0].beforeOpening);
    EXPECT_EQ(lines[1].what, "Supply capacitor C12");
    const auto csv = shoppingCsv(lines, {[](const std::string& english) { return english; }, "."});
    EXPECT_THAT(csv, testing::StartsWith("\"what\",\"count\""));
    EXPECT_THAT(csv, HasSubstr("470u 63V"));
    EXPECT_TRUE(shoppingList(job_, trade, open_, "doNotRepair").empty());
}

TEST_F(Plan, StopGapIsListedButNeverAdvised) {
    const auto p = plan();
    EXPECT_TRUE(option(p, "bridgeLed").stopGap);
    EXPECT_NE(p.advised, "bridgeLed");
    EXPECT_FALSE(p.advised.empty());
}

TEST_F(Plan, OpeningCostsMinutesUntilItIsOpen) {
    const double closed = option(plan(), "replaceLed").minutes;
    job_.panelOpen = true;
    EXPECT_DOUBLE_EQ(closed - option(plan(), "replaceLed").minutes,
                     knowledge::builtInKnowledge().hands.ways.front().minutes);
}

TEST_F(Plan, PartsThatComeTooLateAreMarkedAndGoLast) {
    job_.order.due = "2026-11-28";
    const auto p = plan("2026-11-25");
    EXPECT_TRUE(option(p, "replaceStrip").late);
    EXPECT_FALSE(option(p, "replaceLed").late);
    const auto last = std::find_if(p.options.rbegin(), p.options.rend(), [](const auto& o) { return o.canBeDone(); });
    EXPECT_TRUE(last->late);
    EXPECT_FALSE(option(plan("2026-11-20"), "replaceStrip").late);
}

TEST_F(Plan, DateThatIsNoDateMakesNothingLate) {
    job_.order.due = "soon";
    for (const auto& o : plan("2026-11-25").options) {
        EXPECT_FALSE(o.late);
    }
}

TEST_F(Plan, AsksTheOwnerWhenTheRepairCostsOverHalfOfTheSet) {
    job_.order.value = 90;
    const auto p = plan();
    EXPECT_EQ(p.advised, "doNotRepair");
    EXPECT_THAT(p.advice, HasSubstr("Ask the owner"));
}

TEST_F(Plan, AdvisesTheNextProbeWhileNothingIsSure) {
    open_.shareOfSuspect = {{"openLed", 0.5}, {"driverNotSwitching", 0.5}};
    const auto p = plan();
    EXPECT_TRUE(p.advised.empty());
    EXPECT_THAT(p.advice, HasSubstr("next probe"));
}

TEST_F(Plan, ListsOnlyWhatMendsSomethingSuspected) {
    for (const auto& o : plan().options) {
        EXPECT_TRUE(o.writesOff || o.mends >= 0.05) << o.id;
        EXPECT_NE(o.id, "replaceTcon");
    }
}

TEST_F(Plan, EverythingThatCostsRaisesTheExpectedCost) {
    const auto cost = [&] { return *option(plan(), "replaceLed").expectedCost; };
    const double before = cost();
    const auto raises = [&](auto change) {
        const auto kept = job_;
        change();
        EXPECT_GT(cost(), before);
        job_ = kept;
    };
    raises([&] { job_.bench.ratePerHour += 10; });
    raises([&] { job_.bench.goodwill += 10; });
    raises([&] { job_.order.value += 500; });  // the glass may break
    raises([&] { job_.bench.promisedHours += 500; });
    open_.shareOfSuspect = {{"openLed", 0.9}, {"driverNotSwitching", 0.1}};
    EXPECT_GT(cost(), before) << "it may not mend";
}

TEST_F(Plan, WithoutAValueDoNotRepairIsNotFree) {
    job_.order.value = 0;
    const auto p = plan();
    EXPECT_FALSE(option(p, "doNotRepair").expectedCost);
    EXPECT_EQ(p.options.back().id, "doNotRepair");
    EXPECT_NE(p.advised, "doNotRepair");
}

// Such a set has no power board: its driver sits on the main board (common practice, no source).
TEST_F(Plan, OffersNoBoardThatTheSetDoesNotHave) {
    const Diagnosis driver{{{"driverNotSwitching", 0.9}, {"notAsked", 0.1}}, 0, {}};
    const auto has = [](const FixPlan& plan, const char* id) {
        return std::any_of(plan.options.begin(), plan.options.end(), [&](const auto& o) { return o.id == id; });
    };
    EXPECT_TRUE(has(planFix(job_, knowledge::builtInKnowledge(), driver, ""), "replaceBoard"));
    job_.set.kind = "adapter";
    const auto plan = planFix(job_, knowledge::builtInKnowledge(), driver, "");
    EXPECT_FALSE(has(plan, "replaceBoard"));
    EXPECT_NEAR(option(plan, "replaceMainBoard").mends, 1, 1e-9) << "whatever sits on it is new";
}

TEST_F(Plan, OfABadJointCountsOneFailureAndTheStrip) {
    const Diagnosis joint{{{"badJoint", 1}}, 0, {2}};
    const auto p = planFix(job_, knowledge::builtInKnowledge(), joint, "");
    const auto led = option(plan(), "replaceStrip");
    EXPECT_EQ(option(p, "replaceStrip").parts, led.parts) << "a strip is a strip";
    for (const char* id : {"replaceStrip", "remakePlug"}) {
        ASSERT_TRUE(option(p, id).comeback) << id;
        EXPECT_GT(*option(p, id).comeback, 0.01) << id << ": old LEDs stay";
    }
}

TEST_F(Plan, DoingNothingMendsNothing) {
    const auto p = plan();
    EXPECT_EQ(option(p, "doNotRepair").mends, 0);
    EXPECT_GT(option(p, "replaceStrip").mends, 0.9);
}

TEST_F(Plan, NextBestIsDearerByTheDifferenceOfTheCostsOnTheCards) {
    for (double rate = 30; rate < 80; rate += 1.7) {
        job_.bench.ratePerHour = rate;
        const auto p = plan();
        const double best = std::round(*option(p, p.advised).expectedCost);
        const auto isNamed = [&](const Option& o) {
            return o.expectedCost && p.advice.english().find(o.title.english() + " would be") != std::string::npos;
        };
        const auto next = std::find_if(p.options.begin(), p.options.end(), isNamed);
        ASSERT_NE(next, p.options.end()) << p.advice;
        EXPECT_THAT(p.advice, HasSubstr(fmt::format(" {:.0f} more", std::round(*next->expectedCost) - best))) << rate;
    }
}

TEST_F(Plan, WithoutAFigureTheComebackIsNotZero) {
    const auto p = plan();
    EXPECT_FALSE(option(p, "doNotRepair").comeback);
    EXPECT_THAT(option(p, "doNotRepair").comebackWhy, HasSubstr("nothing is promised"));
}

}  // namespace
}  // namespace dimglow::repair

namespace dimglow::safety {
namespace {

// IEC 62368-1: DC above 60 V is beyond ES1, above 120 V beyond ES2 (limits from memory).
TEST(EnergyClass, HasItsLimits) {
    EXPECT_EQ(energyClassOf(60), EnergyClass::Es1);
    EXPECT_EQ(energyClassOf(60.1), EnergyClass::Es2);
    EXPECT_EQ(energyClassOf(120), EnergyClass::Es2);
    EXPECT_EQ(energyClassOf(120.1), EnergyClass::Es3);
}

TEST(Cautions, StandAtEveryLiveStepWithTheVoltageOfThisSet) {
    const auto cautions = cautionsFor({146, 183, 300});
    bool board = false;
    bool prove = false;
    for (const auto& caution : cautions) {
        board = board || (caution.station == "board" && caution.live &&
                          caution.text.english().find("183 V DC, beyond ES2") != std::string::npos);
        prove = prove || (caution.station == "prove" && caution.live &&
                          caution.text.english().find("146 V") != std::string::npos);
    }
    EXPECT_TRUE(board);
    EXPECT_TRUE(prove);
    for (const auto& caution : cautionsFor({40, 50, 48})) {
        EXPECT_EQ(caution.text.english().find("beyond"), std::string::npos) << caution.text;
    }
}

TEST(Cautions, SpeakOfNoMainsInASetThatAnOutsideSupplyFeeds) {
    for (const auto& caution : cautionsFor({40, 50, 48, false})) {
        EXPECT_EQ(caution.text.english().find("ains"), std::string::npos) << caution.text;
    }
}

}  // namespace
}  // namespace dimglow::safety
