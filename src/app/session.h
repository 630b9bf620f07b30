#pragma once

#include <QDateTime>
#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <stop_token>
#include <vector>

#include "app/snapshot.h"
#include "app/worker.h"
#include "records/logbook.h"

namespace dimglow::app {

/// Whether an edit was written down, or why not; then what was typed must stay where it was typed.
struct [[nodiscard]] Written {
    QString problem;  ///< empty when it was
    explicit operator bool() const { return problem.isEmpty(); }
};

/// How a reading was taken.
struct Taking {
    job::Phase phase = job::Phase::Before;
    evidence::Source source = {};                   ///< who read it, and as what
    std::function<void(job::Job&)> also = nullptr;  ///< changes what goes with it, in the same step
};

/// Now, ISO 8601, UTC.
std::string isoNow();

/// One open job: its document, its history of edits, its snapshot.
///
/// An edit is checked, assessed, stored in the logbook and only then shown; when any of that fails nothing changes.
/// When the last assessment took longer than a frame the next is made on a worker thread, after the edit was stored;
/// until it is done the views keep the snapshot they have. Work that an edit has overtaken is stopped. Lives on the
/// window's thread.
class JobSession : public QObject {
    Q_OBJECT
public:
    /// What makes an assessment of a job; it may be asked to stop.
    using Assess =
        std::function<sheet::Assessment(const job::Job&, const knowledge::Knowledge&, const sheet::AssessOptions&)>;

    JobSession(records::Logbook& logbook, knowledge::Source source, Assess assess = sheet::assess,
               QObject* parent = nullptr);

    /// Fetches a job from the logbook and assesses it on a worker thread, then puts it on the bench: opened(), or
    /// openFailed(), in which case the last job stays. Forgets the history of the last one.
    void open(const QString& id);
    /// Gives up an open() that is still running.
    void stopOpening();
    bool isOpening() const { return opening_.isBusy(); }

    bool hasJob() const { return snapshot_ != nullptr; }
    /// The job with every edit that is stored. Edits start from it.
    const job::Job& job() const { return *job_; }
    /// What the views show. \pre hasJob()
    const Snapshot& shown() const { return *snapshot_; }
    std::shared_ptr<const Snapshot> snapshot() const { return snapshot_; }
    /// False while something is being opened or assessed.
    bool isSettled() const { return !opening_.isBusy() && !assessing_.isBusy(); }
    /// Returns once the views show the current job.
    void settle();
    const knowledge::Knowledge& trade() const { return trade_(); }
    /// Where trade() comes from; may be called on any thread.
    const knowledge::Source& knowledgeSource() const { return trade_; }
    QDateTime savedAt() const { return savedAt_; }
    /// The last edits, oldest first; none when the logbook cannot be read now.
    std::vector<records::EditLine> history(int most) const;

    /// The pictures that are kept beside the logbook.
    records::Photos& photos() { return logbook_.photos(); }
    /// The last other job on a set with this panel whose strips are described; empty without one, or when the logbook
    /// cannot be read now.
    std::optional<job::Job> lastOfPanel() const;

    /// Applies \p change to a copy of the job and makes it the job, as one step called \p label.
    Written edit(const QString& label, const std::function<void(job::Job&)>& change);
    /// Adds a reading to the trail. A reading that names a place means the wiring that is shown; when that has just
    /// been changed it is refused.
    Written record(const evidence::Observation& what, const Taking& taking = {});

    bool canUndo() const { return position_ > 0; }
    bool canRedo() const { return position_ < steps_.size(); }
    /// One step back or forth, stored like an edit; a step that cannot be stored stays.
    Written undo();
    Written redo();
    /// An edit by its name, and where it was made.
    struct StepName {
        QString label;
        QString place;
    };
    /// What undo() would take back, and what redo() would bring again; \pre canUndo(), canRedo()
    const StepName& nextUndo() const { return steps_[position_ - 1].name; }
    const StepName& nextRedo() const { return steps_[position_].name; }
    /// How the job before a new one was worked, to be taken over by whoever wants.
    struct LastWay {
        std::string job;  ///< the new one
        std::string from;
        job::Way way;
        std::vector<std::string> lacks;  ///< tools
    };
    void setLastWay(LastWay last) { lastWay_ = std::move(last); }
    /// Empty for a job that is not new.
    std::optional<LastWay> lastWay() const {
        return hasJob() && lastWay_ && lastWay_->job == job_->id ? lastWay_ : std::nullopt;
    }
    /// Where edits are made from here on, as the window calls it.
    void setPlace(const QString& place) { place_ = place; }

    /// Says whether another window has changed the job, and shows it as it is now.
    void lookForNewer();

signals:
    /// The views have another job before them.
    void opened();
    void openFailed(const QString& reason);
    /// There is a new snapshot.
    void changed();
    void saved();
    /// An edit that was stored cannot be assessed; it was taken back unless \p reason says otherwise.
    void cannotShow(const QString& reason);
    /// Another window has changed the job; it is shown as that left it.
    void replaced(const QString& why);

private:
    using JobPtr = std::shared_ptr<const job::Job>;
    struct Step {
        StepName name;
        JobPtr before;
        JobPtr after;
    };
    /// What a worker brings back.
    struct Result {
        std::shared_ptr<const Snapshot> snapshot;  ///< null when there is a problem
        QString problem;
        qint64 milliseconds = 0;
    };

    static Result assessed(const job::Job& job, const knowledge::Knowledge& trade, const Assess& assess,
                           const std::stop_token& stop);

    Written put(const JobPtr& after, const QString& label);
    Written store(const job::Job& job, const QString& label);
    void assessLater(const JobPtr& before);
    void takeBack(const JobPtr& before, const QString& problem);
    void show(Result result);
    void reload(const QString& why);

    records::Logbook& logbook_;
    const knowledge::Source trade_;
    const Assess assess_;
    JobPtr job_;
    qint64 revision_ = 0;
    std::shared_ptr<const Snapshot> snapshot_;
    std::vector<Step> steps_;
    std::size_t position_ = 0;  ///< steps before it are done, those from it on were undone
    QString place_;
    std::optional<LastWay> lastWay_;
    QDateTime savedAt_;
    qint64 lastMilliseconds_ = 0;
    QTimer newerTimer_;
    Worker<Result> opening_;
    Worker<Result> assessing_;
};

}  // namespace dimglow::app
