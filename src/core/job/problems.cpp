#include "core/job/problems.h"

#include <fmt/format.h>

#include <algorithm>
#include <unordered_set>

#include "core/job/limits.h"

namespace dimglow::job {

namespace {

using format::Check;

void check(const Check& at, const char* member, const std::optional<double>& value, format::Range range) {
    if (value) {
        at.number(member, *value, range);
    }
}

/// Lengths of the strings of a backlight, counted once for a whole trail.
class Places {
public:
    explicit Places(const backlight::Backlight& backlight) : backlight_(backlight) {
        for (int channel = 0; channel < int(backlight.channels.size()); ++channel) {
            lengths_.emplace_back();
            for (int string = 0; string < int(backlight.channels[channel].strings.size()); ++string) {
                lengths_.back().push_back(backlight::wholeString(backlight, {channel, string}).count());
            }
        }
    }

    void check(const Check& at, const backlight::Run& run) const {
        const auto outside = [&](const char* member, int value, std::size_t count) {
            at.report(member, fmt::format("{} is outside 0 … {}", value, int(count) - 1));
        };
        const auto& [channel, string] = run.string;
        if (channel < 0 || channel >= int(lengths_.size())) {
            outside("channel", channel, lengths_.size());
        } else if (string < 0 || string >= int(lengths_[channel].size())) {
            outside("string", string, lengths_[channel].size());
        } else if (const int length = lengths_[channel][string]; run.first < 0 || run.first >= length) {
            outside("first", run.first, length);
        } else if (run.last < run.first || run.last >= length) {
            at.report("last", fmt::format("{} is outside {} … {}", run.last, run.first, length - 1));
        } else if (backlight::probeable(backlight_, run) != run) {
            at.report("first", "the run starts or ends between LEDs that stand side by side");
        }
    }

    bool check(const Check& at, backlight::LedPlace place) const {
        const int strips = int(backlight_.strips.size());
        if (place.strip < 0 || place.strip >= strips) {
            at.report("strip", fmt::format("{} is outside 0 … {}", place.strip, strips - 1));
        } else if (const int leds = backlight_.strips[place.strip].leds; place.led < 0 || place.led >= leds) {
            at.report("led", fmt::format("{} is outside 0 … {}", place.led, leds - 1));
        } else {
            return true;
        }
        return false;
    }

