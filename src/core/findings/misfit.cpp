#include "core/findings/misfit.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace dimglow::findings {

using reasoning::Belief;
using reasoning::Model;
using text::say;

namespace {

/// A reading so much less likely than by anyone's guess, natural log, is taken for a slip.
constexpr double worseThanAGuess = 1.6;
constexpr double misfitShare = 0.5;      ///< of none of these
constexpr std::size_t mostDoubtful = 8;  ///< the latest
/// Readings that the explanations tell, over all readings left out in turn.
constexpr std::size_t mostToldAnew = 2'000'000;

std::optional<std::size_t> noneOfThese(const Model& model, const Belief& belief) {
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        if (model.suspectOf(belief.hypotheses[h]).isNoneOfThese) {
            return h;
        }
    }
    return std::nullopt;
}

/// Whether one reading repeats another, as meters do.
bool readsTheSame(const evidence::Observation& a, const evidence::Observation& b) {
    constexpr double share = 0.03;
    constexpr double volts = 0.2;
    const auto alike = [](double one, double other) {
        return std::abs(one - other) <= share * std::max(std::abs(one), std::abs(other)) + volts;
    };
    if (const auto* one = std::get_if<evidence::Measured>(&a)) {
        const auto& other = std::get<evidence::Measured>(b);
        return one->shape == other.shape && alike(one->volts, other.volts) && alike(one->restVolts, other.restVolts);
    }
    if (const auto* one = std::get_if<evidence::TesterTaken>(&a)) {
        const auto& other = std::get<evidence::TesterTaken>(b);
        const bool hasVolts = one->volts && other.volts;
        return one->lit == other.lit && (hasVolts ? alike(*one->volts, *other.volts) : one->volts == other.volts);
    }
    return a == b;
}

/// Whether an answer has been confirmed: given before, or given a third time. It is no slip then, whatever it fits.
bool isConfirmed(const job::Entry& entry, const job::Job& job) {
    int others = 0;
    for (const auto& other : job.trail) {
        const bool isOther = other.id != entry.id && other.phase == entry.phase &&
                             evidence::questionOf(other.what) == evidence::questionOf(entry.what);
        if (isOther && readsTheSame(other.what, entry.what)) {
            return true;
        }
        others += isOther ? 1 : 0;
    }
    return others >= 2;
}

/// How many LEDs stand in series at least where so many of a run glow: as many as may lie side by side.
int leastInSeries(const backlight::Backlight& backlight, const backlight::Run& run, int lit) {
    int branches = 1;
    for (const auto& section : backlight::sectionsOf(backlight, run)) {
        branches = std::max(branches, section.branches);
    }
    return (lit + branches - 1) / branches;
}

/// Why a tester cannot show that: more than its limit, or too little for what was seen to glow. Empty otherwise.
text::Text whyImpossible(const evidence::TesterTaken& taken, const backlight::Backlight& backlight) {
    constexpr double limitIsGoodTo = 1.03;
    /// A blue die under its phosphor gives no light to be seen below it, V (from memory).
    constexpr double leastVoltsOfLight = 2.2;
    if (taken.volts.value_or(0) > limitIsGoodTo * taken.setting.limitVolts) {
        return say("The tester gives no more than {:.0f} V.", taken.setting.limitVolts);
    }
    const double least = leastVoltsOfLight * leastInSeries(backlight, taken.run, taken.lit.value_or(0));
    return taken.volts && *taken.volts < least
               ? say("{} LEDs do not glow at {:.1f} V: it takes {:.0f} V at least.", *taken.lit, *taken.volts, least)
               : text::Text();
}

/// Why a reading cannot be, whatever is wrong with the set. Empty otherwise.
text::Text whyImpossible(const evidence::Observation& what, const Model& model) {
    if (const auto* taken = std::get_if<evidence::TesterTaken>(&what)) {
        return whyImpossible(*taken, model.set().backlight);
    }
    const auto& knowledge = model.knowledge();
    const auto* test = knowledge.test(evidence::testOf(what));
    const auto* measured = std::get_if<evidence::Measured>(&what);
    return measured != nullptr && test != nullptr && measured->volts > test->most.value_or(measured->volts)
               ? say("No set has more than {:.0f} V here: look at the meter's range.", *test->most)
               : text::Text();
}

