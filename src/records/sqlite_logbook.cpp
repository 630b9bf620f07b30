#include "records/sqlite_logbook.h"

#include <sys/stat.h>

#include <QDir>
#include <QFileInfo>
#include <QSqlError>
#include <QStandardPaths>
#include <QUuid>

#include "core/job/job_json.h"
#include "records/migrations.h"
#include "records/search_words.h"
#include "records/sqlite.h"

namespace dimglow::records {

using sqlite::dueOrder;
using sqlite::numberOf;
using sqlite::raise;
using sqlite::run;
using sqlite::Transaction;

namespace {

constexpr QLatin1String driverName("QSQLITE");
constexpr int applicationId = 0x44474C57;  ///< "DGLW", in the file's header
constexpr int firstNumber = 420;
constexpr int busyMilliseconds = 120;
/// From here on it is quicker to walk all jobs in order and stop when a page is full than to sort the ones found.
constexpr int manyFound = 1000;
const QString jobColumns = QStringLiteral("id, title, place, panel, complaint, due, handed_back, changed");

QString text(const std::string& words) {
    return QString::fromStdString(words);
}

QString stamp(const QDateTime& time) {
    return time.toString(Qt::ISODateWithMs);
}

void requireFile(const QString& path) {
    if (path.isEmpty()) {
        raise(QStringLiteral("cannot open logbook"), QStringLiteral("\"\""), QStringLiteral("name a file"));
    }
    const QFileInfo info(path);
    if (info.exists() && !info.isFile()) {
        raise(QStringLiteral("cannot open logbook"), path, QStringLiteral("is no file"));
    }
    if (info.exists()) {
        return;
    }
    if (!QDir().mkpath(info.absolutePath())) {
        raise(QStringLiteral("cannot open logbook"), path, QStringLiteral("its folder cannot be made"));
    }
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly | QIODevice::NewOnly, QFileDevice::ReadOwner | QFileDevice::WriteOwner)) {
        raise(QStringLiteral("cannot open logbook"), path, file.errorString());
    }
}

}  // namespace

job::Job parse(const QString& id, const StoredJob& stored) {
    try {
        return job::parseJob({stored.text.constData(), std::size_t(stored.text.size())});
    } catch (const std::exception& error) {
        raise(QStringLiteral("job"), id, QString::fromUtf8(error.what()));
    }
}

std::unique_ptr<Logbook> openLogbook(const QString& path) {
    return std::make_unique<SqliteLogbook>(path);
}

QString defaultLogbookPath() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/logbook.sqlite");
}

void prepareLogbooks() {
    const QString unused = QUuid::createUuid().toString();
    QSqlDatabase::addDatabase(driverName, unused);
    QSqlDatabase::removeDatabase(unused);
}

SqliteLogbook::SqliteLogbook(const QString& path)
    : connection_(QUuid::createUuid().toString()), photos_(QFileInfo(path).dir().filePath(QStringLiteral("photos"))) {
    requireFile(path);
    database_ = QSqlDatabase::addDatabase(driverName, connection_);
    database_.setConnectOptions(QStringLiteral("QSQLITE_BUSY_TIMEOUT=%1").arg(busyMilliseconds));
    database_.setDatabaseName(path);
    try {
        prepare(path);
        file_ = identityOf(path);
    } catch (...) {
        database_.close();
        database_ = {};
        QSqlDatabase::removeDatabase(connection_);
        throw;
    }
}

SqliteLogbook::FileIdentity SqliteLogbook::identityOf(const QString& path) {
    struct stat info = {};
    return ::stat(QFile::encodeName(path).constData(), &info) == 0
               ? FileIdentity{quint64(info.st_dev), quint64(info.st_ino)}
               : FileIdentity{};
}

