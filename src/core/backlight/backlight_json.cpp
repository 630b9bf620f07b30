#include "core/backlight/backlight_json.h"

#include <algorithm>

#include "core/backlight/limits.h"
#include "core/backlight/plain.h"
#include "core/format/document.h"

namespace dimglow::backlight {

using format::Fields;
using nlohmann::json;

namespace {

const std::vector<const char*> accessWords = {"pads", "mask", "lens"};
const std::vector<const char*> roleWords = {"unused", "led-plus", "led-minus"};

json pointJson(PointMm point) {
    return {{"x", point.x}, {"y", point.y}};
}

PointMm readPoint(Fields fields) {
    return {fields.number("x"), fields.number("y")};
}

Strip readStrip(Fields& fields) {
    Strip strip;
    strip.label = fields.text("label");
    strip.leds = fields.integer("leds");
    Fields led = fields.object("led");
    strip.led.dies = led.integer("dies");
    strip.led.ratedVolts = led.number("ratedVolts");
    strip.led.ratedAmps = led.maybeNumber("ratedAmps");
    strip.led.classAssumed = led.flag("classAssumed", false);
    strip.led.ideality = led.number("ideality", strip.led.ideality);
    strip.led.seriesDropVolts = led.number("seriesDropVolts", strip.led.seriesDropVolts);
    strip.first = readPoint(fields.object("first"));
    strip.last = readPoint(fields.object("last"));
    strip.parallel = fields.integer("parallel", 1);
    strip.chains = fields.integer("chains", 1);
    strip.access = Access(fields.choice("access", accessWords, 0));
    strip.connector = fields.text("connector", "");
    return strip;
}

Channel readChannel(Fields& fields) {
    Channel channel;
    channel.label = fields.text("label");
    channel.amps = fields.maybeNumber("amps");
    channel.feed = fields.integer("feed", 0);
    fields.forEach("strings", limits::stringsOfChannel, [&](Fields string) {
        String line;
        string.forEach("strips", limits::strips, [&](Fields part) {
            line.strips.push_back({part.integer("strip"), part.flag("reversed", false), part.integer("first", 0),
                                   part.integer("last", -1), part.integer("step", 1)});
        });
        channel.strings.push_back(std::move(line));
    });
    return channel;
}

void writeStrips(const Backlight& backlight, json& result) {
    json strips = json::array();
    for (const auto& strip : backlight.strips) {
        strips.push_back({{"label", strip.label},
                          {"leds", strip.leds},
                          {"led",
                           {{"dies", strip.led.dies},
                            {"ratedVolts", strip.led.ratedVolts},
                            {"ideality", strip.led.ideality},
                            {"seriesDropVolts", strip.led.seriesDropVolts}}},
                          {"first", pointJson(strip.first)},
                          {"last", pointJson(strip.last)},
                          {"parallel", strip.parallel},
                          {"chains", strip.chains},
                          {"access", accessWords[int(strip.access)]},
                          {"connector", strip.connector}});
        format::writeKnown(strips.back()["led"], {{"ratedAmps", strip.led.ratedAmps}});
        if (strip.led.classAssumed) {
            strips.back()["led"]["classAssumed"] = true;
        }
    }
    json channels = json::array();
    for (const auto& channel : backlight.channels) {
        json strings = json::array();
        for (const auto& string : channel.strings) {
            json parts = json::array();
            for (const auto& part : string.strips) {
                json place = {{"strip", part.strip}, {"reversed", part.reversed}};
                if (part.first != 0 || part.last != -1 || part.step != 1) {
                    place["first"] = part.first;
                    place["last"] = part.last;
                    place["step"] = part.step;
                }
                parts.push_back(std::move(place));
            }
            strings.push_back({{"strips", parts}});
        }
        channels.push_back({{"label", channel.label}, {"strings", strings}});
        format::writeKnown(channels.back(), {{"amps", channel.amps}});
        if (channel.feed != 0) {
            channels.back()["feed"] = channel.feed;
        }
    }
    format::writeKnown(result, {{"widthMm", backlight.widthMm}, {"heightMm", backlight.heightMm}});
    result["strips"] = std::move(strips);
    result["channels"] = std::move(channels);
}

}  // namespace

json toJson(const Backlight& backlight) {
    json result = {{"driver", json::object()}};
    if (backlight.isDescribed) {
        writeStrips(backlight, result);
    }
    format::writeKnown(result["driver"], {{"idleVolts", backlight.driver.idleVolts},
                                          {"ovpRatio", backlight.driver.ovpRatio},
                                          {"headroomVolts", backlight.driver.headroomVolts}});
    for (const auto& feed : backlight.feeds) {
        result["feeds"].push_back(feed.labelVolts ? json{{"labelVolts", *feed.labelVolts}} : json::object());
    }
    for (const auto& pin : backlight.harness) {
        result["harness"].push_back(
            {{"role", roleWords[int(pin.role)]}, {"channel", pin.channel}, {"colour", pin.colour}, {"ohms", pin.ohms}});
    }
    result["celsius"] = backlight.celsius;
    for (const auto& point : backlight.ledPoints) {
        result["ledPoints"].push_back({{"amps", point.amps}, {"volts", point.volts}});
    }
    return result;
}

Backlight fromJson(Fields fields) {
    std::vector<Feed> feeds;
    fields.forEach("feeds", limits::feeds, [&](Fields feed) { feeds.push_back({feed.maybeNumber("labelVolts")}); });
    if (feeds.empty()) {
        feeds = Backlight().feeds;
    }
    std::vector<HarnessPin> harness;
    fields.forEach("harness", limits::pins, [&](Fields pin) {
        harness.push_back({HarnessPin::Role(pin.choice("role", roleWords)), pin.integer("channel", 0),
                           pin.text("colour", ""), pin.number("ohms", 0.0)});
    });
    PlainDescription unseen = undescribed(int(feeds.size()));
    unseen.harness = harness;
    Backlight result = plainBacklight(unseen);
    const auto ofStrips = {"strips", "channels", "widthMm", "heightMm"};
    if (std::any_of(ofStrips.begin(), ofStrips.end(), [&](const char* member) { return fields.has(member); })) {
        result = {};
        result.widthMm = fields.maybeNumber("widthMm");
        result.heightMm = fields.maybeNumber("heightMm");
        fields.forEach("strips", limits::strips, [&](Fields strip) { result.strips.push_back(readStrip(strip)); });
        fields.forEach("channels", limits::channels,
                       [&](Fields channel) { result.channels.push_back(readChannel(channel)); });
    }
    Fields driver = fields.object("driver");
    result.driver.idleVolts = driver.maybeNumber("idleVolts");
    result.driver.ovpRatio = driver.maybeNumber("ovpRatio");
    result.driver.headroomVolts = driver.maybeNumber("headroomVolts");
    result.feeds = std::move(feeds);
    result.harness = std::move(harness);
    result.celsius = fields.number("celsius", result.celsius);
    fields.forEach("ledPoints", limits::ledPoints, [&](Fields point) {
        result.ledPoints.push_back({point.number("amps"), point.number("volts")});
    });
    return result;
}

nlohmann::json toJson(const Run& run) {
    return {{"channel", run.string.channel}, {"string", run.string.string}, {"first", run.first}, {"last", run.last}};
}

Run readRun(format::Fields fields) {
    return {{fields.integer("channel"), fields.integer("string")}, fields.integer("first"), fields.integer("last")};
}

nlohmann::json toJson(LedPlace place) {
    return {{"strip", place.strip}, {"led", place.led}};
}

LedPlace readPlace(format::Fields& fields) {
    return {fields.integer("strip"), fields.integer("led")};
}

nlohmann::json toJson(const TesterSetting& tester) {
    return {{"amps", tester.amps}, {"limitVolts", tester.limitVolts}};
}

TesterSetting readTester(format::Fields fields) {
    return {fields.number("amps"), fields.number("limitVolts")};
}

}  // namespace dimglow::backlight
