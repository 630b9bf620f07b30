#include "core/driver/quantities.h"

#include <algorithm>
#include <boost/container/small_vector.hpp>
#include <boost/container/static_vector.hpp>
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
constexpr double farOff = 9;  ///< sigmas; lost beside any slip

/// A set that has shown its manner shows another all the same (common practice, no source).
constexpr double otherManner = 0.13;

constexpr std::size_t mostParts = 6;
constexpr double dropBelow = 1e-4;

/// The quantities that a reference is the product of, on the first feed.
const std::array<double, quantityCount>& factorsOf(Reference reference) {
    static constexpr std::array<std::array<double, quantityCount>, referenceCount> all = {{{},
                                                                                           {1, 0, 0, 0, 0, 0},
                                                                                           {0, 1, 0, 0, 0, 0},
                                                                                           {0, 1, 1, 0, 0, 0},
                                                                                           {0, 1, 0, 1, 0, 0},
                                                                                           {0, 0, 0, 0, 1, 0},
                                                                                           {0, 1, 0, 0, 0, 1}}};
    return all[std::size_t(reference)];
}

constexpr auto ofStrings = std::size_t(Quantity::Strings);

/// The share of a feed but the first.
constexpr std::size_t shareOfFeed(int feed) {
    return std::size_t(quantityCount + feed - 1);
}

/// Whether one tells something of the other before anything has been read.
bool hangTogether(const Level& a, const Level& b) {
    const auto isOfStrings = [](const Level& level) {
        return level.stringShare != 0 || factorsOf(level.of)[ofStrings] > 0;
    };
    return (a.of != Reference::Nothing && a.of == b.of) || (isOfStrings(a) && isOfStrings(b));
}

/// Whether a reading of it says anything of the set.
bool teaches(const Level& level) {
    return level.of != Reference::Nothing || level.stringShare != 0;
}

/// How likely the modes of a voltage are in a set whose manners have been seen: by their weights, shared out anew among
/// those that stand for a manner of the same kind.
class ModeWeights {
public:
    explicit ModeWeights(const Modes& modes) {
        for (const auto& mode : modes) {
            if (mode.manner != Manner::None) {
                ofManner_[std::size_t(mode.manner)] += mode.weight;
                ofKind_[std::size_t(kindOf(mode.manner))] += mode.weight;
            }
        }
    }

    double of(const ModeKind& mode, const std::array<Manner, mannerKinds>& seen) const {
        if (mode.manner == Manner::None) {
            return mode.weight;
        }
        const auto kind = std::size_t(kindOf(mode.manner));
        const double ofSuch = seen[kind] == Manner::None ? 0 : ofManner_[std::size_t(seen[kind])];
        const double ofOthers = ofKind_[kind] - ofSuch;
        if (ofSuch == 0 || ofOthers < negligible * ofSuch) {
            return mode.weight;
        }
        return mode.weight * ofKind_[kind] *
               (mode.manner == seen[kind] ? (1 - otherManner) / ofSuch : otherManner / ofOthers);
    }

private:
    static constexpr double negligible = 1e-9;  ///< of sums of the same numbers in another order
    std::array<double, std::size_t(Manner::SinkIsDark) + 1> ofManner_{};
    std::array<double, mannerKinds> ofKind_{};
};

}  // namespace

Quantities::Quantities(const std::array<Prior, quantityCount>& priors, const std::vector<Prior>& feedShares,
                       bool holdsLevel)
    : Quantities(priors.size() + feedShares.size()) {
    holdsLevel_ = holdsLevel;
    for (std::size_t i = 0; i < logs_.count(); ++i) {
        const Prior& prior = i < priors.size() ? priors[i] : feedShares[i - priors.size()];
        logs_.mean(i) = std::log(prior.median);
        logs_.covariance(i, i) = prior.spread * prior.spread;
    }
    refresh();
}

