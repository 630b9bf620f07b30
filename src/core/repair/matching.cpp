#include "core/repair/matching.h"

#include <algorithm>
#include <cmath>

namespace dimglow::repair {

using parts::PartKind;
using text::name;
using text::say;
using text::Text;

namespace {

/// Volts of LEDs of one kind differ by this much from bin to bin (common practice, no source).
constexpr double binShare = 0.06;
constexpr double diodeVoltsTimes = 1.25;
constexpr double diodeAmpsTimes = 1.5;
constexpr double mostVoltsTimes = 2;
constexpr double faradsShare = 0.2;

Text milliamps(double amps) {
    return say("{:.0f} mA", 1000 * amps);
}
Text volts(double value) {
    return say("{:.2f} V", value);
}
Text millimetres(double value) {
    return say("{:.1f} mm", value);
}

/// Across an LED at a current; empty where its label leaves no volts for a junction.
std::optional<double> voltsAt(const backlight::LedSpec& spec, double amps) {
    const bool hasCurve = spec.ratedVolts > spec.dies * spec.seriesDropVolts && amps > 0;
    return hasCurve ? std::optional(backlight::ledCurve(spec).volts(amps)) : std::nullopt;
}

/// Where either is unknown the margin says so; otherwise \p judge fills in fit and why.
template <class Value, class Say, class Judge>
void weigh(std::vector<Margin>& all, Text quantity, const std::optional<Value>& have, const std::optional<Value>& need,
           Say words, Judge judge) {
    if (!have && !need) {
        return;
    }
    Margin margin{std::move(quantity), have ? words(*have) : Text(), need ? words(*need) : Text(), Fit::NotKnown, {}};
    if (have && need) {
        judge(margin, *have, *need);
    }
    all.push_back(std::move(margin));
}

/// Words that must be the same; \p differ is what it means when they are not.
void weighWords(std::vector<Margin>& all, Text quantity, const std::string& have, const std::string& need, Fit differ,
                Text why) {
    if (have.empty() && need.empty()) {
        return;
    }
    const bool areKnown = !have.empty() && !need.empty();
    const Fit fit = !areKnown ? Fit::NotKnown : have == need ? Fit::Fits : differ;
    all.push_back({std::move(quantity), name(have), name(need), fit, fit == differ ? std::move(why) : Text()});
}

/// The current of the driver against what an LED or a strip may have.
void weighAmps(std::vector<Margin>& all, const std::optional<double>& rated, const std::optional<double>& peak) {
    weigh(all, say("rated current"), rated, peak, milliamps, [](Margin& margin, double have, double need) {
        constexpr double warm = 0.9;
        const double share = need / have;
        margin.fit = share > 1 + 1e-9 ? Fit::DoesNot : share > warm ? Fit::FitsWithNote : Fit::Fits;
        const auto figures = say("{:.0f} mA through {:.0f}: {:.0f} %", 1000 * need, 1000 * have, 100 * share);
        margin.why = margin.fit == Fit::DoesNot        ? say("{}, overdriven: lower the current first", figures)
                     : margin.fit == Fit::FitsWithNote ? say("{}, at its limit: a lower current lets it last", figures)
                                                       : figures;
    });
}

/// At least the old one's.
void weighAtLeast(std::vector<Margin>& all, Text quantity, const std::optional<double>& have,
                  const std::optional<double>& need, Text (*words)(double)) {
    weigh(all, std::move(quantity), have, need, words, [](Margin& margin, double has, double needs) {
        margin.fit = has >= needs * (1 - 1e-9) ? Fit::Fits : Fit::DoesNot;
        margin.why = margin.fit == Fit::DoesNot ? say("a weaker one fails again") : Text();
    });
}

std::optional<double> times(const std::optional<double>& stress, double factor) {
    return stress ? std::optional(*stress * factor) : std::nullopt;
}
/// The larger of what was printed and what the place asks for.
std::optional<double> most(const std::optional<double>& a, const std::optional<double>& b) {
    return a && b ? std::optional(std::max(*a, *b)) : a ? a : b;
}

void matchCapacitor(std::vector<Margin>& all, PartKind kind, const parts::Ratings& offer, const parts::Ratings& old,
                    const Stress& stress) {
    const auto farads = [](double value) {
        return value < 1e-6 ? say("{:.3g} nF", 1e9 * value) : say("{:.4g} µF", 1e6 * value);
    };
    weigh(all, say("capacitance"), offer.farads, old.farads, farads, [kind](Margin& margin, double has, double needs) {
        const double off = has / needs - 1;
        // A film capacitor of a resonance is held to its value, an electrolytic may be larger.
        const double allowed = kind == PartKind::Film ? 0.05 : faradsShare;
        constexpr double muchMore = 1;
        margin.fit = std::abs(off) <= allowed + 1e-9                                ? Fit::Fits
                     : kind == PartKind::Electrolytic && off > 0 && off <= muchMore ? Fit::FitsWithNote
                                                                                    : Fit::DoesNot;
        margin.why = margin.fit == Fit::FitsWithNote ? say("larger: a stronger inrush, mostly harmless")
                     : margin.fit == Fit::DoesNot    ? say("{:+.0f} %: not the same part", 100 * off)
                                                     : Text();
    });
    weigh(all, say("rated volts"), offer.volts, most(old.volts, stress.volts), volts,
          [](Margin& margin, double has, double needs) {
              margin.fit = has < needs * (1 - 1e-9)       ? Fit::DoesNot
                           : has > mostVoltsTimes * needs ? Fit::FitsWithNote
                                                          : Fit::Fits;
              margin.why = margin.fit == Fit::DoesNot        ? say("a weaker one fails again")
                           : margin.fit == Fit::FitsWithNote ? say("far above: see whether it has the room and the ESR")
                                                             : Text();
          });
    if (kind == PartKind::Electrolytic) {
        constexpr double lasting = 105;
        weigh(
            all, say("temperature"), offer.celsius, std::optional(std::max(lasting, old.celsius.value_or(0))),
            [](double value) { return say("{:.0f} °C", value); },
            [](Margin& margin, double has, double needs) {
                margin.fit = has >= needs ? Fit::Fits : Fit::FitsWithNote;
                margin.why = has >= needs ? Text() : say("it dries out sooner: 105 °C types last");
            });
    }
}

void matchFuse(std::vector<Margin>& all, const parts::Ratings& offer, const parts::Ratings& old) {
    const auto amps = [](double value) { return say("{:.2f} A", value); };
    weigh(all, say("rated current"), offer.amps, old.amps, amps, [](Margin& margin, double has, double needs) {
        constexpr double like = 0.05;
        margin.fit = std::abs(has / needs - 1) <= like ? Fit::Fits : Fit::DoesNot;
        margin.why = has > needs * (1 + like)   ? say("a stronger fuse lets the board burn")
                     : has < needs * (1 - like) ? say("a weaker one blows at switch-on")
                                                : Text();
    });
    weighAtLeast(all, say("rated volts"), offer.volts, old.volts, volts);
}

void matchValue(std::vector<Margin>& all, Text quantity, const std::optional<double>& has,
                const std::optional<double>& needs, Text (*words)(double), double allowed) {
    weigh(all, std::move(quantity), has, needs, words, [allowed](Margin& margin, double have, double need) {
        const double off = have / need - 1;
        margin.fit = std::abs(off) <= allowed + 1e-9 ? Fit::Fits : Fit::DoesNot;
        margin.why = margin.fit == Fit::DoesNot ? say("{:+.0f} %: not the same part", 100 * off) : Text();
    });
}

}  // namespace

Text whyItFails(PartKind kind) {
    switch (kind) {
        case PartKind::Fuse:
            return say(
                "A fuse blows for something behind it: bridge, switch, varistor, shorted capacitor. Find that first.");
        case PartKind::Diode:
            return say(
                "An output diode dies of over-voltage or of a short behind it: output capacitor and divider too.");
        case PartKind::Mosfet:
        case PartKind::Transistor:
            return say(
                "A switch takes its gate resistor, the sense resistor and often the chip with it: measure them too.");
        case PartKind::Electrolytic:
            return say("Heat and age: its row is as old; a hot part beside it dries it out again.");
        case PartKind::Film:
            return say("Pulse current wears it: the same value, pulse type, its twin as well.");
        case PartKind::Zener:
            return say("It shorts when the rail ran away: see why before it is renewed.");
        case PartKind::Optocoupler:
            return say(
                "Its LED fades with heat and years; what it regulates ran away: measure that rail's capacitors.");
        case PartKind::Sense:
        case PartKind::Resistor:
            return say("It opens when the switch beside it shorted: measure that too.");
        default:
            return {};
    }
}

Text wordsOf(Fit fit) {
    switch (fit) {
        case Fit::Fits:
            return say("fits");
        case Fit::FitsWithNote:
            return say("fits, with a note");
        case Fit::NotKnown:
            return say("not known");
        case Fit::DoesNot:
            break;
    }
    return say("does not fit");
}

Fit verdictOf(const std::vector<Margin>& margins) {
    Fit worst = Fit::Fits;
    for (const auto& margin : margins) {
        worst = std::max(worst, margin.fit);
    }
    return worst;
}

std::vector<Margin> match(const parts::LedOffer& offer, const LedNeed& need) {
    std::vector<Margin> all;
    // Volts are compared at one current: the offer's curve has the shape of the old one's.
    const double at = need.peakAmps.value_or(need.spec.someRatedAmps());
    const auto old = voltsAt(need.spec, at);
    std::optional<double> has = offer.volts;
    if (const auto there = offer.voltsAtAmps ? voltsAt(need.spec, *offer.voltsAtAmps) : std::nullopt;
        has && old && there) {
        has = *has * *old / *there;
    }
    weigh(all, say("volts at {:.0f} mA", 1000 * at), has, need.spec.classAssumed ? std::nullopt : old, volts,
          [&](Margin& margin, double have, double needs) {
              const double off = have / needs - 1;
              const int dies = int(std::lround(have / backlight::classVoltsPerDie));
              margin.fit = std::abs(off) <= binShare                                 ? Fit::Fits
                           : dies == need.spec.dies && std::abs(off) <= 2 * binShare ? Fit::FitsWithNote
                                                                                     : Fit::DoesNot;
              margin.why = margin.fit == Fit::FitsWithNote ? say("another bin: lit a little otherwise")
                           : margin.fit == Fit::DoesNot    ? say("another class: {} dies, not {}", dies, need.spec.dies)
                                                           : Text();
          });
    weighAmps(all, offer.ratedAmps, need.peakAmps);
    weighWords(all, say("package"), offer.package, need.package, Fit::DoesNot, say("its pads lie elsewhere"));
    weighWords(all, say("plus pad"), offer.plusPad, need.plusPad, Fit::FitsWithNote,
               say("it goes in turned round: the plus pad to the plus pad, never by its looks"));
    weighWords(all, say("white"), offer.white, need.white, Fit::FitsWithNote, say("a tinted spot may show"));
    return all;
}

std::vector<Margin> match(const parts::StripFigures& offer, const parts::StripFigures& need) {
    std::vector<Margin> all;
    const auto count = [](int leds) { return say("{} LEDs", leds); };
    weigh(all, say("LEDs"), offer.leds, need.leds, count, [](Margin& margin, int has, int needs) {
        margin.fit = has == needs ? Fit::Fits : Fit::DoesNot;
        margin.why = has == needs ? Text() : say("another strip; cut to marks it may still serve");
    });
    matchValue(all, say("volts"), offer.volts, need.volts, volts, binShare);
    weighAmps(all, offer.ratedAmps, need.ratedAmps);
    const auto within = [&](Text quantity, const std::optional<double>& has, const std::optional<double>& needs,
                            double allowed, const Text& why) {
        weigh(all, std::move(quantity), has, needs, millimetres, [&](Margin& margin, double have, double wanted) {
            margin.fit = std::abs(have - wanted) <= allowed ? Fit::Fits : Fit::DoesNot;
            margin.why = margin.fit == Fit::DoesNot ? why : Text();
        });
    };
    within(say("pitch"), offer.pitchMm, need.pitchMm, 0.3, say("the lenses miss the holes of the reflector"));
    within(say("width"), offer.widthMm, need.widthMm, 1, say("it does not lie between its ribs"));
    within(say("length"), offer.lengthMm, need.lengthMm, 2, say("its pins and holes lie elsewhere"));
    weighWords(all, say("plug"), offer.connector, need.connector, Fit::FitsWithNote,
               say("the old lead is soldered on, plus to plus"));
    weighWords(all, say("side"), offer.side, need.side, Fit::DoesNot, say("the other half: its plug comes out wrong"));
    weighWords(all, say("lens"), offer.lens, need.lens, Fit::DoesNot, say("spots or rings show"));
    weighWords(all, say("batch"), offer.batch, need.batch, Fit::FitsWithNote,
               say("its tint may differ: renew all strips of a set together"));
    return all;
}

std::vector<Margin> match(PartKind kind, const parts::Ratings& offer, const parts::Ratings& old, const Stress& stress) {
    std::vector<Margin> all;
    const auto amps = [](double value) { return say("{:.2f} A", value); };
    const auto ohms = [](double value) { return say("{:.3g} Ω", value); };
    switch (kind) {
        case PartKind::Electrolytic:
        case PartKind::Film:
            matchCapacitor(all, kind, offer, old, stress);
            break;
        case PartKind::Fuse:
            matchFuse(all, offer, old);
            break;
        case PartKind::Zener:
            matchValue(all, say("zener volts"), offer.volts, old.volts, volts, 0.05);
            break;
        case PartKind::Resistor:
        case PartKind::Sense:
            matchValue(all, say("ohms"), offer.ohms, old.ohms, ohms, 0.02);
            break;
        case PartKind::Diode:
        case PartKind::Mosfet:
        case PartKind::Transistor:
            weighAtLeast(all, say("volts it stands"), offer.volts,
                         stress.volts ? times(stress.volts, diodeVoltsTimes) : old.volts, volts);
            weighAtLeast(all, say("amps it carries"), offer.amps,
                         stress.amps ? times(stress.amps, diodeAmpsTimes) : old.amps, amps);
            break;
        default:
            break;  // coils, rails and pins are not chosen by figures
    }
    return all;
}

}  // namespace dimglow::repair
