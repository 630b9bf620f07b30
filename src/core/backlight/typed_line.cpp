#include "core/backlight/typed_line.h"

#include <fmt/format.h>
#include <re2/re2.h>

#include <algorithm>
#include <cctype>
#include <memory>
#include <unordered_map>

#include "core/format/number_text.h"

namespace dimglow::backlight {

namespace {

bool isDigit(char c) {
    return std::isdigit(static_cast<unsigned char>(c)) != 0;
}

std::string plainWords(std::string_view text) {
    constexpr std::pair<std::string_view, std::string_view> signs[] = {
        {"\xC3\x97", "x"}, {"\xE2\x88\x92", "-"}, {"\xCE\xA9", "ohm"}, {"\xE2\x84\xA6", "ohm"},
        {"\xC2\xA0", " "}, {"\xE2\x80\xAF", " "}, {"*", "x"},          {"\t", " "}};
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

/// "two strips" → "2 strips": people write small numbers out.
std::string withDigits(const std::string& clause) {
    constexpr const char* names[] = {"one",   "two",   "three", "four", "five",   "six",
                                     "seven", "eight", "nine",  "ten",  "eleven", "twelve"};
    for (int i = 0; i < 12; ++i) {
        const std::string word = std::string(names[i]) + " ";
        if (clause.starts_with(word)) {
            return fmt::format("{} {}", i + 1, clause.substr(word.size()));
        }
    }
    return clause;
}

/// Patterns are literals: each is compiled once for a thread.
const re2::RE2& compiled(const char* pattern) {
    thread_local std::unordered_map<const char*, std::unique_ptr<re2::RE2>> known;
    auto& found = known[pattern];
    if (found == nullptr) {
        found = std::make_unique<re2::RE2>(pattern);
    }
    return *found;
}

}  // namespace

bool Clause::matches(const char* pattern) {
    const auto& expression = compiled(pattern);
    std::vector<re2::StringPiece> groups(std::size_t(expression.NumberOfCapturingGroups()) + 1);
    if (!expression.Match(words_, 0, words_.size(), re2::RE2::ANCHOR_BOTH, groups.data(), int(groups.size()))) {
        return false;
    }
    groups_.clear();
    for (const auto& group : groups) {
        groups_.push_back(group.data() == nullptr ? std::nullopt : std::optional(std::string(group)));
    }
    return true;
}

double Clause::number(int group, double least, double most) {
    const auto value = format::plainNumber(text(group));
    if (!value || *value < least || *value > most) {
        problem_ = text::say("{} is outside {} … {}", text(group).substr(0, 20), least, most);
    }
    return std::clamp(value.value_or(least), least, most);
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
        while (!clause.empty() && (clause.back() == ' ' || clause.back() == '.')) {
            clause.pop_back();
        }
        if (!clause.empty()) {
            result.emplace_back(withDigits(clause));
        }
    }
    return result;
}

std::optional<LineProblem> tooLong(std::string_view line) {
    constexpr std::size_t longestLine = 2000;
    if (line.size() <= longestLine) {
        return std::nullopt;
    }
    return LineProblem{format::cited(line), text::say("the line is too long")};
}

}  // namespace dimglow::backlight
