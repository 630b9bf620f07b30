#pragma once

#include <map>
#include <optional>
#include <vector>

#include "core/reasoning/belief.h"

namespace dimglow::findings {

/// Readings that no explanation fits together.
struct Misfit {
    text::Text reading;        ///< without which the rest fits, "LED+ at switch-on: 480.0 V"; empty when none is
    std::optional<int> entry;  ///< its id in the trail
    /// Why it does not fit, "As described, a sound set shows 180 to 240 V here."; empty where nothing can be said.
    text::Text why = {};
    /// The backlight was described otherwise after this reading, or where none is named after any: the description may
    /// be what is wrong.
    bool describedSince = false;
};

/// The reading that is better explained as a slip: of all, the one without which the others are likeliest. Looked for
/// only where the likeliest explanation tells some reading worse than anyone's guess would, or nothing known is likely.
/// \param expectations what a healthy set reads, by entry id
/// \throws reasoning::Stopped
std::optional<Misfit> misfitOf(const job::Job& job, const reasoning::Model& model, const reasoning::Belief& belief,
                               const std::map<int, evidence::Expectation>& expectations);

/// What to ask again because of it.
std::optional<evidence::Question> askedAgain(const std::optional<Misfit>& misfit,
                                             const std::vector<job::Entry>& standing);

}  // namespace dimglow::findings
