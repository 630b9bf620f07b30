#pragma once

#include <optional>

#include "core/circuit/operating_point.h"

namespace dimglow::circuit {

/// The operating point of a network that is one loop: a supply whose minus is ground, and between its ends one node
/// after another, each tied to the next by resistors and at most one diode, along the current. There the loop's current
/// is the only unknown, and every element's volts follow from it without a matrix.
///
/// \returns nothing for any other network, and where hardly any current flows; OperatingPointSolver solves those
std::optional<OperatingPoint> solveOneLoop(const Network& network, const SolveOptions& options = {});

}  // namespace dimglow::circuit
