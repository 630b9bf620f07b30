#pragma once

/// \file
/// What an inverter must bring for its lamps, and what its parts say of it: closed formulas, all in SI units and RMS.

namespace dimglow::lamps {

/// What stands between an inverter's output and the chassis: a ballast capacitor, the lamp behind it as a resistance,
/// and what its leads and the metal beside them take.
struct Output {
    double lampVolts = 0;  ///< while it runs
    double amps = 0;       ///< of the lamp
    double hertz = 0;
    double ballastFarads = 0;  ///< in series
    double strayFarads = 0;    ///< across the lamp
};

/// Xc = 1/(2πfC), Ω.
double reactanceOhms(double farads, double hertz);

/// What the output must bring for a lamp and its ballast, √(V² + (I·Xc)²): they add as vectors, not as numbers.
double outputVolts(const Output& output);

/// What is left of the lamp's current once stray capacitance lies across it, the output's volts being what they were
/// without: V / |Z| of the ballast in series with R ∥ C, times the lamp's part of it. A.
double ampsWithStray(const Output& output);

/// f = 1/(2π√(LC)), Hz.
double resonanceHertz(double henries, double farads);

/// Rings above a share of the first, n = (Q/π)·ln(1/share).
/// \pre 0 < share < 1
double ringsAbove(double share, double q);

/// From the supply, A: lamps' watts over its volts and what is lost on the way.
double supplyAmps(int lamps, const Output& output, double supplyVolts, double efficiency);

/// Of an inverter (from memory).
inline constexpr double usualEfficiency = 0.82;

}  // namespace dimglow::lamps
