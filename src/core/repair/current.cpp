#include "core/repair/current.h"

#include <algorithm>
#include <cmath>

namespace dimglow::repair {

using text::say;

namespace {

CurrentWay wayOf(const CurrentLaw& law, const parts::Resistors& resistors, double wanted) {
    CurrentWay way{resistors, law.amps(resistors.ohms), 0, {}};
    way.off = way.amps / wanted - 1;
    if (law.by == CurrentBy::Sense) {
        way.heat = parts::wattsIn(resistors, way.amps);
    }
    return way;
}

}  // namespace

std::optional<CurrentBy> kindOf(double ohms) {
    constexpr double highestSense = 100;
    constexpr double lowestSet = 300;
    return ohms <= highestSense ? std::optional(CurrentBy::Sense)
           : ohms >= lowestSet  ? std::optional(CurrentBy::Set)
                                : std::nullopt;
}

CurrentLaw lawOf(CurrentBy by, double amps, double ohms) {
    return {by, amps * ohms};
}

std::vector<CurrentWay> waysTo(const CurrentLaw& law, double amps, parts::Series series, int mostParts) {
    std::vector<CurrentWay> ways;
    for (const auto& resistors : parts::nearest(law.ohms(amps), series, mostParts)) {
        ways.push_back(wayOf(law, resistors, amps));
    }
    return ways;
}

std::vector<CurrentWay> waysByOneBranch(const CurrentLaw& law, const parts::Resistors& found, double amps,
                                        parts::Series series) {
    std::vector<CurrentWay> ways;
    const double wanted = law.ohms(amps);
    for (std::size_t changed = 0; changed < found.parts.size(); ++changed) {
        std::optional<parts::Resistors> rest;
        for (std::size_t i = 0; i < found.parts.size(); ++i) {
            if (i != changed) {
                rest = rest ? parts::inParallel(*rest, found.parts[i]) : found.parts[i];
            }
        }
        ways.push_back(wayOf(law, *rest, amps));
        if (rest->ohms > wanted) {
            const double other = wanted * rest->ohms / (rest->ohms - wanted);
            ways.push_back(wayOf(law, parts::inParallel(*rest, parts::nearest(other, series, 1).front()), amps));
        }
    }
    std::stable_sort(ways.begin(), ways.end(),
                     [](const auto& a, const auto& b) { return std::abs(a.off) < std::abs(b.off); });
    const auto same = [](const auto& a, const auto& b) { return a.resistors == b.resistors; };
    ways.erase(std::unique(ways.begin(), ways.end(), same), ways.end());
    return ways;
}

text::Text direction(double fromOhms, double toOhms) {
    return toOhms > fromOhms   ? say("more ohms: less current")
           : toOhms < fromOhms ? say("fewer ohms: more current")
                               : say("the same ohms: the same current");
}

double lifeTimes(double oldAmps, double newAmps, double exponent) {
    return std::pow(oldAmps / newAmps, exponent);
}

double lightTimes(double oldAmps, double newAmps) {
    return std::pow(newAmps / oldAmps, 0.92);
}

}  // namespace dimglow::repair
