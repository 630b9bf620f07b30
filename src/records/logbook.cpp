#include "records/logbook.h"

#include <QDir>
#include <QFileInfo>
#include <QRegularExpression>
#include <QSqlError>
#include <QSqlQuery>
#include <QStandardPaths>
#include <QUuid>
#include <QVariant>
#include <algorithm>

#include "core/job/job_json.h"

namespace dimglow::records {

namespace {

constexpr int schemaVersion = 1;
constexpr int firstNumber = 420;

[[noreturn]] void fail(const QString& what, const QString& path, const QString& reason) {
    throw LogbookError(QStringLiteral("%1 %2: %3").arg(what, path, reason).toStdString());
}

QSqlQuery run(const QSqlDatabase& database, const QString& sql, const QVariantList& values = {}) {
    QSqlQuery query(database);
    if (!query.prepare(sql)) {
        fail(QStringLiteral("logbook"), database.databaseName(), query.lastError().text());
    }
    for (const auto& value : values) {
        query.addBindValue(value);
    }
    if (!query.exec()) {
        fail(QStringLiteral("logbook"), database.databaseName(), query.lastError().text());
    }
    return query;
}

}  // namespace

Logbook::Logbook(const QString& path) : connection_(QUuid::createUuid().toString()) {
    QDir().mkpath(QFileInfo(path).absolutePath());
    database_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection_);
    database_.setDatabaseName(path);
    try {
        if (!database_.open()) {
            fail(QStringLiteral("cannot open logbook"), path, database_.lastError().text());
        }
        QSqlQuery version = run(database_, QStringLiteral("PRAGMA user_version"));
        version.next();
        const int found = version.value(0).toInt();
        version.finish();
        if (found > schemaVersion) {
            fail(QStringLiteral("logbook"), path,
                 QStringLiteral("was written by a newer program (version %1)").arg(found));
        }
        run(database_, QStringLiteral("PRAGMA journal_mode=WAL"));
        run(database_, QStringLiteral("PRAGMA synchronous=FULL"));
        run(database_,
            QStringLiteral(
                "CREATE TABLE IF NOT EXISTS job (id TEXT PRIMARY KEY, title TEXT NOT NULL, place TEXT NOT NULL, "
                "panel TEXT NOT NULL, complaint TEXT NOT NULL, due TEXT NOT NULL, handed_back TEXT NOT NULL, "
                "changed TEXT NOT NULL, body TEXT NOT NULL)"));
        run(database_,
            QStringLiteral(
                "CREATE TABLE IF NOT EXISTS edit (number INTEGER PRIMARY KEY AUTOINCREMENT, job TEXT NOT NULL "
                "REFERENCES job(id), at TEXT NOT NULL, label TEXT NOT NULL)"));
        run(database_, QStringLiteral("CREATE INDEX IF NOT EXISTS edit_job ON edit(job)"));
        run(database_, QStringLiteral("PRAGMA user_version=%1").arg(schemaVersion));
    } catch (...) {
        database_.close();
        database_ = {};
        QSqlDatabase::removeDatabase(connection_);
        throw;
    }
}

Logbook::~Logbook() {
    database_.close();
    database_ = {};
    QSqlDatabase::removeDatabase(connection_);
}

QString Logbook::defaultPath() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/logbook.sqlite");
}

std::vector<JobSummary> Logbook::jobs(const QString& search) const {
    QString sql = QStringLiteral("SELECT id, title, place, panel, complaint, due, handed_back, changed FROM job");
    QVariantList values;
    for (const auto& word : search.split(QRegularExpression(QStringLiteral("\\s+")), Qt::SkipEmptyParts)) {
        sql += values.isEmpty() ? QStringLiteral(" WHERE ") : QStringLiteral(" AND ");
        sql += QStringLiteral(
            "instr(lower(id || ' ' || title || ' ' || place || ' ' || panel || ' ' || complaint), lower(?)) > 0");
        values << word;
    }
    sql += QStringLiteral(" ORDER BY handed_back != '', due = '', due, id");
    std::vector<JobSummary> found;
    QSqlQuery query = run(database_, sql, values);
    while (query.next()) {
        found.push_back({query.value(0).toString(), query.value(1).toString(), query.value(2).toString(),
                         query.value(3).toString(), query.value(4).toString(),
                         QDate::fromString(query.value(5).toString(), Qt::ISODate),
                         !query.value(6).toString().isEmpty(),
                         QDateTime::fromString(query.value(7).toString(), Qt::ISODateWithMs)});
    }
    return found;
}

bool Logbook::isEmpty() const {
    return !run(database_, QStringLiteral("SELECT 1 FROM job LIMIT 1")).next();
}

std::optional<job::Job> Logbook::load(const QString& id) const {
    QSqlQuery query = run(database_, QStringLiteral("SELECT body FROM job WHERE id = ?"), {id});
    if (!query.next()) {
        return std::nullopt;
    }
    try {
        return job::parseJob(query.value(0).toString().toStdString());
    } catch (const std::exception& error) {
        fail(QStringLiteral("job"), id, QString::fromUtf8(error.what()));
    }
}

QDateTime Logbook::store(const job::Job& job, const QString& editLabel) {
    const auto text = [](const std::string& words) { return QString::fromStdString(words); };
    const QDateTime now = QDateTime::currentDateTimeUtc();
    const QString at = now.toString(Qt::ISODateWithMs);
    const QString body = text(job::toJson(job).dump());
    if (!database_.transaction()) {
        fail(QStringLiteral("cannot write to logbook"), database_.databaseName(), database_.lastError().text());
    }
    try {
        run(database_,
            QStringLiteral(
                "INSERT INTO job (id, title, place, panel, complaint, due, handed_back, changed, body) "
                "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT(id) DO UPDATE SET title=excluded.title, "
                "place=excluded.place, panel=excluded.panel, complaint=excluded.complaint, due=excluded.due, "
                "handed_back=excluded.handed_back, changed=excluded.changed, body=excluded.body"),
            {text(job.id), text(job.title), text(job.set.place), text(job.set.panel), text(job.set.complaint),
             text(job.set.due), text(job.handedBack), at, body});
        run(database_, QStringLiteral("INSERT INTO edit (job, at, label) VALUES (?, ?, ?)"),
            {text(job.id), at, editLabel});
        if (!database_.commit()) {
            fail(QStringLiteral("cannot write to logbook"), database_.databaseName(), database_.lastError().text());
        }
    } catch (...) {
        database_.rollback();
        throw;
    }
    return now;
}

std::vector<QString> Logbook::history(const QString& id) const {
    std::vector<QString> lines;
    QSqlQuery query = run(database_, QStringLiteral("SELECT at, label FROM edit WHERE job = ? ORDER BY number"), {id});
    while (query.next()) {
        lines.push_back(query.value(0).toString().left(16).replace(QLatin1Char('T'), QLatin1Char(' ')) +
                        QLatin1Char(' ') + query.value(1).toString());
    }
    return lines;
}

QString Logbook::nextId() const {
    int highest = firstNumber - 1;
    QSqlQuery query = run(database_, QStringLiteral("SELECT id FROM job WHERE id LIKE 'SK-%'"));
    while (query.next()) {
        highest = std::max(highest, query.value(0).toString().mid(3).toInt());
    }
    return QStringLiteral("SK-%1").arg(highest + 1, 4, 10, QLatin1Char('0'));
}

}  // namespace dimglow::records
