#pragma once

#include <nlohmann/json.hpp>
#include <string_view>

#include "core/job/job.h"

namespace dimglow::job {

/// The job file of docs/format.md, in the current version. Fields in Job::unknown return to where they came from.
nlohmann::json toJson(const Job& job);

/// Reads the current version and every earlier one.
/// \throws format::FormatError that names the field, as the current version has it, and the reason; nothing is read
/// halfway.
Job fromJson(const nlohmann::json& document);

/// Parses text, refusing what is too long, too deep, or not JSON, with line and column.
/// \throws format::FormatError
Job parseJob(std::string_view text);

}  // namespace dimglow::job
