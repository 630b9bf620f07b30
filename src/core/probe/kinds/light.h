#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// What the light does at switch-on.
struct Light {
    const knowledge::TestKind* test = nullptr;

    static std::vector<Light> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
