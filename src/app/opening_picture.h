#pragma once

#include <QWidget>

#include "core/hands/opening.h"

namespace dimglow::app {

/// The layers of a set from the back to the LEDs, one above the other as they lie: what is off is drawn aside and
/// empty, what is back has its tick, the one before the hands glows. What holds each stands beside it.
class StackPicture : public QWidget {
    Q_OBJECT
public:
    explicit StackPicture(QWidget* parent = nullptr);

    void show(const hands::Opening& opening, int current);

    QSize minimumSizeHint() const override;

signals:
    void chosen(int layer);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    double rowHeight() const;
    void paintLayer(QPainter& painter, const hands::Layer& layer, double top) const;
    void paintSheets(QPainter& painter, const hands::Layer& layer, const QRectF& room) const;

    hands::Opening opening_;
    int current_ = 0;
};

/// One layer from the front: its outline with screws, clips and plugs where they are, or its films in their order with
/// notch, side and lines.
class LayerPicture : public QWidget {
    Q_OBJECT
public:
    explicit LayerPicture(QWidget* parent = nullptr);

    void show(const hands::Layer& layer);
    void showNothing();

    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void paintFilms(QPainter& painter, const std::vector<const hands::Item*>& films) const;
    void paintOutline(QPainter& painter) const;
    QRectF outline() const;

    hands::Layer layer_;
};

}  // namespace dimglow::app
