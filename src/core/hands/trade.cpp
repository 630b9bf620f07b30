#include "core/hands/trade.h"

#include <algorithm>

namespace dimglow::hands {

namespace {

template <class Kind>
const Kind* named(const std::vector<Kind>& all, const std::string& id) {
    const auto found = std::find_if(all.begin(), all.end(), [&](const auto& one) { return one.id == id; });
    return found == all.end() ? nullptr : &*found;
}

}  // namespace

const Way* Trade::way(const std::string& id) const {
    return named(ways, id);
}

const WorkStep* Trade::step(const std::string& id) const {
    return named(steps, id);
}

const Layout* Trade::layout(const std::string& id) const {
    return named(layouts, id);
}

OpeningCost openingCost(const Opening& opening, const Trade& trade, double inches) {
    const Way* chosen = trade.way(opening.way);
    const Way& way = chosen == nullptr ? trade.ways.front() : *chosen;
    const double over = inches > 0 ? inches - trade.usualInches : 0;
    const double larger = std::max(0.1, 1 + over * trade.perInchBreaks);
    const bool isAlone = opening.people == 1;
    const bool isStuck = opening.adhesive == Adhesive::Tape || opening.adhesive == Adhesive::Glue;
    return {
        std::max(way.minutes / 3, way.minutes + over * way.perInchMinutes),
        std::min(1.0, way.breaks * larger * (isAlone ? trade.oneMansTimes : 1) * (isStuck ? trade.adhesiveTimes : 1))};
}

}  // namespace dimglow::hands
