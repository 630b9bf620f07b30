#include "core/circuit/operating_point.h"

#include <fmt/format.h>

#include <Eigen/OrderingMethods>
#include <Eigen/SparseCholesky>
#include <algorithm>
#include <cmath>

#include "core/circuit/one_loop.h"

namespace dimglow::circuit {

namespace {

using Matrix = Eigen::SparseMatrix<double>;
using Vector = Eigen::VectorXd;

/// Where one two-terminal element adds its conductance in the upper triangle; -1 where it has no entry.
struct Stamp {
    int rowA = -1;
    int rowB = -1;
    int diagonalA = -1;
    int diagonalB = -1;
    int offDiagonal = -1;
};

/// Every junction's conductance in the start: far above the leaks, so that a string of thousands shares its volts
/// evenly.
constexpr double startSiemens = 1e-3;

CurrentAndSlope conduct(const Supply& supply, double volts) {
    const double amps = (supply.volts - volts) / supply.outputOhms;
    if (amps >= supply.limitAmps) {
        return {supply.limitAmps, 0};
    }
    if (amps <= 0) {
        return {0, 0};
    }
    return {amps, 1 / supply.outputOhms};
}

}  // namespace

struct OperatingPointSolver::Workspace {
    Workspace(const Network& source, const SolveOptions& given) : network(source), options(given) {
        supplies = network.supplies();
        const int unknowns = network.nodeCount() - 1;
        for (Node node = 1; node <= unknowns; ++node) {
            rowOfNode.push_back(node - 1);
        }
        setPattern();
        Eigen::PermutationMatrix<Eigen::Dynamic, Eigen::Dynamic, int> order;
        Eigen::AMDOrdering<int>()(jacobian.selfadjointView<Eigen::Upper>(), order);
        for (int place = 0; place < unknowns; ++place) {
            rowOfNode[std::size_t(order.indices()[place]) + 1] = place;
        }
        setPattern();
        cholesky.analyzePattern(jacobian);

        linear = Vector::Zero(jacobian.nonZeros());
        const auto floating = floatingNodes(network);
        nodeLeak = Vector::Zero(unknowns);
        for (Node node = 1; node <= unknowns; ++node) {
            const int row = rowOfNode[node];
            nodeLeak[row] = floating[node] ? options.leakSiemens : 0;
            linear[entryAt(row, row)] = nodeLeak[row];
        }
        for (const auto& r : network.resistors()) {
            resistorStamps.push_back(stampOf(r.a, r.b));
            add(linear.data(), resistorStamps.back(), 1 / r.ohms);
        }
        for (const auto& d : network.diodes()) {
            diodes.emplace_back(d.model);
            diodeStamps.push_back(stampOf(d.anode, d.cathode));
            reachVolts += std::abs(d.model.offsetVolts);
        }
        for (const auto& s : supplies) {
            supplyStamps.push_back(stampOf(s.plus, s.minus));
            reachVolts += s.volts;
        }
    }

    /// The Jacobian's entries, with the unknowns in the order of `rowOfNode`.
    void setPattern() {
        const int unknowns = network.nodeCount() - 1;
        std::vector<Eigen::Triplet<double>> entries;
        entries.reserve(std::size_t(unknowns) + network.resistors().size() + network.diodes().size());
        for (int row = 0; row < unknowns; ++row) {
            entries.emplace_back(row, row, 1.0);
        }
        const auto touch = [&](Node a, Node b) {
            if (a != ground && b != ground && a != b) {
                entries.emplace_back(std::min(rowOfNode[a], rowOfNode[b]), std::max(rowOfNode[a], rowOfNode[b]), 0.0);
            }
        };
        for (const auto& r : network.resistors()) {
            touch(r.a, r.b);
        }
        for (const auto& d : network.diodes()) {
            touch(d.anode, d.cathode);
        }
        for (const auto& s : network.supplies()) {
            touch(s.plus, s.minus);
        }
        jacobian.resize(unknowns, unknowns);
        jacobian.setFromTriplets(entries.begin(), entries.end());
        jacobian.makeCompressed();
    }

    int entryAt(int row, int column) const {
        const auto* begin = jacobian.innerIndexPtr() + jacobian.outerIndexPtr()[column];
        const auto* end = jacobian.innerIndexPtr() + jacobian.outerIndexPtr()[column + 1];
        return static_cast<int>(std::lower_bound(begin, end, row) - jacobian.innerIndexPtr());
    }

