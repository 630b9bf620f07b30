#include "core/locate/cells.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <stdexcept>

namespace dimglow::locate {

CellPartition::CellPartition(const backlight::Backlight& backlight) {
    int stringIndex = 0;
    for (const auto& ref : backlight::stringsOf(backlight)) {
        order_.push_back(backlight::ledsInOrder(backlight, ref));
        int position = 0;
        for (const auto& run : backlight::partsOf(backlight, ref)) {
            const auto& strip = backlight.strips.at(order_.back()[position].strip);
            // LEDs side by side differ in what a second fault beside them does: one cell for each side.
            const int sides = strip.parallel * strip.chains;
            const int chainLength = run.count() / strip.chains;
            for (int side = 0; side < sides; ++side) {
                Cell cell{ref, stringIndex, order_.back()[position].strip, {}};
                for (int i = 0; i < run.count(); ++i) {
                    if ((strip.parallel > 1 ? i % strip.parallel : i / chainLength) == side) {
                        cell.positions.push_back(position + i);
                    }
                }
                cells_.push_back(std::move(cell));
            }
            position += run.count();
        }
        ++stringIndex;
    }
}

std::vector<CellPartition::Parts> CellPartition::split(const backlight::Run& run) {
    std::vector<Cell> refined;
    std::vector<Parts> parts;
    const auto keep = [&](Cell cell) {
        if (cell.positions.empty()) {
            return -1;
        }
        refined.push_back(std::move(cell));
        return int(refined.size()) - 1;
    };
    for (const auto& cell : cells_) {
        Cell within = cell;
        Cell without = cell;
        std::erase_if(within.positions, [&](int p) { return cell.string != run.string || !run.contains(p); });
        std::erase_if(without.positions, [&](int p) { return cell.string == run.string && run.contains(p); });
        const int inside = keep(std::move(within));
        parts.push_back({inside, keep(std::move(without))});
    }
    cells_ = std::move(refined);
    return parts;
}

void CellPartition::isolate(backlight::LedPlace place) {
    const int position = positionOf(place);
    split({cells_[cellOf(place)].string, position, position});
}

int CellPartition::positionOf(backlight::LedPlace place) const {
    for (const auto& order : order_) {
        const auto found = std::find(order.begin(), order.end(), place);
        if (found != order.end()) {
            return int(found - order.begin());
        }
    }
    throw std::out_of_range("the LED is in no string");
}

int CellPartition::cellOf(backlight::LedPlace place) const {
    const int position = positionOf(place);
    const auto found = std::find_if(cells_.begin(), cells_.end(), [&](const Cell& cell) {
        return cell.strip == place.strip && std::binary_search(cell.positions.begin(), cell.positions.end(), position);
    });
    return int(found - cells_.begin());
}

backlight::LedPlace CellPartition::placeOf(const Cell& cell, int position) const {
    return order_.at(cell.stringIndex).at(position);
}

bool inside(const Cell& cell, const backlight::Run& run) {
    return cell.string == run.string && run.contains(cell.positions.front());
}

int halfSplit(std::span<const double> weights) {
    if (weights.size() < 2) {
        return 0;
    }
    const double half = 0.5 * std::accumulate(weights.begin(), weights.end(), 0.0);
    double sum = 0;
    double best = INFINITY;
    int split = 0;
    for (std::size_t i = 0; i + 1 < weights.size(); ++i) {
        sum += weights[i];
        const double miss = std::abs(sum - half);
        if (miss < best - 1e-12) {
            best = miss;
            split = int(i) + 1;
        }
    }
    return split;
}

}  // namespace dimglow::locate
