// The fix in depth by tables: what a technician would expect of each figure, sum and list.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>
#include <functional>
#include <tuple>

#include "core/backlight/plain.h"
#include "core/job/job_json.h"
#include "core/job/problems.h"
#include "core/parts/part_line.h"
#include "core/parts/resistors.h"
#include "core/repair/matching.h"
#include "core/repair/planned_light.h"
#include "core/repair/shopping.h"
#include "core/sums/sums.h"
#include "tests/support/full_job.h"

namespace dimglow {
namespace {

using parts::PartKind;
using repair::Fit;
using testing::HasSubstr;

struct Offered {
    const char* what;
    PartKind kind;
    const char* fresh;  ///< as printed
    const char* old;
    repair::Stress stress;
    Fit fit;
};

parts::Ratings printed(PartKind kind, const char* line) {
    const auto read = parts::readTypedRatings(kind, line);
    return std::holds_alternative<parts::Ratings>(read) ? std::get<parts::Ratings>(read) : parts::Ratings{};
}

// Common practice, no source.
TEST(Matching, OfPartsAsTheyArePrinted) {
    const Offered table[] = {
        {"the same", PartKind::Electrolytic, "470u 63V 105C", "470u 63V 105C", {}, Fit::Fits},
        {"higher volts", PartKind::Electrolytic, "470u 100V 105C", "470u 63V 105C", {}, Fit::Fits},
        {"far higher volts", PartKind::Electrolytic, "470u 200V 105C", "470u 63V 105C", {}, Fit::FitsWithNote},
        {"lower volts", PartKind::Electrolytic, "470u 50V 105C", "470u 63V 105C", {}, Fit::DoesNot},
        {"a cooler type", PartKind::Electrolytic, "470u 63V 85C", "470u 63V 105C", {}, Fit::FitsWithNote},
        {"half the value", PartKind::Electrolytic, "220u 63V 105C", "470u 63V 105C", {}, Fit::DoesNot},
        {"half as much again", PartKind::Electrolytic, "680u 63V 105C", "470u 63V 105C", {}, Fit::FitsWithNote},
        {"under what it meets", PartKind::Electrolytic, "470u 63V 105C", "470u 63V 105C", {80, {}}, Fit::DoesNot},
        {"a film of the same value", PartKind::Film, "154J 630V", "154J 400V", {}, Fit::Fits},
        {"a film a tenth off", PartKind::Film, "0.165u 630V", "0.15u 400V", {}, Fit::DoesNot},
        {"a zener of other volts", PartKind::Zener, "20V", "18V", {}, Fit::DoesNot},
        {"the same zener", PartKind::Zener, "18V", "18V", {}, Fit::Fits},
        {"a sense resistor", PartKind::Sense, "0.22R", "0.22R", {}, Fit::Fits},
        {"another sense resistor", PartKind::Sense, "0.33R", "0.22R", {}, Fit::DoesNot},
        {"a diode of which nothing is known", PartKind::Diode, "", "", {100, 1.0}, Fit::NotKnown},
    };
    for (const auto& row : table) {
        const auto margins =
            repair::match(row.kind, printed(row.kind, row.fresh), printed(row.kind, row.old), row.stress);
        ASSERT_FALSE(margins.empty()) << row.what;
        EXPECT_EQ(repair::verdictOf(margins), row.fit) << row.what;
        for (const auto& margin : margins) {
            EXPECT_TRUE(margin.fit == Fit::Fits || margin.fit == Fit::NotKnown || !margin.why.empty())
                << row.what << ": says why";
        }
    }
}

/// Old strip: 10 LEDs, 31 V at 350 mA, pitch 62 mm, 15 mm wide, 640 mm long, left, plug "2-pin", lens "dome".
parts::StripFigures oldStrip() {
    return {10, 31, 0.35, 62, 15, 640, "2-pin", "L", "dome", "1"};
}

// Common practice, no source: what does not lie on its ribs, holes and pins, or not in its light, is another strip.
TEST(Matching, OfStripsFigureByFigure) {
    using Change = std::function<void(parts::StripFigures&)>;
    const std::tuple<const char*, Change, Fit> table[] = {
        {"the same", [](auto&) {}, Fit::Fits},
        {"one LED less", [](auto& s) { s.leds = 9; }, Fit::DoesNot},
        {"a bin higher", [](auto& s) { s.volts = 31.5; }, Fit::Fits},
        {"two dies each", [](auto& s) { s.volts = 62; }, Fit::DoesNot},
        {"rated for more", [](auto& s) { s.ratedAmps = 0.6; }, Fit::Fits},
        {"rated for as much as flows", [](auto& s) { s.ratedAmps = 0.35; }, Fit::FitsWithNote},
        {"rated for less", [](auto& s) { s.ratedAmps = 0.3; }, Fit::DoesNot},
        {"pitch of another mould", [](auto& s) { s.pitchMm = 63; }, Fit::DoesNot},
        {"pitch as near as a ruler reads", [](auto& s) { s.pitchMm = 62.2; }, Fit::Fits},
        {"wider than its ribs", [](auto& s) { s.widthMm = 18; }, Fit::DoesNot},
        {"longer", [](auto& s) { s.lengthMm = 655; }, Fit::DoesNot},
        {"another plug", [](auto& s) { s.connector = "4-pin"; }, Fit::FitsWithNote},
        {"the other half", [](auto& s) { s.side = "R"; }, Fit::DoesNot},
        {"a flat lens", [](auto& s) { s.lens = "flat"; }, Fit::DoesNot},
        {"another batch", [](auto& s) { s.batch = "2"; }, Fit::FitsWithNote},
        {"of which nobody has read the pitch", [](auto& s) { s.pitchMm.reset(); }, Fit::NotKnown},
    };
    for (const auto& [what, change, fit] : table) {
        auto offer = oldStrip();
        offer.ratedAmps = 0.5;
        change(offer);
        const auto margins = repair::match(offer, oldStrip());
        EXPECT_EQ(repair::verdictOf(margins), fit) << what;
        for (const auto& margin : margins) {
            EXPECT_TRUE(margin.fit != Fit::DoesNot || !margin.why.empty()) << what << ": says why";
        }
    }
}

// Whatever is not known of the old strip cannot be held against a new one, but is not right either.
TEST(Matching, OfAStripOfWhichNothingIsKnownIsNotKnown) {
    const auto margins = repair::match(oldStrip(), parts::StripFigures());
    ASSERT_FALSE(margins.empty());
    EXPECT_EQ(repair::verdictOf(margins), Fit::NotKnown);
    for (const auto& margin : margins) {
        EXPECT_EQ(margin.fit, Fit::NotKnown) << margin.quantity;
    }
}

TEST(Matching, AStrongerPartIsNeverWorse) {
    for (const double volts : {50.0, 100.0, 126.0, 200.0}) {
        const auto fitAt = [&](double more) {
            parts::Ratings diode;
            diode.volts = volts * more;
            diode.amps = 2;
            return repair::verdictOf(repair::match(PartKind::Diode, diode, {}, {100, 1.0}));
        };
        EXPECT_LE(fitAt(1.5), fitAt(1)) << volts;
    }
}

TEST(Matching, EveryPartThatIsChosenByFiguresSaysWhyItFails) {
    for (int kind = 0; kind < int(PartKind::Rail); ++kind) {
        const bool isChosen =
            !repair::match(PartKind(kind), {}, printed(PartKind(kind), "100u 100V"), {1.0, 1.0}).empty();
        const bool isWound = PartKind(kind) == PartKind::Coil || PartKind(kind) == PartKind::Transformer;
        EXPECT_TRUE(!isChosen || isWound || !repair::whyItFails(PartKind(kind)).empty()) << kind;
    }
}

struct Worked {
    const char* sum;
    sums::Given given;
    const char* id;
    double value;
    double within;
};

// Closed formulas, worked out by hand.
TEST(Sums, OfTheBenchByHand) {
    const Worked table[] = {
        {"sense", {{"i", 0.24}, {"r", 1.2}}, "constant", 0.288, 1e-9},
        {"sense", {{"i", 0.24}, {"r", 1.2}, {"want", 0.2}}, "ohms", 1.44, 1e-9},
        {"set", {{"i", 0.3}, {"r", 12e3}}, "constant", 3600, 1e-6},
        {"set", {{"i", 0.3}, {"r", 12e3}, {"want", 0.24}}, "ohms", 15e3, 1e-6},
        {"resistors", {{"r", 47}}, "e24", 47, 1e-9},
        {"rail", {{"label", 12}, {"read", 11.1}}, "off", -0.075, 1e-9},
        {"rail", {{"label", 12}}, "low", 11.4, 1e-9},
        {"esr", {{"c", 470e-6}, {"v", 63}}, "esr", 0.09 / (2 * M_PI * 120 * 470e-6), 1e-6},
        {"tester", {{"n", 12}, {"vled", 3}, {"i", 0.03}}, "volts", 36, 1e-9},
        {"tester", {{"n", 12}, {"vled", 3}, {"i", 0.03}}, "limit", 60, 1e-9},
        {"stack", {{"v", 150}, {"each", 60}}, "n", 3, 1e-9},
        {"stack", {{"v", 150}, {"each", 60}}, "set", 50, 1e-9},
        {"stepup", {{"vin", 12}, {"vout", 60}, {"iout", 0.1}, {"eff", 0.8}}, "iin", 0.625, 1e-9},
        {"start", {{"rail", 100}, {"vz", 18}, {"r", 8200}, {"icc", 2e-3}}, "pr", 0.82, 1e-9},
        {"start", {{"rail", 100}, {"vz", 18}, {"r", 8200}, {"icc", 2e-3}}, "pz", 0.144, 1e-9},
        {"start", {{"rail", 30}, {"vz", 18}, {"r", 10e3}, {"icc", 2e-3}}, "iz", -0.8e-3, 1e-9},
        {"series", {{"vs", 12}, {"vled", 3}, {"i", 0.02}}, "ohms", 450, 1e-9},
        {"dummy", {{"v", 724.5}, {"i", 6e-3}}, "ohms", 120750, 1},
        {"dummy", {{"v", 724.5}, {"i", 6e-3}}, "watts", 4.347, 1e-3},
        {"inverter", {{"n", 4}, {"v", 700}, {"i", 6e-3}, {"vs", 24}, {"eff", 0.8}}, "iin", 0.875, 1e-9},
        {"resonance", {{"l", 0.3}, {"c", 33e-12}, {"drift", -0.13}}, "now", 50.58e3 * 1.0721, 60},
        {"less", {{"i", 0.24}, {"want", 0.192}}, "light", std::pow(0.8, 0.92), 1e-9},
        {"discharge", {{"v", 390}, {"c", 150e-6}, {"r", 2200}}, "touch", 0.618, 1e-3},
        {"discharge", {{"v", 390}, {"c", 150e-6}, {"r", 2200}}, "peak", 69.1, 0.1},
        {"bleed", {{"v1", 390}, {"v2", 200}, {"t", 94.2}}, "tau", 141, 0.1},
        {"white", {{"x", 0.3127}, {"y", 0.3290}}, "cct", 6505, 5},  // D65 by McCamy (1992)
    };
    for (const auto& row : table) {
        const auto answer = sums::work(*sums::find(row.sum), row.given);
        ASSERT_TRUE(answer.missing.empty()) << row.sum << ": " << answer.missing;
        bool isThere = false;
        for (const auto& result : answer.results) {
            if (result.id == row.id && !isThere) {
                isThere = true;
                EXPECT_NEAR(result.value, row.value, row.within) << row.sum << " " << row.id;
            }
        }
        EXPECT_TRUE(isThere) << row.sum << " " << row.id;
    }
}

TEST(Sums, WhatCannotBeIsRefusedInWords) {
    const std::pair<const char*, sums::Given> table[] = {
        {"boost", {{"vin", 62}, {"vout", 24}, {"iout", 0.2}, {"l", 47e-6}, {"f", 2e5}}},
        {"divider", {{"vref", 2.5}, {"top", 1e5}, {"vout", 2}}},
        {"divider", {{"vref", 2.5}, {"top", 1e5}}},
        {"start", {{"rail", 12}, {"vz", 18}, {"r", 1e3}, {"icc", 1e-3}}},
        {"series", {{"vs", 3}, {"vled", 3.2}, {"i", 0.02}}},
        {"bleed", {{"v1", 100}, {"v2", 200}, {"t", 10}}},
        {"stack", {{"v", 400}, {"each", 120}, {"iso", 300}}},
    };
    for (const auto& [id, given] : table) {
        const auto answer = sums::work(*sums::find(id), given);
        EXPECT_TRUE(answer.results.empty()) << id;
        EXPECT_FALSE(answer.missing.empty()) << id;
    }
}

TEST(Sums, UnitsHaveThreeFiguresAndAPrefix) {
    using typing::Unit;
    EXPECT_EQ(sums::inUnits(1.5234, Unit::Amps).english(), "1.52 A");
    EXPECT_EQ(sums::inUnits(47e-6, Unit::Henries).english(), "47.0 µH");
    EXPECT_EQ(sums::inUnits(0, Unit::Ohms).english(), "0.00 Ω");
    EXPECT_EQ(sums::inUnits(1131, Unit::Volts).english(), "1131 V");
    EXPECT_EQ(sums::inUnits(999.6e3, Unit::Hertz).english(), "1.00 MHz");
    EXPECT_EQ(sums::inUnits(-0.0008, Unit::Amps).english(), "-800 µA");
    EXPECT_EQ(sums::inUnits(0.652, Unit::Share).english(), "65.2 %");
}

// IEC 60062.
TEST(Resistors, CodesAsIecWritesThem) {
    const std::pair<double, const char*> table[] = {{0.22, "R22"}, {0.01, "R01"}, {1, "1R"},     {4.7, "4R7"},
                                                    {47, "47R"},   {470, "470R"}, {1200, "1k2"}, {10e3, "10k"},
                                                    {1e6, "1M"},   {999.6, "1k"}, {3.3e6, "3M3"}};
    for (const auto& [ohms, code] : table) {
        EXPECT_EQ(parts::codeOf(ohms), code);
    }
}

class Buying : public testing::Test {
protected:
    Buying() {
        job_.set.backlight = backlight::plainBacklight({});
        job_.set.panel = "NL430-D7";
        diagnosis_.failedCount = 2;
        diagnosis_.failedStrips = {1};
    }
    std::vector<repair::ShoppingLine> listOf(const char* option) const {
        return repair::shoppingList(job_, knowledge::builtInKnowledge(), diagnosis_, option);
    }
    static std::string figuresOf(const repair::ShoppingLine& line) {
        return text::joined(line.figures, "; ").english();
    }
    job::Job job_;
    repair::Diagnosis diagnosis_;
};

TEST_F(Buying, LedsAreAsManyAsFailedWithWhatMustMatch) {
    job_.repair.details.matching.oldLed.package = "3030";
    const auto lines = listOf("replaceLed");
    ASSERT_EQ(lines.size(), 1u);
    EXPECT_EQ(lines[0].count, 2);
    EXPECT_THAT(figuresOf(lines[0]), HasSubstr("3030"));
}

TEST_F(Buying, StripsAreOfOneBatchWhenThereAreSeveral) {
    EXPECT_EQ(listOf("replaceStrip")[0].count, 1);
    EXPECT_EQ(listOf("replaceAllStrips")[0].count, 4);
    EXPECT_THAT(listOf("replaceAllStrips")[0].note.english(), HasSubstr("one batch"));
    EXPECT_THAT(figuresOf(listOf("replaceStrip")[0]), HasSubstr("12 LEDs"));
}

TEST_F(Buying, UniversalStripsNeedAPlan) {
    EXPECT_TRUE(listOf("universalStrips").empty());
    job_.repair.details.universal = job::Universal{{3, 150, 6, 12, 9.3, 0.35}, {}, 0, {}};
    const auto lines = listOf("universalStrips");
    ASSERT_GE(lines.size(), 3u);
    const auto plan = plan::planUniversal(*repair::universalTaskOf(job_));
    EXPECT_EQ(lines[0].count, plan.stockStrips);
}

TEST_F(Buying, AKitIsWhatStandsOnTheBoard) {
    EXPECT_THAT(listOf("capacitorKit")[0].figures[0].english(), HasSubstr("read values"));
    job::notePoint(job_, {"supplyCapacitor", "C12"}, {470e-6, 0.2, 63, {}, {}, 105});
    job::notePoint(job_, {"supplyCapacitor", "C13"}, {1000e-6, 0.2, 25, {}, {}, 105});
    const auto lines = listOf("capacitorKit");
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_THAT(figuresOf(lines[0]), HasSubstr("470"));
}

TEST_F(Buying, EveryRepairCanBeAskedForItsList) {
    for (const auto& kind : knowledge::builtInKnowledge().repairs) {
        for (const auto& line : listOf(kind.id.c_str())) {
            EXPECT_FALSE(line.what.empty()) << kind.id;
            EXPECT_GT(line.count, 0) << kind.id;
            EXPECT_EQ(line.beforeOpening, kind.opensPanel) << kind.id;
        }
    }
}

TEST_F(Buying, QuotesInTheListStayQuotes) {
    diagnosis_.badParts = {{text::name("coil \"L1\""), ""}};
    const auto csv =
        repair::shoppingCsv(listOf("replaceLed"), {[](const std::string& english) { return english; }, "."});
    EXPECT_THAT(csv, HasSubstr("\"coil \"\"L1\"\"\""));
}

class PlannedLight : public Buying {
protected:
    double lightOf(const plan::Scene& scene, backlight::LedPlace place) const {
        return scene.spots[std::size_t(12 * place.strip + place.led)].flux;
    }
    repair::LightPictures pictures(backlight::LedFault fault, const char* option) const {
        return *repair::lightOf(job_, knowledge::builtInKnowledge(), {{{1, 8}, fault}}, option);
    }
};

TEST_F(PlannedLight, AnOpenLedDarkensItsStringAShortedOneItself) {
    const auto open = pictures(backlight::LedFault::Open, "replaceLed");
    EXPECT_EQ(lightOf(open.found, {0, 0}), 0) << "one string";
    const auto shorted = pictures(backlight::LedFault::Shorted, "replaceLed");
    EXPECT_EQ(lightOf(shorted.found, {1, 8}), 0);
    EXPECT_EQ(lightOf(shorted.found, {0, 0}), 1);
}

TEST_F(PlannedLight, WhatIsNewIsBrighterThanWhatStays) {
    job_.set.hoursRun = 15'000;
    const auto led = pictures(backlight::LedFault::Open, "replaceLed");
    EXPECT_EQ(lightOf(led.planned, {1, 8}), 1);
    EXPECT_LT(lightOf(led.planned, {1, 7}), 1);
    const auto strip = pictures(backlight::LedFault::Open, "replaceStrip");
    EXPECT_EQ(lightOf(strip.planned, {1, 7}), 1);
    EXPECT_LT(lightOf(strip.planned, {2, 7}), 1);
    const auto all = pictures(backlight::LedFault::Open, "replaceAllStrips");
    EXPECT_EQ(lightOf(all.planned, {3, 11}), 1);
    const auto bridged = pictures(backlight::LedFault::Open, "bridgeLed");
    EXPECT_EQ(lightOf(bridged.planned, {1, 8}), 0) << "its spot stays dark";
    EXPECT_GT(lightOf(bridged.planned, {1, 7}), 0) << "its string is lit";
}

TEST_F(PlannedLight, LessCurrentIsLessLight) {
    job_.repair.originalAmps = 0.24;
    job_.repair.newAmps = 0.192;
    const auto all = pictures(backlight::LedFault::Open, "replaceAllStrips");
    EXPECT_NEAR(lightOf(all.planned, {0, 0}), std::pow(0.8, 0.92), 1e-9);
}

TEST_F(PlannedLight, ThereIsNoneOfWhatNobodyDescribed) {
    job_.set.backlight = backlight::plainBacklight(backlight::undescribed());
    EXPECT_FALSE(repair::lightOf(job_, knowledge::builtInKnowledge(), {}, "replaceLed"));
}

TEST(FixDetails, EachBrokenLimitIsNamedByItsField) {
    using Break = std::function<void(job::FixDetails&)>;
    const std::pair<const char*, Break> table[] = {
        {"foundResistors", [](auto& d) { d.current.foundResistors = "about two"; }},
        {"newResistors", [](auto& d) { d.current.newResistors = "R22 ∥"; }},
        {"brightness", [](auto& d) { d.current.brightness = std::string(500, 'x'); }},
        {"depthMm", [](auto& d) { d.box.depthMm = 0; }},
        {"segmentMm", [](auto& d) { d.universal->stock.segmentMm = -1; }},
        {"segmentLeds", [](auto& d) { d.universal->stock.segmentLeds = 0; }},
        {"segmentVolts", [](auto& d) { d.universal->stock.segmentVolts = std::nan(""); }},
        {"toMm",
         [](auto& d) {
             d.universal->keepOuts = {{300, 200}};
         }},
        {"keepOuts",
         [](auto& d) {
             d.universal->keepOuts.resize(61, {1, 2});
         }},
        {"oldLed.package", [](auto& d) { d.matching.oldLed.package = std::string(60, 'p'); }},
        {"newLed.ratedAmps", [](auto& d) { d.matching.newLed.ratedAmps = 1e6; }},
        {"newStrip.leds", [](auto& d) { d.matching.newStrip.leds = 0; }},
        {"oldStrip.pitchMm", [](auto& d) { d.matching.oldStrip.pitchMm = -3; }},
        {"module.openVolts", [](auto& d) { d.module->openVolts = 1e9; }},
        {"gapMm", [](auto& d) { d.gapMm = 0; }},
        {"roomCelsius", [](auto& d) { d.roomCelsius = 90; }},
        {"stressVolts", [](auto& d) { d.matching.stressVolts = INFINITY; }},
        {"sums", [](auto& d) { d.sums.resize(41); }},
        {"given", [](auto& d) { d.sums.front().given["vin"] = std::nan(""); }},
    };
    const auto whole = test::fullJob();
    ASSERT_TRUE(job::problemsOf(whole).empty());
    for (const auto& [field, breakIt] : table) {
        auto broken = whole;
        breakIt(broken.repair.details);
        const auto problems = job::problemsOf(broken);
        ASSERT_FALSE(problems.empty()) << field;
        EXPECT_THAT(problems.front().path, HasSubstr(field));
        EXPECT_THAT(problems.front().path, testing::StartsWith("repair.details"));
    }
}

TEST(FixDetails, WhatNobodySaidIsNotInTheFile) {
    job::Job job;
    job.id = "SK-9100";
    job.set.backlight = backlight::plainBacklight({});
    const auto said = [&] {
        nlohmann::json values;
        const auto details = job::toJson(job)["repair"]["details"].flatten();
        for (const auto& [place, value] : details.items()) {
            if (!value.is_null()) {  // an object with nothing in it
                values[place] = value;
            }
        }
        return values;
    };
    EXPECT_TRUE(said().empty()) << said();
    job.repair.details.box.depthMm = 25;
    EXPECT_EQ(said(), (nlohmann::json{{"/depthMm", 25.0}}));
    EXPECT_EQ(job::fromJson(job::toJson(job)).repair.details, job.repair.details);
}

}  // namespace
}  // namespace dimglow
