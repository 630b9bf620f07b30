#include "virtualset/drawn_strips.h"

#include <algorithm>
#include <cmath>

#include "core/faults/fault.h"

namespace dimglow::virtualset {

using backlight::LedFault;

namespace {

/// Whether the LEDs before a touch hold the driver's idle rail: those that do not burn out before anyone measures.
bool lasts(const faults::Fault& fault, const backlight::Backlight& truth) {
    const auto* leak = std::get_if<faults::Leak>(&fault);
    const double leds = leak == nullptr ? 1 : double(backlight::wholeString(truth, leak->string).count());
    return leak == nullptr ||
           leak->before / leds * backlight::healthyStringVolts(truth) > 1.1 * truth.driver.someIdleVolts();
}

std::vector<faults::Fault> lasting(knowledge::StringFault kind, const backlight::Backlight& truth) {
    auto candidates = faults::candidatesFor(kind, truth);
    std::erase_if(candidates, [&](const auto& candidate) { return !lasts(candidate, truth); });
    return candidates;
}

}  // namespace

backlight::PlainDescription drawStrips(Draw& draw) {
    backlight::PlainDescription plain;
    const int dies = int(draw.byWeight({0.7, 0.25, 0.05})) + 1;
    const int channels = int(draw.byWeight({0.45, 0.3, 0.1, 0.15})) + 1;
    plain.stripsPerString = draw.whole(1, 4);
    plain.strips = plain.stripsPerString * channels;
    if (channels > 1 && draw.happens(0.25)) {
        plain.feeds.resize(2);
    }
    const int most = std::min(60, int(240 / (3.1 * dies)));
    plain.ledsPerStrip = std::max(2, draw.whole(8, std::max(8, most)) / plain.stripsPerString);
    if (draw.happens(0.1)) {
        plain.parallel = 2;
        plain.ledsPerStrip *= 2;
    }
    const double amps = draw.about(0.08, 0.5);
    plain.amps = std::round(1000 * amps) / 1000;
    plain.led = backlight::classLed(dies, backlight::classVoltsPerDie * dies,
                                    std::round(1000 * amps * draw.between(1.1, 1.6)) / 1000);
    return plain;
}

backlight::Backlight drawTruth(Draw& draw, const backlight::Backlight& described) {
    backlight::Backlight truth = described;
    const double batch = draw.normal(1, 0.03);
    for (auto& strip : truth.strips) {
        strip.led.ratedVolts *= batch * draw.normal(1, 0.003);
    }
    const double volts = backlight::healthyStringVolts(truth);
    const double rail = draw.happens(0.6) ? draw.oneOf(std::vector<double>{12, 19, 24, 24, 32, 36, 48}) : 0;
    truth.driver.idleVolts =
        std::min(rail > 0 ? rail * draw.normal(1, 0.02) : draw.between(0.25, 0.8) * volts, 0.85 * volts);
    truth.driver.ovpRatio = draw.between(1.06, 1.38);
    truth.driver.headroomVolts = draw.happens(0.7) ? draw.between(0.2, 1.2) : draw.between(0.03, 0.11) * volts;
    return truth;
}

void drawLeds(Draw& draw, LedFault fault, const backlight::Backlight& truth, backlight::Faults& wrong) {
    const bool clusters = fault == LedFault::Shorted || fault == LedFault::Aged;
    const int count = int(draw.byWeight(clusters ? std::vector<double>{0.5, 0.22, 0.15, 0.08, 0.05}
                                                 : std::vector<double>{0.86, 0.1, 0.03, 0.01})) +
                      1;
    const int strip = draw.whole(0, int(truth.strips.size()) - 1);
    for (int tries = 0; tries < 40 && int(wrong.leds.size()) < count; ++tries) {
        const int at = draw.happens(clusters ? 0.8 : 0.3) ? strip : draw.whole(0, int(truth.strips.size()) - 1);
        const auto& bar = truth.strips[std::size_t(at)];
        backlight::LedPlace place{at, draw.whole(0, bar.leds - 1)};
        if (fault == LedFault::GroupOpen) {
            place.led -= place.led % bar.parallel;
        }
        const bool taken =
            std::any_of(wrong.leds.begin(), wrong.leds.end(), [&](const auto& f) { return f.place == place; });
        if (!taken) {
            wrong.leds.push_back({place, fault, {draw.between(0.4, 3.5), draw.about(60, 1500)}});
        }
    }
}

bool canHave(const backlight::Backlight& truth, knowledge::StringFault kind) {
    const auto& strip = truth.strips.front();
    switch (kind) {
        case knowledge::StringFault::DieShorted:
            return strip.led.dies > 1;
        case knowledge::StringFault::GroupOpen:
            return strip.parallel > 1;
        default:
            return kind == knowledge::StringFault::None || knowledge::ledFaultOf(kind).has_value() ||
                   !lasting(kind, truth).empty();
    }
}

void drawOther(Draw& draw, knowledge::StringFault kind, backlight::Backlight& truth, backlight::Faults& wrong) {
    auto fault = draw.oneOf(lasting(kind, truth));
    if (auto* joint = std::get_if<faults::Joint>(&fault); joint != nullptr && joint->ohms < backlight::openOhms) {
        joint->ohms = draw.about(20, 5000);
    }
    if (auto* other = std::get_if<faults::OtherStrip>(&fault)) {
        other->factor = draw.happens(0.5) ? draw.between(0.4, 0.85) : draw.between(1.18, 2.2);
    }
    if (faults::remakes(fault)) {
        const double suited = backlight::healthyStringVolts(truth);
        faults::remake(truth, fault);
        *truth.driver.ovpRatio *= suited / backlight::healthyStringVolts(truth);  // the driver is that of the set
    } else {
        faults::addTo(wrong, fault);
    }
}

}  // namespace dimglow::virtualset
