#pragma once

#include <any>
#include <optional>

#include "core/reasoning/model.h"

namespace dimglow::reasoning {

/// A hypothesis as observations ask it. Model and hypothesis must outlive it.
///
///     Explained(model, hypothesis).strings().tester({run, setting}).volts
class Explained : public evidence::Explanation, public evidence::BoardAnswers {
public:
    /// How board readings are told, and where in the tree those taken in so far have led.
    struct Board {
        const driver::DriverForecast& forecast;
        LearningTree& learning;
        int& node;
    };
    /// What it is asked for.
    struct About {
        std::optional<std::size_t> entry = {};  ///< of the model's, which is held against it
        std::optional<Board> board = {};        ///< empty when no board reading is asked about
        std::optional<bool> conducts = {};      ///< whether what is looked along does, where that is known already
    };
    Explained(Model& model, const Hypothesis& hypothesis) : Explained(model, hypothesis, About{}) {}
    Explained(Model& model, const Hypothesis& hypothesis, const About& about);

    evidence::BoardAnswers& board() override { return *this; }
    evidence::StringAnswers& strings() override { return model_.source().strings(under_); }
    std::any& memory() override { return about_.entry ? model_.memory(*about_.entry) : memory_; }

    std::optional<double> answerShare(const std::string& test, const std::string& choice) const override;
    std::optional<knowledge::GradeShares> gradeShares(const evidence::PointAsked& asked) const override;
    parts::Grade gradeOf(const evidence::PointTaken& taken) override;
    bool isExact(const evidence::PointTaken& taken) const override;
    std::optional<double> badLooksShare(const evidence::PointAsked& asked) const override;
    std::optional<driver::VoltsForecast> volts(const evidence::VoltsAsked& asked) const override;
    double take(const evidence::VoltsAsked& asked, driver::Shape shape, double volts, double rest) override;
    const driver::LightForecast& light() const override { return about_.board->forecast.light; }
    std::optional<lamps::Trouble> lampTrouble(int lamps) const override;

private:
    const SuspectKind& suspect() const { return model_.suspectOf(hypothesis_); }
    const knowledge::AnswerShares& answersOf(const knowledge::TestKind& test) const;
    /// Null when its parts are not told apart.
    const knowledge::PartSuspect* part() const;
    /// Whether a point is the one at fault.
    bool isCulprit(int kind, const evidence::PointAsked& asked) const;
    knowledge::GradeShares gradesWhileOn(int kind, const evidence::PointAsked& asked) const;
    /// How much of the row that a part stands in is worn out.
    double wornShareOfRow(int kind, const evidence::PointAsked& asked) const;
    knowledge::GradeShares gradesOfRow(int kind, const evidence::PointAsked& asked,
                                       const knowledge::GradeShares& sound) const;
    double answerWhileOn(const knowledge::TestKind& test, const std::string& choice) const;
    /// How far the trouble shows in the lamps, by what was seen of that before the entry that it is asked for.
    lamps::ByExtent extents() const;
    /// Share of an answer where it shows so far, those of the suspect over all extents being what they are.
    lamps::ByExtent answerByExtent(const knowledge::TestKind& test, const std::string& choice) const;
    /// How likely the main board has taken the set down, by what was noticed before the entry that it is asked for.
    double shutDownShare() const;
    double takenBackShare(int kind) const;
    /// Those before it come before the entry that it is asked for; all of them when it is asked for none.
    std::size_t beforeEntry() const;

    Model& model_;
    const Hypothesis& hypothesis_;
    const About about_;
    const source::Under under_;
    std::any memory_;
};

}  // namespace dimglow::reasoning
