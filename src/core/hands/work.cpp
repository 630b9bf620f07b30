#include "core/hands/work.h"

#include "core/format/moment.h"

namespace dimglow::hands {

namespace {

/// What is known of a step that was ticked.
void fillIn(WorkLine& line, const std::vector<Tick>& ticks) {
    for (std::size_t i = ticks.size(); i > 0; --i) {
        const Tick& tick = ticks[i - 1];
        if (tick.what != "step:" + line.key) {
            continue;
        }
        line.isDone = true;
        line.read = tick.read;
        line.said = tick.said;
        const auto seconds = i > 1 ? format::secondsBetween(ticks[i - 2].at, tick.at) : std::nullopt;
        if (tick.worked) {
            line.took = tick.worked;
        } else if (seconds && *seconds >= 0 && *seconds <= longestGapMinutes * 60) {
            line.took = *seconds / 60;
        }
        return;
    }
}

}  // namespace

WorkOrder workOrder(const std::vector<std::string>& steps, const std::vector<text::Text>& leds, const Opening& opening,
                    const Trade& trade) {
    WorkOrder order;
    const auto add = [&](const WorkStep& step, const text::Text& place) {
        WorkLine line{place.empty() ? step.id : step.id + "@" + place.english(), step, place, false, {}, {}, {}};
        fillIn(line, opening.ticks);
        order.plannedMinutes += step.minutes;
        order.tookMinutes += line.took.value_or(0);
        if (!line.isDone && order.next < 0) {
            order.next = int(order.lines.size());
        }
        order.lines.push_back(std::move(line));
    };
    // An LED is finished before the next one is begun: steps per LED that follow each other stay together.
    for (std::size_t at = 0; at < steps.size();) {
        std::vector<const WorkStep*> run;
        for (; at < steps.size(); ++at) {
            const auto* step = trade.step(steps[at]);
            if (step != nullptr && (run.empty() || (run.front()->isPerLed && step->isPerLed))) {
                run.push_back(step);
            } else if (step != nullptr) {
                break;
            }
        }
        if (!run.empty() && run.front()->isPerLed && !leds.empty()) {
            for (const auto& led : leds) {
                for (const auto* step : run) {
                    add(*step, led);
                }
            }
        } else {
            for (const auto* step : run) {
                add(*step, {});
            }
        }
    }
    return order;
}

}  // namespace dimglow::hands
