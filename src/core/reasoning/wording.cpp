#include "core/reasoning/wording.h"

#include <fmt/format.h>

#include <unordered_set>

namespace dimglow::reasoning {

using knowledge::Choice;
using knowledge::Knowledge;
using knowledge::TestKind;

namespace {

const char* glowWords(job::LedSeen::Glow glow) {
    constexpr const char* words[] = {"lit", "dim", "dark", "tinted"};
    return words[int(glow)];
}

/// "6 lit; dim: C5; dark: C2, C3, C7".
std::string summaryOf(const std::vector<job::LedSeen>& seen, const job::Job& job) {
    std::string names[4];
    int lit = 0;
    for (const auto& led : seen) {
        auto& list = names[int(led.glow)];
        lit += led.glow == job::LedSeen::Glow::Lit ? 1 : 0;
        list += (list.empty() ? "" : ", ") + nameOf(job.backlight, led.place);
    }
    std::string words = lit > 0 ? fmt::format("{} lit", lit) : "";
    for (const auto glow : {job::LedSeen::Glow::Dim, job::LedSeen::Glow::Tinted, job::LedSeen::Glow::Dark}) {
        if (!names[int(glow)].empty()) {
            words += fmt::format("{}{}: {}", words.empty() ? "" : "; ", glowWords(glow), names[int(glow)]);
        }
    }
    return words;
}

std::string readingWords(const parts::LedCheckReading& reading) {
    std::string words = reading.volts ? fmt::format("{:.2f} V", *reading.volts) : "OL";
    if (reading.reverseTried) {
        words += reading.reverseVolts ? fmt::format(" / {:.2f} V", *reading.reverseVolts) : " / OL";
    }
    if (reading.lit) {
        words += *reading.lit ? ", lit" : ", dark";
    }
    return words;
}

}  // namespace

std::string namesOf(const backlight::Backlight& backlight, const std::vector<backlight::LedPlace>& places) {
    std::string names;
    for (const auto& place : places) {
        names += (names.empty() ? "" : ", ") + nameOf(backlight, place);
    }
    return names;
}

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
        std::string words = tester->volts ? fmt::format("{:.1f} V", *tester->volts) : "";
        if (tester->lit) {
            words += words.empty() ? "" : ", ";
            words += *tester->lit == 0 ? "none lit" : fmt::format("{} lit", *tester->lit);
        }
        return words;
    }
    if (const auto* check = std::get_if<job::LedChecked>(&what)) {
        const auto judgement =
            parts::judge(job.backlight.strips.at(check->place.strip).led, check->setting, check->reading);
        return fmt::format("{}: {}", readingWords(check->reading), parts::verdictWords(judgement.verdict));
    }
    if (const auto* bridged = std::get_if<job::Bridged>(&what)) {
        return bridged->restLights ? fmt::format("the rest lights at {:.0f} mA", 1000 * bridged->amps)
                                   : "the rest stays dark";
    }
    const auto& seen = std::get<job::LedSeen>(what);
    return fmt::format("{} {}", nameOf(job.backlight, seen.place), glowWords(seen.glow));
}

std::string titleOf(const job::Observation& what, const job::Job& job, const Knowledge& knowledge) {
    if (const auto* tester = std::get_if<job::TesterTaken>(&what)) {
        const std::string run = nameOf(job.backlight, tester->run);
        return fmt::format("Tester {:.0f} mA, {}{}", 1000 * tester->setting.amps, run,
                           tester->minus == backlight::TesterProbe::Minus::Chassis ? " to chassis"
                           : !tester->bridged.empty() ? ", " + namesOf(job.backlight, tester->bridged) + " bridged"
                                                      : "");
    }
    if (std::holds_alternative<job::LedSeen>(what)) {
        return "LED seen";
    }
    if (const auto* check = std::get_if<job::LedChecked>(&what)) {
        return fmt::format("{} on its own", nameOf(job.backlight, check->place));
    }
    if (const auto* bridged = std::get_if<job::Bridged>(&what)) {
        return fmt::format("{} bridged, set on", nameOf(job.backlight, bridged->place));
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
    std::unordered_set<int> standing;
    for (const auto phase : {job::Phase::Before, job::Phase::After}) {
        for (const auto& entry : job::standingEntries(job, phase)) {
            standing.insert(entry.id);
        }
    }
    std::vector<TrailLine> lines;
    std::vector<job::LedSeen> seen;  // of the strip that the last line is about
    const auto sumUp = [&] {
        if (!seen.empty()) {
            lines.back().title = "LEDs of strip " + job.backlight.strips[seen.back().place.strip].label;
            lines.back().text = summaryOf(seen, job);
            seen.clear();
        }
    };
    for (const auto& entry : job.trail) {
        const bool stands = standing.contains(entry.id);
        const auto* led = std::get_if<job::LedSeen>(&entry.what);
        const bool goesOn = led != nullptr && stands && !seen.empty() && seen.back().place.strip == led->place.strip;
        if (!goesOn) {
            sumUp();
            lines.push_back({entry.id, entry.at, entry.phase, stands, job::testOf(entry.what),
                             titleOf(entry.what, job, trade), describe(entry.what, job, trade)});
        }
        if (led != nullptr && stands) {
            seen.push_back(*led);
            lines.back().entry = entry.id;
        }
    }
    sumUp();
    return lines;
}

}  // namespace dimglow::reasoning
