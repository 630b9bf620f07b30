#include "core/format/problem.h"

#include <fmt/format.h>

#include "core/text/plain.h"

namespace dimglow::format {

text::Text inWords(const Problem& problem) {
    return problem.path.empty() ? problem.reason : text::joined({text::name(problem.path), problem.reason}, ": ");
}

Check Check::at(const char* list, std::size_t index) const {
    return Check(found_, fmt::format("{}[{}]", pathOf(list), index));
}

void Check::number(const char* member, double value, Range range) const {
    if (!range.contains(value)) {
        report(member, text::say("{} is outside {} … {}", value, range.least, range.most));
    }
}

void Check::number(const char* member, const std::optional<double>& value, Range range) const {
    if (value) {
        number(member, *value, range);
    }
}

void Check::text(const char* member, std::string_view value, std::size_t longest) const {
    if (value.size() > longest) {
        report(member, text::say("{} bytes of text; at most {}", value.size(), longest));
    } else if (!text::isPlain(value)) {
        report(member, text::say("holds control characters or is not UTF-8"));
    }
}

void Check::count(const char* list, std::size_t entries, std::size_t most) const {
    if (entries > most) {
        report(list, text::say("{} entries; at most {}", entries, most));
    }
}

void Check::report(const char* member, text::Text reason) const {
    found_.push_back({member == nullptr ? path_ : pathOf(member), std::move(reason)});
}

std::string Check::pathOf(const char* member) const {
    return path_.empty() ? member : path_ + "." + member;
}

}  // namespace dimglow::format
