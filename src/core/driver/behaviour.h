#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/driver/shape.h"

/// \file
/// How a driver's side of the plug behaves, as data: read from the knowledge files, never written in code.

namespace dimglow::driver {

/// A voltage of the set that others are shares of; what a meter makes of a hunting output is one, LED− of a healthy
/// channel another, and how high LED+ gets on a supply too weak for its strings a third.
enum class Reference { Nothing, Idle, Strings, OverVolts, Hunting, Sink, Reach };
inline constexpr int referenceCount = 7;
/// Their words in files.
inline const std::vector<const char*> referenceWords = {"nothing", "idle", "strings", "overVolts",
                                                        "hunting", "sink", "reach"};

/// A voltage as a share of another: `times` · reference + `plus`. Readings of it scatter by `spread` · reference +
/// `spreadVolts` (one sigma), beside what is not known of the reference.
struct Level {
    Reference of = Reference::Nothing;
    double times = 1;
    double plus = 0;  ///< V
    double spread = 0;
    double spreadVolts = 0;  ///< V
    double stringShare = 0;  ///< of the strings' volts, on top
    int feed = 0;            ///< whose strings
    /// LED+ or LED− while strings have their current: in a set that holds LED+ at a level of its own, lit or not, it is
    /// that level with `heldShare` of the strings' volts on top instead.
    bool isRegulated = false;
    double heldShare = 0;
    bool operator==(const Level&) const = default;
};

/// What a driver does when it cannot run its strings, and what a meter makes of that. A set has a manner of its own:
/// what it has shown at LED+ or at LED− once it shows again.
enum class Manner {
    None,
    Settles,   ///< LED+ peaks, and falls for good
    Wanders,   ///< it tries for ever
    Flutters,  ///< the same, too fast for a meter to show how high
    Averages,  ///< it tries so fast that the meter stands still
    Clamps,    ///< it holds the over-voltage level
    Holds,     ///< it holds less than that
    Stays,     ///< at idle
    // What LED− of a lit channel shows once the light has gone.
    SinkHolds,
    SinkSettles,
    SinkWanders,
    SinkFloats,
    SinkIsDark,
};
/// LED+ and LED−.
inline constexpr int mannerKinds = 2;
/// Which of them it is about. \pre it is not None
constexpr int kindOf(Manner manner) {
    return manner < Manner::SinkHolds ? 0 : 1;
}

/// One way a voltage may show itself.
struct ModeKind {
    double weight = 1;
    Shape shape = Shape::Steady;
    Level volts;  ///< the steady value, the peak, or the top of the wander
    Level rest;   ///< where it settles, or the bottom of the wander; equals `volts` when steady
    Manner manner = Manner::None;
    bool operator==(const ModeKind&) const = default;
};
/// The weights add up to 1.
using Modes = std::vector<ModeKind>;

/// The manner that a mode of LED+ stands for.
Manner mannerOfOutput(const ModeKind& mode);
/// The manner that a mode of LED− is a sign of.
Manner mannerOfSink(const ModeKind& mode);

/// What a fault makes of a driver that suits its set, when it is played in time.
struct StageChange {
    double supplyTimes = 1;         ///< on B+
    bool switches = true;           ///< its IC and power parts work
    bool asked = true;              ///< BL_ON is there
    double dim = 1;                 ///< 0: asked, but for no light
    std::optional<double> reaches;  ///< share of the strings' power that it gives before its supply drops out
    double supplyFaradsTimes = 1;   ///< on the supply's capacitors
    double overVoltsTimes = 1;      ///< on the over-voltage level
    double overCurrentTimes = 1;    ///< on the current at which it gives up
    bool operator==(const StageChange&) const = default;
};

/// Tests of the knowledge files whose answers hang on how driver and strings get on.
inline constexpr const char* ledPlusIdle = "ledPlusIdle";
inline constexpr const char* ledPlusOn = "ledPlusOn";
inline constexpr const char* ledPlusPlugOut = "ledPlusPlugOut";  ///< with nothing that takes a current
inline constexpr const char* ledMinus = "ledMinus";

/// A voltage of the board by the test that reads it.
struct Voltage {
    std::string test;
    Modes modes;
    bool operator==(const Voltage&) const = default;
};

/// A way in which the driver's side behaves, healthy or not. All voltages against ground, DC.
struct Behaviour {
    std::string id;
    bool drivesStrings = false;  ///< what LED+, the light and LED− do at switch-on is up to the strings
    std::vector<Voltage> volts;  ///< ledPlusOn is missing when it is up to the strings
    LightForecast light;
    double hidesLight = 0;  ///< share of cases in which the glass stays dark before LEDs that are lit
    /// Light is asked for and fails: a main board that watches it may take the whole set down.
    bool isNoticed = false;
    StageChange stage;

    /// Null when it is up to the strings, or no voltage.
    const Voltage* voltage(const std::string& test) const;
    /// Whether a reading of \p test can be forecast.
    bool forecasts(const std::string& test) const;
    /// Whether no test could tell them apart.
    bool looksLike(const Behaviour& other) const;
};

}  // namespace dimglow::driver
