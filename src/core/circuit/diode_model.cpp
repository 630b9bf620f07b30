#include "core/circuit/diode_model.h"

#include <cmath>
#include <numbers>

namespace dimglow::circuit {

namespace {

/// The reverse branch conducts 1 mA at the breakdown voltage and doubles every few tens of millivolts.
constexpr double reverseSaturationAmps = 1e-15;
constexpr double reverseEmissionVolts = 0.05;
constexpr double reverseReferenceAmps = 1e-3;

/// \p logScale is the natural log of \p scale, Is·Rs/E.
CurrentAndSlope junction(double saturationAmps, double emissionVolts, double seriesOhms, double scale, double logScale,
                         double volts) {
    const double w = wrightOmega(logScale + scale + volts / emissionVolts);
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

DiodeCurve::DiodeCurve(const DiodeModel& diode)
    : diode_(diode),
      scale_(diode.saturationAmps * diode.seriesOhms / diode.emissionVolts),
      logScale_(std::log(scale_)) {}

CurrentAndSlope DiodeCurve::at(double volts) const {
    auto result = junction(diode_.saturationAmps, diode_.emissionVolts, diode_.seriesOhms, scale_, logScale_,
                           (volts - diode_.offsetVolts) / diode_.dies);
    result.siemens /= diode_.dies;
    const double reverse = -volts / diode_.dies;
    if (reverse > 0.5 * diode_.breakdownVolts) {
        const double onset = reverseEmissionVolts * std::log(reverseReferenceAmps / reverseSaturationAmps);
        const double scale = reverseSaturationAmps * diode_.seriesOhms / reverseEmissionVolts;
        const auto back = junction(reverseSaturationAmps, reverseEmissionVolts, diode_.seriesOhms, scale,
                                   std::log(scale), reverse - diode_.breakdownVolts + onset);
        result.amps -= back.amps;
        result.siemens += back.siemens / diode_.dies;
    }
    return result;
}

CurrentAndSlope conduct(const DiodeModel& diode, double volts) {
    return DiodeCurve(diode).at(volts);
}

}  // namespace dimglow::circuit
