#include "core/parts/marking.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <string>

#include "core/typing/number.h"

namespace dimglow::parts {

namespace {

bool isDigits(std::string_view text) {
    return !text.empty() && std::all_of(text.begin(), text.end(), [](unsigned char c) { return std::isdigit(c) != 0; });
}

/// Significant digits and the power of ten that the last one stands for.
double coded(std::string_view digits) {
    const auto significant = typing::plainNumber(digits.substr(0, digits.size() - 1));
    return significant.value_or(0) * std::pow(10, digits.back() - '0');
}

/// A letter in the place of the decimal point: "4n7" is 4.7 n.
struct Infix {
    char letter = 0;
    double value = 0;
};
std::optional<Infix> infixIn(std::string_view text, std::string_view letters) {
    const auto at = text.find_first_of(letters);
    if (at == std::string_view::npos) {
        return std::nullopt;
    }
    const auto before = text.substr(0, at);
    const auto after = text.substr(at + 1);
    if ((!before.empty() && !isDigits(before)) || (!after.empty() && !isDigits(after)) ||
        (before.empty() && after.empty())) {
        return std::nullopt;
    }
    const auto value = typing::plainNumber((before.empty() ? "0" : std::string(before)) + "." +
                                           (after.empty() ? "0" : std::string(after)));
    return value ? std::optional(Infix{text[at], *value}) : std::nullopt;
}

/// Takes a tolerance letter off the end.
std::optional<double> takeTolerance(std::string_view& text) {
    // "1000uF" ends in its unit.
    const bool isUnit = text.size() > 1 && text.back() == 'F' &&
                        std::string_view("pnu").find(text[text.size() - 2]) != std::string_view::npos;
    const auto share = text.size() > 1 && !isUnit ? toleranceOf(text.back()) : std::nullopt;
    if (share) {
        text.remove_suffix(1);
    }
    return share;
}

double scaleOf(char letter) {
    switch (letter) {
        case 'p':
            return 1e-12;
        case 'n':
            return 1e-9;
        case 'u':
            return 1e-6;
        case 'k':
        case 'K':
            return 1e3;
        case 'M':
            return 1e6;
        default:
            return 1;
    }
}

}  // namespace

std::optional<double> toleranceOf(char letter) {
    constexpr std::pair<char, double> letters[] = {{'B', 0.001}, {'C', 0.0025}, {'D', 0.005}, {'F', 0.01}, {'G', 0.02},
                                                   {'H', 0.03},  {'J', 0.05},   {'K', 0.1},   {'M', 0.2},  {'N', 0.3}};
    const auto* found =
        std::find_if(std::begin(letters), std::end(letters), [&](const auto& l) { return l.first == letter; });
    return found == std::end(letters) ? std::nullopt : std::optional(found->second);
}

std::optional<Ratings> readCapacitorMarking(std::string_view text) {
    const std::string whole = typing::trimmed(text);
    std::string_view code = whole;
    Ratings ratings;
    // Rated volts stand last, behind a space or the tolerance letter.
    auto end = code.find(' ');
    std::string_view volts = end == std::string_view::npos ? std::string_view() : code.substr(end + 1);
    if (end == std::string_view::npos) {
        const auto letter = code.find_first_of("JKM");
        if (letter != std::string_view::npos && letter > 0 && letter + 1 < code.size()) {
            volts = code.substr(letter + 1);
            end = letter + 1;
        }
    }
    code = code.substr(0, end);
    if (!volts.empty()) {
        if (volts.back() == 'V') {
            volts.remove_suffix(1);
        }
        const auto rated = typing::plainNumber(volts);
        if (!rated || *rated <= 0) {
            return std::nullopt;
        }
        ratings.volts = rated;
    }
    ratings.tolerance = takeTolerance(code);
    if (const auto infix = infixIn(code, "pnu")) {
        ratings.farads = infix->value * scaleOf(infix->letter);
    } else if (isDigits(code) && code.size() == 3) {
        ratings.farads = coded(code) * 1e-12;
    } else if (const auto plain = typing::plainNumber(code)) {
        ratings.farads = *plain * (*plain < 1 ? 1e-6 : 1e-12);
    }
    return ratings.farads && *ratings.farads > 0 ? std::optional(ratings) : std::nullopt;
}

std::optional<Ratings> readResistorMarking(std::string_view text) {
    const std::string whole = typing::trimmed(text);
    std::string_view code = whole;
    Ratings ratings;
    if (const auto infix = infixIn(code, "RkKM")) {
        ratings.ohms = infix->value * scaleOf(infix->letter);
        return ratings;
    }
    ratings.tolerance = takeTolerance(code);
    if (const auto infix = infixIn(code, "RkKM")) {
        ratings.ohms = infix->value * scaleOf(infix->letter);
    } else if (isDigits(code) && (code.size() == 3 || code.size() == 4)) {
        ratings.ohms = coded(code);
    } else {
        return std::nullopt;
    }
    return ratings;
}

}  // namespace dimglow::parts
