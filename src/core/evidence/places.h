#pragma once

#include <vector>

#include "core/backlight/backlight.h"
#include "core/backlight/wiring.h"
#include "core/format/problem.h"

namespace dimglow::evidence {

/// Whether what observations refer to is there: the strings of a backlight, measured once for a whole trail. The
/// backlight must outlive it and be sound.
class Places {
public:
    explicit Places(const backlight::Backlight& backlight);

    const backlight::Backlight& backlight() const { return backlight_; }
    /// Reports a run that is in no string, or starts or ends where no probe can reach.
    void check(const format::Check& at, const backlight::Run& run) const;
    /// Reports a LED that is on no strip.
    void check(const format::Check& at, backlight::LedPlace place) const;

private:
    const backlight::Backlight& backlight_;
    std::vector<std::vector<int>> lengths_;  ///< LEDs, by channel and string
};

/// Holds a tester's setting to its limits.
void check(const format::Check& at, const backlight::TesterSetting& tester);

}  // namespace dimglow::evidence
