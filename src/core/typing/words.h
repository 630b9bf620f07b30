#pragma once

#include <string>
#include <string_view>

#include "core/typing/tongue.h"

namespace dimglow::typing {

/// The English word, in small letters, for what somebody typed: "Leisten" in German is "strips", "two" is "2"; what is
/// in no table stays as it is. \p word is in small letters.
std::string plainWord(std::string_view word, Tongue tongue);

/// A line that the program writes into a field to be read back ("4 strips × 12, 3.2 V, plug white"), in the words and
/// with the decimal sign of \p tongue: "4 Leisten × 12, 3,2 V, Stecker white". What a plug looks like stays.
std::string inTongue(std::string_view line, Tongue tongue);

}  // namespace dimglow::typing
