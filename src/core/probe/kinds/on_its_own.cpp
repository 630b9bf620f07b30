#include "core/probe/kinds/on_its_own.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

#include "core/probe/kinds/alike.h"
#include "core/probe/strip_access.h"

namespace dimglow::probe {

using backlight::LedFault;
using text::say;

namespace {

constexpr parts::LedCheckSetting diodeMode{parts::LedMethod::DiodeMode, 3.2};

/// What an LED with a fault, of whatever size, reads on its own.
Mode modeOfCheck(const backlight::LedSpec& spec, const parts::LedCheckSetting& setting, std::optional<LedFault> fault) {
    static const text::Text overload = say("OL");
    const auto sizes = parts::sizesOf(fault);
    double sum = 0;
    double squares = 0;
    for (const auto& size : sizes) {
        const double volts = parts::forecastOf(spec, setting, fault, size).volts;
        sum += volts;
        squares += volts * volts;
    }
    const auto middle = parts::forecastOf(spec, setting, fault, sizes[sizes.size() / 2]);
    const double mean = sum / double(sizes.size());
    const double spread = std::sqrt(std::max(0.0, squares / double(sizes.size()) - mean * mean));
    const double sigma = std::hypot(parts::ledCheckSigma(middle, false), spread);
    return {1, driver::Shape::Steady, mean, sigma, -1, middle.overload ? &overload : nullptr};
}

}  // namespace

/// LEDs that were called dim or tinted, and those that would be named by elimination.
std::vector<OnItsOwn> OnItsOwn::askable(Desk& desk) {
    auto places = desk.unproven();
    for (const auto& entry : desk.standing()) {
        using Glow = evidence::LedSeen::Glow;
        const auto* seen = std::get_if<evidence::LedSeen>(&entry.what);
        if (seen != nullptr && seen->glow != Glow::Lit && seen->glow != Glow::Dark) {
            places.push_back(seen->place);
        }
    }
    std::sort(places.begin(), places.end());
    places.erase(std::unique(places.begin(), places.end()), places.end());
    std::vector<OnItsOwn> askable;
    for (const auto* test : desk.tests(knowledge::Form::Alone)) {
        for (const auto place : places) {
            const bool isChecked = std::any_of(desk.standing().begin(), desk.standing().end(), [&](const auto& other) {
                const auto* check = std::get_if<evidence::LedChecked>(&other.what);
                return check != nullptr && check->place == place;
            });
            const OnItsOwn own{test, {place, diodeMode}};
            if (!isChecked || desk.again() == own.question()) {
                askable.push_back(own);
            }
        }
    }
    return askable;
}

evidence::Question OnItsOwn::question() const {
    return asked;
}

Probe OnItsOwn::probe(const Desk& desk) const {
    Probe probe = desk.start(*test, asked);
    const auto name = nameOf(desk.backlight(), asked.place);
    probe.title = say("{} on its own", name);
    probe.how = say("A meter in diode mode across {}, its strip unplugged; does it glow?", name);
    probe.minutes += 2 * padMinutes(desk, asked.place.strip);
    return probe;
}

Predicted OnItsOwn::predict(Desk& desk) const {
    const auto& spec = desk.backlight().strips[std::size_t(asked.place.strip)].led;
    std::array<Mode, backlight::ledFaultKinds + 1> byFault;  // a good one at the end
    for (std::size_t kind = 0; kind < byFault.size(); ++kind) {
        const bool isGood = kind + 1 == byFault.size();
        byFault[kind] = modeOfCheck(spec, asked.setting, isGood ? std::nullopt : std::optional(LedFault(kind)));
    }
    auto predicted = predictEach(desk, [&](const reasoning::Hypothesis& hypothesis) {
        const auto shares = reasoning::Explained(desk.model(), hypothesis).strings().faultShares(asked.place);
        auto modes = byFault;
        for (std::size_t kind = 0; kind < shares.size(); ++kind) {
            modes[kind].weight = shares[kind];
        }
        modes.back().weight = std::max(0.0, 1 - std::accumulate(shares.begin(), shares.end(), 0.0));
        return modes;
    });
    const auto& unproven = desk.unproven();
    predicted.isAwaited = std::find(unproven.begin(), unproven.end(), asked.place) != unproven.end();
    return predicted;
}

}  // namespace dimglow::probe
