#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/format/fields.h"
#include "core/parts/offers.h"
#include "core/plan/scene.h"
#include "core/plan/universal.h"

/// \file
/// What is said of a fix beside which one it is: the current, what is bought, the strips that are cut to fit.

namespace dimglow::job {

/// What makes the strings' current, as found and as it is to be.
struct CurrentChange {
    std::string foundResistors;  ///< as parts::readResistors() reads them
    std::string newResistors;
    std::string brightness;  ///< that the current was measured at, in the technician's words
    bool operator==(const CurrentChange&) const = default;
};

/// Universal strips, as they are bought and as they are to lie.
struct Universal {
    plan::StripStock stock;
    plan::Aim aim = plan::Aim::OldPlaces;
    int segmentsPerRow = 0;               ///< 0: by the driver's volts
    std::vector<plan::KeepOut> keepOuts;  ///< of all rows
    bool operator==(const Universal&) const = default;
};

/// Old and new beside each other.
struct Matching {
    parts::LedOffer oldLed;
    parts::LedOffer newLed;
    parts::StripFigures oldStrip;
    parts::StripFigures newStrip;
    std::string oldPart;  ///< as printed, "470u 63V"
    std::string newPart;
    std::optional<double> stressVolts;  ///< that the part sees where it sits
    std::optional<double> stressAmps;
    bool operator==(const Matching&) const = default;
};

/// A calculation that is kept with the job.
struct PinnedSum {
    std::string sum;  ///< id of a sum
    std::map<std::string, double> given;
    bool operator==(const PinnedSum&) const = default;
};

/// All of it.
struct FixDetails {
    CurrentChange current;
    plan::BoxGiven box;
    std::optional<Universal> universal;
    Matching matching;
    std::optional<parts::DriverModule> module;
    std::optional<double> gapMm;        ///< air under the strips, as found; empty: flush, or nobody looked
    std::optional<double> roomCelsius;  ///< where the set stands when it is used; empty: a usual room
    std::vector<PinnedSum> sums;
    bool operator==(const FixDetails&) const = default;
};

nlohmann::json toJson(const FixDetails& details);
FixDetails readFixDetails(format::Fields fields);
/// Holds it to its limits.
void check(const format::Check& at, const FixDetails& details);

}  // namespace dimglow::job
