#include "core/job/fix.h"

#include "core/format/document.h"
#include "core/job/limits.h"
#include "core/parts/resistors.h"

namespace dimglow::job {

using format::Check;
using format::Fields;
using nlohmann::json;

namespace {

const std::vector<const char*> aimWords = {"oldPlaces", "even"};

void writeText(json& to, const char* member, const std::string& text) {
    if (!text.empty()) {
        to[member] = text;
    }
}

json ledJson(const parts::LedOffer& led) {
    json result = json::object();
    format::writeKnown(result, {{"volts", led.volts}, {"voltsAtAmps", led.voltsAtAmps}, {"ratedAmps", led.ratedAmps}});
    writeText(result, "package", led.package);
    writeText(result, "plusPad", led.plusPad);
    writeText(result, "white", led.white);
    return result;
}

parts::LedOffer readLed(Fields fields) {
    return {fields.maybeNumber("volts"), fields.maybeNumber("voltsAtAmps"), fields.maybeNumber("ratedAmps"),
            fields.text("package", ""),  fields.text("plusPad", ""),        fields.text("white", "")};
}

void checkLed(const Check& at, const parts::LedOffer& led) {
    at.number("volts", led.volts, limits::pointVolts);
    at.number("voltsAtAmps", led.voltsAtAmps, limits::offerAmps);
    at.number("ratedAmps", led.ratedAmps, limits::offerAmps);
    at.text("package", led.package, limits::word);
    at.text("plusPad", led.plusPad, limits::word);
    at.text("white", led.white, limits::word);
}

json stripJson(const parts::StripFigures& strip) {
    json result = json::object();
    if (strip.leds) {
        result["leds"] = *strip.leds;
    }
    format::writeKnown(result, {{"volts", strip.volts},
                                {"ratedAmps", strip.ratedAmps},
                                {"pitchMm", strip.pitchMm},
                                {"widthMm", strip.widthMm},
                                {"lengthMm", strip.lengthMm}});
    writeText(result, "connector", strip.connector);
    writeText(result, "side", strip.side);
    writeText(result, "lens", strip.lens);
    writeText(result, "batch", strip.batch);
    return result;
}

parts::StripFigures readStrip(Fields fields) {
    parts::StripFigures strip;
    if (fields.has("leds")) {
        strip.leds = fields.integer("leds");
    }
    strip.volts = fields.maybeNumber("volts");
    strip.ratedAmps = fields.maybeNumber("ratedAmps");
    strip.pitchMm = fields.maybeNumber("pitchMm");
    strip.widthMm = fields.maybeNumber("widthMm");
    strip.lengthMm = fields.maybeNumber("lengthMm");
    strip.connector = fields.text("connector", "");
    strip.side = fields.text("side", "");
    strip.lens = fields.text("lens", "");
    strip.batch = fields.text("batch", "");
    return strip;
}

void checkStrip(const Check& at, const parts::StripFigures& strip) {
    if (strip.leds) {
        at.number("leds", *strip.leds, limits::offerLeds);
    }
    at.number("volts", strip.volts, limits::pointVolts);
    at.number("ratedAmps", strip.ratedAmps, limits::offerAmps);
    for (const auto& [member, value] :
         {std::pair("pitchMm", strip.pitchMm), {"widthMm", strip.widthMm}, {"lengthMm", strip.lengthMm}}) {
        at.number(member, value, limits::lengthMm);
    }
    at.text("connector", strip.connector, limits::line);
    at.text("side", strip.side, limits::word);
    at.text("lens", strip.lens, limits::word);
    at.text("batch", strip.batch, limits::word);
}

json universalJson(const Universal& universal) {
    const auto& stock = universal.stock;
    json keepOuts = json::array();
    for (const auto& k : universal.keepOuts) {
        keepOuts.push_back({{"fromMm", k.fromMm}, {"toMm", k.toMm}});
    }
    return {{"segmentLeds", stock.segmentLeds},
            {"segmentMm", stock.segmentMm},
            {"segments", stock.segments},
            {"widthMm", stock.widthMm},
            {"segmentVolts", stock.segmentVolts},
            {"amps", stock.amps},
            {"aim", aimWords[std::size_t(universal.aim)]},
            {"segmentsPerRow", universal.segmentsPerRow},
            {"keepOuts", keepOuts}};
}

Universal readUniversal(Fields fields) {
    Universal universal;
    auto& stock = universal.stock;
    stock.segmentLeds = fields.integer("segmentLeds");
    stock.segmentMm = fields.number("segmentMm");
    stock.segments = fields.integer("segments");
    stock.widthMm = fields.number("widthMm");
    stock.segmentVolts = fields.number("segmentVolts");
    stock.amps = fields.number("amps");
    universal.aim = plan::Aim(fields.choice("aim", aimWords, 0));
    universal.segmentsPerRow = fields.integer("segmentsPerRow", 0);
    fields.forEach("keepOuts", limits::keepOuts, [&](Fields of) {
        universal.keepOuts.push_back({of.number("fromMm"), of.number("toMm")});
    });
    return universal;
}

void checkUniversal(const Check& at, const Universal& universal) {
    const auto& stock = universal.stock;
    at.number("segmentLeds", stock.segmentLeds, limits::segmentLeds);
    at.number("segmentMm", stock.segmentMm, limits::segmentMm);
    at.number("segments", stock.segments, limits::segments);
    at.number("widthMm", stock.widthMm, limits::lengthMm);
    at.number("segmentVolts", stock.segmentVolts, limits::segmentVolts);
    at.number("amps", stock.amps, limits::offerAmps);
    at.number("segmentsPerRow", universal.segmentsPerRow, {0, limits::segments.most});
    at.count("keepOuts", universal.keepOuts.size(), limits::keepOuts);
    for (std::size_t i = 0; i < universal.keepOuts.size(); ++i) {
        const auto of = at.at("keepOuts", i);
        of.number("fromMm", universal.keepOuts[i].fromMm, {0, limits::lengthMm.most});
        of.number("toMm", universal.keepOuts[i].toMm, {0, limits::lengthMm.most});
        if (universal.keepOuts[i].toMm < universal.keepOuts[i].fromMm) {
            of.report("toMm", text::say("lies before its start"));
        }
    }
}

json moduleJson(const parts::DriverModule& module) {
    json result = json::object();
    format::writeKnown(result, {{"lowestVolts", module.lowestVolts},
                                {"highestVolts", module.highestVolts},
                                {"amps", module.amps},
                                {"enableVolts", module.enableVolts},
                                {"startVolts", module.startVolts},
                                {"openVolts", module.openVolts}});
    for (const auto& [member, value] : {std::pair("limitsCurrent", module.limitsCurrent), {"dims", module.dims}}) {
        if (value) {
            result[member] = *value;
        }
    }
    return result;
}

parts::DriverModule readModule(Fields fields) {
    parts::DriverModule module;
    module.lowestVolts = fields.maybeNumber("lowestVolts");
    module.highestVolts = fields.maybeNumber("highestVolts");
    module.amps = fields.maybeNumber("amps");
    module.enableVolts = fields.maybeNumber("enableVolts");
    module.startVolts = fields.maybeNumber("startVolts");
    module.openVolts = fields.maybeNumber("openVolts");
    if (fields.has("limitsCurrent")) {
        module.limitsCurrent = fields.flag("limitsCurrent", false);
    }
    if (fields.has("dims")) {
        module.dims = fields.flag("dims", false);
    }
    return module;
}

void checkModule(const Check& at, const parts::DriverModule& module) {
    for (const auto& [member, value] : {std::pair("lowestVolts", module.lowestVolts),
                                        {"highestVolts", module.highestVolts},
                                        {"enableVolts", module.enableVolts},
                                        {"startVolts", module.startVolts},
                                        {"openVolts", module.openVolts}}) {
        at.number(member, value, limits::moduleVolts);
    }
    at.number("amps", module.amps, limits::offerAmps);
}

}  // namespace

json toJson(const FixDetails& details) {
    json result = json::object();
    writeText(result, "foundResistors", details.current.foundResistors);
    writeText(result, "newResistors", details.current.newResistors);
    writeText(result, "brightness", details.current.brightness);
    format::writeKnown(result, {{"depthMm", details.box.depthMm}});
    if (details.box.hasLenses) {
        result["hasLenses"] = *details.box.hasLenses;
    }
    if (details.universal) {
        result["universal"] = universalJson(*details.universal);
    }
    const auto& matching = details.matching;
    result["oldLed"] = ledJson(matching.oldLed);
    result["newLed"] = ledJson(matching.newLed);
    result["oldStrip"] = stripJson(matching.oldStrip);
    result["newStrip"] = stripJson(matching.newStrip);
    writeText(result, "oldPart", matching.oldPart);
    writeText(result, "newPart", matching.newPart);
    format::writeKnown(result, {{"stressVolts", matching.stressVolts},
                                {"stressAmps", matching.stressAmps},
                                {"gapMm", details.gapMm},
                                {"roomCelsius", details.roomCelsius}});
    if (details.module) {
        result["module"] = moduleJson(*details.module);
    }
    for (const auto& pinned : details.sums) {
        json given = json::array();
        for (const auto& [id, value] : pinned.given) {
            given.push_back({{"name", id}, {"value", value}});
        }
        result["sums"].push_back({{"sum", pinned.sum}, {"given", given}});
    }
    return result;
}

FixDetails readFixDetails(Fields fields) {
    FixDetails details;
    details.current = {fields.text("foundResistors", ""), fields.text("newResistors", ""),
                       fields.text("brightness", "")};
    details.box.depthMm = fields.maybeNumber("depthMm");
    if (fields.has("hasLenses")) {
        details.box.hasLenses = fields.flag("hasLenses", false);
    }
    if (fields.has("universal")) {
        details.universal = readUniversal(fields.object("universal"));
    }
    auto& matching = details.matching;
    for (const auto& [member, led] : {std::pair("oldLed", &matching.oldLed), {"newLed", &matching.newLed}}) {
        if (fields.has(member)) {
            *led = readLed(fields.object(member));
        }
    }
    for (const auto& [member, strip] : {std::pair("oldStrip", &matching.oldStrip), {"newStrip", &matching.newStrip}}) {
        if (fields.has(member)) {
            *strip = readStrip(fields.object(member));
        }
    }
    matching.oldPart = fields.text("oldPart", "");
    matching.newPart = fields.text("newPart", "");
    matching.stressVolts = fields.maybeNumber("stressVolts");
    matching.stressAmps = fields.maybeNumber("stressAmps");
    details.gapMm = fields.maybeNumber("gapMm");
    details.roomCelsius = fields.maybeNumber("roomCelsius");
    if (fields.has("module")) {
        details.module = readModule(fields.object("module"));
    }
    fields.forEach("sums", limits::sums, [&](Fields of) {
        PinnedSum pinned{of.text("sum"), {}};
        of.forEach("given", limits::givens, [&](Fields one) { pinned.given[one.text("name")] = one.number("value"); });
        details.sums.push_back(std::move(pinned));
    });
    return details;
}

void check(const Check& at, const FixDetails& details) {
    for (const auto& [member, text] : {std::pair("foundResistors", &details.current.foundResistors),
                                       {"newResistors", &details.current.newResistors}}) {
        at.text(member, *text, limits::line);
        if (!text->empty() && !parts::readResistors(*text)) {
            at.report(member, text::say("is no chain of resistors"));
        }
    }
    at.text("brightness", details.current.brightness, limits::line);
    at.number("depthMm", details.box.depthMm, limits::depthMm);
    if (details.universal) {
        checkUniversal(at.at("universal"), *details.universal);
    }
    checkLed(at.at("oldLed"), details.matching.oldLed);
    checkLed(at.at("newLed"), details.matching.newLed);
    checkStrip(at.at("oldStrip"), details.matching.oldStrip);
    checkStrip(at.at("newStrip"), details.matching.newStrip);
    at.text("oldPart", details.matching.oldPart, limits::line);
    at.text("newPart", details.matching.newPart, limits::line);
    at.number("stressVolts", details.matching.stressVolts, limits::pointVolts);
    at.number("stressAmps", details.matching.stressAmps, limits::pointAmps);
    at.number("gapMm", details.gapMm, limits::gapMm);
    at.number("roomCelsius", details.roomCelsius, limits::roomCelsius);
    if (details.module) {
        checkModule(at.at("module"), *details.module);
    }
    at.count("sums", details.sums.size(), limits::sums);
    for (std::size_t i = 0; i < details.sums.size(); ++i) {
        const auto of = at.at("sums", i);
        of.text("sum", details.sums[i].sum, limits::word);
        of.count("given", details.sums[i].given.size(), limits::givens);
        for (const auto& [id, value] : details.sums[i].given) {
            of.text("given", id, limits::word);
            of.number("given", value, limits::anyNumber);
        }
    }
}

}  // namespace dimglow::job
