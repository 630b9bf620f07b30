#include "core/reasoning/proof.h"

#include <algorithm>
#include <cmath>

#include "core/driver/quantities.h"

namespace dimglow::reasoning {

using text::say;
using text::Text;

namespace {

constexpr double testerShare = 0.05;  ///< of a healthy run's volts: batch and meter, both ways
constexpr double testerVolts = 0.2;
/// A lit backlight turned down to a tenth of its current keeps this share of its volts.
constexpr double dimmedVoltsShare = 0.8;
constexpr double dimmedAmpsShare = 0.1;
constexpr double aboveShare = 1.1;

bool contains(const driver::Band& band, double value) {
    return band.low <= value && value <= band.high;
}

/// Only a steady value proves: a peak that falls, or a wander, is a driver that gives up.
bool isWithin(const evidence::Measured& measured, const driver::Band& band) {
    return measured.shape == evidence::Shape::Steady && contains(band, measured.volts);
}

/// The lines of LED+ and of each sink.
class BoardProof {
public:
    BoardProof(const job::Job& job, const knowledge::Knowledge& knowledge, const driver::DriverReference& reference,
               const backlight::Faults& left)
        : job_(job), knowledge_(knowledge), after_(job::standingEntries(job, job::Phase::After)) {
        const double headroom = job.set.backlight.driver.someHeadroomVolts();
        feeds_.resize(reference.size());
        for (int channel = 0; channel < int(job.set.backlight.channels.size()); ++channel) {
            const auto feed = std::size_t(job.set.backlight.channels[channel].feed);
            volts_.push_back(backlight::demandOf(job.set.backlight, channel, left).volts * reference[feed].labelScale);
            feeds_[feed].running = std::max(feeds_[feed].running, volts_.back() + headroom);
        }
        for (std::size_t feed = 0; feed < feeds_.size(); ++feed) {
            const double sigma = reference[feed].relativeSigma * feeds_[feed].running;
            feeds_[feed].slack = 2 * sigma;
            feeds_[feed].isKnown = driver::isKnownWellEnough(feeds_[feed].running, sigma);
        }
    }

    ProofLine ledPlus(int feed) const {
        const auto& own = feeds_[std::size_t(feed)];
        return line({driver::ledPlusOn, 0, feed}, own, {own.running - own.slack, own.running + own.slack});
    }

    ProofLine sink(int channel) const {
        const auto& own = feeds_[std::size_t(job_.set.backlight.channels[channel].feed)];
        const double minus = own.running - volts_[channel];
        return line({driver::ledMinus, channel}, own, {std::max(0.0, minus - 1), minus + 1 + 0.3 * own.slack});
    }

private:
    /// LED+ of a lit feed, give or take.
    struct Feed {
        double running = 0;
        double slack = 0;
        bool isKnown = true;  ///< what the strings run at; otherwise nothing is proven
    };

    ProofLine line(const evidence::VoltsAsked& asked, const Feed& own, driver::Band band) const {
        const evidence::Scene scene{job_.set, knowledge_};
        ProofLine line{asked.test,
                       asked.channel,
                       evidence::titleOfVolts(asked, scene),
                       own.isKnown ? band : driver::Band(),
                       {},
                       false,
                       {},
                       asked.feed};
        for (const auto& entry : after_) {
            const auto* measured = std::get_if<evidence::Measured>(&entry.what);
            if (measured != nullptr && measured->question() == asked) {
                line.volts = measured->volts;
                line.within = own.isKnown && isWithin(*measured, band);
                line.found = evidence::describe(entry.what, scene);
            }
        }
        return line;
    }

