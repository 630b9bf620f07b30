#include "core/repair/planned_light.h"

#include <algorithm>

#include "core/backlight/wiring.h"
#include "core/repair/current.h"

namespace dimglow::repair {

using backlight::LedFault;
using backlight::LedPlace;
using knowledge::Renews;

namespace {

/// Light that is left of a faulty LED while its string is lit (common practice, no source).
double leftOf(LedFault fault) {
    switch (backlight::atWork(fault)) {
        case LedFault::Leaky:
        case LedFault::Aged:
            return 0.45;
        case LedFault::DieShorted:
            return 0.6;
        default:
            return 0;
    }
}

/// Where the LEDs of a backlight stand among the spots of a scene.
class Spots {
public:
    Spots(const backlight::Backlight& backlight, plan::Scene& scene) : backlight_(backlight), scene_(scene) {
        std::size_t first = 0;
        for (const auto& strip : backlight.strips) {
            first_.push_back(first);
            first += std::size_t(strip.leds);
        }
    }
    double& flux(LedPlace place) {
        return scene_.spots[first_[std::size_t(place.strip)] + std::size_t(place.led)].flux;
    }
    void fillStrip(int strip, double flux) {
        for (int led = 0; led < backlight_.strips[std::size_t(strip)].leds; ++led) {
            this->flux({strip, led}) = flux;
        }
    }
    /// The strings that pass an LED go dark when it is open, unless others lie beside it.
    void breakAt(LedPlace place, LedFault fault) {
        const auto& strip = backlight_.strips[std::size_t(place.strip)];
        const bool hasOthers = strip.chains > 1 || (strip.parallel > 1 && fault == LedFault::Open);
        for (const auto& ref : backlight::stringsOf(backlight_)) {
            const auto leds = backlight::ledsInOrder(backlight_, ref);
            if (!hasOthers && std::find(leds.begin(), leds.end(), place) != leds.end()) {
                for (const auto& led : leds) {
                    flux(led) = 0;
                }
            }
        }
        flux(place) = 0;
    }

private:
    const backlight::Backlight& backlight_;
    plan::Scene& scene_;
    std::vector<std::size_t> first_;
};

void dimAll(plan::Scene& scene, double times) {
    for (auto& spot : scene.spots) {
        spot.flux *= times;
    }
}

}  // namespace

std::optional<plan::UniversalTask> universalTaskOf(const job::Job& job) {
    const auto& backlight = job.set.backlight;
    const auto& universal = job.repair.details.universal;
    if (!universal || !backlight.isDescribed) {
        return std::nullopt;
    }
    plan::UniversalTask task;
    task.widthMm = backlight.drawnWidthMm();
    task.heightMm = backlight.drawnHeightMm();
    task.rows = plan::rowsOf(backlight);
    for (auto& row : task.rows) {
        row.keepOuts = universal->keepOuts;
    }
    task.stock = universal->stock;
    task.aim = universal->aim;
    task.segmentsPerRow = universal->segmentsPerRow;
    const auto strings = int(backlight::stringsOf(backlight).size());
    const auto rows = int(task.rows.size());
    task.rowsInSeries = strings > 0 && rows % strings == 0 ? rows / strings : rows;
    task.driverVolts = backlight::healthyStringVolts(backlight);
    task.driverAmps = backlight.channels.front().stringAmps().value_or(0);
    return task;
}

std::optional<LightPictures> lightOf(const job::Job& job, const knowledge::Knowledge& trade,
                                     const std::vector<FaultyLed>& faulty, const std::string& option) {
    const auto& backlight = job.set.backlight;
    const auto& details = job.repair.details;
    if (!backlight.isDescribed || job.set.lightKind() != set::LightKind::Leds || !plan::isDirectLit(backlight)) {
        return std::nullopt;
    }
    LightPictures pictures;
    pictures.isDepthKnown = details.box.depthMm.has_value();
    pictures.made = plan::asMade(backlight, details.box);
    pictures.found = pictures.made;
    dimAll(pictures.found, plan::fadedFlux(job.set.hoursRun.value_or(0)));
    pictures.planned = pictures.found;

    Spots found(backlight, pictures.found);
    Spots planned(backlight, pictures.planned);
    const auto* kind = trade.repair(option);
    for (const auto& led : faulty) {
        found.flux(led.place) *= leftOf(led.fault);
        const bool isNew = kind != nullptr && kind->renews != Renews::Nothing;
        planned.flux(led.place) = isNew ? 1 : kind != nullptr && kind->bridges ? 0 : found.flux(led.place);
        if (kind != nullptr && kind->renews == Renews::Strips) {
            planned.fillStrip(led.place.strip, 1);
        }
    }
    for (const auto& led : faulty) {
        const auto fault = backlight::atWork(led.fault);
        if (fault == LedFault::Open || fault == LedFault::GroupOpen) {
            found.breakAt(led.place, fault);
        }
    }
    if (kind != nullptr && kind->renews == Renews::All) {
        for (int strip = 0; strip < int(backlight.strips.size()); ++strip) {
            planned.fillStrip(strip, 1);
        }
    }
    if (const auto task = universalTaskOf(job); task && kind != nullptr && kind->plan == "strips") {
        const auto plan = plan::planUniversal(*task);
        const auto lobe = pictures.made.spots.front().lobe;
        // As bright together as the strips that they take the place of.
        const double each = plan.leds > 0 ? double(backlight.ledCount()) / plan.leds : 0;
        pictures.planned.spots.clear();
        for (const auto& row : plan.rows) {
            for (const double x : row.lightsMm) {
                pictures.planned.spots.push_back({{x, row.yMm}, each, lobe});
            }
        }
    }
    if (job.repair.originalAmps && job.repair.newAmps && *job.repair.originalAmps > 0) {
        dimAll(pictures.planned, lightTimes(*job.repair.originalAmps, *job.repair.newAmps));
    }
    return pictures;
}

}  // namespace dimglow::repair
