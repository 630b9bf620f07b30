#pragma once

#include <cstdint>
#include <string>

#include "core/knowledge/knowledge.h"
#include "core/parts/part_check.h"

namespace dimglow::virtualset {

/// What is printed on such a part, or beside such a rail (common practice, no source).
parts::Ratings usualRatings(const knowledge::PointKind& point);

/// What a meter shows of a part, rail or pin that is sound or not, some per cent off its ratings. \p chance in -1 … 1
/// tells one from the next; of the ways in which a kind fails it picks one. \pre the ratings hold what is usual of the
/// kind
parts::PartReading readingOf(parts::PartKind kind, const parts::Ratings& ratings, bool isSound, double chance);

/// What somebody writes down of a set that answers \p truth: now and then another of the test's choices.
std::string asAnEyeSees(std::uint32_t seed, const knowledge::TestKind& test, const std::string& truth);

}  // namespace dimglow::virtualset
