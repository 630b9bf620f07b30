#pragma once

namespace dimglow::repair {

/// What is known of a population of like LEDs that aged together.
struct AgedLeds {
    int count = 0;       ///< N, when new
    int failed = 0;      ///< k so far, at least 1 is assumed
    double hours = 0;    ///< t, age, h
    double shape = 2.5;  ///< β of the Weibull distribution
};

/// Characteristic life by Weibayes, η = (N·t^β / k)^(1/β), h (Abernethy, "The New Weibull Handbook").
double characteristicLife(const AgedLeds& leds);

/// P(at least one of \p count LEDs of age \p hours fails within the next \p within hours)
/// = 1 − exp(−count·[((t+Δ)/η)^β − (t/η)^β]).
double failureChance(int count, double hours, double within, double life, double shape);

}  // namespace dimglow::repair
