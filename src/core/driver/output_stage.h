#pragma once

#include <stop_token>
#include <vector>

#include "core/backlight/wiring.h"

/// \file
/// What hangs on LED+: the output capacitor, the bleeder, the strings with their sinks.

namespace dimglow::driver {

/// Currents of all strings against LED+, tabulated from the circuit so that a second of behaviour costs milliseconds.
/// Between the points the curve is linear; they are 1/600 of the reach apart.
class StringLoad {
public:
    /// The strings of \p backlight with \p faults, LED+ from 0 to \p reachVolts; nothing connected when \p plugOut.
    /// Asked to stop it leaves the rest of the table at zero.
    StringLoad(const backlight::Backlight& backlight, const backlight::Faults& faults, double reachVolts,
               bool plugOut = false, const std::stop_token& stop = {});

    /// Out of LED+ into strings, sinks and leaks, A. Beyond the table it goes on as its last stretch does.
    double amps(double ledPlusVolts) const;
    /// Through the LED that has most, A.
    double brightestAmps(double ledPlusVolts) const;
    /// Through the sink of a channel, A.
    double sinkAmps(int channel, double ledPlusVolts) const;
    /// LED− of a channel, V.
    double ledMinus(int channel, double ledPlusVolts) const;
    int channels() const { return int(sinks_.size()); }

private:
    double at(const std::vector<double>& column, double volts) const;

    double step_ = 1;
    std::vector<double> amps_;
    std::vector<double> glow_;
    std::vector<std::vector<double>> sinks_;
    std::vector<std::vector<double>> minus_;
};

/// The averaged output stage: C·dV/dt = i − i_strings(V) − V/R + i_feed(V), where the feed is the driver's own input
/// through coil and diode. Backward Euler, the step's equation solved exactly (every term rises with V).
class OutputStage {
public:
    OutputStage(double farads, double bleederOhms, const StringLoad& load);

    /// Lets \p amps flow in for \p seconds while the feed stands at \p feedVolts. \returns LED+ afterwards, V
    double step(double amps, double feedVolts, double seconds);
    double volts() const { return volts_; }
    void setVolts(double volts) { volts_ = volts; }

private:
    double farads_;
    double bleederOhms_;
    const StringLoad& load_;
    double volts_ = 0;
};

}  // namespace dimglow::driver
