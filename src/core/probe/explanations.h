#pragma once

#include <string>
#include <utility>
#include <vector>

#include "core/reasoning/belief.h"

namespace dimglow::probe {

/// Explanations that a probe cannot tell apart, as one; each has a place among them.
struct Classes {
    std::vector<int> of;         ///< by explanation
    std::vector<double> shares;  ///< by class; add up to 1
    int unnamed = -1;            ///< the class of a fault that has no name; -1 where it is hopeless
};

/// The explanations that probes are valued against: of very many the likeliest, what the others would change is lost
/// in rounding.
class Explanations {
public:
    /// \param countsParts whether what a board comes down to matters: where the part is what is replaced
    Explanations(reasoning::Model& model, const reasoning::Belief& belief, bool countsParts);

    std::size_t size() const { return shares_.size(); }
    const std::vector<reasoning::Hypothesis>& all() const { return all_; }
    const std::vector<double>& shares() const { return shares_; }                ///< add up to 1
    int titleOf(std::size_t explanation) const { return titles_[explanation]; }  ///< into Belief::titles

    /// Every explanation by itself.
    const Classes& each() const { return each_; }
    /// Explanations that no question about the set or its boards tells apart: those of one suspect and part.
    const Classes& alike() const { return alike_; }
    /// One of each part and point of a class of alike(), and their shares together.
    const std::vector<std::pair<std::size_t, double>>& membersOf(std::size_t alike) const { return members_[alike]; }

    /// Share of what sits in a unit of the set.
    double shareOfUnit(const std::string& unit) const;

private:
    void keepLikeliest();
    void classify(bool countsParts);

    reasoning::Model& model_;
    std::vector<reasoning::Hypothesis> all_;
    std::vector<int> titles_;
    std::vector<double> shares_;
    Classes each_;
    Classes alike_;
    std::vector<std::vector<std::pair<std::size_t, double>>> members_;
};

}  // namespace dimglow::probe
