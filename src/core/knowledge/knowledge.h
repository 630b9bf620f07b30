#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/driver/forecast.h"
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
    Chassis
};
/// The fault of single LEDs that it is, if it is one.
std::optional<backlight::LedFault> ledFaultOf(StringFault fault);

/// Where a fault is looked for.
enum class Side { Leds, Board, Panel, Unknown };
/// Their words in files.
inline const std::vector<const char*> sideWords = {"leds", "board", "panel", "unknown"};

/// Share of each choice of a question; they add up to 1.
using AnswerShares = std::map<std::string, double>;

/// A kind of fault: what it is called, how often it happens, how it behaves.
struct SuspectKind {
    std::string id;
    text::Text title;
    Side side = Side::Leds;
    double weight = 1;  ///< relative frequency before any evidence
    StringFault strings = StringFault::None;
    int behaviour = 0;                            ///< of the driver's side; into Knowledge::behaviours
    std::map<std::string, AnswerShares> answers;  ///< by test id
    /// In a set with several feeds: how often all of them have it at once, being upstream of them; otherwise one has.
    double ofAllFeeds = 1;
    bool isNoneOfThese = false;  ///< whatever nobody has thought of: any reading is possible
};

enum class Reach { Outside, Boards, Panel };
enum class Form {
    Choices,
    Light,
    Volts,
    Tester,
    Led,
    Chassis,  ///< a tester from LED+ to the metal back
    Record,   ///< written down when done, never proposed by itself
};

/// Of what a test is done each: the set, or every channel or LED+ of it.
enum class Per { Set, Channel, Feed };

struct Choice {
    std::string id;
    text::Text title;
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
};

/// What becomes new in a repair.
enum class Renews { Nothing, Leds, Strips, All };

struct RepairKind {
    std::string id;
    text::Text title;
    Renews renews = Renews::Nothing;
    std::vector<std::string> mends;  ///< suspect ids, or "*"
    double parts = 0;
    double perLedParts = 0;
    double perStripParts = 0;
    double minutes = 0;
    double perLedMinutes = 0;
    double days = 0;
    bool opensPanel = false;
    bool writesOff = false;
    bool stopGap = false;  ///< listed, never advised
    bool bridges = false;  ///< leaves a short where the faulty LED was
    double relapse = 0;    ///< chance that it comes back for a reason other than the LEDs' age
    text::Text say;
};

/// Everything the trade knows that is data, not arithmetic.
struct Knowledge {
    std::vector<driver::Behaviour> behaviours;  ///< the healthy one first
    std::vector<SuspectKind> suspects;
    std::vector<TestKind> tests;
    std::vector<RepairKind> repairs;
    double openBoardsMinutes = 8;
    double openPanelMinutes = 60;
    /// To put a probe to one end of a run, beside the minute that the reading takes.
    double plugProbeMinutes = 0;
    double padProbeMinutes = 0.25;
    double maskProbeMinutes = 2;
    double lensProbeMinutes = 4;
    double glassBreakPerOpening = 0.02;
    /// One sentence for each pair of suspects that no test can tell apart.
    std::vector<std::string> warnings;

    const driver::Behaviour& healthy() const { return behaviours.front(); }
    const driver::Behaviour& behaviourOf(const SuspectKind& suspect) const {
        return behaviours[std::size_t(suspect.behaviour)];
    }
    /// Each \returns null when there is none of that id.
    const driver::Behaviour* behaviour(const std::string& id) const;
    const TestKind* test(const std::string& id) const;
    const SuspectKind* suspect(const std::string& id) const;
    const RepairKind* repair(const std::string& id) const;
    /// The way to go on that gives the set up.
    const RepairKind& writeOff() const;
};

/// The texts of the knowledge files.
struct KnowledgeTexts {
    std::string behaviours;
    std::string suspects;
    std::string tests;
    std::string repairs;
};

/// The files embedded in the program.
const KnowledgeTexts& builtInKnowledgeTexts();

/// \throws format::FormatError that names file, field and reason.
Knowledge parseKnowledge(const KnowledgeTexts& texts);

/// The built-in files, parsed once.
const Knowledge& builtInKnowledge();

}  // namespace dimglow::knowledge
