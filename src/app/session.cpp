#include "app/session.h"

#include <QDate>
#include <QElapsedTimer>
#include <chrono>
#include <exception>

#include "core/job/problems.h"
#include "diary/diary.h"
#include "language/language.h"

namespace dimglow::app {

namespace {

constexpr qint64 frameMilliseconds = 16;
/// An opening that takes no longer than this is waited for: the window does not flicker for it.
constexpr std::chrono::milliseconds brief(120);
constexpr int newerMilliseconds = 2000;
constexpr std::size_t mostSteps = 200;

}  // namespace

std::string isoNow() {
    return QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
}

JobSession::Result JobSession::assessed(const job::Job& job, const knowledge::Knowledge& trade, const Assess& assess,
                                        const std::stop_token& stop) {
    Result result;
    QElapsedTimer timer;
    timer.start();
    try {
        const std::string today = QDate::currentDate().toString(Qt::ISODate).toStdString();
        result.snapshot = std::make_shared<Snapshot>(Snapshot{job, assess(job, trade, {today, 6, stop})});
    } catch (const reasoning::Stopped&) {
        result.problem = QString::fromStdString(job.id);  // an edit came meanwhile; nobody sees it
    } catch (const std::exception& error) {
        diary::caught("session: assess", error);
        result.problem = QString::fromStdString(job.id) + QStringLiteral(": ") + QString::fromUtf8(error.what());
    }
    result.milliseconds = timer.elapsed();
    return result;
}

JobSession::JobSession(records::Logbook& logbook, knowledge::Source source, Assess assess, QObject* parent)
    : QObject(parent), logbook_(logbook), trade_(source), assess_(std::move(assess)) {
    newerTimer_.setInterval(newerMilliseconds);
    connect(&newerTimer_, &QTimer::timeout, this, &JobSession::lookForNewer);
}

void JobSession::open(const QString& id) {
    opening_.drop();
    std::optional<records::StoredJob> stored;
    try {
        stored = logbook_.load(id);
    } catch (const std::exception& error) {
        diary::caught("session: open", error);
        emit openFailed(QString::fromUtf8(error.what()));
        return;
    }
    if (!stored) {
        emit openFailed(tr("Job %1 is not in the logbook").arg(id));
        return;
    }
    const auto read = [id, stored = *stored, trade = trade_, assess = assess_](const std::stop_token& stop) {
        try {
            return assessed(records::parse(id, stored), trade(), assess, stop);
        } catch (const std::exception& error) {
            return Result{nullptr, QString::fromUtf8(error.what()), 0};
        }
    };
    opening_.start(read, [this, revision = stored->revision](Result result) {
        if (result.snapshot == nullptr) {
            emit openFailed(result.problem);
            return;
        }
        assessing_.drop();
        steps_.clear();
        position_ = 0;
        savedAt_ = {};
        revision_ = revision;
        job_ = std::shared_ptr<const job::Job>(result.snapshot, &result.snapshot->job);
        newerTimer_.start();
        show(std::move(result));
        emit opened();
    });
    opening_.waitFor(brief);
}

void JobSession::stopOpening() {
    opening_.drop();
}

Written JobSession::edit(const QString& label, const std::function<void(job::Job&)>& change) {
    auto after = std::make_shared<job::Job>(*job_);
    change(*after);
    if (*after == *job_) {
        return {};
    }
    if (after->set.backlight != job_->set.backlight) {
        job::noteDescribed(*after);
    }
    const JobPtr before = job_;
    if (auto written = put(after, label); !written) {
        return written;
    }
    steps_.resize(position_);
    steps_.push_back({{label, place_}, before, after});
    if (steps_.size() > mostSteps) {
        steps_.erase(steps_.begin());
    }
    position_ = steps_.size();
    return {};
}

Written JobSession::record(const evidence::Observation& what, const Taking& taking) {
    if (evidence::namesAPlace(what) && job_->set.backlight != shown().job.set.backlight) {
        return {tr("the wiring has just changed: look where the reading belongs and write it down again")};
    }
    const auto title = language::words(evidence::titleOf(what, {shown().job.set, trade()}));
    if (!trade().isIn(job_->set, evidence::testOf(what))) {
        return {tr("%1: not in a set that is lit by %2")
                    .arg(title, job_->set.lightKind() == set::LightKind::Lamps ? tr("lamps") : tr("LEDs"))};
    }
    return edit(title, [&](job::Job& job) {
        if (taking.also) {
            taking.also(job);
        }
        job::addEntry(job, isoNow(), taking.phase, what, taking.source);
    });
}

Written JobSession::undo() {
    if (!canUndo()) {
        return {};
    }
    auto written = put(steps_[position_ - 1].before, tr("Undo: %1").arg(nextUndo().label));
    position_ -= written && canUndo() ? 1 : 0;
    return written;
}

Written JobSession::redo() {
    if (!canRedo()) {
        return {};
    }
    auto written = put(steps_[position_].after, nextRedo().label);
    position_ += written && canRedo() ? 1 : 0;
    return written;
}

Written JobSession::put(const JobPtr& after, const QString& label) {
    if (const auto problems = job::problemsOf(*after); !problems.empty()) {
        return {language::words(inWords(problems.front()))};
    }
    const JobPtr before = job_;
    const bool now = lastMilliseconds_ <= frameMilliseconds && !assessing_.isBusy();
    Result result;
    if (now) {
        result = assessed(*after, trade(), assess_, {});
        if (result.snapshot == nullptr) {
            return {result.problem};
        }
    }
    if (auto written = store(*after, label); !written) {
        return written;
    }
    job_ = after;
    emit saved();
    if (now) {
        show(std::move(result));
    } else {
        assessLater(before);
    }
    return {};
}

Written JobSession::store(const job::Job& job, const QString& label) {
    try {
        const auto confirmed = logbook_.store(job, label, revision_);
        revision_ = confirmed.revision;
        savedAt_ = confirmed.at;
        return {};
    } catch (const records::LogbookConflict&) {
        const QString why = tr("%1 was changed in another window and is shown as it is now. This entry was not written "
                               "down: do it again.")
                                .arg(QString::fromStdString(job.id));
        reload(why);
        return {why};
    } catch (const std::exception& error) {
        diary::caught("session: store", error);
        return {tr("Not saved: %1").arg(QString::fromUtf8(error.what()))};
    }
}

/// Assesses the job on a worker. \p before comes back in the case that it cannot be assessed.
void JobSession::assessLater(const JobPtr& before) {
    assessing_.start([job = job_, trade = trade_,
                      assess = assess_](const std::stop_token& stop) { return assessed(*job, trade(), assess, stop); },
                     [this, before](Result result) {
                         if (result.snapshot == nullptr) {
                             takeBack(before, result.problem);
                         } else {
                             show(std::move(result));
                         }
                     });
}

/// Stores \p before over a job that cannot be assessed.
void JobSession::takeBack(const JobPtr& before, const QString& problem) {
    if (const auto written = store(*before, tr("Taken back: it cannot be assessed")); !written) {
        emit cannotShow(problem + QLatin1Char('\n') + written.problem);
        return;
    }
    job_ = before;
    steps_.clear();
    position_ = 0;
    if (*before != snapshot_->job) {  // an edit in between was overtaken before anybody knew what it amounts to
        assessLater(std::shared_ptr<const job::Job>(snapshot_, &snapshot_->job));
    }
    emit cannotShow(tr("The last entry was taken back: %1").arg(problem));
}

void JobSession::settle() {
    while (!isSettled()) {
        opening_.finish();
        assessing_.finish();
    }
}

void JobSession::show(Result result) {
    snapshot_ = std::move(result.snapshot);
    lastMilliseconds_ = result.milliseconds;
    emit changed();
}

std::vector<records::EditLine> JobSession::history(int most) const {
    try {
        return logbook_.history(QString::fromStdString(job_->id), most);
    } catch (const std::exception& error) {
        diary::caught("session: history", error);
        return {};
    }
}

std::optional<job::Job> JobSession::lastOfPanel() const {
    const auto panel = QString::fromStdString(job_->set.panel);
    try {
        return panel.isEmpty() ? std::nullopt : logbook_.lastOfPanel(panel, QString::fromStdString(job_->id));
    } catch (const std::exception& error) {
        diary::caught("session: last of panel", error);
        return std::nullopt;
    }
}

void JobSession::reload(const QString& why) {
    open(QString::fromStdString(job_->id));
    emit replaced(why);
}

void JobSession::lookForNewer() {
    if (!hasJob() || !isSettled()) {
        return;
    }
    try {
        const QString id = QString::fromStdString(job_->id);
        if (logbook_.revision(id) > revision_) {
            reload(tr("%1 was changed in another window and is shown as it is now.").arg(id));
        }
    } catch (const std::exception& error) {
        diary::caught("session: look for newer", error);  // a busy logbook is asked again in a moment
    }
}

}  // namespace dimglow::app
