#pragma once

#include <algorithm>
#include <random>

#include "core/backlight/wiring.h"
#include "core/set/display_set.h"

namespace dimglow::test {

using namespace dimglow::backlight;

/// A display with that backlight and nothing else known of it.
inline set::DisplaySet displayOf(const Backlight& backlight) {
    set::DisplaySet set;
    set.backlight = backlight;
    return set;
}

/// Draws backlights of every kind that a job allows, faults in them and ways to put a tester to them.
class RandomSet {
public:
    explicit RandomSet(unsigned seed) : random_(seed) {}

    int whole(int low, int high) { return std::uniform_int_distribution(low, high)(random_); }
    double between(double low, double high) { return std::uniform_real_distribution(low, high)(random_); }
    bool oneIn(int n) { return whole(1, n) == 1; }

    /// Strips of mixed types: single LEDs, pairs, chains, bars passed in pieces; strings of one to three strips, one to
    /// three strings on a channel; a harness now and then; from frost to a hot panel.
    Backlight backlight() {
        Backlight panel;
        panel.widthMm = 900;
        panel.heightMm = 500;
        panel.celsius = oneIn(3) ? 25 : between(-20, 110);
        panel.driver.idleVolts = between(0, 60);
        panel.driver.headroomVolts = oneIn(4) ? 0 : between(0, 2);
        const int strips = whole(1, 5);
        const LedSpec common = led();
        for (int i = 0; i < strips; ++i) {
            panel.strips.push_back(strip(i, oneIn(3) ? led() : common));
        }
        std::vector<String> strings;
        for (int i = 0; i < strips; ++i) {
            const Strip& bar = panel.strips[i];
            const bool divisible = bar.parallel == 1 && bar.chains == 1 && bar.leds >= 4 && bar.leds % 2 == 0;
            if (divisible && oneIn(4)) {
                const bool comb = oneIn(2);
                const int half = bar.leds / 2;
                strings.push_back(
                    {{comb ? StripInString{i, false, 0, bar.leds - 2, 2} : StripInString{i, false, 0, half - 1}}});
                strings.push_back({{comb ? StripInString{i, oneIn(2), 1, bar.leds - 1, 2}
                                         : StripInString{i, true, half, bar.leds - 1}}});
            } else if (!strings.empty() && strings.back().strips.size() < 3 && oneIn(2)) {
                strings.back().strips.push_back({i, oneIn(2)});
            } else {
                strings.push_back({{{i, oneIn(2)}}});
            }
        }
        for (auto& string : strings) {
            if (panel.channels.empty() || panel.channels.back().strings.size() >= 3 || oneIn(2)) {
                panel.channels.push_back({std::to_string(panel.channels.size() + 1), {}, 0});
            }
            panel.channels.back().strings.push_back(std::move(string));
        }
        for (auto& channel : panel.channels) {
            channel.amps = between(0.02, 0.4) * double(channel.strings.size());
        }
        if (oneIn(3)) {
            panel.harness.push_back({HarnessPin::Role::LedPlus, 0, "red", between(0, 20)});
            for (int c = 0; c < int(panel.channels.size()); ++c) {
                panel.harness.push_back({HarnessPin::Role::LedMinus, c, "black", oneIn(2) ? 0 : between(0, 50)});
            }
        }
        return panel;
    }

    Faults faults(const Backlight& panel, int most = 4) {
        Faults faults;
        for (int i = whole(0, most); i > 0; --i) {
            const PlacedFault fault{
                place(panel), LedFault(whole(0, ledFaultKinds - 1)), {between(0.3, 4), between(20, 3000)}};
            const bool taken = std::any_of(faults.leds.begin(), faults.leds.end(),
                                           [&](const auto& f) { return f.place == fault.place; });
            const bool pair = panel.strips[fault.place.strip].parallel > 1;
            if (!taken && (fault.fault != LedFault::GroupOpen || pair)) {
                faults.leds.push_back(fault);
            }
        }
        const StringRef ref = string(panel);
        const int length = wholeString(panel, ref).count();
        if (oneIn(4)) {
            faults.joints.push_back({ref, whole(0, length), oneIn(3) ? openOhms : std::exp(between(0, 10))});
        }
        if (oneIn(4)) {
            faults.leaks.push_back({ref, whole(0, length), std::exp(between(0, 8))});
        }
        return faults;
    }

    TesterProbe probe(const Backlight& panel) {
        TesterProbe probe;
        const StringRef ref = string(panel);
        const int last = wholeString(panel, ref).last;
        const int first = whole(0, last);
        probe.run = oneIn(3) ? wholeString(panel, ref) : probeable(panel, {ref, first, whole(first, last)});
        probe.setting = {std::exp(between(std::log(1e-4), std::log(0.5))), std::exp(between(0, std::log(1900)))};
        probe.minus = oneIn(4) ? TesterProbe::Minus::Chassis : TesterProbe::Minus::EndOfRun;
        const auto order = ledsInOrder(panel, ref);
        for (int i = oneIn(4) ? whole(1, 3) : 0; i > 0; --i) {
            probe.bridged.push_back(order[std::size_t(whole(probe.run.first, probe.run.last))]);
        }
        return probe;
    }

    StringRef string(const Backlight& panel) {
        const auto all = stringsOf(panel);
        return all[std::size_t(whole(0, int(all.size()) - 1))];
    }

    LedPlace place(const Backlight& panel) {
        const int strip = whole(0, int(panel.strips.size()) - 1);
        return {strip, whole(0, panel.strips[std::size_t(strip)].leds - 1)};
    }

    std::mt19937& generator() { return random_; }

private:
    LedSpec led() {
        LedSpec spec;
        spec.dies = whole(1, 3);
        spec.ratedVolts = spec.dies * between(2.7, 3.5);
        spec.ratedAmps = between(0.02, 0.7);
        return spec;
    }

    Strip strip(int index, const LedSpec& led) {
        Strip strip;
        strip.label = std::string(1, char('A' + index));
        strip.led = led;
        const int sides = whole(2, 3);
        strip.parallel = oneIn(4) ? sides : 1;
        strip.chains = strip.parallel == 1 && oneIn(4) ? sides : 1;
        strip.leds = strip.parallel * strip.chains * whole(1, 8);
        strip.first = {0, 40.0 * index};
        strip.last = {800, 40.0 * index};
        return strip;
    }

    std::mt19937 random_;
};

}  // namespace dimglow::test
