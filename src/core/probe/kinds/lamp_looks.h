#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// How the lamps of a set look, one by one, while there is light.
struct LampLooks {
    const knowledge::TestKind* test = nullptr;

    static std::vector<LampLooks> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
