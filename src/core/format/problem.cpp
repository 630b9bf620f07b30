#include "core/format/problem.h"

#include <fmt/format.h>

#include <cstdint>

namespace dimglow::format {

namespace {

/// Bytes of the UTF-8 character at the front of \p text; 0 when it is none (RFC 3629).
std::size_t characterLength(std::string_view text) {
    const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
    const unsigned char lead = byte(0);
    if (lead < 0x80) {
        return 1;
    }
    const std::size_t length = lead >= 0xF0 ? 4 : lead >= 0xE0 ? 3 : 2;
    if (lead < 0xC2 || lead > 0xF4 || text.size() < length) {
        return 0;
    }
    std::uint32_t code = lead & (0x7Fu >> length);
    for (std::size_t i = 1; i < length; ++i) {
        if ((byte(i) & 0xC0) != 0x80) {
            return 0;
        }
        code = code << 6 | (byte(i) & 0x3Fu);
    }
    constexpr std::uint32_t shortest[] = {0, 0, 0x80, 0x800, 0x10000};
    const bool surrogate = code >= 0xD800 && code <= 0xDFFF;
    return code < shortest[length] || surrogate || code > 0x10FFFF ? 0 : length;
}

bool isPlainText(std::string_view text) {
    while (!text.empty()) {
        const unsigned char first = static_cast<unsigned char>(text.front());
        const std::size_t length = characterLength(text);
        if (length == 0 || (first < 0x20 && first != '\t' && first != '\n') || first == 0x7F) {
            return false;
        }
        text.remove_prefix(length);
    }
    return true;
}

}  // namespace

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
    } else if (!isPlainText(value)) {
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
