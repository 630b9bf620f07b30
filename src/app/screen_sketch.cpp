#include "app/screen_sketch.h"

#include <QMouseEvent>
#include <QPainter>

#include "app/painted_text.h"
#include "app/theme.h"

namespace dimglow::app {

ScreenSketch::ScreenSketch(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    setCursor(Qt::CrossCursor);
    setAccessibleName(tr("Screen: drag over what is dark"));
}

QSize ScreenSketch::sizeHint() const {
    return {theme::px(224), theme::px(132)};
}

QRectF ScreenSketch::screen() const {
    return QRectF(rect()).adjusted(theme::px(6), theme::px(6), -theme::px(6), -theme::px(6));
}

void ScreenSketch::mousePressEvent(QMouseEvent* event) {
    from_ = to_ = event->position();
    isDrawing_ = true;
    update();
}

void ScreenSketch::mouseMoveEvent(QMouseEvent* event) {
    to_ = event->position();
    update();
}

void ScreenSketch::mouseReleaseEvent(QMouseEvent* event) {
    to_ = event->position();
    isDrawing_ = false;
    update();
    const QRectF on = screen();
    const QRectF area = QRectF(from_, to_).normalized() & on;
    constexpr double leastShare = 0.03;  // less is a slip of the hand
    if (area.width() > leastShare * on.width() && area.height() > leastShare * on.height()) {
        emit drawn({(area.left() - on.left()) / on.width(), (area.top() - on.top()) / on.height(),
                    area.width() / on.width(), area.height() / on.height()});
    }
}

void ScreenSketch::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const QRectF on = screen();
    painter.setPen(QPen(p.line, theme::px(4)));
    painter.setBrush(p.lit);
    painter.drawRoundedRect(on, theme::px(4), theme::px(4));
    const QRectF area = QRectF(from_, to_).normalized() & on;
    if (!area.isEmpty()) {
        painter.setPen(QPen(p.text, 1, Qt::DashLine));
        painter.setBrush(QColor(0, 0, 0, 190));
        painter.drawRect(area);
    } else {
        painter.setPen(Qt::black);
        painter.setFont(theme::quiet());
        paintText(painter, on, Qt::AlignCenter, tr("drag over what is dark"));
    }
}

}  // namespace dimglow::app
