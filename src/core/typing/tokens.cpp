#include "core/typing/tokens.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <utility>

#include "core/typing/words.h"

namespace dimglow::typing {

namespace {

bool isLetter(char c) {
    return std::isalpha(static_cast<unsigned char>(c)) != 0 || static_cast<unsigned char>(c) >= 0x80 || c == '_' ||
           c == '%' || c == '$';
}

/// Signs of other keyboards, in those of every keyboard.
std::string plainSigns(std::string_view text) {
    constexpr std::pair<std::string_view, std::string_view> signs[] = {
        {"×", "x"},   {"✕", "x"},        {"*", "x"},        {"−", "-"},          {"–", "-"},
        {"—", "-"},   {"‐", "-"},        {"‑", "-"},        {"\xCE\xA9", "ohm"}, {"\xE2\x84\xA6", "ohm"},
        {"ω", "ohm"}, {"\xC2\xB5", "u"}, {"\xCE\xBC", "u"}, {"→", ">"},          {"⇒", ">"},
        {"->", ">"},  {"=>", ">"},       {"…", "~"},        {"...", "~"},        {"≈", "~"},
        {"°", ""},    {"⁄", "/"},        {"’", "'"},        {"\xC2\xA0", " "},   {"\xE2\x80\xAF", " "},
        {"\t", " "},  {"∞", " inf "},    {"@", " at "}};
    std::string plain;
    for (std::size_t i = 0; i < text.size();) {
        const auto* sign = std::find_if(std::begin(signs), std::end(signs),
                                        [&](const auto& s) { return text.substr(i, s.first.size()) == s.first; });
        if (sign != std::end(signs)) {
            plain += sign->second;
            i += sign->first.size();
        } else {
            plain += text[i++];
        }
    }
    return plain;
}

/// In small letters, those of German too.
std::string small(std::string_view word) {
    std::string letters;
    for (std::size_t i = 0; i < word.size(); ++i) {
        const auto c = static_cast<unsigned char>(word[i]);
        const bool isAfterC3 = i > 0 && static_cast<unsigned char>(word[i - 1]) == 0xC3;
        letters += isAfterC3 && c >= 0x80 && c <= 0x9E ? char(c + 0x20) : char(c < 0x80 ? std::tolower(c) : c);
    }
    return letters;
}

class Cutter {
public:
    Cutter(std::string_view line, Tongue tongue) : text_(plainSigns(line)), tongue_(tongue) {}

    Tokens cut() {
        while (at_ < text_.size()) {
            if (text_[at_] == ' ') {
                isGlued_ = false;
                ++at_;
            } else if (startsNumber()) {
                takeNumber();
            } else if (isLetter(text_[at_])) {
                takeWord();
            } else if (text_[at_] == '.' && isGlued_ && tokens_.back().is("about")) {
                ++at_;  // "approx."
            } else {
                add(Token::Kind::Sign, text_.substr(at_++, 1), {});
            }
        }
        return std::move(tokens_);
    }

private:
    bool digitAt(std::size_t at) const { return at < text_.size() && isDigit(text_[at]); }
    bool startsNumber() const {
        const bool isPoint = text_[at_] == '.' || text_[at_] == ',';
        const bool isFirst = !isGlued_ || tokens_.empty() || tokens_.back().kind != Token::Kind::Number;
        return isDigit(text_[at_]) || (isPoint && isFirst && digitAt(at_ + 1));
    }

    void takeNumber() {
        const std::size_t from = at_++;
        while (digitAt(at_) || ((text_[at_] == '.' || text_[at_] == ',' || text_[at_] == '\'') && digitAt(at_ + 1))) {
            ++at_;
        }
        const std::string digits = text_.substr(from, at_ - from);
        if (const auto number = readDigits(digits, tongue_)) {
            add(Token::Kind::Number, digits, *number);
        } else {
            add(Token::Kind::Word, digits, {});  // "1.2.3": a date perhaps, no number
        }
    }

    void takeWord() {
        const std::size_t from = at_;
        while (at_ < text_.size() && isLetter(text_[at_])) {
            ++at_;
        }
        add(Token::Kind::Word, text_.substr(from, at_ - from), {});
    }

