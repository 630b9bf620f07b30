#pragma once

#include <cstdint>
#include <string>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"

namespace dimglow::virtualset {

/// What is really wrong with a simulated set; sealed until the technician has found it.
struct SealedFault {
    std::string suspect;  ///< id of the suspect kind
    backlight::Faults strings;
    std::uint32_t seed = 1;  ///< of the spread of parts and meter
};

/// A simulated display that answers every test as a real one with this fault would.
///
/// Voltages come from the circuit and driver model with a repeatable spread of part and meter; the same question
/// always gets the same answer.
class SealedSet {
public:
    /// \throws std::invalid_argument when the suspect is not in \p trade
    SealedSet(backlight::Backlight backlight, SealedFault fault, const knowledge::Knowledge& trade);

    const backlight::Backlight& backlight() const { return backlight_; }

    job::Answer answer(const std::string& test) const;
    job::LightSeen light() const;
    job::Measured measure(const std::string& test, int channel = 0) const;
    job::TesterTaken tester(const backlight::Run& run, const backlight::TesterSetting& setting) const;
    job::LedSeen look(backlight::LedPlace place, const backlight::Run& under) const;

private:
    double spread(const std::string& what) const;

    backlight::Backlight backlight_;
    SealedFault fault_;
    const knowledge::Knowledge& trade_;
    const knowledge::SuspectKind* suspect_;
    driver::DriverForecast forecast_;
};

}  // namespace dimglow::virtualset
