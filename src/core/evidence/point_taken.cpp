#include "core/evidence/point_taken.h"

#include <algorithm>
#include <cmath>

#include "core/evidence/limits.h"

namespace dimglow::evidence {

using parts::Grade;
using text::say;
using text::Text;

namespace {

/// Members of the file, of the reading and what they may be.
template <class Reading, class Visit>
void eachNumber(Reading& reading, Visit visit) {
    visit("farads", reading.farads, limits::farads);
    visit("esrOhms", reading.esrOhms, limits::partOhms);
    visit("ohms", reading.ohms, limits::partOhms);
    visit("gateOhms", reading.gateOhms, limits::partOhms);
    visit("forwardVolts", reading.forwardVolts, limits::junctionVolts);
    visit("reverseVolts", reading.reverseVolts, limits::junctionVolts);
    visit("volts", reading.volts, limits::volts);
    visit("dutyShare", reading.dutyShare, limits::share);
    visit("hertz", reading.hertz, limits::hertz);
    visit("rings", reading.rings, limits::rings);
}

constexpr const char* openWord = "OL";

}  // namespace

void PointTaken::check(const format::Check& at, const Places& places) const {
    places.check(at, asked);
    bool isEmpty = !reading.switches;
    eachNumber(reading, [&](const char* name, const std::optional<double>& value, const format::Range& range) {
        isEmpty = isEmpty && !value;
        if (value && !std::isinf(*value)) {
            at.number(name, value, range);
        }
    });
    if (isEmpty) {
        at.report(nullptr, say("has no reading"));
    }
}

void PointTaken::write(nlohmann::json& json) const {
    json["point"] = asked.point;
    json["ref"] = asked.ref;
    json["inCircuit"] = reading.inCircuit;
    if (state) {
        json["state"] = set::setStateWords[std::size_t(*state)];
    }
    if (asked.isEarly) {
        json["early"] = true;
    }
    if (reading.switches) {
        json["switches"] = *reading.switches;
    }
    eachNumber(reading, [&](const char* name, const std::optional<double>& value, const format::Range&) {
        if (value) {
            json[name] = std::isinf(*value) ? nlohmann::json(openWord) : nlohmann::json(*value);
        }
    });
}

PointTaken PointTaken::read(format::Fields& fields) {
    PointTaken taken{{fields.text("point"), fields.text("ref"), fields.flag("early", false)}, {}};
    if (fields.has("state")) {
        taken.state = set::SetState(fields.choice("state", set::setStateWords));
    }
    taken.reading.inCircuit = fields.flag("inCircuit", true);
    if (fields.has("switches")) {
        taken.reading.switches = fields.flag("switches", false);
    }
    eachNumber(taken.reading, [&](const char* name, std::optional<double>& value, const format::Range&) {
        value = fields.maybeReading(name, openWord);
    });
    return taken;
}

Text PointTaken::describe(const Scene& scene) const {
    auto words = parts::describe(reading);
    if (state) {
        words = say("{}, {}", words, set::wordsOf(*state));
    }
    if (scene.knowledge.point(asked.point) == nullptr) {
        return words;
    }
    const auto judgement = judge(*this, scene.set, scene.knowledge, {});
    return judgement.grade == Grade::CannotTell ? words : say("{}: {}", words, parts::wordsOf(judgement.grade));
}

double PointTaken::logLikelihood(Explanation& explanation) const {
    /// Of what it would say in time: nothing draws from it yet (common practice, no source).
    constexpr double earlyShare = 0.5;
    constexpr double exactSlipShare = 3e-4;  ///< the wrong part was under the probes
    const auto grade = explanation.board().gradeOf(*this);
    const auto shares = explanation.board().gradeShares(asked);
    if (!shares || grade == Grade::CannotTell) {
        return 0;
    }
    /// That a sound one fails so wholly is as rare again as that it is judged bad.
    const double share = (*shares)[std::size_t(grade)];
    const bool isExact = grade == Grade::Bad && explanation.board().isExact(*this);
    const double log = isExact ? std::log(exactSlipShare + (1 - exactSlipShare) * share * share)
                               : std::log(slipShare / 3 + (1 - slipShare) * share);
    return asked.isEarly ? earlyShare * log : log;
}

parts::PartJudgement judge(const PointTaken& taken, const set::DisplaySet& set, const knowledge::Knowledge& knowledge,
                           const std::vector<PointTaken>& twins) {
    const auto found = std::find_if(set.points.begin(), set.points.end(), [&](const auto& point) {
        return point.kind == taken.asked.point && point.ref == taken.asked.ref;
    });
    std::vector<parts::PartReading> readings;
    for (const auto& twin : twins) {
        if (twin.asked.point == taken.asked.point && twin.asked.ref != taken.asked.ref && !twin.asked.isEarly) {
            readings.push_back(twin.reading);
        }
    }
    const auto& kind = *knowledge.point(taken.asked.point);
    const bool comparesWithTwins = kind.kind < parts::PartKind::Rail;
    auto judgement = parts::judge(kind.kind, found == set.points.end() ? parts::Ratings{} : found->ratings,
                                  taken.reading, comparesWithTwins ? readings : std::vector<parts::PartReading>{});
    if (taken.asked.isEarly && judgement.grade != Grade::Good) {
        judgement = {
            Grade::CannotTell, say("It need not be there yet. Read it again: {}.", set::wordsOf(kind.from)), {}};
    }
    return judgement;
}

}  // namespace dimglow::evidence
