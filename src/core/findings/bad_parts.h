#pragma once

#include <vector>

#include "core/job/job.h"
#include "core/repair/options.h"

namespace dimglow::findings {

/// Parts that were measured or seen to be bad, whatever the verdict comes to.
std::vector<repair::BadPart> badPartsOf(const std::vector<job::Entry>& standing, const set::DisplaySet& set,
                                        const knowledge::Knowledge& knowledge);

}  // namespace dimglow::findings
