#pragma once

#include <optional>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/circuit/network.h"

/// \file
/// From a backlight with faults and a probe on it to a network that can be solved.

namespace dimglow::backlight {

/// A handheld meter's input (common practice, no source), ohm.
inline constexpr double meterOhms = 10e6;
/// What a shorted LED leaves, ohm.
inline constexpr double shortOhms = 0.5;
/// What an open LED or plug leaks, ohm.
inline constexpr double openOhms = 1e9;

struct PlacedFault {
    LedPlace place;
    LedFault fault = LedFault::Open;
    double extraVolts = darkExtraVolts;  ///< only of LedFault::Dark: what it shows above a good LED, V
};

/// A series resistance between two LEDs of a string: a joint, trace or plug gone bad. The joints before the first and
/// after the last LED are the harness and the plug on the board: a tester has them in its path only when it tests the
/// whole string, from the board's plug.
struct BadJoint {
    StringRef string;
    int before = 0;  ///< position in the string that the joint stands before; the LED count means at its end
    double ohms = openOhms;
};

/// Everything wrong with a backlight; empty when it is healthy.
struct Faults {
    std::vector<PlacedFault> leds;
    std::vector<BadJoint> joints;
};

/// What a bench tester is set to.
struct TesterSetting {
    double amps = 0.03;
    double limitVolts = 300;
    bool operator==(const TesterSetting&) const = default;
};

/// What a tester across a run shows.
struct TesterReading {
    double volts = 0;
    double amps = 0;
    int lit = 0;  ///< LEDs of the run that glow
};

/// A run of LEDs with a tester and a meter across it, every LED a node of its own.
/// The tester's plus is at the run's first LED; its minus is ground.
struct RunNetwork {
    circuit::Network network;
    circuit::Node plus = circuit::ground;
    std::vector<LedPlace> leds;   ///< in current order
    std::vector<int> diodeOfLed;  ///< index into network.diodes(); -1 where shorted or open
};
RunNetwork buildRun(const Backlight& backlight, const Run& run, const Faults& faults, const TesterSetting& tester);

/// Solves buildRun() and reads it as a person would: an LED glows above 20 µA unless it is dark or shorted.
/// \throws std::runtime_error when the network does not converge.
TesterReading testRun(const Backlight& backlight, const Run& run, const Faults& faults, const TesterSetting& tester);

/// What a channel needs to pass its regulated current.
struct ChannelDemand {
    bool conducts = false;
    double volts = 0;  ///< LED+ to LED− at the channel's current; \p ceilingVolts if it does not conduct
    std::vector<double> stringAmps;  ///< share of each parallel string, A
    bool lights = false;             ///< at least half of its LEDs glow
};

/// The channel driven at its current from a source that can reach \p ceilingVolts.
ChannelDemand demandOf(const Backlight& backlight, int channel, const Faults& faults, double ceilingVolts);

/// The highest demand of all healthy channels: LED+ to LED− at working current, V.
double healthyStringVolts(const Backlight& backlight);
/// Where the driver gives up with nothing connected: the larger of label and computed voltage times the ratio, V.
double overVoltageLevel(const Backlight& backlight);

}  // namespace dimglow::backlight
