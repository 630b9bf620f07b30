#pragma once

#include "core/evidence/source.h"
#include "core/job/reading_text.h"

namespace dimglow::app {

/// One value that was read off, whoever read it: the keyboard, an instrument, a recording. It does not say where the
/// probes are: that is what the station in front asks for.
struct Reading {
    job::Unit quantity = job::Unit::None;
    double value = 0;  ///< in that unit
    evidence::Source source = {};
    evidence::Shape shape = evidence::Shape::Steady;  ///< of a voltage
    double rest = 0;                                  ///< where it settles, in that unit; of a shape that moves
};

/// A voltage as it was typed: \p line.
inline Reading readingOf(const job::TypedVolts& typed, const QString& line) {
    return {job::Unit::Volts, typed.volts, {evidence::From::Typed, line.toStdString()}, typed.shape, typed.restVolts};
}

}  // namespace dimglow::app
