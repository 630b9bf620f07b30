#include "core/circuit/circuit_json.h"

#include <fmt/format.h>
#include <cmath>
#include <functional>

#include "core/format/fields.h"

namespace dimglow::circuit {

using format::Fields;
using format::FormatError;
using nlohmann::json;

namespace {

constexpr std::size_t longestName = 60;
const std::vector<const char*> kinds = {"resistor", "diode", "supply"};

/// Points that 0 Ω joins.
class Joined {
public:
    std::string rootOf(const std::string& name) {
        auto& parent = parents_.try_emplace(name, name).first->second;
        return parent == name ? name : parent = rootOf(parent);
    }
    void join(const std::string& a, const std::string& b) {
        const std::string first = rootOf(a);
        const std::string second = rootOf(b);
        (first == "ground" ? parents_[second] = first : parents_[first] = second);
    }
    const std::map<std::string, std::string>& names() const { return parents_; }

private:
    std::map<std::string, std::string> parents_;
};

DiodeModel readDiode(Fields& fields) {
    DiodeModel model;
    model.saturationAmps = fields.number("saturationAmps", 1e-40, 1e-3);
    model.emissionVolts = fields.number("emissionVolts", 1e-3, 2);
    model.seriesOhms = fields.number("seriesOhms", 1e-6, 1e9);
    model.offsetVolts = fields.number("offsetVolts", -100, 100, 0);
    model.dies = fields.number("dies", 1, 10000, 1);
    model.breakdownVolts = fields.number("breakdownVolts", 0.1, 1e5, model.breakdownVolts);
    return model;
}

}  // namespace

NamedNetwork parseCircuit(const json& document) {
    Fields fields(document, "");
    if (fields.text("format", 40) != "dimglow-circuit") {
        throw FormatError("format", "this is no circuit; it must say \"dimglow-circuit\"");
    }
    fields.integer("version", 1, 1);
    NamedNetwork result;
    Joined joined;
    joined.rootOf("ground");
    fields.forEach("elements", mostElements, [&](Fields element) {
        const auto a = element.text("a", longestName);
        const auto b = element.text("b", longestName);
        joined.rootOf(a);
        joined.rootOf(b);
        if (element.choice("kind", kinds) == 0 && element.number("ohms", 0, 1e15) == 0) {
            joined.join(a, b);
        }
    });
    result.nodes["ground"] = ground;
    std::map<std::string, Node> nodeOfRoot = {{joined.rootOf("ground"), ground}};
    const auto names = joined.names();
    for (const auto& [name, parent] : names) {
        const std::string root = joined.rootOf(name);
        if (!nodeOfRoot.contains(root)) {
            nodeOfRoot[root] = result.network.addNode();
        }
        result.nodes[name] = nodeOfRoot[root];
    }
    fields.forEach("elements", mostElements, [&](Fields element) {
        NamedNetwork::Element read;
        const int kind = element.choice("kind", kinds);
        read.kind = kinds[kind];
        read.name = element.text("name", longestName, fmt::format("{}{}", read.kind, result.elements.size() + 1));
        read.a = result.nodes.at(element.text("a", longestName));
        read.b = result.nodes.at(element.text("b", longestName));
        if (kind == 0) {
            const double ohms = element.number("ohms", 0, 1e15);
            if (ohms > 0) {
                read.index = int(result.network.resistors().size());
                result.network.addResistor(read.a, read.b, std::max(ohms, 1e-6));
            }
        } else if (kind == 1) {
            read.index = int(result.network.diodes().size());
            result.network.addDiode(read.a, read.b, readDiode(element));
        } else {
            read.index = int(result.network.supplies().size());
            result.network.addSupply({read.a, read.b, element.number("volts", 1e-6, 1e5),
                                      element.number("limitAmps", 1e-9, 1e4),
                                      element.number("outputOhms", 1e-6, 1e9, 1e-3)});
        }
        result.elements.push_back(std::move(read));
    });
    return result;
}

json solutionJson(const NamedNetwork& circuit, const OperatingPoint& point) {
    json nodes = json::object();
    for (const auto& [name, node] : circuit.nodes) {
        nodes[name] = point.nodeVolts[node];
    }
    json elements = json::array();
    for (const auto& element : circuit.elements) {
        const double volts = point.nodeVolts[element.a] - point.nodeVolts[element.b];
        json line = {{"name", element.name}, {"kind", element.kind}, {"volts", volts}};
        if (element.index >= 0) {
            line["amps"] = element.kind == "diode"    ? point.diodeAmps[element.index]
                           : element.kind == "supply" ? point.supplyAmps[element.index]
                                                      : volts / circuit.network.resistors()[element.index].ohms;
        }
        elements.push_back(std::move(line));
    }
    return {{"converged", point.converged}, {"iterations", point.iterations}, {"nodes", nodes}, {"elements", elements}};
}

}  // namespace dimglow::circuit
