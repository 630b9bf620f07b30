#pragma once

#include <QByteArray>
#include <QString>

/// \file
/// What the window keeps from one run to the next: theme, text size, its place, the last folder. A file of settings
/// that is damaged or cannot be written costs nothing but the memory.

namespace dimglow::app::remembered {

/// Sets the theme's mode and scale as they were.
void applyTheme();
void keepTheme();

/// Of the window, as QWidget::saveGeometry() gives it; empty the first time.
QByteArray geometry();
void keepGeometry(const QByteArray& geometry);

/// Where files were last taken from or saved to.
QString folder();
void setFolder(const QString& folder);
void setFolderOf(const QString& file);

/// The head of a workshop's reports, for jobs that no job before them tells it.
struct Workshop {
    QString name;
    QString contact;
    double rate = 0;  ///< money per hour; 0 while nobody has said it
};
Workshop workshop();
void keepWorkshop(const Workshop& head);

}  // namespace dimglow::app::remembered
