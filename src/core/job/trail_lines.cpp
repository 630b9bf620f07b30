#include "core/job/trail_lines.h"

#include <map>
#include <unordered_set>

namespace dimglow::job {

using knowledge::Knowledge;
using text::say;
using text::Text;

namespace {

/// "6 lit; dim: C5; dark: C2, C3, C7".
Text summaryOf(const std::vector<evidence::LedSeen>& seen, const job::Job& job) {
    using Glow = evidence::LedSeen::Glow;
    std::map<Glow, std::vector<backlight::LedPlace>> places;
    for (const auto& led : seen) {
        places[led.glow].push_back(led.place);
    }
    std::vector<Text> words;
    if (places.contains(Glow::Lit)) {
        words.push_back(say("{} lit", places[Glow::Lit].size()));
    }
    for (const auto glow : {Glow::Dim, Glow::Tinted, Glow::Dark}) {
        if (places.contains(glow)) {
            words.push_back(say("{}: {}", evidence::wordsOf(glow), evidence::namesOf(job.set.backlight, places[glow])));
        }
    }
    return text::joined(words, "; ");
}

}  // namespace

std::vector<TrailLine> trailLines(const job::Job& job, const Knowledge& trade) {
    std::unordered_set<int> standing;
    for (const auto phase : {job::Phase::Before, job::Phase::After}) {
        for (const auto& entry : job::standingEntries(job, phase)) {
            standing.insert(entry.id);
        }
    }
    const evidence::Scene scene{job.set, trade};
    std::vector<TrailLine> lines;
    std::vector<evidence::LedSeen> seen;  // of the strip that the last line is about
    const auto sumUp = [&] {
        if (!seen.empty()) {
            lines.back().title = say("LEDs of strip {}", job.set.backlight.strips[seen.back().place.strip].label);
            lines.back().text = summaryOf(seen, job);
            lines.back().raw.clear();
            seen.clear();
        }
    };
    const auto lost = placesLost(job);
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        const auto& entry = job.trail[i];
        const bool isOfThisLight = trade.isIn(job.set, evidence::testOf(entry.what));
        const bool stands = standing.contains(entry.id) && isOfThisLight;
        if (lost[i] != 0) {
            sumUp();
            lines.push_back({entry.id, entry.at, entry.phase, false, evidence::testOf(entry.what),
                             evidence::titleOfTest(evidence::testOf(entry.what), scene),
                             say("its place is not in the set as it is described now"), entry.source.raw});
            continue;
        }
        const auto* led = std::get_if<evidence::LedSeen>(&entry.what);
        const bool goesOn = led != nullptr && stands && !seen.empty() && seen.back().place.strip == led->place.strip;
        if (!goesOn) {
            sumUp();
            lines.push_back({entry.id, entry.at, entry.phase, stands, evidence::testOf(entry.what),
                             evidence::titleOf(entry.what, scene), evidence::describe(entry.what, scene),
                             entry.source.raw});
        }
        if (led != nullptr && stands) {
            seen.push_back(*led);
            lines.back().entry = entry.id;
        }
    }
    sumUp();
    return lines;
}

}  // namespace dimglow::job
