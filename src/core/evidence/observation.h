#pragma once

#include <variant>
#include <vector>

#include "core/evidence/answer.h"
#include "core/evidence/bridged.h"
#include "core/evidence/lamps_seen.h"
#include "core/evidence/led_checked.h"
#include "core/evidence/led_seen.h"
#include "core/evidence/light_seen.h"
#include "core/evidence/look_along.h"
#include "core/evidence/measured.h"
#include "core/evidence/not_reached.h"
#include "core/evidence/point_seen.h"
#include "core/evidence/point_taken.h"
#include "core/evidence/tester_taken.h"

/// \file
/// Any observation. The functions ask the kind that it is of; `Kind` says what they mean.

namespace dimglow::evidence {

template <Kind... K>
struct Kinds {
    using Observation = std::variant<K...>;
    using Question = std::variant<typename K::Question..., LookAlong>;
};
/// All kinds; in job files each has its word.
using AllKinds = Kinds<Answer, Measured, LightSeen, TesterTaken, LedSeen, LedChecked, Bridged, NotReached, PointTaken,
                       PointSeen, LampsSeen>;

using Observation = AllKinds::Observation;
/// What was asked, whatever the answer; equal and ordered, so that it can be a key.
using Question = AllKinds::Question;

/// Those of one kind among entries that hold an observation, in their order.
template <class K, class Entries>
std::vector<K> allOf(const Entries& entries) {
    std::vector<K> all;
    for (const auto& entry : entries) {
        if (const auto* one = std::get_if<K>(&entry.what)) {
            all.push_back(*one);
        }
    }
    return all;
}

/// What was asked: equal for readings that answer each other.
Question questionOf(const Observation& what);
/// The run of LEDs that a question is about; empty of one that is about no run.
std::optional<backlight::Run> runOf(const Question& question);
/// What says that a question of a test cannot be answered, for want of reach.
NotReached notReached(const std::string& test, const Question& question);
/// "torch", "ledPlusOn", "light", "tester", "look".
std::string testOf(const Observation& what);
/// What had to be open for it.
knowledge::Reach reachOf(const Observation& what, const knowledge::Knowledge& knowledge);

/// Holds it to the limits of a job and to the places that the set has. \throws what \p at throws, naming the member
void check(const Observation& what, const format::Check& at, const Places& places);
/// Its members beside those of the entry, its kind's word among them.
void write(const Observation& what, nlohmann::json& json);
/// \throws format::FormatError that names the member
Observation read(format::Fields& fields);

/// What was measured, in words: "LED+ at switch-on", "Tester 30 mA, strip A".
text::Text titleOf(const Observation& what, const Scene& scene);
/// A reading in words: "181.6 V, then 48.2 V", "picture seen", "dark after 0.4 s".
text::Text describe(const Observation& what, const Scene& scene);

/// Whether it is about a strip, LED or run of the description.
bool namesAPlace(const Observation& what);
/// Whether what it says hangs on the forecast of the driver.
bool isOfTheBoard(const Observation& what);
/// Whether it says something of single LEDs alone, whatever is wrong with the boards.
bool isOfUnits(const Observation& what);
/// Tells LEDs apart that it says something different of.
void split(const Observation& what, locate::CellPartition& cells);
/// Whether a fault in a cell can change what it shows.
bool touches(const Observation& what, int cell, const locate::CellPartition& cells, const Scene& scene);
/// The run that was lit for it; empty when nothing was.
std::optional<backlight::Run> lookedAlong(const Observation& what);
/// Natural log of the likelihood, up to a factor that all explanations share.
double logLikelihood(const Observation& what, Explanation& explanation);
/// What a sound set shows; empty where that is not known.
std::optional<Expectation> expected(const Observation& what, Explanation& healthy);

}  // namespace dimglow::evidence
