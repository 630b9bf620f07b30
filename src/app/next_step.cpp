#include "app/next_step.h"

#include <algorithm>

#include "app/charge_badge.h"

namespace dimglow::app {

NextStep nextStepOf(const Snapshot& shown) {
    const auto& assessment = shown.assessment;
    if (!shown.job.repair.option.empty()) {
        const auto& options = assessment.plan.options;
        const bool isGivenUp = std::any_of(options.begin(), options.end(), [&](const auto& option) {
            return option.id == shown.job.repair.option && option.writesOff;
        });
        const bool isOver = isGivenUp || assessment.soak.passed || !shown.job.handedBack.empty();
        const auto& trail = shown.job.trail;
        const bool isProving = !shown.job.soak.empty() || (!trail.empty() && trail.back().phase == job::Phase::After);
        return isOver                                    ? NextStep::HandBack
               : assessment.work.next >= 0 && !isProving ? NextStep::Rework
                                                         : NextStep::Prove;
    }
    if (!assessment.verdict().empty()) {
        return NextStep::FixPlan;
    }
    if (assessment.lampsShare && *assessment.lampsShare > lightDoubt) {
        return NextStep::Light;
    }
    return assessment.wantsStrips          ? NextStep::Strips
           : nextProbeOf(shown) == nullptr ? NextStep::FixPlan
                                           : NextStep::Probe;
}

const probe::Probe* nextProbeOf(const Snapshot& shown) {
    const auto& probes = shown.assessment.probes;
    return !probes.best.empty() ? &probes.best.front() : probes.live ? &*probes.live : nullptr;
}

std::optional<makesafe::Charge> emptyFirstOf(const Snapshot& shown, const knowledge::Knowledge& trade,
                                             const probe::Probe& probe) {
    if (probe.emptyFirst.empty()) {
        return std::nullopt;
    }
    const auto charges = makesafe::chargesOf(shown.job, trade, chargeNow(shown));
    const auto* charge = makesafe::firstNotEmpty(charges, probe.emptyFirst);
    return charge == nullptr ? std::nullopt : std::optional(*charge);
}

}  // namespace dimglow::app
