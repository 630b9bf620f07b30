#include "core/probe/kinds/look_along.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

#include "core/probe/kinds/alike.h"
#include "core/probe/strip_access.h"

namespace dimglow::probe {

using backlight::Run;
using text::say;
using text::Text;

namespace {

/// LEDs that look wrong along a strip that is lit.
struct Weak {
    int dark = 0;
    int dim = 0;
    std::vector<backlight::LedPlace> named;  ///< those of them that are told apart; for words, all or none
    bool onlyDim = false;                    ///< the dark ones are known
    auto operator<=>(const Weak&) const = default;
};

/// One text for all looks that show the same.
class Looks {
public:
    explicit Looks(Desk& desk) : desk_(desk) {}

    /// \param weak empty of a strip that is dark as a whole
    const Text& wordsOf(std::optional<Weak> weak) {
        if (weak && weak->dark + weak->dim > int(weak->named.size())) {
            weak->named.clear();
        }
        auto& words = looks_[weak];
        if (words == nullptr) {
            words = &desk_.keep(weak ? sayOf(*weak) : say("none lit"));
        }
        return *words;
    }

private:
    Text sayOf(const Weak& weak) const {
        using Glow = evidence::LedSeen::Glow;
        const int count = weak.dark + weak.dim;
        if (count == 0) {
            return weak.onlyDim ? say("none dim") : say("all lit");
        }
        const Text glow = weak.dim == 0    ? evidence::wordsOf(Glow::Dark)
                          : weak.dark == 0 ? evidence::wordsOf(Glow::Dim)
                                           : say("dark or dim");
        return weak.named.empty() ? say("{} {}", count, glow)
                                  : say("{} {}", evidence::namesOf(desk_.backlight(), weak.named), glow);
    }

    Desk& desk_;
    std::map<std::optional<Weak>, const Text*> looks_;
};

/// Looked at while its run was lit: on a dark run every LED is dark.
bool isLookedAt(const Desk& desk, const locate::Cell& cell) {
    const auto place = desk.model().strings().partition().placeOf(cell, cell.positions.front());
    return cell.positions.size() == 1 &&
           std::any_of(desk.standing().begin(), desk.standing().end(), [&](const auto& entry) {
               const auto* seen = std::get_if<evidence::LedSeen>(&entry.what);
               return seen != nullptr && seen->place == place && wasLit(desk, seen->under);
           });
}

/// LEDs of a run that were marked as not lit while it was.
int markedOn(const Desk& desk, const Run& run) {
    const auto order = backlight::ledsInOrder(desk.backlight(), run.string);
    const auto first = order.begin() + run.first;
    const auto last = order.begin() + run.last + 1;
    return int(std::count_if(desk.standing().begin(), desk.standing().end(), [&](const auto& entry) {
        const auto* seen = std::get_if<evidence::LedSeen>(&entry.what);
        return seen != nullptr && seen->glow != evidence::LedSeen::Glow::Lit &&
               (seen->under == run || wasLit(desk, seen->under)) && std::find(first, last, seen->place) != last;
    }));
}

/// The tester's count of what is lit leaves nothing dark to look for: all of it, or as many are marked dark as it
/// misses.
bool isCounted(const Desk& desk, const Run& run) {
    return std::any_of(desk.standing().begin(), desk.standing().end(), [&](const auto& entry) {
        const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
        return taken != nullptr && taken->run == run && taken->lit.value_or(0) > 0 && taken->bridged.empty() &&
               markedOn(desk, run) >= run.count() - *taken->lit;
    });
}

}  // namespace

/// Every strip, and the runs that could be tested within one.
std::vector<LookAlong> LookAlong::askable(Desk& desk) {
    std::vector<LookAlong> askable;
    for (const auto* test : desk.tests(knowledge::Form::Led)) {
        for (const auto& ref : backlight::stringsOf(desk.backlight())) {
            const auto parts = backlight::partsOf(desk.backlight(), ref);
            for (const auto& part : parts) {
                askable.push_back({test, part});
            }
            for (const auto& run : desk.runs()) {
                const bool isWithin = std::any_of(parts.begin(), parts.end(), [&](const Run& part) {
                    return run.string == ref && run != part && part.contains(run.first) && part.contains(run.last);
                });
                if (isWithin && run.count() > 1) {
                    askable.push_back({test, run});
                }
            }
        }
    }
    return askable;
}

evidence::Question LookAlong::question() const {
    return evidence::LookAlong{run};
}

Probe LookAlong::probe(const Desk& desk) const {
    Probe probe = desk.start(*test, question());
    probe.title = say("Look along {}", nameOf(desk.backlight(), run));
    probe.minutes += accessMinutes(desk, run);
    return probe;
}

Predicted LookAlong::predict(Desk& desk) const {
    constexpr double worthLooking = 0.02;
    auto& model = desk.model();
    const auto& cells = model.strings().partition().cells();
    const bool counted = isCounted(desk, run);
    const backlight::TesterProbe driven{run, {desk.job().bench.tester.amps, backlight::ceilingVolts}};
    Looks looks(desk);
    double weakShare = 0;
    double placeBits = 0;
    std::size_t h = 0;
    auto predicted = predictEach(desk, [&](const reasoning::Hypothesis& hypothesis) {
        const double share = desk.explanations().shares()[h++];
        Weak weak;
        weak.onlyDim = counted;
        if (!model.strings().tester(driven, hypothesis.faults).conducts) {
            return Mode{1, {}, 0, 1, -1, &looks.wordsOf(std::nullopt)};
        }
        double choices = 0;
        for (const auto& fault : hypothesis.faults) {
            const auto* units = faults::asUnits(fault);
            if (units == nullptr) {
                continue;
            }
            const auto& cell = cells[std::size_t(units->site)];
            const bool isSeen = !counted || backlight::isDim(backlight::LedFault(int(units->kind)));
            if (isSeen && locate::inside(cell, run) && !isLookedAt(desk, cell)) {
                (backlight::isDim(backlight::LedFault(int(units->kind))) ? weak.dim : weak.dark) += units->count;
                choices += units->count * std::log2(double(cell.positions.size()) / units->count);
                if (cell.positions.size() == 1) {
                    weak.named.push_back(model.strings().partition().placeOf(cell, cell.positions.front()));
                }
            }
        }
        placeBits += share * choices;
        weakShare += weak.dark + weak.dim > 0 ? share : 0;
        return Mode{1, {}, 0, 1, -1, &looks.wordsOf(std::move(weak))};
    });
    predicted.extraBits = placeBits;
    predicted.isWorthAsking = weakShare >= worthLooking;
    return predicted;
}

}  // namespace dimglow::probe
