#include "core/reasoning/explained.h"

#include <algorithm>

namespace dimglow::reasoning {

namespace {

/// A way so seldom that a voltage shows itself is no reason to expect nothing.
constexpr double rareMode = 0.15;

}  // namespace

Explained::Explained(Model& model, const Hypothesis& hypothesis, const About& about)
    : model_(model),
      hypothesis_(hypothesis),
      about_(about),
      under_{hypothesis.faults, suspect().isNoneOfThese, model.knowledge().behaviourOf(suspect()).drivesStrings,
             about.conducts} {}

parts::Grade Explained::gradeOf(const evidence::PointTaken& taken) {
    std::any& kept = memory();
    if (!kept.has_value()) {
        kept = model_.gradeOf(taken);
    }
    return *std::any_cast<parts::Grade>(&kept);
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
    return step.log;
}

/// Those of its part go before those of the suspect, and these before those of its unit.
const knowledge::AnswerShares& Explained::answersOf(const knowledge::TestKind& test) const {
    if (const auto* own = part()) {
        if (const auto found = own->answers.find(test.id); found != own->answers.end()) {
            return found->second;
        }
    }
    if (const auto found = suspect().answers.find(test.id); found != suspect().answers.end()) {
        return found->second;
    }
    if (!test.units.empty()) {
        if (const auto found = test.units.find(model_.unitOf(suspect())); found != test.units.end()) {
            return found->second;
        }
    }
    return test.usual;
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
    if (suspect().isNoneOfThese) {
        return knowledge::GradeShares{0.6, 0.2, 0.2};
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
    return found == suspect().points.end() ? point.usual : found->second;
}

std::optional<double> Explained::badLooksShare(const evidence::PointAsked& asked) const {
    const int kind = model_.knowledge().pointIndex(asked.point);
    if (kind < 0) {
        return std::nullopt;
    }
    constexpr double ofAnything = 0.1;
    const auto& point = model_.knowledge().points[std::size_t(kind)];
    return suspect().isNoneOfThese ? ofAnything : isCulprit(kind, asked) ? point.looksFaulty : point.looksUsual;
}

std::optional<double> Explained::answerShare(const std::string& test, const std::string& choice) const {
    const knowledge::TestKind* kind = model_.knowledge().test(test);
    if (kind == nullptr || !kind->usual.contains(choice)) {
        return std::nullopt;
    }
    const auto& shares = answersOf(*kind);
    const auto share = shares.find(choice);
    return share == shares.end() ? 0 : share->second;
}

}  // namespace dimglow::reasoning
