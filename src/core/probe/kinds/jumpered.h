#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// Jumpers across the LEDs of a strip that are known to be open, to see whether the rest lights; and one more across a
/// LED that may be, when few are left.
struct Jumpered {
    const knowledge::TestKind* test = nullptr;
    evidence::TesterTaken::Question asked;

    static std::vector<Jumpered> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
