#pragma once

#include <QString>

#include "core/job/job.h"

namespace dimglow::records {

/// What search looks through of a job's own words; a number such as "SK-0412" is found by 412 as well.
QString searchWords(const job::Job& job);

/// "berth nl430" as the full-text index wants it: every word quoted, at the start of one. Empty without a word.
QString matchExpression(const QString& search);

}  // namespace dimglow::records
