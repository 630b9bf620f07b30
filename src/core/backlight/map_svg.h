#pragma once

#include <string>
#include <vector>

#include "core/backlight/backlight.h"

namespace dimglow::backlight {

/// What is written at an LED of the map: the class it is drawn as, and a share as an arc around it.
struct MapMark {
    enum class Look { Unknown, Lit, Dim, Dark, Open, Shorted };
    Look look = Look::Unknown;
    double share = 0;
};

/// The backlight as an SVG drawing in true proportion, 1 mm to a unit: strips, LEDs, the order of each string, LED+ and
/// LED−. \p marks by strip and LED; none draws every LED as unknown. \p title is escaped.
std::string mapSvg(const Backlight& backlight, const std::string& title,
                   const std::vector<std::vector<MapMark>>& marks = {});

}  // namespace dimglow::backlight
