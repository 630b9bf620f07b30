#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

using driver::Shape;

/// A voltage on a board, V DC against ground.
struct Measured {
    static constexpr const char* kind = "measured";
    static constexpr bool isOfTheBoard = true;
    static constexpr bool namesAPlace = true;

    std::string test;                      ///< id of a voltage in the knowledge files: "blOn", "ledPlusOn" …
    backlight::ChannelIndex channel = {};  ///< of LED−
    Shape shape = Shape::Steady;
    double volts = 0;                ///< steady value, the peak, or the top of the wander
    double restVolts = 0;            ///< where it settles, or the bottom of the wander; equals `volts` when steady
    backlight::FeedIndex feed = {};  ///< of LED+
    bool operator==(const Measured&) const = default;

    using Question = VoltsAsked;
    Question question() const { return {test, channel, feed}; }
    std::string testId() const { return test; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static Measured read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition&) const {}
    bool touches(int, const locate::CellPartition&, const Scene&) const { return false; }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation& healthy) const;
};

}  // namespace dimglow::evidence
