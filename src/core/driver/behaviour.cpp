#include "core/driver/behaviour.h"

#include <algorithm>

namespace dimglow::driver {

Manner mannerOfOutput(const ModeKind& mode) {
    if (mode.shape != Shape::Steady) {
        const bool isAveraged = mode.volts.of == Reference::Hunting && mode.rest.of == Reference::Idle;
        return mode.shape == Shape::PeakThenSettles ? Manner::Settles : isAveraged ? Manner::Flutters : Manner::Wanders;
    }
    switch (mode.volts.of) {
        case Reference::Idle:
            return Manner::Stays;
        case Reference::Strings:
            return Manner::Holds;
        case Reference::OverVolts:
            return Manner::Clamps;
        case Reference::Hunting:
        case Reference::Reach:
            return Manner::Averages;
        case Reference::Sink:
            return Manner::Holds;  // what the strings take, and the sinks
        case Reference::Nothing:
            break;
    }
    return Manner::None;
}

Manner mannerOfSink(const ModeKind& mode) {
    return mode.shape == Shape::PeakThenSettles    ? Manner::SinkSettles
           : mode.shape == Shape::Wanders          ? Manner::SinkWanders
           : mode.volts.of == Reference::OverVolts ? Manner::SinkFloats
           : mode.volts.of == Reference::Sink      ? Manner::SinkHolds
                                                   : Manner::SinkIsDark;
}

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
