#pragma once

#include <map>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/job/job.h"
#include "core/knowledge/knowledge.h"
#include "core/reasoning/belief.h"
#include "core/reasoning/proof.h"
#include "core/repair/options.h"
#include "core/safety/hazards.h"

namespace dimglow::reasoning {

/// How much a reading speaks for or against a suspect.
struct Reason {
    int entry = 0;        ///< id of the entry in the trail
    text::Text text;      ///< "LED+ at switch-on peaks at 181.6 V"
    double decibans = 0;  ///< 10·log10 of the likelihood ratio against everything else; positive speaks for it
};

/// A part that a suspect may come down to.
struct PartShare {
    text::Text title;  ///< "Output diode D8"
    double share = 0;
    std::string point;  ///< id of its kind; empty when it cannot be checked by itself
    std::string ref;    ///< empty when it was not written down
};

/// One line of "what is left".
struct SuspectShare {
    std::string suspect;  ///< id of the suspect kind
    text::Text title;
    knowledge::Side side = knowledge::Side::Leds;
    bool placeKnown = true;  ///< false of a line that stands for many places
    double share = 0;
    double previousShare = 0;      ///< before the last entry
    std::vector<Reason> reasons;   ///< strongest first, either way
    int block = -1;                ///< where it sits, into Knowledge::blocks
    std::vector<PartShare> parts;  ///< likeliest first; empty when they are not told apart
};

/// One result a probe may have.
struct ProbeOutcome {
    text::Text reading;  ///< "16.8 V, 6 lit"
    text::Text meaning;  ///< "open in B7 … B12"
    double share = 0;    ///< how likely it is now
};

/// A test that can be done now, and what it is worth.
struct Probe {
    std::string test;  ///< id of the test kind
    text::Text title;
    text::Text how;
    std::string station;
    evidence::Question question;   ///< test, place and setting
    double minutes = 0;            ///< opening included
    double bits = 0;               ///< expected information (Shannon 1948)
    Reach opens = Reach::Outside;  ///< what has to be opened for it that is still closed
    bool live = false;
    std::vector<std::string> tools;      ///< ids of what it is done with, beside a meter
    std::vector<ProbeOutcome> outcomes;  ///< most likely first
};

/// The explanation that fits best, as circuit; where its LEDs are not told apart yet, any of them. Its driver idles as
/// far as that is known.
struct Likeliest {
    text::Text title;
    int feed = 0;                    ///< where it shows itself; of several the first
    driver::StageChange driver;      ///< what is wrong on its side of the plug
    backlight::Backlight backlight;  ///< with a strip of another type where it has one
    backlight::Faults strings;
};

/// A voltage of the set that nobody can know before it is read off or measured.
struct Known {
    /// Computed: from the strips as they were described, and no reading has told more.
    enum class From { NotYet, Computed, Readings, Description };
    driver::Reference what = driver::Reference::Idle;
    From from = From::NotYet;
    double volts = 0;       ///< median
    double sigmaVolts = 0;  ///< one sigma
    int feed = 0;           ///< whose
};

/// A driver's description with what readings have taught of it, for the next set of its kind. \p thisSet is that of an
/// assessment: of each feed, the strings before the over-voltage level.
backlight::DriverSpec withLearned(backlight::DriverSpec driver, const std::vector<Known>& thisSet);

/// Readings that no explanation fits together.
struct Misfit {
    text::Text reading;        ///< without which the rest fits, "LED+ at switch-on: 480.0 V"; empty when none is
    std::optional<int> entry;  ///< its id in the trail
    /// Why it does not fit, "As described, a sound set shows 180 to 240 V here."; empty where nothing can be said.
    text::Text why = {};
    /// The backlight was described otherwise after this reading, or where none is named after any: the description may
    /// be what is wrong.
    bool describedSince = false;
};

/// A repair that costs less than knowing whether it is the right one.
struct FixNow {
    std::string repair;  ///< its id
    text::Text title;
    double mends = 0;  ///< chance that it does
};

/// Everything computed from a job. Nothing of it is stored.
struct Assessment {
    std::vector<SuspectShare> suspects;  ///< likeliest first
    std::vector<Probe> probes;           ///< most information per minute first
    std::optional<Probe> outOfTools;     ///< what would be worth more than those, with a tool that is not at hand
    LedShares ledShares;
    std::vector<backlight::LedPlace> located;           ///< LEDs known to be faulty
    std::vector<backlight::LedFault> locatedAs;         ///< what each of them most likely is
    std::vector<double> locatedShares;                  ///< how likely it is that
    std::optional<Misfit> misfit;                       ///< to be cleared up before there is a verdict
    text::Text found;                                   ///< what is known to be wrong, empty while it cannot tell
    std::vector<backlight::Run> untested;               ///< stretches of the open panel that no tester has lit yet
    bool wantsStrips = false;                           ///< only strips that nobody has described can tell more
    text::Text verdict;                                 ///< what was found, once nothing is left untested
    std::map<int, evidence::Expectation> expectations;  ///< by entry id, of entries that are voltages
    std::map<evidence::Measured::Question, driver::Band> expectedVolts;  ///< of a healthy set
    std::vector<double> expectedStripVolts;                              ///< at the bench tester's current, by strip
    std::vector<Known> thisSet;         ///< idle, LED−, and of each feed LED+ in regulation and over-voltage level
    driver::DriverReference reference;  ///< by feed; over-voltage levels as far as they are known
    Likeliest likeliest;
    repair::Diagnosis diagnosis;
    repair::FixPlan plan;
    std::optional<FixNow> fixNow;
    std::vector<safety::Caution> cautions;
    std::vector<ProofLine> proof;
    SoakVerdict soak;
    std::size_t explanations = 0;  ///< still possible
};

struct AssessOptions {
    std::string today;  ///< ISO date, for due dates
    std::size_t maxProbes = 6;
    std::stop_token stop = {};  ///< asks a running assessment to give up
};

/// Job in, assessment out; pure and repeatable.
/// \throws Stopped when it was asked to give up
/// \throws std::runtime_error when a circuit of the job cannot be solved
Assessment assess(const job::Job& job, const Knowledge& knowledge, const AssessOptions& options = {});

}  // namespace dimglow::reasoning
