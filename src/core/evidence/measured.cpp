#include "core/evidence/measured.h"

#include <fmt/format.h>

#include "core/evidence/limits.h"

namespace dimglow::evidence {

namespace {
const std::vector<const char*> shapeWords = {"steady", "peak-then-settles", "wanders"};
}

void Measured::check(const format::Check& at, const Places& places) const {
    at.text("test", test, limits::word);
    at.number("channel", channel, {0, double(places.backlight().channels.size()) - 1});
    at.number("volts", volts, limits::boardVolts);
    at.number("restVolts", restVolts, limits::boardVolts);
}

void Measured::write(nlohmann::json& json) const {
    json["test"] = test;
    json["channel"] = channel;
    json["shape"] = shapeWords[int(shape)];
    json["volts"] = volts;
    json["restVolts"] = restVolts;
}

Measured Measured::read(format::Fields& fields) {
    Measured measured;
    measured.test = fields.text("test");
    measured.channel = fields.integer("channel", 0);
    measured.shape = Shape(fields.choice("shape", shapeWords, 0));
    measured.volts = fields.number("volts");
    measured.restVolts = fields.number("restVolts", measured.volts);
    return measured;
}

std::string Measured::title(const Scene& scene) const {
    const auto* known = scene.knowledge.test(test);
    const auto& channels = scene.backlight.channels;
    const bool names = known != nullptr && known->perChannel && channels.size() > 1;
    return titleOfTest(test, scene) + (names ? " of channel " + channels.at(channel).label : "");
}

std::string Measured::describe(const Scene&) const {
    switch (shape) {
        case Shape::Steady:
            break;
        case Shape::PeakThenSettles:
            return fmt::format("{:.1f} V, then {:.1f} V", volts, restVolts);
        case Shape::Wanders:
            return fmt::format("{:.1f} … {:.1f} V", restVolts, volts);
    }
    return fmt::format("{:.1f} V", volts);
}

double Measured::logLikelihood(Explanation& explanation) const {
    const auto* forecast = explanation.volts(test, channel);
    return forecast == nullptr ? 0 : driver::logLikelihood(*forecast, shape, volts, restVolts);
}

std::optional<Expectation> Measured::expected(Explanation& healthy) const {
    const auto* forecast = healthy.volts(test, channel);
    if (forecast == nullptr) {
        return std::nullopt;
    }
    const auto band = driver::bandOf(*forecast);
    return Expectation{band, volts, volts >= band.low && volts <= band.high};
}

}  // namespace dimglow::evidence
