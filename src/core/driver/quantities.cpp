#include "core/driver/quantities.h"

#include <algorithm>
#include <boost/math/constants/constants.hpp>
#include <cmath>

namespace dimglow::driver {

namespace {

constexpr double voltsSlipShare = 0.004;
constexpr double slipRangeVolts = 400;
constexpr double otherShapeShare = 0.1;
/// Scatter above this share of a level is taken as it is, below it as a share.
constexpr double smallScatter = 0.25;
/// A meter shows no less of a voltage that is there, V.
constexpr double leastVolts = 0.02;
constexpr double farOff = 12;  ///< sigmas; lost beside any slip

constexpr std::size_t mostParts = 10;
constexpr double dropBelow = 1e-6;

double density(double off, double variance) {
    if (off * off > farOff * farOff * variance) {
        return 0;
    }
    return std::exp(-off * off / (2 * variance)) / std::sqrt(boost::math::constants::two_pi<double>() * variance);
}

/// The quantities that a reference is the product of.
std::array<double, quantityCount> factorsOf(Reference reference) {
    switch (reference) {
        case Reference::Idle:
            return {1, 0, 0, 0, 0};
        case Reference::Strings:
            return {0, 1, 0, 0, 0};
        case Reference::OverVolts:
            return {0, 1, 1, 0, 0};
        case Reference::Hunting:
            return {0, 1, 0, 1, 0};
        case Reference::Sink:
            return {0, 0, 0, 0, 1};
        case Reference::Nothing:
            break;
    }
    return {};
}

}  // namespace

Quantities::Quantities(const std::array<Prior, quantityCount>& priors) {
    for (std::size_t i = 0; i < priors.size(); ++i) {
        mean_[i] = std::log(priors[i].median);
        covariance_[i][i] = priors[i].spread * priors[i].spread;
    }
}

double Quantities::value(Reference reference) const {
    if (reference == Reference::Nothing) {
        return 0;
    }
    const auto factors = factorsOf(reference);
    double log = 0;
    for (std::size_t i = 0; i < mean_.size(); ++i) {
        log += factors[i] * mean_[i];
    }
    return std::exp(log);
}

double Quantities::spread(Reference reference) const {
    const auto factors = factorsOf(reference);
    const auto across = timesCovariance(factors);
    double variance = 0;
    for (std::size_t i = 0; i < mean_.size(); ++i) {
        variance += factors[i] * across[i];
    }
    return std::sqrt(std::max(0.0, variance));
}

Quantities::Vector Quantities::slope(const Level& level) const {
    Vector slope = factorsOf(level.of);
    const double own = level.times * value(level.of);
    for (double& s : slope) {
        s *= own;
    }
    slope[int(Quantity::Strings)] += level.stringShare * value(Reference::Strings);
    return slope;
}

Quantities::Vector Quantities::timesCovariance(const Vector& slope) const {
    Vector result{};
    for (std::size_t i = 0; i < result.size(); ++i) {
        for (std::size_t j = 0; j < result.size(); ++j) {
            result[i] += covariance_[i][j] * slope[j];
        }
    }
    return result;
}

Quantities::Volts Quantities::of(const Level& level) const {
    const double reference = value(level.of);
    Volts volts;
    volts.median = level.times * reference + level.stringShare * value(Reference::Strings) + level.plus;
    volts.scatter = level.spread * reference + level.spreadVolts;
    const auto along = slope(level);
    const auto across = timesCovariance(along);
    double variance = 0;
    for (std::size_t i = 0; i < along.size(); ++i) {
        variance += along[i] * across[i];
    }
    volts.sigma = std::sqrt(std::max(0.0, variance));
    return volts;
}

double Quantities::take(const Level& level, double volts) {
    const Volts before = of(level);
    const bool asShare = before.scatter < smallScatter * before.median;
    const double scale = asShare ? before.median : 1;  // V for each unit of what is compared
    const double off =
        asShare ? std::log(std::max(volts, leastVolts)) - std::log(before.median) : volts - before.median;
    const double variance = (before.sigma * before.sigma + before.scatter * before.scatter) / (scale * scale);
    const double result = density(off, variance) / (asShare ? std::max(volts, leastVolts) : 1);
    if (result > 0 && before.sigma > 0) {
        Vector along = slope(level);
        for (double& s : along) {
            s /= scale;
        }
        const auto across = timesCovariance(along);
        for (std::size_t i = 0; i < across.size(); ++i) {
            mean_[i] += across[i] / variance * off;
            for (std::size_t j = 0; j < across.size(); ++j) {
                covariance_[i][j] -= across[i] * across[j] / variance;
            }
        }
    }
    return result;
}

Quantities Quantities::mixed(const std::vector<Quantities>& parts, const std::vector<double>& weights) {
    Quantities result;
    for (std::size_t p = 0; p < parts.size(); ++p) {
        for (std::size_t i = 0; i < result.mean_.size(); ++i) {
            result.mean_[i] += weights[p] * parts[p].mean_[i];
        }
    }
    for (std::size_t p = 0; p < parts.size(); ++p) {
        for (std::size_t i = 0; i < result.mean_.size(); ++i) {
            for (std::size_t j = 0; j < result.mean_.size(); ++j) {
                result.covariance_[i][j] +=
                    weights[p] * (parts[p].covariance_[i][j] +
                                  (parts[p].mean_[i] - result.mean_[i]) * (parts[p].mean_[j] - result.mean_[j]));
            }
        }
    }
    return result;
}

Quantities quantitiesOf(const backlight::Backlight& backlight, const DriverReference& reference) {
    constexpr double idleSpread = 0.04;
    constexpr double overSpread = 0.04;
    constexpr double leastHeadroom = 0.01;
    return Quantities({{{std::max(backlight.driver.idleVolts, leastHeadroom), idleSpread},
                        {reference.stringVolts, reference.relativeSigma},
                        {reference.overVolts / reference.stringVolts, overSpread},
                        {0.85, 0.12},
                        {std::max(backlight.driver.headroomVolts, leastHeadroom), 0.05}}});
}

VoltsForecast inVolts(const Modes& modes, const Quantities& known) {
    VoltsForecast forecast;
    forecast.reserve(modes.size());
    for (const auto& mode : modes) {
        const auto volts = known.of(mode.volts);
        const auto rest = known.of(mode.rest);
        forecast.push_back({mode.weight, mode.shape, volts.median, std::hypot(volts.sigma, volts.scatter), rest.median,
                            std::hypot(rest.sigma, rest.scatter)});
    }
    return forecast;
}

Learning::Learning(Quantities known) {
    parts_.push_back({1, known});
}

double Learning::take(const Modes& modes, Shape shape, double volts, double rest) {
    const bool pair = shape != Shape::Steady;
    const double slip = voltsSlipShare / slipRangeVolts / (pair ? slipRangeVolts : 1);
    std::vector<Part> next;
    next.reserve(parts_.size() * (modes.size() + 1));
    double total = 0;
    for (const auto& part : parts_) {
        next.push_back({part.weight * slip, part.known});
        total += part.weight * slip;
        for (const auto& mode : modes) {
            const bool same = mode.shape == shape;
            double weight = part.weight * mode.weight * (same ? 1 : otherShapeShare);
            Part taken = part;
            weight *= taken.known.take(mode.volts, volts);
            if (pair) {
                weight *= same ? taken.known.take(mode.rest, rest) : 1 / slipRangeVolts;
            }
            if (weight > 0) {
                total += weight;
                taken.weight = weight;
                next.push_back(std::move(taken));
            }
        }
    }
    std::sort(next.begin(), next.end(), [](const Part& a, const Part& b) { return a.weight > b.weight; });
    std::size_t kept = 1;
    while (kept < std::min(next.size(), mostParts) && next[kept].weight > dropBelow * total) {
        ++kept;
    }
    next.erase(next.begin() + std::ptrdiff_t(kept), next.end());
    double sum = 0;
    for (const auto& part : next) {
        sum += part.weight;
    }
    for (auto& part : next) {
        part.weight /= sum;
    }
    parts_ = std::move(next);
    mixed_.reset();
    return std::log(total);
}

const Quantities& Learning::known() const {
    if (!mixed_) {
        std::vector<Quantities> parts;
        std::vector<double> weights;
        for (const auto& part : parts_) {
            parts.push_back(part.known);
            weights.push_back(part.weight);
        }
        mixed_ = Quantities::mixed(parts, weights);
    }
    return *mixed_;
}

}  // namespace dimglow::driver
