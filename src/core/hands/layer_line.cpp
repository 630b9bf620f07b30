#include "core/hands/layer_line.h"

#include <algorithm>

namespace dimglow::hands {

namespace {

using text::say;
using typing::Clause;
using typing::LineProblem;

constexpr double mostOfASort = 500;
constexpr double mostFilms = 20;

/// A word of a clause for which there is a value.
template <class Value>
struct Word {
    std::string pattern;  ///< with what stands before and behind it as groups
    Value value;
};

/// Takes the first of \p words that stands in \p rest out of it.
template <class Value>
bool take(std::string& rest, const std::vector<Word<Value>>& words, Value& value) {
    for (const auto& word : words) {
        Clause clause(rest);
        if (clause.matches(word.pattern.c_str())) {
            const std::string before = clause.has(1) ? clause.text(1) : "";
            const std::string behind = clause.has(2) ? clause.text(2) : "";
            rest = before + (before.empty() || behind.empty() ? "" : " ") + behind;
            value = word.value;
            return true;
        }
    }
    return false;
}

/// Of words that may stand anywhere in a clause.
std::string amid(const std::string& words) {
    return "(?:(.*?) ){0,1}?(?:" + words + ")(?: (.*))?";
}
/// Of words that are the whole clause.
std::string whole(const std::string& words) {
    return "()(?:" + words + ")()";
}

const std::vector<Word<Corner>>& corners() {
    static const std::vector<Word<Corner>> words = {
        {amid("(?:corner )?notch (?:is )?(?:at )?(?:the )?(?:top|upper) left|top left notch"), Corner::TopLeft},
        {amid("(?:corner )?notch (?:is )?(?:at )?(?:the )?(?:top|upper) right|top right notch"), Corner::TopRight},
        {amid("(?:corner )?notch (?:is )?(?:at )?(?:the )?(?:bottom|lower) left|bottom left notch"),
         Corner::BottomLeft},
        {amid("(?:corner )?notch (?:is )?(?:at )?(?:the )?(?:bottom|lower) right|bottom right notch"),
         Corner::BottomRight}};
    return words;
}

const std::vector<Word<Side>>& sides() {
    static const std::vector<Word<Side>> words = {
        {amid("(?:dull|matt|matte|rough) (?:side )?(?:nach )?(?:up|front|top)|(?:glossy|shiny|smooth) (?:side "
              ")?(?:down|back)"),
         Side::DullUp},
        {amid("(?:dull|matt|matte|rough) (?:side )?(?:nach )?(?:down|back|bottom)|(?:glossy|shiny|smooth) (?:side "
              ")?(?:up|front)"),
         Side::DullDown},
        {amid("both sides alike|no side|either side"), Side::Alike}};
    return words;
}

const std::vector<Word<Lines>>& lines() {
    static const std::vector<Word<Lines>> words = {{amid("(?:lines? )?across"), Lines::Across},
                                                   {amid("(?:lines? )?along"), Lines::Along}};
    return words;
}

const std::vector<Word<Place>>& places() {
    static const std::string at = "(?:(?:at|on|in|im)(?: (?:the|der|den|dem))? )?";
    static const std::vector<Word<Place>> words = {
        {amid("under (?:[^ ]+ )?(?:board|pcb|t-con)"), Place::UnderBoard},
        {amid(at + "stand"), Place::Stand},
        {amid(at + "corners?"), Place::Corners},
        {amid(at + "(?:top|upper)(?: edge| row)?"), Place::Top},
        {amid(at + "(?:bottom|lower)(?: edge| row)?"), Place::Bottom},
        {amid(at + "left(?: edge| side)?"), Place::Left},
        {amid(at + "right(?: edge| side)?"), Place::Right},
        {amid(at + "(?:middle|centre|center)"), Place::Middle},
        {amid("(?:all )?(?:around|about|round)(?: the)?(?: edges?)?|" + at + "edges?"), Place::Around}};
    return words;
}

const std::vector<Word<const char*>>& heads() {
    static const std::vector<Word<const char*>> words = {{amid("cross|ph|pz"), "cross"},
                                                         {amid("slot|slotted"), "slot"},
                                                         {amid("hex|allen"), "hex"},
                                                         {amid("star|tx"), "star"}};
    return words;
}

const std::vector<Word<LayerKind>>& layers() {
    static const std::vector<Word<LayerKind>> words = {
        {whole("back|back cover|rear|rear cover|cover"), LayerKind::Back},
        {whole("boards?|pcbs?|boards? and brackets?"), LayerKind::Boards},
        {whole("brackets?"), LayerKind::Brackets},
        {whole("frame|bezel|front"), LayerKind::Frame},
        {whole("glass|panel|lcd"), LayerKind::Glass},
        {whole("films?|film stack|sheets?"), LayerKind::Films},
        {whole("diffuser(?: plate)?"), LayerKind::Diffuser},
        {whole("light ?guide(?: plate)?"), LayerKind::LightGuide},
        {whole("reflector(?: sheet)?"), LayerKind::Reflector},
        {whole("strips?|leds|led strips?"), LayerKind::Strips},
        {whole("lamps?|lamp holders?"), LayerKind::Lamps}};
    return words;
}

/// Takes place, head, notch, side and lines out of \p rest; whatever is left is said in its own words.
void describe(Item& item, std::string rest) {
    take(rest, corners(), item.notch);
    take(rest, sides(), item.side);
    take(rest, lines(), item.lines);
    if (item.what != What::Film) {
        take(rest, places(), item.place);
    }
    Clause clause(rest);
    if (item.size.empty() && clause.matches(R"((?:(.*?) )?m ?(\d{1,3}(?:\.\d{1,3})?(?:x\d{1,3})?)(?: (.*))?)")) {
        item.size = "M" + clause.text(2);
        rest = (clause.has(1) ? clause.text(1) + " " : "") + (clause.has(3) ? clause.text(3) : "");
    }
    const char* head = "";
    if (take(rest, heads(), head)) {
        item.head = head;
    }
    item.words += (item.words.empty() || rest.empty() ? "" : " ") + rest;
}

const std::pair<const char*, What> things[] = {{"nut", What::Nut},   {"clip", What::Clip},      {"lever", What::Lever},
                                               {"pin", What::Pin},   {"foil", What::Foil},      {"tape", What::Tape},
                                               {"seal", What::Tape}, {"cable", What::Cable},    {"ribbon", What::Cable},
                                               {"plug", What::Plug}, {"connector", What::Plug}, {"film", What::Film},
                                               {"sheet", What::Film}};

/// Reads the clauses of one line, one after the other.
class Reader {
public:
    explicit Reader(LayerLine& said) : said_(said) {}

