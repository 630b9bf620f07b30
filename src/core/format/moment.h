#pragma once

#include <optional>
#include <string>

/// \file
/// Moments as files write them: ISO 8601, UTC.

namespace dimglow::format {

/// Seconds since 1970 of "2026-11-30T08:15:00Z"; empty of anything else.
std::optional<double> secondsOf(const std::string& iso);

/// Seconds from one moment to another; empty where either is not said.
std::optional<double> secondsBetween(const std::string& from, const std::string& to);

}  // namespace dimglow::format
