#include "core/typing/clause.h"

#include <fmt/format.h>
#include <re2/re2.h>

#include <algorithm>
#include <memory>
#include <unordered_map>

#include "core/text/plain.h"
#include "core/typing/tokens.h"

namespace dimglow::typing {

namespace {

/// Patterns are literals: each is compiled once for a thread.
const re2::RE2& compiled(const char* pattern) {
    thread_local std::unordered_map<const char*, std::unique_ptr<re2::RE2>> known;
    auto& found = known[pattern];
    if (found == nullptr) {
        found = std::make_unique<re2::RE2>(pattern);
    }
    return *found;
}

/// A number with a decimal point, as patterns want it.
std::string pointed(const Token& token) {
    std::string digits = token.plain;
    const auto signs = std::count_if(digits.begin(), digits.end(), [](char c) { return c < '0' || c > '9'; });
    if (signs > 1) {
        return fmt::format("{:.10g}", token.number.value);
    }
    std::replace(digits.begin(), digits.end(), ',', '.');
    return digits;
}

/// Clauses, one after the other.
class ClauseMaker {
public:
    void add(const Token& token) {
        const std::string word = token.kind == Token::Kind::Number ? pointed(token) : token.plain;
        words_ += (words_.empty() || token.isGlued ? "" : " ") + word;
        if (token.number.orElse) {
            unclear_.emplace(word, token.number);
        }
    }
    void end() {
        while (!words_.empty() && (words_.back() == ' ' || words_.back() == '.')) {
            words_.pop_back();
        }
        if (!words_.empty()) {
            made_.emplace_back(std::exchange(words_, {}), std::exchange(unclear_, {}));
        }
    }
    std::vector<Clause> take() {
        end();
        return std::move(made_);
    }

private:
    std::string words_;
    std::map<std::string, Number> unclear_;
    std::vector<Clause> made_;
};

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
    const auto isInside = [&](double value) { return value >= least && value <= most; };
    auto value = plainNumber(text(group));
    if (const auto unclear = unclear_.find(text(group)); unclear != unclear_.end()) {
        const Number& either = unclear->second;
        value = isInside(either.value) ? either.value : *either.orElse;
        if (isInside(either.value) && isInside(*either.orElse)) {
            problem_ = askWhich(text(group), either);
        }
    }
    if (!value || !isInside(*value)) {
        problem_ = text::say("{} is outside {} … {}", text(group).substr(0, 20), least, most);
    }
    return std::clamp(value.value_or(least), least, most);
}

int Clause::wordCount() const {
    return int(std::count(words_.begin(), words_.end(), ' ')) + 1;
}

std::pair<Clause, Clause> Clause::cutBehind(int words) const {
    std::size_t at = 0;
    for (int i = 0; i < words; ++i) {
        at = words_.find(' ', at + 1);
    }
    return {Clause(words_.substr(0, at), unclear_), Clause(words_.substr(at + 1), unclear_)};
}

std::vector<Clause> clausesOf(std::string_view line, Tongue tongue) {
    ClauseMaker clauses;
    for (const auto& token : cut(line, tongue)) {
        if (token.is(",") || token.is(";")) {
            clauses.end();
        } else {
            clauses.add(token);
        }
    }
    return clauses.take();
}

std::optional<LineProblem> unreadable(std::string_view line) {
    constexpr std::size_t longestLine = 2000;
    if (line.size() > longestLine) {
        return LineProblem{cited(line), text::say("the line is too long")};
    }
    if (!text::isPlain(line)) {
        return LineProblem{cited(line), text::say("holds control characters or is not UTF-8")};
    }
    return std::nullopt;
}

}  // namespace dimglow::typing
