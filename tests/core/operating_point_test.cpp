#include "core/circuit/operating_point.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>
#include <stdexcept>

#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "tests/support/ngspice.h"

namespace dimglow {
namespace {

using backlight::LedFault;
using circuit::Network;

/// The sources that stand for offsets in the reference round currents at 1e-15 A; a probe's insulation at every point
/// keeps that below the tolerance.
constexpr double insulationOhms = 1e8;

/// The same network with breakdown out of reach: the reference's follows another formula.
Network withoutBreakdown(const Network& network) {
    Network same;
    while (same.nodeCount() < network.nodeCount()) {
        same.addNode();
    }
    for (const auto& r : network.resistors()) {
        same.addResistor(r.a, r.b, r.ohms);
    }
    for (auto d : network.diodes()) {
        d.model.breakdownVolts = 5000;
        same.addDiode(d.anode, d.cathode, d.model);
    }
    for (const auto& s : network.supplies()) {
        same.addSupply(s);
    }
    return same;
}

/// A random panel-like network: strings of LEDs of random classes in parallel and bridged, with faults, plugs, meters
/// and a tester or two.
Network randomNetwork(std::mt19937& random) {
    const auto between = [&](double low, double high) { return std::uniform_real_distribution(low, high)(random); };
    const auto whole = [&](int low, int high) { return std::uniform_int_distribution(low, high)(random); };
    Network network;
    const auto top = network.addNode();
    std::vector<circuit::Node> taps = {top};
    double volts = 0;
    for (int string = whole(1, 4); string > 0; --string) {
        circuit::Node at = top;
        const backlight::LedSpec spec{whole(1, 3), 0, between(0.05, 0.6)};
        auto led = spec;
        led.ratedVolts = led.dies * between(2.8, 3.3);
        const int count = whole(2, 14);
        volts = std::max(volts, led.ratedVolts * count);
        for (int i = 0; i < count; ++i) {
            const circuit::Node to = i + 1 == count ? circuit::ground : network.addNode();
            auto model = backlight::ledCurve(led, between(0, 80));
            model.breakdownVolts = 1000;  // out of reach: the reference's breakdown follows another formula
            const int fault = whole(0, 24);
            if (fault == 0) {
                network.addResistor(at, to, backlight::openOhms);
            } else if (fault == 1) {
                network.addResistor(at, to, backlight::shortOhms);
            } else if (fault == 2) {
                model.offsetVolts += between(0.3, 4);
                network.addDiode(at, to, model);
            } else if (fault == 3) {
                const auto middle = network.addNode();
                network.addResistor(at, middle, between(1, 1000));
                network.addDiode(middle, to, model);
            } else if (fault == 4) {
                network.addDiode(to, at, model);  // fitted the wrong way round
            } else {
                network.addDiode(at, to, model);
            }
            taps.push_back(to);
            at = to;
        }
    }
    const auto tap = [&] { return taps[whole(0, int(taps.size()) - 1)]; };
    for (int bridges = whole(0, 3); bridges > 0; --bridges) {
        network.addResistor(tap(), tap(), std::exp(between(0, 14)));
    }
    network.addResistor(top, circuit::ground, backlight::meterOhms);
    network.addSupply({top, circuit::ground, volts * between(0.5, 1.6), between(0.001, 0.5), 0.01});
    return network;
}

/// A backlight of random wiring: series, 2P, chains, strings in parallel, several channels.
backlight::Backlight randomBacklight(std::mt19937& random) {
    const auto whole = [&](int low, int high) { return std::uniform_int_distribution(low, high)(random); };
    backlight::PlainDescription plain;
    plain.strips = whole(1, 4);
    plain.parallel = whole(0, 2) == 0 ? 2 : 1;
    plain.chains = plain.parallel == 1 && whole(0, 3) == 0 ? 2 : 1;
    plain.ledsPerStrip = 2 * whole(1, 4);
    plain.stripsPerString = whole(1, plain.strips);
    plain.stringsPerChannel = whole(1, 2);
    plain.led.dies = whole(1, 3);
    plain.led.ratedVolts = 3.1 * plain.led.dies;
    plain.fedFromBothEnds = plain.parallel == 1 && plain.chains == 1 && whole(0, 4) == 0;
    auto panel = backlight::plainBacklight(plain);
    panel.celsius = whole(10, 70);
    return panel;
}

backlight::Faults randomFaults(const backlight::Backlight& panel, std::mt19937& random) {
    const auto whole = [&](int low, int high) { return std::uniform_int_distribution(low, high)(random); };
    const auto strings = backlight::stringsOf(panel);
    const auto anyString = [&] { return strings[std::size_t(whole(0, int(strings.size()) - 1))]; };
    backlight::Faults faults;
    for (int i = whole(0, 4); i > 0; --i) {
        const int strip = whole(0, int(panel.strips.size()) - 1);
        faults.leds.push_back(
            {{strip, whole(0, panel.strips[strip].leds - 1)}, LedFault(whole(0, backlight::ledFaultKinds - 1))});
    }
    for (int i = whole(0, 1); i > 0; --i) {
        const auto ref = anyString();
        faults.joints.push_back({ref, whole(0, backlight::wholeString(panel, ref).count()), double(whole(1, 900))});
    }
    for (int i = whole(0, 2); i > 0; --i) {
        const auto ref = anyString();
        faults.leaks.push_back({ref, whole(0, backlight::wholeString(panel, ref).count()), double(whole(1, 20000))});
    }
    return faults;
}

/// Holds our solution of a network against the reference. \returns false when the reference gives up
bool agrees(Network network, int number) {
    auto& ngspice = test::Ngspice::instance();
    for (circuit::Node node = 1; node < network.nodeCount(); ++node) {
        network.addResistor(node, circuit::ground, insulationOhms);
    }
    circuit::SolveOptions options;
    options.leakSiemens = 1e-8;  // smaller leaks are lost in double precision beside series resistances
    const auto ours = circuit::solve(network, options);
    EXPECT_TRUE(ours.converged) << "network " << number;
    if (!ngspice.load(test::netlistOf(network, ours, ngspice.thermalVolts(), options.leakSiemens)) ||
        !ngspice.run("op")) {
        return false;  // at these tolerances the reference itself gives up on some; ours never may
    }
    std::vector<double> theirs = {0};
    for (int node = 1; node < network.nodeCount(); ++node) {
        theirs.push_back(ngspice.value("v(n" + std::to_string(node) + ")"));
        EXPECT_NEAR(ours.nodeVolts[node], theirs.back(), 1e-6 + 1e-6 * std::abs(theirs.back()))
            << "network " << number << " node " << node;
    }
    for (std::size_t i = 0; i < network.supplies().size(); ++i) {
        const auto& supply = network.supplies()[i];
        const double across = theirs[supply.plus] - theirs[supply.minus];
        if (ours.supplyAmps[i] <= 0) {
            EXPECT_GE(across, supply.volts - 1e-6) << number;
        } else if (ours.supplyAmps[i] < supply.limitAmps) {
            EXPECT_LE((supply.volts - across) / supply.outputOhms, supply.limitAmps * (1 + 1e-6)) << number;
        } else {
            EXPECT_LE(across, supply.volts + 1e-6) << number;
        }
    }
    return true;
}

/// Compares networks until there are enough. \returns how many the reference solved
template <class Make>
int compare(int wanted, Make make) {
    int compared = 0;
    for (int attempt = 0; compared < wanted && attempt < 2 * wanted && !testing::Test::HasFailure(); ++attempt) {
        compared += agrees(make(), attempt) ? 1 : 0;
    }
    return compared;
}

// Reference: ngspice, node by node; tolerance 1 µV + 1e-6 relative.
TEST(OperatingPoint, AgreesWithNgspiceOnRandomFaultyNetworks) {
    std::mt19937 random(20260911);
    EXPECT_EQ(compare(1500, [&] { return randomNetwork(random); }), 1500);
}

TEST(OperatingPoint, AgreesWithNgspiceOnPanelsWithACommonFeedSinksAndLeaksToTheChassis) {
    std::mt19937 random(20261125);
    EXPECT_EQ(compare(1000,
                      [&] {
                          const auto panel = randomBacklight(random);
                          const double volts = std::uniform_real_distribution(0.5, 1.5)(random) *
                                               (backlight::healthyStringVolts(panel) + 0.7);
                          return withoutBreakdown(
                              backlight::buildPanel(panel, randomFaults(panel, random), volts, 3).network);
                      }),
              1000);
}

TEST(OperatingPoint, AgreesWithNgspiceOnProbesJumpersAndTheChassis) {
    std::mt19937 random(20261126);
    const auto whole = [&](int low, int high) { return std::uniform_int_distribution(low, high)(random); };
    EXPECT_EQ(
        compare(1000,
                [&] {
                    const auto panel = randomBacklight(random);
                    const auto strings = backlight::stringsOf(panel);
                    const auto ref = strings[std::size_t(whole(0, int(strings.size()) - 1))];
                    const auto order = backlight::ledsInOrder(panel, ref);
                    const int first = whole(0, int(order.size()) - 1);
                    backlight::TesterProbe probe;
                    probe.run = backlight::probeable(panel, {ref, first, whole(first, int(order.size()) - 1)});
                    probe.setting = {0.001 * whole(1, 100), double(whole(5, 300))};
                    probe.minus = backlight::TesterProbe::Minus(whole(0, 1));
                    if (whole(0, 1) == 1) {
                        probe.bridged.push_back(order[probe.run.first]);
                    }
                    return withoutBreakdown(backlight::buildProbe(panel, probe, randomFaults(panel, random)).network);
                }),
        1000);
}

TEST(OperatingPoint, SeriesLedsCarryOneCurrent) {
    const auto panel = backlight::plainBacklight({});
    const auto run = backlight::buildProbe(panel, {{{0, 0}, 0, 47}, {0.03, 300}}, {});
    const auto point = circuit::solve(run.network);
    for (const double amps : point.diodeAmps) {
        EXPECT_NEAR(amps, 0.03, 0.03 * 1e-3);
    }
}

TEST(OperatingPoint, SupplyHoldsItsVoltageOrItsCurrent) {
    Network network;
    const auto top = network.addNode();
    network.addResistor(top, circuit::ground, 100);
    network.addSupply({top, circuit::ground, 10, 0.2});
    EXPECT_NEAR(circuit::solve(network).nodeVolts[top], 10, 1e-3);
    circuit::OperatingPointSolver solver(network);
    solver.setSupply(0, 10, 0.05);
    EXPECT_NEAR(solver.solve().nodeVolts[top], 5, 1e-6);
}

TEST(OperatingPoint, FloatingPartsAndEmptyNetworksHaveAnAnswer) {
    EXPECT_TRUE(circuit::solve(Network()).converged);
    Network network;
    const auto a = network.addNode();
    const auto b = network.addNode();
    network.addDiode(a, b, backlight::ledCurve({}));
    const auto point = circuit::solve(network);
    EXPECT_TRUE(point.converged);
    EXPECT_NEAR(point.nodeVolts[a], 0, 1e-12);
}

TEST(Network, RefusesValuesThatHaveNoMeaning) {
    Network network;
    const auto a = network.addNode();
    EXPECT_THROW(network.addResistor(a, 0, 0), std::invalid_argument);
    EXPECT_THROW(network.addResistor(a, 0, std::nan("")), std::invalid_argument);
    EXPECT_THROW(network.addResistor(a, 7, 10), std::invalid_argument);
    EXPECT_THROW(network.addSupply({a, 0, -5, 1}), std::invalid_argument);
}

}  // namespace
}  // namespace dimglow
