#include "core/backlight/backlight.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <stdexcept>

#include "core/backlight/limits.h"

namespace dimglow::backlight {

using text::say;
using text::Text;

namespace {

int lastLedOf(const Backlight& backlight, const StripInString& part) {
    return part.last < 0 ? backlight.strips.at(part.strip).leds - 1 : part.last;
}

int countOf(const Backlight& backlight, const StripInString& part) {
    return (lastLedOf(backlight, part) - part.first) / part.step + 1;
}

bool hasCurve(const LedSpec& spec) {
    try {
        ledCurve(spec);
        return true;
    } catch (const std::invalid_argument&) {
        return false;
    }
}

/// Empty when a string may run through it.
Text problemOf(const Backlight& backlight, const StripInString& part) {
    if (part.strip < 0 || part.strip >= int(backlight.strips.size())) {
        return say("strip number {} does not exist", part.strip);
    }
    const Strip& strip = backlight.strips[part.strip];
    const int last = lastLedOf(backlight, part);
    if (part.step < 1 || part.first < 0 || part.first > last || last >= strip.leds) {
        return say("LEDs {} to {} by {} are not on strip {}, which has {}", part.first + 1, last + 1, part.step,
                   strip.label, strip.leds);
    }
    const bool whole = part.first == 0 && last == strip.leds - 1 && part.step == 1;
    if (!whole && (strip.parallel > 1 || strip.chains > 1)) {
        return say("strip {} has LEDs side by side and can only be passed as a whole", strip.label);
    }
    return {};
}

}  // namespace

std::optional<double> Channel::stringAmps() const {
    const double microamps = 1e6 * amps.value_or(0) / double(strings.size());
    return amps ? std::optional(std::round(microamps) / 1e6)
                : std::nullopt;  // 0.72 A of three are 0.24 A, to the digit
}

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
        const auto start = std::ptrdiff_t(places.size());
        const int last = lastLedOf(backlight, part);
        for (int led = part.first; led <= last; led += part.step) {
            places.push_back({part.strip, led});
        }
        if (part.reversed) {
            std::reverse(places.begin() + start, places.end());
        }
    }
    return places;
}

Run wholeString(const Backlight& backlight, StringRef ref) {
    const auto& parts = stringAt(backlight, ref).strips;
    const int leds = std::accumulate(parts.begin(), parts.end(), 0,
                                     [&](int sum, const auto& part) { return sum + countOf(backlight, part); });
    return {ref, 0, leds - 1};
}

std::vector<Run> partsOf(const Backlight& backlight, StringRef ref) {
    std::vector<Run> parts;
    int first = 0;
    for (const auto& part : stringAt(backlight, ref).strips) {
        const int count = countOf(backlight, part);
        parts.push_back({ref, first, first + count - 1});
        first += count;
    }
    return parts;
}

std::vector<Run> runsOnStrip(const Backlight& backlight, int strip) {
    std::vector<Run> runs;
    for (const auto& ref : stringsOf(backlight)) {
        const auto parts = partsOf(backlight, ref);
        for (std::size_t i = 0; i < parts.size(); ++i) {
            if (stringAt(backlight, ref).strips[i].strip == strip) {
                runs.push_back(parts[i]);
            }
        }
    }
    return runs;
}

Run wholeStrip(const Backlight& backlight, int strip) {
    const auto runs = runsOnStrip(backlight, strip);
    if (runs.empty()) {
        throw std::out_of_range(fmt::format("strip {} is in no string", strip));
    }
    return runs.front();
}

Run runOnStrip(const Backlight& backlight, int strip, int firstLed, int lastLed) {
    for (const auto& whole : runsOnStrip(backlight, strip)) {
        const auto order = ledsInOrder(backlight, whole.string);
        Run run{whole.string, whole.last + 1, whole.first - 1};
        bool holdsFirst = false;
        for (int position = whole.first; position <= whole.last; ++position) {
            const int led = order[position].led;
            if (std::min(firstLed, lastLed) <= led && led <= std::max(firstLed, lastLed)) {
                run.first = std::min(run.first, position);
                run.last = std::max(run.last, position);
                holdsFirst = holdsFirst || led == firstLed;
            }
        }
        if (holdsFirst) {
            return probeable(backlight, run);
        }
    }
    throw std::out_of_range(fmt::format("LED {} of strip {} is in no string", firstLed + 1, strip));
}

