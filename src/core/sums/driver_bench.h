#pragma once

#include <optional>

/// \file
/// The arithmetic of drivers and supplies at the bench: closed formulas, SI units.

namespace dimglow::sums {

/// A step-up stage in steady state (Erickson and Maksimović, "Fundamentals of Power Electronics").
struct BoostStage {
    double inVolts = 0;
    double outVolts = 0;
    double outAmps = 0;
    double efficiency = 0.9;
    double hertz = 0;
    double henries = 0;
};
/// What a step-up stage does in steady state; SI units.
struct BoostFigures {
    double duty = 0;               ///< D = 1 − Vin·η/Vout
    double inAmps = 0;             ///< Vout·Iout/(η·Vin)
    double rippleAmps = 0;         ///< ΔIL = Vin·D/(f·L)
    double peakAmps = 0;           ///< Iin + ΔIL/2
    bool isDiscontinuous = false;  ///< ΔIL/2 > Iin: the coil runs empty, D and the peak are less than this
};
/// \pre outVolts above inVolts, all positive
BoostFigures boostFigures(const BoostStage& stage);

/// Vout = Vref·(1 + Rtop/Rbottom).
double dividedVolts(double referenceVolts, double topOhms, double bottomOhms);
/// The bottom resistor that makes it so. \pre wanted is above the reference
double bottomOhmsFor(double referenceVolts, double topOhms, double wantedVolts);

/// Turns that bring a rail up: n = ⌈(Vwant − Vbase + Vd)/(volts per turn)⌉, stacked on the base rail.
int turnsFor(double wantedVolts, double baseVolts, double diodeVolts, double voltsPerTurn);
/// What a winding that was tried in both polarities says: the base is the mean of the two, volts per turn half their
/// difference over the turns.
struct Winding {
    double baseVolts = 0;
    double voltsPerTurn = 0;
};
/// From two readings with a few turns wound on, one each way round.
Winding windingOf(double aidingVolts, double opposingVolts, int turns);

/// A chip's supply from a higher rail through a resistor, held by a zener: Iz = (B+ − Vz)/R − Icc.
struct StartSupply {
    double railVolts = 0;
    double zenerVolts = 0;
    double ohms = 0;
    double chipAmps = 0;
};
/// What feeds a driver's chip before its own winding does.
struct StartFigures {
    double zenerAmps = 0;  ///< below zero: the chip starves, restarts, and the light blinks
    double zenerWatts = 0;
    double resistorWatts = 0;
};
/// \pre resistance and capacitance are positive
StartFigures startFigures(const StartSupply& supply);

}  // namespace dimglow::sums
