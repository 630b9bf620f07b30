#include "core/evidence/tester_taken.h"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

#include "core/backlight/backlight_json.h"
#include "core/backlight/spread.h"
#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

namespace {

constexpr double slip = 0.003 / 300;  ///< density of a mistyped reading, 1/V
/// A tester that shows its limit and no light has a bad lead or its clips the wrong way round this often, before and
/// after it has lit something.
constexpr double badLeadShare = 0.03;
constexpr double provenLeadShare = 0.0005;

const std::vector<const char*> minusWords = {"end-of-run", "chassis"};

double density(double volts, double mean, double sigma) {
    return pdf(boost::math::normal(mean, sigma), volts);
}

}  // namespace

void TesterTaken::check(const format::Check& at, const Places& places) const {
    places.check(at.at("run"), run);
    evidence::check(at.at("tester"), setting);
    if (volts) {
        at.number("volts", *volts, limits::volts);
    }
    if (!volts && !lit) {
        at.report("volts", say("neither volts nor what is lit was written down"));
    }
    if (lit) {
        at.number("lit", *lit, {0, double(std::max(0, run.count()))});
    }
    at.count("bridged", bridged.size(), limits::bridged);
    for (std::size_t i = 0; i < bridged.size(); ++i) {
        places.check(at.at("bridged", i), bridged[i]);
    }
}

void TesterTaken::write(nlohmann::json& json) const {
    json["run"] = backlight::toJson(run);
    json["tester"] = backlight::toJson(setting);
    if (volts) {
        json["volts"] = *volts;
    }
    if (lit) {
        json["lit"] = *lit;
    }
    if (minus != Minus::EndOfRun) {
        json["minus"] = minusWords[int(minus)];
    }
    for (const auto& place : bridged) {
        json["bridged"].push_back(backlight::toJson(place));
    }
}

TesterTaken TesterTaken::read(format::Fields& fields) {
    TesterTaken taken;
    taken.run = backlight::readRun(fields.object("run"));
    taken.setting = backlight::readTester(fields.object("tester"));
    taken.volts = fields.maybeNumber("volts");
    if (fields.has("lit")) {
        taken.lit = fields.integer("lit");
    }
    taken.minus = Minus(fields.choice("minus", minusWords, 0));
    fields.forEach("bridged", limits::bridged,
                   [&](format::Fields place) { taken.bridged.push_back(backlight::readPlace(place)); });
    return taken;
}

Text TesterTaken::title(const Scene& scene) const {
    const double milliamps = 1000 * setting.amps;
    const auto name = nameOf(scene.backlight, run);
    if (minus == Minus::Chassis) {
        return say("Tester {:.0f} mA, {} to chassis", milliamps, name);
    }
    return bridged.empty()
               ? say("Tester {:.0f} mA, {}", milliamps, name)
               : say("Tester {:.0f} mA, {}, {} bridged", milliamps, name, namesOf(scene.backlight, bridged));
}

Text TesterTaken::describe(const Scene&) const {
    return text::joined({volts ? say("{:.1f} V", *volts) : Text(), !lit        ? Text()
                                                                   : *lit == 0 ? say("none lit")
                                                                               : say("{} lit", *lit)});
}

void TesterTaken::split(locate::CellPartition& cells) const {
    cells.split(run);
    for (const auto& place : bridged) {
        cells.isolate(place);
    }
}

bool TesterTaken::touches(int cell, const locate::CellPartition& cells, const Scene&) const {
    const auto& of = cells.cells()[std::size_t(cell)];
    return minus == Minus::EndOfRun ? locate::inside(of, run)
                                    : of.string == run.string && of.positions.back() >= run.first;
}

double TesterTaken::logLikelihood(Explanation& explanation) const {
    const auto forecast = explanation.strings().tester(probe());
    double fits = volts ? density(*volts, forecast.volts, forecast.sigma) + slip : 1;
    if (lit && forecast.lit < 0) {
        fits /= run.count() + 1;
    } else if (lit) {
        const int miss = std::abs(*lit - forecast.lit);
        fits *= miss == 0 ? 0.9 : miss == 1 ? 0.04 : slipShare / 4;
    }
    const double limit = setting.limitVolts;
    const double atLimit = volts ? density(*volts, limit, 0.1 + backlight::meterShare * limit) : 1;
    const double noContact = lit.value_or(0) == 0 ? atLimit : 0;
    const double bad = explanation.strings().leadsProven() ? provenLeadShare : badLeadShare;
    return std::log((1 - bad) * fits + bad * noContact);
}

std::optional<Expectation> TesterTaken::expected(Explanation& healthy) const {
    if (!volts) {
        return std::nullopt;
    }
    const auto forecast = healthy.strings().tester(probe());
    const driver::Band band{forecast.volts - 2 * forecast.sigma, forecast.volts + 2 * forecast.sigma};
    return Expectation{band, *volts, *volts >= band.low && *volts <= band.high};
}

}  // namespace dimglow::evidence
