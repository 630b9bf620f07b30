#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/set/display_set.h"
#include "virtualset/draw.h"
#include "virtualset/sealed_set.h"

/// \file
/// A second family of sets with a hidden fault. Its boards, drivers, main boards, meters and eyes behave by circuits
/// and by numbers drawn for each set; nothing of what they do is read from the knowledge files, so that what these say
/// can be held against it. All numbers are common practice, no source.

namespace dimglow::virtualset {

/// What is wrong, beyond the strings of LEDs: in the trade's words, not in those of the knowledge files.
enum class Trouble {
    Leds,            ///< in the strings alone
    NoTrouble,       ///< lit, all readings right
    ComesAndGoes,    ///< a joint that opens cold or pressed
    DriverFuse,      ///< alone, of age
    ShortedMosfet,   ///< and the fuse that it blew
    ShortedDiode,    ///< and the fuse
    ShortedOutput,   ///< its capacitor, and the fuse
    NoDriverSupply,  ///< the driver IC's
    DriverIc,
    OpenCoil,
    OpenDiode,
    OpenSense,
    AgedCapacitors,  ///< a row of them
    SupplyRegulation,
    HighDivider,   ///< over-voltage protection sees too much
    TripsOnSound,  ///< sense or chip: gives up on sound strings
    DeadSink,      ///< of one channel
    NotAsked,      ///< the main board's BL_ON
    NotDimmed,     ///< its DIM
    MainBoardDead,
    MainsDead,  ///< fuse with what blew it
    StandbyAged,
    NeverSwitchedOn,
    NoPicture,
    Nameless,
};

/// How a set of this make behaves.
struct Make {
    bool isMonitor = false;
    double idleVolts = 24;     ///< LED+ with the set on and the backlight off
    bool offInStandby = true;  ///< LED+ stands at zero there
    bool isFixed = false;      ///< LED+ stands at the strings' volts and the sinks switch
    double overVolts = 100;
    double headroomVolts = 0.6;
    double blankingSeconds = 0.03;
    double softStartSeconds = 0.02;
    double hiccupSeconds = 1;
    int restarts = 3;
    double bleedSeconds = 3;  ///< time constant of the output with its strings dark
    bool sinksFloat = true;   ///< after a trip
    enum class DarkChannel { Trips, LeavesOut, Clamps, RunsOn } onDarkChannel = DarkChannel::Trips;
    double imbalanceVolts = 8;
    double undervoltShare = 0.75;  ///< of the strings' volts, below which it trips; 0: never
    bool shutsDown = false;        ///< the main board takes the set down some seconds after the backlight has failed
    bool takesBlOnBack = false;    ///< after a failure
    bool dimIsInverted = false;
    double blOnVolts = 3.3;
    double dimVolts = 2.5;
    double meterSeconds = 0.3;
    double strayVolts = 0.05;
    double litWatts = 60;
    double darkWatts = 14;
};

/// Where LED+ stands in a set that holds it at one level, V.
double fixedLevelOf(const backlight::Backlight& truth);

/// A set of the second family.
class BenchSet : public SimulatedSet {
public:
    struct Wrong {
        Trouble trouble = Trouble::Leds;
        backlight::Faults strings;
        std::optional<int> feed = {};        ///< whose driver; empty: upstream of all
        int channel = 0;                     ///< of the dead sink
        double reaches = 0.6;                ///< share of the strings' volts that a weak supply holds
        double overVoltsTimes = 0.65;        ///< of a divider that is off
        std::vector<double> rowHealth = {};  ///< of the capacitors of a row, share of their rating
        std::uint32_t seed = 1;
    };
    BenchSet(backlight::Backlight truth, Wrong wrong, Make make, const knowledge::Knowledge& trade);

    std::vector<evidence::Observation> take(const evidence::Question& question) const override;
    parts::Ratings printedOn(const evidence::PointAsked& asked) const override;

private:
    /// One switch-on of a feed.
    struct Course {
        std::vector<double> ledPlus;
        std::vector<std::vector<double>> ledMinus;  ///< by channel of the set; empty for those of other feeds
        double litSeconds = 0;                      ///< of the first time
        int tries = 0;
        bool staysLit = false;
    };
    struct Channel {
        bool conducts = true;
        bool isDriven = true;  ///< its sink works
        double volts = 0;      ///< LED+ to LED− at its current
    };
    /// What a driver does with the strings of a feed.
    struct Aim {
        std::vector<Channel> channels;
        int running = 0;       ///< of them
        double lowest = 0;     ///< volts of those
        double nominal = 0;    ///< volts of the feed's strings when sound
        double idle = 0;       ///< LED+ before switch-on
        double top = 0;        ///< how far LED+ goes
        bool drives = false;   ///< it switches at all
        bool touches = false;  ///< a string leaks to the chassis
        bool trips = false;    ///< after its blanking
        bool starves = false;  ///< its supply gives less than it wants
        bool lights = false;
    };
    double chance(const std::string& what) const { return chanceOf(wrong_.seed, what); }
    bool happens(const std::string& what, double share) const { return chance(what) < share; }
    bool has(Trouble one) const { return wrong_.trouble == one; }
    bool isOn() const;  ///< the main board runs
    bool hasStandby() const;
    bool isAsked() const { return isOn() && !has(Trouble::NotAsked); }
    bool isPulledDown(int feed) const;
    bool switches(int feed) const;
    bool backlightFails() const;
    bool collapses() const { return happens("collapses", 0.7); }  ///< a weak supply under load
    bool isShutDown(const std::string& when) const;
    std::vector<Channel> channelsOf(int feed) const;
    Aim aimOf(int feed, bool plugOut) const;
    Course courseOf(int feed, bool plugOut) const;
    double fallen(double volts, const Aim& aim, bool plugOut) const;
    double sinkVolts(const Aim& aim, const Channel& own, double volts, bool runs) const;
    double idleOf(int feed) const;
    evidence::Measured measure(const evidence::VoltsAsked& asked) const;
    evidence::LightSeen light() const;
    std::string answerTo(const std::string& test) const;
    std::string blinkCode() const;
    std::string lifeSigns(const std::string& test) const;
    std::string sightOf(const std::string& test) const;
    std::string tried(const std::string& test) const;
    evidence::PointTaken check(const evidence::PointAsked& asked) const;
    std::string cause() const;
    bool isBad(const std::string& point, const std::string& ref) const;
    std::optional<double> pinVolts(const std::string& point, double rated) const;
    double darkShare() const;

    const knowledge::Knowledge& trade_;
    backlight::Backlight truth_;
    Wrong wrong_;
    Make make_;
    SealedSet strings_;  ///< what the tester, an eye on LEDs and a bridge see
    mutable std::map<std::pair<int, bool>, Course> courses_;
};

/// What the program should say of a trouble: ids of suspects that are right; none where it should name nothing.
std::vector<std::string> rightNames(Trouble trouble);
/// Draws what is wrong; of the strings it is in \p strings and \p truth.
struct DrawnTrouble {
    BenchSet::Wrong wrong;
    std::string suspect;  ///< of the knowledge files, for the strings
};
DrawnTrouble drawTrouble(Draw& draw, const knowledge::Knowledge& trade, backlight::Backlight& truth);
Make drawMake(Draw& draw, const backlight::Backlight& truth);

}  // namespace dimglow::virtualset
