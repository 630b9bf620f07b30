#pragma once

#include <vector>

#include "core/driver/output_stage.h"
#include "core/reasoning/belief.h"

/// \file
/// Which LEDs are faulty, as far as that is sure, and what the likeliest explanation makes of the set.

namespace dimglow::findings {

inline constexpr double sureShare = 0.9;  ///< an LED is located from here on, a part of a board named

/// A LED that is known to be faulty.
struct Located {
    backlight::LedPlace place;
    backlight::LedFault fault = backlight::LedFault::Open;  ///< what it most likely is
    double share = 0;                                       ///< how likely it is that
};

/// The explanation that fits best, as circuit; where its LEDs are not told apart yet, any of them. Its driver idles as
/// far as that is known.
struct Likeliest {
    text::Text title;
    int feed = 0;                    ///< where it shows itself; of several the first
    driver::StageChange driver;      ///< what is wrong on its side of the plug
    backlight::Backlight backlight;  ///< with a strip of another type where it has one
    backlight::Faults strings;
    int suspect = 0;                ///< into Knowledge::suspects
    int failedCount = 0;            ///< faulty LEDs, also when their places are not known yet
    std::vector<int> failedStrips;  ///< rising
    bool isOfBothSides = false;     ///< the suspect is of the boards, and there are faulty LEDs as well
    double suspectShare = 0;        ///< of all explanations with it
};
/// \pre the belief holds an explanation
Likeliest likeliestOf(reasoning::Model& model, const reasoning::Belief& belief);

/// Where faulty LEDs are.
struct Places {
    strings::LedShares shares;     ///< how likely each is faulty
    std::vector<Located> located;  ///< those that are for sure
};
/// Where a step of LEDs side by side is open, all of them are faulty, whichever stands for it.
Places placesOf(const reasoning::Model& model, const reasoning::Belief& belief);

/// The places alone.
std::vector<backlight::LedPlace> ledsOf(const std::vector<Located>& located);

/// "Open LED A3; Shorted LED A4, A7": the located LEDs by what is wrong with them, as far as that is sure. One that is
/// faulty in whatever way is mended by the same repair.
text::Text titleOf(const reasoning::Model& model, const std::vector<Located>& located);

/// Whether it is as good as sure that no LED is faulty but those located.
bool holdsNothingElse(const reasoning::Model& model, const reasoning::Belief& belief,
                      const std::vector<Located>& located);

/// Strips of an open panel that no tester has lit as a whole, and of one with an open LED what lies on either side of
/// it: a minute each, before the panel is closed over a second fault (common practice, no source).
std::vector<backlight::Run> untestedRuns(const job::Job& job, const reasoning::Model& model,
                                         const std::vector<Located>& located);

/// LEDs that nobody has seen dark or put to the test by themselves: one that was only called dim, or is left over when
/// the others are sound, is tested on its own before it is named (common practice, no source). Of more than two none:
/// these are a strip's trouble.
std::vector<backlight::LedPlace> unprovenLeds(const reasoning::Model& model, const std::vector<Located>& located);

}  // namespace dimglow::findings
