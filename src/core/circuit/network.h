#pragma once

#include <cstddef>
#include <vector>

#include "core/circuit/diode_model.h"

namespace dimglow::circuit {

/// A point of the network. Ground, the point all voltages refer to, is 0.
using Node = int;
inline constexpr Node ground = 0;

/// \pre ohms are finite and positive
struct Resistor {
    Node a = ground;
    Node b = ground;
    double ohms = 1;
};

/// From anode to cathode.
struct Diode {
    Node anode = ground;
    Node cathode = ground;
    DiodeModel model;
};

/// A bench supply, tester or regulated driver output: holds `volts` until `limitAmps` flows, then holds the
/// current. It never sinks current.
struct Supply {
    Node plus = ground;
    Node minus = ground;
    double volts = 0;
    double limitAmps = 0;
    double outputOhms = 1e-3;
};

/// Two-terminal elements between nodes. Every element's current rises with its voltage, which is what makes the
/// operating point unique (Duffin, "Nonlinear networks IIa", Bull. AMS 53, 1947).
///
/// Holds only finite, positive element values: the add functions throw std::invalid_argument that names the value.
class Network {
public:
    Node addNode();
    void addResistor(Node a, Node b, double ohms);
    void addDiode(Node anode, Node cathode, const DiodeModel& model);
    void addSupply(const Supply& supply);

    /// Ground included.
    int nodeCount() const { return nodeCount_; }
    const std::vector<Resistor>& resistors() const { return resistors_; }
    const std::vector<Diode>& diodes() const { return diodes_; }
    const std::vector<Supply>& supplies() const { return supplies_; }

private:
    void requireNode(Node node) const;

    int nodeCount_ = 1;
    std::vector<Resistor> resistors_;
    std::vector<Diode> diodes_;
    std::vector<Supply> supplies_;
};

/// By node: no path of resistors and diodes leads from it to ground.
std::vector<bool> floatingNodes(const Network& network);

}  // namespace dimglow::circuit
