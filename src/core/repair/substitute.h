#pragma once

#include <optional>
#include <vector>

#include "core/job/job.h"
#include "core/parts/offers.h"
#include "core/repair/matching.h"
#include "core/text/text.h"

/// \file
/// A driver module of another make in the place of a driver whose chip is not to be had.

namespace dimglow::repair {

/// Where it is to go.
struct DriverPlace {
    std::optional<double> stringVolts;  ///< of the strips as they are described
    std::optional<double> stringAmps;
    std::optional<double> enableVolts;  ///< what the main board gives as BL_ON
    std::optional<double> supplyVolts;  ///< the rail it would hang on
};

/// Whether another driver can do the work of the set's own.
struct SubstituteVerdict {
    std::vector<Margin> margins;
    Fit fit = Fit::NotKnown;
    text::Text refusal;              ///< why it must not go in; empty when it may
    std::vector<text::Text> steps;   ///< the order of trying it
    std::vector<text::Text> losses;  ///< what the set no longer does: goes onto the report
};

/// Volts ± 15 % of the strings within its range, current no less than the strings', an open-load limit of its own no
/// more than 1.4 times the strings' volts, a current limit, an enable that BL_ON reaches, a supply that starts it
/// (common practice, no source). Without limits of its own it is refused, whatever else fits.
SubstituteVerdict judge(const parts::DriverModule& module, const DriverPlace& place);

/// What it does instead, and why: "it blinks", "it is dim".
struct Trouble {
    text::Text seen;
    text::Text why;
};
/// What goes wrong with such drivers, and what mends it.
std::vector<Trouble> troubles();

/// Where it would go in a job, as far as anybody has said.
DriverPlace driverPlaceOf(const job::Job& job);

}  // namespace dimglow::repair
