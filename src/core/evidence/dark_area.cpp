#include "core/evidence/dark_area.h"

#include <algorithm>

namespace dimglow::evidence {

DarkArea darkAreaOf(const ScreenArea& area) {
    constexpr double edge = 0.08;  ///< this near to it is at it
    constexpr double half = 0.4;   ///< from here a part is a half
    const double left = std::min(area.left, area.right);
    const double right = std::max(area.left, area.right);
    const double top = std::min(area.top, area.bottom);
    const double bottom = std::max(area.top, area.bottom);
    const bool atLeft = left < edge;
    const bool atRight = right > 1 - edge;
    const bool atTop = top < edge;
    const bool atBottom = bottom > 1 - edge;
    const std::string across = atLeft == atRight ? "" : atLeft ? "left" : "right";
    const std::string along = atTop == atBottom ? "" : atTop ? "top" : "bottom";
    const bool crossesAcross = atLeft && atRight;
    const bool crossesAlong = atTop && atBottom;
    if (crossesAcross || crossesAlong) {
        const double share = crossesAcross ? bottom - top : right - left;
        const std::string& side = crossesAcross ? along : across;
        return {share >= half && !side.empty() ? "half" : "band", side.empty() ? "middle" : side};
    }
    if (!across.empty() && !along.empty()) {
        return {"corner", along + " " + across};
    }
    return {"spots", !across.empty() ? across : !along.empty() ? along : "middle"};
}

}  // namespace dimglow::evidence
