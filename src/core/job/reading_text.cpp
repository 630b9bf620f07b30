#include "core/job/reading_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <charconv>
#include <chrono>
#include <cmath>
#include <vector>

#include "core/format/number_text.h"

namespace dimglow::job {

using format::cited;
using format::plainNumber;
using format::trimmed;

using text::say;
using text::Text;

using evidence::LedSeen;
using evidence::Shape;

namespace {

constexpr double mostVolts = 5000;

std::string lower(std::string_view text) {
    std::string words;
    for (const char c : text) {
        words += char(std::tolower(static_cast<unsigned char>(c)));
    }
    return words;
}

struct UnitWord {
    std::string_view word;  ///< lower case
    Unit unit;
};
constexpr UnitWord unitWords[] = {{"v", Unit::Volts},
                                  {"vdc", Unit::Volts},
                                  {"volt", Unit::Volts},
                                  {"volts", Unit::Volts},
                                  {"a", Unit::Amps},
                                  {"amp", Unit::Amps},
                                  {"amps", Unit::Amps},
                                  {"ma", Unit::Milliamps},
                                  {"milliamp", Unit::Milliamps},
                                  {"milliamps", Unit::Milliamps},
                                  {"%", Unit::Percent},
                                  {"percent", Unit::Percent},
                                  {"h", Unit::Hours},
                                  {"hour", Unit::Hours},
                                  {"hours", Unit::Hours},
                                  {"min", Unit::Minutes},
                                  {"minute", Unit::Minutes},
                                  {"minutes", Unit::Minutes},
                                  {"mm", Unit::Millimetres},
                                  {"c", Unit::Celsius},
                                  {"°c", Unit::Celsius},
                                  {"eur", Unit::Money},
                                  {"€", Unit::Money}};

/// A number and the unit behind it.
struct Quantity {
    std::string number;  ///< as typed; what was typed, whole, if no number stands before a unit
    std::string unit;    ///< as typed
    Unit of = Unit::None;
};

Quantity quantityIn(std::string_view text) {
    const std::string words = trimmed(text);
    const std::string plain = lower(words);
    for (const auto& [word, unit] : unitWords) {
        if (plain.ends_with(word)) {
            const std::size_t at = words.size() - word.size();
            const std::string number = trimmed(std::string_view(words).substr(0, at));
            if (plainNumber(number)) {
                return {number, words.substr(at), unit};
            }
        }
    }
    return {words, "", Unit::None};
}

/// \returns by what \p of is multiplied to become \p wanted; empty if it never does
std::optional<double> factor(Unit of, Unit wanted) {
    if (of == Unit::Amps && wanted == Unit::Milliamps) {
        return 1000;
    }
    if (of == Unit::Milliamps && wanted == Unit::Amps) {
        return 0.001;
    }
    return of == Unit::None || of == wanted ? std::optional(1.0) : std::nullopt;
}

Text noNumber(std::string_view text) {
    return trimmed(text).empty() ? say("type a number") : say("{} is no number", cited(trimmed(text)));
}

/// The two voltages of a reading with a shape, and where the sign between them stands.
struct Between {
    const char* sign;
    Shape shape;
};
constexpr Between betweens[] = {{"→", Shape::PeakThenSettles},
                                {"->", Shape::PeakThenSettles},
                                {"=>", Shape::PeakThenSettles},
                                {">", Shape::PeakThenSettles},
                                {"falls to", Shape::PeakThenSettles},
                                {"then", Shape::PeakThenSettles},
                                {"...", Shape::Wanders},
                                {"…", Shape::Wanders},
                                {"~", Shape::Wanders},
                                {"–", Shape::Wanders},
                                {"to", Shape::Wanders},
                                {"-", Shape::Wanders}};

std::variant<TypedVolts, Text> shaped(std::string_view first, std::string_view second, Shape shape) {
    double values[2] = {};
    int at = 0;
    for (const auto part : {first, second}) {
        const auto read = readTypedNumber(part, {0, mostVolts, Unit::Volts});
        if (const auto* problem = std::get_if<Text>(&read)) {
            return *problem;
        }
        values[at++] = std::get<double>(read);
    }
    if (shape == Shape::Wanders) {
        return TypedVolts{shape, std::max(values[0], values[1]), std::min(values[0], values[1])};
    }
    if (values[1] >= values[0]) {
        return say("{} is not below the peak of {}", values[1], values[0]);
    }
    return TypedVolts{shape, values[0], values[1]};
}

// ---- days --------------------------------------------------------------------------------------------------------

using Days = std::chrono::sys_days;

std::optional<int> wholeNumber(std::string_view text) {
    int number = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    return error == std::errc() && end == text.data() + text.size() && !text.empty() ? std::optional(number)
                                                                                     : std::nullopt;
}

std::optional<Days> dayOf(int year, int month, int day) {
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(unsigned(month)),
                                           std::chrono::day(unsigned(day))};
    return date.ok() && year >= 2000 && year < 2200 ? std::optional(Days(date)) : std::nullopt;
}

std::vector<std::string> split(const std::string& text, const char* signs) {
    std::vector<std::string> words(1);
    for (const char c : text) {
        if (std::string_view(signs).find(c) == std::string_view::npos) {
            words.back() += c;
        } else if (!words.back().empty()) {
            words.emplace_back();
        }
    }
    if (words.back().empty()) {
        words.pop_back();
    }
    return words;
}

std::optional<Days> isoDay(const std::string& text) {
    const auto parts = split(text, "-");
    if (parts.size() != 3 || parts[0].size() != 4) {
        return std::nullopt;
    }
    const auto year = wholeNumber(parts[0]);
    const auto month = wholeNumber(parts[1]);
    const auto day = wholeNumber(parts[2]);
    return year && month && day ? dayOf(*year, *month, *day) : std::nullopt;
}

/// 0 … 6 from Monday, by at least the first two letters.
std::optional<int> weekdayNamed(const std::string& word) {
    constexpr const char* names[] = {"monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"};
    for (int i = 0; i < 7; ++i) {
        if (word.size() >= 2 && std::string_view(names[i]).starts_with(word)) {
            return i;
        }
    }
    return std::nullopt;
}

std::optional<int> monthNamed(const std::string& word) {
    constexpr const char* names[] = {"january", "february", "march",     "april",   "may",      "june",
                                     "july",    "august",   "september", "october", "november", "december"};
    for (int i = 0; i < 12; ++i) {
        if (word.size() >= 3 && std::string_view(names[i]).starts_with(word)) {
            return i + 1;
        }
    }
    return std::nullopt;
}

/// A day of a month; without a year (0) the next one from \p today on.
std::optional<Days> inYear(std::optional<int> day, std::optional<int> month, int year, Days today) {
    if (!day || !month) {
        return std::nullopt;
    }
    if (year > 0) {
        return dayOf(year < 100 ? 2000 + year : year, *month, *day);
    }
    const int now = int(std::chrono::year_month_day(today).year());
    const auto thisYear = dayOf(now, *month, *day);
    return thisYear && *thisYear >= today ? thisYear : dayOf(now + 1, *month, *day);
}

std::optional<Days> relativeDay(const std::vector<std::string>& words, Days today) {
    if (words.size() == 1 && words[0] == "today") {
        return today;
    }
    if (words.size() == 1 && words[0] == "tomorrow") {
        return today + std::chrono::days(1);
    }
    if (words.size() == 3 && words[0] == "in") {
        const auto count = words[1] == "a" || words[1] == "one" ? std::optional(1) : wholeNumber(words[1]);
        const int each = words[2].starts_with("day") ? 1 : words[2].starts_with("week") ? 7 : 0;
        return count && each > 0 && *count >= 0 && *count < 1000
                   ? std::optional(today + std::chrono::days(*count * each))
                   : std::nullopt;
    }
    const bool next = words.size() == 2 && words[0] == "next";
    if (next && words[1] == "week") {
        return today + std::chrono::days(7);
    }
    if (words.size() != 1 && !next) {
        return std::nullopt;
    }
    const auto wanted = weekdayNamed(words.back());
    if (!wanted) {
        return std::nullopt;
    }
    const int now = int(std::chrono::weekday(today).iso_encoding()) - 1;
    const int ahead = (*wanted - now + 7) % 7;
    return today + std::chrono::days((ahead == 0 ? 7 : ahead) + (next ? 7 : 0));
}

std::optional<Days> calendarDay(const std::string& text, Days today) {
    if (const auto iso = isoDay(text)) {
        return iso;
    }
    const auto parts = split(text, ". ");
    if (parts.size() < 2 || parts.size() > 3) {
        return std::nullopt;
    }
    const int year = parts.size() == 3 ? wholeNumber(parts[2]).value_or(-1) : 0;
    if (year < 0) {
        return std::nullopt;
    }
    if (const auto month = monthNamed(parts[1])) {
        return inYear(wholeNumber(parts[0]), month, year, today);
    }
    if (const auto month = monthNamed(parts[0])) {
        return inYear(wholeNumber(parts[1]), month, year, today);
    }
    return text.find('.') == std::string::npos ? std::nullopt
                                               : inYear(wholeNumber(parts[0]), wholeNumber(parts[1]), year, today);
}

}  // namespace

