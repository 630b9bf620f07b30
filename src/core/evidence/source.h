#pragma once

#include <string>

namespace dimglow::evidence {

/// Who wrote a reading down.
enum class From {
    Typed,       ///< by the technician, keys and clicks included
    Instrument,  ///< a meter or supply that is connected
    Trace,       ///< a recording
};

/// Where an observation came from.
struct Source {
    From from = From::Typed;
    std::string raw = {};          ///< as it was typed or as the instrument sent it; empty when it was a key or a click
    std::string fitsBecause = {};  ///< why it fits all the same, where the program had doubted it; it then stands
    bool operator==(const Source&) const = default;
};

}  // namespace dimglow::evidence
