#pragma once

#include <string>
#include <string_view>
#include <variant>

#include "core/parts/part_check.h"
#include "core/typing/tongue.h"

/// \file
/// A part's reading in one line, as it is typed at the bench.

namespace dimglow::parts {

using typing::Tongue;

/// What a line says of a part: what was read, and what is printed on it.
struct TypedPart {
    std::string ref;  ///< "D8"; empty when none was typed
    PartReading reading;
    Ratings ratings;  ///< what was typed behind "of"
};

/// Reads "D8 0.31/OL", "0.001 both ways", "C12 241u 4R of 470u 63V", "0.2", "9 rings out", "48 % 200 Hz", "3.28 of
/// 3V3": the part's name if any, the reading, "out" or "lifted" where a leg is free, and behind "of" what is printed on
/// it (a marking as "154J 400" too). Numbers without a unit are what the kind is measured in: volts of junctions (from
/// 100 on millivolts), rails and pins, ohms of fuses, resistors and windings; a capacitor needs its unit. Never
/// guessed. \returns what was read, or what is wrong
std::variant<TypedPart, text::Text> readTypedPart(PartKind kind, std::string_view text,
                                                  Tongue tongue = Tongue::English);

/// Reads what is printed on a part: "470u 63V", "154J 400", "0.22R", "12V".
std::variant<Ratings, text::Text> readTypedRatings(PartKind kind, std::string_view text,
                                                   Tongue tongue = Tongue::English);

/// How a reading of such a part may be typed: "0.31/OL, or 0/0 out".
text::Text readingExample(PartKind kind);
/// How what is printed on it may be typed: "470u 63V".
text::Text printedExample(PartKind kind);

/// The line that they would be read back from: "470u 63V".
std::string lineOf(const Ratings& ratings);

}  // namespace dimglow::parts
