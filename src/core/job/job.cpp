#include "core/job/job.h"

#include <algorithm>
#include <initializer_list>
#include <unordered_map>

namespace dimglow::job {

namespace {

template <class... Cases>
struct Overloaded : Cases... {
    using Cases::operator()...;
};
template <class... Cases>
Overloaded(Cases...) -> Overloaded<Cases...>;

}  // namespace

backlight::TesterProbe probeOf(const TesterTaken& taken) {
    return {taken.run, taken.setting, taken.minus, false, taken.bridged};
}

int addEntry(Job& job, std::string at, Phase phase, Observation what) {
    int id = 1;
    for (const auto& entry : job.trail) {
        id = std::max(id, entry.id + 1);
    }
    job.trail.push_back({id, std::move(at), phase, std::move(what)});
    return id;
}

bool sameQuestion(const Observation& a, const Observation& b) {
    return std::visit(
        Overloaded{
            [](const Answer& x, const Answer& y) { return x.test == y.test; },
            [](const Measured& x, const Measured& y) { return x.test == y.test && x.channel == y.channel; },
            [](const LightSeen&, const LightSeen&) { return true; },
            [](const TesterTaken& x, const TesterTaken& y) {
                return x.run == y.run && x.setting == y.setting && x.minus == y.minus && x.bridged == y.bridged;
            },
            [](const LedSeen& x, const LedSeen& y) { return x.place == y.place && x.under == y.under; },
            [](const LedChecked& x, const LedChecked& y) { return x.place == y.place && x.setting == y.setting; },
            [](const Bridged& x, const Bridged& y) { return x.place == y.place; },
            [](const auto&, const auto&) { return false; },
        },
        a, b);
}

namespace {

/// Equal for answers to the same question; a few others may share it.
std::size_t questionHash(const Observation& what) {
    const auto mix = [](std::initializer_list<int> numbers) {
        std::size_t hash = 0;
        for (const int number : numbers) {
            hash = (hash ^ std::size_t(number + 1)) * 0x9E3779B97F4A7C15ull;
            hash ^= hash >> 29;
        }
        return hash;
    };
    const auto ofRun = [&](const backlight::Run& run) {
        return mix({run.string.channel, run.string.string, run.first, run.last});
    };
    const std::size_t rest =
        std::visit(Overloaded{
                       [](const Answer& x) { return std::hash<std::string>()(x.test); },
                       [](const Measured& x) { return std::hash<std::string>()(x.test) + std::size_t(x.channel); },
                       [](const LightSeen&) { return std::size_t(0); },
                       [&](const TesterTaken& x) { return ofRun(x.run); },
                       [&](const LedSeen& x) {
                           return mix({x.place.strip, x.place.led}) ^ ofRun(x.under);
                       },
                       [&](const LedChecked& x) {
                           return mix({x.place.strip, x.place.led});
                       },
                       [&](const Bridged& x) {
                           return mix({x.place.strip, x.place.led});
                       },
                   },
                   what);
    return rest * 8 + what.index();
}

}  // namespace

std::vector<Entry> standingEntries(const Job& job, Phase phase) {
    std::unordered_multimap<std::size_t, std::size_t> asked;  // into the trail, the latest answer to each question
    std::vector<bool> stands(job.trail.size(), false);
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        if (job.trail[i].phase != phase) {
            continue;
        }
        stands[i] = true;
        const std::size_t hash = questionHash(job.trail[i].what);
        const auto [first, last] = asked.equal_range(hash);
        const auto same = std::find_if(first, last, [&](const auto& earlier) {
            return sameQuestion(job.trail[earlier.second].what, job.trail[i].what);
        });
        if (same == last) {
            asked.emplace(hash, i);
        } else {
            stands[same->second] = false;
            same->second = i;
        }
    }
    std::vector<Entry> standing;
    for (std::size_t i = 0; i < job.trail.size(); ++i) {
        if (stands[i]) {
            standing.push_back(job.trail[i]);
        }
    }
    return standing;
}

std::string testOf(const Observation& what) {
    return std::visit(
        Overloaded{
            [](const Answer& x) { return x.test; },
            [](const Measured& x) { return x.test; },
            [](const LightSeen&) { return std::string("light"); },
            [](const TesterTaken& x) {
                return std::string(x.minus == backlight::TesterProbe::Minus::Chassis ? "chassis" : "tester");
            },
            [](const LedSeen&) { return std::string("look"); },
            [](const LedChecked&) { return std::string("ledCheck"); },
            [](const Bridged&) { return std::string("bridge"); },
        },
        what);
}

}  // namespace dimglow::job
