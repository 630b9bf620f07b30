#include "core/locate/tester_plan.h"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <cmath>

#include "core/backlight/spread.h"
#include "core/parts/preferred_values.h"

namespace dimglow::locate {

using text::say;
using text::Text;

using backlight::batchShare;
using backlight::LedFault;
using backlight::meterShare;

namespace {

constexpr double kneeAmps = 1e-3;
constexpr double earliestGlow = 0.62;  ///< as a share of the volts when lit (common practice, no source)
constexpr double strongVolts = 5000;
constexpr double singleLedAmps = 0.01;  ///< plenty to see, harmless to any LED (common practice, no source)
constexpr int mostFaulty = 4;
constexpr double slipDensity = 4e-6;

struct Kind {
    LedFault fault;
    Text (*words)(int count);
    double weight;  ///< of one such LED in a run under suspicion
    double again;   ///< of each further one beside it
};
const Kind kinds[] = {{LedFault::Open, [](int count) { return say("{} open", count); }, 0.4, 0.1},
                      {LedFault::Shorted, [](int count) { return say("{} shorted", count); }, 0.12, 0.5},
                      {LedFault::Dark, [](int count) { return say("{} dark but conducting", count); }, 0.05, 0.2},
                      {LedFault::DieShorted, [](int count) { return say("{} with a die shorted", count); }, 0.04, 0.3},
                      {LedFault::Leaky, [](int count) { return say("{} leaky", count); }, 0.03, 0.3}};

struct Candidate {
    Text words;
    double weight = 1;
    double volts = 0;
    double amps = 0;
    int lit = 0;
    double sigma = 0;
    bool ofTheTester = false;
};

/// All that a run may show on this tester.
class Candidates {
public:
    Candidates(const backlight::Backlight& backlight, const backlight::Run& run, const backlight::TesterSetting& tester)
        : backlight_(backlight), run_(run), tester_(tester) {
        order_ = backlight::ledsInOrder(backlight, run.string);
    }

    std::vector<Candidate> all() {
        addFaults({}, 0, {}, 1);
        const auto healthy = backlight::testRun(backlight_, run_, {}, tester_);
        for (const double ohms : backlight::badJointOhms) {
            backlight::Faults faults;
            faults.joints.push_back({run_.string, run_.first + std::max(1, run_.count() / 2), ohms});
            if (run_.count() > 1) {
                add(say("joint of about {:.0f} Ω", ohms), 0.005, faults, healthy.volts);
            }
        }
        addOtherTypes(healthy.volts);
        if (healthy.amps > 0.5 * tester_.amps) {
            found_.push_back({say("lead not in contact, or plus and minus swapped"), 0.05, tester_.limitVolts, 0, 0,
                              0.1 + meterShare * tester_.limitVolts, true});
        }
        return std::move(found_);
    }

private:
    void addOtherTypes(double healthyVolts) {
        for (const double factor : backlight::otherTypeFactors) {
            auto other = backlight_;
            bool isThere = true;
            for (int i = run_.first; i <= run_.last; ++i) {
                const auto strip = std::size_t(order_[i].strip);
                const auto led = backlight::withVoltsTimes(backlight_.strips[strip].led, factor);
                isThere = isThere && led;
                other.strips[strip].led = led.value_or(other.strips[strip].led);
            }
            if (!isThere) {
                continue;
            }
            const auto reading = backlight::testRun(other, run_, {}, tester_);
            found_.push_back({say("LEDs of another type"), 0.005, reading.volts, reading.amps, reading.lit,
                              sigmaOf(reading, healthyVolts, 0), false});
        }
    }

    /// \p healthyVolts is what the run would read without a fault of unknown size; the reading itself without one.
    double sigmaOf(const backlight::TesterReading& reading, double healthyVolts, double dark) const {
        const bool conducts = reading.amps > 0.5 * tester_.amps;
        const double spread = std::hypot(meterShare, conducts ? batchShare : 0) * reading.volts;
        const double ofSize = conducts ? backlight::sizeShare * std::abs(reading.volts - healthyVolts) : 0;
        return 0.1 + std::hypot(spread, backlight::darkSpreadVolts * dark, ofSize);
    }

