#pragma once

/// \file
/// What varies from set to set and from meter to meter, and the sizes of faults that nobody has measured yet. All of it
/// is common practice, no source.

namespace dimglow::backlight {

/// A handheld meter's error, one sigma, as a share of its reading.
inline constexpr double meterShare = 0.005;
/// How far the volts of LEDs of one kind differ from batch to batch, one sigma, as a share.
inline constexpr double batchShare = 0.03;
/// How far strips of one set, all of one batch, differ from each other.
inline constexpr double twinShare = 0.012;
/// How far the extra volts of a dark LED that conducts differ, one sigma, V.
inline constexpr double darkSpreadVolts = 0.8;

/// Sizes that a bad joint is tried in, ohm; it may have any between.
inline constexpr double badJointOhms[] = {20, 60, 200, 600, 2000, 6000};
/// What the LEDs of a strip of another type are tried to need, over those that belong there; it may be anything
/// between.
inline constexpr double otherTypeFactors[] = {0.42, 0.6, 0.78, 1.28, 1.6, 2.2};
/// How far what such a fault of unknown size changes is off, one sigma, as a share of the change.
inline constexpr double sizeShare = 0.35;
/// What a string that touches the chassis has to it, ohm.
inline constexpr double chassisLeakOhms = 2;

/// A source that reaches this drives any string that a panel has, V.
inline constexpr double ceilingVolts = 2000;

}  // namespace dimglow::backlight
