#pragma once

#include <nlohmann/json.hpp>
#include <string>

#include "core/format/fields.h"
#include "core/parts/part_check.h"

namespace dimglow::set {

/// A part, rail or pin of this set's boards, by the name that is printed beside it.
struct BoardPoint {
    std::string kind;  ///< id of a point of the knowledge files: "outputDiode"
    std::string ref;   ///< "D8"; the kind's letter while nobody has read it
    parts::Ratings ratings;
    bool operator==(const BoardPoint&) const = default;
};

nlohmann::json toJson(const BoardPoint& point);
/// \throws format::FormatError that names the member
BoardPoint readBoardPoint(format::Fields& fields);

}  // namespace dimglow::set
