#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A question with a few answers, about the set or a board.
struct Choices {
    const knowledge::TestKind* test = nullptr;

    static std::vector<Choices> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
