#include "core/driver/forecast.h"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

namespace dimglow::driver {

namespace {

constexpr double voltsSlipShare = 0.004;
constexpr double slipRangeVolts = 400;
constexpr double otherShapeShare = 0.1;
/// A deficit of this share of the string voltage trips protection about two times in three.
constexpr double tripScale = 0.08;

/// When a lit string trips, the output falls to its knee within milliseconds: of the peak a meter that averages 300 ms
/// shows this share, more or less with the size of the output capacitor.
constexpr double seenPeak = 0.78;
constexpr double seenPeakSigma = 0.07;
constexpr double negligibleShare = 1e-3;
/// LEDs begin to conduct at this share of their running volts.
constexpr double kneeShare = 0.85;

double density(double x, double mean, double sigma) {
    constexpr double farOff = 12;  // lost beside any slip
    return std::abs(x - mean) > farOff * sigma ? 0 : pdf(boost::math::normal(mean, sigma), x);
}

VoltsForecast steady(double volts, double sigma) {
    return {{1, Shape::Steady, volts, sigma, volts, sigma}};
}

/// Builds the forecast of one situation; the numbers in it are shares of cases (common practice, no source).
class Situation {
public:
    Situation(const backlight::Backlight& backlight, const DriverReference& reference,
              const std::vector<backlight::ChannelDemand>& demands, const Behaviour& behaviour)
        : backlight_(backlight),
          reference_(reference),
          demands_(demands),
          behaviour_(behaviour),
          idle_(backlight.driver.idleVolts) {
        for (const auto& demand : demands) {
            if (demand.conducts) {
                ++conducting_;
                highest_ = std::max(highest_, demand.volts * reference.labelScale);
            }
        }
        for (const auto& demand : demands) {
            if (demand.leakAmps > 0 && !demand.conducts) {
                clamp_ = std::min(clamp_, demand.volts * reference.labelScale);
                idle_ = std::min(idle_, kneeShare * clamp_);
            }
        }
        lightsSomewhere_ = std::any_of(demands.begin(), demands.end(), [](const auto& d) { return d.lights; });
        for (const auto& demand : demands) {
            if (demand.conducts) {
                const double volts = demand.volts * reference.labelScale;
                const double target = reference.stringVolts - backlight.driver.headroomVolts;
                deficit_ = std::max({deficit_, highest_ - volts, target - volts});
            }
        }
    }

    using Still = std::shared_ptr<const std::vector<VoltageForecast>>;

    /// Whether LED+ idles as it does without strings.
    bool isUntouched() const { return std::isinf(clamp_); }

    Still still() const {
        auto result = std::make_shared<std::vector<VoltageForecast>>();
        for (const auto& voltage : behaviour_.volts) {
            result->push_back({voltage.test, made(voltage.modes)});
        }
        return result;
    }

    DriverForecast ask(Still still) const {
        DriverForecast result;
        result.still = std::move(still);
        result.sinkOfChannel.assign(demands_.size(), 0);
        result.light = behaviour_.light;
        if (behaviour_.drivesStrings) {
            driveStrings(result);
        } else {
            result.on = stillOf(result, ledPlusOn);
            result.sinks = {stillOf(result, ledMinus)};
        }
        return result;
    }

private:
    double valueOf(Reference reference) const {
        switch (reference) {
            case Reference::Idle:
                return idle_;
            case Reference::Strings:
                return reference_.stringVolts;
            case Reference::OverVolts:
                return reference_.overVolts;
            case Reference::Nothing:
                break;
        }
        return 0;
    }

    VoltsForecast made(const std::vector<ModeKind>& kinds) const {
        VoltsForecast forecast;
        forecast.reserve(kinds.size());
        const auto volts = [&](const Level& level) { return level.times * valueOf(level.of) + level.plus; };
        const auto sigma = [&](const Level& level) { return level.spread * valueOf(level.of) + level.spreadVolts; };
        for (const auto& kind : kinds) {
            forecast.push_back(
                {kind.weight, kind.shape, volts(kind.volts), sigma(kind.volts), volts(kind.rest), sigma(kind.rest)});
        }
        return forecast;
    }

