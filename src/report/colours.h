#pragma once

#include <QColor>

/// \file
/// The colours of what is printed: those of the daylight theme, on white.

namespace dimglow::report::colours {

inline const QColor ink("#22242A");
inline const QColor pale("#5D5F66");
inline const QColor hairline("#D8D2C6");
inline const QColor paper("#F4F1EA");
inline const QColor glow("#A65A00");
inline const QColor lit("#E9A94A");
inline const QColor ember("#B8321A");
inline const QColor good("#2D7A43");

}  // namespace dimglow::report::colours
