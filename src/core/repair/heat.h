#pragma once

#include <optional>

#include "core/repair/comeback.h"

/// \file
/// How hot an LED's junction gets, and what that does to its life.

namespace dimglow::repair {

/// How a strip lies on its metal.
enum class Seat {
    Flush,  ///< adhesive tape pressed home
    Gap,    ///< on a rib, a dimple or a lifted end: air between
    Rail,   ///< bare on its rail, screwed or clipped
};

/// What stands between a junction and the room; empty is what nobody knows, and widens the range.
struct HeatPath {
    double volts = 3;                 ///< across the LED
    double amps = 0.3;                ///< through it, on the average
    double lightShare = 0.3;          ///< of its watts, that leaves as light (from memory)
    std::optional<double> rJunction;  ///< junction to solder, K/W; 6 to 16 (from memory)
    std::optional<double> rBoard;     ///< solder to the strip's back, K/W; 3 to 10 (from memory)
    Seat seat = Seat::Flush;
    double gapMm = 0.5;              ///< of Seat::Gap
    double areaMm2 = 300;            ///< of the strip's back that serves one LED
    std::optional<double> rChassis;  ///< metal to the room for one LED, K/W; 8 to 25 (from memory)
    double roomCelsius = 25;
};

/// Heat conductivity, W/(m·K) (from memory).
inline constexpr double airConducts = 0.026;
inline constexpr double tapeConducts = 0.8;
/// Usual tape under a strip, mm (from memory).
inline constexpr double tapeMm = 0.15;

/// R = d/(λ·A), K/W.
double layerKelvinPerWatt(double millimetres, double wattsPerMetreKelvin, double areaMm2);

/// Tj = Ta + P·(Rjs + Rsc + Rca), °C.
Range junctionCelsius(const HeatPath& path);

/// How much longer a part lasts cooler: exp(Ea/k·(1/T_cool − 1/T_hot)) (Arrhenius; Ea 0.45 eV from memory,
/// k_B 8.617·10⁻⁵ eV/K).
double arrheniusTimes(double hotCelsius, double coolCelsius);

/// From the drift of LED+ in a soak: how much warmer the junctions got since switch-on, K. The volts of a die fall by
/// 2 mV a kelvin (from memory; 1.5 to 2.5).
/// \param dies in series between LED+ and LED−
/// \pre dies is positive
Range warmedKelvin(double voltsFallen, int dies);

}  // namespace dimglow::repair
