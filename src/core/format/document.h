#pragma once

#include <cstddef>
#include <nlohmann/json.hpp>
#include <string_view>

#include "core/format/fields.h"

namespace dimglow::format {

/// No document is longer, bytes.
inline constexpr std::size_t longestDocument = 4u << 20;

/// Parses JSON text, refusing what is too long, too deep, or not JSON, with line and column.
/// \throws FormatError
nlohmann::json parseDocument(std::string_view text);

}  // namespace dimglow::format
