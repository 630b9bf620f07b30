#pragma once

#include <nlohmann/json.hpp>
#include <string_view>

#include "core/job/job.h"

namespace dimglow::job {

/// The version that toJson() writes. fromJson() reads this and every earlier one.
inline constexpr int formatVersion = 1;

/// The job file of docs/format.md. Fields in Job::unknown return to where they came from.
nlohmann::json toJson(const Job& job);

/// \throws format::FormatError that names the field and the reason; nothing is read halfway.
Job fromJson(const nlohmann::json& document);

/// Parses text, refusing what is too long, too deep, or not JSON, with line and column.
/// \throws format::FormatError
Job parseJob(std::string_view text);

}  // namespace dimglow::job
