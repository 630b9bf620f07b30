#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <fstream>

#include "core/format/document.h"
#include "core/job/job_json.h"
#include "core/job/versions.h"
#include "tests/support/full_job.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::job {
namespace {

using nlohmann::json;

/// A file that version 1 of the program wrote.
json ofVersion1(const std::string& name) {
    std::ifstream file(std::string(DIMGLOW_SOURCE_DIR) + "/tests/fixtures/version1/" + name + ".json");
    EXPECT_TRUE(file) << name;
    return json::parse(file);
}

Job withoutSources(Job job) {
    for (auto& entry : job.trail) {
        entry.source = {};
    }
    return job;
}

/// Without the numbers that the program of then filled in by itself: nobody has read them off.
Job withoutWhatWasFilledIn(Job job) {
    auto& panel = job.set.backlight;
    panel.widthMm = panel.widthMm == 940 ? std::nullopt : panel.widthMm;
    panel.heightMm = panel.heightMm == 530 ? std::nullopt : panel.heightMm;
    for (auto& strip : panel.strips) {
        strip.led.ratedAmps = strip.led.ratedAmps == 0.35 ? std::nullopt : strip.led.ratedAmps;
    }
    for (auto& channel : panel.channels) {
        channel.amps = channel.amps == 0.24 * double(channel.strings.size()) ? std::nullopt : channel.amps;
    }
    job.set.lamps.diameterMm.reset();
    job.order.owner.clear();
    job.bench.workshop.clear();
    job.bench.contact.clear();
    return job;
}

/// Members named "later", which no version knows, by what they say.
void collectLater(const json& at, std::multiset<std::string>& found) {
    if (at.is_object() && at.contains("later")) {
        found.insert(at["later"].get<std::string>());
    }
    for (const auto& inner : at.is_structured() ? at : json::array()) {
        collectLater(inner, found);
    }
}

/// Where the objects of a document stand.
void collectObjects(const json& at, const json::json_pointer& place, std::vector<json::json_pointer>& found) {
    if (at.is_object() && !place.empty()) {
        found.push_back(place);
    }
    if (at.is_structured()) {
        for (const auto& [step, inner] : at.items()) {
            collectObjects(inner, at.is_array() ? place / std::size_t(std::stoul(step)) : place / step, found);
        }
    }
}

TEST(Version1, DemoJobsAreTheSameJobs) {
    auto demos = virtualset::demoWorkshop(knowledge::builtInKnowledge());
    demos.resize(3);  // those that there were then
    for (auto& demo : demos) {
        const auto then = fromJson(ofVersion1(demo.job.id));
        demo.job.makeSafe = {};  // nobody wrote that down then
        demo.job.opening = {};
        demo.job.set.hoursRun = then.set.hoursRun;
        EXPECT_EQ(fromJson(ofVersion1(demo.job.id)), withoutWhatWasFilledIn(withoutSources(demo.job))) << demo.job.id;
    }
}

TEST(Version1, JobOfEveryKindOfEntryIsTheSameJob) {
    Job job = fromJson(ofVersion1("every-entry"));
    job.unknown.clear();
    EXPECT_EQ(job, withoutWhatWasFilledIn(withoutSources(test::fullJobOfVersion1())));
}

TEST(Version3, WhatTheProgramFilledInBecomesUnknownAndWhatWasTypedStays) {
    json document = toJson(test::fullJob());
    document["version"] = 3;
    json& set = document["set"];
    set["lamps"] = {{"count", 2}, {"lengthMm", 710}, {"diameterMm", 3.4}};
    set["backlight"]["widthMm"] = 940;
    set["backlight"]["heightMm"] = 530;
    set["backlight"]["channels"][0]["amps"] = 0.24;
    set["backlight"]["strips"][0]["led"]["ratedAmps"] = 0.35;
    set["backlight"]["strips"][1]["led"]["ratedAmps"] = 0.4;
    document["panelCheck"]["tconVolts"] = 12;
    const Job job = fromJson(document);
    EXPECT_FALSE(job.set.backlight.widthMm);
    EXPECT_FALSE(job.set.backlight.channels[0].amps);
    EXPECT_FALSE(job.set.backlight.strips[0].led.ratedAmps);
    EXPECT_EQ(job.set.backlight.strips[1].led.ratedAmps, 0.4);
    EXPECT_EQ(job.set.lamps.lengthMm, 710);
    EXPECT_FALSE(job.set.lamps.diameterMm);
    EXPECT_FALSE(job.panelCheck.tconVolts);
    for (const char* damaged : {"set", "panelCheck"}) {
        json broken = document;
        broken[damaged] = json::array({1, 2});
        EXPECT_THROW(fromJson(broken), format::FormatError) << damaged;
    }
}

TEST(Version1, ReadWrittenAndReadAgainKeepsWhatNobodyKnows) {
    const json document = ofVersion1("every-entry");
    const json written = toJson(fromJson(document));
    EXPECT_EQ(written["version"], formatVersion);
    EXPECT_EQ(toJson(parseJob(written.dump())), written);
    std::multiset<std::string> before;
    std::multiset<std::string> after;
    collectLater(document, before);
    collectLater(written, after);
    EXPECT_GT(before.size(), 50u);
    EXPECT_EQ(after, before);
    EXPECT_EQ(written["set"]["backlight"]["driver"]["later"], "in driver") << "it moved with its parent";
    EXPECT_EQ(written["set"]["lamps"]["later"], "in lamps");
}

TEST(LaterVersion, ObjectThatHoldsOnlyWhatThisOneDoesNotKnowIsKept) {
    const json document = toJson(test::fullJob());
    std::vector<json::json_pointer> objects;
    collectObjects(document, json::json_pointer(), objects);
    int read = 0;
    for (const auto& place : objects) {
        json later = document;
        later[place] = {{"later", "only this"}};
        try {
            std::multiset<std::string> kept;
            collectLater(toJson(fromJson(later)), kept);
            EXPECT_EQ(kept.count("only this"), 1u) << place;
            ++read;
        } catch (const format::FormatError&) {
            continue;  // some members of it must be there
        }
    }
    EXPECT_GT(read, 10);
}

TEST(Version1, DamagedFileNamesTheField) {
    for (const auto& [pointer, value, problem] :
         {std::tuple("/set", json(4), "set: expected an object"),
          std::tuple("/backlight", json("none"), "set.backlight: expected an object"),
          std::tuple("/panelCheck", json::array(), "panelCheck: expected an object"),
          std::tuple("/set/due", json(3), "order.due: expected a text"),
          std::tuple("/panelCheck/lamps/count", json(-1), "set.lamps.count: -1 is outside")}) {
        json document = ofVersion1("every-entry");
        document[json::json_pointer(pointer)] = value;
        try {
            fromJson(document);
            ADD_FAILURE() << pointer << " was read";
        } catch (const format::FormatError& error) {
            EXPECT_THAT(error.what(), testing::HasSubstr(problem));
        }
    }
}

TEST(SourceOfAReading, IsKeptWithTheLineAsItWasTyped) {
    const Job job = parseJob(toJson(test::fullJobOfVersion1()).dump());
    EXPECT_EQ(job.trail[2].source, (evidence::Source{evidence::From::Typed, "181,6 > 48"}));
    EXPECT_EQ(job.trail.back().source.from, evidence::From::Instrument);
}

}  // namespace
}  // namespace dimglow::job
