#pragma once

#include <cstddef>

#include "core/evidence/limits.h"

/// \file
/// What a job may hold at most. problemsOf() holds a job to this, whether it was typed, undone or read from a file; the
/// JSON Schema says the same for other readers. Backlights and observations have limits of their own.

namespace dimglow::job::limits {

using evidence::limits::amps;
using evidence::limits::Range;
using evidence::limits::volts;
using evidence::limits::word;

inline constexpr std::size_t id = 40;      ///< bytes, as of all texts
inline constexpr std::size_t line = 400;   ///< title, place, maker …
inline constexpr std::size_t text = 8000;  ///< complaint, work, note
inline constexpr std::size_t raw = 400;    ///< of a reading
inline constexpr std::size_t currency = 8;
inline constexpr std::size_t trail = 3000;
inline constexpr std::size_t testerReadings = 600;  ///< entries of a run on the tester
inline constexpr std::size_t bridges = 24;  ///< entries of an ammeter across an LED: each is a circuit of its own
inline constexpr std::size_t soak = 1000;
inline constexpr std::size_t supplies = 20;
inline constexpr std::size_t tools = 50;
inline constexpr std::size_t points = 300;  ///< of the boards

inline constexpr std::size_t terms = 40;
inline constexpr std::size_t residuals = 500;
inline constexpr Range dischargerWatts{0.01, 1e4};

inline constexpr std::size_t keepOuts = 60;
inline constexpr std::size_t sums = 40;
inline constexpr std::size_t givens = 20;
inline constexpr Range lengthMm{0.1, 1e4};
inline constexpr Range depthMm{2, 300};
inline constexpr Range gapMm{0.01, 20};
inline constexpr Range roomCelsius{-20, 60};
inline constexpr Range segmentMm{2, 5000};
inline constexpr Range segmentLeds{1, 60};
inline constexpr Range segments{1, 200};
inline constexpr Range segmentVolts{0.5, 300};
inline constexpr Range offerLeds{1, 1000};
inline constexpr Range offerAmps{1e-4, 10};
inline constexpr Range moduleVolts{0.1, 2000};
inline constexpr Range anyNumber{-1e12, 1e12};
inline constexpr Range money{0, 1e7};
inline constexpr Range days{0, 1000};
inline constexpr Range hours{0, 1e6};
inline constexpr Range promisedHours{1, 1e6};
inline constexpr Range weibullShape{0.2, 10};
inline constexpr Range supplyVolts{0.1, 5000};
inline constexpr Range supplyAmps{1e-4, 100};
inline constexpr Range isolationVolts{0, 1e5};
inline constexpr Range currentShare{0.01, 1};
inline constexpr Range tconVolts{1, 48};
inline constexpr Range lamps{0, 100};
inline constexpr Range lampLengthMm{0, 5000};
inline constexpr Range lampBoreMm{0.5, 50};
inline constexpr Range lampSupplyVolts{1, 500};
inline constexpr Range soakMinutes{0, 1e5};
inline constexpr Range pointFarads{1e-13, 1};
inline constexpr Range pointTolerance{0, 1};
inline constexpr Range pointVolts{0.1, 5000};
inline constexpr Range pointOhms{1e-4, 1e9};
inline constexpr Range pointAmps{1e-4, 100};
inline constexpr Range pointCelsius{1, 300};
inline constexpr Range entryId{1, 1e9};

}  // namespace dimglow::job::limits
