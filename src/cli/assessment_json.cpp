#include "cli/assessment_json.h"

#include <fmt/format.h>

namespace dimglow::cli {

using nlohmann::json;

namespace {

json bandJson(driver::Band band) {
    return {{"lowVolts", band.low}, {"highVolts", band.high}};
}

json suspectsJson(const sheet::Assessment& assessment, const knowledge::Knowledge& trade) {
    json list = json::array();
    for (const auto& suspect : assessment.suspects) {
        json reasons = json::array();
        for (const auto& reason : suspect.reasons) {
            reasons.push_back({{"entry", reason.entry}, {"text", reason.text}, {"decibans", reason.decibans}});
        }
        json parts = json::array();
        for (const auto& part : suspect.parts) {
            parts.push_back({{"title", part.title}, {"point", part.point}, {"ref", part.ref}, {"share", part.share}});
        }
        const auto& blocks = trade.blocks;
        list.push_back({{"suspect", suspect.suspect},
                        {"block", suspect.block < 0 ? "" : blocks[std::size_t(suspect.block)].id},
                        {"parts", parts},
                        {"title", suspect.title},
                        {"side", knowledge::sideWords[std::size_t(suspect.side)]},
                        {"share", suspect.share},
                        {"previousShare", suspect.previousShare},
                        {"reasons", reasons}});
    }
    return list;
}

json probeJson(const probe::Probe& probe) {
    json outcomes = json::array();
    for (const auto& outcome : probe.outcomes) {
        outcomes.push_back({{"reading", outcome.reading}, {"meaning", outcome.meaning}, {"share", outcome.share}});
    }
    return {{"test", probe.test},  {"title", probe.title}, {"how", probe.how},     {"minutes", probe.minutes},
            {"bits", probe.bits},  {"live", probe.live},   {"tools", probe.tools}, {"emptyFirst", probe.emptyFirst},
            {"outcomes", outcomes}};
}

json probesJson(const sheet::Assessment& assessment) {
    json list = json::array();
    for (const auto& probe : assessment.probes.best) {
        list.push_back(probeJson(probe));
    }
    return list;
}

json optionsJson(const repair::FixPlan& plan) {
    json list = json::array();
    for (const auto& option : plan.options) {
        json line = {{"option", option.id},       {"title", option.title},
                     {"mends", option.mends},     {"parts", option.parts},
                     {"minutes", option.minutes}, {"days", option.days},
                     {"late", option.late},       {"comebackWhy", option.comebackWhy}};
        line["expectedCost"] = option.expectedCost ? json(*option.expectedCost) : json("cannot tell");
        line["comeback"] = option.comeback ? json(*option.comeback) : json("cannot tell");
        list.push_back(std::move(line));
    }
    return list;
}

json thisSetJson(const sheet::Assessment& assessment) {
    json list = json::array();
    for (const auto& known : assessment.thisSet) {
        constexpr const char* fromWords[] = {"not known yet", "computed", "learned", "read off"};
        json line = {{"quantity", driver::referenceWords[std::size_t(known.what)]},
                     {"from", fromWords[std::size_t(known.from)]},
                     {"feed", known.feed}};
        if (known.from != findings::Known::From::NotYet) {
            line["volts"] = known.volts;
            line["sigmaVolts"] = known.sigmaVolts;
        }
        list.push_back(std::move(line));
    }
    return list;
}

json proofJson(const std::vector<proof::ProofLine>& proof) {
    json list = json::array();
    for (const auto& line : proof) {
        json entry = {{"test", line.test},    {"channel", int(line.channel)},    {"feed", int(line.feed)},
                      {"title", line.title},  {"expected", bandJson(line.band)}, {"found", line.found},
                      {"within", line.within}};
        if (line.volts) {
            entry["volts"] = *line.volts;
        }
        list.push_back(std::move(entry));
    }
    return list;
}

}  // namespace

json toJson(const sheet::Assessment& assessment, const job::Job& job, const knowledge::Knowledge& trade) {
    json expected = json::object();
    for (const auto& [asked, band] : assessment.expected.volts) {
        const auto* test = trade.test(asked.test);
        const bool isOfOneFeed = test->per == knowledge::Per::Feed && job.set.backlight.feeds.size() > 1;
        expected[test->per == knowledge::Per::Channel ? fmt::format("{}/{}", asked.test, asked.channel)
                 : isOfOneFeed                        ? fmt::format("{}/{}", asked.test, asked.feed)
                                                      : asked.test] = bandJson(band);
    }
    json strips = json::array();
    for (std::size_t strip = 0; strip < assessment.ledShares.size(); ++strip) {
        strips.push_back({{"strip", job.set.backlight.strips[strip].label},
                          {"expectedVoltsAtTester", assessment.expected.stripVolts[strip]},
                          {"faultyShares", assessment.ledShares[strip]}});
    }
    json located = json::array();
    for (const auto& place : findings::ledsOf(assessment.located)) {
        located.push_back(backlight::nameOf(job.set.backlight, place));
    }
    return {{"job", job.id},
            {"verdict", assessment.verdict()},
            {"suspects", suspectsJson(assessment, trade)},
            {"probes", probesJson(assessment)},
            {"outOfTools", assessment.probes.outOfTools ? probeJson(*assessment.probes.outOfTools) : json()},
            {"live", assessment.probes.live ? probeJson(*assessment.probes.live) : json()},
            {"expected", expected},
            {"thisSet", thisSetJson(assessment)},
            {"misfit", assessment.misfit ? json({{"reading", assessment.misfit->reading},
                                                 {"entry", assessment.misfit->entry.value_or(0)},
                                                 {"why", assessment.misfit->why},
                                                 {"describedSince", assessment.misfit->describedSince}})
                                         : json()},
            {"fixNow", assessment.fixNow
                           ? json({{"option", assessment.fixNow->repair}, {"mends", assessment.fixNow->mends}})
                           : json()},
            {"strips", strips},
            {"wantsStrips", assessment.wantsStrips},
            {"located", located},
            {"options", optionsJson(assessment.plan)},
            {"advised", assessment.plan.advised},
            {"advice", assessment.plan.advice},
            {"proof", proofJson(assessment.proof)},
            {"soakPassed", assessment.soak.passed},
            {"soak", assessment.soak.text}};
}

}  // namespace dimglow::cli
