#include "core/plan/light_map.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dimglow::plan {

using std::numbers::pi;

namespace {

constexpr double stepDegrees = 5;
/// Beyond this many depths a spot adds less than the eye sees.
constexpr double reach = 10;
/// Points of the coarse grid to a depth: nothing that comes through the diffuser is finer.
constexpr double pointsPerDepth = 5;

double intensity(const Lobe& lobe, double degrees) {
    const double at = std::clamp(degrees / stepDegrees, 0.0, double(lobe.batwing.size() - 1));
    const auto below = std::min(std::size_t(at), lobe.batwing.size() - 2);
    const double share = at - double(below);
    return (1 - share) * lobe.batwing[below] + share * lobe.batwing[below + 1];
}

/// ∫ I dΩ over the half sphere, by Simpson's rule on the table's own steps.
double fluxOf(const Lobe& lobe) {
    double sum = 0;
    const auto last = lobe.batwing.size() - 1;
    for (std::size_t i = 0; i <= last; ++i) {
        const double theta = double(i) * stepDegrees * pi / 180;
        const double weight = i == 0 || i == last ? 1 : i % 2 == 1 ? 4 : 2;
        sum += weight * lobe.batwing[i] * std::sin(theta);
    }
    return 2 * pi * sum * stepDegrees * pi / 180 / 3;
}

/// What one spot of flux 1 gives, by how far aside it is.
class Falloff {
public:
    Falloff(const Lobe& lobe, double depth, double farthest) : step_(farthest / steps) {
        const LightSpot spot{{0, 0}, 1, lobe};
        for (int i = 0; i <= steps + 1; ++i) {
            values_.push_back(float(arriving(spot, depth, {i * step_, 0})));
        }
    }
    float operator()(double aside) const {
        const double at = aside / step_;
        const auto below = std::size_t(at);
        const auto share = float(at - double(below));
        return below + 1 >= values_.size() ? 0 : (1 - share) * values_[below] + share * values_[below + 1];
    }

private:
    static constexpr int steps = 2000;
    double step_;
    std::vector<float> values_;
};

bool sameLobe(const Lobe& a, const Lobe& b) {
    return a.exponent == b.exponent && a.batwing == b.batwing;
}

/// Spots of one lobe, with those that the walls show of them.
struct Group {
    Lobe lobe;
    std::vector<LightSpot> spots;
};

std::vector<Group> grouped(const LightBox& box, const std::vector<LightSpot>& spots) {
    std::vector<Group> groups;
    const double far = reach * box.depthMm;
    for (const auto& spot : spots) {
        if (spot.flux <= 0) {
            continue;
        }
        auto group =
            std::find_if(groups.begin(), groups.end(), [&](const Group& g) { return sameLobe(g.lobe, spot.lobe); });
        group = group == groups.end() ? groups.insert(group, {spot.lobe, {}}) : group;
        const double xs[] = {spot.at.x, -spot.at.x, 2 * box.widthMm - spot.at.x};
        const double ys[] = {spot.at.y, -spot.at.y, 2 * box.heightMm - spot.at.y};
        for (int i = 0; i < 3; ++i) {
            for (int j = 0; j < 3; ++j) {
                const int walls = (i > 0 ? 1 : 0) + (j > 0 ? 1 : 0);
                const bool isNear =
                    xs[i] > -far && xs[i] < box.widthMm + far && ys[j] > -far && ys[j] < box.heightMm + far;
                const double flux = spot.flux * std::pow(box.wallsReflect, walls);
                if (isNear && flux > 0) {
                    group->spots.push_back({{xs[i], ys[j]}, flux, spot.lobe});
                }
            }
        }
    }
    return groups;
}

/// Adds a spot to a grid of points that lie `dx`, `dy` apart.
void add(LightMap& map, const LightSpot& spot, const Falloff& falloff, double far, double dx, double dy) {
    const int firstRow = std::max(0, int(std::ceil((spot.at.y - far) / dy)));
    const int lastRow = std::min(map.rows - 1, int(std::floor((spot.at.y + far) / dy)));
    const int firstColumn = std::max(0, int(std::ceil((spot.at.x - far) / dx)));
    const int lastColumn = std::min(map.columns - 1, int(std::floor((spot.at.x + far) / dx)));
    for (int row = firstRow; row <= lastRow; ++row) {
        const double y = row * dy - spot.at.y;
        float* line = &map.at[std::size_t(row) * std::size_t(map.columns)];
        for (int column = firstColumn; column <= lastColumn; ++column) {
            const double x = column * dx - spot.at.x;
            line[column] += float(spot.flux) * falloff(std::sqrt(x * x + y * y));
        }
    }
}

/// Along one line of values, mirrored at its ends.
void blurLine(std::vector<float>& line, const std::vector<float>& kernel) {
    const int n = int(line.size());
    const int radius = int(kernel.size()) - 1;
    std::vector<float> blurred(line.size());
    const auto mirrored = [n](int i) { return std::clamp(i < 0 ? -i : i >= n ? 2 * n - 2 - i : i, 0, n - 1); };
    for (int i = 0; i < n; ++i) {
        float sum = kernel[0] * line[std::size_t(i)];
        for (int k = 1; k <= radius; ++k) {
            sum += kernel[std::size_t(k)] * (line[std::size_t(mirrored(i - k))] + line[std::size_t(mirrored(i + k))]);
        }
        blurred[std::size_t(i)] = sum;
    }
    line.swap(blurred);
}

std::vector<float> kernelOf(double sigma) {
    std::vector<float> kernel;
    float sum = 0;
    const int radius = int(std::ceil(3 * sigma));
    for (int k = 0; k <= radius; ++k) {
        kernel.push_back(sigma > 0 ? float(std::exp(-0.5 * k * k / (sigma * sigma))) : 1.F);
        sum += (k == 0 ? 1 : 2) * kernel.back();
    }
    for (auto& value : kernel) {
        value /= sum;
    }
    return kernel;
}

void blur(LightMap& map, double columns, double rows) {
    const auto across = kernelOf(columns);
    const auto down = kernelOf(rows);
    std::vector<float> line;
    for (int row = 0; row < map.rows; ++row) {
        const auto first = map.at.begin() + std::ptrdiff_t(row) * map.columns;
        line.assign(first, first + map.columns);
        blurLine(line, across);
        std::copy(line.begin(), line.end(), first);
    }
    for (int column = 0; column < map.columns; ++column) {
        line.resize(std::size_t(map.rows));
        for (int row = 0; row < map.rows; ++row) {
            line[std::size_t(row)] = map.of(column, row);
        }
        blurLine(line, down);
        for (int row = 0; row < map.rows; ++row) {
            map.at[std::size_t(row) * std::size_t(map.columns) + std::size_t(column)] = line[std::size_t(row)];
        }
    }
}

/// A cubic through four points (Catmull and Rom, 1974).
struct Taps {
    int first = 0;
    std::array<float, 4> weight{};
};
std::vector<Taps> tapsOf(int from, int to) {
    std::vector<Taps> all;
    for (int i = 0; i < to; ++i) {
        const double at = double(i) * (from - 1) / (to - 1);
        const int below = std::min(int(at), from - 2);
        const auto t = float(at - below);
        const float t2 = t * t;
        const float t3 = t2 * t;
        all.push_back(
            {below - 1, {(-t + 2 * t2 - t3) / 2, (2 - 5 * t2 + 3 * t3) / 2, (t + 4 * t2 - 3 * t3) / 2, (t3 - t2) / 2}});
    }
    return all;
}

LightMap finer(const LightMap& coarse, int columns, int rows) {
    const auto across = tapsOf(coarse.columns, columns);
    const auto down = tapsOf(coarse.rows, rows);
    std::vector<float> wide(std::size_t(coarse.rows) * std::size_t(columns));
    for (int row = 0; row < coarse.rows; ++row) {
        for (int column = 0; column < columns; ++column) {
            const auto& taps = across[std::size_t(column)];
            float sum = 0;
            for (int k = 0; k < 4; ++k) {
                sum += taps.weight[std::size_t(k)] * coarse.of(std::clamp(taps.first + k, 0, coarse.columns - 1), row);
            }
            wide[std::size_t(row) * std::size_t(columns) + std::size_t(column)] = sum;
        }
    }
    LightMap fine{columns, rows, std::vector<float>(std::size_t(columns) * std::size_t(rows))};
    for (int row = 0; row < rows; ++row) {
        const auto& taps = down[std::size_t(row)];
        const float* lines[4];
        for (int k = 0; k < 4; ++k) {
            lines[k] = &wide[std::size_t(std::clamp(taps.first + k, 0, coarse.rows - 1)) * std::size_t(columns)];
        }
        float* out = &fine.at[std::size_t(row) * std::size_t(columns)];
        for (int column = 0; column < columns; ++column) {
            out[column] = std::max(0.F, taps.weight[0] * lines[0][column] + taps.weight[1] * lines[1][column] +
                                            taps.weight[2] * lines[2][column] + taps.weight[3] * lines[3][column]);
        }
    }
    return fine;
}

}  // namespace

