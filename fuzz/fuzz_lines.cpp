// Every line reader takes anything; what it takes can be stored.

#include <cstdlib>
#include <string>

#include "core/backlight/harness_line.h"
#include "core/backlight/led_fit.h"
#include "core/backlight/plain.h"
#include "core/hands/layer_line.h"
#include "core/hands/opening_json.h"
#include "core/job/reading_text.h"
#include "core/lamps/lamp_line.h"
#include "core/panelcheck/panel_check.h"
#include "core/parts/part_line.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace dimglow;
    const std::string line(reinterpret_cast<const char*>(data), size);
    const auto read = backlight::readLine(line);
    if (const auto* plain = std::get_if<backlight::PlainDescription>(&read)) {
        const auto panel = backlight::plainBacklight(*plain);
        if (!problemsOf(panel).empty()) {
            std::abort();
        }
    }
    const auto lamps = lamps::readLine(line);
    if (const auto* told = std::get_if<lamps::Lamps>(&lamps)) {
        const auto again = lamps::readLine(lamps::lineOf(*told));
        if (!std::holds_alternative<lamps::Lamps>(again) || std::get<lamps::Lamps>(again) != *told) {
            std::abort();
        }
    }
    lamps::speaksOfLamps(line);
    const auto layer = hands::readLayerLine(line);
    if (const auto* told = std::get_if<hands::LayerLine>(&layer)) {
        hands::Opening opening;
        hands::add(opening, {hands::LayerKind::Back, {}, {}}, 0);
        hands::add(opening, *told, 1);
        std::vector<format::Problem> problems;
        hands::check(format::Check(problems), opening);
        if (!problems.empty()) {
            std::abort();
        }
    }
    backlight::readPins(line);
    backlight::readPoints(line);
    panelcheck::readSupplies(line);
    job::readTypedVolts(line);
    job::readTypedNumber(line, {0, 1000, job::Unit::Milliamps});
    job::readTypedAmount(line, {0, 1e6, job::Unit::Money});
    job::readTypedDay(line, "2026-11-25");
    job::readTypedLed(line);
    job::readTypedGlow(line);
    for (int kind = 0; kind < int(parts::partKindWords.size()); ++kind) {
        const auto part = parts::readTypedPart(parts::PartKind(kind), line);
        if (const auto* typed = std::get_if<parts::TypedPart>(&part)) {
            parts::judge(parts::PartKind(kind), typed->ratings, typed->reading, {typed->reading});
        }
        parts::readTypedRatings(parts::PartKind(kind), line);
    }
    return 0;
}
