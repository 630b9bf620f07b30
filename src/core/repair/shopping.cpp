#include "core/repair/shopping.h"

#include <algorithm>
#include <cmath>

#include "core/backlight/wiring.h"
#include "core/parts/part_line.h"
#include "core/repair/planned_light.h"

namespace dimglow::repair {

using text::name;
using text::say;
using text::Text;

namespace {

void addIf(std::vector<Text>& figures, const Text& what, const std::string& value) {
    if (!value.empty()) {
        figures.push_back(say("{}: {}", what, value));
    }
}

ShoppingLine leds(const job::Job& job, const Diagnosis& diagnosis) {
    const auto& backlight = job.set.backlight;
    const auto strip = diagnosis.failedStrips.empty() ? 0U : std::size_t(diagnosis.failedStrips.front());
    const auto& spec = backlight.strips[strip].led;
    ShoppingLine line{say("LED"), diagnosis.failedCount, {}, say("one or two spare: they die under the iron"), false};
    line.figures.push_back(spec.classAssumed ? say("volts: measure a good one first")
                                             : say("{:.1f} V at {:.0f} mA, {} dies", spec.ratedVolts,
                                                   1000 * spec.someRatedAmps(), spec.dies));
    if (const auto amps = backlight.channels.front().stringAmps()) {
        line.figures.push_back(say("rated {:.0f} mA or more", 1000 * *amps));
    }
    const auto& old = job.repair.details.matching.oldLed;
    addIf(line.figures, say("package"), old.package);
    addIf(line.figures, say("plus pad"), old.plusPad);
    addIf(line.figures, say("white"), old.white);
    return line;
}

ShoppingLine strips(const job::Job& job, int count) {
    const auto& backlight = job.set.backlight;
    const auto& strip = backlight.strips.front();
    ShoppingLine line{say("strip"), count, {}, {}, false};
    line.figures.push_back(say("{} LEDs", strip.leds));
    if (!strip.led.classAssumed) {
        line.figures.push_back(say("{:.1f} V each", strip.led.ratedVolts));
    }
    if (const auto amps = backlight.channels.front().stringAmps()) {
        line.figures.push_back(say("rated {:.0f} mA or more", 1000 * *amps));
    }
    if (strip.leds > 1 && backlight.widthMm) {
        const double pitch = std::hypot(strip.last.x - strip.first.x, strip.last.y - strip.first.y) / (strip.leds - 1);
        line.figures.push_back(say("pitch {:.1f} mm", pitch));
    }
    const auto& old = job.repair.details.matching.oldStrip;
    addIf(line.figures, say("plug"), old.connector.empty() ? strip.connector : old.connector);
    addIf(line.figures, say("side"), old.side);
    addIf(line.figures, say("lens"), old.lens);
    addIf(line.figures, say("panel"), job.set.panel);
    line.note = count > 1 ? say("all of one batch") : say("its tint may differ from its neighbours");
    return line;
}

void addUniversal(std::vector<ShoppingLine>& lines, const job::Job& job) {
    const auto task = universalTaskOf(job);
    if (!task) {
        return;
    }
    const auto plan = plan::planUniversal(*task);
    const auto& stock = task->stock;
    lines.push_back({say("universal strip"),
                     plan.stockStrips,
                     {say("segments of {} LEDs, {:.1f} mm", stock.segmentLeds, stock.segmentMm),
                      say("{:.1f} V a segment, rated {:.0f} mA", stock.segmentVolts, 1000 * stock.amps),
                      say("{:.0f} mm wide", stock.widthMm)},
                     say("all of one batch"),
                     false});
    double wire = 0;
    for (const auto& one : plan.wires) {
        wire += one.lengthMm;
    }
    lines.push_back(
        {say("wire, two colours"), 1, {say("{:.1f} m", wire / 1000)}, say("stands the string's volts"), false});
    lines.push_back({say("thermal tape"), 1, {say("{:.0f} mm wide", stock.widthMm)}, {}, false});
}

/// The capacitors of the board that somebody has written down.
void addKit(std::vector<ShoppingLine>& lines, const job::Job& job, const knowledge::Knowledge& trade) {
    const auto before = lines.size();
    for (const auto& point : job.set.points) {
        const auto* kind = trade.point(point.kind);
        if (kind != nullptr && kind->kind == parts::PartKind::Electrolytic) {
            lines.push_back({say("{} {}", kind->title, point.ref),
                             1,
                             {name(parts::lineOf(point.ratings))},
                             say("105 °C, low ESR, the same size"),
                             false});
        }
    }
    if (lines.size() == before) {
        lines.push_back(
            {say("electrolytic capacitors"), 1, {say("read values and volts off the board first")}, {}, false});
    }
}

ShoppingLine board(const job::Job& job, const knowledge::RepairKind& kind) {
    ShoppingLine line{kind.title, 1, {}, say("label and revision like the old one, not its looks"), false};
    addIf(line.figures, say("set"), job.set.model);
    addIf(line.figures, say("panel"), job.set.panel);
    return line;
}

std::string quoted(const std::string& words) {
    std::string all = "\"";
    for (const char c : words) {
        all += c == '"' ? std::string("\"\"") : std::string(1, c);
    }
    return all + "\"";
}

}  // namespace

std::vector<ShoppingLine> shoppingList(const job::Job& job, const knowledge::Knowledge& trade,
                                       const Diagnosis& diagnosis, const std::string& option) {
    std::vector<ShoppingLine> lines;
    const auto* kind = trade.repair(option);
    if (kind == nullptr || kind->writesOff) {
        return lines;
    }
    const auto& does = kind->exchanges;
    if (does == "led") {
        lines.push_back(leds(job, diagnosis));
    } else if (does == "strip") {
        const bool isAll = kind->renews == knowledge::Renews::All;
        lines.push_back(strips(
            job, isAll ? int(job.set.backlight.strips.size()) : std::max(1, int(diagnosis.failedStrips.size()))));
    } else if (does == "universal") {
        addUniversal(lines, job);
    } else if (does == "board") {
        lines.push_back(board(job, *kind));
        if (isReplacedInPairs(*kind, job.set)) {
            lines.back().what = kind->whenTwo;
            lines.back().count = 2;
        }
    } else if (does == "kit") {
        addKit(lines, job, trade);
    } else if (does == "driver") {
        lines.push_back({say("driver module"), 1, {}, say("with limits of its own"), false});
    } else if (does == "part" && !diagnosis.part.empty()) {
        lines.push_back({diagnosis.part, 1, {}, say("like for like, equal or stronger; its row with it"), false});
    }
    for (const auto& bad : diagnosis.badParts) {
        if (does == "board" && bad.comesWith(*kind)) {
            continue;
        }
        const bool isListed =
            std::any_of(lines.begin(), lines.end(), [&](const auto& l) { return l.what == bad.name; });
        if (!isListed) {
            lines.push_back({bad.name, 1, {}, say("found bad on the way"), false});
        }
        auto& line = *std::find_if(lines.begin(), lines.end(), [&](const auto& l) { return l.what == bad.name; });
        if (!bad.printed.empty() && line.figures.empty()) {
            line.figures.push_back(name(bad.printed));
        }
    }
    for (auto& line : lines) {
        line.beforeOpening = kind->opensPanel && !job.panelOpen;
    }
    return lines;
}

std::string shoppingCsv(const std::vector<ShoppingLine>& lines, const text::Language& language) {
    const auto in = [&](const Text& text) { return text.in(language); };
    std::string csv = quoted(in(say("what"))) + "," + quoted(in(say("count"))) + "," + quoted(in(say("figures"))) +
                      "," + quoted(in(say("note"))) + "," + quoted(in(say("before opening"))) + "\r\n";
    for (const auto& line : lines) {
        csv += quoted(in(line.what)) + "," + std::to_string(line.count) + "," +
               quoted(in(text::joined(line.figures, "; "))) + "," + quoted(in(line.note)) + "," +
               quoted(line.beforeOpening ? in(say("yes")) : std::string()) + "\r\n";
    }
    return csv;
}

}  // namespace dimglow::repair
