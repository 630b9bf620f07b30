#pragma once

#include <QDateTime>
#include <QSqlDatabase>
#include <QString>
#include <optional>
#include <stdexcept>
#include <vector>

#include "core/job/job.h"

namespace dimglow::records {

/// What went wrong with the logbook, and with which file.
class LogbookError : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
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

/// The workshop's jobs in an SQLite file with a write-ahead log.
///
/// store() returns only after the job and the edit's label are on disk in one transaction, so a process that dies at
/// any moment loses nothing that was confirmed. All functions throw LogbookError. Use from one thread.
class Logbook {
public:
    /// Opens or creates \p path with its folder. A file of a newer version or no logbook at all is refused untouched.
    explicit Logbook(const QString& path);
    ~Logbook();
    Logbook(const Logbook&) = delete;
    Logbook& operator=(const Logbook&) = delete;

    /// Where the user's logbook lives.
    static QString defaultPath();

    /// Jobs whose id, title, place, panel or complaint contain every word of \p search; open ones first, then as due.
    std::vector<JobSummary> jobs(const QString& search = {}) const;
    bool isEmpty() const;
    std::optional<job::Job> load(const QString& id) const;

    /// Inserts or replaces a job and writes down what the edit was. \returns when it was saved
    QDateTime store(const job::Job& job, const QString& editLabel);
    /// The edits of a job in order, as "2026-11-23 08:10 Torch on the glass".
    std::vector<QString> history(const QString& id) const;

    /// The next free id in the workshop's numbering, "SK-0420".
    QString nextId() const;

private:
    QString connection_;
    QSqlDatabase database_;
};

}  // namespace dimglow::records
