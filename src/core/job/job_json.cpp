#include "core/job/job_json.h"

#include <fmt/format.h>

#include "core/backlight/backlight_json.h"
#include "core/format/document.h"
#include "core/hands/opening_json.h"
#include "core/job/limits.h"
#include "core/job/problems.h"
#include "core/job/versions.h"

namespace dimglow::job {

using format::Fields;
using format::FormatError;
using nlohmann::json;

namespace {

const std::vector<const char*> outcomeWords = {"open", "go", "go-with-note", "no-go"};
const std::vector<const char*> whoseWords = {"unsaid", "own", "customer"};
const std::vector<const char*> phaseWords = {"before", "after"};
const std::vector<const char*> firstWords = {"measure", "swap"};
const std::vector<const char*> levelWords = {"any", "board", "component", "strip"};
const std::vector<const char*> sourceWords = {"typed", "instrument", "trace"};

// ---- trail -------------------------------------------------------------------------------------------------------

json entryJson(const Entry& entry) {
    json result = {{"id", entry.id},
                   {"at", entry.at},
                   {"phase", phaseWords[int(entry.phase)]},
                   {"source", sourceWords[int(entry.source.from)]}};
    if (!entry.source.raw.empty()) {
        result["raw"] = entry.source.raw;
    }
    if (!entry.source.fitsBecause.empty()) {
        result["fitsBecause"] = entry.source.fitsBecause;
    }
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
        read.source.from = evidence::From(entry.choice("source", sourceWords, 0));
        read.source.raw = entry.text("raw", "");
        read.source.fitsBecause = entry.text("fitsBecause", "");
        read.what = evidence::read(entry);
        job.trail.push_back(std::move(read));
    });
}

// ---- the rest ----------------------------------------------------------------------------------------------------

json orderJson(const Order& order) {
    json result = {{"place", order.place}, {"complaint", order.complaint}, {"value", order.value}, {"due", order.due}};
    if (!order.owner.empty() || !order.phone.empty()) {
        result["owner"] = order.owner;
        result["phone"] = order.phone;
    }
    format::writeKnown(result, {{"agreedPrice", order.agreedPrice}});
    if (order.whose != Whose::Unsaid) {
        result["whose"] = whoseWords[std::size_t(order.whose)];
    }
    return result;
}

Order readOrder(Fields fields) {
    Order order;
    order.place = fields.text("place", "");
    order.complaint = fields.text("complaint", "");
    order.value = fields.number("value", 0.0);
    order.due = fields.text("due", "");
    order.owner = fields.text("owner", "");
    order.phone = fields.text("phone", "");
    order.agreedPrice = fields.maybeNumber("agreedPrice");
    order.whose = Whose(fields.choice("whose", whoseWords, 0));
    return order;
}

const std::vector<const char*> lightWords = {"leds", "lamps"};
const std::vector<const char*> lampPlaces = {"unknown", "behind", "edges"};
const std::vector<const char*> lampShapes = {"unknown", "straight", "u"};
const std::vector<const char*> lampElectrodes = {"unknown", "internal", "external"};
const std::vector<const char*> lampDrives = {"unknown", "oneEnd", "bothEnds"};

json setJson(const set::DisplaySet& set) {
    json result = {{"kind", set.kind},
                   {"maker", set.maker},
                   {"model", set.model},
                   {"serial", set.serial},
                   {"panel", set.panel},
                   {"backlight", backlight::toJson(set.backlight)},
                   {"lamps", {{"count", set.lamps.count}}}};
    const auto& lamps = set.lamps;
    format::writeKnown(
        result["lamps"],
        {{"lengthMm", lamps.lengthMm}, {"diameterMm", lamps.diameterMm}, {"supplyVolts", lamps.supplyVolts}});
    for (const auto& [member, words, value] : {std::tuple("place", &lampPlaces, int(lamps.place)),
                                               {"shape", &lampShapes, int(lamps.shape)},
                                               {"electrodes", &lampElectrodes, int(lamps.electrodes)},
                                               {"drive", &lampDrives, int(lamps.drive)}}) {
        if (value > 0) {  // what nobody has said is left out
            result["lamps"][member] = words->at(std::size_t(value));
        }
    }
    if (set.saidLight) {
        result["light"] = lightWords[std::size_t(*set.saidLight)];
    }
    if (set.hoursRun) {
        result["hoursRun"] = *set.hoursRun;
    }
    result["points"] = json::array();
    for (const auto& point : set.points) {
        result["points"].push_back(set::toJson(point));
    }
    return result;
}

