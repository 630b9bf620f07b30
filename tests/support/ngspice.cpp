#include "tests/support/ngspice.h"

#include <fmt/format.h>
#include <ngspice/sharedspice.h>

#include <cmath>
#include <cstdlib>

namespace dimglow::test {

namespace {

/// Set by any complaint, and by the stepping it falls back to when plain Newton fails: what stepping leaves behind is
/// good to its last step only, some microvolts off.
bool failed = false;

int onText(char* text, int, void*) {
    const std::string line = text;
    if (line.find("rror") != std::string::npos || line.find("o convergence") != std::string::npos ||
        line.find("ingular") != std::string::npos || line.find("stepping") != std::string::npos) {
        failed = true;
    }
    return 0;
}

int onStatus(char*, int, void*) {
    return 0;
}

int onExit(int, NG_BOOL, NG_BOOL, int, void*) {
    failed = true;
    return 0;
}

std::string nodeName(circuit::Node node) {
    return node == circuit::ground ? "0" : fmt::format("n{}", node);
}

}  // namespace

Ngspice& Ngspice::instance() {
    static Ngspice ngspice;
    return ngspice;
}

Ngspice::Ngspice() {
    ngSpice_Init(onText, onStatus, onExit, nullptr, nullptr, nullptr, nullptr);
    load({"* thermal voltage from a diode's law", "v1 n1 0 1", "r1 n1 0 1"});
    run("op");
    run("let vt = boltz * 300.15 / echarge");
    thermalVolts_ = value("vt");
}

bool Ngspice::load(const std::vector<std::string>& lines) {
    static bool loaded = false;
    if (loaded) {
        run("destroy all");
        run("remcirc");
    }
    std::vector<char*> pointers;
    std::vector<std::string> copy = lines;
    copy.push_back(".end");
    for (auto& line : copy) {
        pointers.push_back(line.data());
    }
    pointers.push_back(nullptr);
    failed = false;
    loaded = ngSpice_Circ(pointers.data()) == 0 && !failed;
    return loaded;
}

bool Ngspice::run(const std::string& command) {
    std::string words = command;
    failed = false;
    return ngSpice_Command(words.data()) == 0 && !failed;
}

double Ngspice::value(const std::string& vector) {
    std::string name = vector;
    const auto* info = ngGet_Vec_Info(name.data());
    return info != nullptr && info->v_length > 0 && info->v_realdata != nullptr ? info->v_realdata[info->v_length - 1]
                                                                                : std::nan("");
}

std::vector<double> Ngspice::series(const std::string& vector) {
    std::string name = vector;
    const auto* info = ngGet_Vec_Info(name.data());
    return info != nullptr && info->v_realdata != nullptr
               ? std::vector<double>(info->v_realdata, info->v_realdata + info->v_length)
               : std::vector<double>();
}

std::vector<std::string> netlistOf(const circuit::Network& network, const circuit::OperatingPoint& solution,
                                   double thermalVolts, double leakSiemens) {
    std::vector<std::string> lines = {
        "* network", fmt::format(".options reltol=1e-7 vntol=2e-7 abstol=1e-15 itl1=100 gmin={}", leakSiemens)};
    const auto floating = circuit::floatingNodes(network);
    for (int node = 1; node < network.nodeCount(); ++node) {
        if (floating[node]) {
            lines.push_back(fmt::format("rleak{} n{} 0 {:.17g}", node, node, 1 / leakSiemens));
        }
        lines.push_back(fmt::format(".nodeset v(n{})={:.17g}", node, solution.nodeVolts[node]));
    }
    int index = 0;
    for (const auto& r : network.resistors()) {
        lines.push_back(fmt::format("r{} {} {} {:.17g}", index++, nodeName(r.a), nodeName(r.b), r.ohms));
    }
    index = 0;
    for (const auto& d : network.diodes()) {
        const int i = index++;
        lines.push_back(fmt::format(".model d{} d(is={:.17g} n={:.17g} rs={:.17g})", i, d.model.saturationAmps,
                                    d.model.emissionVolts / thermalVolts, d.model.seriesOhms));
        lines.push_back(fmt::format("vo{} {} x{}_0 {:.17g}", i, nodeName(d.anode), i, d.model.offsetVolts));
        const int dies = int(d.model.dies);
        for (int die = 0; die < dies; ++die) {
            const auto to = die + 1 == dies ? nodeName(d.cathode) : fmt::format("x{}_{}", i, die + 1);
            lines.push_back(fmt::format("d{}_{} x{}_{} {} d{}", i, die, i, die, to, i));
        }
    }
    index = 0;
    for (const auto& s : network.supplies()) {
        const int i = index++;
        if (solution.supplyAmps[i] <= 0) {
            continue;
        }
        if (solution.supplyAmps[i] < s.limitAmps) {
            lines.push_back(fmt::format("vs{} s{} {} {:.17g}", i, i, nodeName(s.minus), s.volts));
            lines.push_back(fmt::format("rs{} s{} {} {:.17g}", i, i, nodeName(s.plus), s.outputOhms));
        } else {
            lines.push_back(fmt::format("is{} {} {} {:.17g}", i, nodeName(s.minus), nodeName(s.plus), s.limitAmps));
        }
    }
    return lines;
}

}  // namespace dimglow::test