    static const VoltsForecast& stillOf(const DriverForecast& forecast, const char* test) {
        return std::find_if(forecast.still->begin(), forecast.still->end(),
                            [&](const auto& v) { return v.test == test; })
            ->volts;
    }

    void driveStrings(DriverForecast& result) const {
        if (!isUntouched()) {
            touchChassis(result);
        } else if (conducting_ < int(demands_.size())) {
            result.on = stillOf(result, ledPlusPlugOut);
            if (conducting_ > 0) {
                // The strings that conduct empty the output after each trip.
                for (auto& mode : result.on) {
                    mode.weight *= 0.5;
                }
                addCollapse(result.on, 0.5);
            }
            result.light = conducting_ == 0 || !lightsSomewhere_ ? LightForecast{0.97, 0.02, 0.01, 0.15}
                                                                 : LightForecast{0.05, 0.75, 0.2, 0.3};
        } else {
            const double running = highest_ + backlight_.driver.headroomVolts;
            const double sigma = reference_.relativeSigma * running;
            const double trips = 1 - std::exp(-std::max(0.0, deficit_ - 0.02 * running) / (tripScale * running));
            result.on = {{1 - trips, Shape::Steady, running, sigma, running, sigma},
                         {0.4 * trips, Shape::PeakThenSettles, 0.98 * running, 1.5 * sigma, idle_, 0.1 * idle_ + 1}};
            addCollapse(result.on, 0.6 * trips);
            result.light = {0.02 * trips, 0.01 + 0.97 * trips, 0.99 - 0.99 * trips, 0.15};
        }
        std::vector<double> sinkVolts;
        for (std::size_t channel = 0; channel < demands_.size(); ++channel) {
            const double missing = highest_ - demands_[channel].volts * reference_.labelScale;
            const double volts = demands_[channel].conducts ? backlight_.driver.headroomVolts + missing : 0.1;
            const auto alike = std::find(sinkVolts.begin(), sinkVolts.end(), volts);
            result.sinkOfChannel[channel] = int(alike - sinkVolts.begin());
            if (alike == sinkVolts.end()) {
                sinkVolts.push_back(volts);
                result.sinks.push_back(sinkOf(volts, result.light.flashThenDark));
            }
        }
    }

    /// What a meter shows of LED+ when the output falls to the knee of lit strings as soon as the driver trips.
    void addCollapse(VoltsForecast& forecast, double weight) const {
        const double running = highest_ + backlight_.driver.headroomVolts;
        const double peak = seenPeak * running;
        const double sigma = seenPeakSigma * running;
        forecast.push_back({2 * weight / 3, Shape::PeakThenSettles, peak, sigma, idle_, 0.1 * idle_ + 1});
        forecast.push_back(
            {weight / 3, Shape::Wanders, peak, sigma, 0.5 * (idle_ + kneeShare * running), 0.25 * running});
    }

    /// LED− of a sink that stands at \p volts while the light is on. With the light gone after a flash a meter shows
    /// little of it, unless the driver runs on for a while.
    VoltsForecast sinkOf(double volts, double flashes) const {
        const double sigma = 0.5 + 0.3 * reference_.relativeSigma * highest_;
        if (flashes < negligibleShare) {
            return steady(volts, sigma);
        }
        return {{1 - 0.8 * flashes, Shape::Steady, volts, sigma, volts, sigma},
                {0.3 * flashes, Shape::PeakThenSettles, volts, sigma, 0.1, 0.5},
                {0.2 * flashes, Shape::PeakThenSettles, 0.2 * volts, 0.15 * volts + 0.3, 0.1, 0.5},
                {0.2 * flashes, Shape::Wanders, 0.2 * volts, 0.15 * volts + 0.3, 0.1, 0.5},
                {0.1 * flashes, Shape::Steady, 0.1, 0.5, 0.1, 0.5}};
    }

    /// A string that touches the chassis takes all the driver gives: it trips on current where the LEDs before the
    /// touch hold LED+, and those flash.
    void touchChassis(DriverForecast& result) const {
        const double top = std::min(clamp_, reference_.overVolts);
        const double sigma = 0.08 * top + 0.5;
        result.on = {{0.6, Shape::PeakThenSettles, top, sigma, idle_, 0.25 * idle_ + 2},
                     {0.4, Shape::Wanders, top, sigma, idle_, 0.25 * idle_ + 2}};
        result.light = {0.25, 0.65, 0.1, 0.15};
    }

