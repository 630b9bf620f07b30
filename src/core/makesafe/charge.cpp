#include "core/makesafe/charge.h"

#include <algorithm>
#include <cmath>

#include "core/format/moment.h"

namespace dimglow::makesafe {

using format::secondsBetween;
using safety::Residual;
using text::say;
using text::Text;

namespace {

constexpr double fadesAfterSeconds = 300;
constexpr double correctedMainsVolts = 400;  ///< the bulk of a set with power-factor correction, just switched off
constexpr double unknownLedPlusVolts = 300;
constexpr double lowRailVolts = 30;
constexpr double benchFarads = 1000e-6;  ///< at the outputs of two stacked supplies

/// The stores of a set, without their state.
class Stores {
public:
    Stores(const job::Job& job, const knowledge::Knowledge& knowledge, Now now)
        : job_(job), knowledge_(knowledge), now_(std::move(now)) {}

    std::vector<Charge> all() const {
        std::vector<Charge> charges;
        add(charges, {"bulk", say("Mains bulk capacitor"), correctedMainsVolts, 120e-6, false, true}, {"mains"},
            "bulkCapacitor");
        const double ledPlus = now_.ledPlusVolts > 0 ? now_.ledPlusVolts : unknownLedPlusVolts;
        add(charges, {"ledPlus", say("LED+ output capacitor"), ledPlus, 47e-6}, {"driver", "feed"}, "outputCapacitor");
        add(charges, {"inverterSupply", say("Inverter's supply capacitors"), lowRailVolts, 940e-6}, {"inverter"},
            "inverterCapacitor");
        add(charges, {"rails", say("Low rails"), lowRailVolts, 2200e-6}, {"supply", "standby"}, "supplyCapacitor");
        const auto& check = job_.panelCheck;
        if (const double volts = std::max(check.lightVolts.value_or(0), check.kneeVolts.value_or(0)); volts > 0) {
            charges.push_back(
                {"bench", say("Bench supplies, after the panel check"), volts, benchFarads, false, false});
        }
        std::stable_sort(charges.begin(), charges.end(),
                         [](const Charge& a, const Charge& b) { return a.mostVolts > b.mostVolts; });
        return charges;
    }

private:
    /// Adds a store of which the set has at least one block.
    void add(std::vector<Charge>& charges, Charge charge, const std::vector<std::string>& blocks,
             const std::string& point) const {
        const auto& kind = knowledge_.setKind(job_.set);
        for (int block = 0; block < int(knowledge_.blocks.size()); ++block) {
            const auto& id = knowledge_.blocks[std::size_t(block)].id;
            if (std::find(blocks.begin(), blocks.end(), id) != blocks.end() && kind.has(block)) {
                charge.blocks.push_back(block);
            }
        }
        double read = 0;
        for (const auto& written : job_.set.points) {
            read += written.kind == point ? written.ratings.farads.value_or(0) : 0;
        }
        charge.isFaradsRead = read > 0;
        charge.farads = read > 0 ? read : charge.farads;
        if (!charge.blocks.empty()) {
            charges.push_back(std::move(charge));
        }
    }

