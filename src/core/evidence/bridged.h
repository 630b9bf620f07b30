#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// The set switched on with an ammeter across an open LED: the rest lights, and the meter shows the string's current.
struct Bridged {
    static constexpr const char* kind = "bridge";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = true;

    backlight::LedPlace place;
    double amps = 0;
    bool restLights = true;
    bool operator==(const Bridged&) const = default;

    struct Question {
        backlight::LedPlace place;
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {place}; }
    std::string testId() const { return "bridge"; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static Bridged read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition& cells) const { cells.isolate(place); }
    bool touches(int cell, const locate::CellPartition& cells, const Scene& scene) const;
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

}  // namespace dimglow::evidence
