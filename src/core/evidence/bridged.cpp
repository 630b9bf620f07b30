#include "core/evidence/bridged.h"

#include <cmath>

#include "core/backlight/backlight_json.h"
#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

void Bridged::check(const format::Check& at, const Places& places) const {
    places.check(at, place);
    at.number("amps", amps, limits::amps);
}

void Bridged::write(nlohmann::json& json) const {
    json.update(backlight::toJson(place));
    json["amps"] = amps;
    json["restLights"] = restLights;
}

Bridged Bridged::read(format::Fields& fields) {
    const auto place = backlight::readPlace(fields);
    return {place, fields.number("amps"), fields.flag("restLights", true)};
}

Text Bridged::title(const Scene& scene) const {
    return say("{} bridged, set on", nameOf(scene.backlight, place));
}

Text Bridged::describe(const Scene&) const {
    return restLights ? say("the rest lights at {:.0f} mA", 1000 * amps) : say("the rest stays dark");
}

bool Bridged::touches(int cell, const locate::CellPartition& cells, const Scene&) const {
    const auto& all = cells.cells();
    return all[std::size_t(cells.cellOf(place))].string.channel == all[std::size_t(cell)].string.channel;
}

double Bridged::logLikelihood(Explanation& explanation) const {
    // A jumper may touch badly, but light where nothing interrupts the string is no slip.
    constexpr double badJumper = 0.05;
    constexpr double wrongLed = 0.003;
    const double lights = explanation.strings().lightsAround(place) ? 1 - badJumper : wrongLed;
    return std::log(restLights ? lights : 1 - lights);
}

}  // namespace dimglow::evidence
