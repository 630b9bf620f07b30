#pragma once

#include "core/faults/mechanism.h"

namespace dimglow::faults {

/// A strip of another type, fitted by somebody: its LEDs need `factor` times the volts.
struct OtherStrip {
    int index = 0;  ///< into Backlight::strips
    double factor = 1;
    auto operator<=>(const OtherStrip&) const = default;
    auto fields() const { return std::tie(index, factor); }

    struct Sign {
        int strip = 0;
        double factor = 1;
        int leds = 0;  ///< how many of its LEDs are in the circuit
        bool operator==(const Sign&) const = default;
        auto fields() const { return std::tie(strip, factor, leds); }
    };

    /// Every strip with every factor of backlight::otherTypeFactors that makes a LED.
    static std::vector<OtherStrip> candidates(const backlight::Backlight& set);
    static constexpr bool leavesLedsSound = false;
    void remake(backlight::Backlight& made) const;
    text::Text title(const backlight::Backlight& set, const text::Text& kind) const;
    int strip(const backlight::Backlight&) const { return index; }
    std::optional<Sign> inChannel(const Wiring& wiring, int channel, bool placesMatter) const;
    std::optional<Sign> onBench(const Wiring& wiring, const Bench& bench) const;
};

}  // namespace dimglow::faults
