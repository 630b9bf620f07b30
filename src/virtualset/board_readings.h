#pragma once

#include "core/parts/part_check.h"

namespace dimglow::virtualset {

/// What a meter shows of a part, rail or pin that is sound or not, some per cent off its ratings or, without any, off
/// what is usual of its kind (common practice, no source). \p chance in -1 … 1 tells one from the next; of the ways in
/// which a kind fails it picks one.
parts::PartReading readingOf(parts::PartKind kind, const parts::Ratings& ratings, bool isSound, double chance);

}  // namespace dimglow::virtualset
