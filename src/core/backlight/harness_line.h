#pragma once

#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/typing/clause.h"

namespace dimglow::backlight {

/// Reads the pins of a plug in their order, such as "+ red, − black 0.2 Ω, unused, − 2 white": LED+, the return of
/// channel 1 through 0.2 ohm of wire and contact, nothing, the return of channel 2. An empty line has no pins.
std::variant<std::vector<HarnessPin>, typing::LineProblem> readPins(std::string_view line,
                                                                    typing::Tongue tongue = typing::Tongue::English);

/// The line that readPins() would read back.
std::string lineOf(const std::vector<HarnessPin>& pins);

}  // namespace dimglow::backlight
