#pragma once

#include <QString>

#include "core/job/job.h"
#include "records/photos.h"

/// \file
/// A job with its pictures in one zip file: "job.json", and "photos/" with each picture under its name.

namespace dimglow::records {

/// Whether a file starts as a zip file does.
bool isBundle(const QString& path);

/// Writes a bundle whole or not at all; a picture that is gone is left out. \returns how many are
/// \throws format::FormatError that names the file and reason
int writeBundle(const job::Job& job, const Photos& photos, const QString& path);

/// Reads a bundle and keeps its pictures. What is not a job and its pictures is refused as a whole, and nothing is
/// kept: other names, other content than the name says, what is encrypted, what unpacks to more than it may. \throws
/// format::FormatError that names the file and reason
job::Job readBundle(const QString& path, Photos& photos);

}  // namespace dimglow::records
