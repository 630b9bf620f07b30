#pragma once

#include <cstddef>

#include "core/format/problem.h"

/// \file
/// What one observation may hold at most.

namespace dimglow::evidence::limits {

using format::Range;

inline constexpr std::size_t word = 40;  ///< bytes, of ids
inline constexpr std::size_t bridged = 100;
inline constexpr Range volts{0, 5000};
inline constexpr Range boardVolts{-5000, 5000};
inline constexpr Range amps{0, 100};
inline constexpr Range testerAmps{1e-5, 20};
inline constexpr Range testerVolts{0.1, 2000};
inline constexpr Range secondsToDark{0, 3600};
inline constexpr Range ledVolts{0, 100};
inline constexpr Range ledSetVolts{0.1, 100};
inline constexpr Range ledAmps{0, 10};
inline constexpr Range ledLimitAmps{1e-5, 10};
inline constexpr Range seriesOhms{1, 1e6};

}  // namespace dimglow::evidence::limits
