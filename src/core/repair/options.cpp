#include "core/repair/options.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>

#include "core/repair/comeback.h"
#include "core/repair/current.h"
#include "core/repair/junctions.h"
#include "core/repair/planned_light.h"
#include "core/repair/substitute.h"

namespace dimglow::repair {

using text::say;
using text::Text;

using knowledge::Renews;
using knowledge::RepairKind;

namespace {

/// Many shops stop at about half of the set's value (common practice, no source).
constexpr double worthwhileShare = 0.5;
constexpr double secondDiagnosisMinutes = 60;
constexpr double leastShareWorthListing = 0.05;
/// A repair is advised when it mends this share of what is suspected.
constexpr double sureEnough = 0.8;

std::optional<std::chrono::sys_days> dayOf(const std::string& isoDate) {
    int year = 0;
    unsigned month = 0;
    unsigned day = 0;
    if (std::sscanf(isoDate.c_str(), "%4d-%2u-%2u", &year, &month, &day) != 3) {
        return std::nullopt;
    }
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(month), std::chrono::day(day)};
    return date.ok() ? std::optional(std::chrono::sys_days(date)) : std::nullopt;
}

double mendedShare(const RepairKind& kind, const Diagnosis& diagnosis, const job::Job& job,
                   const knowledge::Knowledge& trade) {
    double share = 0;
    for (const auto& [id, weight] : diagnosis.shareOfSuspect) {
        const auto* suspect = trade.suspect(id);
        const auto unit = suspect == nullptr ? std::string() : trade.unitOf(*suspect, job.set);
        share += kind.mends(id, unit) ? weight : 0;
    }
    return share;
}

/// Hours of light that a set may have run where nobody knows them (common practice, no source).
constexpr double guessedHours[] = {4'000, 12'000, 30'000};

/// What a repair leaves old and what it makes new.
Renewed renewedBy(const RepairKind& kind, const job::Job& job, const Diagnosis& diagnosis) {
    const int total = job.set.backlight.ledCount();
    const int failed = diagnosis.failedCount;
    int fresh = 0;
    if (kind.renews == Renews::Leds) {
        fresh = failed;
    } else if (kind.renews == Renews::All) {
        fresh = total;
    } else if (kind.renews == Renews::Strips) {
        for (const int strip : diagnosis.failedStrips) {
            fresh += job.set.backlight.strips[std::size_t(strip)].leds;
        }
    }
    Renewed of;
    of.old = kind.renews == Renews::Nothing || kind.renews == Renews::Leds ? total - failed : total - fresh;
    of.fresh = fresh;
    of.within = job.bench.promisedHours;
    of.relapse = kind.relapse;
    of.leds = {total, failed, job.set.hoursRun.value_or(0), job.bench.weibullShape};
    if (of.leds.hours <= 0) {
        of.leds.hours = guessedHours[1];
        of.hoursKnown = false;
    }
    if (job.repair.originalAmps && job.repair.newAmps && *job.repair.newAmps > 0 && *job.repair.originalAmps > 0) {
        of.stretch = lifeTimes(*job.repair.originalAmps, *job.repair.newAmps);
    }
    if (const auto seats = junctionsOf(job)) {
        // The current's own part is in the line above: what is left is how the strips lie.
        of.stretch *= arrheniusTimes(seats->found.likely, seats->flush.likely);
    }
    return of;
}

/// The chance to reckon with if so many hours were promised, over all that is not known.
double comesBack(const RepairKind& kind, const job::Job& job, const Diagnosis& diagnosis, double promised) {
    if (!kind.opensPanel) {
        return kind.relapse;
    }
    Renewed renewed = renewedBy(kind, job, diagnosis);
    renewed.within = promised;
    if (renewed.hoursKnown) {
        return likelyComeback(renewed);
    }
    double sum = 0;
    for (const double hours : guessedHours) {
        renewed.leds.hours = hours;
        sum += likelyComeback(renewed);
    }
    return sum / double(std::size(guessedHours));
}

/// Fills in how likely it comes back, as far as that can be said.
void judgeComeback(Option& option, const RepairKind& kind, const job::Job& job, const Diagnosis& diagnosis) {
    if (!kind.opensPanel) {
        if (kind.relapse > 0) {
            option.comeback = kind.relapse;
            option.comebackRange = {kind.relapse / 2, kind.relapse, std::min(1.0, 2 * kind.relapse)};
            option.comebackWhy = say("{:.0f} % from the board itself", 100 * kind.relapse);
        } else {
            option.comebackWhy = say("cannot tell: no figure for this repair");
        }
        return;
    }
    const Renewed renewed = renewedBy(kind, job, diagnosis);
    option.comebackRange = comebackRange(renewed);
    option.comebackIsBound = diagnosis.failedCount == 0;
    if (!renewed.hoursKnown) {
        option.comebackWhy = say("cannot tell: the hours run are not known");
        return;
    }
    option.comeback = option.comebackRange->likely;
    option.comebackWhy =
        say("{} old and {} new LEDs over {:.0f} h of light", renewed.old, renewed.fresh, renewed.within);
}

/// What must be typed or planned before an option can be advised, or why what was planned must not be done.
Text planFirstOf(const RepairKind& kind, const job::Job& job) {
    if (kind.plan == "strips") {
        const auto task = universalTaskOf(job);
        return task ? plan::planUniversal(*task).refusal : say("Plan the strips first: stock, cuts, places.");
    }
    if (kind.plan == "driver") {
        const auto& module = job.repair.details.module;
        return module ? judge(*module, driverPlaceOf(job)).refusal : say("Hold a module against this set first.");
    }
    return {};
}

/// Adds what was found bad on the way, and is renewed whatever is chosen. A repair that has the iron at the board
/// anyway is priced with its first part, and with the minutes of those beside it.
void addBadParts(Option& option, const RepairKind& kind, const knowledge::Knowledge& trade,
                 const Diagnosis& diagnosis) {
    const auto single = std::find_if(trade.repairs.begin(), trade.repairs.end(),
                                     [](const auto& repair) { return repair.exchanges == "part"; });
    std::vector<Text> names;
    for (const auto& bad : diagnosis.badParts) {
        if (!bad.comesWith(kind)) {
            names.push_back(bad.name);
        }
    }
    if (names.empty() || single == trade.repairs.end() || !kind.isRepair()) {
        return;
    }
    const auto beside = double(names.size() - 1);
    option.parts += beside * single->perPartParts;
    option.days = std::max(option.days, single->days);
    if (kind.exchanges == "part" || kind.exchanges == "kit") {
        return;
    }
    option.parts += single->parts;
    option.minutes += single->minutes + beside * single->perPartMinutes;
    option.say = say("{} Renewed with it: {}.", option.say, text::joined(names));
}

Option price(const RepairKind& kind, const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
             double mends) {
    Option option;
    option.id = kind.id;
    option.title =
        kind.exchanges == "part" && !diagnosis.part.empty() ? say("Replace: {}", diagnosis.part) : kind.title;
    option.say = kind.say;
    option.looks = kind.looks;
    option.stopGap = kind.stopGap;
    option.writesOff = kind.writesOff;
    if (kind.writesOff) {
        option.expectedCost = job.order.value > 0 ? std::optional(job.order.value) : std::nullopt;
        option.comebackWhy = say("nothing is promised");
        return option;
    }
    option.mends = mends;
    option.planFirst = planFirstOf(kind, job);
    const int strips =
        kind.renews == Renews::All ? int(job.set.backlight.strips.size()) : int(diagnosis.failedStrips.size());
    const bool isPair = isReplacedInPairs(kind, job.set);
    if (isPair) {
        option.title = kind.whenTwo;
    }
    const int count = isPair ? 2 : 1;
    option.parts = count * kind.parts + kind.perLedParts * diagnosis.failedCount + kind.perStripParts * strips;
    const auto opened = hands::openingCost(job.opening, trade.hands, job.set.diagonalInches());
    const double opening = kind.opensPanel && !job.panelOpen ? opened.minutes : 0;
    const double finding = diagnosis.partIsFound ? 0 : kind.findMinutes;
    option.minutes = count * kind.minutes + finding + kind.perLedMinutes * std::max(0, diagnosis.failedCount - 1);
    option.days = kind.days;
    addBadParts(option, kind, trade, diagnosis);
    const double work = option.minutes;
    option.minutes += opening;
    if (const auto* terms = job.repair.termsOf(kind.id)) {
        option.parts = terms->parts.value_or(option.parts);
        option.days = terms->days.value_or(option.days);
        option.unavailable = terms->unavailable;
    }
    option.glassRisk = kind.opensPanel ? opened.breaks : 0;
    judgeComeback(option, kind, job, diagnosis);

    const double perMinute = job.bench.ratePerHour / 60;
    option.secondJob = option.parts + (work + (kind.opensPanel ? opened.minutes : 0)) * perMinute;
    option.before = option.parts + option.minutes * perMinute + option.glassRisk * job.order.value +
                    (1 - mends) * (option.secondJob + secondDiagnosisMinutes * perMinute);
    option.expectedCost =
        option.before + comesBack(kind, job, diagnosis, job.bench.promisedHours) * (option.secondJob + goodwillOf(job));
    return option;
}

/// Whether somebody who works so would do it.
bool suits(const RepairKind& kind, job::Way::Level level) {
    const bool isPart = kind.exchanges == "part" || kind.exchanges == "kit" || kind.exchanges == "driver";
    return !(level == job::Way::Level::Board && isPart) &&
           !(level == job::Way::Level::Strip && kind.exchanges == "led");
}

/// The chance that an option's cost was reckoned with.
double chanceIn(const Option& option, double goodwill) {
    const double perComeback = option.secondJob + goodwill;
    return perComeback > 0 && option.expectedCost ? (*option.expectedCost - option.before) / perComeback : 0;
}

/// Options that may be advised, and the first of them.
class Choice {
public:
    Choice(const job::Job& job, const std::vector<Option>& options) : job_(job), options_(options) {
        const bool isOwn = job.order.whose == job::Whose::Own;
        const bool hasOther = std::any_of(options.begin(), options.end(),
                                          [](const Option& o) { return isSure(o) && !o.stopGap && !o.late; });
        takesStopGaps_ = isOwn && !hasOther;
    }

    bool may(const Option& option) const { return isSure(option) && (!option.stopGap || takesStopGaps_); }
    const Option* best() const {
        const auto found = std::find_if(options_.begin(), options_.end(), [&](const Option& o) { return may(o); });
        return found == options_.end() ? nullptr : &*found;
    }
    const Option* next(const Option& best) const {
        const Option* found = nullptr;
        for (const auto& option : options_) {
            if (&option != &best && may(option) && (found == nullptr || *option.expectedCost < *found->expectedCost)) {
                found = &option;
            }
        }
        return found;
    }
    /// Why a cheaper one than \p best was passed over.
    Text overrode(const Option& best) const {
        for (const auto& option : options_) {
            if (!isSure(option) || &option == &best || *option.expectedCost >= *best.expectedCost) {
                continue;
            }
            if (option.stopGap) {
                return say("{} would cost {:.0f}, but it is a stop-gap.", option.title, *option.expectedCost);
            }
            if (option.late) {
                return say("{} would cost {:.0f}, but comes too late for {}.", option.title, *option.expectedCost,
                           job_.order.due);
            }
        }
        if (best.stopGap) {
            return say("A stop-gap, since nothing else is here in time and the set is one's own.");
        }
        return {};
    }
    /// Where the order turns as a comeback gets dearer or cheaper.
    std::optional<Turn> turn(const Option& best) const {
        std::optional<Turn> nearest;
        const double now = goodwillOf(job_);
        const double chance = chanceIn(best, now);
        for (const auto& other : options_) {
            const double otherChance = chanceIn(other, now);
            if (&other == &best || !may(other) || other.late != best.late || std::abs(otherChance - chance) < 1e-9) {
                continue;
            }
            const double at = (other.before + otherChance * other.secondJob - best.before - chance * best.secondJob) /
                              (chance - otherChance);
            if (at >= 0 && (!nearest || std::abs(at - now) < std::abs(nearest->at - now))) {
                const bool isSaferHere = chance < otherChance;
                nearest = isSaferHere ? Turn{at, other.id, best.id} : Turn{at, best.id, other.id};
            }
        }
        return nearest;
    }

private:
    static bool isSure(const Option& option) {
        return option.canBeDone() && option.mends > sureEnough && option.expectedCost;
    }
    const job::Job& job_;
    const std::vector<Option>& options_;
    bool takesStopGaps_ = false;
};

Text adviceFor(const Option& best, const Option* runnerUp, const job::Job& job) {
    const auto cost = say("{}: {:.0f} {} expected", best.title, *best.expectedCost, job.bench.currency);
    const auto comeback = best.comeback ? say("{:.0f} % chance of a comeback", 100 * *best.comeback) : Text();
    const auto worth = job.order.value > 0 ? say("against a set worth {:.0f}", job.order.value) : Text();
    const auto advice = text::joined({cost, comeback, worth});
    return runnerUp == nullptr || *runnerUp->expectedCost < *best.expectedCost
               ? say("{}.", advice)
               : say("{}; {} would be {:.0f} more.", advice, runnerUp->title,
                     std::round(*runnerUp->expectedCost) - std::round(*best.expectedCost));
}

/// Everything but the advice.
FixPlan priced(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
               const std::string& today) {
    FixPlan plan;
    const auto due = dayOf(job.order.due);
    const auto now = dayOf(today);
    for (const auto& kind : trade.repairs) {
        const double mends = mendedShare(kind, diagnosis, job, trade);
        if (!suits(kind, job.way.level)) {
            continue;
        }
        const bool renewsNone = kind.renews == Renews::Leds && diagnosis.failedCount == 0;
        const bool canBePriced = (job.set.backlight.isDescribed || !kind.opensPanel) && !renewsNone;
        if (mends < leastShareWorthListing || !canBePriced) {
            continue;
        }
        if (!kind.refused.empty()) {
            plan.refused.push_back({kind.title, kind.refused});
            continue;
        }
        Option option = price(kind, job, trade, diagnosis, mends);
        option.late = due && now && *now + std::chrono::days(int(std::ceil(option.days))) > *due;
        plan.options.push_back(std::move(option));
    }
    const auto rank = [](const Option& o) { return o.writesOff ? 2 : o.late || !o.canBeDone() ? 1 : 0; };
    std::stable_sort(plan.options.begin(), plan.options.end(), [&](const Option& a, const Option& b) {
        return rank(a) != rank(b) ? rank(a) < rank(b)
                                  : a.expectedCost.value_or(INFINITY) < b.expectedCost.value_or(INFINITY);
    });
    return plan;
}

/// The hours nearest to those that are promised at which another option is cheapest; within a tenth and ten times.
std::optional<Turn> promiseTurnOf(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
                                  const std::vector<Option>& options, const Choice& choice, const Option& best) {
    std::vector<std::pair<const Option*, const RepairKind*>> rivals;
    for (const auto& option : options) {
        if (choice.may(option) && option.late == best.late) {
            rivals.emplace_back(&option, trade.repair(option.id));
        }
    }
    const auto cheapestAt = [&](double hours) {
        const auto costOf = [&](const auto& rival) {
            const auto& [option, kind] = rival;
            return option->before + comesBack(*kind, job, diagnosis, hours) * (option->secondJob + goodwillOf(job));
        };
        const auto found = std::min_element(rivals.begin(), rivals.end(),
                                            [&](const auto& a, const auto& b) { return costOf(a) < costOf(b); });
        return found->first;
    };
    constexpr double step = 1.26;  // ten steps to ten times
    constexpr int steps = 10;
    double more = job.bench.promisedHours;
    double less = more;
    for (int i = 0; i < steps; ++i) {
        for (double* side : {&more, &less}) {
            const double before = *side;
            *side *= side == &more ? step : 1 / step;
            if (const auto* other = cheapestAt(*side); other != &best) {
                double here = before;
                double there = *side;
                for (int halving = 0; halving < steps; ++halving) {
                    const double middle = (here + there) / 2;
                    (cheapestAt(middle) == &best ? here : there) = middle;
                }
                return there > here ? Turn{there, best.id, other->id} : Turn{there, other->id, best.id};
            }
        }
    }
    return std::nullopt;
}

/// "the LED at 4,000 h, all strips at 30,000", where nobody knows the hours and the advice hangs on them.
Text hoursTurnOf(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
                 const std::string& today) {
    if (job.set.hoursRun.value_or(0) > 0) {
        return {};
    }
    const auto adviceAt = [&](double hours) {
        auto aged = job;
        aged.set.hoursRun = hours;
        const auto plan = priced(aged, trade, diagnosis, today);
        const auto* best = Choice(aged, plan.options).best();
        return best == nullptr ? Text() : best->title;
    };
    const auto young = adviceAt(guessedHours[0]);
    const auto old = adviceAt(guessedHours[2]);
    return young == old || young.empty() || old.empty()
               ? Text()
               : say("Hours not known: at {:.0f} h it would be \"{}\", at {:.0f} \"{}\". Ask, or read them off.",
                     guessedHours[0], young, guessedHours[2], old);
}

}  // namespace

bool isReplacedInPairs(const RepairKind& kind, const set::DisplaySet& set) {
    return !kind.whenTwo.empty() && set.lightKind() == set::LightKind::Lamps &&
           set.lamps.drive == lamps::Lamps::Drive::BothEnds;
}

bool BadPart::comesWith(const RepairKind& kind) const {
    return kind.exchanges == "board" ? !unit.empty() && kind.unit == unit : kind.exchanges == "kit" && ages;
}

double goodwillOf(const job::Job& job) {
    return job.order.whose == job::Whose::Own ? 0 : job.bench.goodwill;
}

FixPlan planFix(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
                const std::string& today) {
    FixPlan plan = priced(job, trade, diagnosis, today);
    const Choice choice(job, plan.options);
    const Option* best = choice.best();
    if (best == nullptr) {
        plan.advice =
            job.set.backlight.isDescribed
                ? say("Nothing is sure enough to be mended yet: take the next probe first.")
                : say("Describe the strips first: what mends them, and what it costs, hangs on how many there are.");
        return plan;
    }
    plan.overrode = choice.overrode(*best);
    plan.turn = choice.turn(*best);
    plan.promiseTurn = promiseTurnOf(job, trade, diagnosis, plan.options, choice, *best);
    plan.hoursTurn = hoursTurnOf(job, trade, diagnosis, today);
    const bool isOwn = job.order.whose == job::Whose::Own;
    if (job.order.value > 0 && *best->expectedCost > (isOwn ? 1 : worthwhileShare) * job.order.value) {
        // Over half of its value is the owner's to decide; over all of it nobody would.
        plan.advised = *best->expectedCost < job.order.value ? best->id : trade.writeOff().id;
        plan.advice =
            isOwn ? say("It is expected to cost more ({:.0f} {}) than the set is worth ({:.0f}).", *best->expectedCost,
                        job.bench.currency, job.order.value)
                  : say("Ask the owner first: the cheapest repair ({}) is expected to cost {:.0f} {}, over half of the "
                        "set's {:.0f}.",
                        best->title, *best->expectedCost, job.bench.currency, job.order.value);
        return plan;
    }
    plan.advised = best->id;
    plan.advice = adviceFor(*best, choice.next(*best), job);
    return plan;
}

}  // namespace dimglow::repair
