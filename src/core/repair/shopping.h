#pragma once

#include <string>
#include <vector>

#include "core/repair/options.h"

namespace dimglow::repair {

/// One thing to buy, or to have at hand.
struct ShoppingLine {
    text::Text what;
    int count = 1;
    std::vector<text::Text> figures;  ///< that must match
    text::Text note;
    bool beforeOpening = false;  ///< to be here before the glass is opened
};

/// Everything that an option needs, what was found bad on the way with it. Empty where nothing is bought.
std::vector<ShoppingLine> shoppingList(const job::Job& job, const knowledge::Knowledge& trade,
                                       const Diagnosis& diagnosis, const std::string& option);

/// The list as CSV (RFC 4180), a header first: what, count, figures, note, before opening.
std::string shoppingCsv(const std::vector<ShoppingLine>& lines, const text::Language& language);

}  // namespace dimglow::repair
