#pragma once

#include <cstddef>
#include <string>

#include "core/format/fields.h"

namespace dimglow::knowledge {

/// Of an id or title in a knowledge file, characters.
inline constexpr std::size_t longestWord = 60;
inline constexpr std::size_t longestSentence = 300;

/// What the files say is English and its own key in translations.
text::Text sentence(format::Fields& of, const char* key, std::size_t longest);

/// The first members of every knowledge file. \throws format::FormatError when it is of another format or version
void requireHeader(format::Fields& fields, const std::string& format);

}  // namespace dimglow::knowledge
