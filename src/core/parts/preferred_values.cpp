#include "core/parts/preferred_values.h"

#include <cmath>

namespace dimglow::parts {

double e24AtLeast(double wanted) {
    constexpr int e24[] = {10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30,
                           33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91};
    const double decade = std::pow(10, std::floor(std::log10(wanted)) - 1);
    for (const int value : e24) {
        if (value * decade >= wanted * (1 - 1e-12)) {
            return value * decade;
        }
    }
    return 100 * decade;
}

}  // namespace dimglow::parts
