#include "core/job/versions.h"

#include <fmt/format.h>
#include <functional>

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

void eraseFilledIn(json& object, const char* name, double filledIn) {
    if (object.is_object() && object.value(name, json()) == filledIn) {
        object.erase(name);
    }
}

/// Each object of an array member; none where there is no such array.
void forEach(json& object, const char* name, const std::function<void(json&)>& does) {
    if (object.is_object() && object.contains(name) && object[name].is_array()) {
        for (json& member : object[name]) {
            does(member);
        }
    }
}

/// Currents, ratings, sizes, lamps and T-con volts are optional. Those that are just what the program filled in by
/// itself are what nobody has read off.
void toVersion4(json& document) {
    json nothing;
    const auto member = [&](json& object, const char* name) -> json& {
        return object.is_object() && object.contains(name) ? object[name] : nothing;
    };
    eraseFilledIn(member(document, "panelCheck"), "tconVolts", 12);
    json& set = member(document, "set");
    json& lamps = member(set, "lamps");
    if (lamps.is_object() && lamps.value("count", json()) == 0) {
        lamps.erase("lengthMm");
        lamps.erase("diameterMm");
    }
    eraseFilledIn(lamps, "diameterMm", 3.4);
    json& backlight = member(set, "backlight");
    eraseFilledIn(backlight, "widthMm", 940);
    eraseFilledIn(backlight, "heightMm", 530);
    forEach(backlight, "strips", [&](json& strip) { eraseFilledIn(member(strip, "led"), "ratedAmps", 0.35); });
    forEach(backlight, "channels", [&](json& channel) {
        const json& strings = member(channel, "strings");
        eraseFilledIn(channel, "amps", 0.24 * double(strings.is_array() ? strings.size() : 0));
    });
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
    if (version < 4) {
        toVersion4(document);
    }
    document["version"] = formatVersion;
    return document;
}

}  // namespace dimglow::job
