#include "records/migrations.h"

#include "records/search_words.h"
#include "records/sqlite.h"

namespace dimglow::records::sqlite {

namespace {

void createTables(const QSqlDatabase& database) {
    run(database, QStringLiteral("CREATE TABLE job (id TEXT PRIMARY KEY, title TEXT NOT NULL, place TEXT NOT NULL, "
                                 "panel TEXT NOT NULL, complaint TEXT NOT NULL, due TEXT NOT NULL, "
                                 "handed_back TEXT NOT NULL, changed TEXT NOT NULL, body TEXT NOT NULL)"));
    run(database, QStringLiteral("CREATE TABLE edit (number INTEGER PRIMARY KEY AUTOINCREMENT, job TEXT NOT NULL "
                                 "REFERENCES job(id), at TEXT NOT NULL, label TEXT NOT NULL)"));
    run(database, QStringLiteral("CREATE INDEX edit_job ON edit(job)"));
}

void addSearchAndRevisions(const QSqlDatabase& database) {
    run(database, QStringLiteral("ALTER TABLE job ADD COLUMN revision INTEGER NOT NULL DEFAULT 1"));
    run(database, QStringLiteral("CREATE INDEX job_due ON job(%1)").arg(dueOrder));
    run(database, QStringLiteral("CREATE INDEX job_number ON job(length(id), id)"));
    run(database, QStringLiteral("CREATE VIRTUAL TABLE job_search USING fts5(words, prefix='1 2 3', "
                                 "tokenize=\"unicode61 remove_diacritics 2\")"));
    QSqlQuery all = run(database, QStringLiteral("SELECT rowid, id, title, place, panel, complaint FROM job"));
    while (all.next()) {
        job::Job job;  // maker and model join at its next edit
        job.id = all.value(1).toString().toStdString();
        job.title = all.value(2).toString().toStdString();
        job.order.place = all.value(3).toString().toStdString();
        job.set.panel = all.value(4).toString().toStdString();
        job.order.complaint = all.value(5).toString().toStdString();
        run(database, QStringLiteral("INSERT INTO job_search (rowid, words) VALUES (?, ?)"),
            {all.value(0), searchWords(job)});
    }
}

void addPanels(const QSqlDatabase& database) {
    run(database, QStringLiteral("CREATE INDEX job_panel ON job(panel COLLATE NOCASE, changed)"));
}

/// The full-text index has a second column, and a table says of which jobs that is not up to date.
void addShown(const QSqlDatabase& database) {
    run(database, QStringLiteral("ALTER TABLE job_search RENAME TO old_search"));
    run(database, QStringLiteral("CREATE VIRTUAL TABLE job_search USING fts5(words, shown, prefix='1 2 3', "
                                 "tokenize=\"unicode61 remove_diacritics 2\")"));
    run(database, QStringLiteral("INSERT INTO job_search (rowid, words, shown) SELECT rowid, words, '' "
                                 "FROM old_search"));
    run(database, QStringLiteral("DROP TABLE old_search"));
    run(database, QStringLiteral("CREATE TABLE job_unshown (job INTEGER PRIMARY KEY)"));
    run(database, QStringLiteral("INSERT INTO job_unshown SELECT rowid FROM job"));
}

/// The step to each version from the one before.
constexpr void (*steps[])(const QSqlDatabase&) = {createTables, addSearchAndRevisions, addPanels, addShown};

}  // namespace

int currentVersion() {
    return int(std::size(steps));
}

void migrate(const QSqlDatabase& database, int from) {
    for (int version = from; version < currentVersion(); ++version) {
        steps[version](database);
    }
    run(database, QStringLiteral("PRAGMA user_version=%1").arg(currentVersion()));
}

}  // namespace dimglow::records::sqlite
