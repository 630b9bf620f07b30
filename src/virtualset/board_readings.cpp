#include "virtualset/board_readings.h"

#include <cmath>

#include "virtualset/draw.h"

namespace dimglow::virtualset {

using parts::PartKind;
using parts::PartReading;

namespace {

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

PartReading soundReading(PartKind kind, const parts::Ratings& ratings, double chance) {
    PartReading reading;
    const double off = 1 + 0.04 * chance;
    switch (kind) {
        case PartKind::Electrolytic:
        case PartKind::Film: {
            reading.farads = *ratings.farads * off;
            if (kind == PartKind::Electrolytic) {
                const double highest = parts::highestEsr(*ratings.farads, ratings.volts);
                reading.esrOhms = rounded(0.1 * highest * (1 + 0.3 * chance), 0.01);
            }
            break;
        }
        case PartKind::Fuse:
            reading.ohms = 0.2;
            break;
        case PartKind::Diode:
            reading.forwardVolts = rounded(0.3 + 0.06 * chance, 0.01);
            reading.reverseVolts = parts::overload;
            break;
        case PartKind::Optocoupler:
            reading.forwardVolts = rounded(1.1 + 0.08 * chance, 0.01);
            reading.reverseVolts = parts::overload;
            reading.switches = true;
            break;
        case PartKind::Mosfet:
            reading.gateOhms = 10e3;
            [[fallthrough]];
        case PartKind::Zener:
        case PartKind::Transistor:
            reading.forwardVolts = rounded(0.58 + 0.06 * chance, 0.01);
            reading.reverseVolts = parts::overload;
            break;
        case PartKind::Coil:
            reading.ohms = 0.2;
            break;
        case PartKind::Transformer:
            reading.rings = std::round(13 + 4 * chance);
            break;
        case PartKind::Resistor:
        case PartKind::Sense:
            reading.ohms = *ratings.ohms * (1 + 0.01 * chance);
            break;
        case PartKind::Rail:
            reading.volts = rounded(*ratings.volts * (1 + 0.02 * chance), 0.01);
            break;
        case PartKind::SupplyPin:
            reading.volts = rounded(*ratings.volts * off, 0.01);
            break;
        case PartKind::EnablePin:
        case PartKind::DimmingPin:
            reading.volts = rounded(3.2 * off, 0.01);
            break;
        case PartKind::CompensationPin:
            reading.volts = rounded(1.4 + 0.6 * chance, 0.01);
            break;
        case PartKind::GatePin:
            reading.volts = rounded(3 + 2 * chance, 0.01);
            break;
    }
    return reading;
}

/// \p chance below zero: shorted, or gone; above: open, or worn.
PartReading faultyReading(PartKind kind, const parts::Ratings& ratings, double chance) {
    PartReading reading = soundReading(kind, ratings, chance);
    const bool isShort = chance < 0;
    switch (kind) {
        case PartKind::Electrolytic:
            reading.farads = *reading.farads * (0.35 + 0.25 * std::abs(chance));
            reading.esrOhms = *reading.esrOhms * 30;
            break;
        case PartKind::Film:
            reading.farads = *reading.farads * 0.4;
            break;
        case PartKind::Fuse:
        case PartKind::Coil:
            reading.ohms = parts::overload;
            break;
        case PartKind::Diode:
        case PartKind::Zener:
        case PartKind::Mosfet:
        case PartKind::Transistor:
            reading.forwardVolts = isShort ? 0.01 : parts::overload;
            reading.reverseVolts = isShort ? 0.01 : parts::overload;
            break;
        case PartKind::Optocoupler:
            reading.switches = false;
            break;
        case PartKind::Transformer:
            reading.rings = 1;
            break;
        case PartKind::Resistor:
        case PartKind::Sense:
            reading.ohms = isShort ? *reading.ohms * 3 : parts::overload;
            break;
        case PartKind::Rail:
            reading.volts = isShort ? 0.1 : *reading.volts * 0.6;
            break;
        case PartKind::SupplyPin:
        case PartKind::EnablePin:
        case PartKind::DimmingPin:
        case PartKind::CompensationPin:
        case PartKind::GatePin:
            reading.volts = 0.03;
            break;
    }
    return reading;
}

}  // namespace

parts::Ratings usualRatings(const knowledge::PointKind& point) {
    parts::Ratings ratings;
    switch (point.kind) {
        case PartKind::Electrolytic:
            ratings.farads = 220e-6;
            break;
        case PartKind::Film:
            ratings.farads = 100e-9;
            break;
        case PartKind::Sense:
            ratings.ohms = 0.5;
            break;
        case PartKind::Resistor:
            ratings.ohms = 100e3;
            break;
        case PartKind::Rail:
            ratings.volts = point.id == "standbyRail" ? 5 : point.id == "bulkRail" ? 325 : 12;
            break;
        case PartKind::SupplyPin:
            ratings.volts = 12;
            break;
        default:
            break;
    }
    return ratings;
}

PartReading readingOf(PartKind kind, const parts::Ratings& ratings, bool isSound, double chance) {
    return isSound ? soundReading(kind, ratings, chance) : faultyReading(kind, ratings, chance);
}

std::string asAnEyeSees(std::uint32_t seed, const knowledge::TestKind& test, const std::string& truth) {
    constexpr double errs = 0.03;
    const auto other = std::size_t(chanceOf(seed, "instead" + test.id) * double(test.choices.size()));
    return chanceOf(seed, "eye errs" + test.id) < errs ? test.choices[other].id : truth;
}

}  // namespace dimglow::virtualset
