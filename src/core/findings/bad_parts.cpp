#include "core/findings/bad_parts.h"

#include <algorithm>

#include "core/parts/part_line.h"

namespace dimglow::findings {

std::vector<repair::BadPart> badPartsOf(const std::vector<job::Entry>& standing, const set::DisplaySet& set,
                                        const knowledge::Knowledge& knowledge) {
    std::vector<evidence::PointTaken> taken;
    for (const auto& entry : standing) {
        if (const auto* one = std::get_if<evidence::PointTaken>(&entry.what)) {
            taken.push_back(*one);
        }
    }
    std::vector<evidence::PointAsked> bad;
    const auto add = [&](const evidence::PointAsked& asked) {
        if (std::find(bad.begin(), bad.end(), asked) == bad.end()) {
            bad.push_back(asked);
        }
    };
    for (const auto& one : taken) {
        const auto* kind = knowledge.point(one.asked.point);
        const bool isPart = kind != nullptr && kind->kind < parts::PartKind::Rail;
        if (isPart && evidence::judge(one, set, knowledge, taken).grade == parts::Grade::Bad) {
            add(one.asked);
        }
    }
    for (const auto& entry : standing) {
        const auto* seen = std::get_if<evidence::PointSeen>(&entry.what);
        if (seen != nullptr && evidence::isBad(seen->looks) && knowledge.point(seen->asked.point) != nullptr) {
            add(seen->asked);
        }
    }
    std::vector<repair::BadPart> parts;
    for (const auto& asked : bad) {
        const auto printed = std::find_if(set.points.begin(), set.points.end(), [&](const auto& point) {
            return point.kind == asked.point && point.ref == asked.ref;
        });
        const auto& kind = *knowledge.point(asked.point);
        parts.push_back({text::say("{} {}", kind.title, asked.ref),
                         printed == set.points.end() ? std::string() : parts::lineOf(printed->ratings),
                         knowledge.setKind(set).blocks[std::size_t(kind.block)].unit, kind.ages});
    }
    return parts;
}

}  // namespace dimglow::findings
