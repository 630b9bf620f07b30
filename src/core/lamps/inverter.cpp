#include "core/lamps/inverter.h"

#include <cmath>
#include <complex>
#include <numbers>

namespace dimglow::lamps {

using std::numbers::pi;

double reactanceOhms(double farads, double hertz) {
    return 1 / (2 * pi * hertz * farads);
}

double outputVolts(const Output& output) {
    return std::hypot(output.lampVolts, output.amps * reactanceOhms(output.ballastFarads, output.hertz));
}

double ampsWithStray(const Output& output) {
    using Complex = std::complex<double>;
    const double ohms = output.lampVolts / output.amps;
    const Complex across = 1.0 / (1 / ohms + Complex(0, 2 * pi * output.hertz * output.strayFarads));
    const Complex ballast(0, -reactanceOhms(output.ballastFarads, output.hertz));
    return std::abs(outputVolts(output) * across / (ballast + across)) / ohms;
}

double resonanceHertz(double henries, double farads) {
    return 1 / (2 * pi * std::sqrt(henries * farads));
}

double ringsAbove(double share, double q) {
    return q / pi * std::log(1 / share);
}

double supplyAmps(int lamps, const Output& output, double supplyVolts, double efficiency) {
    return lamps * output.lampVolts * output.amps / (supplyVolts * efficiency);
}

}  // namespace dimglow::lamps
