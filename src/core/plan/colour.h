#pragma once

#include "core/text/text.h"

/// \file
/// Colours of white light, as far as the eye can back them.

namespace dimglow::plan {

/// CIE 1931 chromaticity.
struct Chromaticity {
    double x = 0.3127;
    double y = 0.3290;
};

/// CIE 1931 tristimulus values of light of luminance \p y.
struct Tristimulus {
    double x = 0;
    double y = 0;
    double z = 0;
};
/// X, Y, Z of a chromaticity and Y (CIE 15).
Tristimulus tristimulusOf(const Chromaticity& white, double luminance);
/// The inverse. \pre there is light
Chromaticity chromaticityOf(const Tristimulus& light);

/// CIE 1976 UCS: u′ = 4x/(−2x+12y+3), v′ = 9y/(−2x+12y+3).
struct Uv {
    double u = 0;
    double v = 0;
};
/// CIE 1976 u'v'.
Uv uvOf(const Chromaticity& white);
/// Distance in u′v′; about 0.0011 is one just visible step (CIE TN 001:2014), 0.004 shows on a white screen (from
/// memory).
double differenceOf(const Chromaticity& a, const Chromaticity& b);
inline constexpr double visibleDifference = 0.0011;
inline constexpr double showsOnWhite = 0.004;

/// "not to be seen", "barely to be seen", "shows on a white screen".
text::Text wordsOfDifference(double difference);

/// Correlated colour temperature, K: McCamy, Color Res. Appl. 17, 142 (1992) below 10,000 K, the exponential form of
/// Hernández-Andrés, Lee and Romero, Appl. Opt. 38, 5703 (1999) above.
double colourTemperature(const Chromaticity& white);

}  // namespace dimglow::plan
