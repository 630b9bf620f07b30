#pragma once

#include <optional>
#include <string>

/// \file
/// LEDs, strips and driver modules as they are offered, or as they came out of a set. Empty is what nobody has read.

namespace dimglow::parts {

/// What a seller says of an LED; what is not said is not known.
struct LedOffer {
    std::optional<double> volts;  ///< measured at voltsAtAmps, or rated
    std::optional<double> voltsAtAmps;
    std::optional<double> ratedAmps;
    std::string package;  ///< "3030"
    std::string plusPad;  ///< choice of the work step "markLed": "large", "small", "left", "right"
    std::string white;    ///< its bin, or what it looks like beside a good one
    bool operator==(const LedOffer&) const = default;
};

/// The same of a strip, or what was measured at the old one.
struct StripFigures {
    std::optional<int> leds;
    std::optional<double> volts;      ///< of the whole strip at its current
    std::optional<double> ratedAmps;  ///< of an old one: what the driver sends through it
    std::optional<double> pitchMm;
    std::optional<double> widthMm;
    std::optional<double> lengthMm;
    std::string connector;
    std::string side;  ///< "L" or "R"
    std::string lens;
    std::string batch;
    bool operator==(const StripFigures&) const = default;
};

/// A driver of another make.
struct DriverModule {
    std::optional<double> lowestVolts;  ///< that it can put out
    std::optional<double> highestVolts;
    std::optional<double> amps;         ///< that it can be set to
    std::optional<double> enableVolts;  ///< from here on its enable pin is on
    std::optional<double> startVolts;   ///< its supply needs
    std::optional<double> openVolts;    ///< where it stops with no load: its over-voltage limit
    std::optional<bool> limitsCurrent;  ///< it has an over-current limit of its own
    std::optional<bool> dims;           ///< it follows DIM
    bool operator==(const DriverModule&) const = default;
};

}  // namespace dimglow::parts
