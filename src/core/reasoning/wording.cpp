#include "core/reasoning/wording.h"

#include <fmt/format.h>

#include <unordered_set>

namespace dimglow::reasoning {

using knowledge::Knowledge;

namespace {

/// "6 lit; dim: C5; dark: C2, C3, C7".
std::string summaryOf(const std::vector<evidence::LedSeen>& seen, const job::Job& job) {
    std::string names[4];
    int lit = 0;
    for (const auto& led : seen) {
        auto& list = names[int(led.glow)];
        lit += led.glow == evidence::LedSeen::Glow::Lit ? 1 : 0;
        list += (list.empty() ? "" : ", ") + nameOf(job.backlight, led.place);
    }
    std::string words = lit > 0 ? fmt::format("{} lit", lit) : "";
    for (const auto glow :
         {evidence::LedSeen::Glow::Dim, evidence::LedSeen::Glow::Tinted, evidence::LedSeen::Glow::Dark}) {
        if (!names[int(glow)].empty()) {
            words += fmt::format("{}{}: {}", words.empty() ? "" : "; ", evidence::wordsOf(glow), names[int(glow)]);
        }
    }
    return words;
}

}  // namespace

std::vector<TrailLine> trailLines(const job::Job& job, const Knowledge& trade) {
    std::unordered_set<int> standing;
    for (const auto phase : {job::Phase::Before, job::Phase::After}) {
        for (const auto& entry : job::standingEntries(job, phase)) {
            standing.insert(entry.id);
        }
    }
    const evidence::Scene scene{job.backlight, trade};
    std::vector<TrailLine> lines;
    std::vector<evidence::LedSeen> seen;  // of the strip that the last line is about
    const auto sumUp = [&] {
        if (!seen.empty()) {
            lines.back().title = "LEDs of strip " + job.backlight.strips[seen.back().place.strip].label;
            lines.back().text = summaryOf(seen, job);
            seen.clear();
        }
    };
    for (const auto& entry : job.trail) {
        const bool stands = standing.contains(entry.id);
        const auto* led = std::get_if<evidence::LedSeen>(&entry.what);
        const bool goesOn = led != nullptr && stands && !seen.empty() && seen.back().place.strip == led->place.strip;
        if (!goesOn) {
            sumUp();
            lines.push_back({entry.id, entry.at, entry.phase, stands, evidence::testOf(entry.what),
                             evidence::titleOf(entry.what, scene), evidence::describe(entry.what, scene)});
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
