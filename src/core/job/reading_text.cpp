#include "core/job/reading_text.h"

#include <algorithm>
#include <cmath>
#include <initializer_list>

#include "core/typing/tokens.h"

namespace dimglow::job {

using evidence::LedSeen;
using evidence::Shape;
using text::say;
using text::Text;
using typing::cited;
using typing::Token;
using typing::Tokens;
using typing::trimmed;

namespace {

constexpr double mostVolts = 5000;

using Words = std::initializer_list<std::string_view>;

template <class Range>
bool isOne(const Token& token, const Range& words) {
    return std::any_of(std::begin(words), std::end(words), [&](std::string_view word) { return token.is(word); });
}
bool isOne(const Token& token, Words words) {
    return isOne<Words>(token, words);
}

/// How a field counts what people write.
struct Counting {
    typing::Unit unit;
    double per;  ///< of the field's unit in one of the table's
    Text wanted;
};
Counting countingOf(Unit unit) {
    switch (unit) {
        case Unit::None:
        case Unit::Count:
            break;
        case Unit::Volts:
            return {typing::Unit::Volts, 1, say("V")};
        case Unit::Amps:
            return {typing::Unit::Amps, 1, say("A or mA")};
        case Unit::Milliamps:
            return {typing::Unit::Amps, 1000, say("mA or A")};
        case Unit::Percent:
            return {typing::Unit::Share, 100, say("%")};
        case Unit::Hours:
            return {typing::Unit::Hours, 1, say("h")};
        case Unit::Minutes:
            return {typing::Unit::Minutes, 1, say("min")};
        case Unit::Millimetres:
            return {typing::Unit::Millimetres, 1, say("mm")};
        case Unit::Celsius:
            return {typing::Unit::Celsius, 1, say("°C")};
        case Unit::Money:
            return {typing::Unit::Money, 1, say("an amount of money")};
        case Unit::Watts:
            return {typing::Unit::Watts, 1, say("W")};
        case Unit::Seconds:
            return {typing::Unit::Seconds, 1, say("s")};
    }
    return {typing::Unit::None, 1, say("a number alone")};
}

Text noNumber(std::string_view text) {
    return trimmed(text).empty() ? say("type a number")
                                 : say("{} cannot be read; write a number, as 12 or 3.5", cited(trimmed(text)));
}

/// Of what a number may mean, the one that the field takes; asks where it takes both.
std::variant<double, Text> chosen(const typing::Value& value, double per, const Expected& expected) {
    const auto isInside = [&](double number) { return number >= expected.least && number <= expected.most; };
    const double number = value.in(per);
    const auto orElse = value.orElse(per);
    if (orElse && isInside(*orElse)) {
        return isInside(number) ? std::variant<double, Text>(typing::askWhich(value.typed, value.number)) : *orElse;
    }
    if (expected.unit == Unit::Count && number != std::floor(number)) {
        return say("a whole number from {} to {}", expected.least, expected.most);
    }
    if (!isInside(number)) {
        return say("{} is outside {} … {}", number, expected.least, expected.most);
    }
    return number;
}

/// One value in the unit of a field.
std::variant<double, Text> inUnitOf(const typing::Value& value, const Expected& expected) {
    const auto counting = countingOf(expected.unit);
    const bool isPlain = value.unit == typing::Unit::None;
    const bool isThousands =
        value.unit == typing::Unit::Thousands &&
        (expected.unit == Unit::Hours || expected.unit == Unit::Money || expected.unit == Unit::None);
    if (!isPlain && !isThousands && value.unit != counting.unit) {
        return say("{}, not {}", counting.wanted, value.unitTyped);
    }
    return chosen(value, isPlain || isThousands ? 1 : counting.per, expected);
}

void skip(const Tokens& tokens, std::size_t& at, const Words& words) {
    while (at < tokens.size() && isOne(tokens[at], words)) {
        ++at;
    }
}

/// The only value of a line; empty when it says more, or none.
std::optional<typing::Value> onlyValue(const Tokens& tokens, Unit unit) {
    std::size_t at = 0;
    skip(tokens, at, {"about", "~"});
    const bool isBelowZero = at + 1 < tokens.size() && tokens[at].is("-") && tokens[at + 1].isGlued;
    at += isBelowZero ? 1 : 0;
    auto value = typing::takeValue(tokens, at);
    if (!value) {
        return std::nullopt;
    }
    value->number.value *= isBelowZero ? -1 : 1;
    if (value->unit == typing::Unit::Thousands && at + 1 == tokens.size()) {  // "9k h"
        const auto behind = typing::unitOf(tokens[at].typed);
        at += behind && behind->unit == countingOf(unit).unit ? 1 : 0;
    }
    if (unit == Unit::Money) {
        skip(tokens, at, {",", ".", "-"});  // "150,-"
    }
    return at == tokens.size() ? value : std::nullopt;
}

/// "12 000" with its space taken out.
std::string withoutSpaces(std::string_view text) {
    const std::string whole = trimmed(text);
    std::string joined;
    std::size_t run = 0;  ///< digits since the last space
    for (std::size_t i = 0; i < whole.size(); ++i) {
        const auto isDigit = [&](std::size_t at) { return at < whole.size() && whole[at] >= '0' && whole[at] <= '9'; };
        const bool isThousands = whole[i] == ' ' && run >= 1 && run <= 3 && isDigit(i + 1) && isDigit(i + 2) &&
                                 isDigit(i + 3) && !isDigit(i + 4);
        joined += isThousands ? "" : whole.substr(i, 1);
        run = isDigit(i) ? run + 1 : 0;
    }
    return joined;
}

// ---- voltages with a shape -----------------------------------------------------------------------------------

constexpr std::string_view fallWords[] = {">",        "then",    "falls",  "falling", "fall",      "fell",    "drops",
                                          "dropping", "dropped", "drop",   "settles", "settled",   "back",    "down",
                                          "sinks",    "sags",    "decays", "sinking", "collapses", "settling"};
constexpr std::string_view wanderWords[] = {"~",      "wanders", "wandering", "hunts",   "hunting", "between",
                                            "swings", "jumps",   "varies",    "bounces", "and"};
constexpr std::string_view peakWords[] = {"peaks", "peak", "max", "rises", "spikes", "up", "kicks"};
constexpr std::string_view fillers[] = {"at",    "to",    "from",  "of",  "about",  "steady", "stable",
                                        "stays", "reads", "shows", "it",  "again",  "and",    ",",
                                        "-",     "in",    "a",     "the", "moment", "slowly", "quickly"};

/// The voltages of a line and what stands before, between and behind them.
struct Swing {
    std::vector<double> volts;
    bool falls = false;
    bool wanders = false;
    bool peaks = false;
    bool hasDash = false;
    bool hasTo = false;
};

std::variant<Swing, Text> swingIn(const Tokens& tokens) {
    Swing swing;
    std::size_t pairs = 0;  // signs between two voltages
    for (std::size_t at = 0; at < tokens.size();) {
        if (const auto value = typing::takeValue(tokens, at)) {
            auto volts = inUnitOf(*value, {0, mostVolts, Unit::Volts});
            if (auto* problem = std::get_if<Text>(&volts)) {
                return *problem;
            }
            if (swing.volts.size() != pairs) {
                return Swing{};  // nothing between two numbers
            }
            swing.volts.push_back(std::get<double>(volts));
            continue;
        }
        const Token& token = tokens[at++];
        const bool isFirst = swing.volts.empty();
        if (at > 1 && token.kind == Token::Kind::Sign && tokens[at - 2].is(token.plain)) {
            return Swing{};  // "12 >> 5"
        }
        if (isOne(token, fallWords)) {
            if (isFirst && token.kind == Token::Kind::Sign) {
                return Swing{};
            }
            swing.falls = true;
        } else if (isOne(token, wanderWords)) {
            swing.wanders = swing.wanders || !token.is("and");
        } else if (isOne(token, peakWords)) {
            swing.peaks = true;
        } else if (!isOne(token, fillers) || (isFirst && (token.is("-") || token.is(",")))) {
            return Swing{};
        }
        swing.hasDash = swing.hasDash || token.is("-");
        swing.hasTo = swing.hasTo || token.is("to");
        const bool isBetween = isOne(token, fallWords) || isOne(token, {"~", "-", "to", "and"});
        pairs += !isFirst && isBetween && pairs < swing.volts.size() ? 1 : 0;
    }
    return swing;
}

Text noVolts(std::string_view text) {
    return trimmed(text).empty() ? say("type the volts")
                                 : say("{} cannot be read; write 184, 184 > 48 (peaks, then settles) or 48 ~ 184 "
                                       "(wanders)",
                                       cited(trimmed(text)));
}

}  // namespace

std::variant<double, Text> readTypedNumber(std::string_view text, const Expected& expected, Tongue tongue) {
    const auto value = onlyValue(typing::cut(text, tongue), expected.unit);
    return value ? inUnitOf(*value, expected) : std::variant<double, Text>(noNumber(text));
}

std::variant<double, Text> readTypedAmount(std::string_view text, const Expected& expected, Tongue tongue) {
    auto value = onlyValue(typing::cut(withoutSpaces(text), tongue), expected.unit);
    if (value && typing::mayBeThousands(value->typed) && !value->number.orElse) {
        std::string digits = value->typed;
        std::erase_if(digits, [](char c) { return c == '.' || c == ','; });
        value->number.orElse = typing::plainNumber(digits);
    }
    return value ? inUnitOf(*value, expected) : std::variant<double, Text>(noNumber(text));
}

std::variant<TypedVolts, Text> readTypedVolts(std::string_view text, Tongue tongue) {
    auto tokens = typing::cut(text, tongue);
    if (!tokens.empty() && tokens.front().is("~")) {
        tokens.erase(tokens.begin());  // about
    }
    const auto read = swingIn(tokens);
    if (const auto* problem = std::get_if<Text>(&read)) {
        return *problem;
    }
    const auto& swing = std::get<Swing>(read);
    if (swing.volts.size() == 1 && (swing.peaks || swing.falls || swing.wanders || swing.hasDash)) {
        return say("{} V, and then? Write {} > 48 (peaks, then settles) or 48 ~ {} (wanders)", swing.volts[0],
                   swing.volts[0], swing.volts[0]);
    }
    if (swing.volts.size() == 1) {
        return TypedVolts{Shape::Steady, swing.volts[0], swing.volts[0]};
    }
    const bool saysHow = swing.falls || swing.wanders || swing.peaks || swing.hasDash || swing.hasTo;
    if (swing.volts.size() != 2 || !saysHow || (swing.falls && swing.wanders)) {
        return noVolts(text);
    }
    const auto [first, second] = std::pair(swing.volts[0], swing.volts[1]);
    const bool sinks = second < first && !swing.wanders;
    if (sinks && swing.hasDash && !swing.falls && !swing.peaks) {
        return say("{}-{}: did it peak and settle ({} > {}) or wander ({} ~ {})?", first, second, first, second, second,
                   first);
    }
    if (swing.falls || swing.peaks || sinks) {
        return second < first ? std::variant<TypedVolts, Text>(TypedVolts{Shape::PeakThenSettles, first, second})
                              : say("{} is not below the peak of {}", second, first);
    }
    return TypedVolts{Shape::Wanders, std::max(first, second), std::min(first, second)};
}

namespace {

constexpr std::string_view litWords[] = {"lit", "on", "glows", "glowing"};
constexpr std::string_view darkWords[] = {"dark", "off", "unlit"};

}  // namespace

std::optional<LedSeen::Glow> readTypedGlow(std::string_view text, Tongue tongue) {
    const auto tokens = typing::cut(text, tongue);
    if (tokens.size() != 1) {
        return std::nullopt;
    }
    return isOne(tokens[0], litWords)    ? std::optional(LedSeen::Glow::Lit)
           : isOne(tokens[0], darkWords) ? std::optional(LedSeen::Glow::Dark)
           : tokens[0].is("dim")         ? std::optional(LedSeen::Glow::Dim)
           : tokens[0].is("tinted")      ? std::optional(LedSeen::Glow::Tinted)
                                         : std::nullopt;
}

namespace {

constexpr double mostLedVolts = 60;

/// One side of what an LED showed: volts, or nothing flows. \returns false where neither stands
std::variant<bool, Text> takeSide(const Tokens& tokens, std::size_t& at, std::optional<double>& volts) {
    if (typing::takeOverload(tokens, at)) {
        volts.reset();
        return true;
    }
    if (at < tokens.size() && tokens[at].is("short")) {
        ++at;
        volts = 0;
        return true;
    }
    const auto value = typing::takeValue(tokens, at);
    if (!value) {
        return false;
    }
    const auto read = inUnitOf(*value, {0, mostLedVolts, Unit::Volts});
    if (const auto* problem = std::get_if<Text>(&read)) {
        return *problem;
    }
    volts = std::get<double>(read);
    return true;
}

}  // namespace

std::variant<parts::LedCheckReading, Text> readTypedLed(std::string_view text, Tongue tongue) {
    const auto refusal = [&](const Text& why) { return say("{}; write 2.9 lit, OL, or 1.8/1.8", why); };
    const auto tokens = typing::cut(text, tongue);
    parts::LedCheckReading reading;
    int sides = 0;
    for (std::size_t at = 0; at < tokens.size();) {
        const auto& token = tokens[at];
        if (isOne(token, litWords) || isOne(token, darkWords)) {
            const bool isLit = isOne(token, litWords);
            if (reading.lit && *reading.lit != isLit) {
                return refusal(say("{} says both lit and dark", cited(trimmed(text))));
            }
            reading.lit = isLit;
            ++at;
        } else if (token.is("both") && sides == 1) {
            reading.reverseTried = true;
            reading.reverseVolts = reading.volts;
            ++sides;
            ++at;
        } else if (token.is("/") && sides == 1) {
            reading.reverseTried = true;
            ++at;
        } else if (isOne(token, {",", "ways", "way", "in", "about"})) {
            ++at;
        } else {
            const bool isBack = reading.reverseTried;
            const auto took = takeSide(tokens, at, isBack ? reading.reverseVolts : reading.volts);
            if (const auto* problem = std::get_if<Text>(&took)) {
                return refusal(*problem);
            }
            if (!std::get<bool>(took) || ++sides > (isBack ? 2 : 1)) {
                return refusal(noNumber(text));
            }
        }
    }
    const bool isWhole = sides == (reading.reverseTried ? 2 : 1);
    return isWhole ? std::variant<parts::LedCheckReading, Text>(reading) : refusal(noNumber(text));
}

namespace {

/// Reads what a tester shows, word by word.
class TesterReader {
public:
    TesterReader(double limitVolts, int leds) : limitVolts_(limitVolts), leds_(leds) {}

