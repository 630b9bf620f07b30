#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/parts/preferred_values.h"

/// \file
/// Resistors in series, in parallel or both: what they make together, and which of the preferred values make what is
/// wanted.

namespace dimglow::parts {

/// One resistor, or several joined.
///
///     const auto network = nearest(0.132, Series::E24, 2).back();
///     nameOf(network);       // "R22 ∥ R33"
///     wattsIn(network, 1.2); // of each, in that order
struct Resistors {
    enum class Join { One, Series, Parallel };
    Join join = Join::One;
    double ohms = 0;               ///< of the whole
    std::vector<Resistors> parts;  ///< at least two, or none of One
    bool operator==(const Resistors&) const = default;
};

/// \pre more than nothing
Resistors one(double ohms);
/// Those that are joined the same way already stand beside each other.
Resistors inSeries(const Resistors& a, const Resistors& b);
/// 1/R = 1/Ra + 1/Rb.
Resistors inParallel(const Resistors& a, const Resistors& b);
/// How many parts it takes.
int countOf(const Resistors& network);

/// "R22", "4R7", "1k2", as IEC 60062 writes a value; three figures at most.
std::string codeOf(double ohms);
/// "R22 ∥ (R47 + R10)".
std::string nameOf(const Resistors& network);

/// Reads "R22 ∥ R22", "0.22 || (0.33 + 0.1)", "10k": markings or ohms, "+" for series, "||", "∥" or "//" for parallel,
/// which binds tighter, and brackets. Empty for anything else, as for a bare "100", which may be a marking.
std::optional<Resistors> readResistors(std::string_view text);

/// One resistor of a network and what it turns to heat.
struct Heated {
    double ohms = 0;
    double watts = 0;
};
/// With a current through the whole, in the order of nameOf(), W.
std::vector<Heated> wattsIn(const Resistors& network, double amps);

/// Networks of preferred values that come nearest to \p ohms: of one part, and of two, three and so on up to
/// \p mostParts where one more comes nearer. Values from a hundredth to a hundred times of what is wanted; all series
/// and parallel networks of so many parts are looked through.
/// \pre ohms is positive and finite; mostParts is 1 to 4
std::vector<Resistors> nearest(double ohms, Series series, int mostParts);

}  // namespace dimglow::parts
