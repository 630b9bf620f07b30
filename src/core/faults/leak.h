#pragma once

#include "core/faults/mechanism.h"

namespace dimglow::faults {

/// A string that touches the metal back of the panel.
struct Leak {
    backlight::StringRef string;
    int before = 0;  ///< position in the string whose incoming side touches; the LED count means LED−
    auto operator<=>(const Leak&) const = default;
    auto fields() const { return std::tie(string.channel, string.string, before); }

    struct Sign {
        int string = 0;  ///< of the circuit
        int before = 0;
        bool operator==(const Sign&) const = default;
        auto fields() const { return std::tie(string, before); }
    };

    /// At every point between LEDs, and at both ends of every string.
    static std::vector<Leak> candidates(const backlight::Backlight& set);
    static constexpr bool leavesLedsSound = true;
    void addTo(backlight::Faults& wrong) const;
    text::Text title(const backlight::Backlight& set, const text::Text& kind) const;
    int strip(const backlight::Backlight& set) const { return stripAt(set, string, before); }
    std::optional<Sign> inChannel(const Wiring& wiring, int channel, bool placesMatter) const;
    std::optional<Sign> onBench(const Wiring& wiring, const Bench& bench) const;
};

}  // namespace dimglow::faults
