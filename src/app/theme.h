#pragma once

#include <QColor>
#include <QFont>
#include <QPalette>
#include <QSize>
#include <QString>

/// \file
/// Every colour, size and font of the interface.

namespace dimglow::app::theme {

enum class Mode { LampOff, Daylight };

struct Palette {
    QColor ground;
    QColor panel;
    QColor raised;
    QColor line;
    QColor text;
    QColor quiet;
    QColor glow;    ///< the one thing to do next
    QColor onGlow;  ///< text on it
    QColor lit;     ///< an LED that lights
    QColor ember;   ///< fault
    QColor idle;
    QColor good;
};

Mode mode();
void setMode(Mode mode);
const Palette& palette();

/// Factor on every size: what the window asks for, times what its owner wants beside it, as far as the window keeps
/// room for leastWidth × leastHeight of these pixels.
double scale();
inline constexpr int leastWidth = 853;
inline constexpr int leastHeight = 533;
/// What the owner wants, 0.8 to 2.
double ownScale();
void setOwnScale(double scale);
/// What a window of this size asks for: 1 up to 1280 × 720, and as much larger as both its sides are.
void fitWindow(QSize window);
/// A length on the 8 px grid, scaled.
int px(double pixels);

QFont body();
QFont strong();
QFont quiet();
QFont heading();
QFont reading(double pixels = 28);
QFont columns();

/// For the whole application.
QPalette basePalette();
QString styleSheet();

}  // namespace dimglow::app::theme
