#include "core/faults/fault.h"

#include <algorithm>
#include <boost/container_hash/hash.hpp>
#include <numeric>

namespace dimglow::faults {

namespace {

/// Asks the mechanism of a fault; \p nothing for faulty LEDs.
template <class Answer, class Ask>
Answer ask(const Fault& fault, Answer nothing, Ask mechanism) {
    return std::visit(
        [&]<class M>(const M& what) -> Answer {
            if constexpr (std::is_same_v<M, FaultyUnits>) {
                return nothing;
            } else {
                return mechanism(what);
            }
        },
        fault);
}

template <class M>
void append(std::vector<Fault>& all, const std::vector<M>& some) {
    all.insert(all.end(), some.begin(), some.end());
}

/// Of a variant whose members tell their fields.
template <class Variant>
std::size_t hashOfAny(const Variant& any) {
    std::size_t hash = any.index();
    std::visit(
        [&](const auto& own) {
            std::apply([&](const auto&... field) { (boost::hash_combine(hash, field), ...); }, own.fields());
        },
        any);
    return hash;
}

}  // namespace

std::vector<Fault> candidatesFor(knowledge::StringFault kind, const backlight::Backlight& set) {
    using knowledge::StringFault;
    std::vector<Fault> all;
    if (kind == StringFault::Plug || kind == StringFault::Joint) {
        for (const auto& joint : Joint::candidates(set)) {
            if (joint.isOpen() == (kind == StringFault::Plug)) {
                all.emplace_back(joint);
            }
        }
    } else if (kind == StringFault::OtherType) {
        append(all, OtherStrip::candidates(set));
    } else if (kind == StringFault::Chassis) {
        append(all, Leak::candidates(set));
    } else if (kind == StringFault::Sink) {
        append(all, DeadSink::candidates(set));
    }
    return all;
}

int faultyUnitCount(const FaultList& faults) {
    return std::accumulate(faults.begin(), faults.end(), 0, [](int sum, const Fault& fault) {
        const auto* units = asUnits(fault);
        return sum + (units == nullptr ? 0 : units->count);
    });
}

bool leaveLedsSound(const FaultList& faults) {
    return std::all_of(faults.begin(), faults.end(), [](const Fault& fault) {
        return ask(fault, false, []<class M>(const M&) { return M::leavesLedsSound; });
    });
}

bool isOfUnknownSize(const FaultList& faults) {
    return std::any_of(faults.begin(), faults.end(), [](const Fault& fault) {
        const auto* units = asUnits(fault);
        return units == nullptr || units->kind == int(backlight::LedFault::Leaky);
    });
}

bool holdsLeak(const FaultList& faults) {
    return std::any_of(faults.begin(), faults.end(),
                       [](const Fault& fault) { return std::holds_alternative<Leak>(fault); });
}

void addTo(backlight::Faults& wrong, const Fault& fault) {
    std::visit(
        [&]<class M>(const M& what) {
            if constexpr (Adds<M>) {
                what.addTo(wrong);
            }
        },
        fault);
}

bool remakes(const Fault& fault) {
    return std::visit([]<class M>(const M&) { return Remakes<M>; }, fault);
}

void remake(backlight::Backlight& made, const Fault& fault) {
    std::visit(
        [&]<class M>(const M& what) {
            if constexpr (Remakes<M>) {
                what.remake(made);
            }
        },
        fault);
}

text::Text titleOf(const Fault& fault, const backlight::Backlight& set, const text::Text& kind) {
    return ask(fault, kind, [&](const auto& what) { return what.title(set, kind); });
}

int stripOf(const Fault& fault, const backlight::Backlight& set) {
    return ask(fault, 0, [&](const auto& what) { return what.strip(set); });
}

std::optional<Sign> signInChannel(const Fault& fault, const Wiring& wiring, int channel, bool placesMatter) {
    return ask(fault, std::optional<Sign>(),
               [&](const auto& what) -> std::optional<Sign> { return what.inChannel(wiring, channel, placesMatter); });
}

std::optional<Sign> signOnBench(const Fault& fault, const Wiring& wiring, const Bench& bench) {
    return ask(fault, std::optional<Sign>(),
               [&](const auto& what) -> std::optional<Sign> { return what.onBench(wiring, bench); });
}

std::size_t hashOf(const Sign& sign) {
    return hashOfAny(sign);
}

std::size_t hashOf(const FaultList& faults) {
    std::size_t hash = 0;
    for (const auto& fault : faults) {
        boost::hash_combine(hash, hashOfAny(fault));
    }
    return hash;
}

}  // namespace dimglow::faults
