#include "core/parts/part_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <optional>
#include <vector>

#include "core/parts/marking.h"
#include "core/typing/tokens.h"

namespace dimglow::parts {

using text::say;
using text::Text;
using typing::cited;
using typing::trimmed;

namespace {

using typing::Token;
using typing::Tokens;
using typing::Unit;

constexpr double highestJunctionVolts = 10;  ///< above it a number without a unit means millivolts, as some meters show

constexpr double highestKneeVolts = 1.6;  ///< above it a Zener diode was fed and holds

/// What a reading or a marking says, in the order it is said.
struct Said {
    typing::Value value;
    double number = 0;  ///< in the unit of the table; infinite for OL
    bool isEsr = false;
    bool isGate = false;  ///< gate to source
    bool isBack = false;  ///< the other way round
    bool isOverload = false;
};
struct Words {
    std::vector<Said> values;
    std::optional<bool> switches;
    bool inCircuit = true;
};

/// "D8", "C812", "IC3A", "Q4": letters, digits and perhaps a letter, glued. \returns how many tokens it takes
std::size_t lengthOfRef(const Tokens& tokens) {
    const auto isCapitals = [&](std::size_t at, std::size_t most) {
        const std::string& word = tokens[at].typed;
        return word.size() <= most &&
               std::all_of(word.begin(), word.end(), [](unsigned char c) { return std::isupper(c) != 0; });
    };
    const bool isRef = tokens.size() >= 2 && tokens[0].kind == Token::Kind::Word && isCapitals(0, 3) &&
                       tokens[1].kind == Token::Kind::Number && tokens[1].isGlued &&
                       tokens[1].typed.find_first_not_of("0123456789") == std::string::npos;
    // R22 and the like are resistances too, but nobody writes a reading so at the start of a line.
    if (!isRef) {
        return 0;
    }
    const bool hasLetter =
        tokens.size() > 2 && tokens[2].isGlued && tokens[2].kind == Token::Kind::Word && isCapitals(2, 1);
    return hasLetter ? 3 : 2;
}

Text noReading(PartKind kind, std::string_view line) {
    return trimmed(line).empty() ? say("type a reading: {}", readingExample(kind))
                                 : say("{} cannot be read; write {}", cited(trimmed(line)), readingExample(kind));
}

/// Takes what is said word by word.
class WordReader {
public:
    WordReader(const Tokens& tokens) : tokens_(tokens) {}

    /// \returns whether every word was understood
    bool read() {
        while (at_ < tokens_.size()) {
            if (!(takeNothing() || takeBoth() || takeSwitching() || takeValue())) {
                return false;
            }
        }
        return (!words_.values.empty() || words_.switches) && !isEsr_ && !isGate_;
    }
    const Words& words() const { return words_; }

private:
    bool is(std::string_view word) const { return at_ < tokens_.size() && tokens_[at_].is(word); }
    bool isAny(std::initializer_list<std::string_view> words) const {
        return std::any_of(words.begin(), words.end(), [&](auto word) { return is(word); });
    }

    /// Words that are no value.
    bool takeNothing() {
        if (is("/")) {
            isBack_ = true;
        } else if (is("esr")) {
            isEsr_ = true;
        } else if (is("gate")) {
            isGate_ = true;
        } else if (is("out") || is("lifted")) {
            words_.inCircuit = false;
        } else if (!isAny({",", ";", "about", "~", "at", "in", "of", "circuit", "reads", "and", "output", "led"})) {
            return false;
        }
        ++at_;
        return true;
    }

    /// The last value holds the other way round too.
    bool takeBoth() {
        if (!isAny({"both", "either", "each"}) || words_.values.empty()) {
            return false;
        }
        Said other = words_.values.back();
        other.isBack = true;
        words_.values.push_back(other);
        ++at_;
        while (isAny({"way", "ways", "round", "sides", "directions", "direction"})) {
            ++at_;
        }
        return true;
    }

