#pragma once

#include <string>
#include <vector>

#include "core/circuit/operating_point.h"

namespace dimglow::test {

/// The outside reference for operating points: ngspice's shared library, loaded once for the process.
class Ngspice {
public:
    static Ngspice& instance();

    /// Loads a netlist, replacing the last one. \returns whether ngspice took it
    bool load(const std::vector<std::string>& lines);
    bool run(const std::string& command);
    /// A value of the current plot, such as "v(n3)"; NaN when there is none.
    double value(const std::string& vector);
    /// All values of a vector of the current plot, such as "time" of a transient.
    std::vector<double> series(const std::string& vector);

    /// Thermal voltage as ngspice computes it at its nominal 27 °C, from its own constants.
    double thermalVolts() const { return thermalVolts_; }

private:
    Ngspice();
    double thermalVolts_ = 0;
};

/// The same network for ngspice: a native diode for every die, sources for offsets, our leaks as gmin and resistors.
/// A supply is a current source, a voltage source with its resistance, or nothing, whichever \p solution says that it
/// is: the test must check that ngspice's answer agrees with that choice. Breakdown is left out. Node n is called
/// "n<n>".
std::vector<std::string> netlistOf(const circuit::Network& network, const circuit::OperatingPoint& solution,
                                   double thermalVolts, double leakSiemens);

}  // namespace dimglow::test