    Stamp stampOf(Node a, Node b) const {
        Stamp stamp;
        if (a == b) {
            return stamp;
        }
        if (a != ground) {
            stamp.rowA = rowOfNode[a];
            stamp.diagonalA = entryAt(stamp.rowA, stamp.rowA);
        }
        if (b != ground) {
            stamp.rowB = rowOfNode[b];
            stamp.diagonalB = entryAt(stamp.rowB, stamp.rowB);
        }
        if (a != ground && b != ground) {
            stamp.offDiagonal = entryAt(std::min(stamp.rowA, stamp.rowB), std::max(stamp.rowA, stamp.rowB));
        }
        return stamp;
    }

    static void add(double* values, const Stamp& stamp, double siemens) {
        if (stamp.diagonalA >= 0) {
            values[stamp.diagonalA] += siemens;
        }
        if (stamp.diagonalB >= 0) {
            values[stamp.diagonalB] += siemens;
        }
        if (stamp.offDiagonal >= 0) {
            values[stamp.offDiagonal] -= siemens;
        }
    }

    static double across(const Vector& v, const Stamp& stamp) {
        return (stamp.rowA >= 0 ? v[stamp.rowA] : 0) - (stamp.rowB >= 0 ? v[stamp.rowB] : 0);
    }

    static void addCurrent(Vector& f, const Stamp& stamp, double amps) {
        if (stamp.rowA >= 0) {
            f[stamp.rowA] += amps;
        }
        if (stamp.rowB >= 0) {
            f[stamp.rowB] -= amps;
        }
    }

    /// Sum of the currents that leave each node, and the Jacobian at \p v.
    void evaluate(const Vector& v, Vector& leaving) {
        double* values = jacobian.valuePtr();
        std::copy(linear.begin(), linear.end(), values);
        leaving = nodeLeak.cwiseProduct(v);
        for (std::size_t i = 0; i < resistorStamps.size(); ++i) {
            addCurrent(leaving, resistorStamps[i], across(v, resistorStamps[i]) / network.resistors()[i].ohms);
        }
        for (std::size_t i = 0; i < diodes.size(); ++i) {
            const double volts = across(v, diodeStamps[i]);
            const auto c = diodes[i].at(volts);
            const auto& diode = diodes[i].diode();
            const double leak = options.leakSiemens / diode.dies;
            addCurrent(leaving, diodeStamps[i], c.amps + leak * (volts - diode.offsetVolts));
            add(values, diodeStamps[i], c.siemens + leak);
        }
        for (std::size_t i = 0; i < supplies.size(); ++i) {
            const auto c = conduct(supplies[i], across(v, supplyStamps[i]));
            addCurrent(leaving, supplyStamps[i], -c.amps);
            add(values, supplyStamps[i], c.siemens);
        }
    }

    /// Every supply at its set voltage, every junction barely conducting: a start on the high side of the knee.
    Vector start() {
        double* values = jacobian.valuePtr();
        std::copy(linear.begin(), linear.end(), values);
        Vector injected = Vector::Zero(jacobian.rows());
        for (const auto& stamp : diodeStamps) {
            add(values, stamp, startSiemens);
        }
        for (std::size_t i = 0; i < supplies.size(); ++i) {
            add(values, supplyStamps[i], 1 / supplies[i].outputOhms);
            addCurrent(injected, supplyStamps[i], supplies[i].volts / supplies[i].outputOhms);
        }
        cholesky.factorize(jacobian);
        return cholesky.info() == Eigen::Success ? Vector(cholesky.solve(injected)) : Vector(0 * injected);
    }

    /// As far along \p step from \p v as the currents that leave the nodes go on falling: \p trial, and what leaves
    /// its nodes.
    void goAlong(const Vector& step, const Vector& v, const Vector& leaving, Vector& trial, Vector& trialLeaving) {
        const double slopeAtStart = leaving.dot(step);
        double t = 1;
        double low = 0;
        double high = 0;
        for (int cut = 0; cut < 60; ++cut) {
            trial = v + t * step;
            evaluate(trial, trialLeaving);
            const double slope = trialLeaving.dot(step);
            if (slope <= 0.5 * std::abs(slopeAtStart)) {
                if (slope >= 0.9 * slopeAtStart || high == 0) {
                    break;
                }
                low = t;
            } else {
                high = t;
                if ((high - low) * step.lpNorm<Eigen::Infinity>() < 0.1 * options.voltsTolerance) {
                    break;  // a kink, where a supply starts or stops: go on from its far side, which is as near
                }
            }
            t = 0.5 * (low + high);
        }
    }

