#include "records/sqlite.h"

#include <QSqlError>

namespace dimglow::records::sqlite {

void raise(const QString& what, const QString& path, const QString& reason) {
    throw LogbookError(QStringLiteral("%1 %2: %3").arg(what, path, reason.simplified()).toStdString());
}

QSqlQuery run(const QSqlDatabase& database, const QString& sql, const QVariantList& values) {
    QSqlQuery query(database);
    query.setForwardOnly(true);
    if (!query.prepare(sql)) {
        raise(QStringLiteral("logbook"), database.databaseName(), query.lastError().text());
    }
    for (const auto& value : values) {
        query.addBindValue(value);
    }
    if (!query.exec()) {
        const bool locked = query.lastError().nativeErrorCode() == QStringLiteral("5");
        raise(QStringLiteral("logbook"), database.databaseName(),
              locked ? QStringLiteral("is locked by another program; try again") : query.lastError().text());
    }
    return query;
}

int numberOf(const QSqlDatabase& database, const QString& sql) {
    QSqlQuery query = run(database, sql);
    return query.next() ? query.value(0).toInt() : 0;
}

}  // namespace dimglow::records::sqlite
