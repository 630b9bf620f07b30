#include "core/repair/options.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>

#include "core/repair/comeback.h"

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

/// Chance that a LED fails again, by what the repair leaves old and what it makes new.
void judgeComeback(Option& option, const RepairKind& kind, const job::Job& job, const Diagnosis& diagnosis) {
    const int total = job.set.backlight.ledCount();
    if (!kind.opensPanel) {
        option.comeback = kind.relapse > 0 ? std::optional(kind.relapse) : std::nullopt;
        option.comebackWhy = kind.relapse > 0 ? say("{:.0f} % from the board itself", 100 * kind.relapse)
                                              : say("cannot tell: no figure for this repair");
        return;
    }
    if (!job.set.hoursRun || *job.set.hoursRun <= 0) {
        option.comebackWhy = say("cannot tell: the hours run are not known");
        return;
    }
    const int failed = diagnosis.failedCount;
    int fresh = 0;
    if (kind.renews == Renews::Leds) {
        fresh = failed;
    } else if (kind.renews == Renews::All) {
        fresh = total;
    } else if (kind.renews == Renews::Strips) {
        for (const int strip : diagnosis.failedStrips) {
            fresh += job.set.backlight.strips[strip].leds;
        }
    }
    const int old = kind.renews == Renews::Nothing || kind.renews == Renews::Leds ? total - failed : total - fresh;
    const double hours = *job.set.hoursRun;
    const double within = job.bench.promisedHours;
    const double shape = job.bench.weibullShape;
    const double life = characteristicLife({total, failed, hours, shape});
    const double survives = (1 - failureChance(old, hours, within, life, shape)) *
                            (1 - failureChance(fresh, 0, within, life, shape)) * (1 - kind.relapse);
    option.comeback = 1 - survives;
    option.comebackWhy = say("{} old and {} new LEDs over {:.0f} h of light", old, fresh, within);
}

Option price(const RepairKind& kind, const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
             double mends) {
    Option option;
    option.id = kind.id;
    option.title = kind.title;
    option.say = kind.say;
    option.stopGap = kind.stopGap;
    option.writesOff = kind.writesOff;
    if (kind.writesOff) {
        option.expectedCost = job.order.value > 0 ? std::optional(job.order.value) : std::nullopt;
        option.comebackWhy = say("nothing is promised");
        return option;
    }
    option.mends = mends;
    const int strips =
        kind.renews == Renews::All ? int(job.set.backlight.strips.size()) : int(diagnosis.failedStrips.size());
    option.parts = kind.parts + kind.perLedParts * diagnosis.failedCount + kind.perStripParts * strips;
    const auto opened = hands::openingCost(job.opening, trade.hands, job.set.diagonalInches());
    const double opening = kind.opensPanel && !job.panelOpen ? opened.minutes : 0;
    const double finding = diagnosis.partIsFound ? 0 : kind.findMinutes;
    const double work = kind.minutes + finding + kind.perLedMinutes * std::max(0, diagnosis.failedCount - 1);
    option.minutes = work + opening;
    option.days = kind.days;
    if (const auto* terms = job.repair.termsOf(kind.id)) {
        option.parts = terms->parts.value_or(option.parts);
        option.days = terms->days.value_or(option.days);
        option.unavailable = terms->unavailable;
    }
    option.glassRisk = kind.opensPanel ? opened.breaks : 0;
    judgeComeback(option, kind, job, diagnosis);

    const double perMinute = job.bench.ratePerHour / 60;
    const double secondJob = option.parts + (work + (kind.opensPanel ? opened.minutes : 0)) * perMinute;
    option.expectedCost =
        option.parts + option.minutes * perMinute + option.comeback.value_or(0) * (secondJob + job.bench.goodwill) +
        option.glassRisk * job.order.value + (1 - mends) * (secondJob + secondDiagnosisMinutes * perMinute);
    return option;
}

/// Whether somebody who works so would do it.
bool suits(const RepairKind& kind, job::Way::Level level) {
    return !(level == job::Way::Level::Board && kind.exchanges == "part") &&
           !(level == job::Way::Level::Strip && kind.exchanges == "led");
}

Text adviceFor(const Option& best, const Option* runnerUp, const job::Job& job) {
    const auto cost = say("{}: {:.0f} {} expected", best.title, *best.expectedCost, job.bench.currency);
    const auto comeback = best.comeback ? say("{:.0f} % chance of a comeback", 100 * *best.comeback) : Text();
    const auto worth = job.order.value > 0 ? say("against a set worth {:.0f}", job.order.value) : Text();
    const auto advice = text::joined({cost, comeback, worth});
    return runnerUp == nullptr ? say("{}.", advice)
                               : say("{}; {} would be {:.0f} more.", advice, runnerUp->title,
                                     std::round(*runnerUp->expectedCost) - std::round(*best.expectedCost));
}

}  // namespace

FixPlan planFix(const job::Job& job, const knowledge::Knowledge& trade, const Diagnosis& diagnosis,
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
        Option option = price(kind, job, trade, diagnosis, mends);
        option.late = due && now && *now + std::chrono::days(int(std::ceil(option.days))) > *due;
        plan.options.push_back(std::move(option));
    }
    std::stable_sort(plan.options.begin(), plan.options.end(), [](const Option& a, const Option& b) {
        const double costA = a.expectedCost.value_or(INFINITY);
        const auto isOut = [](const Option& o) { return o.late || o.unavailable; };
        return isOut(a) != isOut(b) ? isOut(b) : costA < b.expectedCost.value_or(INFINITY);
    });
    const auto repairs = [](const Option& o) {
        return !o.stopGap && !o.writesOff && !o.unavailable && o.mends > sureEnough;
    };
    const auto best = std::find_if(plan.options.begin(), plan.options.end(), repairs);
    if (best == plan.options.end()) {
        plan.advice =
            job.set.backlight.isDescribed
                ? say("Nothing is sure enough to be mended yet: take the next probe first.")
                : say("Describe the strips first: what mends them, and what it costs, hangs on how many there are.");
        return plan;
    }
    if (job.order.value > 0 && *best->expectedCost > worthwhileShare * job.order.value) {
        // Over half of its value is the owner's to decide; over all of it nobody would.
        plan.advised = *best->expectedCost < job.order.value ? best->id : trade.writeOff().id;
        plan.advice =
            say("Ask the owner first: the cheapest repair ({}) is expected to cost {:.0f} {}, over half of the set's "
                "{:.0f}.",
                best->title, *best->expectedCost, job.bench.currency, job.order.value);
        return plan;
    }
    const auto next = std::find_if(best + 1, plan.options.end(), repairs);
    plan.advised = best->id;
    plan.advice = adviceFor(*best, next == plan.options.end() ? nullptr : &*next, job);
    return plan;
}

}  // namespace dimglow::repair
