#pragma once

#include <deque>
#include <optional>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/probe/explanations.h"
#include "core/probe/prediction.h"
#include "core/probe/probe.h"

namespace dimglow::probe {

/// What comes before what tells more, however little it may tell.
struct Due {
    std::vector<backlight::Run> untested = {};       ///< runs that no tester has lit yet
    std::vector<backlight::LedPlace> unproven = {};  ///< LEDs that are put to the test by themselves before named
    std::vector<std::string> wanted = {};            ///< tests and points that a verdict waits for
    std::optional<evidence::Question> again = {};    ///< to be asked again before all others
};

/// What lies before whoever chooses the next probe: the job, what has been read, what is open already and at hand, and
/// the explanations that are still possible. Everything that it is given must outlive it.
class Desk {
public:
    /// \param runs worth testing; they must have split the model's partition
    Desk(reasoning::Model& model, const reasoning::Belief& belief, const job::Job& job,
         const std::vector<backlight::Run>& runs, const Due& due);

    reasoning::Model& model() const { return model_; }
    const knowledge::Knowledge& trade() const { return model_.knowledge(); }
    const backlight::Backlight& backlight() const { return model_.backlight(); }
    evidence::Scene scene() const { return {model_.set(), model_.knowledge()}; }
    const reasoning::Belief& belief() const { return belief_; }
    const job::Job& job() const { return job_; }
    const std::vector<job::Entry>& standing() const { return model_.standing(); }
    const Explanations& explanations() const { return explanations_; }
    const std::optional<evidence::Question>& again() const { return due_.again; }

    /// Runs that are weighed against each other: of very many those with the most suspicion on them.
    const std::vector<backlight::Run>& runs() const { return runs_; }
    bool isUntested(const backlight::Run& run) const;
    const std::vector<backlight::Run>& untested() const { return due_.untested; }
    /// LEDs to be put to the test by themselves.
    const std::vector<backlight::LedPlace>& unproven() const { return due_.unproven; }
    /// Whether a verdict waits for a test or point.
    bool isWanted(const std::string& test) const;
    /// Whether a test comes first now: what it needs is open.
    bool isFirst(const std::string& test) const;
    /// What has been opened for a reading so far.
    knowledge::Reach reached() const { return reached_; }

    /// Tests of a form that can be asked for; of strips only where these are described.
    std::vector<const knowledge::TestKind*> tests(knowledge::Form form) const;
    /// Whether the light that was seen lets a test be done.
    bool suitsLight(const knowledge::TestKind& test) const;
    /// Whether a question has an answer, or cannot be reached; one to ask again has none.
    bool isAnswered(const std::string& test, const evidence::Question& question) const;
    /// A probe as its test says it, opening included.
    Probe start(const knowledge::TestKind& test, const evidence::Question& question) const;
    /// Adds what it takes to get to a place.
    void open(Probe& probe, knowledge::Reach reach) const;

    /// Words of an outcome, for as long as the desk stands.
    const text::Text& keep(text::Text words);

private:
    reasoning::Model& model_;
    const reasoning::Belief& belief_;
    const job::Job& job_;
    const Due& due_;
    Explanations explanations_;
    std::vector<backlight::Run> runs_;
    knowledge::Reach reached_ = knowledge::Reach::Outside;
    std::deque<text::Text> words_;
};

}  // namespace dimglow::probe
