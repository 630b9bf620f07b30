#pragma once

#include <optional>

#include "core/circuit/diode_model.h"

namespace dimglow::backlight {

/// What the label of an LED package says, and the little that a default die needs beside it.
struct LedSpec {
    int dies = 1;  ///< dies in series: 1, 2, 3 for the "3 V", "6 V", "9 V" classes (common practice, no source)
    double ratedVolts = 3.1;               ///< whole package at someRatedAmps() and 25 °C, V
    std::optional<double> ratedAmps = {};  ///< A; empty while nobody has read it off
    double ideality = 2.2;                 ///< n of a white LED's die (from memory)
    double seriesDropVolts = 0.16;         ///< what Rs of one die drops at rated current, V (from memory)

    bool classAssumed = false;  ///< nobody has said how many dies it has

    /// Rated current as many have it, where a curve needs one all the same (common practice, no source).
    double someRatedAmps() const { return ratedAmps.value_or(0.35); }

    bool operator==(const LedSpec&) const = default;
};

/// A reading of a known-good LED.
struct CurvePoint {
    double amps = 0;
    double volts = 0;
    bool operator==(const CurvePoint&) const = default;
};

/// The temperature that curves and labels are given for, K.
inline constexpr double referenceKelvin = 298.15;

/// What one die of the "3 V class" drops at rated current, V (common practice, no source).
inline constexpr double classVoltsPerDie = 3.1;

/// An LED of which only the label is known: the curve has the shape of its class.
LedSpec classLed(int dies, double ratedVolts, std::optional<double> ratedAmps);

/// -2 mV/K for each die (from memory).
inline constexpr double voltsPerKelvinPerDie = -2e-3;

/// A conducting-dark LED shows 0.3 to 4 V more than a good one; the middle of that, V (common practice, no source).
inline constexpr double darkExtraVolts = 1.5;

/// The curve through the rated point: per die V = n·Vt·ln(1 + I/Is) + I·Rs, Is solved so that the package drops
/// `ratedVolts` at the rated current (Shockley 1949). \p celsius shifts it by voltsPerKelvinPerDie from 25 °C.
/// \throws std::invalid_argument when the spec leaves no volts for the junction or a value is not positive.
circuit::DiodeModel ledCurve(const LedSpec& spec, double celsius = 25);
/// The same LED at \p factor times the volts; empty when there is no such curve.
std::optional<LedSpec> withVoltsTimes(LedSpec spec, double factor);

/// What can be wrong with one LED.
enum class LedFault {
    Open,
    Shorted,
    Dark,        ///< gives no light, yet conducts with more volts than a good one
    Leaky,       ///< part of its current flows beside the junction
    DieShorted,  ///< one die of a package with several
    GroupOpen,   ///< all LEDs side by side in one step of a 2P strip
    Aged,        ///< nearly the volts of a good one, less light
    DarkOpens,   ///< dark and conducting on a tester's current, open at its working current
};
inline constexpr int ledFaultKinds = 8;
/// What it is at its working current, and on a tester.
constexpr LedFault atWork(LedFault fault) {
    return fault == LedFault::DarkOpens ? LedFault::Open : fault;
}
constexpr LedFault onTester(LedFault fault) {
    return fault == LedFault::DarkOpens ? LedFault::Dark : fault;
}
/// Whether it glows on a tester, weaker than a good one: a count of what is lit does not miss it.
constexpr bool isDim(LedFault fault) {
    return fault == LedFault::Leaky || fault == LedFault::DieShorted || fault == LedFault::Aged;
}

/// Resistance beside the junction of a leaky LED, per die: dark on a tester of a few milliamps, dim at tens, near
/// normal at hundreds (common practice, no source), ohm.
inline constexpr double leakOhmsPerDie = 150;
/// What a shorted LED leaves, ohm.
inline constexpr double shortOhms = 0.5;
/// What an open LED or plug leaks, ohm.
inline constexpr double openOhms = 1e9;

/// Numbers of a fault that vary from LED to LED.
struct FaultSize {
    double extraVolts = darkExtraVolts;  ///< only of a dark one: what it shows above a good LED, V
    double leakOhms = leakOhmsPerDie;    ///< only of LedFault::Leaky, per die, ohm
};

/// An LED as circuit elements: its junction, unless the fault leaves none, and what conducts beside it.
struct LedElements {
    std::optional<circuit::DiodeModel> junction;
    std::optional<double> besideOhms;
};
/// \throws std::invalid_argument as ledCurve() does
LedElements elementsOf(const LedSpec& spec, std::optional<LedFault> fault, const FaultSize& size = {},
                       double celsius = 25);

}  // namespace dimglow::backlight
