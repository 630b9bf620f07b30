#include "core/reasoning/explained.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace dimglow::reasoning {

namespace {

/// A way so seldom that a voltage shows itself is no reason to expect nothing.
constexpr double rareMode = 0.15;

/// From here on somebody drives a line, V.
constexpr double leastDriven = 0.7;

/// Of a line that nobody drives, 1/V.
double densityOfNothing(double volts) {
    constexpr double sigma = 0.2;
    return std::exp(-0.5 * volts * volts / (sigma * sigma)) / (sigma * std::sqrt(2 * std::numbers::pi));
}

/// What is seen and heard of a closed set is misjudged at random (common practice, no source).
double ofEyes(const knowledge::TestKind& test, double share) {
    constexpr double misjudged = 0.02;
    const bool isByEye = test.reach == knowledge::Reach::Outside && test.tools.empty();
    return isByEye ? share + misjudged * (1 / double(test.choices.size()) - share) : share;
}

}  // namespace

Explained::Explained(Model& model, const Hypothesis& hypothesis, const About& about)
    : model_(model),
      hypothesis_(hypothesis),
      about_(about),
      under_{hypothesis.faults, suspect().isNoneOfThese, model.behaviourOf(hypothesis).drivesStrings, about.conducts} {}

parts::Grade Explained::gradeOf(const evidence::PointTaken& taken) {
    return about_.entry ? model_.gradeOf(*about_.entry) : model_.gradeOf(taken);
}

std::optional<driver::VoltsForecast> Explained::volts(const evidence::VoltsAsked& asked) const {
    const auto* modes = about_.board->forecast.of(asked.test, {asked.channel, asked.feed});
    const auto& known = about_.board->learning.at(about_.board->node).known();
    const bool isKnown = modes != nullptr && std::all_of(modes->begin(), modes->end(), [&](const auto& mode) {
                             const auto volts = known.of(mode.volts);
                             return mode.weight < rareMode || driver::isKnownWellEnough(volts.median, volts.sigma);
                         });
    return isKnown ? std::optional(inVolts(*modes, known)) : std::nullopt;
}

double Explained::take(const evidence::VoltsAsked& asked, driver::Shape shape, double volts, double rest) {
    const auto* modes = about_.board->forecast.of(asked.test, {asked.channel, asked.feed});
    if (modes == nullptr) {
        return 0;
    }
    const auto step = about_.board->learning.take(about_.board->node, *modes, shape, volts, rest);
    about_.board->node = step.node;
    const auto* test = model_.knowledge().test(asked.test);
    const double gone = test == nullptr || shape != driver::Shape::Steady ? 0 : test->goneWhenDown * shutDownShare();
    return gone > 0 ? std::log((1 - gone) * std::exp(step.log) + gone * densityOfNothing(volts)) : step.log;
}

std::optional<lamps::Trouble> Explained::lampTrouble(int lamps) const {
    if (model_.set().lightKind() != set::LightKind::Lamps || model_.set().lamps.count != lamps) {
        return std::nullopt;
    }
    return lamps::Trouble{extents(), suspect().lamps.looks};
}

lamps::ByExtent Explained::answerByExtent(const knowledge::TestKind& test, const std::string& choice) const {
    const auto& own = answersOf(test);
    const auto& prior = suspect().lamps.extents;
    lamps::ByExtent shares = {};
    lamps::ByExtent all = {};
    for (const auto& [each, share] : own) {
        double usual = 0;
        for (std::size_t extent = 0; extent < prior.size(); ++extent) {
            usual += prior[extent] * knowledge::shareOf(test.byExtent[extent], each);
        }
        for (std::size_t extent = 0; extent < prior.size(); ++extent) {
            const double here = share / usual * knowledge::shareOf(test.byExtent[extent], each);
            all[extent] += here;
            shares[extent] += each == choice ? here : 0;
        }
    }
    for (std::size_t extent = 0; extent < prior.size(); ++extent) {
        shares[extent] /= all[extent];
    }
    return shares;
}

lamps::ByExtent Explained::extents() const {
    auto extents = suspect().lamps.extents;
    if (extents[std::size_t(lamps::Extent::None)] == 1) {
        return extents;
    }
    for (std::size_t entry = 0; entry < beforeEntry(); ++entry) {
        const auto& sign = model_.signs()[entry];
        const auto* test = sign.test.empty() ? nullptr : model_.knowledge().test(sign.test);
        const bool isAnswer = test != nullptr && !test->byExtent.empty() && test->usual.contains(sign.choice);
        const bool isLook = int(sign.looks.looks.size()) == model_.set().lamps.count && !sign.looks.looks.empty();
        if (!isAnswer && !isLook) {
            continue;
        }
        const auto likelihoods =
            isLook ? sign.looks.likelihoodsByExtent(suspect().lamps) : answerByExtent(*test, sign.choice);
        double all = 0;
        for (std::size_t extent = 0; extent < extents.size(); ++extent) {
            extents[extent] *=
                isLook ? likelihoods[extent]
                       : evidence::slipShare + (1 - evidence::slipShare) * ofEyes(*test, likelihoods[extent]);
            all += extents[extent];
        }
        for (double& extent : extents) {
            extent /= all;
        }
    }
    return extents;
}

