#pragma once

#include "core/probe/desk.h"

namespace dimglow::probe {

/// What would be believed after an outcome, in a few words: "it is in B7 … B12", "Output diode D8 (62 %)".
text::Text meaningOf(const Bin& bin, const Classes& classes, const Desk& desk);

}  // namespace dimglow::probe