std::variant<double, Text> readTypedNumber(std::string_view text, const Expected& expected) {
    const Quantity typed = quantityIn(text);
    const auto number = plainNumber(typed.number);
    if (!number) {
        return noNumber(text);
    }
    const auto by = factor(typed.of, expected.unit);
    if (!by) {
        const Text wanted[] = {say("a number alone"),
                               say("V"),
                               say("A or mA"),
                               say("mA or A"),
                               say("%"),
                               say("h"),
                               say("min"),
                               say("mm"),
                               say("°C"),
                               say("an amount of money")};
        return say("{}, not {}", wanted[int(expected.unit)], typed.unit);
    }
    const double value = *number * *by;
    if (value < expected.least || value > expected.most) {
        return say("{} is outside {} … {}", value, expected.least, expected.most);
    }
    return value;
}

std::variant<double, Text> readTypedAmount(std::string_view text, const Expected& expected) {
    const std::string words = quantityIn(text).number;
    if (format::mayBeThousands(words)) {
        const auto mark = words.find_first_of(".,");
        return say("{} may be {}{} or {}.{}; write it without the sign", cited(words), words.substr(0, mark),
                   words.substr(mark + 1), words.substr(0, mark), words.substr(mark + 1, 2));
    }
    return readTypedNumber(text, expected);
}

