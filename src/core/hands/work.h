#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/hands/closing.h"

namespace dimglow::hands {

/// One line of a work order.
struct WorkLine {
    std::string key;  ///< of its tick, without "step:"
    WorkStep step;
    text::Text place;  ///< the LED it is done at; empty of the whole set
    bool isDone = false;
    std::optional<double> read;
    std::string said = {};       ///< id of a choice
    std::optional<double> took;  ///< min, since the tick before; empty where that is too long ago to tell
};

/// What is done with the hands, in its order.
struct WorkOrder {
    std::vector<WorkLine> lines;
    double plannedMinutes = 0;
    double tookMinutes = 0;  ///< of lines that are done and whose time is known
    int next = -1;           ///< the first that is not done, into lines; -1 when all are
};

/// The steps of a repair, those per LED once for each of \p leds, with what of it has been ticked.
WorkOrder workOrder(const std::vector<std::string>& steps, const std::vector<text::Text>& leds, const Opening& opening,
                    const Trade& trade);

}  // namespace dimglow::hands
