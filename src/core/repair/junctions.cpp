#include "core/repair/junctions.h"

namespace dimglow::repair {

std::optional<Junctions> junctionsOf(const job::Job& job) {
    const auto& backlight = job.set.backlight;
    const auto found = job.repair.originalAmps ? job.repair.originalAmps : backlight.channels.front().stringAmps();
    if (!job.repair.details.gapMm || !found || !backlight.isDescribed) {
        return std::nullopt;
    }
    HeatPath path;
    path.volts = backlight.strips.front().led.ratedVolts;
    path.amps = *found;
    path.roomCelsius = job.repair.details.roomCelsius.value_or(path.roomCelsius);
    Junctions junctions;
    junctions.flush = junctionCelsius(path);
    path.amps = job.repair.newAmps.value_or(*found);
    junctions.planned = junctionCelsius(path);
    path.amps = *found;
    path.seat = Seat::Gap;
    path.gapMm = *job.repair.details.gapMm;
    junctions.found = junctionCelsius(path);
    return junctions;
}

}  // namespace dimglow::repair
