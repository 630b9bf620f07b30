#pragma once

#include <vector>

#include "core/job/job.h"

/// \file
/// What of a trail is evidence.

namespace dimglow::findings {

/// The entries before the repair that still count, in trail order, and what the panel check found as an answer among
/// them. What only repeats another of them is left out: a board that looks bad beside its parts that do, a point read
/// too early beside its reading in time, what the rear holes show beside a glass that was looked at; so is
/// what belongs to another light than the set's.
std::vector<job::Entry> standingEvidence(const job::Job& job, const knowledge::Knowledge& knowledge);

}  // namespace dimglow::findings
