#include "core/evidence/led_checked.h"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

#include "core/backlight/backlight_json.h"
#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

using backlight::LedFault;

namespace {

const std::vector<const char*> methodWords = {"bench-supply", "series-resistor", "diode-mode"};
constexpr double trickleAmps = 1e-4;  ///< less is no current

/// How well the reading fits each fault, by LedFault, and a good LED at the end.
using Fits = std::array<double, backlight::ledFaultKinds + 1>;

double fitOf(const parts::LedCheckReading& reading, const parts::LedCheckForecast& f, double sigmaVolts) {
    double density = 1;
    if (reading.volts) {
        density *= f.overload ? 0.02 : pdf(boost::math::normal(f.volts, sigmaVolts), *reading.volts);
    } else {
        density *= f.overload ? 1 : 0.02;
    }
    if (reading.amps) {
        density *= (*reading.amps < trickleAmps) == (f.amps < trickleAmps) ? 1 : 0.02;
    }
    if (reading.lit) {
        density *= *reading.lit == f.glows ? 1 : 0.03;
    }
    return density;
}

Fits fitsOf(const LedChecked& check, const backlight::LedSpec& spec) {
    Fits fits{};
    for (int kind = 0; kind <= backlight::ledFaultKinds; ++kind) {
        const auto fault = kind == backlight::ledFaultKinds ? std::nullopt : std::optional(LedFault(kind));
        const auto sizes = parts::sizesOf(fault);
        double fit = 0;
        for (const auto& size : sizes) {
            const auto f = parts::forecastOf(spec, check.setting, fault, size);
            fit += fitOf(check.reading, f, parts::ledCheckSigma(f, sizes.size() > 1)) / double(sizes.size());
        }
        fits[std::size_t(kind)] = fit + slipShare / 10;
    }
    return fits;
}

}  // namespace

void LedChecked::check(const format::Check& at, const Places& places) const {
    places.check(at, place);
    at.number("setVolts", setting.volts, limits::ledSetVolts);
    at.number("limitAmps", setting.limitAmps, limits::ledLimitAmps);
    at.number("seriesOhms", setting.seriesOhms, limits::seriesOhms);
    at.number("volts", reading.volts, limits::ledVolts);
    at.number("reverseVolts", reading.reverseVolts, limits::ledVolts);
    at.number("amps", reading.amps, limits::ledAmps);
}

void LedChecked::write(nlohmann::json& json) const {
    json.update(backlight::toJson(place));
    json["method"] = methodWords[std::size_t(setting.method)];
    json["setVolts"] = setting.volts;
    json["limitAmps"] = setting.limitAmps;
    json["seriesOhms"] = setting.seriesOhms;
    json["reverseTried"] = reading.reverseTried;
    const std::pair<const char*, const std::optional<double>*> readings[] = {
        {"volts", &reading.volts}, {"reverseVolts", &reading.reverseVolts}, {"amps", &reading.amps}};
    for (const auto& [key, value] : readings) {
        if (*value) {
            json[key] = **value;
        }
    }
    if (reading.lit) {
        json["lit"] = *reading.lit;
    }
}

LedChecked LedChecked::read(format::Fields& fields) {
    LedChecked check;
    check.place = backlight::readPlace(fields);
    check.setting.method = parts::LedMethod(fields.choice("method", methodWords));
    check.setting.volts = fields.number("setVolts");
    check.setting.limitAmps = fields.number("limitAmps", check.setting.limitAmps);
    check.setting.seriesOhms = fields.number("seriesOhms", check.setting.seriesOhms);
    check.reading.volts = fields.maybeNumber("volts");
    check.reading.reverseVolts = fields.maybeNumber("reverseVolts");
    check.reading.reverseTried = fields.flag("reverseTried", false);
    check.reading.amps = fields.maybeNumber("amps");
    if (fields.has("lit")) {
        check.reading.lit = fields.flag("lit", false);
    }
    return check;
}

Text LedChecked::title(const Scene& scene) const {
    return say("{} on its own", nameOf(scene.backlight, place));
}

Text LedChecked::describe(const Scene& scene) const {
    const auto volts = [](const std::optional<double>& read) { return read ? say("{:.2f} V", *read) : say("OL"); };
    Text words = volts(reading.volts);
    if (reading.reverseTried) {
        words = text::joined({words, volts(reading.reverseVolts)}, " / ");
    }
    if (reading.lit) {
        words = text::joined({words, *reading.lit ? say("lit") : say("dark")});
    }
    const auto judgement = parts::judge(scene.backlight.strips.at(std::size_t(place.strip)).led, setting, reading);
    return say("{}: {}", words, parts::verdictWords(judgement.verdict));
}

double LedChecked::logLikelihood(Explanation& explanation) const {
    std::any& kept = explanation.memory();
    if (!kept.has_value()) {
        kept = fitsOf(*this, explanation.strings().backlight().strips[std::size_t(place.strip)].led);
    }
    const auto& fits = *std::any_cast<Fits>(&kept);
    const auto shares = explanation.strings().faultShares(place);
    double good = 1;
    double total = 0;
    for (std::size_t fault = 0; fault < shares.size(); ++fault) {
        total += shares[fault] * fits[fault];
        good -= shares[fault];
    }
    return std::log(total + std::max(0.0, good) * fits.back());
}

}  // namespace dimglow::evidence
