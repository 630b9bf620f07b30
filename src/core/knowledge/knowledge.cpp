#include "core/knowledge/knowledge.h"

#include <algorithm>
#include <cmath>

#include "core/format/document.h"
#include "core/knowledge/behaviours.h"
#include "core/knowledge/board.h"
#include "core/knowledge/file_header.h"
#include "core/knowledge/hands.h"

namespace dimglow::knowledge {

using format::Fields;
using format::FormatError;

namespace {

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

/// The shares under a member, by test.
std::map<std::string, AnswerShares> readAnswers(Fields& of, const nlohmann::json& document, const char* member) {
    std::map<std::string, AnswerShares> answers;
    if (document.contains(member)) {
        of.object(member);
        for (const auto& [key, shares] : document[member].items()) {
            answers[key] = readShares(shares, of.pathOf(member) + "." + key);
        }
    }
    return answers;
}

/// The same by the names of blocks.
std::map<int, AnswerShares> readAnswersOfBlocks(Fields& of, const nlohmann::json& document,
                                                const Knowledge& knowledge) {
    std::map<int, AnswerShares> answers;
    for (auto& [name, shares] : readAnswers(of, document, "blocks")) {
        answers[indexOfBlock(name, of.pathOf("blocks"), knowledge)] = std::move(shares);
    }
    return answers;
}

/// The answer that a test comes after: one of a test in front of it.
std::optional<AnswerGiven> readAfter(Fields& test, const Knowledge& knowledge) {
    if (!test.has("after")) {
        return std::nullopt;
    }
    Fields after = test.object("after");
    AnswerGiven given{after.text("test", longestWord), after.text("choice", longestWord)};
    const auto* before = knowledge.test(given.test);
    if (before == nullptr || before->choice(given.choice) == nullptr) {
        throw FormatError(test.pathOf("after"), "names no answer of a test in front of it");
    }
    return given;
}

/// The behaviour that is named, into Knowledge::behaviours; \p usual where none is.
int readBehaviour(Fields& of, const Knowledge& knowledge, int usual = 0) {
    const auto id = of.text("driver", longestWord, knowledge.behaviours[std::size_t(usual)].id);
    const auto* behaviour = knowledge.behaviour(id);
    if (behaviour == nullptr) {
        throw FormatError(of.pathOf("driver"), "\"" + id + "\" is no behaviour");
    }
    return int(behaviour - knowledge.behaviours.data());
}

std::vector<Course> readCourses(Fields& suspect, const Knowledge& knowledge) {
    std::vector<Course> courses;
    double sum = 0;
    suspect.forEach("courses", 20, [&](Fields course) {
        courses.push_back({readBehaviour(course, knowledge), course.number("share", 1e-6, 1)});
        sum += courses.back().share;
    });
    if (sum >= 1) {
        throw FormatError(suspect.pathOf("courses"), "the shares leave none for the usual course");
    }
    return courses;
}

std::vector<PartSuspect> readParts(Fields& suspect, const nlohmann::json& document, const Knowledge& knowledge,
                                   int behaviour) {
    std::vector<PartSuspect> parts;
    double sum = 0;
    suspect.forEach("parts", 20, [&](Fields part) {
        const auto& own = document["parts"][parts.size()];
        PartSuspect read;
        read.title = sentence(part, "title", longestWord);
        if (part.has("point")) {
            const auto id = part.text("point", longestWord);
            read.point = knowledge.pointIndex(id);
            if (read.point < 0) {
                throw FormatError(part.pathOf("point"), "\"" + id + "\" is no point");
            }
        }
        read.share = part.number("share", 1e-6, 1);
        read.behaviour = readBehaviour(part, knowledge, behaviour);
        read.answers = readAnswers(part, own, "answers");
        read.points = readGrades(part, own, knowledge);
        sum += read.share;
        parts.push_back(std::move(read));
    });
    if (!parts.empty() && std::abs(sum - 1) > 1e-6) {
        throw FormatError(suspect.pathOf("parts"), "the shares do not add up to 1");
    }
    return parts;
}

std::vector<std::vector<std::string>> readNeeds(Fields& suspect) {
    std::vector<std::vector<std::string>> needs;
    suspect.forEach("needs", 20, [&](Fields group) {
        auto& ids = needs.emplace_back();
        group.forEachText("anyOf", 20, [&](const std::string& id, const std::string&) { ids.push_back(id); });
    });
    return needs;
}

/// Members by lamps::Extent.
constexpr const char* extentWords[lamps::extentCount] = {"none", "one", "several", "half"};

/// What a suspect makes of lamps: of none where nothing is said.
lamps::Trouble readLamps(Fields& suspect, const nlohmann::json& document) {
    lamps::Trouble trouble;
    if (!suspect.has("lamps")) {
        return trouble;
    }
    Fields of = suspect.object("lamps");
    constexpr double rounding = 1e-9;
    double shown = 0;
    for (std::size_t extent = 1; extent < trouble.extents.size(); ++extent) {
        shown += trouble.extents[extent] = of.number(extentWords[extent], 0, 1 + rounding - shown, 0);
    }
    trouble.extents.front() = shown > 1 - rounding ? 0 : 1 - shown;
    of.object("looks");
    const auto shares = readShares(document["lamps"]["looks"], of.pathOf("looks"));
    for (int look = 1; look < lamps::lookCount; ++look) {
        const auto found = shares.find(lamps::lookWords[std::size_t(look)]);
        if (found == shares.end()) {
            throw FormatError(of.pathOf("looks"),
                              fmt::format("has no share for \"{}\"", lamps::lookWords[std::size_t(look)]));
        }
        trouble.looks[std::size_t(look)] = found->second;
    }
    return trouble;
}

std::vector<SuspectKind> readSuspects(const nlohmann::json& document, const Knowledge& knowledge) {
    Fields fields(document, "suspects.json");
    requireHeader(fields, "dimglow-suspects");
    std::vector<SuspectKind> suspects;
    fields.forEach("suspects", 200, [&](Fields suspect) {
        SuspectKind kind;
        kind.id = suspect.text("id", longestWord);
        kind.title = sentence(suspect, "title", longestWord);
        kind.side = Side(suspect.choice("side", sideWords));
        kind.weight = suspect.number("weight", 1e-6, 1e6);
        kind.strings =
            StringFault(suspect.choice("strings",
                                       {"none", "open", "shorted", "dark", "leaky", "dieShorted", "groupOpen", "aged",
                                        "darkOpens", "plug", "joint", "other", "chassis", "sink"},
                                       0));
        kind.behaviour = readBehaviour(suspect, knowledge);
        kind.courses = readCourses(suspect, knowledge);
        kind.ofAllFeeds = suspect.number("ofAllFeeds", 0, 1, 1);
        kind.isNoneOfThese = suspect.flag("noneOfThese", false);
        const auto& all = document["suspects"][suspects.size()];
        kind.answers = readAnswers(suspect, all, "answers");
        suspect.text("block", longestWord);  // without it, swaps would be answered as by a sound set
        kind.block = blockNamed(suspect, knowledge);
        kind.points = readGrades(suspect, all, knowledge);
        kind.needs = readNeeds(suspect);
        kind.lamps = readLamps(suspect, all);
        if (suspect.has("lamps")) {
            Fields lamps = suspect.object("lamps");
            kind.answersOfLamps = readAnswers(lamps, all["lamps"], "answers");
            kind.behaviourOfLamps = lamps.has("driver") ? readBehaviour(lamps, knowledge) : -1;
        }
        kind.parts = readParts(suspect, all, knowledge, kind.behaviour);
        suspects.push_back(std::move(kind));
    });
    if (suspects.empty()) {
        throw FormatError(fields.pathOf("suspects"), "names no suspect");
    }
    return suspects;
}

/// Reads the shares of a test's answers on a sound set, a lit one, and one that was shut down.
void readUsual(Fields& test, const nlohmann::json& json, TestKind& kind) {
    test.object("usual");
    kind.usual = readShares(json["usual"], test.pathOf("usual"));
    for (const auto& choice : kind.choices) {
        if (!kind.usual.contains(choice.id)) {
            throw FormatError(test.pathOf("usual"), "has no share for \"" + choice.id + "\"");
        }
    }
    for (const auto& [member, shares] : {std::pair("whenLit", &kind.whenLit), {"shutDown", &kind.shutDown}}) {
        if (test.has(member)) {
            test.object(member);
            *shares = readShares(json[member], test.pathOf(member));
        }
    }
}

/// Reads the shares of a test's answers by how far the lamps show it, all of them above zero; nothing where it has
/// none.
std::vector<AnswerShares> readByExtent(Fields& test, const nlohmann::json& json, const TestKind& kind) {
    std::vector<AnswerShares> byExtent;
    if (!test.has("byExtent")) {
        return byExtent;
    }
    Fields of = test.object("byExtent");
    for (const auto* extent : extentWords) {
        of.object(extent);
        const auto& shares = byExtent.emplace_back(readShares(json["byExtent"][extent], of.pathOf(extent)));
        for (const auto& choice : kind.choices) {
            if (shareOf(shares, choice.id) <= 0) {
                throw FormatError(of.pathOf(extent), "has no share for \"" + choice.id + "\"");
            }
        }
    }
    return byExtent;
}

TestKind readTest(Fields& test, const nlohmann::json& json, const Knowledge& knowledge) {
    TestKind kind;
    kind.id = test.text("id", longestWord);
    kind.title = sentence(test, "title", longestWord);
    kind.station = test.text("station", longestWord);
    kind.how = sentence(test, "how", longestSentence);
    kind.minutes = test.number("minutes", 0.1, 1e4);
    kind.reach = Reach(test.choice("reach", {"outside", "boards", "panel"}));
    kind.live = test.flag("live", false);
    kind.per = Per(test.choice("per", {"set", "channel", "feed"}, 0));
    kind.form = Form(
        test.choice("form", {"choices", "light", "volts", "tester", "led", "chassis", "alone", "lamps", "record"}, 0));
    if (kind.form == Form::Volts && !knowledge.healthy().forecasts(kind.id)) {
        throw FormatError(test.pathOf("id"), "\"" + kind.id + "\" is no voltage of the first behaviour");
    }
    test.forEach("choices", 20, [&](Fields choice) {
        kind.choices.push_back({choice.text("id", longestWord), sentence(choice, "title", longestWord),
                                choice.maybeNumber("upTo", 0, 1e6)});
    });
    kind.block = blockNamed(test, knowledge);
    kind.light = lightNamed(test);
    kind.most = test.maybeNumber("most", 0, 1e6);
    kind.isFirst = test.flag("first", false);
    kind.needsLight = test.flag("needsLight", false);
    kind.goneWhenDown = test.number("goneWhenDown", 0, 1, 0);
    kind.needsDark = test.flag("needsDark", false);
    kind.shortTitle = test.has("short") ? sentence(test, "short", longestWord) : kind.title;
    kind.group = test.text("group", longestWord, "");
    kind.unit = test.text("unit", longestWord, "");
    kind.counts = test.text("counts", longestWord, "");
    kind.swaps = test.text("swaps", longestWord, "");
    kind.tools = readTools(test);
    test.forEachText("details", 20, [&](const std::string& detail, const std::string&) {
        kind.details.emplace_back(detail, std::vector<text::Argument>());
    });
    kind.units = readAnswers(test, json, "units");
    kind.blocks = readAnswersOfBlocks(test, json, knowledge);
    kind.after = readAfter(test, knowledge);
    if (!kind.choices.empty() || kind.form == Form::Choices) {
        readUsual(test, json, kind);
        kind.byExtent = readByExtent(test, json, kind);
    }
    return kind;
}

void readTests(const nlohmann::json& document, Knowledge& knowledge) {
    Fields fields(document, "tests.json");
    requireHeader(fields, "dimglow-tests");
    fields.forEach("tools", 50, [&](Fields tool) {
        knowledge.tools.push_back({tool.text("id", longestWord), sentence(tool, "title", longestWord)});
    });
    fields.forEach("tests", 200, [&](Fields test) {
        knowledge.tests.push_back(readTest(test, document["tests"][knowledge.tests.size()], knowledge));
    });
    Fields opening = fields.object("opening");
    knowledge.openBoardsMinutes = opening.number("boards", 0, 1e4);
    knowledge.shutDownShare = fields.number("shutDownShare", 0, 1, 0);
    Fields probe = fields.object("probe");
    knowledge.plugProbeMinutes = probe.number("plugMinutes", 0, 1e4);
    knowledge.padProbeMinutes = probe.number("padMinutes", 0, 1e4);
    knowledge.maskProbeMinutes = probe.number("maskMinutes", 0, 1e4, knowledge.maskProbeMinutes);
    knowledge.lensProbeMinutes = probe.number("lensMinutes", 0, 1e4, knowledge.lensProbeMinutes);
}

bool isUnit(const std::string& unit, const Knowledge& knowledge) {
    return std::any_of(knowledge.setKinds.begin(), knowledge.setKinds.end(), [&](const auto& set) {
        return std::any_of(set.blocks.begin(), set.blocks.end(), [&](const auto& block) { return block.unit == unit; });
    });
}

void readRepairs(const nlohmann::json& document, Knowledge& knowledge) {
    Fields fields(document, "repairs.json");
    requireHeader(fields, "dimglow-repairs");
    fields.forEach("repairs", 200, [&](Fields repair) {
        RepairKind kind;
        kind.id = repair.text("id", longestWord);
        kind.title = sentence(repair, "title", longestWord);
        kind.renews = Renews(repair.choice("renews", {"nothing", "leds", "strips", "all"}));
        repair.forEachText("mends", 200, [&](const std::string& suspect, const std::string& path) {
            if (suspect != "*" && knowledge.suspect(suspect) == nullptr) {
                throw FormatError(path, "\"" + suspect + "\" is no suspect");
            }
            kind.suspects.push_back(suspect);
        });
        kind.unit = repair.text("unit", longestWord, "");
        if (!kind.unit.empty() && !isUnit(kind.unit, knowledge)) {
            throw FormatError(repair.pathOf("unit"), "\"" + kind.unit + "\" is no unit of sets.json");
        }
        repair.forEachText("work", mostSteps, [&](const std::string& step, const std::string& path) {
            if (knowledge.hands.step(step) == nullptr) {
                throw FormatError(path, "\"" + step + "\" is no step of hands.json");
            }
            kind.work.push_back(step);
        });
        kind.parts = repair.number("parts", 0, 1e6);
        kind.perLedParts = repair.number("perLedParts", 0, 1e6, 0);
        kind.perStripParts = repair.number("perStripParts", 0, 1e6, 0);
        kind.minutes = repair.number("minutes", 0, 1e5);
        kind.perLedMinutes = repair.number("perLedMinutes", 0, 1e5, 0);
        kind.findMinutes = repair.number("findMinutes", 0, 1e5, 0);
        kind.perPartParts = repair.number("perPartParts", 0, 1e6, 0);
        kind.perPartMinutes = repair.number("perPartMinutes", 0, 1e5, 0);
        kind.days = repair.number("days", 0, 1000);
        kind.opensPanel = repair.flag("opensPanel", false);
        kind.writesOff = repair.flag("writesOff", false);
        kind.stopGap = repair.flag("stopGap", false);
        kind.exchanges = repair.text("exchanges", longestWord, "");
        kind.bridges = repair.flag("bridges", false);
        kind.relapse = repair.number("relapse", 0, 1, 0);
        kind.say = sentence(repair, "say", longestSentence);
        kind.done = sentence(repair, "done", longestSentence);
        kind.forOwner = sentence(repair, "forOwner", longestSentence);
        if (repair.has("looks")) {
            kind.looks = sentence(repair, "looks", longestWord);
        }
        if (repair.has("refused")) {
            kind.refused = sentence(repair, "refused", longestSentence);
        }
        kind.plan = repair.text("plan", longestWord, "");
        if (repair.has("whenTwo")) {
            kind.whenTwo = sentence(repair, "whenTwo", longestSentence);
        }
        knowledge.repairs.push_back(std::move(kind));
    });
    if (std::none_of(knowledge.repairs.begin(), knowledge.repairs.end(), [](const auto& r) { return r.writesOff; })) {
        throw FormatError(fields.pathOf("repairs"), "none of them writes the set off");
    }
}

}  // namespace

const AnswerShares& answersOf(const TestKind& test, const SuspectKind& suspect, const std::string& unit) {
    if (const auto found = suspect.answers.find(test.id); found != suspect.answers.end()) {
        return found->second;
    }
    if (const auto found = test.blocks.find(suspect.block); found != test.blocks.end()) {
        return found->second;
    }
    const auto found = test.units.find(unit);
    return found == test.units.end() ? test.usual : found->second;
}

double shareOf(const AnswerShares& shares, const std::string& choice) {
    const auto found = shares.find(choice);
    return found == shares.end() ? 0 : found->second;
}

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
        case StringFault::DarkOpens:
            return LedFault::DarkOpens;
        default:
            return std::nullopt;
    }
}

