#pragma once

#include <array>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/plan/colour.h"

/// \file
/// How evenly a panel is lit by LEDs behind a diffuser.
///
/// At a point of the diffuser an LED of flux Φ and lobe exponent m, h below it and r aside, gives
/// E = Φ·(m+1)/(2π) · h^(m+1) / (h² + r²)^((m+3)/2): the inverse square of the distance, the lobe cosᵐ and the cosine
/// of incidence. What a lens makes of the lobe is a table of intensities instead. The walls of the box throw part of it
/// back, as sources mirrored in them; the diffuser blurs the sum.

namespace dimglow::plan {

using backlight::PointMm;

/// Where an LED sends its light.
struct Lobe {
    /// I(θ) ∝ cosᵐθ; 1 is a bare LED (Lambert).
    double exponent = 1;
    /// Relative intensities at 0°, 5°, … 90°, where a lens makes another lobe; all zero: none does. Scaled so that its
    /// flux is that of the LED.
    std::array<double, 19> batwing{};

    bool hasLens() const { return batwing != std::array<double, 19>{}; }
};

/// A lens that throws its light aside, for boxes of few LEDs: most of it at 65° to 75° (from memory).
Lobe batwingLens();
/// The same, clouded by glue or dust: part of the light leaves it without a direction.
Lobe cloudedLens(const Lobe& lens, double clouded);

/// One LED as the diffuser sees it.
struct LightSpot {
    PointMm at;
    double flux = 1;  ///< of a good new LED at its usual current
    Lobe lobe;
    Chromaticity white = {};
};

/// The box between the LEDs and the diffuser.
struct LightBox {
    double widthMm = 940;
    double heightMm = 530;
    double depthMm = 25;         ///< LEDs to diffuser
    double blurMm = 6;           ///< sigma of what diffuser and films blur
    double wallsReflect = 0.85;  ///< part that a wall throws back (from memory)
};

/// Light over the panel, rows from the top; in the flux of a good LED per mm².
struct LightMap {
    int columns = 0;
    int rows = 0;
    std::vector<float> at;  ///< columns × rows

    float of(int column, int row) const { return at[std::size_t(row) * std::size_t(columns) + std::size_t(column)]; }
};

/// \pre the box has a size and a depth, columns and rows are at least 2
LightMap lightMap(const LightBox& box, const std::vector<LightSpot>& spots, int columns, int rows);

/// The white of the screen where spots of several whites mix, as CIE XYZ.
struct TintMap {
    LightMap x;
    LightMap y;  ///< the light itself
    LightMap z;

    Chromaticity of(int column, int row) const {
        return chromaticityOf({x.of(column, row), y.of(column, row), z.of(column, row)});
    }
};
/// As lightMap(), of each spot's own white.
TintMap tintMap(const LightBox& box, const std::vector<LightSpot>& spots, int columns, int rows);
/// The white that most spots have.
Chromaticity usualWhite(const std::vector<LightSpot>& spots);
/// Whether spots have more than one white.
bool isTinted(const std::vector<LightSpot>& spots);
/// The largest distance in u′v′ of any place from the usual white.
double largestTint(const TintMap& map, const Chromaticity& usual);

/// How much of a spot arrives at one point of the diffuser, before walls and blur: the formula above.
double arriving(const LightSpot& spot, double depthMm, PointMm at);

/// What is said of a map in figures.
struct Evenness {
    double lowestOfMean = 0;  ///< Emin/Eavg
    double ninePoints = 0;    ///< lowest over highest of nine points, at a tenth, the half and nine tenths
    PointMm darkest;
    PointMm brightest;
    double mean = 0;
};
/// Of the light that a map holds.
Evenness evennessOf(const LightMap& map, const LightBox& box);

}  // namespace dimglow::plan
