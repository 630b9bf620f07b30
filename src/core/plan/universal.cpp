#include "core/plan/universal.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace dimglow::plan {

using text::say;
using text::Text;

namespace {

constexpr double never = std::numeric_limits<double>::infinity();
/// Drivers take this much more or less than the strips that they were made for (common practice, no source).
constexpr double driverGives = 0.15;
constexpr double sameRowMm = 8;
constexpr double wireSpareMm = 30;

bool isFree(const Row& row, double from, double to) {
    return std::none_of(row.keepOuts.begin(), row.keepOuts.end(),
                        [&](const KeepOut& k) { return from < k.toMm && to > k.fromMm; });
}

/// Light i of a segment that starts at 0.
double lightOf(const StripStock& stock, int i) {
    return stock.segmentMm * (i + 0.5) / stock.segmentLeds;
}

/// The segments per row that bring a string nearest to the driver's volts.
int segmentsFor(const UniversalTask& task) {
    const int most = int((task.widthMm - 2 * task.endMm) / task.stock.segmentMm);
    if (task.segmentsPerRow > 0) {
        return task.segmentsPerRow;
    }
    const int rows = task.rowsInSeries > 0 ? task.rowsInSeries : int(task.rows.size());
    if (task.driverVolts <= 0) {
        std::size_t old = 0;
        for (const auto& row : task.rows) {
            old = std::max(old, row.oldMm.size());
        }
        return std::clamp(int(std::lround(double(old) / task.stock.segmentLeds)), 1, std::max(1, most));
    }
    return std::clamp(int(std::lround(task.driverVolts / (rows * task.stock.segmentVolts))), 1, std::max(1, most));
}

/// Cuts pieces from strips, the longest first, each from the strip that it leaves the least of.
void cut(UniversalPlan& plan, const StripStock& stock) {
    std::vector<std::size_t> order(plan.pieces.size());
    for (std::size_t i = 0; i < order.size(); ++i) {
        order[i] = i;
    }
    std::stable_sort(order.begin(), order.end(),
                     [&](auto a, auto b) { return plan.pieces[a].segments > plan.pieces[b].segments; });
    for (const auto index : order) {
        auto& piece = plan.pieces[index];
        int best = -1;
        for (int i = 0; i < int(plan.offcuts.size()); ++i) {
            const int left = plan.offcuts[std::size_t(i)];
            if (left >= piece.segments && (best < 0 || left < plan.offcuts[std::size_t(best)])) {
                best = i;
            }
        }
        if (best < 0) {
            best = int(plan.offcuts.size());
            plan.offcuts.push_back(stock.segments);
        }
        plan.offcuts[std::size_t(best)] -= piece.segments;
        piece.stock = best;
    }
    plan.stockStrips = int(plan.offcuts.size());
}

/// The pieces of a row: where an uncut stretch starts, and how many segments it has.
struct Stretch {
    double fromMm = 0;
    double toMm = 0;
    int segments = 0;
};
std::vector<Stretch> stretchesOf(const PlacedRow& row, const StripStock& stock) {
    std::vector<Stretch> all;
    for (const auto& segment : row.segments) {
        if (!segment.joinsLast) {
            all.push_back({segment.fromMm, segment.fromMm, 0});
        }
        all.back().toMm = segment.fromMm + stock.segmentMm;
        ++all.back().segments;
    }
    return all;
}

/// One end of a piece.
struct Terminal {
    std::string name;
    PointMm at;
};

void wireUp(UniversalPlan& plan, const UniversalTask& task) {
    const int perString = task.rowsInSeries > 0 ? task.rowsInSeries : int(plan.rows.size());
    Terminal last;
    for (std::size_t r = 0; r < plan.rows.size(); ++r) {
        auto& row = plan.rows[r];
        const bool startsString = int(r) % perString == 0;
        row.isTurned = int(r) % perString % 2 == 1;
        auto stretches = stretchesOf(row, task.stock);
        for (const auto& stretch : stretches) {
            plan.pieces.push_back({int(r), stretch.segments, 0});
        }
        if (row.isTurned) {
            std::reverse(stretches.begin(), stretches.end());
        }
        for (std::size_t s = 0; s < stretches.size(); ++s) {
            const int number = row.isTurned ? int(stretches.size() - s) : int(s) + 1;
            const std::string name = std::to_string(r + 1) + "." + std::to_string(number);
            const PointMm in{row.isTurned ? stretches[s].toMm : stretches[s].fromMm, row.yMm};
            const PointMm out{row.isTurned ? stretches[s].fromMm : stretches[s].toMm, row.yMm};
            if (startsString && s == 0) {
                last = {"LED+", {0, row.yMm}};
            }
            plan.wires.push_back(
                {last.name, name + " +", std::hypot(in.x - last.at.x, in.y - last.at.y) + wireSpareMm});
            last = {name + " −", out};
        }
        if (int(r) % perString == perString - 1 || r + 1 == plan.rows.size()) {
            plan.wires.push_back({last.name, "LED−", last.at.x + wireSpareMm});
        }
    }
}

void weighVolts(UniversalPlan& plan, const UniversalTask& task) {
    if (task.driverVolts <= 0) {
        plan.notes.push_back(
            say("Nobody has said what the driver gives: {:.0f} V a string must suit it.", plan.stringVolts));
        return;
    }
    const double share = plan.stringVolts / task.driverVolts - 1;
    if (std::abs(share) > driverGives) {
        plan.notes.push_back(say("{:.0f} V a string instead of {:.0f}: {:+.0f} %, more than a driver gives.",
                                 plan.stringVolts, task.driverVolts, 100 * share));
    }
}

}  // namespace

