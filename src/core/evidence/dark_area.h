#pragma once

#include <string>

/// \file
/// Where a screen is dark, as somebody draws it.

namespace dimglow::evidence {

/// A rectangle on the screen, as shares of its width and height from the top left corner.
struct ScreenArea {
    double left = 0;
    double top = 0;
    double right = 0;
    double bottom = 0;
};

/// What it amounts to, in the words of the knowledge files: "half", "band", "corner" or "spots", and where: "left",
/// "top", "middle", "bottom right".
struct DarkArea {
    std::string choice;
    std::string where;
    bool operator==(const DarkArea&) const = default;
};
/// A half runs along one edge and takes at least two fifths; a band crosses the screen; a corner touches two edges.
DarkArea darkAreaOf(const ScreenArea& area);

}  // namespace dimglow::evidence
