#pragma once

#include <cstddef>

#include "core/format/problem.h"

/// \file
/// What a backlight may be at most: beyond what anybody repairs, within what the program computes in two seconds.
/// problemsOf() holds a backlight to them; the JSON Schema says the same for other readers.

namespace dimglow::backlight::limits {

using format::Range;

inline constexpr std::size_t label = 12;       ///< bytes
inline constexpr std::size_t connector = 200;  ///< bytes
inline constexpr std::size_t colour = 40;      ///< bytes
inline constexpr std::size_t strips = 200;
inline constexpr std::size_t channels = 64;
inline constexpr std::size_t feeds = 4;
inline constexpr std::size_t stringsOfChannel = 64;
inline constexpr std::size_t pins = 64;
inline constexpr std::size_t ledPoints = 64;
inline constexpr int leds = 2400;            ///< of the whole backlight
inline constexpr double stringVolts = 1000;  ///< rated volts of the LEDs of a string; drivers end far below

inline constexpr Range ledsOfStrip{1, 1000};
inline constexpr Range sideBySide{1, 16};
inline constexpr Range panelMm{1, 1e5};
inline constexpr Range positionMm{-1e5, 1e5};
inline constexpr Range dies{1, 24};
inline constexpr Range ratedVolts{0.5, 100};
inline constexpr Range ratedAmps{1e-4, 10};
inline constexpr Range ideality{0.5, 10};
inline constexpr Range seriesDropVolts{1e-3, 2};
inline constexpr Range channelAmps{1e-4, 50};
inline constexpr Range idleVolts{0, 2000};
inline constexpr Range ovpRatio{1, 3};
inline constexpr Range headroomVolts{0, 20};
inline constexpr Range labelVolts{1, 2000};
inline constexpr Range pinOhms{0, 1e6};
inline constexpr Range celsius{-59, 199};
inline constexpr Range pointAmps{1e-6, 10};
inline constexpr Range pointVolts{0.5, 100};

}  // namespace dimglow::backlight::limits
