#pragma once

#include <string>
#include <vector>

#include "core/safety/stored_charge.h"

namespace dimglow::safety {

/// What was measured on a capacitor with everything off.
struct Residual {
    std::string store;  ///< id of what keeps the charge
    double volts = 0;
    std::string at;              ///< ISO 8601, UTC
    int afterEntry = 0;          ///< the last entry of the trail when it was read: a live one after it puts it out
    bool resistorStays = false;  ///< across it: nothing rebounds
    bool operator==(const Residual&) const = default;
};

/// What was done before any probe goes in.
struct MakeSafe {
    bool mainsOut = false;     ///< mains and battery
    bool meterProven = false;  ///< on a known source, before and after
    Discharger resistor;       ///< at hand
    std::optional<double> bleederOhms = {};
    std::vector<Residual> residuals;  ///< in the order they were read
    int countsFrom = 0;               ///< into residuals: mains or battery were in again after those before it
    bool operator==(const MakeSafe&) const = default;
};

}  // namespace dimglow::safety
