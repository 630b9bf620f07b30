#pragma once

#include <string>
#include <vector>

#include "core/plan/light_map.h"
#include "core/text/text.h"

/// \file
/// The light of a panel as it was made, as it was found and as it will be; and what one thing wrong with it looks like.

namespace dimglow::plan {

/// What lights a panel, and what lies over it.
struct Scene {
    LightBox box;
    std::vector<LightSpot> spots;  ///< by strip and LED
};

/// What is said of the box; empty is taken as many sets have it.
struct BoxGiven {
    std::optional<double> depthMm;
    std::optional<bool> hasLenses;
    bool operator==(const BoxGiven&) const = default;
};

/// The panel as it was made. Of sets with strips at an edge the light guide does the spreading: no scene.
/// \pre the backlight is described
Scene asMade(const backlight::Backlight& backlight, const BoxGiven& given = {});
/// Whether the strips lie behind the picture, so that a scene can be computed.
bool isDirectLit(const backlight::Backlight& backlight);

/// The flux of LEDs that old over new ones: Φ = e^(−αt), α = ln(1/0.7)/L70 (IES TM-21), L70 30,000 h (from memory).
double fadedFlux(double hours);

/// What one sees on the screen, and what makes it look so.
struct LookKind {
    std::string id;
    text::Text title;
    text::Text cause;
    text::Text cure;
};
/// In the order that they are offered.
const std::vector<LookKind>& looks();

/// A scene with that look at one of its LEDs. \throws std::out_of_range when there is no such look or spot
Scene withLook(Scene scene, const std::string& look, std::size_t spotIndex);

/// Lowest over mean for what is known of the box: over the depths that a set of such a pitch may have where nobody said
/// it.
struct EvennessRange {
    double low = 0;
    double likely = 0;
    double high = 0;
};
/// Over the depths that a box may have where nobody has measured it.
EvennessRange evennessRange(const Scene& scene, bool depthKnown);

}  // namespace dimglow::plan
