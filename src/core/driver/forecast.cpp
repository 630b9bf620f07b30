#include "core/driver/forecast.h"

#include <algorithm>
#include <boost/container/small_vector.hpp>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

namespace dimglow::driver {

namespace {

/// A deficit of this share of the string voltage trips protection about two times in three.
constexpr double tripScale = 0.08;
/// Channels that are alike are held at their current whatever they take: only what they lack beyond this share of the
/// string voltage is noticed.
constexpr double unnoticedLack = 0.025;

/// When a lit string trips, the output falls to its knee within milliseconds: of the peak a meter that averages 300 ms
/// shows this share, more or less with the size of the output capacitor.
constexpr double seenPeak = 0.78;
constexpr double seenPeakSigma = 0.07;
/// Where a string touches the chassis the output holds a little better: the LEDs before the touch carry on.
constexpr double seenTouch = 0.82;
constexpr double seenTouchSigma = 0.1;
constexpr double negligibleShare = 1e-3;
/// With one channel dark and others lit: share of drivers that trip as the lit strings pull LED+ down, of those that
/// leave the dark channel out and run on, and of those that hold LED+ so high that healthy sinks float.
constexpr double collapses = 0.4;
constexpr double dropsChannel = 0.26;
constexpr double floats = 0.25;
/// A sink that is dead leaves its LED− high, which a driver takes for a channel with shorted LEDs: it leaves that one
/// out and runs on more often than where a string is open.
constexpr double dropsDeadSink = 0.5;
/// Of those that trip or leave it out, how often a meter catches what healthy sinks take up until then.
constexpr double pulses = 0.35;
/// Of the moment at which a dark channel holds LED+ at the over-voltage level a meter that averages shows this share,
/// more or less with its length.
constexpr double seenPulse = 0.6;
constexpr double seenPulseSigma = 0.25;
/// With several feeds: share of sets in which one that trips takes the others down with it.
constexpr double tripTogether = 0.5;
/// LEDs begin to conduct at this share of their running volts.
constexpr double kneeShare = 0.85;
/// Scatter of a steady voltage from one reading to the next.
constexpr double meterShare = 0.004;
/// Scatter of the peak that a meter shows of a string that runs for a moment.
constexpr double peakShare = 0.025;

/// Of sets whose driver gives up at once, how often nobody saw them flash.
constexpr double missedFlash = 0.1;

/// How often LED− is read after a trip and floats (common practice, no source).
constexpr double afterTrip = 0.35;

/// LED− of a string without current.
constexpr Level darkSink{Reference::Nothing, 1, 0.1, 0, 0.5, 0};

/// Builds the forecast of one feed; the numbers in it are shares of cases (common practice, no source).
class Situation {
public:
    /// What a channel demands, in volts of a set that takes what its label says.
    struct Demand {
        double volts = 0;
        double spreadVolts = 0;
        bool conducts = false;
        bool lights = false;
        bool leaks = false;
        bool sinkIsDead = false;
    };
    using Demands = boost::container::small_vector<Demand, 12>;

    /// \param demands of the channels of this feed
    Situation(const backlight::DriverSpec& driver, const FeedReference& reference, Demands demands,
              const Behaviour& behaviour)
        : driver_(driver), reference_(reference), demands_(std::move(demands)), behaviour_(behaviour) {
        for (const auto& demand : demands_) {
            if (demand.conducts) {
                ++conducting_;
                if (demand.volts > highest_) {
                    highest_ = demand.volts;
                    highestSpread_ = demand.spreadVolts;
                }
            }
        }
        for (const auto& demand : demands_) {
            if (demand.leaks && !demand.conducts) {
                clamp_ = std::min(clamp_, demand.volts);
            }
        }
        if (kneeShare * clamp_ < driver.someIdleVolts()) {
            idle_ = ofStrings(kneeShare * clamp_, 0);
        }
        lightsSomewhere_ = std::any_of(demands_.begin(), demands_.end(), [](const auto& d) { return d.lights; });
        for (const auto& demand : demands_) {
            if (demand.conducts) {
                const double target = reference.stringVolts - driver.someHeadroomVolts();
                const double lacks = target - demand.volts - unnoticedLack * reference.stringVolts;
                deficit_ = std::max({deficit_, highest_ - demand.volts, lacks});
            }
        }
    }

