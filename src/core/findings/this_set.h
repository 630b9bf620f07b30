#pragma once

#include <map>
#include <vector>

#include "core/reasoning/belief.h"

/// \file
/// What readings have taught of this very set, and what it would read if it were sound.

namespace dimglow::findings {

/// A voltage of the set that nobody can know before it is read off or measured.
struct Known {
    /// Computed: from the strips as they were described, and no reading has told more.
    enum class From { NotYet, Computed, Readings, Description };
    driver::Reference what = driver::Reference::Idle;
    From from = From::NotYet;
    double volts = 0;       ///< median
    double sigmaVolts = 0;  ///< one sigma
    int feed = 0;           ///< whose
};

/// What is known of the set under all explanations together.
driver::Quantities learntOf(reasoning::Model& model, const reasoning::Belief& belief);

/// Idle, LED−, and of each feed LED+ in regulation and over-voltage level.
/// \param before what was known before any reading
std::vector<Known> knownOf(const backlight::Backlight& backlight, const driver::Quantities& before,
                           const driver::Quantities& known);

/// What a healthy set would read, as far as that has been learned. What was computed from described strips stays.
driver::DriverReference referenceOf(const backlight::Backlight& backlight, driver::DriverReference reference,
                                    const driver::Quantities& known);

/// A driver's description with what readings have taught of it, for the next set of its kind. \p thisSet is that of an
/// assessment: of each feed, the strings before the over-voltage level.
backlight::DriverSpec withLearned(backlight::DriverSpec driver, const std::vector<Known>& thisSet);

/// What a healthy set reads.
struct Expected {
    std::map<int, evidence::Expectation> byEntry;  ///< by entry id, of entries that are voltages
    std::map<evidence::Measured::Question, driver::Band> volts;
    std::vector<double> stripVolts;  ///< at the bench tester's current, by strip; empty of strips not described
};
/// By what is known of the set: \p known is what a sound one has taught.
Expected expectedOf(reasoning::Model& model, const job::Job& job, const driver::Quantities& known);

/// The volts that cautions speak of.
double highestOverVolts(const driver::Quantities& known, std::size_t feeds);  ///< where drivers may give up
double workingVolts(const driver::DriverReference& reference);                ///< the highest LED+ in regulation
bool isLedPlusKnown(const driver::DriverReference& reference);                ///< in regulation, of every feed

}  // namespace dimglow::findings
