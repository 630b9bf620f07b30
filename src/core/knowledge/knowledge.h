#pragma once

#include <array>
#include <map>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "core/driver/forecast.h"
#include "core/hands/trade.h"
#include "core/lamps/looks.h"
#include "core/parts/part_check.h"
#include "core/set/display_set.h"
#include "core/set/set_state.h"
#include "core/text/text.h"

namespace dimglow::knowledge {

/// Where in the strings a suspect sits, if it does.
enum class StringFault {
    None,
    Open,
    Shorted,
    Dark,
    Leaky,
    DieShorted,
    GroupOpen,
    Aged,
    DarkOpens,
    Plug,
    Joint,
    OtherType,
    Chassis,
    Sink  ///< on the board, seen by the string that hangs on it
};
/// The fault of single LEDs that it is, if it is one.
std::optional<backlight::LedFault> ledFaultOf(StringFault fault);

/// Where a fault is looked for.
enum class Side { Leds, Board, Panel, Unknown };
/// Their words in files.
inline const std::vector<const char*> sideWords = {"leds", "board", "panel", "unknown"};

/// Share of each choice of a question; they add up to 1.
using AnswerShares = std::map<std::string, double>;

/// Shares of good, doubtful and bad among the verdicts on a point; they add up to 1.
using GradeShares = std::array<double, 3>;

/// A piece of a set as it is drawn: what is found in it stands together.
struct Block {
    std::string id;
    text::Text title;
    std::string unit;    ///< what is exchanged as a whole: "powerBoard", "mainBoard", "strings", "panel"
    bool isHot = false;  ///< connected with the mains
    std::optional<set::LightKind> light = {};  ///< only in sets of that light; empty: in any
};

/// Where a block stands in the picture of a set.
struct PlacedBlock {
    int block = 0;  ///< into Knowledge::blocks
    int column = 0;
    int row = 0;
};

/// A kind of set: of which blocks it is made.
struct SetKind {
    std::string id;
    text::Text title;
    std::vector<Block> blocks;  ///< as Knowledge::blocks, with the titles and units that this kind has
    std::vector<PlacedBlock> placed;
    double wattsTimes = 1;  ///< what such a set takes from the mains, over the usual one
    /// How often a suspect is met in such a set, over the usual one; by id, those that differ.
    std::map<std::string, double> weightTimes = {};
    bool has(int block) const;
};

/// A part, rail or pin of a board that can be checked on its own.
struct PointKind {
    std::string id;
    text::Text title;
    text::Text shortTitle;
    std::string letter;  ///< how it is called while nobody has read its name off the board
    int block = 0;       ///< into Knowledge::blocks
    parts::PartKind kind = parts::PartKind::Rail;
    text::Text how;
    double minutes = 1;
    bool live = false;
    set::SetState from = set::SetState::Standby;  ///< the state from which a rail or pin must be there
    bool many = false;                            ///< a board has several, and some of them are not written down
    bool ages = false;                            ///< those of a board wear out together
    std::optional<GradeShares> shutDown = {};     ///< in a set that has taken itself down; empty: as ever
    GradeShares usual{};
    GradeShares faulty{};
    double looksUsual = 0;           ///< how often a sound one looks bad
    double looksFaulty = 0;          ///< how often a faulty one does
    std::vector<std::string> tools;  ///< ids of what it is checked with, beside a meter
};

/// A part that a suspect may come down to.
struct PartSuspect {
    text::Text title;
    int point = -1;     ///< into Knowledge::points; -1 when it cannot be checked by itself
    double share = 1;   ///< of the suspect's cases
    int behaviour = 0;  ///< of the driver's side, the suspect's if it has none of its own; into Knowledge::behaviours
    std::map<std::string, AnswerShares> answers;
    std::map<int, GradeShares> points;
};

/// How the driver's side behaves in some cases of a fault, instead of as in the others: which it is shows in all that
/// is read of the set alike.
struct Course {
    int behaviour = 0;  ///< into Knowledge::behaviours
    double share = 1;   ///< of the suspect's cases
};

/// A kind of fault: what it is called, how often it happens, how it behaves.
struct SuspectKind {
    std::string id;
    text::Text title;
    Side side = Side::Leds;
    double weight = 1;  ///< relative frequency before any evidence
    StringFault strings = StringFault::None;
    int behaviour = 0;                            ///< of the driver's side; into Knowledge::behaviours
    std::vector<Course> courses = {};             ///< of those that behave in another way; their shares are below 1
    std::map<std::string, AnswerShares> answers;  ///< by test id
    int block = -1;                               ///< into Knowledge::blocks; -1 of what sits nowhere
    std::map<int, GradeShares> points;            ///< points that it disturbs, into Knowledge::points
    std::vector<PartSuspect> parts;               ///< their shares add up to 1; empty when there is only one
    /// In a set with several feeds: how often all of them have it at once, being upstream of them; otherwise one has.
    double ofAllFeeds = 1;
    lamps::Trouble lamps = {};                                ///< what it makes of the lamps of a set that has such
    std::map<std::string, AnswerShares> answersOfLamps = {};  ///< there, where they differ
    int behaviourOfLamps = -1;                                ///< there, in all cases; -1 where it does not differ
    bool isNoneOfThese = false;  ///< whatever nobody has thought of: any reading is possible
    /// Before it is the verdict, of each group one of these tests or points must have been read.
    std::vector<std::vector<std::string>> needs = {};
};

/// What is open when a test is done.
enum class Reach { Outside, Boards, Panel };
/// How a test is answered, and by which kind of probe it is asked for.
enum class Form {
    Choices,
    Light,
    Volts,
    Tester,
    Led,
    Chassis,  ///< a tester from LED+ to the metal back
    Alone,    ///< one LED on its own
    Lamps,    ///< how each lamp looks
    Record,   ///< written down when done, never proposed by itself
};

/// Of what a test is done each: the set, or every channel or LED+ of it.
enum class Per { Set, Channel, Feed };

/// One of the answers that a question offers.
struct Choice {
    std::string id;
    text::Text title;
    std::optional<double> upTo;  ///< of a number that is asked for: the highest that it stands for
};

/// What a test is done with that not every bench has.
struct Tool {
    std::string id;
    text::Text title;
};

/// An answer that opens another question.
struct AnswerGiven {
    std::string test;
    std::string choice;
};

/// A test a technician can do.
struct TestKind {
    std::string id;
    text::Text title;
    std::string station;  ///< where it is entered: "firstLook", "board", "strings"
    text::Text how;
    double minutes = 1;
    Reach reach = Reach::Outside;
    bool live = false;
    Per per = Per::Set;
    Form form = Form::Choices;
    std::vector<Choice> choices;
    AnswerShares usual;
    AnswerShares whenLit = {};   ///< of a set that was seen to stay lit; empty: as ever
    AnswerShares shutDown = {};  ///< of a set that has taken itself down; empty: as ever
    /// By lamps::Extent, of a set with lamps: how far a fault shows in them is one thing, however often it is noticed.
    std::vector<AnswerShares> byExtent = {};
    double goneWhenDown = 0;                    ///< of a voltage: how often such a set no longer has it
    std::map<std::string, AnswerShares> units;  ///< of faults in that unit, where they differ
    std::map<int, AnswerShares> blocks;         ///< of faults in that block, where they differ; into Knowledge::blocks
    std::optional<set::LightKind> light = {};   ///< only of sets of that light; empty: of any
    std::optional<AnswerGiven> after = {};      ///< it is asked only once that was answered; empty: at any time
    std::optional<double> most = {};            ///< of a voltage: no set has more
    bool isFirst = false;                       ///< it comes before all else as soon as what it needs is open
    int block = -1;                             ///< where it is shown on the board; into Knowledge::blocks
    std::string group;                          ///< what it stands with at First look: "life", "picture", "light"
    std::string unit;                           ///< of the number that is asked for: "W"; empty when none is
    std::string counts;                         ///< what may be counted beside a choice: "blinks"; empty when nothing
    std::vector<text::Text> details;            ///< what may be said of it: "red"
    bool needsLight = false;                    ///< it is asked only of a set that gives light, if for a moment
    bool needsDark = false;                     ///< it is asked only of a set whose glass stayed dark
    text::Text shortTitle;
    std::string swaps;               ///< the unit that it exchanges for a known-good one
    std::vector<std::string> tools;  ///< ids of what it is done with, beside a meter

