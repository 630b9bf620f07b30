#include "core/evidence/sign.h"

namespace dimglow::evidence {

Sign signOf(const Observation& what) {
    Sign sign;
    if (const auto* answer = std::get_if<Answer>(&what)) {
        sign.test = answer->test;
        sign.choice = answer->choice;
    } else if (const auto* measured = std::get_if<Measured>(&what)) {
        sign.test = measured->test;
        sign.volts = measured->volts;
    } else if (const auto* taken = std::get_if<PointTaken>(&what)) {
        sign.point = taken->asked;
        sign.taken = *taken;
    } else if (const auto* seen = std::get_if<PointSeen>(&what)) {
        sign.point = seen->asked;
        sign.looksBad = isBad(seen->looks);
    } else if (const auto* lamps = std::get_if<LampsSeen>(&what)) {
        sign.looks = *lamps;
    } else if (const auto* light = std::get_if<LightSeen>(&what)) {
        sign.staysLit = light->what == driver::Light::StaysLit;
    }
    return sign;
}

}  // namespace dimglow::evidence