void SqliteLogbook::requireSameFile() const {
    const QString path = database_.databaseName();
    if (identityOf(path) != file_) {
        raise(QStringLiteral("logbook"), path,
              QStringLiteral("was moved, deleted or replaced while it was open; put it back, or start again"));
    }
    if (const int found = numberOf(database_, QStringLiteral("PRAGMA user_version"));
        found > sqlite::currentVersion()) {
        raise(QStringLiteral("logbook"), path,
              QStringLiteral("was made newer by another program (version %1); start that one").arg(found));
    }
}

void SqliteLogbook::prepare(const QString& path) {
    if (!database_.open()) {
        raise(QStringLiteral("cannot open logbook"), path, database_.lastError().text());
    }
    // Nothing is written before the file is known to be ours.
    const int found = numberOf(database_, QStringLiteral("PRAGMA user_version"));
    const int tables = numberOf(database_, QStringLiteral("SELECT count(*) FROM sqlite_master"));
    const int ours = numberOf(database_, QStringLiteral("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND "
                                                        "((name = 'job' AND sql LIKE '%handed_back%body%') OR "
                                                        "(name = 'edit' AND sql LIKE '%label%'))"));
    const int application = numberOf(database_, QStringLiteral("PRAGMA application_id"));
    const bool isOurs = ours == 2 && (application == applicationId || application == 0);
    if ((tables > 0 && !isOurs) || (tables == 0 && found != 0)) {
        raise(QStringLiteral("cannot open logbook"), path, QStringLiteral("is a database of another program"));
    }
    if (found > sqlite::currentVersion()) {
        raise(QStringLiteral("logbook"), path,
              QStringLiteral("was written by a newer program (version %1)").arg(found));
    }
    run(database_, QStringLiteral("PRAGMA journal_mode=WAL"));
    run(database_, QStringLiteral("PRAGMA synchronous=FULL"));
    if (found == sqlite::currentVersion()) {
        return;
    }
    Transaction transaction(database_);
    sqlite::migrate(database_, found);
    run(database_, QStringLiteral("PRAGMA application_id=%1").arg(applicationId));
    transaction.commit();
}

SqliteLogbook::~SqliteLogbook() {
    database_.close();
    database_ = {};
    QSqlDatabase::removeDatabase(connection_);
}

bool SqliteLogbook::isEmpty() const {
    return numberOf(database_, QStringLiteral("SELECT EXISTS (SELECT 1 FROM job)")) == 0;
}

int SqliteLogbook::count(const QString& search) const {
    const QString words = matchExpression(search);
    QSqlQuery query =
        words.isEmpty()
            ? run(database_, QStringLiteral("SELECT count(*) FROM job"))
            : run(database_, QStringLiteral("SELECT count(*) FROM job_search WHERE job_search MATCH ?"), {words});
    return query.next() ? query.value(0).toInt() : 0;
}

std::vector<JobSummary> SqliteLogbook::jobs(const QString& search, int first, int most) const {
    const QString words = matchExpression(search);
    QString matching;
    if (!words.isEmpty()) {
        // The plus keeps SQLite from starting with the found ones: it walks the index of the order.
        matching = QStringLiteral(" WHERE %1rowid IN (SELECT rowid FROM job_search WHERE job_search MATCH ?)")
                       .arg(count(search) < manyFound ? QString() : QStringLiteral("+"));
    }
    QVariantList values = words.isEmpty() ? QVariantList() : QVariantList{words};
    values << most << first;
    QSqlQuery query =
        run(database_,
            QStringLiteral("SELECT %1 FROM job%2 ORDER BY %3 LIMIT ? OFFSET ?").arg(jobColumns, matching, dueOrder),
            values);
    std::vector<JobSummary> found;
    while (query.next()) {
        found.push_back({query.value(0).toString(), query.value(1).toString(), query.value(2).toString(),
                         query.value(3).toString(), query.value(4).toString(),
                         QDate::fromString(query.value(5).toString(), Qt::ISODate),
                         !query.value(6).toString().isEmpty(),
                         QDateTime::fromString(query.value(7).toString(), Qt::ISODateWithMs)});
    }
    return found;
}

