#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/backlight/led.h"
#include "core/parts/offers.h"
#include "core/parts/part_check.h"
#include "core/text/text.h"

/// \file
/// Whether a new LED, strip or part may take the place of the old one: figure by figure. A stronger one may do, a
/// weaker one may not; what nobody has read off is not known, never right.

namespace dimglow::repair {

/// Worst last.
enum class Fit { Fits, FitsWithNote, NotKnown, DoesNot };
/// "fits", "fits, with a note", "not known", "does not fit".
text::Text wordsOf(Fit fit);

/// One figure of an offer against what is needed.
struct Margin {
    text::Text quantity;  ///< "rated current"
    text::Text have;      ///< of the new one
    text::Text need;
    Fit fit = Fit::NotKnown;
    text::Text why;  ///< empty where the figures say it
};
/// The worst of them; Fits where there are none.
Fit verdictOf(const std::vector<Margin>& margins);

/// What an LED is to replace.
struct LedNeed {
    backlight::LedSpec spec;
    std::optional<double> peakAmps;  ///< through it while lit; of a dimmed string the peak, not what a meter shows
    std::string package;
    std::string plusPad;
    std::string white;  ///< its bin
};
/// One margin for each figure that both sides could have; of what is not said, `NotKnown`.
std::vector<Margin> match(const parts::LedOffer& offer, const LedNeed& need);

std::vector<Margin> match(const parts::StripFigures& offer, const parts::StripFigures& need);

/// What a part must stand where it sits, beside what was printed on the old one.
struct Stress {
    std::optional<double> volts;
    std::optional<double> amps;
};
/// Of a diode, MOSFET, capacitor, film capacitor, fuse, zener or resistor: volts 1.25 times and amps 1.5 times the
/// stress (common practice, no source), values like for like.
std::vector<Margin> match(parts::PartKind kind, const parts::Ratings& offer, const parts::Ratings& old,
                          const Stress& stress);

/// Why such a part fails, and what goes with it: to be looked at before the new one goes in (common practice, no
/// source). Empty of others.
text::Text whyItFails(parts::PartKind kind);

}  // namespace dimglow::repair
