#include "core/driver/switch_on.h"

#include <algorithm>
#include <cmath>

namespace dimglow::driver {

namespace {

constexpr double sampleSeconds = 1e-3;
constexpr int stepsWhileDriven = 5;  ///< to each sample; one is enough while the output only decays
constexpr double longestSeconds = 60;
constexpr double regulatedShare = 0.98;  ///< of its current is a sink in regulation
constexpr double litShare = 0.02;        ///< of the working current is seen
constexpr double reserveRatio = 4;       ///< the stage can give this many times the working power while it charges

/// The driver between its supply and its output stage.
class Run {
public:
    Run(const StageSpec& stage, const StringLoad& load)
        : stage_(stage), load_(load), output_(stage.outputFarads, stage.bleederOhms, load), supply_(stage.supplyVolts) {
        isDropped_.assign(std::size_t(load.channels()), false);
        output_.setVolts(std::max(0.0, stage.supplyVolts - 0.6));
        target_ = output_.volts();
    }

    SwitchOn watch(double seconds, const std::stop_token& stop) {
        const auto count = std::size_t(std::min(seconds, longestSeconds) / sampleSeconds);
        for (std::size_t i = 0; i <= count && !stop.stop_requested(); ++i) {
            now_ = double(i) * sampleSeconds;
            note();
            const int steps = state_ == DriverState::Off || state_ == DriverState::Latched ? 1 : stepsWhileDriven;
            for (int step = 0; step < steps; ++step) {
                advance(sampleSeconds / steps);
            }
        }
        return std::move(result_);
    }

private:
    bool drives() const {
        return state_ == DriverState::SoftStart || state_ == DriverState::Regulate || state_ == DriverState::Blanking;
    }

    void enter(DriverState state) {
        state_ = state;
        since_ = now_;
    }

    void start() {
        enter(DriverState::SoftStart);
        target_ = output_.volts();
        ++result_.tries;
    }

    /// Lowest and highest LED− of the channels that it still drives, and the current of all sinks.
    void look() {
        lowest_ = INFINITY;
        highest_ = 0;
        sinkAmps_ = 0;
        for (int channel = 0; channel < load_.channels(); ++channel) {
            sinkAmps_ += load_.sinkAmps(channel, output_.volts());
            if (!isDropped_[std::size_t(channel)]) {
                const double minus = load_.ledMinus(channel, output_.volts());
                lowest_ = std::min(lowest_, minus);
                highest_ = std::max(highest_, minus);
            }
        }
    }

    /// Leaves out the channels that have no current. \returns whether others are left to run on
    bool dropDarkChannels() {
        bool isAnyLeft = false;
        for (int channel = 0; channel < load_.channels(); ++channel) {
            const bool isDark =
                load_.sinkAmps(channel, output_.volts()) < litShare * stage_.workingAmps / double(load_.channels());
            isDropped_[std::size_t(channel)] = isDropped_[std::size_t(channel)] || isDark;
            isAnyLeft = isAnyLeft || !isDropped_[std::size_t(channel)];
        }
        return isAnyLeft;
    }

    Trip fault() const {
        if (supply_ < stage_.dropoutRatio * stage_.supplyVolts) {
            return Trip::SupplyDropout;
        }
        if (output_.volts() >= 0.995 * stage_.overVolts && !stage_.clampsOverVoltage) {
            return Trip::OverVoltage;
        }
        if (load_.amps(output_.volts()) > stage_.overCurrentRatio * stage_.workingAmps) {
            return Trip::OverCurrent;
        }
        if (lowest_ > regulatedShare * stage_.headroomVolts && highest_ - lowest_ > stage_.imbalanceVolts) {
            return Trip::Imbalance;
        }
        return Trip::None;
    }

    void advance(double stepSeconds) {
        look();
        now_ += stepSeconds;
        if (nextStop_ < stage_.stops.size() && now_ >= stage_.stops[nextStop_]) {
            ++nextStop_;
            if (drives()) {
                enter(DriverState::Off);
            }
        }
        switch (state_) {
            case DriverState::Idle:
                if (stage_.asked && stage_.switches && stage_.dim > 0 && stage_.supplyVolts > 0) {
                    start();
                }
                break;
            case DriverState::SoftStart:
                target_ =
                    std::min(stage_.overVolts, target_ + stepSeconds * stage_.overVolts / stage_.softStartSeconds);
                if (lowest_ >= regulatedShare * stage_.headroomVolts) {
                    target_ = output_.volts();
                    enter(DriverState::Regulate);
                }
                watchForFault();
                break;
            case DriverState::Regulate:
                target_ += 0.2 * (stage_.headroomVolts - lowest_);
                target_ = std::clamp(target_, leastTarget(), stage_.overVolts);
                watchForFault();
                break;
            case DriverState::Blanking:
                if (fault() == Trip::None) {
                    enter(DriverState::Regulate);
                } else if (now_ - since_ >= stage_.blankingSeconds || fault() == Trip::SupplyDropout) {
                    result_.firstTrip = result_.firstTrip == Trip::None ? fault() : result_.firstTrip;
                    const bool runsOn = stage_.dropsDarkChannels && fault() == Trip::OverVoltage && dropDarkChannels();
                    if (!runsOn) {
                        result_.trips.push_back(now_);
                    }
                    enter(runsOn ? DriverState::Regulate : DriverState::Off);
                }
                break;
            case DriverState::Off:
                if (now_ - since_ >= stage_.hiccupSeconds) {
                    if (stage_.restarts && result_.tries > *stage_.restarts) {
                        result_.blinks = stage_.blinkCode;
                        enter(DriverState::Latched);
                    } else {
                        start();
                    }
                }
                break;
            case DriverState::Latched:
                break;
        }
        feed(stepSeconds);
    }