    const backlight::Backlight& backlight_;
    const DriverReference& reference_;
    const std::vector<backlight::ChannelDemand>& demands_;
    const Behaviour& behaviour_;
    double idle_;
    int conducting_ = 0;
    double highest_ = 0;
    double deficit_ = 0;
    bool lightsSomewhere_ = false;
    double clamp_ = INFINITY;  ///< LED+ at which a leak to the chassis takes all; infinite without one
};

}  // namespace

DriverReference referenceOf(const backlight::Backlight& backlight) {
    DriverReference reference;
    const double computed = backlight::healthyStringVolts(backlight);
    const double headroom = backlight.driver.headroomVolts;
    reference.stringVolts = backlight.ledPlusLabel.value_or(computed + headroom);
    reference.labelScale = std::max(reference.stringVolts - headroom, 0.1 * reference.stringVolts) / computed;
    reference.overVolts = backlight::overVoltageLevel(backlight);
    reference.relativeSigma = backlight.ledPlusLabel ? 0.018 : 0.025;
    return reference;
}

const VoltsForecast* DriverForecast::of(const std::string& test, int channel) const {
    if (test == ledMinus) {
        return channel >= 0 && channel < int(sinkOfChannel.size())
                   ? &sinks[std::size_t(sinkOfChannel[std::size_t(channel)])]
                   : nullptr;
    }
    if (test == ledPlusOn) {
        return &on;
    }
    const auto found = std::find_if(still->begin(), still->end(), [&](const auto& v) { return v.test == test; });
    return found == still->end() ? nullptr : &found->volts;
}

Forecaster::Forecaster(const backlight::Backlight& backlight, const DriverReference& reference)
    : backlight_(backlight), reference_(reference) {}

DriverForecast Forecaster::forecast(const std::vector<backlight::ChannelDemand>& demands, const Behaviour& behaviour) {
    const Situation situation(backlight_, reference_, demands, behaviour);
    if (!situation.isUntouched()) {
        return situation.ask(situation.still());
    }
    auto& still = still_[&behaviour];
    if (still == nullptr) {
        still = situation.still();
    }
    return situation.ask(still);
}

Band bandOf(const VoltsForecast& forecast) {
    Band band{1e9, -1e9};
    double heaviest = 0;
    for (const auto& mode : forecast) {
        heaviest = std::max(heaviest, mode.weight);
    }
    for (const auto& mode : forecast) {
        if (mode.weight > 0.3 * heaviest) {
            band.low = std::min(band.low, mode.volts - 2 * mode.voltsSigma);
            band.high = std::max(band.high, mode.volts + 2 * mode.voltsSigma);
        }
    }
    return {std::max(0.0, band.low), band.high};
}

double logLikelihood(const VoltsForecast& forecast, Shape shape, double volts, double rest) {
    const bool pair = shape != Shape::Steady;
    double total = voltsSlipShare / slipRangeVolts / (pair ? slipRangeVolts : 1);
    for (const auto& mode : forecast) {
        const bool same = mode.shape == shape;
        double share = mode.weight * (same ? 1 : otherShapeShare) * density(volts, mode.volts, mode.voltsSigma);
        if (pair) {
            share *= same ? density(rest, mode.rest, mode.restSigma) : 1 / slipRangeVolts;
        }
        total += share;
    }
    return std::log(total);
}

double logLikelihood(const LightForecast& forecast, Light light, double secondsToDark) {
    constexpr double slip = 0.01;
    constexpr double shortestSeconds = 0.02;
    switch (light) {
        case Light::Never:
            return std::log(slip + forecast.never);
        case Light::StaysLit:
            return std::log(slip + forecast.staysLit);
        case Light::FlashThenDark:
            break;
    }
    const double log = std::log(std::max(secondsToDark, shortestSeconds) / forecast.medianSecondsToDark);
    return std::log(slip / 5 + forecast.flashThenDark * density(log, 0, 1.2));
}

}  // namespace dimglow::driver
