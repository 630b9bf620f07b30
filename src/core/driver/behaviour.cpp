#include "core/driver/behaviour.h"

#include <algorithm>

namespace dimglow::driver {

const Voltage* Behaviour::voltage(const std::string& test) const {
    const auto found = std::find_if(volts.begin(), volts.end(), [&](const Voltage& v) { return v.test == test; });
    return found == volts.end() ? nullptr : &*found;
}

bool Behaviour::forecasts(const std::string& test) const {
    return voltage(test) != nullptr || (drivesStrings && test == ledPlusOn);
}

bool Behaviour::looksLike(const Behaviour& other) const {
    return drivesStrings == other.drivesStrings && volts == other.volts && light == other.light;
}

}  // namespace dimglow::driver
