#pragma once

#include <QDateTime>
#include <QObject>
#include <QUndoStack>
#include <functional>
#include <memory>

#include "core/reasoning/assessment.h"
#include "records/logbook.h"

namespace dimglow::app {

/// One open job: its document, its undo stack, its assessment.
///
/// An edit is stored in the logbook before the document changes; when that fails nothing changes and editFailed() says
/// why. Every change leads to one new assessment, on a worker thread when the last one took longer than a frame.
class JobSession : public QObject {
    Q_OBJECT
public:
    JobSession(records::Logbook& logbook, const knowledge::Knowledge& trade, QObject* parent = nullptr);
    ~JobSession() override;

    /// Puts a job on the bench, without storing it. Forgets the undo history of the last one.
    /// \throws std::runtime_error when it cannot be assessed; the last job stays
    void open(const job::Job& job);
    bool hasJob() const { return hasJob_; }
    const job::Job& job() const { return job_; }
    const reasoning::Assessment& assessment() const { return assessment_; }
    /// False while an assessment of the current job is still being computed.
    bool isSettled() const { return running_ == 0; }
    /// Returns once the assessment is of the current job.
    void settle();
    const knowledge::Knowledge& trade() const { return trade_; }
    QUndoStack& undoStack() { return undoStack_; }
    QDateTime savedAt() const { return savedAt_; }

    /// Applies \p change to a copy of the job and makes it the job, as one undoable step called \p label.
    void edit(const QString& label, const std::function<void(job::Job&)>& change);
    /// Adds a reading to the trail.
    void record(const job::Observation& what, job::Phase phase = job::Phase::Before);

signals:
    void jobOpened();
    /// The job and its assessment have changed.
    void assessed();
    void saved();
    void editFailed(const QString& reason);

private:
    class Edit;
    /// \returns whether it was stored
    bool put(const job::Job& job, const QString& label);
    void assess();
    struct TimedAssessment {
        reasoning::Assessment assessment;
        qint64 milliseconds = 0;
        QString problem;  ///< why there is none; empty otherwise
    };
    static TimedAssessment timedAssess(const job::Job& job, const knowledge::Knowledge& trade);
    void accept(TimedAssessment result);

    records::Logbook& logbook_;
    const knowledge::Knowledge& trade_;
    job::Job job_;
    bool hasJob_ = false;
    reasoning::Assessment assessment_;
    QUndoStack undoStack_;
    QDateTime savedAt_;
    qint64 lastMilliseconds_ = 0;
    int running_ = 0;
    quint64 revision_ = 0;
};

}  // namespace dimglow::app
