#include "core/sums/driver_bench.h"

#include <algorithm>
#include <cmath>

namespace dimglow::sums {

BoostFigures boostFigures(const BoostStage& stage) {
    BoostFigures figures;
    figures.duty = 1 - stage.inVolts * stage.efficiency / stage.outVolts;
    figures.inAmps = stage.outVolts * stage.outAmps / (stage.efficiency * stage.inVolts);
    figures.rippleAmps = stage.inVolts * figures.duty / (stage.hertz * stage.henries);
    figures.peakAmps = figures.inAmps + figures.rippleAmps / 2;
    figures.isDiscontinuous = figures.rippleAmps / 2 > figures.inAmps;
    return figures;
}

double dividedVolts(double referenceVolts, double topOhms, double bottomOhms) {
    return referenceVolts * (1 + topOhms / bottomOhms);
}

double bottomOhmsFor(double referenceVolts, double topOhms, double wantedVolts) {
    return topOhms * referenceVolts / (wantedVolts - referenceVolts);
}

int turnsFor(double wantedVolts, double baseVolts, double diodeVolts, double voltsPerTurn) {
    constexpr double whole = 1e-9;
    return std::max(0, int(std::ceil((wantedVolts - baseVolts + diodeVolts) / voltsPerTurn - whole)));
}

Winding windingOf(double aidingVolts, double opposingVolts, int turns) {
    return {(aidingVolts + opposingVolts) / 2, (aidingVolts - opposingVolts) / 2 / turns};
}

StartFigures startFigures(const StartSupply& supply) {
    const double amps = (supply.railVolts - supply.zenerVolts) / supply.ohms;
    StartFigures figures;
    figures.zenerAmps = amps - supply.chipAmps;
    figures.zenerWatts = std::max(0.0, figures.zenerAmps) * supply.zenerVolts;
    figures.resistorWatts = amps * amps * supply.ohms;
    return figures;
}

}  // namespace dimglow::sums
