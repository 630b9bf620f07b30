#include "core/reasoning/entry_logs.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/reasoning/explained.h"

namespace dimglow::reasoning {

using faults::FaultyUnits;

namespace {

/// Readings of a fault that has no name which are like nothing else (common practice, no source).
constexpr double strangeShare = 0.5;

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

/// What an entry says to a fault that nobody has thought of. Each reading by itself is like one of a fault that has
/// a name, as often as these are met, or like nothing else; only together do they fit none of these. What is read
/// of units is mostly that they are sound.
double EntryLogs::logUnnamed(std::size_t entry, const Hypothesis& h) {
    const double strange = logOfNamed(entry, h, std::nullopt);
    double usual = 0;
    if (evidence::isOfUnits(entries_[entry].what)) {
        usual = std::exp(likelihoods_.healthy(entry));
    } else {
        for (const auto& named : namedFaults()) {
            usual += std::exp(named.logPrior + logOfNamed(entry, named, std::nullopt));
        }
    }
    const double log = std::log((1 - strangeShare) * usual + strangeShare * std::exp(strange));
    if (isOfTheBoard_[entry]) {
        likelihoods_.setBoard(h.forecast, entry, log);
    }
    return log;
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
                h.faults.assign(1, all[all.size() / 2]);
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
