#pragma once

#include "core/text/text.h"

namespace dimglow::safety {

/// Energy source classes of IEC 62368-1 for DC; limits from memory.
enum class EnergyClass { Es1, Es2, Es3 };
inline constexpr double es1LimitVolts = 60;
inline constexpr double es2LimitVolts = 120;

constexpr EnergyClass energyClassOf(double voltsDc) {
    return voltsDc <= es1LimitVolts ? EnergyClass::Es1 : voltsDc <= es2LimitVolts ? EnergyClass::Es2 : EnergyClass::Es3;
}

/// "", ", beyond ES1" or ", beyond ES2", to stand behind a voltage.
inline text::Text energyClassWords(double voltsDc) {
    switch (energyClassOf(voltsDc)) {
        case EnergyClass::Es1:
            break;
        case EnergyClass::Es2:
            return text::say(", beyond ES1");
        case EnergyClass::Es3:
            return text::say(", beyond ES2");
    }
    return {};
}

}  // namespace dimglow::safety
