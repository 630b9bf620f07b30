#pragma once

#include <nlohmann/json.hpp>

#include "core/backlight/backlight.h"
#include "core/backlight/wiring.h"
#include "core/format/fields.h"

namespace dimglow::backlight {

/// A backlight as docs/format.md describes it.
nlohmann::json toJson(const Backlight& backlight);

/// The reverse, as far as the types go; problemsOf() holds what was read to its rules and limits.
/// \throws format::FormatError that names the field
Backlight fromJson(format::Fields fields);

// What other documents say of a backlight.

nlohmann::json toJson(const Run& run);
Run readRun(format::Fields fields);
nlohmann::json toJson(LedPlace place);
/// From members of an object that says more than the place.
LedPlace readPlace(format::Fields& fields);
nlohmann::json toJson(const TesterSetting& tester);
TesterSetting readTester(format::Fields fields);

}  // namespace dimglow::backlight