    const job::Job& job_;
    const knowledge::Knowledge& knowledge_;
    std::vector<job::Entry> after_;
    std::vector<double> volts_;  ///< LED+ to LED−, by channel
    std::vector<Feed> feeds_;
};

ProofLine judged(const evidence::TesterTaken& taken, const job::Job& job, const knowledge::Knowledge& knowledge,
                 const backlight::Faults& left) {
    const auto expected = backlight::testRun(job.set.backlight, taken.probe(), left);
    const evidence::Scene scene{job.set, knowledge};
    const double slack = testerVolts + testerShare * expected.volts;
    ProofLine line{"tester",    0,     taken.title(scene),   {expected.volts - slack, expected.volts + slack},
                   taken.volts, false, taken.describe(scene)};
    line.within = (!taken.volts || contains(line.band, *taken.volts)) && (!taken.lit || *taken.lit == expected.lit) &&
                  (taken.volts || taken.lit);
    return line;
}

/// Whether a reading was bad before the repair, so that it must be good after it.
bool wasBad(const evidence::Observation& what, const job::Job& job, const knowledge::Knowledge& knowledge,
            const std::map<evidence::Measured::Question, driver::Band>& healthy) {
    if (const auto* taken = std::get_if<evidence::PointTaken>(&what)) {
        return evidence::judge(*taken, job.set, knowledge, {}).grade == parts::Grade::Bad;
    }
    if (const auto* measured = std::get_if<evidence::Measured>(&what)) {
        const auto band = healthy.find(measured->question());
        const bool isAskedAnyway = measured->test == driver::ledPlusOn || measured->test == driver::ledMinus;
        const bool isOfAHealthySet = measured->test != driver::ledPlusPlugOut && band != healthy.end();
        return !isAskedAnyway && isOfAHealthySet && !isWithin(*measured, band->second);
    }
    const auto* light = std::get_if<evidence::LightSeen>(&what);
    return light != nullptr && light->what != driver::Light::StaysLit;
}

/// Whether what was taken after the repair is good.
bool isGood(const evidence::Observation& what, const job::Job& job, const knowledge::Knowledge& knowledge,
            const driver::Band& band) {
    if (const auto* taken = std::get_if<evidence::PointTaken>(&what)) {
        return evidence::judge(*taken, job.set, knowledge, {}).grade == parts::Grade::Good;
    }
    if (const auto* measured = std::get_if<evidence::Measured>(&what)) {
        return isWithin(*measured, band);
    }
    const auto* light = std::get_if<evidence::LightSeen>(&what);
    return light != nullptr && light->what == driver::Light::StaysLit;
}

/// What was bad before the repair, with what it is now.
std::vector<ProofLine> askedAgain(const job::Job& job, const knowledge::Knowledge& knowledge,
                                  const std::map<evidence::Measured::Question, driver::Band>& healthy) {
    const evidence::Scene scene{job.set, knowledge};
    const auto after = job::standingEntries(job, job::Phase::After);
    std::vector<ProofLine> lines;
    for (const auto& entry : job::standingEntries(job, job::Phase::Before)) {
        if (!wasBad(entry.what, job, knowledge, healthy)) {
            continue;
        }
        ProofLine line;
        line.test = evidence::testOf(entry.what);
        line.title = evidence::titleOf(entry.what, scene);
        line.question = evidence::questionOf(entry.what);
        if (const auto* measured = std::get_if<evidence::Measured>(&entry.what)) {
            line.band = healthy.at(measured->question());
        }
        for (const auto& taken : after) {
            if (evidence::questionOf(taken.what) == *line.question) {
                line.found = evidence::describe(taken.what, scene);
                line.within = isGood(taken.what, job, knowledge, line.band);
            }
        }
        lines.push_back(std::move(line));
    }
    return lines;
}

}  // namespace

std::vector<ProofLine> proofOf(const job::Job& job, const knowledge::Knowledge& knowledge,
                               const driver::DriverReference& reference,
                               const std::vector<backlight::LedPlace>& failedLeds,
                               const std::map<evidence::Measured::Question, driver::Band>& healthy) {
    backlight::Faults left;
    if (const auto* done = knowledge.repair(job.repair.option); done != nullptr && done->bridges) {
        for (const auto& place : failedLeds) {
            left.leds.push_back({place, backlight::LedFault::Shorted});
        }
    }
    const BoardProof board(job, knowledge, reference, left);
    std::vector<ProofLine> proof;
    for (int feed = 0; feed < int(reference.size()); ++feed) {
        proof.push_back(board.ledPlus(feed));
    }
    for (int channel = 0; channel < int(job.set.backlight.channels.size()); ++channel) {
        proof.push_back(board.sink(channel));
    }
    for (auto& line : askedAgain(job, knowledge, healthy)) {
        proof.push_back(std::move(line));
    }
    for (const auto& entry : job::standingEntries(job, job::Phase::After)) {
        if (const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what)) {
            proof.push_back(judged(*taken, job, knowledge, left));
        } else if (const auto* seen = std::get_if<evidence::LedSeen>(&entry.what)) {
            proof.push_back({"look",
                             0,
                             evidence::titleOf(entry.what, {job.set, knowledge}),
                             {},
                             {},
                             seen->glow == evidence::LedSeen::Glow::Lit,
                             evidence::describe(entry.what, {job.set, knowledge})});
        }
    }
    return proof;
}

namespace {

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
        return verdict.amps ? contains(*verdict.amps, line.amps) : line.amps > backlight::glowAmps;
    });
    const auto* darkVolts =
        odd([&](const auto& line) { return !verdict.ledPlus || contains(*verdict.ledPlus, line.ledPlusVolts); });
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

}  // namespace dimglow::reasoning
