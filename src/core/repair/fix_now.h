#pragma once

#include <optional>
#include <string>

#include "core/repair/options.h"

namespace dimglow::repair {

/// A repair that costs less than knowing whether it is the right one.
struct FixNow {
    std::string repair;  ///< its id
    text::Text title;
    double mends = 0;  ///< chance that it does
};

/// The repair to be done rather than one more probe: what is lost when it is not the right one costs less than the
/// probe's \p minutes. Only what leaves the panel closed.
std::optional<FixNow> fixNow(const FixPlan& plan, const knowledge::Knowledge& trade, const job::Bench& bench,
                             double minutes);

}  // namespace dimglow::repair
