#pragma once

#include <QByteArray>
#include <QString>
#include <string>

/// \file
/// Whole files, read and written so that nothing is lost halfway.

namespace dimglow::records {

/// All of a file of at most \p longest bytes; a longer one comes with one byte more, for the reader to refuse.
/// \throws format::FormatError that names the file and reason; a pipe, device or folder is no file
QByteArray readWhole(const QString& path, qint64 longest);

/// Puts a file in its place whole or not at all: written beside it, then renamed. Only its owner may read a new one.
/// \throws format::FormatError that names the file and reason
void writeWhole(const QString& path, const QByteArray& bytes);

/// Where a job is saved in a folder: its number with \p suffix ("pdf"), reduced to what a file name may hold, so that
/// no number leads out of the folder.
QString pathInFolder(const QString& folder, const std::string& jobId, const QString& suffix);

}  // namespace dimglow::records
