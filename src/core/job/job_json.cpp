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

const std::vector<const char*> shapeWords = {"steady", "peak-then-settles", "wanders"};
const std::vector<const char*> lightWords = {"never", "flash-then-dark", "stays-lit"};
const std::vector<const char*> glowWords = {"lit", "dim", "dark", "tinted"};
const std::vector<const char*> minusWords = {"end-of-run", "chassis"};
const std::vector<const char*> methodWords = {"bench-supply", "series-resistor", "diode-mode"};
const std::vector<const char*> outcomeWords = {"open", "go", "go-with-note", "no-go"};
const std::vector<const char*> phaseWords = {"before", "after"};
const std::vector<const char*> kindWords = {"answer", "measured", "light", "tester", "led", "led-check", "bridge"};

// ---- trail -------------------------------------------------------------------------------------------------------

json runJson(const backlight::Run& run) {
    return {{"channel", run.string.channel}, {"string", run.string.string}, {"first", run.first}, {"last", run.last}};
}

backlight::Run readRun(Fields fields) {
    return {{fields.integer("channel"), fields.integer("string")}, fields.integer("first"), fields.integer("last")};
}

json testerJson(const backlight::TesterSetting& tester) {
    return {{"amps", tester.amps}, {"limitVolts", tester.limitVolts}};
}

backlight::TesterSetting readTester(Fields fields) {
    return {fields.number("amps"), fields.number("limitVolts")};
}

json placeJson(backlight::LedPlace place) {
    return {{"strip", place.strip}, {"led", place.led}};
}

backlight::LedPlace readPlace(Fields& fields) {
    return {fields.integer("strip"), fields.integer("led")};
}

LedChecked readLedCheck(Fields& fields) {
    LedChecked check;
    check.place = readPlace(fields);
    check.setting.method = parts::LedMethod(fields.choice("method", methodWords));
    check.setting.volts = fields.number("setVolts");
    check.setting.limitAmps = fields.number("limitAmps", check.setting.limitAmps);
    check.setting.seriesOhms = fields.number("seriesOhms", check.setting.seriesOhms);
    check.reading.volts = fields.maybeNumber("volts");
    check.reading.reverseVolts = fields.maybeNumber("reverseVolts");
    check.reading.reverseTried = fields.flag("reverseTried", false);
    check.reading.amps = fields.maybeNumber("amps");
    if (fields.has("lit")) {
        check.reading.lit = fields.flag("lit", false);
    }
    return check;
}

json entryJson(const Entry& entry) {
    json result = {{"id", entry.id},
                   {"at", entry.at},
                   {"phase", phaseWords[int(entry.phase)]},
                   {"kind", kindWords[entry.what.index()]}};
    if (const auto* answer = std::get_if<Answer>(&entry.what)) {
        result["test"] = answer->test;
        result["choice"] = answer->choice;
    } else if (const auto* measured = std::get_if<Measured>(&entry.what)) {
        result["test"] = measured->test;
        result["channel"] = measured->channel;
        result["shape"] = shapeWords[int(measured->shape)];
        result["volts"] = measured->volts;
        result["restVolts"] = measured->restVolts;
    } else if (const auto* light = std::get_if<LightSeen>(&entry.what)) {
        result["what"] = lightWords[int(light->what)];
        result["secondsToDark"] = light->secondsToDark;
    } else if (const auto* tester = std::get_if<TesterTaken>(&entry.what)) {
        result["run"] = runJson(tester->run);
        result["tester"] = testerJson(tester->setting);
        if (tester->volts) {
            result["volts"] = *tester->volts;
        }
        if (tester->lit) {
            result["lit"] = *tester->lit;
        }
        if (tester->minus != backlight::TesterProbe::Minus::EndOfRun) {
            result["minus"] = minusWords[int(tester->minus)];
        }
        for (const auto& place : tester->bridged) {
            result["bridged"].push_back(placeJson(place));
        }
    } else if (const auto* led = std::get_if<LedSeen>(&entry.what)) {
        result["strip"] = led->place.strip;
        result["led"] = led->place.led;
        result["glow"] = glowWords[int(led->glow)];
        result["under"] = runJson(led->under);
    } else if (const auto* check = std::get_if<LedChecked>(&entry.what)) {
        result.update(placeJson(check->place));
        result["method"] = methodWords[int(check->setting.method)];
        result["setVolts"] = check->setting.volts;
        result["limitAmps"] = check->setting.limitAmps;
        result["seriesOhms"] = check->setting.seriesOhms;
        result["reverseTried"] = check->reading.reverseTried;
        const std::pair<const char*, const std::optional<double>*> readings[] = {
            {"volts", &check->reading.volts},
            {"reverseVolts", &check->reading.reverseVolts},
            {"amps", &check->reading.amps}};
        for (const auto& [key, value] : readings) {
            if (*value) {
                result[key] = **value;
            }
        }
        if (check->reading.lit) {
            result["lit"] = *check->reading.lit;
        }
    } else if (const auto* bridged = std::get_if<Bridged>(&entry.what)) {
        result.update(placeJson(bridged->place));
        result["amps"] = bridged->amps;
        result["restLights"] = bridged->restLights;
    }
    return result;
}

