#pragma once

#include "app/snapshot.h"

namespace dimglow::app {

/// What a job asks for next; the same wherever it is shown and by whichever key.
enum class NextStep { Probe, Strips, FixPlan, Prove, HandBack };

NextStep nextStepOf(const Snapshot& shown);

}  // namespace dimglow::app
