#include "core/job/job.h"

#include <algorithm>

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

std::vector<Entry> standingEntries(const Job& job, Phase phase) {
    std::vector<Entry> standing;
    for (const auto& entry : job.trail) {
        if (entry.phase != phase) {
            continue;
        }
        std::erase_if(standing, [&](const Entry& earlier) { return sameQuestion(earlier.what, entry.what); });
        standing.push_back(entry);
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