    std::variant<TypedTester, Text> read(const Tokens& tokens, std::string_view line) {
        for (std::size_t at = 0; at < tokens.size();) {
            if (!(takeAll(tokens, at) || takeCount(tokens, at) || takeVolts(tokens, at) ||
                  takeOf(tokens[at], {",", "/", ";", "and", "about"}, at))) {
                return say("{} cannot be read; write 90.4, 90.4 V 16 lit, or none lit", cited(trimmed(line)));
            }
            if (!problem_.empty()) {
                return problem_;
            }
        }
        if (!typed_.volts && !typed_.lit) {
            return say("type the volts, or how many are lit");
        }
        return typed_;
    }

private:
    static bool takeOf(const Token& token, const Words& words, std::size_t& at) {
        const bool is = isOne(token, words);
        at += is ? 1 : 0;
        return is;
    }

    void setLit(double lit) {
        if (lit < 0 || lit > leds_ || lit != std::floor(lit)) {
            problem_ = say("a whole number from {} to {}", 0, leds_);
        } else if (typed_.lit && *typed_.lit != int(lit)) {
            problem_ = say("{} lit, or {}?", *typed_.lit, int(lit));
        } else {
            typed_.lit = int(lit);
        }
    }

    bool takeAll(const Tokens& tokens, std::size_t& at) {
        if (isOne(tokens[at], {"all", "every"})) {
            setLit(leds_);
        } else if (isOne(tokens[at], {"no", "none", "nothing", "dark"})) {
            setLit(0);
        } else {
            return false;
        }
        skip(tokens, ++at, {"led", "leds", "are", "is", "of", "it", "them", "lit", "on"});
        return true;
    }