Lobe batwingLens() {
    Lobe lens;
    lens.batwing = {0.22, 0.22, 0.23, 0.24, 0.26, 0.28, 0.31, 0.35, 0.40, 0.47,
                    0.56, 0.68, 0.82, 0.95, 1.00, 0.85, 0.45, 0.12, 0.0};
    return lens;
}

Lobe cloudedLens(const Lobe& lens, double clouded) {
    if (!lens.hasLens()) {
        return lens;
    }
    // What is scattered leaves as from a plain surface; both parts keep their flux.
    Lobe all = lens;
    const double own = fluxOf(lens);
    for (std::size_t i = 0; i < all.batwing.size(); ++i) {
        const double plain = std::cos(double(i) * stepDegrees * pi / 180) / pi;
        all.batwing[i] = (1 - clouded) * lens.batwing[i] / own + clouded * plain;
    }
    return all;
}

double arriving(const LightSpot& spot, double depthMm, PointMm at) {
    const double aside = std::hypot(at.x - spot.at.x, at.y - spot.at.y);
    const double squared = depthMm * depthMm + aside * aside;
    if (spot.lobe.hasLens()) {
        return spot.flux * intensity(spot.lobe, std::atan2(aside, depthMm) * 180 / pi) / fluxOf(spot.lobe) * depthMm /
               (squared * std::sqrt(squared));
    }
    const double m = spot.lobe.exponent;
    return spot.flux * (m + 1) / (2 * pi) * std::pow(depthMm, m + 1) / std::pow(squared, (m + 3) / 2);
}

