#pragma once

#include <functional>
#include <string>
#include <unordered_map>
#include <vector>

#include "core/reasoning/likelihoods.h"
#include "core/reasoning/model.h"

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
    std::unordered_map<int, int>
        learnt;                   ///< what readings of the board taught, node of the model's learning by forecast
    std::vector<double> guesses;  ///< natural log of the likelihood of each entry by anyone's guess
    double evidence = 0;          ///< natural log of the probability of the entries under all explanations together
    std::size_t weighed = 0;      ///< explanations that were looked at, kept or not
};

/// Bayes' rule over single faults and combinations of any number of faulty units. Entries are independent given the
/// fault, but for readings of the board: each is held against what those before it have taught of the set.
///
/// Combinations are searched level by level: every likely set of k faults is extended by one more, the `beam` best of
/// each level are kept for the next, if they are not hopeless, until no set is worth another fault. Explanations below
/// a share of 1e-5, before and after the last entry, are dropped.
/// \throws Stopped
Belief infer(Model& model);

/// The same belief once the model's light source has told units apart further. No reading tells the new parts apart, so
/// each fault falls into either part of its site as chance has it (hypergeometric): C(n1,j)·C(n2,k−j)/C(n,k) for j of k
/// faults in the part of n1.
///
///     belief = refine(model, std::move(belief), model.strings().split(run));
Belief refine(const Model& model, Belief belief, const source::Split& split);

/// What was learned under a forecast; what was told before it is asked. Valid until the next is asked for.
const driver::Learning& learntUnder(Model& model, const Belief& belief, int forecast);

/// Whether it holds a fault of the boards together with faults of the light source.
bool isOfBothSides(const Model& model, const Hypothesis& hypothesis);
/// The suspect of the light source's faults, where it holds any; that of the boards otherwise.
const SuspectKind& unitSuspectOf(const Model& model, const Hypothesis& hypothesis);

/// What a hypothesis says in words, down to the strip: "Open LED in strip B", "Open plug between A and B".
text::Text titleOf(const Model& model, const Hypothesis& hypothesis);

/// How likely a unit of each site is faulty.
/// \param counts whether a kind of fault does; all when empty
std::vector<double> siteSharesOf(const Model& model, const std::vector<Hypothesis>& hypotheses,
                                 const std::vector<double>& shares, const std::function<bool(int)>& counts = {});

}  // namespace dimglow::reasoning
