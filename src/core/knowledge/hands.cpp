#include "core/knowledge/hands.h"

#include <algorithm>

#include "core/format/document.h"
#include "core/hands/layer_line.h"
#include "core/knowledge/board.h"
#include "core/knowledge/file_header.h"

namespace dimglow::knowledge {

using format::Fields;
using format::FormatError;

namespace {

constexpr std::size_t longestTitle = 120;

hands::LayerKind layerNamed(const std::string& id, const std::string& path) {
    for (int kind = 0; kind < hands::layerKindCount; ++kind) {
        if (id == hands::idOf(hands::LayerKind(kind))) {
            return hands::LayerKind(kind);
        }
    }
    throw FormatError(path, "\"" + id + "\" is no layer");
}

hands::Way readWay(Fields& of) {
    hands::Way way;
    way.id = of.text("id", longestWord);
    way.title = sentence(of, "title", longestWord);
    way.say = sentence(of, "say", longestSentence);
    way.minutes = of.number("minutes", 0, 1e4);
    way.perInchMinutes = of.number("perInchMinutes", 0, 100, 0);
    way.breaks = of.number("breaks", 0, 1);
    of.forEachText("needs", 20,
                   [&](const std::string& need, const std::string&) { way.needs.emplace_back(text::Text(need, {})); });
    return way;
}

hands::Layout readLayout(Fields& of) {
    hands::Layout layout{of.text("id", longestWord), sentence(of, "title", longestWord), {}};
    of.forEachText("lines", 40, [&](const std::string& line, const std::string& path) {
        const auto read = hands::readLayerLine(line);
        if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
            throw FormatError(path, problem->words + " " + problem->reason.english());
        }
        layout.lines.push_back(line);
    });
    return layout;
}

hands::CheckKind readCheck(Fields& of) {
    hands::CheckKind check{of.text("id", longestWord), sentence(of, "title", longestTitle), {}, {}, lightNamed(of)};
    of.forEachText("after", hands::layerKindCount, [&](const std::string& id, const std::string& path) {
        check.after.push_back(layerNamed(id, path));
    });
    if (of.has("before")) {
        check.before = layerNamed(of.text("before"), of.pathOf("before"));
    }
    if (check.after.empty() == !check.before) {
        throw FormatError(of.pathOf("after"), "a check is due after some layers or before one");
    }
    return check;
}

hands::WorkStep readStep(Fields& of) {
    hands::WorkStep step;
    step.id = of.text("id", longestWord);
    step.title = sentence(of, "title", longestTitle);
    if (of.has("caution")) {
        step.caution = sentence(of, "caution", longestSentence);
    }
    step.minutes = of.number("minutes", 0, 1e4);
    step.isPerLed = of.flag("perLed", false);
    if (of.has("reads")) {
        step.reads = sentence(of, "reads", longestWord);
    }
    step.unit = of.text("unit", longestWord, "");
    of.forEach("choices", 9, [&](Fields choice) {
        step.choices.push_back({choice.text("id", longestWord), sentence(choice, "title", longestWord)});
    });
    return step;
}

}  // namespace

hands::Trade readHands(const nlohmann::json& document) {
    Fields fields(document, "hands.json");
    requireHeader(fields, "dimglow-hands");
    hands::Trade trade;
    trade.usualInches = fields.number("usualInches", 5, 200);
    trade.oneMansTimes = fields.number("oneMansTimes", 1, 100);
    trade.adhesiveTimes = fields.number("adhesiveTimes", 1, 100);
    trade.perInchBreaks = fields.number("perInchBreaks", 0, 1);
    fields.forEach("ways", 20, [&](Fields of) { trade.ways.push_back(readWay(of)); });
    if (trade.ways.empty()) {
        throw FormatError(fields.pathOf("ways"), "none of them opens the panel");
    }
    fields.forEach("layouts", 40, [&](Fields of) { trade.layouts.push_back(readLayout(of)); });
    fields.forEach("checks", 60, [&](Fields of) { trade.checks.push_back(readCheck(of)); });
    fields.forEach("looks", 40, [&](Fields of) {
        trade.looks.push_back(
            {of.text("id", longestWord), sentence(of, "title", longestWord), sentence(of, "how", longestSentence)});
    });
    fields.forEach("steps", 200, [&](Fields of) { trade.steps.push_back(readStep(of)); });
    return trade;
}

}  // namespace dimglow::knowledge
