#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "core/repair/comeback.h"
#include "core/text/text.h"

namespace dimglow::repair {

/// A part that was found bad on the way, whatever the verdict came to: it is renewed in every option.
struct BadPart {
    text::Text name;  ///< "supply capacitor C12"
    std::string printed;
    std::string unit = {};  ///< that it sits on: a new one brings it along
    bool ages = false;      ///< one of a row that a kit renews

    /// Whether it is new with what a repair exchanges.
    bool comesWith(const knowledge::RepairKind& kind) const;
};

/// What the reasoning hands over: what is suspected and what has failed.
struct Diagnosis {
    std::map<std::string, double> shareOfSuspect;  ///< by suspect id
    int failedCount = 0;                           ///< LEDs, also when their places are not known yet
    std::vector<int> failedStrips;
    bool partIsFound = false;  ///< which part of a board it comes down to
    text::Text part = {};      ///< that part, once it is found
    std::vector<BadPart> badParts = {};
};

/// One way to go on, with what it costs.
struct Option {
    std::string id;
    text::Text title;
    text::Text say;
    text::Text looks;                ///< what is seen of it on the screen
    double mends = 0;                ///< share of what is suspected that it puts right
    double parts = 0;                ///< money
    double minutes = 0;              ///< work, opening included
    double days = 0;                 ///< until the parts are here
    std::optional<double> comeback;  ///< chance within the promised hours; empty: cannot tell
    /// In two of three jobs; there too where the hours run are not known, and wider then. Empty: cannot tell at all.
    std::optional<Range> comebackRange;
    bool comebackIsBound = false;  ///< no LED has failed yet: at most so often
    double glassRisk = 0;          ///< chance that the glass breaks
    double before = 0;     ///< money before any comeback: parts, time, glass, a second try when it does not mend
    double secondJob = 0;  ///< money that a comeback takes, beside the goodwill
    /// Money: what it takes before any comeback, and the comeback; empty: cannot tell.
    std::optional<double> expectedCost;
    bool stopGap = false;
    bool writesOff = false;
    bool late = false;         ///< cannot be done before the due date
    bool unavailable = false;  ///< its parts are not to be had: listed, never advised
    text::Text planFirst;      ///< what must be planned before it can be advised; empty: nothing
    text::Text comebackWhy;    ///< the arithmetic in one sentence

    bool canBeDone() const { return !writesOff && !unavailable && planFirst.empty(); }
};

/// Where the advice turns as something grows.
struct Turn {
    double at = 0;
    std::string below;  ///< the option that is cheapest under it
    std::string above;
};

/// What is no repair, and why.
struct Refused {
    text::Text title;
    text::Text why;
};

/// All options side by side, cheapest first, those that cannot be done and giving up last, and the advice.
struct FixPlan {
    std::vector<Option> options;
    std::string advised;              ///< option id, empty while nothing can be advised
    text::Text advice;                ///< one sentence
    text::Text overrode;              ///< which rule passed over a cheaper option; empty when the sum alone decided
    text::Text hoursTurn;             ///< how the advice hangs on hours that nobody knows; empty when it does not
    std::optional<Turn> turn;         ///< as a comeback gets dearer: the goodwill, money, nearest to that at hand
    std::optional<Turn> promiseTurn;  ///< as more is promised: the hours of light, nearest to those that are
    std::vector<Refused> refused;
};

/// Prices every repair that mends what is suspected.
/// \p today is an ISO date, used only against the due date; empty means that no option is late.
FixPlan planFix(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
                const std::string& today);

/// Lamps that are driven from both ends have two inverters, which are replaced together (common practice, no source).
bool isReplacedInPairs(const knowledge::RepairKind& kind, const set::DisplaySet& set);

/// What a comeback of this job costs beside the second job: nothing of the workshop's own set.
double goodwillOf(const job::Job& job);

}  // namespace dimglow::repair
