#include "core/driver/forecast.h"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

namespace dimglow::driver {

namespace {

/// A deficit of this share of the string voltage trips protection about two times in three.
constexpr double tripScale = 0.08;

/// When a lit string trips, the output falls to its knee within milliseconds: of the peak a meter that averages 300 ms
/// shows this share, more or less with the size of the output capacitor.
constexpr double seenPeak = 0.78;
constexpr double seenPeakSigma = 0.07;
constexpr double negligibleShare = 1e-3;
/// With one channel dark and others lit: share of drivers that trip as the lit strings pull LED+ down, of those that
/// leave the dark channel out and run on, and of those that hold LED+ so high that healthy sinks float.
constexpr double collapses = 0.4;
constexpr double dropsChannel = 0.15;
constexpr double floats = 0.25;
/// LEDs begin to conduct at this share of their running volts.
constexpr double kneeShare = 0.85;
/// Scatter of a steady voltage from one reading to the next.
constexpr double meterShare = 0.004;
/// Scatter of the peak that a meter shows of a string that runs for a moment.
constexpr double peakShare = 0.025;

/// Builds the forecast of one situation; the numbers in it are shares of cases (common practice, no source).
class Situation {
public:
    Situation(const backlight::Backlight& backlight, const DriverReference& reference,
              const std::vector<backlight::ChannelDemand>& demands, const Behaviour& behaviour)
        : backlight_(backlight), reference_(reference), demands_(demands), behaviour_(behaviour) {
        for (const auto& demand : demands) {
            if (demand.conducts) {
                ++conducting_;
                if (demand.volts * reference.labelScale > highest_) {
                    highest_ = demand.volts * reference.labelScale;
                    highestSpread_ = demand.spreadVolts * reference.labelScale;
                }
            }
        }
        for (const auto& demand : demands) {
            if (demand.leakAmps > 0 && !demand.conducts) {
                clamp_ = std::min(clamp_, demand.volts * reference.labelScale);
            }
        }
        if (kneeShare * clamp_ < backlight.driver.someIdleVolts()) {
            idle_ = ofStrings(kneeShare * clamp_, 0);
        }
        lightsSomewhere_ = std::any_of(demands.begin(), demands.end(), [](const auto& d) { return d.lights; });
        for (const auto& demand : demands) {
            if (demand.conducts) {
                const double volts = demand.volts * reference.labelScale;
                const double target = reference.stringVolts - backlight.driver.someHeadroomVolts();
                deficit_ = std::max({deficit_, highest_ - volts, target - volts});
            }
        }
    }

