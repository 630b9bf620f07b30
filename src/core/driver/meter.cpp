#include "core/driver/meter.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace dimglow::driver {

namespace {
constexpr double readingSeconds = 1.0 / 3;
constexpr double settledShare = 0.04;  ///< what a person still calls steady
constexpr double settledVolts = 0.5;
constexpr std::size_t settledReadings = 4;
}  // namespace

MeterView throughMeter(std::span<const double> volts, double secondsApart, double windowSeconds) {
    MeterView view;
    const auto window = std::size_t(windowSeconds / secondsApart);
    for (int reading = 1;; ++reading) {
        const auto end = std::size_t(reading * readingSeconds / secondsApart);
        if (end > volts.size()) {
            break;
        }
        const auto part = volts.subspan(end - window, window);
        view.readings.push_back(std::accumulate(part.begin(), part.end(), 0.0) / double(window));
    }
    if (view.readings.empty()) {
        return view;
    }
    const auto [low, high] = std::minmax_element(view.readings.begin(), view.readings.end());
    view.lowest = *low;
    view.highest = *high;
    const std::size_t tail = std::min(settledReadings, view.readings.size());
    const auto [tailLow, tailHigh] =
        std::minmax_element(view.readings.end() - std::ptrdiff_t(tail), view.readings.end());
    const double band = settledVolts + settledShare * *tailHigh;
    const double last = view.readings.back();
    if (*tailHigh - *tailLow > band) {
        view.shape = Shape::Wanders;
        // The first rise is not part of the wander.
        view.rest = view.readings.size() > 1 ? *std::min_element(view.readings.begin() + 1, view.readings.end()) : *low;
        view.volts = view.highest;
    } else if (view.highest - last > 2 * band) {
        view.shape = Shape::PeakThenSettles;
        view.volts = view.highest;
        view.rest = last;
    } else {
        view.shape = Shape::Steady;
        view.volts = view.rest = last;
    }
    return view;
}

}  // namespace dimglow::driver
