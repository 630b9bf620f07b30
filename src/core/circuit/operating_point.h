#pragma once

#include <memory>
#include <stdexcept>
#include <vector>

#include "core/circuit/network.h"

namespace dimglow::circuit {

/// When a solution is good enough.
struct SolveOptions {
    /// Leak across every die, and from every floating node to ground, S. Gives a floating strip a defined voltage.
    double leakSiemens = 1e-12;
    /// Newton stops when its full step moves no node by more than this, V ...
    double voltsTolerance = 1e-8;
    /// ... plus this share of the node's voltage.
    double relativeTolerance = 1e-9;
    int maxIterations = 400;
};

/// The DC solution of a network.
struct OperatingPoint {
    std::vector<double> nodeVolts;   ///< one per node, ground first, V
    std::vector<double> diodeAmps;   ///< one per diode in the order added, anode to cathode, A
    std::vector<double> supplyAmps;  ///< one per supply, out of its plus, A
    int iterations = 0;
    bool converged = false;
};

/// A network whose operating point was not found.
class DidNotSettle : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
};

/// Solves networks of one shape for their DC operating point.
///
/// Nodal analysis (Ho, Ruehli, Brennan 1975) with every source in Norton form, so the Jacobian J is symmetric
/// positive definite and the currents F(v) are the gradient of a convex function, the network's co-content
/// (Millar, "Some general theorems for non-linear systems possessing resistance", Phil. Mag. 42, 1951).
/// Damped Newton: J·d = -F, then the longest step t ≤ 1 along d that does not climb far up the other side, judged
/// by the directional derivative F(v + t·d)·d. Convexity makes it converge from any start.
///
/// The shape (who connects where) is analysed once in the constructor; changing element values and solving again
/// reuses it. Not thread-safe; one solver per thread.
class OperatingPointSolver {
public:
    explicit OperatingPointSolver(const Network& network, const SolveOptions& options = {});
    ~OperatingPointSolver();
    OperatingPointSolver(const OperatingPointSolver&) = delete;
    OperatingPointSolver& operator=(const OperatingPointSolver&) = delete;

    /// Replaces the model of diode \p index, as a fault does, keeping the shape.
    void setDiode(std::size_t index, const DiodeModel& model);
    /// Replaces the settings of supply \p index, keeping its terminals.
    void setSupply(std::size_t index, double volts, double limitAmps);

    /// Starts from rest every time, so equal networks give equal results. Ask `converged` before anything else.
    OperatingPoint solve();
    /// The same, \throws DidNotSettle instead of handing out a point that is none
    OperatingPoint settled();

private:
    struct Workspace;
    std::unique_ptr<Workspace> work_;
};

/// One network, solved once. \throws DidNotSettle
OperatingPoint solve(const Network& network, const SolveOptions& options = {});

}  // namespace dimglow::circuit
