#include "core/job/problems.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>
#include <unordered_set>

#include "core/evidence/places.h"
#include "core/hands/opening_json.h"
#include "core/job/limits.h"

namespace dimglow::job {

namespace {

using format::Check;

void checkTrail(const Check& check, const Job& job) {
    check.count("trail", job.trail.size(), limits::trail);
    const evidence::Places places(job.set);
    const evidence::Places placesOfBefore(job.set, true);
    std::unordered_set<int> ids;
    std::size_t bridged = 0;
    std::size_t tested = 0;
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        const Entry& entry = job.trail[i];
        const auto at = check.at("trail", i);
        at.number("id", entry.id, limits::entryId);
        if (!ids.insert(entry.id).second) {
            at.report("id", text::say("{} is used twice", entry.id));
        }
        at.text("at", entry.at, limits::word);
        at.text("raw", entry.source.raw, limits::raw);
        at.text("fitsBecause", entry.source.fitsBecause, limits::raw);
        bridged += std::holds_alternative<evidence::Bridged>(entry.what) ? 1 : 0;
        tested += std::holds_alternative<evidence::TesterTaken>(entry.what) ? 1 : 0;
        evidence::check(entry.what, at, entry.id > job.describedAfter ? places : placesOfBefore);
    }
    if (tested > limits::testerReadings) {
        check.report("trail", text::say("{} readings of the tester; at most {}", tested, limits::testerReadings));
    }
    if (bridged > limits::bridges) {
        check.report("trail", text::say("{} LEDs bridged with an ammeter; at most {}", bridged, limits::bridges));
    }
}

void checkOrder(const Check& at, const Order& order) {
    at.text("place", order.place, limits::line);
    at.text("complaint", order.complaint, limits::text);
    at.number("value", order.value, limits::money);
    at.text("due", order.due, limits::word);
    at.text("owner", order.owner, limits::line);
    at.text("phone", order.phone, limits::line);
    at.number("agreedPrice", order.agreedPrice, limits::money);
}

void checkSet(const Check& at, const set::DisplaySet& set) {
    const std::pair<const char*, const std::string*> lines[] = {
        {"maker", &set.maker}, {"model", &set.model}, {"serial", &set.serial}, {"panel", &set.panel}};
    for (const auto& [name, value] : lines) {
        at.text(name, *value, limits::line);
    }
    at.text("kind", set.kind, limits::word);
    at.number("hoursRun", set.hoursRun, limits::hours);
    at.count("points", set.points.size(), limits::points);
    std::set<std::pair<std::string, std::string>> names;
    for (std::size_t i = 0; i < set.points.size(); ++i) {
        const auto& [kind, ref, ratings] = set.points[i];
        const auto of = at.at("points", i);
        of.text("point", kind, limits::word);
        of.text("ref", ref, evidence::limits::ref);
        if (ref.empty() || !names.emplace(kind, ref).second) {
            of.report("ref", text::say("{} is used twice, or empty", ref));
        }
        of.number("farads", ratings.farads, limits::pointFarads);
        of.number("tolerance", ratings.tolerance, limits::pointTolerance);
        of.number("volts", ratings.volts, limits::pointVolts);
        of.number("ohms", ratings.ohms, limits::pointOhms);
        of.number("amps", ratings.amps, limits::pointAmps);
        of.number("celsius", ratings.celsius, limits::pointCelsius);
    }
    at.at("lamps").number("count", set.lamps.count, limits::lamps);
    at.at("lamps").number("lengthMm", set.lamps.lengthMm, limits::lampLengthMm);
    at.at("lamps").number("diameterMm", set.lamps.diameterMm, limits::lampBoreMm);
    at.at("lamps").number("supplyVolts", set.lamps.supplyVolts, limits::lampSupplyVolts);
}

void checkBench(const Check& at, const Bench& bench) {
    at.text("workshop", bench.workshop, limits::line);
    at.text("contact", bench.contact, limits::line);
    at.text("currency", bench.currency, limits::currency);
    at.number("ratePerHour", bench.ratePerHour, limits::money);
    at.number("restockingFee", bench.restockingFee, limits::money);
    at.number("goodwill", bench.goodwill, limits::money);
    at.number("promisedHours", bench.promisedHours, limits::promisedHours);
    at.number("weibullShape", bench.weibullShape, limits::weibullShape);
    evidence::check(at.at("tester"), bench.tester);
    at.count("lacks", bench.lacks.size(), limits::tools);
    for (std::size_t i = 0; i < bench.lacks.size(); ++i) {
        at.at("lacks", i).text(nullptr, bench.lacks[i], evidence::limits::word);
    }
    at.count("supplies", bench.supplies.size(), limits::supplies);
    for (std::size_t i = 0; i < bench.supplies.size(); ++i) {
        const auto& supply = bench.supplies[i];
        const auto of = at.at("supplies", i);
        of.text("name", supply.name, limits::line);
        of.number("maxVolts", supply.maxVolts, limits::supplyVolts);
        of.number("maxAmps", supply.maxAmps, limits::supplyAmps);
        of.number("isolationVolts", supply.isolationVolts, limits::isolationVolts);
    }
}

void checkPanel(const Check& at, const panelcheck::PanelCheck& panel, const backlight::Backlight& backlight) {
    at.number("channel", panel.channel, {0, double(backlight.channels.size()) - 1});
    at.number("currentShare", panel.currentShare, limits::currentShare);
    at.number("tconVolts", panel.tconVolts, limits::tconVolts);
    at.number("kneeVolts", panel.kneeVolts, limits::volts);
    at.number("lightVolts", panel.lightVolts, limits::volts);
    at.number("tconAmps", panel.tconAmps, limits::amps);
    at.count("findings", panel.findings.size(), panelcheck::findingCount);
    at.text("note", panel.note, limits::text);
}

void checkMakeSafe(const Check& at, const safety::MakeSafe& done) {
    at.number("resistorOhms", done.resistor.ohms, limits::pointOhms);
    at.number("resistorWatts", done.resistor.watts, limits::dischargerWatts);
    at.number("resistorVolts", done.resistor.volts, limits::isolationVolts);
    at.number("bleederOhms", done.bleederOhms, limits::pointOhms);
    at.count("residuals", done.residuals.size(), limits::residuals);
    at.number("countsFrom", done.countsFrom, {0, double(limits::residuals)});
    if (done.countsFrom > int(done.residuals.size())) {
        at.report("countsFrom", text::say("is beyond the last residual"));
    }
    for (std::size_t i = 0; i < done.residuals.size(); ++i) {
        const auto of = at.at("residuals", i);
        of.text("store", done.residuals[i].store, limits::word);
        of.text("at", done.residuals[i].at, limits::word);
        of.number("volts", done.residuals[i].volts, limits::volts);
        of.number("afterEntry", done.residuals[i].afterEntry, {0, limits::entryId.most});
    }
}

void checkRepair(const Check& at, const Repair& repair) {
    at.text("option", repair.option, limits::word);
    at.text("work", repair.work, limits::text);
    at.number("originalAmps", repair.originalAmps, limits::amps);
    at.number("newAmps", repair.newAmps, limits::amps);
    at.count("terms", repair.terms.size(), limits::terms);
    for (std::size_t i = 0; i < repair.terms.size(); ++i) {
        const auto& terms = repair.terms[i];
        const auto of = at.at("terms", i);
        of.text("option", terms.option, limits::word);
        of.number("parts", terms.parts, limits::money);
        of.number("days", terms.days, limits::days);
        of.text("source", terms.source, limits::line);
        if (repair.termsOf(terms.option) != &terms) {
            of.report("option", text::say("{} has terms twice", terms.option));
        }
    }
    check(at.at("details"), repair.details);
}

}  // namespace

