#include "core/plan/scene.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace dimglow::plan {

using text::say;

namespace {

/// Between LEDs that lie further apart than this a box of usual depth is lit evenly by lenses only (common practice, no
/// source).
constexpr double lensPitchMm = 35;
/// A set leaves its maker evenly lit, darkest over mean 0.75 to 0.87: by this very model its depth is then this share
/// of the widest gap between its LEDs, with lenses and without, and a little less or more.
constexpr double depthWithLenses = 0.28;
constexpr double depthWithout = 0.52;
constexpr double shallowest = 0.88;
constexpr double deepest = 1.25;

double widestGap(const backlight::Backlight& backlight) {
    double widest = 0;
    std::vector<double> heights;
    for (const auto& strip : backlight.strips) {
        heights.push_back((strip.first.y + strip.last.y) / 2);
        if (strip.leds > 1) {
            widest = std::max(
                widest, std::hypot(strip.last.x - strip.first.x, strip.last.y - strip.first.y) / (strip.leds - 1));
        }
    }
    std::sort(heights.begin(), heights.end());
    for (std::size_t i = 1; i < heights.size(); ++i) {
        widest = std::max(widest, heights[i] - heights[i - 1]);
    }
    return widest;
}

constexpr double dimFlux = 0.45;
constexpr double newFlux = 1.35;
constexpr double offCentreMm = 4;

}  // namespace

bool isDirectLit(const backlight::Backlight& backlight) {
    double top = INFINITY;
    double bottom = -INFINITY;
    for (const auto& strip : backlight.strips) {
        for (const auto& end : {strip.first, strip.last}) {
            top = std::min(top, end.y);
            bottom = std::max(bottom, end.y);
        }
    }
    // A single row in the middle of a small panel, or rows that span it.
    const double height = backlight.drawnHeightMm();
    constexpr double edge = 0.12;
    return bottom > edge * height && top < (1 - edge) * height;
}

Scene asMade(const backlight::Backlight& backlight, const BoxGiven& given) {
    Scene scene;
    scene.box.widthMm = backlight.drawnWidthMm();
    scene.box.heightMm = backlight.drawnHeightMm();
    const double gap = std::max(1.0, widestGap(backlight));
    const bool hasLenses = given.hasLenses.value_or(gap > lensPitchMm);
    scene.box.depthMm = given.depthMm.value_or(gap * (hasLenses ? depthWithLenses : depthWithout));
    scene.box.blurMm = scene.box.depthMm / 3;
    for (int strip = 0; strip < int(backlight.strips.size()); ++strip) {
        for (int led = 0; led < backlight.strips[std::size_t(strip)].leds; ++led) {
            scene.spots.push_back(
                {backlight::positionOf(backlight, {strip, led}), 1, hasLenses ? batwingLens() : Lobe{}});
        }
    }
    return scene;
}

double fadedFlux(double hours) {
    constexpr double lumenLife = 30'000;
    return std::pow(0.7, hours / lumenLife);
}

const std::vector<LookKind>& looks() {
    static const std::vector<LookKind> all = {
        {"dark", say("One dark spot"),
         say("one LED gives no light while its string is lit: shorted, or conducting dark"),
         say("Find it with the tester, renew it; a bridge leaves the spot.")},
        {"dim", say("One dull spot"), say("one LED is aged or leaks"),
         say("Put it to the tester by itself; renew it.")},
        {"bright", say("One bright spot"), say("one new LED among aged ones, or of a brighter bin"),
         say("Choose a bin as bright as its neighbours, or renew the strip.")},
        {"yellow", say("A yellow or blue ring"), say("an LED of another white, or its phosphor is burnt"),
         say("Hold it lit beside a good one; renew it by its bin.")},
        {"clouded", say("A bright point in a dull disc"),
         say("the lens is clouded: vapour of glue, or dust in its cone"),
         say("Clean the inner cone with alcohol; let glue cure in the open.")},
        {"lensOff", say("A hard bright point"), say("the lens has come off"),
         say("Find it, seat it on its feet with three small dots of glue.")},
        {"offCentre", say("A disc bright on one side"), say("the lens sits off its centre"),
         say("Centre it under a scrap of diffuser while it is lit, then glue.")},
        {"filmMissing", say("Points everywhere"), say("a diffusing film is missing"),
         say("Compare the stack with what came out: count and order.")},
        {"filmTurned", say("Dull, with shadows that run across"), say("a prism film lies turned or upside down"),
         say("Notch to its corner, dull side as it was written down.")}};
    return all;
}

Scene withLook(Scene scene, const std::string& look, std::size_t spotIndex) {
    auto& spot = scene.spots.at(spotIndex);
    if (look == "dark") {
        spot.flux = 0;
    } else if (look == "dim") {
        spot.flux *= dimFlux;
    } else if (look == "bright") {
        spot.flux *= newFlux;
    } else if (look == "yellow") {
        spot.white = {0.345, 0.365};  // a bin far to the warm side (from memory)
    } else if (look == "clouded") {
        spot.lobe = cloudedLens(spot.lobe, 0.7);
    } else if (look == "lensOff") {
        spot.lobe = {};
    } else if (look == "offCentre") {
        spot.at.x += offCentreMm;
        spot.flux *= newFlux;
    } else if (look == "filmMissing") {
        scene.box.blurMm /= 4;
    } else if (look == "filmTurned") {
        for (auto& each : scene.spots) {
            each.flux *= 0.8;
        }
        scene.box.blurMm /= 2;
    } else {
        throw std::out_of_range("no look " + look);
    }
    return scene;
}

EvennessRange evennessRange(const Scene& scene, bool depthKnown) {
    constexpr int columns = 160;
    constexpr int rows = 90;
    const auto at = [&](double times) {
        Scene other = scene;
        other.box.depthMm *= times;
        other.box.blurMm *= times;
        return evennessOf(lightMap(other.box, other.spots, columns, rows), other.box).lowestOfMean;
    };
    const double likely = at(1);
    if (depthKnown) {
        return {likely, likely, likely};
    }
    const double shallow = at(shallowest);
    const double deep = at(deepest);
    return {std::min({shallow, likely, deep}), likely, std::max({shallow, likely, deep})};
}

}  // namespace dimglow::plan
