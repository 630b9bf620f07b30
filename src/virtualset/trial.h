#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <string>

#include "core/sheet/assessment.h"
#include "virtualset/sealed_set.h"

/// \file
/// Sets drawn at random, their true numbers apart from what a job is told of them, and jobs that are worked on them as
/// a technician would.

namespace dimglow::virtualset {

/// What a job is told of its set when it is taken in: each says more than the one before.
enum class Told {
    Nothing,
    Label,   ///< what is printed beside LED+
    Strips,  ///< how many there are, and the class of their LEDs
    Driver,  ///< also where it idles, where its protection stands and what its sinks hold
};
inline constexpr int toldCount = 4;
const char* wordsOf(Told told);

/// Where a set comes from.
enum class Family {
    Knowledge,     ///< its boards answer as the knowledge files say, with numbers of their own: SealedSet
    Bench,         ///< its boards behave by circuits and numbers that these files know nothing of: BenchSet
    Lamps,         ///< lit by lamps, with such boards: LampSet; its job is told how many there are
    LampCircuits,  ///< lit by lamps whose light follows from their circuit: CircuitLampSet
};

/// A set with a fault, and the job about it as it was taken in.
struct Patient {
    job::Job job;
    std::shared_ptr<const SimulatedSet> set;
    std::string suspect;               ///< what is really wrong; of the second family its trouble, where that is none
    std::vector<std::string> accepts;  ///< suspects that are right; none where nothing should be named
    backlight::Backlight strips;       ///< what is seen of them once the panel is open
    backlight::Backlight truth;        ///< as they are
    SealedFault fault;                 ///< of the strings, and of the driver's side in the first family
};

/// Draws a set: strings of 8 to 60 LEDs on one to four channels, a batch off its class, a driver that idles, protects,
/// retries and regulates in a manner of its own, and one fault, as often as the trade has it, of any size (spreads are
/// common practice, no source). The same seed is the same set, whatever the job is \p told of it.
Patient drawPatient(std::uint64_t seed, Told told, const knowledge::Knowledge& trade,
                    Family family = Family::Knowledge);

/// Which probe comes next.
enum class Order {
    Advised,
    Textbook,  ///< as the tests stand in their file, whatever was read before
    Random,
};
const char* wordsOf(Order order);

/// How a job ended.
struct Ending {
    bool hasVerdict = false;
    bool isRight = false;  ///< what is suspected most is what is wrong, down to the part where that is replaced
    double share = 0;      ///< of it
    int probes = 0;
    double minutes = 0;  ///< opening included
    double cost =
        0;         ///< of the diagnosis and the advised repair, in the bench's money; twice the repair when it is wrong
    job::Job job;  ///< as it was left
};

/// Suspects that come to the same are one, with their shares together: a main board that does not start and one that
/// does not ask for light, a lamp that is worn and one that is broken. \returns the id of the first of them
std::string meantBy(const std::string& suspect);
/// Whether a suspect, or one that comes to the same, is what is wrong. What has no name is none of these.
bool isRight(const std::string& suspect, const Patient& patient);
/// Whether an assessment has found the faulty LEDs, suspects most what is wrong, or has found what the same repair
/// mends.
bool isRight(const sheet::Assessment& assessment, const Patient& patient, const knowledge::Knowledge& trade);

/// Works a job, in the way that it says, until there is a verdict, no probe is left or \p mostProbes were taken;
/// describes the strips when they are asked for. \p watch sees every assessment on the way.
Ending work(Patient patient, Order order, const knowledge::Knowledge& trade, int mostProbes = 60,
            const std::function<void(const sheet::Assessment&)>& watch = {});

}  // namespace dimglow::virtualset
