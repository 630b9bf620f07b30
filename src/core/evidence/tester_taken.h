#pragma once

#include "core/evidence/kind.h"

namespace dimglow::evidence {

/// A tester across a run of LEDs, or from its first LED to the chassis.
struct TesterTaken {
    static constexpr const char* kind = "tester";
    static constexpr bool isOfTheBoard = false;
    static constexpr bool namesAPlace = true;
    using Minus = backlight::TesterProbe::Minus;

    backlight::Run run;
    backlight::TesterSetting setting;
    std::optional<double> volts;  ///< empty when nobody read the tester
    std::optional<int> lit;       ///< how many of the run were seen to glow
    Minus minus = Minus::EndOfRun;
    std::vector<backlight::LedPlace> bridged = {};  ///< LEDs with a jumper across them
    bool operator==(const TesterTaken&) const = default;

    struct Question {
        backlight::Run run;
        backlight::TesterSetting setting;
        Minus minus = Minus::EndOfRun;
        std::vector<backlight::LedPlace> bridged;
        /// How the tester is put to the string.
        backlight::TesterProbe probe() const { return {run, setting, minus, false, bridged}; }
        auto operator<=>(const Question&) const = default;
    };
    Question question() const { return {run, setting, minus, bridged}; }
    std::string testId() const { return minus == Minus::Chassis ? "chassis" : "tester"; }
    backlight::TesterProbe probe() const { return question().probe(); }

    void check(const format::Check& at, const Places& places) const;
    void write(nlohmann::json& json) const;
    static TesterTaken read(format::Fields& fields);

    text::Text title(const Scene& scene) const;
    text::Text describe(const Scene& scene) const;

    bool isOfUnits() const { return minus == Minus::EndOfRun; }
    void split(locate::CellPartition& cells) const;
    bool touches(int cell, const locate::CellPartition& cells, const Scene& scene) const;
    std::optional<backlight::Run> lookedAlong() const { return std::nullopt; }
    double logLikelihood(Explanation& explanation) const;
    std::optional<Expectation> expected(Explanation& healthy) const;
};

}  // namespace dimglow::evidence
