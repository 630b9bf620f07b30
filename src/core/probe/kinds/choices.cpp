#include "core/probe/kinds/choices.h"

#include "core/probe/kinds/alike.h"

namespace dimglow::probe {

std::vector<Choices> Choices::askable(Desk& desk) {
    std::vector<Choices> askable;
    for (const auto* test : desk.tests(knowledge::Form::Choices)) {
        if (desk.suitsLight(*test) && job::isDue(*test, desk.standing())) {
            askable.push_back({test});
        }
    }
    return askable;
}

evidence::Question Choices::question() const {
    return evidence::Answer::Question{test->id};
}

Probe Choices::probe(const Desk& desk) const {
    return desk.start(*test, question());
}

Predicted Choices::predict(Desk& desk) const {
    std::vector<const text::Text*> words;
    for (const auto& choice : test->choices) {
        words.push_back(&choice.title);
    }
    return predictAlike(desk, words, [&](const reasoning::Explained& explained, std::size_t choice) {
        return explained.answerShare(test->id, test->choices[choice].id).value_or(0);
    });
}

}  // namespace dimglow::probe
