#include "cli/commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <stdexcept>

#include "core/circuit/circuit_json.h"
#include "core/driver/meter.h"
#include "core/driver/switch_on.h"
#include "core/knowledge/knowledge.h"
#include "core/locate/tester_plan.h"
#include "core/parts/part_line.h"

namespace dimglow::cli {

using nlohmann::json;

namespace {

backlight::Run runOf(const job::Job& job, const std::string& name) {
    const auto run = backlight::runNamed(job.set.backlight, name);
    if (!run) {
        throw std::invalid_argument(
            fmt::format("\"{}\" is no run of this backlight; say B, B3, B3-B8 or channel 1", name));
    }
    return *run;
}

backlight::TesterSetting settingOf(const job::Job& job, const TesterOptions& options) {
    auto setting = job.bench.tester;
    setting.amps = options.milliamps ? *options.milliamps / 1000 : setting.amps;
    setting.limitVolts = options.limitVolts.value_or(setting.limitVolts);
    if (!(setting.amps > 0) || !(setting.limitVolts > 0)) {
        throw std::invalid_argument("the tester's current and limit must be positive");
    }
    return setting;
}

json explanationsJson(const std::vector<locate::Explanation>& explanations, double leastShare) {
    json list = json::array();
    for (const auto& e : explanations) {
        if (e.share >= leastShare) {
            list.push_back({{"meaning", e.words},
                            {"share", e.share},
                            {"volts", e.volts},
                            {"lit", e.lit},
                            {"ofTheTester", e.ofTheTester}});
        }
    }
    return list;
}

json viewJson(const driver::MeterView& view) {
    constexpr const char* shapes[] = {"steady", "peak-then-settles", "wanders"};
    return {{"shape", shapes[int(view.shape)]}, {"volts", view.volts},    {"restVolts", view.rest},
            {"maximum", view.highest},          {"minimum", view.lowest}, {"readings", view.readings}};
}

}  // namespace

json solve(const json& document) {
    const auto circuit = circuit::parseCircuit(document);
    return circuit::solutionJson(circuit, circuit::OperatingPointSolver(circuit.network).solve());
}

json planTester(const job::Job& job, const TesterOptions& options) {
    const auto run = runOf(job, options.run);
    const auto setting = settingOf(job, options);
    const auto plan = locate::planTester(job.set.backlight, run, setting);
    json result = {{"run", nameOf(job.set.backlight, run)},
                   {"leds", run.count()},
                   {"amps", setting.amps},
                   {"limitVolts", setting.limitVolts},
                   {"kneeVolts", plan.kneeVolts},
                   {"volts", plan.volts},
                   {"workingVolts", plan.workingVolts},
                   {"leastLimitVolts", plan.leastLimitVolts},
                   {"reaches", plan.reaches},
                   {"ledsWithinReach", plan.ledsWithinReach},
                   {"advice", plan.advice},
                   {"outcomes", explanationsJson(locate::outcomesOf(job.set.backlight, run, setting), 0.001)}};
    if (plan.seriesOhms) {
        result["singleLed"] = {{"seriesOhms", *plan.seriesOhms}, {"watts", plan.seriesWatts}};
    }
    return result;
}

json locate(const job::Job& job, const sheet::Assessment& assessment, const TesterOptions& options) {
    json leds = json::array();
    for (int strip = 0; strip < int(assessment.ledShares.size()); ++strip) {
        for (int led = 0; led < int(assessment.ledShares[strip].size()); ++led) {
            if (assessment.ledShares[strip][led] > 0.001) {
                leds.push_back({{"led", nameOf(job.set.backlight, backlight::LedPlace{strip, led})},
                                {"share", assessment.ledShares[strip][led]}});
            }
        }
    }
    std::stable_sort(leds.begin(), leds.end(), [](const json& a, const json& b) { return a["share"] > b["share"]; });
    json probes = json::array();
    for (const auto& probe : assessment.probes.best) {
        if (evidence::runOf(probe.question)) {
            json outcomes = json::array();
            for (const auto& o : probe.outcomes) {
                outcomes.push_back({{"reading", o.reading}, {"meaning", o.meaning}, {"share", o.share}});
            }
            probes.push_back({{"title", probe.title},
                              {"how", probe.how},
                              {"minutes", probe.minutes},
                              {"bits", probe.bits},
                              {"outcomes", outcomes}});
        }
    }
    json result = {{"verdict", assessment.verdict()}, {"leds", leds}, {"probes", probes}};
    if (options.volts) {
        const auto run = runOf(job, options.run);
        result["explanations"] = explanationsJson(
            locate::explain(job.set.backlight, run, settingOf(job, options), {*options.volts, options.lit, {}}), 0.001);
    }
    return result;
}

json trace(const job::Job& job, const TraceOptions& options, const knowledge::Knowledge& trade) {
    const auto* suspect = trade.suspect(options.suspect);
    if (suspect == nullptr) {
        throw std::invalid_argument(fmt::format("there is no suspect \"{}\"", options.suspect));
    }
    backlight::Faults faults;
    for (const auto& [names, fault] : {std::pair(&options.open, backlight::LedFault::Open),
                                       std::pair(&options.shorted, backlight::LedFault::Shorted)}) {
        for (const auto& name : *names) {
            const auto run = runOf(job, name);
            faults.leds.push_back({backlight::ledsInOrder(job.set.backlight, run.string)[run.first], fault});
        }
    }
    const int feeds = int(job.set.backlight.feeds.size());
    if (options.feed < 1 || options.feed > feeds) {
        throw std::invalid_argument(fmt::format("there is no feed {}; the set has {}", options.feed, feeds));
    }
    const auto on = driver::switchOn(job.set.backlight, options.feed - 1, driver::referenceOf(job.set.backlight),
                                     faults, trade.behaviourOf(*suspect).stage, options.seconds, options.plugOut);
    json samples = json::array();
    constexpr std::size_t fine = 200;  // every millisecond at first, every twentieth then
    for (std::size_t i = 0; i < on.samples.size(); i += i < fine ? 1 : 20) {
        const auto& sample = on.samples[i];
        samples.push_back({{"seconds", sample.seconds},
                           {"ledPlus", sample.ledPlus},
                           {"amps", sample.amps},
                           {"ledMinus", sample.ledMinus},
                           {"state", driver::stateWords(sample.state)}});
    }
    json meter = {{"ledPlus", viewJson(driver::throughMeter(on.ledPlus(), on.secondsApart))}};
    const int channels = on.samples.empty() ? 0 : int(on.samples.front().ledMinus.size());
    for (int channel = 0; channel < channels; ++channel) {
        meter["ledMinus"].push_back(viewJson(driver::throughMeter(on.ledMinus(channel), on.secondsApart)));
    }
    json result = {
        {"trip", driver::tripWords(on.firstTrip)}, {"tries", on.tries}, {"meter", meter}, {"samples", samples}};
    if (on.blinks) {
        result["blinks"] = *on.blinks;
    }
    if (on.lightSeconds) {
        result["lightSeconds"] = *on.lightSeconds;
    }
    if (on.darkSeconds) {
        result["darkSeconds"] = *on.darkSeconds;
    }
    return result;
}

json check(const CheckOptions& options, const knowledge::Knowledge& trade) {
    const auto* point = trade.point(options.part);
    const auto& kinds = parts::partKindWords;
    const auto named = std::find(kinds.begin(), kinds.end(), options.part);
    if (point == nullptr && named == kinds.end()) {
        throw std::invalid_argument(fmt::format("\"{}\" is no part; one of {}", options.part, fmt::join(kinds, ", ")));
    }
    const auto kind = point != nullptr ? point->kind : parts::PartKind(named - kinds.begin());
    const auto read = [&](const std::string& line) {
        const auto typed = parts::readTypedPart(kind, line);
        if (const auto* problem = std::get_if<text::Text>(&typed)) {
            throw std::invalid_argument(problem->english());
        }
        return std::get<parts::TypedPart>(typed);
    };
    const auto typed = read(options.reading);
    std::vector<parts::PartReading> twins;
    for (const auto& twin : options.twins) {
        twins.push_back(read(twin).reading);
    }
    const auto judgement = parts::judge(kind, typed.ratings, typed.reading, twins);
    json result = {{"part", kinds[std::size_t(kind)]},
                   {"reading", parts::describe(typed.reading)},
                   {"verdict", parts::gradeWords[std::size_t(judgement.grade)]},
                   {"because", judgement.because}};
    if (!typed.ref.empty()) {
        result["ref"] = typed.ref;
    }
    if (!judgement.twin.empty()) {
        result["twin"] = judgement.twin;
    }
    return result;
}

json panelCheck(const job::Job& job) {
    const auto plan = panelcheck::planOf(job.set, job.panelCheck, job.bench.supplies);
    const auto judgement = panelcheck::judge(plan, job.panelCheck);
    constexpr const char* outcomes[] = {"open", "go", "go-with-note", "no-go"};
    json result = {{"ccfl", plan.isCcfl},
                   {"refusal", plan.refusal},
                   {"cautions", plan.cautions},
                   {"tcon", {{"lowAmps", plan.tconLowAmps}, {"highAmps", plan.tconHighAmps}}},
                   {"advised", outcomes[int(judgement.advised)]},
                   {"because", judgement.because}};
    if (plan.isCcfl) {
        result["lampVolts"] = plan.lampVolts;
        result["strikeVolts"] = plan.strikeVolts;
        return result;
    }
    json stack = json::array();
    for (const auto& part : plan.stack) {
        stack.push_back(
            {{"supply", job.bench.supplies[part.supply].name}, {"volts", part.volts}, {"topVolts", part.topVolts}});
    }
    json ramp = json::array();
    for (const auto& step : plan.ramp) {
        ramp.push_back({{"volts", step.volts},
                        {"limitAmps", step.limitAmps},
                        {"expectAmps", step.expectAmps},
                        {"slowly", step.slowly},
                        {"say", step.say}});
    }
    result["kneeVolts"] = plan.kneeVolts;
    result["lightVolts"] = plan.lightVolts;
    result["runningVolts"] = plan.runningVolts;
    result["safeAmps"] = plan.safeAmps;
    result["polarityAmps"] = plan.polarityAmps;
    result["stack"] = stack;
    result["ramp"] = ramp;
    return result;
}

}  // namespace dimglow::cli
