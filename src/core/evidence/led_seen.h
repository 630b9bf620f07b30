#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// One LED looked at while a tester drives its run.
struct LedSeen {
    static constexpr const char* kind = "led";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = true;
    enum class Glow { Lit, Dim, Dark, Tinted };

    backlight::LedPlace place;
    Glow glow = Glow::Lit;
    backlight::Run under;  ///< the run that was driven
    bool operator==(const LedSeen&) const = default;

    struct Question {
        backlight::LedPlace place;
        backlight::Run under;
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {place, under}; }
    std::string testId() const { return "look"; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static LedSeen read(format::Fields& fields);

    text::Text title(const Scene&) const { return text::say("LED seen"); }
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return true; }
    void split(locate::CellPartition& cells) const;
    bool touches(int cell, const locate::CellPartition& cells, const Scene& scene) const;
    std::optional<backlight::Run> lookedAlong() const { return under; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

/// "lit", "dim", "dark", "tinted".
text::Text wordsOf(LedSeen::Glow glow);

}  // namespace dimglow::evidence
