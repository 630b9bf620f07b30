#include "core/safety/hazards.h"

namespace dimglow::safety {

std::vector<Caution> cautionsFor(const BenchVolts& volts) {
    std::vector<Caution> cautions;
    cautions.push_back(
        {"board",
         text::say("Live: mains and about 325 V DC on the primary side; LED+ can reach {:.0f} V DC{}. Know the "
                   "isolation line, one hand, rated leads. Mains out, discharge and measure again before you touch. "
                   "For trained people; follow local codes.",
                   volts.highest, energyClassWords(volts.highest)),
         true});
    cautions.push_back(
        {"strings",
         text::say("Mains out. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the diffuser.",
                   volts.tester, energyClassWords(volts.tester)),
         energyClassOf(volts.tester) != EnergyClass::Es1});
    cautions.push_back(
        {"prove",
         text::say("Live again: LED+ at {:.0f} V DC and mains on the primary side. Close what you can before the soak.",
                   volts.working),
         true});
    return cautions;
}

}  // namespace dimglow::safety