const Choice* TestKind::choiceFor(double number, const SetKind& kind) const {
    const double times = unit == "W" ? kind.wattsTimes : 1;
    const auto found = std::find_if(choices.begin(), choices.end(), [&](const Choice& choice) {
        return choice.upTo && number <= *choice.upTo * times;
    });
    return found == choices.end() ? nullptr : &*found;
}

bool SetKind::has(int block) const {
    return std::any_of(placed.begin(), placed.end(), [&](const auto& p) { return p.block == block; });
}

const Choice* TestKind::choice(const std::string& word) const {
    const auto found = std::find_if(choices.begin(), choices.end(), [&](const auto& c) { return c.id == word; });
    return found == choices.end() ? nullptr : &*found;
}

const driver::Behaviour* Knowledge::behaviour(const std::string& id) const {
    const auto found = std::find_if(behaviours.begin(), behaviours.end(), [&](const auto& b) { return b.id == id; });
    return found == behaviours.end() ? nullptr : &*found;
}

const Tool* Knowledge::tool(const std::string& id) const {
    const auto found = std::find_if(tools.begin(), tools.end(), [&](const auto& t) { return t.id == id; });
    return found == tools.end() ? nullptr : &*found;
}

const TestKind* Knowledge::test(const std::string& id) const {
    const auto found = std::find_if(tests.begin(), tests.end(), [&](const auto& t) { return t.id == id; });
    return found == tests.end() ? nullptr : &*found;
}

