#pragma once

#include <optional>
#include <vector>

#include "core/probe/kind.h"

namespace dimglow::probe {

/// Probes in their order.
struct RankedProbes {
    std::vector<Probe> best;
    std::optional<Probe> outOfTools;  ///< the best that needs a tool that is not at hand, if it is worth more than they
};

/// Values probes by expected information per minute and keeps the best; what is due comes first.
///
/// The information of a probe is the mutual information of its outcome and the fault,
/// H(Σ share·P(outcome|fault)) − Σ share·H(P(outcome|fault)); outcomes are readings that a meter can tell apart.
class Ranking {
public:
    /// \param most probes that are kept
    Ranking(const Desk& desk, std::size_t most) : desk_(desk), most_(most) {}

    void offer(Probe probe, const Predicted& predicted);
    /// The best of what was offered, with what each outcome would mean.
    RankedProbes take();

private:
    /// A probe and how it may come out.
    struct Ranked {
        Probe probe;
        std::vector<Bin> bins;
        const Classes* classes = nullptr;
        int due = 0;  ///< the higher the sooner: a doubtful reading taken again, then what is awaited
        double worth = 0;
    };
    static bool isBetter(const Ranked& a, const Ranked& b) {
        return a.due != b.due ? a.due > b.due : a.worth > b.worth;
    }
    double worthOf(const Probe& probe) const;

    const Desk& desk_;
    std::size_t most_;
    std::vector<Ranked> ranked_;        ///< the best so far, in their order
    std::optional<Ranked> outOfTools_;  ///< the best of those that cannot be done
};

}  // namespace dimglow::probe
