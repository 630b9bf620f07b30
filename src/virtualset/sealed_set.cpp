#include "virtualset/sealed_set.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace dimglow::virtualset {

namespace {

constexpr double meterShare = 0.003;

double rounded(double volts) {
    return std::round(volts * 10) / 10;
}

}  // namespace

SealedSet::SealedSet(backlight::Backlight backlight, SealedFault fault, const knowledge::Knowledge& trade)
    : backlight_(std::move(backlight)),
      fault_(std::move(fault)),
      trade_(trade),
      suspect_(trade.suspect(fault_.suspect)) {
    if (suspect_ == nullptr) {
        throw std::invalid_argument(fmt::format("there is no suspect \"{}\"", fault_.suspect));
    }
    std::vector<backlight::ChannelDemand> demands;
    for (int channel = 0; channel < int(backlight_.channels.size()); ++channel) {
        demands.push_back(backlight::demandOf(backlight_, channel, fault_.strings, 2000));
    }
    forecast_ = driver::forecast(backlight_, driver::referenceOf(backlight_), demands, suspect_->driver);
}

/// A number in -1 … 1 that depends on the seed and the question only (FNV-1a, folded).
double SealedSet::spread(const std::string& what) const {
    std::uint32_t hash = 2166136261u ^ fault_.seed;
    for (const char c : what) {
        hash = (hash ^ static_cast<unsigned char>(c)) * 16777619u;
    }
    hash ^= hash >> 15;
    return double(hash % 20001) / 10000 - 1;
}

job::Answer SealedSet::answer(const std::string& test) const {
    const auto* kind = trade_.test(test);
    if (kind == nullptr || kind->choices.empty()) {
        throw std::invalid_argument(fmt::format("\"{}\" is no question with choices", test));
    }
    const auto own = suspect_->answers.find(test);
    const auto& shares = own == suspect_->answers.end() ? kind->usual : own->second;
    const auto likeliest = std::max_element(shares.begin(), shares.end(),
                                            [](const auto& a, const auto& b) { return a.second < b.second; });
    return {test, likeliest->first};
}

job::LightSeen SealedSet::light() const {
    const auto& light = forecast_.light;
    if (light.never >= std::max(light.flashThenDark, light.staysLit)) {
        return {driver::Light::Never, 0};
    }
    if (light.staysLit >= light.flashThenDark) {
        return {driver::Light::StaysLit, 0};
    }
    return {driver::Light::FlashThenDark, rounded(light.medianSecondsToDark * std::exp(0.3 * spread("light")) + 0.05)};
}

job::Measured SealedSet::measure(const std::string& test, int channel) const {
    const auto* volts = driver::forecastOf(forecast_, test, channel);
    if (volts == nullptr) {
        throw std::invalid_argument(fmt::format("\"{}\" of channel {} is no voltage", test, channel));
    }
    const auto& mode = *std::max_element(volts->begin(), volts->end(),
                                         [](const auto& a, const auto& b) { return a.weight < b.weight; });
    const double off = 0.5 * spread(test + std::to_string(channel));
    job::Measured measured{test, channel, mode.shape, rounded(std::max(0.0, mode.volts + off * mode.voltsSigma)), 0};
    measured.restVolts = mode.shape == driver::Shape::Steady
                             ? measured.volts
                             : rounded(std::max(0.0, mode.rest + 0.2 * off * mode.restSigma));
    return measured;
}

job::TesterTaken SealedSet::tester(const backlight::Run& run, const backlight::TesterSetting& setting) const {
    const auto reading = backlight::testRun(backlight_, run, fault_.strings, setting);
    const double off = meterShare * spread(fmt::format("{}-{}-{}", run.string.channel, run.first, run.last));
    return {run, setting, rounded(reading.volts * (1 + off)), reading.lit};
}

job::LedSeen SealedSet::look(backlight::LedPlace place, const backlight::Run& under) const {
    const auto reading = backlight::testRun(backlight_, under, fault_.strings, {0.03, 2000});
    const bool faulty = std::any_of(fault_.strings.leds.begin(), fault_.strings.leds.end(),
                                    [&](const auto& f) { return f.place == place; });
    const bool lit = reading.lit > 0 && !faulty;
    return {place, lit ? job::LedSeen::Glow::Lit : job::LedSeen::Glow::Dark, under};
}

}  // namespace dimglow::virtualset
