#pragma once

#include <optional>
#include <string>

#include "core/evidence/observation.h"

namespace dimglow::evidence {

/// What of an observation bears on how others are judged, whatever kind it is of.
struct Sign {
    std::string test;                      ///< of a question with choices, or of a voltage of the board
    std::string choice;                    ///< as it was answered; empty of a voltage
    std::optional<double> volts = {};      ///< as they were read
    std::optional<PointAsked> point = {};  ///< the part, rail or pin that was read or looked at
    std::optional<PointTaken> taken = {};  ///< its reading
    LampsSeen looks = {};                  ///< of the lamps; none of them where it is no such look
    bool looksBad = false;
    bool staysLit = false;
};
/// Of an observation that bears on no other: empty.
Sign signOf(const Observation& what);

}  // namespace dimglow::evidence
