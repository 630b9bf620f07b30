#pragma once

#include <string>
#include <vector>

#include "core/hands/trade.h"

/// \file
/// Closing is the list reversed, with every count checked.

namespace dimglow::hands {

/// One step of closing: a layer that goes back, or something to be looked at before the next one does.
struct ClosingStep {
    enum class State { Ahead, Due, Done, Bad };
    int layer = 0;                     ///< its id; 0 of a check
    const CheckKind* check = nullptr;  ///< of the trade that it was made of; null of a layer
    text::Text title;
    State state = State::Ahead;
};

/// What came out and is not back, though its layer is.
struct Remainder {
    int layer = 0;
    int item = 0;
    int left = 0;
    bool isCounted = true;  ///< false: nobody has counted them back in
    text::Text words;       ///< "2 × M3×8 left over: last used at back, around the edge"
};

/// The set on its way back together.
struct Closing {
    std::vector<ClosingStep> steps;     ///< from the LEDs outwards; only of layers that were off
    std::vector<Remainder> remainders;  ///< neither back, broken nor signed off
    std::vector<text::Text> open;       ///< what stands against handing it back, in sentences
    /// The layer that goes back next, its id; 0 when all are on.
    int next = 0;
};

/// \param light what lights the set: it decides which checks there are
Closing closingOf(const Opening& opening, const Trade& trade, set::LightKind light);

/// The tick of something done, as far as it still counts: nothing has been taken off since that lies in its way.
const Tick* tickOf(const Opening& opening, const std::string& what);

/// What was looked at on the closed set and came out wrong or is still to be looked at.
std::vector<const LookKind*> looksOpen(const Opening& opening, const Trade& trade);

/// Work by the clock: from tick to tick. Gaps of more than half an hour count only as far as somebody has said that
/// they were work.
struct TimeTaken {
    double minutes = 0;
    int unsaid = 0;         ///< long gaps that nobody has spoken of
    int firstUnsaid = -1;   ///< the tick behind the first of them, into Opening::ticks
    double gapMinutes = 0;  ///< of that one
};
/// A longer one is asked about.
inline constexpr double longestGapMinutes = 30;
/// \param ticks in the order of time
TimeTaken timeTaken(const std::vector<Tick>& ticks);

}  // namespace dimglow::hands
