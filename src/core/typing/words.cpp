#include "core/typing/words.h"

#include <algorithm>

namespace dimglow::typing {

namespace {

struct Entry {
    std::string_view typed;
    std::string_view plain;
};

constexpr Entry english[] = {{"one", "1"},         {"two", "2"},
                             {"three", "3"},       {"four", "4"},
                             {"five", "5"},        {"six", "6"},
                             {"seven", "7"},       {"eight", "8"},
                             {"nine", "9"},        {"ten", "10"},
                             {"eleven", "11"},     {"twelve", "12"},
                             {"approx", "about"},  {"approximately", "about"},
                             {"circa", "about"},   {"ca", "about"},
                             {"around", "about"},  {"roughly", "about"},
                             {"nearly", "about"},  {"unlit", "dark"},
                             {"shorted", "short"}, {"inf", "ol"},
                             {"infinite", "ol"},   {"overload", "ol"}};

constexpr Entry german[] = {
    // numbers
    {"ein", "1"},
    {"eins", "1"},
    {"eine", "1"},
    {"einer", "1"},
    {"einen", "1"},
    {"einem", "1"},
    {"zwei", "2"},
    {"drei", "3"},
    {"vier", "4"},
    {"fünf", "5"},
    {"sechs", "6"},
    {"sieben", "7"},
    {"acht", "8"},
    {"neun", "9"},
    {"zehn", "10"},
    {"elf", "11"},
    {"zwölf", "12"},
    // how a reading goes
    {"etwa", "about"},
    {"ungefähr", "about"},
    {"rund", "about"},
    {"zirka", "about"},
    {"dann", "then"},
    {"danach", "then"},
    {"fällt", "falls"},
    {"fiel", "falls"},
    {"fallend", "falls"},
    {"sinkt", "falls"},
    {"sackt", "falls"},
    {"bricht", "falls"},
    {"zusammen", "down"},
    {"ab", "down"},
    {"zurück", "back"},
    {"runter", "down"},
    {"herunter", "down"},
    {"spitze", "peak"},
    {"steigt", "rises"},
    {"springt", "jumps"},
    {"schwankt", "wanders"},
    {"pendelt", "wanders"},
    {"wandert", "wanders"},
    {"zwischen", "between"},
    {"bis", "to"},
    {"auf", "to"},
    {"zu", "to"},
    {"von", "of"},
    {"und", "and"},
    {"bei", "at"},
    {"stabil", "steady"},
    {"konstant", "steady"},
    {"stetig", "steady"},
    {"wieder", "again"},
    // light
    {"leuchtet", "lit"},
    {"leuchten", "lit"},
    {"an", "lit"},
    {"hell", "lit"},
    {"dunkel", "dark"},
    {"aus", "dark"},
    {"schwach", "dim"},
    {"trüb", "dim"},
    {"verfärbt", "tinted"},
    {"farbstichig", "tinted"},
    {"alle", "all"},
    {"keine", "no"},
    {"kein", "no"},
    {"keiner", "no"},
    {"nichts", "no"},
    // parts
    {"offen", "open"},
    {"unterbrochen", "open"},
    {"unendlich", "ol"},
    {"kurzschluss", "short"},
    {"kurz", "short"},
    {"kurzgeschlossen", "short"},
    {"ausgelötet", "out"},
    {"ausgebaut", "out"},
    {"frei", "unused"},
    {"unbenutzt", "unused"},
    {"leer", "unused"},
    {"beide", "both"},
    {"beiden", "both"},
    {"beidseitig", "both"},
    {"richtung", "way"},
    {"richtungen", "ways"},
    {"ringe", "rings"},
    {"schwinger", "rings"},
    {"schwingungen", "rings"},
    // lamps
    {"lampe", "lamp"},
    {"lampen", "lamps"},
    {"röhre", "lamp"},
    {"röhren", "lamps"},
    {"innen", "bore"},
    {"hinten", "behind"},
    {"gerade", "straight"},
    {"ende", "end"},
    {"externe", "external"},
    {"interne", "internal"},
    {"elektroden", "electrodes"},
    {"wechselrichter", "inverters"},
    {"fernseher", "television"},
    // what holds a set together
    {"rückwand", "back"},
    {"rückseite", "back"},
    {"deckel", "cover"},
    {"platine", "board"},
    {"platinen", "boards"},
    {"halter", "brackets"},
    {"bügel", "brackets"},
    {"rahmen", "frame"},
    {"glas", "glass"},
    {"scheibe", "glass"},
    {"folie", "film"},
    {"folien", "films"},
    {"diffusor", "diffuser"},
    {"streuscheibe", "diffuser"},
    {"lichtleiter", "lightguide"},
    {"reflektor", "reflector"},
    {"schraube", "screw"},
    {"schrauben", "screws"},
    {"mutter", "nut"},
    {"muttern", "nuts"},
    {"klammer", "clip"},
    {"klammern", "clips"},
    {"rastnasen", "clips"},
    {"hebel", "lever"},
    {"stift", "pin"},
    {"stifte", "pins"},
    {"massefolie", "foil"},
    {"massefolien", "foils"},
    {"klebeband", "tape"},
    {"klebebänder", "tapes"},
    {"flachkabel", "cable"},
    {"kabel", "cable"},
    {"knopf", "button"},
    {"knöpfe", "buttons"},
    {"taste", "button"},
    {"tasten", "buttons"},
    {"fuß", "foot"},
    {"füße", "feet"},
    {"feder", "spring"},
    {"federn", "springs"},
    {"ecke", "corner"},
    {"ecken", "corners"},
    {"mitte", "middle"},
    {"standfuß", "stand"},
    {"ständer", "stand"},
    {"links", "left"},
    {"rechts", "right"},
    {"kerbe", "notch"},
    {"glänzend", "glossy"},
    {"glatt", "smooth"},
    {"seite", "side"},
    {"quer", "across"},
    {"längs", "along"},
    {"linien", "lines"},
    {"kreuzschlitz", "cross"},
    {"kreuz", "cross"},
    {"schlitz", "slot"},
    {"sechskant", "hex"},
    {"lose", "loose"},
    {"rundum", "around"},
    {"ringsum", "around"},
    // strips
    {"leiste", "strip"},
    {"leisten", "strips"},
    {"streifen", "strips"},
    {"balken", "bars"},
    {"reihen", "rows"},
    {"zeilen", "rows"},
    {"mit", "with"},
    {"je", "each"},
    {"jeweils", "each"},
    {"à", "x"},
    {"mal", "x"},
    {"pro", "per"},
    {"jede", "each"},
    {"strang", "string"},
    {"stränge", "strings"},
    {"ketten", "chains"},
    {"kanal", "channel"},
    {"reihe", "series"},
    {"serie", "series"},
    {"paare", "pairs"},
    {"paaren", "pairs"},
    {"paarweise", "pairs"},
    {"klasse", "class"},
    {"schild", "label"},
    {"beschriftet", "label"},
    {"aufdruck", "label"},
    {"leerlauf", "idle"},
    {"ruhe", "idle"},
    {"einspeisungen", "feeds"},
    {"speisungen", "feeds"},
    {"aufdrucke", "labels"},
    {"ohne", "none"},
    {"ihr", "its"},
    {"eigener", "own"},
    {"eigenen", "own"},
    {"gespeist", "fed"},
    {"enden", "ends"},
    {"unter", "under"},
    {"maske", "mask"},
    {"linse", "lens"},
    {"linsen", "lenses"},
    {"unten", "bottom"},
    {"untere", "bottom"},
    {"unterer", "bottom"},
    {"oben", "top"},
    {"obere", "top"},
    {"oberer", "top"},
    {"unterkante", "bottom"},
    {"oberkante", "top"},
    {"kante", "edge"},
    {"rand", "edge"},
    {"raster", "pitch"},
    {"abstand", "pitch"},
    {"stecker", "plug"},
    {"nennstrom", "rated"},
    {"nenn", "rated"},
    {"rot", "red"},
    {"schwarz", "black"},
    {"weiß", "white"},
    {"blau", "blue"},
    {"gelb", "yellow"},
    {"grün", "green"},
    {"braun", "brown"},
    {"grau", "grey"},
    {"stück", "x"},
    // units
    {"std", "h"},
    {"stunde", "h"},
    {"stunden", "h"},
    {"minuten", "min"},
    {"sekunde", "s"},
    {"sekunden", "s"},
    {"sek", "s"},
    {"prozent", "%"},
    // days
    {"heute", "today"},
    {"morgen", "tomorrow"},
    {"übermorgen", "overmorrow"},
    {"tag", "day"},
    {"tage", "days"},
    {"tagen", "days"},
    {"woche", "week"},
    {"wochen", "weeks"},
    {"nächste", "next"},
    {"nächsten", "next"},
    {"nächster", "next"},
    {"kommende", "this"},
    {"kommenden", "this"},
    {"diesen", "this"},
    {"am", "on"},
    {"mo", "monday"},
    {"montag", "monday"},
    {"di", "tuesday"},
    {"dienstag", "tuesday"},
    {"mi", "wednesday"},
    {"mittwoch", "wednesday"},
    {"do", "thursday"},
    {"donnerstag", "thursday"},
    {"fr", "friday"},
    {"freitag", "friday"},
    {"sa", "saturday"},
    {"samstag", "saturday"},
    {"sonnabend", "saturday"},
    {"so", "sunday"},
    {"sonntag", "sunday"},
    {"januar", "january"},
    {"jänner", "january"},
    {"februar", "february"},
    {"märz", "march"},
    {"mär", "march"},
    {"mai", "may"},
    {"juni", "june"},
    {"juli", "july"},
    {"okt", "october"},
    {"oktober", "october"},
    {"dez", "december"},
    {"dezember", "december"}};

/// How the words of the program's own lines are said in German; plainWord() takes them back.
constexpr Entry saidInGerman[] = {
    {"Leiste", "strip"},    {"Leisten", "strips"},   {"Reihen", "rows"},      {"Nenn", "rated"},
    {"ein", "one"},         {"Strang", "string"},    {"Stränge", "strings"},  {"jede", "each"},
    {"ihr", "its"},         {"eigener", "own"},      {"pro", "per"},          {"Kanal", "channel"},
    {"Ketten", "chains"},   {"unterer", "bottom"},   {"oberer", "top"},       {"Rand", "edge"},
    {"unter", "under"},     {"Maske", "mask"},       {"Linsen", "lenses"},    {"Stecker", "plug"},
    {"Aufdruck", "label"},  {"Aufdrucke", "labels"}, {"und", "and"},          {"ohne", "none"},
    {"Ruhe", "idle"},       {"Speisungen", "feeds"}, {"Raster", "pitch"},     {"gespeist", "fed"},
    {"von", "from"},        {"beiden", "both"},      {"Enden", "ends"},       {"bei", "at"},
    {"frei", "unused"},     {"rot", "red"},          {"schwarz", "black"},    {"weiß", "white"},
    {"blau", "blue"},       {"gelb", "yellow"},      {"grün", "green"},       {"braun", "brown"},
    {"grau", "grey"},       {"Lampen", "lamps"},     {"innen", "bore"},       {"hinten", "behind"},
    {"gerade", "straight"}, {"externe", "external"}, {"interne", "internal"}, {"Elektroden", "electrodes"},
    {"Ende", "end"}};

template <std::size_t size>
const Entry* find(const Entry (&words)[size], std::string_view word) {
    const auto* found =
        std::find_if(std::begin(words), std::end(words), [&](const Entry& e) { return e.typed == word; });
    return found == std::end(words) ? nullptr : found;
}

}  // namespace

std::string plainWord(std::string_view word, Tongue tongue) {
    const Entry* entry = tongue == Tongue::German ? find(german, word) : nullptr;
    entry = entry == nullptr ? find(english, word) : entry;
    return std::string(entry == nullptr ? word : entry->plain);
}

std::string inTongue(std::string_view line, Tongue tongue) {
    if (tongue == Tongue::English) {
        return std::string(line);
    }
    std::string said;
    bool isFreeText = false;  // until the clause ends
    for (std::size_t at = 0; at < line.size();) {
        const std::size_t end = std::min(line.find(' ', at), line.size());
        std::string_view word = line.substr(at, end - at);
        const bool endsClause = !word.empty() && (word.back() == ',' || word.back() == ';');
        const std::string_view sign = endsClause ? word.substr(word.size() - 1) : std::string_view();
        word.remove_suffix(sign.size());
        const auto* entry = std::find_if(std::begin(saidInGerman), std::end(saidInGerman),
                                         [&](const Entry& e) { return e.plain == word; });
        std::string spoken(isFreeText || entry == std::end(saidInGerman) ? word : entry->typed);
        const auto isDigit = [&](std::size_t i) { return i < spoken.size() && spoken[i] >= '0' && spoken[i] <= '9'; };
        for (std::size_t i = 1; !isFreeText && i < spoken.size(); ++i) {
            spoken[i] = spoken[i] == '.' && isDigit(i - 1) && isDigit(i + 1) ? ',' : spoken[i];
        }
        isFreeText = !endsClause && (isFreeText || word == "plug");
        said += spoken;
        said += sign;
        said += end < line.size() ? " " : "";
        at = end + 1;
    }
    return said;
}

}  // namespace dimglow::typing
