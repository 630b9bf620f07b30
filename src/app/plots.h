#pragma once

class QCustomPlot;

namespace dimglow::app {

/// Gives a plot the theme's ground, lines and type. Call it again after the theme has changed.
void dressInTheme(QCustomPlot& plot);

}  // namespace dimglow::app
