#include "core/parts/preferred_values.h"

#include <cmath>

namespace dimglow::parts {

namespace {

constexpr int e12[] = {10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82};
constexpr int e24[] = {10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91};

}  // namespace

std::span<const int> valuesOf(Series series) {
    return series == Series::E12 ? std::span<const int>(e12) : std::span<const int>(e24);
}

double e24AtLeast(double wanted) {
    const double decade = std::pow(10, std::floor(std::log10(wanted)) - 1);
    for (const int value : e24) {
        if (value * decade >= wanted * (1 - 1e-12)) {
            return value * decade;
        }
    }
    return 100 * decade;
}

}  // namespace dimglow::parts
