#include "core/repair/heat.h"

#include <cmath>

namespace dimglow::repair {

namespace {

constexpr double zeroCelsiusKelvin = 273.15;

struct Usual {
    double low;
    double likely;
    double high;
};

}  // namespace

double layerKelvinPerWatt(double millimetres, double wattsPerMetreKelvin, double areaMm2) {
    return millimetres * 1e-3 / (wattsPerMetreKelvin * areaMm2 * 1e-6);
}

Range junctionCelsius(const HeatPath& path) {
    const double watts = path.volts * path.amps * (1 - path.lightShare);
    const double seat = path.seat == Seat::Gap ? layerKelvinPerWatt(path.gapMm, airConducts, path.areaMm2)
                                               : layerKelvinPerWatt(tapeMm, tapeConducts, path.areaMm2);
    Range range{seat, seat, path.seat == Seat::Rail ? 2 * seat : seat};
    const auto add = [&](const std::optional<double>& known, const Usual& usual) {
        range.low += known.value_or(usual.low);
        range.likely += known.value_or(usual.likely);
        range.high += known.value_or(usual.high);
    };
    add(path.rJunction, {6, 10, 16});
    add(path.rBoard, {3, 5, 10});
    add(path.rChassis, {8, 15, 25});
    return {path.roomCelsius + watts * range.low, path.roomCelsius + watts * range.likely,
            path.roomCelsius + watts * range.high};
}

double arrheniusTimes(double hotCelsius, double coolCelsius) {
    constexpr double activationEv = 0.45;
    constexpr double boltzmannEvPerKelvin = 8.617e-5;
    return std::exp(activationEv / boltzmannEvPerKelvin *
                    (1 / (coolCelsius + zeroCelsiusKelvin) - 1 / (hotCelsius + zeroCelsiusKelvin)));
}

Range warmedKelvin(double voltsFallen, int dies) {
    const auto kelvin = [&](double voltsPerKelvin) { return voltsFallen / dies / voltsPerKelvin; };
    return {kelvin(2.5e-3), kelvin(2e-3), kelvin(1.5e-3)};
}

}  // namespace dimglow::repair
