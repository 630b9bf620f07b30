#include "core/safety/hazards.h"

#include <fmt/format.h>

namespace dimglow::safety {

std::vector<Caution> cautionsFor(const job::Job& job, double workingVolts, double highestVolts) {
    std::vector<Caution> cautions;
    cautions.push_back(
        {"board",
         fmt::format("Live: mains and about 325 V DC on the primary side; LED+ can reach {:.0f} V DC{}. Know the "
                     "isolation line, one hand, rated leads. Mains out, discharge and measure again before you touch. "
                     "For trained people; follow local codes.",
                     highestVolts, energyClassWords(highestVolts)),
         true});
    const double tester = job.bench.tester.limitVolts;
    cautions.push_back(
        {"strings",
         fmt::format("Mains out. The tester reaches {:.0f} V{}. Bright blue-rich light: look through the diffuser.",
                     tester, energyClassWords(tester)),
         energyClassOf(tester) != EnergyClass::Es1});
    cautions.push_back(
        {"prove",
         fmt::format(
             "Live again: LED+ at {:.0f} V DC and mains on the primary side. Close what you can before the soak.",
             workingVolts),
         true});
    return cautions;
}

}  // namespace dimglow::safety
