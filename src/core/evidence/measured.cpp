#include "core/evidence/measured.h"

#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

namespace {
const std::vector<const char*> shapeWords = {"steady", "peak-then-settles", "wanders"};

/// How drivers and strings get on is known from other sets: what is read of the output counts for less than its
/// likelihood, so that a model which is a little wrong does not grow sure (the power of a likelihood under
/// misspecification: Grünwald and van Ommen, "Inconsistency of Bayesian inference for misspecified linear models",
/// Bayesian Analysis 2017; the size is common practice, no source). All readings of LED+ alike, or their order would
/// count; a control line or a rail is there or not.
constexpr double trustInOutput = 0.86;
}  // namespace

void Measured::check(const format::Check& at, const Places& places) const {
    at.text("test", test, limits::word);
    places.check(at, question());
    at.number("volts", volts, limits::boardVolts);
    at.number("restVolts", restVolts, limits::boardVolts);
}

void Measured::write(nlohmann::json& json) const {
    json["test"] = test;
    json["channel"] = int(channel);
    if (feed != 0) {
        json["feed"] = int(feed);
    }
    json["shape"] = shapeWords[int(shape)];
    json["volts"] = volts;
    json["restVolts"] = restVolts;
}

Measured Measured::read(format::Fields& fields) {
    Measured measured;
    measured.test = fields.text("test");
    measured.channel = backlight::ChannelIndex(fields.integer("channel", 0));
    measured.feed = backlight::FeedIndex(fields.integer("feed", 0));
    measured.shape = Shape(fields.choice("shape", shapeWords, 0));
    measured.volts = fields.number("volts");
    measured.restVolts = fields.number("restVolts", measured.volts);
    return measured;
}

Text Measured::title(const Scene& scene) const {
    return titleOfVolts(question(), scene);
}

Text Measured::describe(const Scene&) const {
    switch (shape) {
        case Shape::Steady:
            break;
        case Shape::PeakThenSettles:
            return say("{:.1f} V, then {:.1f} V", volts, restVolts);
        case Shape::Wanders:
            return say("{:.1f} … {:.1f} V", restVolts, volts);
    }
    return say("{:.1f} V", volts);
}

double Measured::logLikelihood(Explanation& explanation) const {
    const bool isOfOutput = test == driver::ledPlusIdle || test == driver::ledPlusOn || test == driver::ledPlusPlugOut;
    return (isOfOutput ? trustInOutput : 1) * explanation.board().take(question(), shape, volts, restVolts);
}

std::optional<Expectation> Measured::expected(Explanation& healthy) const {
    const auto forecast = healthy.board().volts(question());
    if (!forecast) {
        return std::nullopt;
    }
    const auto band = driver::bandOf(*forecast);
    return Expectation{band, volts, volts >= band.low && volts <= band.high};
}

}  // namespace dimglow::evidence