Run probeable(const Backlight& backlight, Run run) {
    const auto parts = partsOf(backlight, run.string);
    const bool withinOne = std::any_of(
        parts.begin(), parts.end(), [&](const Run& part) { return part.first <= run.first && run.last <= part.last; });
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Run& part = parts[i];
        const Strip& strip = backlight.strips.at(stringAt(backlight, run.string).strips[i].strip);
        if (run.last < part.first || part.last < run.first) {
            continue;
        }
        if (strip.parallel > 1) {
            run.first =
                std::min(run.first, part.first + std::max(0, run.first - part.first) / strip.parallel * strip.parallel);
            const int lastStep = (std::min(run.last, part.last) - part.first) / strip.parallel;
            run.last = std::max(run.last, part.first + (lastStep + 1) * strip.parallel - 1);
        }
        if (strip.chains > 1) {
            const int chain = (part.last - part.first + 1) / strip.chains;
            const bool oneChain = withinOne && (run.first - part.first) / chain == (run.last - part.first) / chain;
            if (!oneChain) {
                run.first = std::min(run.first, part.first);
                run.last = std::max(run.last, part.last);
            }
        }
    }
    return run;
}

std::vector<Section> sectionsOf(const Backlight& backlight, const Run& run) {
    std::vector<Section> sections;
    const auto parts = partsOf(backlight, run.string);
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Run& part = parts[i];
        const int first = std::max(run.first, part.first);
        const int last = std::min(run.last, part.last);
        const Strip& strip = backlight.strips.at(stringAt(backlight, run.string).strips[i].strip);
        if (first > last) {
            continue;
        }
        if (strip.parallel > 1) {
            for (int position = first; position <= last; position += strip.parallel) {
                sections.push_back({position, strip.parallel, 1});
            }
            continue;
        }
        const int chain = (part.last - part.first + 1) / strip.chains;
        const int chains = std::max(1, (last - first + 1) / chain);
        sections.push_back({first, chains, (last - first + 1) / chains});
    }
    return sections;
}

Text nameOf(const Backlight& backlight, const Run& run) {
    const auto places = ledsInOrder(backlight, run.string);
    const LedPlace first = places.at(run.first);
    const LedPlace last = places.at(run.last);
    if (run.count() == 1) {
        return text::name(nameOf(backlight, first));
    }
    const auto onStrip = runsOnStrip(backlight, first.strip);
    if (first.strip == last.strip && onStrip.size() == 1 && run == onStrip.front()) {
        return say("strip {}", backlight.strips[first.strip].label);
    }
    if (run == wholeString(backlight, run.string)) {
        const Channel& channel = backlight.channels[run.string.channel];
        return channel.strings.size() == 1 ? say("channel {}", channel.label)
                                           : say("channel {}, string {}", channel.label, run.string.string + 1);
    }
    if (first.strip == last.strip && last < first) {
        return say("{} … {}", nameOf(backlight, last), nameOf(backlight, first));
    }
    return say("{} … {}", nameOf(backlight, first), nameOf(backlight, last));
}

std::optional<Run> runNamed(const Backlight& backlight, std::string_view name) {
    const auto clean = [](std::string_view text) {
        std::string words;
        for (const char c : text) {
            if (c != ' ') {
                words += char(std::toupper(static_cast<unsigned char>(c)));
            }
        }
        return words;
    };
    std::string words = clean(name);
    if (words.starts_with("CHANNEL")) {
        for (int c = 0; c < int(backlight.channels.size()); ++c) {
            if (clean(backlight.channels[c].label) == words.substr(7)) {
                return wholeString(backlight, {c, 0});
            }
        }
        return std::nullopt;
    }
    words = words.starts_with("STRIP") ? words.substr(5) : words;
    const auto ledNamed = [&](const std::string& led) -> std::optional<LedPlace> {
        for (int strip = 0; strip < int(backlight.strips.size()); ++strip) {
            const std::string label = clean(backlight.strips[strip].label);
            const std::string rest = led.starts_with(label) ? led.substr(label.size()) : "";
            const bool digits = !rest.empty() && rest.size() < 5 && std::all_of(rest.begin(), rest.end(), ::isdigit);
            if (digits && std::stoi(rest) >= 1 && std::stoi(rest) <= backlight.strips[strip].leds) {
                return LedPlace{strip, std::stoi(rest) - 1};
            }
        }
        return std::nullopt;
    };
    for (int strip = 0; strip < int(backlight.strips.size()); ++strip) {
        if (clean(backlight.strips[strip].label) == words && !runsOnStrip(backlight, strip).empty()) {
            return wholeStrip(backlight, strip);
        }
    }
    auto dash = words.find('-');
    std::size_t dashLength = 1;
    if (const auto dots = words.find("…"); dots != std::string::npos) {
        dash = dots;
        dashLength = std::string_view("…").size();
    }
    const auto first = ledNamed(words.substr(0, dash));
    const auto last = dash == std::string::npos ? first : ledNamed(words.substr(dash + dashLength));
    if (!first || !last) {
        return std::nullopt;
    }
    for (const auto& ref : stringsOf(backlight)) {
        const auto order = ledsInOrder(backlight, ref);
        const auto a = std::find(order.begin(), order.end(), *first);
        const auto b = std::find(order.begin(), order.end(), *last);
        if (a != order.end() && b != order.end()) {
            return probeable(backlight,
                             {ref, int(std::min(a, b) - order.begin()), int(std::max(a, b) - order.begin())});
        }
    }
    return std::nullopt;
}

