#pragma once

#include <optional>
#include <vector>

#include "core/proof/proof.h"

namespace dimglow::proof {

/// What a soak must show: half an hour of entries, none further apart than this, at a current and LED+ that this
/// backlight can have while it is lit (common practice, no source).
inline constexpr double soakMinutes = 30;
inline constexpr double soakGapMinutes = 12;
inline constexpr double soakSettledMinutes = 10;
inline constexpr double soakDriftLimit = 0.03;        ///< of the current
inline constexpr double soakVoltsDriftLimit = 0.015;  ///< of LED+
/// From one line to the next, as a share of one die's volts: more is one that shorts, or a joint that gives way.
inline constexpr double soakStepDies = 0.6;

/// Judgement of the soak.
struct SoakVerdict {
    double minutes = 0;          ///< covered without a gap
    double driftShare = 0;       ///< of the current after soakSettledMinutes
    double voltsDriftShare = 0;  ///< of LED+, likewise
    bool flickered = false;
    bool failed = false;
    bool passed = false;
    text::Text text;
    std::optional<driver::Band> ledPlus = {};  ///< what a lit set may show, V; empty where nobody knows
    /// Of one string, A; empty where no current was read off or written down: then steps and drift alone are judged.
    std::optional<driver::Band> amps = {};
};
/// Of the lines written down so far.
SoakVerdict judgeSoak(const job::Job& job, const std::vector<ProofLine>& proof);

}  // namespace dimglow::proof
