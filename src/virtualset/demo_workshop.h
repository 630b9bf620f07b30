#pragma once

#include <optional>
#include <vector>

#include "core/job/job.h"
#include "virtualset/sealed_set.h"

namespace dimglow::virtualset {

/// A job of the invented workshop with the set it is about.
struct DemoJob {
    job::Job job;
    SealedFault fault;
    std::optional<backlight::Backlight> truth =
        {};  ///< what lights it, where nobody knows or it is not what it should be
};

/// The jobs of Skerry Sound Ferries' repair bench. Every reading in them was taken from their sealed sets.
std::vector<DemoJob> demoWorkshop(const knowledge::Knowledge& trade);

/// One of them, without the readings of the others.
/// @throws std::out_of_range if there are not that many
DemoJob demoJob(std::size_t index, const knowledge::Knowledge& trade);

}  // namespace dimglow::virtualset
