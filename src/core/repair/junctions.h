#pragma once

#include <optional>

#include "core/job/job.h"
#include "core/repair/heat.h"

namespace dimglow::repair {

/// How hot the junctions of a set get, °C, as far as it is known: each a range.
struct Junctions {
    Range found;    ///< as the strips lay, at the current as found
    Range flush;    ///< the same current, pressed flush
    Range planned;  ///< flush, at the new current where one was chosen
};

/// Empty while nobody has said that the strips lie hollow, or what current runs through them.
std::optional<Junctions> junctionsOf(const job::Job& job);

}  // namespace dimglow::repair
