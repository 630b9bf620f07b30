#pragma once

#include <vector>

#include "core/probe/explanations.h"

/// \file
/// Stretches of LEDs worth testing.

namespace dimglow::probe {

inline constexpr double knownOpenShare = 0.9;  ///< a LED is taken for open from here on

/// Runs worth testing next: whole strings from the plug, whole strips, and the halves of where an open LED may be; with
/// several open LEDs also the halves of each strip and of each run that stayed dark; and each of the
/// plugs between two strips that may be bad, from the last LED before it to the first after.
std::vector<backlight::Run> candidateRuns(const reasoning::Model& model, const reasoning::Belief& belief);

/// The runs with the most suspicion on them, when there are too many to weigh; \p untested ones before others.
std::vector<backlight::Run> mostSuspected(const std::vector<backlight::Run>& all,
                                          const std::vector<backlight::Run>& untested, const reasoning::Model& model,
                                          const Explanations& explanations);

}  // namespace dimglow::probe
