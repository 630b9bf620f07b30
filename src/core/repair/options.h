#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "core/text/text.h"

namespace dimglow::repair {

/// What the reasoning hands over: what is suspected and what has failed.
struct Diagnosis {
    std::map<std::string, double> shareOfSuspect;  ///< by suspect id
    int failedCount = 0;                           ///< LEDs, also when their places are not known yet
    std::vector<int> failedStrips;
    bool partIsFound = false;  ///< which part of a board it comes down to
};

/// One way to go on, with what it costs.
struct Option {
    std::string id;
    text::Text title;
    text::Text say;
    double mends = 0;                ///< share of what is suspected that it puts right
    double parts = 0;                ///< money
    double minutes = 0;              ///< work, opening included
    double days = 0;                 ///< until the parts are here
    std::optional<double> comeback;  ///< chance within the promised hours; empty: cannot tell
    double glassRisk = 0;            ///< chance that the glass breaks
    /// Money: parts, time, comeback, glass, and a second try when it does not mend; empty: cannot tell.
    std::optional<double> expectedCost;
    bool stopGap = false;
    bool writesOff = false;
    bool late = false;         ///< cannot be done before the due date
    bool unavailable = false;  ///< its parts are not to be had: listed, never advised
    text::Text comebackWhy;    ///< the arithmetic in one sentence
};

/// All options side by side, cheapest first and those of unknown cost last, and the advice.
struct FixPlan {
    std::vector<Option> options;
    std::string advised;  ///< option id, empty while nothing can be advised
    text::Text advice;    ///< one sentence
};

/// Prices every repair that mends what is suspected.
/// \p today is an ISO date, used only against the due date; empty means that no option is late.
FixPlan planFix(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
                const std::string& today);

}  // namespace dimglow::repair
