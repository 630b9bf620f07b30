#pragma once

#include <vector>

/// \file
/// An inverter with its lamps as a circuit: phasors at its frequency, RMS. Nothing in it is read from the knowledge
/// files. Its defaults are those of no particular set (common practice, no source).

namespace dimglow::virtualset {

/// One lamp with what is in series with it.
struct LampLine {
    double runVolts = 700;   ///< at the current that the controller aims at
    double strikesAt = 1.8;  ///< times its running volts
    double seriesOhms = 0;   ///< of a burnt joint, or of a plug that does not sit
    double ballastFarads = 22e-12;
    double sensedTimes = 1;  ///< what its sense parts make of its current
    double glow = 1;         ///< of its light at that current, when new 1
    bool isBroken = false;
};

/// One secondary: its leakage inductance rings with the capacitors across it.
struct LampOutput {
    std::vector<int> lamps;
    int half = 0;
    double turnsTimes = 1;  ///< share of its volts that shorted turns leave
    double filmTimes = 1;   ///< of its capacitors
};

struct LampCircuit {
    /// What stands once it has started, or while it tries to.
    struct State {
        std::vector<double> amps;   ///< of each lamp
        std::vector<double> volts;  ///< of each output
        double share = 0;           ///< of the volts that it could bring
    };

    double hertz = 50e3;
    double aimAmps = 6e-3;    ///< mean of its lamps, which the controller holds
    double mostVolts = 1500;  ///< of a secondary without its resonance, at full supply
    double newVolts = 700;    ///< of a new lamp
    double leakageOhms = 60e3;
    double filmOhms = 200e3;  ///< of the capacitors across it
    double supplyShare = 1;   ///< of its rail that is left under load
    bool runs = true;
    std::vector<LampLine> lamps;
    std::vector<LampOutput> outputs;

    /// The controller turns up until the lamps have their mean current as it senses it, or until it can no more.
    State state() const;

private:
    /// At a share of the volts that it could bring.
    State driven(double share) const;
    bool strikes(const LampLine& lamp, const LampOutput& output) const;
    double sensedMean(const State& state) const;
};

/// What a lamp drops at a current, V: a little less the more it takes, for its discharge is a negative resistance.
double dropOf(const LampLine& lamp, double amps, double aimAmps);

}  // namespace dimglow::virtualset