    /// Null when there is none of that id.
    const Choice* choice(const std::string& word) const;
    /// What a number that was read off a set of that kind stands for; null of one beyond all.
    const Choice* choiceFor(double number, const SetKind& kind) const;
};

/// How often a question has each answer under a fault: as its suspect says, or else its block, or else its unit, or
/// else as usual.
const AnswerShares& answersOf(const TestKind& test, const SuspectKind& suspect, const std::string& unit);
/// Of one answer; 0 of one that is not named.
double shareOf(const AnswerShares& shares, const std::string& choice);

/// What becomes new in a repair.
enum class Renews { Nothing, Leds, Strips, All };

/// A way to mend a set: what it mends, renews and exchanges, and what it takes.
struct RepairKind {
    std::string id;
    text::Text title;
    Renews renews = Renews::Nothing;
    std::vector<std::string> suspects;  ///< ids of what it mends, or "*"
    std::string unit;                   ///< where that must sit in the set; empty: wherever it does
    /// Whether it mends a suspect that sits in a unit.
    bool mends(const std::string& suspect, const std::string& sitsIn) const;
    double parts = 0;
    double perLedParts = 0;
    double perStripParts = 0;
    double minutes = 0;
    double perLedMinutes = 0;
    double findMinutes = 0;   ///< to find what is exchanged, until that is done
    double perPartParts = 0;  ///< each part of a board that is renewed beside the first
    double perPartMinutes = 0;
    double days = 0;
    bool opensPanel = false;
    bool writesOff = false;
    bool stopGap = false;  ///< listed, never advised
    /// What it exchanges, as ways of working tell repairs apart: "board", "part", "kit", "driver", "strip",
    /// "universal", "led"; empty of others.
    std::string exchanges;
    bool bridges = false;                ///< leaves a short where the faulty LED was
    double relapse = 0;                  ///< chance that it comes back for a reason other than the LEDs' age
    text::Text say;                      ///< to the technician who chooses
    text::Text done;                     ///< "Strip replaced": its title once it is done
    std::vector<std::string> work = {};  ///< ids of what is done with the hands, into Knowledge::hands
    text::Text forOwner;                 ///< what it means to whoever pays
    text::Text looks = {};               ///< what is seen of it on the screen, in a word or two
    text::Text refused = {};             ///< why it is no repair; empty of those that are
    bool isRepair() const { return !writesOff && refused.empty(); }
    std::string plan = {};    ///< what must be planned before it can be advised: "strips", "driver"
    text::Text whenTwo = {};  ///< its title where the set has two of it, which are replaced together; empty: never two
};

/// Everything the trade knows that is data, not arithmetic.
struct Knowledge {
    std::vector<driver::Behaviour> behaviours;  ///< the healthy one first
    std::vector<Block> blocks;
    std::vector<std::pair<int, int>> wires;  ///< what feeds or steers what, into blocks
    std::vector<SetKind> setKinds;           ///< the usual one first, as lit by LEDs
    std::vector<SetKind> lampSetKinds;       ///< the same in the same order, as lit by lamps
    std::vector<PointKind> points;
    std::vector<SuspectKind> suspects;
    std::vector<Tool> tools;
    std::vector<TestKind> tests;
    std::vector<RepairKind> repairs;
    double openBoardsMinutes = 8;
    hands::Trade hands;  ///< of taking apart, mending by hand and closing
    /// To put a probe to one end of a run, beside the minute that the reading takes.
    double plugProbeMinutes = 0;
    double padProbeMinutes = 0.25;
    double maskProbeMinutes = 2;
    double lensProbeMinutes = 4;
    /// Share of sets whose main board takes them down when their light fails.
    double shutDownShare = 0;
    /// Share of sets that are lit by lamps, before anybody has looked.
    double lampShare = 0;
    /// One sentence for each pair of suspects that no test can tell apart.
    std::vector<std::string> warnings;

