#include "core/safety/hazards.h"

namespace dimglow::safety {

namespace {

using text::say;

text::Text openUp() {
    return say(
        "Off and unplugged, charge measured. Glass cracks and cuts: two people or suction, a rigid sheet, no twist; "
        "flat "
        "cables are bonded to its edge. Antistatic strap.");
}

text::Text rework() {
    return say(
        "Iron, hot plate and hot air burn; draw off flux fume. Vapour of fresh glue clouds lenses. Bright blue-rich "
        "light: dim it, or look through the diffuser.");
}

}  // namespace

std::vector<Caution> cautionsFor(const BenchVolts& volts) {
    const auto ledPlus =
        volts.isLedPlusKnown
            ? say("LED+ can reach {:.0f} V DC{}", volts.highest, energyClassWords(volts.highest))
            : say("LED+ is not known yet: take it for more than {:.0f} V DC, beyond ES2", es2LimitVolts);
    const auto tester = energyClassWords(volts.tester);
    const auto board =
        volts.hasMains
            ? say("Live: mains and about 325 V DC on the primary side. {}. Know the "
                  "isolation line, one hand, rated leads: black to the hot minus for hot readings, to the chassis for "
                  "cold ones, no earthed scope on the hot side. Mains out, discharge and measure again before you "
                  "touch. For trained people; follow local codes.",
                  ledPlus)
            : say("Live: the set makes LED+ of its low voltage. {}. One hand, rated leads. Its supply unplugged, "
                  "discharge and measure again before you touch. For trained people; follow local codes.",
                  ledPlus);
    const auto strings =
        volts.hasMains
            ? say("Mains out. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the diffuser.",
                  volts.tester, tester)
            : say("Supply unplugged. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the "
                  "diffuser.",
                  volts.tester, tester);
    const auto lit = volts.isLedPlusKnown ? say("LED+ at {:.0f} V DC", volts.working) : ledPlus;
    const auto prove =
        volts.hasMains ? say("Live again, with mains on the primary side. {}. Close what you can before the soak.", lit)
                       : say("Live again. {}. Close what you can before the soak.", lit);
    return {{"board", board, true},
            {"openUp", openUp(), false},
            {"rework", rework(), false},
            {"strings", strings, energyClassOf(volts.tester) != EnergyClass::Es1},
            {"prove", prove, true}};
}

std::vector<Caution> cautionsForLamps(const LampHazards& hazards) {
    const auto kilovolts =
        say("Kilovolts at 30 to 80 kHz on the lamps' outputs: distance protects, not one hand. Never a meter on an "
            "output, none of them open for more than a second or two.");
    const auto live = hazards.hasMains ? say("Live: mains and about 325 V DC on the primary side.")
                                       : say("Live: the set makes kilovolts of its low voltage.");
    const auto stage = hazards.onTheBus ? say("The inverter runs from the rectified mains: its drive stage is hot.")
                                        : say("Black to the hot minus for hot readings, to the chassis for cold ones.");
    const auto ends = hazards.fromBothEnds
                          ? say("Driven from both ends: no end is cold, and no plugs change places between the halves.")
                          : say("The far end of a lamp is cold; the plug's end is not.");
    const auto glass = say("Lamps hold mercury: do not break them.");
    return {{"board",
             say("{} {} {} Discharge and measure again before you touch. For trained people; follow local codes.", live,
                 kilovolts, stage),
             true},
            {"openUp", say("{} {}", openUp(), glass), false},
            {"rework", say("{} {}", rework(), glass), false},
            {"strings", say("{} {} {}", kilovolts, ends, glass), false},
            {"prove", say("{} {} Close what you can before the soak.", live, kilovolts), true}};
}

}  // namespace dimglow::safety
