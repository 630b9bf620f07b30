#pragma once

#include <QAbstractListModel>
#include <map>

#include "app/job_glances.h"
#include "records/logbook.h"

namespace dimglow::app {

/// The logbook's jobs that match a search, as they are due. Rows are fetched page by page as they come into view, so a
/// logbook of a hundred thousand jobs costs no more than one of twelve.
class JobList : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role {
        Id = Qt::UserRole,
        Title,
        NumberAndPlace,
        Complaint,
        Due,
        HandedBack,
        Suspected,
        WaitsFor,
        StationsDone
    };

    JobList(records::Logbook& logbook, knowledge::Source trade, QObject* parent = nullptr);

    /// Looks anew.
    void setSearch(const QString& words);
    /// Whether jobs that are not in view are looked at, for the search.
    void setFillingIn(bool isFillingIn) { glances_->setFillingIn(isFillingIn); }
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;

signals:
    /// The logbook could not be read.
    void failed(const QString& reason);
    /// A search may find more now.
    void searchGrew();

private:
    const records::JobSummary* jobAt(int row) const;

    records::Logbook& logbook_;
    JobGlances* glances_ = nullptr;
    QString search_;
    int count_ = 0;
    mutable std::map<int, std::vector<records::JobSummary>> pages_;  ///< by number; those that were looked at
};

}  // namespace dimglow::app
