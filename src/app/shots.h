#pragma once

#include <QString>

#include "app/main_window.h"

namespace dimglow::app {

/// Renders the main views of the demo workshop to PNG files in \p folder, both themes.
/// \returns how many were written
int renderShots(MainWindow& window, const QString& folder, QSize size);

}  // namespace dimglow::app
