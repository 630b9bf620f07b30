#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A dim or tinted LED on its own in a meter's diode mode: what flows beside a leaky one's junction takes all of so
/// small a current, an aged one reads as a good one does.
struct OnItsOwn {
    const knowledge::TestKind* test = nullptr;
    evidence::LedChecked::Question asked;

    static std::vector<OnItsOwn> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