LightMap lightMap(const LightBox& box, const std::vector<LightSpot>& spots, int columns, int rows) {
    const double step = box.depthMm / pointsPerDepth;
    constexpr int most = 2000;
    const int coarseColumns = std::clamp(int(std::ceil(box.widthMm / step)) + 1, 2, most);
    const int coarseRows = std::clamp(int(std::ceil(box.heightMm / step)) + 1, 2, most);
    LightMap coarse{coarseColumns, coarseRows,
                    std::vector<float>(std::size_t(coarseColumns) * std::size_t(coarseRows))};
    const double dx = box.widthMm / (coarseColumns - 1);
    const double dy = box.heightMm / (coarseRows - 1);
    const double far = reach * box.depthMm;
    for (const auto& group : grouped(box, spots)) {
        const Falloff falloff(group.lobe, box.depthMm, far);
        for (const auto& spot : group.spots) {
            add(coarse, spot, falloff, far, dx, dy);
        }
    }
    blur(coarse, box.blurMm / dx, box.blurMm / dy);
    return finer(coarse, columns, rows);
}

TintMap tintMap(const LightBox& box, const std::vector<LightSpot>& spots, int columns, int rows) {
    const auto with = [&](double Tristimulus::*part) {
        auto scaled = spots;
        for (auto& spot : scaled) {
            spot.flux = tristimulusOf(spot.white, spot.flux).*part;
        }
        return lightMap(box, scaled, columns, rows);
    };
    return {with(&Tristimulus::x), with(&Tristimulus::y), with(&Tristimulus::z)};
}

Chromaticity usualWhite(const std::vector<LightSpot>& spots) {
    const auto same = [](const LightSpot& a, const LightSpot& b) {
        return a.white.x == b.white.x && a.white.y == b.white.y;
    };
    const LightSpot* most = &spots.front();
    std::ptrdiff_t count = 0;
    for (const auto& spot : spots) {
        const auto alike =
            std::count_if(spots.begin(), spots.end(), [&](const auto& other) { return same(spot, other); });
        if (alike > count) {
            count = alike;
            most = &spot;
        }
    }
    return most->white;
}

bool isTinted(const std::vector<LightSpot>& spots) {
    return std::any_of(spots.begin(), spots.end(), [&](const LightSpot& spot) {
        return spot.white.x != spots.front().white.x || spot.white.y != spots.front().white.y;
    });
}

double largestTint(const TintMap& map, const Chromaticity& usual) {
    double largest = 0;
    for (int row = 0; row < map.y.rows; ++row) {
        for (int column = 0; column < map.y.columns; ++column) {
            if (map.y.of(column, row) > 0) {
                largest = std::max(largest, differenceOf(map.of(column, row), usual));
            }
        }
    }
    return largest;
}

Evenness evennessOf(const LightMap& map, const LightBox& box) {
    Evenness evenness;
    double sum = 0;
    std::size_t darkest = 0;
    std::size_t brightest = 0;
    for (std::size_t i = 0; i < map.at.size(); ++i) {
        sum += map.at[i];
        darkest = map.at[i] < map.at[darkest] ? i : darkest;
        brightest = map.at[i] > map.at[brightest] ? i : brightest;
    }
    evenness.mean = sum / double(map.at.size());
    evenness.lowestOfMean = evenness.mean > 0 ? map.at[darkest] / evenness.mean : 0;
    const auto placeOf = [&](std::size_t i) {
        const auto columns = std::size_t(map.columns);
        const std::size_t row = i / columns;
        return PointMm{double(i % columns) * box.widthMm / (map.columns - 1),
                       double(row) * box.heightMm / (map.rows - 1)};
    };
    evenness.darkest = placeOf(darkest);
    evenness.brightest = placeOf(brightest);
    float lowest = INFINITY;
    float highest = 0;
    for (const double down : {0.1, 0.5, 0.9}) {
        for (const double across : {0.1, 0.5, 0.9}) {
            const float value =
                map.of(int(std::lround(across * (map.columns - 1))), int(std::lround(down * (map.rows - 1))));
            lowest = std::min(lowest, value);
            highest = std::max(highest, value);
        }
    }
    evenness.ninePoints = highest > 0 ? lowest / highest : 0;
    return evenness;
}

}  // namespace dimglow::plan
