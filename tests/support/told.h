#pragma once

#include <gtest/gtest.h>

#include <sstream>
#include <string>
#include <vector>

#include "core/backlight/plain.h"
#include "core/job/reading_text.h"
#include "core/parts/part_line.h"
#include "core/sheet/assessment.h"
#include "tests/support/trade.h"

namespace dimglow::test {

/// The suspects of a main board, of which one is named as well as another.
inline const char* const ofTheMainBoard = "mainBoard notAsked mainBoardHidden";

/// A job that is told line by line:
///
///     torch picture          light flash 0.3       blOn 3.3            ledMinus/1 14
///     ledPlusOn 95 > 30      ledPlusOn 40 ~ 95     driverFuse F2 = OL  supplyCapacitor C21 looks bulged
///     ledPlusOn#1 95         the same of the second feed
class Told {
public:
    explicit Told(const std::vector<const char*>& lines) {
        job_.id = "T";
        job_.liveWorkAccepted = true;
        job_.set.backlight = backlight::plainBacklight(backlight::undescribed());
        for (const char* line : lines) {
            tell(line);
        }
    }

    void tell(const std::string& line) {
        std::istringstream words(line);
        std::string test;
        std::string second;
        words >> test >> second;
        if (test == "strips") {
            describe(line.substr(7));
        } else if (test == "kind") {
            job_.set.kind = second;
        } else if (test == "lamps") {
            job_.set.lamps.count = std::stoi(second);
        } else if (test == "trained") {
            job_.liveWorkAccepted = second == "yes";
        } else if (test == "swapFirst") {
            job_.way.first = job::Way::First::Swap;
        } else if (test == "level") {
            job_.way.level = second == "board" ? job::Way::Level::Board : job::Way::Level::Component;
        } else if (test == "open") {
            job_.panelOpen = true;
        } else if (test == "missing") {
            add(evidence::notReached(second, channelOf(second)));
        } else if (test == "run") {
            tellTester(line);
        } else if (test == "dark") {
            add(evidence::LedSeen{{0, std::stoi(second) - 1}, evidence::LedSeen::Glow::Dark, wholeOf(0)});
        } else if (test == "label") {
            job_.set.backlight.feeds = {{std::stod(second)}};
        } else if (test == "light") {
            double seconds = 0;
            words >> seconds;
            const auto what = second == "never"   ? driver::Light::Never
                              : second == "stays" ? driver::Light::StaysLit
                                                  : driver::Light::FlashThenDark;
            add(evidence::LightSeen{what, seconds});
        } else if (trade().point(test) != nullptr) {
            tellPoint(test, second, words);
        } else if (const auto* kind = trade().test(test); kind != nullptr && !kind->choices.empty()) {
            add(evidence::Answer{test, second});
        } else {
            tellVolts(test, std::stod(second), words);
        }
    }

    const job::Job& job() const { return job_; }
    sheet::Assessment assessed() const { return sheet::assess(job_, trade(), {.today = {}, .maxProbes = 3}); }

private:
    /// "ledMinus/1" is the second channel's.
    static evidence::Question channelOf(const std::string& place) {
        const auto at = place.find('/');
        const int channel = at == std::string::npos ? 0 : std::stoi(place.substr(at + 1));
        return evidence::Measured{place.substr(0, at), backlight::ChannelIndex(channel), driver::Shape::Steady, 0, 0}
            .question();
    }
    backlight::Run wholeOf(int strip) const { return backlight::wholeStrip(job_.set.backlight, strip); }

    /// "run 2 26.1 V, 8 lit": the tester on the third strip.
    void tellTester(const std::string& line) {
        std::istringstream words(line.substr(4));
        int strip = 0;
        std::string shown;
        words >> strip;
        std::getline(words, shown);
        const auto run = wholeOf(strip);
        const auto read = job::readTypedTester(shown, job_.bench.tester.limitVolts, run.count());
        ASSERT_TRUE(std::holds_alternative<job::TypedTester>(read)) << line;
        const auto& typed = std::get<job::TypedTester>(read);
        add(evidence::TesterTaken{run, job_.bench.tester, typed.volts, typed.lit});
    }

