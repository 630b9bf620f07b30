#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// Looking along a strip that conducts: which LEDs stay dark or dim, one outcome for every set of LEDs. Of a strip
/// whose lit LEDs the tester has counted, only dim ones are left to look for.
struct LookAlong {
    const knowledge::TestKind* test = nullptr;
    backlight::Run run;

    static std::vector<LookAlong> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;
};

}  // namespace dimglow::probe
