#pragma once

#include "core/evidence/kind.h"
#include "core/parts/part_check.h"
#include "core/set/set_state.h"

namespace dimglow::evidence {

/// A part, rail or pin of a board measured on its own.
struct PointTaken {
    static constexpr const char* kind = "point";
    static constexpr bool isOfTheBoard = false;
    static constexpr auto reach = knowledge::Reach::Boards;
    static constexpr bool namesAPlace = false;

    PointAsked asked;
    parts::PartReading reading;
    std::optional<set::SetState> state = {};  ///< of the set meanwhile; empty with mains out, or when nobody said
    bool operator==(const PointTaken&) const = default;

    using Question = PointAsked;
    Question question() const { return asked; }
    std::string testId() const { return asked.point; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static PointTaken read(format::Fields& fields);

    text::Text title(const Scene& scene) const { return titleOfPoint(asked, scene); }
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition&) const {}
    bool touches(int, const locate::CellPartition&, const Scene&) const { return false; }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

/// The verdict on it, against what is printed on the part and what its twins among \p twins read. What is not there
/// before it need be is neither good nor bad.
/// \pre the knowledge files know the point
parts::PartJudgement judge(const PointTaken& taken, const set::DisplaySet& set, const knowledge::Knowledge& knowledge,
                           const std::vector<PointTaken>& twins);

}  // namespace dimglow::evidence
