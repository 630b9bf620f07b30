#pragma once

#include <nlohmann/json_fwd.hpp>
#include <vector>

#include "core/driver/behaviour.h"

namespace dimglow::knowledge {

/// What a behaviour does not mention is as in the first, the healthy one.
/// \throws format::FormatError that names file, field and reason
std::vector<driver::Behaviour> readBehaviours(const nlohmann::json& document);

}  // namespace dimglow::knowledge
