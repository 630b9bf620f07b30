#pragma once

#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"

/// \file
/// Observations in words, as the trail and the report show them.

namespace dimglow::reasoning {

/// "C2, C3, C7".
std::string namesOf(const backlight::Backlight& backlight, const std::vector<backlight::LedPlace>& places);
/// A reading in words: "181.6 V, then 48.2 V", "picture seen", "dark after 0.4 s".
std::string describe(const job::Observation& what, const job::Job& job, const knowledge::Knowledge& knowledge);
/// What was measured, in words: "LED+ at switch-on", "Tester 30 mA, strip A".
std::string titleOf(const job::Observation& what, const job::Job& job, const knowledge::Knowledge& knowledge);

/// One line of the trail as a person reads it.
struct TrailLine {
    int entry = 0;  ///< id of the entry, or of the last one it sums up
    std::string at;
    job::Phase phase = job::Phase::Before;
    bool stands = true;  ///< false when a later answer replaced it
    std::string test;
    std::string title;
    std::string text;
};

/// The trail in order; LEDs of one strip looked at one after the other make one line.
std::vector<TrailLine> trailLines(const job::Job& job, const knowledge::Knowledge& trade);

}  // namespace dimglow::reasoning
