#pragma once

#include <optional>

#include "core/safety/energy_class.h"

/// \file
/// Charge that a capacitor keeps when everything is off: how much, how long, and what it does to the resistor that
/// takes it. Closed formulas of the RC discharge; volts DC, farads, ohms, seconds, joules, watts.

namespace dimglow::safety {

inline constexpr double touchVolts = es1LimitVolts;  ///< up to here a residual may be touched
inline constexpr double readyVolts =
    2;  ///< up to here ohms, diode mode and ESR hurt no meter (common practice, no source)
inline constexpr double meterOhms = 10e6;  ///< of a multimeter on volts (common practice, no source)

/// t = R·C·ln(V0/V) from an initial to a residual voltage; 0 when it is there already.
double secondsTo(double residual, double initial, double farads, double ohms);
/// E = C·V²/2.
double joulesOf(double farads, double volts);
/// V0²/R, at the first moment.
double peakWattsOf(double volts, double ohms);
/// \pre both are positive
double parallelOhms(double one, double other);

/// Two readings of one capacitor that nobody touched between.
struct TimedReadings {
    double firstVolts = 0;
    double secondVolts = 0;
    double seconds = 0;  ///< between them
};
/// The time constant R·C, s; empty where the volts did not fall.
std::optional<double> timeConstantOf(const TimedReadings& readings);
/// C = t / (R·ln(V1/V2)), the meter's own ohms beside the bleeder's while it hangs on; empty where the volts did not
/// fall.
std::optional<double> faradsOf(const TimedReadings& readings, double bleederOhms, bool meterHangsOn);

/// A resistor to discharge with, as it is printed.
struct Discharger {
    std::optional<double> ohms = {};
    std::optional<double> watts = {};
    std::optional<double> volts = {};  ///< it stands
    bool operator==(const Discharger&) const = default;
};

/// What a discharger would meet.
struct Discharge {
    double secondsToTouch = 0;
    double secondsToReady = 0;
    double peakWatts = 0;
    double joules = 0;
    bool standsTheVolts = true;  ///< true where its rating is not known
    bool standsThePulse =
        true;  ///< it takes five seconds' worth of its watts at once (from memory: short-time overload)
};
/// Empty while nobody has said its ohms.
std::optional<Discharge> dischargeThrough(const Discharger& resistor, double farads, double volts);

}  // namespace dimglow::safety
