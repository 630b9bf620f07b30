#pragma once

#include <boost/container/small_vector.hpp>
#include <deque>
#include <map>
#include <memory>
#include <memory_resource>
#include <unordered_map>
#include <vector>

#include "core/driver/quantities.h"
#include "core/job/job.h"
#include "core/locate/cells.h"
#include "core/source/light_source.h"

namespace dimglow::strings {

using evidence::TesterForecast;
using faults::FaultList;

/// How likely each LED is faulty, by strip and LED.
using LedShares = std::vector<std::vector<double>>;

/// Strings of LEDs as a light source: every reading of them under any faults, from the computed circuit. Its sites are
/// the cells of a partition, its units LEDs, the kinds of fault of single units those of backlight::LedFault.
///
/// Faults that make the same circuit for a probe share one solution: LEDs of one spec in series in one string are
/// interchangeable for a reading at its ends. A test holds every shared answer against a fresh solve.
class LedStrings : public source::LightSource {
public:
    /// Set, knowledge and \p standing must outlive it.
    /// \param known what is known of the driver before any reading
    /// \param standing what has been read: strips of one set are of one batch, so that the volts of a run are expected
    ///     to be off by as much as those of other runs were
    /// \param partition as fine as these entries at least
    LedStrings(const set::DisplaySet& set, const knowledge::Knowledge& knowledge, const driver::Quantities& known,
               const std::vector<job::Entry>& standing, locate::CellPartition partition);

    ~LedStrings() override;

    const backlight::Backlight& backlight() const { return backlight_; }
    const locate::CellPartition& partition() const { return partition_; }
    /// Refines the partition; solved circuits stay, faults made before need reasoning::refine().
    source::Split split(const backlight::Run& run);

    /// What the knowledge files call a fault of single LEDs.
    const text::Text& titleOf(backlight::LedFault fault) const;
    /// What the backlight is made of with those faults, and what is wrong with it, at the first places of the cells.
    /// Faults of one strip go to different steps where LEDs stand side by side, as long as there are any.
    const backlight::Backlight& madeOf(const FaultList& faults);
    backlight::Faults placed(const FaultList& faults) const;
    /// What one channel needs; channels wired alike share the answer.
    const backlight::ChannelDemand& demand(int channel, const FaultList& faults) {
        return demandAt(demandIndex(channel, faults));
    }
    TesterForecast tester(const backlight::TesterProbe& probe, const FaultList& faults);
    /// Share of each fault at this LED, by LedFault; less than 1 when only some of its cell are faulty.
    std::array<double, backlight::ledFaultKinds> faultShares(const FaultList& faults, backlight::LedPlace place) const;
    /// Whether a run that is looked along carries current, driven as hard as it needs.
    bool conducts(const backlight::Run& run, const FaultList& faults);
    /// Whether a driver that does its part lights a LED's string around it while a jumper bridges it.
    bool lightsAround(backlight::LedPlace bridged, const FaultList& faults);
    /// Shares of sites as shares of their LEDs; empty of strips that nobody has described.
    LedShares spread(const std::vector<double>& bySite) const;
    /// Whether the tester has lit LEDs in this job, or shown their volts: then its leads are sound and the right way
    /// round, and a run that stays dark is dark.
    bool leadsProven() const { return leadsProven_; }

