#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>
#include <numeric>
#include <random>

#include "core/backlight/plain.h"
#include "core/job/job_json.h"
#include "core/job/problems.h"
#include "core/lamps/inverter.h"
#include "core/lamps/lamp_line.h"
#include "core/lamps/looks.h"
#include "core/sheet/assessment.h"
#include "core/typing/words.h"

namespace dimglow::lamps {
namespace {

using typing::Tongue;

Lamps read(std::string_view line, Tongue tongue = Tongue::English) {
    const auto result = readLine(line, tongue);
    if (const auto* problem = std::get_if<typing::LineProblem>(&result)) {
        ADD_FAILURE() << line << ": " << problem->words << " " << problem->reason.english();
        return {};
    }
    return std::get<Lamps>(result);
}

TEST(LampLine, SaysHowManyWhereAndHowLong) {
    const auto lamps = read("monitor, 4 lamps 2 × 2, 410 mm, 2.4 mm bore, 12 V");
    EXPECT_EQ(lamps.count, 4);
    EXPECT_EQ(lamps.place, Lamps::Place::Edges);
    EXPECT_EQ(lamps.lengthMm, 410);
    EXPECT_EQ(lamps.diameterMm, 2.4);
    EXPECT_EQ(lamps.supplyVolts, 12);
    EXPECT_EQ(lamps.shape, Lamps::Shape::Unknown) << "nobody said so";
}

/// What kind of set it is is said in the same breath, and not lost; what the line cannot keep is refused.
TEST(LampLine, NamesTheKindOfSet) {
    EXPECT_EQ(setKindIn("monitor, 4 lamps 2 × 2"), "monitor");
    EXPECT_EQ(setKindIn("Fernseher, 12 Lampen", Tongue::German), "television");
    EXPECT_EQ(setKindIn("TV 12 lamps"), "television");
    EXPECT_EQ(setKindIn("12 lamps, 890 mm"), "");
    EXPECT_TRUE(std::holds_alternative<typing::LineProblem>(readLine("4 lamps, inverter on the power board")));
}

/// A line that nobody types is no reason to read all of it.
TEST(LampLine, IsNotSoughtInWhatIsTooLong) {
    EXPECT_FALSE(speaksOfLamps("4 lamps" + std::string(100000, ' ')));
}

TEST(LampLine, IsReadInGermanAsWell) {
    EXPECT_EQ(read("4 Lampen 2 × 2, 410 mm, 2,4 mm innen, 12 V", Tongue::German),
              read("4 lamps 2x2, 410mm, 2.4 mm bore, 12V"));
    EXPECT_EQ(read("12 Röhren, hinten, beide Enden", Tongue::German), read("12 lamps, behind, both ends"));
}

TEST(LampLine, SaysWhatItDoesNotUnderstand) {
    const auto refuses = [](std::string_view line, std::string_view words) {
        const auto result = readLine(line);
        const auto* problem = std::get_if<typing::LineProblem>(&result);
        return problem != nullptr &&
               (problem->words + " " + problem->reason.english()).find(words) != std::string::npos;
    };
    EXPECT_TRUE(refuses("4 lamps, 410 furlongs", "furlongs"));
    EXPECT_TRUE(refuses("5 lamps 2 × 2", "another number"));
    EXPECT_TRUE(refuses("5 lamps, edges", "odd number"));
    EXPECT_TRUE(refuses("410 mm, 12 V", "how many"));
    EXPECT_TRUE(refuses("0 lamps", "0"));
    EXPECT_TRUE(refuses("1000000 lamps", "1000000"));
    EXPECT_TRUE(refuses("", "how many"));
}

/// Every way of saying what can be said: as it is written it is read back, and kept in a job file.
TEST(LampLine, IsReadBackAsItIsWrittenAndKept) {
    job::Job job;
    job.id = "T";
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    for (int way = 0; way < 3 * 3 * 3 * 3; ++way) {
        Lamps lamps{4, 410, 2.4};
        lamps.place = Lamps::Place(way % 3);
        lamps.shape = Lamps::Shape(way / 3 % 3);
        lamps.electrodes = Lamps::Electrodes(way / 9 % 3);
        lamps.drive = Lamps::Drive(way / 27);
        lamps.supplyVolts = way % 2 == 0 ? std::optional(24.0) : std::nullopt;
        EXPECT_EQ(read(lineOf(lamps)), lamps) << lineOf(lamps);
        EXPECT_EQ(read(typing::inTongue(lineOf(lamps), Tongue::German), Tongue::German), lamps) << lineOf(lamps);
        job.set.lamps = lamps;
        EXPECT_EQ(job::parseJob(job::toJson(job).dump()), job) << lineOf(lamps);
    }
    job.set.lamps.supplyVolts = 1e9;
    EXPECT_FALSE(job::problemsOf(job).empty());
}

TEST(LampVolts, GrowWithLengthAndFallWithTheBore) {
    // Run volts of a slim lamp of 410 mm (from memory).
    EXPECT_NEAR(runVolts({2, 410, 2.4}), 724.5, 0.1);
    EXPECT_LT(runVolts({2, 410, 3.4}), runVolts({2, 410, 2.4})) << "a wider bore takes less";
    EXPECT_GT(runVolts({2, 890, 2.4}), runVolts({2, 410, 2.4}));
}

// Closed formulas: a lamp of 724.5 V (from memory) at 6 mA and 50 kHz behind 22 pF, 10 pF across it; 300 mH with 33 pF.
TEST(InverterSums, AgreeWithTheFormulas) {
    const Output output{724.5, 0.006, 50e3, 22e-12, 10e-12};
    EXPECT_NEAR(reactanceOhms(22e-12, 50e3), 144.7e3, 50);
    EXPECT_NEAR(outputVolts(output), 1131, 0.5);
    EXPECT_NEAR(ampsWithStray(output), 4.97e-3, 5e-6);
    EXPECT_NEAR(resonanceHertz(0.3, 33e-12), 50.6e3, 50);
    EXPECT_NEAR(resonanceHertz(0.3, 0.87 * 33e-12) / resonanceHertz(0.3, 33e-12), 1.07, 0.003);
    EXPECT_NEAR(ringsAbove(0.25, 30), 13.2, 0.05);
    EXPECT_NEAR(ringsAbove(0.25, 3), 1.3, 0.05);
    EXPECT_NEAR(supplyAmps(4, output, 12, 0.82), 1.77, 0.005);
    auto alone = output;
    alone.strayFarads = 0;
    EXPECT_NEAR(ampsWithStray(alone), 0.006, 1e-9) << "nothing strays, nothing is lost";
}

/// Every way that three lamps may look.
std::vector<std::vector<Look>> everyLook() {
    std::vector<std::vector<Look>> all;
    for (int one = 1; one < lookCount; ++one) {
        for (int two = 1; two < lookCount; ++two) {
            for (int three = 1; three < lookCount; ++three) {
                all.push_back({Look(one), Look(two), Look(three)});
            }
        }
    }
    return all;
}

const Trouble troubles[] = {{{1, 0, 0, 0}, {0, 0.2, 0.2, 0.2, 0.2, 0.2}},
                            {{0, 1, 0, 0}, {0, 0.1, 0.2, 0.3, 0.2, 0.2}},
                            {{0.1, 0.2, 0.3, 0.4}, {0, 0.1, 0.1, 0.1, 0.1, 0.6}}};

TEST(LampLooks, AreADistributionAndOnesThatNobodySawDropOut) {
    for (const auto& trouble : troubles) {
        ByExtent all = {};
        ByExtent firstIsDark = {};
        for (const auto& looks : everyLook()) {
            const auto shares = likelihoods(looks, trouble);
            for (std::size_t extent = 0; extent < shares.size(); ++extent) {
                all[extent] += shares[extent];
                firstIsDark[extent] += looks.front() == Look::Dark ? shares[extent] : 0;
            }
        }
        EXPECT_THAT(all, testing::Each(testing::DoubleNear(1, 1e-9)));
        EXPECT_THAT(likelihoods({Look::Dark, Look::Unknown, Look::Unknown}, trouble),
                    testing::Pointwise(testing::DoubleNear(1e-9), firstIsDark));
    }
}

/// What is made of three lamps at a glance, two of which are the upper half.
Glance glanceOf(const std::vector<Look>& looks) {
    std::vector<Look> odd;
    std::copy_if(looks.begin(), looks.end(), std::back_inserter(odd), [](Look look) { return look != Look::Lit; });
    if (odd.size() == 1) {
        return odd[0] == Look::Dark ? Glance::OneDark : odd[0] == Look::Flickers ? Glance::OneFlickers : Glance::OneDim;
    }
    const bool isHalf = looks[0] == Look::Dark && looks[1] == Look::Dark && looks[2] != Look::Dark;
    return isHalf ? Glance::HalfDark : Glance::Alike;
}

TEST(LampLooks, AtAGlanceAreTheSumOfAllThatLooksSo) {
    for (const auto& trouble : troubles) {
        std::array<double, glanceCount> sums = {};
        for (const auto& looks : everyLook()) {
            const auto shares = likelihoods(looks, trouble);
            sums[std::size_t(glanceOf(looks))] +=
                std::inner_product(shares.begin(), shares.end(), trouble.extents.begin(), 0.0);
        }
        EXPECT_THAT(glances(trouble, 3), testing::Pointwise(testing::DoubleNear(1e-9), sums));
    }
}

// They are looked at where they show, and not twice.
TEST(LampLooks, AreAskedForWhileThereIsLightToSeeThemBy) {
    job::Job job;
    job.id = "L";
    job.set.lamps.count = 6;
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    const auto isAsked = [&] {
        const auto probes = sheet::assess(job, knowledge::builtInKnowledge(), {.today = {}, .maxProbes = 100}).probes;
        return std::ranges::any_of(probes.best, [](const auto& probe) { return probe.test == "lampLooks"; });
    };
    EXPECT_FALSE(isAsked());
    job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{driver::Light::FlashThenDark, 2});
    EXPECT_TRUE(isAsked());
    job.set.lamps.count = 2;
    EXPECT_FALSE(isAsked()) << "one of two is a half";
    job.set.lamps.count = 6;
    job::addEntry(job, "", job::Phase::Before, evidence::LampsSeen{std::vector<Look>(6, Look::Lit)});
    EXPECT_FALSE(isAsked());
}

/// Shares of two suspects in a lamp set that goes dark after two seconds, once its lamps were looked at.
double ratioOf(const std::vector<Look>& looks, const char* suspect, const char* other) {
    job::Job job;
    job.id = "L";
    job.set.lamps.count = 6;
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{driver::Light::FlashThenDark, 2});
    job::addEntry(job, "", job::Phase::Before, evidence::LampsSeen{looks});
    const auto shares = sheet::assess(job, knowledge::builtInKnowledge(), {.today = {}}).diagnosis.shareOfSuspect;
    return shares.at(suspect) / shares.at(other);
}

