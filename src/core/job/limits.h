#pragma once

#include <cstddef>

#include "core/format/problem.h"

/// \file
/// What a job may hold at most. problemsOf() holds a job to this, whether it was typed, undone or read from a file; the
/// JSON Schema says the same for other readers. A backlight has limits of its own.

namespace dimglow::job::limits {

using format::Range;

inline constexpr std::size_t id = 40;      ///< bytes, as of all texts
inline constexpr std::size_t line = 400;   ///< title, place, maker …
inline constexpr std::size_t text = 8000;  ///< complaint, work, note
inline constexpr std::size_t word = 40;    ///< ids of tests, choices and options, times
inline constexpr std::size_t currency = 8;
inline constexpr std::size_t trail = 3000;
inline constexpr std::size_t soak = 1000;
inline constexpr std::size_t supplies = 20;
inline constexpr std::size_t bridged = 100;

inline constexpr Range volts{0, 5000};
inline constexpr Range boardVolts{-5000, 5000};
inline constexpr Range amps{0, 100};
inline constexpr Range money{0, 1e7};
inline constexpr Range hours{0, 1e6};
inline constexpr Range promisedHours{1, 1e6};
inline constexpr Range weibullShape{0.2, 10};
inline constexpr Range testerAmps{1e-5, 20};
inline constexpr Range testerVolts{0.1, 2000};
inline constexpr Range supplyVolts{0.1, 5000};
inline constexpr Range supplyAmps{1e-4, 100};
inline constexpr Range isolationVolts{0, 1e5};
inline constexpr Range currentShare{0.01, 1};
inline constexpr Range tconVolts{1, 48};
inline constexpr Range lamps{0, 100};
inline constexpr Range lampLengthMm{0, 5000};
inline constexpr Range lampBoreMm{0.5, 50};
inline constexpr Range secondsToDark{0, 3600};
inline constexpr Range ledVolts{0, 100};
inline constexpr Range ledSetVolts{0.1, 100};
inline constexpr Range ledAmps{0, 10};
inline constexpr Range ledLimitAmps{1e-5, 10};
inline constexpr Range seriesOhms{1, 1e6};
inline constexpr Range soakMinutes{0, 1e5};
inline constexpr Range entryId{1, 1e9};

}  // namespace dimglow::job::limits
