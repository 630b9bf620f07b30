#pragma once

#include <QWidget>
#include <vector>

#include "core/repair/comeback.h"

namespace dimglow::app {

/// Options side by side as people compare them: to the right what they cost before any comeback, upwards how likely
/// they come back, with the range that holds in two of three jobs.
class FixChart : public QWidget {
    Q_OBJECT
public:
    struct Mark {
        int number = 0;  ///< on its card, from 1
        QString name;
        QString remark;  ///< "2 d", "stop-gap"
        double money = 0;
        repair::Range chance;
        bool isKnown = true;  ///< false: the range alone is drawn
        bool isAdvised = false;
        bool isOut = false;  ///< late, not to be had, not planned yet
    };
    explicit FixChart(QWidget* parent = nullptr);

    void show(std::vector<Mark> marks, const QString& currency);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

signals:
    void pressed(int number);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    QRectF plot() const;
    double heightOf(double chance) const;
    QPointF placeOf(const Mark& mark) const;
    QRectF roomFor(QPointF at, QSizeF size, const std::vector<QRectF>& solid, const std::vector<QRectF>& soft) const;
    void paintScales(QPainter& painter) const;
    void paintNames(QPainter& painter) const;

    std::vector<Mark> marks_;
    QString currency_;
    double least_ = 0;
    double most_ = 1;
    double highest_ = 1;  ///< chance
};

}  // namespace dimglow::app