void Quantities::refresh() {
    const auto set = [&](Reference reference, double log, double variance) {
        values_[std::size_t(reference)] = std::exp(log);
        variances_[std::size_t(reference)] = std::max(0.0, variance);
    };
    const auto alone = [&](Reference reference, Quantity quantity) {
        const auto i = std::size_t(quantity);
        set(reference, logs_.mean(i), logs_.covariance(i, i));
    };
    const auto shareOfStrings = [&](Reference reference, Quantity share) {
        const auto i = ofStrings;
        const auto j = std::size_t(share);
        set(reference, logs_.mean(i) + logs_.mean(j),
            logs_.covariance(i, i) + logs_.covariance(j, j) + 2 * logs_.covariance(i, j));
    };
    alone(Reference::Idle, Quantity::Idle);
    alone(Reference::Strings, Quantity::Strings);
    alone(Reference::Sink, Quantity::Sink);
    shareOfStrings(Reference::OverVolts, Quantity::OverRatio);
    shareOfStrings(Reference::Hunting, Quantity::HuntingShare);
    shareOfStrings(Reference::Reach, Quantity::ReachShare);
}

double Quantities::value(Reference reference, int feed) const {
    const double first = values_[std::size_t(reference)];
    return feed == 0 || factorsOf(reference)[ofStrings] == 0 ? first : first * std::exp(logs_.mean(shareOfFeed(feed)));
}

double Quantities::varianceOfLog(Reference reference, int feed) const {
    const double first = variances_[std::size_t(reference)];
    const auto& factors = factorsOf(reference);
    if (feed == 0 || factors[ofStrings] == 0) {
        return first;
    }
    const auto share = shareOfFeed(feed);
    double between = 0;
    for (std::size_t i = 0; i < factors.size(); ++i) {
        between += factors[i] * logs_.covariance(i, share);
    }
    return std::max(0.0, first + 2 * between + logs_.covariance(share, share));
}

double Quantities::spread(Reference reference, int feed) const {
    return std::sqrt(varianceOfLog(reference, feed));
}

Quantities::Vector Quantities::slope(const Level& level) const {
    Vector slope{};
    const auto& factors = factorsOf(level.of);
    const double own = level.times * value(level.of, level.feed);
    for (std::size_t i = 0; i < factors.size(); ++i) {
        slope[i] = own * factors[i];
    }
    slope[ofStrings] += level.stringShare * value(Reference::Strings, level.feed);
    if (level.feed > 0) {
        slope[shareOfFeed(level.feed)] = slope[ofStrings];
    }
    return slope;
}

Quantities::Vector Quantities::timesCovariance(const Vector& slope) const {
    Vector result{};
    for (std::size_t j = 0; j < logs_.count(); ++j) {
        for (std::size_t i = 0; slope[j] != 0 && i < logs_.count(); ++i) {
            result[i] += logs_.covariance(i, j) * slope[j];
        }
    }
    return result;
}

double Quantities::varianceOf(const Level& level) const {
    if (level.stringShare == 0) {
        const double own = level.times * value(level.of, level.feed);
        return own * own * varianceOfLog(level.of, level.feed);
    }
    const auto along = slope(level);
    const auto across = timesCovariance(along);
    double variance = 0;
    for (std::size_t i = 0; i < logs_.count(); ++i) {
        variance += along[i] * across[i];
    }
    return std::max(0.0, variance);
}

Level Quantities::here(const Level& level) const {
    if (!holdsLevel_ || !level.isRegulated) {
        return level;
    }
    return {Reference::Idle, 1, 0, level.spread, level.spreadVolts, level.heldShare, level.feed};
}

Quantities::Volts Quantities::of(const Level& asked) const {
    const Level level = here(asked);
    const double reference = value(level.of, level.feed);
    return {level.times * reference + level.stringShare * value(Reference::Strings, level.feed) + level.plus,
            std::sqrt(varianceOf(level)), level.spread * reference + level.spreadVolts};
}

