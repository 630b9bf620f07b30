#include "core/circuit/one_loop.h"

#include <algorithm>
#include <boost/math/tools/roots.hpp>
#include <cmath>
#include <utility>

namespace dimglow::circuit {

namespace {

/// Below, a leak tells as much as the elements do.
constexpr double lowestAmps = 1e-12;
/// Bits of the last step that counts; Newton's next would double them.
constexpr int digits = 28;

/// Where a rising function of a current is zero. Currents span decades, so that Newton goes along their logarithm.
/// \param f value and slope by the current
/// \pre f(low) < 0 <= f(high)
template <class F>
double risingZero(F f, double guess, double low, double high) {
    std::uintmax_t steps = 100;
    const auto alongLog = [&](double x) {
        const double amps = std::exp(x);
        const auto [value, slope] = f(amps);
        return std::pair(value, slope * amps);
    };
    return std::exp(boost::math::tools::newton_raphson_iterate(alongLog, std::log(std::clamp(guess, low, high)),
                                                               std::log(low), std::log(2 * high), digits, steps));
}

/// What ties one node of the loop to the next.
struct Stage {
    Node from = ground;
    double siemens = 0;   ///< resistors, and the leak across the junction
    double biasAmps = 0;  ///< what that leak passes less, since it stands across the junction alone
    int diode = -1;       ///< index into the network's
    DiodeModel model = {};

    struct At {
        double volts = 0;
        double ohms = 0;  ///< dV/dI
        double diodeAmps = 0;
    };

    At at(double amps) const {
        if (diode < 0) {
            return {amps / siemens, 1 / siemens, 0};
        }
        const double through = amps + biasAmps;
        const auto excess = [&](double diodeAmps) {
            return std::pair(diodeAmps + siemens * model.volts(diodeAmps) - through, 1 + siemens * ohmsAt(diodeAmps));
        };
        const double least = 1e-3 * model.saturationAmps;
        if (excess(least).first >= 0) {
            return {through / siemens, 1 / siemens, 0};
        }
        const double most = through - siemens * std::min(0.0, model.volts(least));
        const double diodeAmps = risingZero(excess, through, least, most);
        const double ohms = ohmsAt(diodeAmps);
        return {model.volts(diodeAmps), ohms / (1 + siemens * ohms), diodeAmps};
    }

private:
    double ohmsAt(double diodeAmps) const {
        return model.dies * (model.emissionVolts / (diodeAmps + model.saturationAmps) + model.seriesOhms);
    }
};

/// The network as a loop: stages from the supply's plus to ground, and what bridges both ends.
struct Loop {
    std::vector<Stage> stages;
    double siemensAcross = 0;

    Stage::At at(double amps) const {
        Stage::At sum;
        for (const auto& stage : stages) {
            const auto own = stage.at(amps);
            sum.volts += own.volts;
            sum.ohms += own.ohms;
        }
        return sum;
    }
    /// Of what is a resistance alone.
    double leastOhms() const {
        double ohms = 0;
        for (const auto& stage : stages) {
            ohms += stage.diode < 0 ? 1 / stage.siemens : 0;
        }
        return ohms;
    }
};

/// By node, its neighbours on the loop; -1 for none.
class Neighbours {
public:
    explicit Neighbours(int nodes) : of_(std::size_t(nodes), {-1, -1}) {}

    /// \returns whether both nodes still have at most two
    bool tie(Node a, Node b) { return tieOne(a, b) && tieOne(b, a); }
    Node next(Node node, Node from) const {
        const auto& two = of_[std::size_t(node)];
        return two.first == from ? two.second : two.first;
    }

private:
    bool tieOne(Node node, Node other) {
        auto& two = of_[std::size_t(node)];
        Node& place = two.first < 0 || two.first == other ? two.first : two.second;
        const bool fits = place < 0 || place == other;
        place = fits ? other : place;
        return fits;
    }

