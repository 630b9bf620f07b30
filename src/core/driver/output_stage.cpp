#include "core/driver/output_stage.h"

#include <algorithm>
#include <cmath>

#include "core/circuit/operating_point.h"

namespace dimglow::driver {

namespace {
constexpr int tablePoints = 600;
constexpr double feedOhms = 0.5;
constexpr double feedDiodeVolts = 0.6;
}  // namespace

StringLoad::StringLoad(const backlight::Backlight& backlight, const backlight::Faults& faults, double reachVolts,
                       bool plugOut, const std::stop_token& stop)
    : step_(reachVolts / tablePoints) {
    const std::size_t channels = backlight.channels.size();
    amps_.assign(tablePoints + 1, 0);
    sinks_.assign(channels, std::vector<double>(tablePoints + 1, 0));
    minus_ = sinks_;
    glow_ = amps_;
    if (plugOut) {
        return;
    }
    constexpr double unlimitedAmps = 1000;
    const auto panel = backlight::buildPanel(backlight, faults, reachVolts, unlimitedAmps, backlight::Detail::Merged);
    circuit::OperatingPointSolver solver(panel.network);
    for (int i = 1; i <= tablePoints && !stop.stop_requested(); ++i) {
        solver.setSupply(0, i * step_, unlimitedAmps);
        const auto point = solver.settled();
        amps_[i] = std::max(amps_[i - 1], point.supplyAmps[0]);
        for (const double led : point.diodeAmps) {
            glow_[i] = std::max(glow_[i], led);
        }
        for (std::size_t channel = 0; channel < channels; ++channel) {
            sinks_[channel][i] = point.supplyAmps[panel.sinkOfChannel[channel]];
            minus_[channel][i] = point.nodeVolts[panel.ledMinus[channel]];
        }
    }
}

double StringLoad::at(const std::vector<double>& column, double volts) const {
    const double place = std::max(0.0, volts / step_);
    const auto below = std::min(std::size_t(place), column.size() - 2);
    return column[below] + (place - double(below)) * (column[below + 1] - column[below]);
}

double StringLoad::amps(double ledPlusVolts) const {
    return at(amps_, ledPlusVolts);
}

double StringLoad::brightestAmps(double ledPlusVolts) const {
    return at(glow_, ledPlusVolts);
}

double StringLoad::sinkAmps(int channel, double ledPlusVolts) const {
    return at(sinks_.at(channel), ledPlusVolts);
}

double StringLoad::ledMinus(int channel, double ledPlusVolts) const {
    return at(minus_.at(channel), ledPlusVolts);
}

OutputStage::OutputStage(double farads, double bleederOhms, const StringLoad& load)
    : farads_(farads), bleederOhms_(bleederOhms), load_(load) {}

double OutputStage::step(double amps, double feedVolts, double seconds) {
    const auto surplus = [&](double v) {
        const double feed = std::max(0.0, feedVolts - feedDiodeVolts - v) / feedOhms;
        return farads_ * (v - volts_) / seconds + load_.amps(v) + v / bleederOhms_ - feed - amps;
    };
    double low = 0;
    double high = std::max(volts_, feedVolts) + amps * seconds / farads_ + 1e-9;
    for (int halving = 0; halving < 60 && high - low > 1e-10 * (1 + high); ++halving) {
        const double middle = 0.5 * (low + high);
        (surplus(middle) < 0 ? low : high) = middle;
    }
    return volts_ = 0.5 * (low + high);
}

}  // namespace dimglow::driver
