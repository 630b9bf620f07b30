#include "core/circuit/operating_point.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>
#include <stdexcept>

#include "core/backlight/wiring.h"
#include "tests/support/ngspice.h"

namespace dimglow {
namespace {

using backlight::LedFault;
using circuit::Network;

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

// Reference: ngspice, node by node; tolerance 1 µV + 1e-6 relative.
TEST(OperatingPoint, AgreesWithNgspiceOnRandomFaultyNetworks) {
    auto& ngspice = test::Ngspice::instance();
    std::mt19937 random(20260911);
    circuit::SolveOptions options;
    options.leakSiemens = 1e-9;  // double precision loses smaller leaks beside the reference's series resistances
    constexpr int wanted = 300;
    int compared = 0;
    for (int attempt = 0; compared < wanted && attempt < 2 * wanted; ++attempt) {
        const Network network = randomNetwork(random);
        const auto ours = circuit::solve(network, options);
        ASSERT_TRUE(ours.converged) << "network " << attempt;
        if (!ngspice.load(test::netlistOf(network, ours, ngspice.thermalVolts(), options.leakSiemens)) ||
            !ngspice.run("op")) {
            continue;  // at these tolerances the reference itself gives up on some; ours never may
        }
        ++compared;
        for (int node = 1; node < network.nodeCount(); ++node) {
            const double theirs = ngspice.value("v(n" + std::to_string(node) + ")");
            ASSERT_NEAR(ours.nodeVolts[node], theirs, 1e-6 + 1e-6 * std::abs(theirs))
                << "network " << attempt << " node " << node;
        }
        const auto& supply = network.supplies().front();
        const double theirVolts = ngspice.value("v(n1)");
        if (ours.supplyAmps[0] < supply.limitAmps) {
            EXPECT_LE((supply.volts - theirVolts) / supply.outputOhms, supply.limitAmps * (1 + 1e-6)) << attempt;
        } else {
            EXPECT_LE(theirVolts, supply.volts) << attempt;
        }
    }
    EXPECT_EQ(compared, wanted);
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
