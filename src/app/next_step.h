#pragma once

#include <optional>

#include "app/snapshot.h"
#include "core/makesafe/charge.h"

namespace dimglow::app {

/// What a job asks for next; the same wherever it is shown and by whichever key.
enum class NextStep { Light, Probe, Strips, FixPlan, Rework, Prove, HandBack };

/// Whether it is asked first what lights a set: as long as lamps are likelier than this, and strips too.
inline constexpr double lightDoubt = 0.12;

NextStep nextStepOf(const Snapshot& shown);

/// The probe that comes next: the best, or where only live work is left that nobody has accepted, the best of that;
/// null where no test would tell more.
const probe::Probe* nextProbeOf(const Snapshot& shown);

/// The capacitor that must be measured empty before a probe, as it stands now; empty where there is none.
std::optional<makesafe::Charge> emptyFirstOf(const Snapshot& shown, const knowledge::Knowledge& trade,
                                             const probe::Probe& probe);

}  // namespace dimglow::app