Quantities::Off Quantities::offOf(const Level& asked, double volts) const {
    const Level level = here(asked);
    const double reference = value(level.of, level.feed);
    const double strings = level.stringShare == 0 ? 0 : level.stringShare * value(Reference::Strings, level.feed);
    const double median = level.times * reference + strings + level.plus;
    const double scatter = level.spread * reference + level.spreadVolts;
    const double variance = varianceOf(level) + scatter * scatter;
    if (scatter < smallScatter * median) {
        return {std::log(std::max(volts, leastVolts) / median), variance / (median * median), median};
    }
    return {volts - median, variance, 1};
}

double Quantities::density(const Level& level, double volts) const {
    const Off off = offOf(level, volts);
    if (off.off * off.off > farOff * farOff * off.variance) {
        return 0;
    }
    const double scale = off.scale == 1 ? 1 : std::max(volts, leastVolts);
    return std::exp(-off.off * off.off / (2 * off.variance)) /
           (scale * std::sqrt(boost::math::constants::two_pi<double>() * off.variance));
}

void Quantities::take(const Level& asked, double volts) {
    const Level level = here(asked);
    if (level.of == Reference::Nothing && level.stringShare == 0) {
        return;
    }
    const Off off = offOf(level, volts);
    Vector along = slope(level);
    for (double& s : along) {
        s /= off.scale;
    }
    const auto across = timesCovariance(along);
    for (std::size_t i = 0; i < logs_.count(); ++i) {
        const double gain = across[i] / off.variance;
        logs_.mean(i) += gain * off.off;
        for (std::size_t j = 0; gain != 0 && j <= i; ++j) {
            logs_.covariance(i, j) -= gain * across[j];
        }
    }
    refresh();
}

bool Quantities::isLike(const Quantities& other) const {
    constexpr double apart = 0.6;     ///< sigmas
    constexpr double narrower = 0.4;  ///< in variance
    if (holdsLevel_ != other.holdsLevel_) {
        return false;
    }
    for (std::size_t i = 0; i < logs_.count(); ++i) {
        const double own = logs_.covariance(i, i);
        const double its = other.logs_.covariance(i, i);
        const double off = logs_.mean(i) - other.logs_.mean(i);
        if (off * off > apart * apart * std::min(own, its) || std::min(own, its) < narrower * std::max(own, its)) {
            return false;
        }
    }
    return true;
}

void Quantities::mixIn(const Quantities& other, double share) {
    Vector off{};
    for (std::size_t i = 0; i < logs_.count(); ++i) {
        off[i] = other.logs_.mean(i) - logs_.mean(i);
        logs_.mean(i) += share * off[i];
    }
    for (std::size_t i = 0; i < logs_.count(); ++i) {
        for (std::size_t j = 0; j <= i; ++j) {
            double& own = logs_.covariance(i, j);
            own += share * (other.logs_.covariance(i, j) - own) + share * (1 - share) * off[i] * off[j];
        }
    }
    refresh();
}

