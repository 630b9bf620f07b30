#include "app/job_glances.h"

#include <QTimer>
#include <exception>

#include "app/next_step.h"
#include "app/panels.h"
#include "app/stations/stations.h"
#include "core/knowledge/knowledge.h"
#include "diary/diary.h"

namespace dimglow::app {

namespace {

constexpr std::size_t mostKnown = 2000;
constexpr int together = 32;  ///< are told to the search: each time the disk is waited for

QString waitsFor(const Snapshot& shown) {
    const auto& job = shown.job;
    const auto& assessment = shown.assessment;
    if (!job.handedBack.empty()) {
        return {};
    }
    const NextStep step = nextStepOf(shown);
    if (step == NextStep::HandBack) {
        return JobGlances::tr("to be handed back");
    }
    if (step == NextStep::Prove || step == NextStep::Rework) {
        const auto& options = assessment.plan.options;
        const auto chosen =
            std::find_if(options.begin(), options.end(), [&](const auto& o) { return o.id == job.repair.option; });
        return job.soak.empty() ? JobGlances::tr("repair: %1")
                                      .arg(chosen == options.end() ? QString::fromStdString(job.repair.option)
                                                                   : words(chosen->title))
                                : JobGlances::tr("in its soak");
    }
    if (!assessment.verdict().empty()) {
        return JobGlances::tr("the fix to be planned");
    }
    if (step == NextStep::Light) {
        return JobGlances::tr("strips or lamps to be told");
    }
    if (step == NextStep::Strips) {
        return JobGlances::tr("the strips to be looked at");
    }
    const auto* next = nextProbeOf(shown);
    return next == nullptr ? JobGlances::tr("no test would tell more")
                           : JobGlances::tr("next: %1").arg(words(next->title));
}

JobGlance glanceAt(const QString& id, const records::StoredJob& stored, const knowledge::Knowledge& trade,
                   const std::stop_token& stop) {
    JobGlance glance;
    try {
        Snapshot shown;
        shown.job = records::parse(id, stored);
        shown.assessment = sheet::assess(shown.job, trade, {.today = {}, .maxProbes = 1, .stop = stop});
        for (const auto& station : stationKinds()) {
            glance.done.push_back(station.isDone(shown));
        }
        const auto& first = shown.assessment.suspects.front();
        const bool isSeen = !shown.job.trail.empty();
        glance.suspected = !shown.assessment.verdict().empty() ? words(shown.assessment.verdict())
                           : isSeen
                               ? JobGlances::tr("%1, %2 %").arg(words(first.title)).arg(100 * first.share, 0, 'f', 0)
                               : JobGlances::tr("nothing read yet");
        glance.waitsFor = waitsFor(shown);
    } catch (const reasoning::Stopped&) {
        return glance;
    } catch (const std::exception& error) {
        diary::caught("glances: look", error);
        glance.suspected = JobGlances::tr("cannot be read");  // opening it says why
    }
    return glance;
}

}  // namespace

JobGlances::JobGlances(records::Logbook& logbook, knowledge::Source trade, QObject* parent)
    : QObject(parent), logbook_(logbook), trade_(trade) {}

void JobGlances::setFillingIn(bool isFillingIn) {
    isFillingIn_ = isFillingIn;
    if (isFillingIn) {
        gather();
        QTimer::singleShot(0, this, &JobGlances::startNext);
    } else {
        unshown_.clear();
    }
}

void JobGlances::settle() {
    for (startNext(); worker_.isBusy(); startNext()) {
        worker_.finish();
    }
}

/// The next jobs that the search does not know enough of.
void JobGlances::gather() {
    try {
        unshown_ = logbook_.unshown(together);
    } catch (const std::exception& error) {
        diary::caught("glances: gather", error);
        unshown_.clear();  // busy for the moment: when the list is shown again
    }
}

void JobGlances::tellSearch() {
    try {
        logbook_.addToSearch(untold_);
        emit searchGrew();
    } catch (const std::exception& error) {
        diary::caught("glances: tell search", error);
        isFillingIn_ = false;  // they stay to be filled in, when the list is shown again
    }
    untold_.clear();
}

const JobGlance* JobGlances::of(const records::JobSummary& job) {
    const auto found = known_.find(job.id);
    if (found != known_.end() && found->second.changed == job.changed) {
        return found->second.isDone ? &found->second.glance : nullptr;
    }
    if (known_.size() >= mostKnown) {
        known_.clear();
        waiting_.clear();
    }
    known_[job.id] = {job.changed, false, {}};
    waiting_.push_front(job.id);
    QTimer::singleShot(0, this, &JobGlances::startNext);  // what is being painted goes first
    return nullptr;
}

void JobGlances::startNext() {
    if (worker_.isBusy()) {
        return;
    }
    if (waiting_.empty() && unshown_.empty() && !untold_.empty()) {
        tellSearch();
        if (isFillingIn_) {
            gather();
        }
    }
    QString id;
    if (!waiting_.empty()) {
        id = waiting_.front();
        waiting_.pop_front();
    } else if (isFillingIn_ && !unshown_.empty()) {
        id = unshown_.takeFirst();
    } else {
        return;
    }
    std::optional<records::StoredJob> stored;
    try {
        stored = logbook_.load(id);
    } catch (const std::exception& error) {
        diary::caught("glances: load", error);
        known_.erase(id);  // busy for the moment: asked for again when the row is painted again
    }
    if (!stored) {
        startNext();
        return;
    }
    worker_.start(
        [id, stored = *stored, trade = trade_](const std::stop_token& stop) {
            return Result{id, stored.revision, glanceAt(id, stored, trade(), stop)};
        },
        [this](const Result& result) {
            unshown_.removeOne(result.id);
            untold_.push_back(
                {result.id, result.revision, result.glance.suspected + QLatin1Char('\n') + result.glance.waitsFor});
            if (const auto known = known_.find(result.id); known != known_.end()) {
                known->second.glance = result.glance;
                known->second.isDone = true;
                emit ready();
            }
            startNext();
        });
}

}  // namespace dimglow::app