std::optional<StoredJob> SqliteLogbook::load(const QString& id) const {
    QSqlQuery query = run(database_, QStringLiteral("SELECT body, revision FROM job WHERE id = ?"), {id});
    if (!query.next()) {
        return std::nullopt;
    }
    return StoredJob{query.value(0).toString().toUtf8(), query.value(1).toLongLong()};
}

std::optional<job::Job> SqliteLogbook::lastOfPanel(const QString& panel, const QString& butNot) const {
    constexpr int most = 8;
    QSqlQuery query =
        run(database_,
            QStringLiteral("SELECT id, body, revision FROM job WHERE panel = ? COLLATE NOCASE AND id IS NOT ? "
                           "ORDER BY changed DESC LIMIT ?"),
            {panel, butNot, most});
    while (query.next()) {
        try {
            auto job =
                parse(query.value(0).toString(), {query.value(1).toString().toUtf8(), query.value(2).toLongLong()});
            if (job.set.backlight.isDescribed) {
                return job;
            }
        } catch (const LogbookError&) {
            continue;  // damaged; an older one does as well
        }
    }
    return std::nullopt;
}

std::optional<job::Job> SqliteLogbook::lastChanged() const {
    QSqlQuery query = run(database_, QStringLiteral("SELECT job.id, job.body, job.revision FROM edit JOIN job "
                                                    "ON job.id = edit.job ORDER BY edit.number DESC LIMIT 1"));
    try {
        return query.next() ? std::optional(parse(query.value(0).toString(),
                                                  {query.value(1).toString().toUtf8(), query.value(2).toLongLong()}))
                            : std::nullopt;
    } catch (const LogbookError&) {
        return std::nullopt;
    }
}

qint64 SqliteLogbook::revision(const QString& id) const {
    QSqlQuery query = run(database_, QStringLiteral("SELECT revision FROM job WHERE id = ?"), {id});
    return query.next() ? query.value(0).toLongLong() : 0;
}

Confirmation SqliteLogbook::create(const job::Job& job, const QString& editLabel) {
    requireSameFile();
    const QDateTime now = QDateTime::currentDateTimeUtc();
    Transaction transaction(database_);
    insert(job, editLabel, now);
    transaction.commit();
    return {now, 1};
}

void SqliteLogbook::createAll(const std::vector<job::Job>& jobs, const QString& editLabel) {
    const QDateTime now = QDateTime::currentDateTimeUtc();
    Transaction transaction(database_);
    for (const auto& job : jobs) {
        insert(job, editLabel, now);
    }
    transaction.commit();
}

void SqliteLogbook::insert(const job::Job& job, const QString& editLabel, const QDateTime& now) const {
    if (revision(text(job.id)) != 0) {
        throw LogbookConflict(QStringLiteral("job %1: the number is taken").arg(text(job.id)).toStdString());
    }
    run(database_,
        QStringLiteral(
            "INSERT INTO job (id, title, place, panel, complaint, due, handed_back, changed, body, revision) "
            "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, 1)"),
        {text(job.id), text(job.title), text(job.order.place), text(job.set.panel), text(job.order.complaint),
         text(job.order.due), text(job.handedBack), stamp(now), text(job::toJson(job).dump())});
    run(database_,
        QStringLiteral("INSERT INTO job_search (rowid, words, shown) SELECT rowid, ?, '' FROM job WHERE id = ?"),
        {searchWords(job), text(job.id)});
    markUnshown(job);
    addEdit(job, editLabel, stamp(now));
}