    Network network;
    SolveOptions options;
    std::vector<DiodeCurve> diodes;
    std::vector<Supply> supplies;
    std::vector<int> rowOfNode = {-1};  ///< of each node but ground: its place in the order that fills in least
    Matrix jacobian;                    ///< upper triangle
    Eigen::SimplicialLDLT<Matrix, Eigen::Upper, Eigen::NaturalOrdering<int>> cholesky;
    Vector linear;  ///< resistors and leaks, one value per stored entry of the Jacobian
    Vector nodeLeak;
    std::vector<Stamp> resistorStamps;
    std::vector<Stamp> diodeStamps;
    std::vector<Stamp> supplyStamps;
    double reachVolts = 0;  ///< no network reaches further than its supplies and the offsets of its diodes stacked
};

OperatingPointSolver::OperatingPointSolver(const Network& network, const SolveOptions& options)
    : work_(std::make_unique<Workspace>(network, options)) {}

OperatingPointSolver::~OperatingPointSolver() = default;

void OperatingPointSolver::setDiode(std::size_t index, const DiodeModel& model) {
    auto& diode = work_->diodes.at(index);
    work_->reachVolts += std::abs(model.offsetVolts) - std::abs(diode.diode().offsetVolts);
    diode = DiodeCurve(model);
}

void OperatingPointSolver::setSupply(std::size_t index, double volts, double limitAmps) {
    auto& supply = work_->supplies.at(index);
    work_->reachVolts += volts - supply.volts;
    supply.volts = volts;
    supply.limitAmps = limitAmps;
}

OperatingPoint OperatingPointSolver::solve() {
    Workspace& work = *work_;
    OperatingPoint result;
    if (work.network.nodeCount() == 1) {
        result.nodeVolts = {0};
        result.converged = true;
        return result;
    }
    Vector v = work.start();
    Vector leaving;
    Vector newton;
    Vector clamped;
    Vector trial;
    Vector trialLeaving;
    work.evaluate(v, leaving);
    while (result.iterations < work.options.maxIterations) {
        ++result.iterations;
        work.cholesky.factorize(work.jacobian);
        if (work.cholesky.info() != Eigen::Success) {
            break;
        }
        newton = work.cholesky.solve(leaving);
        newton = -newton;
        result.converged = (newton.cwiseAbs().array() <=
                            work.options.voltsTolerance + work.options.relativeTolerance * v.cwiseAbs().array())
                               .all();
        if (result.converged) {
            v += newton;
            break;
        }
        const double reach = work.reachVolts;
        clamped = (v + newton).cwiseMax(-reach).cwiseMin(reach) - v;
        const bool useClamped = leaving.dot(clamped) < 0;
        work.goAlong(useClamped ? clamped : newton, v, leaving, trial, trialLeaving);
        v.swap(trial);
        leaving.swap(trialLeaving);
    }
    result.nodeVolts.assign(static_cast<std::size_t>(work.network.nodeCount()), 0);
    for (Node node = 1; node < work.network.nodeCount(); ++node) {
        result.nodeVolts[node] = v[work.rowOfNode[node]];
    }
    for (std::size_t i = 0; i < work.diodes.size(); ++i) {
        result.diodeAmps.push_back(work.diodes[i].at(Workspace::across(v, work.diodeStamps[i])).amps);
    }
    for (std::size_t i = 0; i < work.supplies.size(); ++i) {
        result.supplyAmps.push_back(conduct(work.supplies[i], Workspace::across(v, work.supplyStamps[i])).amps);
    }
    return result;
}

OperatingPoint OperatingPointSolver::settled() {
    auto point = solve();
    if (!point.converged) {
        throw DidNotSettle(fmt::format("the network of {} nodes did not settle in {} steps", work_->network.nodeCount(),
                                       point.iterations));
    }
    return point;
}

OperatingPoint solve(const Network& network, const SolveOptions& options) {
    const auto loop = solveOneLoop(network, options);
    return loop ? *loop : OperatingPointSolver(network, options).settled();
}

}  // namespace dimglow::circuit
