#include "core/circuit/circuit_json.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/format/document.h"

namespace dimglow::circuit {
namespace {

using testing::HasSubstr;

/// A divider of two resistors on a supply, with \p more elements.
nlohmann::json divider(nlohmann::json more = nlohmann::json::array()) {
    nlohmann::json document = format::parseDocument(R"({"format": "dimglow-circuit", "version": 1, "elements": [
        {"kind": "supply", "name": "bench", "a": "top", "b": "ground", "volts": 12, "limitAmps": 1},
        {"kind": "resistor", "a": "top", "b": "middle", "ohms": 1000},
        {"kind": "resistor", "a": "middle", "b": "ground", "ohms": 2000}]})");
    for (auto& element : more) {
        document["elements"].push_back(element);
    }
    return document;
}

std::string problemOf(const nlohmann::json& document) {
    try {
        parseCircuit(document);
    } catch (const format::FormatError& error) {
        return error.what();
    }
    return {};
}

nlohmann::json solved(const nlohmann::json& document) {
    const auto circuit = parseCircuit(document);
    return solutionJson(circuit, OperatingPointSolver(circuit.network).solve());
}

TEST(CircuitDocument, GivesVoltsByNameAndAmpsByElement) {
    const auto solution = solved(divider());
    EXPECT_NEAR(solution["nodes"]["middle"], 8, 1e-4);
    EXPECT_EQ(solution["elements"][0]["name"], "bench");
    EXPECT_NEAR(solution["elements"][0]["amps"], 0.004, 1e-7);
    EXPECT_EQ(solution["elements"][1]["name"], "resistor2") << "named by its place when it has no name";
    EXPECT_NEAR(solution["elements"][2]["volts"], 8, 1e-4);
}

TEST(CircuitDocument, JoinsPointsOverNoResistance) {
    const nlohmann::json wires = {{{"kind", "resistor"}, {"a", "middle"}, {"b", "x"}, {"ohms", 0}},
                                  {{"kind", "resistor"}, {"a", "x"}, {"b", "y"}, {"ohms", 0}},
                                  {{"kind", "resistor"}, {"a", "y"}, {"b", "middle"}, {"ohms", 0}}};
    const auto circuit = parseCircuit(divider(wires));
    EXPECT_EQ(circuit.nodes.at("y"), circuit.nodes.at("middle"));
    EXPECT_EQ(circuit.network.nodeCount(), 3);
    const nlohmann::json earth = {{{"kind", "resistor"}, {"a", "middle"}, {"b", "ground"}, {"ohms", 0}}};
    EXPECT_NEAR(solved(divider(earth))["nodes"]["middle"], 0, 1e-12);
    EXPECT_NEAR(solved(divider(earth))["elements"][1]["amps"], 0.012, 1e-6);
}

TEST(CircuitDocument, TellsFloatingPartsFromGroundedOnes) {
    const nlohmann::json island = {{{"kind", "resistor"}, {"a", "p"}, {"b", "q"}, {"ohms", 10}}};
    const auto circuit = parseCircuit(divider(island));
    const auto floating = floatingNodes(circuit.network);
    EXPECT_TRUE(floating[circuit.nodes.at("p")]);
    EXPECT_FALSE(floating[circuit.nodes.at("middle")]);
    EXPECT_FALSE(floating[ground]);
}

TEST(CircuitDocument, SaysWhatIsWrongAndWhere) {
    const auto with = [](nlohmann::json element) { return problemOf(divider(nlohmann::json::array({element}))); };
    EXPECT_THAT(problemOf({{"format", "netlist"}}), HasSubstr("this is no circuit"));
    EXPECT_THAT(with({{"kind", "coil"}, {"a", "x"}, {"b", "y"}}), HasSubstr("elements[3].kind: \"coil\" is none of"));
    EXPECT_THAT(with({{"kind", "resistor"}, {"a", "x"}, {"ohms", 1}}), HasSubstr("elements[3].b: missing"));
    EXPECT_THAT(with({{"kind", "resistor"}, {"a", "x"}, {"b", "y"}, {"ohms", -1}}), HasSubstr("elements[3].ohms"));
    EXPECT_THAT(with({{"kind", "supply"}, {"a", "x"}, {"b", "y"}, {"volts", 5}}), HasSubstr("elements[3].limitAmps"));
    EXPECT_THAT(with({{"kind", "diode"}, {"a", "x"}, {"b", "y"}, {"saturationAmps", 0}}),
                HasSubstr("elements[3].saturationAmps"));
}

}  // namespace
}  // namespace dimglow::circuit
