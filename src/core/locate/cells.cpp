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
    for (const auto& strip : backlight.strips) {
        standsAt_.emplace_back(std::size_t(strip.leds), std::pair(-1, -1));
    }
    for (int string = 0; string < int(order_.size()); ++string) {
        cellAt_.emplace_back(order_[string].size(), -1);
        for (int position = 0; position < int(order_[string].size()); ++position) {
            const auto place = order_[string][position];
            standsAt_[place.strip][place.led] = {string, position};
        }
    }
    index();
}

void CellPartition::index() {
    for (int cell = 0; cell < int(cells_.size()); ++cell) {
        for (const int position : cells_[cell].positions) {
            cellAt_[cells_[cell].stringIndex][position] = cell;
        }
    }
}

std::vector<CellPartition::Parts> CellPartition::split(const backlight::Run& run) {
    const auto isCut = [&](const Cell& cell) {
        return cell.string == run.string && cell.positions.front() <= run.last && run.first <= cell.positions.back() &&
               !(run.first <= cell.positions.front() && cell.positions.back() <= run.last);
    };
    std::vector<Parts> parts;
    if (std::none_of(cells_.begin(), cells_.end(), isCut)) {
        for (int cell = 0; cell < int(cells_.size()); ++cell) {
            inside(cells_[cell], run) ? parts.push_back({cell, -1}) : parts.push_back({-1, cell});
        }
        return parts;
    }
    std::vector<Cell> refined;
    refined.reserve(cells_.size() + 1);
    const auto keep = [&](Cell cell) {
        if (cell.positions.empty()) {
            return -1;
        }
        refined.push_back(std::move(cell));
        return int(refined.size()) - 1;
    };
    for (auto& cell : cells_) {
        if (!isCut(cell)) {
            const bool within = inside(cell, run);
            const int at = keep(std::move(cell));
            parts.push_back(within ? Parts{at, -1} : Parts{-1, at});
            continue;
        }
        Cell within{cell.string, cell.stringIndex, cell.strip, {}};
        Cell without = within;
        for (const int position : cell.positions) {
            (run.contains(position) ? within : without).positions.push_back(position);
        }
        const int insidePart = keep(std::move(within));
        parts.push_back({insidePart, keep(std::move(without))});
    }
    cells_ = std::move(refined);
    index();
    return parts;
}

void CellPartition::isolate(backlight::LedPlace place) {
    const int position = positionOf(place);
    split({cells_[cellOf(place)].string, position, position});
}

int CellPartition::positionOf(backlight::LedPlace place) const {
    const int position = standsAt_.at(std::size_t(place.strip)).at(std::size_t(place.led)).second;
    if (position < 0) {
        throw std::out_of_range("the LED is in no string");
    }
    return position;
}

int CellPartition::cellOf(backlight::LedPlace place) const {
    const auto& [string, position] = standsAt_.at(std::size_t(place.strip)).at(std::size_t(place.led));
    return cellAt_.at(std::size_t(string)).at(std::size_t(position));
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
