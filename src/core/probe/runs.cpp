#include "core/probe/runs.h"

#include <algorithm>
#include <map>
#include <numeric>
#include <span>

namespace dimglow::probe {

using backlight::LedFault;
using backlight::Run;
using reasoning::Belief;
using reasoning::Model;
using strings::LedShares;

namespace {

constexpr double severalOpens = 1.2;  ///< open LEDs to be expected in a string
/// Runs that are weighed against each other, those with the most suspicion on them.
constexpr std::size_t mostRuns = 64;

/// Where to split LEDs by what they may be: first of those that count, and how many to power; 0 when none does.
std::pair<int, int> halfOf(std::span<const double> weights) {
    if (weights.empty()) {
        return {0, 0};
    }
    const double highest = *std::max_element(weights.begin(), weights.end());
    if (highest < 1e-4) {
        return {0, 0};
    }
    int first = 0;
    int last = int(weights.size()) - 1;
    while (weights[first] < 0.02 * highest) {
        ++first;
    }
    while (weights[last] < 0.02 * highest) {
        --last;
    }
    return {first, first == last ? 1 : locate::halfSplit(weights.subspan(first, last - first + 1))};
}

/// Runs whose ends a probe can reach, each once.
class RunList {
public:
    explicit RunList(const backlight::Backlight& backlight) : backlight_(backlight) {}
    void add(const Run& run) {
        const Run reachable = backlight::probeable(backlight_, run);
        if (std::find(runs_.begin(), runs_.end(), reachable) == runs_.end()) {
            runs_.push_back(reachable);
        }
    }
    std::vector<Run> take() { return std::move(runs_); }

private:
    const backlight::Backlight& backlight_;
    std::vector<Run> runs_;
};

/// The halves of where an open LED may be in one string, between those that are known to be open: a run that holds one
/// stays dark.
class Halving {
public:
    Halving(std::vector<double> openShares, RunList& runs) : weights_(std::move(openShares)), runs_(runs) {}

    bool hasSeveral() const { return std::accumulate(weights_.begin(), weights_.end(), 0.0) > severalOpens; }
    bool holdsKnown(const Run& part) const {
        return std::any_of(weights_.begin() + part.first, weights_.begin() + part.last + 1,
                           [](double weight) { return weight >= knownOpenShare; });
    }

    void add(const Run& within) {
        int start = within.first;
        for (int position = within.first; position <= within.last + 1; ++position) {
            if (position <= within.last && weights_[std::size_t(position)] < knownOpenShare) {
                continue;
            }
            const int count = position - start;
            const auto half = halfOf(std::span(weights_).subspan(std::size_t(start), std::size_t(count)));
            if (half.second > 0) {
                runs_.add({within.string, start + half.first, start + half.first + half.second - 1});
            }
            if (count > 0 && count < within.count()) {
                runs_.add({within.string, start, position - 1});
            }
            start = position + 1;
        }
    }

private:
    std::vector<double> weights_;  ///< by position
    RunList& runs_;
};

/// Plugs between two strips that may be bad, each from the last LED before it to the first after.
std::vector<backlight::Run> suspectedPlugs(const Model& model, const Belief& belief) {
    constexpr double worthATest = 0.02;
    std::vector<backlight::Run> plugs;
    if (!model.backlight().isDescribed) {
        return plugs;
    }
    std::map<backlight::Run, double> shares;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        for (const auto& fault : belief.hypotheses[h].faults) {
            const auto* joint = std::get_if<faults::Joint>(&fault);
            if (joint != nullptr && joint->before > 0) {
                shares[{joint->string, joint->before - 1, joint->before}] += belief.shares[h];
            }
        }
    }
    for (const auto& [plug, share] : shares) {
        if (share > worthATest) {
            plugs.push_back(plug);
        }
    }
    return plugs;
}

/// Open LEDs only, for splitting.
LedShares openSharesOf(const Model& model, const Belief& belief) {
    const auto isOpen = [](int kind) {
        return LedFault(kind) == LedFault::Open || LedFault(kind) == LedFault::GroupOpen;
    };
    return model.strings().spread(reasoning::siteSharesOf(model, belief.hypotheses, belief.shares, isOpen));
}

}  // namespace

std::vector<Run> candidateRuns(const Model& model, const Belief& belief) {
    const auto& backlight = model.backlight();
    if (!backlight.isDescribed) {
        return {};
    }
    RunList runs(backlight);
    for (const auto& plug : suspectedPlugs(model, belief)) {
        runs.add(plug);
    }
    const auto openShares = openSharesOf(model, belief);
    for (const auto& ref : backlight::stringsOf(backlight)) {
        const auto whole = backlight::wholeString(backlight, ref);
        const auto parts = backlight::partsOf(backlight, ref);
        runs.add(whole);
        for (const auto& part : parts) {
            runs.add(part);
        }
        std::vector<double> weights;
        for (const auto& place : backlight::ledsInOrder(backlight, ref)) {
            weights.push_back(openShares[std::size_t(place.strip)][std::size_t(place.led)]);
        }
        Halving halving(std::move(weights), runs);
        halving.add(whole);
        for (const auto& part : parts) {
            if (halving.hasSeveral() || halving.holdsKnown(part)) {
                halving.add(part);  // with several open LEDs both halves of the whole string would stay dark
            }
        }
        for (const auto& entry : model.standing()) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            const bool isOfOwn = taken != nullptr && taken->run.string == ref && taken->bridged.empty();
            if (halving.hasSeveral() && isOfOwn && taken->lit == 0) {
                halving.add(taken->run);
            }
        }
    }
    return runs.take();
}

std::vector<Run> mostSuspected(const std::vector<Run>& all, const std::vector<Run>& untested, const Model& model,
                               const Explanations& explanations) {
    if (all.size() <= mostRuns) {
        return all;
    }
    const auto& cells = model.strings().partition().cells();
    std::vector<double> suspicion(cells.size(), 0);
    for (std::size_t h = 0; h < explanations.size(); ++h) {
        for (const auto& fault : explanations.all()[h].faults) {
            if (const auto* units = faults::asUnits(fault)) {
                suspicion[std::size_t(units->site)] += explanations.shares()[h] * units->count;
            }
        }
    }
    std::vector<std::pair<double, std::size_t>> order;
    for (std::size_t r = 0; r < all.size(); ++r) {
        double weight = std::find(untested.begin(), untested.end(), all[r]) != untested.end() ? 1 : 0;
        for (std::size_t c = 0; c < cells.size(); ++c) {
            weight += locate::inside(cells[c], all[r]) ? suspicion[c] : 0;
        }
        order.emplace_back(-weight, r);
    }
    std::partial_sort(order.begin(), order.begin() + mostRuns, order.end());
    std::vector<Run> runs;
    for (std::size_t i = 0; i < mostRuns; ++i) {
        runs.push_back(all[order[i].second]);
    }
    return runs;
}

}  // namespace dimglow::probe
