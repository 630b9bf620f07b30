#pragma once

namespace dimglow::parts {

/// The E24 value (IEC 60063) nearest to \p wanted that is not below it.
/// \pre wanted is positive and finite
double e24AtLeast(double wanted);

}  // namespace dimglow::parts
