#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/lamps/lamps.h"
#include "core/set/board_point.h"
#include "core/set/light_kind.h"

namespace dimglow::set {

/// The display itself: who made it, what makes its light, and what has been read off its boards.
struct DisplaySet {
    std::string kind;  ///< id of a kind of set of the knowledge files; empty: the usual one
    std::string maker;
    std::string model;
    std::string serial;
    std::string panel;
    std::optional<double> hoursRun;           ///< h of light since the LEDs were new
    backlight::Backlight backlight;           ///< its LED strips and their driver
    lamps::Lamps lamps;                       ///< instead of the strips when there are any
    std::optional<LightKind> saidLight = {};  ///< what was seen of it before anybody described it
    std::vector<BoardPoint> points;           ///< those of one kind are each other's twins
    bool operator==(const DisplaySet&) const = default;

    /// Of the picture, as far as its size or that of its lamps is known; 0 otherwise.
    double diagonalInches() const;
    LightKind lightKind() const {
        return lamps.count > 0         ? LightKind::Lamps
               : backlight.isDescribed ? LightKind::Leds
                                       : saidLight.value_or(LightKind::Leds);
    }
    /// Whether somebody has described it, or said what it is; otherwise it is taken for strips, as most are.
    bool isLightKnown() const { return lamps.count > 0 || backlight.isDescribed || saidLight.has_value(); }
};

}  // namespace dimglow::set