    struct Result {
        FeedForecast feed;
        std::vector<Modes> sinks;
        std::vector<int> sinkOfChannel;  ///< into `sinks`, by channel of this feed
        LightForecast light;
    };

    /// How likely it is that the driver trips over its own strings.
    double trips() const {
        const double beyond = outOfReach();
        return beyond == 0 ? tripsOnCurrent()
                           : (1 - beyond) * tripsOnCurrent() + beyond * beyondReach().tripsOnCurrent();
    }

    /// \param isStopped how likely it is that another feed's driver takes this one down with it
    Result ask(double isStopped) const {
        const double beyond = outOfReach();
        return beyond == 0   ? askWithin(isStopped)
               : beyond == 1 ? beyondReach().askWithin(isStopped)
                             : mixed(askWithin(isStopped), beyondReach().askWithin(isStopped), beyond);
    }

private:
    /// Strings need more than this over what they should before it counts.
    static constexpr double worthReaching = 1.03;

    double neededBy(const Demand& demand) const { return demand.volts + driver_.someHeadroomVolts(); }

    /// How likely it is that a string needs more than the driver's over-voltage level; as good as sure is sure.
    double outOfReach() const {
        const double needed = highest_ + driver_.someHeadroomVolts();
        if (!behaviour_.drivesStrings || conducting_ == 0 || needed < worthReaching * reference_.stringVolts) {
            return 0;
        }
        const double spread = std::hypot(reference_.overSigma, highestSpread_ / needed);
        constexpr double asGoodAsSure = 0.01;
        const double share = cdf(boost::math::normal(0, spread), std::log(needed / reference_.overVolts));
        return share < asGoodAsSure ? 0 : share > 1 - asGoodAsSure ? 1 : share;
    }

    /// The same feed, the strings that need most out of its driver's reach.
    Situation beyondReach() const {
        constexpr double alike = 0.9;
        auto demands = demands_;
        int beyond = 0;
        for (auto& demand : demands) {
            const double least =
                std::max(worthReaching * reference_.stringVolts, alike * (highest_ + driver_.someHeadroomVolts()));
            if (demand.conducts && neededBy(demand) >= least) {
                demand.conducts = false;
                ++beyond;
            }
        }
        Situation result(driver_, reference_, std::move(demands), behaviour_);
        result.beyond_ = beyond;
        return result;
    }

    /// What is as likely as \p share to be \p b, else \p a.
    static Result mixed(Result a, const Result& b, double share) {
        const auto join = [&](Modes& to, const Modes& from) {
            for (auto& mode : to) {
                mode.weight *= 1 - share;
            }
            for (auto mode : from) {
                mode.weight *= share;
                to.push_back(mode);
            }
        };
        join(a.feed.on, b.feed.on);
        std::vector<Modes> sinks;
        std::vector<std::pair<int, int>> pairs;
        for (std::size_t channel = 0; channel < a.sinkOfChannel.size(); ++channel) {
            const std::pair pair(a.sinkOfChannel[channel], b.sinkOfChannel[channel]);
            const auto known = std::find(pairs.begin(), pairs.end(), pair);
            a.sinkOfChannel[channel] = int(known - pairs.begin());
            if (known == pairs.end()) {
                pairs.push_back(pair);
                sinks.push_back(a.sinks[std::size_t(pair.first)]);
                join(sinks.back(), b.sinks[std::size_t(pair.second)]);
            }
        }
        a.sinks = std::move(sinks);
        a.light.medianSecondsToDark =
            (share * b.light.flashThenDark > (1 - share) * a.light.flashThenDark ? b : a).light.medianSecondsToDark;
        a.light.never += share * (b.light.never - a.light.never);
        a.light.flashThenDark += share * (b.light.flashThenDark - a.light.flashThenDark);
        a.light.staysLit += share * (b.light.staysLit - a.light.staysLit);
        return a;
    }

    double tripsOnCurrent() const {
        const double running = highest_ + driver_.someHeadroomVolts();
        return !behaviour_.drivesStrings                 ? 0
               : !std::isinf(clamp_) || conducting_ == 0 ? 1
               : conducting_ < int(demands_.size())      ? 1 - drops()
                                                         : tripsOver(running);
    }

