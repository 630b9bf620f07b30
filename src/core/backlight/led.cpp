#include "core/backlight/led.h"

#include <fmt/format.h>
#include <cmath>
#include <stdexcept>

namespace dimglow::backlight {

LedSpec classLed(int dies, double ratedVolts, std::optional<double> ratedAmps) {
    LedSpec spec;
    spec.dies = dies;
    spec.ratedVolts = ratedVolts;
    spec.ratedAmps = ratedAmps;
    return spec;
}

circuit::DiodeModel ledCurve(const LedSpec& spec, double celsius) {
    const double perDie = spec.ratedVolts / spec.dies;
    const double junctionVolts = perDie - spec.seriesDropVolts;
    if (!(spec.dies > 0) || !(spec.someRatedAmps() > 0) || !(junctionVolts > 0) || !(spec.ideality > 0) ||
        !(spec.seriesDropVolts > 0) || !std::isfinite(celsius)) {
        throw std::invalid_argument(
            fmt::format("an LED of {} dies, {} V at {} A has no curve: {} V is left for each junction", spec.dies,
                        spec.ratedVolts, spec.someRatedAmps(), junctionVolts));
    }
    circuit::DiodeModel model;
    model.dies = spec.dies;
    model.emissionVolts = spec.ideality * circuit::thermalVolts(referenceKelvin);
    model.seriesOhms = spec.seriesDropVolts / spec.someRatedAmps();
    model.saturationAmps = spec.someRatedAmps() / std::expm1(junctionVolts / model.emissionVolts);
    if (!std::isnormal(model.saturationAmps)) {
        throw std::invalid_argument(
            fmt::format("an LED of {} V over {} dies has no curve: its saturation current is out of reach",
                        spec.ratedVolts, spec.dies));
    }
    model.offsetVolts = spec.dies * voltsPerKelvinPerDie * (celsius - 25);
    return model;
}

std::optional<LedSpec> withVoltsTimes(LedSpec spec, double factor) {
    spec.ratedVolts *= factor;
    try {
        ledCurve(spec);
    } catch (const std::invalid_argument&) {
        return std::nullopt;
    }
    return spec;
}

LedElements elementsOf(const LedSpec& spec, std::optional<LedFault> fault, const FaultSize& size, double celsius) {
    auto model = ledCurve(spec, celsius);
    if (!fault) {
        return {model, {}};
    }
    switch (*fault) {
        case LedFault::Open:
        case LedFault::GroupOpen:
            return {{}, openOhms};
        case LedFault::Shorted:
            return {{}, shortOhms};
        case LedFault::Dark:
        case LedFault::DarkOpens:
            model.offsetVolts += size.extraVolts;
            break;
        case LedFault::Leaky:
            return {model, size.leakOhms * model.dies};
        case LedFault::DieShorted:
            if (model.dies < 2) {
                return {{}, shortOhms};
            }
            model.offsetVolts *= (model.dies - 1) / model.dies;
            model.dies -= 1;
            break;
        case LedFault::Aged:
            break;
    }
    return {model, {}};
}

}  // namespace dimglow::backlight
