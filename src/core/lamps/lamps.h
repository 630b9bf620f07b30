#pragma once

#include <optional>

namespace dimglow::lamps {

/// The fluorescent lamps of a CCFL panel, all alike; none in an LED panel.
struct Lamps {
    int count = 0;
    std::optional<double> lengthMm = {};    ///< empty while nobody has measured it
    std::optional<double> diameterMm = {};  ///< of the bore
    bool operator==(const Lamps&) const = default;
};

}  // namespace dimglow::lamps
