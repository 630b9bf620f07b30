#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/backlight/led.h"
#include "core/format/problem.h"
#include "core/text/text.h"

namespace dimglow::backlight {

/// A 0-based index of one kind of thing: given for another kind, it does not compile.
template <class Of>
class Index {
public:
    constexpr Index() = default;
    constexpr explicit Index(int value) : value_(value) {}
    constexpr operator int() const { return value_; }  // NOLINT(google-explicit-constructor): reads as a number
    auto operator<=>(const Index&) const = default;

private:
    int value_ = 0;
};

struct Channel;
struct Feed;
using ChannelIndex = Index<Channel>;  ///< into Backlight::channels
using FeedIndex = Index<Feed>;        ///< into Backlight::feeds

/// A point on the panel, mm from its top left corner.
struct PointMm {
    double x = 0;
    double y = 0;
    bool operator==(const PointMm&) const = default;
};

/// How a probe reaches the copper between two LEDs of a strip, in rising trouble.
enum class Access {
    Pads,  ///< bare pads or solder joints
    Mask,  ///< solder mask, to be scraped
    Lens,  ///< only under the lens, which comes off and goes back
};

/// A bar of like LEDs, evenly spaced from its first to its last.
///
/// LEDs stand in `chains` series chains, tied together at the strip's ends: LED 1 … leds/chains are the first chain.
/// In a single chain, `parallel` neighbours share each step: LED 1 and 2 are the first pair of a "2P" strip.
struct Strip {
    std::string label;  ///< "A", "B" …, as written on the report and the map
    int leds = 0;
    LedSpec led;
    PointMm first;  ///< centre of LED 1
    PointMm last;   ///< centre of the last LED
    int parallel = 1;
    int chains = 1;
    Access access = Access::Pads;
    std::string connector;  ///< what its plug looks like and which side it is, in the technician's words
    bool operator==(const Strip&) const = default;
};

/// A strip's place in a string: all of it, or every `step`-th LED from `first` to `last`, as in a bar that is fed from
/// both ends or shared by several strings. Current enters at the lowest LED, or at the highest when `reversed`.
struct StripInString {
    int strip = 0;  ///< index into Backlight::strips
    bool reversed = false;
    int first = 0;  ///< 0-based
    int last = -1;  ///< -1: through the last LED of the strip
    int step = 1;
    bool operator==(const StripInString&) const = default;
};

/// LEDs electrically in series, strip after strip, joined by plugs.
struct String {
    std::vector<StripInString> strips;
    bool operator==(const String&) const = default;
};

/// One driver output with its return: strings in parallel at a regulated current.
struct Channel {
    std::string label;
    std::vector<String> strings;
    std::optional<double> amps;  ///< that the driver regulates, all strings together, A; empty while nobody knows it
    int feed = 0;                ///< whose LED+ its strings hang on; index into Backlight::feeds

    /// Of a string, where anybody knows it.
    std::optional<double> stringAmps() const;
    /// Of a string as many have it, where a circuit needs a number all the same (common practice, no source).
    double someStringAmps() const { return stringAmps().value_or(0.24); }
    double someAmps() const { return amps.value_or(0.24 * double(strings.size())); }
    bool operator==(const Channel&) const = default;
};

/// One LED+ of the board, with what is printed beside it.
struct Feed {
    std::optional<double> labelVolts;  ///< beats a computed value
    bool operator==(const Feed&) const = default;
};

/// What is known of the LED driver before any reading; empty is what nobody has read off.
struct DriverSpec {
    std::optional<double> idleVolts;      ///< LED+ while not switching: its input rail through coil and diode, V
    std::optional<double> ovpRatio;       ///< over-voltage level over string voltage
    std::optional<double> headroomVolts;  ///< left on LED− for the current sink, V
    bool operator==(const DriverSpec&) const = default;

    // A driver like many, where a circuit needs a number all the same (common practice, no source).
    double someIdleVolts() const { return idleVolts.value_or(24); }
    double someOvpRatio() const { return ovpRatio.value_or(1.25); }
    double someHeadroomVolts() const { return headroomVolts.value_or(0.7); }
};

/// One pin of the plug between board and strips.
struct HarnessPin {
    enum class Role { Unused, LedPlus, LedMinus };
    Role role = Role::Unused;
    int channel = 0;     ///< only of LedMinus
    std::string colour;  ///< of its wire; says nothing about polarity
    double ohms = 0;     ///< of wire and contact
    bool operator==(const HarnessPin&) const = default;
};

/// A display's backlight as wired. Channels share the LED+ of their feed, each has a sink of its own; each feed has a
/// driver stage of its own, all on one supply.
///
/// While nobody has described the strips, they and the channels are stand-ins: enough of them to compute with, nothing
/// that may be shown, asked about, priced or written to a file.
struct Backlight {
    std::optional<double> widthMm = {};  ///< of the panel; empty while nobody has measured it
    std::optional<double> heightMm = {};
    std::vector<Strip> strips = {};
    std::vector<Channel> channels = {};
    DriverSpec driver = {};
    std::vector<Feed> feeds = {Feed{}};      ///< at least one; each has a channel
    std::vector<HarnessPin> harness = {};    ///< empty when nobody has written it down
    double celsius = 25;                     ///< of the LEDs while they are measured
    std::vector<CurvePoint> ledPoints = {};  ///< readings of a good LED that the curves of all strips were fitted to
    bool isDescribed = true;                 ///< somebody has said what strips there are

