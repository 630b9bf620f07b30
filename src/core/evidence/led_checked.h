#pragma once

#include "core/evidence/kind.h"
#include "core/parts/led_check.h"

namespace dimglow::evidence {

/// One LED measured on its own.
struct LedChecked {
    static constexpr const char* kind = "led-check";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = true;

    backlight::LedPlace place;
    parts::LedCheckSetting setting;
    parts::LedCheckReading reading;
    bool operator==(const LedChecked&) const = default;

    struct Question {
        backlight::LedPlace place;
        parts::LedCheckSetting setting;
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {place, setting}; }
    std::string testId() const { return "ledCheck"; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static LedChecked read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition& cells) const { cells.isolate(place); }
    bool touches(int cell, const locate::CellPartition& cells, const Scene&) const {
        return cells.cellOf(place) == cell;
    }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

}  // namespace dimglow::evidence