/// The latest reading that cannot be.
std::optional<Misfit> impossible(const job::Job& job, const Model& model) {
    const auto& standing = model.standing();
    for (auto entry = standing.rbegin(); entry != standing.rend(); ++entry) {
        const auto why = whyImpossible(entry->what, model);
        if (!why.empty() && !isConfirmed(*entry, job)) {
            const evidence::Scene scene{model.set(), model.knowledge()};
            return Misfit{say("{}: {}", evidence::titleOf(entry->what, scene), evidence::describe(entry->what, scene)),
                          entry->id, why};
        }
    }
    return std::nullopt;
}

/// What a misfit hangs on: what the description leads one to expect, and whether it was there when the reading was
/// taken.
void explain(Misfit& misfit, const job::Job& job, const std::map<int, evidence::Expectation>& expectations) {
    const auto wasBefore = [&](const job::Entry& entry) {
        return entry.phase == job::Phase::Before && (!misfit.entry || entry.id == *misfit.entry) &&
               entry.id <= job.describedAfter;
    };
    misfit.describedSince = std::any_of(job.trail.begin(), job.trail.end(), wasBefore);
    const auto expected = expectations.find(misfit.entry.value_or(0));
    if (expected != expectations.end() && !expected->second.within) {
        const auto& band = expected->second.band;
        misfit.why = say("As described, a sound set shows {:.1f} to {:.1f} V here.", band.low, band.high);
    }
}

}  // namespace

std::optional<Misfit> misfitOf(const job::Job& job, const Model& model, const Belief& belief,
                               const std::map<int, evidence::Expectation>& expectations) {
    if (auto found = impossible(job, model)) {
        return found;
    }
    const auto& standing = model.standing();
    const auto none = noneOfThese(model, belief);
    if (!none) {
        return std::nullopt;
    }
    std::size_t best = *none == 0 && belief.shares.size() > 1 ? 1 : 0;  // of those that have a name
    for (std::size_t h = 0; h < belief.shares.size(); ++h) {
        best = h != *none && belief.shares[h] > belief.shares[best] ? h : best;
    }
    // Nothing known is likelier than that each reading is anyone's guess.
    const double guessed =
        std::accumulate(belief.guesses.begin(), belief.guesses.end(), belief.hypotheses[*none].logPrior);
    const bool isNone = belief.shares[*none] > misfitShare || guessed > belief.evidence;
    const auto told = [&](std::size_t hypothesis, std::size_t entry) {
        return belief.likelihoods.at(belief.rowOf[hypothesis], entry);
    };
    std::vector<std::size_t> doubtful;
    for (std::size_t e = 0; e < standing.size(); ++e) {
        if (!isConfirmed(standing[e], job) && standing[e].source.fitsBecause.empty() &&
            (isNone || told(best, e) < belief.guesses[e] - worseThanAGuess)) {
            doubtful.push_back(e);
        }
    }
    const auto toldEachTime = std::max<std::size_t>(1, belief.weighed * standing.size());
    const auto most = std::clamp<std::size_t>(mostToldAnew / toldEachTime, 1, mostDoubtful);
    if (doubtful.size() > most) {
        doubtful.erase(doubtful.begin(), doubtful.end() - std::ptrdiff_t(most));
    }
    Misfit misfit;
    double likeliest = belief.evidence + worseThanAGuess;
    for (const auto e : doubtful) {
        auto rest = standing;
        rest.erase(rest.begin() + std::ptrdiff_t(e));
        Model without(model.set(), model.knowledge(), rest, model.stop());
        const double evidence = reasoning::infer(without).evidence + belief.guesses[e];
        if (evidence >= likeliest) {
            likeliest = evidence;
            const evidence::Scene scene{model.set(), model.knowledge()};
            misfit = {
                say("{}: {}", evidence::titleOf(standing[e].what, scene), evidence::describe(standing[e].what, scene)),
                standing[e].id};
        }
    }
    if (!isNone && !misfit.entry) {
        return std::nullopt;
    }
    explain(misfit, job, expectations);
    return misfit;
}

std::optional<evidence::Question> askedAgain(const std::optional<Misfit>& misfit,
                                             const std::vector<job::Entry>& standing) {
    const auto found =
        std::find_if(standing.begin(), standing.end(), [&](const auto& e) { return misfit && misfit->entry == e.id; });
    return found == standing.end() ? std::nullopt : std::optional(evidence::questionOf(found->what));
}

}  // namespace dimglow::findings
