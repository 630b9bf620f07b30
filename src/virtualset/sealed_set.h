#pragma once

#include <cstdint>
#include <map>
#include <string>

#include "core/driver/meter.h"
#include "core/driver/switch_on.h"
#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "virtualset/simulated_set.h"

namespace dimglow::virtualset {

/// What is really wrong with a simulated set; sealed until the technician has found it.
struct SealedFault {
    std::string suspect;  ///< id of the suspect kind
    backlight::Faults strings;
    std::uint32_t seed = 1;                         ///< of the spread of parts and meter
    std::optional<driver::StageChange> stage = {};  ///< of another size than the knowledge files have
    std::optional<int> feed = {};                   ///< whose driver has it; empty: upstream of all
    std::optional<int> part = {};                   ///< of the suspect's parts; empty: the likeliest
    std::string ref = {};                           ///< which of the points of that part; empty: the first
};

/// How a set does what each set of its kind does in a way of its own, and the meter that is put to it. The defaults are
/// those of no particular set (common practice, no source).
struct Manner {
    double blOnVolts = 3.3;
    double dimVolts = 2.4;
    double residueVolts = 0;  ///< on a line that nobody drives
    double meterSeconds = driver::usualWindowSeconds;
    std::optional<double> outputFarads = {};  ///< empty: as driver::StageSpec has it, as all that follow
    std::optional<double> softStartSeconds = {};
    std::optional<double> blankingSeconds = {};
    std::optional<double> hiccupSeconds = {};
    std::optional<int> restarts = driver::StageSpec().restarts;
    bool dropsDarkChannels = false;
    bool clampsOverVoltage = false;
    bool feedIsSwitched = false;   ///< no LED+ until the main board asks for power
    bool dimGoesWithBlOn = false;  ///< no DIM while no light is asked for
    /// What is seen and checked errs as often as people and parts do: answers are drawn, not the likeliest ones, and
    /// one verdict on a part in many is a false alarm, or misses the culprit.
    bool eyesErr = false;
    bool feedsTripTogether = false;  ///< the driver of a feed that trips takes the others down with it
};

/// A simulated display that answers every test as a real one with this fault would.
///
/// Voltages come from the circuit and driver model with a repeatable spread of part and meter; the same question
/// always gets the same answer. Not thread-safe.
class SealedSet : public SimulatedSet {
public:
    /// \throws std::invalid_argument when the suspect is not in \p trade
    SealedSet(backlight::Backlight backlight, SealedFault fault, const knowledge::Knowledge& trade,
              const Manner& manner = {}, std::vector<set::BoardPoint> points = {});

    const backlight::Backlight& backlight() const { return backlight_; }
    const SealedFault& fault() const { return fault_; }

    evidence::Answer answer(const std::string& test) const;
    evidence::LightSeen light() const;
    evidence::Measured measure(const std::string& test, driver::BoardPlace place = {}) const;
    evidence::TesterTaken tester(const backlight::Run& run, const backlight::TesterSetting& setting) const;
    /// Any way of putting the tester to a string.
    evidence::TesterTaken tester(const backlight::TesterProbe& probe) const;
    evidence::LedSeen look(backlight::LedPlace place, const backlight::Run& under) const;
    evidence::LedChecked check(backlight::LedPlace place, const parts::LedCheckSetting& setting) const;
    /// A point of a board; one that is not among those of the set has usual ratings.
    evidence::PointTaken check(const evidence::PointAsked& asked) const;
    parts::Ratings printedOn(const evidence::PointAsked& asked) const override;
    evidence::PointSeen look(const evidence::PointAsked& asked) const;
    evidence::Bridged bridge(backlight::LedPlace place) const;
    std::vector<evidence::Observation> take(const evidence::Question& question) const override;
    /// LED+ of a feed and its sinks from switch-on, for \p seconds.
    driver::SwitchOn switchOn(int feed, double seconds, bool plugOut = false) const;

private:
    /// How the driver's side behaves with what is wrong.
    const driver::Behaviour& behaviour() const { return trade_.behaviourOf(*suspect_, part_); }
    const backlight::PlacedFault* faultAt(backlight::LedPlace place) const;
    /// switchOn() for as long as a person watches; computed once.
    const driver::SwitchOn& watched(int feed, bool plugOut) const;
    driver::SwitchOn switchOn(int feed, double seconds, bool plugOut, std::vector<double> stops) const;
    double spread(const std::string& what) const;
    bool isCulprit(const evidence::PointAsked& asked) const;
    /// A voltage that stands still, V. \throws std::invalid_argument when there is none of that test
    double still(const std::string& test, int feed) const;
    /// What the fault makes of the driver of a feed.
    const driver::StageChange& stageOf(int feed) const;
    bool hasFeed(int feed) const;

    backlight::Backlight backlight_;
    SealedFault fault_;
    const knowledge::Knowledge& trade_;
    const knowledge::SuspectKind* suspect_;
    Manner manner_;
    driver::StageChange stage_;
    std::vector<set::BoardPoint> points_;
    const knowledge::PartSuspect* part_ = nullptr;
    mutable std::map<std::pair<int, bool>, driver::SwitchOn> watched_;  ///< by feed, and whether the plug is out
};

}  // namespace dimglow::virtualset
