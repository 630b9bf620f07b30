#include "core/lamps/lamp_sums.h"

#include <cmath>
#include <complex>
#include <numbers>

namespace dimglow::lamps {

namespace {

constexpr double usualBoreMm = 2.4;
constexpr double electrodeVolts = 130;
constexpr double voltsPerMm = 1.45;

}  // namespace

double runVolts(double lengthMm, double boreMm) {
    return electrodeVolts + voltsPerMm * lengthMm * std::sqrt(usualBoreMm / boreMm);
}

StrikeVolts strikeVolts(double runVolts) {
    return {1.5 * runVolts, 2.5 * runVolts};
}

double reactance(double farads, double hertz) {
    return 1 / (2 * std::numbers::pi * hertz * farads);
}

double outputVolts(double lampVolts, double amps, double ballastFarads, double hertz) {
    return std::hypot(lampVolts, amps * reactance(ballastFarads, hertz));
}

double ampsWithStray(double lampOhms, double ballastFarads, double strayFarads, double outputVolts, double hertz) {
    using Ohms = std::complex<double>;
    const Ohms lamp(lampOhms, 0);
    const Ohms ballast(0, -reactance(ballastFarads, hertz));
    const Ohms stray(0, -reactance(strayFarads, hertz));
    const Ohms both = lamp * stray / (lamp + stray);
    return std::abs(outputVolts * both / (ballast + both) / lamp);
}

double resonance(double henries, double farads) {
    return 1 / (2 * std::numbers::pi * std::sqrt(henries * farads));
}

double ringsUntil(double fraction, double quality) {
    return quality / std::numbers::pi * std::log(1 / fraction);
}

DummyLamp dummyLamp(double lampVolts, double amps, double voltsOfOne) {
    return {lampVolts / amps, lampVolts * amps, int(std::ceil(lampVolts / voltsOfOne))};
}

double supplyAmps(int lamps, double lampVolts, double amps, double supplyVolts, double efficiency) {
    return lamps * lampVolts * amps / efficiency / supplyVolts;
}

}  // namespace dimglow::lamps