// Common practice, no source.
TEST(LampLooks, TellOneLampFromAHalfAndFromTheInverter) {
    using enum Look;
    const std::vector<Look> nobody = {Lit, Unknown, Unknown, Unknown, Unknown, Unknown};
    const std::vector<Look> one = {Lit, Dark, Lit, Lit, Lit, Lit};
    const std::vector<Look> half = {Dark, Dark, Dark, Lit, Lit, Lit};
    const std::vector<Look> none = {Lit, Lit, Lit, Lit, Lit, Lit};
    const std::vector<Look> old = {DimEnds, Reddish, DimEnds, DimEnds, Lit, DimEnds};
    const std::vector<Look> worn = {Lit, Lit, Lit, DimEnds, Lit, Lit};
    EXPECT_GT(ratioOf(one, "lampBroken", "inverterCapacitors"),
              20 * ratioOf(nobody, "lampBroken", "inverterCapacitors"));
    EXPECT_GT(ratioOf(half, "filmCapacitor", "lampBroken"), 20 * ratioOf(nobody, "filmCapacitor", "lampBroken"));
    EXPECT_LT(ratioOf(none, "lampBroken", "inverterCapacitors"),
              ratioOf(nobody, "lampBroken", "inverterCapacitors") / 3);
    EXPECT_GT(ratioOf(worn, "lampWorn", "inverterSense"), 2 * ratioOf(nobody, "lampWorn", "inverterSense"));
    const double aged = ratioOf(old, "lampWorn", "inverterSense") / ratioOf(nobody, "lampWorn", "inverterSense");
    EXPECT_LT(aged, 3) << "a set of old lamps has dim ends throughout, whatever is wrong";
}

