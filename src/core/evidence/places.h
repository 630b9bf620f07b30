#pragma once

#include <vector>

#include "core/backlight/backlight.h"
#include "core/backlight/wiring.h"
#include "core/evidence/explanation.h"
#include "core/format/problem.h"

namespace dimglow::evidence {

/// Whether what observations refer to is there: the points of a set, the strings of its backlight, measured once for a
/// whole trail. The set must outlive it, and its backlight be sound.
class Places {
public:
    /// \param mayBeGone places of a backlight that was described otherwise: held to what any backlight may have
    explicit Places(const set::DisplaySet& set, bool mayBeGone = false);

    const backlight::Backlight& backlight() const { return backlight_; }
    /// Reports a channel or an LED+ that is not there.
    void check(const format::Check& at, const VoltsAsked& asked) const;
    /// Reports a run that is in no string, or starts or ends where no probe can reach.
    void check(const format::Check& at, const backlight::Run& run) const;
    /// Reports a part, rail or pin that nobody has written down.
    void check(const format::Check& at, const PointAsked& asked) const;
    /// Reports a LED that is on no strip.
    void check(const format::Check& at, backlight::LedPlace place) const;

private:
    const set::DisplaySet& set_;
    const backlight::Backlight& backlight_ = set_.backlight;
    const bool mayBeGone_;
    std::vector<std::vector<int>> lengths_;  ///< LEDs, by channel and string
};

/// Holds a tester's setting to its limits.
void check(const format::Check& at, const backlight::TesterSetting& tester);

}  // namespace dimglow::evidence