namespace {

void dropEmptyFeeds(Backlight& backlight) {
    for (int feed = int(backlight.feeds.size()) - 1; feed >= 0; --feed) {
        if (std::any_of(backlight.channels.begin(), backlight.channels.end(),
                        [&](const Channel& channel) { return channel.feed == feed; })) {
            continue;
        }
        backlight.feeds.erase(backlight.feeds.begin() + feed);
        for (auto& channel : backlight.channels) {
            channel.feed -= channel.feed > feed ? 1 : 0;
        }
    }
}

}  // namespace

Backlight withChannelFed(Backlight backlight, ChannelIndex channel, FeedIndex feed) {
    if (feed < 0 || feed > int(backlight.feeds.size())) {
        throw std::out_of_range("there is no such feed");
    }
    backlight.feeds.resize(std::max(backlight.feeds.size(), std::size_t(feed) + 1));
    backlight.channels.at(std::size_t(channel)).feed = feed;
    dropEmptyFeeds(backlight);
    return backlight;
}

Backlight withStripMoved(Backlight backlight, int strip, std::optional<StringRef> target) {
    const Strip& moved = backlight.strips.at(strip);
    const auto isIt = [&](const StripInString& part) { return part.strip == strip; };
    if (target) {
        auto& parts = backlight.channels.at(target->channel).strings.at(target->string).strips;
        if (parts.size() == 1 && isIt(parts.front())) {
            return backlight;
        }
    }
    int feedOfStrip = 0;
    for (auto& channel : backlight.channels) {
        for (auto& string : channel.strings) {
            feedOfStrip = std::erase_if(string.strips, isIt) > 0 ? channel.feed : feedOfStrip;
        }
    }
    if (!target) {
        const Channel& like = backlight.channels.front();
        const auto amps = like.stringAmps();
        const std::string label = std::to_string(backlight.channels.size() + 1);
        backlight.channels.push_back({label, {String{{{strip, false}}}}, amps, feedOfStrip});
    } else {
        auto& parts = backlight.channels[target->channel].strings[target->string].strips;
        StripInString place{strip, false};
        if (!parts.empty()) {
            const auto& before = parts.back();
            const Strip& last = backlight.strips[before.strip];
            const PointMm end = before.reversed ? last.first : last.last;
            const auto far = [&](PointMm p) { return std::hypot(p.x - end.x, p.y - end.y); };
            place.reversed = far(moved.last) < far(moved.first);
        }
        parts.push_back(place);
    }
    for (auto& channel : backlight.channels) {
        const auto stringAmps = channel.stringAmps();
        if (std::erase_if(channel.strings, [](const String& string) { return string.strips.empty(); }) > 0) {
            channel.amps = stringAmps ? std::optional(*stringAmps * double(channel.strings.size())) : std::nullopt;
        }
    }
    std::erase_if(backlight.channels, [](const Channel& channel) { return channel.strings.empty(); });
    for (std::size_t i = 0; i < backlight.channels.size(); ++i) {
        backlight.channels[i].label = std::to_string(i + 1);
    }
    dropEmptyFeeds(backlight);
    return backlight;
}

