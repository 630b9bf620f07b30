#pragma once

#include <algorithm>
#include <cmath>

namespace dimglow::virtualset {

/// One lambda a kind of question.
template <class... Answer>
struct Answers : Answer... {
    using Answer::operator()...;
};
template <class... Answer>
Answers(Answer...) -> Answers<Answer...>;

/// As a handheld meter shows them.
inline double roundedVolts(double volts) {
    return std::round(std::max(0.0, volts) * 10) / 10;
}

}  // namespace dimglow::virtualset
