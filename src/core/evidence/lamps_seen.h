#pragma once

#include <vector>

#include "core/evidence/kind.h"
#include "core/lamps/looks.h"

namespace dimglow::evidence {

/// How each lamp looks in the seconds of light; a later look takes the place of an earlier one as a whole.
struct LampsSeen {
    static constexpr const char* kind = "lamps";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = false;

    std::vector<lamps::Look> looks;  ///< from the top; of a set that was said to have so many
    bool operator==(const LampsSeen&) const = default;

    struct Question {
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {}; }
    std::string testId() const { return "lampLooks"; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static LampsSeen read(format::Fields& fields);

    text::Text title(const Scene& scene) const { return titleOfTest(testId(), scene); }
    /// "dark: 2; dim at the ends: 1, 4; 3 lit".
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition&) const {}
    bool touches(int, const locate::CellPartition&, const Scene&) const { return false; }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    /// Nothing once the set is said to have another number of lamps.
    double logLikelihood(Explanation& explanation) const;
    /// How likely it is where a trouble shows so far.
    lamps::ByExtent likelihoodsByExtent(const lamps::Trouble& trouble) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

}  // namespace dimglow::evidence
