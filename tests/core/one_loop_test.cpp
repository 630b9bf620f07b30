#include "core/circuit/one_loop.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <random>

#include "core/backlight/led.h"
#include "core/backlight/wiring.h"

namespace dimglow {
namespace {

using circuit::ground;
using circuit::Network;

/// A string of LEDs on a tester as faults make it: joints, opens and shorts in the path, leaks beside an LED or none.
Network randomLoop(std::mt19937& random) {
    const auto between = [&](double low, double high) { return std::uniform_real_distribution(low, high)(random); };
    const auto whole = [&](int low, int high) { return std::uniform_int_distribution(low, high)(random); };
    const auto decades = [&](double low, double high) { return std::pow(10, between(low, high)); };
    Network network;
    const auto plus = network.addNode();
    auto at = plus;
    const int steps = whole(1, 14);
    for (int step = 0; step < steps; ++step) {
        const auto to = step + 1 == steps ? ground : network.addNode();
        const int kind = whole(0, 9);
        if (kind < 8) {
            const int dies = whole(1, 2);
            auto model = backlight::ledCurve(backlight::classLed(dies, dies * between(2.9, 3.3), between(0.05, 0.6)),
                                             between(0, 80));
            model.dies *= whole(1, 5);
            network.addDiode(at, to, model);
        }
        if (kind > 6) {
            network.addResistor(to, at, kind == 9 && whole(0, 3) == 0 ? backlight::openOhms : decades(-1, 5));
        }
        at = to;
    }
    if (whole(0, 3) > 0) {
        network.addResistor(plus, ground, whole(0, 3) == 0 ? decades(0, 5) : backlight::meterOhms);
    }
    network.addSupply({plus, ground, between(1, 300), decades(-4, 0)});
    return network;
}

TEST(OneLoop, IsWhatTheMatrixSays) {
    std::mt19937 random(4);
    int limited = 0;
    for (int round = 0; round < 3000; ++round) {
        const auto network = randomLoop(random);
        const auto loop = circuit::solveOneLoop(network);
        const auto plain = circuit::OperatingPointSolver(network).settled();
        if (!loop) {
            ASSERT_FALSE(plain.diodeAmps.empty());
            EXPECT_LT(plain.diodeAmps[0], 1e-9) << round;  // hardly any current flows around it
            continue;
        }
        const double limit = network.supplies()[0].limitAmps;
        limited += plain.supplyAmps[0] >= limit ? 1 : 0;
        for (int node = 0; node < network.nodeCount(); ++node) {
            EXPECT_NEAR(loop->nodeVolts[node], plain.nodeVolts[node], 1e-6 + 1e-6 * plain.nodeVolts[node])
                << "node " << node << " of round " << round;
        }
        for (std::size_t d = 0; d < network.diodes().size(); ++d) {
            EXPECT_NEAR(loop->diodeAmps[d], plain.diodeAmps[d], 1e-5 * plain.diodeAmps[d] + 1e-10) << round;
        }
        EXPECT_EQ(loop->supplyAmps[0] >= limit, plain.supplyAmps[0] >= limit) << round;
        EXPECT_NEAR(loop->supplyAmps[0], plain.supplyAmps[0], 1e-5 * plain.supplyAmps[0] + 1e-10) << round;
    }
    EXPECT_GT(limited, 300);
    EXPECT_LT(limited, 2700);
}

TEST(OneLoop, LeavesOtherNetworksToTheMatrix) {
    const auto led = backlight::ledCurve(backlight::classLed(1, 3.0, 0.1));
    const auto loopOfTwo = [&] {
        Network network;
        const auto plus = network.addNode();
        const auto middle = network.addNode();
        network.addDiode(plus, middle, led);
        network.addDiode(middle, ground, led);
        network.addSupply({plus, ground, 12, 0.03});
        return network;
    };
    EXPECT_TRUE(circuit::solveOneLoop(loopOfTwo()));

    auto hanging = loopOfTwo();
    hanging.addResistor(2, hanging.addNode(), 100);
    EXPECT_FALSE(circuit::solveOneLoop(hanging));

    auto twoPaths = loopOfTwo();
    const auto other = twoPaths.addNode();
    twoPaths.addResistor(1, other, 100);
    twoPaths.addResistor(other, ground, 100);
    EXPECT_FALSE(circuit::solveOneLoop(twoPaths));

    auto sideBySide = loopOfTwo();
    sideBySide.addDiode(1, 2, led);
    EXPECT_FALSE(circuit::solveOneLoop(sideBySide));

    auto against = loopOfTwo();
    against.addDiode(2, 1, led);
    EXPECT_FALSE(circuit::solveOneLoop(against));

    auto twoSupplies = loopOfTwo();
    twoSupplies.addSupply({1, ground, 5, 0.1});
    EXPECT_FALSE(circuit::solveOneLoop(twoSupplies));

    auto apart = loopOfTwo();
    apart.addNode();
    EXPECT_FALSE(circuit::solveOneLoop(apart));

    auto interrupted = loopOfTwo();
    const auto end = interrupted.addNode();
    interrupted.addDiode(end, ground, led);
    EXPECT_FALSE(circuit::solveOneLoop(interrupted));

    Network reversed;
    const auto minus = reversed.addNode();
    reversed.addDiode(minus, ground, led);
    reversed.addSupply({ground, minus, 4, 0.03});
    EXPECT_FALSE(circuit::solveOneLoop(reversed));
}

}  // namespace
}  // namespace dimglow
