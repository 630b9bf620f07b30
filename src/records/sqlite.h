#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QString>
#include <QVariant>

#include "records/logbook.h"

/// \file
/// SQL of a logbook; every failure is a LogbookError.

namespace dimglow::records::sqlite {

[[noreturn]] void raise(const QString& what, const QString& path, const QString& reason);

/// Runs one statement with its values.
QSqlQuery run(const QSqlDatabase& database, const QString& sql, const QVariantList& values = {});
/// The first column of the first row; 0 when there is none.
int numberOf(const QSqlDatabase& database, const QString& sql);

/// A transaction that is rolled back unless it was committed.
class Transaction {
public:
    explicit Transaction(const QSqlDatabase& database) : database_(database) {
        run(database_, QStringLiteral("BEGIN IMMEDIATE"));
    }
    ~Transaction() {
        if (!done_) {
            QSqlQuery(database_).exec(QStringLiteral("ROLLBACK"));
        }
    }
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    void commit() {
        run(database_, QStringLiteral("COMMIT"));
        done_ = true;
    }

private:
    const QSqlDatabase& database_;
    bool done_ = false;
};

}  // namespace dimglow::records::sqlite
