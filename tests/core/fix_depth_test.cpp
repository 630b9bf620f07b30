#include <gtest/gtest.h>

#include <cmath>

#include "core/repair/comeback.h"
#include "core/repair/heat.h"
#include "core/repair/matching.h"

namespace dimglow::repair {
namespace {

// Weibayes (Abernethy, "The New Weibull Handbook"): 48 LEDs, one failed at 9,000 h, β 2.5, a further 1,500 h.
constexpr AgedLeds usual{48, 1, 9000, 2.5};

TEST(Comeback, OldLedsRunOnAtLessCurrentFromNowOnOnly) {
    const double life = characteristicLife(usual);
    EXPECT_NEAR(failureChance(47, 9000, 1500, life, 2.5), 0.369, 0.001);
    const double stretch = std::pow(1 / 0.8, 1.5);
    EXPECT_NEAR(failureChance(47, 9000, 1500, life, 2.5, stretch), 0.273, 0.001);
    // New ones have no past: all of their failures are stretched.
    const double fresh = failureChance(48, 0, 1500, life, 2.5);
    EXPECT_NEAR(failureChance(48, 0, 1500, life, 2.5, stretch) / fresh, 0.43, 0.005);
}

TEST(Comeback, TheRangeHoldsTheLikelyValue) {
    for (const int failed : {0, 1, 3, 8}) {
        const auto range = comebackRange({{48, failed, 9000, 2.5}, 48 - failed, 0, 1500});
        EXPECT_LE(range.low, range.likely);
        EXPECT_LE(range.likely, range.high);
        EXPECT_GT(range.high - range.low, 0.05) << failed;
    }
}

TEST(Comeback, WhatNobodyKnowsWidensTheRange) {
    const Renewed known{usual, 47, 1, 1500};
    Renewed guessed = known;
    guessed.hoursKnown = false;
    EXPECT_GT(comebackRange(guessed).high, comebackRange(known).high);
    // More failures seen: the spread of what they say narrows, as a share of it.
    const auto relative = [](const Range& r) { return (r.high - r.low) / r.likely; };
    EXPECT_GT(relative(comebackRange(known)), relative(comebackRange({{48, 9, 9000, 2.5}, 39, 9, 100})));
}

TEST(Comeback, NoFailureYetIsABound) {
    const auto range = comebackRange({{48, 0, 9000, 2.5}, 48, 0, 1500});
    EXPECT_EQ(range.low, 0);
    EXPECT_GT(range.likely, 0.2);
}

TEST(Heat, TenKelvinLessIsHalfAsLongAgain) {
    EXPECT_NEAR(arrheniusTimes(85, 75), 1.52, 0.01);  // Arrhenius, Ea 0.45 eV
}

TEST(Heat, AStripOnARibIsHotter) {
    HeatPath path;
    path.volts = 3;
    path.amps = 0.24;
    const auto flush = junctionCelsius(path);
    path.seat = Seat::Gap;
    path.gapMm = 1;
    EXPECT_GT(junctionCelsius(path).likely, flush.likely + 30);
    EXPECT_LT(flush.low, flush.high);
    // d/(λA): 1 mm of air over 100 mm².
    EXPECT_NEAR(layerKelvinPerWatt(1, airConducts, 100), 384.6, 0.1);
}

TEST(Heat, DriftOfLedPlusTellsHowWarmTheyGot) {
    // 2 mV/K and die (from memory): 48 dies that lose 3.84 V are 40 K warmer.
    EXPECT_NEAR(warmedKelvin(3.84, 48).likely, 40, 0.01);
}

const Margin& marginOf(const std::vector<Margin>& all, const std::string& quantity) {
    for (const auto& margin : all) {
        if (margin.quantity.english() == quantity) {
            return margin;
        }
    }
    throw std::out_of_range(quantity);
}

TEST(Matching, AnOverdrivenLedIsSaidInPerCent) {
    const LedNeed need{backlight::classLed(1, 3.1, 0.35), 0.43, "", "", ""};
    const auto margin = marginOf(match(parts::LedOffer{3.1, 0.35, 0.35, "", "", ""}, need), "rated current");
    EXPECT_EQ(margin.fit, Fit::DoesNot);
    EXPECT_NE(margin.why.english().find("430 mA through 350: 123 %"), std::string::npos) << margin.why;
    // In figures that people write down: 371 mA through 350.
    const auto other =
        marginOf(match(parts::LedOffer{{}, {}, 0.35, "", "", ""}, {need.spec, 0.371, "", "", ""}), "rated current");
    EXPECT_NE(other.why.english().find("106 %"), std::string::npos) << other.why;
}

TEST(Matching, VoltsAreComparedAtOneCurrent) {
    // Rated at 60 mA, asked for at 350: the same class, so it shows more volts there.
    const LedNeed need{backlight::classLed(1, 3.3, 0.35), 0.35, "", "", ""};
    EXPECT_EQ(marginOf(match(parts::LedOffer{3.0, 0.06, 0.5, "", "", ""}, need), "volts at 350 mA").fit, Fit::Fits);
    EXPECT_EQ(marginOf(match(parts::LedOffer{6.2, 0.35, 0.5, "", "", ""}, need), "volts at 350 mA").fit, Fit::DoesNot);
}

TEST(Matching, WhatNobodyReadIsNotKnownAndNeverRight) {
    const auto all =
        match(parts::LedOffer{{}, {}, 0.5, "", "", ""}, {backlight::classLed(1, 3.1, 0.35), 0.24, "3030", "large", ""});
    EXPECT_EQ(marginOf(all, "package").fit, Fit::NotKnown);
    EXPECT_EQ(marginOf(all, "plus pad").fit, Fit::NotKnown);
    EXPECT_EQ(verdictOf(all), Fit::NotKnown);
}

TEST(Matching, PadsTheOtherWayRoundAreANote) {
    const auto all = match(parts::LedOffer{{}, {}, {}, "3030", "small", ""},
                           {backlight::classLed(1, 3.1, 0.35), {}, "3030", "large", ""});
    EXPECT_EQ(marginOf(all, "plus pad").fit, Fit::FitsWithNote);
}

TEST(Matching, StripsOfAnotherSideOrPitchDoNotFit) {
    parts::StripFigures old;
    old.leds = 12;
    old.pitchMm = 75;
    old.side = "L";
    parts::StripFigures offer = old;
    EXPECT_EQ(verdictOf(match(offer, old)), Fit::Fits);
    offer.side = "R";
    EXPECT_EQ(verdictOf(match(offer, old)), Fit::DoesNot);
    offer = old;
    offer.pitchMm = 76;
    EXPECT_EQ(verdictOf(match(offer, old)), Fit::DoesNot);
    offer = old;
    offer.batch = "b";
    old.batch = "a";
    EXPECT_EQ(verdictOf(match(offer, old)), Fit::FitsWithNote);
}

TEST(Matching, AStrongerPartMayDoAWeakerOneNot) {
    using parts::PartKind;
    const auto rated = [](double volts, double amps) {
        parts::Ratings ratings;
        ratings.volts = volts;
        ratings.amps = amps;
        return ratings;
    };
    EXPECT_EQ(verdictOf(match(PartKind::Diode, rated(200, 3), {}, {100, 1.0})), Fit::Fits);
    EXPECT_EQ(verdictOf(match(PartKind::Diode, rated(120, 3), {}, {100, 1.0})), Fit::DoesNot);
    EXPECT_EQ(verdictOf(match(PartKind::Mosfet, rated(200, 1.2), {}, {100, 1.0})), Fit::DoesNot);
    // A fuse is like for like: neither weaker nor stronger.
    EXPECT_EQ(verdictOf(match(PartKind::Fuse, rated(250, 3.15), rated(250, 3.15), {})), Fit::Fits);
    EXPECT_EQ(verdictOf(match(PartKind::Fuse, rated(250, 5), rated(250, 3.15), {})), Fit::DoesNot);
    parts::Ratings small = rated(400, 0);
    small.farads = 154e-9;
    parts::Ratings old = small;
    old.farads = 150e-9;
    EXPECT_EQ(verdictOf(match(PartKind::Film, small, old, {})), Fit::Fits);
    small.volts = 250;
    EXPECT_EQ(verdictOf(match(PartKind::Film, small, old, {})), Fit::DoesNot);
}

}  // namespace
}  // namespace dimglow::repair