set::DisplaySet readSet(Fields fields) {
    set::DisplaySet set;
    set.kind = fields.text("kind", "");
    set.maker = fields.text("maker", "");
    set.model = fields.text("model", "");
    set.serial = fields.text("serial", "");
    set.panel = fields.text("panel", "");
    set.hoursRun = fields.maybeNumber("hoursRun");
    if (fields.has("light")) {
        set.saidLight = set::LightKind(fields.choice("light", lightWords));
    }
    set.backlight = backlight::fromJson(fields.object("backlight"));
    fields.forEach("points", limits::points, [&](Fields point) { set.points.push_back(set::readBoardPoint(point)); });
    if (fields.has("lamps")) {
        Fields of = fields.object("lamps");
        set.lamps.count = of.integer("count");
        set.lamps.lengthMm = of.maybeNumber("lengthMm");
        set.lamps.diameterMm = of.maybeNumber("diameterMm");
        set.lamps.supplyVolts = of.maybeNumber("supplyVolts");
        set.lamps.place = lamps::Lamps::Place(of.choice("place", lampPlaces, 0));
        set.lamps.shape = lamps::Lamps::Shape(of.choice("shape", lampShapes, 0));
        set.lamps.electrodes = lamps::Lamps::Electrodes(of.choice("electrodes", lampElectrodes, 0));
        set.lamps.drive = lamps::Lamps::Drive(of.choice("drive", lampDrives, 0));
    }
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
            {"workshop", bench.workshop},
            {"contact", bench.contact},
            {"currency", bench.currency},
            {"ratePerHour", bench.ratePerHour},
            {"goodwill", bench.goodwill},
            {"restockingFee", bench.restockingFee},
            {"promisedHours", bench.promisedHours},
            {"weibullShape", bench.weibullShape},
            {"lacks", bench.lacks},
            {"tester", backlight::toJson(bench.tester)}};
}

Bench readBench(Fields fields) {
    Bench bench;
    bench.workshop = fields.text("workshop", "");
    bench.contact = fields.text("contact", "");
    bench.currency = fields.text("currency", bench.currency);
    bench.ratePerHour = fields.number("ratePerHour", bench.ratePerHour);
    bench.goodwill = fields.number("goodwill", bench.goodwill);
    bench.restockingFee = fields.number("restockingFee", bench.restockingFee);
    bench.promisedHours = fields.number("promisedHours", bench.promisedHours);
    bench.weibullShape = fields.number("weibullShape", bench.weibullShape);
    fields.forEachText("lacks", limits::tools,
                       [&](const std::string& tool, const std::string&) { bench.lacks.push_back(tool); });
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
        {"channel", check.channel}, {"currentShare", check.currentShare},          {"leadsChecked", check.leadsChecked},
        {"findings", findings},     {"outcome", outcomeWords[int(check.outcome)]}, {"note", check.note}};
    format::writeKnown(result, {{"tconVolts", check.tconVolts},
                                {"kneeVolts", check.kneeVolts},
                                {"lightVolts", check.lightVolts},
                                {"tconAmps", check.tconAmps}});
    return result;
}