    void addFaults(const backlight::Faults& faults, std::size_t fromKind, const Text& words, double weight) {
        add(words.empty() ? say("healthy") : words, weight, faults);
        for (std::size_t k = fromKind; k < std::size(kinds); ++k) {
            auto more = faults;
            double likely = weight;
            for (int count = 1; int(more.leds.size()) < std::min(mostFaulty, run_.count()); ++count) {
                const int place = placeFor(kinds[k].fault, more);
                if (place < 0) {
                    break;
                }
                more.leds.push_back({order_[place], kinds[k].fault});
                likely *= count == 1 ? kinds[k].weight : kinds[k].again;
                addFaults(more, k + 1, text::joined({words, kinds[k].words(count)}), likely);
                if (kinds[k].fault == LedFault::Open) {
                    break;  // a second open behind the first cannot be seen
                }
            }
        }
    }

    /// A LED of the run that can have this fault and has none yet; -1 when there is none.
    int placeFor(LedFault fault, const backlight::Faults& faults) const {
        for (int i = run_.first; i <= run_.last; ++i) {
            const bool taken = std::any_of(faults.leds.begin(), faults.leds.end(),
                                           [&](const auto& f) { return f.place == order_[i]; });
            const bool able = fault != LedFault::DieShorted || backlight_.strips[order_[i].strip].led.dies > 1;
            if (!taken && able) {
                return i;
            }
        }
        return -1;
    }

    void add(const Text& words, double weight, const backlight::Faults& faults,
             std::optional<double> healthyVolts = {}) {
        const auto reading = backlight::testRun(backlight_, run_, faults, tester_);
        const auto dark = std::count_if(faults.leds.begin(), faults.leds.end(),
                                        [](const auto& f) { return f.fault == LedFault::Dark; });
        const bool starved = reading.amps <= 0.5 * tester_.amps && faults.leds.empty() && faults.joints.empty();
        found_.push_back({starved ? say("healthy, but the tester cannot reach it") : words, weight, reading.volts,
                          reading.amps, reading.lit,
                          sigmaOf(reading, healthyVolts.value_or(reading.volts), double(dark)), starved});
    }