const SuspectKind* Knowledge::suspect(const std::string& id) const {
    const auto found = std::find_if(suspects.begin(), suspects.end(), [&](const auto& s) { return s.id == id; });
    return found == suspects.end() ? nullptr : &*found;
}

const PointKind* Knowledge::point(const std::string& id) const {
    const int index = pointIndex(id);
    return index < 0 ? nullptr : &points[std::size_t(index)];
}

int Knowledge::pointIndex(const std::string& id) const {
    const auto found = std::find_if(points.begin(), points.end(), [&](const auto& p) { return p.id == id; });
    return found == points.end() ? -1 : int(found - points.begin());
}

const SetKind& Knowledge::setKind(const std::string& id) const {
    const auto found = std::find_if(setKinds.begin(), setKinds.end(), [&](const auto& k) { return k.id == id; });
    return found == setKinds.end() ? setKinds.front() : *found;
}

const RepairKind* Knowledge::repair(const std::string& id) const {
    const auto found = std::find_if(repairs.begin(), repairs.end(), [&](const auto& r) { return r.id == id; });
    return found == repairs.end() ? nullptr : &*found;
}

const SetKind& Knowledge::setKind(const set::DisplaySet& set) const {
    const auto& kind = setKind(set.kind);
    return set.lightKind() == set::LightKind::Lamps ? lampSetKinds[std::size_t(&kind - setKinds.data())] : kind;
}

