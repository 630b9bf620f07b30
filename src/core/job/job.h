#pragma once

#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/backlight/wiring.h"
#include "core/driver/forecast.h"
#include "core/format/fields.h"
#include "core/panelcheck/panel_check.h"
#include "core/parts/led_check.h"

/// \file
/// The one document: everything the user said about a job, nothing derived.

namespace dimglow::job {

/// A question answered by one of a few words: "sound" → "yes". The words are those of the knowledge files.
struct Answer {
    std::string test;
    std::string choice;
    bool operator==(const Answer&) const = default;
};

using driver::Shape;

/// A voltage on a board, V DC against ground.
struct Measured {
    std::string test;  ///< "blOn", "dim", "ledPlusIdle", "ledPlusOn", "ledPlusPlugOut", "ledMinus"
    int channel = 0;
    Shape shape = Shape::Steady;
    double volts = 0;      ///< steady value, the peak, or the top of the wander
    double restVolts = 0;  ///< where it settles, or the bottom of the wander; equals `volts` when steady
    bool operator==(const Measured&) const = default;
};

/// What the light does at switch-on.
struct LightSeen {
    driver::Light what = driver::Light::Never;
    double secondsToDark = 0;  ///< only of FlashThenDark
    bool operator==(const LightSeen&) const = default;
};

/// A tester across a run of LEDs, or from its first LED to the chassis.
struct TesterTaken {
    backlight::Run run;
    backlight::TesterSetting setting;
    std::optional<double> volts;  ///< empty when nobody read the tester
    std::optional<int> lit;       ///< how many of the run were seen to glow
    backlight::TesterProbe::Minus minus = backlight::TesterProbe::Minus::EndOfRun;
    std::vector<backlight::LedPlace> bridged = {};  ///< LEDs with a jumper across them
    bool operator==(const TesterTaken&) const = default;
};
/// How the tester was put to the string.
backlight::TesterProbe probeOf(const TesterTaken& taken);

/// One LED looked at while a tester drives its run.
struct LedSeen {
    enum class Glow { Lit, Dim, Dark, Tinted };
    backlight::LedPlace place;
    Glow glow = Glow::Lit;
    backlight::Run under;  ///< the run that was driven
    bool operator==(const LedSeen&) const = default;
};

/// One LED measured on its own.
struct LedChecked {
    backlight::LedPlace place;
    parts::LedCheckSetting setting;
    parts::LedCheckReading reading;
    bool operator==(const LedChecked&) const = default;
};

/// The set switched on with an ammeter across an open LED: the rest lights, and the meter shows the string's current.
struct Bridged {
    backlight::LedPlace place;
    double amps = 0;
    bool restLights = true;
    bool operator==(const Bridged&) const = default;
};

using Observation = std::variant<Answer, Measured, LightSeen, TesterTaken, LedSeen, LedChecked, Bridged>;

/// Readings before the repair are evidence; readings after it are proof.
enum class Phase { Before, After };

/// One line of the trail.
struct Entry {
    int id = 0;
    std::string at;  ///< ISO 8601, UTC
    Phase phase = Phase::Before;
    Observation what;
    bool operator==(const Entry&) const = default;
};

struct SetInfo {
    std::string maker;
    std::string model;
    std::string serial;
    std::string panel;
    std::string place;
    std::string complaint;
    double value = 0;                ///< what the set is worth working, in the bench's currency
    std::string due;                 ///< ISO date, or empty
    std::optional<double> hoursRun;  ///< h of light since the LEDs were new
    bool operator==(const SetInfo&) const = default;
};

/// What the workshop charges and owns.
struct Bench {
    std::string currency = "EUR";
    double ratePerHour = 48;
    double goodwill = 40;         ///< what a comeback costs beside the second job
    double promisedHours = 1500;  ///< h of light over which a comeback counts
    double weibullShape = 2.5;    ///< β of LED failures (from memory); shown and editable
    backlight::TesterSetting tester;
    std::vector<panelcheck::BenchSupply> supplies = {{"Output 1", 120, 1, 300}, {"Output 2", 120, 1, 300}};
    bool operator==(const Bench&) const = default;
};

/// One line of the soak after the repair.
struct SoakEntry {
    double minutes = 0;
    double ledPlusVolts = 0;
    double amps = 0;
    bool flicker = false;
    bool operator==(const SoakEntry&) const = default;
};

struct Repair {
    std::string option;                  ///< id of the chosen option, empty while open
    std::string work;                    ///< what was done, in the technician's words
    std::optional<double> originalAmps;  ///< written down before it is changed
    std::optional<double> newAmps;
    bool operator==(const Repair&) const = default;
};

struct Job {
    std::string id;
    std::string title;
    SetInfo set;
    backlight::Backlight backlight;
    Bench bench;
    bool panelOpen = false;
    bool liveWorkAccepted = false;  ///< the technician has said that they are trained and equipped for live work
    panelcheck::PanelCheck panelCheck;
    std::vector<Entry> trail;
    Repair repair;
    std::vector<SoakEntry> soak;
    std::string handedBack;  ///< ISO 8601, or empty

    format::Unknown unknown;  ///< members of its file that this version does not know; written back untouched

    bool operator==(const Job&) const = default;
};

/// Adds \p what to the trail with the next id. \returns the id
int addEntry(Job& job, std::string at, Phase phase, Observation what);

/// Whether two observations answer the same question, so that the later one replaces the earlier as evidence.
bool sameQuestion(const Observation& a, const Observation& b);

/// The entries of a phase that still count: the latest answer to each question, in trail order.
std::vector<Entry> standingEntries(const Job& job, Phase phase);

/// Which test of the knowledge files an observation belongs to: "torch", "ledPlusOn", "light", "tester", "look".
std::string testOf(const Observation& what);

}  // namespace dimglow::job
