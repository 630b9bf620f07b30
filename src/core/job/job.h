#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/backlight/wiring.h"
#include "core/evidence/observation.h"
#include "core/evidence/source.h"
#include "core/format/fields.h"
#include "core/hands/opening.h"
#include "core/job/fix.h"
#include "core/panelcheck/panel_check.h"
#include "core/safety/make_safe.h"
#include "core/set/display_set.h"

/// \file
/// The one document: everything the user said about a job, nothing derived.

namespace dimglow::knowledge {
struct TestKind;
}

namespace dimglow::job {

/// Readings before the repair are evidence; readings after it are proof.
enum class Phase { Before, After };

/// One line of the trail.
struct Entry {
    int id = 0;
    std::string at;  ///< ISO 8601, UTC
    Phase phase = Phase::Before;
    evidence::Observation what;
    evidence::Source source = {};
    bool operator==(const Entry&) const = default;
};

/// Who bears a comeback: a workshop's own set costs no goodwill, a customer's costs trust.
enum class Whose { Unsaid, Own, Customer };

/// What its owner wants.
struct Order {
    std::string place;  ///< where the set hangs
    std::string complaint;
    double value = 0;  ///< what the set is worth working, in the bench's currency
    std::string due;   ///< ISO date, or empty
    std::string owner = {};
    std::string phone = {};
    std::optional<double> agreedPrice = {};  ///< in the bench's currency
    Whose whose = Whose::Unsaid;
    bool operator==(const Order&) const = default;
};

/// What the workshop charges and owns.
struct Bench {
    std::string workshop = {};  ///< its name, at the head of what the owner gets
    std::string contact = {};   ///< where to find it, in a line
    std::string currency = "EUR";
    double ratePerHour = 48;
    double goodwill = 40;         ///< what a comeback costs beside the second job
    double restockingFee = 12;    ///< for a board that is sent back
    double promisedHours = 1500;  ///< h of light over which a comeback counts
    double weibullShape = 2.5;    ///< β of LED failures (from memory); shown and editable
    backlight::TesterSetting tester;
    std::vector<std::string> lacks;  ///< ids of tools that are not at hand, into Knowledge::tools
    std::vector<panelcheck::BenchSupply> supplies = {{"Output 1", 120, 1, 300}, {"Output 2", 120, 1, 300}};
    bool operator==(const Bench&) const = default;
};

/// Whether all those tools, by their ids, are at hand.
bool hasAll(const Bench& bench, const std::vector<std::string>& tools);

/// One line of the soak after the repair.
struct SoakEntry {
    double minutes = 0;
    double ledPlusVolts = 0;
    double amps = 0;
    bool flicker = false;
    bool operator==(const SoakEntry&) const = default;
};

/// What a way of repair costs for this job, where it differs from the workshop's figures.
struct Terms {
    std::string option;           ///< id of a repair
    std::optional<double> parts;  ///< money
    std::optional<double> days;   ///< until the parts are here
    bool unavailable = false;     ///< they are not to be had
    std::string source = {};      ///< where the price was seen, in the technician's words
    bool operator==(const Terms&) const = default;
};

/// What is chosen and done.
struct Repair {
    std::string option;                  ///< id of the chosen option, empty while open
    std::string work;                    ///< what was done, in the technician's words
    std::optional<double> originalAmps;  ///< written down before it is changed
    std::optional<double> newAmps;
    std::vector<Terms> terms = {};  ///< at most one of each option
    FixDetails details = {};
    bool operator==(const Repair&) const = default;

    /// The terms of an option; empty where nobody has said any.
    const Terms* termsOf(std::string_view id) const;
};

/// How this job is worked.
struct Way {
    enum class First {
        Measure,
        Swap,  ///< a board that can be returned stands in for measurements
    };
    /// The smallest thing that is replaced.
    enum class Level {
        Any,        ///< what costs least; boards are not searched for the part
        Board,      ///< boards whole
        Component,  ///< the part on the board, which is searched for
        Strip,      ///< strips whole, no single LEDs
    };
    First first = First::Measure;
    Level level = Level::Any;
    bool operator==(const Way&) const = default;
};

/// The document: everything the technician said, nothing computed. Limits stand in problems.h.
struct Job {
    std::string id;
    std::string title;
    Order order;
    dimglow::set::DisplaySet set;
    int describedAfter = 0;  ///< entries up to this id were taken while the backlight was described otherwise
    Bench bench;
    bool panelOpen = false;
    Way way;
    bool liveWorkAccepted = false;  ///< the technician has said that they are trained and equipped for live work
    safety::MakeSafe makeSafe;
    panelcheck::PanelCheck panelCheck;
    std::vector<Entry> trail;
    Repair repair;
    hands::Opening opening;
    std::vector<SoakEntry> soak;
    std::string handedBack;  ///< ISO 8601, or empty

    format::Unknown unknown;  ///< members of its file that this version does not know; written back untouched

    bool operator==(const Job&) const = default;
};

/// Adds \p what to the trail with the next id. \returns the id
int addEntry(Job& job, std::string at, Phase phase, evidence::Observation what, evidence::Source source = {});

/// Notes that the backlight is described anew, where readings have been taken under what was said of it before. What
/// was chosen of it and is gone is chosen anew.
void noteDescribed(Job& job);

/// Writes a part, rail or pin down among those of the set, and what is printed on it as far as that is given.
void notePoint(Job& job, const evidence::PointAsked& point, const parts::Ratings& ratings = {});

/// What was seen of the light at switch-on, if anybody looked.
std::optional<driver::Light> lightSeen(const std::vector<Entry>& standing);

/// Whether what a test comes after has been answered, or it comes after nothing.
bool isDue(const knowledge::TestKind& test, const std::vector<Entry>& standing);

/// Of each entry of the trail, whether the place that it was taken at is gone: it is of before the backlight was
/// described anew (`describedAfter`), and what it names is not in the set as it is described now. It stays, counts for
/// nothing, and comes back with its place.
std::vector<char> placesLost(const Job& job);

/// The entries of a phase that still count: the latest answer to each question, in trail order.
std::vector<Entry> standingEntries(const Job& job, Phase phase);

}  // namespace dimglow::job
