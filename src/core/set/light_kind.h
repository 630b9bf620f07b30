#pragma once

namespace dimglow::set {

/// What gives a set its light.
enum class LightKind {
    Leds,   ///< strings of LEDs and their driver
    Lamps,  ///< cold-cathode fluorescent lamps (CCFL) and their inverter
};

}  // namespace dimglow::set
