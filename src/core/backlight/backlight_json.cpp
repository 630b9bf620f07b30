#include "core/backlight/backlight_json.h"

#include <fmt/format.h>

namespace dimglow::backlight {

using format::Fields;
using format::FormatError;
using nlohmann::json;
using Unknown = std::map<std::string, json>;

namespace {

constexpr double anyVolts = 5000;
constexpr std::size_t longestLine = 200;
const std::vector<const char*> accessWords = {"pads", "mask", "lens"};
const std::vector<const char*> roleWords = {"unused", "led-plus", "led-minus"};

json pointJson(PointMm point) {
    return {{"x", point.x}, {"y", point.y}};
}

PointMm readPoint(Fields fields) {
    return {fields.number("x", -1e5, 1e5), fields.number("y", -1e5, 1e5)};
}

}  // namespace

json toJson(const Backlight& backlight) {
    json strips = json::array();
    for (const auto& strip : backlight.strips) {
        strips.push_back({{"label", strip.label},
                          {"leds", strip.leds},
                          {"led",
                           {{"dies", strip.led.dies},
                            {"ratedVolts", strip.led.ratedVolts},
                            {"ratedAmps", strip.led.ratedAmps},
                            {"ideality", strip.led.ideality},
                            {"seriesDropVolts", strip.led.seriesDropVolts}}},
                          {"first", pointJson(strip.first)},
                          {"last", pointJson(strip.last)},
                          {"parallel", strip.parallel},
                          {"chains", strip.chains},
                          {"access", accessWords[int(strip.access)]},
                          {"connector", strip.connector}});
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
        channels.push_back({{"label", channel.label}, {"amps", channel.amps}, {"strings", strings}});
    }
    json result = {{"widthMm", backlight.widthMm},
                   {"heightMm", backlight.heightMm},
                   {"strips", strips},
                   {"channels", channels},
                   {"driver",
                    {{"idleVolts", backlight.driver.idleVolts},
                     {"ovpRatio", backlight.driver.ovpRatio},
                     {"headroomVolts", backlight.driver.headroomVolts}}}};
    if (backlight.ledPlusLabel) {
        result["ledPlusLabel"] = *backlight.ledPlusLabel;
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

Backlight fromJson(Fields fields, const std::string& path, Unknown& unknown) {
    Backlight result;
    result.widthMm = fields.number("widthMm", 1, 1e5);
    result.heightMm = fields.number("heightMm", 1, 1e5);
    int index = 0;
    fields.forEach("strips", 400, [&](Fields strip) {
        Strip read;
        read.label = strip.text("label", 12);
        read.leds = strip.integer("leds", 1, 1000);
        Fields led = strip.object("led");
        read.led.dies = led.integer("dies", 1, 12);
        read.led.ratedVolts = led.number("ratedVolts", 0.5, 100);
        read.led.ratedAmps = led.number("ratedAmps", 1e-4, 10);
        read.led.ideality = led.number("ideality", 0.5, 10, read.led.ideality);
        read.led.seriesDropVolts = led.number("seriesDropVolts", 1e-3, 2, read.led.seriesDropVolts);
        led.collectUnknown(fmt::format("{}/strips/{}/led", path, index), unknown);
        read.first = readPoint(strip.object("first"));
        read.last = readPoint(strip.object("last"));
        read.parallel = strip.integer("parallel", 1, 16, 1);
        read.chains = strip.integer("chains", 1, 16, 1);
        read.access = Access(strip.choice("access", accessWords, 0));
        read.connector = strip.text("connector", longestLine, "");
        strip.collectUnknown(fmt::format("{}/strips/{}", path, index++), unknown);
        result.strips.push_back(read);
    });
    index = 0;
    fields.forEach("channels", 64, [&](Fields channel) {
        Channel read;
        read.label = channel.text("label", 12);
        read.amps = channel.number("amps", 1e-4, 50);
        channel.forEach("strings", 64, [&](Fields string) {
            String line;
            string.forEach("strips", 400, [&](Fields part) {
                line.strips.push_back({part.integer("strip", 0, 399), part.flag("reversed", false),
                                       part.integer("first", 0, 999, 0), part.integer("last", -1, 999, -1),
                                       part.integer("step", 1, 999, 1)});
            });
            read.strings.push_back(line);
        });
        channel.collectUnknown(fmt::format("{}/channels/{}", path, index++), unknown);
        result.channels.push_back(read);
    });
    Fields driver = fields.object("driver");
    result.driver.idleVolts = driver.number("idleVolts", 0, anyVolts);
    result.driver.ovpRatio = driver.number("ovpRatio", 1, 3, result.driver.ovpRatio);
    result.driver.headroomVolts = driver.number("headroomVolts", 0, 20, result.driver.headroomVolts);
    driver.collectUnknown(path + "/driver", unknown);
    result.ledPlusLabel = fields.maybeNumber("ledPlusLabel", 1, anyVolts);
    fields.forEach("harness", 64, [&](Fields pin) {
        result.harness.push_back({HarnessPin::Role(pin.choice("role", roleWords)), pin.integer("channel", 0, 63, 0),
                                  pin.text("colour", 40, ""), pin.number("ohms", 0, 1e6, 0)});
    });
    result.celsius = fields.number("celsius", -60, 200, result.celsius);
    fields.forEach("ledPoints", 64, [&](Fields point) {
        result.ledPoints.push_back({point.number("amps", 1e-6, 10), point.number("volts", 0.5, 100)});
    });
    fields.collectUnknown(path, unknown);
    const auto problems = problemsOf(result);
    if (!problems.empty()) {
        throw FormatError(fields.pathOf(problems.front().substr(0, problems.front().find(':')).c_str()),
                          problems.front().substr(problems.front().find(':') + 2));
    }
    return result;
}

}  // namespace dimglow::backlight
