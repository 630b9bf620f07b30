#include "core/job/job.h"

#include <algorithm>
#include <map>

#include "core/evidence/places.h"

namespace dimglow::job {

int addEntry(Job& job, std::string at, Phase phase, evidence::Observation what, evidence::Source source) {
    int id = 1;
    for (const auto& entry : job.trail) {
        id = std::max(id, entry.id + 1);
    }
    job.trail.push_back({id, std::move(at), phase, std::move(what), std::move(source)});
    return id;
}

void noteDescribed(Job& job) {
    for (const auto& entry : job.trail) {
        job.describedAfter = std::max(job.describedAfter, entry.phase == Phase::Before ? entry.id : 0);
    }
    job.panelCheck.channel = std::min(job.panelCheck.channel, int(job.set.backlight.channels.size()) - 1);
}

void notePoint(Job& job, const evidence::PointAsked& point, const parts::Ratings& ratings) {
    auto& points = job.set.points;
    auto found = std::find_if(points.begin(), points.end(),
                              [&](const auto& p) { return p.kind == point.point && p.ref == point.ref; });
    if (found == points.end()) {
        found = points.insert(points.end(), {point.point, point.ref, {}});
    }
    parts::fill(found->ratings, ratings);
}

const Terms* Repair::termsOf(std::string_view id) const {
    const auto found = std::find_if(terms.begin(), terms.end(), [&](const Terms& of) { return of.option == id; });
    return found == terms.end() ? nullptr : &*found;
}

bool hasAll(const Bench& bench, const std::vector<std::string>& tools) {
    return std::none_of(tools.begin(), tools.end(), [&](const auto& tool) {
        return std::find(bench.lacks.begin(), bench.lacks.end(), tool) != bench.lacks.end();
    });
}

std::optional<driver::Light> lightSeen(const std::vector<Entry>& standing) {
    for (const auto& entry : standing) {
        if (const auto* light = std::get_if<evidence::LightSeen>(&entry.what)) {
            return light->what;
        }
    }
    return std::nullopt;
}

bool isDue(const knowledge::TestKind& test, const std::vector<Entry>& standing) {
    return !test.after || std::any_of(standing.begin(), standing.end(), [&](const auto& entry) {
        const auto* answer = std::get_if<evidence::Answer>(&entry.what);
        return answer != nullptr && answer->test == test.after->test && answer->choice == test.after->choice;
    });
}

std::vector<char> placesLost(const Job& job) {
    std::vector<char> lost(job.trail.size(), 0);
    if (job.describedAfter == 0) {
        return lost;
    }
    const evidence::Places places(job.set);
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        std::vector<format::Problem> problems;
        if (job.trail[i].id <= job.describedAfter) {
            evidence::check(job.trail[i].what, format::Check(problems), places);
        }
        lost[i] = problems.empty() ? 0 : 1;
    }
    return lost;
}

std::vector<Entry> standingEntries(const Job& job, Phase phase) {
    std::map<evidence::Question, std::size_t> latest;  // into the trail
    const auto lost = placesLost(job);
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        if (job.trail[i].phase == phase && lost[i] == 0) {
            latest.insert_or_assign(evidence::questionOf(job.trail[i].what), i);
        }
    }
    std::vector<std::size_t> places;
    for (const auto& [question, place] : latest) {
        places.push_back(place);
    }
    std::sort(places.begin(), places.end());
    std::vector<Entry> standing;
    for (const auto place : places) {
        standing.push_back(job.trail[place]);
    }
    return standing;
}

}  // namespace dimglow::job
