#pragma once

#include <QSqlDatabase>

#include "records/logbook.h"

namespace dimglow::records {

/// A logbook in an SQLite file with a write-ahead log: job and edit are on disk in one transaction. A lock held
/// elsewhere is waited for a tenth of a second.
class SqliteLogbook : public Logbook {
public:
    explicit SqliteLogbook(const QString& path);
    ~SqliteLogbook() override;

    bool isEmpty() const override;
    int count(const QString& search) const override;
    std::vector<JobSummary> jobs(const QString& search, int first, int most) const override;
    QStringList unshown(int most) const override;
    void addToSearch(const std::vector<ShownWords>& jobs) override;
    std::optional<StoredJob> load(const QString& id) const override;
    std::optional<job::Job> lastOfPanel(const QString& panel, const QString& butNot) const override;
    std::optional<job::Job> lastChanged() const override;
    qint64 revision(const QString& id) const override;
    Confirmation create(const job::Job& job, const QString& editLabel) override;
    void createAll(const std::vector<job::Job>& jobs, const QString& editLabel) override;
    Confirmation store(const job::Job& job, const QString& editLabel, qint64 revision) override;
    std::vector<EditLine> history(const QString& id, int most) const override;
    Photos& photos() override { return photos_; }
    QString nextId() const override;

private:
    void prepare(const QString& path);
    /// \throws LogbookError when the file was moved, deleted, replaced or made newer while it was open: what would be
    /// written would be gone
    void requireSameFile() const;
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
    Photos photos_;
};

}  // namespace dimglow::records
