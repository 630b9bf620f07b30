#pragma once

#include <QWidget>

namespace dimglow::app {

/// A screen to draw on: drag over what is dark.
class ScreenSketch : public QWidget {
    Q_OBJECT
public:
    explicit ScreenSketch(QWidget* parent = nullptr);
    QSize sizeHint() const override;

signals:
    /// What was dragged over, as shares of the screen.
    void drawn(const QRectF& area);

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    QRectF screen() const;

    QPointF from_;
    QPointF to_;
    bool isDrawing_ = false;
};

}  // namespace dimglow::app
