#include "core/parts/part_check.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace dimglow::parts {

using text::say;
using text::Text;

namespace {

/// Limits are common practice, no source, unless one is named.
constexpr double tiredShare = 0.8;  ///< of an electrolytic's capacitance
constexpr double deadShare = 0.7;
constexpr double highShare = 1.4;  ///< a leaky one reads high
constexpr double esrHz = 120;
constexpr double filmTolerance = 0.1;  ///< where none is printed
constexpr double fuseGoodOhms = 2;
constexpr double fuseBadOhms = 10;
constexpr double shortVolts = 0.08;  ///< diode mode
constexpr double leastJunction = 0.12;
constexpr double mostJunction = 0.85;
constexpr double sameBothWays = 0.1;                          ///< of the reading
constexpr double leastGateOhms = 10;                          ///< below it gate and source are one
constexpr double soundGateOhms = 1e6;                         ///< out of circuit; in it a resistor lies across
constexpr double usualGateOhms = 1e3;                         ///< of that resistor, at least
constexpr std::pair<double, double> couplerLed = {0.8, 1.5};  ///< of the LED of an optocoupler, diode mode, V
constexpr double leastDarkOhms = 1e5;                         ///< of its output, out of circuit
constexpr double zenerTolerance = 0.07;                       ///< of its volts, at a current that nobody has set
constexpr double shortZenerVolts = 1;
constexpr double shortOhms = 1;
constexpr double coilGoodOhms = 5;
constexpr double leadOhms = 0.3;
constexpr double zeroedLeadOhms = 0.05;
constexpr double ringsEndAt = 0.25;  ///< of the first
constexpr double goodQ = 18;
constexpr double poorQ = 9;
constexpr double mostRingsOfAShort = 2;
constexpr double railTolerance = 0.05;
constexpr double railSags = 0.2;                                  ///< under load: may be as it is to be
constexpr double unlikeTwin = 0.25;                               ///< of the twin's reading
constexpr std::pair<double, double> rectifiedMains = {150, 375};  ///< of 110 to 264 V, V
constexpr std::pair<double, double> correctedMains = {370, 410};  ///< by active power-factor correction, V

bool isWithin(double value, const std::pair<double, double>& range) {
    return range.first < value && value < range.second;
}

bool isOpen(const std::optional<double>& value) {
    return value && std::isinf(*value);
}

Text diodeWords(const std::optional<double>& volts) {
    return !volts ? say("not tried") : isOpen(volts) ? say("OL") : say("{:.2f} V", *volts);
}

Text ohmsWords(double ohms) {
    return std::isinf(ohms) ? say("OL")
           : ohms >= 1e6    ? say("{:.2f} MΩ", ohms / 1e6)
           : ohms >= 1e3    ? say("{:.2f} kΩ", ohms / 1e3)
                            : say("{:.2f} Ω", ohms);
}

Text faradsWords(double farads) {
    return farads >= 0.9e-6   ? say("{:.4g} µF", farads * 1e6)
           : farads >= 0.9e-9 ? say("{:.4g} nF", farads * 1e9)
                              : say("{:.4g} pF", farads * 1e12);
}

PartJudgement cannotTell(Text because) {
    return {Grade::CannotTell, std::move(because), {}};
}

/// Bad out of circuit; in circuit something beside it may say the same.
Grade badUnlessBeside(const PartReading& reading) {
    return reading.inCircuit ? Grade::Doubtful : Grade::Bad;
}

Text liftALeg(const PartReading& reading, const Text& because) {
    return reading.inCircuit ? say("{} Lift a leg and measure again.", because) : because;
}

PartJudgement judgeElectrolytic(const Ratings& ratings, const PartReading& reading) {
    if (reading.ohms && *reading.ohms < shortOhms) {
        return {badUnlessBeside(reading), liftALeg(reading, say("{} is a short.", ohmsWords(*reading.ohms))), {}};
    }
    const auto farads = ratings.farads ? ratings.farads : reading.farads;
    std::optional<PartJudgement> ofEsr;
    if (reading.esrOhms && farads) {
        const double limit = highestEsr(*farads, ratings.volts);
        const Text words = say("ESR {:.2f} Ω; at most {:.2f} Ω (tan δ/2πfC at 120 Hz), a fresh one far less.",
                               *reading.esrOhms, limit);
        ofEsr = PartJudgement{*reading.esrOhms > limit       ? Grade::Bad
                              : *reading.esrOhms > limit / 2 ? Grade::Doubtful
                                                             : Grade::Good,
                              words,
                              {}};
    }
    if (reading.farads && ratings.farads) {
        const double share = *reading.farads / *ratings.farads;
        const Text words =
            say("{} of {}: {:.0f} %.", faradsWords(*reading.farads), faradsWords(*ratings.farads), 100 * share);
        if (share < deadShare) {
            return {Grade::Bad, say("{} Below {:.0f} % it is worn out.", words, 100 * deadShare), {}};
        }
        if (share < tiredShare) {
            return {ofEsr && ofEsr->grade == Grade::Bad ? Grade::Bad : Grade::Doubtful,
                    say("{} Below {:.0f} % it is tired.", words, 100 * tiredShare),
                    {}};
        }
        if (ofEsr && ofEsr->grade != Grade::Good) {
            return *ofEsr;
        }
        if (share > highShare) {
            return {Grade::Doubtful,
                    liftALeg(reading, say("{} Far more than printed: leaky, or others in parallel.", words)),
                    {}};
        }
        return {Grade::Good, say("{} From {:.0f} % on it is good.", words, 100 * tiredShare), {}};
    }
    return ofEsr ? *ofEsr : cannotTell(say("Needs its printed µF beside what was measured, or an ESR."));
}

PartJudgement judgeFilm(const Ratings& ratings, const PartReading& reading) {
    if (!reading.farads || !ratings.farads) {
        return cannotTell(say("Needs its marking beside what was measured."));
    }
    const double tolerance = ratings.tolerance.value_or(filmTolerance);
    const double off = *reading.farads / *ratings.farads - 1;
    const Text words =
        say("{} of {} ± {:.0f} %.", faradsWords(*reading.farads), faradsWords(*ratings.farads), 100 * tolerance);
    if (std::abs(off) <= tolerance) {
        return {Grade::Good, words, {}};
    }
    if (off > 0 && reading.inCircuit) {
        return {Grade::Doubtful, liftALeg(reading, words), {}};
    }
    return {std::abs(off) <= 2 * tolerance ? Grade::Doubtful : Grade::Bad, words, {}};
}

PartJudgement judgeFuse(const PartReading& reading) {
    if (!reading.ohms) {
        return cannotTell(say("Needs ohms across it."));
    }
    const Text words = say("{}; a good fuse shows less than {:.0f} Ω.", ohmsWords(*reading.ohms), fuseGoodOhms);
    return {*reading.ohms < fuseGoodOhms  ? Grade::Good
            : *reading.ohms < fuseBadOhms ? Grade::Doubtful
                                          : Grade::Bad,
            words,
            {}};
}

/// One junction: diode, the body diode of a MOSFET, a junction of a transistor.
PartJudgement judgeJunction(const PartReading& reading, const Text& good) {
    const auto& forward = reading.forwardVolts;
    const auto& reverse = reading.reverseVolts;
    if (!forward || !reverse) {
        return cannotTell(say("Needs diode mode both ways."));
    }
    const Text words = say("{} one way, {} the other; {}.", diodeWords(forward), diodeWords(reverse), good);
    const double low = std::min(*forward, *reverse);
    const double high = std::max(*forward, *reverse);
    if (high < shortVolts) {
        return {
            !reading.inCircuit || high < shortVolts / 2 ? Grade::Bad : Grade::Doubtful, say("Shorted: {}", words), {}};
    }
    if (std::isinf(low)) {
        return {Grade::Bad, say("Open: {}", words), {}};
    }
    if (!std::isinf(high) && high - low < sameBothWays * high) {
        return {badUnlessBeside(reading), liftALeg(reading, say("The same both ways: {}", words)), {}};
    }
    if (low < leastJunction || low > mostJunction) {
        return {Grade::Doubtful, liftALeg(reading, words), {}};
    }
    return {Grade::Good, words, {}};
}

/// Gate and source first: a gate that is gone looks sound between drain and source.
PartJudgement judgeMosfet(const PartReading& reading) {
    if (reading.gateOhms && *reading.gateOhms < (reading.inCircuit ? usualGateOhms : soundGateOhms)) {
        const bool isShort = *reading.gateOhms < leastGateOhms;
        return {isShort ? Grade::Bad : badUnlessBeside(reading),
                liftALeg(reading,
                         say("Gate to source {}; a good gate lets nothing through.", ohmsWords(*reading.gateOhms))),
                {}};
    }
    if (reading.switches == false) {
        return {badUnlessBeside(reading),
                liftALeg(reading, say("It does not follow its gate: charged it is to conduct, joined with the source "
                                      "to block.")),
                {}};
    }
    const bool isTried = reading.forwardVolts || reading.reverseVolts;
    if (!isTried && reading.switches) {
        return {Grade::Good, say("It follows its gate."), {}};
    }
    auto judgement = judgeJunction(reading, say("a good one shows its body diode, 0.35 to 0.7 V, one way only"));
    if (judgement.grade == Grade::Good && !reading.gateOhms && !reading.switches) {
        judgement.because = say("{} Its gate has not been tried.", judgement.because);
    }
    return judgement;
}

PartJudgement judgeOptocoupler(const PartReading& reading) {
    if (reading.switches == false) {
        return {Grade::Bad, say("Its output does not follow its LED."), {}};
    }
    if (reading.ohms && *reading.ohms < leastDarkOhms) {
        return {badUnlessBeside(reading),
                liftALeg(reading,
                         say("Its output {} while its LED is dark; a good one is open.", ohmsWords(*reading.ohms))),
                {}};
    }
    const auto& forward = reading.forwardVolts;
    if (!forward) {
        return reading.switches ? PartJudgement{Grade::Good, say("Its output follows its LED."), {}}
                                : cannotTell(say("Needs diode mode of its LED, or its output with the LED fed."));
    }
    const Text words =
        say("Its LED {} one way; a good one 0.9 to 1.4 V, and nothing the other way.", diodeWords(forward));
    if (isWithin(*forward, couplerLed)) {
        return {Grade::Good, words, {}};
    }
    if (std::isinf(*forward)) {
        return {Grade::Bad, words, {}};
    }
    return {badUnlessBeside(reading), liftALeg(reading, words), {}};
}

/// By volts where somebody fed it, else as a junction.
PartJudgement judgeZener(const Ratings& ratings, const PartReading& reading) {
    if (!reading.volts) {
        return judgeJunction(reading, say("a good one 0.5 to 0.8 V one way only"));
    }
    if (*reading.volts < shortZenerVolts) {
        return {badUnlessBeside(reading),
                liftALeg(reading, say("{:.2f} V: a short, or nothing feeds it.", *reading.volts)),
                {}};
    }
    if (!ratings.volts) {
        return cannotTell(say("{:.2f} V; what is printed on it?", *reading.volts));
    }
    const double tolerance = ratings.tolerance.value_or(zenerTolerance);
    const double off = *reading.volts / *ratings.volts - 1;
    const Text words = say("{:.2f} V of {:.1f} V ± {:.0f} %.", *reading.volts, *ratings.volts, 100 * tolerance);
    if (std::abs(off) <= tolerance) {
        return {Grade::Good, words, {}};
    }
    if (off > 0) {
        return {Grade::Bad, say("{} It does not hold.", words), {}};
    }
    return {badUnlessBeside(reading),
            reading.inCircuit
                ? say("{} What feeds it may stand lower: out of circuit, through 10 kΩ from a few volts more.", words)
                : words,
            {}};
}

PartJudgement judgeOhms(const Ratings& ratings, const PartReading& reading, double tolerance, double leads) {
    if (!reading.ohms || !ratings.ohms) {
        return cannotTell(say("Needs its printed ohms beside what was measured."));
    }
    const double within = ratings.tolerance.value_or(tolerance) * *ratings.ohms + leads;
    const double off = *reading.ohms - *ratings.ohms;
    const Text words = say("{} of {} ± {}.", ohmsWords(*reading.ohms), ohmsWords(*ratings.ohms), ohmsWords(within));
    if (std::abs(off) <= within) {
        return {Grade::Good, words, {}};
    }
    if (off < 0) {
        return {badUnlessBeside(reading), liftALeg(reading, words), {}};
    }
    return {Grade::Bad, say("{} Nothing beside it makes it read high.", words), {}};
}

/// Tenths of ohms: what the leads have is taken off first, and nothing beside it brings them to nothing.
PartJudgement judgeSense(const Ratings& ratings, const PartReading& reading) {
    auto judgement = judgeOhms(ratings, reading, 0.05, zeroedLeadOhms);
    if (judgement.grade != Grade::Good && judgement.grade != Grade::CannotTell) {
        judgement.because =
            say("{} Touch the leads together first and take off what they have, or pass 1 A and read the volts.",
                judgement.because);
    }
    return judgement;
}

PartJudgement judgeWinding(PartKind kind, const PartReading& reading) {
    if (reading.rings) {
        const double goodRings = ringsOf(goodQ, ringsEndAt);
        const Text words = say("{:.0f} rings; a good winding gives {:.0f} and more, a shorted turn one or two.",
                               *reading.rings, goodRings);
        if (*reading.rings >= std::round(goodRings)) {
            return {Grade::Good, words, {}};
        }
        const bool isSmall = kind == PartKind::Coil && *reading.rings > mostRingsOfAShort;
        return {*reading.rings >= ringsOf(poorQ, ringsEndAt) || isSmall ? Grade::Doubtful : badUnlessBeside(reading),
                reading.inCircuit ? say("{} In circuit good ones fail too: out of circuit decides.", words)
                : isSmall         ? say("{} A small boost coil may ring fewer: its twin decides.", words)
                                  : words,
                {}};
    }
    if (!reading.ohms) {
        return cannotTell(say("Needs ohms, or rings."));
    }
    const Text words = say("{}; a good winding is under {:.0f} Ω, and a shorted turn only a ring test shows.",
                           ohmsWords(*reading.ohms), coilGoodOhms);
    return {std::isinf(*reading.ohms)      ? Grade::Bad
            : *reading.ohms < coilGoodOhms ? Grade::Good
                                           : Grade::Doubtful,
            words,
            {}};
}

PartJudgement judgeRail(const Ratings& ratings, const PartReading& reading) {
    if (!reading.volts) {
        return cannotTell(say("Needs volts."));
    }
    if (!ratings.volts) {
        return *reading.volts < 0.5 ? PartJudgement{Grade::Bad, say("{:.2f} V: nothing there.", *reading.volts), {}}
                                    : cannotTell(say("{:.2f} V; what does the label beside it say?", *reading.volts));
    }
    const double off = *reading.volts / *ratings.volts - 1;
    const Text words = say("{:.2f} V of {:.1f} V ± {:.0f} %.", *reading.volts, *ratings.volts, 100 * railTolerance);
    if (std::abs(off) <= railTolerance) {
        return {Grade::Good, words, {}};
    }
    if (isWithin(*ratings.volts, rectifiedMains) && isWithin(*reading.volts, correctedMains)) {
        return {Grade::Good,
                say("{:.0f} V: with power-factor correction it stands at 380 to 400 V while the set is on.",
                    *reading.volts),
                {}};
    }
    if (off > -railSags && off <= 2 * railTolerance) {
        return {Grade::Doubtful, say("{} Under load a rail may sag: compare it with the set in standby.", words), {}};
    }
    return {Grade::Bad, words, {}};
}

struct PinLimits {
    double bad = 0;   ///< below it, V
    double good = 0;  ///< from it on
};

PartJudgement judgePin(const PartReading& reading, const PinLimits& limits, double goodDuty) {
    if (reading.dutyShare || reading.hertz) {
        const double duty = reading.dutyShare.value_or(0.5);
        const Text words =
            reading.hertz ? say("{:.0f} % at {:.0f} Hz.", 100 * duty, *reading.hertz) : say("{:.0f} %.", 100 * duty);
        return {duty >= goodDuty ? Grade::Good : Grade::Bad, words, {}};
    }
    if (!reading.volts) {
        return cannotTell(say("Needs volts."));
    }
    const Text words = say("{:.2f} V; from {:.1f} V on it is there, below {:.1f} V it is not.", *reading.volts,
                           limits.good, limits.bad);
    return {*reading.volts >= limits.good  ? Grade::Good
            : *reading.volts >= limits.bad ? Grade::Doubtful
                                           : Grade::Bad,
            words,
            {}};
}

PartJudgement judgeAlone(PartKind kind, const Ratings& ratings, const PartReading& reading) {
    switch (kind) {
        case PartKind::Electrolytic:
            return judgeElectrolytic(ratings, reading);
        case PartKind::Film:
            return judgeFilm(ratings, reading);
        case PartKind::Fuse:
            return judgeFuse(reading);
        case PartKind::Diode:
            return judgeJunction(reading, say("a good one 0.15 to 0.45 V (Schottky) or 0.5 to 0.7 V one way only"));
        case PartKind::Zener:
            return judgeZener(ratings, reading);
        case PartKind::Mosfet:
            return judgeMosfet(reading);
        case PartKind::Optocoupler:
            return judgeOptocoupler(reading);
        case PartKind::Transistor:
            return judgeJunction(reading, say("a good junction 0.5 to 0.7 V one way only"));
        case PartKind::Coil:
        case PartKind::Transformer:
            return judgeWinding(kind, reading);
        case PartKind::Resistor:
            return judgeOhms(ratings, reading, 0.05, leadOhms);
        case PartKind::Sense:
            return judgeSense(ratings, reading);
        case PartKind::Rail:
            return judgeRail(ratings, reading);
        case PartKind::SupplyPin:
            return judgePin(reading, {4, ratings.volts ? 0.9 * *ratings.volts : 7}, 1);
        case PartKind::EnablePin:
            return judgePin(reading, {0.6, 1.5}, 0.9);
        case PartKind::DimmingPin:
            return judgePin(reading, {0.2, 0.5}, 0.05);
        case PartKind::CompensationPin:
            return judgePin(reading, {0.1, 0.3}, 1);
        case PartKind::GatePin:
            return judgePin(reading, {0.1, 0.4}, 0.02);
    }
    return {};
}

/// The number that parts of a kind are compared by.
std::optional<double> comparedBy(const PartReading& reading) {
    for (const auto& value :
         {reading.forwardVolts, reading.rings, reading.esrOhms, reading.farads, reading.ohms, reading.volts}) {
        if (value) {
            return value;
        }
    }
    return std::nullopt;
}

Text readingWords(const PartReading& reading) {
    std::vector<Text> words;
    if (reading.gateOhms) {
        words.push_back(say("gate {}", ohmsWords(*reading.gateOhms)));
    }
    if (reading.forwardVolts) {
        words.push_back(reading.reverseVolts
                            ? text::joined({diodeWords(reading.forwardVolts), diodeWords(reading.reverseVolts)}, " / ")
                            : diodeWords(reading.forwardVolts));
    }
    if (reading.rings) {
        words.push_back(say("{:.0f} rings", *reading.rings));
    }
    if (reading.farads) {
        words.push_back(faradsWords(*reading.farads));
    }
    if (reading.esrOhms) {
        words.push_back(say("ESR {:.2f} Ω", *reading.esrOhms));
    }
    if (reading.ohms) {
        words.push_back(ohmsWords(*reading.ohms));
    }
    if (reading.volts) {
        words.push_back(say("{:.2f} V", *reading.volts));
    }
    if (reading.dutyShare) {
        words.push_back(say("{:.0f} %", 100 * *reading.dutyShare));
    }
    if (reading.hertz) {
        words.push_back(say("{:.0f} Hz", *reading.hertz));
    }
    if (reading.switches) {
        words.push_back(*reading.switches ? say("switches") : say("does not switch"));
    }
    return text::joined(words);
}

bool readsLike(double value, double twin) {
    return std::isinf(value) || std::isinf(twin) ? std::isinf(value) == std::isinf(twin)
                                                 : std::abs(value - twin) <= unlikeTwin * std::abs(twin) + 0.02;
}

}  // namespace

