#include "core/circuit/diode_model.h"

#include <cmath>
#include <numbers>

namespace dimglow::circuit {

namespace {

/// The reverse branch conducts 1 mA at the breakdown voltage and doubles every few tens of millivolts.
constexpr double reverseSaturationAmps = 1e-15;
constexpr double reverseEmissionVolts = 0.05;
constexpr double reverseReferenceAmps = 1e-3;

CurrentAndSlope junction(double saturationAmps, double emissionVolts, double seriesOhms, double volts) {
    const double scale = saturationAmps * seriesOhms / emissionVolts;
    const double w = wrightOmega(std::log(scale) + scale + volts / emissionVolts);
    return {emissionVolts / seriesOhms * w - saturationAmps, w / (1 + w) / seriesOhms};
}

}  // namespace

double thermalVolts(double kelvin) {
    return boltzmannOverCharge * kelvin;
}

double wrightOmega(double z) {
    if (z < -40) {
        return std::exp(z);
    }
    double w = 0;
    if (z < -2) {
        const double x = std::exp(z);
        w = x * (1 - x * (1 - x * (1.5 - x * (8.0 / 3))));
    } else if (z < 1 + std::numbers::pi) {
        const double p = z - 1;
        w = 1 + p * (0.5 + p * (1.0 / 16 + p * (-1.0 / 192 + p * (-1.0 / 3072 + p * (13.0 / 61440)))));
    } else {
        const double l = std::log(z);
        w = z - l + l / z + l * (l - 2) / (2 * z * z);
    }
    for (int step = 0; step < 2; ++step) {
        const double r = z - w - std::log(w);
        const double q = 2 * (1 + w) * (1 + w + r * (2.0 / 3));
        w *= 1 + r / (1 + w) * ((q - r) / (q - 2 * r));
        if (std::abs(r) < 1e-4) {
            break;  // a fourth-order step from here is exact in double precision
        }
    }
    return w;
}

double DiodeModel::volts(double amps) const {
    return offsetVolts + dies * (emissionVolts * std::log1p(amps / saturationAmps) + seriesOhms * amps);
}

CurrentAndSlope conduct(const DiodeModel& diode, double volts) {
    auto result =
        junction(diode.saturationAmps, diode.emissionVolts, diode.seriesOhms, (volts - diode.offsetVolts) / diode.dies);
    result.siemens /= diode.dies;
    const double reverse = -volts / diode.dies;
    if (reverse > 0.5 * diode.breakdownVolts) {
        const double onset = reverseEmissionVolts * std::log(reverseReferenceAmps / reverseSaturationAmps);
        const auto back = junction(reverseSaturationAmps, reverseEmissionVolts, diode.seriesOhms,
                                   reverse - diode.breakdownVolts + onset);
        result.amps -= back.amps;
        result.siemens += back.siemens / diode.dies;
    }
    return result;
}

}  // namespace dimglow::circuit
