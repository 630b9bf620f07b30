#pragma once

#include <any>
#include <array>
#include <boost/container/small_vector.hpp>
#include <deque>
#include <exception>
#include <map>
#include <memory_resource>
#include <optional>
#include <stop_token>
#include <unordered_map>
#include <vector>

#include "core/faults/fault.h"
#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "core/locate/cells.h"
#include "core/reasoning/learning_tree.h"

namespace dimglow::reasoning {

using knowledge::Knowledge;
using knowledge::Reach;
using knowledge::StringFault;
using knowledge::SuspectKind;
using knowledge::TestKind;

/// The work was asked to stop; there is no result.
class Stopped : public std::exception {
public:
    const char* what() const noexcept override { return "stopped"; }
};

/// One complete explanation: which suspect, and where in the strings.
struct Hypothesis {
    static constexpr int everyFeed = -1;

    int suspect = 0;           ///< into Knowledge::suspects; of the likeliest LED fault when there are several
    faults::FaultList faults;  ///< rising
    int feed = everyFeed;      ///< which of several LED+ has what is wrong on the driver's side
    int part = -1;             ///< what it comes down to, into the suspect's parts; -1 when they are not told apart
    int point = -1;            ///< which of those that were written down, into the set's points; -1: none of them
    int forecast = -1;         ///< of its board readings, by CaseModel::forecastIndex()
    double logPrior = 0;       ///< of all the LED choices that the cell counts stand for together
};

using evidence::TesterForecast;

/// Predicts every reading under every hypothesis from the computed circuit.
///
/// Hypotheses that make the same circuit for a probe share one solution: LEDs of one spec in series in one string are
/// interchangeable for a reading at its ends. A test holds every shared answer against a fresh solve. Not thread-safe;
/// one per assessment.
class CaseModel {
public:
    CaseModel(const set::DisplaySet& set, const Knowledge& knowledge, locate::CellPartition partition,
              std::stop_token stop = {});
    /// Of a partition that the entries tell apart.
    CaseModel(const set::DisplaySet& set, const Knowledge& knowledge, const std::vector<job::Entry>& standing,
              std::stop_token stop);

    const std::stop_token& stop() const { return stop_; }
    /// Asked for now and then by all that works on the model. \throws Stopped
    void checkStop() const;

    const set::DisplaySet& set() const { return set_; }
    const backlight::Backlight& backlight() const { return backlight_; }
    /// Points of a kind that were written down, into the set's points.
    const std::vector<int>& pointsOf(int kind) const { return pointsOfKind_[std::size_t(kind)]; }
    /// The unit that a suspect sits in, in this kind of set; empty of what sits nowhere.
    const std::string& unitOf(const SuspectKind& suspect) const;
    const Knowledge& knowledge() const { return knowledge_; }
    const locate::CellPartition& partition() const { return partition_; }
    /// Refines the partition; solved circuits stay, hypotheses made before need refine().
    std::vector<locate::CellPartition::Parts> split(const backlight::Run& run) { return partition_.split(run); }
    /// Whether a LED of this cell can have such a fault: a die shorts only beside another, a whole step of LEDs side by
    /// side is told by its first.
    bool canHave(const locate::Cell& cell, backlight::LedFault fault) const;
    /// What the knowledge files call a fault of single LEDs.
    const text::Text& titleOf(backlight::LedFault fault) const;
    const driver::DriverReference& reference() const { return reference_; }

