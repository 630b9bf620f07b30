#include "core/findings/located.h"

#include <algorithm>
#include <map>
#include <set>

#include "core/locate/tester_plan.h"

namespace dimglow::findings {

using backlight::LedFault;
using reasoning::Belief;
using reasoning::Hypothesis;
using reasoning::Model;
using text::say;
using text::Text;

namespace {

constexpr double reachedShare = 0.97;  ///< of a tester's limit: from here on no current flows

/// Where an explanation shows itself, of several feeds the first.
int feedOf(const Model& model, const Hypothesis& hypothesis) {
    if (hypothesis.feed != Hypothesis::everyFeed) {
        return hypothesis.feed;
    }
    const auto& set = model.backlight();
    if (hypothesis.faults.empty() || set.feeds.size() == 1) {
        return 0;
    }
    const auto& first = hypothesis.faults.front();
    const auto* units = faults::asUnits(first);
    const int channel = units != nullptr ? model.strings().partition().cells()[std::size_t(units->site)].string.channel
                                         : backlight::wholeStrip(set, faults::stripOf(first, set)).string.channel;
    return set.channels[std::size_t(channel)].feed;
}

/// LEDs of the step that a place stands in: side by side, so that an open step is all of them.
std::vector<backlight::LedPlace> stepOf(const backlight::Backlight& backlight, backlight::LedPlace place) {
    const auto order = backlight::ledsInOrder(backlight, backlight::wholeStrip(backlight, place.strip).string);
    const auto step = backlight::runOnStrip(backlight, place.strip, place.led, place.led);
    return {order.begin() + step.first, order.begin() + step.last + 1};
}

/// Where a step is open, all of its LEDs are faulty, whichever stands for it.
void addWholeSteps(const backlight::Backlight& backlight, Places& places) {
    for (std::size_t i = 0, count = places.located.size(); i < count; ++i) {
        const Located one = places.located[i];
        if (one.fault != LedFault::GroupOpen) {
            continue;
        }
        for (const auto place : stepOf(backlight, one.place)) {
            const bool isKnown = std::any_of(places.located.begin(), places.located.end(),
                                             [&](const Located& other) { return other.place == place; });
            if (!isKnown) {
                places.located.push_back({place, LedFault::GroupOpen, one.share});
                auto& own = places.shares[std::size_t(place.strip)][std::size_t(place.led)];
                own = std::max(own, one.share);
            }
        }
    }
}

/// LEDs that an explanation takes for faulty.
int faultyLeds(const Model& model, const Hypothesis& hypothesis) {
    int count = faults::faultyUnitCount(hypothesis.faults);
    for (const auto& fault : hypothesis.faults) {
        const auto* units = faults::asUnits(fault);
        if (units != nullptr && LedFault(int(units->kind)) == LedFault::GroupOpen) {
            const auto& cell = model.strings().partition().cells()[std::size_t(units->site)];
            count += units->count * (model.backlight().strips[std::size_t(cell.strip)].parallel - 1);
        }
    }
    return count;
}

/// What a LED most likely is.
Located faultAt(const Model& model, const Belief& belief, backlight::LedPlace place) {
    std::array<double, backlight::ledFaultKinds> shares{};
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        const auto ofOne = model.strings().faultShares(belief.hypotheses[h].faults, place);
        for (std::size_t kind = 0; kind < shares.size(); ++kind) {
            shares[kind] += belief.shares[h] * ofOne[kind];
        }
    }
    const auto most = std::size_t(std::max_element(shares.begin(), shares.end()) - shares.begin());
    return {place, LedFault(most), shares[most]};
}

/// Whether a tester across LEDs made them conduct.
bool conducts(const evidence::TesterTaken& taken) {
    return taken.lit.value_or(0) > 0 || (taken.volts && *taken.volts < reachedShare * taken.setting.limitVolts);
}

/// The stretches of a run between LEDs that are known to be open and keep it dark.
std::vector<backlight::Run> litParts(const backlight::Backlight& backlight, const backlight::Run& run,
                                     const std::vector<Located>& located) {
    const auto order = backlight::ledsInOrder(backlight, run.string);
    const auto& strip = backlight.strips[std::size_t(order[std::size_t(run.first)].strip)];
    std::set<int> open;
    for (const auto& led : located) {
        const auto at = std::find(order.begin(), order.end(), led.place);
        const bool isOpen =
            led.fault == LedFault::GroupOpen || (led.fault == LedFault::Open && strip.parallel * strip.chains == 1);
        if (at != order.end() && isOpen) {
            open.insert(int(at - order.begin()));
        }
    }
    std::vector<backlight::Run> parts;
    int first = run.first;
    for (int position = run.first; position <= run.last + 1; ++position) {
        if (position > run.last || open.contains(position)) {
            if (position > first) {
                parts.push_back({run.string, first, position - 1});
            }
            first = position + 1;
        }
    }
    return parts;
}

/// Runs that follow each other in one string as one, as far as a tester can light them: it is clipped on once. One that
/// stayed dark as a whole is tested piece by piece.
std::vector<backlight::Run> joinedRuns(const Model& model, std::vector<backlight::Run> runs,
                                       const backlight::TesterSetting& tester) {
    const auto wasTaken = [&](const backlight::Run& run) {
        return std::any_of(model.standing().begin(), model.standing().end(), [&](const auto& entry) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            return taken != nullptr && taken->run == run;
        });
    };
    std::sort(runs.begin(), runs.end());
    std::vector<backlight::Run> joined;
    for (const auto& run : runs) {
        const auto both = joined.empty() ? run : backlight::Run{run.string, joined.back().first, run.last};
        if (!joined.empty() && joined.back().string == run.string && joined.back().last + 1 == run.first &&
            !wasTaken(both) && locate::planTester(model.backlight(), both, tester).reaches) {
            joined.back() = both;
        } else {
            joined.push_back(run);
        }
    }
    return joined;
}

}  // namespace