Backlight withStripTurned(Backlight backlight, int strip) {
    for (auto& channel : backlight.channels) {
        for (auto& string : channel.strings) {
            for (auto& part : string.strips) {
                part.reversed = part.strip == strip ? !part.reversed : part.reversed;
            }
        }
    }
    return backlight;
}

namespace {

void checkStrip(const format::Check& check, const Strip& strip) {
    check.text("label", strip.label, limits::label);
    check.text("connector", strip.connector, limits::connector);
    check.number("leds", strip.leds, limits::ledsOfStrip);
    check.number("parallel", strip.parallel, limits::sideBySide);
    check.number("chains", strip.chains, limits::sideBySide);
    for (const auto& [name, point] : {std::pair("first", strip.first), std::pair("last", strip.last)}) {
        check.at(name).number("x", point.x, limits::positionMm);
        check.at(name).number("y", point.y, limits::positionMm);
    }
    const auto led = check.at("led");
    led.number("dies", strip.led.dies, limits::dies);
    led.number("ratedVolts", strip.led.ratedVolts, limits::ratedVolts);
    led.number("ratedAmps", strip.led.ratedAmps, limits::ratedAmps);
    led.number("ideality", strip.led.ideality, limits::ideality);
    led.number("seriesDropVolts", strip.led.seriesDropVolts, limits::seriesDropVolts);
    const bool sound = strip.parallel >= 1 && strip.chains >= 1 && (strip.parallel == 1 || strip.chains == 1);
    if (!sound || strip.leds % (strip.parallel * strip.chains) != 0) {
        check.report(nullptr, say("{} LEDs in {} chains, {} side by side, do not come out even", strip.leds,
                                  strip.chains, strip.parallel));
    }
    if (!hasCurve(strip.led)) {
        check.report("led", say("{} V at {} A over {} dies is no LED", strip.led.ratedVolts, strip.led.someRatedAmps(),
                                strip.led.dies));
    }
}

void checkFeeds(const format::Check& check, const Backlight& backlight) {
    check.count("feeds", backlight.feeds.size(), limits::feeds);
    if (backlight.feeds.empty()) {
        check.report("feeds", say("a board has at least one LED+"));
    }
    for (std::size_t f = 0; f < backlight.feeds.size(); ++f) {
        const auto at = check.at("feeds", f);
        if (backlight.feeds[f].labelVolts) {
            at.number("labelVolts", *backlight.feeds[f].labelVolts, limits::labelVolts);
        }
        const auto hangsOnIt = [&](const Channel& channel) { return channel.feed == int(f); };
        if (!backlight.channels.empty() &&
            std::none_of(backlight.channels.begin(), backlight.channels.end(), hangsOnIt)) {
            at.report(nullptr, say("no channel hangs on feed {}", f + 1));
        }
    }
}

/// What concerns the electrics around the strips.
void checkSurroundings(const format::Check& check, const Backlight& backlight) {
    check.number("widthMm", backlight.widthMm, limits::panelMm);
    check.number("heightMm", backlight.heightMm, limits::panelMm);
    const auto driver = check.at("driver");
    driver.number("idleVolts", backlight.driver.someIdleVolts(), limits::idleVolts);
    driver.number("ovpRatio", backlight.driver.someOvpRatio(), limits::ovpRatio);
    driver.number("headroomVolts", backlight.driver.someHeadroomVolts(), limits::headroomVolts);
    checkFeeds(check, backlight);
    check.number("celsius", backlight.celsius, limits::celsius);
    check.count("harness", backlight.harness.size(), limits::pins);
    for (std::size_t i = 0; i < backlight.harness.size(); ++i) {
        const HarnessPin& pin = backlight.harness[i];
        const auto at = check.at("harness", i);
        at.text("colour", pin.colour, limits::colour);
        at.number("ohms", pin.ohms, limits::pinOhms);
        at.number("channel", pin.channel, {0, double(limits::channels) - 1});
        if (backlight.isDescribed && pin.role == HarnessPin::Role::LedMinus &&
            pin.channel >= int(backlight.channels.size())) {
            at.report(nullptr, say("pin {} returns channel {}; there are {}", i + 1, pin.channel + 1,
                                   backlight.channels.size()));
        }
    }
    check.count("ledPoints", backlight.ledPoints.size(), limits::ledPoints);
    for (std::size_t i = 0; i < backlight.ledPoints.size(); ++i) {
        check.at("ledPoints", i).number("amps", backlight.ledPoints[i].amps, limits::pointAmps);
        check.at("ledPoints", i).number("volts", backlight.ledPoints[i].volts, limits::pointVolts);
    }
}

/// Channels and strings; counts in \p uses how often each LED is passed.
void checkChannel(const format::Check& check, const Backlight& backlight, const Channel& channel,
                  std::vector<std::vector<int>>& uses) {
    check.text("label", channel.label, limits::label);
    check.number("amps", channel.amps, limits::channelAmps);
    check.number("feed", channel.feed, {0, double(backlight.feeds.size()) - 1});
    check.count("strings", channel.strings.size(), limits::stringsOfChannel);
    if (channel.strings.empty()) {
        check.report("strings", say("a channel feeds at least one string"));
    }
    for (std::size_t s = 0; s < channel.strings.size(); ++s) {
        const auto at = check.at("strings", s);
        const auto& parts = channel.strings[s].strips;
        at.count("strips", parts.size(), limits::strips);
        if (parts.empty()) {
            at.report(nullptr, say("a string runs through a strip"));
        }
        double volts = 0;
        for (const auto& part : parts) {
            if (const Text problem = problemOf(backlight, part); !problem.empty()) {
                at.report(nullptr, problem);
                continue;
            }
            const Strip& strip = backlight.strips[part.strip];
            const int last = std::min(lastLedOf(backlight, part), int(uses[part.strip].size()) - 1);
            for (int led = part.first; led <= last; led += part.step) {
                ++uses[part.strip][led];
                volts += strip.led.ratedVolts / std::max(1, strip.parallel * strip.chains);
            }
        }
        if (volts > limits::stringVolts) {
            at.report(nullptr, say("the LEDs need {:.0f} V in series; at most {:.0f} V can be computed", volts,
                                   limits::stringVolts));
        }
    }
}

}  // namespace