    void add(Token::Kind kind, std::string typed, Number number) {
        Token token{kind, typed, typed, number, isGlued_ && !tokens_.empty()};
        if (kind == Token::Kind::Word) {
            token.plain = plainWord(small(typed), tongue_);
            if (isDigit(token.plain[0]) && !isDigit(typed[0])) {
                token.kind = Token::Kind::Number;
                token.number.value = plainNumber(token.plain).value_or(0);
            }
        }
        tokens_.push_back(std::move(token));
        isGlued_ = true;
    }

    std::string text_;
    Tongue tongue_;
    std::size_t at_ = 0;
    bool isGlued_ = false;
    Tokens tokens_;
};

bool isWhole(const Token& token) {
    return token.kind == Token::Kind::Number && token.typed.find_first_of(".,'") == std::string::npos;
}

/// "4R7", "3V3", "0n47": a unit in the place of the decimal point.
std::optional<Value> takeInfix(const Tokens& tokens, std::size_t& at) {
    if (at + 2 >= tokens.size() || !isWhole(tokens[at]) || !isWhole(tokens[at + 2])) {
        return std::nullopt;
    }
    const auto& letter = tokens[at + 1];
    const bool isGlued = letter.isGlued && tokens[at + 2].isGlued;
    const bool endsThere =
        at + 3 == tokens.size() || !tokens[at + 3].isGlued || tokens[at + 3].kind == Token::Kind::Sign;
    constexpr std::string_view letters = "RkKMpnuUV";
    if (!isGlued || !endsThere || letter.typed.size() != 1 || letters.find(letter.typed) == std::string_view::npos) {
        return std::nullopt;
    }
    if (tokens[at].typed.size() > 2 && tokens[at + 2].typed.size() > 1) {
        return std::nullopt;  // "470u63": two values without a space
    }
    const bool isKilo = letter.typed == "k" || letter.typed == "K";
    const auto unit = isKilo ? UnitWord{Unit::Ohms, 1e3} : unitOf(letter.typed).value();
    const auto number = plainNumber(tokens[at].typed + "." + tokens[at + 2].typed);
    if (!number) {
        return std::nullopt;
    }
    Value value;
    value.number.value = *number;
    value.unit = unit.unit;
    value.scale = unit.scale;
    value.typed = tokens[at].typed + letter.typed + tokens[at + 2].typed;
    value.unitTyped = letter.typed;
    at += 3;
    return value;
}

}  // namespace

Tokens cut(std::string_view line, Tongue tongue) {
    return Cutter(line, tongue).cut();
}

std::optional<Value> takeValue(const Tokens& tokens, std::size_t& at) {
    if (at >= tokens.size()) {
        return std::nullopt;
    }
    if (auto infix = takeInfix(tokens, at)) {
        return infix;
    }
    std::optional<UnitWord> unit;
    Value value;
    std::size_t next = at;
    if (tokens[next].kind == Token::Kind::Word && next + 1 < tokens.size()) {  // "€ 420"
        const auto before = unitOf(tokens[next].typed);
        if (!before || before->unit != Unit::Money) {
            return std::nullopt;
        }
        unit = before;
        value.unitTyped = tokens[next++].typed;
    }
    if (tokens[next].kind != Token::Kind::Number) {
        return std::nullopt;
    }
    value.number = tokens[next].number;
    value.typed = tokens[next++].typed;
    if (!unit && next < tokens.size() && tokens[next].kind == Token::Kind::Word) {
        unit = unitOf(tokens[next].typed);
        unit = unit ? unit : unitOf(tokens[next].plain);
        value.unitTyped = unit ? tokens[next++].typed : "";
    }
    if (unit) {
        value.unit = unit->unit;
        value.scale = unit->scale;
    }
    at = next;
    return value;
}

double Value::scaled(double value, double factor) {
    return factor < 1 ? value / std::round(1 / factor) : value * factor;
}

bool takeOverload(const Tokens& tokens, std::size_t& at) {
    const auto is = [&](std::size_t ahead, std::string_view word) {
        return at + ahead < tokens.size() && tokens[at + ahead].plain == word;
    };
    const std::size_t length = is(0, "ol") || is(0, "open")                         ? 1
                               : is(0, "0") && is(1, "l") && tokens[at + 1].isGlued ? 2
                               : is(0, "o") && is(1, ".") && is(2, "l")             ? (is(3, ".") ? 4 : 3)
                                                                                    : 0;
    at += length;
    return length > 0;
}

}  // namespace dimglow::typing
