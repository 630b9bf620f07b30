// Parts on their own: markings, typed readings, verdicts.

#include "core/parts/part_check.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>

#include "core/parts/marking.h"
#include "core/parts/part_line.h"

namespace dimglow::parts {
namespace {

struct Marked {
    const char* text;
    double value;
    double tolerance;  ///< 0: none
};

class CapacitorMarkings : public testing::TestWithParam<Marked> {};

// IEC 60062: two significant digits and a multiplier in pF, letters for the tolerance and for the decimal point.
TEST_P(CapacitorMarkings, AreRead) {
    const auto read = readCapacitorMarking(GetParam().text);
    ASSERT_TRUE(read);
    EXPECT_NEAR(*read->farads / GetParam().value, 1, 1e-9);
    EXPECT_DOUBLE_EQ(read->tolerance.value_or(0), GetParam().tolerance);
}
INSTANTIATE_TEST_SUITE_P(Iec60062, CapacitorMarkings,
                         testing::Values(Marked{"154J", 0.15e-6, 0.05}, Marked{"104K", 100e-9, 0.1},
                                         Marked{"222M", 2.2e-9, 0.2}, Marked{"4n7", 4.7e-9, 0},
                                         Marked{"p33", 0.33e-12, 0}, Marked{"3u3", 3.3e-6, 0},
                                         Marked{"100n", 100e-9, 0}, Marked{"0.47", 0.47e-6, 0},
                                         Marked{"150F", 15e-12, 0.01}),
                         [](const auto& tested) { return "n" + std::to_string(tested.index); });

class ResistorMarkings : public testing::TestWithParam<Marked> {};

TEST_P(ResistorMarkings, AreRead) {
    const auto read = readResistorMarking(GetParam().text);
    ASSERT_TRUE(read);
    EXPECT_NEAR(*read->ohms / GetParam().value, 1, 1e-9);
    EXPECT_DOUBLE_EQ(read->tolerance.value_or(0), GetParam().tolerance);
}
INSTANTIATE_TEST_SUITE_P(Iec60062, ResistorMarkings,
                         testing::Values(Marked{"4R7", 4.7, 0}, Marked{"R22", 0.22, 0}, Marked{"4k7", 4700, 0},
                                         Marked{"1M", 1e6, 0}, Marked{"103", 10e3, 0}, Marked{"1002", 10e3, 0},
                                         Marked{"6K8G", 6800, 0.02}, Marked{"472J", 4700, 0.05}),
                         [](const auto& tested) { return "n" + std::to_string(tested.index); });

TEST(Markings, WithRatedVolts) {
    EXPECT_DOUBLE_EQ(*readCapacitorMarking("154J 400")->volts, 400);
    EXPECT_DOUBLE_EQ(*readCapacitorMarking("154J400V")->volts, 400);
}

TEST(Markings, WhatIsNoneIsRefused) {
    for (const char* text : {"", "J", "n", "15x", "154J volts", "1n2n3", "R"}) {
        EXPECT_FALSE(readCapacitorMarking(text)) << text;
        EXPECT_FALSE(readResistorMarking(text)) << text;
    }
}

PartReading typed(PartKind kind, const char* line) {
    const auto read = readTypedPart(kind, line);
    const auto* problem = std::get_if<text::Text>(&read);
    EXPECT_EQ(problem, nullptr) << line << ": " << (problem == nullptr ? "" : problem->english());
    return problem == nullptr ? std::get<TypedPart>(read).reading : PartReading{};
}

Ratings printed(PartKind kind, const char* line) {
    const auto read = readTypedRatings(kind, line);
    EXPECT_TRUE(std::holds_alternative<Ratings>(read)) << line;
    return std::holds_alternative<Ratings>(read) ? std::get<Ratings>(read) : Ratings{};
}

TEST(TypedParts, AsPeopleWriteThem) {
    const auto whole = std::get<TypedPart>(readTypedPart(PartKind::Electrolytic, "C12 241u 4R of 470u 63V"));
    EXPECT_EQ(whole.ref, "C12");
    EXPECT_DOUBLE_EQ(*whole.reading.farads, 241e-6);
    EXPECT_DOUBLE_EQ(*whole.reading.esrOhms, 4);
    EXPECT_DOUBLE_EQ(*whole.ratings.farads, 470e-6);
    EXPECT_DOUBLE_EQ(*whole.ratings.volts, 63);
    for (const char* line : {"241 µF, ESR 4", "241uF 4 ohm", "241u esr 4R out"}) {
        const auto reading = typed(PartKind::Electrolytic, line);
        EXPECT_DOUBLE_EQ(*reading.farads, 241e-6) << line;
        EXPECT_DOUBLE_EQ(*reading.esrOhms, 4) << line;
    }
    for (const char* line : {"0.31/OL", "0,31 / OL", "0.31 V / open", "310mV/ol"}) {
        const auto reading = typed(PartKind::Diode, line);
        EXPECT_NEAR(*reading.forwardVolts, 0.31, 1e-12) << line;
        EXPECT_TRUE(std::isinf(*reading.reverseVolts)) << line;
    }
    EXPECT_DOUBLE_EQ(*typed(PartKind::Resistor, "4k7").ohms, 4700);
    EXPECT_DOUBLE_EQ(*typed(PartKind::Fuse, "0.2").ohms, 0.2);
    EXPECT_TRUE(std::isinf(*typed(PartKind::Fuse, "OL").ohms));
    EXPECT_DOUBLE_EQ(*typed(PartKind::Transformer, "9 rings lifted").rings, 9);
    EXPECT_FALSE(typed(PartKind::Transformer, "9 rings lifted").inCircuit);
    const auto pwm = typed(PartKind::DimmingPin, "48 % 200 Hz");
    EXPECT_DOUBLE_EQ(*pwm.dutyShare, 0.48);
    EXPECT_DOUBLE_EQ(*pwm.hertz, 200);
}

TEST(TypedParts, GatesZenersAndOptocouplers) {
    const auto mosfet = typed(PartKind::Mosfet, "Q1 gate 12k, 0.55/OL, switches");
    EXPECT_DOUBLE_EQ(*mosfet.gateOhms, 12e3);
    EXPECT_DOUBLE_EQ(*mosfet.forwardVolts, 0.55);
    EXPECT_EQ(mosfet.switches, true);
    EXPECT_TRUE(std::isinf(*typed(PartKind::Mosfet, "gate OL 0.55/OL").gateOhms));
    EXPECT_DOUBLE_EQ(*typed(PartKind::Mosfet, "gate short").gateOhms, 0);
    for (const char* line : {"does not switch", "stays on", "0.5/OL stays off", "never turns on", "not switching"}) {
        EXPECT_EQ(typed(PartKind::Mosfet, line).switches, false) << line;
    }
    const auto german = readTypedPart(PartKind::Mosfet, "Gate OL, 0,55/OL, schaltet nicht", Tongue::German);
    EXPECT_EQ(std::get<TypedPart>(german).reading.switches, false);
    for (const char* line : {"17.6V of 18V", "17.6 of 18V", "0.7/OL 17.6V of 18V"}) {
        EXPECT_DOUBLE_EQ(*typed(PartKind::Zener, line).volts, 17.6) << line;
    }
    EXPECT_FALSE(typed(PartKind::Zener, "0.7/OL").volts) << "diode mode";
    EXPECT_DOUBLE_EQ(*typed(PartKind::Optocoupler, "1.1/OL output 80k").ohms, 80e3);
}

struct Verdict {
    PartKind kind;
    const char* line;
    Grade grade;
};

/// Common practice, no source.
class GatesZenersAndOptocouplers : public testing::TestWithParam<Verdict> {};

TEST_P(GatesZenersAndOptocouplers, AreJudged) {
    const auto& [kind, line, grade] = GetParam();
    const auto part = std::get<TypedPart>(readTypedPart(kind, line));
    const auto judgement = judge(kind, part.ratings, part.reading);
    EXPECT_EQ(judgement.grade, grade) << judgement.because.english();
}

INSTANTIATE_TEST_SUITE_P(Parts, GatesZenersAndOptocouplers,
                         testing::Values(Verdict{PartKind::Mosfet, "gate short, 0.55/OL", Grade::Bad},
                                         Verdict{PartKind::Mosfet, "gate 300R, 0.55/OL", Grade::Doubtful},
                                         Verdict{PartKind::Mosfet, "gate 300R, 0.55/OL out", Grade::Bad},
                                         Verdict{PartKind::Mosfet, "gate 12k, 0.55/OL", Grade::Good},
                                         Verdict{PartKind::Mosfet, "gate 12k, 0.55/OL out", Grade::Bad},
                                         Verdict{PartKind::Mosfet, "gate OL, 0/0 out, switches", Grade::Bad},
                                         Verdict{PartKind::Mosfet, "gate OL, 0.55/OL out, stays off", Grade::Bad},
                                         Verdict{PartKind::Mosfet, "0.55/OL, does not switch", Grade::Doubtful},
                                         Verdict{PartKind::Mosfet, "gate OL", Grade::CannotTell},
                                         Verdict{PartKind::Zener, "17.2V of 18V", Grade::Good},
                                         Verdict{PartKind::Zener, "12.3V of 18V", Grade::Doubtful},
                                         Verdict{PartKind::Zener, "12.3V lifted of 18V", Grade::Bad},
                                         Verdict{PartKind::Zener, "24V of 18V", Grade::Bad},
                                         Verdict{PartKind::Zener, "24V", Grade::CannotTell},
                                         Verdict{PartKind::Zener, "0/0 out", Grade::Bad},
                                         Verdict{PartKind::Optocoupler, "1.1/OL, switches", Grade::Good},
                                         Verdict{PartKind::Optocoupler, "1.1/OL, stays dark", Grade::Bad},
                                         Verdict{PartKind::Optocoupler, "OL/OL", Grade::Bad},
                                         Verdict{PartKind::Optocoupler, "0.4/0.4", Grade::Doubtful},
                                         Verdict{PartKind::Optocoupler, "1.1/OL output 40R out", Grade::Bad},
                                         Verdict{PartKind::Optocoupler, "1.1/OL output 40R", Grade::Doubtful}));

TEST(TypedParts, AreNeverGuessed) {
    const std::pair<PartKind, const char*> lines[] = {{PartKind::Electrolytic, "241"},
                                                      {PartKind::Electrolytic, "241u 300u"},
                                                      {PartKind::Diode, "0.3 0.4"},
                                                      {PartKind::Diode, "4 ohm"},
                                                      {PartKind::Rail, "5 ohm"},
                                                      {PartKind::Fuse, "good"},
                                                      {PartKind::Rail, ""},
                                                      {PartKind::Rail, "OL"},
                                                      {PartKind::Coil, "-3"},
                                                      {PartKind::Electrolytic, "241u of"},
                                                      {PartKind::GatePin, "OL"},
                                                      {PartKind::Diode, "gate 0.3R"},
                                                      {PartKind::Diode, "0.5/OL switches"},
                                                      {PartKind::Mosfet, "gate"},
                                                      {PartKind::Mosfet, "does not"}};
    for (const auto& [kind, line] : lines) {
        EXPECT_TRUE(std::holds_alternative<text::Text>(readTypedPart(kind, line))) << line;
    }
}

TEST(TypedParts, HostileNumbersAreRefused) {
    const std::string digits(400, '9');
    for (const auto& line : {digits + "u", digits + "n7", digits + "R5", digits + "/OL", "470u of " + digits + "p1"}) {
        for (const auto kind : {PartKind::Electrolytic, PartKind::Resistor, PartKind::Diode}) {
            EXPECT_TRUE(std::holds_alternative<text::Text>(readTypedPart(kind, line)));
        }
    }
    EXPECT_FALSE(readCapacitorMarking(digits + "n7"));
    EXPECT_FALSE(readResistorMarking(digits + "R4"));
}

TEST(TypedParts, PrintedRatingsAreReadBack) {
    for (const char* line : {"470u 63V", "0.22R", "12V", "4u 400V 5%"}) {
        const auto kind = std::string(line).find('R') != std::string::npos ? PartKind::Sense
                          : std::string(line) == "12V"                     ? PartKind::Rail
                                                                           : PartKind::Electrolytic;
        EXPECT_EQ(printed(kind, lineOf(printed(kind, line)).c_str()), printed(kind, line)) << line;
    }
}

// tan δ/(2π·f·C): definition of the loss factor; 0.09 for 63 V from memory.
TEST(Electrolytics, TheEsrLimitIsThatOfTheLossFactor) {
    // tan δ by rated volts as general-purpose series have it (from memory)
    constexpr std::pair<double, double> tanDelta[] = {{6.3, 0.22}, {10, 0.19}, {16, 0.16},  {25, 0.14}, {35, 0.12},
                                                      {50, 0.1},   {63, 0.09}, {100, 0.08}, {200, 0.2}, {400, 0.24}};
    for (const auto& [volts, loss] : tanDelta) {
        EXPECT_NEAR(highestEsr(470e-6, volts), loss / (2 * M_PI * 120 * 470e-6), 1e-9) << volts;
    }
    EXPECT_GT(highestEsr(470e-6, {}), highestEsr(470e-6, 63));
}

// Decay of a free resonance: amplitude falls by exp(−π/Q) a period.
TEST(RingTest, CountsUntilAQuarterIsLeft) {
    EXPECT_NEAR(ringsOf(30, 0.25), 13.2, 0.05);
    EXPECT_NEAR(ringsOf(3, 0.25), 1.3, 0.05);
    double amplitude = 1;
    int rings = 0;
    while (amplitude > 0.25) {
        amplitude *= std::exp(-M_PI / 30);
        ++rings;
    }
    EXPECT_EQ(rings, int(std::ceil(ringsOf(30, 0.25))));
}

struct Case {
    const char* name;
    PartKind kind;
    const char* printed;
    const char* reading;
    Grade grade;
};

class Verdicts : public testing::TestWithParam<Case> {};

// Common practice, no source.
TEST_P(Verdicts, AreThoseOfTheTrade) {
    const auto& c = GetParam();
    const auto judgement = judge(c.kind, printed(c.kind, c.printed), typed(c.kind, c.reading));
    EXPECT_EQ(judgement.grade, c.grade) << judgement.because;
    EXPECT_FALSE(judgement.because.empty());
}
INSTANTIATE_TEST_SUITE_P(
    CommonPractice, Verdicts,
    testing::Values(Case{"halfValueIsDead", PartKind::Electrolytic, "470u 63V", "241u", Grade::Bad},
                    Case{"aQuarterDownIsTired", PartKind::Electrolytic, "470u 63V", "357u 0.05R", Grade::Doubtful},
                    Case{"tenPerCentDownIsGood", PartKind::Electrolytic, "470u 63V", "425u 0.05R", Grade::Good},
                    Case{"highEsr", PartKind::Electrolytic, "470u 63V", "425u 4R", Grade::Bad},
                    Case{"farTooMuch", PartKind::Electrolytic, "470u 63V", "900u 0.05R", Grade::Doubtful},
                    Case{"noRating", PartKind::Electrolytic, "", "241u", Grade::CannotTell},
                    Case{"filmInTolerance", PartKind::Film, "154J 400", "0.146u", Grade::Good},
                    Case{"filmDrifted", PartKind::Film, "154J 400", "90n", Grade::Bad},
                    Case{"fuseGood", PartKind::Fuse, "", "0.1", Grade::Good},
                    Case{"fuseBlown", PartKind::Fuse, "", "OL", Grade::Bad},
                    Case{"schottky", PartKind::Diode, "", "0.24/OL", Grade::Good},
                    Case{"silicon", PartKind::Diode, "", "0.58/OL", Grade::Good},
                    Case{"shorted", PartKind::Diode, "", "0.02/0.02", Grade::Bad},
                    Case{"open", PartKind::Diode, "", "OL/OL", Grade::Bad},
                    Case{"sameBothWaysInCircuit", PartKind::Diode, "", "0.42/0.43", Grade::Doubtful},
                    Case{"sameBothWaysLifted", PartKind::Diode, "", "0.42/0.43 lifted", Grade::Bad},
                    Case{"ringsInCircuit", PartKind::Transformer, "", "2 rings", Grade::Doubtful},
                    Case{"ringsOut", PartKind::Transformer, "", "2 rings out", Grade::Bad},
                    Case{"manyRings", PartKind::Transformer, "", "13 rings", Grade::Good},
                    Case{"smallCoil", PartKind::Coil, "", "3 rings out", Grade::Doubtful},
                    Case{"coilWithAShortedTurn", PartKind::Coil, "", "2 rings out", Grade::Bad},
                    Case{"nothingMakesAResistorReadHigh", PartKind::Resistor, "100k", "180k", Grade::Bad},
                    Case{"lowInCircuit", PartKind::Resistor, "100k", "60k", Grade::Doubtful},
                    Case{"senseLeadsZeroed", PartKind::Sense, "0.5R", "0.54", Grade::Good},
                    Case{"senseAtNothing", PartKind::Sense, "0.22R", "0.0", Grade::Doubtful},
                    Case{"senseUp", PartKind::Sense, "0.47R", "0.75", Grade::Bad},
                    Case{"senseOfATenthUp", PartKind::Sense, "0.1R", "0.35", Grade::Bad},
                    Case{"bulkWithCorrection", PartKind::Rail, "325V", "392", Grade::Good},
                    Case{"bulkTooHigh", PartKind::Rail, "325V", "440", Grade::Bad},
                    Case{"railWithin", PartKind::Rail, "5V", "5.11", Grade::Good},
                    Case{"railSags", PartKind::Rail, "20V", "17", Grade::Doubtful},
                    Case{"railGone", PartKind::Rail, "12V", "0.3", Grade::Bad},
                    Case{"supplyThere", PartKind::SupplyPin, "", "12.1", Grade::Good},
                    Case{"noGateDrive", PartKind::GatePin, "", "0.02", Grade::Bad},
                    Case{"gateByHertz", PartKind::GatePin, "", "48 % 200 kHz", Grade::Good},
                    Case{"dimmedByDuty", PartKind::DimmingPin, "", "40 %", Grade::Good},
                    Case{"notDimmed", PartKind::DimmingPin, "", "0 % 200 Hz", Grade::Bad}),
    [](const auto& tested) { return std::string(tested.param.name); });

TEST(Twins, ClearWhatTheCircuitMakesDoubtful) {
    // A transistor with built-in resistors shows one junction only: its twin shows the same (common practice, no
    // source).
    const auto reading = typed(PartKind::Transistor, "0.42/0.43");
    EXPECT_EQ(judge(PartKind::Transistor, {}, reading, {typed(PartKind::Transistor, "0.41/0.42")}).grade, Grade::Good);
    const auto unlike = judge(PartKind::Transistor, {}, reading, {typed(PartKind::Transistor, "0.6/OL")});
    EXPECT_EQ(unlike.grade, Grade::Doubtful);
    EXPECT_THAT(unlike.twin.english(), testing::HasSubstr("0.60 V / OL"));
}

TEST(Twins, DoNotClearWhatIsBad) {
    const auto shorted = typed(PartKind::Diode, "0.01/0.01");
    EXPECT_EQ(judge(PartKind::Diode, {}, shorted, {shorted}).grade, Grade::Bad);
}

}  // namespace
}  // namespace dimglow::parts
