#include "core/knowledge/knowledge.h"

#include <algorithm>
#include <cmath>

#include "core/format/document.h"

namespace dimglow::knowledge {

using format::Fields;
using format::FormatError;

namespace {

constexpr std::size_t longestWord = 60;
constexpr std::size_t longestSentence = 300;

AnswerShares readShares(const nlohmann::json& object, const std::string& path) {
    AnswerShares shares;
    double sum = 0;
    for (const auto& [choice, value] : object.items()) {
        if (!value.is_number() || value.get<double>() < 0) {
            throw FormatError(path + "." + choice, "expected a share of 0 or more");
        }
        shares[choice] = value;
        sum += shares[choice];
    }
    if (std::abs(sum - 1) > 1e-6) {
        throw FormatError(path, "the shares do not add up to 1");
    }
    return shares;
}

void requireHeader(Fields& fields, const std::string& format) {
    if (fields.text("format", longestWord) != format) {
        throw FormatError(fields.pathOf("format"), "must say \"" + format + "\"");
    }
    fields.integer("version", 1, 1);
}

std::vector<SuspectKind> readSuspects(const nlohmann::json& document) {
    Fields fields(document, "suspects.json");
    requireHeader(fields, "dimglow-suspects");
    std::vector<SuspectKind> suspects;
    fields.forEach("suspects", 200, [&](Fields suspect) {
        SuspectKind kind;
        kind.id = suspect.text("id", longestWord);
        kind.title = suspect.text("title", longestWord);
        kind.side = suspect.text("side", longestWord);
        kind.weight = suspect.number("weight", 1e-6, 1e6);
        kind.strings = StringFault(suspect.choice("strings",
                                                  {"none", "open", "shorted", "dark", "leaky", "dieShorted",
                                                   "groupOpen", "aged", "plug", "joint", "other", "chassis"},
                                                  0));
        kind.driver = driver::DriverFault(suspect.choice(
            "driver", {"none", "noFeed", "notSwitching", "notAsked", "dimAtZero", "weakSupply", "tripsEarly"}, 0));
        kind.blOnAbsent = suspect.choice("blOn", {"present", "absent"}, 0) == 1;
        const auto& all = document["suspects"][suspects.size()];
        if (all.contains("answers")) {
            suspect.object("answers");
            for (const auto& [test, shares] : all["answers"].items()) {
                kind.answers[test] = readShares(shares, suspect.pathOf("answers") + "." + test);
            }
        }
        suspects.push_back(std::move(kind));
    });
    if (suspects.empty()) {
        throw FormatError(fields.pathOf("suspects"), "names no suspect");
    }
    return suspects;
}

void readTests(const nlohmann::json& document, Knowledge& knowledge) {
    Fields fields(document, "tests.json");
    requireHeader(fields, "dimglow-tests");
    fields.forEach("tests", 200, [&](Fields test) {
        TestKind kind;
        kind.id = test.text("id", longestWord);
        kind.title = test.text("title", longestWord);
        kind.station = test.text("station", longestWord);
        kind.how = test.text("how", longestSentence);
        kind.minutes = test.number("minutes", 0.1, 1e4);
        kind.reach = Reach(test.choice("reach", {"outside", "boards", "panel"}));
        kind.live = test.flag("live", false);
        kind.perChannel = test.flag("perChannel", false);
        kind.form = Form(test.choice("form", {"choices", "light", "volts", "tester", "led", "chassis", "record"}, 0));
        if (kind.form == Form::Volts && !driver::isBoardVoltage(kind.id)) {
            throw FormatError(test.pathOf("id"), "\"" + kind.id + "\" is no voltage that this program can forecast");
        }
        test.forEach("choices", 20, [&](Fields choice) {
            kind.choices.push_back({choice.text("id", longestWord), choice.text("title", longestWord)});
        });
        if (kind.form == Form::Choices) {
            test.object("usual");
            kind.usual = readShares(document["tests"][knowledge.tests.size()]["usual"], test.pathOf("usual"));
            for (const auto& choice : kind.choices) {
                if (!kind.usual.contains(choice.id)) {
                    throw FormatError(test.pathOf("usual"), "has no share for \"" + choice.id + "\"");
                }
            }
        }
        knowledge.tests.push_back(std::move(kind));
    });
    Fields opening = fields.object("opening");
    knowledge.openBoardsMinutes = opening.number("boards", 0, 1e4);
    knowledge.openPanelMinutes = opening.number("panel", 0, 1e4);
    Fields probe = fields.object("probe");
    knowledge.plugProbeMinutes = probe.number("plugMinutes", 0, 1e4);
    knowledge.padProbeMinutes = probe.number("padMinutes", 0, 1e4);
    knowledge.maskProbeMinutes = probe.number("maskMinutes", 0, 1e4, knowledge.maskProbeMinutes);
    knowledge.lensProbeMinutes = probe.number("lensMinutes", 0, 1e4, knowledge.lensProbeMinutes);
}

void readRepairs(const nlohmann::json& document, Knowledge& knowledge) {
    Fields fields(document, "repairs.json");
    requireHeader(fields, "dimglow-repairs");
    knowledge.glassBreakPerOpening = fields.object("glass").number("breakPerOpening", 0, 1);
    fields.forEach("repairs", 200, [&](Fields repair) {
        RepairKind kind;
        kind.id = repair.text("id", longestWord);
        kind.title = repair.text("title", longestWord);
        kind.renews = Renews(repair.choice("renews", {"nothing", "leds", "strips", "all"}));
        for (const auto& mended :
             document["repairs"][knowledge.repairs.size()].value("mends", nlohmann::json::array())) {
            const bool known = mended.is_string() && (mended == "*" || knowledge.suspect(mended) != nullptr);
            if (!known) {
                throw FormatError(repair.pathOf("mends"), mended.dump() + " is no suspect");
            }
            kind.mends.push_back(mended);
        }
        kind.parts = repair.number("parts", 0, 1e6);
        kind.perLedParts = repair.number("perLedParts", 0, 1e6, 0);
        kind.perStripParts = repair.number("perStripParts", 0, 1e6, 0);
        kind.minutes = repair.number("minutes", 0, 1e5);
        kind.perLedMinutes = repair.number("perLedMinutes", 0, 1e5, 0);
        kind.days = repair.number("days", 0, 1000);
        kind.opensPanel = repair.flag("opensPanel", false);
        kind.writesOff = repair.flag("writesOff", false);
        kind.stopGap = repair.flag("stopGap", false);
        kind.relapse = repair.number("relapse", 0, 1, 0);
        kind.say = repair.text("say", longestSentence);
        knowledge.repairs.push_back(std::move(kind));
    });
}

nlohmann::json parseNamed(const std::string& text, const char* file) {
    try {
        return format::parseDocument(text);
    } catch (const FormatError& error) {
        throw FormatError(file, error.what());
    }
}

}  // namespace

std::optional<backlight::LedFault> ledFaultOf(StringFault fault) {
    using backlight::LedFault;
    switch (fault) {
        case StringFault::Open:
            return LedFault::Open;
        case StringFault::Shorted:
            return LedFault::Shorted;
        case StringFault::Dark:
            return LedFault::Dark;
        case StringFault::Leaky:
            return LedFault::Leaky;
        case StringFault::DieShorted:
            return LedFault::DieShorted;
        case StringFault::GroupOpen:
            return LedFault::GroupOpen;
        case StringFault::Aged:
            return LedFault::Aged;
        default:
            return std::nullopt;
    }
}

const TestKind* Knowledge::test(const std::string& id) const {
    const auto found = std::find_if(tests.begin(), tests.end(), [&](const auto& t) { return t.id == id; });
    return found == tests.end() ? nullptr : &*found;
}

const SuspectKind* Knowledge::suspect(const std::string& id) const {
    const auto found = std::find_if(suspects.begin(), suspects.end(), [&](const auto& s) { return s.id == id; });
    return found == suspects.end() ? nullptr : &*found;
}

namespace {

/// Equal in all that a test could show.
bool looksLike(const SuspectKind& a, const SuspectKind& b) {
    return a.strings == b.strings && a.driver == b.driver && a.blOnAbsent == b.blOnAbsent && a.answers == b.answers;
}

}  // namespace

Knowledge parseKnowledge(const KnowledgeTexts& texts) {
    Knowledge knowledge;
    knowledge.suspects = readSuspects(parseNamed(texts.suspects, "suspects.json"));
    readTests(parseNamed(texts.tests, "tests.json"), knowledge);
    readRepairs(parseNamed(texts.repairs, "repairs.json"), knowledge);
    const auto& suspects = knowledge.suspects;
    for (auto a = suspects.begin(); a != suspects.end(); ++a) {
        for (auto b = a + 1; b != suspects.end(); ++b) {
            if (looksLike(*a, *b)) {
                knowledge.warnings.push_back("suspects.json: nothing tells \"" + b->id + "\" from \"" + a->id + "\"");
            }
        }
    }
    return knowledge;
}

const Knowledge& builtInKnowledge() {
    static const Knowledge knowledge = parseKnowledge(builtInKnowledgeTexts());
    return knowledge;
}

}  // namespace dimglow::knowledge
