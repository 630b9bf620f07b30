#pragma once

#include <string>
#include <vector>

#include "core/safety/energy_class.h"

namespace dimglow::safety {

/// One caution, shown at the step where it applies.
struct Caution {
    std::string station;
    text::Text text;
    bool live = false;  ///< the step works on live parts
};

/// What may be met at the bench.
struct BenchVolts {
    double working = 0;          ///< LED+ in regulation, V DC
    double highest = 0;          ///< LED+ when nothing takes its current, V DC
    double tester = 0;           ///< the tester's limit, V DC
    bool hasMains = true;        ///< inside the set; false of one that an outside supply feeds
    bool isLedPlusKnown = true;  ///< as far as to say its volts
};

/// In the order in which they matter.
std::vector<Caution> cautionsFor(const BenchVolts& volts);

/// The same of a set with lamps.
struct LampHazards {
    bool hasMains = true;       ///< inside the set
    bool fromBothEnds = false;  ///< no end of a lamp is cold
    bool onTheBus = false;      ///< the inverter's drive stage is on the hot side
};

/// The same where lamps are lit.
std::vector<Caution> cautionsForLamps(const LampHazards& hazards);

}  // namespace dimglow::safety
