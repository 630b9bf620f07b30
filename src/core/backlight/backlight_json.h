#pragma once

#include <map>
#include <nlohmann/json.hpp>
#include <string>

#include "core/backlight/backlight.h"
#include "core/format/fields.h"

namespace dimglow::backlight {

/// A backlight as docs/format.md describes it.
nlohmann::json toJson(const Backlight& backlight);

/// The reverse. Members it does not know go to \p unknown, under \p path.
/// \throws format::FormatError that names the field, also for a wiring that breaks a rule of problemsOf()
Backlight fromJson(format::Fields fields, const std::string& path, std::map<std::string, nlohmann::json>& unknown);

}  // namespace dimglow::backlight
