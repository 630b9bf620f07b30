#pragma once

#include <boost/container/small_vector.hpp>
#include <compare>
#include <optional>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/backlight/spread.h"
#include "core/circuit/network.h"

/// \file
/// From a backlight with faults and a probe on it to a network that can be solved.

namespace dimglow::backlight {

/// A handheld meter's input (common practice, no source), ohm.
inline constexpr double meterOhms = 10e6;
/// A jumper or an ammeter across an LED, ohm.
inline constexpr double jumperOhms = 0.1;
/// An LED is seen to glow from here on, A through its junction.
inline constexpr double glowAmps = 20e-6;

/// A fault of a single LED, where it sits and how far it has gone.
struct PlacedFault {
    LedPlace place;
    LedFault fault = LedFault::Open;
    FaultSize size = {};
};

/// A series resistance between two LEDs of a string: a joint, trace or plug gone bad. The joints before the first and
/// after the last LED are the harness and the plug on the board: a tester has them in its path only when it tests the
/// whole string, from the board's plug.
struct BadJoint {
    StringRef string;
    int before = 0;  ///< position in the string that the joint stands before; the LED count means at its end
    double ohms = openOhms;
};

/// A path from a string to the metal back of the panel.
struct ChassisLeak {
    StringRef string;
    int before = 0;  ///< position in the string whose incoming side touches; the LED count means LED−
    double ohms = 1;
};

/// Everything wrong with a backlight; empty when it is healthy.
struct Faults {
    std::vector<PlacedFault> leds = {};
    std::vector<BadJoint> joints = {};
    std::vector<ChassisLeak> leaks = {};
    std::vector<int> deadSinks = {};  ///< channels whose sink passes no current
};

/// The same at the strings' working current.
Faults atWork(Faults faults);

/// The channels on one LED+ as a backlight of their own, with what is wrong with them. Strips stay, whoever feeds them.
struct FeedAlone {
    Backlight backlight;
    Faults faults;
    std::vector<int> channels;  ///< their numbers in the whole
};
/// \throws std::out_of_range when there is no such feed
FeedAlone feedAlone(const Backlight& backlight, const Faults& faults, int feed);

/// What a bench tester is set to.
struct TesterSetting {
    double amps = 0.03;
    double limitVolts = 300;
    auto operator<=>(const TesterSetting&) const = default;
};

/// How a tester is put to a string. Its output floats.
struct TesterProbe {
    Run run;
    TesterSetting setting;
    /// Where its minus goes: after the run's last LED, or onto the chassis to find a leak.
    enum class Minus { EndOfRun, Chassis } minus = Minus::EndOfRun;
    bool reversed = false;               ///< plus and minus swapped
    std::vector<LedPlace> bridged = {};  ///< LEDs with a jumper or an ammeter across them
    bool operator==(const TesterProbe&) const = default;
};

/// What a tester across a run shows.
struct TesterReading {
    double volts = 0;
    double amps = 0;  ///< out of the tester, without what its own meter draws
    int lit = 0;      ///< LEDs of the run that glow
};

/// A part of a backlight as a network. LEDs side by side in current that are alike and good may share one diode.
struct LedNetwork {
    circuit::Network network;
    circuit::Node plus = circuit::ground;  ///< the first supply's plus
    std::vector<LedPlace> leds;            ///< in current order, string after string
    std::vector<int> diodeOfLed;           ///< index into network.diodes(); -1 where shorted or open
    std::vector<double> shareOfDiode;      ///< what part of its diode's current each LED carries
    std::vector<circuit::Node> nodeAfter;  ///< the node at each LED's outgoing side; merged LEDs share the last one's
};

/// How finely LEDs become diodes of a network.
enum class Detail {
    EveryLed,  ///< a diode and two nodes for each
    Merged,    ///< equal good LEDs in series or side by side are one diode
};

/// Resistance of wires and contacts between a channel's strings and the board, out and back; 0 when nobody has written
/// it down, ohm.
double harnessOhms(const Backlight& backlight, int channel);

/// A tester and its meter on a run; minus is ground.
LedNetwork buildProbe(const Backlight& backlight, const TesterProbe& probe, const Faults& faults,
                      Detail detail = Detail::EveryLed);

/// Solves buildProbe() and reads it as a person would: an LED glows above glowAmps unless it is dark or shorted.
/// \throws circuit::DidNotSettle
TesterReading testRun(const Backlight& backlight, const TesterProbe& probe, const Faults& faults);
TesterReading testRun(const Backlight& backlight, const Run& run, const Faults& faults, const TesterSetting& tester);

/// The current through the first jumper of \p probe: what an ammeter that bridges an LED shows, A.
/// \pre the probe bridges an LED of its run
double bridgeAmps(const Backlight& backlight, const TesterProbe& probe, const Faults& faults);

/// The channels of one feed in their set: LED+ from ground through every string to the sink of its channel; chassis is
/// ground. A sink passes up to its channel's current and needs DriverSpec::headroomVolts to do so.
struct PanelNetwork : LedNetwork {
    std::vector<circuit::Node> ledMinus;  ///< by channel
    std::vector<int> sinkOfChannel;       ///< index into network.supplies(); LED+'s own is 0
    std::vector<int> channelOfLed;        ///< beside `leds`
};
/// \param limitAmps what the feed gives at most
/// \pre \p backlight has one feed
PanelNetwork buildPanel(const Backlight& backlight, const Faults& onBench, double ledPlusVolts, double limitAmps,
                        Detail detail = Detail::EveryLed);

/// What a channel needs to pass its regulated current.
struct ChannelDemand {
    bool conducts = false;
    double volts = 0;  ///< LED+ to LED− at the channel's current; \p sourceVolts if it does not conduct
    boost::container::small_vector<double, 4> stringAmps;  ///< share of each parallel string, A
    double leakAmps = 0;                                   ///< what goes to the chassis instead of its sink, A
    bool lights = false;                                   ///< at least half of its LEDs glow
    bool sinkIsDead = false;                               ///< it would conduct
    double spreadVolts = 0;  ///< how far its volts may be off, for a fault whose size nobody knows; one sigma
};

/// The current at which a driver gives up, over its regulated one (common practice, no source).
inline constexpr double overCurrentRatio = 2;

/// The channel driven at its current from a source that can reach \p sourceVolts. With a leak to the chassis, the
/// volts are those at which the sink has its current; if the leak takes too much, those at which the driver gives up.
ChannelDemand demandOf(const Backlight& backlight, int channel, const Faults& onBench,
                       double sourceVolts = ceilingVolts);

/// The highest demand of all healthy channels: LED+ to LED− at working current, V.
double healthyStringVolts(const Backlight& backlight);
/// Where the driver of a set with one feed gives up with nothing connected: the larger of label and computed voltage
/// times the ratio, V.
double overVoltageLevel(const Backlight& backlight);

}  // namespace dimglow::backlight
