#include "core/knowledge/behaviours.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "core/format/fields.h"
#include "core/knowledge/file_header.h"

namespace dimglow::knowledge {

using driver::Behaviour;
using driver::Level;
using driver::ModeKind;
using format::Fields;
using format::FormatError;

namespace {

constexpr std::size_t mostBehaviours = 200;
constexpr std::size_t mostModes = 20;
constexpr double mostTimes = 10;
constexpr double mostVolts = 1000;

Level readLevel(Fields fields) {
    Level level;
    level.of = driver::Reference(fields.choice("of", driver::referenceWords, 0));
    level.times = fields.number("times", 0, mostTimes, 1);
    level.plus = fields.number("plus", 0, mostVolts, 0);
    level.spread = fields.number("spread", 0, mostTimes, 0);
    level.spreadVolts = fields.number("spreadVolts", 0, mostVolts, 0);
    if (level.spread == 0 && level.spreadVolts == 0) {
        throw FormatError(fields.pathOf("spread"), "no voltage is known without a spread");
    }
    return level;
}

driver::Modes readModes(Fields& volts, const char* test) {
    driver::Modes modes;
    double sum = 0;
    volts.forEach(test, mostModes, [&](Fields fields) {
        ModeKind mode;
        mode.weight = fields.number("weight", 1e-6, 1, 1);
        mode.shape = driver::Shape(fields.choice("shape", {"steady", "peak", "wanders"}, 0));
        mode.volts = readLevel(fields.object("volts"));
        mode.rest = mode.shape == driver::Shape::Steady ? mode.volts : readLevel(fields.object("rest"));
        if (std::string_view(test) == driver::ledPlusOn || std::string_view(test) == driver::ledPlusPlugOut) {
            mode.manner = driver::mannerOfOutput(mode);
        } else if (std::string_view(test) == driver::ledMinus) {
            mode.manner = driver::mannerOfSink(mode);
        }
        sum += mode.weight;
        modes.push_back(mode);
    });
    if (modes.empty()) {
        throw FormatError(volts.pathOf(test), "has no mode");
    }
    for (auto& mode : modes) {
        mode.weight /= sum;
    }
    return modes;
}

/// What a behaviour does not mention stays as it was in \p behaviour: as in the first one.
void readVolts(Fields volts, Behaviour& behaviour, bool isFirst) {
    for (const auto& test : volts.names()) {
        auto modes = readModes(volts, test.c_str());
        const auto known = std::find_if(behaviour.volts.begin(), behaviour.volts.end(),
                                        [&](const auto& voltage) { return voltage.test == test; });
        if (known != behaviour.volts.end()) {
            known->modes = std::move(modes);
        } else if (isFirst || test == driver::ledPlusOn) {
            behaviour.volts.push_back({test, std::move(modes)});
        } else {
            throw FormatError(volts.pathOf(test.c_str()), "the first behaviour does not know this voltage");
        }
    }
    for (const char* test : {driver::ledPlusIdle, driver::ledPlusOn, driver::ledPlusPlugOut, driver::ledMinus}) {
        if (!behaviour.forecasts(test)) {
            throw FormatError(volts.pathOf(test), "is missing");
        }
    }
}

driver::LightForecast readLight(Fields fields) {
    driver::LightForecast light;
    light.never = fields.number("never", 0, 1);
    light.flashThenDark = fields.number("flash", 0, 1);
    light.staysLit = fields.number("stays", 0, 1);
    light.medianSecondsToDark = fields.number("seconds", 1e-3, 60, light.medianSecondsToDark);
    if (std::abs(light.never + light.flashThenDark + light.staysLit - 1) > 1e-6) {
        throw FormatError(fields.pathOf("never"), "the shares do not add up to 1");
    }
    return light;
}

driver::StageChange readStage(Fields fields) {
    driver::StageChange stage;
    stage.supplyTimes = fields.number("supplyTimes", 0, mostTimes, stage.supplyTimes);
    stage.switches = fields.flag("switches", stage.switches);
    stage.asked = fields.flag("asked", stage.asked);
    stage.dim = fields.number("dim", 0, 1, stage.dim);
    if (fields.has("reaches")) {
        stage.reaches = fields.number("reaches", 1e-3, mostTimes);
    }
    stage.supplyFaradsTimes = fields.number("supplyFaradsTimes", 1e-3, mostTimes, stage.supplyFaradsTimes);
    stage.overVoltsTimes = fields.number("overVoltsTimes", 1e-3, mostTimes, stage.overVoltsTimes);
    stage.overCurrentTimes = fields.number("overCurrentTimes", 1e-3, mostTimes, stage.overCurrentTimes);
    return stage;
}

}  // namespace

std::vector<Behaviour> readBehaviours(const nlohmann::json& document) {
    Fields fields(document, "behaviours.json");
    requireHeader(fields, "dimglow-behaviours");
    std::vector<Behaviour> behaviours;
    fields.forEach("behaviours", mostBehaviours, [&](Fields entry) {
        const bool isFirst = behaviours.empty();
        Behaviour behaviour = isFirst ? Behaviour() : behaviours.front();
        behaviour.id = entry.text("id", longestWord);
        if (std::any_of(behaviours.begin(), behaviours.end(), [&](const auto& b) { return b.id == behaviour.id; })) {
            throw FormatError(entry.pathOf("id"), "\"" + behaviour.id + "\" is there twice");
        }
        behaviour.drivesStrings = entry.flag("drivesStrings", false);
        if (isFirst && !behaviour.drivesStrings) {
            throw FormatError(entry.pathOf("drivesStrings"), "the first behaviour is the healthy one: true");
        }
        readVolts(entry.object("volts"), behaviour, isFirst);
        if (!behaviour.drivesStrings) {
            behaviour.light = readLight(entry.object("light"));
        }
        behaviour.hidesLight = entry.number("hidesLight", 0, 1, 0);
        behaviour.isNoticed = entry.flag("noticed", behaviour.isNoticed);
        if (entry.has("stage")) {
            behaviour.stage = readStage(entry.object("stage"));
        }
        behaviours.push_back(std::move(behaviour));
    });
    if (behaviours.empty()) {
        throw FormatError(fields.pathOf("behaviours"), "names no behaviour");
    }
    return behaviours;
}

}  // namespace dimglow::knowledge