Learning nothingLearntOf(const backlight::Backlight& backlight, const DriverReference& reference) {
    // Common practice, no source: a driver idles at a rail of the set, or at a share of LED+; where its protection
    // stands, what a meter makes of hunting or of what a weak supply
    // reaches; a sink holds some tenths of a volt, or a tenth of LED+.
    using Prior = Quantities::Prior;
    constexpr Prior railIdle{24, 0.55};
    constexpr double railIdles = 0.75;
    constexpr double idleShare = 0.5;
    constexpr double idleShareSpread = 0.35;
    constexpr Prior anyHuntingShare{0.85, 0.12};
    constexpr Prior anyReachShare{0.54, 0.3};
    constexpr Prior lowSink{0.5, 0.5};
    constexpr double lowSinks = 0.75;
    constexpr double highSinkShare = 0.07;
    constexpr double highSinkSpread = 0.5;
    // Some hold LED+ at a level of their own, lit or not, and their sinks take up what is over.
    constexpr double fixedLevels = 0.05;
    constexpr double fixedOver = 0.08;
    constexpr double fixedOverSpread = 0.6;
    constexpr double fixedSpread = 0.06;
    constexpr double farFromFixed = 3;  ///< sigmas at which an idle that was read off says that it is none of these
    constexpr double feedsAlike = 0.6;  ///< two feeds with strings of one length, else of any
    constexpr double alikeFeeds = 0.012;
    constexpr double otherFeeds = 0.4;
    constexpr double labelledFeeds = 0.025;
    constexpr double leastTold = 0.01;
    constexpr double anyOverRatio = 1.2;
    const auto& driver = backlight.driver;
    /// Ways in which a set may be made, by their shares; one where it was read off.
    using Ways = std::vector<std::pair<double, Prior>>;
    const auto told = [&](double value) { return Prior{std::max(value, leastTold), readOffSigma}; };
    const auto& first = reference.front();
    const auto asShare = [&](double share, double spread) {
        return Prior{share * first.stringVolts, std::hypot(spread, first.relativeSigma)};
    };
    const Ways idles = driver.idleVolts
                           ? Ways{{1, told(*driver.idleVolts)}}
                           : Ways{{railIdles, railIdle}, {1 - railIdles, asShare(idleShare, idleShareSpread)}};
    const Ways sinks = driver.headroomVolts
                           ? Ways{{1, told(*driver.headroomVolts)}}
                           : Ways{{lowSinks, lowSink}, {1 - lowSinks, asShare(highSinkShare, highSinkSpread)}};
    const bool isLabelled = std::all_of(backlight.feeds.begin(), backlight.feeds.end(),
                                        [](const auto& feed) { return feed.labelVolts.has_value(); });
    const std::vector<std::pair<double, double>> feedSpreads =
        reference.size() == 1 || isLabelled || backlight.isDescribed
            ? std::vector<std::pair<double, double>>{{1, isLabelled ? labelledFeeds : alikeFeeds}}
            : std::vector<std::pair<double, double>>{{feedsAlike, alikeFeeds}, {1 - feedsAlike, otherFeeds}};
    struct Way {
        double weight;
        Prior idle;
        Prior sink;
        bool holdsLevel = false;
    };
    const Prior fixedIdle = asShare(1 + fixedOver, fixedSpread);
    // Where nobody knows what the strings take, such a level reads like any other.
    constexpr double knownStrings = 0.1;
    const bool canBeFixed =
        !driver.headroomVolts && first.relativeSigma < knownStrings &&
        (!driver.idleVolts || std::abs(std::log(std::max(*driver.idleVolts, leastTold) / fixedIdle.median)) <
                                  farFromFixed * fixedIdle.spread);
    const double fixed = canBeFixed ? fixedLevels : 0;
    std::vector<Way> ways;
    if (canBeFixed) {
        ways.push_back(
            {fixed, driver.idleVolts ? told(*driver.idleVolts) : fixedIdle, asShare(fixedOver, fixedOverSpread), true});
    }
    for (const auto& [idleWeight, idle] : idles) {
        for (const auto& [sinkWeight, sink] : sinks) {
            ways.push_back({(1 - fixed) * idleWeight * sinkWeight, idle, sink});
        }
    }
    Learning::Parts parts;
    for (const auto& way : ways) {
        const std::array<Prior, quantityCount> priors = {way.idle,
                                                         {first.stringVolts, first.relativeSigma},
                                                         {driver.ovpRatio.value_or(anyOverRatio), first.overSigma},
                                                         anyHuntingShare,
                                                         way.sink,
                                                         anyReachShare};
        for (const auto& [feedWeight, spread] : feedSpreads) {
            std::vector<Prior> shares;
            for (std::size_t feed = 1; feed < reference.size(); ++feed) {
                shares.push_back({reference[feed].stringVolts / first.stringVolts, spread});
            }
            parts.push_back({way.weight * feedWeight, Quantities(priors, shares, way.holdsLevel)});
        }
    }
    return Learning(std::move(parts));
}