Confirmation SqliteLogbook::store(const job::Job& job, const QString& editLabel, qint64 revision) {
    requireSameFile();
    const QDateTime now = QDateTime::currentDateTimeUtc();
    const QString body = text(job::toJson(job).dump());
    Transaction transaction(database_);
    const QSqlQuery changed =
        run(database_,
            QStringLiteral("UPDATE job SET title = ?, place = ?, panel = ?, complaint = ?, due = ?, handed_back = ?, "
                           "changed = ?, body = ?, revision = revision + 1 WHERE id = ? AND revision = ?"),
            {text(job.title), text(job.order.place), text(job.set.panel), text(job.order.complaint),
             text(job.order.due), text(job.handedBack), stamp(now), body, text(job.id), revision});
    if (changed.numRowsAffected() != 1) {
        throw LogbookConflict(QStringLiteral("job %1 was changed in another window").arg(text(job.id)).toStdString());
    }
    index(job);
    addEdit(job, editLabel, stamp(now));
    transaction.commit();
    return {now, revision + 1};
}

/// Keeps the full-text index in step; most edits do not touch the job's own words.
void SqliteLogbook::index(const job::Job& job) const {
    const QString words = searchWords(job);
    run(database_,
        QStringLiteral("UPDATE job_search SET words = ? WHERE rowid = (SELECT rowid FROM job WHERE id = ?) "
                       "AND words != ?"),
        {words, text(job.id), words});
    markUnshown(job);
}

void SqliteLogbook::markUnshown(const job::Job& job) const {
    run(database_, QStringLiteral("INSERT OR IGNORE INTO job_unshown SELECT rowid FROM job WHERE id = ?"),
        {text(job.id)});
}

QStringList SqliteLogbook::unshown(int most) const {
    QStringList ids;
    QSqlQuery query = run(database_,
                          QStringLiteral("SELECT job.id FROM job_unshown JOIN job ON job.rowid = job_unshown.job "
                                         "ORDER BY job_unshown.job DESC LIMIT ?"),
                          {most});
    while (query.next()) {
        ids << query.value(0).toString();
    }
    return ids;
}

void SqliteLogbook::addToSearch(const std::vector<ShownWords>& jobs) {
    requireSameFile();
    Transaction transaction(database_);
    for (const auto& job : jobs) {
        run(database_,
            QStringLiteral("UPDATE job_search SET shown = ? WHERE rowid = (SELECT rowid FROM job WHERE id = ?) "
                           "AND shown != ?"),
            {job.words, job.id, job.words});
        run(database_,
            QStringLiteral("DELETE FROM job_unshown WHERE job = (SELECT rowid FROM job WHERE id = ? AND revision = ?)"),
            {job.id, job.revision});
    }
    transaction.commit();
}

void SqliteLogbook::addEdit(const job::Job& job, const QString& label, const QString& at) const {
    run(database_, QStringLiteral("INSERT INTO edit (job, at, label) VALUES (?, ?, ?)"), {text(job.id), at, label});
}

std::vector<EditLine> SqliteLogbook::history(const QString& id, int most) const {
    std::vector<EditLine> lines;
    QSqlQuery query = run(
        database_, QStringLiteral("SELECT at, label FROM edit WHERE job = ? ORDER BY number DESC LIMIT ?"), {id, most});
    while (query.next()) {
        lines.insert(lines.begin(),
                     {QDateTime::fromString(query.value(0).toString(), Qt::ISODateWithMs), query.value(1).toString()});
    }
    return lines;
}

QString SqliteLogbook::nextId() const {
    // Numbers of four to six digits are counted on; another was made elsewhere and is left alone.
    const int highest =
        numberOf(database_,
                 QStringLiteral(
                     "SELECT CAST(substr(id, 4) AS INTEGER) FROM job WHERE length(id) BETWEEN 7 AND 9 AND id >= 'SK-' "
                     "AND id < 'SK.' AND substr(id, 4) NOT GLOB '*[^0-9]*' AND (length(id) = 7 OR id >= 'SK-1') "
                     "ORDER BY length(id) DESC, id DESC LIMIT 1"));
    int number = std::max(highest + 1, firstNumber);
    QString id;
    do {
        id = QStringLiteral("SK-%1").arg(number++, 4, 10, QLatin1Char('0'));
    } while (revision(id) != 0);
    return id;
}

}  // namespace dimglow::records