    const job::Job& job_;
    const knowledge::Knowledge& knowledge_;
    const Now now_;
};

/// Whether the set ran for an entry: it was live, or is what somebody saw or heard of a set that is on. What was only
/// asked of its owner counts too: better measured once more than touched.
bool ranFor(const evidence::Observation& what, const knowledge::Knowledge& knowledge) {
    if (std::holds_alternative<evidence::NotReached>(what)) {
        return false;
    }
    const auto id = evidence::testOf(what);
    const auto* point = knowledge.point(id);
    const auto* test = knowledge.test(id);
    const bool isSeenRunning = std::holds_alternative<evidence::LightSeen>(what) ||
                               std::holds_alternative<evidence::LampsSeen>(what) ||
                               (std::holds_alternative<evidence::Answer>(what) && test != nullptr && !test->isFirst);
    return isSeenRunning || (test != nullptr && test->live) || (point != nullptr && point->live);
}

bool ranSince(const Residual& residual, const job::Job& job, const knowledge::Knowledge& knowledge) {
    return std::any_of(job.trail.begin(), job.trail.end(), [&](const auto& entry) {
        return entry.id > residual.afterEntry && ranFor(entry.what, knowledge);
    });
}

/// Those of a store that were read since the mains went out, in their order.
std::vector<const Residual*> residualsOf(const job::Job& job, const std::string& store) {
    std::vector<const Residual*> own;
    const auto& all = job.makeSafe.residuals;
    for (std::size_t i = std::size_t(job.makeSafe.countsFrom); i < all.size(); ++i) {
        if (all[i].store == store) {
            own.push_back(&all[i]);
        }
    }
    return own;
}

/// What two readings of a store in turn, with nothing across it and no run between, say of its fall.
void predict(Charge& charge, const job::Job& job, const std::vector<const Residual*>& residuals) {
    if (residuals.size() < 2) {
        return;
    }
    const Residual& last = *residuals.back();
    const Residual& before = *residuals[residuals.size() - 2];
    if (before.resistorStays || last.resistorStays || before.afterEntry != last.afterEntry) {
        return;
    }
    const auto seconds = secondsBetween(before.at, last.at);
    const safety::TimedReadings readings{before.volts, last.volts, seconds.value_or(0)};
    if (const auto constant = safety::timeConstantOf(readings)) {
        charge.secondsToTouch = *constant * std::log(std::max(1.0, last.volts / safety::touchVolts));
        if (job.makeSafe.bleederOhms) {
            charge.learntFarads = safety::faradsOf(readings, *job.makeSafe.bleederOhms, false);
        }
    }
}

void judge(Charge& charge, const job::Job& job, const knowledge::Knowledge& knowledge, const Now& now) {
    const bool canHurt = charge.mostVolts > safety::touchVolts;
    const auto& done = job.makeSafe;
    const auto unread = [&](Text because) {
        charge.state = canHurt ? State::NotKnown : State::Touch;
        charge.because = canHurt ? std::move(because) : say("It cannot reach {:.0f} V.", safety::touchVolts);
    };
    if (!done.mainsOut) {
        charge.state = State::Charged;
        charge.because = say("Mains or battery is in.");
        return;
    }
    const auto residuals = residualsOf(job, charge.store);
    if (residuals.empty()) {
        return unread(say("Nobody has measured it since the mains went out."));
    }
    const auto* last = residuals.back();
    if (ranSince(*last, job, knowledge)) {
        return unread(say("The set ran since it was measured."));
    }
    predict(charge, job, residuals);
    if (!done.meterProven) {
        return unread(say("The meter was not proven on a known source."));
    }
    const auto age = secondsBetween(last->at, now.at);
    const bool isFresh = age && *age >= 0 && *age <= fadesAfterSeconds;
    if (!last->resistorStays && !now.at.empty() && !isFresh) {
        return unread(age && *age >= 0
                          ? say("Measured {:.0f} min ago, and no resistor stays on it.", std::floor(*age / 60))
                          : say("Nobody knows when it was measured, and no resistor stays on it."));
    }
    charge.volts = last->volts;
    charge.state = last->volts <= safety::readyVolts   ? State::Ready
                   : last->volts <= safety::touchVolts ? State::Touch
                                                       : State::Charged;
    charge.because = say("{:.1f} V were measured.", last->volts);
}

}  // namespace

Text wordsOf(State state) {
    switch (state) {
        case State::NotKnown:
            return say("not known");
        case State::Charged:
            return say("charged");
        case State::Touch:
            return say("safe to touch");
        case State::Ready:
            break;
    }
    return say("empty");
}

std::vector<Charge> chargesOf(const job::Job& job, const knowledge::Knowledge& knowledge, const Now& now) {
    auto charges = Stores(job, knowledge, now).all();
    for (auto& charge : charges) {
        judge(charge, job, knowledge, now);
    }
    return charges;
}

std::vector<std::string> storesAt(int block, const job::Job& job, const knowledge::Knowledge& knowledge) {
    const bool isHot = knowledge.setKind(job.set).blocks[std::size_t(block)].isHot;
    std::vector<std::string> stores;
    for (const auto& charge : Stores(job, knowledge, {}).all()) {
        const bool isItsRail = std::find(charge.blocks.begin(), charge.blocks.end(), block) != charge.blocks.end();
        if (isItsRail || (isHot && charge.isHot)) {
            stores.push_back(charge.store);
        }
    }
    return stores;
}

const Charge* firstNotEmpty(const std::vector<Charge>& charges, const std::vector<std::string>& stores) {
    const auto found = std::find_if(charges.begin(), charges.end(), [&](const Charge& charge) {
        return charge.state != State::Ready && std::find(stores.begin(), stores.end(), charge.store) != stores.end();
    });
    return found == charges.end() ? nullptr : &*found;
}

void setMainsOut(job::Job& job, bool isOut) {
    job.makeSafe.mainsOut = isOut;
    if (!isOut) {
        job.makeSafe.countsFrom = int(job.makeSafe.residuals.size());
    }
}

void addResidual(job::Job& job, const std::string& store, double volts, const std::string& at) {
    job.makeSafe.residuals.push_back({store, volts, at, job.trail.empty() ? 0 : job.trail.back().id, false});
}

}  // namespace dimglow::makesafe