bool isKnownWellEnough(double volts, double sigmaVolts) {
    constexpr double share = 0.06;
    constexpr double atLeast = 0.3;  // V
    return sigmaVolts < share * volts + atLeast;
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

Learning::Learning(Parts parts) : parts_(std::move(parts)) {}

Learning::Learning(const Quantities& known) : parts_({{1, known}}) {}

double Learning::take(const Modes& modes, Shape shape, double volts, double rest) {
    auto [next, log] = after(modes, shape, volts, rest);
    *this = std::move(next);
    return log;
}

std::pair<Learning, double> Learning::after(const Modes& modes, Shape shape, double volts, double rest,
                                            std::pmr::memory_resource* memory) const {
    const bool pair = shape != Shape::Steady;
    const double slip = voltsSlipShare / slipRangeVolts / (pair ? slipRangeVolts : 1);
    /// One way to take it: a part in a mode; in none where it is a slip, or says nothing of the set.
    struct Way {
        double weight = 0;
        const Part* part = nullptr;
        const ModeKind* mode = nullptr;
    };
    const ModeWeights weights(modes);
    boost::container::small_vector<Way, 100> ways;
    double total = 0;
    for (const auto& part : parts_) {
        double ofNoUse = part.weight * slip;
        const Level* level = nullptr;  // of the mode before; several in a row may share one
        double density = 0;
        for (const auto& mode : modes) {
            const bool same = mode.shape == shape;
            double weight = part.weight * weights.of(mode, part.manners) * (same ? 1 : otherShapeShare);
            if (level == nullptr || mode.volts != *level) {
                density = part.known.density(mode.volts, volts);
                level = &mode.volts;
            }
            weight *= density;
            if (pair && !same) {
                weight /= slipRangeVolts;
            } else if (pair && weight > 0 && hangTogether(mode.volts, mode.rest)) {
                Quantities between = part.known;
                between.take(mode.volts, volts);
                weight *= between.density(mode.rest, rest);
            } else if (pair && weight > 0) {
                weight *= part.known.density(mode.rest, rest);
            }
            if (weight > 0 && (mode.manner != Manner::None || teaches(mode.volts) || teaches(mode.rest))) {
                ways.push_back({weight, &part, &mode});
                total += weight;
            } else {
                ofNoUse += weight;
            }
        }
        ways.push_back({ofNoUse, &part, nullptr});
        total += ofNoUse;
    }
    const auto heavier = [](const Way& a, const Way& b) { return a.weight > b.weight; };
    const auto kept = std::min(ways.size(), mostParts);
    std::partial_sort(ways.begin(), ways.begin() + std::ptrdiff_t(kept), ways.end(), heavier);
    boost::container::static_vector<Part, mostParts> next;
    double sum = 0;
    for (std::size_t w = 0; w < kept && (w == 0 || ways[w].weight > dropBelow * total); ++w) {
        const auto& way = ways[w];
        Part part{way.weight, way.part->known, way.part->manners};
        sum += way.weight;
        if (way.mode != nullptr) {
            if (way.mode->manner != Manner::None) {
                part.manners[std::size_t(kindOf(way.mode->manner))] = way.mode->manner;
            }
            part.known.take(way.mode->volts, volts);
            if (pair && way.mode->shape == shape) {
                part.known.take(way.mode->rest, rest);
            }
        }
        // Parts that readings have brought together become one: what they started from no longer matters.
        const auto alike = std::find_if(next.begin(), next.end(), [&](const Part& other) {
            return other.manners == part.manners && other.known.isLike(part.known);
        });
        if (alike == next.end()) {
            next.push_back(std::move(part));
        } else {
            alike->weight += part.weight;
            alike->known.mixIn(part.known, part.weight / alike->weight);
        }
    }
    for (auto& part : next) {
        part.weight /= sum;
    }
    return {Learning(Parts(next.begin(), next.end(), memory)), std::log(total)};
}

const Quantities& Learning::known() const {
    if (!mixed_) {
        Quantities all = parts_.front().known;
        double weight = parts_.front().weight;
        for (auto part = parts_.begin() + 1; part != parts_.end(); ++part) {
            weight += part->weight;
            all.mixIn(part->known, part->weight / weight);
        }
        mixed_ = std::make_shared<const Quantities>(std::move(all));
    }
    return *mixed_;
}

}  // namespace dimglow::driver
