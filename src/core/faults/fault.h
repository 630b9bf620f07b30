#pragma once

#include <boost/container/small_vector.hpp>
#include <cstddef>
#include <string>
#include <variant>
#include <vector>

#include "core/faults/dead_sink.h"
#include "core/faults/faulty_units.h"
#include "core/faults/joint.h"
#include "core/faults/leak.h"
#include "core/faults/other_strip.h"
#include "core/knowledge/knowledge.h"

/// \file
/// Any fault, and lists of them: what an explanation says is wrong with the strings. The functions ask the mechanism;
/// `Mechanism` says what they mean.

namespace dimglow::faults {

template <Mechanism... M>
struct Mechanisms {
    using Fault = std::variant<FaultyUnits, M...>;
    using Sign = std::variant<typename M::Sign...>;
};
using AllMechanisms = Mechanisms<Joint, OtherStrip, Leak, DeadSink>;

using Fault = AllMechanisms::Fault;
/// What a fault other than of single LEDs is for one circuit.
using Sign = AllMechanisms::Sign;

/// Any number of faults at once, rising; empty when the strings are sound. Up to four need no memory of their own.
using FaultList = boost::container::small_vector<Fault, 4>;

/// Every place and size of what the knowledge files call \p kind; none for faults of single LEDs
/// and for suspects that are not in the strings.
std::vector<Fault> candidatesFor(knowledge::StringFault kind, const backlight::Backlight& set);

/// \returns null when it is not of single LEDs
inline const FaultyUnits* asUnits(const Fault& fault) {
    return std::get_if<FaultyUnits>(&fault);
}
/// How many LEDs are faulty.
int faultyUnitCount(const FaultList& faults);
/// Whether a floating tester on LEDs reads as if none of them were there.
bool leaveLedsSound(const FaultList& faults);
/// Whether a string touches the chassis.
bool holdsLeak(const FaultList& faults);
/// Whether nobody knows how much one of them changes: a joint, a strip of another type, a leaky LED.
bool isOfUnknownSize(const FaultList& faults);

/// Puts it among what is wrong with the set, if it is not of what the set is made of. Not for faults of single LEDs:
/// these have no place yet.
void addTo(backlight::Faults& wrong, const Fault& fault);
/// Whether it changes what the set is made of.
bool remakes(const Fault& fault);
/// Makes the set what it is with the fault. \pre remakes()
void remake(backlight::Backlight& made, const Fault& fault);

/// What follows asks for a fault that is not of single LEDs.
text::Text titleOf(const Fault& fault, const backlight::Backlight& set, const text::Text& kind);
/// The strip that it sits on, or in front of.
int stripOf(const Fault& fault, const backlight::Backlight& set);
/// What a channel's circuit sees of it; empty where that is nothing.
std::optional<Sign> signInChannel(const Fault& fault, const Wiring& wiring, int channel, bool placesMatter);
/// The same of a tester on a run.
std::optional<Sign> signOnBench(const Fault& fault, const Wiring& wiring, const Bench& bench);

/// For hash tables; equal signs and faults have equal hashes.
std::size_t hashOf(const Sign& sign);
std::size_t hashOf(const FaultList& faults);

}  // namespace dimglow::faults
