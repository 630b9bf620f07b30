#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// A question answered by one of a few words: "sound" → "yes". The words are those of the knowledge files.
struct Answer {
    static constexpr const char* kind = "answer";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = false;

    std::string test;
    std::string choice;
    std::optional<double> number = {};  ///< what was counted or measured: blinks, watts
    std::string detail = {};            ///< "red"
    bool operator==(const Answer&) const = default;

    struct Question {
        std::string test;
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {test}; }
    std::string testId() const { return test; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static Answer read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition&) const {}
    bool touches(int cell, const locate::CellPartition& cells, const Scene& scene) const;
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

}  // namespace dimglow::evidence