    /// "switches", "turns on", "does not switch", "stays on".
    bool takeSwitching() {
        const auto skip = [&](std::initializer_list<std::string_view> words) {
            const std::size_t from = at_;
            while (isAny(words)) {
                ++at_;
            }
            return at_ > from;
        };
        skip({"it", "does"});
        if (skip({"not", "no", "never"})) {
            words_.switches = false;
            return skip({"switch", "switches", "switching", "turn", "turns", "on", "off"});
        }
        if (skip({"stays"})) {
            words_.switches = false;
            return skip({"on", "off", "lit", "dark", "open", "short"});
        }
        if (!skip({"switches", "turns"})) {
            return false;
        }
        skip({"on", "and", "off"});
        words_.switches = !skip({"not"});
        return true;
    }

    bool takeValue() {
        Said said;
        if (typing::takeOverload(tokens_, at_)) {
            said.number = overload;
            said.isOverload = true;
        } else if (is("short")) {
            ++at_;
        } else if (const auto value = typing::takeValue(tokens_, at_)) {
            said.value = *value;
            const bool isKilo = value->unit == Unit::Thousands;
            said.value.unit = isKilo ? Unit::Ohms : value->unit;
            said.number = value->in();
        } else {
            return false;
        }
        said.isEsr = std::exchange(isEsr_, false);
        said.isGate = std::exchange(isGate_, false);
        said.isBack = std::exchange(isBack_, false);
        words_.values.push_back(said);
        return true;
    }

