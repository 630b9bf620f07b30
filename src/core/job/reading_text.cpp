#include "core/job/reading_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace dimglow::job {

namespace {

constexpr double mostVolts = 5000;

std::string trimmed(std::string_view text) {
    std::string words;
    for (const char c : text) {
        if (c != ' ' && c != '\t') {
            words += c == ',' ? '.' : c;
        }
    }
    if (!words.empty() && (words.back() == 'V' || words.back() == 'v')) {
        words.pop_back();
    }
    return words;
}

}  // namespace

std::variant<double, std::string> readTypedNumber(std::string_view text, double least, double most) {
    const std::string words = trimmed(text);
    double number = 0;
    const auto [end, error] = std::from_chars(words.data(), words.data() + words.size(), number);
    if (words.empty()) {
        return std::string("type a number");
    }
    if (error != std::errc() || end != words.data() + words.size() || !std::isfinite(number)) {
        return fmt::format("\"{}\" is no number", words.substr(0, 20));
    }
    if (number < least || number > most) {
        return fmt::format("{} is outside {} … {}", number, least, most);
    }
    return number;
}

std::variant<TypedVolts, std::string> readTypedVolts(std::string_view text) {
    const std::string words = trimmed(text);
    const auto mark = words.find_first_of(">~");
    const auto first = readTypedNumber(words.substr(0, mark), 0, mostVolts);
    if (const auto* problem = std::get_if<std::string>(&first)) {
        return *problem;
    }
    const double volts = std::get<double>(first);
    if (mark == std::string::npos) {
        return TypedVolts{Shape::Steady, volts, volts};
    }
    const auto second = readTypedNumber(words.substr(mark + 1), 0, mostVolts);
    if (const auto* problem = std::get_if<std::string>(&second)) {
        return *problem;
    }
    const double other = std::get<double>(second);
    if (words[mark] == '~') {
        return TypedVolts{Shape::Wanders, std::max(volts, other), std::min(volts, other)};
    }
    if (other >= volts) {
        return fmt::format("{} is not below the peak of {}", other, volts);
    }
    return TypedVolts{Shape::PeakThenSettles, volts, other};
}

std::variant<parts::LedCheckReading, std::string> readTypedLed(std::string_view text) {
    constexpr double mostLedVolts = 60;
    parts::LedCheckReading reading;
    std::string words;
    for (const char c : text) {
        words += char(std::tolower(static_cast<unsigned char>(c)));
    }
    for (const auto& [word, lit] : {std::pair("lit", true), std::pair("dark", false)}) {
        if (const auto at = words.find(word); at != std::string::npos) {
            reading.lit = lit;
            words.erase(at, std::string_view(word).size());
        }
    }
    const auto slash = words.find('/');
    reading.reverseTried = slash != std::string::npos;
    for (const bool reverse : {false, true}) {
        const std::string part =
            reverse ? (reading.reverseTried ? words.substr(slash + 1) : "ol") : words.substr(0, slash);
        if (trimmed(part) == "ol") {
            continue;
        }
        const auto volts = readTypedNumber(part, 0, mostLedVolts);
        if (const auto* problem = std::get_if<std::string>(&volts)) {
            return *problem + "; write 2.9 lit, OL, or 1.8/1.8";
        }
        (reverse ? reading.reverseVolts : reading.volts) = std::get<double>(volts);
    }
    return reading;
}

}  // namespace dimglow::job
