#include "core/knowledge/knowledge.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

#include <fstream>

#include "core/backlight/plain.h"
#include "core/format/document.h"
#include "core/job/job_json.h"
#include "core/sheet/assessment.h"
#include "tests/support/full_job.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::knowledge {
namespace {

using nlohmann::json;
using testing::HasSubstr;

std::string problemOf(const KnowledgeTexts& texts) {
    try {
        parseKnowledge(texts);
    } catch (const format::FormatError& error) {
        return error.what();
    }
    return {};
}

/// The built-in suspects with one change.
template <class Change>
std::string problemAfter(std::string KnowledgeTexts::*file, Change change) {
    KnowledgeTexts texts = builtInKnowledgeTexts();
    json document = json::parse(texts.*file);
    change(document);
    texts.*file = document.dump();
    return problemOf(texts);
}

TEST(BuiltInKnowledge, IsWhole) {
    const auto& trade = builtInKnowledge();
    EXPECT_GE(trade.suspects.size(), 12u);
    for (const auto& suspect : trade.suspects) {
        for (const auto* answers : {&suspect.answers, &suspect.answersOfLamps}) {
            for (const auto& [test, shares] : *answers) {
                ASSERT_NE(trade.test(test), nullptr) << suspect.id << " answers " << test;
                for (const auto& [choice, share] : shares) {
                    EXPECT_TRUE(trade.test(test)->usual.contains(choice)) << suspect.id << "." << test << "." << choice;
                }
            }
        }
        for (const auto& set : trade.setKinds) {
            const bool isMended = std::any_of(trade.repairs.begin(), trade.repairs.end(), [&](const auto& repair) {
                set::DisplaySet display;
                display.kind = set.id;
                return !repair.writesOff && repair.mends(suspect.id, trade.unitOf(suspect, display));
            });
            EXPECT_TRUE(isMended || suspect.isNoneOfThese) << "no repair mends " << suspect.id << " of " << set.id;
        }
    }
}

TEST(BuiltInKnowledge, EveryLiveTestOpensTheBoards) {
    for (const auto& test : builtInKnowledge().tests) {
        if (test.live) {
            EXPECT_GE(test.reach, Reach::Boards) << test.id;
        }
    }
}

TEST(BadKnowledge, IsRefusedWithFileFieldAndReason) {
    auto texts = builtInKnowledgeTexts();
    texts.suspects = "{";
    EXPECT_THAT(problemOf(texts), HasSubstr("suspects.json: is not JSON"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects, [](json& d) { d["suspects"][2]["weight"] = -1; }),
                HasSubstr("suspects.json.suspects[2].weight: -1 is outside"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects, [](json& d) { d["suspects"][2]["strings"] = "bent"; }),
                HasSubstr("suspects.json.suspects[2].strings: \"bent\" is none of"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects, [](json& d) { d["suspects"][2].erase("block"); }),
                HasSubstr("suspects.json.suspects[2].block: missing"))
        << "without it, swaps would be answered as by a sound set";
    EXPECT_THAT(problemAfter(&KnowledgeTexts::repairs, [](json& d) { d["repairs"][1]["unit"] = "cellar"; }),
                HasSubstr("repairs.json.repairs[1].unit: \"cellar\" is no unit"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects, [](json& d) { d["suspects"] = json::array(); }),
                HasSubstr("names no suspect"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects,
                             [](json& d) {
                                 d["suspects"][0]["answers"] = {{"torch", {{"picture", 0.5}, {"noPicture", 0.6}}}};
                             }),
                HasSubstr("suspects[0].answers.torch: the shares do not add up to 1"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::tests, [](json& d) { d["tests"][0].erase("usual"); }),
                HasSubstr("tests.json.tests[0].usual: missing"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::tests,
                             [](json& d) {
                                 d["tests"][1]["choices"].push_back({{"id", "green"}, {"title", "green"}});
                             }),
                HasSubstr("has no share for \"green\""));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::repairs, [](json& d) { d["repairs"][1]["mends"] = {"rust"}; }),
                HasSubstr("repairs.json.repairs[1].mends[0]: \"rust\" is no suspect"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::repairs,
                             [](json& d) {
                                 for (auto& repair : d["repairs"]) {
                                     repair.erase("writesOff");
                                 }
                             }),
                HasSubstr("repairs.json.repairs: none of them writes the set off"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::repairs, [](json& d) { d["format"] = "else"; }),
                HasSubstr("repairs.json.format"));
}