    const Tokens& tokens_;
    std::size_t at_ = 0;
    bool isEsr_ = false;
    bool isGate_ = false;
    bool isBack_ = false;
    Words words_;
};

bool isJunction(PartKind kind) {
    return kind == PartKind::Diode || kind == PartKind::Zener || kind == PartKind::Mosfet ||
           kind == PartKind::Transistor || kind == PartKind::Optocoupler;
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
std::optional<Text> take(PartKind kind, const Said& said, PartReading& reading) {
    const Unit unit = said.value.unit == Unit::None ? usualUnit(kind) : said.value.unit;
    const bool isPlain = said.value.unit == Unit::None;
    const Text notOfIt = say("is not what such a part shows");
    const auto set = [](std::optional<double>& member, double number) -> std::optional<Text> {
        if (member) {
            return say("says the same thing twice");
        }
        member = number;
        return std::nullopt;
    };
    if (said.value.number.orElse) {
        return say("is asked: {}", typing::askWhich(said.value.typed, said.value.number));
    }
    if (said.isEsr) {
        return isCapacitor(kind) && said.value.unit != Unit::Farads ? set(reading.esrOhms, said.number) : notOfIt;
    }
    if (said.isGate) {
        const bool isOhms = unit == Unit::Ohms || isPlain;
        return kind == PartKind::Mosfet && isOhms ? set(reading.gateOhms, said.number) : notOfIt;
    }
    if (isCapacitor(kind) && unit == Unit::None && (said.isOverload || said.number == 0)) {
        return set(reading.ohms, said.number);
    }
    if (said.isOverload && (isPin(kind) || kind == PartKind::Rail)) {
        return say("OL is not a voltage");
    }
    switch (unit) {
        case Unit::None:
            return say("needs a unit: µF, nF, pF or Ω");
        case Unit::Farads:
            return isCapacitor(kind) ? set(reading.farads, said.number) : notOfIt;
        case Unit::Ohms:
            if (isCapacitor(kind)) {
                return set(reading.esrOhms, said.number);
            }
            return kind == PartKind::Optocoupler                               ? set(reading.ohms, said.number)
                   : isJunction(kind) || isPin(kind) || kind == PartKind::Rail ? std::optional(notOfIt)
                                                                               : set(reading.ohms, said.number);
        case Unit::Volts:
            if (kind == PartKind::Zener && !said.isOverload && said.number > highestKneeVolts &&
                (!isPlain || said.number < 100)) {
                return set(reading.volts, said.number);
            }
            if (isJunction(kind)) {
                const bool isMillivolts = isPlain && !said.isOverload && said.number > highestJunctionVolts;
                const double volts = isMillivolts ? said.number / 1000 : said.number;
                if (isMillivolts && said.number < 100) {
                    return say("is more than diode mode shows; millivolts have three digits");
                }
                const bool isBack =  // "0.55 OL": one way or the other nothing flows
                    said.isBack || (reading.forwardVolts && (said.isOverload || std::isinf(*reading.forwardVolts)));
                return set(isBack ? reading.reverseVolts : reading.forwardVolts, volts);
            }
            return isPin(kind) || kind == PartKind::Rail ? set(reading.volts, said.number) : notOfIt;
        case Unit::Share:
            if (said.number > 1) {
                return say("is more than all of the time");
            }
            return isPin(kind) ? set(reading.dutyShare, said.number) : notOfIt;
        case Unit::Hertz:
            return isPin(kind) ? set(reading.hertz, said.number) : notOfIt;
        case Unit::Rings:
            return kind == PartKind::Transformer || kind == PartKind::Coil ? set(reading.rings, said.number) : notOfIt;
        default:
            return notOfIt;
    }
}

/// A number without a unit behind "of" is meant in the unit of what was read: "241u of 470 63V", "98 of 100".
void takeUnitOf(const PartReading& reading, PartKind kind, std::vector<Said>& values) {
    if (values.empty() || values.front().value.unit != Unit::None) {
        return;
    }
    auto& first = values.front();
    if (isCapacitor(kind) && reading.farads) {
        const double scale = *reading.farads < 1e-9 ? 1e-12 : *reading.farads < 1e-6 ? 1e-9 : 1e-6;
        first.value.unit = Unit::Farads;
        first.number *= scale;
    }
}

/// What is printed on a part, behind "of" or by itself. \p reading: what was read of it, if anything.
std::variant<Ratings, Text> ratingsIn(PartKind kind, std::string_view text, Tongue tongue, const PartReading& reading) {
    const Text noRating =
        say("{} is not what is printed on such a part; write {}", cited(trimmed(text)), printedExample(kind));
    const auto tokens = typing::cut(text, tongue);
    WordReader words(tokens);
    if (!words.read()) {
        return noRating;
    }
    auto values = words.words().values;
    takeUnitOf(reading, kind, values);
    if (kind == PartKind::Electrolytic && values.front().value.unit == Unit::None) {
        values.front().value.unit = Unit::Farads;  // cans are marked in microfarads
        values.front().number *= 1e-6;
    }
    Ratings ratings;
    for (const auto& said : values) {
        if (said.value.number.orElse) {
            return typing::askWhich(said.value.typed, said.value.number);
        }
        const bool isCapacitorVolts = isCapacitor(kind) && ratings.farads && said.value.unit == Unit::None;
        const Unit unit = isCapacitorVolts                ? Unit::Volts
                          : said.value.unit == Unit::None ? usualUnit(kind)
                                                          : said.value.unit;
        auto* member = unit == Unit::Farads    ? &ratings.farads
                       : unit == Unit::Ohms    ? &ratings.ohms
                       : unit == Unit::Volts   ? &ratings.volts
                       : unit == Unit::Amps    ? &ratings.amps
                       : unit == Unit::Share   ? &ratings.tolerance
                       : unit == Unit::Celsius ? &ratings.celsius
                                               : nullptr;
        if (member == nullptr || *member || !(said.number > 0) || said.isOverload || said.isEsr) {
            return noRating;
        }
        *member = said.number;
    }
    return ratings;
}

/// A code as it is stamped on film capacitors and resistors; empty for anything else.
std::optional<Ratings> stampedOn(PartKind kind, std::string_view text) {
    return kind == PartKind::Film                                  ? readCapacitorMarking(text)
           : kind == PartKind::Resistor || kind == PartKind::Sense ? readResistorMarking(text)
                                                                   : std::nullopt;
}

}  // namespace

std::variant<Ratings, Text> readTypedRatings(PartKind kind, std::string_view text, Tongue tongue) {
    if (trimmed(text).empty()) {
        return Ratings{};
    }
    if (const auto marking = stampedOn(kind, text)) {
        return *marking;
    }
    return ratingsIn(kind, text, tongue, {});
}

Text readingExample(PartKind kind) {
    switch (kind) {
        case PartKind::Electrolytic:
            return say("241u 4R of 470u 63V");
        case PartKind::Film:
            return say("148n of 154J 400");
        case PartKind::Diode:
        case PartKind::Transistor:
            return say("0.31/OL, or 0/0 out");
        case PartKind::Zener:
            return say("17.6V of 18V, or 0.7/OL");
        case PartKind::Mosfet:
            return say("gate OL, 0.55/OL, switches");
        case PartKind::Optocoupler:
            return say("1.1/OL, switches");
        case PartKind::Fuse:
        case PartKind::Resistor:
        case PartKind::Sense:
            return say("0.2R of 0.22R, or OL");
        case PartKind::Coil:
        case PartKind::Transformer:
            return say("9 rings, or 2.5 Ω");
        case PartKind::Rail:
            return say("5.11 of 5V");
        case PartKind::DimmingPin:
        case PartKind::GatePin:
            return say("1.6 V, or 48 % 200 Hz");
        default:
            return say("3.3");
    }
}

Text printedExample(PartKind kind) {
    switch (kind) {
        case PartKind::Electrolytic:
            return say("470u 63V");
        case PartKind::Film:
            return say("154J 400");
        case PartKind::Fuse:
            return say("5A 250V");
        case PartKind::Diode:
        case PartKind::Mosfet:
        case PartKind::Transistor:
            return say("5A 100V");
        case PartKind::Coil:
        case PartKind::Transformer:
            return say("3A");
        case PartKind::Resistor:
        case PartKind::Sense:
            return say("0.22R, or R22");
        default:
            return say("12V");
    }
}

std::variant<TypedPart, Text> readTypedPart(PartKind kind, std::string_view text, Tongue tongue) {
    TypedPart typed;
    auto tokens = typing::cut(text, tongue);
    const std::size_t ref = lengthOfRef(tokens);
    for (std::size_t i = 0; i < ref; ++i) {
        typed.ref += tokens[i].typed;
    }
    tokens.erase(tokens.begin(), tokens.begin() + std::ptrdiff_t(ref));
    if (ref > 0 && !tokens.empty() && tokens.front().is(":")) {
        tokens.erase(tokens.begin());
    }
    // "out of circuit" has an "of" of its own.
    auto of = tokens.begin();
    while (of != tokens.end() && (!of->is("of") || of == tokens.begin() || std::prev(of)->is("out"))) {
        ++of;
    }
    const Tokens readings(tokens.begin(), of);
    WordReader words(readings);
    if (!words.read()) {
        return noReading(kind, text);
    }
    typed.reading.inCircuit = words.words().inCircuit;
    if (words.words().switches && kind != PartKind::Mosfet && kind != PartKind::Optocoupler) {
        return noReading(kind, text);
    }
    typed.reading.switches = words.words().switches;
    for (const auto& said : words.words().values) {
        if (auto problem = take(kind, said, typed.reading)) {
            return said.value.number.orElse ? typing::askWhich(said.value.typed, said.value.number)
                                            : say("{}: {}", cited(trimmed(text)), *problem);
        }
    }
    if (of == tokens.end()) {
        return typed;
    }
    std::string printed;
    for (auto token = of + 1; token != tokens.end(); ++token) {
        printed += (token->isGlued ? "" : " ") + token->typed;
    }
    // "98 of 100": a bare number near the reading is the number itself, not a code of three digits.
    const auto plain = typing::plainNumber(trimmed(printed));
    const bool isNumber =
        plain && typed.reading.ohms && *plain < 2 * *typed.reading.ohms && 2 * *plain > *typed.reading.ohms;
    auto ratings = isNumber || typed.reading.farads ? ratingsIn(kind, printed, tongue, typed.reading)
                                                    : readTypedRatings(kind, printed, tongue);
    if (const auto marking = stampedOn(kind, trimmed(printed)); marking && typed.reading.farads && !plain) {
        ratings = *marking;  // "148n of 154J 400"
    }
    if (auto* problem = std::get_if<Text>(&ratings)) {
        return *problem;
    }
    typed.ratings = std::get<Ratings>(ratings);
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
    add(ratings.celsius, "C");
    return line;
}

}  // namespace dimglow::parts
