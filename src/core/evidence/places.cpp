#include "core/evidence/places.h"

#include <fmt/format.h>
#include <algorithm>

#include "core/backlight/limits.h"
#include "core/evidence/limits.h"

namespace dimglow::evidence {

namespace {
text::Text notDescribed() {
    return text::say("nobody has described the strips yet");
}
}  // namespace

Places::Places(const set::DisplaySet& set, bool mayBeGone) : set_(set), mayBeGone_(mayBeGone) {
    for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
        lengths_.emplace_back();
        for (int string = 0; string < int(backlight_.channels[channel].strings.size()); ++string) {
            lengths_.back().push_back(backlight::wholeString(backlight_, {channel, string}).count());
        }
    }
}

void Places::check(const format::Check& at, const VoltsAsked& asked) const {
    const auto last = [&](std::size_t now, std::size_t most) { return double(mayBeGone_ ? most : now) - 1; };
    at.number("channel", int(asked.channel), {0, last(backlight_.channels.size(), backlight::limits::channels)});
    at.number("feed", int(asked.feed), {0, last(backlight_.feeds.size(), backlight::limits::feeds)});
}

void Places::check(const format::Check& at, const backlight::Run& run) const {
    const auto outside = [&](const char* member, int value, std::size_t count) {
        at.report(member, text::say("{} is outside 0 … {}", value, int(count) - 1));
    };
    const auto& [channel, string] = run.string;
    if (mayBeGone_) {
        at.number("channel", channel, {0, backlight::limits::channels - 1.0});
        at.number("string", string, {0, backlight::limits::stringsOfChannel - 1.0});
        at.number("first", run.first, {0, double(run.last)});
        at.number("last", run.last, {0, backlight::limits::leds - 1.0});
    } else if (!backlight_.isDescribed) {
        at.report(nullptr, notDescribed());
    } else if (channel < 0 || channel >= int(lengths_.size())) {
        outside("channel", channel, lengths_.size());
    } else if (string < 0 || string >= int(lengths_[channel].size())) {
        outside("string", string, lengths_[channel].size());
    } else if (const int length = lengths_[channel][string]; run.first < 0 || run.first >= length) {
        outside("first", run.first, length);
    } else if (run.last < run.first || run.last >= length) {
        at.report("last", text::say("{} is outside {} … {}", run.last, run.first, length - 1));
    } else if (backlight::probeable(backlight_, run) != run) {
        at.report("first", text::say("the run starts or ends between LEDs that stand side by side"));
    }
}

void Places::check(const format::Check& at, const PointAsked& asked) const {
    at.text("point", asked.point, limits::word);
    at.text("ref", asked.ref, limits::ref);
    const auto& points = set_.points;
    if (std::none_of(points.begin(), points.end(),
                     [&](const auto& point) { return point.kind == asked.point && point.ref == asked.ref; })) {
        at.report("ref", text::say("there is no {} {} among the set's points", asked.point, asked.ref));
    }
}

void Places::check(const format::Check& at, backlight::LedPlace place) const {
    const int strips = int(backlight_.strips.size());
    if (mayBeGone_) {
        at.number("strip", place.strip, {0, backlight::limits::strips - 1.0});
        at.number("led", place.led, {0, backlight::limits::ledsOfStrip.most - 1});
    } else if (!backlight_.isDescribed) {
        at.report(nullptr, notDescribed());
    } else if (place.strip < 0 || place.strip >= strips) {
        at.report("strip", text::say("{} is outside 0 … {}", place.strip, strips - 1));
    } else if (const int leds = backlight_.strips[place.strip].leds; place.led < 0 || place.led >= leds) {
        at.report("led", text::say("{} is outside 0 … {}", place.led, leds - 1));
    }
}

void check(const format::Check& at, const backlight::TesterSetting& tester) {
    at.number("amps", tester.amps, limits::testerAmps);
    at.number("limitVolts", tester.limitVolts, limits::testerVolts);
}

}  // namespace dimglow::evidence