bool Knowledge::isIn(const set::DisplaySet& set, const SuspectKind& suspect) const {
    return suspect.block < 0 || setKind(set).has(suspect.block);
}

bool Knowledge::isIn(const set::DisplaySet& set, const TestKind& test) const {
    return test.light.value_or(set.lightKind()) == set.lightKind() && (test.block < 0 || setKind(set).has(test.block));
}

bool Knowledge::isIn(const set::DisplaySet& set, const std::string& testOrPoint) const {
    if (const auto* kind = point(testOrPoint); kind != nullptr) {
        return setKind(set).has(kind->block);
    }
    const auto* kind = test(testOrPoint);
    return kind == nullptr || isIn(set, *kind);
}

const std::string& Knowledge::unitOf(const SuspectKind& suspect, const set::DisplaySet& set) const {
    static const std::string nowhere;
    return suspect.block < 0 ? nowhere : setKind(set).blocks[std::size_t(suspect.block)].unit;
}

bool RepairKind::mends(const std::string& suspect, const std::string& sitsIn) const {
    const bool isMeant =
        std::any_of(suspects.begin(), suspects.end(), [&](const auto& one) { return one == "*" || one == suspect; });
    return isMeant && (unit.empty() || unit == sitsIn);
}

const RepairKind& Knowledge::writeOff() const {
    return *std::find_if(repairs.begin(), repairs.end(), [](const auto& r) { return r.writesOff; });
}

