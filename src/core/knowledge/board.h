#pragma once

#include <map>
#include <nlohmann/json.hpp>

#include "core/format/fields.h"
#include "core/knowledge/knowledge.h"

/// \file
/// The kinds of set and the points of their boards, read from sets.json and points.json.

namespace dimglow::knowledge {

/// Each \throws format::FormatError that names file, field and reason.
void readSets(const nlohmann::json& document, Knowledge& knowledge);
/// \throws format::FormatError that names the member
void readPoints(const nlohmann::json& document, Knowledge& knowledge);

/// Into Knowledge::blocks. \throws format::FormatError at \p path when there is none of that id.
int indexOfBlock(const std::string& id, const std::string& path, const Knowledge& knowledge);
/// The block that a member "block" names; -1 when it is missing or empty.
int blockNamed(format::Fields& of, const Knowledge& knowledge);
/// The member "light": of what only sets of one kind of light have.
std::optional<set::LightKind> lightNamed(format::Fields& of);
/// The member "tools": ids of what something is done with.
std::vector<std::string> readTools(format::Fields& of);
/// The member "points": shares of good, doubtful and bad by point.
std::map<int, GradeShares> readGrades(format::Fields& of, const nlohmann::json& document, const Knowledge& knowledge);

}  // namespace dimglow::knowledge