    /// The panel as it is drawn: its size, or one like many.
    double drawnWidthMm() const { return widthMm.value_or(940); }
    double drawnHeightMm() const { return heightMm.value_or(530); }
    int ledCount() const;
    bool operator==(const Backlight&) const = default;
};

/// One LED by where it sits.
struct LedPlace {
    int strip = 0;
    int led = 0;  ///< 0-based from LED 1
    bool operator==(const LedPlace&) const = default;
    auto operator<=>(const LedPlace&) const = default;
};

/// "B7".
std::string nameOf(const Backlight& backlight, LedPlace place);
/// Centre of the LED on the panel.
PointMm positionOf(const Backlight& backlight, LedPlace place);

/// One string of a backlight.
struct StringRef {
    int channel = 0;
    int string = 0;
    bool operator==(const StringRef&) const = default;
    auto operator<=>(const StringRef&) const = default;
};

/// Consecutive LEDs of a string in current order, both ends included.
struct Run {
    StringRef string;
    int first = 0;
    int last = 0;
    int count() const { return last - first + 1; }
    bool contains(int position) const { return first <= position && position <= last; }
    bool operator==(const Run&) const = default;
    auto operator<=>(const Run&) const = default;
};

/// Every string in channel order.
std::vector<StringRef> stringsOf(const Backlight& backlight);
/// \pre \p ref is one of stringsOf(); valid as long as \p backlight is neither changed nor gone
const String& stringAt(const Backlight& backlight, StringRef ref);
/// The LEDs of a string in the order the current passes them.
std::vector<LedPlace> ledsInOrder(const Backlight& backlight, StringRef ref);
/// From the first LED that the current passes to the last: what a tester sees at the plug.
Run wholeString(const Backlight& backlight, StringRef ref);
/// The runs on the strips of a string, in current order.
std::vector<Run> partsOf(const Backlight& backlight, StringRef ref);
/// The runs that a strip holds, one for each string that passes it.
std::vector<Run> runsOnStrip(const Backlight& backlight, int strip);
/// The first of runsOnStrip(): all of the strip, unless several strings share it.
/// \throws std::out_of_range when no string runs through it.
Run wholeStrip(const Backlight& backlight, int strip);
/// The shortest run that can be probed and holds LEDs \p firstLed to \p lastLed of a strip, in whichever direction the
/// current passes them; what lies in another string than the first LED is left out.
/// \throws std::out_of_range when no string runs through the strip
Run runOnStrip(const Backlight& backlight, int strip, int firstLed, int lastLed);
/// Widens a run until it starts and ends at copper that a probe can reach electrically: whole pairs of a 2P strip, one
/// chain of a strip with several, or the strip as a whole.
Run probeable(const Backlight& backlight, Run run);

/// LEDs in a row, or rows of LEDs that stand side by side: `branches` in parallel, each a series of `length` LEDs at
/// positions of the string that follow each other.
struct Section {
    int first = 0;  ///< position of its first LED
    int branches = 1;
    int length = 1;
    /// Position of the first LED of a branch; that of branch `branches` lies behind the section.
    int startOf(int branch) const { return first + branch * length; }
    int end() const { return startOf(branches); }
};
/// The sections of \p run in current order. A run within one chain has that chain only.
/// \pre \p run is probeable()
std::vector<Section> sectionsOf(const Backlight& backlight, const Run& run);

/// "strip B", "B1 … B6", "A1 … B12", "all of channel 1": as short as it can be said.
text::Text nameOf(const Backlight& backlight, const Run& run);

/// The run that a person names: "B", "B7", "B1-B6" (also with "…"), "strip B", "channel 1"; case does not matter.
/// Empty when there is none; LEDs of different strings make none.
std::optional<Run> runNamed(const Backlight& backlight, std::string_view name);

/// Hangs a channel on LED+ of \p feed; the next number makes a new one. A feed that it leaves without a channel goes.
/// \throws std::out_of_range when there is no such channel or feed
Backlight withChannelFed(Backlight backlight, ChannelIndex channel, FeedIndex feed);

/// Moves a strip to the end of string \p target, or into a new channel with the string current of the first when empty;
/// strings and channels that it leaves empty go, with their share of the current. The strip is passed the other way
/// round when that puts its near end to the end of the string before it. \throws std::out_of_range when there is no
/// such strip or string
Backlight withStripMoved(Backlight backlight, int strip, std::optional<StringRef> target);
/// The same backlight with one strip passed the other way round.
Backlight withStripTurned(Backlight backlight, int strip);

/// Every rule and limit that \p backlight breaks: what limits.h says, no strips, a strip in no string or in two, an LED
/// in no string or in two, pairs that do not come out even. Empty when it can be computed with and written to a file.
std::vector<format::Problem> problemsOf(const Backlight& backlight);

/// What the wire colours must not be taken for: one sentence for each pin whose colour misleads (black on LED+, red on
/// LED−). Polarity is measured or read from the board, never taken from colour (common practice, no source).
std::vector<text::Text> misleadingColours(const Backlight& backlight);

}  // namespace dimglow::backlight
