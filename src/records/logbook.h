#pragma once

#include <QDateTime>
#include <QSqlDatabase>
#include <QString>
#include <QStringList>
#include <optional>
#include <stdexcept>
#include <vector>

#include "core/job/job.h"

namespace dimglow::records {

/// What went wrong with the logbook, in one line that names the file or job.
class LogbookError : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
};

/// The job has been changed by another window since it was loaded; nothing was stored.
class LogbookConflict : public LogbookError {
public:
    using LogbookError::LogbookError;
};

/// A job as a list shows it.
struct JobSummary {
    QString id;
    QString title;
    QString place;
    QString panel;
    QString complaint;
    QDate due;
    bool handedBack = false;
    QDateTime changed;
};

/// A job as text with the number of its last change.
struct StoredJob {
    QByteArray text;  ///< of job::parseJob()
    qint64 revision = 0;
};

/// \throws LogbookError that names the job and the field that is damaged. Needs no logbook: it may run on any thread.
job::Job parse(const QString& id, const StoredJob& stored);

/// Loads the database driver, so that the first logbook opens the sooner. It may run on any thread.
void loadDriver();

/// What a list shows of a job beside the job's own words.
struct ShownWords {
    QString id;
    qint64 revision = 0;  ///< of the job that was looked at
    QString words;
};

/// What a store has confirmed.
struct Confirmation {
    QDateTime at;  ///< UTC
    qint64 revision = 0;
};

/// One line of a job's history.
struct EditLine {
    QDateTime at;  ///< UTC
    QString label;
};

/// The workshop's jobs in an SQLite file with a write-ahead log.
///
/// create() and store() return only after the job and the edit's label are on disk in one transaction, so a process
/// that dies at any moment loses nothing that was confirmed. A job that another window has changed is not overwritten.
/// A lock held elsewhere is waited for a tenth of a second. All functions throw LogbookError. Use from one thread.
class Logbook {
public:
    /// Opens or creates \p path with its folder, for its owner only. A file of a newer version, of another program or
    /// no file at all is refused untouched.
    explicit Logbook(const QString& path);
    ~Logbook();
    Logbook(const Logbook&) = delete;
    Logbook& operator=(const Logbook&) = delete;

    /// The logbook of this user, below the standard data folder.
    static QString defaultPath();

    bool isEmpty() const;
    /// How many jobs hold every word of \p search at the start of one of theirs, whatever the case or accents: in
    /// number, title, place, maker, model, panel, complaint … or in what a list showed last. All when there is none.
    int count(const QString& search = {}) const;
    /// Those jobs as they are due, finished ones last; \p most from place \p first on.
    std::vector<JobSummary> jobs(const QString& search = {}, int first = 0, int most = 1'000'000) const;

    /// Jobs that were made or changed since the search was told what a list shows of them; the youngest first.
    QStringList unshown(int most) const;
    /// Tells the search what a list shows of some jobs. It is found by that until it is told again.
    void addToSearch(const std::vector<ShownWords>& jobs);

    std::optional<StoredJob> load(const QString& id) const;
    /// The last job on a set with that panel whose strips somebody has described, whatever the case of the panel's
    /// name; \p butNot is left out, and so are jobs that are damaged.
    std::optional<job::Job> lastOfPanel(const QString& panel, const QString& butNot) const;
    /// The job that was changed last; none when it is damaged.
    std::optional<job::Job> lastChanged() const;
    /// The number of a job's last change; 0 when there is no such job.
    qint64 revision(const QString& id) const;

    /// Adds a job. Its number must not be taken.
    Confirmation create(const job::Job& job, const QString& editLabel);
    /// Adds many jobs at once, all or none.
    void createAll(const std::vector<job::Job>& jobs, const QString& editLabel);
    /// Stores a change of the job that was loaded or stored as \p revision. \throws LogbookConflict
    Confirmation store(const job::Job& job, const QString& editLabel, qint64 revision);

    /// The last edits of a job, oldest first.
    std::vector<EditLine> history(const QString& id, int most) const;
    /// A number that no job has: the one after the highest "SK-0421".
    QString nextId() const;

private:
    void prepare(const QString& path);
    /// \throws LogbookError when the file was moved, deleted, replaced or made newer while it was open: what would be
    /// written would be gone
    void requireSameFile() const;
    void createTables() const;
    void addSearchAndRevisions() const;
    void addPanels() const;
    void addShown() const;
    void insert(const job::Job& job, const QString& editLabel, const QDateTime& now) const;
    void index(const job::Job& job) const;
    void markUnshown(const job::Job& job) const;
    void addEdit(const job::Job& job, const QString& label, const QString& at) const;

    struct FileIdentity {
        quint64 device = 0;
        quint64 number = 0;
        bool operator==(const FileIdentity&) const = default;
    };
    static FileIdentity identityOf(const QString& path);

    QString connection_;
    FileIdentity file_;
    QSqlDatabase database_;
};

}  // namespace dimglow::records