    const backlight::Backlight& backlight_;
    const backlight::Run& run_;
    const backlight::TesterSetting& tester_;
    std::vector<backlight::LedPlace> order_;
    std::vector<Candidate> found_;
};

}  // namespace

TesterPlan planTester(const backlight::Backlight& backlight, const backlight::Run& run,
                      const backlight::TesterSetting& tester) {
    TesterPlan plan;
    const auto voltsAt = [&](double amps) { return backlight::testRun(backlight, run, {}, {amps, strongVolts}).volts; };
    plan.kneeVolts = voltsAt(kneeAmps);
    plan.volts = voltsAt(tester.amps);
    plan.workingVolts = voltsAt(backlight.channels.at(run.string.channel).someAmps());
    plan.leastLimitVolts = 1.1 * plan.volts;
    plan.reaches = tester.limitVolts > plan.volts;
    plan.ledsWithinReach = run.count();
    while (!plan.reaches && plan.ledsWithinReach > 0) {
        const auto part =
            backlight::probeable(backlight, {run.string, run.first, run.first + plan.ledsWithinReach - 1});
        if (part.last <= run.last &&
            backlight::testRun(backlight, part, {}, {tester.amps, strongVolts}).volts < tester.limitVolts) {
            break;
        }
        --plan.ledsWithinReach;
    }
    const double rated = backlight.channels.at(run.string.channel).someAmps();
    if (!plan.reaches) {
        plan.advice = plan.ledsWithinReach > 0
                          ? say("The tester stops at {:.0f} V; this run needs {:.1f} V. Take {} LEDs at a time.",
                                tester.limitVolts, plan.volts, plan.ledsWithinReach)
                          : say("The tester stops at {:.1f} V; one LED alone needs more.", tester.limitVolts);
    } else if (tester.amps > rated) {
        plan.advice = say("{:.0f} mA is more than the {:.0f} mA this string works at: turn the tester down.",
                          1000 * tester.amps, 1000 * rated);
    } else {
        plan.advice = say("Limit at {:.0f} V or more, {:.0f} mA: first glow from {:.0f} V on, {:.1f} V when lit.",
                          plan.leastLimitVolts, 1000 * tester.amps, earliestGlow * plan.volts, plan.volts);
    }
    const auto order = backlight::ledsInOrder(backlight, run.string);
    const double one =
        backlight::ledCurve(backlight.strips[order[run.first].strip].led, backlight.celsius).volts(singleLedAmps);
    if (tester.limitVolts > one) {
        plan.seriesOhms = parts::e24AtLeast((tester.limitVolts - one) / singleLedAmps);
        plan.seriesWatts = tester.limitVolts * tester.limitVolts / *plan.seriesOhms;
    }
    return plan;
}

std::vector<Explanation> explain(const backlight::Backlight& backlight, const backlight::Run& run,
                                 const backlight::TesterSetting& tester, const RunReading& reading) {
    std::vector<Explanation> result;
    double total = 0;
    for (const auto& candidate : Candidates(backlight, run, tester).all()) {
        const boost::math::normal expected(candidate.volts, candidate.sigma);
        double weight = candidate.weight * (pdf(expected, reading.volts) + slipDensity);
        if (reading.lit) {
            const int miss = std::abs(*reading.lit - candidate.lit);
            weight *= miss == 0 ? 1 : miss == 1 ? 0.05 : 0.002;
        }
        if (reading.amps) {
            const bool flowsSeen = *reading.amps > 0.3 * tester.amps;
            weight *= flowsSeen == (candidate.amps > 0.3 * tester.amps) ? 1 : 0.01;
        }
        total += weight;
        const auto same = std::find_if(result.begin(), result.end(),
                                       [&](const Explanation& e) { return e.words == candidate.words; });
        if (same == result.end()) {
            result.push_back({candidate.words, weight, candidate.volts, candidate.lit, candidate.ofTheTester});
        } else {
            if (weight > same->share) {
                same->volts = candidate.volts;
                same->lit = candidate.lit;
            }
            same->share += weight;
        }
    }
    for (auto& explanation : result) {
        explanation.share /= total;
    }
    std::stable_sort(result.begin(), result.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return result;
}

std::vector<Explanation> outcomesOf(const backlight::Backlight& backlight, const backlight::Run& run,
                                    const backlight::TesterSetting& tester) {
    auto candidates = Candidates(backlight, run, tester).all();
    std::stable_sort(candidates.begin(), candidates.end(),
                     [](const Candidate& a, const Candidate& b) { return a.weight > b.weight; });
    std::vector<Explanation> outcomes;
    double total = 0;
    for (const auto& candidate : candidates) {
        total += candidate.weight;
        const auto alike = std::find_if(outcomes.begin(), outcomes.end(), [&](const Explanation& e) {
            return e.lit == candidate.lit && std::abs(e.volts - candidate.volts) < 2 * candidate.sigma;
        });
        if (alike == outcomes.end()) {
            outcomes.push_back(
                {candidate.words, candidate.weight, candidate.volts, candidate.lit, candidate.ofTheTester});
        } else {
            const bool isNews = !alike->words.contains(candidate.words) && candidate.weight > 0.1 * alike->share;
            alike->share += candidate.weight;
            if (isNews) {
                alike->words = say("{}, or {}", alike->words, candidate.words);
            }
        }
    }
    for (auto& outcome : outcomes) {
        outcome.share /= total;
    }
    return outcomes;
}

}  // namespace dimglow::locate
