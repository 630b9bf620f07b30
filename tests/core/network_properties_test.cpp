// Laws that every operating point keeps, whatever the network.

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "core/circuit/operating_point.h"

namespace dimglow::circuit {
namespace {

constexpr double leak = SolveOptions{}.leakSiemens;

/// Sum of all currents that leave each node, computed element by element from the voltages.
std::vector<double> leaving(const Network& network, const OperatingPoint& point) {
    std::vector<double> sum(point.nodeVolts.size(), 0);
    const auto flow = [&](Node from, Node to, double amps) {
        sum[from] += amps;
        sum[to] -= amps;
    };
    const auto& v = point.nodeVolts;
    const auto floating = floatingNodes(network);
    for (std::size_t node = 1; node < v.size(); ++node) {
        sum[node] += floating[node] ? leak * v[node] : 0;
    }
    for (const auto& r : network.resistors()) {
        flow(r.a, r.b, (v[r.a] - v[r.b]) / r.ohms);
    }
    for (std::size_t i = 0; i < network.diodes().size(); ++i) {
        const auto& d = network.diodes()[i];
        const double across = v[d.anode] - v[d.cathode];
        flow(d.anode, d.cathode, point.diodeAmps[i] + leak / d.model.dies * (across - d.model.offsetVolts));
    }
    for (std::size_t i = 0; i < network.supplies().size(); ++i) {
        flow(network.supplies()[i].minus, network.supplies()[i].plus, point.supplyAmps[i]);
    }
    return sum;
}

class Random : public testing::TestWithParam<int> {
protected:
    double between(double low, double high) { return std::uniform_real_distribution(low, high)(random_); }
    int whole(int low, int high) { return std::uniform_int_distribution(low, high)(random_); }

    /// Nodes joined at random by resistors, LEDs either way round and a supply or two.
    Network network() {
        Network network;
        const int nodes = whole(3, 30);
        for (int i = 0; i < nodes; ++i) {
            network.addNode();
        }
        const auto node = [&] { return whole(0, nodes); };
        for (int i = 0; i < 2 * nodes; ++i) {
            const Node a = node();
            const Node b = node();
            if (a == b) {
                continue;
            }
            if (whole(0, 2) == 0) {
                network.addResistor(a, b, std::exp(between(0, 16)));
            } else {
                backlight::LedSpec led;
                led.dies = whole(1, 3);
                led.ratedVolts = led.dies * between(2.8, 3.3);
                network.addDiode(a, b, backlight::ledCurve(led, between(0, 90)));
            }
        }
        for (int i = whole(1, 2); i > 0; --i) {
            network.addSupply({whole(1, nodes), ground, between(2, 300), between(0.001, 2)});
        }
        return network;
    }

