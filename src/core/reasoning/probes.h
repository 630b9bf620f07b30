#pragma once

#include <vector>

#include "core/reasoning/assessment.h"
#include "core/reasoning/belief.h"

namespace dimglow::reasoning {

/// Runs worth testing next: whole strings from the plug, whole strips, and the halves of where an open LED may be; with
/// several open LEDs also the halves of each strip and of each run that stayed dark in \p standing; and each of the
/// \p plugs between two strips, from the last LED before it to the first after.
std::vector<backlight::Run> candidateRuns(const backlight::Backlight& backlight, const LedShares& openShares,
                                          const std::vector<job::Entry>& standing,
                                          const std::vector<backlight::Run>& plugs = {});

/// Probes in their order.
struct RankedProbes {
    std::vector<Probe> best;
    std::optional<Probe> outOfTools;  ///< the best that needs a tool that is not at hand, if it is worth more than they
};

/// Values every test that is not answered yet, by expected information per minute.
///
/// The information of a probe is the mutual information of its outcome and the fault,
/// H(Σ share·P(outcome|fault)) − Σ share·H(P(outcome|fault)); outcomes are readings that a meter can tell apart.
/// \p runs must have split the model's partition. A question to ask \p again comes first, then strips that are \p
/// untested, however little they may tell. The \p most best of those that the tools of the bench allow.
RankedProbes rankProbes(CaseModel& model, const Belief& belief, const job::Job& job,
                        const std::vector<job::Entry>& standing, const std::vector<backlight::Run>& runs,
                        const std::vector<backlight::Run>& untested, const std::optional<evidence::Question>& again,
                        std::size_t most);

}  // namespace dimglow::reasoning