    const backlight::Backlight& backlight() const { return backlight_; }

private:
    const backlight::Backlight& backlight_;
    std::vector<std::vector<int>> lengths_;
};

void checkTester(const Check& at, const backlight::TesterSetting& tester) {
    at.number("amps", tester.amps, limits::testerAmps);
    at.number("limitVolts", tester.limitVolts, limits::testerVolts);
}

void checkObservation(const Check& at, const Places&, const Answer& answer) {
    at.text("test", answer.test, limits::word);
    at.text("choice", answer.choice, limits::word);
}

void checkObservation(const Check& at, const Places& places, const Measured& measured) {
    at.text("test", measured.test, limits::word);
    at.number("channel", measured.channel, {0, double(places.backlight().channels.size()) - 1});
    at.number("volts", measured.volts, limits::boardVolts);
    at.number("restVolts", measured.restVolts, limits::boardVolts);
}

void checkObservation(const Check& at, const Places&, const LightSeen& light) {
    at.number("secondsToDark", light.secondsToDark, limits::secondsToDark);
}

void checkObservation(const Check& at, const Places& places, const TesterTaken& taken) {
    places.check(at.at("run"), taken.run);
    checkTester(at.at("tester"), taken.setting);
    check(at, "volts", taken.volts, limits::volts);
    if (!taken.volts && !taken.lit) {
        at.report("volts", "neither volts nor what is lit was written down");
    }
    if (taken.lit) {
        at.number("lit", *taken.lit, {0, double(std::max(0, taken.run.count()))});
    }
    at.count("bridged", taken.bridged.size(), limits::bridged);
    for (std::size_t i = 0; i < taken.bridged.size(); ++i) {
        places.check(at.at("bridged", i), taken.bridged[i]);
    }
}

void checkObservation(const Check& at, const Places& places, const LedSeen& seen) {
    places.check(at, seen.place);
    places.check(at.at("under"), seen.under);
}

void checkObservation(const Check& at, const Places& places, const LedChecked& check) {
    places.check(at, check.place);
    at.number("setVolts", check.setting.volts, limits::ledSetVolts);
    at.number("limitAmps", check.setting.limitAmps, limits::ledLimitAmps);
    at.number("seriesOhms", check.setting.seriesOhms, limits::seriesOhms);
    job::check(at, "volts", check.reading.volts, limits::ledVolts);
    job::check(at, "reverseVolts", check.reading.reverseVolts, limits::ledVolts);
    job::check(at, "amps", check.reading.amps, limits::ledAmps);
}

void checkObservation(const Check& at, const Places& places, const Bridged& bridged) {
    places.check(at, bridged.place);
    at.number("amps", bridged.amps, limits::amps);
}

void checkTrail(const Check& check, const Job& job) {
    check.count("trail", job.trail.size(), limits::trail);
    const Places places(job.backlight);
    std::unordered_set<int> ids;
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        const Entry& entry = job.trail[i];
        const auto at = check.at("trail", i);
        at.number("id", entry.id, limits::entryId);
        if (!ids.insert(entry.id).second) {
            at.report("id", fmt::format("{} is used twice", entry.id));
        }
        at.text("at", entry.at, limits::word);
        std::visit([&](const auto& what) { checkObservation(at, places, what); }, entry.what);
    }
}

void checkSet(const Check& at, const SetInfo& set) {
    const std::pair<const char*, const std::string*> lines[] = {{"maker", &set.maker},
                                                                {"model", &set.model},
                                                                {"serial", &set.serial},
                                                                {"panel", &set.panel},
                                                                {"place", &set.place}};
    for (const auto& [name, value] : lines) {
        at.text(name, *value, limits::line);
    }
    at.text("complaint", set.complaint, limits::text);
    at.number("value", set.value, limits::money);
    at.text("due", set.due, limits::word);
    check(at, "hoursRun", set.hoursRun, limits::hours);
}

void checkBench(const Check& at, const Bench& bench) {
    at.text("currency", bench.currency, limits::currency);
    at.number("ratePerHour", bench.ratePerHour, limits::money);
    at.number("goodwill", bench.goodwill, limits::money);
    at.number("promisedHours", bench.promisedHours, limits::promisedHours);
    at.number("weibullShape", bench.weibullShape, limits::weibullShape);
    checkTester(at.at("tester"), bench.tester);
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
    at.at("lamps").number("count", panel.lamps.count, limits::lamps);
    at.at("lamps").number("lengthMm", panel.lamps.lengthMm, limits::lampLengthMm);
    at.at("lamps").number("diameterMm", panel.lamps.diameterMm, limits::lampBoreMm);
    check(at, "kneeVolts", panel.kneeVolts, limits::volts);
    check(at, "lightVolts", panel.lightVolts, limits::volts);
    check(at, "tconAmps", panel.tconAmps, limits::amps);
    at.count("findings", panel.findings.size(), panelcheck::findingCount);
    at.text("note", panel.note, limits::text);
}

}  // namespace

std::vector<format::Problem> problemsOf(const Job& job) {
    std::vector<format::Problem> problems;
    const Check at(problems);
    at.text("id", job.id, limits::id);
    if (job.id.empty()) {
        at.report("id", "is empty");
    }
    at.text("title", job.title, limits::line);
    checkSet(at.at("set"), job.set);
    checkBench(at.at("bench"), job.bench);
    at.at("repair").text("option", job.repair.option, limits::word);
    at.at("repair").text("work", job.repair.work, limits::text);
    check(at.at("repair"), "originalAmps", job.repair.originalAmps, limits::amps);
    check(at.at("repair"), "newAmps", job.repair.newAmps, limits::amps);
    at.count("soak", job.soak.size(), limits::soak);
    for (std::size_t i = 0; i < job.soak.size(); ++i) {
        at.at("soak", i).number("minutes", job.soak[i].minutes, limits::soakMinutes);
        at.at("soak", i).number("ledPlusVolts", job.soak[i].ledPlusVolts, limits::volts);
        at.at("soak", i).number("amps", job.soak[i].amps, limits::amps);
    }
    at.text("handedBack", job.handedBack, limits::word);
    const auto ofPanel = backlight::problemsOf(job.backlight);
    for (const auto& problem : ofPanel) {
        problems.push_back({"backlight." + problem.path, problem.reason});
    }
    if (ofPanel.empty()) {  // what refers to LEDs can only be held against a sound backlight
        checkPanel(at.at("panelCheck"), job.panelCheck, job.backlight);
        checkTrail(at, job);
    }
    return problems;
}

}  // namespace dimglow::job