bool Explained::isExact(const evidence::PointTaken& taken) const {
    const auto* point = model_.knowledge().point(taken.asked.point);
    return point != nullptr && parts::isExact(point->kind, taken.reading);
}

/// Those of its part go before those of the suspect.
const knowledge::AnswerShares& Explained::answersOf(const knowledge::TestKind& test) const {
    if (model_.staysLit() && !test.whenLit.empty()) {
        return test.whenLit;
    }
    if (model_.set().lightKind() == set::LightKind::Lamps) {
        if (const auto found = suspect().answersOfLamps.find(test.id); found != suspect().answersOfLamps.end()) {
            return found->second;
        }
    }
    if (const auto* own = part()) {
        if (const auto found = own->answers.find(test.id); found != own->answers.end()) {
            return found->second;
        }
    }
    return knowledge::answersOf(test, suspect(), model_.unitOf(suspect()));
}

const knowledge::PartSuspect* Explained::part() const {
    return hypothesis_.part < 0 ? nullptr : &suspect().parts[std::size_t(hypothesis_.part)];
}

bool Explained::isCulprit(int kind, const evidence::PointAsked& asked) const {
    const auto* own = part();
    if (own == nullptr || own->point != kind) {
        return false;
    }
    const auto& written = model_.set().points;
    // One that nobody has written down is the culprit that is asked about when none is.
    return hypothesis_.point < 0 ? model_.pointsOf(kind).empty()
                                 : written[std::size_t(hypothesis_.point)].ref == asked.ref;
}

std::optional<knowledge::GradeShares> Explained::gradeShares(const evidence::PointAsked& asked) const {
    const int kind = model_.knowledge().pointIndex(asked.point);
    if (kind < 0) {
        return std::nullopt;
    }
    auto shares = gradesWhileOn(kind, asked);
    if (const auto& down = model_.knowledge().points[std::size_t(kind)].shutDown) {
        const double share = std::max(shutDownShare(), takenBackShare(kind));
        for (std::size_t grade = 0; grade < shares.size(); ++grade) {
            shares[grade] += share * ((*down)[grade] - shares[grade]);
        }
    }
    return shares;
}

knowledge::GradeShares Explained::gradesWhileOn(int kind, const evidence::PointAsked& asked) const {
    if (suspect().isNoneOfThese) {
        return {0.6, 0.2, 0.2};
    }
    const auto& point = model_.knowledge().points[std::size_t(kind)];
    if (isCulprit(kind, asked)) {
        return point.faulty;
    }
    if (const auto* own = part()) {
        if (const auto found = own->points.find(kind); found != own->points.end()) {
            return found->second;
        }
    }
    const auto found = suspect().points.find(kind);
    const auto& sound = found == suspect().points.end() ? point.usual : found->second;
    return point.ages ? gradesOfRow(kind, asked, sound) : sound;
}

/// Parts of a row have run as long and as warm as each other: which share of them has worn out is a number that they
/// have in common, learned from those that were read before (a beta distribution, by its mean and its weight in parts).
double Explained::wornShareOfRow(int kind, const evidence::PointAsked& asked) const {
    // Common practice, no source.
    constexpr double besideTheCulprit = 0.45;
    constexpr double weightBesideTheCulprit = 2;
    constexpr double weightOfSound = 5;
    constexpr double doubtful = 0.5;
    const auto* own = part();
    const bool isOfItsRow = own != nullptr && own->point == kind;
    double worn = isOfItsRow ? besideTheCulprit
                             : model_.knowledge().points[std::size_t(kind)].usual[std::size_t(parts::Grade::Bad)];
    double weight = isOfItsRow ? weightBesideTheCulprit : weightOfSound;
    for (std::size_t entry = 0; entry < beforeEntry(); ++entry) {
        const auto& sign = model_.signs()[entry];
        const bool isOfTheRow = sign.point && sign.point->point == asked.point && sign.point->ref != asked.ref;
        if (!isOfTheRow || isCulprit(kind, *sign.point) || !(sign.taken || sign.looksBad)) {
            continue;
        }
        const auto grade = sign.looksBad ? parts::Grade::Bad : model_.gradeOf(entry);
        const double isWorn = grade == parts::Grade::Bad ? 1 : grade == parts::Grade::Doubtful ? doubtful : 0;
        worn = (worn * weight + isWorn) / (weight + 1);
        ++weight;
    }
    return worn;
}

