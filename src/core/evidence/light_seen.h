#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// What the light does at switch-on.
struct LightSeen {
    static constexpr const char* kind = "light";
    static constexpr bool isOfTheBoard = true;
    static constexpr bool namesAPlace = false;

    /// The question what is seen of it from behind, and two of its answers.
    static constexpr const char* throughHoles = "rearHoles";
    static constexpr const char* glows = "glows";
    static constexpr const char* dark = "dark";

    driver::Light what = driver::Light::Never;
    double secondsToDark = 0;  ///< only of FlashThenDark
    bool operator==(const LightSeen&) const = default;

    struct Question {
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {}; }
    std::string testId() const { return "light"; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static LightSeen read(format::Fields& fields);

    text::Text title(const Scene& scene) const { return titleOfTest(testId(), scene); }
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition&) const {}
    bool touches(int, const locate::CellPartition&, const Scene&) const { return false; }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const {
        return driver::logLikelihood(explanation.board().light(), what, secondsToDark);
    }
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

}  // namespace dimglow::evidence
