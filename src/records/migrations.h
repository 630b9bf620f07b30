#pragma once

#include <QSqlDatabase>

namespace dimglow::records::sqlite {

/// Of a logbook once all migrations are done.
int currentVersion();

/// Brings a logbook of an older version up to date, step by step; version 0 is an empty file. Within a transaction of
/// the caller's.
void migrate(const QSqlDatabase& database, int from);

/// As jobs are due, finished ones last; the index of the same name has it ready.
inline const QString dueOrder = QStringLiteral("handed_back != '', due = '', due, id");

}  // namespace dimglow::records::sqlite
