#include "core/job/job_json.h"

#include <fmt/format.h>

#include "core/backlight/backlight_json.h"
#include "core/format/document.h"
#include "core/job/limits.h"
#include "core/job/problems.h"

namespace dimglow::job {

using format::Fields;
using format::FormatError;
using nlohmann::json;

namespace {

const std::vector<const char*> outcomeWords = {"open", "go", "go-with-note", "no-go"};
const std::vector<const char*> phaseWords = {"before", "after"};

// ---- trail -------------------------------------------------------------------------------------------------------

json entryJson(const Entry& entry) {
    json result = {{"id", entry.id}, {"at", entry.at}, {"phase", phaseWords[int(entry.phase)]}};
    evidence::write(entry.what, result);
    return result;
}

void readTrail(Fields& fields, Job& job) {
    fields.forEach("trail", limits::trail, [&](Fields entry) {
        Entry read;
        read.id = entry.integer("id");
        entry.keepById(read.id);
        read.at = entry.text("at");
        read.phase = Phase(entry.choice("phase", phaseWords, 0));
        read.what = evidence::read(entry);
        job.trail.push_back(std::move(read));
    });
}

// ---- the rest ----------------------------------------------------------------------------------------------------

json setJson(const SetInfo& set) {
    json result = {{"maker", set.maker}, {"model", set.model},         {"serial", set.serial}, {"panel", set.panel},
                   {"place", set.place}, {"complaint", set.complaint}, {"value", set.value},   {"due", set.due}};
    if (set.hoursRun) {
        result["hoursRun"] = *set.hoursRun;
    }
    return result;
}

SetInfo readSet(Fields fields) {
    SetInfo set;
    set.maker = fields.text("maker", "");
    set.model = fields.text("model", "");
    set.serial = fields.text("serial", "");
    set.panel = fields.text("panel", "");
    set.place = fields.text("place", "");
    set.complaint = fields.text("complaint", "");
    set.value = fields.number("value", 0.0);
    set.due = fields.text("due", "");
    set.hoursRun = fields.maybeNumber("hoursRun");
    return set;
}

json benchJson(const Bench& bench) {
    json supplies = json::array();
    for (const auto& supply : bench.supplies) {
        supplies.push_back({{"name", supply.name},
                            {"maxVolts", supply.maxVolts},
                            {"maxAmps", supply.maxAmps},
                            {"isolationVolts", supply.isolationVolts}});
    }
    return {{"supplies", supplies},
            {"currency", bench.currency},
            {"ratePerHour", bench.ratePerHour},
            {"goodwill", bench.goodwill},
            {"promisedHours", bench.promisedHours},
            {"weibullShape", bench.weibullShape},
            {"tester", backlight::toJson(bench.tester)}};
}

Bench readBench(Fields fields) {
    Bench bench;
    bench.currency = fields.text("currency", bench.currency);
    bench.ratePerHour = fields.number("ratePerHour", bench.ratePerHour);
    bench.goodwill = fields.number("goodwill", bench.goodwill);
    bench.promisedHours = fields.number("promisedHours", bench.promisedHours);
    bench.weibullShape = fields.number("weibullShape", bench.weibullShape);
    if (fields.has("tester")) {
        bench.tester = backlight::readTester(fields.object("tester"));
    }
    if (fields.has("supplies")) {
        bench.supplies.clear();
        fields.forEach("supplies", limits::supplies, [&](Fields supply) {
            bench.supplies.push_back({supply.text("name"), supply.number("maxVolts"), supply.number("maxAmps"),
                                      supply.number("isolationVolts")});
        });
    }
    return bench;
}

json panelCheckJson(const panelcheck::PanelCheck& check) {
    json findings = json::array();
    for (const auto finding : check.findings) {
        findings.push_back(panelcheck::idOf(finding));
    }
    json result = {
        {"channel", check.channel},
        {"currentShare", check.currentShare},
        {"tconVolts", check.tconVolts},
        {"lamps",
         {{"count", check.lamps.count}, {"lengthMm", check.lamps.lengthMm}, {"diameterMm", check.lamps.diameterMm}}},
        {"leadsChecked", check.leadsChecked},
        {"findings", findings},
        {"outcome", outcomeWords[int(check.outcome)]},
        {"note", check.note}};
    const std::pair<const char*, const std::optional<double>*> readings[] = {
        {"kneeVolts", &check.kneeVolts}, {"lightVolts", &check.lightVolts}, {"tconAmps", &check.tconAmps}};
    for (const auto& [key, value] : readings) {
        if (*value) {
            result[key] = **value;
        }
    }
    return result;
}

panelcheck::PanelCheck readPanelCheck(Fields fields) {
    panelcheck::PanelCheck check;
    check.channel = fields.integer("channel", 0);
    check.currentShare = fields.number("currentShare", check.currentShare);
    check.tconVolts = fields.number("tconVolts", check.tconVolts);
    if (fields.has("lamps")) {
        Fields lamps = fields.object("lamps");
        check.lamps.count = lamps.integer("count");
        check.lamps.lengthMm = lamps.number("lengthMm");
        check.lamps.diameterMm = lamps.number("diameterMm");
    }
    check.leadsChecked = fields.flag("leadsChecked", false);
    check.kneeVolts = fields.maybeNumber("kneeVolts");
    check.lightVolts = fields.maybeNumber("lightVolts");
    check.tconAmps = fields.maybeNumber("tconAmps");
    check.outcome = panelcheck::Outcome(fields.choice("outcome", outcomeWords, 0));
    check.note = fields.text("note", "");
    fields.forEachText("findings", panelcheck::findingCount, [&](const std::string& id, const std::string& path) {
        for (int finding = 0; finding < panelcheck::findingCount; ++finding) {
            if (id == panelcheck::idOf(panelcheck::Finding(finding))) {
                check.findings.push_back(panelcheck::Finding(finding));
                return;
            }
        }
        throw FormatError(path, fmt::format("\"{}\" is no finding", id));
    });
    return check;
}

json repairJson(const Repair& repair) {
    json result = {{"option", repair.option}, {"work", repair.work}};
    if (repair.originalAmps) {
        result["originalAmps"] = *repair.originalAmps;
    }
    if (repair.newAmps) {
        result["newAmps"] = *repair.newAmps;
    }
    return result;
}

Repair readRepair(Fields fields) {
    Repair repair;
    repair.option = fields.text("option", "");
    repair.work = fields.text("work", "");
    repair.originalAmps = fields.maybeNumber("originalAmps");
    repair.newAmps = fields.maybeNumber("newAmps");
    return repair;
}

Job readJob(Fields fields) {
    Job job;
    if (fields.text("format") != "dimglow-job") {
        throw FormatError("format", "this is no job file; it must say \"dimglow-job\"");
    }
    const int version = fields.integer("version", 1, 1'000'000);
    if (version > formatVersion) {
        throw FormatError("version",
                          fmt::format("{} is newer than this program, which reads up to {}", version, formatVersion));
    }
    job.id = fields.text("id");
    job.title = fields.text("title");
    if (fields.has("set")) {
        job.set = readSet(fields.object("set"));
    }
    job.backlight = backlight::fromJson(fields.object("backlight"));
    if (fields.has("bench")) {
        job.bench = readBench(fields.object("bench"));
    }
    job.panelOpen = fields.flag("panelOpen", false);
    job.liveWorkAccepted = fields.flag("liveWorkAccepted", false);
    if (fields.has("panelCheck")) {
        job.panelCheck = readPanelCheck(fields.object("panelCheck"));
    }
    readTrail(fields, job);
    if (fields.has("repair")) {
        job.repair = readRepair(fields.object("repair"));
    }
    fields.forEach("soak", limits::soak, [&](Fields line) {
        job.soak.push_back(
            {line.number("minutes"), line.number("ledPlusVolts"), line.number("amps"), line.flag("flicker", false)});
    });
    job.handedBack = fields.text("handedBack", "");
    return job;
}

}  // namespace

json toJson(const Job& job) {
    json trail = json::array();
    for (const auto& entry : job.trail) {
        trail.push_back(entryJson(entry));
    }
    json soak = json::array();
    for (const auto& line : job.soak) {
        soak.push_back({{"minutes", line.minutes},
                        {"ledPlusVolts", line.ledPlusVolts},
                        {"amps", line.amps},
                        {"flicker", line.flicker}});
    }
    json document = {{"format", "dimglow-job"},
                     {"version", formatVersion},
                     {"id", job.id},
                     {"title", job.title},
                     {"set", setJson(job.set)},
                     {"backlight", backlight::toJson(job.backlight)},
                     {"bench", benchJson(job.bench)},
                     {"panelOpen", job.panelOpen},
                     {"liveWorkAccepted", job.liveWorkAccepted},
                     {"panelCheck", panelCheckJson(job.panelCheck)},
                     {"trail", trail},
                     {"repair", repairJson(job.repair)},
                     {"soak", soak},
                     {"handedBack", job.handedBack}};
    format::restore(job.unknown, document);
    return document;
}

Job fromJson(const json& document) {
    format::Unknown unknown;
    Job job = readJob(Fields(document, "", &unknown));
    job.unknown = std::move(unknown);
    if (const auto problems = problemsOf(job); !problems.empty()) {
        throw FormatError(problems.front());
    }
    return job;
}

Job parseJob(std::string_view text) {
    return fromJson(format::parseDocument(text));
}

}  // namespace dimglow::job
