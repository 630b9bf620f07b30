#pragma once

#include <optional>

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
/// = 1 − exp(−count·[(t/η + Δ/η′)^β − (t/η)^β]), where η′ = stretch·η is their life from now on: less current or less
/// heat slows the years to come, never those behind.
double failureChance(int count, double hours, double within, double life, double shape, double stretch = 1);

/// From low to high, with the likeliest between.
struct Range {
    double low = 0;
    double likely = 0;
    double high = 0;
    bool operator==(const Range&) const = default;
};

/// A repair as far as the LEDs' age goes.
struct Renewed {
    AgedLeds leds;
    int old = 0;             ///< that stay
    int fresh = 0;           ///< of age 0
    double within = 0;       ///< h of light that are promised
    double stretch = 1;      ///< of the life of all of them from now on
    double relapse = 0;      ///< chance that it comes back for a reason other than age
    bool hoursKnown = true;  ///< false: `leds.hours` is a guess
};

/// Chance that it comes back, in two of three jobs within this range. What one failure, or three, say of the life of
/// all has the spread of a gamma distribution of k + ½ (Jeffreys' prior of a rate); β may be 0.7 either way (common
/// practice, no source), and hours that nobody knows half or double. Where no LED has failed yet the low end is
/// the relapse alone, and the likely value a bound: at most so often.
Range comebackRange(const Renewed& of);
/// The likely value of that range alone.
double likelyComeback(const Renewed& of);

}  // namespace dimglow::repair
