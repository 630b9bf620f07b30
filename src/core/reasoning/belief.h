#pragma once

#include <string>
#include <vector>

#include "core/reasoning/case_model.h"
#include "core/reasoning/likelihoods.h"

namespace dimglow::reasoning {

/// Every explanation that is still possible, with its share of belief.
struct Belief {
    std::vector<Hypothesis> hypotheses;
    std::vector<double> shares;          ///< add up to 1
    std::vector<double> previousShares;  ///< the same without the last entry; add up to 1
    std::vector<text::Text> titles;      ///< the explanations in words, down to the strip
    std::vector<int> titleOf;            ///< into titles, by hypothesis
    std::vector<int> rowOf;              ///< into likelihoods, by hypothesis; those split from one share its row
    Likelihoods likelihoods;
    double evidence = 0;      ///< natural log of the probability of the entries under all explanations together
    std::size_t weighed = 0;  ///< explanations that were looked at, kept or not
};

/// Bayes' rule over single faults and combinations of any number of faulty LEDs. Entries are independent given the
/// fault, but for readings of the board: each is held against what those before it have taught of the set.
///
/// Combinations are searched level by level: every likely set of k faults is extended by one more, the `beam` best of
/// each level are kept for the next, if they are not hopeless, until no set is worth another fault. Explanations below
/// a share of 1e-6, before and after the last entry, are dropped.
Belief infer(CaseModel& model, const std::vector<job::Entry>& entries);

/// The same belief over a finer partition. No reading tells the new parts apart, so each fault falls into either part
/// of its cell as chance has it (hypergeometric): C(n1,j)·C(n2,k−j)/C(n,k) for j of k faults in the part of n1.
Belief refine(CaseModel& model, Belief belief, const backlight::Run& run);

/// What a hypothesis says in words, down to the strip: "Open LED in strip B", "Open plug between A and B".
text::Text titleOf(const CaseModel& model, const Hypothesis& hypothesis);

/// Probability that each LED is faulty, by strip and LED.
using LedShares = std::vector<std::vector<double>>;
LedShares ledSharesOf(const CaseModel& model, const std::vector<Hypothesis>& hypotheses,
                      const std::vector<double>& shares);

}  // namespace dimglow::reasoning
