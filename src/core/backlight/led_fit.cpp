#include "core/backlight/led_fit.h"

#include <fmt/format.h>
#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <stdexcept>

namespace dimglow::backlight {

namespace {

constexpr double lowestIdeality = 1;
constexpr double highestIdeality = 4;
constexpr double lowestDropVolts = 0.02;
constexpr double highestDropVolts = 0.6;
constexpr double readingShare = 0.003;

/// a, E and Rs of one die.
using Numbers = Eigen::Vector3d;

struct Bounds {
    Numbers low;
    Numbers high;
};

/// Least squares with each number free or held: empty when a free one leaves its bounds.
std::optional<Numbers> solveFace(const Eigen::MatrixX3d& a, const Eigen::VectorXd& y, const Bounds& bounds,
                                 const std::array<int, 3>& face) {
    Numbers x = Numbers::Zero();
    std::vector<int> open;
    for (int i = 0; i < 3; ++i) {
        if (face[i] == 0) {
            open.push_back(i);
        } else {
            x[i] = face[i] < 0 ? bounds.low[i] : bounds.high[i];
        }
    }
    Eigen::MatrixXd columns(a.rows(), Eigen::Index(open.size()));
    for (std::size_t i = 0; i < open.size(); ++i) {
        columns.col(Eigen::Index(i)) = a.col(open[i]);
    }
    const Eigen::VectorXd rest = y - a * x;
    const Eigen::VectorXd found = columns.colPivHouseholderQr().solve(rest);
    for (std::size_t i = 0; i < open.size(); ++i) {
        const int which = open[i];
        if (!(found[Eigen::Index(i)] >= bounds.low[which] && found[Eigen::Index(i)] <= bounds.high[which])) {
            return std::nullopt;
        }
        x[which] = found[Eigen::Index(i)];
    }
    return x;
}

Numbers boundedFit(const Eigen::MatrixX3d& a, const Eigen::VectorXd& y, const Bounds& bounds) {
    Numbers best = bounds.low;
    double least = INFINITY;
    for (const int ideality : {0, -1, 1}) {
        for (const int drop : {0, -1, 1}) {
            const auto x = solveFace(a, y, bounds, {0, ideality, drop});
            if (x && (a * *x - y).squaredNorm() < least - 1e-15) {
                least = (a * *x - y).squaredNorm();
                best = *x;
            }
        }
    }
    return best;
}

/// Half-width of what a reading error leaves open, for each number.
Numbers uncertainty(const Eigen::MatrixX3d& a, double errorVolts) {
    const Eigen::JacobiSVD<Eigen::MatrixX3d> svd(a, Eigen::ComputeFullV);
    Numbers sum = Numbers::Zero();
    for (int k = 0; k < 3; ++k) {
        const double s = k < svd.singularValues().size() ? svd.singularValues()[k] : 0;
        for (int i = 0; i < 3; ++i) {
            const double share = errorVolts * svd.matrixV()(i, k) / std::max(s, 1e-12);
            sum[i] += share * share;
        }
    }
    return sum.cwiseSqrt();
}

}  // namespace

LedFit fitLed(std::span<const CurvePoint> points, const LedSpec& start) {
    if (points.empty()) {
        throw std::invalid_argument("a curve needs at least one reading");
    }
    for (const auto& point : points) {
        if (!(point.amps > 0) || !(point.volts > 0) || !std::isfinite(point.amps + point.volts)) {
            throw std::invalid_argument(
                fmt::format("{} V at {} A is no reading of a lit LED", point.volts, point.amps));
        }
    }
    const double thermal = circuit::thermalVolts(referenceKelvin);
    const auto rows = Eigen::Index(points.size());
    Eigen::MatrixX3d a(rows, 3);
    Eigen::VectorXd y(rows);
    double highest = 0;
    for (Eigen::Index i = 0; i < rows; ++i) {
        const auto& point = points[std::size_t(i)];
        a.row(i) << 1, std::log(point.amps), point.amps;
        y[i] = point.volts / start.dies;
        highest = std::max(highest, y[i]);
    }
    Bounds bounds;
    bounds.low << -INFINITY, lowestIdeality * thermal, lowestDropVolts / start.someRatedAmps();
    bounds.high << INFINITY, highestIdeality * thermal, highestDropVolts / start.someRatedAmps();

    LedFit fit;
    fit.spec = start;
    const Numbers open = uncertainty(a, readingShare * highest);
    const bool tellsIdeality = open[1] < 0.5 * (bounds.high[1] - bounds.low[1]);
    const bool tellsDrop = open[2] < 0.5 * (bounds.high[2] - bounds.low[2]);
    fit.determined = rows >= 3 && tellsIdeality && tellsDrop;
    if (!fit.determined) {
        if (!tellsIdeality || rows < 3) {
            bounds.low[1] = bounds.high[1] = start.ideality * thermal;
        }
        if (!tellsDrop || rows < 3) {
            bounds.low[2] = bounds.high[2] = start.seriesDropVolts / start.someRatedAmps();
        }
        fit.why = text::say(
            "The readings do not tell {}; it is taken from the class. Measure near {:.1f} mA, {:.0f} mA "
            "and {:.0f} mA.",
            !tellsIdeality && !tellsDrop ? text::say("how steep the curve is")
            : !tellsDrop || rows < 3     ? text::say("the series resistance")
                                         : text::say("the slope at low current"),
            3 * start.someRatedAmps(), 100 * start.someRatedAmps(), 1000 * start.someRatedAmps());
    }
    const Numbers x = boundedFit(a, y, bounds);
    fit.spec.ideality = x[1] / thermal;
    fit.spec.seriesDropVolts = x[2] * start.someRatedAmps();
    fit.spec.ratedVolts = start.dies * (x[0] + x[1] * std::log(start.someRatedAmps()) + x[2] * start.someRatedAmps());
    fit.rmsVolts = start.dies * std::sqrt((a * x - y).squaredNorm() / double(rows));
    return fit;
}

std::variant<std::vector<CurvePoint>, typing::LineProblem> readPoints(std::string_view line, typing::Tongue tongue) {
    if (const auto problem = typing::unreadable(line)) {
        return *problem;
    }
    std::vector<CurvePoint> points;
    for (auto& clause : typing::clausesOf(line, tongue)) {
        if (!clause.matches(R"((\d+(?:\.\d+)?) ?(?:v|volts?) ?(?:at|@|/)? ?(\d+(?:\.\d+)?) ?(?:ma|milliamps?))")) {
            return typing::LineProblem{clause.words(), text::say("cannot be read; write 2.82 V at 30 mA")};
        }
        points.push_back({clause.number(2, 0.001, 10000) / 1000, clause.number(1, 0.5, 100)});
        if (!clause.problem().empty()) {
            return typing::LineProblem{clause.words(), clause.problem()};
        }
    }
    return points;
}

std::string lineOf(std::span<const CurvePoint> points) {
    std::string line;
    for (const auto& point : points) {
        line += fmt::format("{}{:.6g} V at {:.6g} mA", line.empty() ? "" : ", ", point.volts, 1000 * point.amps);
    }
    return line;
}

LedFit fitTo(const Backlight& backlight, std::span<const CurvePoint> points) {
    const LedSpec& led = backlight.strips.front().led;
    return fitLed(points, classLed(led.dies, classVoltsPerDie * led.dies, led.ratedAmps));
}

Backlight withLedPoints(Backlight backlight, std::vector<CurvePoint> points) {
    const LedSpec before = backlight.strips.front().led;
    const LedSpec spec =
        points.empty() ? classLed(before.dies, before.ratedVolts, before.ratedAmps) : fitTo(backlight, points).spec;
    for (auto& strip : backlight.strips) {
        strip.led = strip.led == before ? spec : strip.led;
    }
    backlight.ledPoints = std::move(points);
    return backlight;
}

}  // namespace dimglow::backlight