    /// Comes down from over-voltage with the output, not ahead of it, once a channel was left out.
    double leastTarget() const {
        constexpr double aheadVolts = 1;
        const bool hasDropped = std::find(isDropped_.begin(), isDropped_.end(), true) != isDropped_.end();
        return hasDropped ? std::max(0.0, output_.volts() - aheadVolts) : 0;
    }

    void watchForFault() {
        if (fault() != Trip::None) {
            enter(DriverState::Blanking);
        }
    }

    /// Drives the output towards its target and takes the power from the supply.
    void feed(double stepSeconds) {
        double amps = 0;
        if (drives() && supply_ > 0) {
            const double wanted =
                stage_.outputFarads * (target_ - output_.volts()) / stepSeconds + load_.amps(output_.volts());
            const double most = reserveRatio * stage_.workingAmps;
            amps = std::clamp(wanted, 0.0, most);
        }
        const double inputAmps = supply_ > 0.05 * stage_.supplyVolts && amps > 0
                                     ? amps * output_.volts() / (stage_.efficiency * supply_)
                                     : 0;
        const double siemens = 1 / stage_.supplyOhms;
        const double perStep = stage_.supplyFarads / stepSeconds;
        supply_ = std::max(0.0, (perStep * supply_ + siemens * stage_.supplyVolts - inputAmps) / (perStep + siemens));
        output_.step(amps, supply_, stepSeconds);
    }

    void note() {
        look();
        Sample sample{now_, output_.volts(), sinkAmps_, {}, state_};
        for (int channel = 0; channel < load_.channels(); ++channel) {
            sample.ledMinus.push_back(load_.ledMinus(channel, output_.volts()));
        }
        const bool lit = load_.brightestAmps(output_.volts()) > litShare * stage_.workingAmps;
        if (lit) {
            result_.lightSeconds = result_.lightSeconds.value_or(now_);
        } else if (result_.lightSeconds && !result_.darkSeconds) {
            result_.darkSeconds = now_;
        }
        result_.samples.push_back(std::move(sample));
    }

    const StageSpec& stage_;
    const StringLoad& load_;
    OutputStage output_;
    double supply_;
    double target_ = 0;
    double now_ = 0;
    double since_ = 0;
    std::size_t nextStop_ = 0;  ///< into the stage's stops
    double lowest_ = 0;
    double highest_ = 0;
    double sinkAmps_ = 0;
    std::vector<bool> isDropped_;  ///< by channel
    DriverState state_ = DriverState::Idle;
    SwitchOn result_;
};

}  // namespace

StageSpec stageOf(const backlight::Backlight& backlight, const FeedReference& reference, const StageChange& change) {
    StageSpec stage;
    stage.supplyVolts = backlight.driver.someIdleVolts() + 0.6;
    stage.headroomVolts = std::max(0.05, backlight.driver.someHeadroomVolts());
    stage.overVolts = reference.overVolts / reference.labelScale;
    stage.workingAmps = 0;
    for (const auto& channel : backlight.channels) {
        stage.workingAmps += channel.someAmps();
    }
    const double watts = reference.stringVolts * stage.workingAmps / stage.efficiency;
    // Holds B+ within a few per cent at full load, charging included.
    stage.supplyOhms = 0.02 * stage.supplyVolts * stage.supplyVolts / std::max(1e-3, reserveRatio * watts);
    stage.supplyFarads = 2e-3 * watts / stage.supplyVolts;
    if (change.reaches) {
        // What it can give before B+ has fallen to the dropout level is that share of what the strings need.
        stage.supplyOhms = stage.dropoutRatio * (1 - stage.dropoutRatio) * stage.supplyVolts * stage.supplyVolts /
                           (*change.reaches * std::max(1e-3, watts));
    }
    stage.supplyFarads *= change.supplyFaradsTimes;
    stage.supplyVolts *= change.supplyTimes;
    stage.overVolts *= change.overVoltsTimes;
    stage.overCurrentRatio *= change.overCurrentTimes;
    stage.switches = change.switches;
    stage.asked = change.asked;
    stage.dim = change.dim;
    return stage;
}

const char* stateWords(DriverState state) {
    constexpr const char* words[] = {"idle", "soft start", "regulates", "fault seen", "off", "latched"};
    return words[int(state)];
}

text::Text tripWords(Trip trip) {
    using text::say;
    const text::Text words[] = {say("none"), say("over-voltage"), say("over-current"), say("unequal channels"),
                                say("supply collapsed")};
    return words[int(trip)];
}

std::vector<double> SwitchOn::ledPlus() const {
    std::vector<double> volts;
    for (const auto& sample : samples) {
        volts.push_back(sample.ledPlus);
    }
    return volts;
}

std::vector<double> SwitchOn::ledMinus(int channel) const {
    std::vector<double> volts;
    for (const auto& sample : samples) {
        volts.push_back(sample.ledMinus.at(channel));
    }
    return volts;
}

SwitchOn simulate(const StageSpec& stage, const StringLoad& load, double seconds, const std::stop_token& stop) {
    return Run(stage, load).watch(seconds, stop);
}

SwitchOn switchOn(const backlight::Backlight& backlight, int feed, const DriverReference& reference,
                  const backlight::Faults& strings, const StageChange& change, double seconds, bool plugOut,
                  const std::stop_token& stop) {
    const auto alone = backlight::feedAlone(backlight, strings, feed);
    const auto& own = reference.at(std::size_t(feed));
    const double reachVolts = 1.1 * own.overVolts / own.labelScale;
    return simulate(stageOf(alone.backlight, own, change),
                    StringLoad(alone.backlight, alone.faults, reachVolts, plugOut, stop), seconds, stop);
}

}  // namespace dimglow::driver
