#pragma once

#include <QTimer>
#include <QWidget>

#include "app/snapshot.h"
#include "core/makesafe/charge.h"

namespace dimglow::app {

/// What the state of the charges hangs on now, for the job that is shown.
makesafe::Now chargeNow(const Snapshot& shown);

/// Whether the set on the bench can hurt, as it stands in the frame of every station: mains in or out, charged, not
/// known, safe to touch, empty. In words and shape, not in colour alone. A click goes to where it is measured.
class ChargeBadge : public QWidget {
    Q_OBJECT
public:
    explicit ChargeBadge(QWidget* parent = nullptr);

    void show(std::shared_ptr<const Snapshot> shown, const knowledge::Knowledge& trade);
    /// As the theme has its colours and sizes now.
    QSize sizeHint() const override;

signals:
    void clicked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    enum class Shape { Warning, Unknown, Touch, Empty };
    void judge();

    std::shared_ptr<const Snapshot> shown_;
    const knowledge::Knowledge* trade_ = nullptr;
    QString words_;
    Shape shape_ = Shape::Unknown;
    QTimer fading_;
};

}  // namespace dimglow::app