Likeliest likeliestOf(Model& model, const Belief& belief) {
    const auto best = std::size_t(std::max_element(belief.shares.begin(), belief.shares.end()) - belief.shares.begin());
    const Hypothesis& likeliest = belief.hypotheses[best];
    std::set<int> strips;
    for (const auto& fault : likeliest.faults) {
        const auto* units = faults::asUnits(fault);
        if (model.backlight().isDescribed) {
            strips.insert(units != nullptr ? model.strings().partition().cells()[std::size_t(units->site)].strip
                                           : faults::stripOf(fault, model.backlight()));
        }
    }
    double ofSuspect = 0;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        ofSuspect += belief.hypotheses[h].suspect == likeliest.suspect ? belief.shares[h] : 0;
    }
    return {belief.titles[std::size_t(belief.titleOf[best])],
            feedOf(model, likeliest),
            model.behaviourOf(likeliest).stage,
            model.strings().madeOf(likeliest.faults),
            model.strings().placed(likeliest.faults),
            likeliest.suspect,
            model.backlight().isDescribed ? faultyLeds(model, likeliest) : std::min(1, faultyLeds(model, likeliest)),
            std::vector<int>(strips.begin(), strips.end()),
            reasoning::isOfBothSides(model, likeliest),
            ofSuspect};
}

Places placesOf(const Model& model, const Belief& belief) {
    Places places{model.strings().spread(reasoning::siteSharesOf(model, belief.hypotheses, belief.shares)), {}};
    for (int strip = 0; strip < int(places.shares.size()); ++strip) {
        for (int led = 0; led < int(places.shares[std::size_t(strip)].size()); ++led) {
            if (places.shares[std::size_t(strip)][std::size_t(led)] > sureShare) {
                places.located.push_back(faultAt(model, belief, {strip, led}));
            }
        }
    }
    addWholeSteps(model.backlight(), places);
    return places;
}

std::vector<backlight::LedPlace> ledsOf(const std::vector<Located>& located) {
    std::vector<backlight::LedPlace> places;
    for (const auto& led : located) {
        places.push_back(led.place);
    }
    return places;
}

