#pragma once

#include <QWidget>
#include <vector>

#include "app/session.h"

namespace dimglow::app {

/// How belief went over the trail: a stream for each block that is suspected, as wide as its share was after each
/// entry. Computed on a worker thread; until then the last picture stays.
class BeliefRiver : public QWidget {
    Q_OBJECT
public:
    explicit BeliefRiver(JobSession& session, QWidget* parent = nullptr);

    void refresh();
    /// Returns once the picture is of the session's job.
    void settle() { worker_.finish(); }
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// Share of each block, its index one higher, so that the first is what sits in no block; after each entry.
    using Streams = std::vector<std::vector<double>>;

    JobSession& session_;
    std::vector<job::Entry> trail_;  ///< that the picture is of, or will be once it is computed
    set::DisplaySet set_;
    Streams streams_;
    Worker<Streams> worker_;
};

}  // namespace dimglow::app
