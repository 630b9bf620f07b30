#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "core/plan/scene.h"
#include "core/plan/universal.h"

namespace dimglow::repair {

/// An LED that is known to be faulty, and how.
struct FaultyLed {
    backlight::LedPlace place;
    backlight::LedFault fault = backlight::LedFault::Open;
};

/// The panel's light as it was made, as it was found, and as an option leaves it.
struct LightPictures {
    plan::Scene made;
    plan::Scene found;
    plan::Scene planned;
    bool isDepthKnown = false;
};

/// Old LEDs have faded by the hours that are known; a string with an open LED is dark; a bridged LED stays dark while
/// its string is lit; universal strips shine where they are planned to lie. Empty where nobody has described the
/// strips, or where a light guide spreads their light.
std::optional<LightPictures> lightOf(const job::Job& job, const knowledge::Knowledge& trade,
                                     const std::vector<FaultyLed>& faulty, const std::string& option);

/// What the universal strips of a job are to do in this set; empty until they are described.
std::optional<plan::UniversalTask> universalTaskOf(const job::Job& job);

}  // namespace dimglow::repair