    DriverForecast ask() const {
        DriverForecast result;
        result.still = still();
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
    /// \p volts of a set whose strings take what was computed.
    Level ofStrings(double volts, double scatter) const {
        return {Reference::Strings, volts / reference_.stringVolts, 0, scatter / reference_.stringVolts, 0, 0};
    }

    /// LED+ while the driver does not switch.
    Level idle(double spread, double spreadVolts) const {
        Level level = idle_;
        level.spread = spread * level.times;
        level.spreadVolts = spreadVolts;
        return level;
    }

    std::shared_ptr<const std::vector<Voltage>> still() const {
        if (idle_.of == Reference::Idle) {
            return {std::shared_ptr<const void>(), &behaviour_.volts};  // which outlives the forecast
        }
        auto held = std::make_shared<std::vector<Voltage>>(behaviour_.volts);
        for (auto& voltage : *held) {
            for (auto& mode : voltage.modes) {
                for (Level* level : {&mode.volts, &mode.rest}) {
                    if (level->of == Reference::Idle) {
                        const Level ownShare = *level;
                        *level = idle(ownShare.spread, ownShare.spreadVolts);
                        level->times *= ownShare.times;
                        level->plus = ownShare.plus;
                    }
                }
            }
        }
        return held;
    }

    static const Modes& stillOf(const DriverForecast& forecast, const char* test) {
        return std::find_if(forecast.still->begin(), forecast.still->end(),
                            [&](const auto& voltage) { return voltage.test == test; })
            ->modes;
    }

    void driveStrings(DriverForecast& result) const {
        const double running = highest_ + backlight_.driver.someHeadroomVolts();
        if (!std::isinf(clamp_)) {
            touchChassis(result);
        } else if (conducting_ < int(demands_.size())) {
            result.on = stillOf(result, ledPlusPlugOut);
            if (conducting_ > 0) {
                // The strings that conduct empty the output after each trip, unless the driver leaves the dark channel
                // out and runs on.
                for (auto& mode : result.on) {
                    mode.weight *= 1 - collapses - dropsChannel;
                }
                addCollapse(result.on, collapses);
                const Level steady = ofStrings(running, meterShare * running);
                result.on.push_back({dropsChannel, Shape::Steady, steady, steady});
            }
            result.light = conducting_ == 0 || !lightsSomewhere_
                               ? LightForecast{0.97, 0.02, 0.01, 0.15}
                               : LightForecast{0.05, 0.85 - dropsChannel, 0.1 + dropsChannel, 0.3};
        } else {
            const double trips = 1 - std::exp(-std::max(0.0, deficit_ - 0.02 * running) / (tripScale * running));
            const Level steady = ofStrings(running, std::hypot(meterShare * running, highestSpread_));
            result.on = {
                {1 - trips, Shape::Steady, steady, steady},
                {0.4 * trips, Shape::PeakThenSettles, ofStrings(0.98 * running, peakShare * running), idle(0.1, 1)}};
            addCollapse(result.on, 0.6 * trips);
            result.light = {0.02 * trips, 0.01 + 0.97 * trips, 0.99 - 0.99 * trips, 0.15};
        }
        std::vector<double> missing;
        for (std::size_t channel = 0; channel < demands_.size(); ++channel) {
            const double volts =
                demands_[channel].conducts ? highest_ - demands_[channel].volts * reference_.labelScale : -1;
            const double spread = volts > 0 ? std::hypot(highestSpread_, demands_[channel].spreadVolts) : 0;
            const auto alike = std::find(missing.begin(), missing.end(), volts);
            result.sinkOfChannel[channel] = int(alike - missing.begin());
            if (alike == missing.end()) {
                missing.push_back(volts);
                result.sinks.push_back(sinkOf(volts, spread, result.light.flashThenDark));
                if (volts >= 0 && conducting_ < int(demands_.size())) {
                    addFloat(result.sinks.back(), demands_[channel].volts * reference_.labelScale);
                }
            }
        }
    }

    /// What a meter shows of LED+ when the output falls to the knee of lit strings as soon as the driver trips.
    void addCollapse(Modes& modes, double weight) const {
        const double running = highest_ + backlight_.driver.someHeadroomVolts();
        const Level peak = ofStrings(seenPeak * running, seenPeakSigma * running);
        modes.push_back({2 * weight / 3, Shape::PeakThenSettles, peak, idle(0.1, 1)});
        const double idleVolts = idle_.of == Reference::Idle ? backlight_.driver.someIdleVolts() : kneeShare * clamp_;
        modes.push_back(
            {weight / 3, Shape::Wanders, peak, ofStrings(0.5 * (idleVolts + kneeShare * running), 0.25 * running)});
    }

    /// LED− of a sink that takes up the \p missing volts, give or take \p spread, while the light is on; of a dark
    /// string when negative. With the light gone after a flash a meter shows little of it, unless the driver runs on
    /// for a while.
    Modes sinkOf(double missing, double spread, double flashes) const {
        const double scatter = std::hypot(0.2 + meterShare * highest_, spread);
        const Level dark{Reference::Nothing, 1, 0.1, 0, 0.5, 0};
        Level lit{Reference::Sink, 1, 0, 0, scatter, std::max(0.0, missing) / reference_.stringVolts};
        if (missing < 0) {
            lit = dark;
            lit.spreadVolts = scatter;
        }
        if (flashes < negligibleShare) {
            return {{1, Shape::Steady, lit, lit}};
        }
        Level seen = lit;
        for (double* part : {&seen.times, &seen.plus, &seen.stringShare}) {
            *part *= 0.2;
        }
        const double litVolts = missing < 0 ? dark.plus : backlight_.driver.someHeadroomVolts() + missing;
        seen.spreadVolts = 0.15 * litVolts + 0.3;
        return {{1 - 0.8 * flashes, Shape::Steady, lit, lit},
                {0.3 * flashes, Shape::PeakThenSettles, lit, dark},
                {0.2 * flashes, Shape::PeakThenSettles, seen, dark},
                {0.2 * flashes, Shape::Wanders, seen, dark},
                {0.1 * flashes, Shape::Steady, dark, dark}};
    }

    /// A string of another channel is dark and holds LED+ at the over-voltage level: a healthy sink takes up what its
    /// own string, which runs at \p volts, leaves of that.
    void addFloat(Modes& modes, double volts) const {
        for (auto& mode : modes) {
            mode.weight *= 1 - floats;
        }
        const Level up{Reference::OverVolts, 1, 0, 0.02, 0.3, -volts / reference_.stringVolts};
        modes.push_back({floats, Shape::Steady, up, up});
    }

    /// A string that touches the chassis takes all the driver gives: it trips on current where the LEDs before the
    /// touch hold LED+, and those flash.
    void touchChassis(DriverForecast& result) const {
        const double top = std::min(clamp_, reference_.overVolts);
        const Level peak = ofStrings(top, 0.08 * top + 0.5);
        result.on = {{0.6, Shape::PeakThenSettles, peak, idle(0.25, 2)}, {0.4, Shape::Wanders, peak, idle(0.25, 2)}};
        result.light = {0.25, 0.65, 0.1, 0.15};
    }

    const backlight::Backlight& backlight_;
    const DriverReference& reference_;
    const std::vector<backlight::ChannelDemand>& demands_;
    const Behaviour& behaviour_;
    Level idle_{Reference::Idle, 1, 0, 0, 0, 0};
    int conducting_ = 0;
    double highest_ = 0;
    double highestSpread_ = 0;
    double deficit_ = 0;
    bool lightsSomewhere_ = false;
    double clamp_ = INFINITY;  ///< LED+ at which a leak to the chassis takes all; infinite without one
};

}  // namespace

DriverReference referenceOf(const backlight::Backlight& backlight) {
    DriverReference reference;
    const double computed = backlight::healthyStringVolts(backlight);
    const double headroom = backlight.driver.someHeadroomVolts();
    reference.stringVolts = backlight.ledPlusLabel.value_or(computed + headroom);
    reference.labelScale = std::max(reference.stringVolts - headroom, 0.1 * reference.stringVolts) / computed;
    reference.overVolts = backlight::overVoltageLevel(backlight);
    // Common practice, no source: a label; a batch of LEDs; anything from 20 to 250 V.
    reference.relativeSigma = backlight.ledPlusLabel ? 0.018 : backlight.isDescribed ? 0.025 : 0.63;
    return reference;
}

const Modes* DriverForecast::of(const std::string& test, int channel) const {
    if (test == ledMinus) {
        return channel >= 0 && channel < int(sinkOfChannel.size())
                   ? &sinks[std::size_t(sinkOfChannel[std::size_t(channel)])]
                   : nullptr;
    }
    if (test == ledPlusOn) {
        return &on;
    }
    const auto found =
        std::find_if(still->begin(), still->end(), [&](const auto& voltage) { return voltage.test == test; });
    return found == still->end() ? nullptr : &found->modes;
}

DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<backlight::ChannelDemand>& demands, const Behaviour& behaviour) {
    return Situation(backlight, reference, demands, behaviour).ask();
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
    return std::log(slip / 5 + forecast.flashThenDark * pdf(boost::math::normal(0, 1.2), log));
}

}  // namespace dimglow::driver
