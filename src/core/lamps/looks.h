#pragma once

#include <array>
#include <vector>

#include "core/text/text.h"

/// \file
/// How lamps look while there is light, one by one, and what that says of a trouble.

namespace dimglow::lamps {

/// How one lamp looks in the seconds of light.
enum class Look { Unknown, Lit, Flickers, DimEnds, Reddish, Dark };
inline constexpr int lookCount = 6;
/// Their words in files.
inline const std::vector<const char*> lookWords = {"unknown", "lit", "flickers", "dimEnds", "reddish", "dark"};
/// "lit", "dim at the ends".
text::Text wordsOf(Look look);

/// Share of each look of one lamp; there is none of Unknown.
using LookShares = std::array<double, lookCount>;

/// How far a trouble shows in the lamps of a set.
enum class Extent {
    None,
    One,
    Several,  ///< some of them, up to all, each for itself
    Half,     ///< which is dark
};
inline constexpr int extentCount = 4;
/// Something of each, by Extent.
using ByExtent = std::array<double, extentCount>;

/// What a trouble makes of the lamps of a set.
struct Trouble {
    ByExtent extents = {1};  ///< shares
    LookShares looks = {};   ///< of a lamp that shows it
};

/// 0 of the upper half, 1 of the lower one.
int halfOf(int lamp, int count);

/// How likely the lamps of a set look so where a trouble shows so far. Sound lamps of a set age together: where the
/// ends of some are dim, those of the others may be (shares of sound lamps are common practice, no source).
/// \param looks one for each lamp, from the top; Unknown of those that nobody looked at
ByExtent likelihoods(const std::vector<Look>& looks, const Trouble& trouble);

/// What is made of all lamps at a glance: one of them differs from the lit others, a half of at least two is dark, or
/// neither: all look alike, or several differ.
enum class Glance { Alike, OneFlickers, OneDim, OneDark, HalfDark };
inline constexpr int glanceCount = 5;
/// Share of each under a trouble, of a set of \p count lamps, all of which are looked at.
std::array<double, glanceCount> glances(const Trouble& trouble, int count);

}  // namespace dimglow::lamps
