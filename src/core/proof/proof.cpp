#include "core/proof/proof.h"

#include <algorithm>
#include <cmath>

#include "core/driver/quantities.h"

namespace dimglow::proof {

using text::say;
using text::Text;

namespace {

constexpr double testerShare = 0.05;  ///< of a healthy run's volts: batch and meter, both ways
constexpr double testerVolts = 0.2;

/// Only a steady value proves: a peak that falls, or a wander, is a driver that gives up.
bool isWithin(const evidence::Measured& measured, const driver::Band& band) {
    return measured.shape == evidence::Shape::Steady && band.contains(measured.volts);
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
        return line({driver::ledPlusOn, {}, backlight::FeedIndex(feed)}, own,
                    {own.running - own.slack, own.running + own.slack});
    }

    ProofLine sink(int channel) const {
        const auto& own = feeds_[std::size_t(job_.set.backlight.channels[channel].feed)];
        const double minus = own.running - volts_[channel];
        return line({driver::ledMinus, backlight::ChannelIndex(channel)}, own,
                    {std::max(0.0, minus - 1), minus + 1 + 0.3 * own.slack});
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
    ProofLine line{"tester",    {},    taken.title(scene),   {expected.volts - slack, expected.volts + slack},
                   taken.volts, false, taken.describe(scene)};
    line.within = (!taken.volts || line.band.contains(*taken.volts)) && (!taken.lit || *taken.lit == expected.lit) &&
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
                             {},
                             evidence::titleOf(entry.what, {job.set, knowledge}),
                             {},
                             {},
                             seen->glow == evidence::LedSeen::Glow::Lit,
                             evidence::describe(entry.what, {job.set, knowledge})});
        }
    }
    return proof;
}

}  // namespace dimglow::proof
