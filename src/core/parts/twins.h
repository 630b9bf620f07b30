#pragma once

#include <span>
#include <vector>

namespace dimglow::parts {

/// From here on a part is not like its twins.
inline constexpr double unlikeScore = 3.5;

/// Compares parts that should be alike: modified z-scores 0.6745·(x − median)/MAD, signed (Iglewicz and Hoaglin, "How
/// to detect and handle outliers", 1993). When more than half are equal and MAD is 0, the mean absolute deviation takes
/// its place, with 1/1.2533 as its factor. \p resolution is what the meter cannot tell apart: a smaller spread counts
/// as that. Empty with fewer than three values.
std::vector<double> twinScores(std::span<const double> values, double resolution);

}  // namespace dimglow::parts
