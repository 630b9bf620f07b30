#include "core/probe/strip_access.h"

#include <algorithm>

namespace dimglow::probe {

using backlight::Run;

double padMinutes(const Desk& desk, int strip) {
    switch (desk.backlight().strips[std::size_t(strip)].access) {
        case backlight::Access::Pads:
            return desk.trade().padProbeMinutes;
        case backlight::Access::Mask:
            return desk.trade().maskProbeMinutes;
        case backlight::Access::Lens:
            break;
    }
    return desk.trade().lensProbeMinutes;
}

double accessMinutes(const Desk& desk, const Run& run) {
    const auto order = backlight::ledsInOrder(desk.backlight(), run.string);
    const auto parts = backlight::partsOf(desk.backlight(), run.string);
    const auto isPlug = [&](int before) {
        return std::any_of(parts.begin(), parts.end(),
                           [&](const Run& part) { return before == part.first || before == part.last + 1; });
    };
    const auto isBare = [&](int before) {
        return std::any_of(desk.standing().begin(), desk.standing().end(), [&](const auto& entry) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            return taken != nullptr && taken->run.string == run.string &&
                   (taken->run.first == before || taken->run.last + 1 == before);
        });
    };
    double minutes = 0;
    for (const int before : {run.first, run.last + 1}) {
        const double pads = padMinutes(desk, order[std::size_t(std::min(before, int(order.size()) - 1))].strip);
        minutes += isPlug(before)   ? desk.trade().plugProbeMinutes
                   : isBare(before) ? std::min(pads, desk.trade().padProbeMinutes)
                                    : pads;
    }
    return minutes;
}

std::string ledName(const Desk& desk, const Run& run, int position) {
    return nameOf(desk.backlight(), backlight::ledsInOrder(desk.backlight(), run.string)[std::size_t(position)]);
}

bool wasLit(const Desk& desk, const Run& run) {
    return std::any_of(desk.standing().begin(), desk.standing().end(), [&](const auto& entry) {
        const auto* seen = std::get_if<evidence::LedSeen>(&entry.what);
        return seen != nullptr && seen->under == run && seen->glow != evidence::LedSeen::Glow::Dark;
    });
}

}  // namespace dimglow::probe
