#pragma once

#include <vector>

#include "core/text/text.h"

namespace dimglow::set {

/// What the set does while a rail or a pin is read. Each lets everything be there that the one before it did.
enum class SetState { Standby, On, BacklightOn };
/// Their words in files.
inline const std::vector<const char*> setStateWords = {"standby", "on", "backlightOn"};
/// "in standby", "set on", "backlight on".
text::Text wordsOf(SetState state);

}  // namespace dimglow::set