TEST(BadCourses, AreRefusedWithFieldAndReason) {
    const auto after = [](const json& courses) {
        return problemAfter(&KnowledgeTexts::suspects, [&](json& d) { d["suspects"][2]["courses"] = courses; });
    };
    EXPECT_EQ(after({{{"driver", "noFeed"}, {"share", 0.2}}}), "");
    EXPECT_THAT(after({{{"driver", "sulks"}, {"share", 0.2}}}),
                HasSubstr("suspects[2].courses[0].driver: \"sulks\" is no behaviour"));
    EXPECT_THAT(after({{{"driver", "noFeed"}}}), HasSubstr("suspects[2].courses[0].share: missing"));
    EXPECT_THAT(after({{{"driver", "noFeed"}, {"share", -0.2}}}), HasSubstr("suspects[2].courses[0].share: -0.2"));
    EXPECT_THAT(after({{{"driver", "noFeed"}, {"share", 0.6}}, {{"driver", "notAsked"}, {"share", 0.4}}}),
                HasSubstr("suspects[2].courses: the shares leave none"));
}

TEST(DriverOfALampSet, IsRefusedWhereThereIsNoSuch) {
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects,
                             [](json& d) {
                                 for (auto& suspect : d["suspects"]) {
                                     if (suspect["id"] == "weakSupply") {
                                         suspect["lamps"]["driver"] = "sulks";
                                     }
                                 }
                             }),
                HasSubstr(".lamps.driver: \"sulks\" is no behaviour"));
}

TEST(UnknownTool, IsRefusedWhereItStands) {
    EXPECT_THAT(problemAfter(&KnowledgeTexts::points, [](json& d) { d["points"][2]["tools"] = {"hammer"}; }),
                HasSubstr("points.json: \"bulkCapacitor\": \"hammer\" is no tool"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::tests, [](json& d) { d["tests"][0]["tools"] = {"hammer"}; }),
                HasSubstr("tests.json: \"sound\": \"hammer\" is no tool"));
}

TEST(BadBehaviour, IsRefusedWithFileFieldAndReason) {
    const auto after = [](auto change) { return problemAfter(&KnowledgeTexts::behaviours, change); };
    EXPECT_THAT(after([](json& d) { d["behaviours"][0]["drivesStrings"] = false; }),
                HasSubstr("behaviours.json.behaviours[0].drivesStrings: the first behaviour is the healthy one"));
    EXPECT_THAT(after([](json& d) { d["behaviours"][2]["id"] = "noFeed"; }),
                HasSubstr("behaviours[2].id: \"noFeed\" is there twice"));
    EXPECT_THAT(after([](json& d) { d["behaviours"][1]["volts"].erase("ledPlusOn"); }),
                HasSubstr("behaviours[1].volts.ledPlusOn: is missing"));
    EXPECT_THAT(after([](json& d) {
                    d["behaviours"][1]["volts"]["ledPlusOn"][0]["volts"] = {{"plus", 3}};
                }),
                HasSubstr("behaviours[1].volts.ledPlusOn[0].volts.spread: no voltage is known without a spread"));
    EXPECT_THAT(after([](json& d) { d["behaviours"][1]["volts"]["ledPlusOn"][0]["volts"]["of"] = "mains"; }),
                HasSubstr("behaviours[1].volts.ledPlusOn[0].volts.of: \"mains\" is none of"));
    EXPECT_THAT(after([](json& d) { d["behaviours"][1]["light"]["stays"] = 0.5; }),
                HasSubstr("behaviours[1].light.never: the shares do not add up to 1"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects,
                             [](json& d) {
                                 auto& all = d["suspects"];
                                 const auto withParts =
                                     std::find_if(all.begin(), all.end(), [](auto& s) { return s.contains("parts"); });
                                 (*withParts)["parts"][1]["driver"] = "sulks";
                             }),
                HasSubstr(".parts[1].driver: \"sulks\" is no behaviour"));
    EXPECT_THAT(problemAfter(&KnowledgeTexts::suspects, [](json& d) { d["suspects"][0]["driver"] = "sulks"; }),
                HasSubstr("suspects.json.suspects[0].driver: \"sulks\" is no behaviour"));
}

