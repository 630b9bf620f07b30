#include "core/repair/comeback.h"

#include <algorithm>
#include <cmath>

namespace dimglow::repair {

double characteristicLife(const AgedLeds& leds) {
    const int failed = std::max(1, leds.failed);
    return leds.hours * std::pow(double(leds.count) / failed, 1 / leds.shape);
}

double failureChance(int count, double hours, double within, double life, double shape) {
    const double hazard = std::pow((hours + within) / life, shape) - std::pow(hours / life, shape);
    return -std::expm1(-count * hazard);
}

}  // namespace dimglow::repair
