#include "core/set/display_set.h"

#include <cmath>

namespace dimglow::set {

double DisplaySet::diagonalInches() const {
    constexpr double perInch = 25.4;
    constexpr double heightOfWidth = 9.0 / 16;  // a wide picture, where only the lamps' length is known
    const auto width = lightKind() == LightKind::Lamps ? lamps.lengthMm : backlight.widthMm;
    const auto height = lightKind() == LightKind::Lamps || !backlight.heightMm
                            ? (width ? std::optional(*width * heightOfWidth) : std::nullopt)
                            : backlight.heightMm;
    return width ? std::hypot(*width, *height) / perInch : 0;
}

}  // namespace dimglow::set
