#pragma once

#include <cstddef>
#include <nlohmann/json_fwd.hpp>

#include "core/hands/trade.h"

namespace dimglow::knowledge {

inline constexpr std::size_t mostSteps = 60;  ///< of one repair

/// What hands.json says. \throws format::FormatError that names file, field and reason
hands::Trade readHands(const nlohmann::json& document);

}  // namespace dimglow::knowledge
