#include "core/proof/soak.h"

#include <algorithm>
#include <cmath>

namespace dimglow::proof {

using text::say;

namespace {

/// A lit backlight turned down to a tenth of its current keeps this share of its volts.
constexpr double dimmedVoltsShare = 0.8;
constexpr double dimmedAmpsShare = 0.1;
constexpr double aboveShare = 1.1;

/// What a string takes when it is lit, as far as somebody has written it down: after the repair, else before, else as
/// the strips are described.
std::optional<double> knownStringAmps(const job::Job& job) {
    if (job.repair.newAmps || job.repair.originalAmps) {
        return job.repair.newAmps ? job.repair.newAmps : job.repair.originalAmps;
    }
    std::optional<double> highest;
    for (const auto& channel :
         job.set.backlight.isDescribed ? job.set.backlight.channels : std::vector<backlight::Channel>{}) {
        const auto amps = channel.stringAmps();
        highest = amps ? std::max(highest.value_or(0), *amps) : highest;
    }
    return highest;
}

}  // namespace

SoakVerdict judgeSoak(const job::Job& job, const std::vector<ProofLine>& proof) {
    SoakVerdict verdict;
    if (!proof.empty() && proof.front().band.high > 0) {
        verdict.ledPlus = {dimmedVoltsShare * proof.front().band.low, proof.front().band.high};
    }
    if (const auto amps = knownStringAmps(job)) {
        verdict.amps = {dimmedAmpsShare * *amps, aboveShare * *amps};
    }
    auto soak = job.soak;
    std::stable_sort(soak.begin(), soak.end(), [](const auto& a, const auto& b) { return a.minutes < b.minutes; });
    double lowest = INFINITY;
    double highest = 0;
    bool gap = false;
    for (const auto& line : soak) {
        gap = gap || line.minutes - verdict.minutes > soakGapMinutes;
        verdict.minutes = gap ? verdict.minutes : line.minutes;
        verdict.flickered = verdict.flickered || line.flicker;
        if (line.minutes >= soakSettledMinutes) {
            lowest = std::min(lowest, line.amps);
            highest = std::max(highest, line.amps);
        }
    }
    verdict.driftShare = highest > 0 ? (highest - lowest) / highest : 0;
    const auto odd = [&](auto holds) {
        const auto found = std::find_if(soak.begin(), soak.end(), [&](const auto& line) { return !holds(line); });
        return found == soak.end() ? nullptr : &*found;
    };
    const auto* darkAmps = odd([&](const auto& line) {
        return verdict.amps ? verdict.amps->contains(line.amps) : line.amps > backlight::glowAmps;
    });
    const auto* darkVolts =
        odd([&](const auto& line) { return !verdict.ledPlus || verdict.ledPlus->contains(line.ledPlusVolts); });
    verdict.failed = !soak.empty();
    if (soak.empty()) {
        verdict.text = say("Not started.");
    } else if (verdict.flickered) {
        verdict.text = say("Failed: it flickered.");
    } else if (darkAmps != nullptr && !verdict.amps) {
        verdict.text = say("Failed: no current at {:.0f} min, so nothing was lit.", darkAmps->minutes);
    } else if (darkAmps != nullptr) {
        verdict.text =
            say("Failed: a lit string draws {2:.0f} … {3:.0f} mA, not the {0:.0f} mA of minute {1:.0f}.",
                1000 * darkAmps->amps, darkAmps->minutes, 1000 * verdict.amps->low, 1000 * verdict.amps->high);
    } else if (darkVolts != nullptr) {
        verdict.text = say("Failed: LED+ of a lit set is {2:.0f} … {3:.0f} V, not the {0:.1f} V of minute {1:.0f}.",
                           darkVolts->ledPlusVolts, darkVolts->minutes, verdict.ledPlus->low, verdict.ledPlus->high);
    } else if (verdict.driftShare >= soakDriftLimit) {
        verdict.text =
            say("Failed: the current drifted {:.1f} % after {:.0f} min.", 100 * verdict.driftShare, soakSettledMinutes);
    } else if (gap && verdict.minutes < soakMinutes) {
        verdict.failed = false;
        verdict.text =
            say("Nothing written down for more than {:.0f} min after minute {:.0f}.", soakGapMinutes, verdict.minutes);
    } else if (verdict.minutes < soakMinutes) {
        verdict.failed = false;
        verdict.text = say("{:.0f} of {:.0f} min.", verdict.minutes, soakMinutes);
    } else {
        verdict.failed = false;
        verdict.passed = true;
        verdict.text =
            say("Passed: {:.0f} min, no flicker, {:.1f} % drift.", verdict.minutes, 100 * verdict.driftShare);
    }
    return verdict;
}

}  // namespace dimglow::proof