    /// Whether the clause was understood.
    bool takes(Clause& clause) {
        return takesScrews(clause) || takesFilmsTraits(clause) || takesThings(clause) || takesFilm(clause);
    }

private:
    void keep(Item item, const std::string& rest) {
        describe(item, rest);
        const int films = item.what == What::Film ? std::exchange(item.count, 1) : 1;
        said_.items.insert(said_.items.end(), std::size_t(films), item);
        if (item.what == What::Film && !said_.kind) {
            said_.kind = LayerKind::Films;
        }
    }

    static int countOf(Clause& clause, int group, double most = mostOfASort) {
        return clause.has(group) ? int(clause.number(group, 1, most)) : 1;
    }

    bool takesScrews(Clause& clause) {
        Item item;
        if (clause.matches(
                R"((?:(\d+) ?x? ?)?(?:screws? )?m ?(\d{1,3}(?:\.\d{1,3})?)(?: ?x ?(\d{1,3}(?:\.\d{1,3})?))?(?: ?mm)?)"
                R"((?: (screws?|nuts?))?(?: (.+))?)")) {
            item.what = clause.has(4) && clause.text(4)[0] == 'n' ? What::Nut : What::Screw;
            item.size = "M" + clause.text(2) + (clause.has(3) ? "×" + clause.text(3) : "");
        } else if (
            clause.matches(
                R"((\d+)(?: ?x ?| )(\d{1,3}(?:\.\d{1,3})?) ?x ?(\d{1,3}(?:\.\d{1,3})?)()(?: ?mm)?(?: screws?)?(?: (.+))?)")) {
            item.size = clause.text(2) + "×" + clause.text(3);
        } else if (!clause.matches(R"((\d+) ?x? ?screws?()()()(?: (.+))?)")) {
            return false;
        }
        item.count = countOf(clause, 1);
        keep(item, clause.has(5) ? clause.text(5) : "");
        return true;
    }

