#include "core/knowledge/board.h"

#include <algorithm>
#include <cmath>

#include "core/knowledge/file_header.h"

namespace dimglow::knowledge {

using format::Fields;
using format::FormatError;

namespace {

/// A list of exactly as many shares.
template <std::size_t count>
std::array<double, count> readNumbers(const nlohmann::json& list, const std::string& path) {
    std::array<double, count> numbers{};
    if (!list.is_array() || list.size() != count) {
        throw FormatError(path, "expected a list of " + std::to_string(count) + " numbers");
    }
    for (std::size_t i = 0; i < count; ++i) {
        if (!list[i].is_number() || list[i].template get<double>() < 0) {
            throw FormatError(path + "[" + std::to_string(i) + "]", "expected a number of 0 or more");
        }
        numbers[i] = list[i];
    }
    return numbers;
}

GradeShares readGradeShares(const nlohmann::json& list, const std::string& path) {
    const auto shares = readNumbers<3>(list, path);
    if (std::abs(shares[0] + shares[1] + shares[2] - 1) > 1e-6) {
        throw FormatError(path, "the shares do not add up to 1");
    }
    return shares;
}

/// A member that Fields has no reader for.
const nlohmann::json& raw(Fields& of, const nlohmann::json& document, const char* member) {
    if (!of.has(member)) {
        throw FormatError(of.pathOf(member), "is missing");
    }
    return document[member];
}

/// A kind of set without the blocks of another light.
SetKind litBy(set::LightKind light, SetKind kind) {
    std::erase_if(kind.placed, [&](const PlacedBlock& placed) {
        return kind.blocks[std::size_t(placed.block)].light.value_or(light) != light;
    });
    return kind;
}

}  // namespace

void readSets(const nlohmann::json& document, Knowledge& knowledge) {
    Fields fields(document, "sets.json");
    requireHeader(fields, "dimglow-sets");
    knowledge.lampShare = fields.number("lampShare", 0, 1);
    fields.forEach("blocks", 40, [&](Fields block) {
        knowledge.blocks.push_back({block.text("id", longestWord), sentence(block, "title", longestWord),
                                    block.text("unit", longestWord), block.flag("hot", false), lightNamed(block)});
    });
    for (const auto& wire : raw(fields, document, "wires")) {
        const std::string path = fields.pathOf("wires") + "[" + std::to_string(knowledge.wires.size()) + "]";
        if (!wire.is_array() || wire.size() != 2 || !wire[0].is_string() || !wire[1].is_string()) {
            throw FormatError(path, "expected the names of two blocks");
        }
        knowledge.wires.emplace_back(indexOfBlock(wire[0], path, knowledge), indexOfBlock(wire[1], path, knowledge));
    }
    fields.forEach("kinds", 40, [&](Fields kind) {
        const auto& ofKind = document["kinds"][knowledge.setKinds.size()];
        SetKind read{kind.text("id", longestWord), sentence(kind, "title", longestWord), knowledge.blocks, {}};
        if (kind.has("weightTimes")) {
            Fields times = kind.object("weightTimes");
            for (const auto& [suspect, value] : ofKind["weightTimes"].items()) {
                read.weightTimes[suspect] = times.number(suspect.c_str(), 0.01, 100);
            }
        }
        read.wattsTimes = kind.number("wattsTimes", 0.01, 100, 1);
        kind.forEach("blocks", 40, [&](Fields placed) {
            const int block = indexOfBlock(placed.text("id", longestWord), placed.pathOf("id"), knowledge);
            auto& own = read.blocks[std::size_t(block)];
            if (placed.has("title")) {
                own.title = sentence(placed, "title", longestWord);
            }
            own.unit = placed.text("unit", longestWord, own.unit);
            const auto at =
                readNumbers<2>(raw(placed, ofKind["blocks"][read.placed.size()], "at"), placed.pathOf("at"));
            read.placed.push_back({block, int(at[0]), int(at[1])});
        });
        knowledge.setKinds.push_back(litBy(set::LightKind::Leds, read));
        knowledge.lampSetKinds.push_back(litBy(set::LightKind::Lamps, std::move(read)));
    });
    if (knowledge.setKinds.empty()) {
        throw FormatError(fields.pathOf("kinds"), "names no kind of set");
    }
}

void readPoints(const nlohmann::json& document, Knowledge& knowledge) {
    Fields fields(document, "points.json");
    requireHeader(fields, "dimglow-points");
    fields.forEach("points", 200, [&](Fields point) {
        const auto& own = document["points"][knowledge.points.size()];
        PointKind kind;
        kind.id = point.text("id", longestWord);
        kind.title = sentence(point, "title", longestWord);
        kind.shortTitle = point.has("short") ? sentence(point, "short", longestWord) : kind.title;
        kind.letter = point.text("letter", longestWord);
        kind.block = blockNamed(point, knowledge);
        kind.kind = parts::PartKind(point.choice("kind", parts::partKindWords));
        kind.how = sentence(point, "how", longestSentence);
        kind.minutes = point.number("minutes", 0.1, 1e4);
        kind.live = point.flag("live", false);
        kind.from = set::SetState(point.choice("from", set::setStateWords, int(kind.from)));
        kind.many = point.flag("many", false);
        kind.ages = point.flag("ages", false);
        if (point.has("shutDown")) {
            kind.shutDown = readGradeShares(raw(point, own, "shutDown"), point.pathOf("shutDown"));
        }
        kind.tools = readTools(point);
        kind.usual = readGradeShares(raw(point, own, "usual"), point.pathOf("usual"));
        kind.faulty = readGradeShares(raw(point, own, "faulty"), point.pathOf("faulty"));
        const auto looks = readNumbers<2>(raw(point, own, "looks"), point.pathOf("looks"));
        kind.looksUsual = looks[0];
        kind.looksFaulty = looks[1];
        knowledge.points.push_back(std::move(kind));
    });
}

std::vector<std::string> readTools(Fields& of) {
    std::vector<std::string> tools;
    of.forEachText("tools", 10, [&](const std::string& id, const std::string&) { tools.push_back(id); });
    return tools;
}

std::optional<set::LightKind> lightNamed(Fields& of) {
    if (!of.has("light")) {
        return std::nullopt;
    }
    return set::LightKind(of.choice("light", {"leds", "lamps"}));
}

int indexOfBlock(const std::string& id, const std::string& path, const Knowledge& knowledge) {
    const auto& blocks = knowledge.blocks;
    const auto found = std::find_if(blocks.begin(), blocks.end(), [&](const auto& block) { return block.id == id; });
    if (found == blocks.end()) {
        throw FormatError(path, "\"" + id + "\" is no block");
    }
    return int(found - blocks.begin());
}

int blockNamed(Fields& of, const Knowledge& knowledge) {
    const auto block = of.text("block", longestWord, "");
    return block.empty() ? -1 : indexOfBlock(block, of.pathOf("block"), knowledge);
}

std::map<int, GradeShares> readGrades(Fields& of, const nlohmann::json& document, const Knowledge& knowledge) {
    std::map<int, GradeShares> grades;
    if (!document.contains("points")) {
        return grades;
    }
    of.object("points");
    for (const auto& [id, shares] : document["points"].items()) {
        const std::string path = of.pathOf("points") + "." + id;
        const int point = knowledge.pointIndex(id);
        if (point < 0) {
            throw FormatError(path, "\"" + id + "\" is no point");
        }
        grades[point] = readGradeShares(shares, path);
    }
    return grades;
}

}  // namespace dimglow::knowledge
