#include "core/evidence/answer.h"

#include <algorithm>
#include <cmath>

#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::Text;

void Answer::check(const format::Check& at, const Places&) const {
    at.text("test", test, limits::word);
    at.text("choice", choice, limits::word);
}

void Answer::write(nlohmann::json& json) const {
    json["test"] = test;
    json["choice"] = choice;
}

Answer Answer::read(format::Fields& fields) {
    Answer answer;
    answer.test = fields.text("test");
    answer.choice = fields.text("choice");
    return answer;
}

Text Answer::title(const Scene& scene) const {
    return titleOfTest(test, scene);
}

Text Answer::describe(const Scene& scene) const {
    const auto* known = scene.knowledge.test(test);
    for (const auto& one : known == nullptr ? std::vector<knowledge::Choice>{} : known->choices) {
        if (one.id == choice) {
            return one.title;
        }
    }
    return text::name(choice);
}

/// Only where some fault of single LEDs answers in its own way.
bool Answer::touches(int, const locate::CellPartition&, const Scene& scene) const {
    const auto& suspects = scene.knowledge.suspects;
    return std::any_of(suspects.begin(), suspects.end(), [&](const auto& suspect) {
        return knowledge::ledFaultOf(suspect.strings) && suspect.answers.contains(test);
    });
}

double Answer::logLikelihood(Explanation& explanation) const {
    const auto share = explanation.answerShare(test, choice);
    return share ? std::log(slipShare + (1 - slipShare) * *share) : 0;
}

}  // namespace dimglow::evidence
