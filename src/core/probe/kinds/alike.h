#pragma once

#include "core/probe/kind.h"
#include "core/reasoning/explained.h"

namespace dimglow::probe {

/// What classes of explanations say of a question with a few answers.
/// \param words of the answers; they must outlive the desk
/// \param shareOf of an answer under one explanation, called with it and the answer's index
template <class ShareOf>
Predicted predictAlike(Desk& desk, const std::vector<const text::Text*>& words, ShareOf shareOf) {
    const auto& explanations = desk.explanations();
    Predicted predicted{{}, explanations.alike()};
    predicted.prediction.reserve(explanations.alike().shares.size());
    std::vector<Mode> modes(words.size());
    for (std::size_t c = 0; c < explanations.alike().shares.size(); ++c) {
        for (std::size_t answer = 0; answer < words.size(); ++answer) {
            modes[answer] = {0, {}, 0, 1, -1, words[answer]};
        }
        for (const auto& [member, share] : explanations.membersOf(c)) {
            const reasoning::Explained explained(desk.model(), explanations.all()[member]);
            for (std::size_t answer = 0; answer < words.size(); ++answer) {
                modes[answer].weight += shareOf(explained, answer) * share / explanations.alike().shares[c];
            }
        }
        predicted.prediction.add(modes);
    }
    return predicted;
}

/// What every explanation says by itself.
/// \param modesOf under one explanation, called with it: a mode or a span of modes
template <class ModesOf>
Predicted predictEach(Desk& desk, ModesOf modesOf) {
    const auto& explanations = desk.explanations();
    Predicted predicted{{}, explanations.each()};
    predicted.prediction.reserve(explanations.size());
    for (const auto& hypothesis : explanations.all()) {
        predicted.prediction.add(modesOf(hypothesis));
    }
    return predicted;
}

}  // namespace dimglow::probe
