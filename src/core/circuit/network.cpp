#include "core/circuit/network.h"

#include <fmt/format.h>
#include <cmath>
#include <numeric>
#include <stdexcept>

namespace dimglow::circuit {

namespace {

void requirePositive(double value, const char* what) {
    if (!(value > 0) || !std::isfinite(value)) {
        throw std::invalid_argument(fmt::format("{} is {}; it must be a positive number", what, value));
    }
}

}  // namespace

void Network::requireNode(Node node) const {
    if (node < 0 || node >= nodeCount_) {
        throw std::invalid_argument(fmt::format("node {} does not exist; the network has {}", node, nodeCount_));
    }
}

Node Network::addNode() {
    return nodeCount_++;
}

void Network::addResistor(Node a, Node b, double ohms) {
    requireNode(a);
    requireNode(b);
    requirePositive(ohms, "resistance");
    resistors_.push_back({a, b, ohms});
}

void Network::addDiode(Node anode, Node cathode, const DiodeModel& model) {
    requireNode(anode);
    requireNode(cathode);
    requirePositive(model.saturationAmps, "saturation current");
    requirePositive(model.emissionVolts, "emission voltage");
    requirePositive(model.seriesOhms, "series resistance");
    requirePositive(model.dies, "die count");
    requirePositive(model.breakdownVolts, "breakdown voltage");
    if (!std::isfinite(model.offsetVolts)) {
        throw std::invalid_argument("offset voltage is not a number");
    }
    diodes_.push_back({anode, cathode, model});
}

void Network::addSupply(const Supply& supply) {
    requireNode(supply.plus);
    requireNode(supply.minus);
    requirePositive(supply.volts, "supply voltage");
    requirePositive(supply.limitAmps, "supply current limit");
    requirePositive(supply.outputOhms, "supply output resistance");
    supplies_.push_back(supply);
}

std::vector<bool> floatingNodes(const Network& network) {
    std::vector<Node> parents(std::size_t(network.nodeCount()));
    std::iota(parents.begin(), parents.end(), ground);
    const auto rootOf = [&](Node node) {
        while (parents[node] != node) {
            node = parents[node] = parents[parents[node]];
        }
        return node;
    };
    for (const auto& r : network.resistors()) {
        parents[rootOf(r.a)] = rootOf(r.b);
    }
    for (const auto& d : network.diodes()) {
        parents[rootOf(d.anode)] = rootOf(d.cathode);
    }
    std::vector<bool> floating;
    for (Node node = 0; node < network.nodeCount(); ++node) {
        floating.push_back(rootOf(node) != rootOf(ground));
    }
    return floating;
}

}  // namespace dimglow::circuit
