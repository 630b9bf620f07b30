#include "core/parts/led_check.h"

#include <algorithm>
#include <cmath>

#include "core/backlight/wiring.h"
#include "core/circuit/operating_point.h"

namespace dimglow::parts {

using text::say;
using text::Text;

using backlight::LedFault;

namespace {

constexpr double diodeModeAmps = 1e-3;
constexpr double shortedVolts = 0.15;

double limitOf(const LedCheckSetting& setting) {
    switch (setting.method) {
        case LedMethod::BenchSupply:
            return setting.limitAmps;
        case LedMethod::SeriesResistor:
            return setting.volts / setting.seriesOhms;
        case LedMethod::DiodeMode:
            break;
    }
    return diodeModeAmps;
}

double outputOhmsOf(const LedCheckSetting& setting) {
    return setting.method == LedMethod::SeriesResistor ? setting.seriesOhms : 1e-3;
}

}  // namespace

LedCheckForecast forecastOf(const backlight::LedSpec& spec, const LedCheckSetting& setting,
                            std::optional<LedFault> fault, const backlight::FaultSize& size) {
    circuit::Network network;
    const auto top = network.addNode();
    const auto elements = backlight::elementsOf(spec, fault, size);
    if (elements.junction) {
        network.addDiode(top, circuit::ground, *elements.junction);
    }
    if (elements.besideOhms) {
        network.addResistor(top, circuit::ground, *elements.besideOhms);
    }
    network.addSupply({top, circuit::ground, setting.volts, limitOf(setting), outputOhmsOf(setting)});
    const auto point = circuit::solve(network);
    LedCheckForecast forecast;
    forecast.volts = point.nodeVolts[top];
    forecast.amps = point.supplyAmps[0];
    forecast.overload = forecast.amps < backlight::glowAmps;
    const bool isDark = fault && backlight::onTester(*fault) == LedFault::Dark;
    forecast.glows = elements.junction && !isDark && point.diodeAmps[0] > backlight::glowAmps;
    return forecast;
}

std::vector<backlight::FaultSize> sizesOf(std::optional<LedFault> fault) {
    std::vector<backlight::FaultSize> sizes;
    if (fault == LedFault::Leaky) {
        for (const double times : {0.33, 0.66, 1.3, 2.5, 5.0, 10.0}) {
            sizes.push_back({backlight::darkExtraVolts, times * backlight::leakOhmsPerDie});
        }
    } else if (fault == LedFault::Dark || fault == LedFault::DarkOpens) {
        for (const double extra : {0.3, 1.0, 2.0, 3.0, 4.0}) {
            sizes.push_back({extra, backlight::leakOhmsPerDie});
        }
    } else {
        sizes.emplace_back();
    }
    return sizes;
}

double ledCheckSigma(const LedCheckForecast& forecast, bool inSteps) {
    return 0.05 + (inSteps ? 0.25 : 0.03) * forecast.volts;
}

Text verdictWords(LedVerdict verdict) {
    const Text words[] = {say("good"),  say("open"),          say("shorted"),    say("dark but conducting"),
                          say("leaky"), say("a die shorted"), say("in circuit"), say("cannot tell")};
    return words[int(verdict)];
}

LedJudgement judge(const backlight::LedSpec& spec, const LedCheckSetting& setting, const LedCheckReading& reading) {
    const auto good = forecastOf(spec, setting, std::nullopt);
    const auto halfDead = forecastOf(spec, setting, LedFault::DieShorted);
    const bool lacksADie = spec.dies > 1 && reading.volts && !halfDead.overload &&
                           std::abs(*reading.volts - halfDead.volts) < 0.5 * good.volts / spec.dies;
    if (reading.lit.value_or(false) && !lacksADie) {
        const auto leaky = forecastOf(spec, setting, LedFault::Leaky);
        if (reading.volts && *reading.volts < 0.5 * (good.volts + leaky.volts) && leaky.volts < good.volts - 0.1) {
            return {LedVerdict::Leaky, say("It glows at {:.2f} V where a good one needs {:.2f} V: current "
                                           "flows beside its junction.",
                                           *reading.volts, good.volts)};
        }
        return {LedVerdict::Good, say("It glows; a good one shows {:.2f} V here.", good.volts)};
    }
    if (reading.reverseVolts && reading.volts && *reading.volts > shortedVolts &&
        std::abs(*reading.volts - *reading.reverseVolts) < 0.1 * *reading.volts) {
        return {LedVerdict::InCircuit,
                say("The same {:.2f} V both ways is the circuit around it: lift one leg and measure again.",
                    *reading.volts)};
    }
    if (reading.volts && *reading.volts < shortedVolts) {
        if (setting.method == LedMethod::DiodeMode && reading.reverseTried && !reading.reverseVolts) {
            return {LedVerdict::CannotTell, say("Near 0 V one way and OL the other is no LED: check the leads.")};
        }
        return {LedVerdict::Shorted,
                say("{:.2f} V at {:.0f} mA: current, no voltage.", *reading.volts, 1000 * limitOf(setting))};
    }
    const bool noCurrent = reading.amps ? *reading.amps < backlight::glowAmps : !reading.volts;
    if (noCurrent) {
        if (good.overload) {
            return {LedVerdict::CannotTell,
                    say("{:.1f} V does not reach this LED's knee: a good one shows OL as well.", setting.volts)};
        }
        return {LedVerdict::Open, say("No current; a good one would carry {:.1f} mA.", 1000 * good.amps)};
    }
    if (!reading.volts) {
        return {LedVerdict::CannotTell, say("Current without a voltage reading: note both.")};
    }
    if (lacksADie) {
        return {LedVerdict::DieShorted, say("{:.2f} V where a good one shows {:.2f} V: one of {} dies is "
                                            "shorted.",
                                            *reading.volts, good.volts, spec.dies)};
    }
    if (*reading.volts < 0.75 * good.volts) {
        return {LedVerdict::Leaky, say("{:.2f} V, far below the {:.2f} V of a good one: the current flows beside its "
                                       "junction.",
                                       *reading.volts, good.volts)};
    }
    if (reading.lit.has_value()) {
        return {LedVerdict::Dark, say("It carries current at {:.2f} V and gives no light.", *reading.volts)};
    }
    return std::abs(*reading.volts - good.volts) < 0.08 * good.volts
               ? LedJudgement{LedVerdict::Good, say("{:.2f} V; a good one shows {:.2f} V.", *reading.volts, good.volts)}
               : LedJudgement{LedVerdict::CannotTell,
                              say("{:.2f} V; a good one shows {:.2f} V. Does it glow?", *reading.volts, good.volts)};
}

}  // namespace dimglow::parts
