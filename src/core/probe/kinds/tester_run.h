#pragma once

#include "core/probe/kind.h"

namespace dimglow::probe {

/// A tester across a run of LEDs, at the usual current.
struct TesterRun {
    const knowledge::TestKind* test = nullptr;
    backlight::Run run;
    backlight::TesterSetting setting;

    static std::vector<TesterRun> askable(Desk& desk);
    evidence::Question question() const;
    Probe probe(const Desk& desk) const;
    Predicted predict(Desk& desk) const;

private:
    evidence::TesterTaken::Question asked() const;
};

/// What every tester probe on a run shares: how it is done, what it takes to get at its ends, a string's plug being
/// reached without opening the panel.
Probe probeOfRun(const Desk& desk, const knowledge::TestKind& test, const evidence::TesterTaken::Question& question);

/// What a tester would show.
Predicted predictTester(Desk& desk, const evidence::TesterTaken::Question& question);

}  // namespace dimglow::probe
