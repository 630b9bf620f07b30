#pragma once

#include <QString>

#include "core/job/job.h"

namespace dimglow::records {

/// Reads a job file. \throws format::FormatError that names file, field and reason
job::Job readJobFile(const QString& path);

/// Writes a job file whole or not at all. \throws format::FormatError that names the file and reason
void writeJobFile(const job::Job& job, const QString& path);

}  // namespace dimglow::records
