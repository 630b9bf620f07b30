#pragma once

namespace dimglow::safety {

/// Energy source classes of IEC 62368-1 for DC; limits from memory.
enum class EnergyClass { Es1, Es2, Es3 };
inline constexpr double es1LimitVolts = 60;
inline constexpr double es2LimitVolts = 120;

constexpr EnergyClass energyClassOf(double voltsDc) {
    return voltsDc <= es1LimitVolts ? EnergyClass::Es1 : voltsDc <= es2LimitVolts ? EnergyClass::Es2 : EnergyClass::Es3;
}

/// "", ", beyond ES1" or ", beyond ES2", to stand behind a voltage.
constexpr const char* energyClassWords(double voltsDc) {
    constexpr const char* words[] = {"", ", beyond ES1", ", beyond ES2"};
    return words[int(energyClassOf(voltsDc))];
}

}  // namespace dimglow::safety
