#pragma once

#include <QDateTime>
#include <QString>
#include <QStringList>
#include <memory>
#include <optional>
#include <stdexcept>
#include <vector>

#include "core/job/job.h"
#include "records/photos.h"

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

/// The workshop's jobs, kept.
///
///     const auto logbook = records::openLogbook(records::defaultLogbookPath());
///     const auto confirmed = logbook->store(job, "Strips described", revision);
///
/// create() and store() return only after the job and the edit's label are kept for good, so a process that dies at any
/// moment loses nothing that was confirmed. A job that another window has changed is not overwritten. All functions
/// throw LogbookError. Use from one thread.
class Logbook {
public:
    Logbook() = default;
    virtual ~Logbook() = default;
    Logbook(const Logbook&) = delete;
    Logbook& operator=(const Logbook&) = delete;

    virtual bool isEmpty() const = 0;
    /// How many jobs hold every word of \p search at the start of one of theirs, whatever the case or accents: in
    /// number, title, place, maker, model, panel, complaint … or in what a list showed last. All when there is none.
    virtual int count(const QString& search = {}) const = 0;
    /// Those jobs as they are due, finished ones last; \p most from place \p first on.
    virtual std::vector<JobSummary> jobs(const QString& search = {}, int first = 0, int most = 1'000'000) const = 0;

    /// Jobs that were made or changed since the search was told what a list shows of them; the youngest first.
    virtual QStringList unshown(int most) const = 0;
    /// Tells the search what a list shows of some jobs. It is found by that until it is told again.
    virtual void addToSearch(const std::vector<ShownWords>& jobs) = 0;

    virtual std::optional<StoredJob> load(const QString& id) const = 0;
    /// The last job on a set with that panel whose strips somebody has described, whatever the case of the panel's
    /// name; \p butNot is left out, and so are jobs that are damaged.
    virtual std::optional<job::Job> lastOfPanel(const QString& panel, const QString& butNot) const = 0;
    /// The job that was changed last; none when it is damaged.
    virtual std::optional<job::Job> lastChanged() const = 0;
    /// The number of a job's last change; 0 when there is no such job.
    virtual qint64 revision(const QString& id) const = 0;

    /// Adds a job. Its number must not be taken.
    virtual Confirmation create(const job::Job& job, const QString& editLabel) = 0;
    /// Adds many jobs at once, all or none.
    virtual void createAll(const std::vector<job::Job>& jobs, const QString& editLabel) = 0;
    /// Stores a change of the job that was loaded or stored as \p revision. \throws LogbookConflict
    virtual Confirmation store(const job::Job& job, const QString& editLabel, qint64 revision) = 0;

    /// The last edits of a job, oldest first.
    virtual std::vector<EditLine> history(const QString& id, int most) const = 0;
    /// The pictures that are kept beside it.
    virtual Photos& photos() = 0;
    /// A number that no job has: the one after the highest "SK-0421".
    virtual QString nextId() const = 0;
};

/// Opens or creates the logbook at \p path with its folder, for its owner only. A file of a newer version, of another
/// program or no file at all is refused untouched.
/// \throws LogbookError
std::unique_ptr<Logbook> openLogbook(const QString& path);
/// The logbook of this user, below the standard data folder.
QString defaultLogbookPath();
/// Makes ready what logbooks need, so that the first one opens the sooner. It may run on any thread.
void prepareLogbooks();

}  // namespace dimglow::records