void fill(Ratings& ratings, const Ratings& read) {
    const auto keep = [](std::optional<double>& own, const std::optional<double>& given) { own = given ? given : own; };
    keep(ratings.farads, read.farads);
    keep(ratings.tolerance, read.tolerance);
    keep(ratings.volts, read.volts);
    keep(ratings.ohms, read.ohms);
    keep(ratings.amps, read.amps);
    keep(ratings.celsius, read.celsius);
}

Text wordsOf(Grade grade) {
    const Text words[] = {say("good"), say("doubtful"), say("bad"), say("cannot tell")};
    return words[int(grade)];
}

Text describe(const PartReading& reading) {
    const Text words = readingWords(reading);
    return reading.inCircuit ? words : say("{}, out of circuit", words);
}

double highestEsr(double farads, std::optional<double> ratedVolts) {
    struct Loss {
        double volts;
        double tanDelta;
    };
    constexpr Loss losses[] = {{6.3, 0.22}, {10, 0.19}, {16, 0.16},  {25, 0.14},  {35, 0.12},
                               {50, 0.10},  {63, 0.09}, {100, 0.08}, {160, 0.20}, {350, 0.24}};
    double tanDelta = losses[0].tanDelta;
    for (const auto& loss : losses) {
        tanDelta = ratedVolts && *ratedVolts >= loss.volts ? loss.tanDelta : tanDelta;
    }
    return tanDelta / (2 * std::numbers::pi * esrHz * farads);
}