    bool takesThings(Clause& clause) {
        if (!clause.matches(
                R"((?:(\d+) ?x? ?)?((?:[^ \d]+ )*?)(nuts?|clips?|levers?|pins?|foils?|tapes?|seals?|cables?|)"
                R"(ribbons?|plugs?|connectors?|films?|sheets?|buttons?|keys?|foot|feet|spacers?|springs?|)"
                R"(washers?)(?: (.+))?)")) {
            return false;
        }
        const std::string noun = clause.text(3);
        const bool isMany = noun.ends_with('s') || noun == "feet";
        if (!clause.has(1) && isMany) {
            clause.refuse(say("does not say how many"));
            return true;
        }
        Item item;
        const auto* thing = std::find_if(std::begin(things), std::end(things),
                                         [&](const auto& one) { return noun.starts_with(one.first); });
        item.what = thing == std::end(things) ? What::Loose : thing->second;
        std::string before = clause.has(2) ? clause.text(2) : "";
        if (!before.empty()) {
            before.pop_back();  // the space
        }
        const bool isNamed = item.what == What::Loose || (item.what == What::Film && !before.empty());
        const bool isUsual = item.what == What::Cable && before == "flat";
        item.words = isNamed ? before + (before.empty() ? "" : " ") + noun : isUsual ? "" : before;
        item.count = countOf(clause, 1, item.what == What::Film ? mostFilms : mostOfASort);
        keep(item, clause.has(4) ? clause.text(4) : "");
        return true;
    }

    /// "notch top left", "dull up": of all films before it that say nothing else.
    bool takesFilmsTraits(Clause& clause) {
        Item traits;
        traits.what = What::Film;
        describe(traits, clause.words());
        if (!traits.words.empty()) {
            return false;
        }
        bool hasFilms = false;
        for (auto& item : said_.items) {
            if (item.what == What::Film) {
                item.notch = item.notch == Corner::Unsaid ? traits.notch : item.notch;
                item.side = item.side == Side::Unsaid ? traits.side : item.side;
                item.lines = item.lines == Lines::Unsaid ? traits.lines : item.lines;
                hasFilms = true;
            }
        }
        return hasFilms;
    }

    /// Among films whatever is named is one.
    bool takesFilm(Clause& clause) {
        if (said_.kind != LayerKind::Films || !clause.matches(R"((?:(\d+) ?x? ?)?([^\d ].*))")) {
            return false;
        }
        Item item;
        item.what = What::Film;
        item.count = countOf(clause, 1, mostFilms);
        keep(item, clause.text(2));
        return true;
    }

    LayerLine& said_;
};

std::optional<LayerKind> layerIn(std::string_view head, typing::Tongue tongue) {
    const auto clauses = typing::clausesOf(head, tongue);
    std::string words = clauses.size() == 1 ? clauses.front().words() : "";
    LayerKind kind = LayerKind::Other;
    return take(words, layers(), kind) ? std::optional(kind) : std::nullopt;
}

/// The layer that stands in front of a line, taken off it: before a colon, alone, or before the first number.
std::string_view takeLayer(std::string_view line, typing::Tongue tongue, LayerLine& said) {
    const auto colon = line.find(':');
    const auto end = std::min({line.find_first_of(":,;"), line.find_first_of("0123456789"), line.size()});
    said.kind = layerIn(line.substr(0, end), tongue);
    if (said.kind) {
        return line.substr(end == colon ? end + 1 : end);
    }
    if (colon == std::string_view::npos) {
        return line;
    }
    said.kind = LayerKind::Other;
    said.name = typing::trimmed(line.substr(0, colon));
    return line.substr(colon + 1);
}

}  // namespace

std::variant<LayerLine, LineProblem> readLayerLine(std::string_view line, typing::Tongue tongue) {
    constexpr std::size_t longestName = 60;
    constexpr std::size_t longestWords = 300;
    constexpr std::size_t mostItems = 100;
    if (const auto problem = typing::unreadable(line)) {
        return *problem;
    }
    LayerLine said;
    const std::string_view rest = takeLayer(line, tongue, said);
    if (said.kind == LayerKind::Other && (said.name.empty() || said.name.size() > longestName)) {
        return LineProblem{typing::cited(said.name), say("is no name for a layer")};
    }
    Reader reader(said);
    for (auto& clause : typing::clausesOf(rest, tongue)) {
        if (!reader.takes(clause)) {
            return LineProblem{clause.words(), say("is not understood; write back: 14 × M3×8 edge, 2 clips top")};
        }
        if (!clause.problem().empty()) {
            return LineProblem{clause.words(), clause.problem()};
        }
    }
    if (!said.kind && said.items.empty()) {
        return LineProblem{typing::cited(line), say("names nothing that comes off")};
    }
    const auto isLong = [](const Item& item) { return item.words.size() > longestWords; };
    if (said.items.size() > mostItems || std::any_of(said.items.begin(), said.items.end(), isLong)) {
        return LineProblem{typing::cited(line), say("says more than a layer holds")};
    }
    return said;
}

}  // namespace dimglow::hands
