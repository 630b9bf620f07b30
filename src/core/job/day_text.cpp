#include <fmt/format.h>

#include <charconv>
#include <chrono>

#include "core/job/reading_text.h"
#include "core/typing/clause.h"

namespace dimglow::job {

using text::say;
using text::Text;
using typing::Clause;

namespace {

using Days = std::chrono::sys_days;

std::optional<Days> dayOf(int year, int month, int day) {
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(unsigned(month)),
                                           std::chrono::day(unsigned(day))};
    return date.ok() && year >= 2000 && year < 2200 ? std::optional(Days(date)) : std::nullopt;
}

/// Which of \p names starts with the word, from 0; at least \p least letters of it must be there.
template <std::size_t size>
std::optional<int> named(const char* const (&names)[size], const std::string& word, std::size_t least) {
    for (int i = 0; i < int(size); ++i) {
        if (word.size() >= least && std::string_view(names[i]).starts_with(word)) {
            return i;
        }
    }
    return std::nullopt;
}
constexpr const char* weekdays[] = {"monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"};
constexpr const char* months[] = {"january", "february", "march",     "april",   "may",      "june",
                                  "july",    "august",   "september", "october", "november", "december"};

int whole(const std::string& digits) {
    int number = 0;
    std::from_chars(digits.data(), digits.data() + digits.size(), number);
    return number;
}

/// A day of a month; without a year the next one from \p today on.
std::optional<Days> inYear(int day, int month, const std::optional<std::string>& year, Days today) {
    if (year) {
        return dayOf(year->size() == 2 ? 2000 + whole(*year) : whole(*year), month, day);
    }
    const int now = int(std::chrono::year_month_day(today).year());
    const auto thisYear = dayOf(now, month, day);
    return thisYear && *thisYear >= today ? thisYear : dayOf(now + 1, month, day);
}

std::optional<std::string> group(const Clause& clause, int which) {
    return clause.has(which) ? std::optional(clause.text(which)) : std::nullopt;
}

std::optional<Days> relativeDay(Clause& clause, Days today) {
    if (clause.matches("today")) {
        return today;
    }
    if (clause.matches("tomorrow")) {
        return today + std::chrono::days(1);
    }
    if (clause.matches("(?:the )?day after tomorrow|overmorrow")) {
        return today + std::chrono::days(2);
    }
    if (clause.matches(R"(in (\d{1,3}|a) (days?|weeks?))")) {
        const int count = clause.text(1) == "a" ? 1 : whole(clause.text(1));
        return today + std::chrono::days(count * (clause.text(2).starts_with("week") ? 7 : 1));
    }
    if (clause.matches("next week")) {
        return today + std::chrono::days(7);
    }
    if (!clause.matches(R"((next |this )?([a-z]+))")) {
        return std::nullopt;
    }
    const auto wanted = named(weekdays, clause.text(2), 2);
    if (!wanted) {
        return std::nullopt;
    }
    const int now = int(std::chrono::weekday(today).iso_encoding()) - 1;
    const int ahead = (*wanted - now + 7) % 7;
    const bool isNext = group(clause, 1) == "next ";
    return today + std::chrono::days((ahead == 0 ? 7 : ahead) + (isNext ? 7 : 0));
}

std::optional<Days> calendarDay(Clause& clause, Days today) {
    if (clause.matches(R"((\d{4})-(\d{1,2})-(\d{1,2}))")) {
        return dayOf(whole(clause.text(1)), whole(clause.text(2)), whole(clause.text(3)));
    }
    if (clause.matches(R"((\d{1,2})\. ?(\d{1,2})(?:\. ?(\d{4}|\d{2}))?)")) {
        return inYear(whole(clause.text(1)), whole(clause.text(2)), group(clause, 3), today);
    }
    if (clause.matches(R"((\d{1,2})(?:\.|st|nd|rd|th)? (?:of )?([a-z]+)\.?(?: (\d{4}|\d{2}))?)")) {
        const auto month = named(months, clause.text(2), 3);
        return month ? inYear(whole(clause.text(1)), *month + 1, group(clause, 3), today) : std::nullopt;
    }
    if (clause.matches(R"(([a-z]+)\.? (\d{1,2})(?:st|nd|rd|th)?(?: (\d{4}|\d{2}))?)")) {
        const auto month = named(months, clause.text(1), 3);
        return month ? inYear(whole(clause.text(2)), *month + 1, group(clause, 3), today) : std::nullopt;
    }
    return std::nullopt;
}

}  // namespace

std::variant<TypedDay, Text> readTypedDay(std::string_view text, const std::string& today, Tongue tongue) {
    const std::string typed = typing::trimmed(text);
    Clause now(today);
    const Days from = calendarDay(now, {}).value_or(Days());
    auto clauses = typing::clausesOf(text, tongue);
    std::optional<Days> day;
    if (clauses.size() == 1) {
        Clause& whole = clauses.front();
        Clause clause = whole.matches(R"((?:on|by|until|at|to|due) (.+))") ? Clause(whole.text(1)) : whole;
        if (clause.matches(R"((\d{1,2})/(\d{1,2})(?:/\d+)?)")) {
            return say("{}: which is the month? Write 4 Dec or 2026-12-04", typing::cited(typed));
        }
        day = relativeDay(clause, from);
        day = day ? day : calendarDay(clause, from);
    }
    if (!day) {
        return say("{} cannot be read as a day; write Friday, in 3 days or 2026-12-04", typing::cited(typed));
    }
    const std::chrono::year_month_day date(*day);
    return TypedDay{fmt::format("{:04}-{:02}-{:02}", int(date.year()), unsigned(date.month()), unsigned(date.day()))};
}

}  // namespace dimglow::job
