#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/text/text.h"

/// \file
/// Strips of another make cut to take the place of strips that are no longer made.
///
/// Stock is cut only at its marks, into pieces of whole segments; a segment is a few LEDs that belong together. Each
/// row of the panel gets the same number of segments, placed on a grid of 1 mm where no rib, dimple or hole lies under
/// them, as near as can be to where the old lights were, or as evenly as can be. The best places are found by dynamic
/// programming: the squares of the distances of the LEDs from where they are wanted, summed over the row, are least.

namespace dimglow::plan {

using backlight::PointMm;

/// Strip as it is bought.
struct StripStock {
    int segmentLeds = 1;    ///< LEDs to a segment; it is cut between segments only
    double segmentMm = 50;  ///< from mark to mark
    int segments = 10;      ///< of one strip as it is bought
    double widthMm = 12;
    double segmentVolts = 3;  ///< at `amps`
    double amps = 0.3;        ///< that it is rated for
    bool operator==(const StripStock&) const = default;
};

/// Millimetres along a row that must stay free.
struct KeepOut {
    double fromMm = 0;
    double toMm = 0;
    bool operator==(const KeepOut&) const = default;
};

/// One row of the panel, where old LEDs lay.
struct Row {
    double yMm = 0;
    std::vector<double> oldMm;  ///< their places along it, rising
    std::vector<KeepOut> keepOuts;
};

/// What is wanted of the places.
enum class Aim {
    OldPlaces,  ///< where the old lights were: lenses, holes of the reflector and the look of the set stay
    Even,       ///< as evenly as can be
};

/// What is to be lit, and what is at hand for it.
struct UniversalTask {
    double widthMm = 0;  ///< of the panel
    double heightMm = 0;
    std::vector<Row> rows;
    StripStock stock;
    int segmentsPerRow = 0;  ///< 0: as many as come nearest to the driver's volts
    Aim aim = Aim::OldPlaces;
    double endMm = 8;        ///< free at both ends of a row, for leads and edge
    double cutGapMm = 4;     ///< between two pieces: creepage and room for two wires (common practice, no source)
    int rowsInSeries = 0;    ///< of one string; 0: all of them
    double driverVolts = 0;  ///< of a string as it was; 0 where nobody knows it
    double driverAmps = 0;   ///< through a string; 0 where nobody knows it
};

/// A segment that was placed.
struct PlacedSegment {
    double fromMm = 0;
    bool joinsLast = false;  ///< uncut from the one before
};
/// A row of cut strips.
struct PlacedRow {
    double yMm = 0;
    bool isTurned = false;  ///< its current runs from right to left, so that wires stay short
    std::vector<PlacedSegment> segments;
    std::vector<double> lightsMm;
    double squares = 0;  ///< mm², what was made least
};

/// A piece to be cut from stock.
struct Piece {
    int row = 0;
    int segments = 0;
    int stock = 0;  ///< from which strip that was bought
};

/// One wire, plus to minus.
struct Wire {
    std::string from;  ///< "LED+", "row 1 piece 1 −"
    std::string to;
    double lengthMm = 0;
};

/// The rows, what they take, and what speaks against them.
struct UniversalPlan {
    std::vector<PlacedRow> rows;
    std::vector<Piece> pieces;  ///< in the order of rows, left to right
    int stockStrips = 0;
    std::vector<int> offcuts;  ///< segments left of each strip that was bought
    std::vector<Wire> wires;
    double stringVolts = 0;  ///< of one string
    double amps = 0;         ///< through it: the driver's, or what the strips are rated for where nobody knows it
    double watts = 0;        ///< of all
    int leds = 0;
    std::vector<text::Text> notes;  ///< what is to be minded, and what does not suit
    text::Text refusal;             ///< why there is no plan; empty when there is one
};

/// \pre rows and stock are within limitsOf… : see problemOf()
UniversalPlan planUniversal(const UniversalTask& task);

/// What is wrong with a task; empty of one that can be planned.
text::Text problemOf(const UniversalTask& task);

/// Where LEDs of a row are wanted: \p count places that follow the old ones, one after the other, or lie evenly over
/// the row.
std::vector<double> wantedPlaces(const Row& row, Aim aim, int count, double widthMm);

/// Places \p count segments in a row so that the sum of squares is least; empty where they have no room.
std::optional<PlacedRow> placeRow(const UniversalTask& task, const Row& row, int count);

/// The rows of the strips of a backlight: strips that lie at one height are one.
std::vector<Row> rowsOf(const backlight::Backlight& backlight);

}  // namespace dimglow::plan
