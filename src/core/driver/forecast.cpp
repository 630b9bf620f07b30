#include "core/driver/forecast.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dimglow::driver {

namespace {

constexpr double slipShare = 0.004;
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

double gauss(double x, double mean, double sigma) {
    const double z = (x - mean) / sigma;
    constexpr double farOff = 12;  // its density is lost beside any slip
    return std::abs(z) > farOff ? 0 : std::exp(-0.5 * z * z) / (sigma * std::sqrt(2 * std::numbers::pi));
}

VoltsForecast steady(double volts, double sigma) {
    return {{1, Shape::Steady, volts, sigma, volts, sigma}};
}

double meterSigma(double volts) {
    return 0.1 + 0.01 * std::abs(volts);
}

/// Builds the forecast of one situation; the numbers in it are shares of cases (common practice, no source).
class Situation {
public:
    Situation(const backlight::Backlight& backlight, const DriverReference& reference,
              const std::vector<backlight::ChannelDemand>& demands)
        : backlight_(backlight), reference_(reference), demands_(demands), idle_(backlight.driver.idleVolts) {
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

    DriverForecast healthyBoard() const {
        DriverForecast result = board(idle_, 3.3);
        result.plugOut = atOverVoltage();
        if (std::isfinite(clamp_)) {
            touchChassis(result);
        } else if (conducting_ < int(demands_.size())) {
            result.on = atOverVoltage();
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
        result.sinks.clear();
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
        return result;
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

    /// LED+ never moves from \p idle; nothing lights.
    DriverForecast board(double idle, double blOnVolts) const {
        DriverForecast result;
        result.idle = result.on = result.plugOut = steady(idle, meterSigma(idle) + 0.03 * idle);
        result.sinks = {steady(0.1, 0.5)};
        result.sinkOfChannel.assign(demands_.size(), 0);
        result.blOn = blOnVolts > 1 ? VoltsForecast{{0.85, Shape::Steady, blOnVolts, 0.3, blOnVolts, 0.3},
                                                    {0.15, Shape::Steady, 5, 0.4, 5, 0.4}}
                                    : steady(blOnVolts, 0.15);
        result.dim = steady(2.4, 1.0);
        result.light = {0.97, 0.02, 0.01, 0.15};
        return result;
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

    VoltsForecast atOverVoltage() const {
        const double top = reference_.overVolts;
        const double sigma = 0.05 * top;
        return {{0.55, Shape::PeakThenSettles, 0.98 * top, sigma, idle_, 0.25 * idle_ + 2},
                {0.20, Shape::Wanders, 0.98 * top, sigma, idle_, 0.25 * idle_ + 2},
                {0.15, Shape::Wanders, 0.98 * top, sigma, 0.7 * top, 0.15 * top},
                {0.10, Shape::Steady, top, sigma, top, sigma}};
    }

    DriverForecast starving() const {
        const double v = reference_.stringVolts;
        DriverForecast result = board(idle_, 3.3);
        result.on = {{0.35, Shape::PeakThenSettles, 0.8 * v, 0.12 * v, 0.45 * v, 0.15 * v},
                     {0.45, Shape::Steady, 0.5 * v, 0.1 * v, 0.5 * v, 0.1 * v},
                     {0.20, Shape::Wanders, 0.8 * v, 0.12 * v, 0.4 * v, 0.15 * v}};
        result.plugOut = atOverVoltage();
        result.plugOut.push_back({0.8, Shape::PeakThenSettles, 0.9 * v, 0.15 * v, 0.5 * v, 0.2 * v});
        for (auto& mode : result.plugOut) {
            mode.weight /= 1.8;
        }
        result.light = {0.35, 0.55, 0.10, 0.4};
        return result;
    }

    DriverForecast earlyTrip() const {
        const double v = reference_.stringVolts;
        DriverForecast result = board(idle_, 3.3);
        result.on = result.plugOut = {{0.7, Shape::PeakThenSettles, 0.85 * v, 0.08 * v, idle_, 0.1 * idle_ + 1},
                                      {0.3, Shape::Wanders, 0.85 * v, 0.08 * v, idle_, 0.2 * idle_ + 1}};
        result.light = {0.4, 0.58, 0.02, 0.1};
        return result;
    }

    DriverForecast dimAtZero() const {
        DriverForecast result = board(idle_, 3.3);
        const double knee = 0.85 * reference_.stringVolts;
        result.on = {{0.5, Shape::Steady, knee, 0.04 * knee, knee, 0.04 * knee},
                     {0.5, Shape::Steady, idle_, meterSigma(idle_), idle_, meterSigma(idle_)}};
        result.plugOut = atOverVoltage();
        result.dim = steady(0.05, 0.1);
        return result;
    }

private:
    const backlight::Backlight& backlight_;
    const DriverReference& reference_;
    const std::vector<backlight::ChannelDemand>& demands_;
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

DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<backlight::ChannelDemand>& demands, DriverFault fault) {
    const Situation situation(backlight, reference, demands);
    switch (fault) {
        case DriverFault::NoFeed:
            return situation.board(0, 3.3);
        case DriverFault::NotSwitching:
            return situation.board(backlight.driver.idleVolts, 3.3);
        case DriverFault::NotAsked:
            return situation.board(backlight.driver.idleVolts, 0.1);
        case DriverFault::DimAtZero:
            return situation.dimAtZero();
        case DriverFault::WeakSupply:
            return situation.starving();
        case DriverFault::TripsEarly:
            return situation.earlyTrip();
        case DriverFault::None:
            break;
    }
    return situation.healthyBoard();
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
    double density = slipShare / slipRangeVolts / (pair ? slipRangeVolts : 1);
    for (const auto& mode : forecast) {
        const bool same = mode.shape == shape;
        double share = mode.weight * (same ? 1 : otherShapeShare) * gauss(volts, mode.volts, mode.voltsSigma);
        if (pair) {
            share *= same ? gauss(rest, mode.rest, mode.restSigma) : 1 / slipRangeVolts;
        }
        density += share;
    }
    return std::log(density);
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
    return std::log(slip / 5 + forecast.flashThenDark * gauss(log, 0, 1.2));
}

bool isBoardVoltage(const std::string& test) {
    DriverForecast any;
    any.sinks.resize(1);
    any.sinkOfChannel = {0};
    return forecastOf(any, test, 0) != nullptr;
}

const VoltsForecast* forecastOf(const DriverForecast& forecast, const std::string& test, int channel) {
    if (test == "ledMinus") {
        return channel >= 0 && channel < int(forecast.sinkOfChannel.size()) ? &forecast.ledMinus(channel) : nullptr;
    }
    const std::pair<const char*, const VoltsForecast*> byTest[] = {{"blOn", &forecast.blOn},
                                                                   {"dim", &forecast.dim},
                                                                   {"ledPlusIdle", &forecast.idle},
                                                                   {"ledPlusOn", &forecast.on},
                                                                   {"ledPlusPlugOut", &forecast.plugOut}};
    for (const auto& [id, volts] : byTest) {
        if (test == id) {
            return volts;
        }
    }
    return nullptr;
}

}  // namespace dimglow::driver
