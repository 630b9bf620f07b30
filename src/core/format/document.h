#pragma once

#include <cstddef>
#include <initializer_list>
#include <nlohmann/json.hpp>
#include <optional>
#include <string_view>
#include <utility>

#include "core/format/fields.h"

namespace dimglow::format {

/// No document is longer, bytes.
inline constexpr std::size_t longestDocument = 4u << 20;

/// Parses JSON text, refusing what is too long, too deep, or not JSON, with line and column.
/// \throws FormatError
nlohmann::json parseDocument(std::string_view text);

/// The same of a text that errors call by \p name.
nlohmann::json parseNamed(std::string_view text, const char* name);

/// Writes the members whose value is known; the others are left out.
void writeKnown(nlohmann::json& object, std::initializer_list<std::pair<const char*, std::optional<double>>> members);

}  // namespace dimglow::format
