#pragma once

#include <optional>

/// \file
/// Sums about cold-cathode lamps and their inverter: volts RMS, amps, hertz, farads, henries, ohms.

namespace dimglow::lamps {

/// A lamp's running volts by its length and bore, "about 130 V + 1.45 V/mm" for 2.4 mm (from memory); a wider bore runs
/// lower, as its root (from memory).
double runVolts(double lengthMm, double boreMm);

/// What it takes to strike it, over running.
struct StrikeVolts {
    double low = 0;
    double high = 0;
};
/// 1.5 to 2.5 times the running volts (common practice, no source).
StrikeVolts strikeVolts(double runVolts);

/// Xc = 1/(2πfC).
double reactance(double farads, double hertz);
/// Lamp (ohmic) and ballast (capacitive) in series add as vectors: √(Vlamp² + (I·Xc)²).
double outputVolts(double lampVolts, double amps, double ballastFarads, double hertz);
/// What is left of a lamp's current when stray capacitance lies across it, at the same volts over lamp and ballast.
double ampsWithStray(double lampOhms, double ballastFarads, double strayFarads, double outputVolts, double hertz);

/// f = 1/(2π√(LC)).
double resonance(double henries, double farads);
/// Rings of a winding until they are below a fraction of the first: n = (Q/π)·ln(1/r).
double ringsUntil(double fraction, double quality);

/// In the place of a lamp: it takes the lamp's volts and watts; as a chain, since a single resistor stands too little.
struct DummyLamp {
    double ohms = 0;
    double watts = 0;
    int inSeries = 0;  ///< resistors of that many volts each
};
DummyLamp dummyLamp(double lampVolts, double amps, double voltsOfOne);

/// What an inverter takes from its supply: lamps' watts over efficiency and volts.
double supplyAmps(int lamps, double lampVolts, double amps, double supplyVolts, double efficiency);

}  // namespace dimglow::lamps
