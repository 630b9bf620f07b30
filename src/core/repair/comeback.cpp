#include "core/repair/comeback.h"

#include <algorithm>
#include <boost/math/distributions/gamma.hpp>
#include <cmath>

namespace dimglow::repair {

namespace {

/// With that many times the failures that were counted, which is that many times the rate.
double chanceAt(const Renewed& of, double failures, double hours, double shape) {
    const auto& leds = of.leds;
    const double life =
        leds.hours <= 0 || failures <= 0 ? INFINITY : hours * std::pow(leds.count / failures, 1 / shape);
    const double stays = (1 - failureChance(of.old, hours, of.within, life, shape, of.stretch)) *
                         (1 - failureChance(of.fresh, 0, of.within, life, shape, of.stretch)) * (1 - of.relapse);
    return 1 - stays;
}

}  // namespace

double characteristicLife(const AgedLeds& leds) {
    const int failed = std::max(1, leds.failed);
    return leds.hours * std::pow(double(leds.count) / failed, 1 / leds.shape);
}

double failureChance(int count, double hours, double within, double life, double shape, double stretch) {
    const double hazard = std::pow(hours / life + within / (stretch * life), shape) - std::pow(hours / life, shape);
    return -std::expm1(-count * hazard);
}

double likelyComeback(const Renewed& of) {
    return chanceAt(of, std::max(1, of.leds.failed), of.leds.hours, of.leds.shape);
}

Range comebackRange(const Renewed& of) {
    constexpr double sixth = 1.0 / 6;
    constexpr double shapeSpread = 0.7;
    constexpr double leastShape = 0.5;
    const boost::math::gamma_distribution<> rate(of.leds.failed + 0.5);
    const double fewest = of.leds.failed == 0 ? 0 : boost::math::quantile(rate, sixth);
    const double most = std::max(1.0, boost::math::quantile(rate, 1 - sixth));
    Range range;
    range.likely = likelyComeback(of);
    range.low = range.high = range.likely;
    const double hoursTimes[] = {0.5, 1, 2};
    for (const double times : hoursTimes) {
        if (times != 1 && of.hoursKnown) {
            continue;
        }
        for (const double shape : {std::max(leastShape, of.leds.shape - shapeSpread), of.leds.shape + shapeSpread}) {
            // Either the rate is off or the shape and the hours are: all at once would be one job in twenty.
            range.low = std::min({range.low, chanceAt(of, std::max(1, of.leds.failed), of.leds.hours * times, shape),
                                  chanceAt(of, fewest, of.leds.hours, of.leds.shape)});
            range.high = std::max({range.high, chanceAt(of, std::max(1, of.leds.failed), of.leds.hours * times, shape),
                                   chanceAt(of, most, of.leds.hours, of.leds.shape)});
        }
    }
    return range;
}

}  // namespace dimglow::repair
