#pragma once

#include <optional>
#include <vector>

#include "core/parts/resistors.h"
#include "core/text/text.h"

/// \file
/// The current of the strings and the resistors that make it.
///
/// There are two kinds of drivers, and they have no formula in common. One *senses*: the current runs through tenths of
/// ohms until it drops a reference across them, I = Vref/Rsense. The other is *set*: kilo-ohms at a pin of its chip say
/// how much it is to give, I = k/Rset. In both, more ohms are less current.

namespace dimglow::repair {

/// How a driver is told its current.
enum class CurrentBy {
    Sense,  ///< tenths of ohms that the current runs through
    Set,    ///< kilo-ohms at a pin, which carry next to nothing
};

/// What a driver does with its resistors, from one pair that was measured.
struct CurrentLaw {
    CurrentBy by = CurrentBy::Sense;
    double constant = 0;  ///< Vref in V of Sense, k in V of Set

    double amps(double ohms) const { return constant / ohms; }
    double ohms(double amps) const { return constant / amps; }
};

/// By which of the two a resistor can only work: from 100 Ω down it senses, from 300 Ω up it sets (common practice, no
/// source). Empty between.
std::optional<CurrentBy> kindOf(double ohms);

/// From one current that was measured at the brightness at hand and the resistors found.
/// \pre both are positive and finite
CurrentLaw lawOf(CurrentBy by, double amps, double ohms);

/// One way to get a current.
struct CurrentWay {
    parts::Resistors resistors;
    double amps = 0;
    double off = 0;  ///< over the wanted current, as a share
    /// In each, in the order of nameOf(); empty of Set, whose resistors do not carry the current.
    std::vector<parts::Heated> heat;
};

/// Resistors for a wanted current: of one part, two and so on, each nearer than the one before.
std::vector<CurrentWay> waysTo(const CurrentLaw& law, double amps, parts::Series series, int mostParts);

/// The same by changing one of the branches that lie parallel, the nearest first: another value in its place, or none.
/// \pre \p found is parallel
std::vector<CurrentWay> waysByOneBranch(const CurrentLaw& law, const parts::Resistors& found, double amps,
                                        parts::Series series);

/// "more ohms: less current", or the reverse.
text::Text direction(double fromOhms, double toOhms);

/// How much longer LEDs last at another current, from now on: (I_old/I_new)^n (n 1.5 from memory; shown and editable).
double lifeTimes(double oldAmps, double newAmps, double exponent = 1.5);

/// How much light is left of a white LED at another current, (I_new/I_old)^0.92: a little less than in proportion lost,
/// because they work better when driven less (from memory).
double lightTimes(double oldAmps, double newAmps);

}  // namespace dimglow::repair