// An open coil or output diode leaves LED+ at zero, as a missing feed does (Erickson and Maksimović, "Fundamentals of
// Power Electronics": what feeds a step-up stage passes through both); a MOSFET that no longer switches leaves it at
// idle.
TEST(Parts, BehaveAsTheirSuspectUnlessTheySayOtherwise) {
    const auto& trade = builtInKnowledge();
    const auto& suspect = *trade.suspect("driverNotSwitching");
    const auto behaviourOf = [&](const char* title) {
        const auto part =
            std::find_if(suspect.parts.begin(), suspect.parts.end(), [&](const auto& p) { return p.title == title; });
        return trade.behaviourOf(suspect, &*part).id;
    };
    EXPECT_EQ(behaviourOf("Coil"), "noFeed");
    EXPECT_EQ(behaviourOf("Open output diode"), "noFeed");
    EXPECT_EQ(behaviourOf("Driver MOSFET"), trade.behaviourOf(suspect).id);
}

TEST(AddedSuspect, WithABehaviourOfItsOwnNeedsNothingButTheirEntries) {
    KnowledgeTexts texts = builtInKnowledgeTexts();
    json behaviours = json::parse(texts.behaviours);
    behaviours["behaviours"].push_back(
        {{"id", "halfVolts"},
         {"volts", {{"ledPlusOn", {{{"volts", {{"of", "strings"}, {"times", 0.5}, {"spread", 0.02}}}}}}}},
         {"light", {{"never", 0.9}, {"flash", 0.05}, {"stays", 0.05}}}});
    texts.behaviours = behaviours.dump();
    json suspects = json::parse(texts.suspects);
    suspects["suspects"].push_back({{"id", "moth"},
                                    {"title", "Moth in the relay"},
                                    {"side", "board"},
                                    {"block", "driver"},
                                    {"weight", 5},
                                    {"driver", "halfVolts"}});
    texts.suspects = suspects.dump();
    const Knowledge trade = parseKnowledge(texts);
    job::Job job;
    job.set.backlight = backlight::plainBacklight({});
    const double expected = 0.5 * sheet::assess(job, trade).reference.front().stringVolts;
    job::addEntry(job, "", job::Phase::Before,
                  evidence::Measured{"ledPlusOn", {}, driver::Shape::Steady, expected, expected});
    job::addEntry(job, "", job::Phase::Before, evidence::Measured{"blOn", {}, driver::Shape::Steady, 3.3, 3.3});
    EXPECT_EQ(sheet::assess(job, trade).suspects.front().suspect, "moth");
    EXPECT_NE(sheet::assess(job, builtInKnowledge()).suspects.front().suspect, "moth");
}

/// A voltage of the board that the built-in files do not have.
struct FilesWithSupplyVoltage {
    json tests = json::parse(builtInKnowledgeTexts().tests);
    json behaviours = json::parse(builtInKnowledgeTexts().behaviours);

    FilesWithSupplyVoltage() {
        tests["tests"].push_back({{"id", "icSupply"},
                                  {"title", "Supply of the driver IC"},
                                  {"station", "board"},
                                  {"how", "Supply pin of the driver IC, set on."},
                                  {"minutes", 2},
                                  {"reach", "boards"},
                                  {"live", true},
                                  {"form", "volts"}});
        behaviours["behaviours"][0]["volts"]["icSupply"] = modesAt(12);
        for (auto& behaviour : behaviours["behaviours"]) {
            if (behaviour["id"] == "notSwitching") {
                behaviour["volts"]["icSupply"] = modesAt(0.2);
            }
        }
    }
    static json modesAt(double volts) { return json::array({{{"volts", {{"plus", volts}, {"spreadVolts", 0.4}}}}}); }
    KnowledgeTexts texts() const {
        auto texts = builtInKnowledgeTexts();
        texts.tests = tests.dump();
        texts.behaviours = behaviours.dump();
        return texts;
    }
};