    int siteCount() const override { return int(partition_.cells().size()); }
    int unitsAt(int site) const override { return int(cellAt(site).positions.size()); }
    int unitCount() const override { return backlight_.ledCount(); }
    bool isDescribed() const override { return backlight_.isDescribed; }
    source::MaybeOne mayBeOneWith(int site) const override;
    const std::vector<source::UnitFault>& unitFaults() const override { return unitFaults_; }
    /// A die shorts only beside another, a whole step of LEDs side by side is told by its first.
    bool canHave(source::SiteIndex site, source::UnitFaultIndex kind) const override;
    bool holds(const knowledge::SuspectKind& suspect) const override {
        return suspect.strings != knowledge::StringFault::None;
    }
    std::vector<source::Candidate> candidates(const knowledge::SuspectKind& suspect) const override;
    /// How likely a fault is to be met as it came about: LEDs that stand between the driver's idle rail and the chassis
    /// are burnt out before anyone measures, and read as open (common practice, no source).
    double lasts(const faults::Fault& fault) const;
    std::vector<source::Marked> marked() const override;
    bool leavesUnitsSound(const FaultList& faults) const override { return faults::leaveLedsSound(faults); }
    bool touches(const evidence::Observation& what, int site) const override;
    std::optional<source::DrivenIndex> drivenFor(const evidence::Observation& what) override;
    int drivenCount() const override { return int(driven_.size()); }
    bool isDriven(source::DrivenIndex driven, source::SiteIndex site) const override {
        return locate::inside(cellAt(site), driven_[std::size_t(driven)]);
    }
    bool conducts(source::DrivenIndex driven, const FaultList& faults) override {
        return conducts(driven_[std::size_t(driven)], faults);
    }
    evidence::StringAnswers& strings(const source::Under& under) override;
    void demandsOf(const FaultList& faults, std::vector<source::DemandIndex>& byChannel) override;
    const backlight::ChannelDemand& demandAt(source::DemandIndex demand) const override {
        return demands_[std::size_t(demand)];
    }
    std::vector<source::DemandIndex> soundDemands() override;
    text::Text titleOf(const FaultList& faults, const knowledge::SuspectKind& suspect) const override;
    FaultList named(const FaultList& faults) const override;

private:
    /// One faulty LED as a probe sees it. LEDs in series are interchangeable; of LEDs side by side it counts which
    /// share a section and a branch, numbered as they come; with a path to the chassis the place counts.
    struct Deviation {
        int string = 0;  ///< of the circuit
        int spec = 0;    ///< by specOfStrip_
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
    /// Where a LED stands among those side by side.
    struct Step {
        int section = 0;  ///< of its string
        int branch = 0;
        int sides = 1;
        int length = 1;
    };

    int maybeOneChannel(int channel) const;
    const Step& stepOf(const locate::Cell& cell, int position) const { return steps_[cell.stringIndex][position]; }
    /// Adds the faulty LEDs, as placed(), to a key. \p see says for a LED whether the circuit has it, and completes its
    /// deviation.
    template <class See>
    void addDeviations(const FaultList& faults, Key& key, See see) const;
    static void renumber(Key& key);
    static bool placesMatter(const FaultList& faults);
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
    /// Of a run that was \p shown at another current, where it conducts with \p faults at both.
    TesterForecast heldAgainst(const Shown& shown, const backlight::TesterProbe& probe, const Batch& batch,
                               const FaultList& faults);

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
                                          const FaultList& faults);

    const locate::Cell& cellAt(int site) const { return partition_.cells()[std::size_t(site)]; }
    source::DemandIndex demandIndex(int channel, const FaultList& faults);
    void nameSpecs();
    void nameCircuits();
    void findSteps();
    void learnFromTester();
    /// Whether somebody counted LEDs alight while a tester drove a run.
    bool conductedWhenRead(const backlight::Run& run) const;
    void countReturns();
    bool hasRightVolts(const evidence::TesterTaken& taken);
    text::Text titleWithoutPlace(const FaultList& faults, const knowledge::SuspectKind& suspect) const;
    /// What an observation of strings asks; it answers for the explanation that was handed over last.
    class Answers;

    const evidence::Scene scene_;
    const backlight::Backlight& backlight_ = scene_.backlight;
    const knowledge::Knowledge& knowledge_ = scene_.knowledge;
    const driver::Quantities known_;  ///< before any reading
    const std::vector<job::Entry>& standing_;
    faults::Wiring wiring_;
    locate::CellPartition partition_;
    std::vector<source::UnitFault> unitFaults_;
    std::vector<backlight::Run> driven_;
    std::vector<int> specOfStrip_;
    std::vector<std::vector<Step>> steps_;  ///< by string index and position
    std::vector<int> circuitOfChannel_;
    std::pmr::monotonic_buffer_resource memory_;  ///< of what is only added to
    std::pmr::unordered_map<Key, source::DemandIndex, KeyHash> demandIndex_{&memory_};
    std::deque<backlight::ChannelDemand> demands_;
    std::vector<source::DemandIndex> healthyDemands_;  ///< by circuitOfChannel_; -1 until it is asked for
    std::map<std::vector<faults::Fault>, backlight::Backlight> madeOf_;  ///< by what is wrong beside LEDs
    double oneStringShare_ = 0;  ///< that an LED+ feeds one string, where two stand for strips that nobody described
    bool leadsProven_ = false;
    bool sideBySide_ = false;  ///< some strip has LEDs side by side
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
    std::unique_ptr<Answers> answers_;
};

}  // namespace dimglow::strings
