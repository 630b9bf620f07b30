#include "core/repair/substitute.h"

#include <algorithm>

#include "core/backlight/wiring.h"

namespace dimglow::repair {

using text::say;
using text::Text;

namespace {

constexpr double stringSpread = 0.15;
constexpr double openLoadTimes = 1.4;

Text inVolts(double value) {
    return say("{:.1f} V", value);
}

/// \p have at least, or at most, \p need.
Margin bound(Text quantity, const std::optional<double>& have, const std::optional<double>& need, bool atLeast,
             Text (*words)(double), const Text& why) {
    if (!need) {
        return {std::move(quantity), have ? words(*have) : Text(), {}, Fit::NotKnown, {}};
    }
    const bool fits = have && (atLeast ? *have >= *need * (1 - 1e-9) : *have <= *need * (1 + 1e-9));
    return {std::move(quantity), have ? words(*have) : Text(),
            atLeast ? say("{} or more", words(*need)) : say("{} or less", words(*need)),
            !have  ? Fit::NotKnown
            : fits ? Fit::Fits
                   : Fit::DoesNot,
            have && !fits ? why : Text()};
}

Margin ownLimit(const parts::DriverModule& module) {
    return {say("current limit of its own"),
            !module.limitsCurrent   ? Text()
            : *module.limitsCurrent ? say("yes")
                                    : say("no"),
            say("yes"),
            !module.limitsCurrent   ? Fit::NotKnown
            : *module.limitsCurrent ? Fit::Fits
                                    : Fit::DoesNot,
            module.limitsCurrent && !*module.limitsCurrent ? say("a shorted string would burn") : Text()};
}

}  // namespace

SubstituteVerdict judge(const parts::DriverModule& module, const DriverPlace& place) {
    SubstituteVerdict verdict;
    const auto amps = [](double value) { return say("{:.0f} mA", 1000 * value); };
    const auto timesVolts = [&](double factor) {
        return place.stringVolts ? std::optional(factor * *place.stringVolts) : std::nullopt;
    };
    const auto low = timesVolts(1 - stringSpread);
    const auto high = timesVolts(1 + stringSpread);
    auto& all = verdict.margins;
    all.push_back(
        bound(say("lowest output"), module.lowestVolts, low, false, inVolts, say("it cannot go down so far")));
    all.push_back(bound(say("highest output"), module.highestVolts, high, true, inVolts, say("the strings stay dark")));
    all.push_back(bound(say("current"), module.amps, place.stringAmps, true, amps, say("dimmer than it was")));
    all.push_back(bound(say("open-load limit"), module.openVolts, timesVolts(openLoadTimes), false, inVolts,
                        say("an open string would meet all of it")));
    all.push_back(ownLimit(module));
    if (place.enableVolts) {
        all.push_back(bound(say("enabled from"), module.enableVolts, *place.enableVolts, false, inVolts,
                            say("BL_ON does not reach it: a transistor between")));
    }
    if (place.supplyVolts) {
        all.push_back(bound(say("starts from"), module.startVolts, *place.supplyVolts, false, inVolts,
                            say("a step-up module, or an added winding, must feed it")));
    }
    verdict.fit = verdictOf(all);
    const bool hasNoLimit = !module.openVolts || !module.limitsCurrent || !*module.limitsCurrent;
    if (hasNoLimit) {
        verdict.refusal =
            say("Refused: without an open-load and a current limit of its own the next open or shorted LED "
                "burns the strip, or the set.");
    } else if (verdict.fit == Fit::DoesNot) {
        verdict.refusal = say("It does not suit these strings.");
    }
    verdict.steps = {say("On a spare bar at the bench, current limited."),
                     say("Its enable from BL_ON: off in standby, on with the set."),
                     say("Open-load volts with nothing connected, manual range."),
                     say("The dead chip's fault output parked, so that the main board goes on."),
                     say("The LEDs, one string first; then all."),
                     say("Standby, on again, warm for an hour.")};
    if (!module.dims.value_or(false)) {
        verdict.losses.push_back(say("Brightness can no longer be set: the light is full or off."));
    }
    return verdict;
}

DriverPlace driverPlaceOf(const job::Job& job) {
    const auto& backlight = job.set.backlight;
    DriverPlace place;
    if (backlight.isDescribed) {
        place.stringVolts = backlight::healthyStringVolts(backlight);
        place.stringAmps = backlight.channels.front().stringAmps();
    }
    place.supplyVolts = backlight.driver.idleVolts;
    return place;
}

std::vector<Trouble> troubles() {
    return {{say("It blinks"), say("Its supply starves and starts again: start resistor missing or too large.")},
            {say("It is dim and unsteady"), say("Start or sense resistor too large.")},
            {say("It stays on in standby"), say("Its enable hangs on the rail, not on BL_ON.")},
            {say("The set turns itself off"), say("The dead chip's fault output is not parked.")}};
}

}  // namespace dimglow::repair
