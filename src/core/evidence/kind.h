#pragma once

#include <compare>
#include <concepts>
#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/evidence/explanation.h"
#include "core/evidence/places.h"
#include "core/format/fields.h"

namespace dimglow::evidence {

/// What a kind of observation says of itself. A kind is a struct in a file of its own and an entry in the list of
/// `Observation`; nothing else in the core asks for kinds.
///
/// - `kind` is its word in job files; `testId()` the test of the knowledge files that it belongs to.
/// - `question()` is what was asked: test, place and setting. A later answer to the same question replaces it.
/// - `namesAPlace`: it refers to a channel, string, strip or LED, and means nothing once these have changed.
/// - `check()` reports what breaks a limit or refers to a place that is not there.
/// - `title()` says what was asked, `describe()` what was found, in words.
/// - `split()` parts the cells that it tells apart; `touches()` says whether a fault in a cell can change it.
/// - `isOfTheBoard`: the driver's forecast tells it, the same for all explanations with that forecast.
///   `isOfUnits()`: it reads the same under explanations with sound LEDs.
/// - `lookedAlong()`: the run whose conducting decides what it shows.
/// - `logLikelihood()` holds it against an explanation; `expected()` against a healthy set.
template <class K>
concept Kind = std::equality_comparable<K> &&
    requires(const K& what, const format::Check& at, const Places& places, nlohmann::json& json, format::Fields& fields,
             const Scene& scene, locate::CellPartition& cells, Explanation& explanation) {
    { K::kind } -> std::convertible_to<std::string>;
    { K::isOfTheBoard } -> std::convertible_to<bool>;
    { K::namesAPlace } -> std::convertible_to<bool>;
    { what.question() } -> std::same_as<typename K::Question>;
    {what.question() <=> what.question()};
    { what.testId() } -> std::same_as<std::string>;
    { what.check(at, places) } -> std::same_as<void>;
    { what.write(json) } -> std::same_as<void>;
    { K::read(fields) } -> std::same_as<K>;
    { what.title(scene) } -> std::same_as<text::Text>;
    { what.describe(scene) } -> std::same_as<text::Text>;
    { what.isOfUnits() } -> std::same_as<bool>;
    { what.split(cells) } -> std::same_as<void>;
    { what.touches(0, cells, scene) } -> std::same_as<bool>;
    { what.lookedAlong() } -> std::same_as<std::optional<backlight::Run>>;
    { what.logLikelihood(explanation) } -> std::same_as<double>;
    { what.expected(explanation) } -> std::same_as<std::optional<Expectation>>;
};

/// What the knowledge files call a test; its id when they do not know it.
text::Text titleOfTest(const std::string& test, const Scene& scene);

/// The same of a voltage, with its channel or feed where there are several.
text::Text titleOfVolts(const VoltsAsked& asked, const Scene& scene);
/// "Output diode D8".
text::Text titleOfPoint(const PointAsked& asked, const Scene& scene);
/// Every place of a set where a test of voltages is done.
std::vector<VoltsAsked> placesOf(const knowledge::TestKind& test, const backlight::Backlight& set);

/// "C2, C3, C7".
std::string namesOf(const backlight::Backlight& backlight, const std::vector<backlight::LedPlace>& places);

}  // namespace dimglow::evidence
