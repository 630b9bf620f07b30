#pragma once

#include <string>
#include <vector>

#include "core/job/job.h"

namespace dimglow::safety {

/// Energy source classes of IEC 62368-1 for DC; limits from memory.
enum class EnergyClass { Es1, Es2, Es3 };
inline constexpr double es1LimitVolts = 60;
inline constexpr double es2LimitVolts = 120;
EnergyClass energyClassOf(double voltsDc);

/// One caution, shown at the step where it applies.
struct Caution {
    std::string station;
    std::string text;
    bool live = false;  ///< the step works on live parts
};

/// The cautions of a job. LED+ runs at \p workingVolts and can reach \p highestVolts.
std::vector<Caution> cautionsFor(const job::Job& job, double workingVolts, double highestVolts);

}  // namespace dimglow::safety
