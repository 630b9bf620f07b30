#pragma once

#include <optional>

/// \file
/// Cold-cathode lamps: how they are fitted, and what they need.

namespace dimglow::lamps {

/// The fluorescent lamps of a CCFL panel, all alike; none in an LED panel. What nobody has said is unknown.
struct Lamps {
    enum class Place {
        Unknown,
        Behind,  ///< one above the other behind the picture
        Edges,   ///< half of them along the top edge, half along the bottom
    };
    enum class Shape { Unknown, Straight, U };
    enum class Electrodes {
        Unknown,
        Internal,
        External,  ///< the electrode is the ballast: they may run in parallel
    };
    enum class Drive {
        Unknown,
        OneEnd,
        BothEnds,  ///< in antiphase: no cold end, and plugs are never swapped between the halves
    };
    int count = 0;
    std::optional<double> lengthMm = {};    ///< empty while nobody has measured it
    std::optional<double> diameterMm = {};  ///< of the bore
    Place place = Place::Unknown;
    Shape shape = Shape::Unknown;
    Electrodes electrodes = Electrodes::Unknown;
    Drive drive = Drive::Unknown;
    std::optional<double> supplyVolts = {};  ///< what the inverter runs from, V DC
    bool operator==(const Lamps&) const = default;

    /// The inverter runs from the rectified mains, so that its drive stage is on the hot side.
    bool isFedByTheBus() const { return supplyVolts && *supplyVolts > 60; }
};

/// Running volts of a lamp by length and bore, V RMS, a slim one where nobody has measured the bore: 130 V at the
/// electrodes and a gradient that falls with the bore (from memory).
/// \pre its length is known
double runVolts(const Lamps& lamps);

/// What it takes to strike a lamp, as multiples of its running volts (common practice, no source).
inline constexpr double strikesFrom = 1.5;
inline constexpr double strikesTo = 2.5;

}  // namespace dimglow::lamps
