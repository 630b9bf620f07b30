#include "core/job/job_json.h"

#include <fmt/format.h>
#include <algorithm>

#include "core/backlight/backlight_json.h"
#include "core/format/document.h"

namespace dimglow::job {

using format::Fields;
using format::FormatError;
using nlohmann::json;
using Unknown = std::map<std::string, json>;

namespace {

constexpr std::size_t longestLine = 200;
constexpr std::size_t longestText = 4000;
constexpr double anyVolts = 5000;
constexpr double anyAmps = 100;
constexpr double anyMoney = 1e7;

const std::vector<const char*> shapeWords = {"steady", "peak-then-settles", "wanders"};
const std::vector<const char*> lightWords = {"never", "flash-then-dark", "stays-lit"};
const std::vector<const char*> glowWords = {"lit", "dim", "dark"};
const std::vector<const char*> minusWords = {"end-of-run", "chassis"};
const std::vector<const char*> methodWords = {"bench-supply", "series-resistor", "diode-mode"};
const std::vector<const char*> outcomeWords = {"open", "go", "go-with-note", "no-go"};
const std::vector<const char*> phaseWords = {"before", "after"};
const std::vector<const char*> kindWords = {"answer", "measured", "light", "tester", "led", "led-check", "bridge"};

// ---- trail -------------------------------------------------------------------------------------------------------

json runJson(const backlight::Run& run) {
    return {{"channel", run.string.channel}, {"string", run.string.string}, {"first", run.first}, {"last", run.last}};
}

backlight::Run readRun(Fields fields, const backlight::Backlight& backlight) {
    backlight::Run run;
    run.string.channel = fields.integer("channel", 0, int(backlight.channels.size()) - 1);
    run.string.string = fields.integer("string", 0, int(backlight.channels[run.string.channel].strings.size()) - 1);
    const int last = backlight::wholeString(backlight, run.string).last;
    run.first = fields.integer("first", 0, last);
    run.last = fields.integer("last", run.first, last);
    if (backlight::probeable(backlight, run) != run) {
        throw FormatError(fields.pathOf("first"), "the run starts or ends between LEDs that stand side by side");
    }
    return run;
}

json testerJson(const backlight::TesterSetting& tester) {
    return {{"amps", tester.amps}, {"limitVolts", tester.limitVolts}};
}

backlight::TesterSetting readTester(Fields fields) {
    return {fields.number("amps", 1e-5, anyAmps), fields.number("limitVolts", 0.1, anyVolts)};
}

json placeJson(backlight::LedPlace place) {
    return {{"strip", place.strip}, {"led", place.led}};
}

backlight::LedPlace readPlace(Fields& fields, const backlight::Backlight& backlight) {
    backlight::LedPlace place;
    place.strip = fields.integer("strip", 0, int(backlight.strips.size()) - 1);
    place.led = fields.integer("led", 0, backlight.strips[place.strip].leds - 1);
    return place;
}

LedChecked readLedCheck(Fields& fields, const backlight::Backlight& backlight) {
    LedChecked check;
    check.place = readPlace(fields, backlight);
    check.setting.method = parts::LedMethod(fields.choice("method", methodWords));
    check.setting.volts = fields.number("setVolts", 0.1, 100);
    check.setting.limitAmps = fields.number("limitAmps", 1e-5, 10, check.setting.limitAmps);
    check.setting.seriesOhms = fields.number("seriesOhms", 1, 1e6, check.setting.seriesOhms);
    check.reading.volts = fields.maybeNumber("volts", 0, 100);
    check.reading.reverseVolts = fields.maybeNumber("reverseVolts", 0, 100);
    check.reading.reverseTried = fields.flag("reverseTried", false);
    check.reading.amps = fields.maybeNumber("amps", 0, 10);
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
        result["volts"] = tester->volts;
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

Observation readObservation(Fields& fields, const backlight::Backlight& backlight) {
    switch (fields.choice("kind", kindWords)) {
        case 0:
            return Answer{fields.text("test", 40), fields.text("choice", 40)};
        case 1: {
            Measured measured;
            measured.test = fields.text("test", 40);
            measured.channel = fields.integer("channel", 0, int(backlight.channels.size()) - 1, 0);
            measured.shape = Shape(fields.choice("shape", shapeWords, 0));
            measured.volts = fields.number("volts", -anyVolts, anyVolts);
            measured.restVolts = fields.number("restVolts", -anyVolts, anyVolts, measured.volts);
            return measured;
        }
        case 2:
            return LightSeen{driver::Light(fields.choice("what", lightWords)),
                             fields.number("secondsToDark", 0, 3600, 0)};
        case 3: {
            TesterTaken tester;
            tester.run = readRun(fields.object("run"), backlight);
            tester.setting = readTester(fields.object("tester"));
            tester.volts = fields.number("volts", 0, anyVolts);
            if (fields.has("lit")) {
                tester.lit = fields.integer("lit", 0, tester.run.count());
            }
            tester.minus = backlight::TesterProbe::Minus(fields.choice("minus", minusWords, 0));
            fields.forEach("bridged", 100,
                           [&](Fields place) { tester.bridged.push_back(readPlace(place, backlight)); });
            return tester;
        }
        case 5:
            return readLedCheck(fields, backlight);
        case 6: {
            const auto place = readPlace(fields, backlight);
            return Bridged{place, fields.number("amps", 0, anyAmps), fields.flag("restLights", true)};
        }
        default: {
            LedSeen led;
            led.place = readPlace(fields, backlight);
            led.glow = LedSeen::Glow(fields.choice("glow", glowWords));
            led.under = readRun(fields.object("under"), backlight);
            return led;
        }
    }
}

void readTrail(Fields& fields, Job& job) {
    fields.forEach("trail", 5000, [&](Fields entry) {
        Entry read;
        read.id = entry.integer("id", 1, 1'000'000);
        read.at = entry.text("at", 40);
        read.phase = Phase(entry.choice("phase", phaseWords, 0));
        read.what = readObservation(entry, job.backlight);
        if (std::any_of(job.trail.begin(), job.trail.end(), [&](const Entry& e) { return e.id == read.id; })) {
            throw FormatError(entry.pathOf("id"), fmt::format("{} is used twice", read.id));
        }
        entry.collectUnknown(fmt::format("/trail/{}", read.id), job.unknown);
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

SetInfo readSet(Fields fields, Unknown& unknown) {
    SetInfo set;
    set.maker = fields.text("maker", longestLine, "");
    set.model = fields.text("model", longestLine, "");
    set.serial = fields.text("serial", longestLine, "");
    set.panel = fields.text("panel", longestLine, "");
    set.place = fields.text("place", longestLine, "");
    set.complaint = fields.text("complaint", longestText, "");
    set.value = fields.number("value", 0, anyMoney, 0);
    set.due = fields.text("due", 40, "");
    set.hoursRun = fields.maybeNumber("hoursRun", 0, 1e6);
    fields.collectUnknown("/set", unknown);
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

Bench readBench(Fields fields, Unknown& unknown) {
    Bench bench;
    bench.currency = fields.text("currency", 8, bench.currency);
    bench.ratePerHour = fields.number("ratePerHour", 0, anyMoney, bench.ratePerHour);
    bench.goodwill = fields.number("goodwill", 0, anyMoney, bench.goodwill);
    bench.promisedHours = fields.number("promisedHours", 1, 1e6, bench.promisedHours);
    bench.weibullShape = fields.number("weibullShape", 0.2, 10, bench.weibullShape);
    if (fields.has("tester")) {
        bench.tester = readTester(fields.object("tester"));
    }
    if (fields.has("supplies")) {
        bench.supplies.clear();
        fields.forEach("supplies", 20, [&](Fields supply) {
            bench.supplies.push_back({supply.text("name", longestLine), supply.number("maxVolts", 0.1, anyVolts),
                                      supply.number("maxAmps", 1e-4, anyAmps),
                                      supply.number("isolationVolts", 0, 1e5)});
        });
    }
    fields.collectUnknown("/bench", unknown);
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

panelcheck::PanelCheck readPanelCheck(Fields fields, const backlight::Backlight& backlight, Unknown& unknown) {
    panelcheck::PanelCheck check;
    check.channel = fields.integer("channel", 0, int(backlight.channels.size()) - 1, 0);
    check.currentShare = fields.number("currentShare", 0.01, 1, check.currentShare);
    check.tconVolts = fields.number("tconVolts", 1, 48, check.tconVolts);
    if (fields.has("lamps")) {
        Fields lamps = fields.object("lamps");
        check.lamps.count = lamps.integer("count", 0, 100);
        check.lamps.lengthMm = lamps.number("lengthMm", 0, 5000);
        check.lamps.diameterMm = lamps.number("diameterMm", 0.5, 50);
    }
    check.leadsChecked = fields.flag("leadsChecked", false);
    check.kneeVolts = fields.maybeNumber("kneeVolts", 0, anyVolts);
    check.lightVolts = fields.maybeNumber("lightVolts", 0, anyVolts);
    check.tconAmps = fields.maybeNumber("tconAmps", 0, anyAmps);
    check.outcome = panelcheck::Outcome(fields.choice("outcome", outcomeWords, 0));
    check.note = fields.text("note", longestText, "");
    fields.forEachText("findings", panelcheck::findingCount, [&](const std::string& id, const std::string& path) {
        for (int finding = 0; finding < panelcheck::findingCount; ++finding) {
            if (id == panelcheck::idOf(panelcheck::Finding(finding))) {
                check.findings.push_back(panelcheck::Finding(finding));
                return;
            }
        }
        throw FormatError(path, fmt::format("\"{}\" is no finding", id));
    });
    fields.collectUnknown("/panelCheck", unknown);
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

Repair readRepair(Fields fields, Unknown& unknown) {
    Repair repair;
    repair.option = fields.text("option", 40, "");
    repair.work = fields.text("work", longestText, "");
    repair.originalAmps = fields.maybeNumber("originalAmps", 0, anyAmps);
    repair.newAmps = fields.maybeNumber("newAmps", 0, anyAmps);
    fields.collectUnknown("/repair", unknown);
    return repair;
}

/// The element that a step of a path leads to: a member, a list entry by its "id", or one by its place.
json* stepInto(json& at, const std::string& step) {
    if (at.is_object() && at.contains(step)) {
        return &at[step];
    }
    if (!at.is_array() || step.empty() || !std::all_of(step.begin(), step.end(), ::isdigit)) {
        return nullptr;
    }
    const int number = std::stoi(step);
    for (auto& element : at) {
        if (element.contains("id") && element["id"] == number) {
            return &element;
        }
    }
    const bool byPlace = number < int(at.size()) && !at[number].contains("id");
    return byPlace ? &at[number] : nullptr;
}

/// Puts an unknown field back under its path; it is gone with its parent.
void restore(json& document, const std::string& path, const json& value) {
    std::vector<std::string> steps;
    for (json::json_pointer pointer(path); !pointer.empty(); pointer.pop_back()) {
        steps.insert(steps.begin(), pointer.back());
    }
    json* at = &document;
    for (std::size_t i = 0; at != nullptr && i + 1 < steps.size(); ++i) {
        at = stepInto(*at, steps[i]);
    }
    if (at != nullptr) {
        (*at)[steps.back()] = value;
    }
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
    for (const auto& [path, value] : job.unknown) {
        restore(document, path, value);
    }
    return document;
}

Job fromJson(const json& document) {
    Fields fields(document, "");
    if (fields.text("format", 40) != "dimglow-job") {
        throw FormatError("format", "this is no job file; it must say \"dimglow-job\"");
    }
    const int version = fields.integer("version", 1, 1'000'000);
    if (version > formatVersion) {
        throw FormatError("version",
                          fmt::format("{} is newer than this program, which reads up to {}", version, formatVersion));
    }
    Job job;
    job.id = fields.text("id", 40);
    if (job.id.empty()) {
        throw FormatError("id", "is empty");
    }
    job.title = fields.text("title", longestLine);
    job.set = fields.has("set") ? readSet(fields.object("set"), job.unknown) : SetInfo{};
    job.backlight = backlight::fromJson(fields.object("backlight"), "/backlight", job.unknown);
    job.bench = fields.has("bench") ? readBench(fields.object("bench"), job.unknown) : Bench{};
    job.panelOpen = fields.flag("panelOpen", false);
    job.liveWorkAccepted = fields.flag("liveWorkAccepted", false);
    if (fields.has("panelCheck")) {
        job.panelCheck = readPanelCheck(fields.object("panelCheck"), job.backlight, job.unknown);
    }
    readTrail(fields, job);
    job.repair = fields.has("repair") ? readRepair(fields.object("repair"), job.unknown) : Repair{};
    fields.forEach("soak", 5000, [&](Fields line) {
        job.soak.push_back({line.number("minutes", 0, 1e5), line.number("ledPlusVolts", 0, anyVolts),
                            line.number("amps", 0, anyAmps), line.flag("flicker", false)});
        line.collectUnknown(fmt::format("/soak/{}", job.soak.size() - 1), job.unknown);
    });
    job.handedBack = fields.text("handedBack", 40, "");
    fields.collectUnknown("", job.unknown);
    return job;
}

Job parseJob(std::string_view text) {
    return fromJson(format::parseDocument(text));
}

}  // namespace dimglow::job
