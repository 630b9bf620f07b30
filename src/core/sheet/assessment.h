#pragma once

#include <map>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/findings/misfit.h"
#include "core/findings/this_set.h"
#include "core/findings/verdict.h"
#include "core/hands/work.h"
#include "core/probe/ranking.h"
#include "core/proof/proof.h"
#include "core/proof/soak.h"
#include "core/repair/comeback.h"
#include "core/repair/fix_now.h"
#include "core/repair/shopping.h"
#include "core/safety/hazards.h"

/// \file
/// The sheet that lies beside a set on the bench: everything computed from a job, put together here and nowhere else.
///
///     const auto assessment = sheet::assess(job, knowledge::builtInKnowledge(), {"2026-11-29"});
///     const auto& next = assessment.probes.best.front();

namespace dimglow::sheet {

/// Everything computed from a job. Nothing of it is stored.
struct Assessment {
    std::vector<findings::SuspectShare> suspects;  ///< what is left, likeliest first
    probe::RankedProbes probes;                    ///< what to do next, most information per minute first
    strings::LedShares ledShares;                  ///< how likely each LED is faulty, by strip and LED
    std::vector<findings::Located> located;        ///< LEDs known to be faulty
    findings::Likeliest likeliest;
    std::optional<findings::Misfit> misfit;  ///< to be cleared up before there is a verdict
    text::Text found;                        ///< what is known to be wrong, empty while it cannot tell
    bool isSettled = false;                  ///< nothing is left untested that could change what was found
    std::vector<backlight::Run> untested;    ///< stretches of the open panel that no tester has lit yet
    /// How likely it is that lamps light it, while nobody has said what does; empty once it is known.
    std::optional<double> lampsShare;
    bool wantsStrips = false;              ///< only strips that nobody has described can tell more
    findings::Expected expected;           ///< of a healthy set
    std::vector<findings::Known> thisSet;  ///< idle, LED−, and of each feed LED+ in regulation and over-voltage level
    driver::DriverReference reference;     ///< the same for a simulated driver, by feed
    repair::Diagnosis diagnosis;
    repair::FixPlan plan;
    std::vector<repair::ShoppingLine> shopping;  ///< of the chosen repair, or of the advised one until there is one
    std::optional<repair::FixNow> fixNow;
    std::vector<safety::Caution> cautions;
    std::vector<proof::ProofLine> proof;
    proof::SoakVerdict soak;
    /// How much warmer the junctions got over the soak, K, by what LED+ fell; empty where it did not fall, or nobody
    /// has described the strings.
    std::optional<repair::Range> warmedKelvin;
    hands::WorkOrder work;         ///< of the chosen repair
    hands::Closing closing;        ///< of what is off, or was
    std::size_t explanations = 0;  ///< still possible

    /// What was found, once nothing is left untested; empty before.
    const text::Text& verdict() const;
};

/// What an assessment hangs on beside job and knowledge.
struct AssessOptions {
    std::string today;  ///< ISO date, for due dates
    std::size_t maxProbes = 6;
    std::stop_token stop = {};  ///< asks a running assessment to give up
};

/// Job in, assessment out; pure and repeatable, on any thread.
/// \throws reasoning::Stopped when it was asked to give up
/// \throws std::runtime_error when a circuit of the job cannot be solved
Assessment assess(const job::Job& job, const knowledge::Knowledge& knowledge, const AssessOptions& options = {});

}  // namespace dimglow::sheet