Observation readObservation(Fields& fields) {
    switch (fields.choice("kind", kindWords)) {
        case 0: {
            Answer answer;
            answer.test = fields.text("test");
            answer.choice = fields.text("choice");
            return answer;
        }
        case 1: {
            Measured measured;
            measured.test = fields.text("test");
            measured.channel = fields.integer("channel", 0);
            measured.shape = Shape(fields.choice("shape", shapeWords, 0));
            measured.volts = fields.number("volts");
            measured.restVolts = fields.number("restVolts", measured.volts);
            return measured;
        }
        case 2:
            return LightSeen{driver::Light(fields.choice("what", lightWords)), fields.number("secondsToDark", 0.0)};
        case 3: {
            TesterTaken tester;
            tester.run = readRun(fields.object("run"));
            tester.setting = readTester(fields.object("tester"));
            tester.volts = fields.maybeNumber("volts");
            if (fields.has("lit")) {
                tester.lit = fields.integer("lit");
            }
            tester.minus = backlight::TesterProbe::Minus(fields.choice("minus", minusWords, 0));
            fields.forEach("bridged", limits::bridged,
                           [&](Fields place) { tester.bridged.push_back(readPlace(place)); });
            return tester;
        }
        case 5:
            return readLedCheck(fields);
        case 6: {
            const auto place = readPlace(fields);
            return Bridged{place, fields.number("amps"), fields.flag("restLights", true)};
        }
        default: {
            LedSeen led;
            led.place = readPlace(fields);
            led.glow = LedSeen::Glow(fields.choice("glow", glowWords));
            led.under = readRun(fields.object("under"));
            return led;
        }
    }
}

void readTrail(Fields& fields, Job& job) {
    fields.forEach("trail", limits::trail, [&](Fields entry) {
        Entry read;
        read.id = entry.integer("id");
        entry.keepById(read.id);
        read.at = entry.text("at");
        read.phase = Phase(entry.choice("phase", phaseWords, 0));
        read.what = readObservation(entry);
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
            {"tester", testerJson(bench.tester)}};
}

Bench readBench(Fields fields) {
    Bench bench;
    bench.currency = fields.text("currency", bench.currency);
    bench.ratePerHour = fields.number("ratePerHour", bench.ratePerHour);
    bench.goodwill = fields.number("goodwill", bench.goodwill);
    bench.promisedHours = fields.number("promisedHours", bench.promisedHours);
    bench.weibullShape = fields.number("weibullShape", bench.weibullShape);
    if (fields.has("tester")) {
        bench.tester = readTester(fields.object("tester"));
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
