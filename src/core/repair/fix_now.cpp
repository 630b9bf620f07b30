#include "core/repair/fix_now.h"

namespace dimglow::repair {

std::optional<FixNow> fixNow(const FixPlan& plan, const knowledge::Knowledge& trade, const job::Bench& bench,
                             double minutes) {
    constexpr double likelyEnough = 0.5;
    const double perMinute = bench.ratePerHour / 60;
    std::optional<FixNow> best;
    double least = minutes * perMinute;
    for (const auto& option : plan.options) {
        const auto* kind = trade.repair(option.id);
        const double lost = (1 - option.mends) * (option.parts + option.minutes * perMinute);
        const bool isFree = kind != nullptr && !kind->opensPanel && option.canBeDone() && !kind->stopGap;
        const bool mendsAnything = kind != nullptr && (!kind->exchanges.empty() || kind->parts > 0);
        if (isFree && mendsAnything && option.mends > likelyEnough && lost < least) {
            least = lost;
            best = FixNow{option.id, option.title, option.mends};
        }
    }
    return best;
}

}  // namespace dimglow::repair
