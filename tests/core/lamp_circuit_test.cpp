// The second family of sets with lamps follows from a circuit. What is expected is common practice, no source, but for
// closed formulas.

#include "virtualset/lamp_circuit.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/plain.h"
#include "virtualset/circuit_lamp_set.h"

namespace dimglow::virtualset {
namespace {

/// Each with an output of its own.
LampCircuit circuitOf(int lamps) {
    LampCircuit circuit;
    circuit.lamps.assign(std::size_t(lamps), LampLine{724.5});
    for (int lamp = 0; lamp < lamps; ++lamp) {
        circuit.outputs.push_back({{lamp}, 2 * lamp < lamps ? 0 : 1});
    }
    return circuit;
}

// √(724.5² + (6 mA · 144.7 kΩ)²) V: lamp and ballast add as vectors. 724.5 V is from memory.
TEST(LampCircuit, HoldsItsCurrentWithTheVoltsOfTheVectorSum) {
    const auto state = circuitOf(4).state();
    EXPECT_THAT(state.amps, testing::Each(testing::DoubleNear(6e-3, 1e-5)));
    EXPECT_THAT(state.volts, testing::Each(testing::DoubleNear(1131, 3)));
    EXPECT_LT(state.share, 1);
}

// Without its lamp an output rises as its leakage rings with its capacitors: E / (1 − XL/XC).
TEST(LampCircuit, OfABrokenLampTheOutputRisesAndTheOthersTakeMore) {
    auto circuit = circuitOf(4);
    circuit.lamps[2].isBroken = true;
    const auto state = circuit.state();
    EXPECT_EQ(state.amps[2], 0);
    EXPECT_NEAR(state.volts[2], state.share * circuit.mostVolts / (1 - circuit.leakageOhms / circuit.filmOhms), 1);
    EXPECT_NEAR(state.amps[0] + state.amps[1] + state.amps[3], 4 * 6e-3, 1e-4) << "their mean is what is held";
}

TEST(LampCircuit, LosesCurrentWhereItIsWornBurntOrShorted) {
    const double sound = circuitOf(4).state().amps[1];
    auto worn = circuitOf(4);
    worn.lamps[1].runVolts *= 1.4;
    auto burnt = circuitOf(4);
    burnt.lamps[1].seriesOhms = 150e3;
    auto shorted = circuitOf(4);
    shorted.outputs[1].turnsTimes = 0.6;
    for (const auto& circuit : {worn, burnt, shorted}) {
        EXPECT_LT(circuit.state().amps[1], 0.9 * sound);
        EXPECT_GT(circuit.state().amps[0], sound);
    }
}

TEST(LampCircuit, LeavesDarkWhatItCannotStrike) {
    auto circuit = circuitOf(2);
    circuit.lamps[0].strikesAt = 3.2;
    EXPECT_EQ(circuit.state().amps[0], 0);
    EXPECT_GT(circuit.state().amps[1], 0);
    circuit.runs = false;
    EXPECT_THAT(circuit.state().amps, testing::Each(0));
}

/// A set of four such lamps.
CircuitLampSet setOf(LampTrouble trouble, const LampCircuit& circuit) {
    backlight::Backlight none = backlight::plainBacklight({});
    const BenchSet boards(none, {Trouble::NoTrouble, {}}, {}, knowledge::builtInKnowledge());
    CircuitLampSet::Wrong wrong;
    wrong.trouble = trouble;
    wrong.lamp = 1;
    wrong.seed = 3;
    return {boards, wrong, {}, circuit, knowledge::builtInKnowledge()};
}

evidence::LightSeen lightOf(const CircuitLampSet& set) {
    return std::get<evidence::LightSeen>(set.take(evidence::LightSeen::Question{}).front());
}

TEST(CircuitLampSet, GoesDarkAfterSecondsWhereOneLampIsOutAndStaysLitWhereNoneIs) {
    auto circuit = circuitOf(4);
    EXPECT_FALSE(setOf(LampTrouble::BrokenLamp, circuit).isNoticed());
    EXPECT_EQ(lightOf(setOf(LampTrouble::BrokenLamp, circuit)).what, driver::Light::StaysLit);
    circuit.lamps[1].isBroken = true;
    const auto broken = setOf(LampTrouble::BrokenLamp, circuit);
    EXPECT_TRUE(broken.isNoticed());
    EXPECT_EQ(lightOf(broken).what, driver::Light::FlashThenDark);
    EXPECT_NEAR(lightOf(broken).secondsToDark, 1.5, 0.5);
    const auto looks = std::get<evidence::LampsSeen>(broken.take(evidence::LampsSeen::Question{}).front()).looks;
    EXPECT_EQ(looks[1], lamps::Look::Dark);
    circuit.runs = false;
    EXPECT_EQ(lightOf(setOf(LampTrouble::DriveStage, circuit)).what, driver::Light::Never);
}

TEST(CircuitLampSet, ItsFaultGoesWithThePlugWhereItIsTheLampAndStaysWhereItIsTheOutput) {
    const auto swapped = [](LampTrouble trouble, const LampCircuit& circuit) {
        const auto set = setOf(trouble, circuit);
        return std::get<evidence::Answer>(set.take(evidence::Answer::Question{"plugsSwapped"}).front()).choice;
    };
    auto broken = circuitOf(4);
    broken.lamps[1].isBroken = true;
    auto shorted = circuitOf(4);
    shorted.outputs[1].turnsTimes = 0.3;
    EXPECT_EQ(swapped(LampTrouble::BrokenLamp, broken), "moves");
    EXPECT_EQ(swapped(LampTrouble::ShortedTurns, shorted), "stays");
}

}  // namespace
}  // namespace dimglow::virtualset
