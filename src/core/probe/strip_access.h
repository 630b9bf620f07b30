#pragma once

#include "core/probe/desk.h"

/// \file
/// What it takes to get at LEDs, and what was seen of them while they were driven.

namespace dimglow::probe {

/// To put a clip to one side of a LED of a strip, minutes.
double padMinutes(const Desk& desk, int strip);

/// To put both clips to the ends of a run, minutes: a plug is free, copper between LEDs is not. A point that was laid
/// bare for an earlier reading stays bare.
double accessMinutes(const Desk& desk, const backlight::Run& run);

/// The name of a LED by its position in a run's string.
std::string ledName(const Desk& desk, const backlight::Run& run, int position);

/// Whether LEDs were seen to give light while a run was driven: on a dark run every LED is dark.
bool wasLit(const Desk& desk, const backlight::Run& run);

}  // namespace dimglow::probe
