#pragma once

#include <QColor>
#include <QFont>
#include <QPalette>
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

/// Factor on every size, 1 to 2.
double scale();
void setScale(double scale);
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
