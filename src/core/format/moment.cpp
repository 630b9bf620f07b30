#include "core/format/moment.h"

#include <chrono>
#include <cstdio>

namespace dimglow::format {

std::optional<double> secondsOf(const std::string& iso) {
    int year = 0;
    unsigned month = 0;
    unsigned day = 0;
    int hour = 0;
    int minute = 0;
    double second = 0;
    if (std::sscanf(iso.c_str(), "%d-%u-%uT%d:%d:%lf", &year, &month, &day, &hour, &minute, &second) != 6) {
        return std::nullopt;
    }
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(month), std::chrono::day(day)};
    return date.ok() ? std::optional(double(std::chrono::sys_days(date).time_since_epoch().count()) * 86400 +
                                     hour * 3600.0 + minute * 60.0 + second)
                     : std::nullopt;
}

std::optional<double> secondsBetween(const std::string& from, const std::string& to) {
    const auto start = secondsOf(from);
    const auto end = secondsOf(to);
    return start && end ? std::optional(*end - *start) : std::nullopt;
}

}  // namespace dimglow::format
