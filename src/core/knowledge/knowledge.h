#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/driver/forecast.h"

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
    Plug,
    Joint,
    OtherType,
    Chassis
};
/// The fault of single LEDs that it is, if it is one.
std::optional<backlight::LedFault> ledFaultOf(StringFault fault);

/// Share of each choice of a question; they add up to 1.
using AnswerShares = std::map<std::string, double>;

/// A kind of fault: what it is called, how often it happens, how it behaves.
struct SuspectKind {
    std::string id;
    std::string title;
    std::string side;   ///< "leds", "board" or "panel"
    double weight = 1;  ///< relative frequency before any evidence
    StringFault strings = StringFault::None;
    driver::DriverFault driver = driver::DriverFault::None;
    bool blOnAbsent = false;                      ///< BL_ON is missing though the driver fault alone would not say so
    std::map<std::string, AnswerShares> answers;  ///< by test id
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

struct Choice {
    std::string id;
    std::string title;
};

/// A test a technician can do.
struct TestKind {
    std::string id;
    std::string title;
    std::string station;  ///< where it is entered: "firstLook", "board", "strings"
    std::string how;
    double minutes = 1;
    Reach reach = Reach::Outside;
    bool live = false;
    bool perChannel = false;
    Form form = Form::Choices;
    std::vector<Choice> choices;
    AnswerShares usual;
};

/// What becomes new in a repair.
enum class Renews { Nothing, Leds, Strips, All };

struct RepairKind {
    std::string id;
    std::string title;
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
    double relapse = 0;    ///< chance that it comes back for a reason other than the LEDs' age
    std::string say;
};

/// Everything the trade knows that is data, not arithmetic.
struct Knowledge {
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

    const TestKind* test(const std::string& id) const;
    const SuspectKind* suspect(const std::string& id) const;
};

/// The texts of the three knowledge files.
struct KnowledgeTexts {
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
