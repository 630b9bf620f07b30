#include "core/safety/stored_charge.h"

#include <algorithm>
#include <cmath>

namespace dimglow::safety {

double secondsTo(double residual, double initial, double farads, double ohms) {
    return initial > residual ? ohms * farads * std::log(initial / residual) : 0;
}

double joulesOf(double farads, double volts) {
    return farads * volts * volts / 2;
}

double peakWattsOf(double volts, double ohms) {
    return volts * volts / ohms;
}

double parallelOhms(double one, double other) {
    return one * other / (one + other);
}

std::optional<double> timeConstantOf(const TimedReadings& readings) {
    const bool falls = readings.seconds > 0 && readings.secondVolts > 0 && readings.firstVolts > readings.secondVolts;
    return falls ? std::optional(readings.seconds / std::log(readings.firstVolts / readings.secondVolts))
                 : std::nullopt;
}

std::optional<double> faradsOf(const TimedReadings& readings, double bleederOhms, bool meterHangsOn) {
    const auto constant = timeConstantOf(readings);
    const double ohms = meterHangsOn ? parallelOhms(bleederOhms, meterOhms) : bleederOhms;
    return constant ? std::optional(*constant / ohms) : std::nullopt;
}

std::optional<Discharge> dischargeThrough(const Discharger& resistor, double farads, double volts) {
    constexpr double overloadSeconds = 5;
    if (!resistor.ohms) {
        return std::nullopt;
    }
    Discharge discharge;
    discharge.secondsToTouch = secondsTo(touchVolts, volts, farads, *resistor.ohms);
    discharge.secondsToReady = secondsTo(readyVolts, volts, farads, *resistor.ohms);
    discharge.peakWatts = peakWattsOf(volts, *resistor.ohms);
    discharge.joules = joulesOf(farads, volts);
    discharge.standsTheVolts = volts <= resistor.volts.value_or(volts);
    discharge.standsThePulse = !resistor.watts || discharge.joules <= overloadSeconds * *resistor.watts;
    return discharge;
}

}  // namespace dimglow::safety