    /// Forecast of all board readings. The index identifies equal forecasts, so callers can tabulate by it.
    int forecastIndex(const Hypothesis& hypothesis);
    /// \p hypothesis carries its forecast index.
    const driver::DriverForecast& forecastOf(const Hypothesis& hypothesis) const {
        return forecasts_.at(hypothesis.forecast);
    }
    /// What is known of the set before any reading.
    const driver::Learning& nothingLearnt() const { return learning_.atRoot(); }
    /// What weighOfBoard() has learned under that forecast; what was told before it is asked. Valid until the next
    /// reading or forecast is asked about.
    const driver::Learning& learntUnder(int forecast) {
        const auto found = learnt_.find(forecast);
        return learning_.at(found == learnt_.end() ? LearningTree::root : found->second);
    }
    /// Natural log of the likelihood of a board observation, given those that it was asked about before under the same
    /// forecast: they hang on the same unknowns. \p hypothesis carries its forecast index.
    double weighOfBoard(const evidence::Observation& what, const Hypothesis& hypothesis);
    /// Board observations are weighed anew.
    void forgetBoard() { learnt_.clear(); }

    /// What the backlight is made of under a hypothesis, and what is wrong with it, at the first places of the cells.
    const backlight::Backlight& madeOf(const Hypothesis& hypothesis);
    backlight::Faults placed(const Hypothesis& hypothesis) const;

    /// What one channel needs under a hypothesis; channels wired alike share the answer.
    const backlight::ChannelDemand& demand(int channel, const Hypothesis& hypothesis);
    TesterForecast tester(const backlight::TesterProbe& probe, const Hypothesis& hypothesis);
    /// The forecast for a backlight without any fault.
    TesterForecast healthyTester(const backlight::TesterProbe& probe);

    /// Share of each fault at this LED, by LedFault; less than 1 when only some of its cell are faulty.
    std::array<double, backlight::ledFaultKinds> faultShares(const Hypothesis& hypothesis,
                                                             backlight::LedPlace place) const;
    /// Whether the tester has lit LEDs in this job, or shown their volts: then its leads are sound and the right way
    /// round, and a run that stays dark is dark.
    void setLeadsProven(bool proven) { leadsProven_ = proven; }
    bool leadsProven() const { return leadsProven_; }
    /// Points of the boards that were measured: those of one kind are each other's twins.
    void setPointsTaken(std::vector<evidence::PointTaken> taken) { pointsTaken_ = std::move(taken); }
    /// From here on the volts of a run are expected to be off by as much as those of other runs were: strips of one set
    /// are of one batch. No reading is held against itself; one at a lower current is held against that at a higher.
    void setTesterReadings(const std::vector<evidence::TesterTaken>& taken);
    parts::Grade gradeOf(const evidence::PointTaken& taken);
    /// Whether a run that is looked along carries current, driven as hard as it needs.
    bool conducts(const backlight::Run& run, const Hypothesis& hypothesis);
    /// How likely a fault is to be met as it came about: LEDs that stand between the driver's idle rail and the chassis
    /// are burnt out before anyone measures, and read as open (common practice, no source).
    double lasts(const faults::Fault& fault) const;
    /// Whether the set lights a LED's string around it while a jumper bridges it.
    bool lightsAround(backlight::LedPlace bridged, const Hypothesis& hypothesis);
    /// What is computed of an observation once and kept; the observation must outlive the model.
    std::any& memory(const void* observation) { return memories_[observation]; }
    /// Natural log of the likelihood of one observation that is not of the board. It may be known already whether the
    /// run that was looked along \p conducts.
    double logLikelihood(const evidence::Observation& what, const Hypothesis& hypothesis,
                         std::optional<bool> conducts = {});

private:
    /// One faulty LED as a probe sees it. LEDs in series are interchangeable; of LEDs side by side it counts which
    /// share a section and a branch, numbered as they come; with a path to the chassis the place counts.
    struct Deviation {
        int string = 0;  ///< of the circuit
        int spec = 0;    ///< into specs_
        backlight::LedFault fault = backlight::LedFault::Open;
        bool bridged = false;
        int section = 0;  ///< from 1; 0 in series
        int branch = 0;   ///< from 1; 0 in series
        int sides = 1;    ///< branches of the section
        int length = 1;   ///< LEDs of each
        int position = -1;
        auto operator<=>(const Deviation&) const = default;
    };
    /// Everything that makes a circuit another one for a probe or a driver; equal keys are equal circuits.
    struct Key {
        int circuit = 0;                                          ///< what is healthy of it
        boost::container::small_vector<Deviation, 4> deviations;  ///< rising
        boost::container::small_vector<faults::Sign, 1> signs;    ///< of faults that are not of single LEDs
        bool isHealthy() const { return deviations.empty() && signs.empty(); }
        /// Whether something of it may be of any size: a resistance, a strip of another type, a leak.
        bool isOfUnknownSize() const;
        bool operator==(const Key&) const = default;
    };
    struct KeyHash {
        std::size_t operator()(const Key& key) const;
    };
    /// What the board's readings depend on.
    struct ForecastKey {
        std::vector<const backlight::ChannelDemand*> demands;  ///< into demands_, by channel
        int behaviour = 0;                                     ///< into Knowledge::behaviours
        int feed = Hypothesis::everyFeed;                      ///< that behaves so; the others are healthy
        bool operator==(const ForecastKey&) const = default;
    };
    struct ForecastKeyHash {
        std::size_t operator()(const ForecastKey& key) const;
    };
    /// Where a LED stands among those side by side.
    struct Step {
        int section = 0;  ///< of its string
        int branch = 0;
        int sides = 1;
        int length = 1;
    };

