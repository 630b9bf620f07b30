#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// How a part of a board looks to the eye.
struct PointSeen {
    static constexpr const char* kind = "looks";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = false;
    static constexpr const char* summedUpBy = "eyes";  ///< the question whether anything is to be seen
    enum class Looks {
        Fine,
        Bulged,
        Leaking,
        Burnt,
        Soot,
        CrackedJoint,
        Glue,      ///< it shows that somebody was there, or will be able to
        Repaired,  ///< a part, trace or pad that somebody has replaced or cut
    };

    PointAsked asked;
    Looks looks = Looks::Fine;
    bool operator==(const PointSeen&) const = default;

    struct Question {
        PointAsked asked;
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {asked}; }
    std::string testId() const { return summedUpBy; }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static PointSeen read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return false; }
    void split(locate::CellPartition&) const {}
    bool touches(int, const locate::CellPartition&, const Scene&) const { return false; }
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    /// Bad looks are strong, not proof: sound parts have them too, now and then. Glue and old repairs say nothing.
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation&) const { return std::nullopt; }
};

/// All of them, in their order; their words in files are those of `looksWords`.
inline const std::vector<const char*> looksWords = {"fine", "bulged",        "leaking", "burnt",
                                                    "soot", "cracked-joint", "glue",    "repaired"};
text::Text wordsOf(PointSeen::Looks looks);
/// Whether it speaks against the part.
bool isBad(PointSeen::Looks looks);

}  // namespace dimglow::evidence
