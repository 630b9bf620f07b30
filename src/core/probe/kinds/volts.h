#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A voltage of a board against ground.
struct Volts {
    const knowledge::TestKind* test = nullptr;
    evidence::VoltsAsked asked;

    static std::vector<Volts> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
