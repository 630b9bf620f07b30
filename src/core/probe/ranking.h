#pragma once

#include <optional>
#include <vector>

#include "core/probe/kind.h"

namespace dimglow::probe {

/// Probes in their order.
struct RankedProbes {
    std::vector<Probe> best;
    std::optional<Probe> outOfTools;  ///< the best that needs a tool that is not at hand, if it is worth more than they
    std::optional<Probe> live;        ///< the best that needs live work to be accepted, if it is worth more than they
};

/// Values probes by expected information per minute and keeps the best: those of different tests first, of each the
/// best; what is due before others. Live work is not advised before it is accepted.
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
        int due = 0;  ///< the higher the sooner
        double worth = 0;
    };
    static bool isBetter(const Ranked& a, const Ranked& b) {
        return a.due != b.due ? a.due > b.due : a.worth > b.worth;
    }
    double worthOf(const Probe& probe) const;
    /// A doubtful reading taken again, then what is awaited, then what is looked at first.
    int dueOf(const Probe& probe) const;
    void keep(Ranked ranked);
    void insert(std::vector<Ranked>& into, Ranked ranked) const;
    /// With what each outcome would mean.
    Probe told(Ranked ranked) const;

    const Desk& desk_;
    std::size_t most_;
    std::vector<Ranked> ranked_;        ///< the best of each test so far, in their order
    std::vector<Ranked> others_;        ///< the others, likewise
    std::optional<Ranked> outOfTools_;  ///< the best of those that cannot be done
    std::optional<Ranked> live_;        ///< the best of those that nobody has accepted to do
};

}  // namespace dimglow::probe
