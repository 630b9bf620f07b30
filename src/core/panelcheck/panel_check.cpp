#include "core/panelcheck/panel_check.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/backlight/wiring.h"
#include "core/circuit/operating_point.h"
#include "core/panelcheck/supply_name.h"
#include "core/safety/energy_class.h"

namespace dimglow::panelcheck {

using text::say;
using text::Text;

namespace {

constexpr double spareShare = 1.1;
constexpr double kneeAmpsPerString = 1e-3;  ///< an eye in a dim room sees a panel glow from here (common practice)
constexpr double polarityAmps = 2e-3;
constexpr double sourceVolts = 5000;
/// Where a panel begins to glow, as shares of its volts when it is lit: it hangs on the LEDs, the room and the eye
/// (common practice, no source).
constexpr double earliestGlow = 0.62;
constexpr double latestGlow = 0.88;
constexpr double lightTolerance = 0.06;
constexpr double largeWidthMm = 1000;
constexpr double largeTconAmps = 1.5;

/// LED+ to LED− of a channel at \p amps.
double voltsAt(const backlight::Backlight& backlight, int channel, double amps) {
    auto driven = backlight;
    driven.channels[channel].amps = amps;
    return backlight::demandOf(driven, channel, {}, sourceVolts).volts;
}

double ampsAt(const backlight::Backlight& backlight, int channel, double volts, double limit) {
    auto driven = backlight;
    driven.channels = {backlight.channels[channel]};
    auto panel = backlight::buildPanel(driven, {}, volts, limit, backlight::Detail::Merged);
    panel.network.addResistor(panel.ledMinus.front(), circuit::ground, 1e-3);
    return circuit::solve(panel.network).supplyAmps[0];
}

void planLamps(const lamps::Lamps& lamps, Plan& plan) {
    constexpr double strikeRatio = 0.5 * (lamps::strikesFrom + lamps::strikesTo);
    plan.isCcfl = true;
    if (lamps.lengthMm) {
        plan.lampVolts = lamps::runVolts(lamps);
        plan.strikeVolts = strikeRatio * plan.lampVolts;
        plan.refusal =
            say("Lamps strike at about {:.0f} V: no bench supply. Only a lamp generator that limits its current and is "
                "interlocked.",
                plan.strikeVolts);
    } else {
        plan.refusal =
            say("Lamps strike at a thousand volts and more: no bench supply. Only a lamp generator that limits its "
                "current and is interlocked. Measure a lamp's length to know its volts.");
    }
    plan.cautions = {
        say("Two ways: a lamp generator, one lamp at a time, which may give too much current; or the set's own "
            "inverter with dummy lamps at its other outputs, kilovolts from a live board."),
        say("High voltage burns and arcs: interlock closed, both hands away, never alone."),
        say("Each lamp through its own ballast; lamps straight in parallel do not share."),
        say("No ordinary meter on a lamp output: it breaks down."),
        say("Lamps hold mercury: do not break them; they are hazardous waste.")};
}

/// The fewest supplies that reach \p volts; the best isolated ones on top.
std::vector<int> chosenSupplies(const std::vector<BenchSupply>& supplies, double volts, double amps) {
    std::vector<int> able;
    for (int i = 0; i < int(supplies.size()); ++i) {
        if (supplies[i].maxAmps >= amps) {
            able.push_back(i);
        }
    }
    std::stable_sort(able.begin(), able.end(),
                     [&](int a, int b) { return supplies[a].maxVolts > supplies[b].maxVolts; });
    double reach = 0;
    std::size_t count = 0;
    while (count < able.size() && reach < volts) {
        reach += supplies[able[count++]].maxVolts;
    }
    if (reach < volts) {
        return {};
    }
    able.resize(count);
    std::stable_sort(able.begin(), able.end(),
                     [&](int a, int b) { return supplies[a].isolationVolts < supplies[b].isolationVolts; });
    return able;
}

void stackSupplies(const std::vector<BenchSupply>& supplies, Plan& plan) {
    const double wanted = spareShare * plan.lightVolts;
    const auto chosen = chosenSupplies(supplies, wanted, plan.safeAmps);
    if (chosen.empty()) {
        plan.refusal =
            say("{:.0f} V at {:.0f} mA are out of reach of the supplies at hand.", wanted, 1000 * plan.safeAmps);
        return;
    }
    double total = 0;
    for (const int i : chosen) {
        total += supplies[i].maxVolts;
    }
    double top = 0;
    for (const int i : chosen) {
        const double share = plan.lightVolts * supplies[i].maxVolts / total;
        top += share;
        plan.stack.push_back({i, share, top});
        const double highest = top * spareShare;
        if (highest > supplies[i].isolationVolts) {
            plan.refusal =
                say("{} would stand {:.0f} V above the bottom of the stack; it is isolated for "
                    "{:.0f} V.",
                    nameOf(supplies[i]), highest, supplies[i].isolationVolts);
        }
    }
    if (chosen.size() > 1) {
        plan.cautions.push_back(say(
            "Stack floating outputs only, earth strap off. A diode across each output, cathode to plus, carries the "
            "current when one limits before the others. The meters add up. Join and part them at 0 V only."));
    }
    plan.cautions.push_back(say(
        "Where 2 mA cannot be set: 4.7 kΩ in series until the polarity is proven. After switch-off the outputs stay "
        "charged and the panel glows on: turn to 0 V, wait, measure, then unclip. Panel and T-con mind static: "
        "touch the chassis first."));
}

void planRamp(const backlight::Backlight& backlight, int channel, Plan& plan) {
    plan.ramp.push_back({0, plan.polarityAmps, 0, false,
                         say("Limit at {:.0f} mA first. Clips on LED+ and LED−.", 1000 * plan.polarityAmps)});
    const double knee = plan.kneeVolts;
    plan.ramp.push_back({knee, plan.polarityAmps, ampsAt(backlight, channel, knee, plan.polarityAmps), false,
                         say("A faint glow proves polarity. Dark: 0 V, swap, once.")});
    for (const double share : {0.6, 0.8, 0.9, 0.95, 1.0}) {
        const double volts = share * plan.lightVolts;
        plan.ramp.push_back({volts, plan.safeAmps, ampsAt(backlight, channel, volts, plan.safeAmps), share > 0.6,
                             share == 0.6   ? say("Limit at {:.0f} mA. Straight up to 60 %.", 1000 * plan.safeAmps)
                             : share == 1.0 ? say("At the limit: even light over the whole panel?")
                                            : say("Slowly, watching the amps.")});
    }
}

bool found(const PanelCheck& check, Finding finding) {
    return std::find(check.findings.begin(), check.findings.end(), finding) != check.findings.end();
}

}  // namespace

std::variant<std::vector<BenchSupply>, typing::LineProblem> readSupplies(std::string_view line, typing::Tongue tongue) {
    constexpr std::size_t mostSupplies = 16;
    if (const auto problem = typing::unreadable(line)) {
        return *problem;
    }
    std::vector<BenchSupply> supplies;
    for (auto& clause : typing::clausesOf(line, tongue)) {
        if (!clause.matches(
                R"((?:(\d+) ?x ?)?(\d+(?:\.\d+)?) ?(?:v|volts?)[ /]*(\d+(?:\.\d+)?) ?(?:a|amps?)(?:[ /]*(?:isolated )?(\d+(?:\.\d+)?) ?(?:v|volts?))?)")) {
            return typing::LineProblem{clause.words(), say("cannot be read as a supply; write 60 V 3 A 250 V")};
        }
        BenchSupply supply;
        const int count = clause.has(1) ? int(clause.number(1, 1, mostSupplies)) : 1;
        supply.maxVolts = clause.number(2, 1, 5000);
        supply.maxAmps = clause.number(3, 0.001, 100);
        supply.isolationVolts = clause.has(4) ? clause.number(4, 1, 1e5) : supply.maxVolts;
        if (!clause.problem().empty()) {
            return typing::LineProblem{clause.words(), clause.problem()};
        }
        for (int i = 0; i < count; ++i) {
            supply.name = fmt::format("Output {}", supplies.size() + 1);
            supplies.push_back(supply);
        }
        if (supplies.size() > mostSupplies) {
            return typing::LineProblem{clause.words(), say("makes over {} outputs", mostSupplies)};
        }
    }
    return supplies;
}

std::string lineOf(std::span<const BenchSupply> supplies) {
    std::string line;
    for (std::size_t i = 0; i < supplies.size();) {
        const auto alike = [&](const BenchSupply& other) {
            return other.maxVolts == supplies[i].maxVolts && other.maxAmps == supplies[i].maxAmps &&
                   other.isolationVolts == supplies[i].isolationVolts;
        };
        const auto count = std::size_t(std::find_if_not(supplies.begin() + std::ptrdiff_t(i), supplies.end(), alike) -
                                       supplies.begin()) -
                           i;
        line += line.empty() ? "" : "; ";
        line += count > 1 ? fmt::format("{} × ", count) : "";
        line += fmt::format("{:.6g} V {:.6g} A {:.6g} V", supplies[i].maxVolts, supplies[i].maxAmps,
                            supplies[i].isolationVolts);
        i += count;
    }
    return line;
}

const char* idOf(Finding finding) {
    constexpr const char* ids[findingCount] = {"crack",     "lines",    "dead-column", "tint",
                                               "dark-area", "no-light", "no-picture"};
    return ids[int(finding)];
}

Plan planOf(const set::DisplaySet& set, const PanelCheck& check, const std::vector<BenchSupply>& supplies) {
    Plan plan;
    const auto& backlight = set.backlight;
    if (set.lightKind() == set::LightKind::Lamps) {
        planLamps(set.lamps, plan);
        return plan;
    }
    if (!backlight.isDescribed) {
        plan.refusal =
            say("Nobody has described the strips yet: the supply's volts hang on how many LEDs stand in "
                "series. Say so at Take in first.");
        return plan;
    }
    const auto& channel = backlight.channels.at(check.channel);
    plan.safeAmps = check.currentShare * channel.someAmps();
    plan.polarityAmps = std::min(polarityAmps, plan.safeAmps);
    plan.kneeVolts = voltsAt(backlight, check.channel, kneeAmpsPerString * double(channel.strings.size()));
    plan.lightVolts = voltsAt(backlight, check.channel, plan.safeAmps);
    plan.runningVolts = voltsAt(backlight, check.channel, channel.someAmps());
    plan.tconHighAmps = backlight.widthMm > largeWidthMm ? largeTconAmps : plan.tconHighAmps;
    plan.firstGlow = {earliestGlow * plan.lightVolts, latestGlow * plan.runningVolts};
    if (plan.lightVolts > safety::es1LimitVolts) {
        plan.cautions.push_back(
            say("{:.0f} V DC{}: one hand, rated leads, nobody touches the panel while it "
                "is lit. For trained people; follow local codes.",
                spareShare * plan.lightVolts, safety::energyClassWords(spareShare * plan.lightVolts)));
    }
    for (auto& sentence : backlight::misleadingColours(backlight)) {
        plan.cautions.push_back(std::move(sentence));
    }
    if (!channel.amps) {
        plan.cautions.push_back(say("The string's current is not known: {:.0f} mA are assumed, as many have them.",
                                    1000 * channel.someAmps()));
    }
    stackSupplies(supplies, plan);
    planRamp(backlight, check.channel, plan);
    return plan;
}

namespace {

void decide(Judgement& result, Outcome outcome, Text sentence) {
    result.advised = std::max(result.advised, outcome);
    result.because.push_back(std::move(sentence));
}

/// The glass and its bonds: what no repair of the light mends.
void judgeGlass(const Plan& plan, const PanelCheck& check, Judgement& result) {
    if (found(check, Finding::Crack)) {
        decide(result, Outcome::NoGo, say("The glass is cracked: no repair of the light makes a picture of it."));
    }
    if (found(check, Finding::Lines) || found(check, Finding::DeadColumn)) {
        decide(result, Outcome::NoGo,
               say("Lines and dead columns are bonds of the glass. Reseat the flat cables once; if they stay, "
                   "it ends here."));
    }
    if (found(check, Finding::NoPicture)) {
        const bool starved = check.tconAmps && *check.tconAmps < plan.tconLowAmps;
        decide(result, Outcome::NoGo,
               starved ? say("No picture and only {:.2f} A into the T-con: it does not start. Its "
                             "fuse and supply first.",
                             *check.tconAmps)
                       : say("No picture: T-con or glass. Try another T-con before the light is repaired."));
    }
    if (check.tconAmps && *check.tconAmps > plan.tconHighAmps) {
        decide(result, Outcome::GoWithNote,
               say("{:.2f} A into the T-con is more than {:.1f} A: something on it draws "
                   "too much.",
                   *check.tconAmps, plan.tconHighAmps));
    }
}

/// The light, by eye and by volts.
void judgeLight(const Plan& plan, const PanelCheck& check, Judgement& result) {
    if (found(check, Finding::NoLight)) {
        decide(result, Outcome::GoWithNote,
               say("No light with proven leads: a string is open. The glass is still to be seen: light "
                   "another channel or one strip."));
    }
    if (found(check, Finding::DarkArea)) {
        decide(result, Outcome::GoWithNote,
               say("A dark area: LEDs or strips to be found at Strings; the glass itself is sound."));
    }
    if (found(check, Finding::Tint)) {
        decide(result, Outcome::GoWithNote,
               say("A tint: aged LEDs or lenses; agree with the owner whether all strips are renewed."));
    }
    const auto compare = [&](const std::optional<double>& volts, const driver::Band& expected, const Text& name) {
        if (volts && expected.high > 0 && !expected.contains(*volts)) {
            decide(result, Outcome::GoWithNote,
                   say("{} at {:.1f} V where {:.0f} to {:.0f} V were expected: {}.", name, *volts, expected.low,
                       expected.high,
                       *volts < expected.low ? say("shorted LEDs, or fewer of them than written down")
                                             : say("a resistive joint, dark LEDs, or more of them than written down")));
        }
    };
    compare(check.kneeVolts, plan.firstGlow, say("First glow"));
    compare(check.lightVolts, {(1 - lightTolerance) * plan.lightVolts, (1 + lightTolerance) * plan.lightVolts},
            say("Light"));
}

}  // namespace

Judgement judge(const Plan& plan, const PanelCheck& check) {
    Judgement result;
    if (found(check, Finding::NoLight) && !check.leadsChecked) {
        result.because.push_back(
            say("No light: prove clips and leads on an LED that works before you blame the panel."));
        return result;
    }
    if (found(check, Finding::NoPicture) && !check.leadsChecked) {
        result.because.push_back(
            say("No picture: prove the T-con's own clips and its supply first; a bad clip looks like a dead panel."));
        return result;
    }
    judgeGlass(plan, check, result);
    judgeLight(plan, check, result);
    if (result.because.empty() && (check.lightVolts || check.tconAmps)) {
        decide(result, Outcome::Go, say("Lit as computed and nothing found: the panel is worth the repair."));
    }
    return result;
}

}  // namespace dimglow::panelcheck
