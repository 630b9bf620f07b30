#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/text/text.h"

/// \file
/// Lines that a person types instead of filling in a form: clauses between commas.

namespace dimglow::backlight {

/// What is wrong with a line, and at which words.
struct LineProblem {
    std::string words;
    text::Text reason;
};

/// One clause of a line, held against patterns.
class Clause {
public:
    explicit Clause(std::string words) : words_(std::move(words)) {}

    const std::string& words() const { return words_; }
    /// Whether the whole clause follows \p pattern, a regular expression of RE2 that lives as long as the program;
    /// has(), text() and number() then speak of its groups, counted from 1.
    bool matches(const char* pattern);
    bool has(int group) const { return groups_.at(group).has_value(); }
    const std::string& text(int group) const { return groups_.at(group).value(); }
    /// The number in a group. Outside \p least … \p most it is brought inside, and problem() says so.
    double number(int group, double least, double most);
    /// Says what is wrong with the clause itself.
    void refuse(text::Text reason) { problem_ = std::move(reason); }
    /// Empty when nothing is wrong.
    const text::Text& problem() const { return problem_; }

private:
    std::string words_;
    text::Text problem_;
    std::vector<std::optional<std::string>> groups_;
};

/// The clauses of a line in lower case, with "×" as "x", "−" as "-", "Ω" as "ohm", a decimal comma as a point and small
/// numbers in digits.
std::vector<Clause> clausesOf(std::string_view line);

/// Whether a line is longer than anybody types, and what to say then.
std::optional<LineProblem> tooLong(std::string_view line);

}  // namespace dimglow::backlight