// An inverter that is starved still strikes its lamps, where a driver of LEDs may give no light at all (common
// practice, no source).
TEST(WeakSupply, LetsLampsStrikeBeforeTheyGoDark) {
    const auto shareAfter = [](driver::Light light, int lamps) {
        job::Job job;
        job.id = "L";
        job.set.lamps.count = lamps;
        job.set.backlight = backlight::plainBacklight(backlight::undescribed());
        job::addEntry(job, "", job::Phase::Before,
                      evidence::Answer{"lightSource", lamps > 0 ? "lamps" : "strips", {}, {}});
        job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{light, 1});
        return sheet::assess(job, knowledge::builtInKnowledge(), {.today = {}})
            .diagnosis.shareOfSuspect.at("weakSupply");
    };
    using driver::Light;
    EXPECT_GT(shareAfter(Light::FlashThenDark, 6), 2 * shareAfter(Light::Never, 6));
    EXPECT_LT(shareAfter(Light::FlashThenDark, 0), 2.5 * shareAfter(Light::Never, 0));
}

/// A job about six lamps of which that was written down, in that order.
std::map<std::string, double> sharesAfter(const std::vector<evidence::Observation>& trail) {
    job::Job job;
    job.id = "L";
    job.set.lamps.count = 6;
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job::addEntry(job, "", job::Phase::Before, evidence::LightSeen{driver::Light::FlashThenDark, 2});
    for (const auto& what : trail) {
        job::addEntry(job, "", job::Phase::Before, what);
    }
    return sheet::assess(job, knowledge::builtInKnowledge(), {.today = {}}).diagnosis.shareOfSuspect;
}

