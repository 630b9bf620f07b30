#pragma once

#include <cstddef>

#include "core/format/problem.h"

/// \file
/// What one observation may hold at most.

namespace dimglow::evidence::limits {

using format::Range;

inline constexpr std::size_t word = 40;    ///< bytes, of ids
inline constexpr std::size_t bridged = 8;  ///< jumpers of one reading
inline constexpr Range volts{0, 5000};
inline constexpr Range boardVolts{-5000, 5000};
inline constexpr Range amps{0, 100};
inline constexpr Range testerAmps{1e-5, 20};
inline constexpr Range testerVolts{0.1, 2000};
inline constexpr Range secondsToDark{0, 3600};
inline constexpr std::size_t lamps = 100;  ///< that are looked at
inline constexpr Range ledVolts{0, 100};
inline constexpr Range ledSetVolts{0.1, 100};
inline constexpr Range ledAmps{0, 10};
inline constexpr Range ledLimitAmps{1e-5, 10};
inline constexpr std::size_t ref = 12;  ///< bytes, of what is printed beside a part
inline constexpr Range farads{0, 1};
inline constexpr Range partOhms{0, 1e9};
inline constexpr Range junctionVolts{0, 20};
inline constexpr Range share{0, 1};
inline constexpr Range hertz{0, 1e7};
inline constexpr Range rings{0, 1000};
inline constexpr Range number{0, 1e6};
inline constexpr Range seriesOhms{1, 1e6};

}  // namespace dimglow::evidence::limits
