#pragma once

#include <QFont>

namespace dimglow::typeface {

/// Loads the faces of running text that the program ships, once; that of columns loads when it is first asked for.
/// Needs a QGuiApplication.
/// \throws std::runtime_error when a face that was built in does not load
void load();

/// Running text and readings.
QFont text(double pixels, QFont::Weight weight = QFont::Normal);
/// Columns of numbers. Not for large readings: its wide point tears 3.28 apart.
QFont columns(double pixels);

}  // namespace dimglow::typeface
