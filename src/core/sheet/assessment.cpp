#include "core/sheet/assessment.h"

#include <algorithm>
#include <cmath>

#include "core/findings/bad_parts.h"
#include "core/findings/standing.h"
#include "core/probe/kinds.h"
#include "core/probe/runs.h"
#include "core/repair/heat.h"

namespace dimglow::sheet {

namespace {

bool hasMains(const knowledge::Knowledge& knowledge, const set::DisplaySet& set) {
    const auto& placed = knowledge.setKind(set).placed;
    return std::any_of(placed.begin(), placed.end(),
                       [&](const auto& p) { return knowledge.blocks[std::size_t(p.block)].isHot; });
}

/// What the fix plan asks of the findings.
repair::Diagnosis diagnosisOf(const reasoning::Model& model, const reasoning::Belief& belief,
                              const findings::Likeliest& likeliest) {
    repair::Diagnosis diagnosis;
    for (std::size_t h = 0; h < belief.hypotheses.size(); ++h) {
        diagnosis.shareOfSuspect[reasoning::unitSuspectOf(model, belief.hypotheses[h]).id] += belief.shares[h];
    }
    diagnosis.failedCount = likeliest.failedCount;
    diagnosis.failedStrips = likeliest.failedStrips;
    return diagnosis;
}

/// Log of how likely the entries are in a set of this kind; of its prior alone when there are none.
double evidenceFor(const set::DisplaySet& set, const knowledge::Knowledge& knowledge,
                   const std::vector<job::Entry>& standing, const std::stop_token& stop) {
    reasoning::Model model(set, knowledge, standing, stop);
    return reasoning::infer(model).evidence;
}

/// How likely it is that lamps light a set of which nobody has said: its entries held against either kind. What only
/// one kind can be asked settles it.
std::optional<double> lampsShareOf(const job::Job& job, const knowledge::Knowledge& knowledge,
                                   const std::stop_token& stop, double withLeds) {
    const auto standing = findings::standingEvidence(job, knowledge);
    auto lit = job;
    lit.set.saidLight = set::LightKind::Lamps;
    const bool isSettled = std::any_of(standing.begin(), standing.end(), [&](const auto& entry) {
        const auto id = evidence::testOf(entry.what);
        return knowledge.isIn(job.set, id) != knowledge.isIn(lit.set, id);
    });
    if (job.set.isLightKnown() || isSettled) {
        return std::nullopt;
    }
    const double forLeds = withLeds - evidenceFor(job.set, knowledge, {}, stop);
    const double forLamps = evidenceFor(lit.set, knowledge, findings::standingEvidence(lit, knowledge), stop) -
                            evidenceFor(lit.set, knowledge, {}, stop);
    const double odds = knowledge.lampShare / (1 - knowledge.lampShare) * std::exp(forLamps - forLeds);
    return odds / (1 + odds);
}

/// From the first line of the soak to its last.
std::optional<repair::Range> warmedOver(const job::Job& job) {
    const auto& backlight = job.set.backlight;
    if (job.soak.size() < 2 || !backlight.isDescribed || job.set.lightKind() != set::LightKind::Leds) {
        return std::nullopt;
    }
    int dies = 0;
    for (const auto& place : backlight::ledsInOrder(backlight, {0, 0})) {
        const auto& strip = backlight.strips[std::size_t(place.strip)];
        dies += strip.parallel > 1 || strip.chains > 1 ? 0 : strip.led.dies;
    }
    const double fell = job.soak.front().ledPlusVolts - job.soak.back().ledPlusVolts;
    return dies > 0 && fell > 0 ? std::optional(repair::warmedKelvin(fell, dies)) : std::nullopt;
}

/// Fills a sheet from what is believed, room by room.
class Sheet {
public:
    Sheet(const job::Job& job, const knowledge::Knowledge& knowledge, const AssessOptions& options)
        : job_(job),
          knowledge_(knowledge),
          options_(options),
          model_(job.set, knowledge, findings::standingEvidence(job, knowledge), options.stop),
          belief_(reasoning::infer(model_)),
          evidence_(belief_.evidence),
          runs_(probe::candidateRuns(model_, belief_)) {
        for (const auto& run : runs_) {
            belief_ = reasoning::refine(model_, std::move(belief_), model_.strings().split(run));
        }
    }

    Assessment fill() {
        sheet_.explanations = belief_.hypotheses.size();
        fillWhatIsLeft();
        fillWhatItReads();
        fillProbes();
        fillRepair();
        fillHandwork();
        return std::move(sheet_);
    }

private:
    void fillWhatIsLeft() {
        auto places = findings::placesOf(model_, belief_);
        sheet_.ledShares = std::move(places.shares);
        sheet_.located = std::move(places.located);
        sheet_.suspects = findings::whatIsLeft(model_, belief_);
        sheet_.likeliest = findings::likeliestOf(model_, belief_);
        found_ = findings::foundOf(model_, sheet_.suspects, sheet_.likeliest, sheet_.located);
        if (!found_.title.empty() && sheet_.suspects.front().side == knowledge::Side::Leds) {
            sheet_.untested = findings::untestedRuns(job_, model_, sheet_.located);
        }
    }

