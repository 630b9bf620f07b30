#pragma once

#include <string>

#include "core/plan/universal.h"

/// \file
/// The plan of universal strips at its true size, to be laid on the chassis.

namespace dimglow::plan {

/// A line, ring or word of a template, mm on the panel from its top left corner.
struct TemplateShape {
    enum class Kind { Piece, Light, CutMark, KeepOut, Panel, Word };
    Kind kind = Kind::Piece;
    double x = 0;
    double y = 0;
    double width = 0;  ///< of a light: its diameter
    double height = 0;
    std::string word;
};

/// What a template shows: the panel, each piece with its number and polarity, each light, each mark that is cut, and
/// what must stay free.
std::vector<TemplateShape> templateOf(const UniversalTask& task, const UniversalPlan& plan);

/// The measure to check a print by, mm.
inline constexpr double measureMm = 100;

/// A template as one SVG drawing, 1 mm to a unit, with a measure of measureMm.
std::string templateSvg(const UniversalTask& task, const UniversalPlan& plan);

/// One page of a print: what part of the panel it shows.
struct Tile {
    int column = 0;
    int row = 0;
    double x = 0;
    double y = 0;
    double width = 0;
    double height = 0;
};
/// Pages of a size that cover the panel, each overlapping the next by \p overlapMm.
std::vector<Tile> tilesOf(double widthMm, double heightMm, double pageWidthMm, double pageHeightMm, double overlapMm);

}  // namespace dimglow::plan
