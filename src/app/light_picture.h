#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

#include "core/plan/scene.h"

namespace dimglow::app {

/// The light of a panel in grey, with a line at every tenth, LEDs as rings where they lie; the one that is looked at is
/// marked. LEDs can be dragged where that is allowed: the picture follows.
class LightPicture : public QWidget {
    Q_OBJECT
public:
    explicit LightPicture(QWidget* parent = nullptr);

    /// \p brightest: the light that is drawn full, so that pictures of one panel compare.
    void show(const plan::Scene& scene, double brightest);
    void clear();
    void setCursorSpot(int spot);  ///< -1: none
    void setMovable(bool isIt) { isMovable_ = isIt; }
    const plan::Scene& scene() const { return scene_; }

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;

signals:
    void spotPressed(int spot);
    /// While it moves.
    void spotMoved(int spot, backlight::PointMm to);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    QRectF area() const;
    int spotAt(QPointF at) const;

    plan::Scene scene_;
    QImage image_;
    int cursor_ = -1;
    bool isMovable_ = false;
};

/// The highest light of a scene.
double brightestOf(const plan::Scene& scene);

}  // namespace dimglow::app
