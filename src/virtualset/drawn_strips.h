#pragma once

#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "core/knowledge/knowledge.h"
#include "virtualset/draw.h"

/// \file
/// Strips of LEDs and what is wrong with them, drawn at random. Common practice, no source, where a number is the
/// trade's.

namespace dimglow::virtualset {

/// What the strips of a set are said to be: their class, not their batch.
backlight::PlainDescription drawStrips(Draw& draw);
/// The set as it really is.
backlight::Backlight drawTruth(Draw& draw, const backlight::Backlight& described);
/// Faulty LEDs of one kind, in clusters where the trade sees them so.
void drawLeds(Draw& draw, backlight::LedFault fault, const backlight::Backlight& truth, backlight::Faults& wrong);
/// Whether such a fault can be in such a set, and leave it something to measure.
bool canHave(const backlight::Backlight& truth, knowledge::StringFault kind);
/// A joint, a leak, a strip of another type: of any size, not of those that the reasoning tries. The set can have it.
void drawOther(Draw& draw, knowledge::StringFault kind, backlight::Backlight& truth, backlight::Faults& wrong);

}  // namespace dimglow::virtualset
