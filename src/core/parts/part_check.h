#pragma once

#include <compare>
#include <limits>
#include <optional>
#include <vector>

#include "core/text/text.h"

/// \file
/// One part, rail or pin of a board against what is printed on it and against its twins.

namespace dimglow::parts {

/// Those before `Rail` are parts and have twins; from there on rails and pins.
enum class PartKind {
    Electrolytic,
    Film,
    Fuse,
    Diode,
    Zener,
    Mosfet,
    Transistor,
    Optocoupler,
    Coil,
    Transformer,
    Resistor,
    Sense,
    Rail,
    SupplyPin,
    EnablePin,
    DimmingPin,
    CompensationPin,
    GatePin,
};
/// Their words in files and on the command line.
inline const std::vector<const char*> partKindWords = {"electrolytic",
                                                       "film",
                                                       "fuse",
                                                       "diode",
                                                       "zener",
                                                       "mosfet",
                                                       "transistor",
                                                       "optocoupler",
                                                       "coil",
                                                       "transformer",
                                                       "resistor",
                                                       "sense",
                                                       "rail",
                                                       "supply-pin",
                                                       "enable-pin",
                                                       "dimming-pin",
                                                       "compensation-pin",
                                                       "gate-pin"};

/// What a meter shows where nothing flows.
inline constexpr double overload = std::numeric_limits<double>::infinity();

/// What is printed on a part or beside a point; empty where nobody has read it.
struct Ratings {
    std::optional<double> farads;
    std::optional<double> tolerance;  ///< of farads or ohms, as a share
    std::optional<double> volts;      ///< it stands, or a rail is to have
    std::optional<double> ohms;
    std::optional<double> amps;
    std::optional<double> celsius = {};  ///< up to which it lasts
    auto operator<=>(const Ratings&) const = default;
};

/// Takes over what \p read says, and keeps the rest.
void fill(Ratings& ratings, const Ratings& read);

/// What was measured; what does not apply is empty. `overload` is OL.
struct PartReading {
    std::optional<double> farads;
    std::optional<double> esrOhms;
    std::optional<double> ohms;          ///< of an optocoupler its output, while its LED is dark
    std::optional<double> gateOhms;      ///< of a MOSFET, gate to source
    std::optional<double> forwardVolts;  ///< diode mode, the way it conducts; of an optocoupler its LED
    std::optional<double> reverseVolts;  ///< the other way round
    std::optional<double> volts;         ///< of a rail or pin, against ground; of a Zener diode, where it holds
    std::optional<double> dutyShare;
    std::optional<double> hertz;
    std::optional<double> rings;  ///< of a ring test, above a quarter of the first
    /// Of a MOSFET: it conducts once its gate was charged and blocks once gate and source were joined. Of an
    /// optocoupler: its output conducts while its LED is fed, and only then.
    std::optional<bool> switches;
    bool inCircuit = true;
    auto operator<=>(const PartReading&) const = default;
};

/// How far a reading condemns a part.
enum class Grade {
    Good,
    Doubtful,  ///< something in the circuit may say the same: lift a leg, or compare with a twin
    Bad,
    CannotTell,
};
inline constexpr int gradeCount = 4;
/// Their words in files.
inline const std::vector<const char*> gradeWords = {"good", "doubtful", "bad", "cannotTell"};
/// "good", "doubtful", "bad", "cannot tell".
text::Text wordsOf(Grade grade);

/// "0.31 V / OL", "241 µF, ESR 4.00 Ω", "9 rings, out of circuit".
text::Text describe(const PartReading& reading);

/// A verdict on one part.
struct PartJudgement {
    Grade grade = Grade::CannotTell;
    text::Text because;  ///< one sentence: the reading, and the limit that it was held against
    text::Text twin;     ///< what its twins read; empty when there are none
};

/// The verdict on one part (limits are common practice, no source, where none is named).
///
/// In circuit a part is condemned only by what nothing beside it can do: more ohms or less capacitance than it should
/// have; everything else is doubtful. A twin that reads the same clears a doubtful part, one that reads otherwise does
/// not condemn it by itself.
/// \param twins readings of parts that should be alike
PartJudgement judge(PartKind kind, const Ratings& ratings, const PartReading& reading,
                    const std::vector<PartReading>& twins = {});

/// The highest ESR of an electrolytic, Ω at 120 Hz: tan δ/(2π·f·C), tan δ by rated volts as general-purpose series have
/// it, up to 0.20 from 160 V and 0.24 from 350 V on (from memory); without rated volts that of the lowest.
double highestEsr(double farads, std::optional<double> ratedVolts);

/// Whether a reading that condemns a part leaves nothing to judge: a fuse or a winding that is open, a junction or a
/// capacitor that is a short out of circuit. Nothing sound reads so.
bool isExact(PartKind kind, const PartReading& reading);

/// Rings of a coil of quality \p q until they fall to \p share of the first: (Q/π)·ln(1/share), from the decay of a
/// free resonance, exp(−π·n/Q).
/// \pre 0 < share < 1
double ringsOf(double q, double share);

}  // namespace dimglow::parts