// What is seen of one thing is held against what was seen of it before: in whichever order, it comes to the same.
TEST(HowFarItShowsInTheLamps, IsOneThingInWhicheverOrderItIsNoticed) {
    std::mt19937 random(7);
    const auto& trade = knowledge::builtInKnowledge();
    for (int round = 0; round < 12; ++round) {
        std::vector<evidence::Observation> trail;
        evidence::LampsSeen looks;
        for (int lamp = 0; lamp < 6; ++lamp) {
            looks.looks.push_back(Look(1 + random() % (lookCount - 1)));
        }
        trail.emplace_back(looks);
        for (const char* test : {"lampFades", "evenness", "lampSense", "outputsCompared"}) {
            const auto& choices = trade.test(test)->choices;
            trail.emplace_back(evidence::Answer{test, choices[random() % choices.size()].id});
        }
        const auto before = sharesAfter(trail);
        std::shuffle(trail.begin(), trail.end(), random);
        const auto after = sharesAfter(trail);
        for (const char* suspect : {"lampWorn", "lampsAged", "lampJoint", "lampPlug", "inverterTransformer",
                                    "inverterCapacitors", "inverterSense"}) {
            EXPECT_NEAR(std::log(after.at(suspect) / after.at("filmCapacitor")),
                        std::log(before.at(suspect) / before.at("filmCapacitor")), 1e-9)
                << suspect << " of round " << round;
        }
    }
}

// A half that was seen to be dark is no second witness when it is read at the sense nodes: sense parts seldom take a
// half along, but where they do, both show it (common practice, no source).
TEST(HowFarItShowsInTheLamps, IsNoSecondWitness) {
    const evidence::Answer faded{"lampFades", "half"};
    const evidence::Answer sensed{"lampSense", "half"};
    const auto odds = [](const std::map<std::string, double>& shares) {
        return shares.at("filmCapacitor") / shares.at("inverterSense");
    };
    const double before = odds(sharesAfter({}));
    const double once = odds(sharesAfter({faded})) / before;
    const double alone = odds(sharesAfter({sensed})) / before;
    const double both = odds(sharesAfter({faded, sensed})) / before;
    EXPECT_GT(once, 2);
    EXPECT_GT(both, once) << "it may have been misjudged";
    EXPECT_LT(both, 0.5 * once * alone);
}