panelcheck::PanelCheck readPanelCheck(Fields fields) {
    panelcheck::PanelCheck check;
    check.channel = fields.integer("channel", 0);
    check.currentShare = fields.number("currentShare", check.currentShare);
    check.tconVolts = fields.maybeNumber("tconVolts");
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

json wayJson(const Way& way) {
    return {{"first", firstWords[std::size_t(way.first)]}, {"level", levelWords[std::size_t(way.level)]}};
}

Way readWay(Fields fields) {
    return {Way::First(fields.choice("first", firstWords, 0)), Way::Level(fields.choice("level", levelWords, 0))};
}

json repairJson(const Repair& repair) {
    json result = {{"option", repair.option}, {"work", repair.work}};
    format::writeKnown(result, {{"originalAmps", repair.originalAmps}, {"newAmps", repair.newAmps}});
    for (const auto& terms : repair.terms) {
        json of = {{"option", terms.option}, {"unavailable", terms.unavailable}};
        format::writeKnown(of, {{"parts", terms.parts}, {"days", terms.days}});
        if (!terms.source.empty()) {
            of["source"] = terms.source;
        }
        result["terms"].push_back(std::move(of));
    }
    result["details"] = toJson(repair.details);
    return result;
}

Repair readRepair(Fields fields) {
    Repair repair;
    repair.option = fields.text("option", "");
    repair.work = fields.text("work", "");
    repair.originalAmps = fields.maybeNumber("originalAmps");
    repair.newAmps = fields.maybeNumber("newAmps");
    fields.forEach("terms", limits::terms, [&](Fields of) {
        repair.terms.push_back({of.text("option"), of.maybeNumber("parts"), of.maybeNumber("days"),
                                of.flag("unavailable", false), of.text("source", "")});
    });
    if (fields.has("details")) {
        repair.details = readFixDetails(fields.object("details"));
    }
    return repair;
}

json makeSafeJson(const safety::MakeSafe& done) {
    json residuals = json::array();
    for (const auto& one : done.residuals) {
        residuals.push_back({{"store", one.store},
                             {"volts", one.volts},
                             {"at", one.at},
                             {"afterEntry", one.afterEntry},
                             {"resistorStays", one.resistorStays}});
    }
    json result = {{"mainsOut", done.mainsOut},
                   {"meterProven", done.meterProven},
                   {"residuals", residuals},
                   {"countsFrom", done.countsFrom}};
    format::writeKnown(result, {{"resistorOhms", done.resistor.ohms},
                                {"resistorWatts", done.resistor.watts},
                                {"resistorVolts", done.resistor.volts},
                                {"bleederOhms", done.bleederOhms}});
    return result;
}

safety::MakeSafe readMakeSafe(Fields fields) {
    safety::MakeSafe done;
    done.mainsOut = fields.flag("mainsOut", false);
    done.meterProven = fields.flag("meterProven", false);
    done.resistor = {fields.maybeNumber("resistorOhms"), fields.maybeNumber("resistorWatts"),
                     fields.maybeNumber("resistorVolts")};
    done.bleederOhms = fields.maybeNumber("bleederOhms");
    fields.forEach("residuals", limits::residuals, [&](Fields of) {
        done.residuals.push_back({of.text("store"), of.number("volts"), of.text("at"), of.integer("afterEntry", 0),
                                  of.flag("resistorStays", false)});
    });
    done.countsFrom = fields.integer("countsFrom", 0);
    return done;
}

Job readJob(Fields fields) {
    Job job;
    if (fields.text("format") != "dimglow-job") {
        throw FormatError("format", "this is no job file; it must say \"dimglow-job\"");
    }
    fields.integer("version", formatVersion, formatVersion);
    job.id = fields.text("id");
    job.title = fields.text("title");
    if (fields.has("order")) {
        job.order = readOrder(fields.object("order"));
    }
    job.set = readSet(fields.object("set"));
    if (fields.has("bench")) {
        job.bench = readBench(fields.object("bench"));
    }
    job.panelOpen = fields.flag("panelOpen", false);
    job.liveWorkAccepted = fields.flag("liveWorkAccepted", false);
    if (fields.has("panelCheck")) {
        job.panelCheck = readPanelCheck(fields.object("panelCheck"));
    }
    if (fields.has("makeSafe")) {
        job.makeSafe = readMakeSafe(fields.object("makeSafe"));
    }
    if (fields.has("way")) {
        job.way = readWay(fields.object("way"));
    }
    readTrail(fields, job);
    if (fields.has("repair")) {
        job.repair = readRepair(fields.object("repair"));
    }
    if (fields.has("opening")) {
        job.opening = hands::readOpening(fields.object("opening"));
    }
    fields.forEach("soak", limits::soak, [&](Fields line) {
        job.soak.push_back(
            {line.number("minutes"), line.number("ledPlusVolts"), line.number("amps"), line.flag("flicker", false)});
    });
    job.handedBack = fields.text("handedBack", "");
    job.describedAfter = fields.integer("describedAfter", 0);
    return job;
}

}  // namespace

// Objects are written even when nothing is in them: a later version may keep there what this one does not know.
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
                     {"order", orderJson(job.order)},
                     {"set", setJson(job.set)},
                     {"bench", benchJson(job.bench)},
                     {"panelOpen", job.panelOpen},
                     {"liveWorkAccepted", job.liveWorkAccepted},
                     {"panelCheck", panelCheckJson(job.panelCheck)},
                     {"trail", trail},
                     {"way", wayJson(job.way)},
                     {"opening", hands::toJson(job.opening)},
                     {"repair", repairJson(job.repair)},
                     {"soak", soak},
                     {"makeSafe", makeSafeJson(job.makeSafe)},
                     {"handedBack", job.handedBack}};
    if (job.describedAfter > 0) {
        document["describedAfter"] = job.describedAfter;
    }
    format::restore(job.unknown, document);
    return document;
}

Job fromJson(const json& document) {
    format::Unknown unknown;
    const json current = upgraded(document);
    Job job = readJob(Fields(current, "", &unknown));
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
