#include "core/reasoning/entry_logs.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>
#include <numeric>

#include "core/reasoning/explained.h"

namespace dimglow::reasoning {

using faults::FaultyUnits;

namespace {

/// Readings of a fault that has no name which are like nothing else (common practice, no source): of some faults few,
/// of others half.
constexpr std::array<double, 2> strangeShares = {0.05, 0.4};
constexpr double strangeUnits = 0.05;
/// How often such a fault goes on looking like the one that it looked like before.
constexpr double staysLikeIt = 0.9;
/// What LEDs can do is written down: of faults that have no name as many sit there as of those that have one, times
/// this.
constexpr double unheardOfLeds = 0.15;
/// Which fault that has a name a fault without one resembles, by what was read so far.
class Likeness {
public:
    /// \param shares of the faults that have names; those with none are not resembled
    explicit Likeness(std::vector<double> shares) : usual_(std::move(shares)) {
        const double all = std::accumulate(usual_.begin(), usual_.end(), 0.0);
        for (double& share : usual_) {
            share /= all;
        }
        now_ = usual_;
    }

    /// Takes in a reading. \param likelihoods under each of those faults
    /// \param strange its likelihood where it is like nothing else, as \p strangeShare of them are
    /// \returns how likely it was, given those before
    double take(const std::vector<double>& likelihoods, double strange, double strangeShare) {
        double likelihood = 0;
        for (std::size_t n = 0; n < now_.size(); ++n) {
            now_[n] = (staysLikeIt * now_[n] + (1 - staysLikeIt) * usual_[n]) *
                      ((1 - strangeShare) * likelihoods[n] + strangeShare * strange);
            likelihood += now_[n];
        }
        for (double& share : now_) {
            share *= likelihood > 0 ? 1 / likelihood : 0;
        }
        return likelihood;
    }

private:
    std::vector<double> usual_;  ///< together 1
    std::vector<double> now_;
};

/// Nothing that is read rules out for good what nobody has thought of.
double logOfLikelihood(double likelihood) {
    return std::log(std::max(likelihood, std::numeric_limits<double>::min()));
}

}  // namespace

EntryLogs::EntryLogs(Model& model, Likelihoods& likelihoods, std::unordered_map<int, int>& learnt)
    : model_(model), likelihoods_(likelihoods), learnt_(learnt), entries_(model.standing()) {
    for (const auto& suspect : model.knowledge().suspects) {
        totalWeight_ += model.canHave(suspect) ? model.weightOf(suspect) : 0;
    }
    for (const auto& entry : entries_) {
        isOfTheBoard_.push_back(evidence::isOfTheBoard(entry.what));
    }
}

double EntryLogs::logWeight(int suspect) const {
    return std::log(model_.weightOf(model_.knowledge().suspects[std::size_t(suspect)]) / totalWeight_);
}

double EntryLogs::logOf(std::size_t entry, const Hypothesis& h, std::optional<bool> conducts) {
    return model_.suspectOf(h).isNoneOfThese ? logUnnamed(entry, h) : logOfNamed(entry, h, conducts);
}

double EntryLogs::logOfNamed(std::size_t entry, const Hypothesis& h, std::optional<bool> conducts) {
    return isOfTheBoard_[entry] ? logOfForecast(entry, h) : logOfReading(entry, h, conducts);
}

/// What an entry says to a fault that nobody has thought of, given those before it.
double EntryLogs::logUnnamed(std::size_t entry, const Hypothesis& h) {
    if (unnamedLogs_.empty()) {
        Hypothesis forecast = h;
        forecast.forecast = model_.forecastIndex(h);
        weighUnnamed(forecast);
    }
    if (isOfTheBoard_[entry]) {
        likelihoods_.setBoard(h.forecast, entry, unnamedLogs_[entry]);
    }
    return unnamedLogs_[entry];
}

/// Such a fault sits in one of the blocks, and each reading by itself is like one of a fault of that block that has a
/// name, or like nothing else; only together do they fit none of these. How many are like nothing else, which block it
/// is, and what it goes on resembling, shows in those that were read before (the forward sums of a hidden Markov chain:
/// Rabiner, "A tutorial on hidden Markov models", Proc. IEEE 77, 1989). What is read of units is mostly that they are
/// sound.
void EntryLogs::weighUnnamed(const Hypothesis& h) {
    const auto& named = namedFaults();
    struct Way {
        double strangeShare = 0;
        double weight = 0;  // given the entries so far; together 1
        Likeness likeness;
    };
    std::vector<double> shares;
    std::map<int, double> shareOfBlock;
    double all = 0;
    for (const auto& each : named) {
        const auto& suspect = model_.suspectOf(each);
        shares.push_back(std::exp(each.logPrior));
        const double share = shares.back() * (suspect.side == knowledge::Side::Leds ? unheardOfLeds : 1);
        shareOfBlock[suspect.block] += share;
        all += share;
    }
    std::vector<Way> ways;
    for (const auto& [block, share] : shareOfBlock) {
        std::vector<double> ofBlock;
        for (std::size_t n = 0; n < named.size(); ++n) {
            ofBlock.push_back(model_.suspectOf(named[n]).block == block ? shares[n] : 0);
        }
        for (const double strangeShare : strangeShares) {
            ways.push_back({strangeShare, share / all / double(strangeShares.size()), Likeness(ofBlock)});
        }
    }
    for (std::size_t entry = 0; entry < entries_.size(); ++entry) {
        const double strange = std::exp(logOfNamed(entry, h, std::nullopt));
        const auto& what = entries_[entry].what;
        const bool isOfUnits = evidence::isOfUnits(what);
        const auto* test = model_.knowledge().test(evidence::testOf(what));
        const bool isSwap = test != nullptr && !test->swaps.empty();
        std::vector<double> plain;
        double ofAny = 0;
        for (std::size_t n = 0; n < named.size(); ++n) {
            const double log = isOfUnits ? likelihoods_.healthy(entry) : logOfNamed(entry, named[n], std::nullopt);
            plain.push_back(std::exp(log));
            ofAny += shares[n] * plain.back();
        }
        for (double& each : plain) {
            each = isSwap ? (each + ofAny) / 2 : each;
        }
        double likelihood = 0;
        for (auto& way : ways) {
            way.weight *= way.likeness.take(plain, strange, isOfUnits ? strangeUnits : way.strangeShare);
            likelihood += way.weight;
        }
        for (auto& way : ways) {
            way.weight *= likelihood > 0 ? 1 / likelihood : 0;
        }
        unnamedLogs_.push_back(logOfLikelihood(likelihood));
        guesses_.push_back(logOfLikelihood((ofAny + strange) / 2));
    }
}

/// One explanation of each kind of fault that has a name, part by part, with its share of them.
const std::vector<Hypothesis>& EntryLogs::namedFaults() {
    if (!namedFaults_.empty()) {
        return namedFaults_;
    }
    std::vector<double> weights;
    const auto& suspects = model_.knowledge().suspects;
    const auto& kinds = model_.source().unitFaults();
    for (int s = 0; s < int(suspects.size()); ++s) {
        const auto& suspect = suspects[std::size_t(s)];
        if (suspect.isNoneOfThese || !model_.canHave(suspect)) {
            continue;
        }
        Hypothesis h;
        h.suspect = s;
        h.logPrior = logWeight(s);
        if (model_.source().holds(suspect)) {
            const auto kind = std::find_if(kinds.begin(), kinds.end(), [&](const auto& k) { return k.suspect == s; });
            if (kind != kinds.end()) {
                h.faults.assign(1, FaultyUnits{{}, faults::UnitFaultIndex(int(kind - kinds.begin())), 1});
            } else if (const auto all = model_.source().candidates(suspect); !all.empty()) {
                h.faults = all[all.size() / 2].faults;
            }
        }
        for (h.part = suspect.parts.empty() ? -1 : 0; h.part < int(suspect.parts.size()); ++h.part) {
            const double ofPart = h.part < 0 ? 1 : suspect.parts[std::size_t(h.part)].share;
            double usual = 1;
            const auto addCourse = [&](int course, double share) {
                Hypothesis each = h;
                each.course = course;
                each.logPrior += std::log(ofPart * share);
                each.forecast = model_.forecastIndex(each);
                weights.push_back(std::exp(each.logPrior));
                namedFaults_.push_back(each);
            };
            for (int course = 0; course < int(suspect.courses.size()); ++course) {
                const double share = suspect.courses[std::size_t(course)].share;
                usual -= share;
                addCourse(course, share);
            }
            addCourse(-1, usual);
        }
    }
    const double all = std::log(std::accumulate(weights.begin(), weights.end(), 0.0));
    for (auto& h : namedFaults_) {
        h.logPrior -= all;
    }
    return namedFaults_;
}

/// What an entry that is not of the board says to an explanation.
double EntryLogs::logOfReading(std::size_t entry, const Hypothesis& h, std::optional<bool> conducts) {
    Explained explained(model_, h, {.entry = entry, .conducts = conducts});
    return evidence::logLikelihood(entries_[entry].what, explained);
}

/// What a reading of the board says to an explanation, given those before it, which have been asked: they hang on
/// the same unknowns. All with the same forecast share it.
double EntryLogs::logOfForecast(std::size_t entry, const Hypothesis& h) {
    double log = likelihoods_.board(h.forecast, entry);
    if (std::isnan(log)) {
        int& node = learnt_.try_emplace(h.forecast, LearningTree::root).first->second;
        Explained explained(
            model_, h,
            {.entry = entry, .board = Explained::Board{model_.forecast(h.forecast), model_.learning(), node}});
        log = evidence::logLikelihood(entries_[entry].what, explained);
        likelihoods_.setBoard(h.forecast, entry, log);
    }
    return log;
}

}  // namespace dimglow::reasoning