    const Step& stepOf(const locate::Cell& cell, int position) const { return steps_[cell.stringIndex][position]; }
    /// Adds the faulty LEDs of a hypothesis, as placed(), to a key. \p see says for a LED whether the circuit has it,
    /// and completes its deviation.
    template <class See>
    void addDeviations(const Hypothesis& hypothesis, Key& key, See see) const;
    static void renumber(Key& key);
    static bool placesMatter(const Hypothesis& hypothesis);
    std::vector<double> signatureOf(const backlight::Run& run) const;
    /// How far the LEDs of a run are off their kind, as the other strips of the set have shown.
    struct Batch {
        double shift = 0;  ///< natural log
        double sigma = 0;  ///< of what is left unknown of it
    };
    Batch batchOf(const backlight::Run& run) const;

    /// What a tester showed of a run at some setting.
    struct Shown {
        backlight::TesterProbe probe;
        double volts = 0;
    };
    /// The same run at a higher current, when it was read.
    const Shown* shownAbove(const backlight::TesterProbe& probe) const;
    /// Of a run that was \p shown at another current, where it conducts under \p hypothesis at both.
    TesterForecast heldAgainst(const Shown& shown, const backlight::TesterProbe& probe, const Batch& batch,
                               const Hypothesis& hypothesis);

    /// A tester setting on a run; runs that look alike from their ends share a circuit.
    struct TesterPlace {
        bool atThePlug = false;
        int circuit = 0;
        Batch batch = {};
        const Shown* above = nullptr;             ///< into shown_
        const TesterForecast* healthy = nullptr;  ///< into testers_, once asked for
    };
    TesterPlace& testerPlace(const backlight::TesterProbe& probe);
    /// The same of LEDs that are just as their kind.
    const TesterForecast& testerOfItsKind(const backlight::TesterProbe& probe, TesterPlace& place,
                                          const Hypothesis& hypothesis);

