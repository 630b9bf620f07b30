#include "app/session.h"
#include "core/reasoning/wording.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QFutureWatcher>
#include <QtConcurrent>
#include <exception>

namespace dimglow::app {

namespace {

constexpr qint64 frameMilliseconds = 16;

std::string isoNow() {
    return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
}

}  // namespace

class JobSession::Edit : public QUndoCommand {
public:
    Edit(JobSession& session, const QString& label, job::Job before, job::Job after)
        : QUndoCommand(label), session_(session), before_(std::move(before)), after_(std::move(after)) {}

    void redo() override { setObsolete(!session_.put(after_, text())); }
    void undo() override {
        if (!session_.put(before_, QObject::tr("Undo: %1").arg(text()))) {
            setObsolete(true);
        }
    }

private:
    JobSession& session_;
    job::Job before_;
    job::Job after_;
};

JobSession::TimedAssessment JobSession::timedAssess(const job::Job& job, const knowledge::Knowledge& trade) {
    TimedAssessment result;
    QElapsedTimer timer;
    timer.start();
    try {
        result.assessment = reasoning::assess(job, trade, {QDate::currentDate().toString(Qt::ISODate).toStdString()});
    } catch (const std::exception& error) {
        result.problem = QString::fromUtf8(error.what());
    }
    result.milliseconds = timer.elapsed();
    return result;
}

JobSession::JobSession(records::Logbook& logbook, const knowledge::Knowledge& trade, QObject* parent)
    : QObject(parent), logbook_(logbook), trade_(trade) {}

JobSession::~JobSession() = default;

void JobSession::open(const job::Job& job) {
    auto first = timedAssess(job, trade_);
    if (!first.problem.isEmpty()) {
        throw std::runtime_error(job.id + ": " + first.problem.toStdString());
    }
    undoStack_.clear();
    job_ = job;
    hasJob_ = true;
    savedAt_ = {};
    ++revision_;  // whatever is still running is about another job
    accept(std::move(first));
    emit jobOpened();
}

void JobSession::edit(const QString& label, const std::function<void(job::Job&)>& change) {
    job::Job after = job_;
    change(after);
    if (!(after == job_)) {
        undoStack_.push(new Edit(*this, label, job_, std::move(after)));
    }
}

void JobSession::record(const job::Observation& what, job::Phase phase) {
    edit(QString::fromStdString(reasoning::titleOf(what, job_, trade_)),
         [&](job::Job& job) { job::addEntry(job, isoNow(), phase, what); });
}

bool JobSession::put(const job::Job& job, const QString& label) {
    try {
        savedAt_ = logbook_.store(job, label);
    } catch (const std::exception& error) {
        emit editFailed(QString::fromUtf8(error.what()));
        return false;
    }
    job_ = job;
    emit saved();
    assess();
    return true;
}

void JobSession::assess() {
    const quint64 revision = ++revision_;
    if (lastMilliseconds_ <= frameMilliseconds) {
        accept(timedAssess(job_, trade_));
        return;
    }
    ++running_;
    auto* watcher = new QFutureWatcher<TimedAssessment>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher, revision] {
        auto result = watcher->result();
        watcher->deleteLater();
        --running_;
        if (revision == revision_) {
            accept(std::move(result));
        }
    });
    watcher->setFuture(QtConcurrent::run([job = job_, &trade = trade_] { return timedAssess(job, trade); }));
}

void JobSession::settle() {
    while (!isSettled()) {
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    }
}

void JobSession::accept(TimedAssessment result) {
    if (!result.problem.isEmpty()) {
        emit editFailed(result.problem);
        return;
    }
    assessment_ = std::move(result.assessment);
    lastMilliseconds_ = result.milliseconds;
    emit assessed();
}

}  // namespace dimglow::app
