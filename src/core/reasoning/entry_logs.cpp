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
constexpr std::array<double, 2> strangeShares = {0.1, 0.5};
constexpr double strangeUnits = 0.05;
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
/// name, as often as these are met, or like nothing else; only together do they fit none of these. How many are like
/// nothing else, and which block it is, shows in those that were read before. What is read of units is mostly that they
/// are sound.
void EntryLogs::weighUnnamed(const Hypothesis& h) {
    struct Way {
        int block = 0;
        double strangeShare = 0;
        double weight = 0;    // given the entries so far; together 1
        double expected = 0;  // what it says of the next
    };
    std::map<int, double> weightOfBlock;
    for (const auto& named : namedFaults()) {
        weightOfBlock[model_.suspectOf(named).block] += std::exp(named.logPrior);
    }
    std::vector<Way> ways;
    for (const auto& [block, weight] : weightOfBlock) {
        for (const double strangeShare : strangeShares) {
            ways.push_back({block, strangeShare, weight / double(strangeShares.size())});
        }
    }
    for (std::size_t entry = 0; entry < entries_.size(); ++entry) {
        const double strange = std::exp(logOfNamed(entry, h, std::nullopt));
        const auto& what = entries_[entry].what;
        const bool isOfUnits = evidence::isOfUnits(what);
        const auto* test = model_.knowledge().test(evidence::testOf(what));
        const bool isSwap = test != nullptr && !test->swaps.empty();
        std::map<int, double> usual;
        double ofAny = 0;
        for (const auto& named : namedFaults()) {
            const double log = isOfUnits ? likelihoods_.healthy(entry) : logOfNamed(entry, named, std::nullopt);
            const int block = model_.suspectOf(named).block;
            usual[block] += std::exp(named.logPrior + log) / weightOfBlock[block];
            ofAny += std::exp(named.logPrior + log);
        }
        double likelihood = 0;
        for (auto& way : ways) {
            const double share = isOfUnits ? strangeUnits : way.strangeShare;
            const double plain = isSwap ? (usual[way.block] + ofAny) / 2 : usual[way.block];
            way.expected = (1 - share) * plain + share * strange;
            likelihood += way.weight * way.expected;
        }
        for (auto& way : ways) {
            way.weight *= likelihood > 0 ? way.expected / likelihood : 1;
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
            Hypothesis part = h;
            part.logPrior += h.part < 0 ? 0 : std::log(suspect.parts[std::size_t(h.part)].share);
            part.forecast = model_.forecastIndex(part);
            weights.push_back(std::exp(part.logPrior));
            namedFaults_.push_back(part);
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
