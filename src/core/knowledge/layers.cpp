#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/format/document.h"
#include "core/knowledge/knowledge.h"

/// \file
/// Knowledge in layers.

namespace dimglow::knowledge {

namespace {

using nlohmann::json;

/// Whether a member is a list of entries that are told apart by their id.
bool isOfEntries(const json& member) {
    return member.is_array() && std::all_of(member.begin(), member.end(), [](const json& entry) {
               return entry.is_object() && entry.contains("id");
           });
}

json mergedEntries(json entries, const json& later) {
    for (const auto& entry : later) {
        const auto same =
            std::find_if(entries.begin(), entries.end(), [&](const json& other) { return other["id"] == entry["id"]; });
        if (same == entries.end()) {
            entries.push_back(entry);
        } else {
            *same = entry;
        }
    }
    return entries;
}

std::string mergedFile(const std::string& earlier, const std::string& later, const char* name) {
    if (later.empty()) {
        return earlier;
    }
    json merged = format::parseNamed(earlier, name);
    const json over = format::parseNamed(later, name);
    if (!over.is_object() || over.value("format", json()) != merged["format"]) {
        throw format::FormatError(name + std::string(".format"), "must be " + merged["format"].dump());
    }
    for (const auto& [key, member] : over.items()) {
        const bool merges = merged.contains(key) && isOfEntries(member) && isOfEntries(merged[key]);
        merged[key] = merges ? mergedEntries(merged[key], member) : member;
    }
    return merged.dump();
}

}  // namespace

KnowledgeTexts laidOver(const KnowledgeTexts& earlier, const KnowledgeTexts& later) {
    const std::pair<std::string KnowledgeTexts::*, const char*> files[] = {
        {&KnowledgeTexts::behaviours, "behaviours.json"},
        {&KnowledgeTexts::sets, "sets.json"},
        {&KnowledgeTexts::points, "points.json"},
        {&KnowledgeTexts::suspects, "suspects.json"},
        {&KnowledgeTexts::tests, "tests.json"},
        {&KnowledgeTexts::repairs, "repairs.json"},
        {&KnowledgeTexts::hands, "hands.json"}};
    KnowledgeTexts merged;
    for (const auto& [file, name] : files) {
        merged.*file = mergedFile(earlier.*file, later.*file, name);
    }
    return merged;
}

}  // namespace dimglow::knowledge
