#include "core/backlight/typed_line.h"

#include <fmt/format.h>
#include <algorithm>
#include <cctype>
#include <cstdlib>
#include <regex>

namespace dimglow::backlight {

namespace {

bool isDigit(char c) {
    return std::isdigit(static_cast<unsigned char>(c)) != 0;
}

std::string plainWords(std::string_view text) {
    constexpr std::pair<std::string_view, std::string_view> signs[] = {
        {"\xC3\x97", "x"}, {"\xE2\x88\x92", "-"}, {"\xCE\xA9", "ohm"}, {"\xE2\x84\xA6", "ohm"}};
    std::string words;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto* sign = std::find_if(std::begin(signs), std::end(signs),
                                        [&](const auto& s) { return text.substr(i, s.first.size()) == s.first; });
        if (sign != std::end(signs)) {
            words += sign->second;
            i += sign->first.size() - 1;
        } else if (text[i] == ',' && i > 0 && i + 1 < text.size() && isDigit(text[i - 1]) && isDigit(text[i + 1])) {
            words += '.';
        } else {
            words += char(std::tolower(static_cast<unsigned char>(text[i])));
        }
    }
    return words;
}

}  // namespace

bool Clause::matches(const char* pattern) {
    std::smatch found;
    if (!std::regex_match(words_, found, std::regex(pattern))) {
        return false;
    }
    groups_.clear();
    for (const auto& group : found) {
        groups_.push_back(group.matched ? std::optional(group.str()) : std::nullopt);
    }
    return true;
}

double Clause::number(int group, double least, double most) {
    const double value = std::strtod(text(group).c_str(), nullptr);
    if (!(value >= least && value <= most)) {
        problem_ = fmt::format("{} is outside {} … {}", text(group), least, most);
    }
    return std::clamp(value, least, most);
}

std::vector<Clause> clausesOf(std::string_view line) {
    std::vector<std::string> clauses = {""};
    for (const char c : plainWords(line)) {
        if (c == ',' || c == ';') {
            clauses.emplace_back();
        } else if (c != ' ' || (!clauses.back().empty() && clauses.back().back() != ' ')) {
            clauses.back() += c;
        }
    }
    std::vector<Clause> result;
    for (auto& clause : clauses) {
        if (!clause.empty() && clause.back() == ' ') {
            clause.pop_back();
        }
        if (!clause.empty()) {
            result.emplace_back(std::move(clause));
        }
    }
    return result;
}

std::optional<LineProblem> tooLong(std::string_view line) {
    constexpr std::size_t longestLine = 2000;
    if (line.size() <= longestLine) {
        return std::nullopt;
    }
    return LineProblem{std::string(line.substr(0, 20)) + "…", "the line is too long"};
}

}  // namespace dimglow::backlight
