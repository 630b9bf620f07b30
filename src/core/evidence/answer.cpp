#include "core/evidence/answer.h"

#include <algorithm>
#include <cmath>

#include "core/evidence/limits.h"

namespace dimglow::evidence {

using text::say;
using text::Text;

void Answer::check(const format::Check& at, const Places&) const {
    at.text("test", test, limits::word);
    at.text("choice", choice, limits::word);
    at.number("number", number, limits::number);
    at.text("detail", detail, limits::word);
}

void Answer::write(nlohmann::json& json) const {
    json["test"] = test;
    json["choice"] = choice;
    if (number) {
        json["number"] = *number;
    }
    if (!detail.empty()) {
        json["detail"] = detail;
    }
}

Answer Answer::read(format::Fields& fields) {
    Answer answer;
    answer.test = fields.text("test");
    answer.choice = fields.text("choice");
    answer.number = fields.maybeNumber("number");
    answer.detail = fields.text("detail", "");
    return answer;
}

Text Answer::title(const Scene& scene) const {
    return titleOfTest(test, scene);
}

Text Answer::describe(const Scene& scene) const {
    const auto* known = scene.knowledge.test(test);
    const auto* one = known == nullptr ? nullptr : known->choice(choice);
    Text words = one == nullptr ? text::name(choice) : one->title;
    if (number && known != nullptr) {
        words = known->unit.empty() ? say("{}, {:.0f} times", words, *number)
                                    : say("{:.1f} {}: {}", *number, known->unit, words);
    }
    return detail.empty() ? words : say("{}, {}", words, Text(detail, {}));
}

/// Only where some fault of single LEDs answers in its own way.
bool Answer::touches(int, const locate::CellPartition&, const Scene& scene) const {
    const auto& suspects = scene.knowledge.suspects;
    return std::any_of(suspects.begin(), suspects.end(), [&](const auto& suspect) {
        return knowledge::ledFaultOf(suspect.strings) && suspect.answers.contains(test);
    });
}

double Answer::logLikelihood(Explanation& explanation) const {
    const auto share = explanation.board().answerShare(test, choice);
    return share ? std::log(slipShare + (1 - slipShare) * *share) : 0;
}

}  // namespace dimglow::evidence
