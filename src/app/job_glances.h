#pragma once

#include <QObject>
#include <deque>
#include <map>
#include <vector>

#include "app/worker.h"
#include "core/knowledge/knowledge.h"
#include "records/logbook.h"

namespace dimglow::app {

/// Where a job stands, what is suspected and what it waits for.
struct JobGlance {
    std::vector<bool> done;  ///< by station
    QString suspected;       ///< "Open LED in strip B, 82 %", or the verdict
    QString waitsFor;        ///< the next probe, the fix, the parts
};

/// Glances at jobs of a list: assessed on a worker thread as they come into view, kept until the job changes. While
/// nothing else is asked for, the jobs that are not in view are looked at too, so that the search knows what the cards
/// would show. Lives on the window's thread.
class JobGlances : public QObject {
    Q_OBJECT
public:
    JobGlances(records::Logbook& logbook, knowledge::Source trade, QObject* parent = nullptr);

    /// Null until it is there; then ready() comes.
    const JobGlance* of(const records::JobSummary& job);
    /// Whether jobs that are not in view are looked at.
    void setFillingIn(bool isFillingIn);
    /// Returns once every glance that was asked for, or is to be filled in, is there.
    void settle();

signals:
    void ready();
    /// The search knows of more jobs what the cards show.
    void searchGrew();

private:
    struct Known {
        QDateTime changed;
        bool isDone = false;
        JobGlance glance;
    };
    struct Result {
        QString id;
        qint64 revision = 0;
        JobGlance glance;
    };
    void startNext();
    void gather();
    void tellSearch();

    records::Logbook& logbook_;
    const knowledge::Source trade_;
    std::map<QString, Known> known_;
    std::deque<QString> waiting_;  ///< the last asked for first
    QStringList unshown_;          ///< not in view
    bool isFillingIn_ = false;
    std::vector<records::ShownWords> untold_;  ///< to the search
    Worker<Result> worker_;
};

}  // namespace dimglow::app
