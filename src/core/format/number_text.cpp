#include "core/format/number_text.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace dimglow::format {

namespace {

bool isDigit(char c) {
    return c >= '0' && c <= '9';
}

}  // namespace

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

}  // namespace dimglow::format
