#pragma once

/// \file
/// Current against voltage of an LED package, a rectifier or a zener.

namespace dimglow::circuit {

/// Boltzmann constant over elementary charge, V/K. Both are exact in the SI of 2019 (CODATA 2018).
inline constexpr double boltzmannOverCharge = 1.380649e-23 / 1.602176634e-19;

/// Thermal voltage k_B·T/q in volts at \p kelvin.
double thermalVolts(double kelvin);

/// Wright omega function for a real argument: the w > 0 with w + ln w = z.
/// Lawrence, Corless, Jeffrey, "Algorithm 917", ACM TOMS 38(3), 2012; the refinement is the
/// Fritsch-Shafer-Crowley step, so the result is good to a few units in the last place.
double wrightOmega(double z);

/// `dies` identical junctions in series, each V = E·ln(1 + I/Is) + I·Rs (Shockley 1949 with a series
/// resistance), the whole shifted by `offsetVolts`, breaking down when reversed.
struct DiodeModel {
    double saturationAmps = 1e-14;  ///< Is of one die, A, > 0
    double emissionVolts = 0.05;    ///< E = n·Vt, V, > 0
    double seriesOhms = 0.5;        ///< Rs of one die, ohm, > 0
    double offsetVolts = 0;         ///< added to the voltage of the package: temperature, a parallel zener
    double dies = 1;            ///< junctions in series, > 0; identical parts in series may be merged by adding theirs
    double breakdownVolts = 5;  ///< reverse volts of one die at 1 mA

    /// Volts across the package at \p amps (> -Is).
    double volts(double amps) const;
};

/// A current with its derivative.
struct CurrentAndSlope {
    double amps = 0;
    double siemens = 0;  ///< dI/dV
};

/// The current through a package by its voltage: the exact inverse of DiodeModel::volts, with reverse breakdown. What
/// does not depend on the voltage is computed once.
class DiodeCurve {
public:
    explicit DiodeCurve(const DiodeModel& diode);

    CurrentAndSlope at(double volts) const;
    const DiodeModel& diode() const { return diode_; }

private:
    DiodeModel diode_;
    double scale_;     ///< of the junction: Is·Rs/E
    double logScale_;  ///< its natural log
};

/// One point of the curve of \p diode.
CurrentAndSlope conduct(const DiodeModel& diode, double volts);

}  // namespace dimglow::circuit
