#include "core/job/versions.h"

#include <fmt/format.h>

#include "core/format/fields.h"

namespace dimglow::job {

using nlohmann::json;

namespace {

/// Moves a member from one object to another, if it is there; both are objects or nothing is moved.
void move(const char* name, json& from, json& to) {
    if (from.is_object() && to.is_object() && from.contains(name)) {
        to[name] = std::move(from[name]);
        from.erase(name);
    }
}

/// What the owner wants left the set, the light source joined it. Readings were all typed; nobody kept the line.
/// Numbers of the driver that are just those which the program filled in by itself are what nobody has read off.
void toVersion2(json& document) {
    json& set = document.emplace("set", json::object()).first.value();
    json& order = document.emplace("order", json::object()).first.value();
    for (const char* name : {"place", "complaint", "value", "due"}) {
        move(name, set, order);
    }
    move("backlight", document, set);
    if (document.contains("panelCheck")) {
        move("lamps", document["panelCheck"], set);
    }
    if (set.is_object() && set.contains("backlight") && set["backlight"].is_object() &&
        set["backlight"].contains("driver") && set["backlight"]["driver"].is_object()) {
        json& driver = set["backlight"]["driver"];
        for (const auto& [name, filledIn] :
             {std::pair("idleVolts", 24.0), {"ovpRatio", 1.25}, {"headroomVolts", 0.7}}) {
            if (driver.value(name, json()) == filledIn) {
                driver.erase(name);
            }
        }
    }
}

/// A set may have several LED+, each with a label of its own.
void toVersion3(json& document) {
    json* backlight = &document;
    for (const char* name : {"set", "backlight"}) {
        if (!backlight->is_object() || !backlight->contains(name)) {
            return;
        }
        backlight = &(*backlight)[name];
    }
    if (backlight->is_object() && backlight->contains("ledPlusLabel")) {
        json feed = json::object();
        move("ledPlusLabel", *backlight, feed);
        (*backlight)["feeds"] = json::array({{{"labelVolts", std::move(feed["ledPlusLabel"])}}});
    }
}

}  // namespace

json upgraded(json document) {
    format::Fields fields(document, "");
    if (fields.text("format") != "dimglow-job") {
        throw format::FormatError("format", "this is no job file; it must say \"dimglow-job\"");
    }
    const int version = fields.integer("version", 1, 1'000'000);
    if (version > formatVersion) {
        throw format::FormatError(
            "version", fmt::format("{} is newer than this program, which reads up to {}", version, formatVersion));
    }
    if (version < 2) {
        toVersion2(document);
    }
    if (version < 3) {
        toVersion3(document);
    }
    document["version"] = formatVersion;
    return document;
}

}  // namespace dimglow::job