    const driver::Behaviour& healthy() const { return behaviours.front(); }
    /// \param part of those of the suspect; null where they are not told apart
    const driver::Behaviour& behaviourOf(const SuspectKind& suspect, const PartSuspect* part = nullptr) const {
        return behaviours[std::size_t(part == nullptr ? suspect.behaviour : part->behaviour)];
    }
    /// Each \returns null when there is none of that id.
    const driver::Behaviour* behaviour(const std::string& id) const;
    const TestKind* test(const std::string& id) const;
    const Tool* tool(const std::string& id) const;
    const SuspectKind* suspect(const std::string& id) const;
    const PointKind* point(const std::string& id) const;
    int pointIndex(const std::string& id) const;  ///< -1 when there is none
    /// The kind of set of that id; the usual one when there is none, as in files of a workshop that has others.
    const SetKind& setKind(const std::string& id) const;
    /// The same with the blocks of a set's light.
    const SetKind& setKind(const set::DisplaySet& set) const;
    /// Whether a suspect can be in a set: it sits nowhere, or in a block that is there.
    bool isIn(const set::DisplaySet& set, const SuspectKind& suspect) const;
    /// Whether a test has something to be done on in a set.
    bool isIn(const set::DisplaySet& set, const TestKind& test) const;
    /// The same of a test or a point by its id; true of what nobody knows.
    bool isIn(const set::DisplaySet& set, const std::string& testOrPoint) const;
    /// The unit that a suspect sits in, in a set; empty of what sits nowhere.
    const std::string& unitOf(const SuspectKind& suspect, const set::DisplaySet& set) const;
    const RepairKind* repair(const std::string& id) const;
    /// The way to go on that gives the set up.
    const RepairKind& writeOff() const;
};

/// The texts of the knowledge files. Those of a layer that is laid over another may be empty.
struct KnowledgeTexts {
    std::string behaviours;
    std::string sets;
    std::string points;
    std::string suspects;
    std::string tests;
    std::string repairs;
    std::string hands;
};

/// The files embedded in the program.
const KnowledgeTexts& builtInKnowledgeTexts();

/// One layer over the other: an entry of the later one takes the place of the earlier of its id, others are added;
/// members that are no list of entries replace those before.
///
///     parseKnowledge(laidOver(builtInKnowledgeTexts(), workshop))
/// \throws format::FormatError that names file and reason when a layer is no JSON or of another format
KnowledgeTexts laidOver(const KnowledgeTexts& earlier, const KnowledgeTexts& later);

/// \throws format::FormatError that names file, field and reason.
Knowledge parseKnowledge(const KnowledgeTexts& texts);

/// The built-in files, parsed once, when they are first asked for; on any thread. Programs ask for it once and hand it
/// on.
const Knowledge& builtInKnowledge();

/// Where knowledge comes from, for those who need it only later.
using Source = const Knowledge& (*)();

}  // namespace dimglow::knowledge