    void fillWhatItReads() {
        const auto known = findings::learntOf(model_, belief_);
        sheet_.thisSet = findings::knownOf(job_.set.backlight, model_.nothingLearnt().known(), known);
        sheet_.expected = findings::expectedOf(model_, job_, known);
        sheet_.misfit = findings::misfitOf(job_, model_, belief_, sheet_.expected.byEntry);
        sheet_.reference = findings::referenceOf(job_.set.backlight, model_.reference(), known);
        sheet_.likeliest.backlight.driver.idleVolts = known.value(driver::Reference::Idle);
        const auto& lamps = job_.set.lamps;
        if (job_.set.lightKind() == set::LightKind::Lamps) {
            sheet_.cautions = safety::cautionsForLamps(
                {hasMains(knowledge_, job_.set), lamps.drive == lamps::Lamps::Drive::BothEnds, lamps.isFedByTheBus()});
        } else {
            sheet_.cautions = safety::cautionsFor({findings::workingVolts(sheet_.reference),
                                                   findings::highestOverVolts(known, sheet_.reference.size()),
                                                   job_.bench.tester.limitVolts, hasMains(knowledge_, job_.set),
                                                   findings::isLedPlusKnown(sheet_.reference)});
        }
    }

    void fillProbes() {
        const probe::Due due{sheet_.untested, findings::unprovenLeds(model_, sheet_.located),
                             findings::neededFor(model_, sheet_.suspects, job_.way),
                             findings::askedAgain(sheet_.misfit, model_.standing())};
        probe::Desk desk(model_, belief_, job_, runs_, due);
        sheet_.probes = probe::rankProbes(desk, options_.maxProbes);
        const auto& probes = sheet_.probes.best;
        const bool isOne = !found_.title.empty();
        if (!isOne && !sheet_.misfit) {
            found_ = findings::foundTogether(model_, sheet_.suspects, probes, job_.way);
        }
        const bool isAll =
            findings::tellLittle(probes) ||
            (findings::holdsNothingElse(model_, belief_, sheet_.located) &&
             !findings::wantsThePart(job_.way, sheet_.suspects) && !findings::isCheaplyDoubted(probes, found_.share));
        sheet_.found = found_.title;
        const bool isWaiting = !probes.empty() && probes.front().isAwaited;
        sheet_.isSettled = sheet_.untested.empty() && !sheet_.misfit && isAll && !isWaiting;
        sheet_.lampsShare = lampsShareOf(job_, knowledge_, options_.stop, evidence_);
        sheet_.wantsStrips = job_.set.lightKind() == set::LightKind::Leds && !job_.set.backlight.isDescribed &&
                             !sheet_.misfit && findings::onlyStripsTellMore(sheet_.suspects, probes, found_);
    }

    void fillRepair() {
        sheet_.diagnosis = diagnosisOf(model_, belief_, sheet_.likeliest);
        const auto& parts = sheet_.suspects.front().parts;
        sheet_.diagnosis.partIsFound = !parts.empty() && parts.front().share >= findings::sureShare;
        if (sheet_.diagnosis.partIsFound) {
            sheet_.diagnosis.part = parts.front().title;
        }
        sheet_.diagnosis.badParts = findings::badPartsOf(model_.standing(), job_.set, knowledge_);
        addTheBoards();
        sheet_.plan = repair::planFix(job_, knowledge_, sheet_.diagnosis, options_.today);
        if (!sheet_.probes.best.empty() && sheet_.verdict().empty() && !sheet_.misfit) {
            sheet_.fixNow = repair::fixNow(sheet_.plan, knowledge_, job_.bench, sheet_.probes.best.front().minutes);
        }
        if (job_.repair.option.empty()) {
            sheet_.shopping = repair::shoppingList(job_, knowledge_, sheet_.diagnosis, sheet_.plan.advised);
        } else {
            sheet_.shopping = repair::shoppingList(job_, knowledge_, sheet_.diagnosis, job_.repair.option);
        }
        sheet_.proof =
            proof::proofOf(job_, knowledge_, sheet_.reference, findings::ledsOf(sheet_.located), sheet_.expected.volts);
        sheet_.soak = proof::judgeSoak(job_, sheet_.proof);
        sheet_.warmedKelvin = warmedOver(job_);
    }

    /// Where LEDs and a board are at fault together, what the board comes down to is renewed whatever is done to the
    /// LEDs.
    void addTheBoards() {
        const auto& likeliest = sheet_.likeliest;
        const auto& suspect = knowledge_.suspects[std::size_t(likeliest.suspect)];
        if (likeliest.isOfBothSides && likeliest.suspectShare > 0.5 && sheet_.diagnosis.badParts.empty()) {
            sheet_.diagnosis.badParts.push_back({suspect.title, {}, knowledge_.unitOf(suspect, job_.set), false});
        }
    }

    void fillHandwork() {
        sheet_.closing = hands::closingOf(job_.opening, knowledge_.hands, job_.set.lightKind());
        if (const auto* chosen = knowledge_.repair(job_.repair.option)) {
            std::vector<text::Text> leds;
            for (const auto& place : findings::ledsOf(sheet_.located)) {
                leds.push_back(text::name(backlight::nameOf(job_.set.backlight, place)));
            }
            sheet_.work = hands::workOrder(chosen->work, leds, job_.opening, knowledge_.hands);
        }
    }

    const job::Job& job_;
    const knowledge::Knowledge& knowledge_;
    const AssessOptions& options_;
    reasoning::Model model_;
    reasoning::Belief belief_;
    const double evidence_;  ///< before any cell was split
    const std::vector<backlight::Run> runs_;
    findings::Found found_;
    Assessment sheet_;
};

}  // namespace

const text::Text& Assessment::verdict() const {
    static const text::Text none;
    return isSettled ? found : none;
}

Assessment assess(const job::Job& job, const knowledge::Knowledge& knowledge, const AssessOptions& options) {
    return Sheet(job, knowledge, options).fill();
}

}  // namespace dimglow::sheet
