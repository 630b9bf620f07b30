#include "core/probe/ranking.h"

#include <algorithm>

#include "core/probe/meaning.h"

namespace dimglow::probe {

namespace {

constexpr double leastBitsWorthListing = 0.01;
/// To turn to a probe and to write it down, whatever it takes by itself (common practice, no source).
constexpr double changeOverMinutes = 1;
constexpr double leastShareToSwap = 0.1;
constexpr double leastShareOfOutcome = 0.01;

}  // namespace

/// Information per minute; of a swap that comes first, the chance that it mends the set per what it costs (Heckerman,
/// Breese and Rommelse, "Decision-theoretic troubleshooting", CACM 38(3), 1995), well before anything that is to be
/// measured.
double Ranking::worthOf(const Probe& probe) const {
    constexpr double beforeMeasuring = 1000;
    const auto& job = desk_.job();
    const auto* test = desk_.trade().test(probe.test);
    if (job.way.first == job::Way::First::Swap && test != nullptr && !test->swaps.empty()) {
        const double mends = desk_.explanations().shareOfUnit(test->swaps);
        const double cost = probe.minutes * job.bench.ratePerHour / 60 + (1 - mends) * job.bench.restockingFee;
        return mends > leastShareToSwap ? beforeMeasuring * mends / cost : 0;
    }
    return probe.bits / (probe.minutes + changeOverMinutes);
}

void Ranking::offer(Probe probe, const Predicted& predicted) {
    desk_.model().checkStop();
    auto bins = pool(predicted.prediction, predicted.classes.shares);
    probe.bits = mutualInformation(bins, predicted.classes.shares) + predicted.extraBits;
    const int due = desk_.again() == probe.question ? 2 : predicted.isAwaited ? 1 : 0;
    if (probe.bits < leastBitsWorthListing && due == 0) {
        return;
    }
    Ranked ranked{std::move(probe), std::move(bins), &predicted.classes, due, 0};
    ranked.worth = worthOf(ranked.probe);
    if (!job::hasAll(desk_.job().bench, ranked.probe.tools)) {
        if (!outOfTools_ || isBetter(ranked, *outOfTools_)) {
            outOfTools_ = std::move(ranked);
        }
        return;
    }
    const auto at =
        std::find_if(ranked_.begin(), ranked_.end(), [&](const Ranked& other) { return isBetter(ranked, other); });
    if (at != ranked_.end() || ranked_.size() < most_) {
        ranked_.insert(at, std::move(ranked));
    }
    if (ranked_.size() > most_) {
        ranked_.pop_back();
    }
}

RankedProbes Ranking::take() {
    RankedProbes probes;
    if (outOfTools_ && (ranked_.empty() || isBetter(*outOfTools_, ranked_.front()))) {
        probes.outOfTools = std::move(outOfTools_->probe);
    }
    for (auto& ranked : ranked_) {
        auto& outcomes = ranked.probe.outcomes;
        for (const auto& bin : ranked.bins) {
            if (bin.share > leastShareOfOutcome) {
                outcomes.push_back({wordsOf(bin.middle), meaningOf(bin, *ranked.classes, desk_), bin.share});
            }
        }
        std::stable_sort(outcomes.begin(), outcomes.end(),
                         [](const auto& a, const auto& b) { return a.share > b.share; });
        probes.best.push_back(std::move(ranked.probe));
    }
    return probes;
}

}  // namespace dimglow::probe