    /// "16 lit", "2 of 3", "1 dark", and a second number alone.
    bool takeCount(const Tokens& tokens, std::size_t& at) {
        const auto isAt = [&](std::size_t place, const auto& words) {
            return place < tokens.size() && isOne(tokens[place], words);
        };
        const auto numberAt = [&](std::size_t place) {
            return place < tokens.size() && tokens[place].kind == Token::Kind::Number;
        };
        if (!numberAt(at)) {
            return false;
        }
        const double count = tokens[at].number.value;
        std::size_t next = at + 1;
        const bool isOfAll = isAt(next, Words{"of"}) && numberAt(next + 1);
        if (isOfAll && tokens[next + 1].number.value != leds_) {
            problem_ = say("there are {} LEDs here, not {}", leds_, tokens[next + 1].number.value);
            return true;
        }
        next += isOfAll ? 2 : 0;
        next += isAt(next, Words{"led", "leds"}) ? 1 : 0;
        if (isAt(next, darkWords)) {
            setLit(leds_ - count);
        } else if (isOfAll || isAt(next, litWords) || (typed_.volts && next == tokens.size())) {
            setLit(count);
        } else {
            return false;
        }
        at = std::min(next + (isAt(next, darkWords) || isAt(next, litWords) ? 1 : 0), tokens.size());
        return true;
    }

    bool takeVolts(const Tokens& tokens, std::size_t& at) {
        const auto value = typing::takeValue(tokens, at);
        if (!value) {
            return false;
        }
        const auto volts = inUnitOf(*value, {0, 1.1 * limitVolts_, Unit::Volts});
        if (const auto* problem = std::get_if<Text>(&volts)) {
            problem_ = *problem;
        } else if (typed_.volts) {
            problem_ = say("{} V, or {} V?", *typed_.volts, std::get<double>(volts));
        } else {
            typed_.volts = std::get<double>(volts);
        }
        return true;
    }

    double limitVolts_;
    int leds_;
    TypedTester typed_;
    Text problem_;
};

}  // namespace

std::variant<TypedTester, Text> readTypedTester(std::string_view text, double limitVolts, int leds, Tongue tongue) {
    return TesterReader(limitVolts, leds).read(typing::cut(text, tongue), text);
}

}  // namespace dimglow::job
