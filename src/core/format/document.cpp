#include "core/format/document.h"

#include <fmt/format.h>

#include <algorithm>

namespace dimglow::format {

using nlohmann::json;

namespace {
constexpr int deepestNesting = 32;
}

json parseDocument(std::string_view text) {
    if (text.size() > longestDocument) {
        throw FormatError("", fmt::format("{} bytes; a file has at most {}", text.size(), longestDocument));
    }
    if (const auto nul = text.find('\0'); nul != std::string_view::npos) {
        throw FormatError("", fmt::format("is not JSON: byte {} is a NUL", nul));  // the parser would stop there
    }
    try {
        return json::parse(text, [](int depth, json::parse_event_t, json&) {
            if (depth > deepestNesting) {
                throw FormatError("", fmt::format("nested deeper than {} levels", deepestNesting));
            }
            return true;
        });
    } catch (const json::exception& error) {
        std::string reason = error.what();
        reason.erase(0, reason.find("] ") + 2);
        std::replace_if(
            reason.begin(), reason.end(), [](unsigned char c) { return c < ' '; }, ' ');
        throw FormatError("", "is not JSON: " + reason.substr(0, 300));
    }
}

json parseNamed(std::string_view text, const char* name) {
    try {
        return parseDocument(text);
    } catch (const FormatError& error) {
        throw FormatError(name, error.what());
    }
}

void writeKnown(json& object, std::initializer_list<std::pair<const char*, std::optional<double>>> members) {
    for (const auto& [name, value] : members) {
        if (value) {
            object[name] = *value;
        }
    }
}

}  // namespace dimglow::format
