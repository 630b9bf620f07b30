#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A part, rail or pin of a board; one that nobody has written down yet goes by its letter.
struct Point {
    const knowledge::PointKind* kind = nullptr;
    evidence::PointAsked asked;

    static std::vector<Point> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
