#pragma once

namespace dimglow::lamps {

/// The fluorescent lamps of a CCFL panel, all alike; none in an LED panel.
struct Lamps {
    int count = 0;
    double lengthMm = 0;
    double diameterMm = 3.4;
    bool operator==(const Lamps&) const = default;
};

}  // namespace dimglow::lamps