std::vector<format::Problem> problemsOf(const Backlight& backlight) {
    std::vector<format::Problem> problems;
    const format::Check check(problems);
    checkSurroundings(check, backlight);
    if (backlight.strips.empty()) {
        check.report("strips", say("a backlight has at least one strip"));
    }
    check.count("strips", backlight.strips.size(), limits::strips);
    long total = 0;
    for (std::size_t i = 0; i < backlight.strips.size(); ++i) {
        checkStrip(check.at("strips", i), backlight.strips[i]);
        total += backlight.strips[i].leds;
    }
    if (total > limits::leds) {
        check.report("strips", say("{} LEDs; at most {} can be computed", total, limits::leds));
    }
    if (backlight.channels.empty()) {
        check.report("channels", say("a backlight has at least one channel"));
    }
    check.count("channels", backlight.channels.size(), limits::channels);
    const bool countable = total >= 0 && total <= limits::leds;
    std::vector<std::vector<int>> uses;
    for (const auto& strip : backlight.strips) {
        uses.emplace_back(countable ? std::max(0, strip.leds) : 0, 0);
    }
    for (std::size_t c = 0; c < backlight.channels.size(); ++c) {
        checkChannel(check.at("channels", c), backlight, backlight.channels[c], uses);
    }
    for (std::size_t i = 0; i < uses.size(); ++i) {
        const auto wrong = std::find_if(uses[i].begin(), uses[i].end(), [](int n) { return n != 1; });
        if (wrong != uses[i].end()) {
            check.at("strips", i)
                .report(nullptr, say("LED {} of strip {} is in {} strings; it must be in one",
                                     wrong - uses[i].begin() + 1, backlight.strips[i].label, *wrong));
        }
    }
    return problems;
}

std::vector<Text> misleadingColours(const Backlight& backlight) {
    std::vector<Text> sentences;
    for (std::size_t i = 0; i < backlight.harness.size(); ++i) {
        const HarnessPin& pin = backlight.harness[i];
        if (pin.role == HarnessPin::Role::LedPlus && pin.colour == "black") {
            sentences.push_back(say("Pin {} is black and is LED+: go by the board, not by the colour.", i + 1));
        } else if (pin.role == HarnessPin::Role::LedMinus && pin.colour == "red") {
            sentences.push_back(say("Pin {} is red and is LED−: go by the board, not by the colour.", i + 1));
        }
    }
    return sentences;
}

}  // namespace dimglow::backlight