    void add(evidence::Observation what) { job::addEntry(job_, "", job::Phase::Before, std::move(what)); }

    void describe(const std::string& line) {
        const auto read = backlight::readLine(line, backlight::undescribed());
        ASSERT_TRUE(std::holds_alternative<backlight::PlainDescription>(read)) << line;
        const auto feeds = job_.set.backlight.feeds;
        job_.set.backlight = backlight::plainBacklight(std::get<backlight::PlainDescription>(read));
        if (feeds.size() == job_.set.backlight.feeds.size()) {
            job_.set.backlight.feeds = feeds;  // a label that was told before
        }
    }

    void tellPoint(const std::string& point, const std::string& ref, std::istringstream& words) {
        std::string how;
        std::string rest;
        words >> how;
        std::getline(words, rest);
        job::notePoint(job_, {point, ref});
        if (how == "looks") {
            const auto looks = rest == " bulged"  ? evidence::PointSeen::Looks::Bulged
                               : rest == " burnt" ? evidence::PointSeen::Looks::Burnt
                                                  : evidence::PointSeen::Looks::Fine;
            add(evidence::PointSeen{{point, ref}, looks});
            return;
        }
        const auto read = parts::readTypedPart(trade().point(point)->kind, rest);
        ASSERT_TRUE(std::holds_alternative<parts::TypedPart>(read)) << rest;
        const auto& typed = std::get<parts::TypedPart>(read);
        job::notePoint(job_, {point, ref}, typed.ratings);
        add(evidence::PointTaken{{point, ref}, typed.reading});
    }

    void tellVolts(const std::string& place, double volts, std::istringstream& words) {
        evidence::Measured measured{place.substr(0, place.find('/')), {}, driver::Shape::Steady, volts, volts};
        if (const auto at = place.find('/'); at != std::string::npos) {
            measured.channel = backlight::ChannelIndex(std::stoi(place.substr(at + 1)));
        }
        if (const auto at = place.find('#'); at != std::string::npos) {
            measured.test = place.substr(0, at);
            measured.feed = backlight::FeedIndex(std::stoi(place.substr(at + 1)));
        }
        std::string sign;
        double other = 0;
        if (words >> sign >> other) {
            measured.shape = sign == ">" ? driver::Shape::PeakThenSettles : driver::Shape::Wanders;
            measured.volts = std::max(volts, other);
            measured.restVolts = std::min(volts, other);
        }
        add(measured);
    }

    job::Job job_;
};

/// Of suspects together: ids with blanks between.
inline double shareOf(const sheet::Assessment& assessment, const std::string& suspects) {
    double share = 0;
    std::istringstream words(suspects);
    for (std::string id; words >> id;) {
        const auto found = assessment.diagnosis.shareOfSuspect.find(id);
        share += found == assessment.diagnosis.shareOfSuspect.end() ? 0 : found->second;
    }
    return share;
}

/// What is told of a job, and the share that a technician of experience would give.
struct Situation {
    const char* name;
    std::vector<const char*> told;
    const char* suspects;  ///< ids, together
    double atLeast;
    double atMost = 1;
};

inline void PrintTo(const Situation& situation, std::ostream* out) {
    *out << situation.name;
}

inline void expectJudged(const Situation& situation) {
    const auto assessment = Told(situation.told).assessed();
    const double share = shareOf(assessment, situation.suspects);
    std::string all;
    for (const auto& [suspect, own] : assessment.diagnosis.shareOfSuspect) {
        all += own > 0.02 ? suspect + " " + std::to_string(int(100 * own)) + "; " : "";
    }
    EXPECT_GE(share, situation.atLeast) << all;
    EXPECT_LE(share, situation.atMost) << all;
}

}  // namespace dimglow::test
