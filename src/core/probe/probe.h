#pragma once

#include <string>
#include <vector>

#include "core/evidence/observation.h"
#include "core/knowledge/knowledge.h"

namespace dimglow::probe {

using knowledge::Reach;

/// One result a probe may have.
struct Outcome {
    text::Text reading;  ///< "16.8 V, 6 lit"
    text::Text meaning;  ///< "open in B7 … B12"
    double share = 0;    ///< how likely it is now
};

/// A test that can be done now, and what it is worth.
struct Probe {
    std::string test;  ///< id of the test or point kind
    text::Text title;
    text::Text how;
    std::string station;
    evidence::Question question;   ///< test, place and setting
    double minutes = 0;            ///< opening included
    double bits = 0;               ///< expected information (Shannon 1948)
    Reach opens = Reach::Outside;  ///< what has to be opened for it that is still closed
    bool live = false;
    bool isAwaited = false;                    ///< a verdict waits for it, however little it may tell
    std::vector<std::string> tools;            ///< ids of what it is done with, beside a meter
    std::vector<std::string> emptyFirst = {};  ///< stores of charge that must be measured empty before it
    std::vector<Outcome> outcomes;             ///< most likely first
};

}  // namespace dimglow::probe