bool isExact(PartKind kind, const PartReading& reading) {
    switch (kind) {
        case PartKind::Fuse:
        case PartKind::Coil:
        case PartKind::Transformer:
            return isOpen(reading.ohms);
        case PartKind::Electrolytic:
        case PartKind::Film:
            return !reading.inCircuit && reading.ohms && *reading.ohms < shortOhms;
        case PartKind::Mosfet:
            if (!reading.inCircuit && reading.gateOhms && *reading.gateOhms < leastGateOhms) {
                return true;
            }
            [[fallthrough]];
        case PartKind::Diode:
        case PartKind::Zener:
        case PartKind::Transistor:
        case PartKind::Optocoupler:
            return !reading.inCircuit && reading.forwardVolts && reading.reverseVolts &&
                   (std::max(*reading.forwardVolts, *reading.reverseVolts) < shortVolts ||
                    (isOpen(reading.forwardVolts) && isOpen(reading.reverseVolts)));
        case PartKind::Resistor:
        case PartKind::Sense:
            return isOpen(reading.ohms);
        default:
            return false;
    }
}

double ringsOf(double q, double share) {
    return q / std::numbers::pi * std::log(1 / share);
}

PartJudgement judge(PartKind kind, const Ratings& ratings, const PartReading& reading,
                    const std::vector<PartReading>& twins) {
    auto judgement = judgeAlone(kind, ratings, reading);
    const auto own = comparedBy(reading);
    if (twins.empty() || !own) {
        return judgement;
    }
    std::vector<Text> words;
    bool isAlike = true;
    for (const auto& twin : twins) {
        words.push_back(describe(twin));
        const auto other = comparedBy(twin);
        const bool isSameBack =
            !reading.reverseVolts || !twin.reverseVolts || readsLike(*reading.reverseVolts, *twin.reverseVolts);
        isAlike = isAlike && other && readsLike(*own, *other) && isSameBack;
    }
    const bool hangsOnTwin = judgement.grade == Grade::Doubtful || judgement.grade == Grade::CannotTell;
    if (hangsOnTwin && isAlike) {
        judgement.grade = Grade::Good;
    }
    judgement.twin = isAlike ? say("Its twin reads the same: {}.", text::joined(words, "; "))
                             : say("Its twin reads {}.", text::joined(words, "; "));
    return judgement;
}

}  // namespace dimglow::parts
