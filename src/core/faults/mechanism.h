#pragma once

#include <compare>
#include <concepts>
#include <optional>
#include <string>
#include <tuple>
#include <vector>

#include "core/backlight/wiring.h"

namespace dimglow::faults {

/// A set as it was made, and what mechanisms look up in it again and again.
struct Wiring {
    explicit Wiring(const backlight::Backlight& made);

    const backlight::Backlight& set;
    std::vector<std::vector<backlight::Run>> runsOnStrip;
};

/// The strip that the point before a LED of a string belongs to; at the string's end, its last one.
int stripAt(const backlight::Backlight& set, const backlight::StringRef& string, int before);

/// A tester on a run, as a fault sees it.
struct Bench {
    const backlight::TesterProbe& probe;
    bool atThePlug = false;     ///< across the whole string, so that its harness is in the path
    bool placesMatter = false;  ///< LEDs and joints in series are not interchangeable: a jumper or the chassis is there

    bool toChassis() const { return probe.minus == backlight::TesterProbe::Minus::Chassis; }
    /// The last position of the run's string that the tester's current may reach.
    int lastReached(int lastOfString) const { return toChassis() ? lastOfString : probe.run.last; }
};

template <class M>
concept Adds = requires(const M& what, backlight::Faults& wrong) {
    { what.addTo(wrong) } -> std::same_as<void>;
};
template <class M>
concept Remakes = requires(const M& what, backlight::Backlight& made) {
    { what.remake(made) } -> std::same_as<void>;
};

/// A way in which something other than single LEDs goes wrong. Each is a struct of full values in a file of its own and
/// an entry in the list of `Fault`.
///
/// - `candidates()` are all the places and sizes that it may have in a set.
/// - `addTo()` puts it among what is wrong with the set, or `remake()` changes what the set is made of.
/// - `title()` says it in words, down to the strip; \p kind is what the knowledge files call it.
/// - `strip()` is the strip that a repair concerns.
/// - `inChannel()` and `onBench()` are its sign there: equal signs make equal circuits; empty when it is not in the
///   circuit at all.
/// - `fields()` are its members, for hash tables.
/// - `leavesLedsSound`: a floating tester on LEDs reads as if it were not there.
template <class M>
concept Mechanism = std::totally_ordered<M> && std::equality_comparable<typename M::Sign> &&
    (Adds<M> || Remakes<M>)&&requires(const M& what, const typename M::Sign& sign, const Wiring& wiring,
                                      const Bench& bench) {
    { M::candidates(wiring.set) } -> std::same_as<std::vector<M>>;
    { M::leavesLedsSound } -> std::convertible_to<bool>;
    { what.title(wiring.set, text::Text()) } -> std::same_as<text::Text>;
    { what.strip(wiring.set) } -> std::same_as<int>;
    { what.inChannel(wiring, 0, true) } -> std::same_as<std::optional<typename M::Sign>>;
    { what.onBench(wiring, bench) } -> std::same_as<std::optional<typename M::Sign>>;
    {what.fields()};
    {sign.fields()};
};

}  // namespace dimglow::faults
