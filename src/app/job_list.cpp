#include "app/job_list.h"
#include "diary/diary.h"

#include <exception>

namespace dimglow::app {

namespace {
constexpr int pageRows = 64;
constexpr std::size_t mostPages = 40;
}  // namespace

JobList::JobList(records::Logbook& logbook, knowledge::Source trade, QObject* parent)
    : QAbstractListModel(parent), logbook_(logbook), glances_(new JobGlances(logbook, trade, this)) {
    connect(glances_, &JobGlances::ready, this, [this] {
        if (count_ > 0) {
            emit dataChanged(index(0), index(count_ - 1), {Suspected, WaitsFor, StationsDone});
        }
    });
    connect(glances_, &JobGlances::searchGrew, this, &JobList::searchGrew);
}

void JobList::setSearch(const QString& words) {
    beginResetModel();
    search_ = words;
    pages_.clear();
    QString problem;
    try {
        count_ = logbook_.count(search_);
    } catch (const std::exception& error) {
        diary::caught("job list: count", error);
        count_ = 0;
        problem = QString::fromUtf8(error.what());
    }
    endResetModel();
    if (!problem.isEmpty()) {
        emit failed(problem);
    }
}

int JobList::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : count_;
}

const records::JobSummary* JobList::jobAt(int row) const {
    const int page = row / pageRows;
    auto found = pages_.find(page);
    if (found == pages_.end()) {
        if (pages_.size() >= mostPages) {
            pages_.clear();
        }
        try {
            found = pages_.emplace(page, logbook_.jobs(search_, page * pageRows, pageRows)).first;
        } catch (const std::exception& error) {
            diary::caught("job list: page", error);
            return nullptr;  // busy for the moment: the row is painted again
        }
    }
    const auto at = std::size_t(row % pageRows);
    return at < found->second.size() ? &found->second[at] : nullptr;
}

QVariant JobList::data(const QModelIndex& index, int role) const {
    const auto* job = index.isValid() && index.row() < count_ ? jobAt(index.row()) : nullptr;
    if (job == nullptr) {
        return {};
    }
    switch (role) {
        case Id:
            return job->id;
        case Title:
            return job->title;
        case NumberAndPlace: {
            QStringList told = {job->id, job->place, job->panel};
            told.removeAll(QString());
            return told.join(QStringLiteral("  ·  "));
        }
        case Complaint:
            return job->complaint.simplified();
        case Due:
            return job->due;
        case HandedBack:
            return job->handedBack;
        case Suspected:
        case WaitsFor:
        case StationsDone: {
            const auto* glance = glances_->of(*job);
            if (glance == nullptr) {
                return {};
            }
            QVariantList done;
            for (const bool station : glance->done) {
                done << station;
            }
            return role == Suspected  ? QVariant(glance->suspected)
                   : role == WaitsFor ? QVariant(glance->waitsFor)
                                      : QVariant(done);
        }
        case Qt::AccessibleTextRole:
            return QString(job->id + QLatin1Char(' ') + job->title);
        default:
            return {};
    }
}

}  // namespace dimglow::app
