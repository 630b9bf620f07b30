#pragma once

#include <any>
#include <deque>
#include <exception>
#include <map>
#include <memory_resource>
#include <optional>
#include <stop_token>
#include <unordered_map>
#include <vector>

#include "core/evidence/sign.h"
#include "core/faults/fault.h"
#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "core/reasoning/learning_tree.h"
#include "core/strings/led_strings.h"

namespace dimglow::reasoning {

using knowledge::Knowledge;
using knowledge::SuspectKind;

/// The work was asked to stop; there is no result.
class Stopped : public std::exception {
public:
    const char* what() const noexcept override { return "stopped"; }
};

/// One complete explanation: which suspect, and where in the light source.
struct Hypothesis {
    static constexpr int everyFeed = -1;

    /// Into Knowledge::suspects; of the likeliest fault of units when there are several, and of the boards when there
    /// is one there too.
    int suspect = 0;
    faults::FaultList faults;  ///< rising
    int feed = everyFeed;      ///< which of several LED+ has what is wrong on the driver's side
    int part = -1;             ///< what it comes down to, into the suspect's parts; -1 when they are not told apart
    int point = -1;            ///< which of those that were written down, into the set's points; -1: none of them
    int course = -1;           ///< into the suspect's courses; -1: as its part or the suspect behaves
    int forecast = -1;         ///< of its board readings, by Model::forecastIndex()
    double logPrior = 0;       ///< of all the choices of units that the counts of its sites stand for together
};

/// A set, what the trade knows, and what has been read: predicts every reading under every hypothesis.
///
///     Model model(job.set, knowledge, findings::standingEvidence(job, knowledge));
///     const Belief belief = infer(model);
///
/// It is made of those three and never changed; forecasts and circuits are computed once and kept. Not thread-safe; one
/// per assessment.
class Model {
public:
    /// \param standing entries that count, in trail order
    /// \param stop asked for now and then
    Model(const set::DisplaySet& set, const Knowledge& knowledge, const std::vector<job::Entry>& standing,
          std::stop_token stop = {});
    /// With LEDs told apart from the start that no entry tells apart.
    Model(const set::DisplaySet& set, const Knowledge& knowledge, std::vector<job::Entry> standing,
          locate::CellPartition partition, std::stop_token stop = {});

    /// \throws Stopped
    void checkStop() const;
    const std::stop_token& stop() const { return stop_; }

    const set::DisplaySet& set() const { return set_; }
    const backlight::Backlight& backlight() const { return set_.backlight; }
    const Knowledge& knowledge() const { return knowledge_; }
    const std::vector<job::Entry>& standing() const { return standing_; }
    const SuspectKind& suspectOf(const Hypothesis& hypothesis) const {
        return knowledge_.suspects[std::size_t(hypothesis.suspect)];
    }
    /// How the driver's side behaves where it is so.
    const driver::Behaviour& behaviourOf(const Hypothesis& hypothesis) const;
    /// Points of a kind that were written down, into the set's points.
    const std::vector<int>& pointsOf(int kind) const { return pointsOfKind_[std::size_t(kind)]; }
    /// The unit that a suspect sits in, in this kind of set; empty of what sits nowhere.
    const std::string& unitOf(const SuspectKind& suspect) const { return knowledge_.unitOf(suspect, set_); }
    /// Whether this kind of set has the block that a suspect sits in.
    bool canHave(const SuspectKind& suspect) const {
        return isIn_[std::size_t(&suspect - knowledge_.suspects.data())] != 0;
    }
    /// How often a suspect is met in this kind of set.
    double weightOf(const SuspectKind& suspect) const;
    const driver::DriverReference& reference() const { return reference_; }

    /// What gives the light.
    source::LightSource& source() { return strings_; }
    const source::LightSource& source() const { return strings_; }
    /// The same, as the strings of LEDs that it is.
    strings::LedStrings& strings() { return strings_; }
    const strings::LedStrings& strings() const { return strings_; }

    /// Forecast of all board readings. The index identifies equal forecasts, so callers can tabulate by it.
    int forecastIndex(const Hypothesis& hypothesis);
    const driver::DriverForecast& forecast(int index) const { return forecasts_.at(std::size_t(index)); }
    /// What is known of the set before any reading.
    const driver::Learning& nothingLearnt() const { return learning_.atRoot(); }
    /// What readings of the board have taught, by node.
    LearningTree& learning() { return learning_; }

    /// What of standing entries bears on others, in trail order.
    const std::vector<evidence::Sign>& signs() const { return signs_; }
    /// Whether somebody saw the set stay lit.
    bool staysLit() const { return staysLit_; }
    /// The verdict on a part, rail or pin, held against its twins that were measured.
    parts::Grade gradeOf(const evidence::PointTaken& taken) const;
    /// The same of a standing entry; it cannot be told of one that is no reading of such.
    parts::Grade gradeOf(std::size_t entry) const { return grades_[entry]; }
    /// What is computed of an entry once and kept.
    std::any& memory(std::size_t entry) { return memories_[entry]; }

private:
    /// What the board's readings depend on.
    struct ForecastKey {
        std::vector<source::DemandIndex> demands;  ///< by channel
        int behaviour = 0;                         ///< into Knowledge::behaviours
        int feed = Hypothesis::everyFeed;          ///< that behaves so; the others are healthy
        bool operator==(const ForecastKey&) const = default;
    };
    struct ForecastKeyHash {
        std::size_t operator()(const ForecastKey& key) const;
    };

    const std::stop_token stop_;
    const set::DisplaySet set_;
    const Knowledge& knowledge_;
    const std::vector<job::Entry> standing_;
    const driver::DriverReference reference_;
    std::vector<char> isIn_;                      ///< by suspect
    std::vector<std::vector<int>> pointsOfKind_;  ///< into the set's points, by kind
    std::vector<evidence::PointTaken> pointsTaken_;
    std::vector<evidence::Sign> signs_;  ///< by entry
    std::vector<parts::Grade> grades_;   ///< by entry
    bool staysLit_ = false;
    std::vector<std::any> memories_;  ///< by entry
    LearningTree learning_;
    strings::LedStrings strings_;
    std::vector<source::DemandIndex> soundDemands_;  ///< by channel
    std::vector<driver::DriverForecast> forecasts_;
    std::pmr::monotonic_buffer_resource memory_;  ///< of what is only added to
    std::pmr::unordered_map<ForecastKey, int, ForecastKeyHash> forecastIndex_{&memory_};
};

}  // namespace dimglow::reasoning
