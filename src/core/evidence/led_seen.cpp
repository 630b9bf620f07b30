#include "core/evidence/led_seen.h"

#include <algorithm>
#include <cmath>

#include "core/backlight/backlight_json.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

using backlight::LedFault;

namespace {
const std::vector<const char*> glowWords = {"lit", "dim", "dark", "tinted"};
}

Text wordsOf(LedSeen::Glow glow) {
    const Text words[] = {say("lit"), say("dim"), say("dark"), say("tinted")};
    return words[int(glow)];
}

void LedSeen::check(const format::Check& at, const Places& places) const {
    places.check(at, place);
    places.check(at.at("under"), under);
}

void LedSeen::write(nlohmann::json& json) const {
    json.update(backlight::toJson(place));
    json["glow"] = glowWords[int(glow)];
    json["under"] = backlight::toJson(under);
}

LedSeen LedSeen::read(format::Fields& fields) {
    LedSeen seen;
    seen.place = backlight::readPlace(fields);
    seen.glow = Glow(fields.choice("glow", glowWords));
    seen.under = backlight::readRun(fields.object("under"));
    return seen;
}

Text LedSeen::describe(const Scene& scene) const {
    return say("{} {}", nameOf(scene.backlight, place), wordsOf(glow));
}

void LedSeen::split(locate::CellPartition& cells) const {
    cells.isolate(place);
    cells.split(under);
}

/// Of LEDs side by side one looks different because of its neighbours.
bool LedSeen::touches(int cell, const locate::CellPartition& cells, const Scene& scene) const {
    const auto& strip = scene.backlight.strips[std::size_t(place.strip)];
    const auto& of = cells.cells()[std::size_t(cell)];
    return strip.parallel * strip.chains > 1 ? of.strip == place.strip && locate::inside(of, under)
                                             : cells.cellOf(place) == cell;
}

double LedSeen::logLikelihood(Explanation& explanation) const {
    double dark = 1;
    double dim = 0;
    if (explanation.strings().conducts(under)) {
        const auto at = explanation.strings().faultShares(place);
        // A dark LED that the run still conducts around may be an open one: bridged, or beside another.
        dark = 0;
        for (int k = 0; k < backlight::ledFaultKinds; ++k) {
            (backlight::isDim(LedFault(k)) ? dim : dark) += at[std::size_t(k)];
        }
        const auto& backlight = explanation.strings().backlight();
        const auto& strip = backlight.strips[std::size_t(place.strip)];
        if (strip.parallel * strip.chains > 1) {
            const int position = explanation.strings().cells().positionOf(place);
            const auto step = backlight::probeable(backlight, {under.string, position, position});
            const auto order = backlight::ledsInOrder(backlight, step.string);
            for (int side = step.first; side <= step.last; ++side) {
                const auto neighbour = order[std::size_t(side)];
                dark += neighbour == place ? 0 : explanation.strings().faultShares(neighbour)[int(LedFault::Shorted)];
            }
        }
        dark = std::min(1.0, dark);
        dim = std::min(1 - dark, dim);
    }
    // A dim LED is called dark or lit now and then; a leaky one on a weak tester is dark. Of the hundreds that are
    // looked at hardly one that is lit is called dark.
    const double shares[] = {1 - dark - dim, dim, dark};
    const double calledAs[3][4] = {{0.995, 0.0015, 0.0005, 0.003}, {0.1, 0.5, 0.3, 0.1}, {0.005, 0.014, 0.98, 0.001}};
    double share = 0;
    for (int state = 0; state < 3; ++state) {
        share += shares[state] * calledAs[state][int(glow)];
    }
    return std::log(share);
}

}  // namespace dimglow::evidence