Text problemOf(const UniversalTask& task) {
    const auto& stock = task.stock;
    const auto isLength = [](double value) { return std::isfinite(value) && value > 0 && value <= 10'000; };
    if (task.rows.empty()) {
        return say("No row: describe the strips first.");
    }
    if (!isLength(task.widthMm) || !isLength(stock.segmentMm) || !isLength(stock.widthMm)) {
        return say("A length is missing, or beyond 10 m.");
    }
    if (stock.segmentLeds < 1 || stock.segmentLeds > 60 || stock.segments < 1 || stock.segments > 200) {
        return say("A segment has 1 to 60 LEDs, a strip 1 to 200 segments.");
    }
    if (!(stock.segmentVolts > 0) || stock.segmentVolts > 300 || !(stock.amps > 0) || stock.amps > 5) {
        return say("The volts of a segment and the amps that it is rated for are needed.");
    }
    if (task.rows.size() > 60 || task.segmentsPerRow < 0 || task.segmentsPerRow > 200) {
        return say("At most 60 rows of 200 segments.");
    }
    return {};
}

std::vector<double> wantedPlaces(const Row& row, Aim aim, int count, double widthMm) {
    std::vector<double> wanted;
    for (int i = 0; i < count; ++i) {
        const double share = (i + 0.5) / count;
        if (aim == Aim::Even || row.oldMm.size() < 2) {
            wanted.push_back(share * widthMm);
            continue;
        }
        // The old lights in order, stretched over as many as there are now.
        const double at = std::clamp(share * double(row.oldMm.size()) - 0.5, 0.0, double(row.oldMm.size() - 1));
        const auto below = std::min(std::size_t(at), row.oldMm.size() - 2);
        wanted.push_back(row.oldMm[below] + (at - double(below)) * (row.oldMm[below + 1] - row.oldMm[below]));
    }
    return wanted;
}

std::optional<PlacedRow> placeRow(const UniversalTask& task, const Row& row, int count) {
    const auto& stock = task.stock;
    const int first = int(std::ceil(task.endMm));
    const int last = int(std::floor(task.widthMm - task.endMm));
    if (count < 1 || last - first < count * stock.segmentMm) {
        return std::nullopt;
    }
    const auto wanted = wantedPlaces(row, task.aim, count * stock.segmentLeds, task.widthMm);
    const int gap = int(std::ceil(task.cutGapMm));
    // Of so many segments that all end at or before a millimetre: the least squares, and the uncut stretch that ends
    // them.
    struct Best {
        double squares = never;
        int start = 0;
        int segments = 0;
    };
    const auto width = std::size_t(last - first) + 1;
    std::vector<std::vector<Best>> best(std::size_t(count) + 1, std::vector<Best>(width));
    for (std::size_t at = 0; at < width; ++at) {
        for (int k = 1; k <= count && at > 0; ++k) {
            auto& here = best[std::size_t(k)][at];
            const auto& before = best[std::size_t(k)][at - 1];
            here = before.squares <= here.squares ? before : here;
        }
        const int start = first + int(at);
        for (int k = 0; k < count; ++k) {
            const bool hasRoom = k == 0 || int(at) >= gap;
            double squares = k == 0 ? 0 : hasRoom ? best[std::size_t(k)][at - std::size_t(gap)].squares : never;
            for (int n = 0; squares < never && k + n < count; ++n) {
                const double from = start + n * stock.segmentMm;
                const double to = from + stock.segmentMm;
                if (to > last || !isFree(row, from, to)) {
                    break;
                }
                for (int i = 0; i < stock.segmentLeds; ++i) {
                    const double off = from + lightOf(stock, i) -
                                       wanted[std::size_t(k + n) * std::size_t(stock.segmentLeds) + std::size_t(i)];
                    squares += off * off;
                }
                auto& end = best[std::size_t(k + n) + 1][std::size_t(std::ceil(to - 1e-9)) - std::size_t(first)];
                end = squares < end.squares ? Best{squares, start, n + 1} : end;
            }
        }
    }
    if (best.back().back().squares == never) {
        return std::nullopt;
    }
    PlacedRow placed{row.yMm, false, {}, {}, best.back().back().squares};
    std::size_t at = width - 1;
    for (int k = count; k > 0;) {
        const Best& stretch = best[std::size_t(k)][at];
        for (int n = stretch.segments - 1; n >= 0; --n) {
            placed.segments.insert(placed.segments.begin(), {stretch.start + n * stock.segmentMm, n > 0});
        }
        k -= stretch.segments;
        at = k > 0 ? std::size_t(stretch.start - first - gap) : 0;
    }
    for (const auto& segment : placed.segments) {
        for (int i = 0; i < stock.segmentLeds; ++i) {
            placed.lightsMm.push_back(segment.fromMm + lightOf(stock, i));
        }
    }
    return placed;
}

UniversalPlan planUniversal(const UniversalTask& task) {
    UniversalPlan plan;
    plan.refusal = problemOf(task);
    if (!plan.refusal.empty()) {
        return plan;
    }
    const int count = segmentsFor(task);
    for (std::size_t r = 0; r < task.rows.size(); ++r) {
        auto placed = placeRow(task, task.rows[r], count);
        if (!placed) {
            plan = {};
            plan.refusal = say("Row {} has no room for {} segments of {:.0f} mm.", r + 1, count, task.stock.segmentMm);
            return plan;
        }
        plan.leds += count * task.stock.segmentLeds;
        plan.rows.push_back(std::move(*placed));
    }
    wireUp(plan, task);
    cut(plan, task.stock);
    const int perString = task.rowsInSeries > 0 ? task.rowsInSeries : int(plan.rows.size());
    plan.stringVolts = perString * count * task.stock.segmentVolts;
    plan.amps = task.driverAmps > 0 ? task.driverAmps : task.stock.amps;
    plan.watts = plan.stringVolts / perString * double(plan.rows.size()) * plan.amps;
    weighVolts(plan, task);
    if (task.driverAmps > task.stock.amps) {
        plan.notes.push_back(say("{:.0f} mA through strips rated {:.0f}: {:.0f} %. Lower the current first.",
                                 1000 * task.driverAmps, 1000 * task.stock.amps,
                                 100 * task.driverAmps / task.stock.amps));
    }
    plan.notes.push_back(say("Cut edges of metal-core strips are filed; copper stays back from the cut."));
    plan.notes.push_back(say("After each piece: tester from LED+ to the chassis, nothing may flow."));
    return plan;
}

std::vector<Row> rowsOf(const backlight::Backlight& backlight) {
    std::vector<Row> rows;
    for (int strip = 0; strip < int(backlight.strips.size()); ++strip) {
        const auto& of = backlight.strips[std::size_t(strip)];
        const double y = (of.first.y + of.last.y) / 2;
        auto row =
            std::find_if(rows.begin(), rows.end(), [&](const Row& r) { return std::abs(r.yMm - y) < sameRowMm; });
        row = row == rows.end() ? rows.insert(row, Row{y, {}, {}}) : row;
        for (int led = 0; led < of.leds; ++led) {
            row->oldMm.push_back(backlight::positionOf(backlight, {strip, led}).x);
        }
    }
    for (auto& row : rows) {
        std::sort(row.oldMm.begin(), row.oldMm.end());
    }
    std::sort(rows.begin(), rows.end(), [](const Row& a, const Row& b) { return a.yMm < b.yMm; });
    return rows;
}

}  // namespace dimglow::plan
