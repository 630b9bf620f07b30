#pragma once

#include <nlohmann/json.hpp>

#include "core/sheet/assessment.h"

namespace dimglow::cli {

/// An assessment as docs/format.md describes it.
/// \param trade what it was made with
nlohmann::json toJson(const sheet::Assessment& assessment, const job::Job& job, const knowledge::Knowledge& trade);

}  // namespace dimglow::cli
