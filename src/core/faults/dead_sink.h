#pragma once

#include "core/faults/mechanism.h"

namespace dimglow::faults {

/// The sink of a channel on the board passes no current: its transistor, the chip's pin, its sense resistor. The
/// strings are sound, and dark.
struct DeadSink {
    int channel = 0;
    auto operator<=>(const DeadSink&) const = default;
    auto fields() const { return std::tie(channel); }

    struct Sign {
        bool operator==(const Sign&) const = default;
        auto fields() const { return std::tuple<>(); }
    };

    /// Of every channel.
    static std::vector<DeadSink> candidates(const backlight::Backlight& set);
    static constexpr bool leavesLedsSound = true;
    void addTo(backlight::Faults& wrong) const { wrong.deadSinks.push_back(channel); }
    text::Text title(const backlight::Backlight& set, const text::Text& kind) const;
    /// The first one of its channel, which stays.
    int strip(const backlight::Backlight& set) const { return stripAt(set, {channel, 0}, 0); }
    std::optional<Sign> inChannel(const Wiring&, int asked, bool) const {
        return asked == channel ? std::optional(Sign{}) : std::nullopt;
    }
    std::optional<Sign> onBench(const Wiring&, const Bench&) const { return std::nullopt; }
};

}  // namespace dimglow::faults
