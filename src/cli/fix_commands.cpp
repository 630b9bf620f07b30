#include "cli/fix_commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <stdexcept>

#include "core/parts/part_line.h"
#include "core/repair/current.h"
#include "core/repair/matching.h"
#include "core/repair/planned_light.h"
#include "core/sums/sums.h"

namespace dimglow::cli {

using nlohmann::json;

namespace {

json rangeJson(const std::optional<repair::Range>& range) {
    return range ? json({{"low", range->low}, {"likely", range->likely}, {"high", range->high}}) : json();
}

json wayJson(const repair::CurrentWay& way) {
    json heat = json::array();
    for (const auto& part : way.heat) {
        heat.push_back({{"ohms", part.ohms}, {"watts", part.watts}});
    }
    return {{"resistors", parts::nameOf(way.resistors)},
            {"ohms", way.resistors.ohms},
            {"amps", way.amps},
            {"off", way.off},
            {"heat", heat}};
}

json listOfSums() {
    json list = json::array();
    for (const auto& sum : sums::all()) {
        json asked = json::array();
        for (const auto& of : sum.asked) {
            asked.push_back(
                {{"name", of.id}, {"title", of.name}, {"unit", of.unitWord}, {"needed", of.isNeeded && !of.usual}});
        }
        list.push_back({{"sum", sum.id}, {"title", sum.title}, {"formula", sum.formula}, {"asks", asked}});
    }
    return list;
}

}  // namespace

json plan(const sheet::Assessment& assessment) {
    const auto& plan = assessment.plan;
    json options = json::array();
    for (const auto& option : plan.options) {
        options.push_back({{"id", option.id},
                           {"title", option.title},
                           {"parts", option.parts},
                           {"minutes", option.minutes},
                           {"days", option.days},
                           {"mends", option.mends},
                           {"before", option.before},
                           {"expectedCost", option.expectedCost ? json(*option.expectedCost) : json()},
                           {"comeback", rangeJson(option.comebackRange)},
                           {"comebackKnown", option.comeback.has_value()},
                           {"glassRisk", option.glassRisk},
                           {"late", option.late},
                           {"unavailable", option.unavailable},
                           {"planFirst", option.planFirst},
                           {"stopGap", option.stopGap}});
    }
    json refused = json::array();
    for (const auto& one : plan.refused) {
        refused.push_back({{"title", one.title}, {"why", one.why}});
    }
    json shopping = json::array();
    for (const auto& line : assessment.shopping) {
        shopping.push_back({{"what", line.what},
                            {"count", line.count},
                            {"figures", line.figures},
                            {"note", line.note},
                            {"beforeOpening", line.beforeOpening}});
    }
    return {{"options", options},
            {"advised", plan.advised},
            {"advice", plan.advice},
            {"overrode", plan.overrode},
            {"hoursTurn", plan.hoursTurn},
            {"turn", plan.turn
                         ? json({{"goodwill", plan.turn->at}, {"below", plan.turn->below}, {"above", plan.turn->above}})
                         : json()},
            {"refused", refused},
            {"shopping", shopping}};
}

json sense(const SenseOptions& options) {
    const auto found = parts::readResistors(options.resistors);
    if (!found) {
        throw std::invalid_argument(
            fmt::format("\"{}\" is no chain of resistors; say R22, \"0.22 || 0.33\" or 12k", options.resistors));
    }
    const auto by = repair::kindOf(found->ohms);
    if (!by) {
        throw std::invalid_argument(fmt::format("{:g} ohm neither sense a current nor set one", found->ohms));
    }
    const auto law = repair::lawOf(*by, options.milliamps / 1000, found->ohms);
    json result = {{"by", *by == repair::CurrentBy::Sense ? "sense" : "set"}, {"volts", law.constant}};
    if (options.wantedMilliamps) {
        const double wanted = *options.wantedMilliamps / 1000;
        const auto series = options.series == "E12" ? parts::Series::E12 : parts::Series::E24;
        result["direction"] = repair::direction(found->ohms, law.ohms(wanted));
        result["lifeTimes"] = repair::lifeTimes(options.milliamps / 1000, wanted);
        result["lightTimes"] = repair::lightTimes(options.milliamps / 1000, wanted);
        for (const auto& way : repair::waysTo(law, wanted, series, options.parts)) {
            result["ways"].push_back(wayJson(way));
        }
        if (found->join == parts::Resistors::Join::Parallel) {
            for (const auto& way : repair::waysByOneBranch(law, *found, wanted, series)) {
                result["byOneBranch"].push_back(wayJson(way));
            }
        }
    }
    return result;
}

json match(const MatchOptions& options) {
    const auto& kinds = parts::partKindWords;
    const auto named = std::find(kinds.begin(), kinds.end(), options.part);
    if (named == kinds.end()) {
        throw std::invalid_argument(fmt::format("\"{}\" is no part; one of {}", options.part, fmt::join(kinds, ", ")));
    }
    const auto kind = parts::PartKind(named - kinds.begin());
    const auto read = [&](const std::string& line) {
        const auto ratings = parts::readTypedRatings(kind, line);
        if (const auto* problem = std::get_if<text::Text>(&ratings)) {
            throw std::invalid_argument(problem->english());
        }
        return std::get<parts::Ratings>(ratings);
    };
    const auto margins =
        repair::match(kind, read(options.offer), options.old.empty() ? parts::Ratings{} : read(options.old),
                      {options.stressVolts, options.stressAmps});
    json list = json::array();
    for (const auto& margin : margins) {
        list.push_back({{"quantity", margin.quantity},
                        {"have", margin.have},
                        {"need", margin.need},
                        {"fit", repair::wordsOf(margin.fit)},
                        {"why", margin.why}});
    }
    const auto whole = margins.empty() ? repair::Fit::NotKnown : repair::verdictOf(margins);
    return {{"verdict", repair::wordsOf(whole)}, {"figures", list}};
}

json strips(const job::Job& job) {
    const auto task = repair::universalTaskOf(job);
    if (!task) {
        throw std::invalid_argument("the job says nothing of universal strips, or of the strips that they replace");
    }
    const auto plan = plan::planUniversal(*task);
    json rows = json::array();
    for (const auto& row : plan.rows) {
        json segments = json::array();
        for (const auto& segment : row.segments) {
            segments.push_back({{"fromMm", segment.fromMm}, {"cut", !segment.joinsLast}});
        }
        rows.push_back(
            {{"yMm", row.yMm}, {"turned", row.isTurned}, {"segments", segments}, {"lightsMm", row.lightsMm}});
    }
    json wires = json::array();
    for (const auto& wire : plan.wires) {
        wires.push_back({{"from", wire.from}, {"to", wire.to}, {"lengthMm", wire.lengthMm}});
    }
    return {{"refusal", plan.refusal}, {"rows", rows},
            {"wires", wires},          {"stockStrips", plan.stockStrips},
            {"offcuts", plan.offcuts}, {"stringVolts", plan.stringVolts},
            {"amps", plan.amps},       {"watts", plan.watts},
            {"leds", plan.leds},       {"notes", plan.notes}};
}

json bench(const std::string& sum, const std::vector<std::string>& given) {
    if (sum.empty()) {
        return listOfSums();
    }
    const auto* of = sums::find(sum);
    if (of == nullptr) {
        throw std::invalid_argument(fmt::format("there is no sum \"{}\"; bench without a name lists them", sum));
    }
    sums::Given numbers;
    for (const auto& one : given) {
        const auto sign = one.find('=');
        const std::string name = one.substr(0, sign);
        const auto asked =
            std::find_if(of->asked.begin(), of->asked.end(), [&](const auto& a) { return a.id == name; });
        if (sign == std::string::npos || asked == of->asked.end()) {
            throw std::invalid_argument(fmt::format("\"{}\" is no number of {}; say name=value", one, sum));
        }
        const auto read = sums::readTyped(*asked, one.substr(sign + 1));
        if (const auto* problem = std::get_if<text::Text>(&read)) {
            throw std::invalid_argument(problem->english());
        }
        numbers[name] = std::get<double>(read);
    }
    const auto answer = sums::work(*of, numbers);
    if (!answer.missing.empty()) {
        throw std::invalid_argument(answer.missing.english());
    }
    json results = json::array();
    for (const auto& result : answer.results) {
        results.push_back({{"id", result.id}, {"name", result.name}, {"value", result.value}, {"words", result.words}});
    }
    return {{"sum", of->id}, {"results", results}, {"notes", answer.notes}, {"assumed", answer.assumed}};
}

}  // namespace dimglow::cli
