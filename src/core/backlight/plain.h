#pragma once

#include <string>
#include <string_view>
#include <variant>

#include "core/backlight/backlight.h"
#include "core/typing/clause.h"

/// \file
/// Backlights of equal strips, and the one line that describes them.

namespace dimglow::backlight {

/// What a person needs to say of a backlight whose strips are alike.
struct PlainDescription {
    enum class Edge { None, Bottom, Top };

    int strips = 4;
    int ledsPerStrip = 12;
    int rightLeds = 0;  ///< when positive, each row is a left strip of ledsPerStrip and a right one of these
    LedSpec led;
    std::optional<double> amps;  ///< per string, A
    int stripsPerString = 4;     ///< strips in series; the rest form further strings
    int stringsPerChannel = 1;   ///< strings in parallel on one sink
    int parallel = 1;
    int chains = 1;
    bool fedFromBothEnds = false;  ///< each strip is two strings, one from each end
    Edge edge = Edge::None;        ///< bars along an edge instead of rows over the panel
    Access access = Access::Pads;
    std::string connector;
    double pitchMm = 0;                  ///< 0: spread over the panel
    std::vector<Feed> feeds = {Feed{}};  ///< LED+ of the board; the channels are shared out over them in order
    std::optional<double> idleVolts;
    std::optional<double> widthMm;
    std::optional<double> heightMm;
    double celsius = 25;  ///< this and what follows is kept, not said in the line
    std::vector<HarnessPin> harness = {};
    std::vector<CurvePoint> ledPoints = {};
    bool isDescribed = true;  ///< when not, only label, idle volts, temperature and pins are known
};

/// A set of which nobody has seen the strips, with so many LED+ on its board.
PlainDescription undescribed(int feeds = 1);

/// Lays strips out as rows over the panel, or as bars along an edge, wired in a serpentine, each string on a channel of
/// its own unless strings share one.
Backlight plainBacklight(const PlainDescription& description);

/// Returns that a plug has, each of a channel of its own; 0 where it does not tell: no pins, or several that nobody has
/// numbered, which may be one return on many pins or many returns.
int returnsOf(const std::vector<HarnessPin>& plug);

/// \p backlight with such a plug. Where nobody has described the strips, its returns say how many strings there are.
Backlight withPlug(const Backlight& backlight, const std::vector<HarnessPin>& pins);

/// The channels of \p backlight shared out over so many LED+ in order; labels stay with their LED+.
Backlight withFeeds(const Backlight& backlight, int feeds);

// clang-format off
/// Reads a line such as "4 strips × 12, 3 V, 240 mA, one string". Parts come in any order, separated by commas or
/// spaces:
///
///     4 strips × 12, 4x12    rows of 12 LEDs
///     3 rows × 5 + 6         in each row a left strip of 5 and a right one of 6
///     3 V, 6.4 V             class, or rated volts of the LED; "rated 350 mA"
///     240 mA                 current of a string
///     one string             all strips in series
///     2 strings              shared out, a channel each; "in parallel": on one channel
///     2 strips per string    also "each its own string", "2 strings per channel"
///     2P                     pairs side by side
///     2 chains               series chains tied at the strip's ends
///     fed from both ends     two strings in each strip
///     bottom edge            bars along an edge; also "top edge"
///     bare pads              how a probe gets at it; also "under mask", "under lenses"
///     label 146 V            beside LED+ on the board; "labels 146 and 92 V" with two
///     2 feeds                the board has two LED+
///     idle 48 V              LED+ before switch-on
///     940 × 530 mm           the panel
///     pitch 75 mm            from LED to LED
///     plug 2-pin white       what the connector looks like
///
/// Units may be left out where there is no doubt, small numbers written out, A said for mA. What a line says twice and
/// differently is refused, as is what does not come out even. What it does not say stays as in \p base, which it
/// describes as soon as it says how many LEDs there are.
std::variant<PlainDescription, typing::LineProblem> readLine(std::string_view line, const PlainDescription& base = {},
                                                             typing::Tongue tongue = typing::Tongue::English);
// clang-format on

/// The line that readLine() would read back.
std::string lineOf(const PlainDescription& description);

/// The plain description of a backlight, if it has one that makes exactly this; of strips that nobody has
/// described, what is known all the same.
std::optional<PlainDescription> plainDescriptionOf(const Backlight& backlight);

}  // namespace dimglow::backlight
