#pragma once

#include <nlohmann/json.hpp>

#include "core/sheet/assessment.h"

namespace dimglow::cli {

/// An assessment as docs/format.md describes it.
nlohmann::json toJson(const sheet::Assessment& assessment, const job::Job& job);

}  // namespace dimglow::cli
