#include "virtualset/circuit_lamp_set.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>
#include <utility>

#include "virtualset/board_readings.h"

namespace dimglow::virtualset {

using driver::Light;
using evidence::LightSeen;

namespace {

constexpr double seenAsDark = 0.35;  ///< share of the light of the others
constexpr double seenAsDim = 0.82;

}  // namespace

CircuitLampSet::CircuitLampSet(BenchSet boards, Wrong wrong, LampWatch watch, LampCircuit circuit,
                               const knowledge::Knowledge& trade)
    : LampLit(std::move(boards), wrong.trouble, wrong.seed, "circuit ", trade),
      wrong_(std::move(wrong)),
      watch_(watch),
      circuit_(std::move(circuit)),
      state_(circuit_.state()) {}

bool CircuitLampSet::isOfALamp() const {
    return has(LampTrouble::WornLamp) || has(LampTrouble::AgedLamps) || has(LampTrouble::BrokenLamp) ||
           has(LampTrouble::BurntJoint) || has(LampTrouble::LoosePlug);
}

/// Of each lamp, a new one at its aim giving 1; more than the aim hardly gives more.
std::vector<double> CircuitLampSet::lights() const {
    std::vector<double> lights;
    for (int lamp = 0; lamp < lamps(); ++lamp) {
        const double share = state_.amps[std::size_t(lamp)] / circuit_.aimAmps;
        lights.push_back(circuit_.lamps[std::size_t(lamp)].glow * std::pow(share, share > 1 ? 0.5 : 1));
    }
    return lights;
}

std::vector<int> CircuitLampSet::darkOnes() const {
    const auto all = lights();
    const double brightest = *std::max_element(all.begin(), all.end());
    std::vector<int> dark;
    for (int lamp = 0; lamp < lamps(); ++lamp) {
        if (all[std::size_t(lamp)] < seenAsDark * std::max(brightest, 0.1)) {
            dark.push_back(lamp);
        }
    }
    return dark;
}

/// All of one half, and none of the other.
bool CircuitLampSet::isOfAHalf(const std::vector<int>& some) const {
    return some.size() > 1 && int(some.size()) == lamps() / 2 && halfOf(some.front()) == halfOf(some.back());
}

bool CircuitLampSet::stops(const LampCircuit& circuit) const {
    const auto state = circuit.state();
    double least = 1e9;
    double ofHalf[2] = {0, 0};
    for (int lamp = 0; lamp < lamps(); ++lamp) {
        const double sensed =
            state.amps[std::size_t(lamp)] * circuit.lamps[std::size_t(lamp)].sensedTimes / circuit.aimAmps;
        least = std::min(least, sensed);
        ofHalf[halfOf(lamp)] += 2 * sensed / lamps();
    }
    const double out = watch_.looksAtEach ? least : std::min(ofHalf[0], ofHalf[1]);
    const double volts = *std::max_element(state.volts.begin(), state.volts.end());
    constexpr double holdsItsRail = 0.6;
    return wrong_.stopsAnyway || out < watch_.least || volts > watch_.mostVolts || circuit.supplyShare < holdsItsRail;
}

bool CircuitLampSet::isNoticed() const {
    const auto all = lights();
    const double brightest = *std::max_element(all.begin(), all.end());
    return !circuit_.runs || has(LampTrouble::Boards) || stops(circuit_) || brightest < seenAsDim ||
           *std::min_element(all.begin(), all.end()) < seenAsDim * brightest;
}

LightSeen CircuitLampSet::light() const {
    if (has(LampTrouble::Boards)) {
        return std::get<LightSeen>(boards().take(LightSeen::Question{}).front());
    }
    if (int(darkOnes().size()) == lamps()) {
        return {Light::Never, 0};
    }
    const bool keepsAHalf = watch_.halvesStandAlone && !darkOnes().empty() && !wrong_.stopsAnyway && !sags();
    if (!stops(circuit_) || keepsAHalf) {
        return {Light::StaysLit, 0};
    }
    // A row of capacitors that sags lasts until it is drained.
    const double seconds = watch_.seconds * (sags() ? 0.6 + 2 * chance("drained") : 1) * (0.75 + 0.5 * chance("watch"));
    return {Light::FlashThenDark, std::round(10 * std::max(0.2, seconds)) / 10};
}

// ---- what is seen of it ---------------------------------------------------------------------------------------------

/// What the eye tells of the light; empty for other tests.
std::string CircuitLampSet::sightOf(const std::string& test) const {
    if (test == "evenness") {
        const auto all = lights();
        const auto at = std::min_element(all.begin(), all.end());
        const double contrast = 1 - *at / std::max(*std::max_element(all.begin(), all.end()), 0.05);
        const double ofScreen = lamps() > 6 ? 0.8 : 1.0;  // one of many is lost in the diffuser
        const double isShort = light().what == Light::FlashThenDark ? 0.5 : 1.0;
        if (!circuit_.runs || !happens("uneven", std::min(0.95, 1.4 * contrast * ofScreen * isShort))) {
            return "same";
        }
        return isOfAHalf(darkOnes()) || lamps() == 2 ? "half" : happens("only its end", 0.1) ? "corner" : "band";
    }
    if (test == "flicker") {
        const auto& line = circuit_.lamps[std::size_t(wrong_.lamp)];
        const bool arcs = line.seriesOhms > 0 && line.seriesOhms < 3e6;
        const bool starves = state_.share > 0.99 && circuit_.runs;
        return happens("flickers", arcs ? 0.6 : starves ? 0.4 : 0.07) ? "flickers" : "none";
    }
    if (test == "tint") {
        const double glow = circuit_.lamps[std::size_t(wrong_.lamp)].glow;
        return happens("tint", glow < 0.75 ? 0.6 : glow < 1 ? 0.3 : 0.08) ? "tint" : "none";
    }
    if (test == "lampFades") {
        const auto dark = darkOnes();
        if (happens("no view of the lamps", 0.3)) {
            return "notSeen";
        }
        return dark.empty() || int(dark.size()) == lamps() ? "together"
               : isOfAHalf(dark)                           ? "half"
               : dark.front() == 0                         ? "top"
               : dark.back() == lamps() - 1                ? "bottom"
                                                           : "other";
    }
    return {};
}

/// Which lamp or half it was, as the first look writes it.
std::string CircuitLampSet::whereSeen(const std::string& test, const std::string& answer) const {
    const auto dark = darkOnes();
    const int lamp = dark.empty() ? wrong_.lamp : dark.front();
    if (test == "evenness" && answer == "half") {
        return halfOf(lamp) == 0 ? "top" : "bottom";
    }
    const bool isNamed = test == "lampFades" && (answer == "other" || answer == "half");
    return isNamed ? std::to_string(lamp + 1) + "/" + std::to_string(lamps()) : std::string();
}

evidence::LampsSeen CircuitLampSet::looks() const {
    using lamps::Look;
    evidence::LampsSeen seen;
    const auto all = lights();
    const double brightest = std::max(*std::max_element(all.begin(), all.end()), 0.1);
    for (int lamp = 0; lamp < this->lamps(); ++lamp) {
        const auto& line = circuit_.lamps[std::size_t(lamp)];
        const std::string which = std::to_string(lamp);
        const double share = all[std::size_t(lamp)] / brightest;
        const bool arcs = line.seriesOhms > 0 && line.seriesOhms < 3e6 && happens("arcs" + which, 0.5);
        seen.looks.push_back(share < seenAsDark                                 ? Look::Dark
                             : arcs                                             ? Look::Flickers
                             : line.glow < 0.9 && happens("ends" + which, 0.5)  ? Look::DimEnds
                             : line.glow < 0.75 && happens("red" + which, 0.6)  ? Look::Reddish
                             : share < seenAsDim && happens("dim" + which, 0.8) ? Look::DimEnds
                             : happens("old" + which, 0.03)                     ? Look::DimEnds
                                                                                : Look::Lit);
    }
    return seen;
}

double CircuitLampSet::watts() const {
    double watts = lamps() > 6 ? 22 : 7;  // of its boards
    if (light().what == Light::StaysLit) {
        for (int lamp = 0; lamp < lamps(); ++lamp) {
            const double amps = state_.amps[std::size_t(lamp)];
            watts += amps * dropOf(circuit_.lamps[std::size_t(lamp)], amps, circuit_.aimAmps) / 0.8;
        }
    }
    return watts;
}

/// What is told from outside of a set whose boards are sound; empty for other tests.
std::string CircuitLampSet::lifeSigns(const std::string& test) const {
    if (has(LampTrouble::Boards)) {
        return {};
    }
    const auto gave = light().what;
    if (test == "rearHoles") {
        return happens("no view", 0.35) ? "cannotTell" : gave == Light::StaysLit ? "glows" : "dark";
    }
    if (test == "flashedBefore") {
        return happens("nobody knows", 0.5) ? "notKnown" : gave == Light::FlashThenDark ? "yes" : "no";
    }
    if (test == "restarts") {
        return gave == Light::FlashThenDark && happens("tries again", 0.35) ? "yes" : "no";
    }
    if (test == "watts") {
        return trade().test(test)->choiceFor(watts(), trade().setKind(lamps() > 6 ? "" : "monitor"))->id;
    }
    return {};
}

/// What is heard, smelled or comes with warmth and age; empty for other tests.
std::string CircuitLampSet::signsOf(const std::string& test) const {
    if (test == "warmLonger") {
        const bool warms = has(LampTrouble::WornLamp) || has(LampTrouble::AgedLamps) || sags();
        const bool opens = has(LampTrouble::BurntJoint) || has(LampTrouble::ShortedTurns);
        return happens("warms", warms ? 0.4 : 0.07)   ? "longer"
               : happens("tires", opens ? 0.2 : 0.08) ? "shorter"
                                                      : "same";
    }
    if (test == "hum" || test == "humInverter") {
        const bool ofInverter = happens("strains", has(LampTrouble::ShortedTurns)     ? 0.4
                                                   : has(LampTrouble::AgedCapacitors) ? 0.5
                                                                                      : 0.05);
        const bool ofSupply = happens("another hum", has(LampTrouble::TiredSupply) ? 0.4 : 0.05);
        if (test == "hum") {
            return !ofInverter && !ofSupply ? "quiet" : happens("ticks", 0.25) ? "ticks" : "hums";
        }
        return ofInverter ? "goes" : ofSupply ? "stays" : "noHum";
    }
    const auto& line = circuit_.lamps[std::size_t(wrong_.lamp)];
    const double across = state_.amps[std::size_t(wrong_.lamp)] * line.seriesOhms;  // what a gap has to bridge
    if (test == "arcing") {
        const bool arcs = line.seriesOhms > 0 && (across > 150 || line.seriesOhms > 3e6);
        const bool atLamp = has(LampTrouble::BurntJoint) || has(LampTrouble::BrokenLamp);
        if (arcs && happens("arc", across > 300 ? 0.55 : 0.3)) {
            return atLamp ? "lampEnd" : "inverter";
        }
        return happens("arc in a winding", has(LampTrouble::ShortedTurns) ? 0.25 : 0.02) ? "inverter" : "none";
    }
    if (test == "lampEnds") {
        const bool isBurnt = has(LampTrouble::BurntJoint) && happens("burnt", across > 300 ? 0.9 : 0.6);
        return isBurnt ? "orange" : happens("black", line.glow < 0.9 ? 0.75 : 0.12) ? "black" : "clean";
    }
    if (test == "eyes") {
        const bool burnt = has(LampTrouble::DriveStage) || has(LampTrouble::ShortedTurns);
        return happens("something to see", sags() ? 0.6 : burnt ? 0.35 : 0.05) ? "something" : "nothing";
    }
    return {};
}

/// Lamps or outputs side by side; empty for other tests.
std::string CircuitLampSet::compared(const std::string& test) const {
    const bool isSense = test == "lampSense";
    if (!isSense && test != "outputsCompared") {
        return {};
    }
    // Whose reading is seen to differ from the usual one; the tip of a probe tells less than a node on the cold side.
    std::vector<double> shown;
    for (int lamp = 0; lamp < lamps(); ++lamp) {
        const double spread = (isSense ? 0.05 : 0.15) * (2 * chance(test + std::to_string(lamp)) - 1);
        const auto holds = [&](const auto& output) {
            return std::find(output.lamps.begin(), output.lamps.end(), lamp) != output.lamps.end();
        };
        const auto output = std::find_if(circuit_.outputs.begin(), circuit_.outputs.end(), holds);
        const double value =
            isSense ? state_.amps[std::size_t(lamp)] * circuit_.lamps[std::size_t(lamp)].sensedTimes / circuit_.aimAmps
                    : state_.volts[std::size_t(output - circuit_.outputs.begin())] / circuit_.mostVolts;
        shown.push_back(value * (1 + spread));
    }
    auto sorted = shown;
    std::sort(sorted.begin(), sorted.end());
    if (sorted.back() < 0.05) {
        return "none";
    }
    const double usual = lamps() == 2 ? sorted.back() : sorted[sorted.size() / 2];
    std::vector<int> off;
    for (int lamp = 0; lamp < lamps(); ++lamp) {
        const double ratio = shown[std::size_t(lamp)] / usual;
        if (ratio < (isSense ? 0.8 : 0.7) || (ratio > 1.4 && isSense)) {
            off.push_back(lamp);
        }
    }
    const bool isMissed = light().what == Light::FlashThenDark && happens("too short for " + test, 0.15);
    return off.empty() || isMissed ? "alike" : isOfAHalf(off) ? "half" : "one";
}

/// Two lamps with their wires change places: what is dark afterwards?
std::string CircuitLampSet::plugsSwapped() const {
    auto swapped = circuit_;
    auto& one = swapped.lamps[std::size_t(wrong_.lamp)];
    auto& other = swapped.lamps[std::size_t(wrong_.reached)];
    std::swap(one, other);
    std::swap(one.ballastFarads, other.ballastFarads);  // it stays with the output, as what senses its current does
    std::swap(one.sensedTimes, other.sensedTimes);
    const auto state = swapped.state();
    const auto lightAt = [&](int output) {
        return state.amps[std::size_t(output)] * swapped.lamps[std::size_t(output)].glow;
    };
    const double ofLamp = lightAt(wrong_.reached);  // it hangs there now
    const double ofOther = lightAt(wrong_.lamp);
    const double brighter = std::max(ofLamp, ofOther);
    const double contrast = brighter > 0 ? std::abs(ofLamp - ofOther) / brighter : 0;
    if (wrong_.lamp == wrong_.reached || contrast < 0.2 || !happens("the dark one is seen", 0.85 * contrast)) {
        return happens("guess", 0.25) ? "stays" : "notTold";
    }
    return ofLamp < ofOther ? "moves" : "stays";
}

/// What changes when something is swapped, mended or driven from outside; empty for other tests.
std::string CircuitLampSet::tried(const std::string& test) const {
    const bool isInverter = !isOfALamp() && !has(LampTrouble::Boards);
    const auto with = [&](const auto& change) {
        auto changed = circuit_;
        change(changed.lamps[std::size_t(wrong_.lamp)]);
        return CircuitLampSet(boards(), wrong_, watch_, std::move(changed), trade());
    };
    const auto asNew = [&](LampLine& line) {
        const double ballast = line.ballastFarads;
        const double sensed = line.sensedTimes;
        line = {.runVolts = circuit_.newVolts, .strikesAt = 1.5};
        line.ballastFarads = ballast;
        line.sensedTimes = sensed;
    };
    if (test == "reseat" || test == "backOff") {
        const double often = has(LampTrouble::LoosePlug) ? 0.55 : has(LampTrouble::BurntJoint) ? 0.15 : 0.02;
        return happens(test, often) ? "helps" : "same";
    }
    if (test == "plugsSwapped") {
        return plugsSwapped();
    }
    if (test == "dummyLamp") {
        const bool isThere = happens("the right output", 0.9);
        const auto loaded = with([&](LampLine& line) { isThere ? asNew(line) : void(); });
        return !circuit_.runs ? "dark" : loaded.stops(loaded.circuit_) ? "trips" : "runs";
    }
    if (test == "lampSwapped" || test == "jointSoldered") {
        const bool isThere = happens("the right lamp", 0.93) && isOfALamp();
        const auto mended = with([&](LampLine& line) {
            if (isThere && test == "lampSwapped") {
                const double joint = happens("its joint comes with it", 0.7) ? 0 : line.seriesOhms;
                asNew(line);
                line.seriesOhms = joint;
            } else if (isThere && has(LampTrouble::BurntJoint)) {
                line.seriesOhms = 0;
            }
        });
        return isThere && !mended.isNoticed() ? "helps" : "same";
    }
    if (test == "knownPowerBoard" && isInverter) {
        return "lights";
    }
    if (test == "panelCheck" && !has(LampTrouble::Boards)) {
        // From a generator of one's own, lamp by lamp: what the lamps and their wires alone make of it.
        const auto& line = circuit_.lamps[std::size_t(wrong_.lamp)];
        const bool isOut = line.isBroken || line.seriesOhms > 1e6;
        const bool isWeak = line.glow < 0.8 || line.seriesOhms > 1e5;
        return isOut ? "darkArea" : isWeak && happens("weak is seen", 0.6) ? "darkArea" : "fine";
    }
    if (test == "forcedOn" && !has(LampTrouble::Boards)) {
        return light().what == Light::StaysLit ? "lights" : "dark";
    }
    return {};
}

std::string CircuitLampSet::answerTo(const std::string& test) const {
    for (const auto room : {&CircuitLampSet::sightOf, &CircuitLampSet::lifeSigns, &CircuitLampSet::signsOf,
                            &CircuitLampSet::compared, &CircuitLampSet::tried}) {
        if (auto answer = (this->*room)(test); !answer.empty()) {
            return answer;
        }
    }
    return {};
}

// ---- parts, rails and pins ------------------------------------------------------------------------------------------

bool CircuitLampSet::isBad(const evidence::PointAsked& asked) const {
    if (has(LampTrouble::SenseParts) && asked.point == "inverterSenseResistor") {
        return happens("it is the resistor", 0.6);
    }
    return isCulprit(asked.point) || isWornOfRow(asked, wrong_.rowHealth);
}

/// A rail or pin of the inverter in the first second, where \p rated volts should stand at a rail.
double CircuitLampSet::voltsAt(const std::string& point, double rated) const {
    const bool isAsked = !has(LampTrouble::Boards) || circuit_.runs;
    if (point == "inverterEnable") {
        return isAsked ? 2.6 + 1.2 * chance("enable") : 0.1;
    }
    const bool isBehindFuse = has(LampTrouble::DriveStage) || has(LampTrouble::BlownFuse);
    const bool isFed = !has(LampTrouble::NoSupply) && (isAsked || happens("fed anyway", 0.6));
    if (!isFed || (isBehindFuse && happens("behind the fuse", 0.35))) {
        return 0.1;
    }
    const double share = has(LampTrouble::AgedCapacitors) ? (2 + circuit_.supplyShare) / 3 : circuit_.supplyShare;
    return rated * (point == "inverterRail" ? share : 1);
}

bool CircuitLampSet::misreads(parts::PartKind kind, const evidence::PointAsked& asked) const {
    // What lies beside a part in its circuit never opens a fuse or raises a resistor.
    const bool cannot = kind == parts::PartKind::Fuse || kind == parts::PartKind::Resistor;
    return !cannot && happens("in circuit" + asked.point + asked.ref, 0.04);
}

// ---- drawing them ---------------------------------------------------------------------------------------------------

namespace {

LampCircuit drawCircuit(Draw& draw) {
    LampCircuit circuit;
    const bool isSmall = draw.happens(0.5);
    const int lamps = isSmall ? draw.oneOf<int>({2, 4, 4, 6}) : draw.oneOf<int>({8, 10, 12, 16, 20});
    circuit.hertz = draw.between(35e3, 70e3);
    circuit.aimAmps = draw.between(4e-3, 7.5e-3);
    const double volts = isSmall ? draw.between(500, 800) : draw.between(850, 1500);
    circuit.newVolts = volts;
    const double ballastOhms = volts / circuit.aimAmps * draw.between(0.7, 1.6);
    const double strikes = draw.between(1.4, 2);
    for (int lamp = 0; lamp < lamps; ++lamp) {
        LampLine line;
        line.runVolts = volts * draw.normal(1, 0.03);
        line.strikesAt = strikes * draw.normal(1, 0.05);
        line.ballastFarads = draw.normal(1, 0.02) / (2 * std::numbers::pi * circuit.hertz * ballastOhms);
        circuit.lamps.push_back(line);
    }
    const int each = draw.happens(0.2) ? lamps / 2 : lamps % 4 == 0 && draw.happens(0.4) ? 2 : 1;
    for (int first = 0; first < lamps; first += each) {
        LampOutput output{std::vector<int>(std::size_t(each)), first < lamps / 2 ? 0 : 1};
        std::iota(output.lamps.begin(), output.lamps.end(), first);
        circuit.outputs.push_back(std::move(output));
    }
    const double needed = std::hypot(volts, circuit.aimAmps * ballastOhms);
    circuit.leakageOhms = draw.between(0.15, 0.5) * needed / (each * circuit.aimAmps);
    circuit.filmOhms = circuit.leakageOhms / draw.between(0.2, 0.5);
    circuit.mostVolts = 5 * needed;
    circuit.mostVolts *= circuit.state().share * draw.between(1.25, 2);
    return circuit;
}

LampWatch drawWatch(Draw& draw, const LampCircuit& circuit) {
    LampWatch watch;
    watch.looksAtEach = draw.happens(0.7);
    watch.halvesStandAlone = draw.happens(0.15);
    watch.least = draw.between(0.3, 0.65);
    const double open = circuit.mostVolts / (1 - circuit.leakageOhms / circuit.filmOhms);
    watch.mostVolts = draw.happens(0.4) ? 2 * open : draw.between(0.9, 1.2) * open;
    watch.seconds = draw.about(0.7, 3);
    return watch;
}

/// Puts a trouble into a sound circuit.
void spoil(Draw& draw, CircuitLampSet::Wrong& wrong, LampCircuit& circuit) {
    const int lamps = int(circuit.lamps.size());
    const auto age = [&](LampLine& line, double by) {
        line.runVolts *= 1 + 0.7 * by;
        line.strikesAt *= 1 + 0.5 * by;
        line.glow = 1 - 0.6 * by;
    };
    auto& line = circuit.lamps[std::size_t(wrong.lamp)];
    auto& output = *std::find_if(circuit.outputs.begin(), circuit.outputs.end(), [&](const auto& one) {
        return std::find(one.lamps.begin(), one.lamps.end(), wrong.lamp) != one.lamps.end();
    });
    switch (wrong.trouble) {
        case LampTrouble::WornLamp:
            age(line, draw.between(0.15, 1));
            break;
        case LampTrouble::AgedLamps: {
            const double together = draw.between(0.15, 0.5);
            for (auto& one : circuit.lamps) {
                age(one, std::clamp(together + draw.normal(0, 0.15), 0.0, 1.0));
            }
            break;
        }
        case LampTrouble::BrokenLamp:
            line.isBroken = true;
            break;
        case LampTrouble::BurntJoint:
            line.seriesOhms = draw.about(60e3, 30e6);
            break;
        case LampTrouble::LoosePlug:
            line.seriesOhms = draw.about(150e3, 60e6);
            break;
        case LampTrouble::ShortedTurns:
            output.turnsTimes = draw.between(0.1, 0.85);
            break;
        case LampTrouble::DriftedFilm:
            output.filmTimes = draw.between(0.3, 0.92);
            break;
        case LampTrouble::AgedCapacitors:
        case LampTrouble::TiredSupply:
            circuit.supplyShare = draw.between(0.55, 0.92);  // brought in soon after it shows
            break;
        case LampTrouble::SenseParts:
            line.sensedTimes = draw.happens(0.7) ? draw.between(0, 0.45) : draw.between(1.8, 4);
            wrong.stopsAnyway = lamps == 2 || draw.happens(0.5);
            break;
        case LampTrouble::Controller:
        case LampTrouble::Nameless:
            wrong.stopsAnyway = draw.happens(wrong.trouble == LampTrouble::Nameless ? 0.6 : 0.25);
            circuit.runs = wrong.stopsAnyway;
            break;
        case LampTrouble::DriveStage:
        case LampTrouble::BlownFuse:
        case LampTrouble::NoSupply:
            circuit.runs = false;
            break;
        case LampTrouble::Boards:
            break;
    }
}

}  // namespace

LampTrouble drawCircuitTrouble(Draw& draw) {
    const std::vector<std::pair<LampTrouble, double>> often = {
        {LampTrouble::WornLamp, 12},       {LampTrouble::AgedLamps, 5},   {LampTrouble::BrokenLamp, 5},
        {LampTrouble::BurntJoint, 15},     {LampTrouble::LoosePlug, 5},   {LampTrouble::ShortedTurns, 13},
        {LampTrouble::DriveStage, 8},      {LampTrouble::BlownFuse, 2},   {LampTrouble::DriftedFilm, 6},
        {LampTrouble::AgedCapacitors, 10}, {LampTrouble::SenseParts, 3},  {LampTrouble::Controller, 3},
        {LampTrouble::NoSupply, 3},        {LampTrouble::TiredSupply, 5}, {LampTrouble::Boards, 10},
        {LampTrouble::Nameless, 2.5}};
    return draw.oneByWeight(often);
}

std::shared_ptr<const CircuitLampSet> drawCircuitLampSet(Draw& draw, const CircuitLampSet::Wrong& wrong,
                                                         const BenchSet& boards, bool isAsked,
                                                         const knowledge::Knowledge& trade) {
    for (;;) {
        auto circuit = drawCircuit(draw);
        const auto watch = drawWatch(draw, circuit);
        const int lamps = int(circuit.lamps.size());
        const CircuitLampSet sound(boards, {LampTrouble::BurntJoint, 0, 0, false, {}, wrong.seed}, watch, circuit,
                                   trade);
        auto own = wrong;
        own.lamp = own.trouble == LampTrouble::BurntJoint && draw.happens(0.4) ? 0 : draw.whole(0, lamps - 1);
        const int half = lamps / 2;
        const int first = own.lamp < half ? 0 : half;
        own.reached = own.lamp + 1 < first + half ? own.lamp + 1 : std::max(first, own.lamp - 1);
        const double age = draw.between(0.35, 0.75);
        for (int part = 0; part < 3; ++part) {
            own.rowHealth.push_back(age * draw.normal(1, 0.25));
        }
        spoil(draw, own, circuit);
        circuit.runs = circuit.runs && isAsked;
        auto set = std::make_shared<CircuitLampSet>(boards, std::move(own), watch, std::move(circuit), trade);
        // A make that is never sound was not sold, and what nobody notices is not brought in.
        if (!sound.isNoticed() && set->isNoticed()) {
            return set;
        }
    }
}

}  // namespace dimglow::virtualset
