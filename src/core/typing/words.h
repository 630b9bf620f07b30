#pragma once

#include <string>
#include <string_view>

#include "core/typing/tongue.h"

namespace dimglow::typing {

/// The English word, in small letters, for what somebody typed: "Leisten" in German is "strips", "two" is "2"; what is
/// in no table stays as it is. \p word is in small letters.
std::string plainWord(std::string_view word, Tongue tongue);

}  // namespace dimglow::typing
