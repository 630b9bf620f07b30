#include "core/lamps/lamps.h"

#include <cmath>

namespace dimglow::lamps {

double runVolts(const Lamps& lamps) {
    constexpr double electrodeVolts = 130;
    constexpr double voltsPerMm = 1.45;
    constexpr double boreMm = 2.4;
    return electrodeVolts +
           voltsPerMm * std::pow(boreMm / lamps.diameterMm.value_or(boreMm), 0.37) * lamps.lengthMm.value();
}

}  // namespace dimglow::lamps
