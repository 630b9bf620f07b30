#pragma once

#include <concepts>
#include <vector>

#include "core/probe/desk.h"

namespace dimglow::probe {

/// What the explanations predict of a probe.
struct Predicted {
    Prediction prediction;      ///< one for each class, in their order
    const Classes& classes;     ///< of the desk's explanations
    double extraBits = 0;       ///< what it tells beside that
    bool isWorthAsking = true;  ///< false of one that would hardly ever show anything
    bool isAwaited = false;     ///< it comes before what tells more, however little it may tell
};

/// What a kind of probe says of itself. A kind is a struct in a file of its own under `kinds/` and an entry in the list
/// of `kinds.h`; desk, prediction, ranking and wording ask for no kind.
///
/// - `askable()` are the probes of its kind that this job may ask for, answered ones among them.
/// - `question()` is what would be asked: an answer to it is the reading that was asked for.
/// - `probe()` is how it is shown: title, way to do it, minutes, tools, what is to be opened.
/// - `predict()` is what each class of explanations says of it.
template <class K>
concept Kind = requires(const K& what, Desk& desk) {
    { K::askable(desk) } -> std::same_as<std::vector<K>>;
    { what.question() } -> std::same_as<evidence::Question>;
    { what.probe(desk) } -> std::same_as<Probe>;
    { what.predict(desk) } -> std::same_as<Predicted>;
};

}  // namespace dimglow::probe
