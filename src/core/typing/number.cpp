#include "core/typing/number.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace dimglow::typing {

bool isDigit(char c) {
    return c >= '0' && c <= '9';
}

std::optional<double> plainNumber(std::string_view text) {
    std::string digits(text);
    std::size_t marks = 0;
    for (std::size_t i = 0; i < digits.size(); ++i) {
        if (digits[i] == '.' || digits[i] == ',') {
            digits[i] = '.';
            ++marks;
        } else if (!isDigit(digits[i]) && !(i == 0 && digits[i] == '-')) {
            return std::nullopt;
        }
    }
    if (marks > 1 || std::none_of(digits.begin(), digits.end(), isDigit) || digits.back() == '.') {
        return std::nullopt;
    }
    double number = 0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), number);
    const bool whole = error == std::errc() && end == digits.data() + digits.size();
    return whole && std::isfinite(number) ? std::optional(number) : std::nullopt;
}

std::optional<Number> readDigits(std::string_view text, Tongue tongue) {
    std::string signs;
    std::size_t last = std::string_view::npos;
    bool inThrees = true;  // as thousands stand: one to three digits, then three between any two signs
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (isDigit(text[i])) {
            continue;
        }
        const std::size_t before = last == std::string_view::npos ? i : i - last - 1;
        inThrees = inThrees && (signs.empty() ? before >= 1 && before <= 3 && text.front() != '0' : before == 3);
        signs += text[i];
        last = i;
    }
    if (signs.find_first_not_of(".,'") != std::string::npos) {
        return std::nullopt;
    }
    const bool endsInThree = last != std::string_view::npos && text.size() - last == 4;
    const bool allAlike = signs.find_first_not_of(signs.substr(0, 1)) == std::string::npos;
    const auto without = [](std::string_view digits, char sign) {
        std::string rest(digits);
        std::erase(rest, sign);
        return plainNumber(rest);
    };
    const auto made = [](std::optional<double> value) {
        return value ? std::optional(Number{*value, {}}) : std::nullopt;
    };
    if (signs.empty() || (signs.size() == 1 && signs != "'")) {
        const auto value = plainNumber(text);
        const char thousands = tongue == Tongue::German ? '.' : ',';
        const bool isAmbiguous = value && signs.size() == 1 && signs[0] == thousands && inThrees && endsInThree;
        return isAmbiguous ? std::optional(Number{*value, without(text, thousands)}) : made(value);
    }
    if (allAlike && inThrees && endsInThree) {
        return made(without(text, signs[0]));
    }
    const std::string thousands = signs.substr(0, signs.size() - 1);
    const bool isMixed = signs.back() != '\'' &&
                         thousands.find_first_not_of(thousands.substr(0, 1)) == std::string::npos &&
                         thousands[0] != signs.back() && inThrees;
    return isMixed ? made(without(text, thousands[0])) : std::nullopt;
}

text::Text askWhich(std::string_view typed, const Number& number) {
    return text::say("{} may be {} or {}: write it without the sign", cited(typed), number.value, *number.orElse);
}

bool mayBeThousands(std::string_view text) {
    const auto mark = text.find_first_of(".,");
    return mark != std::string_view::npos && mark >= 1 && mark <= 3 && text.front() != '0' && text.size() - mark == 4 &&
           std::all_of(text.begin() + std::ptrdiff_t(mark) + 1, text.end(), isDigit);
}

std::string trimmed(std::string_view text) {
    std::string words;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const bool noBreak = text.substr(i, 2) == "\xC2\xA0";
        const bool narrow = text.substr(i, 3) == "\xE2\x80\xAF";
        words += noBreak || narrow || text[i] == '\t' ? ' ' : text[i];
        i += narrow ? 2 : noBreak ? 1 : 0;
    }
    const auto first = words.find_first_not_of(' ');
    return first == std::string::npos ? std::string() : words.substr(first, words.find_last_not_of(' ') - first + 1);
}

std::string cited(std::string_view text) {
    constexpr std::size_t longest = 24;
    std::size_t length = std::min(text.size(), longest);
    while (length < text.size() && length > 0 && (static_cast<unsigned char>(text[length]) & 0xC0) == 0x80) {
        --length;  // not within a character
    }
    return "\"" + std::string(text.substr(0, length)) + (length < text.size() ? "…\"" : "\"");
}

}  // namespace dimglow::typing