    Result askWithin(double isStopped) const {
        Result result;
        result.feed.still = still();
        result.sinkOfChannel.assign(demands_.size(), 0);
        result.light = behaviour_.light;
        if (behaviour_.drivesStrings) {
            driveStrings(result, isStopped);
        } else {
            result.feed.on = stillOf(result.feed, ledPlusOn);
            result.sinks = {stillOf(result.feed, ledMinus)};
        }
        return result;
    }

    /// Unequal channels, or less than the strings should need.
    double tripsOver(double running) const {
        return 1 - std::exp(-std::max(0.0, deficit_ - 0.02 * running) / (tripScale * running));
    }

    /// \p volts of a set whose strings take what was computed.
    Level ofStrings(double volts, double scatter) const {
        return {Reference::Strings, volts / reference_.stringVolts, 0, scatter / reference_.stringVolts, 0, 0};
    }

    /// LED+ in regulation at \p running volts: what the strings take and what the sinks hold, whatever that is; a label
    /// has both.
    Level regulated(double running, double scatter) const {
        Level level{
            Reference::Sink, 1, 0, 0, scatter, (running - driver_.someHeadroomVolts()) / reference_.stringVolts};
        if (reference_.isLabelled) {
            level = ofStrings(running, scatter);
        }
        level.isRegulated = true;
        return level;
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

    static const Modes& stillOf(const FeedForecast& forecast, const char* test) {
        return std::find_if(forecast.still->begin(), forecast.still->end(),
                            [&](const auto& voltage) { return voltage.test == test; })
            ->modes;
    }

    void driveStrings(Result& result, double isStopped) const {
        const double running = highest_ + driver_.someHeadroomVolts();
        auto& on = result.feed.on;
        if (!std::isinf(clamp_)) {
            touchChassis(result);
        } else if (conducting_ < int(demands_.size())) {
            driveDarkChannels(result, running);
        } else {
            const double trips = tripsOver(running);
            const Level steady = regulated(running, std::hypot(meterShare * running, highestSpread_));
            on.reserve(6);
            on = {{1 - trips, Shape::Steady, steady, steady},
                  {0.4 * trips, Shape::PeakThenSettles, ofStrings(0.98 * running, peakShare * running), idle(0.1, 1)}};
            addCollapse(on, 0.6 * trips);
            result.light = {missedFlash * trips, 0.01 + (0.99 - missedFlash) * trips, 0.99 - 0.99 * trips, 0.15};
        }
        if (isStopped > 0 && conducting_ > 0) {
            for (auto& mode : on) {
                mode.weight *= 1 - isStopped;
            }
            addCollapse(on, isStopped);
            result.light.flashThenDark += isStopped * result.light.staysLit;
            result.light.staysLit *= 1 - isStopped;
        }
        for (auto& mode : on) {
            mode.manner = mannerOfOutput(mode);
        }
        addSinks(result);
    }

    /// How often a driver leaves a dark channel out and runs on.
    double drops() const {
        const bool isDead = std::any_of(demands_.begin(), demands_.end(), [](const auto& d) { return d.sinkIsDead; });
        return isDead ? dropsDeadSink : dropsChannel;
    }

    /// LED+ and the light where strings do not conduct: they empty the output, or not, after each trip.
    void driveDarkChannels(Result& result, double running) const {
        auto& on = result.feed.on;
        const auto& plugOut = stillOf(result.feed, ledPlusPlugOut);
        constexpr std::size_t asWell = 6;
        on.reserve(plugOut.size() + asWell);
        on = plugOut;
        if (conducting_ > 0) {
            // The strings that conduct empty the output after each trip, unless the driver leaves the dark channel
            // out and runs on.
            for (auto& mode : on) {
                mode.weight *= 1 - collapses - drops();
            }
            addCollapse(on, collapses);
            const Level steady = regulated(running, meterShare * running);
            on.push_back({0.5 * drops(), Shape::Steady, steady, steady});
            on.push_back({0.5 * drops(), Shape::PeakThenSettles, pulseOver(running, running), steady});
        }
        if (conducting_ == 0 && beyond_ > 0) {
            // Strings that glow below their current empty it as well.
            for (auto& mode : on) {
                mode.weight *= 1 - collapses;
            }
            const Level peak{Reference::OverVolts, seenPeak, 0, 1.5 * seenPeakSigma, 0, 0};
            addCollapse(on, collapses, peak, reference_.stringVolts);
        }
        result.light = conducting_ == 0 && beyond_ > 0 ? LightForecast{0.5, 0.35, 0.15, 0.15}
                       : conducting_ == 0 || !lightsSomewhere_
                           ? LightForecast{0.97, 0.02, 0.01, 0.15}
                           : LightForecast{missedFlash, 0.9 - missedFlash - drops(), 0.1 + drops(), 0.3};
    }

    /// What LED− of each channel may read; those that read alike share it.
    void addSinks(Result& result) const {
        boost::container::small_vector<double, 8> missing;
        result.sinks.reserve(std::min<std::size_t>(demands_.size(), 4));
        for (std::size_t channel = 0; channel < demands_.size(); ++channel) {
            if (demands_[channel].sinkIsDead) {
                result.sinkOfChannel[channel] = int(result.sinks.size());
                result.sinks.push_back(deadSink());
                missing.push_back(NAN);  // like no other
                continue;
            }
            const double volts = demands_[channel].conducts ? highest_ - demands_[channel].volts : -1;
            const double spread = volts > 0 ? std::hypot(highestSpread_, demands_[channel].spreadVolts) : 0;
            const auto alike = std::find(missing.begin(), missing.end(), volts);
            result.sinkOfChannel[channel] = int(alike - missing.begin());
            if (alike == missing.end()) {
                missing.push_back(volts);
                result.sinks.push_back(sinkOf(volts, spread, result.light.flashThenDark));
                if (volts >= 0 && conducting_ < int(demands_.size())) {
                    addFloat(result.sinks.back(), demands_[channel].volts, result.light.flashThenDark);
                }
            }
        }
    }

    /// LED− of a sound string whose sink is dead follows LED+, less what the LEDs drop at the little that creeps
    /// through the meter and the board.
    static Modes deadSink() {
        const Level near{Reference::Strings, 0.85, 0, 0.15, 1, 0};
        const Level knee{Reference::Strings, 0.27, 0, 0.12, 1, 0};
        const Level top{Reference::OverVolts, 0.85, 0, 0.15, 1, 0};
        return {{0.25, Shape::Steady, near, near, Manner::None},
                {0.25, Shape::Steady, knee, knee, Manner::None},
                {0.12, Shape::Steady, top, top, Manner::None},
                {0.13, Shape::PeakThenSettles, top, near, Manner::None},
                {0.15, Shape::PeakThenSettles, near, knee, Manner::None},
                {0.1, Shape::Wanders, near, knee, Manner::None}};
    }

    /// What a meter shows of LED+ when the output falls to the knee of lit strings as soon as the driver trips.
    void addCollapse(Modes& modes, double weight) const {
        const double running = highest_ + driver_.someHeadroomVolts();
        addCollapse(modes, weight, ofStrings(seenPeak * running, seenPeakSigma * running), running);
    }

    /// \p running volts of the strings that it falls to
    void addCollapse(Modes& modes, double weight, const Level& peak, double running) const {
        // A meter on a short flash shows anything from a fifth of the peak up, and the output may keep its charge.
        const Level slow = ofStrings(0.55 * running, 0.18 * running);
        const Level kept = ofStrings(0.6 * running, 0.15 * running);
        constexpr double slowMeters = 0.04;
        constexpr double keepsCharge = 0.08;
        modes.push_back({slowMeters * weight, Shape::PeakThenSettles, slow, idle(0.1, 1)});
        modes.push_back({keepsCharge * weight, Shape::PeakThenSettles, peak, kept});
        weight *= 1 - slowMeters - keepsCharge;
        modes.push_back({2 * weight / 3, Shape::PeakThenSettles, peak, idle(0.1, 1)});
        const double idleVolts = idle_.of == Reference::Idle ? driver_.someIdleVolts() : kneeShare * clamp_;
        modes.push_back(
            {weight / 3, Shape::Wanders, peak, ofStrings(0.5 * (idleVolts + kneeShare * running), 0.25 * running)});
    }

    /// LED− while its string, which needs \p missing volts less than the highest, has its current.
    Level sinkInRegulation(double scatter, double missing) const {
        Level level{Reference::Sink, 1, 0, 0, scatter, missing / reference_.stringVolts};
        level.isRegulated = true;
        level.heldShare = -(highest_ - missing) / reference_.stringVolts;
        return level;
    }

    /// LED− of a sink that takes up the \p missing volts, give or take \p spread, while the light is on; of a dark
    /// string when negative. With the light gone after a flash a meter shows little of it, unless the driver runs on
    /// for a while.
    Modes sinkOf(double missing, double spread, double flashes) const {
        const double scatter = std::hypot(0.2 + meterShare * highest_, spread);
        Level lit = sinkInRegulation(scatter, std::max(0.0, missing));
        if (missing < 0) {
            lit = darkSink;
            lit.spreadVolts = scatter;
        }
        if (flashes < negligibleShare) {
            return {{1, Shape::Steady, lit, lit, Manner::SinkHolds}};
        }
        Level seen = lit;
        seen.isRegulated = false;
        for (double* part : {&seen.times, &seen.plus, &seen.stringShare}) {
            *part *= 0.2;
        }
        const double litVolts = missing < 0 ? darkSink.plus : driver_.someHeadroomVolts() + missing;
        seen.spreadVolts = 0.15 * litVolts + 0.3;
        Modes modes = {{1 - 0.8 * flashes, Shape::Steady, lit, lit, Manner::SinkHolds},
                       {0.3 * flashes, Shape::PeakThenSettles, lit, darkSink, Manner::SinkSettles},
                       {0.2 * flashes, Shape::PeakThenSettles, seen, darkSink, Manner::SinkSettles},
                       {0.2 * flashes, Shape::Wanders, seen, darkSink, Manner::SinkWanders},
                       {0.1 * flashes, Shape::Steady, darkSink, darkSink, Manner::SinkIsDark}};
        if (missing >= 0) {
            addAfterTrip(modes, afterTrip * flashes);
        }
        return modes;
    }

    /// Once a driver has tripped its sinks are off: LED− floats at LED+ less the strings' knee, wherever LED+ is then.
    void addAfterTrip(Modes& modes, double share) const {
        for (auto& mode : modes) {
            mode.weight *= 1 - share;
        }
        const Level high{Reference::Strings, 0.16, 0, 0.08, 0.5, 0};
        const Level low{Reference::Strings, 0.08, 0, 0.07, 0.5, 0};
        modes.push_back({0.55 * share, Shape::Steady, low, low, Manner::None});
        modes.push_back({0.3 * share, Shape::PeakThenSettles, high, low, Manner::None});
        modes.push_back({0.15 * share, Shape::Wanders, high, low, Manner::None});
    }

    /// What a meter shows of LED+ that stood at the over-voltage level for a moment, above \p volts, where \p base of
    /// them are still there between such moments.
    Level pulseOver(double volts, double base) const {
        const double above = std::max(0.0, reference_.overVolts - volts);
        return {Reference::OverVolts,
                seenPulse,
                0,
                0,
                seenPulseSigma * above + 0.3,
                (base - seenPulse * volts) / reference_.stringVolts};
    }

    /// A string of another channel is dark and holds LED+ at the over-voltage level: a healthy sink takes up what its
    /// own string, which runs at \p volts, leaves of that; for as long as the driver lets it.
    void addFloat(Modes& modes, double volts, double flashes) const {
        for (auto& mode : modes) {
            mode.weight *= 1 - floats - pulses;
        }
        modes.reserve(modes.size() + 4);
        const Level up{Reference::OverVolts, 1, 0, 0.02, 0.3, -volts / reference_.stringVolts};
        modes.push_back({floats, Shape::Steady, up, up, Manner::SinkFloats});
        const Level seen = pulseOver(volts, 0);
        const Level lit = sinkInRegulation(0.2 + meterShare * volts, 0);
        modes.push_back({pulses * (1 - flashes), Shape::PeakThenSettles, seen, lit, Manner::SinkSettles});
        modes.push_back({0.7 * pulses * flashes, Shape::PeakThenSettles, seen, darkSink, Manner::SinkSettles});
        modes.push_back({0.3 * pulses * flashes, Shape::Wanders, seen, darkSink, Manner::SinkWanders});
    }

    /// A string that touches the chassis takes all the driver gives: it trips on current where the LEDs before the
    /// touch hold LED+, and those flash. Of that moment a meter shows as much as of any other, steadily where the
    /// driver tries again at once; nothing where idle is as high. One that does not trip runs on.
    void touchChassis(Result& result) const {
        const double top = std::min(clamp_, reference_.overVolts);
        const Level peak = ofStrings(seenTouch * top, seenTouchSigma * top + 0.5);
        const Level rest = idle(0.25, 2);
        const Level bottom = ofStrings(0.5 * (driver_.someIdleVolts() + seenTouch * top), 0.25 * top);
        const double running =
            std::max(highest_, reference_.stringVolts - driver_.someHeadroomVolts()) + driver_.someHeadroomVolts();
        const Level steady = regulated(running, peakShare * running);
        result.feed.on = {{0.4, Shape::PeakThenSettles, peak, rest},
                          {0.25, Shape::Wanders, peak, bottom},
                          {0.15, Shape::Steady, peak, peak},
                          {0.1, Shape::Steady, idle(0.1, 1), idle(0.1, 1)},
                          {0.1, Shape::Steady, steady, steady}};
        result.light = {0.25, 0.6, 0.15, 0.15};
    }

    const backlight::DriverSpec& driver_;
    const FeedReference& reference_;
    Demands demands_;
    const Behaviour& behaviour_;
    Level idle_{Reference::Idle, 1, 0, 0, 0, 0};
    int conducting_ = 0;
    int beyond_ = 0;  ///< channels that glow, yet need more than the driver can reach
    double highest_ = 0;
    double highestSpread_ = 0;
    double deficit_ = 0;
    bool lightsSomewhere_ = false;
    double clamp_ = INFINITY;  ///< LED+ at which a leak to the chassis takes all; infinite without one
};

}  // namespace

namespace {

FeedReference referenceOfOne(const backlight::Backlight& backlight) {
    FeedReference reference;
    const auto& label = backlight.feeds.front().labelVolts;
    const double computed = backlight::healthyStringVolts(backlight);
    const double headroom = backlight.driver.someHeadroomVolts();
    reference.isLabelled = label.has_value();
    reference.stringVolts = label.value_or(computed + headroom);
    reference.labelScale = std::max(reference.stringVolts - headroom, 0.1 * reference.stringVolts) / computed;
    reference.overVolts = backlight::overVoltageLevel(backlight);
    reference.overSigma = backlight.driver.ovpRatio ? readOffSigma : reference.overSigma;
    const bool knowsAmps = std::all_of(backlight.channels.begin(), backlight.channels.end(),
                                       [](const auto& channel) { return channel.amps.has_value(); });
    const bool assumesClass = std::any_of(backlight.strips.begin(), backlight.strips.end(),
                                          [](const auto& strip) { return strip.led.classAssumed; });
    // Common practice, no source: a label; a batch of LEDs at a current that is known, or at any from 100 to 600 mA;
    // one to three dies; anything from 20 to 250 V.
    reference.relativeSigma = label                    ? 0.018
                              : !backlight.isDescribed ? 0.63
                              : assumesClass           ? 0.4
                              : knowsAmps              ? 0.025
                                                       : 0.04;
    return reference;
}

/// The strings of another feed.
void moveTo(int feed, Modes& modes) {
    for (auto& mode : modes) {
        mode.volts.feed = feed;
        mode.rest.feed = feed;
    }
}

/// What an eye makes of a screen whose parts are lit by feeds of their own: lit as long as one is.
LightForecast seenTogether(const std::vector<LightForecast>& feeds) {
    if (feeds.size() == 1) {
        return feeds.front();
    }
    LightForecast together{1, 0, 1, feeds.front().medianSecondsToDark};
    double flash = 0;
    for (const auto& light : feeds) {
        together.never *= light.never;
        together.staysLit *= 1 - light.staysLit;
        if (light.flashThenDark > flash) {
            flash = light.flashThenDark;
            together.medianSecondsToDark = light.medianSecondsToDark;
        }
    }
    together.staysLit = 1 - together.staysLit;
    together.flashThenDark = std::max(0.0, 1 - together.never - together.staysLit);
    return together;
}

/// What is seen in front of a picture that hides \p share of it.
LightForecast throughGlass(LightForecast light, double share) {
    light.never += share * (1 - light.never);
    light.flashThenDark *= 1 - share;
    light.staysLit *= 1 - share;
    return light;
}

}  // namespace

DriverReference referenceOf(const backlight::Backlight& backlight) {
    DriverReference reference;
    for (int feed = 0; feed < int(backlight.feeds.size()); ++feed) {
        reference.push_back(referenceOfOne(backlight::feedAlone(backlight, {}, feed).backlight));
    }
    return reference;
}

const Modes* DriverForecast::of(const std::string& test, BoardPlace place) const {
    if (test == ledMinus) {
        return place.channel >= 0 && place.channel < int(sinkOfChannel.size())
                   ? &sinks[std::size_t(sinkOfChannel[std::size_t(place.channel)])]
                   : nullptr;
    }
    if (place.feed < 0 || place.feed >= int(feeds.size())) {
        return nullptr;
    }
    const auto& feed = feeds[std::size_t(place.feed)];
    if (test == ledPlusOn) {
        return &feed.on;
    }
    const auto found =
        std::find_if(feed.still->begin(), feed.still->end(), [&](const auto& voltage) { return voltage.test == test; });
    return found == feed.still->end() ? nullptr : &found->modes;
}

DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<const backlight::ChannelDemand*>& demands,
                        const std::vector<const Behaviour*>& behaviours) {
    const std::size_t feeds = backlight.feeds.size();
    std::vector<Situation> situations;
    situations.reserve(feeds);
    for (std::size_t feed = 0; feed < feeds; ++feed) {
        const double scale = reference[feed].labelScale;
        Situation::Demands own;
        for (std::size_t channel = 0; channel < demands.size(); ++channel) {
            if (backlight.channels[channel].feed == int(feed)) {
                const auto& demand = *demands[channel];
                own.push_back({scale * demand.volts, scale * demand.spreadVolts, demand.conducts, demand.lights,
                               demand.leakAmps > 0, demand.sinkIsDead});
            }
        }
        situations.emplace_back(backlight.driver, reference[feed], std::move(own), *behaviours[feed]);
    }
    DriverForecast result;
    result.sinkOfChannel.resize(demands.size());
    result.feeds.reserve(feeds);
    std::vector<LightForecast> lights;
    for (std::size_t feed = 0; feed < feeds; ++feed) {
        double othersRun = 1;
        for (std::size_t other = 0; other < feeds; ++other) {
            othersRun *= other == feed ? 1 : 1 - situations[other].trips();
        }
        auto own = situations[feed].ask(tripTogether * (1 - othersRun));
        if (feed > 0) {
            moveTo(int(feed), own.feed.on);
            std::for_each(own.sinks.begin(), own.sinks.end(), [&](Modes& modes) { moveTo(int(feed), modes); });
            auto still = std::make_shared<std::vector<Voltage>>(*own.feed.still);
            std::for_each(still->begin(), still->end(), [&](Voltage& v) { moveTo(int(feed), v.modes); });
            own.feed.still = std::move(still);
        }
        int at = 0;
        for (std::size_t channel = 0; channel < demands.size(); ++channel) {
            if (backlight.channels[channel].feed == int(feed)) {
                result.sinkOfChannel[channel] = int(result.sinks.size()) + own.sinkOfChannel[std::size_t(at++)];
            }
        }
        if (result.sinks.empty()) {
            result.sinks = std::move(own.sinks);
        } else {
            std::move(own.sinks.begin(), own.sinks.end(), std::back_inserter(result.sinks));
        }
        result.feeds.push_back(std::move(own.feed));
        lights.push_back(own.light);
    }
    result.light = seenTogether(lights);
    for (const auto* behaviour : behaviours) {
        result.light = throughGlass(result.light, behaviour->hidesLight);
    }
    return result;
}

DriverForecast forecast(const backlight::Backlight& backlight, const DriverReference& reference,
                        const std::vector<backlight::ChannelDemand>& demands,
                        const std::vector<const Behaviour*>& behaviours) {
    std::vector<const backlight::ChannelDemand*> each;
    for (const auto& demand : demands) {
        each.push_back(&demand);
    }
    return forecast(backlight, reference, each, behaviours);
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