Text titleOf(const Model& model, const std::vector<Located>& located) {
    std::map<LedFault, std::vector<backlight::LedPlace>> byFault;
    std::vector<backlight::LedPlace> ofSomeKind;
    for (const auto& led : located) {
        (led.share > sureShare ? byFault[led.fault] : ofSomeKind).push_back(led.place);
    }
    std::vector<Text> verdict;
    for (auto& [fault, places] : byFault) {
        std::sort(places.begin(), places.end());
        verdict.push_back(say("{} {}", model.strings().titleOf(fault), evidence::namesOf(model.backlight(), places)));
    }
    if (!ofSomeKind.empty()) {
        verdict.push_back(say("Faulty LED {}", evidence::namesOf(model.backlight(), ofSomeKind)));
    }
    return text::joined(verdict, "; ");
}

bool holdsNothingElse(const Model& model, const Belief& belief, const std::vector<Located>& located) {
    double share = 0;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        const auto& all = belief.hypotheses[h].faults;
        const bool isLocated = std::all_of(all.begin(), all.end(), [&](const auto& fault) {
            const auto* units = faults::asUnits(fault);
            if (units == nullptr) {
                return true;
            }
            const auto& cell = model.strings().partition().cells()[std::size_t(units->site)];
            return std::all_of(cell.positions.begin(), cell.positions.end(), [&](int position) {
                const auto place = model.strings().partition().placeOf(cell, position);
                return std::any_of(located.begin(), located.end(),
                                   [&](const Located& led) { return led.place == place; });
            });
        });
        share += isLocated ? belief.shares[h] : 0;
    }
    return located.empty() || share >= sureShare;
}

std::vector<backlight::LedPlace> unprovenLeds(const Model& model, const std::vector<Located>& located) {
    constexpr std::size_t few = 2;
    std::vector<backlight::LedPlace> unproven;
    if (located.size() > few) {
        return unproven;
    }
    const auto& backlight = model.backlight();
    for (const auto& led : located) {
        const auto own = backlight::runOnStrip(backlight, led.place.strip, led.place.led, led.place.led);
        const auto isProof = [&](const evidence::Observation& what) {
            if (const auto* seen = std::get_if<evidence::LedSeen>(&what)) {
                return seen->place == led.place && seen->glow == evidence::LedSeen::Glow::Dark;
            }
            if (const auto* checked = std::get_if<evidence::LedChecked>(&what)) {
                return checked->place == led.place;
            }
            if (const auto* bridged = std::get_if<evidence::Bridged>(&what)) {
                return bridged->place == led.place;
            }
            const auto* taken = std::get_if<evidence::TesterTaken>(&what);
            return taken != nullptr && taken->run == own;
        };
        if (std::none_of(model.standing().begin(), model.standing().end(),
                         [&](const auto& entry) { return isProof(entry.what); })) {
            unproven.push_back(led.place);
        }
    }
    return unproven;
}

std::vector<backlight::Run> untestedRuns(const job::Job& job, const Model& model, const std::vector<Located>& located) {
    const auto& standing = model.standing();
    std::vector<backlight::Run> untested;
    const auto& set = job.set.backlight;
    const auto& tests = model.knowledge().tests;
    const bool canTest = std::any_of(tests.begin(), tests.end(), [&](const auto& test) {
        return test.form == knowledge::Form::Tester && job::hasAll(job.bench, test.tools);
    });
    // Lit, or put to the tester by itself: what it said then is in the belief.
    const auto isTested = [&](const backlight::Run& part, int position) {
        return std::any_of(standing.begin(), standing.end(), [&](const auto& entry) {
            const auto* taken = std::get_if<evidence::TesterTaken>(&entry.what);
            return taken != nullptr && taken->run.string == part.string &&
                   taken->minus == backlight::TesterProbe::Minus::EndOfRun && taken->run.contains(position) &&
                   (conducts(*taken) || taken->run == part);
        });
    };
    for (int strip = 0; canTest && job.panelOpen && set.isDescribed && strip < int(set.strips.size()); ++strip) {
        for (const auto& whole : backlight::runsOnStrip(set, strip)) {
            for (const auto& part : litParts(set, whole, located)) {
                bool tested = true;
                for (int position = part.first; position <= part.last; ++position) {
                    tested = tested && isTested(part, position);
                }
                if (!tested) {
                    untested.push_back(part);
                }
            }
        }
    }
    return joinedRuns(model, std::move(untested), job.bench.tester);
}

}  // namespace dimglow::findings