    std::mt19937 random_{static_cast<unsigned>(GetParam())};
};

// Kirchhoff's current law.
TEST_P(Random, CurrentsIntoEveryNodeAddUpToNothing) {
    const auto net = network();
    const auto point = solve(net);
    ASSERT_TRUE(point.converged);
    const auto sum = leaving(net, point);
    for (std::size_t node = 1; node < sum.size(); ++node) {
        EXPECT_NEAR(sum[node], 0, 1e-8) << "node " << node;
    }
}

// No passive network reaches further than its sources stacked (the no-amplification property, Willson 1975).
TEST_P(Random, NoNodeReachesFurtherThanTheSupplies) {
    const auto net = network();
    double reach = 0;
    for (const auto& s : net.supplies()) {
        reach += s.volts;
    }
    for (const double volts : solve(net).nodeVolts) {
        EXPECT_LE(std::abs(volts), reach + 1e-6);
    }
}

TEST_P(Random, SuppliesKeepBothTheirLimitsAndNeverSink) {
    const auto net = network();
    const auto point = solve(net);
    for (std::size_t i = 0; i < net.supplies().size(); ++i) {
        const auto& s = net.supplies()[i];
        EXPECT_GE(point.supplyAmps[i], 0);
        EXPECT_LE(point.supplyAmps[i], s.limitAmps * (1 + 1e-9));
        if (point.supplyAmps[i] > 1e-6) {
            EXPECT_LE(point.nodeVolts[s.plus] - point.nodeVolts[s.minus], s.volts + 1e-6);
        }
    }
}

TEST_P(Random, SameNetworkGivesTheSameAnswerWhateverWasSolvedBefore) {
    const auto net = network();
    OperatingPointSolver solver(net);
    const auto fresh = solver.solve();
    const auto original = net.supplies()[0];
    solver.setSupply(0, original.volts * 3, original.limitAmps * 0.1);
    solver.solve();
    solver.setSupply(0, original.volts, original.limitAmps);
    EXPECT_EQ(solver.solve().nodeVolts, fresh.nodeVolts);
}

TEST_P(Random, ShortAcrossAnLedNeverRaisesTheVoltsOfItsString) {
    backlight::PlainDescription plain;
    plain.strips = whole(1, 5);
    plain.ledsPerStrip = whole(2, 14);
    plain.stripsPerString = plain.strips;
    const auto panel = backlight::plainBacklight(plain);
    const backlight::Run run = backlight::wholeString(panel, {0, 0});
    const backlight::TesterSetting tester{between(0.001, 0.2), 400};
    backlight::Faults faults;
    double last = backlight::testRun(panel, run, faults, tester).volts;
    for (int i = 0; i < 5; ++i) {
        const backlight::LedPlace place{whole(0, plain.strips - 1), whole(0, plain.ledsPerStrip - 1)};
        faults.leds.push_back({place, backlight::LedFault::Shorted});
        const double volts = backlight::testRun(panel, run, faults, tester).volts;
        EXPECT_LE(volts, last + 1e-6);
        last = volts;
    }
}

INSTANTIATE_TEST_SUITE_P(Networks, Random, testing::Range(1, 41));

TEST(ChangedDiode, EqualsANetworkBuiltWithIt) {
    const auto string = [](double extraVolts) {
        Network network;
        const auto top = network.addNode();
        const auto middle = network.addNode();
        auto faulty = backlight::ledCurve({});
        faulty.offsetVolts += extraVolts;
        network.addDiode(top, middle, faulty);
        network.addDiode(middle, ground, backlight::ledCurve({}));
        network.addSupply({top, ground, 20, 0.03});
        return network;
    };
    const auto healthy = string(0);
    const auto faulty = string(1.5);
    OperatingPointSolver solver(healthy);
    solver.setDiode(0, faulty.diodes()[0].model);
    EXPECT_EQ(solver.solve().nodeVolts, OperatingPointSolver(faulty).solve().nodeVolts);
}

TEST(StackedSupplies, AddTheirVoltages) {
    Network network;
    const auto middle = network.addNode();
    const auto top = network.addNode();
    network.addSupply({middle, ground, 60, 0.05});
    network.addSupply({top, middle, 60, 0.05});
    network.addResistor(top, ground, 12e3);
    const auto point = solve(network);
    EXPECT_NEAR(point.nodeVolts[top], 120, 1e-3);
    EXPECT_NEAR(point.supplyAmps[0], 0.01, 1e-6);
    EXPECT_NEAR(point.supplyAmps[1], 0.01, 1e-6);
}

TEST(ReversedString, StaysDarkAtLowVoltageAndBreaksDownAtHigh) {
    Network network;
    const auto top = network.addNode();
    auto led = backlight::ledCurve({});
    led.dies = 12;
    network.addDiode(ground, top, led);
    network.addSupply({top, ground, 40, 0.03});
    OperatingPointSolver solver(network);
    EXPECT_NEAR(solver.solve().supplyAmps[0], 0, 1e-6);
    solver.setSupply(0, 80, 0.03);
    EXPECT_NEAR(solver.solve().supplyAmps[0], 0.03, 1e-6) << "-5 V per LED at most: from memory";
}

TEST(LongString, OfAThousandLedsSettles) {
    Network network;
    const auto top = network.addNode();
    Node at = top;
    const auto led = backlight::ledCurve({});
    for (int i = 0; i < 1000; ++i) {
        const Node to = i == 999 ? ground : network.addNode();
        network.addDiode(at, to, led);
        at = to;
    }
    network.addSupply({top, ground, 5000, 0.03});
    const auto point = solve(network);
    EXPECT_TRUE(point.converged);
    EXPECT_NEAR(point.nodeVolts[top], 1000 * led.volts(0.03), 0.5);
}

}  // namespace
}  // namespace dimglow::circuit
