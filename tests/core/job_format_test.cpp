#include <fmt/format.h>
#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <fstream>

#include "core/format/document.h"
#include "core/job/job_json.h"
#include "core/job/problems.h"
#include "core/job/reading_text.h"
#include "core/sheet/assessment.h"
#include "tests/support/full_job.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::job {
namespace {

using namespace evidence;
using nlohmann::json;
using test::fullJob;
using testing::HasSubstr;

std::string problemOf(const std::string& text) {
    try {
        parseJob(text);
    } catch (const format::FormatError& error) {
        return error.what();
    }
    return {};
}

std::string problemOf(const json& document) {
    return problemOf(document.dump());
}

TEST(JobFile, ReadsBackWhatItWrote) {
    const Job job = fullJob();
    EXPECT_EQ(parseJob(toJson(job).dump(2)), job);
}

// Of an owner often the name or the number is known, not both.
TEST(JobFile, ReadsBackAnOwnerWithoutANumberAndANumberWithoutAnOwner) {
    for (const bool hasName : {true, false}) {
        Job job = fullJob();
        (hasName ? job.order.phone : job.order.owner).clear();
        ASSERT_FALSE((hasName ? job.order.owner : job.order.phone).empty());
        EXPECT_EQ(parseJob(toJson(job).dump()), job);
    }
}

TEST(JobFile, EveryDemoJobReadsBack) {
    for (const auto& demo : virtualset::demoWorkshop(knowledge::builtInKnowledge())) {
        EXPECT_EQ(parseJob(toJson(demo.job).dump()), demo.job) << demo.job.id;
    }
}

// The files are made by the virtual set. After a change of the model: DIMGLOW_WRITE_DEMO=1 core_tests
// --gtest_filter=DemoFiles.*
TEST(JobFile, OfASetThatNobodyHasDescribedHasNoStripsInIt) {
    Job job;
    job.id = "SK-9002";
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job.set.backlight.feeds.front().labelVolts = 68;
    const auto written = toJson(job);
    const auto& backlight = written["set"]["backlight"];
    for (const char* member : {"strips", "channels"}) {
        EXPECT_FALSE(backlight.contains(member)) << member;
    }
    EXPECT_EQ(fromJson(written), job);
}

TEST(WhatIsNotSaid, IsNeitherDoneNorSeen) {
    auto written = toJson(test::fullJob());
    written.erase("panelOpen");
    for (auto& line : written["soak"]) {
        line.erase("flicker");
    }
    const auto job = parseJob(written.dump());
    EXPECT_FALSE(job.panelOpen);
    ASSERT_FALSE(job.soak.empty());
    EXPECT_FALSE(job.soak.front().flicker);
}

TEST(PointsThatCannotBeReached, AreKeptAndNotAskedForAgain) {
    auto job = test::fullJob();
    job.liveWorkAccepted = true;
    job.set.lamps = {};
    const auto& trade = knowledge::builtInKnowledge();
    const evidence::Question channel = evidence::Measured::Question{"ledMinus"};
    const evidence::Question run = evidence::TesterTaken::Question{{{0, 0}, 12, 23}, job.bench.tester, {}, {}};
    job.trail.clear();
    const auto isAsked = [&](const evidence::Question& question) {
        const auto probes = sheet::assess(job, trade, {.today = {}, .maxProbes = 100}).probes.best;
        return std::any_of(probes.begin(), probes.end(), [&](const auto& p) { return p.question == question; });
    };
    for (const auto& [test, question] : {std::pair("ledMinus", channel), {"tester", run}}) {
        ASSERT_TRUE(isAsked(question)) << test;
        addEntry(job, "", Phase::Before, evidence::notReached(test, question));
        EXPECT_FALSE(isAsked(question)) << test;
        EXPECT_EQ(parseJob(toJson(job).dump()), job);
    }
    EXPECT_EQ(evidence::titleOf(job.trail.back().what, {job.set, trade}).english(), "Tester, strip B");
    std::get<evidence::NotReached>(job.trail.back().what).run->last = 99;
    job.describedAfter = 0;
    EXPECT_FALSE(problemsOf(job).empty()) << "nobody has described it otherwise since";
}

TEST(DemoFiles, AreWhatTheVirtualSetAnswers) {
    for (const auto& demo : virtualset::demoWorkshop(knowledge::builtInKnowledge())) {
        const std::string path = fmt::format("{}/data/demo/{}.json", DIMGLOW_SOURCE_DIR, demo.job.id);
        if (std::getenv("DIMGLOW_WRITE_DEMO") != nullptr) {
            std::ofstream(path) << toJson(demo.job).dump(2) << "\n";
        }
        std::ifstream file(path);
        ASSERT_TRUE(file) << path;
        const std::string text((std::istreambuf_iterator<char>(file)), std::istreambuf_iterator<char>());
        EXPECT_EQ(parseJob(text), demo.job) << demo.job.id;
    }
}

TEST(JobFile, OfAnOlderProgramReadsWithTheNewFieldsAtTheirUsualValues) {
    json document = toJson(fullJob());
    document.erase("panelCheck");
    document["bench"].erase("supplies");
    document["set"]["backlight"].erase("harness");
    document["set"]["backlight"].erase("celsius");
    for (auto& strip : document["set"]["backlight"]["strips"]) {
        for (const char* key : {"parallel", "chains", "access", "connector"}) {
            strip.erase(key);
        }
    }
    const Job job = parseJob(document.dump());
    EXPECT_EQ(job.panelCheck, panelcheck::PanelCheck{});
    EXPECT_EQ(job.bench.supplies, Bench{}.supplies);
    EXPECT_EQ(job.set.backlight.celsius, 25);
    EXPECT_EQ(job.set.backlight.strips[2].parallel, 1);
}

TEST(JobFile, RefusesNonsenseInTheNewFields) {
    const auto problemWith = [](auto change) {
        json document = toJson(fullJob());
        change(document);
        return problemOf(document);
    };
    EXPECT_THAT(problemWith([](json& d) { d["panelCheck"]["findings"][0] = "gremlin"; }),
                HasSubstr("panelCheck.findings[0]: \"gremlin\" is no finding"));
    EXPECT_THAT(problemWith([](json& d) { d["panelCheck"]["findings"] = {3}; }),
                HasSubstr("panelCheck.findings[0]: expected a text"));
    EXPECT_THAT(problemWith([](json& d) { d["panelCheck"]["channel"] = 4; }), HasSubstr("panelCheck.channel"));
    EXPECT_THAT(problemWith([](json& d) { d["bench"]["supplies"][1]["maxVolts"] = -1; }),
                HasSubstr("bench.supplies[1].maxVolts"));
    EXPECT_THAT(problemWith([](json& d) { d["set"]["backlight"]["strips"][0]["parallel"] = 5; }),
                HasSubstr("do not come out even"));
    EXPECT_THAT(problemWith([](json& d) { d["set"]["backlight"]["harness"][0]["role"] = "spare"; }),
                HasSubstr("set.backlight.harness[0].role"));
    EXPECT_THAT(problemWith([](json& d) {
                    d["set"]["backlight"]["strips"][0]["parallel"] = 2;
                    d["trail"][3]["run"]["first"] = 1;
                }),
                HasSubstr("between LEDs that stand side by side"));
    for (const auto& [key, value] :
         {std::pair<const char*, json>("method", "guess"), {"setVolts", 0}, {"volts", "x"}, {"led", 12}}) {
        EXPECT_THAT(problemWith([&, key = key, value = value](json& d) { d["trail"][8][key] = value; }),
                    HasSubstr(std::string("trail[8].") + key));
    }
}

TEST(JobFile, KeepsFieldsItDoesNotKnow) {
    json document = toJson(fullJob());
    document["colourOfTheVan"] = "white";
    document["set"]["remote/control"] = {{"lost", true}};
    document["set"]["backlight"]["strips"][2]["batch"] = "Q7";
    document["set"]["backlight"]["driver"]["ic"] = 9;
    document["trail"][3]["mood"] = "hopeful";
    document["soak"][1]["room"] = 21.5;
    Job job = parseJob(document.dump());
    EXPECT_EQ(toJson(job), document);

    job.trail.erase(job.trail.begin());  // entries are found by their id, not by their place
    const json shorter = toJson(job);
    EXPECT_EQ(shorter["trail"][2]["mood"], "hopeful");
    EXPECT_FALSE(shorter["trail"][1].contains("mood"));

    std::erase_if(job.trail, [](const Entry& e) { return e.id == 4; });
    EXPECT_EQ(toJson(job).dump().find("hopeful"), std::string::npos) << "an unknown field goes with its parent";
}

/// Puts a member that nobody knows, and an "id" where there is none, into every object.
void addStrangers(json& at, int& count) {
    if (at.is_object()) {
        for (auto& [key, value] : at.items()) {
            addStrangers(value, count);
        }
        at["stranger"] = ++count;
        at.emplace("id", "an id of another program");
    } else if (at.is_array()) {
        for (auto& element : at) {
            addStrangers(element, count);
        }
    }
}

TEST(JobFile, KeepsWhatItDoesNotKnowInEveryObject) {
    json document = toJson(fullJob());
    int count = 0;
    addStrangers(document, count);
    ASSERT_GT(count, 40);
    EXPECT_EQ(toJson(parseJob(document.dump())), document);
}

TEST(JobFile, DataBehindANulIsNotIgnored) {
    const std::string text = toJson(fullJob()).dump() + std::string("\0{}", 3);
    EXPECT_THAT(problemOf(text), HasSubstr("is a NUL"));
}

TEST(JobFile, WithTextThatNoScreenCanShowIsRefused) {
    json document = toJson(fullJob());
    document["title"] = "bell\x07";
    EXPECT_THAT(problemOf(document), HasSubstr("title: holds control characters"));
}

TEST(JobFile, OptionalFieldsThatWereTakenOutStayOut) {
    Job job = parseJob(toJson(fullJob()).dump());
    job.set.backlight.feeds.front().labelVolts.reset();
    job.set.hoursRun.reset();
    EXPECT_EQ(parseJob(toJson(job).dump()), job);
}

struct Hostile {
    const char* name;
    const char* pointer;
    json value;
    const char* complaint;
};

class HostileField : public testing::TestWithParam<Hostile> {};

TEST_P(HostileField, GivesOneErrorThatNamesTheField) {
    json document = toJson(fullJob());
    document[json::json_pointer(GetParam().pointer)] = GetParam().value;
    const std::string problem = problemOf(document);
    EXPECT_THAT(problem, HasSubstr(GetParam().complaint));
    EXPECT_EQ(problem.find('\n'), std::string::npos);
    EXPECT_LT(problem.size(), 400u);
}

INSTANTIATE_TEST_SUITE_P(
    Fields, HostileField,
    testing::Values(Hostile{"format", "/format", "other", "format: this is no job file"},
                    Hostile{"version", "/version", 99, "version: 99 is newer than this program"},
                    Hostile{"versionType", "/version", "one", "version: expected a number, found a string"},
                    Hostile{"emptyId", "/id", "", "id: is empty"},
                    Hostile{"negativeLeds", "/set/backlight/strips/1/leds", -12,
                            "set.backlight.strips[1].leds: -12 is outside 1 … 1000"},
                    Hostile{"hugeLeds", "/set/backlight/strips/0/leds", 1e9, "set.backlight.strips[0].leds"},
                    Hostile{"halfLed", "/set/backlight/strips/0/leds", 11.5,
                            "set.backlight.strips[0].leds: 11.5 is not a whole number"},
                    Hostile{"noLed", "/set/backlight/strips/0/led/ratedVolts", "three",
                            "set.backlight.strips[0].led.ratedVolts: expected a number"},
                    Hostile{"noCurve", "/set/backlight/strips/0/led/ratedVolts", 100,
                            "set.backlight.strips[0].led: 100 V at 0.35 A over 1 dies is no LED"},
                    Hostile{"nullVolts", "/trail/2/volts", nullptr, "trail[2].volts: expected a number, found a null"},
                    Hostile{"hugeVolts", "/trail/2/volts", 1e300, "trail[2].volts: 1e+300 is outside"},
                    Hostile{"wordShape", "/trail/2/shape", "zigzag", "trail[2].shape: \"zigzag\" is none of steady"},
                    Hostile{"kind", "/trail/0/kind", "dream", "trail[0].kind"},
                    Hostile{"runBeyond", "/trail/3/run/last", 48, "trail[3].run.last: 48 is outside"},
                    Hostile{"runBackwards", "/trail/3/run/first", 20, "trail[3].run.last"},
                    Hostile{"channelBeyond", "/trail/3/run/channel", 4, "trail[3].run.channel"},
                    Hostile{"ledBeyond", "/trail/4/led", 12, "trail[4].led"},
                    Hostile{"litBeyond", "/trail/3/lit", 13, "trail[3].lit"},
                    Hostile{"twiceId", "/trail/1/id", 1, "trail[1].id: 1 is used twice"},
                    Hostile{"stripTwice", "/set/backlight/channels/0/strings/0/strips/1/strip", 0,
                            "strip A is in 2 strings"},
                    Hostile{"noSuchStrip", "/set/backlight/channels/0/strings/0/strips/1/strip", 7,
                            "strip number 7 does not exist"},
                    Hostile{"noStrips", "/set/backlight/strips", json::array(),
                            "set.backlight.strips: a backlight has at least one strip"},
                    Hostile{"stripsNoList", "/set/backlight/strips", 4, "set.backlight.strips: expected an array"},
                    Hostile{"setNoObject", "/set", json::array(), "set: expected an object, found an array"},
                    Hostile{"flag", "/panelOpen", 1, "panelOpen: expected true or false"},
                    Hostile{"negativeAmps", "/set/backlight/channels/0/amps", -0.2, "set.backlight.channels[0].amps"},
                    Hostile{"longText", "/order/complaint", std::string(10'000, 'x'),
                            "order.complaint: 10000 bytes of text; at most 8000"}),
    [](const auto& info) { return info.param.name; });

TEST(HostileFile, TruncatedSaysWhere) {
    const std::string text = toJson(fullJob()).dump(2);
    for (const std::size_t length : {std::size_t(0), std::size_t(1), text.size() / 3, text.size() - 2}) {
        EXPECT_THAT(problemOf(text.substr(0, length)), HasSubstr("is not JSON: ")) << length;
    }
}

TEST(HostileFile, TenMegabytesAreRefusedUnread) {
    json document = toJson(fullJob());
    document["set"]["complaint"] = std::string(10u << 20, 'x');
    EXPECT_THAT(problemOf(document), HasSubstr("a file has at most 4194304"));
}

TEST(HostileFile, NestingIsLimited) {
    EXPECT_THAT(problemOf(std::string(100'000, '[')), HasSubstr("nested deeper"));
}

TEST(HostileFile, NumbersThatAreNoneAreRefused) {
    std::string text = toJson(fullJob()).dump();
    const auto at = text.find("181.6");
    ASSERT_NE(at, std::string::npos);
    for (const char* number : {"NaN", "Infinity", "1e999", "0x10", "-"}) {
        std::string hostile = text;
        hostile.replace(at, 5, number);
        EXPECT_FALSE(problemOf(hostile).empty()) << number;
    }
}

TEST(HostileFile, ManyStripsAreCounted) {
    json document = toJson(fullJob());
    for (int i = 0; i < 500; ++i) {
        document["set"]["backlight"]["strips"].push_back(document["set"]["backlight"]["strips"][0]);
    }
    EXPECT_THAT(problemOf(document), HasSubstr("set.backlight.strips: 504 entries; at most 200"));
}

TEST(HostileFile, MissingFieldsAreNamed) {
    for (const char* field : {"format", "version", "id", "title", "set"}) {
        json document = toJson(fullJob());
        document.erase(field);
        EXPECT_EQ(problemOf(document), std::string(field) + ": missing");
    }
}

TEST(Trail, LaterAnswerToTheSameQuestionStands) {
    Job job = fullJob();
    const auto before = standingEntries(job, Phase::Before);
    addEntry(job, "", Phase::Before, Measured{"ledPlusOn", {}, Shape::Steady, 140, 140});
    const auto standing = standingEntries(job, Phase::Before);
    EXPECT_EQ(standing.size(), before.size()) << "it takes the place of the first";
    EXPECT_EQ(std::get<Measured>(standing.back().what).volts, 140);
    EXPECT_EQ(standingEntries(job, Phase::After).size(), 1u) << "readings after the repair are no evidence";
}

TEST(Trail, QuestionsAreToldApart) {
    const auto same = [](const Observation& a, const Observation& b) { return questionOf(a) == questionOf(b); };
    EXPECT_TRUE(same(Answer{"torch", "a"}, Answer{"torch", "b"}));
    EXPECT_FALSE(same(Answer{"torch", "a"}, Answer{"sound", "a"}));
    EXPECT_FALSE(same(Measured{"ledMinus", {}}, Measured{"ledMinus", backlight::ChannelIndex(1)}));
    EXPECT_FALSE(same(TesterTaken{{{0, 0}, 0, 5}, {}, 1, {}}, TesterTaken{{{0, 0}, 0, 6}, {}, 1, {}}));
    EXPECT_FALSE(same(LightSeen{}, Answer{"torch", "a"}));
}

TEST(Trail, IdsAreNeverUsedAgain) {
    Job job;
    EXPECT_EQ(addEntry(job, "", Phase::Before, LightSeen{}), 1);
    EXPECT_EQ(addEntry(job, "", Phase::Before, LightSeen{}), 2);
    job.trail.erase(job.trail.begin());
    EXPECT_EQ(addEntry(job, "", Phase::Before, LightSeen{}), 3);
}

TypedVolts typed(const std::string& text) {
    const auto result = readTypedVolts(text);
    const auto* reading = std::get_if<TypedVolts>(&result);
    EXPECT_NE(reading, nullptr) << text;
    return reading == nullptr ? TypedVolts{} : *reading;
}

TEST(TypedReading, HasThreeShapes) {
    EXPECT_EQ(typed("184.1").shape, Shape::Steady);
    EXPECT_EQ(typed("184.1").restVolts, 184.1);
    EXPECT_EQ(typed("184 > 48").shape, Shape::PeakThenSettles);
    EXPECT_EQ(typed("184 > 48").restVolts, 48);
    EXPECT_EQ(typed("48~180").shape, Shape::Wanders);
    EXPECT_EQ(typed("48~180").volts, 180);
    EXPECT_EQ(typed("180 ~ 48").restVolts, 48) << "either way round";
}

TEST(TypedReading, TakesACommaAndAUnit) {
    EXPECT_EQ(typed("3,28 V").volts, 3.28);
    EXPECT_EQ(typed(" 33.5v").volts, 33.5);
}

TEST(TypedReading, SaysWhatIsWrong) {
    for (const char* text :
         {"", " ", "abc", "12..5", "1e9", "-3", "nan", "inf", "12 >", "> 12", "48 > 184", "1 ~ 2 ~ 3"}) {
        const auto result = readTypedVolts(text);
        ASSERT_TRUE(std::holds_alternative<text::Text>(result)) << text;
        EXPECT_FALSE(std::get<text::Text>(result).empty());
    }
}

// ---- one LED as it is typed --------------------------------------------------------------------------------------

TEST(TypedLed, TakesVoltsLightAndBothWaysRound) {
    const auto read = [](const char* text) { return std::get<parts::LedCheckReading>(readTypedLed(text)); };
    EXPECT_EQ(read("2.9 lit"), (parts::LedCheckReading{2.9, {}, false, {}, true}));
    EXPECT_EQ(read("OL"), (parts::LedCheckReading{{}, {}, false, {}, {}}));
    EXPECT_EQ(read("0,02 V dark"), (parts::LedCheckReading{0.02, {}, false, {}, false}));
    EXPECT_EQ(read("1.8/1.8"), (parts::LedCheckReading{1.8, 1.8, true, {}, {}}));
    EXPECT_EQ(read("2.6 / OL"), (parts::LedCheckReading{2.6, {}, true, {}, {}}));
    for (const char* wrong : {"", "lit", "too", "900", "1/2/3", "-1"}) {
        EXPECT_TRUE(std::holds_alternative<text::Text>(readTypedLed(wrong))) << wrong;
    }
}

}  // namespace
}  // namespace dimglow::job
