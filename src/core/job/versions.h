#pragma once

#include <nlohmann/json.hpp>

/// \file
/// Versions of the job file. It rises when a reader of the old one would misunderstand the new one.

namespace dimglow::job {

/// The version that is written.
inline constexpr int formatVersion = 4;

/// A job document of any version, moved to where formatVersion has things; what it does not know stays with its
/// neighbours. Nothing is checked but the version.
/// \throws format::FormatError when the document is no job or newer than formatVersion
nlohmann::json upgraded(nlohmann::json document);

}  // namespace dimglow::job
