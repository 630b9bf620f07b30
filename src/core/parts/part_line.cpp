#include "core/parts/part_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <optional>
#include <vector>

#include "core/format/number_text.h"
#include "core/parts/marking.h"

namespace dimglow::parts {

using format::cited;
using format::trimmed;
using text::say;
using text::Text;

namespace {

enum class Unit { None, Farads, Ohms, Volts, Share, Hertz, Rings, Amps };

struct UnitWord {
    std::string_view word;  ///< lower case, but for the M of megohms
    Unit unit;
    double scale;
};
constexpr UnitWord unitWords[] = {
    {"u", Unit::Farads, 1e-6},  {"uf", Unit::Farads, 1e-6},  {"µ", Unit::Farads, 1e-6},  {"µf", Unit::Farads, 1e-6},
    {"μ", Unit::Farads, 1e-6},  {"μf", Unit::Farads, 1e-6},  {"n", Unit::Farads, 1e-9},  {"nf", Unit::Farads, 1e-9},
    {"p", Unit::Farads, 1e-12}, {"pf", Unit::Farads, 1e-12}, {"r", Unit::Ohms, 1},       {"ohm", Unit::Ohms, 1},
    {"ohms", Unit::Ohms, 1},    {"ω", Unit::Ohms, 1},        {"Ω", Unit::Ohms, 1},       {"Ω", Unit::Ohms, 1},
    {"k", Unit::Ohms, 1e3},     {"kω", Unit::Ohms, 1e3},     {"kΩ", Unit::Ohms, 1e3},    {"kohm", Unit::Ohms, 1e3},
    {"M", Unit::Ohms, 1e6},     {"MΩ", Unit::Ohms, 1e6},     {"mohm", Unit::Ohms, 1e-3}, {"mΩ", Unit::Ohms, 1e-3},
    {"v", Unit::Volts, 1},      {"volt", Unit::Volts, 1},    {"volts", Unit::Volts, 1},  {"vdc", Unit::Volts, 1},
    {"mv", Unit::Volts, 1e-3},  {"%", Unit::Share, 0.01},    {"hz", Unit::Hertz, 1},     {"khz", Unit::Hertz, 1e3},
    {"rings", Unit::Rings, 1},  {"ring", Unit::Rings, 1},    {"a", Unit::Amps, 1},       {"ma", Unit::Amps, 1e-3}};

std::string lower(std::string_view text) {
    std::string words;
    for (const char c : text) {
        words += char(std::tolower(static_cast<unsigned char>(c)));
    }
    return words;
}

std::optional<UnitWord> unitNamed(std::string_view word) {
    for (const auto& unit : unitWords) {
        if (unit.word == word) {
            return unit;
        }
    }
    const std::string small = lower(word);
    for (const auto& unit : unitWords) {
        if (unit.word == small) {
            return unit;
        }
    }
    return std::nullopt;
}

struct Value {
    double number = 0;
    Unit unit = Unit::None;
    bool isEsr = false;
    bool isBack = false;  ///< stands behind a slash
};

/// What a line says, in the order it is said.
struct Words {
    std::vector<Value> values;
    bool inCircuit = true;
};

/// "D8", "C812", "IC3A", "Q4".
bool isRef(std::string_view word) {
    std::size_t letters = 0;
    while (letters < word.size() && std::isupper(static_cast<unsigned char>(word[letters])) != 0) {
        ++letters;
    }
    std::size_t end = letters;
    while (end < word.size() && std::isdigit(static_cast<unsigned char>(word[end])) != 0) {
        ++end;
    }
    const bool hasDigits = end > letters;
    end += end < word.size() && std::isupper(static_cast<unsigned char>(word[end])) != 0 ? 1 : 0;
    // R22 and the like are resistances too, but nobody writes a reading so at the start of a line.
    return letters > 0 && letters <= 3 && hasDigits && end == word.size();
}

/// Cuts at spaces, commas that are no decimal points, and before and after slashes.
std::vector<std::string> cut(std::string_view text) {
    std::vector<std::string> words(1);
    const auto isDigit = [&](std::size_t at) {
        return at < text.size() && std::isdigit(static_cast<unsigned char>(text[at])) != 0;
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        const bool isDecimal = c == ',' && i > 0 && isDigit(i - 1) && isDigit(i + 1);
        if (c == '/') {
            words.emplace_back("/");
            words.emplace_back();
        } else if ((c == ',' && !isDecimal) || std::isspace(static_cast<unsigned char>(c)) != 0) {
            words.emplace_back();
        } else {
            words.back() += c;
        }
    }
    std::erase_if(words, [](const auto& word) { return word.empty(); });
    return words;
}

/// "241", "241u", "4R7", "4k7": a number with the letters behind or within it.
std::optional<Value> valueIn(const std::string& word) {
    std::size_t end = 0;
    while (end < word.size() && (std::isdigit(static_cast<unsigned char>(word[end])) != 0 || word[end] == '.' ||
                                 word[end] == ',' || (end == 0 && word[end] == '-'))) {
        ++end;
    }
    if (end == word.size()) {
        const auto plain = format::plainNumber(word);
        return plain ? std::optional(Value{*plain}) : std::nullopt;
    }
    if (const auto number = format::plainNumber(word.substr(0, end))) {
        if (const auto unit = unitNamed(std::string_view(word).substr(end))) {
            return Value{*number * unit->scale, unit->unit};
        }
    }
    // A letter in the place of the decimal point.
    const bool isWithin = std::isdigit(static_cast<unsigned char>(word.back())) != 0;
    if (const auto ratings = readResistorMarking(word);
        isWithin && ratings && word.find_first_of("RkKM") != std::string::npos) {
        return Value{*ratings->ohms, Unit::Ohms};
    }
    if (const auto ratings = readCapacitorMarking(word);
        isWithin && ratings && word.find_first_of("pnu") != std::string::npos) {
        return Value{*ratings->farads, Unit::Farads};
    }
    return std::nullopt;
}

std::variant<Words, Text> wordsIn(std::string_view text) {
    Words result;
    bool isEsr = false;
    bool isBack = false;
    const auto add = [&](Value value) {
        value.isEsr = isEsr;
        value.isBack = isBack;
        isEsr = isBack = false;
        result.values.push_back(value);
    };
    for (const auto& word : cut(text)) {
        const std::string plain = lower(word);
        if (plain == "/") {
            isBack = true;
        } else if (plain == "esr") {
            isEsr = true;
        } else if (plain == "ol" || plain == "open") {
            add({overload});
        } else if (plain == "short" || plain == "shorted") {
            add({0});
        } else if (plain == "out" || plain == "lifted") {
            result.inCircuit = false;
        } else if (!result.inCircuit && (plain == "of" || plain == "circuit")) {
            continue;  // "out of circuit"
        } else if (const auto unit = unitNamed(word);
                   unit && !result.values.empty() && result.values.back().unit == Unit::None) {
            result.values.back().unit = unit->unit;
            result.values.back().number *= unit->scale;
        } else if (const auto value = valueIn(word)) {
            add(*value);
        } else {
            return say("{} is no reading", cited(word));
        }
    }
    if (result.values.empty()) {
        return say("type a reading");
    }
    return result;
}

bool isJunction(PartKind kind) {
    return kind == PartKind::Diode || kind == PartKind::Zener || kind == PartKind::Mosfet ||
           kind == PartKind::Transistor;
}

bool isPin(PartKind kind) {
    return kind >= PartKind::SupplyPin;
}

bool isCapacitor(PartKind kind) {
    return kind == PartKind::Electrolytic || kind == PartKind::Film;
}

/// What a number without a unit is.
Unit usualUnit(PartKind kind) {
    return isCapacitor(kind)                                           ? Unit::None
           : isJunction(kind) || kind == PartKind::Rail || isPin(kind) ? Unit::Volts
           : kind == PartKind::Transformer                             ? Unit::Rings
                                                                       : Unit::Ohms;
}

/// Takes a value into the reading. \returns what is wrong with it
std::optional<Text> take(PartKind kind, const Value& value, PartReading& reading) {
    const bool isBoundless = std::isinf(value.number);
    const Unit unit = value.unit == Unit::None ? usualUnit(kind) : value.unit;
    const auto set = [](std::optional<double>& member, double number) -> std::optional<Text> {
        if (member) {
            return say("says the same twice");
        }
        member = number;
        return std::nullopt;
    };
    if (value.number < 0) {
        return say("is below zero");
    }
    if (value.isEsr) {
        return isCapacitor(kind) && value.unit != Unit::Farads ? set(reading.esrOhms, value.number)
                                                               : say("is no reading of such a part");
    }
    if (isCapacitor(kind) && unit == Unit::None && (isBoundless || value.number == 0)) {
        return set(reading.ohms, value.number);
    }
    if (isBoundless && (isPin(kind) || kind == PartKind::Rail)) {
        return say("OL is no voltage");
    }
    switch (unit) {
        case Unit::None:
            return say("needs a unit: µF, nF, pF or Ω");
        case Unit::Farads:
            return isCapacitor(kind) ? set(reading.farads, value.number) : say("is no reading of such a part");
        case Unit::Ohms:
            if (isCapacitor(kind)) {
                return set(reading.esrOhms, value.number);
            }
            return isJunction(kind) || isPin(kind) || kind == PartKind::Rail
                       ? std::optional(say("is no reading of such a part"))
                       : set(reading.ohms, value.number);
        case Unit::Volts:
            if (isJunction(kind)) {
                return set(value.isBack ? reading.reverseVolts : reading.forwardVolts, value.number);
            }
            return isPin(kind) || kind == PartKind::Rail ? set(reading.volts, value.number)
                                                         : say("is no reading of such a part");
        case Unit::Share:
            return isPin(kind) ? set(reading.dutyShare, value.number) : say("is no reading of such a part");
        case Unit::Hertz:
            return isPin(kind) ? set(reading.hertz, value.number) : say("is no reading of such a part");
        case Unit::Rings:
            return kind == PartKind::Transformer || kind == PartKind::Coil ? set(reading.rings, value.number)
                                                                           : say("is no reading of such a part");
        case Unit::Amps:
            return say("is no reading of such a part");
    }
    return std::nullopt;
}

}  // namespace

std::variant<Ratings, Text> readTypedRatings(PartKind kind, std::string_view text) {
    if (trimmed(text).empty()) {
        return Ratings{};
    }
    if (isCapacitor(kind)) {
        if (const auto marking = readCapacitorMarking(text)) {
            return *marking;
        }
    } else if (kind == PartKind::Resistor || kind == PartKind::Sense) {
        if (const auto marking = readResistorMarking(text)) {
            return *marking;
        }
    }
    auto read = wordsIn(text);
    if (auto* problem = std::get_if<Text>(&read)) {
        return *problem;
    }
    Ratings ratings;
    for (const auto& value : std::get<Words>(read).values) {
        const Unit unit = value.unit == Unit::None ? usualUnit(kind) : value.unit;
        auto* member = unit == Unit::Farads  ? &ratings.farads
                       : unit == Unit::Ohms  ? &ratings.ohms
                       : unit == Unit::Volts ? &ratings.volts
                       : unit == Unit::Amps  ? &ratings.amps
                       : unit == Unit::Share ? &ratings.tolerance
                                             : nullptr;
        if (member == nullptr || *member || !(value.number > 0) || std::isinf(value.number)) {
            return say("{} is nothing that is printed on such a part", cited(trimmed(text)));
        }
        *member = value.number;
    }
    return ratings;
}

std::variant<TypedPart, Text> readTypedPart(PartKind kind, std::string_view text) {
    TypedPart typed;
    std::string line = trimmed(text);
    if (const auto end = line.find_first_of(" :"); end != std::string::npos && isRef(line.substr(0, end))) {
        typed.ref = line.substr(0, end);
        line = trimmed(std::string_view(line).substr(end + 1));
    }
    if (const auto of = line.find(" of ");
        of != std::string::npos && !lower(line).substr(of).starts_with(" of circuit")) {
        auto ratings = readTypedRatings(kind, std::string_view(line).substr(of + 4));
        if (auto* problem = std::get_if<Text>(&ratings)) {
            return *problem;
        }
        typed.ratings = std::get<Ratings>(ratings);
        line = trimmed(std::string_view(line).substr(0, of));
    }
    auto read = wordsIn(line);
    if (auto* problem = std::get_if<Text>(&read)) {
        return *problem;
    }
    const auto& words = std::get<Words>(read);
    typed.reading.inCircuit = words.inCircuit;
    for (const auto& value : words.values) {
        if (auto problem = take(kind, value, typed.reading)) {
            return say("{}: {}", cited(line), *problem);
        }
    }
    return typed;
}

std::string lineOf(const Ratings& ratings) {
    std::string line;
    const auto add = [&](const std::optional<double>& value, const char* unit, double scale = 1) {
        if (value) {
            line += (line.empty() ? "" : " ") + fmt::format("{:.6g}{}", *value * scale, unit);
        }
    };
    add(ratings.farads, "u", 1e6);
    add(ratings.ohms, "R");
    add(ratings.volts, "V");
    add(ratings.amps, "A");
    add(ratings.tolerance, "%", 100);
    return line;
}

}  // namespace dimglow::parts
