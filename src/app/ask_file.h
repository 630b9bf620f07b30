#pragma once

#include <QString>
#include <functional>

class QWidget;

/// \file
/// Asks for a file. The dialog belongs to \p parent's window and holds its keys back, but the program goes on behind
/// it: no call waits in here. \p chosen is called once with the path, or never; its folder is where the next one
/// starts.

namespace dimglow::app {

struct FileWanted {
    QString title;
    /// As Qt writes it: "Drawings (*.svg)".
    QString kind;
};

void askForFileToOpen(QWidget* parent, const FileWanted& wanted, std::function<void(const QString& path)> chosen);
/// \p suggested is a whole path.
void askForFileToSave(QWidget* parent, const FileWanted& wanted, const QString& suggested,
                      std::function<void(const QString& path)> chosen);

}  // namespace dimglow::app
