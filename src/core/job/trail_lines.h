#pragma once

#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"

/// \file
/// The trail in words, as window and report show it.

namespace dimglow::job {

/// One line of the trail as a person reads it.
struct TrailLine {
    int entry = 0;  ///< id of the entry, or of the last one it sums up
    std::string at;
    job::Phase phase = job::Phase::Before;
    bool stands = true;  ///< false when a later answer replaced it
    std::string test;
    text::Text title;
    text::Text text;
    std::string raw;  ///< the reading as it was typed or sent; empty when it was a key, a click or several entries
};

/// The trail in order; LEDs of one strip looked at one after the other make one line.
std::vector<TrailLine> trailLines(const job::Job& job, const knowledge::Knowledge& trade);

}  // namespace dimglow::job
