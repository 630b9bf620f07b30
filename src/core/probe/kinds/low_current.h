#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A run that has been lit, again at a third of the current, where a resistance is suspected: its volts fall with the
/// current, those of LEDs hardly.
struct LowCurrent {
    const knowledge::TestKind* test = nullptr;
    evidence::TesterTaken::Question asked;

    static std::vector<LowCurrent> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