std::variant<TypedVolts, Text> readTypedVolts(std::string_view text) {
    const std::string words = trimmed(text);
    if (plainNumber(quantityIn(words).number)) {
        const auto single = readTypedNumber(words, {0, mostVolts, Unit::Volts});
        if (const auto* problem = std::get_if<Text>(&single)) {
            return *problem;
        }
        return TypedVolts{Shape::Steady, std::get<double>(single), std::get<double>(single)};
    }
    for (const auto& [sign, shape] : betweens) {
        const auto at = lower(words).find(sign, 1);
        if (at != std::string::npos) {
            const std::string_view all = words;
            return shaped(all.substr(0, at), all.substr(at + std::string_view(sign).size()), shape);
        }
    }
    return noNumber(text);
}

std::variant<TypedDay, Text> readTypedDay(std::string_view text, const std::string& today) {
    const std::string words = lower(trimmed(text));
    const Days now = isoDay(today).value_or(Days());
    auto day = relativeDay(split(words, " "), now);
    if (!day) {
        day = calendarDay(words, now);
    }
    if (!day) {
        return say("{} is no day; write Friday, in 3 days or 2026-12-04", cited(trimmed(text)));
    }
    const std::chrono::year_month_day date(*day);
    return TypedDay{fmt::format("{:04}-{:02}-{:02}", int(date.year()), unsigned(date.month()), unsigned(date.day()))};
}

std::optional<LedSeen::Glow> readTypedGlow(std::string_view text) {
    const std::string word = lower(trimmed(text));
    const std::pair<const char*, LedSeen::Glow> glows[] = {{"lit", LedSeen::Glow::Lit},
                                                           {"dim", LedSeen::Glow::Dim},
                                                           {"tinted", LedSeen::Glow::Tinted},
                                                           {"dark", LedSeen::Glow::Dark}};
    for (const auto& [name, glow] : glows) {
        if (word == name) {
            return glow;
        }
    }
    return std::nullopt;
}

std::variant<parts::LedCheckReading, Text> readTypedLed(std::string_view text) {
    constexpr double mostLedVolts = 60;
    parts::LedCheckReading reading;
    std::string words = lower(text);
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
        const auto volts = readTypedNumber(part, {0, mostLedVolts, Unit::Volts});
        if (const auto* problem = std::get_if<Text>(&volts)) {
            return say("{}; write 2.9 lit, OL, or 1.8/1.8", *problem);
        }
        (reverse ? reading.reverseVolts : reading.volts) = std::get<double>(volts);
    }
    return reading;
}

}  // namespace dimglow::job
