#pragma once

#include <string>
#include <vector>

#include "core/backlight/plain.h"
#include "core/job/job.h"
#include "core/job/limits.h"

namespace dimglow::test {

struct LargestJob {
    std::string name;
    job::Job job;
};

/// The names of largestJobs(), known without making them.
inline constexpr const char* largestJobNames[] = {"ManyChannels",
                                                  "EveryLedDark",
                                                  "EveryLedLit",
                                                  "EveryLedChecked",
                                                  "ManyStrips",
                                                  "LongStrings",
                                                  "FourHundredDarkInOneString",
                                                  "LongestTrail",
                                                  "EveryReturn",
                                                  "ReturnsOfFourFeeds",
                                                  "EveryBridge",
                                                  "EveryJumper"};

/// Jobs at the limits of the format, each with another kind of entry.
inline std::vector<LargestJob> largestJobs() {
    using namespace dimglow::job;
    using namespace dimglow::evidence;
    using backlight::plainBacklight;
    using backlight::PlainDescription;
    const auto withPanel = [](const char* line) {
        Job job;
        job.id = "SK-9000";
        job.title = "Hall display";
        job.set.backlight = plainBacklight(std::get<PlainDescription>(backlight::readLine(line)));
        return job;
    };
    const char* manyChannels = "64 strips × 37, each its own string";
    const auto everyLed = [](Job job, auto observation) {
        for (int strip = 0; strip < int(job.set.backlight.strips.size()); ++strip) {
            for (int led = 0; led < job.set.backlight.strips[std::size_t(strip)].leds; ++led) {
                addEntry(job, "2026-11-25T08:00:00Z", Phase::Before, observation(job, backlight::LedPlace{strip, led}));
            }
        }
        return job;
    };
    const auto marked = [](LedSeen::Glow glow) {
        return [glow](const Job& job, backlight::LedPlace place) -> Observation {
            return LedSeen{place, glow, backlight::wholeStrip(job.set.backlight, place.strip)};
        };
    };
    std::vector<LargestJob> jobs;
    jobs.push_back({"ManyChannels", withPanel(manyChannels)});
    jobs.push_back({"EveryLedDark", everyLed(withPanel(manyChannels), marked(LedSeen::Glow::Dark))});
    jobs.push_back({"EveryLedLit", everyLed(withPanel(manyChannels), marked(LedSeen::Glow::Lit))});
    jobs.push_back(
        {"EveryLedChecked", everyLed(withPanel(manyChannels), [](const Job&, backlight::LedPlace place) -> Observation {
             return LedChecked{place, {}, {2.9, {}, false, {}, place.led % 3 == 0}};
         })});
    jobs.push_back({"ManyStrips", withPanel("200 strips × 12, 5 strips per string")});
    jobs.push_back({"LongStrings", withPanel("8 strips × 300, each its own string, 3.2 V")});
    jobs.push_back(
        {"FourHundredDarkInOneString", everyLed(withPanel("4 strips × 75, one string"), marked(LedSeen::Glow::Dark))});
    auto tested = everyLed(withPanel(manyChannels), marked(LedSeen::Glow::Lit));
    for (int i = 0; i < int(job::limits::testerReadings); ++i) {
        addEntry(tested, "2026-11-25T08:00:00Z", Phase::Before,
                 TesterTaken{{{i % 64, 0}, (i / 64) % 36, 36}, {0.03, 300}, 50.0 + i % 7, {}});
    }
    jobs.push_back({"LongestTrail", tested});
    auto returns = withPanel(manyChannels);
    for (int channel = 0; channel < 64; ++channel) {
        addEntry(returns, "2026-11-25T08:00:00Z", Phase::Before,
                 Measured{"ledMinus", backlight::ChannelIndex(channel), Shape::Steady, 0.7 + 0.1 * (channel % 5), 0});
    }
    jobs.push_back({"EveryReturn", returns});
    auto feeds = withPanel(manyChannels);
    feeds.set.backlight.feeds.assign(backlight::limits::feeds, feeds.set.backlight.feeds.front());
    for (int channel = 0; channel < 64; ++channel) {
        feeds.set.backlight.channels[std::size_t(channel)].feed = channel % int(backlight::limits::feeds);
        addEntry(feeds, "2026-11-25T08:00:00Z", Phase::Before,
                 Measured{"ledMinus", backlight::ChannelIndex(channel), Shape::Steady, 0.7 + 0.1 * (channel % 5), 0});
    }
    for (int i = 0; i < 12; ++i) {
        addEntry(
            feeds, "2026-11-25T08:00:00Z", Phase::Before,
            Measured{i < 8 ? "ledPlusOn" : "ledPlusIdle", backlight::ChannelIndex(i % 4), Shape::Steady, 100.0 + i, 0});
    }
    jobs.push_back({"ReturnsOfFourFeeds", feeds});
    auto bridged = withPanel(manyChannels);
    for (int i = 0; i < int(job::limits::bridges); ++i) {
        addEntry(bridged, "2026-11-25T08:00:00Z", Phase::Before, Bridged{{i % 64, i % 37}, 0.3, i % 2 == 0});
    }
    jobs.push_back({"EveryBridge", bridged});
    auto jumpers = withPanel("1 strip × 300, one string, 3 V");
    for (int i = 0; i < 5; ++i) {
        TesterTaken taken{{{0, 0}, 0, 299}, {0.03, 1000}, 700.0 + i, {}};
        for (int k = 0; k < int(evidence::limits::bridged); ++k) {
            taken.bridged.push_back({0, 37 * k + 7 * i});
        }
        addEntry(jumpers, "2026-11-25T08:00:00Z", Phase::Before, taken);
    }
    jobs.push_back({"EveryJumper", jumpers});
    return jobs;
}

}  // namespace dimglow::test