    std::stop_token stop_;
    set::DisplaySet set_;
    const backlight::Backlight& backlight_ = set_.backlight;
    std::vector<std::vector<int>> pointsOfKind_;  ///< into the set's points, by kind
    std::vector<evidence::PointTaken> pointsTaken_;
    faults::Wiring wiring_;
    const Knowledge& knowledge_;
    locate::CellPartition partition_;
    driver::DriverReference reference_;
    std::vector<int> specOfStrip_;
    std::vector<std::vector<Step>> steps_;  ///< by string index and position
    std::vector<int> circuitOfChannel_;
    std::pmr::monotonic_buffer_resource memory_;  ///< of what is only added to
    std::pmr::unordered_map<Key, backlight::ChannelDemand, KeyHash> demands_{&memory_};
    std::vector<const backlight::ChannelDemand*>
        healthyDemands_;  ///< into demands_, by circuitOfChannel_, once asked for
    std::vector<const backlight::ChannelDemand*> soundDemands_;          ///< by channel, once asked for
    ForecastKey forecastKey_;                                            ///< of the forecast that is asked for
    std::map<std::vector<faults::Fault>, backlight::Backlight> madeOf_;  ///< by what is wrong beside LEDs
    bool leadsProven_ = false;
    bool sideBySide_ = false;  ///< some strip has LEDs side by side
    LearningTree learning_;
    std::deque<driver::DriverForecast> forecasts_;  ///< they stay where they are
    std::unordered_map<int, int> learnt_;           ///< node of learning_ by forecast
    std::pmr::unordered_map<ForecastKey, int, ForecastKeyHash> forecastIndex_{&memory_};
    std::pmr::unordered_map<Key, TesterForecast, KeyHash> testers_{&memory_};
    struct ProbeHash {
        std::size_t operator()(const backlight::TesterProbe& probe) const;
    };
    std::unordered_map<backlight::TesterProbe, TesterPlace, ProbeHash> testerPlaces_;
    std::map<std::vector<double>, int> circuits_;
    /// How far a run that is lit as a whole is off its LEDs' class.
    struct Shift {
        backlight::Run run;
        double log = 0;
    };
    std::vector<Shift> batchShifts_;
    std::vector<Shown> shown_;
    std::unordered_map<const void*, std::any> memories_;  ///< by observation
};

/// A hypothesis as observations ask it. Everything that it is given must outlive it.
class Explained : public evidence::Explanation {
public:
    /// How board readings are told, and where in a tree those taken in so far have led.
    struct Board {
        const driver::DriverForecast& forecast;
        LearningTree& learning;
        int& node;
    };
    /// \p board is empty when no board reading is asked about.
    Explained(CaseModel& model, const Hypothesis& hypothesis, std::optional<Board> board,
              std::optional<bool> conducts = {})
        : model_(model), hypothesis_(hypothesis), board_(board), conducts_(conducts) {}

    const backlight::Backlight& backlight() const override { return model_.backlight(); }
    const locate::CellPartition& cells() const override { return model_.partition(); }
    std::optional<double> answerShare(const std::string& test, const std::string& choice) const override;
    std::optional<knowledge::GradeShares> gradeShares(const evidence::PointAsked& asked) const override;
    parts::Grade gradeOf(const evidence::PointTaken& taken) override { return model_.gradeOf(taken); }
    std::optional<double> badLooksShare(const evidence::PointAsked& asked) const override;
    std::optional<driver::VoltsForecast> volts(const evidence::VoltsAsked& asked) const override;
    double take(const evidence::VoltsAsked& asked, driver::Shape shape, double volts, double rest) override;
    const driver::LightForecast& light() const override { return board_->forecast.light; }
    TesterForecast tester(const backlight::TesterProbe& probe) override;
    bool conducts(const backlight::Run& run) override {
        return conducts_ ? *conducts_ : model_.conducts(run, hypothesis_);
    }
    bool lightsAround(backlight::LedPlace bridged) override { return model_.lightsAround(bridged, hypothesis_); }
    std::array<double, backlight::ledFaultKinds> faultShares(backlight::LedPlace place) const override;
    bool leadsProven() const override { return model_.leadsProven(); }
    std::any& memory(const void* observation) override { return model_.memory(observation); }

private:
    const SuspectKind& suspect() const { return model_.knowledge().suspects[std::size_t(hypothesis_.suspect)]; }
    const knowledge::AnswerShares& answersOf(const TestKind& test) const;
    /// Null when its parts are not told apart.
    const knowledge::PartSuspect* part() const;
    /// Whether a point is the one at fault.
    bool isCulprit(int kind, const evidence::PointAsked& asked) const;

    CaseModel& model_;
    const Hypothesis& hypothesis_;
    std::optional<Board> board_;
    std::optional<bool> conducts_;
};

}  // namespace dimglow::reasoning
