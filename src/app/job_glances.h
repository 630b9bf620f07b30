#pragma once

#include <QObject>
#include <deque>
#include <map>
#include <vector>

#include "app/worker.h"
#include "records/logbook.h"

namespace dimglow::app {

/// Where a job stands, what is suspected and what it waits for.
struct JobGlance {
    std::vector<bool> done;  ///< by station
    QString suspected;       ///< "Open LED in strip B, 82 %", or the verdict
    QString waitsFor;        ///< the next probe, the fix, the parts
};

/// Glances at jobs of a list: assessed on a worker thread as they come into view, kept until the job changes. Lives on
/// the window's thread.
class JobGlances : public QObject {
    Q_OBJECT
public:
    explicit JobGlances(const records::Logbook& logbook, QObject* parent = nullptr);

    /// Null until it is there; then ready() comes.
    const JobGlance* of(const records::JobSummary& job);
    /// Returns once every glance that was asked for is there.
    void settle();

signals:
    void ready();

private:
    struct Known {
        QDateTime changed;
        bool isDone = false;
        JobGlance glance;
    };
    struct Result {
        QString id;
        JobGlance glance;
    };
    void startNext();

    const records::Logbook& logbook_;
    std::map<QString, Known> known_;
    std::deque<QString> waiting_;  ///< the last asked for first
    Worker<Result> worker_;
};

}  // namespace dimglow::app
