#pragma once

#include <QWidget>
#include <optional>

#include "core/backlight/backlight.h"

namespace dimglow::app {

/// Strips as bars in the colour and with the number of their string, to be painted onto strings: choose a string with
/// its digit, then click or drag over strips, or walk with the arrows and press Space. 0 opens a new string; R turns a
/// strip round, F hangs its channel on another LED+.
class WiringBoard : public QWidget {
    Q_OBJECT
public:
    explicit WiringBoard(QWidget* parent = nullptr);

    void show(const backlight::Backlight& backlight);
    QSize minimumSizeHint() const override;

signals:
    /// A strip was painted with a string, or with a new one.
    void moved(int strip, std::optional<backlight::StringRef> target);
    void turned(int strip);
    /// The strip's channel is to hang on another LED+; the number after the last makes a new one.
    void fed(int strip, int feed);

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    QRectF barOf(int strip) const;
    int stripAt(QPointF point) const;
    int stringNumberOf(int strip) const;
    int feedOf(int strip) const;
    void paintOnto(int strip);
    void announce();

    backlight::Backlight backlight_;
    int cursor_ = 0;
    int brush_ = 1;  ///< number of the string that is painted; 0 opens a new one
    int lastPainted_ = -1;
};

}  // namespace dimglow::app
