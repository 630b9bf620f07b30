#pragma once

#include <optional>
#include <string>

#include "core/backlight/backlight.h"
#include "core/lamps/lamps.h"

namespace dimglow::set {

/// The display itself: what makes its light, and who made it. Board points, and parts with their ratings and twins, are
/// to become members of it.
struct DisplaySet {
    std::string maker;
    std::string model;
    std::string serial;
    std::string panel;
    std::optional<double> hoursRun;  ///< h of light since the LEDs were new
    backlight::Backlight backlight;  ///< its LED strips and their driver
    lamps::Lamps lamps;              ///< instead of the strips when there are any
    bool operator==(const DisplaySet&) const = default;
};

}  // namespace dimglow::set
