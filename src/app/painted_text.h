#pragma once

#include <QPainter>
#include <QString>
#include <vector>

namespace dimglow::app {

/// Text that a widget paints by itself. All of it goes through here, so that what does not fit its box can be found.
struct PaintedText {
    QRectF box;     ///< in widget coordinates of the device that is painted on
    QRectF needed;  ///< what the words take, where they stand
    QString words;
    bool isElided = false;
};

/// What stands where it must be read whole.
void paintText(QPainter& painter, const QRectF& box, int flags, const QString& words);
/// A remark that may be cut at its end.
void paintRemark(QPainter& painter, const QRectF& box, int flags, const QString& words);

/// Notes everything that is painted from here on into \p seen, until it is called with null.
void watchPaintedText(std::vector<PaintedText>* seen);

}  // namespace dimglow::app
