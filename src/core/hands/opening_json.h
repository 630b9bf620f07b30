#pragma once

#include <nlohmann/json.hpp>

#include "core/format/fields.h"
#include "core/hands/opening.h"

namespace dimglow::hands {

/// What nobody has said is left out.
nlohmann::json toJson(const Opening& opening);

/// \throws format::FormatError that names path and reason
Opening readOpening(format::Fields fields);

/// Holds an opening to its limits: how many of each, counts that agree with each other, ids that are used once.
void check(const format::Check& at, const Opening& opening);

}  // namespace dimglow::hands
