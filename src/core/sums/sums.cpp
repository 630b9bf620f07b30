#include "core/sums/sums.h"

#include <algorithm>
#include <cmath>

#include "core/lamps/inverter.h"
#include "core/lamps/lamps.h"
#include "core/parts/part_check.h"
#include "core/parts/resistors.h"
#include "core/plan/colour.h"
#include "core/repair/current.h"
#include "core/repair/heat.h"
#include "core/safety/stored_charge.h"
#include "core/sums/driver_bench.h"
#include "core/typing/tokens.h"

namespace dimglow::sums {

using text::say;
using text::Text;
using typing::Unit;

namespace {

/// What a sum puts out, under its names.
class Out {
public:
    Out& put(const char* id, Text name, double value, Unit unit) {
        return put(id, std::move(name), value, inUnits(value, unit));
    }
    Out& put(const char* id, Text name, double value, Text words) {
        answer_.results.push_back({id, std::move(name), value, std::move(words)});
        return *this;
    }
    Out& note(Text words) {
        answer_.notes.push_back(std::move(words));
        return *this;
    }
    Answer done() { return std::move(answer_); }

private:
    Answer answer_;
};

Answer refused(Text why) {
    Answer answer;
    answer.missing = std::move(why);
    return answer;
}

Asked asked(const char* id, Text name, Unit unit, const char* word, double scale, double low, double high) {
    return {id, std::move(name), unit, word, scale, low, high};
}
Asked volts(const char* id, Text name, double high = 2000) {
    return asked(id, std::move(name), Unit::Volts, "V", 1, 1e-3, high);
}
Asked amps(const char* id, Text name) {
    return asked(id, std::move(name), Unit::Amps, "mA", 1e-3, 1e-6, 50);
}
Asked ohms(const char* id, Text name, const char* word = "Ω", double scale = 1) {
    return asked(id, std::move(name), Unit::Ohms, word, scale, 1e-3, 1e9);
}
Asked farads(const char* id, Text name, const char* word, double scale) {
    return asked(id, std::move(name), Unit::Farads, word, scale, 1e-13, 1);
}
Asked hertz(const char* id, Text name) {
    return asked(id, std::move(name), Unit::Hertz, "kHz", 1e3, 1, 1e8);
}
Asked henries(const char* id, Text name, const char* word, double scale) {
    return asked(id, std::move(name), Unit::Henries, word, scale, 1e-9, 100);
}
Asked share(const char* id, Text name, double low, double high) {
    return asked(id, std::move(name), Unit::Share, "%", 0.01, low, high);
}
Asked count(const char* id, Text name, double high = 1000) {
    return asked(id, std::move(name), Unit::None, "", 1, 1, high);
}
Asked usually(Asked one, double value) {
    one.usual = value;
    return one;
}
Asked maybe(Asked one) {
    one.isNeeded = false;
    return one;
}

std::optional<double> given(const Given& all, const char* id) {
    const auto found = all.find(id);
    return found == all.end() ? std::nullopt : std::optional(found->second);
}

Answer boost(const Given& of) {
    const BoostStage stage{of.at("vin"), of.at("vout"), of.at("iout"), of.at("eff"), of.at("f"), of.at("l")};
    if (stage.outVolts <= stage.inVolts) {
        return refused(say("It steps up: the output must be above the input."));
    }
    const auto figures = boostFigures(stage);
    Out out;
    out.put("duty", say("duty"), figures.duty, Unit::Share)
        .put("iin", say("current in"), figures.inAmps, Unit::Amps)
        .put("ripple", say("ripple of the coil"), figures.rippleAmps, Unit::Amps)
        .put("peak", say("peak of the coil"), figures.peakAmps, Unit::Amps)
        .put("stress", say("diode and MOSFET see"), stage.outVolts, Unit::Volts);
    out.note(figures.isDiscontinuous
                 ? say("Half the ripple is above the current in: the coil runs empty, so that duty and peak are less.")
                 : say("The coil never runs empty."));
    out.note(say("Diode from {:.0f} V on, MOSFET likewise: a quarter above what they see.", 1.25 * stage.outVolts));
    return out.done();
}

Answer divider(const Given& of) {
    const double reference = of.at("vref");
    const double top = of.at("top");
    Out out;
    if (const auto bottom = given(of, "bottom")) {
        out.put("vout", say("limit"), dividedVolts(reference, top, *bottom), Unit::Volts);
    }
    if (const auto wanted = given(of, "vout")) {
        if (*wanted <= reference) {
            return refused(say("The limit must be above the reference."));
        }
        const double ohms = bottomOhmsFor(reference, top, *wanted);
        const auto near = parts::nearest(ohms, parts::Series::E24, 2);
        out.put("bottom", say("bottom resistor"), ohms, Unit::Ohms);
        for (const auto& network : near) {
            out.put("made", text::name(parts::nameOf(network)), dividedVolts(reference, top, network.ohms),
                    Unit::Volts);
        }
        out.note(say("More ohms below: a lower limit."));
    }
    if (!given(of, "bottom") && !given(of, "vout")) {
        return refused(say("Type the bottom resistor, or the limit that is wanted."));
    }
    return out.note(say("A limit that was raised no longer guards the strips: note what it was.")).done();
}

Answer current(repair::CurrentBy by, const Given& of) {
    const double now = of.at("r");
    const auto kind = repair::kindOf(now);
    if (kind && *kind != by) {
        return refused(by == repair::CurrentBy::Sense
                           ? say("Kilo-ohms set a current, they do not sense it: take the other sum.")
                           : say("Tenths of ohms sense a current, they do not set it: take the other sum."));
    }
    const auto law = repair::lawOf(by, of.at("i"), now);
    Out out;
    out.put("constant", by == repair::CurrentBy::Sense ? say("reference") : say("constant"), law.constant, Unit::Volts);
    if (const auto wanted = given(of, "want")) {
        out.put("ohms", say("resistor"), law.ohms(*wanted), Unit::Ohms);
        for (const auto& way : repair::waysTo(law, *wanted, parts::Series::E24, 3)) {
            out.put("made", text::name(parts::nameOf(way.resistors)), way.amps, Unit::Amps);
            std::vector<Text> heat;
            for (const auto& part : way.heat) {
                heat.push_back(say("{} in {}", inUnits(part.watts, Unit::Watts), parts::codeOf(part.ohms)));
            }
            if (!heat.empty()) {
                out.note(say("{}: {}", parts::nameOf(way.resistors), text::joined(heat)));
            }
        }
        out.note(say("{}.", repair::direction(now, law.ohms(*wanted))));
        out.note(say("LEDs last {:.2f} times as long from now on, light {:.0f} %.",
                     repair::lifeTimes(of.at("i"), *wanted), 100 * repair::lightTimes(of.at("i"), *wanted)));
    }
    return out.note(say("Write down what was there before it is changed, and the brightness it was measured at."))
        .done();
}
Answer sense(const Given& of) {
    return current(repair::CurrentBy::Sense, of);
}
Answer set(const Given& of) {
    return current(repair::CurrentBy::Set, of);
}

Answer preferred(const Given& of) {
    Out out;
    for (const auto series : {parts::Series::E12, parts::Series::E24}) {
        for (const auto& network : parts::nearest(of.at("r"), series, 3)) {
            out.put(series == parts::Series::E12 ? "e12" : "e24",
                    text::name((series == parts::Series::E12 ? "E12  " : "E24  ") + parts::nameOf(network)),
                    network.ohms,
                    say("{}, {:+.2f} %", inUnits(network.ohms, Unit::Ohms), 100 * (network.ohms / of.at("r") - 1)));
        }
    }
    return out.done();
}

Answer winding(const Given& of) {
    const int turns = turnsFor(of.at("want"), of.at("base"), of.at("diode"), of.at("turn"));
    const double more = turns * of.at("turn");
    return Out()
        .put("turns", say("turns"), turns, say("{} turns", turns))
        .put("aiding", say("the right way round"), of.at("base") + more, Unit::Volts)
        .put("opposing", say("the wrong way round"), of.at("base") - more, Unit::Volts)
        .note(say("Before diode and regulation. Measured below the base rail: its ends are swapped."))
        .note(say("Triple insulated wire, away from the mains side. Mains out and bulk measured empty first."))
        .done();
}

Answer windingTried(const Given& of) {
    const double high = std::max(of.at("one"), of.at("other"));
    const double low = std::min(of.at("one"), of.at("other"));
    const auto found = windingOf(high, low, int(std::lround(of.at("turns"))));
    Out out;
    out.put("base", say("base rail"), found.baseVolts, Unit::Volts)
        .put("turn", say("a turn gives"), found.voltsPerTurn, Unit::Volts);
    if (const auto wanted = given(of, "want"); wanted && found.voltsPerTurn > 0) {
        const int turns = turnsFor(*wanted, found.baseVolts, 0.7, found.voltsPerTurn);
        out.put("turns", say("turns for {}", inUnits(*wanted, Unit::Volts)), turns, say("{} turns", turns));
    }
    return out.done();
}

Answer start(const Given& of) {
    const StartSupply supply{of.at("rail"), of.at("vz"), of.at("r"), of.at("icc")};
    if (supply.railVolts <= supply.zenerVolts) {
        return refused(say("The rail must be above the zener."));
    }
    const auto figures = startFigures(supply);
    Out out;
    out.put("iz", say("through the zener"), figures.zenerAmps, Unit::Amps)
        .put("pz", say("zener"), figures.zenerWatts, Unit::Watts)
        .put("pr", say("resistor"), figures.resistorWatts, Unit::Watts);
    if (figures.zenerAmps < 0) {
        out.note(say("Too little: the chip starves and restarts, the light blinks. Fewer ohms."));
    }
    constexpr double lowRail = 20;
    return out
        .note(supply.railVolts < lowRail ? say("Below about 20 V no zener: a few hundred ohms.")
                                         : say("Usual: 4.7 to 10 kΩ and the zener."))
        .done();
}

Answer mains(const Given& of) {
    return Out()
        .put("vdc", say("bulk without power-factor correction"), std::sqrt(2.0) * of.at("vac"), Unit::Volts)
        .put("pfc", say("with it, while the set is on"), 390, say("380 to 400 V"))
        .note(say("Beyond 60 V: trained people, one hand, local codes. No scope earth on the hot side."))
        .done();
}

Answer rail(const Given& of) {
    const double label = of.at("label");
    const double within = of.at("within");
    Out out;
    out.put("low", say("from"), label * (1 - within), Unit::Volts)
        .put("high", say("up to"), label * (1 + within), Unit::Volts);
    if (const auto read = given(of, "read")) {
        out.put("off", say("off by"), *read / label - 1, say("{:+.1f} %", 100 * (*read / label - 1)));
        out.note(std::abs(*read / label - 1) <= within ? say("Within its band.") : say("Outside its band."));
    }
    return out.done();
}

Answer discharge(const Given& of) {
    const safety::Discharger resistor{of.at("r"), given(of, "watts"), given(of, "rated")};
    const auto through = safety::dischargeThrough(resistor, of.at("c"), of.at("v"));
    Out out;
    out.put("touch", say("to {:.0f} V", safety::touchVolts), through->secondsToTouch, Unit::Seconds)
        .put("ready", say("to {:.0f} V", safety::readyVolts), through->secondsToReady, Unit::Seconds)
        .put("one", say("to {:.0f} V", 1.0), safety::secondsTo(1, of.at("v"), of.at("c"), of.at("r")), Unit::Seconds)
        .put("energy", say("energy"), through->joules, say("{:.3g} J", through->joules))
        .put("peak", say("peak in the resistor"), through->peakWatts, Unit::Watts);
    if (!through->standsTheVolts || !through->standsThePulse) {
        out.note(say("This resistor does not stand it: higher volts or more watts."));
    }
    return out.note(say("Measure, discharge, measure again; the resistor stays on. No screwdriver.")).done();
}

Answer bleed(const Given& of) {
    const safety::TimedReadings readings{of.at("v1"), of.at("v2"), of.at("t")};
    const auto constant = safety::timeConstantOf(readings);
    if (!constant) {
        return refused(say("The volts did not fall between the readings."));
    }
    Out out;
    out.put("tau", say("time constant"), *constant, Unit::Seconds)
        .put("touch", say("from the second reading to {:.0f} V", safety::touchVolts),
             std::max(0.0, *constant * std::log(readings.secondVolts / safety::touchVolts)), Unit::Seconds);
    if (const auto bleeder = given(of, "r")) {
        out.put("c", say("capacitor, meter left on"), safety::faradsOf(readings, *bleeder, true).value_or(0),
                Unit::Farads);
        out.put("calone", say("capacitor, meter taken off"), safety::faradsOf(readings, *bleeder, false).value_or(0),
                Unit::Farads);
    }
    return out.done();
}

Answer esr(const Given& of) {
    const double limit = parts::highestEsr(of.at("c"), given(of, "v"));
    Out out;
    out.put("esr", say("at most, at 120 Hz"), limit, Unit::Ohms);
    if (const auto read = given(of, "read")) {
        out.note(*read > limit       ? say("Bad: renew it, and its row.")
                 : *read > limit / 2 ? say("Doubtful: compare it with its twin.")
                                     : say("Good."));
        // Twins of one age within a third of each other are what a meter and its leads make of alike parts (common
        // practice, no source).
        constexpr double alike = 1.33;
        if (const auto twin = given(of, "twin"); twin && *twin > 0) {
            out.put("times", say("of its twin"), *read / *twin, say("{:.1f} times", *read / *twin));
            out.note(*read > alike * *twin ? say("Worse than its twin: it goes first, whatever the limit says.")
                                           : say("No worse than its twin."));
        }
    }
    return out.note(say("Measured empty first: 2 V or less.")).done();
}

/// Two figures and the zeros behind them, or three and the zeros (IEC 60062).
Answer marking(const Given& of) {
    const int code = int(std::lround(of.at("code")));
    if (code < 100) {
        return refused(say("Three figures or four: 154, 1003."));
    }
    const int figures = code / 10;
    const double value = figures * std::pow(10, code % 10);
    Out out;
    out.put("ohms", say("a resistor"), value, Unit::Ohms);
    if (code < 1000) {
        out.put("farads", say("a capacitor"), 1e-12 * value, Unit::Farads)
            .put("henries", say("a coil"), 1e-6 * value, Unit::Henries);
    }
    return out.done();
}

Answer series(const Given& of) {
    const double left = of.at("vs") - of.at("vled");
    if (left <= 0) {
        return refused(say("The supply must be above the LED."));
    }
    const double ohms = left / of.at("i");
    const double fitted = parts::e24AtLeast(ohms);
    return Out()
        .put("ohms", say("resistor"), ohms, Unit::Ohms)
        .put("fitted", say("next of E24"), fitted, text::name(parts::codeOf(fitted)))
        .put("amps", say("current then"), left / fitted, Unit::Amps)
        .put("watts", say("it turns to heat"), left * left / fitted, Unit::Watts)
        .done();
}

Answer tester(const Given& of) {
    const double leds = std::round(of.at("n"));
    const double each = of.at("vled");
    constexpr double firstLimit = 5;
    return Out()
        .put("volts", say("lit"), leds * each, Unit::Volts)
        .put("knee", say("first glow from about"), 0.8 * leds * each, Unit::Volts)
        .put("limit", say("limit until polarity is known, at most"), firstLimit * leds, Unit::Volts)
        .put("watts", say("at that current"), leds * each * of.at("i"), Unit::Watts)
        .note(say("Plug out of the board first. Beyond 60 V: hands off the strips."))
        .done();
}

Answer stack(const Given& of) {
    const double wanted = of.at("v");
    const double each = of.at("each");
    const int needed = std::max(1, int(std::ceil(wanted * 1.1 / each - 1e-9)));
    const double top = wanted;
    Out out;
    out.put("n", say("supplies in series"), needed, say("{}", needed))
        .put("set", say("each at"), wanted / needed, Unit::Volts);
    if (const auto isolation = given(of, "iso"); isolation && top > *isolation) {
        return refused(say("{:.0f} V above earth at the top, and its terminals stand {:.0f}: not with these supplies.",
                           top, *isolation));
    }
    return out.note(say("Floating outputs, connected at 0 V, then turned up together; polarity through 4.7 kΩ first."))
        .note(say("They stay charged afterwards: measured before they are touched."))
        .done();
}

Answer stepUp(const Given& of) {
    const double in = of.at("vout") * of.at("iout") / (of.at("eff") * of.at("vin"));
    return Out()
        .put("iin", say("it takes"), in, Unit::Amps)
        .put("ratio", say("it steps up"), of.at("vout") / of.at("vin"),
             say("{:.1f} times", of.at("vout") / of.at("vin")))
        .put("watts", say("out"), of.at("vout") * of.at("iout"), Unit::Watts)
        .note(of.at("vout") / of.at("vin") > 10
                  ? say("More than ten times is beyond most modules: a higher input.")
                  : say("Its current limit is set with the output shorted, its volts open."))
        .note(say("Beyond 60 V its output is as dangerous as LED+; its capacitor keeps it."))
        .done();
}

Answer heat(const Given& of) {
    repair::HeatPath path;
    path.volts = of.at("v");
    path.amps = of.at("i");
    path.roomCelsius = of.at("room");
    path.areaMm2 = of.at("area");
    if (const auto gap = given(of, "gap")) {
        path.seat = repair::Seat::Gap;
        path.gapMm = *gap;
    }
    const auto junction = repair::junctionCelsius(path);
    return Out()
        .put("tj", say("junction"), junction.likely,
             say("{:.0f} °C, between {:.0f} and {:.0f}", junction.likely, junction.low, junction.high))
        .note(path.seat == repair::Seat::Gap ? say("Air under it: press it flush, or it cooks.")
                                             : say("Flush on its tape."))
        .done();
}

Answer cooler(const Given& of) {
    const double times = repair::arrheniusTimes(of.at("hot"), of.at("cool"));
    return Out().put("times", say("life"), times, say("{:.2f} times", times)).done();
}

Answer fewerAmps(const Given& of) {
    const double life = repair::lifeTimes(of.at("i"), of.at("want"), of.at("n"));
    const double light = repair::lightTimes(of.at("i"), of.at("want"));
    return Out()
        .put("life", say("life, from now on"), life, say("{:.2f} times", life))
        .put("light", say("light"), light, Unit::Share)
        .done();
}

Answer white(const Given& of) {
    const plan::Chromaticity light{of.at("x"), of.at("y")};
    const double kelvin = plan::colourTemperature(light);
    Out out;
    out.put("cct", say("colour temperature"), kelvin, say("{:.0f} K", kelvin));
    if (given(of, "x2") && given(of, "y2")) {
        const double apart = plan::differenceOf(light, {*given(of, "x2"), *given(of, "y2")});
        out.put("steps", say("apart, just visible steps"), apart / plan::visibleDifference,
                say("{:.1f}", apart / plan::visibleDifference));
        out.note(say("{}.", plan::wordsOfDifference(apart)));
    }
    return out.done();
}

lamps::Output outputOf(const Given& of) {
    return {of.at("v"), of.at("i"), given(of, "f").value_or(0), given(of, "c").value_or(0),
            given(of, "stray").value_or(0)};
}
Answer lampOutput(const Given& of) {
    const auto output = outputOf(of);
    const double all = lamps::outputVolts(output);
    Out out;
    out.put("out", say("output"), all, Unit::Volts)
        .put("run", say("lamp as ohms"), output.lampVolts / output.amps, Unit::Ohms);
    if (output.strayFarads > 0) {
        out.put("left", say("left by stray"), lamps::ampsWithStray(output), Unit::Amps);
    }
    out.put("strike", say("to strike, from"), lamps::strikesFrom * output.lampVolts, Unit::Volts);
    return out.note(say("Lamp and ballast add as vectors. Kilovolts: no meter on it.")).done();
}
Answer resonance(const Given& of) {
    const double at = lamps::resonanceHertz(of.at("l"), of.at("c"));
    Out out;
    out.put("f", say("resonance"), at, Unit::Hertz);
    if (const auto drift = given(of, "drift")) {
        const double now = lamps::resonanceHertz(of.at("l"), of.at("c") * (1 + *drift));
        out.put("now", say("with that drift"), now,
                say("{}, {:+.0f} %", inUnits(now, Unit::Hertz), 100 * (now / at - 1)));
    }
    return out.done();
}
Answer rings(const Given& of) {
    const double n = lamps::ringsAbove(0.25, of.at("q"));
    return Out()
        .put("n", say("rings down to a quarter"), n, say("{:.1f}", n))
        .note(say("A gapped transformer rings low when it is sound: its twin, out of circuit, decides."))
        .done();
}
Answer dummy(const Given& of) {
    return Out()
        .put("ohms", say("dummy lamp"), of.at("v") / of.at("i"), Unit::Ohms)
        .put("watts", say("it turns to heat"), of.at("v") * of.at("i"), Unit::Watts)
        .note(say("A chain of resistors, each within its volts; away from fingers and chassis."))
        .done();
}
Answer inverter(const Given& of) {
    const int lamps = int(std::lround(of.at("n")));
    return Out()
        .put("iin", say("from the supply"), lamps::supplyAmps(lamps, outputOf(of), of.at("vs"), of.at("eff")),
             Unit::Amps)
        .done();
}

std::vector<Sum> made() {
    const auto eff = [](double usual) { return usually(share("eff", say("efficiency"), 0.3, 1), usual); };
    const auto lampVolts = [] { return volts("v", say("lamp, running"), 5000); };
    const auto lampAmps = [] { return amps("i", say("lamp current")); };
    return {
        {"boost",
         say("Step-up stage"),
         "D = 1 − Vin·η/Vout",
         Picture::Boost,
         {volts("vin", say("input")), volts("vout", say("LED+")), amps("iout", say("LED current, all strings")),
          henries("l", say("coil"), "µH", 1e-6), hertz("f", say("switching")), eff(0.9)},
         boost},
        {"divider",
         say("Over-voltage divider"),
         "V = Vref·(1 + Rtop/Rbottom)",
         Picture::Divider,
         {volts("vref", say("reference"), 50), ohms("top", say("top resistor"), "kΩ", 1e3),
          maybe(ohms("bottom", say("bottom resistor"), "kΩ", 1e3)), maybe(volts("vout", say("limit wanted")))},
         divider},
        {"sense",
         say("Current by a sense resistor"),
         "I = Vref/Rsense",
         Picture::Sense,
         {amps("i", say("measured current")), ohms("r", say("its resistor")),
          maybe(amps("want", say("current wanted")))},
         sense},
        {"set",
         say("Current by a set resistor"),
         "I = k/Rset",
         Picture::Set,
         {amps("i", say("measured current")), ohms("r", say("its resistor"), "kΩ", 1e3),
          maybe(amps("want", say("current wanted")))},
         set},
        {"resistors", say("Preferred values"), "E12, E24", Picture::None, {ohms("r", say("wanted"))}, preferred},
        {"winding",
         say("Added winding"),
         "n = ⌈(V − Vbase + Vd)/(V per turn)⌉",
         Picture::Winding,
         {volts("want", say("rail wanted"), 100), volts("base", say("base rail"), 100),
          volts("turn", say("a turn gives"), 20), usually(volts("diode", say("diode"), 3), 0.7)},
         winding},
        {"polarities",
         say("Winding tried both ways"),
         "base = mean, per turn = half the difference",
         Picture::Winding,
         {volts("one", say("one way round"), 200), volts("other", say("the other"), 200),
          count("turns", say("turns"), 100), maybe(volts("want", say("rail wanted"), 100))},
         windingTried},
        {"start",
         say("Start resistor and zener"),
         "Iz = (B+ − Vz)/R − Icc",
         Picture::Start,
         {volts("rail", say("rail")), volts("vz", say("zener"), 100), ohms("r", say("resistor"), "kΩ", 1e3),
          amps("icc", say("the chip takes"))},
         start},
        {"mains", say("Rectified mains"), "V = √2·V~", Picture::None, {volts("vac", say("mains, AC"), 500)}, mains},
        {"rail",
         say("A rail against its label"),
         "± 5 %",
         Picture::None,
         {volts("label", say("label")), maybe(volts("read", say("measured"))),
          usually(share("within", say("within"), 0.001, 0.5), 0.05)},
         rail},
        {"discharge",
         say("Discharge through a resistor"),
         "t = R·C·ln(V0/V)",
         Picture::Discharge,
         {volts("v", say("charged to")), farads("c", say("capacitor"), "µF", 1e-6), ohms("r", say("resistor")),
          maybe(asked("watts", say("resistor's watts"), Unit::Watts, "W", 1, 0.01, 1000)),
          maybe(volts("rated", say("resistor stands"), 10'000))},
         discharge},
        {"bleed",
         say("Two readings of a charged capacitor"),
         "C = t/(R·ln(V1/V2))",
         Picture::Discharge,
         {volts("v1", say("first reading")), volts("v2", say("second")),
          asked("t", say("between them"), Unit::Seconds, "s", 1, 0.1, 1e5),
          maybe(ohms("r", say("bleeder"), "kΩ", 1e3))},
         bleed},
        {"esr",
         say("Highest ESR"),
         "tan δ/(2πfC)",
         Picture::None,
         {farads("c", say("capacitor"), "µF", 1e-6), maybe(volts("v", say("rated volts"), 1000)),
          maybe(ohms("read", say("measured"))), maybe(ohms("twin", say("its twin reads")))},
         esr},
        {"marking",
         say("Number printed on a part"),
         "ab·10ᶜ, abc·10ᵈ",
         Picture::None,
         {count("code", say("printed, as 154 or 1003"), 9999)},
         marking},
        {"series",
         say("Series resistor for one LED"),
         "R = (Vs − Vled)/I",
         Picture::Set,
         {volts("vs", say("supply"), 60), volts("vled", say("LED"), 60), amps("i", say("current"))},
         series},
        {"tester",
         say("Strip tester"),
         "V = n·Vled",
         Picture::Stack,
         {count("n", say("LEDs in series"), 300), usually(volts("vled", say("each"), 60), 3.1),
          usually(amps("i", say("current")), 0.03)},
         tester},
        {"stack",
         say("Supplies in series"),
         "n = ⌈1.1·V/Veach⌉",
         Picture::Stack,
         {volts("v", say("wanted"), 600), volts("each", say("each gives at most"), 300),
          maybe(volts("iso", say("terminals stand, to earth"), 2000))},
         stack},
        {"stepup",
         say("Tester by a step-up module"),
         "Iin = Vout·Iout/(η·Vin)",
         Picture::Boost,
         {volts("vin", say("input"), 60), volts("vout", say("output"), 400), amps("iout", say("current out")),
          eff(0.85)},
         stepUp},
        {"heat",
         say("Junction temperature"),
         "Tj = Ta + P·(Rjs + Rsc + Rca)",
         Picture::None,
         {volts("v", say("LED"), 100), amps("i", say("current")),
          usually(asked("room", say("room"), Unit::Celsius, "°C", 1, -40, 80), 25),
          usually(asked("area", say("metal under one LED"), Unit::None, "mm²", 1, 10, 1e5), 300),
          maybe(asked("gap", say("air under the strip"), Unit::Millimetres, "mm", 1, 0.01, 20))},
         heat},
        {"cooler",
         say("Cooler lasts longer"),
         "exp(Ea/k·(1/Tcool − 1/Thot))",
         Picture::None,
         {asked("hot", say("hot"), Unit::Celsius, "°C", 1, -40, 250),
          asked("cool", say("cooler"), Unit::Celsius, "°C", 1, -40, 250)},
         cooler},
        {"less",
         say("Less current lasts longer"),
         "(Iold/Inew)ⁿ",
         Picture::None,
         {amps("i", say("current now")), amps("want", say("current wanted")),
          usually(asked("n", say("exponent"), Unit::None, "", 1, 0.1, 5), 1.5)},
         fewerAmps},
        {"white",
         say("White by a colour meter"),
         "McCamy 1992, Hernández-Andrés 1999",
         Picture::None,
         {asked("x", say("x"), Unit::None, "", 1, 0.2, 0.5), asked("y", say("y"), Unit::None, "", 1, 0.2, 0.5),
          maybe(asked("x2", say("x of its neighbour"), Unit::None, "", 1, 0.2, 0.5)),
          maybe(asked("y2", say("y of its neighbour"), Unit::None, "", 1, 0.2, 0.5))},
         white},
        {"lamp",
         say("Inverter output for a lamp"),
         "√(V² + (I·Xc)²)",
         Picture::Lamp,
         {lampVolts(), lampAmps(), hertz("f", say("inverter")), farads("c", say("ballast"), "pF", 1e-12),
          maybe(farads("stray", say("stray"), "pF", 1e-12))},
         lampOutput},
        {"resonance",
         say("Resonance and its shift"),
         "f = 1/(2π√(LC))",
         Picture::Lamp,
         {henries("l", say("coil"), "mH", 1e-3), farads("c", say("film capacitor"), "pF", 1e-12),
          maybe(share("drift", say("it has drifted by"), -0.9, 9))},
         resonance},
        {"rings", say("Ring test"), "n = (Q/π)·ln 4", Picture::None, {count("q", say("quality Q"), 1e4)}, rings},
        {"dummy", say("Dummy lamp"), "R = V/I", Picture::Lamp, {lampVolts(), lampAmps()}, dummy},
        {"inverter",
         say("Inverter's supply"),
         "I = n·V·Ilamp/(η·Vs)",
         Picture::Lamp,
         {count("n", say("lamps"), 60), lampVolts(), lampAmps(), volts("vs", say("its supply"), 500),
          eff(lamps::usualEfficiency)},
         inverter},
    };
}

/// "efficiency 90 %".
Text namedWords(const Asked& of, double value) {
    return of.unit == Unit::None && of.unitWord.empty() ? say("{} {:.3g}", of.name, value)
                                                        : say("{} {}", of.name, wordsOf(of, value));
}

}  // namespace

Text wordsOf(const Asked& of, double value) {
    return of.unit == Unit::None ? Text("{:.4g} " + of.unitWord, {value}) : inUnits(value, of.unit);
}

const std::vector<Sum>& all() {
    static const std::vector<Sum> sums = made();
    return sums;
}

const Sum* find(std::string_view id) {
    const auto found = std::find_if(all().begin(), all().end(), [&](const Sum& sum) { return sum.id == id; });
    return found == all().end() ? nullptr : &*found;
}

Answer work(const Sum& sum, const Given& given) {
    Given whole = given;
    std::vector<Text> assumed;
    for (const auto& of : sum.asked) {
        const auto typed = given.find(of.id);
        if (typed == given.end()) {
            if (of.usual) {
                whole[of.id] = *of.usual;
                assumed.push_back(namedWords(of, *of.usual));
            } else if (of.isNeeded) {
                return refused(say("Type: {}.", of.name));
            }
        } else if (!(typed->second >= of.low && typed->second <= of.high)) {
            return refused(say("{}: {} to {} only.", of.name, wordsOf(of, of.low), wordsOf(of, of.high)));
        }
    }
    Answer answer = sum.work(whole);
    for (const auto& result : answer.results) {
        if (!std::isfinite(result.value)) {
            return refused(say("No answer: {} is beyond all numbers.", result.name));
        }
    }
    if (answer.missing.empty()) {
        answer.assumed = std::move(assumed);
    }
    return answer;
}

std::variant<double, Text> readTyped(const Asked& of, std::string_view text, typing::Tongue tongue) {
    const auto tokens = typing::cut(text, tongue);
    std::size_t at = 0;
    bool isNegative = false;
    if (!tokens.empty() && tokens[0].is("-")) {
        isNegative = true;
        at = 1;
    }
    const auto value = typing::takeValue(tokens, at);
    if (const auto marked =
            of.unit == Unit::Ohms && (!value || at != tokens.size()) ? parts::readResistors(text) : std::nullopt) {
        return marked->ohms;
    }
    if (!value || at != tokens.size()) {
        return say("{} is no number for {}.", typing::cited(text), of.name);
    }
    if (value->number.orElse) {
        return typing::askWhich(value->typed, value->number);
    }
    double scale = of.scale;
    if (value->unit == of.unit && value->unit != Unit::None) {
        scale = value->scale;
    } else if (value->unit != Unit::None) {
        // A prefix alone: "47u", "200k".
        const bool isPrefix = value->unitTyped.size() == 1 &&
                              std::string_view("unpkmM").find(value->unitTyped[0]) != std::string_view::npos;
        if (!isPrefix) {
            return say("{} is asked for in {}.", of.name, of.unitWord.empty() ? std::string("1") : of.unitWord);
        }
        scale = value->scale;
    }
    return (isNegative ? -1 : 1) * value->number.value * scale;
}

Text inUnits(double value, Unit unit) {
    const char* word = unit == Unit::Volts     ? "V"
                       : unit == Unit::Amps    ? "A"
                       : unit == Unit::Ohms    ? "Ω"
                       : unit == Unit::Watts   ? "W"
                       : unit == Unit::Farads  ? "F"
                       : unit == Unit::Henries ? "H"
                       : unit == Unit::Hertz   ? "Hz"
                       : unit == Unit::Seconds ? "s"
                                               : nullptr;
    if (unit == Unit::Share) {
        return Text("{:.1f} %", {100 * value});
    }
    if (word == nullptr) {
        return Text(unit == Unit::Celsius ? "{:.0f} °C" : unit == Unit::Millimetres ? "{:.2f} mm" : "{:.4g}", {value});
    }
    struct Prefix {
        double scale;
        const char* sign;
    };
    constexpr Prefix prefixes[] = {{1e9, "G"},  {1e6, "M"},  {1e3, "k"},  {1, ""},
                                   {1e-3, "m"}, {1e-6, "µ"}, {1e-9, "n"}, {1e-12, "p"}};
    const double size = std::abs(value);
    const Prefix* chosen = size == 0 ? &prefixes[3] : &prefixes[std::size(prefixes) - 1];
    for (const auto& prefix : prefixes) {
        // Volts and seconds of a bench stay what they are: 1,131 V, 264 s.
        const bool isUsed = (unit != Unit::Seconds && unit != Unit::Volts) || prefix.scale <= 1;
        if (size != 0 && isUsed && size >= 0.9995 * prefix.scale) {
            chosen = &prefix;
            break;
        }
    }
    const double shown = value / chosen->scale;
    const char* format = std::abs(shown) < 9.995 ? "{:.2f} " : std::abs(shown) < 99.95 ? "{:.1f} " : "{:.0f} ";
    return Text(std::string(format) + chosen->sign + word, {shown});
}

}  // namespace dimglow::sums
