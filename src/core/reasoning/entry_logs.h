#pragma once

#include <optional>
#include <unordered_map>
#include <vector>

#include "core/reasoning/likelihoods.h"
#include "core/reasoning/model.h"

namespace dimglow::reasoning {

/// What each entry of a trail says to an explanation, as the natural log of its likelihood. Readings of the board are
/// held in the likelihoods once for all explanations with the same forecast, and what they teach in the model's
/// learning.
class EntryLogs {
public:
    /// \param learnt node of the model's learning by forecast; grows
    EntryLogs(Model& model, Likelihoods& likelihoods, std::unordered_map<int, int>& learnt);

    /// Natural log of how often a suspect is met, among those that the set can have.
    double logWeight(int suspect) const;

    /// A reading of the board needs the explanation's forecast, and those before it asked under it.
    /// \param conducts whether what was driven for the entry conducts, where that is known
    double logOf(std::size_t entry, const Hypothesis& h, std::optional<bool> conducts);

    /// The log of each entry by anyone's guess: as likely to be what one of the faults that have a name shows as to be
    /// like nothing else. Empty until a fault that has no name has been asked.
    const std::vector<double>& guesses() const { return guesses_; }

private:
    double logUnnamed(std::size_t entry, const Hypothesis& h);
    void weighUnnamed(const Hypothesis& h);
    const std::vector<Hypothesis>& namedFaults();
    double logOfNamed(std::size_t entry, const Hypothesis& h, std::optional<bool> conducts);
    double logOfReading(std::size_t entry, const Hypothesis& h, std::optional<bool> conducts);
    double logOfForecast(std::size_t entry, const Hypothesis& h);

    Model& model_;
    Likelihoods& likelihoods_;
    std::unordered_map<int, int>& learnt_;
    const std::vector<job::Entry>& entries_;
    std::vector<char> isOfTheBoard_;  ///< by entry
    double totalWeight_ = 0;
    std::vector<Hypothesis> namedFaults_;  ///< made when they are asked for
    std::vector<double> unnamedLogs_;      ///< by entry; made when they are asked for
    std::vector<double> guesses_;          ///< by entry; made with them
};

}  // namespace dimglow::reasoning
