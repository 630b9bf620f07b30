#include "core/backlight/backlight.h"

#include <fmt/format.h>
#include <algorithm>
#include <stdexcept>

namespace dimglow::backlight {

namespace {
constexpr int maxLeds = 4000;

bool hasCurve(const LedSpec& spec) {
    try {
        ledCurve(spec);
        return true;
    } catch (const std::invalid_argument&) {
        return false;
    }
}

}  // namespace

int Backlight::ledCount() const {
    int count = 0;
    for (const auto& strip : strips) {
        count += strip.leds;
    }
    return count;
}

std::string nameOf(const Backlight& backlight, LedPlace place) {
    return fmt::format("{}{}", backlight.strips.at(place.strip).label, place.led + 1);
}

PointMm positionOf(const Backlight& backlight, LedPlace place) {
    const Strip& strip = backlight.strips.at(place.strip);
    const double share = strip.leds > 1 ? double(place.led) / (strip.leds - 1) : 0.5;
    return {strip.first.x + share * (strip.last.x - strip.first.x),
            strip.first.y + share * (strip.last.y - strip.first.y)};
}

std::vector<StringRef> stringsOf(const Backlight& backlight) {
    std::vector<StringRef> refs;
    for (int channel = 0; channel < int(backlight.channels.size()); ++channel) {
        for (int string = 0; string < int(backlight.channels[channel].strings.size()); ++string) {
            refs.push_back({channel, string});
        }
    }
    return refs;
}

const String& stringAt(const Backlight& backlight, StringRef ref) {
    return backlight.channels.at(ref.channel).strings.at(ref.string);
}

std::vector<LedPlace> ledsInOrder(const Backlight& backlight, StringRef ref) {
    std::vector<LedPlace> places;
    for (const auto& part : stringAt(backlight, ref).strips) {
        const int leds = backlight.strips.at(part.strip).leds;
        for (int i = 0; i < leds; ++i) {
            places.push_back({part.strip, part.reversed ? leds - 1 - i : i});
        }
    }
    return places;
}

Run wholeString(const Backlight& backlight, StringRef ref) {
    return {ref, 0, int(ledsInOrder(backlight, ref).size()) - 1};
}

Run wholeStrip(const Backlight& backlight, int strip) {
    for (const auto& ref : stringsOf(backlight)) {
        int first = 0;
        for (const auto& part : stringAt(backlight, ref).strips) {
            const int leds = backlight.strips.at(part.strip).leds;
            if (part.strip == strip) {
                return {ref, first, first + leds - 1};
            }
            first += leds;
        }
    }
    throw std::out_of_range(fmt::format("strip {} is in no string", strip));
}

Run runOnStrip(const Backlight& backlight, int strip, int firstLed, int lastLed) {
    Run run = wholeStrip(backlight, strip);
    const auto order = ledsInOrder(backlight, run.string);
    const int start = run.first;
    const bool reversed = run.count() > 1 && order[start].led > order[start + 1].led;
    const int last = backlight.strips[strip].leds - 1;
    run.first = start + (reversed ? last - lastLed : firstLed);
    run.last = start + (reversed ? last - firstLed : lastLed);
    return run;
}

std::string nameOf(const Backlight& backlight, const Run& run) {
    const auto places = ledsInOrder(backlight, run.string);
    const LedPlace first = places.at(run.first);
    const LedPlace last = places.at(run.last);
    if (run.count() == 1) {
        return nameOf(backlight, first);
    }
    if (first.strip == last.strip && run == wholeStrip(backlight, first.strip)) {
        return fmt::format("strip {}", backlight.strips[first.strip].label);
    }
    if (run == wholeString(backlight, run.string)) {
        const Channel& channel = backlight.channels[run.string.channel];
        return channel.strings.size() == 1 ? fmt::format("channel {}", channel.label)
                                           : fmt::format("channel {}, string {}", channel.label, run.string.string + 1);
    }
    if (first.strip == last.strip && last < first) {
        return fmt::format("{} … {}", nameOf(backlight, last), nameOf(backlight, first));
    }
    return fmt::format("{} … {}", nameOf(backlight, first), nameOf(backlight, last));
}

Backlight plainBacklight(const PlainDescription& description) {
    Backlight backlight;
    backlight.widthMm = description.widthMm;
    backlight.heightMm = description.heightMm;
    backlight.driver.idleVolts = description.idleVolts;
    backlight.ledPlusLabel = description.ledPlusLabel;
    const double margin = description.widthMm / (2.0 * std::max(1, description.ledsPerStrip));
    for (int i = 0; i < description.strips; ++i) {
        Strip strip;
        strip.label = i < 26 ? std::string(1, char('A' + i)) : fmt::format("S{}", i + 1);
        strip.leds = description.ledsPerStrip;
        strip.led = description.led;
        const double y = description.heightMm * (i + 0.5) / description.strips;
        strip.first = {margin, y};
        strip.last = {description.widthMm - margin, y};
        backlight.strips.push_back(strip);
        if (i % std::max(1, description.stripsPerString) == 0) {
            backlight.channels.push_back({std::to_string(backlight.channels.size() + 1), {String{}}, description.amps});
        }
        auto& string = backlight.channels.back().strings.front();
        string.strips.push_back({i, string.strips.size() % 2 == 1});
    }
    return backlight;
}

std::vector<std::string> problemsOf(const Backlight& backlight) {
    std::vector<std::string> problems;
    if (backlight.strips.empty()) {
        problems.push_back("strips: a backlight has at least one strip");
    }
    long total = 0;
    for (std::size_t i = 0; i < backlight.strips.size(); ++i) {
        const Strip& strip = backlight.strips[i];
        total += strip.leds;
        if (strip.leds < 1) {
            problems.push_back(fmt::format("strips[{}].leds: {} LEDs; a strip has at least one", i, strip.leds));
        }
        if (!hasCurve(strip.led)) {
            problems.push_back(fmt::format("strips[{}].led: {} V at {} A over {} dies is no LED", i,
                                           strip.led.ratedVolts, strip.led.ratedAmps, strip.led.dies));
        }
    }
    if (total > maxLeds) {
        problems.push_back(fmt::format("strips: {} LEDs; at most {} can be computed", total, maxLeds));
    }
    if (backlight.channels.empty()) {
        problems.push_back("channels: a backlight has at least one channel");
    }
    std::vector<int> uses(backlight.strips.size(), 0);
    for (std::size_t c = 0; c < backlight.channels.size(); ++c) {
        const Channel& channel = backlight.channels[c];
        if (!(channel.amps > 0)) {
            problems.push_back(fmt::format("channels[{}].amps: {} A; it must be positive", c, channel.amps));
        }
        if (channel.strings.empty()) {
            problems.push_back(fmt::format("channels[{}].strings: a channel feeds at least one string", c));
        }
        for (std::size_t s = 0; s < channel.strings.size(); ++s) {
            if (channel.strings[s].strips.empty()) {
                problems.push_back(fmt::format("channels[{}].strings[{}]: a string runs through a strip", c, s));
            }
            for (const auto& part : channel.strings[s].strips) {
                if (part.strip < 0 || part.strip >= int(uses.size())) {
                    problems.push_back(
                        fmt::format("channels[{}].strings[{}]: strip number {} does not exist", c, s, part.strip));
                } else {
                    ++uses[part.strip];
                }
            }
        }
    }
    for (std::size_t i = 0; i < uses.size(); ++i) {
        if (uses[i] != 1) {
            problems.push_back(fmt::format("strips[{}]: strip {} is in {} strings; it must be in one", i,
                                           backlight.strips[i].label, uses[i]));
        }
    }
    return problems;
}

}  // namespace dimglow::backlight
