#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"

/// \file
/// Which capacitors of a set keep their charge, and whether each has been found empty. Safe is only what somebody
/// measured: never what should be.
///
///     const auto charges = makesafe::chargesOf(job, knowledge, {ledPlusVolts, isoNow()});

namespace dimglow::makesafe {

/// What is known of a capacitor's charge.
enum class State {
    NotKnown,
    Charged,  ///< more than may be touched, or the mains are in
    Touch,    ///< may be touched; ohms, diode mode and ESR not yet
    Ready,    ///< for these too
};
/// "not known", "charged", "safe to touch", "empty".
text::Text wordsOf(State state);

/// One capacitor, or a row of them on one rail.
struct Charge {
    std::string store;  ///< "bulk", "ledPlus", "inverterSupply", "rails", "bench"
    text::Text title;
    double mostVolts = 0;  ///< that it can stand at when the set goes off
    double farads = 0;
    bool isFaradsRead = false;     ///< off its marking; otherwise as many have it
    bool isHot = false;            ///< on the mains side: measured against the hot minus
    std::vector<int> blocks = {};  ///< whose parts wait for it, into Knowledge::blocks
    State state = State::NotKnown;
    std::optional<double> volts = {};  ///< the last residual, as long as it counts
    text::Text because = {};           ///< why it is in that state
    std::optional<double> secondsToTouch =
        {};  ///< from the last reading on, as two timed ones tell; empty where they do not
    std::optional<double> learntFarads = {};  ///< likewise, where the bleeder's ohms were read off
};

/// What the state hangs on beside the job.
struct Now {
    double ledPlusVolts = 0;  ///< LED+ at its over-voltage level; 0 while nobody knows
    std::string at;           ///< ISO 8601, UTC; empty: nothing fades
};

/// The capacitors of a job's set that keep charge, those that can stand highest first. A residual counts as long as
/// mains and battery stay out, the meter was proven, the set did not run since, and for five minutes unless the
/// resistor stays on (EN 50110-1 for proving the meter, from memory; the rest common practice, no source).
std::vector<Charge> chargesOf(const job::Job& job, const knowledge::Knowledge& knowledge, const Now& now);

/// Ids of the stores that must be empty before ohms, diode mode or ESR at a part of a block: those on its side of the
/// mains, or on its rails.
std::vector<std::string> storesAt(int block, const job::Job& job, const knowledge::Knowledge& knowledge);
/// The first of those that was not measured empty; null when all were.
const Charge* firstNotEmpty(const std::vector<Charge>& charges, const std::vector<std::string>& stores);

/// Notes that mains and battery are out, or in: what was measured before they were in counts no more.
void setMainsOut(job::Job& job, bool isOut);

/// Writes down what was measured on a store, with the last entry of the trail as it stands.
/// \param at ISO 8601, UTC
void addResidual(job::Job& job, const std::string& store, double volts, const std::string& at);

}  // namespace dimglow::makesafe
