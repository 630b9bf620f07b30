#pragma once

#include <cstddef>
#include <string>

#include "core/format/fields.h"

namespace dimglow::knowledge {

/// Of an id or title in a knowledge file, characters.
inline constexpr std::size_t longestWord = 60;

/// The first members of every knowledge file. \throws format::FormatError when it is of another format or version
void requireHeader(format::Fields& fields, const std::string& format);

}  // namespace dimglow::knowledge
