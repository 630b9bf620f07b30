#include "core/evidence/lamps_seen.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/evidence/limits.h"

namespace dimglow::evidence {

using lamps::Look;
using text::say;
using text::Text;

void LampsSeen::check(const format::Check& at, const Places&) const {
    at.count("looks", looks.size(), limits::lamps);
    if (std::all_of(looks.begin(), looks.end(), [](Look look) { return look == Look::Unknown; })) {
        at.report("looks", say("says of no lamp how it looks"));
    }
}

void LampsSeen::write(nlohmann::json& json) const {
    auto& words = json["looks"] = nlohmann::json::array();
    for (const auto look : looks) {
        words.push_back(lamps::lookWords[std::size_t(look)]);
    }
}

LampsSeen LampsSeen::read(format::Fields& fields) {
    LampsSeen seen;
    fields.forEachText("looks", limits::lamps, [&](const std::string& word, const std::string& path) {
        const auto found = std::find(lamps::lookWords.begin(), lamps::lookWords.end(), word);
        if (found == lamps::lookWords.end()) {
            throw format::FormatError(path, "\"" + word + "\" is no look of a lamp");
        }
        seen.looks.push_back(Look(found - lamps::lookWords.begin()));
    });
    return seen;
}

Text LampsSeen::describe(const Scene&) const {
    std::vector<Text> words;
    for (const auto look : {Look::Dark, Look::Flickers, Look::DimEnds, Look::Reddish}) {
        std::vector<Text> numbers;
        for (std::size_t lamp = 0; lamp < looks.size(); ++lamp) {
            if (looks[lamp] == look) {
                numbers.push_back(text::name(std::to_string(lamp + 1)));
            }
        }
        if (!numbers.empty()) {
            words.push_back(say("{}: {}", lamps::wordsOf(look), text::joined(numbers)));
        }
    }
    if (const auto lit = std::count(looks.begin(), looks.end(), Look::Lit); lit > 0) {
        words.push_back(say("{} lit", std::size_t(lit)));
    }
    return text::joined(words, "; ");
}

double LampsSeen::logLikelihood(Explanation& explanation) const {
    const auto trouble = explanation.board().lampTrouble(int(looks.size()));
    if (!trouble) {
        return 0;
    }
    const auto likelihoods = likelihoodsByExtent(*trouble);
    return std::log(std::inner_product(likelihoods.begin(), likelihoods.end(), trouble->extents.begin(), 0.0));
}

lamps::ByExtent LampsSeen::likelihoodsByExtent(const lamps::Trouble& trouble) const {
    /// A look at another set, or through the wrong hole: as anything may look.
    const auto seen = std::count_if(looks.begin(), looks.end(), [](Look look) { return look != Look::Unknown; });
    const double guess = std::pow(1.0 / (lamps::lookCount - 1), double(seen));
    auto likelihoods = lamps::likelihoods(looks, trouble);
    for (double& likelihood : likelihoods) {
        likelihood = slipShare * guess + (1 - slipShare) * likelihood;
    }
    return likelihoods;
}

}  // namespace dimglow::evidence
