#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/text/text.h"
#include "core/typing/tongue.h"
#include "core/typing/units.h"

/// \file
/// Every calculation of the bench on its own, without a job: what it asks for, and what comes of it.
///
///     const auto& boost = *sums::find("boost");
///     const auto answer = sums::work(boost, {{"vin", 24}, {"vout", 62}, …});

namespace dimglow::sums {

/// One number that a sum asks for.
struct Asked {
    std::string id;  ///< as the command line calls it: "vin"
    text::Text name;
    typing::Unit unit = typing::Unit::None;
    std::string unitWord;  ///< that a bare number counts in: "µH"
    double scale = 1;      ///< of unitWord, to SI
    double low = 0;        ///< SI
    double high = 0;
    bool isNeeded = true;
    std::optional<double> usual = {};  ///< taken where nothing was typed, and said so; SI
};

/// By id, SI.
using Given = std::map<std::string, double>;

/// One figure of an answer.
struct Result {
    std::string id;
    text::Text name;
    double value = 0;  ///< SI
    text::Text words;  ///< "1.52 A"
};

/// What comes of a sum, or what it lacks.
struct Answer {
    std::vector<Result> results;
    std::vector<text::Text> notes;
    std::vector<text::Text> assumed;  ///< "efficiency 90 %"
    text::Text missing;               ///< what is still to be typed, or why there is no answer; empty when there is one
};

/// How a sum is drawn.
enum class Picture { None, Boost, Divider, Sense, Set, Winding, Start, Discharge, Stack, Lamp };

/// A calculation of the bench: what it asks for, and what works it out.
struct Sum {
    std::string id;
    text::Text title;
    std::string formula;  ///< the same in every language
    Picture picture = Picture::None;
    std::vector<Asked> asked;
    Answer (*work)(const Given&) = nullptr;
};

/// In the order that they are offered.
const std::vector<Sum>& all();
/// Null when there is none of that id.
const Sum* find(std::string_view id);

/// Works a sum out from what was given and what is usual. A number out of its bounds, or a result that is none, leaves
/// no answer and says why.
Answer work(const Sum& sum, const Given& given);

/// Reads a number as it is typed for one of them: "47", "47u", "47 µH", "4k7".
std::variant<double, text::Text> readTyped(const Asked& of, std::string_view text,
                                           typing::Tongue tongue = typing::Tongue::English);

/// A number that was asked for, in its unit.
text::Text wordsOf(const Asked& of, double value);

/// "1.52 A", "47.0 µH", "0.13 Ω": three figures and a prefix.
text::Text inUnits(double value, typing::Unit unit);

}  // namespace dimglow::sums
