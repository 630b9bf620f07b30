#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/text/text.h"
#include "core/typing/number.h"
#include "core/typing/tongue.h"

/// \file
/// Lines that a person types instead of filling in a form: clauses between commas.

namespace dimglow::typing {

/// What is wrong with a line, and at which words.
struct LineProblem {
    std::string words;
    text::Text reason;
};

/// One clause of a line, held against patterns.
class Clause {
public:
    /// \p unclear: numbers of the clause that may mean two things, as they stand in \p words.
    explicit Clause(std::string words, std::map<std::string, Number> unclear = {})
        : words_(std::move(words)), unclear_(std::move(unclear)) {}

    const std::string& words() const { return words_; }
    /// Whether the whole clause follows \p pattern, a regular expression of RE2 that lives as long as the program;
    /// has(), text() and number() then speak of its groups, counted from 1.
    bool matches(const char* pattern);
    bool has(int group) const { return groups_.at(group).has_value(); }
    const std::string& text(int group) const { return groups_.at(group).value(); }
    /// The number in a group. Outside \p least … \p most it is brought inside, and problem() says so; of two meanings
    /// the one inside is taken, and where both are problem() asks.
    double number(int group, double least, double most);
    /// Says what is wrong with the clause itself.
    void refuse(text::Text reason) { problem_ = std::move(reason); }
    /// Empty when nothing is wrong.
    const text::Text& problem() const { return problem_; }

    /// The clause cut in two behind \p words of its words; what stands in front comes first. \pre 0 < words <
    /// wordCount()
    std::pair<Clause, Clause> cutBehind(int words) const;
    int wordCount() const;

private:
    std::string words_;
    std::map<std::string, Number> unclear_;
    text::Text problem_;
    std::vector<std::optional<std::string>> groups_;
};

/// The clauses of a line in small letters and plain signs and words (see cut()), numbers with a decimal point.
std::vector<Clause> clausesOf(std::string_view line, Tongue tongue);

/// What to say of a line that is longer than anybody types, or no text that could be stored. Every reader of a line
/// asks this first.
std::optional<LineProblem> unreadable(std::string_view line);

}  // namespace dimglow::typing
