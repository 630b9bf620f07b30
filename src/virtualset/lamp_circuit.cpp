#include "virtualset/lamp_circuit.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace dimglow::virtualset {

using Ohms = std::complex<double>;

double dropOf(const LampLine& lamp, double amps, double aimAmps) {
    constexpr double falls = 0.12;
    return lamp.runVolts * std::pow(std::max(amps, 0.05 * aimAmps) / aimAmps, -falls);
}

bool LampCircuit::strikes(const LampLine& lamp, const LampOutput& output) const {
    const double rings = 1 - leakageOhms * output.filmTimes / filmOhms;
    const double loadless = (2 + supplyShare) / 3;  // its rail sags once the lamps take their current
    const double open = mostVolts * loadless * output.turnsTimes / rings;
    constexpr double stopsAJoint = 5e6;
    return !lamp.isBroken && lamp.seriesOhms < stopsAJoint && open >= lamp.strikesAt * lamp.runVolts;
}

LampCircuit::State LampCircuit::driven(double share) const {
    State state{std::vector<double>(lamps.size()), {}, share};
    for (const auto& output : outputs) {
        std::vector<int> lit;
        std::copy_if(output.lamps.begin(), output.lamps.end(), std::back_inserter(lit),
                     [&](int lamp) { return strikes(lamps[std::size_t(lamp)], output); });
        // From above: struck lamps stay lit for as long as they can, which a start from below would miss.
        constexpr double struck = 3;
        std::vector<double> amps(lit.size(), struck * aimAmps);
        double volts = 0;
        constexpr int rounds = 80;
        for (int round = 0; round < rounds; ++round) {
            Ohms load = Ohms(0, output.filmTimes / filmOhms);  // as 1/Ω
            std::vector<Ohms> branches;
            for (std::size_t at = 0; at < lit.size(); ++at) {
                const auto& lamp = lamps[std::size_t(lit[at])];
                const double resistance = dropOf(lamp, amps[at], aimAmps) / std::max(amps[at], 1e-6) + lamp.seriesOhms;
                branches.emplace_back(resistance, -1 / (2 * std::numbers::pi * hertz * lamp.ballastFarads));
                load += 1.0 / branches.back();
            }
            volts = std::abs(share * supplyShare * mostVolts * output.turnsTimes / (1.0 + Ohms(0, leakageOhms) * load));
            for (std::size_t at = 0; at < lit.size(); ++at) {
                amps[at] = (amps[at] + volts / std::abs(branches[at])) / 2;
            }
        }
        state.volts.push_back(volts);
        for (std::size_t at = 0; at < lit.size(); ++at) {
            state.amps[std::size_t(lit[at])] = amps[at];
        }
    }
    return state;
}

double LampCircuit::sensedMean(const State& state) const {
    double sum = 0;
    for (std::size_t lamp = 0; lamp < lamps.size(); ++lamp) {
        sum += state.amps[lamp] * lamps[lamp].sensedTimes;
    }
    return sum / double(lamps.size());
}

LampCircuit::State LampCircuit::state() const {
    if (!runs) {
        return {std::vector<double>(lamps.size()), std::vector<double>(outputs.size()), 0};
    }
    double low = 0;
    double high = 1;
    constexpr int halvings = 24;
    for (int step = 0; step < halvings; ++step) {
        const double middle = (low + high) / 2;
        (sensedMean(driven(middle)) > aimAmps ? high : low) = middle;
    }
    return driven(high);
}

}  // namespace dimglow::virtualset
