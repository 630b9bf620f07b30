#pragma once

#include <map>
#include <nlohmann/json.hpp>
#include <string>
#include <vector>

#include "core/circuit/operating_point.h"

/// \file
/// A circuit by the names of its points, as docs/format.md describes it.

namespace dimglow::circuit {

/// A document holds no more elements than this; one with more is refused.
inline constexpr std::size_t mostElements = 5000;

/// A network with the names its document uses. Points joined by 0 Ω are one node.
struct NamedNetwork {
    Network network;
    std::map<std::string, Node> nodes;  ///< "ground" among them
    struct Element {
        std::string name;
        std::string kind;
        int index = -1;  ///< into the network's diodes, supplies or resistors by kind; -1 for 0 Ω
        Node a = ground;
        Node b = ground;
    };
    std::vector<Element> elements;
};

/// \throws format::FormatError that names the element and the reason
NamedNetwork parseCircuit(const nlohmann::json& document);

/// Volts of every point, volts and amps of every element. Says so when the solver gave up.
nlohmann::json solutionJson(const NamedNetwork& circuit, const OperatingPoint& point);

}  // namespace dimglow::circuit
