#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/hands/opening.h"
#include "core/set/light_kind.h"

/// \file
/// What the trade knows of taking sets apart: read from hands.json.

namespace dimglow::hands {

/// A way to the LEDs.
struct Way {
    std::string id;
    text::Text title;
    text::Text say;             ///< how it is done, and what can hurt
    double minutes = 0;         ///< of a set of usualInches
    double perInchMinutes = 0;  ///< beside, for each inch over that
    double breaks = 0;          ///< chance that the glass breaks, two people, no adhesive, usualInches
    std::vector<text::Text> needs;
};

/// How a kind of set is usually put together, as a start that somebody corrects.
struct Layout {
    std::string id;
    text::Text title;
    std::vector<std::string> lines;  ///< as readLayerLine() reads them
};

/// Something to be looked at while a set is closed, after or before a layer goes on.
struct CheckKind {
    std::string id;
    text::Text title;
    std::vector<LayerKind> after;  ///< due when one of these is back on; empty: before
    std::optional<LayerKind> before;
    std::optional<set::LightKind> light = {};  ///< only of sets of that light
};

/// Something to be seen or heard of the closed set.
struct LookKind {
    std::string id;
    text::Text title;
    text::Text how;
};

/// What a step may be answered with.
struct StepChoice {
    std::string id;
    text::Text title;
};

/// One thing done with the hands in a repair.
struct WorkStep {
    std::string id;
    text::Text title;
    text::Text caution;
    double minutes = 0;
    bool isPerLed = false;  ///< done for each faulty LED
    text::Text reads;       ///< the reading that proves it; empty without one
    std::string unit;       ///< of that reading
    std::vector<StepChoice> choices = {};
};

/// What the trade knows of taking sets apart and closing them; read from hands.json.
struct Trade {
    double usualInches = 43;
    double oneMansTimes = 1;   ///< the risk of lifting the glass alone, over that of two people
    double adhesiveTimes = 1;  ///< of glass that is glued or taped
    double perInchBreaks = 0;  ///< added to the risk for each inch over usualInches, as a share of it
    std::vector<Way> ways;     ///< the usual one first
    std::vector<Layout> layouts;
    std::vector<CheckKind> checks;  ///< in the order they come up while a set is closed
    std::vector<LookKind> looks;
    std::vector<WorkStep> steps;

    const Way* way(const std::string& id) const;  ///< null when there is none
    const WorkStep* step(const std::string& id) const;
    const Layout* layout(const std::string& id) const;
};

/// What opening the panel takes, and risks.
struct OpeningCost {
    double minutes = 0;
    double breaks = 0;  ///< chance
};
/// By the way that was chosen, or else the usual one. \param inches the diagonal; 0 where nobody knows it
OpeningCost openingCost(const Opening& opening, const Trade& trade, double inches);

}  // namespace dimglow::hands