namespace {

/// \throws format::FormatError when something is done with a tool that is in no list
template <class Kind>
void requireTools(const char* file, const std::vector<Kind>& kinds, const Knowledge& knowledge) {
    for (const auto& kind : kinds) {
        for (const auto& tool : kind.tools) {
            if (knowledge.tool(tool) == nullptr) {
                throw FormatError(fmt::format("{}: \"{}\"", file, kind.id),
                                  "\"" + tool + "\" is no tool of tests.json");
            }
        }
    }
}

/// \throws format::FormatError when a verdict waits for what is no test and no point
void requireNeeds(const Knowledge& knowledge) {
    for (const auto& suspect : knowledge.suspects) {
        for (const auto& group : suspect.needs) {
            for (const auto& id : group) {
                if (knowledge.test(id) == nullptr && knowledge.point(id) == nullptr) {
                    throw FormatError(fmt::format("suspects.json: \"{}\"", suspect.id),
                                      "\"" + id + "\" is no test and no point");
                }
            }
        }
    }
}

/// Equal in all that a test could show.
bool looksLike(const Knowledge& knowledge, const SuspectKind& a, const SuspectKind& b) {
    const auto unitOf = [&](const SuspectKind& kind) {
        return kind.block < 0 ? std::string() : knowledge.blocks[std::size_t(kind.block)].unit;
    };
    return a.strings == b.strings && knowledge.behaviourOf(a).looksLike(knowledge.behaviourOf(b)) &&
           a.answers == b.answers && a.answersOfLamps == b.answersOfLamps && a.behaviourOfLamps == b.behaviourOfLamps &&
           a.points == b.points && a.parts.empty() && b.parts.empty() && a.courses.empty() && b.courses.empty() &&
           unitOf(a) == unitOf(b);
}

}  // namespace