    std::vector<std::pair<Node, Node>> of_;
};

std::optional<Loop> loopOf(const Network& network, const SolveOptions& options) {
    if (network.supplies().size() != 1) {
        return std::nullopt;
    }
    const Node plus = network.supplies().front().plus;
    if (network.supplies().front().minus != ground || plus == ground) {
        return std::nullopt;
    }
    const bool hasInner = network.nodeCount() > 2;
    const auto isAcross = [&](Node a, Node b) { return hasInner && std::minmax(a, b) == std::minmax(plus, ground); };
    Neighbours neighbours(network.nodeCount());
    const auto tie = [&](Node a, Node b) { return a != b && (isAcross(a, b) || neighbours.tie(a, b)); };
    for (const auto& r : network.resistors()) {
        if (!tie(r.a, r.b)) {
            return std::nullopt;
        }
    }
    for (const auto& d : network.diodes()) {
        if (isAcross(d.anode, d.cathode) || !tie(d.anode, d.cathode)) {
            return std::nullopt;
        }
    }
    Loop loop;
    std::vector<int> placeOf(std::size_t(network.nodeCount()), -1);
    Node before = -1;
    for (Node node = plus; node != ground;) {
        const Node next = neighbours.next(node, before);
        if (next < 0 || int(loop.stages.size()) == network.nodeCount()) {
            return std::nullopt;
        }
        placeOf[std::size_t(node)] = int(loop.stages.size());
        loop.stages.emplace_back().from = node;
        before = std::exchange(node, next);
    }
    if (int(loop.stages.size()) + 1 != network.nodeCount()) {
        return std::nullopt;  // something hangs beside it
    }
    placeOf[ground] = int(loop.stages.size());
    for (const auto& r : network.resistors()) {
        const auto place = std::size_t(std::min(placeOf[std::size_t(r.a)], placeOf[std::size_t(r.b)]));
        (isAcross(r.a, r.b) ? loop.siemensAcross : loop.stages[place].siemens) += 1 / r.ohms;
    }
    for (int d = 0; d < int(network.diodes().size()); ++d) {
        const auto& diode = network.diodes()[std::size_t(d)];
        const auto place = std::size_t(placeOf[std::size_t(diode.anode)]);
        if (std::size_t(placeOf[std::size_t(diode.cathode)]) < place || loop.stages[place].diode >= 0) {
            return std::nullopt;
        }
        auto& stage = loop.stages[place];
        stage.diode = d;
        stage.model = diode.model;
        stage.siemens += options.leakSiemens / diode.model.dies;
        stage.biasAmps = options.leakSiemens / diode.model.dies * diode.model.offsetVolts;
    }
    return loop;
}

/// The loop's current, and whether its supply regulates it.
struct Driven {
    double amps = 0;
    bool isLimited = false;
};

/// \returns nothing where hardly any current flows
std::optional<Driven> driven(const Loop& loop, const Supply& supply) {
    // The supply limits its current where the loop would take more at the most volts that are then left.
    const double highestVolts = supply.volts - supply.outputOhms * supply.limitAmps;
    const double rest = supply.limitAmps - loop.siemensAcross * highestVolts;
    const bool isLimited = rest <= lowestAmps || loop.at(rest).volts <= highestVolts;
    const double voltsShare = isLimited ? loop.siemensAcross : 1 + loop.siemensAcross * supply.outputOhms;
    const double ampsShare = isLimited ? 1 : supply.outputOhms;
    const double total = isLimited ? supply.limitAmps : supply.volts;
    const auto excess = [&](double amps) {
        const auto there = loop.at(amps);
        return std::pair(voltsShare * there.volts + ampsShare * amps - total, voltsShare * there.ohms + ampsShare);
    };
    if (supply.limitAmps <= lowestAmps || excess(lowestAmps).first >= 0) {
        return std::nullopt;
    }
    const double guess = std::min(supply.limitAmps, supply.volts / loop.leastOhms());
    return Driven{risingZero(excess, guess, lowestAmps, supply.limitAmps), isLimited};
}

}  // namespace

std::optional<OperatingPoint> solveOneLoop(const Network& network, const SolveOptions& options) {
    const auto loop = loopOf(network, options);
    const auto found = loop ? driven(*loop, network.supplies().front()) : std::nullopt;
    if (!found) {
        return std::nullopt;
    }
    OperatingPoint point;
    point.converged = true;
    point.iterations = 1;
    point.nodeVolts.assign(std::size_t(network.nodeCount()), 0);
    point.diodeAmps.assign(network.diodes().size(), 0);
    double volts = 0;
    for (auto stage = loop->stages.rbegin(); stage != loop->stages.rend(); ++stage) {
        const auto there = stage->at(found->amps);
        volts += there.volts;
        point.nodeVolts[std::size_t(stage->from)] = volts;
        if (stage->diode >= 0) {
            point.diodeAmps[std::size_t(stage->diode)] = there.diodeAmps;
        }
    }
    const double across = loop->siemensAcross * volts;
    point.supplyAmps = {found->isLimited ? network.supplies().front().limitAmps : found->amps + across};
    return point;
}

}  // namespace dimglow::circuit
