#pragma once

#include "core/faults/mechanism.h"

namespace dimglow::faults {

/// A plug, joint, trace or wire of a string that has gone resistive, or open.
struct Joint {
    backlight::StringRef string;
    int before = 0;  ///< position in the string that it stands before
    double ohms = backlight::openOhms;
    auto operator<=>(const Joint&) const = default;
    auto fields() const { return std::tie(string.channel, string.string, before, ohms); }

    struct Sign {
        int string = 0;   ///< of the circuit
        int before = -1;  ///< where places matter
        double ohms = 0;
        bool operator==(const Sign&) const = default;
        auto fields() const { return std::tie(string, before, ohms); }
    };

    bool isOpen() const { return ohms >= backlight::openOhms; }

    /// At the head of every strip, open or of the sizes of backlight::badJointOhms.
    static std::vector<Joint> candidates(const backlight::Backlight& set);
    static constexpr bool leavesLedsSound = false;
    void addTo(backlight::Faults& wrong) const;
    text::Text title(const backlight::Backlight& set, const text::Text& kind) const;
    int strip(const backlight::Backlight& set) const { return stripAt(set, string, before); }
    std::optional<Sign> inChannel(const Wiring& wiring, int channel, bool placesMatter) const;
    std::optional<Sign> onBench(const Wiring& wiring, const Bench& bench) const;
};

}  // namespace dimglow::faults