std::vector<format::Problem> problemsOf(const Job& job) {
    std::vector<format::Problem> problems;
    const Check at(problems);
    at.text("id", job.id, limits::id);
    if (job.id.empty()) {
        at.report("id", text::say("is empty"));
    }
    at.text("title", job.title, limits::line);
    checkOrder(at.at("order"), job.order);
    checkSet(at.at("set"), job.set);
    checkBench(at.at("bench"), job.bench);
    checkRepair(at.at("repair"), job.repair);
    checkMakeSafe(at.at("makeSafe"), job.makeSafe);
    hands::check(at.at("opening"), job.opening);
    at.count("soak", job.soak.size(), limits::soak);
    for (std::size_t i = 0; i < job.soak.size(); ++i) {
        at.at("soak", i).number("minutes", job.soak[i].minutes, limits::soakMinutes);
        at.at("soak", i).number("ledPlusVolts", job.soak[i].ledPlusVolts, limits::volts);
        at.at("soak", i).number("amps", job.soak[i].amps, limits::amps);
    }
    at.text("handedBack", job.handedBack, limits::word);
    at.number("describedAfter", job.describedAfter, {0, limits::entryId.most});
    const auto ofPanel = backlight::problemsOf(job.set.backlight);
    for (const auto& problem : ofPanel) {
        problems.push_back({"set.backlight." + problem.path, problem.reason});
    }
    if (ofPanel.empty()) {  // what refers to LEDs can only be held against a sound backlight
        checkPanel(at.at("panelCheck"), job.panelCheck, job.set.backlight);
        checkTrail(at, job);
    }
    return problems;
}

}  // namespace dimglow::job
