#include "core/proof/soak.h"

#include <algorithm>
#include <cmath>

namespace dimglow::proof {

using text::say;
using text::Text;

namespace {

/// Of the current that was written down for this brightness, or of what the strips are described for, which may be
/// turned down to half: where a lit backlight is (common practice, no source).
constexpr double writtenAmpsShare = 0.85;
constexpr double describedAmpsShare = 0.5;
constexpr double aboveShare = 1.1;
constexpr double dimmedVoltsShare = 0.9;

/// What a string may take while it is lit, as far as somebody has written it down: after the repair, else before, else
/// as the strips are described.
std::optional<driver::Band> knownStringAmps(const job::Job& job) {
    if (const auto written = job.repair.newAmps ? job.repair.newAmps : job.repair.originalAmps) {
        return driver::Band{writtenAmpsShare * *written, aboveShare * *written};
    }
    std::optional<double> highest;
    for (const auto& channel :
         job.set.backlight.isDescribed ? job.set.backlight.channels : std::vector<backlight::Channel>{}) {
        const auto amps = channel.stringAmps();
        highest = amps ? std::max(highest.value_or(0), *amps) : highest;
    }
    return highest ? std::optional(driver::Band{describedAmpsShare * *highest, aboveShare * *highest}) : std::nullopt;
}

/// How far the values after the first minutes lie apart, as a share of the highest.
template <class Of>
double driftOf(const std::vector<job::SoakEntry>& soak, Of valueOf) {
    double lowest = INFINITY;
    double highest = 0;
    for (const auto& line : soak) {
        if (line.minutes >= soakSettledMinutes) {
            lowest = std::min(lowest, valueOf(line));
            highest = std::max(highest, valueOf(line));
        }
    }
    return highest > 0 ? (highest - lowest) / highest : 0;
}

/// The line at which LED+ is another than at the one before, by more than warming explains.
const job::SoakEntry* stepIn(const std::vector<job::SoakEntry>& soak, const backlight::Backlight& backlight) {
    const auto& led = backlight.strips.front().led;
    const double dieVolts = led.ratedVolts / led.dies;
    for (std::size_t i = 1; i < soak.size(); ++i) {
        const double step = std::abs(soak[i].ledPlusVolts - soak[i - 1].ledPlusVolts);
        const bool isWarming = soak[i - 1].minutes < soakSettledMinutes;
        const double warming = isWarming ? soakDriftLimit * soak[i - 1].ledPlusVolts : 0;
        if (step > soakStepDies * dieVolts + warming) {
            return &soak[i];
        }
    }
    return nullptr;
}

/// What is wrong with the worst of it; nothing when all is level.
std::optional<Text> failureOf(const SoakVerdict& verdict, const std::vector<job::SoakEntry>& soak,
                              const backlight::Backlight& backlight) {
    const auto* step = stepIn(soak, backlight);
    const auto odd = [&](auto holds) {
        const auto found = std::find_if(soak.begin(), soak.end(), [&](const auto& line) { return !holds(line); });
        return found == soak.end() ? nullptr : &*found;
    };
    const auto* darkAmps = odd([&](const auto& line) {
        return verdict.amps ? verdict.amps->contains(line.amps) : line.amps > backlight::glowAmps;
    });
    const auto* darkVolts =
        odd([&](const auto& line) { return !verdict.ledPlus || verdict.ledPlus->contains(line.ledPlusVolts); });
    if (verdict.flickered) {
        return say("Failed: it flickered.");
    }
    if (darkAmps != nullptr && !verdict.amps) {
        return say("Failed: no current at {:.0f} min, so nothing was lit.", darkAmps->minutes);
    }
    if (darkAmps != nullptr) {
        return say("Failed: a lit string draws {2:.0f} … {3:.0f} mA, not the {0:.0f} mA of minute {1:.0f}.",
                   1000 * darkAmps->amps, darkAmps->minutes, 1000 * verdict.amps->low, 1000 * verdict.amps->high);
    }
    if (darkVolts != nullptr) {
        return say("Failed: LED+ of a lit set is {2:.0f} … {3:.0f} V, not the {0:.1f} V of minute {1:.0f}.",
                   darkVolts->ledPlusVolts, darkVolts->minutes, verdict.ledPlus->low, verdict.ledPlus->high);
    }
    if (step != nullptr) {
        return say("Failed: LED+ stepped to {:.1f} V at {:.0f} min: a LED that shorts, or a joint.", step->ledPlusVolts,
                   step->minutes);
    }
    if (verdict.voltsDriftShare >= soakVoltsDriftLimit) {
        return say("Failed: LED+ drifted {:.1f} % after {:.0f} min.", 100 * verdict.voltsDriftShare,
                   soakSettledMinutes);
    }
    if (verdict.driftShare >= soakDriftLimit) {
        return say("Failed: the current drifted {:.1f} % after {:.0f} min.", 100 * verdict.driftShare,
                   soakSettledMinutes);
    }
    return std::nullopt;
}

}  // namespace

SoakVerdict judgeSoak(const job::Job& job, const std::vector<ProofLine>& proof) {
    SoakVerdict verdict;
    if (!proof.empty() && proof.front().band.high > 0) {
        verdict.ledPlus = {dimmedVoltsShare * proof.front().band.low, proof.front().band.high};
    }
    verdict.amps = knownStringAmps(job);
    auto soak = job.soak;
    std::stable_sort(soak.begin(), soak.end(), [](const auto& a, const auto& b) { return a.minutes < b.minutes; });
    bool gap = false;
    for (const auto& line : soak) {
        gap = gap || line.minutes - verdict.minutes > soakGapMinutes;
        verdict.minutes = gap ? verdict.minutes : line.minutes;
        verdict.flickered = verdict.flickered || line.flicker;
    }
    verdict.driftShare = driftOf(soak, [](const auto& line) { return line.amps; });
    verdict.voltsDriftShare = driftOf(soak, [](const auto& line) { return line.ledPlusVolts; });
    const auto failure = failureOf(verdict, soak, job.set.backlight);
    verdict.failed = failure.has_value();
    if (soak.empty()) {
        verdict.text = say("Not started.");
    } else if (failure) {
        verdict.text = *failure;
    } else if (gap && verdict.minutes < soakMinutes) {
        verdict.text =
            say("Nothing written down for more than {:.0f} min after minute {:.0f}.", soakGapMinutes, verdict.minutes);
    } else if (verdict.minutes < soakMinutes) {
        verdict.text = say("{:.0f} of {:.0f} min.", verdict.minutes, soakMinutes);
    } else {
        verdict.passed = true;
        const Text passed =
            say("Passed: {:.0f} min, no flicker, {:.1f} % drift.", verdict.minutes, 100 * verdict.driftShare);
        verdict.text = verdict.amps
                           ? passed
                           : say("{} Its level is not judged: no current is written down for this brightness.", passed);
    }
    return verdict;
}

}  // namespace dimglow::proof