TEST(AddedVoltage, NeedsNothingButItsEntries) {
    const Knowledge trade = parseKnowledge(FilesWithSupplyVoltage().texts());
    const virtualset::SealedSet set(backlight::plainBacklight({}), {"driverNotSwitching", {}, 3}, trade);
    job::Job job;
    job.liveWorkAccepted = true;
    job.set.backlight = set.backlight();
    for (const char* test : {"ledPlusIdle", "ledPlusOn", "blOn"}) {
        job::addEntry(job, "", job::Phase::Before, set.measure(test));
    }
    const auto before = sheet::assess(job, trade);
    const evidence::Measured::Question asked{"icSupply"};
    EXPECT_TRUE(before.expected.volts.contains(asked)) << "its row has a band";
    EXPECT_TRUE(std::ranges::any_of(before.probes.best, [&](const auto& probe) {
        return probe.question == evidence::Question(asked);
    })) << "it is among the probes";
    job::addEntry(job, "", job::Phase::Before, set.measure("icSupply"));
    const auto after = sheet::assess(job, trade);
    ASSERT_EQ(after.suspects.front().suspect, "driverNotSwitching");
    EXPECT_GT(after.suspects.front().share, before.suspects.front().share);
}

TEST(KnowledgeFile, VoltageThatOnlyOneOfTheFilesKnowsIsRefusedWhenRead) {
    FilesWithSupplyVoltage files;
    files.behaviours["behaviours"][0]["volts"].erase("icSupply");
    EXPECT_THAT(problemOf(files.texts()), HasSubstr("volts.icSupply: the first behaviour does not know this voltage"));
    files.behaviours = json::parse(builtInKnowledgeTexts().behaviours);
    EXPECT_THAT(problemOf(files.texts()), HasSubstr("\"icSupply\" is no voltage of the first behaviour"));
    files = {};
    files.tests["tests"].erase(files.tests["tests"].size() - 1);
    EXPECT_THAT(problemOf(files.texts()), HasSubstr("volts.icSupply: is no voltage of tests.json"));
}

TEST(KnowledgeFile, SuspectThatNothingTellsFromAnotherIsNamedWhenRead) {
    EXPECT_THAT(builtInKnowledge().warnings, testing::IsEmpty());
    auto texts = builtInKnowledgeTexts();
    json document = json::parse(texts.suspects);
    for (const char* id : {"moth", "rust"}) {
        document["suspects"].push_back({{"id", id},
                                        {"title", "Moth or rust in the relay"},
                                        {"side", "board"},
                                        {"block", "driver"},
                                        {"weight", 1},
                                        {"driver", "noFeed"}});
    }
    texts.suspects = document.dump();
    EXPECT_THAT(parseKnowledge(texts).warnings,
                testing::ElementsAre(testing::HasSubstr("nothing tells \"rust\" from \"moth\"")));
}

// ---- layers ------------------------------------------------------------------------------------------------------

TEST(KnowledgeLayers, LaterEntriesTakeThePlaceOfEarlierOnesAndOthersJoin) {
    KnowledgeTexts workshop;
    json repairs = {{"format", "dimglow-repairs"}, {"version", 1}};
    json ours = json::parse(builtInKnowledgeTexts().repairs)["repairs"][3];
    const std::string changed = ours["id"];
    ours["parts"] = 3.5;
    json added = ours;
    added["id"] = "borrowOne";
    repairs["repairs"] = {ours, added};
    workshop.repairs = repairs.dump();
    const auto trade = parseKnowledge(laidOver(builtInKnowledgeTexts(), workshop));
    EXPECT_EQ(trade.repairs.size(), builtInKnowledge().repairs.size() + 1);
    EXPECT_EQ(trade.repair(changed)->parts, 3.5);
    EXPECT_EQ(trade.repair(changed) - trade.repairs.data(), 3) << "it stands where it stood";
    EXPECT_EQ(trade.repairs.back().id, "borrowOne");
    EXPECT_EQ(trade.suspects.size(), builtInKnowledge().suspects.size());
}

TEST(KnowledgeLayers, OfAnotherFormatAreRefusedByName) {
    const auto problem = [](const char* text) {
        KnowledgeTexts workshop;
        workshop.tests = text;
        try {
            laidOver(builtInKnowledgeTexts(), workshop);
        } catch (const format::FormatError& error) {
            return std::string(error.what());
        }
        return std::string();
    };
    EXPECT_THAT(problem("{"), HasSubstr("tests.json: is not JSON"));
    EXPECT_THAT(problem("[1]"), HasSubstr("tests.json.format: must be"));
    EXPECT_THAT(problem(R"({"format": "dimglow-repairs"})"), HasSubstr("tests.json.format: must be"));
}

// ---- JSON Schemas ------------------------------------------------------------------------------------------------

