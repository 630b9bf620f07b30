#pragma once

#include <compare>

#include "core/backlight/backlight.h"

namespace dimglow::evidence {

/// The question which LEDs of a run stay dark while it is driven; answered by one LedSeen for each.
struct LookAlong {
    backlight::Run run;
    auto operator<=>(const LookAlong&) const = default;
};

}  // namespace dimglow::evidence
