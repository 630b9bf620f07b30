#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A tester from LED+ of a string to the metal back.
struct Chassis {
    const knowledge::TestKind* test = nullptr;
    evidence::TesterTaken::Question asked;

    static std::vector<Chassis> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
