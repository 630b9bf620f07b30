#include "core/safety/hazards.h"

namespace dimglow::safety {

std::vector<Caution> cautionsFor(const BenchVolts& volts) {
    using text::say;
    const auto highest = energyClassWords(volts.highest);
    const auto tester = energyClassWords(volts.tester);
    const auto board =
        volts.hasMains
            ? say("Live: mains and about 325 V DC on the primary side; LED+ can reach {:.0f} V DC{}. Know the "
                  "isolation line, one hand, rated leads. Mains out, discharge and measure again before you touch. "
                  "For trained people; follow local codes.",
                  volts.highest, highest)
            : say("Live: the set makes LED+ of its low voltage, and that can reach {:.0f} V DC{}. One hand, rated "
                  "leads. Its supply unplugged, discharge and measure again before you touch. For trained people; "
                  "follow local codes.",
                  volts.highest, highest);
    const auto strings =
        volts.hasMains
            ? say("Mains out. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the diffuser.",
                  volts.tester, tester)
            : say("Supply unplugged. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the "
                  "diffuser.",
                  volts.tester, tester);
    const auto prove =
        volts.hasMains ? say("Live again: LED+ at {:.0f} V DC and mains on the primary side. Close what you can before "
                             "the soak.",
                             volts.working)
                       : say("Live again: LED+ at {:.0f} V DC. Close what you can before the soak.", volts.working);
    return {{"board", board, true},
            {"strings", strings, energyClassOf(volts.tester) != EnergyClass::Es1},
            {"prove", prove, true}};
}

}  // namespace dimglow::safety
