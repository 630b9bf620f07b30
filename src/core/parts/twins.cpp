#include "core/parts/twins.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace dimglow::parts {

namespace {

double median(std::vector<double> values) {
    const auto middle = values.begin() + std::ptrdiff_t(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    if (values.size() % 2 == 1) {
        return *middle;
    }
    return 0.5 * (*middle + *std::max_element(values.begin(), middle));
}

}  // namespace

std::vector<double> twinScores(std::span<const double> values, double resolution) {
    if (values.size() < 3) {
        return {};
    }
    const double centre = median({values.begin(), values.end()});
    std::vector<double> apart;
    for (const double value : values) {
        apart.push_back(std::abs(value - centre));
    }
    double unit = median(apart) / 0.6745;
    if (unit == 0) {
        unit = 1.2533 * std::accumulate(apart.begin(), apart.end(), 0.0) / double(apart.size());
    }
    unit = std::max(unit, resolution);
    std::vector<double> scores;
    for (const double value : values) {
        scores.push_back((value - centre) / unit);
    }
    return scores;
}

}  // namespace dimglow::parts