knowledge::GradeShares Explained::gradesOfRow(int kind, const evidence::PointAsked& asked,
                                              const knowledge::GradeShares& sound) const {
    constexpr double tired = 0.4;  ///< of those that are not worn out yet, as many for each that is
    const double worn = std::max(sound[std::size_t(parts::Grade::Bad)], wornShareOfRow(kind, asked));
    const double doubtful =
        std::min(std::max(sound[std::size_t(parts::Grade::Doubtful)], tired * worn), (1 - worn) / 2);
    return {1 - worn - doubtful, doubtful, worn};
}

std::optional<double> Explained::badLooksShare(const evidence::PointAsked& asked) const {
    const int kind = model_.knowledge().pointIndex(asked.point);
    if (kind < 0) {
        return std::nullopt;
    }
    constexpr double ofAnything = 0.1;
    const auto& point = model_.knowledge().points[std::size_t(kind)];
    const double ofRow = point.ages ? wornShareOfRow(kind, asked) * point.looksFaulty : 0;
    return suspect().isNoneOfThese  ? ofAnything
           : isCulprit(kind, asked) ? point.looksFaulty
                                    : std::max(point.looksUsual, ofRow);
}

std::optional<double> Explained::answerShare(const std::string& test, const std::string& choice) const {
    const knowledge::TestKind* kind = model_.knowledge().test(test);
    if (kind == nullptr || !kind->usual.contains(choice)) {
        return std::nullopt;
    }
    double share = answerWhileOn(*kind, choice);
    if (!kind->shutDown.empty()) {
        share += shutDownShare() * (knowledge::shareOf(kind->shutDown, choice) - share);
    }
    return ofEyes(*kind, share);
}

double Explained::answerWhileOn(const knowledge::TestKind& test, const std::string& choice) const {
    const bool isOfLamps = model_.set().lightKind() == set::LightKind::Lamps && !test.byExtent.empty();
    if (isOfLamps && suspect().lamps.extents[std::size_t(lamps::Extent::None)] < 1) {
        const auto shares = answerByExtent(test, choice);
        const auto seen = extents();
        return std::inner_product(shares.begin(), shares.end(), seen.begin(), 0.0);
    }
    return knowledge::shareOf(answersOf(test), choice);
}

std::size_t Explained::beforeEntry() const {
    return about_.entry.value_or(model_.standing().size());
}

/// A main board takes its request back once light has failed: what hangs on that line goes with it, one sign.
double Explained::takenBackShare(int kind) const {
    constexpr double takesItAlong = 0.6;
    const auto part = model_.knowledge().points[std::size_t(kind)].kind;
    const bool hangsOnIt =
        part == parts::PartKind::EnablePin || part == parts::PartKind::DimmingPin || part == parts::PartKind::GatePin;
    if (!hangsOnIt || !model_.behaviourOf(hypothesis_).isNoticed || model_.staysLit()) {
        return 0;
    }
    const auto isGone = [&](const evidence::Sign& sign) {
        const auto* test = sign.volts ? model_.knowledge().test(sign.test) : nullptr;
        return test != nullptr && test->goneWhenDown > 0 && *sign.volts < leastDriven;
    };
    const auto& all = model_.signs();
    return std::any_of(all.begin(), all.begin() + std::ptrdiff_t(beforeEntry()), isGone) ? takesItAlong : 0;
}

/// What comes of a set that has taken itself down is one sign, however often it is noticed: each answer is held against
/// what those before it say of that.
double Explained::shutDownShare() const {
    const auto& trade = model_.knowledge();
    if (!model_.behaviourOf(hypothesis_).isNoticed || model_.staysLit()) {
        return 0;
    }
    constexpr double slip = 0.02;
    double odds = trade.shutDownShare / (1 - trade.shutDownShare);
    for (std::size_t entry = 0; entry < beforeEntry(); ++entry) {
        const auto& sign = model_.signs()[entry];
        const auto* test = sign.test.empty() ? nullptr : trade.test(sign.test);
        const int kind = sign.taken ? trade.pointIndex(sign.point->point) : -1;
        const auto grade = std::size_t(model_.gradeOf(entry));
        if (test != nullptr && !test->shutDown.empty()) {
            odds *=
                (slip + knowledge::shareOf(test->shutDown, sign.choice)) / (slip + answerWhileOn(*test, sign.choice));
        } else if (test != nullptr && test->goneWhenDown > 0 && sign.volts) {
            constexpr double usuallyGone = 0.15;
            const double gone = usuallyGone + (1 - usuallyGone) * test->goneWhenDown;
            odds *= *sign.volts < leastDriven ? gone / usuallyGone : (1 - gone) / (1 - usuallyGone);
        } else if (kind >= 0 && trade.points[std::size_t(kind)].shutDown && grade < knowledge::GradeShares().size()) {
            odds *= (slip + (*trade.points[std::size_t(kind)].shutDown)[grade]) /
                    (slip + gradesWhileOn(kind, *sign.point)[grade]);
        }
    }
    return odds / (1 + odds);
}

}  // namespace dimglow::reasoning
