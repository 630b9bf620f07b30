#include "core/hands/closing.h"

#include <algorithm>

#include "core/format/moment.h"

namespace dimglow::hands {

using text::say;
using text::Text;

namespace {

bool wasOff(const Layer& layer) {
    return layer.state != Layer::State::On;
}

/// The tick of a layer that was taken off last, at least as deep as a kind; the first, when none was, before all.
std::size_t lastOff(const Opening& opening, LayerKind outermost) {
    std::size_t behind = 0;
    for (std::size_t i = 0; i < opening.ticks.size(); ++i) {
        const auto& what = opening.ticks[i].what;
        if (!what.starts_with("off:")) {
            continue;
        }
        const auto of = std::find_if(opening.layers.begin(), opening.layers.end(),
                                     [&](const auto& layer) { return what == "off:" + std::to_string(layer.id); });
        if (of != opening.layers.end() && of->kind >= outermost) {
            behind = i + 1;
        }
    }
    return behind;
}

const Tick* tickSince(const Opening& opening, const std::string& what, std::size_t first) {
    for (std::size_t i = opening.ticks.size(); i > first; --i) {
        if (opening.ticks[i - 1].what == what) {
            return &opening.ticks[i - 1];
        }
    }
    return nullptr;
}

Remainder remainderOf(const Layer& layer, const Item& item) {
    Remainder rest{layer.id, item.id, leftOf(item), item.isIn.has_value(), {}};
    const Text of = item.place == Place::Unsaid ? wordsOf(layer) : say("{}, {}", wordsOf(layer), wordsOf(item.place));
    if (item.what == What::Film) {
        rest.words =
            rest.isCounted ? say("A film short: {}.", wordsOf(item)) : say("Not counted in: {}.", wordsOf(item));
    } else {
        const Text what = item.size.empty() ? wordsOf(item.what) : text::name(item.size);
        rest.words = rest.isCounted ? say("{} × {} left over: last used at {}.", rest.left, what, of)
                                    : say("{} × {} not counted in: {}.", rest.left, what, of);
    }
    return rest;
}

/// Puts the steps of one closing in their order.
class List {
public:
    List(const Opening& opening, const Trade& trade, set::LightKind light)
        : opening_(opening), trade_(trade), light_(light) {}

    std::vector<ClosingStep> take() {
        const auto& layers = opening_.layers;
        for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) {
            if (!wasOff(*layer)) {
                continue;
            }
            for (const auto& check : trade_.checks) {
                if (check.before == layer->kind && isFirstOf(*layer)) {
                    add(check, layer->kind);
                }
            }
            add(*layer);
            for (const auto& check : trade_.checks) {
                const bool isAfter =
                    std::find(check.after.begin(), check.after.end(), layer->kind) != check.after.end();
                if (isAfter && isFirstOf(*layer)) {
                    add(check, layer->kind);
                }
            }
        }
        return std::move(steps_);
    }

private:
    /// Of several layers of one kind the outermost stands for all.
    bool isFirstOf(const Layer& layer) const { return opening_.layer(layer.kind) == &layer; }

    void add(const Layer& layer) {
        const bool isBack = layer.state == Layer::State::Back;
        steps_.push_back({layer.id, nullptr, wordsOf(layer), isBack ? ClosingStep::State::Done : nextState()});
    }

    void add(const CheckKind& check, LayerKind kind) {
        if (check.light && *check.light != light_) {
            return;
        }
        const auto* tick = tickSince(opening_, "check:" + check.id, lastOff(opening_, kind));
        steps_.push_back({0, &check, check.title,
                          tick == nullptr ? nextState()
                          : tick->isBad   ? ClosingStep::State::Bad
                                          : ClosingStep::State::Done});
    }

    /// The first that is not done is due.
    ClosingStep::State nextState() const {
        const bool isDue = std::none_of(steps_.begin(), steps_.end(),
                                        [](const auto& step) { return step.state == ClosingStep::State::Due; });
        return isDue ? ClosingStep::State::Due : ClosingStep::State::Ahead;
    }

    const Opening& opening_;
    const Trade& trade_;
    const set::LightKind light_;
    std::vector<ClosingStep> steps_;
};

}  // namespace

const Tick* tickOf(const Opening& opening, const std::string& what) {
    return tickSince(opening, what, lastOff(opening, LayerKind::Back));
}

Closing closingOf(const Opening& opening, const Trade& trade, set::LightKind light) {
    Closing closing;
    closing.steps = List(opening, trade, light).take();
    for (const auto& layer : opening.layers) {
        if (layer.state == Layer::State::Off) {
            closing.next = layer.id;  // the last of them is the innermost
            closing.open.push_back(say("Still off: {}.", wordsOf(layer)));
        }
        for (const auto& item : layer.items) {
            if (layer.state == Layer::State::Back && leftOf(item) > 0 && item.signedOff.empty()) {
                closing.remainders.push_back(remainderOf(layer, item));
                closing.open.push_back(closing.remainders.back().words);
            }
        }
    }
    for (const auto& step : closing.steps) {
        if (step.check != nullptr && step.state != ClosingStep::State::Done) {
            closing.open.push_back(step.state == ClosingStep::State::Bad ? say("Came out wrong: {}.", step.title)
                                                                         : say("Not looked at: {}.", step.title));
        }
    }
    return closing;
}

std::vector<const LookKind*> looksOpen(const Opening& opening, const Trade& trade) {
    std::vector<const LookKind*> open;
    for (const auto& look : trade.looks) {
        const auto* tick = tickOf(opening, "look:" + look.id);
        if (tick == nullptr || tick->isBad) {
            open.push_back(&look);
        }
    }
    return open;
}

TimeTaken timeTaken(const std::vector<Tick>& ticks) {
    TimeTaken taken;
    for (std::size_t i = 1; i < ticks.size(); ++i) {
        const double gap = std::max(0.0, format::secondsBetween(ticks[i - 1].at, ticks[i].at).value_or(0) / 60);
        if (gap <= longestGapMinutes) {
            taken.minutes += gap;
        } else if (ticks[i].worked) {
            taken.minutes += std::min(gap, *ticks[i].worked);
        } else if (taken.unsaid++ == 0) {
            taken.firstUnsaid = int(i);
            taken.gapMinutes = gap;
        }
    }
    return taken;
}

}  // namespace dimglow::hands