// Common practice, no source: several worn lamps are one cause, and one new lamp among them changes nothing.
TEST(LampsWornTogether, AreToldFromOneWornLamp) {
    using enum Look;
    const evidence::LampsSeen old{{DimEnds, Dark, Reddish, DimEnds, Reddish, Dark}};
    const evidence::LampsSeen one{{Lit, Lit, DimEnds, Lit, Lit, Lit}};
    const evidence::Answer tinted{"tint", "tint"};
    const auto together = sharesAfter({old, tinted, evidence::Answer{"lampSwapped", "same"}});
    const auto alone = sharesAfter({one, tinted, evidence::Answer{"lampSwapped", "helps"}});
    EXPECT_GT(together.at("lampsAged"), 0.6);
    EXPECT_LT(together.at("lampWorn"), 0.1);
    EXPECT_LT(alone.at("lampsAged"), 0.05);
}

/// No advice of a lamp job asks for what only LEDs have, or for live work before somebody is trained for it.
TEST(LampJobs, AreAskedForNothingOfLeds) {
    const auto& trade = knowledge::builtInKnowledge();
    job::Job job;
    job.id = "T";
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job.set.lamps.count = 4;
    for (const bool accepted : {false, true}) {
        job.liveWorkAccepted = accepted;
        const auto assessment = sheet::assess(job, trade, {.today = {}, .maxProbes = 200});
        EXPECT_FALSE(assessment.probes.best.empty());
        EXPECT_FALSE(assessment.wantsStrips);
        for (const auto& probe : assessment.probes.best) {
            EXPECT_FALSE(probe.test.starts_with("ledPlus") || probe.test == "ledMinus" || probe.test == "tester" ||
                         probe.test == "bridge" || probe.test.starts_with("driver") || probe.test == "benchLit")
                << probe.test;
            EXPECT_TRUE(accepted || !probe.live) << probe.test << ": nobody is trained";
        }
    }
}

/// A set of which nobody has said what lights it may have either; a look decides, and so does what one kind alone has.
TEST(LightOfASet, MayBeEitherUntilSomebodyLooks) {
    const auto& trade = knowledge::builtInKnowledge();
    job::Job job;
    job.id = "T";
    job.liveWorkAccepted = true;
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    const auto lamps = [&] { return sheet::assess(job, trade).lampsShare; };
    ASSERT_TRUE(lamps());
    EXPECT_NEAR(*lamps(), trade.lampShare, 1e-9) << "nothing was seen yet";
    job::addEntry(job, "", job::Phase::Before, evidence::Answer{"hum", "loud"});
    ASSERT_TRUE(lamps());
    EXPECT_GT(*lamps(), 0);
    EXPECT_LT(*lamps(), 1);
    auto measured = job;
    job::addEntry(measured, "", job::Phase::Before, evidence::Measured{"ledPlusOn", {}, driver::Shape::Steady, 150});
    EXPECT_FALSE(sheet::assess(measured, trade).lampsShare) << "only strips have an LED+";
    for (const auto kind : {set::LightKind::Leds, set::LightKind::Lamps}) {
        job.set.saidLight = kind;
        const auto assessment = sheet::assess(job, trade, {.today = {}, .maxProbes = 200});
        EXPECT_FALSE(assessment.lampsShare);
        for (const auto& probe : assessment.probes.best) {
            const auto* test = trade.test(probe.test);
            EXPECT_TRUE(test == nullptr || test->light.value_or(kind) == kind) << probe.test;
        }
    }
}

/// A lamp set is not warned of LED+, but of its outputs; what its wiring makes dangerous is said.
TEST(LampJobs, AreWarnedOfKilovoltsNotOfLeds) {
    job::Job job;
    job.id = "T";
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job.set.lamps = {4, 410, 2.4};
    job.set.lamps.drive = Lamps::Drive::BothEnds;
    job.set.lamps.supplyVolts = 390;
    std::string all;
    for (const auto& caution : sheet::assess(job, knowledge::builtInKnowledge()).cautions) {
        all += caution.text.english();
    }
    EXPECT_EQ(all.find("LED"), std::string::npos) << all;
    for (const char* words :
         {"Kilovolts", "Never a meter on an output", "no end is cold", "drive stage is hot", "mercury"}) {
        EXPECT_NE(all.find(words), std::string::npos) << words;
    }
}

}  // namespace
}  // namespace dimglow::lamps
