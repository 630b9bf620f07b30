#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// A point that cannot be reached, or is not there: nothing was learned, and it is not asked for again.
struct NotReached {
    static constexpr const char* kind = "not-reached";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = true;

    VoltsAsked asked;                   ///< any test, of this channel and feed if it has one
    std::optional<backlight::Run> run;  ///< of tests of strings
    std::string ref = {};               ///< of a part, rail or pin of the board
    bool operator==(const NotReached&) const = default;

    struct Question {
        VoltsAsked asked;
        std::optional<backlight::Run> run;
        std::string ref;
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {asked, run, ref}; }
    std::string testId() const { return asked.test; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static NotReached read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene&) const { return text::say("cannot be reached"); }

    bool isOfUnits() const { return true; }
    void split(locate::CellPartition&) const {}
    bool touches(int, const locate::CellPartition&, const Scene&) const { return false; }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation&) const { return 0; }
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

}  // namespace dimglow::evidence
