#pragma once

#include <vector>

#include "core/evidence/observation.h"
#include "core/parts/part_check.h"

namespace dimglow::virtualset {

/// A display with a hidden fault that answers whatever is asked as a real one would.
class SimulatedSet {
public:
    virtual ~SimulatedSet() = default;

    /// Whatever is asked, as it would be written down; a look gives one observation for each LED.
    virtual std::vector<evidence::Observation> take(const evidence::Question& question) const = 0;
    /// What can be read off a part, or beside a rail.
    virtual parts::Ratings printedOn(const evidence::PointAsked& asked) const = 0;
};

}  // namespace dimglow::virtualset