json readJson(const std::string& path) {
    std::ifstream file(std::string(DIMGLOW_SOURCE_DIR) + "/" + path);
    EXPECT_TRUE(file) << path;
    return json::parse(file);
}

/// The schema of a file in data/schema.
void read(valijson::Schema& schema, const std::string& topic) {
    valijson::SchemaParser parser;
    const json document = readJson("data/schema/" + topic + ".schema.json");
    parser.populateSchema(valijson::adapters::NlohmannJsonAdapter(document), schema);
}

std::string problemsOf(const valijson::Schema& schema, const json& document) {
    valijson::Validator validator;
    valijson::ValidationResults results;
    if (validator.validate(schema, valijson::adapters::NlohmannJsonAdapter(document), &results)) {
        return {};
    }
    std::string all = "invalid";
    valijson::ValidationResults::Error error;
    while (results.popError(error)) {
        for (const auto& step : error.context) {
            all += step;
        }
        all += ": " + error.description + "\n";
    }
    return all;
}

TEST(Schema, DescribesTheKnowledgeFiles) {
    for (const char* topic : {"behaviours", "suspects", "tests", "repairs"}) {
        valijson::Schema schema;
        read(schema, topic);
        json document = readJson(std::string("data/knowledge/") + topic + ".json");
        EXPECT_EQ(problemsOf(schema, document), "") << topic;
        document[topic][0].erase("id");
        EXPECT_NE(problemsOf(schema, document), "") << topic;
    }
}

TEST(Schema, DescribesTheJobFile) {
    valijson::Schema schema;
    read(schema, "job");
    EXPECT_EQ(problemsOf(schema, job::toJson(test::fullJob())), "");
    for (const auto& demo : virtualset::demoWorkshop(builtInKnowledge())) {
        const json document = job::toJson(demo.job);
        EXPECT_EQ(problemsOf(schema, document), "") << demo.job.id;
        json wrong = document;
        wrong["trail"][0]["kind"] = "dream";
        EXPECT_NE(problemsOf(schema, wrong), "");
        wrong = document;
        wrong["set"]["backlight"]["strips"][0]["leds"] = -1;
        EXPECT_NE(problemsOf(schema, wrong), "");
    }
}

std::string complaintOfParser(const json& document) {
    try {
        job::fromJson(document);
    } catch (const format::FormatError& error) {
        return error.what();
    }
    return {};
}

// The schema speaks for other readers: what it refuses the parser refuses, and where a limit has the last word the
// other way round as well.
TEST(Schema, HasTheLimitsOfTheParser) {
    valijson::Schema schema;
    read(schema, "job");
    const json whole = job::toJson(test::fullJob());
    const json flat = whole.flatten();
    const std::vector<json> numbers = {-6000, 0,   1e-7, 5e-5, 0.3,     1,          13, 25,
                                       60,    150, 2100, 6000, 200'000, 20'000'000, 2e9};
    const std::vector<std::size_t> lengths = {0, 9, 13, 41, 201, 401, 8001};
    int limits = 0;
    for (const auto& [pointer, value] : flat.items()) {
        const std::string field = pointer.substr(pointer.rfind('/') + 1);
        const bool refers = field == "channel" || field == "string" || field == "first" || field == "last" ||
                            field == "strip" || field == "led" || field == "lit" || field == "id" || field == "step";
        std::vector<json> values;
        if (field == "version") {
            continue;  // an older one is brought up to date before it is read
        }
        if (value.is_number()) {
            values = numbers;
        } else if (value.is_string()) {
            for (const auto length : lengths) {
                values.push_back(std::string(length, 'x'));
            }
        }
        for (const auto& other : values) {
            json document = whole;
            document[json::json_pointer(pointer)] = other;
            const bool refused = !problemsOf(schema, document).empty();
            const std::string complaint = complaintOfParser(document);
            EXPECT_FALSE(refused && complaint.empty()) << pointer << " " << other.dump().substr(0, 20);
            const bool limit = complaint.find(field + ": ") != std::string::npos &&
                               (complaint.find(" is outside ") != std::string::npos ||
                                complaint.find("; at most ") != std::string::npos);
            if (limit && !refers) {
                EXPECT_TRUE(refused) << pointer << " " << complaint;
                ++limits;
            }
        }
    }
    EXPECT_GT(limits, 100);
}

}  // namespace
}  // namespace dimglow::knowledge
