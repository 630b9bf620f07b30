#include "core/reasoning/wording.h"

#include <fmt/format.h>

#include <algorithm>

namespace dimglow::reasoning {

using knowledge::Choice;
using knowledge::Knowledge;
using knowledge::TestKind;

namespace {

/// "6 lit; dark: C2, C3, C7".
std::string summaryOf(const std::vector<job::LedSeen>& seen, const job::Job& job) {
    std::string dark;
    int lit = 0;
    for (const auto& led : seen) {
        if (led.glow == job::LedSeen::Glow::Lit) {
            ++lit;
        } else {
            dark += (dark.empty() ? "" : ", ") + nameOf(job.backlight, led.place);
        }
    }
    if (dark.empty()) {
        return fmt::format("{} lit", lit);
    }
    return lit == 0 ? "dark: " + dark : fmt::format("{} lit; dark: {}", lit, dark);
}

}  // namespace

std::string describe(const job::Observation& what, const job::Job& job, const Knowledge& knowledge) {
    if (const auto* answer = std::get_if<job::Answer>(&what)) {
        const TestKind* test = knowledge.test(answer->test);
        for (const auto& choice : test == nullptr ? std::vector<Choice>{} : test->choices) {
            if (choice.id == answer->choice) {
                return choice.title;
            }
        }
        return answer->choice;
    }
    if (const auto* measured = std::get_if<job::Measured>(&what)) {
        switch (measured->shape) {
            case driver::Shape::Steady:
                return fmt::format("{:.1f} V", measured->volts);
            case driver::Shape::PeakThenSettles:
                return fmt::format("{:.1f} V, then {:.1f} V", measured->volts, measured->restVolts);
            case driver::Shape::Wanders:
                return fmt::format("{:.1f} … {:.1f} V", measured->restVolts, measured->volts);
        }
    }
    if (const auto* light = std::get_if<job::LightSeen>(&what)) {
        switch (light->what) {
            case driver::Light::Never:
                return "no light";
            case driver::Light::StaysLit:
                return "stays lit";
            case driver::Light::FlashThenDark:
                return fmt::format("dark after {:.1f} s", light->secondsToDark);
        }
    }
    if (const auto* tester = std::get_if<job::TesterTaken>(&what)) {
        std::string words = fmt::format("{:.1f} V", tester->volts);
        if (tester->lit) {
            words += *tester->lit == 0 ? ", none lit" : fmt::format(", {} lit", *tester->lit);
        }
        return words;
    }
    const auto& seen = std::get<job::LedSeen>(what);
    return fmt::format("{} {}", nameOf(job.backlight, seen.place),
                       seen.glow == job::LedSeen::Glow::Lit ? "lit" : "dark");
}

std::string titleOf(const job::Observation& what, const job::Job& job, const Knowledge& knowledge) {
    if (const auto* tester = std::get_if<job::TesterTaken>(&what)) {
        return fmt::format("Tester {:.0f} mA, {}", 1000 * tester->setting.amps, nameOf(job.backlight, tester->run));
    }
    if (std::holds_alternative<job::LedSeen>(what)) {
        return "LED seen";
    }
    const TestKind* test = knowledge.test(job::testOf(what));
    std::string title = test == nullptr ? job::testOf(what) : test->title;
    const auto* measured = std::get_if<job::Measured>(&what);
    if (measured != nullptr && test != nullptr && test->perChannel && job.backlight.channels.size() > 1) {
        title += " of channel " + job.backlight.channels.at(measured->channel).label;
    }
    return title;
}

std::vector<TrailLine> trailLines(const job::Job& job, const Knowledge& trade) {
    std::vector<int> standing;
    for (const auto phase : {job::Phase::Before, job::Phase::After}) {
        for (const auto& entry : job::standingEntries(job, phase)) {
            standing.push_back(entry.id);
        }
    }
    std::vector<TrailLine> lines;
    std::vector<job::LedSeen> seen;  // of the strip that the last line is about
    for (const auto& entry : job.trail) {
        const bool stands = std::find(standing.begin(), standing.end(), entry.id) != standing.end();
        const auto* led = std::get_if<job::LedSeen>(&entry.what);
        const bool goesOn = led != nullptr && stands && !seen.empty() && seen.back().place.strip == led->place.strip;
        if (!goesOn) {
            seen.clear();
            lines.push_back({entry.id, entry.at, entry.phase, stands, job::testOf(entry.what),
                             titleOf(entry.what, job, trade), describe(entry.what, job, trade)});
        }
        if (led != nullptr && stands) {
            seen.push_back(*led);
            lines.back().entry = entry.id;
            lines.back().title = "LEDs of strip " + job.backlight.strips[led->place.strip].label;
            lines.back().text = summaryOf(seen, job);
        }
    }
    return lines;
}

}  // namespace dimglow::reasoning
