#include "core/plan/colour.h"

#include <cmath>

namespace dimglow::plan {

Tristimulus tristimulusOf(const Chromaticity& white, double luminance) {
    return {white.x / white.y * luminance, luminance, (1 - white.x - white.y) / white.y * luminance};
}

Chromaticity chromaticityOf(const Tristimulus& light) {
    const double sum = light.x + light.y + light.z;
    return sum > 0 ? Chromaticity{light.x / sum, light.y / sum} : Chromaticity{};
}

Uv uvOf(const Chromaticity& white) {
    const double under = -2 * white.x + 12 * white.y + 3;
    return {4 * white.x / under, 9 * white.y / under};
}

double differenceOf(const Chromaticity& a, const Chromaticity& b) {
    const Uv one = uvOf(a);
    const Uv other = uvOf(b);
    return std::hypot(one.u - other.u, one.v - other.v);
}

text::Text wordsOfDifference(double difference) {
    return difference < visibleDifference ? text::say("not to be seen")
           : difference < showsOnWhite    ? text::say("barely to be seen")
                                          : text::say("shows on a white screen");
}

double colourTemperature(const Chromaticity& white) {
    const double n = (white.x - 0.3320) / (0.1858 - white.y);
    const double mcCamy = ((449 * n + 3525) * n + 6823.3) * n + 5520.33;
    constexpr double farthest = 10'000;
    if (mcCamy < farthest) {
        return mcCamy;
    }
    const double h = (white.x - 0.3366) / (white.y - 0.1735);
    return -949.86315 + 6253.80338 * std::exp(-h / 0.92159) + 28.70599 * std::exp(-h / 0.20039) +
           0.00004 * std::exp(-h / 0.07125);
}

}  // namespace dimglow::plan
