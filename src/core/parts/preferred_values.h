#pragma once

#include <span>

/// \file
/// Preferred values (IEC 60063).

namespace dimglow::parts {

/// IEC 60063.
enum class Series { E12, E24 };

/// The values of one decade, 10 to 91, rising.
std::span<const int> valuesOf(Series series);

/// The E24 value nearest to \p wanted that is not below it.
/// \pre wanted is positive and finite
double e24AtLeast(double wanted);

}  // namespace dimglow::parts
