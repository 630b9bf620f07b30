#pragma once

#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/safety/energy_class.h"

namespace dimglow::safety {

/// One caution, shown at the step where it applies.
struct Caution {
    std::string station;
    std::string text;
    bool live = false;  ///< the step works on live parts
};

/// The cautions of a job. LED+ runs at \p workingVolts and can reach \p highestVolts.
std::vector<Caution> cautionsFor(const job::Job& job, double workingVolts, double highestVolts);

}  // namespace dimglow::safety
