#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/text/text.h"

namespace dimglow::format {

/// What is wrong with a document, and where: "trail[3].volts", "6000 is outside 0 … 5000".
struct Problem {
    std::string path;
    text::Text reason;
    bool operator==(const Problem&) const = default;
};

/// "trail[3].volts: 6000 is outside 0 … 5000".
text::Text inWords(const Problem& problem);

/// What a number may be, both ends included.
struct Range {
    double least = 0;
    double most = 0;
    bool contains(double value) const { return least <= value && value <= most; }
};

/// Holds the members of one object against their limits and collects what is wrong.
///
/// A value that breaks a limit is reported and the next one looked at. The list must outlive every Check on it.
class Check {
public:
    explicit Check(std::vector<Problem>& found, std::string path = {}) : found_(found), path_(std::move(path)) {}

    /// The same for the object in a member, and in an element of a list.
    Check at(const char* member) const { return Check(found_, pathOf(member)); }
    Check at(const char* list, std::size_t index) const;

    /// Within the range, and a number at all; nothing is fine where it may be missing.
    void number(const char* member, double value, Range range) const;
    void number(const char* member, const std::optional<double>& value, Range range) const;
    /// UTF-8 without control characters other than tab and line feed, at most \p longest bytes.
    void text(const char* member, std::string_view value, std::size_t longest) const;
    void count(const char* list, std::size_t entries, std::size_t most) const;
    /// Reports \p reason at \p member (null: at the object itself).
    void report(const char* member, text::Text reason) const;

private:
    std::string pathOf(const char* member) const;

    std::vector<Problem>& found_;
    std::string path_;
};

}  // namespace dimglow::format
