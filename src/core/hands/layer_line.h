#pragma once

#include <string_view>
#include <variant>

#include "core/hands/opening.h"
#include "core/typing/clause.h"

namespace dimglow::hands {

/// Reads a layer and what holds it in one line, such as "back: 14 × M3×8 edge, 4 × M4×12 stand; 2 clips top" or
/// "films: prism lines across, prism lines along, diffusing, notch top left, dull up". Without a layer in front it is
/// about the one that is before the hands; films name theirs by themselves.
std::variant<LayerLine, typing::LineProblem> readLayerLine(std::string_view line,
                                                           typing::Tongue tongue = typing::Tongue::English);

}  // namespace dimglow::hands
