#include "core/probe/ranking.h"

#include <algorithm>

#include "core/probe/meaning.h"

namespace dimglow::probe {

namespace {

constexpr double leastBitsWorthListing = 0.03;
/// To turn to a probe and to write it down, whatever it takes by itself (common practice, no source).
constexpr double changeOverMinutes = 1;
constexpr double leastShareToSwap = 0.1;
constexpr double leastShareOfOutcome = 0.01;

/// What a fault that has no name shows at the next probe: mostly what one of those that have a name would, as likely as
/// they are, and only now and then what is like nothing else.
void expectTheUsual(std::vector<Bin>& bins, const Classes& classes) {
    constexpr double usually = 0.85;  // common practice, no source
    if (classes.unnamed < 0) {
        return;
    }
    const auto unnamed = std::size_t(classes.unnamed);
    const double share = classes.shares[unnamed];
    for (auto& bin : bins) {
        double& own = bin.byExplanation[unnamed];
        const double ofOthers = bin.share - share * own;
        const double expected = share < 1 ? usually * ofOthers / (1 - share) + (1 - usually) * own : own;
        bin.share += share * (expected - own);
        own = expected;
    }
}

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

int Ranking::dueOf(const Probe& probe) const {
    enum { Whenever, First, Awaited, Again };
    if (desk_.again() == probe.question) {
        return Again;
    }
    if (probe.isAwaited) {
        return Awaited;
    }
    return desk_.isFirst(probe.test) && probe.bits >= leastBitsWorthListing ? First : Whenever;
}

void Ranking::offer(Probe probe, const Predicted& predicted) {
    desk_.model().checkStop();
    auto bins = pool(predicted.prediction, predicted.classes.shares);
    expectTheUsual(bins, predicted.classes);
    probe.bits = mutualInformation(bins, predicted.classes.shares) + predicted.extraBits;
    probe.isAwaited = predicted.isAwaited || desk_.isWanted(probe.test);
    const int due = dueOf(probe);
    if (probe.bits < leastBitsWorthListing && due == 0) {
        return;
    }
    Ranked ranked{std::move(probe), std::move(bins), &predicted.classes, due, 0};
    ranked.worth = worthOf(ranked.probe);
    const auto keepBest = [&](std::optional<Ranked>& best) {
        if (!best || isBetter(ranked, *best)) {
            best = std::move(ranked);
        }
    };
    if (!job::hasAll(desk_.job().bench, ranked.probe.tools)) {
        keepBest(outOfTools_);
    } else if (ranked.probe.live && !desk_.job().liveWorkAccepted) {
        keepBest(live_);
    } else {
        keep(std::move(ranked));
    }
}

void Ranking::insert(std::vector<Ranked>& into, Ranked ranked) const {
    const auto at =
        std::find_if(into.begin(), into.end(), [&](const Ranked& other) { return isBetter(ranked, other); });
    if (at != into.end() || into.size() < most_) {
        into.insert(at, std::move(ranked));
    }
    if (into.size() > most_) {
        into.pop_back();
    }
}

void Ranking::keep(Ranked ranked) {
    const auto same = std::find_if(ranked_.begin(), ranked_.end(),
                                   [&](const Ranked& other) { return other.probe.test == ranked.probe.test; });
    if (same != ranked_.end() && !isBetter(ranked, *same)) {
        insert(others_, std::move(ranked));
        return;
    }
    if (same != ranked_.end()) {
        insert(others_, std::move(*same));
        ranked_.erase(same);
    }
    insert(ranked_, std::move(ranked));
}

RankedProbes Ranking::take() {
    RankedProbes probes;
    const auto isWorthMore = [&](const std::optional<Ranked>& other) {
        return other && (ranked_.empty() || isBetter(*other, ranked_.front()));
    };
    if (isWorthMore(outOfTools_)) {
        probes.outOfTools = std::move(outOfTools_->probe);
    }
    if (isWorthMore(live_)) {
        probes.live = told(std::move(*live_));
    }
    for (auto* all : {&ranked_, &others_}) {
        for (auto& ranked : *all) {
            if (probes.best.size() < most_) {
                probes.best.push_back(told(std::move(ranked)));
            }
        }
    }
    return probes;
}

Probe Ranking::told(Ranked ranked) const {
    auto& outcomes = ranked.probe.outcomes;
    for (const auto& bin : ranked.bins) {
        if (bin.share > leastShareOfOutcome) {
            outcomes.push_back({wordsOf(bin.middle), meaningOf(bin, *ranked.classes, desk_), bin.share});
        }
    }
    std::stable_sort(outcomes.begin(), outcomes.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return std::move(ranked.probe);
}

}  // namespace dimglow::probe
