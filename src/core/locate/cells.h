#pragma once

#include <span>
#include <vector>

#include "core/backlight/backlight.h"

namespace dimglow::locate {

/// LEDs of one strip that no reading so far tells apart. Whatever is believed of one holds for each.
struct Cell {
    backlight::StringRef string;
    int stringIndex = 0;  ///< into backlight::stringsOf()
    int strip = 0;
    std::vector<int> positions;  ///< in the string, rising
};

/// Partition of a backlight's LEDs into cells, refined by every run that is measured and every LED that is looked at.
/// Believing in counts per cell instead of in single LEDs keeps several faults at once cheap and exact.
class CellPartition {
public:
    /// One cell for each strip in each string; for LEDs side by side, one for each side.
    explicit CellPartition(const backlight::Backlight& backlight);

    /// What became of a cell: the index of its part inside the run and outside it, -1 where there is none.
    struct Parts {
        int within = -1;
        int without = -1;
    };
    /// Afterwards every cell lies wholly inside or wholly outside \p run.
    /// \returns the parts of every former cell
    std::vector<Parts> split(const backlight::Run& run);

    /// Gives a LED a cell of its own.
    void isolate(backlight::LedPlace place);

    const std::vector<Cell>& cells() const { return cells_; }
    /// Index of the cell that holds a LED.
    int cellOf(backlight::LedPlace place) const;
    /// Where a LED stands in its string.
    int positionOf(backlight::LedPlace place) const;
    backlight::LedPlace placeOf(const Cell& cell, int position) const;

private:
    std::vector<Cell> cells_;
    std::vector<std::vector<backlight::LedPlace>> order_;  ///< by string index, then position
    std::vector<std::vector<int>> cellAt_;                 ///< the same way, into cells_
    /// Where each LED stands, by strip and LED: string index and position.
    std::vector<std::vector<std::pair<int, int>>> standsAt_;
    void index();
};

/// Whether a cell of a partition that was split by \p run lies inside it.
bool inside(const Cell& cell, const backlight::Run& run);

/// How many leading LEDs to power so that the fault is as likely among them as not: the split that halves the weight
/// best. Repeating it on the remaining half finds one fault in at most ⌈log2 N⌉ probes when the weights are equal.
/// \returns 1 … weights.size() - 1, or 0 when there is nothing left to split
int halfSplit(std::span<const double> weights);

}  // namespace dimglow::locate