Knowledge parseKnowledge(const KnowledgeTexts& texts) {
    Knowledge knowledge;
    knowledge.behaviours = readBehaviours(format::parseNamed(texts.behaviours, "behaviours.json"));
    readSets(format::parseNamed(texts.sets, "sets.json"), knowledge);
    readPoints(format::parseNamed(texts.points, "points.json"), knowledge);
    knowledge.suspects = readSuspects(format::parseNamed(texts.suspects, "suspects.json"), knowledge);
    readTests(format::parseNamed(texts.tests, "tests.json"), knowledge);
    for (const auto& voltage : knowledge.healthy().volts) {
        const auto* test = knowledge.test(voltage.test);
        if (test == nullptr || test->form != Form::Volts) {
            throw FormatError("behaviours.json.behaviours[0].volts." + voltage.test, "is no voltage of tests.json");
        }
    }
    requireTools("points.json", knowledge.points, knowledge);
    requireTools("tests.json", knowledge.tests, knowledge);
    requireNeeds(knowledge);
    knowledge.hands = readHands(format::parseNamed(texts.hands, "hands.json"));
    readRepairs(format::parseNamed(texts.repairs, "repairs.json"), knowledge);
    const auto& suspects = knowledge.suspects;
    for (auto a = suspects.begin(); a != suspects.end(); ++a) {
        for (auto b = a + 1; b != suspects.end(); ++b) {
            if (looksLike(knowledge, *a, *b)) {
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
