#include "core/backlight/wiring.h"

#include <fmt/format.h>
#include <algorithm>
#include <stdexcept>

#include "core/circuit/operating_point.h"

namespace dimglow::backlight {

namespace {

constexpr double glowAmps = 20e-6;

enum class Detail { EveryLed, Merged };

const PlacedFault* faultAt(const Faults& faults, LedPlace place) {
    const auto found =
        std::find_if(faults.leds.begin(), faults.leds.end(), [&](const PlacedFault& f) { return f.place == place; });
    return found == faults.leds.end() ? nullptr : &*found;
}

/// Builds strings into a network. Identical good LEDs side by side may be merged into one diode with their dies
/// added: the same circuit with fewer nodes, since they carry one current.
class StringBuilder {
public:
    StringBuilder(const Backlight& backlight, const Faults& faults, Detail detail)
        : backlight_(backlight), faults_(faults), detail_(detail) {}

    /// Adds the LEDs of \p run from \p plus to \p minus.
    void add(circuit::Network& network, const Run& run, circuit::Node plus, circuit::Node minus) {
        auto places = ledsInOrder(backlight_, run.string);
        parts_.clear();
        const bool atThePlug = run == wholeString(backlight_, run.string);
        for (int position = run.first; position <= run.last; ++position) {
            if (position > run.first || atThePlug) {
                addJoint(run.string, position);
            }
            addLed(places.at(position));
        }
        if (atThePlug) {
            addJoint(run.string, run.last + 1);
        }
        circuit::Node from = plus;
        for (std::size_t i = 0; i < parts_.size(); ++i) {
            const circuit::Node to = i + 1 == parts_.size() ? minus : network.addNode();
            if (parts_[i].ohms > 0) {
                network.addResistor(from, to, parts_[i].ohms);
            } else {
                network.addDiode(from, to, parts_[i].diode);
            }
            for (const auto& place : parts_[i].leds) {
                leds.push_back(place);
                diodeOfLed.push_back(parts_[i].ohms > 0 ? -1 : int(network.diodes().size()) - 1);
            }
            from = to;
        }
    }

    std::vector<LedPlace> leds;
    std::vector<int> diodeOfLed;

private:
    struct Part {
        std::vector<LedPlace> leds;
        double ohms = 0;  ///< a resistor when positive
        circuit::DiodeModel diode;
        LedSpec spec;
        bool good = false;
    };

    void addJoint(StringRef string, int before) {
        for (const auto& joint : faults_.joints) {
            if (joint.string == string && joint.before == before) {
                parts_.push_back({{}, joint.ohms, {}, {}, false});
            }
        }
    }

    void addLed(LedPlace place) {
        const LedSpec& spec = backlight_.strips.at(place.strip).led;
        Part part{{place}, 0, ledCurve(spec), spec, true};
        if (const auto* fault = faultAt(faults_, place)) {
            part.good = false;
            if (fault->fault == LedFault::Dark) {
                part.diode.offsetVolts += fault->extraVolts;
            } else {
                part.ohms = fault->fault == LedFault::Open ? openOhms : shortOhms;
            }
        }
        if (detail_ == Detail::Merged && part.good && !parts_.empty() && parts_.back().good &&
            parts_.back().spec == spec) {
            Part& last = parts_.back();
            last.leds.push_back(place);
            last.diode.dies += part.diode.dies;
            last.diode.offsetVolts += part.diode.offsetVolts;
        } else {
            parts_.push_back(std::move(part));
        }
    }

    const Backlight& backlight_;
    const Faults& faults_;
    Detail detail_;
    std::vector<Part> parts_;
};

RunNetwork build(const Backlight& backlight, const std::vector<Run>& parallel, const Faults& faults,
                 const TesterSetting& tester, Detail detail) {
    RunNetwork result;
    result.plus = result.network.addNode();
    StringBuilder builder(backlight, faults, detail);
    for (const auto& run : parallel) {
        builder.add(result.network, run, result.plus, circuit::ground);
    }
    result.network.addResistor(result.plus, circuit::ground, meterOhms);
    result.network.addSupply({result.plus, circuit::ground, tester.limitVolts, tester.amps});
    result.leds = std::move(builder.leds);
    result.diodeOfLed = std::move(builder.diodeOfLed);
    return result;
}

circuit::OperatingPoint solved(const RunNetwork& run) {
    auto point = circuit::solve(run.network);
    if (!point.converged) {
        throw std::runtime_error(fmt::format("the network of {} nodes did not settle in {} steps",
                                             run.network.nodeCount(), point.iterations));
    }
    return point;
}

bool glows(const RunNetwork& run, const circuit::OperatingPoint& point, const Faults& faults, std::size_t led) {
    const int diode = run.diodeOfLed[led];
    return diode >= 0 && point.diodeAmps[diode] > glowAmps && faultAt(faults, run.leds[led]) == nullptr;
}

int litCount(const RunNetwork& run, const circuit::OperatingPoint& point, const Faults& faults) {
    int lit = 0;
    for (std::size_t led = 0; led < run.leds.size(); ++led) {
        lit += glows(run, point, faults, led) ? 1 : 0;
    }
    return lit;
}

}  // namespace

RunNetwork buildRun(const Backlight& backlight, const Run& run, const Faults& faults, const TesterSetting& tester) {
    return build(backlight, {run}, faults, tester, Detail::EveryLed);
}

TesterReading testRun(const Backlight& backlight, const Run& run, const Faults& faults, const TesterSetting& tester) {
    const auto network = build(backlight, {run}, faults, tester, Detail::Merged);
    const auto point = solved(network);
    const double volts = point.nodeVolts[network.plus];
    return {volts, point.supplyAmps[0] - volts / meterOhms, litCount(network, point, faults)};
}

ChannelDemand demandOf(const Backlight& backlight, int channel, const Faults& faults, double ceilingVolts) {
    const Channel& wanted = backlight.channels.at(channel);
    std::vector<Run> runs;
    for (int s = 0; s < int(wanted.strings.size()); ++s) {
        runs.push_back(wholeString(backlight, {channel, s}));
    }
    const auto network = build(backlight, runs, faults, {wanted.amps, ceilingVolts}, Detail::Merged);
    const auto point = solved(network);
    ChannelDemand demand;
    demand.volts = point.nodeVolts[network.plus];
    demand.conducts = point.supplyAmps[0] > 0.9 * wanted.amps;
    demand.lights = 2 * litCount(network, point, faults) >= int(network.leds.size());
    std::size_t led = 0;
    for (const auto& run : runs) {
        double amps = 0;
        for (int i = 0; i < run.count(); ++i, ++led) {
            if (network.diodeOfLed[led] >= 0) {
                amps = std::max(amps, point.diodeAmps[network.diodeOfLed[led]]);
            }
        }
        demand.stringAmps.push_back(amps);
    }
    return demand;
}

double healthyStringVolts(const Backlight& backlight) {
    double highest = 0;
    for (int channel = 0; channel < int(backlight.channels.size()); ++channel) {
        highest = std::max(highest, demandOf(backlight, channel, {}, 1e4).volts);
    }
    return highest;
}

double overVoltageLevel(const Backlight& backlight) {
    return backlight.driver.ovpRatio *
           std::max(backlight.ledPlusLabel.value_or(0), healthyStringVolts(backlight) + backlight.driver.headroomVolts);
}

}  // namespace dimglow::backlight
