#include "app/stopwatch.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "app/theme.h"

namespace dimglow::app {

namespace {
constexpr int framesPerSecondTimer = 33;
constexpr double dialSeconds = 5;
}  // namespace

Stopwatch::Stopwatch(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Stopwatch: hold Space from light to dark"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

QSize Stopwatch::sizeHint() const {
    return {theme::px(168), theme::px(168)};
}

void Stopwatch::setSeconds(double seconds) {
    if (timer_ == 0) {
        seconds_ = seconds;
        update();
    }
}

void Stopwatch::start() {
    clock_.start();
    timer_ = timer_ == 0 ? startTimer(framesPerSecondTimer) : timer_;
}

void Stopwatch::stop() {
    if (timer_ != 0) {
        killTimer(timer_);
        timer_ = 0;
        seconds_ = double(clock_.nsecsElapsed()) * 1e-9;
        update();
        emit released(seconds_);
    }
}

void Stopwatch::timerEvent(QTimerEvent*) {
    update();
}

void Stopwatch::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space) {
        if (!event->isAutoRepeat()) {
            start();
        }
    } else {
        QWidget::keyPressEvent(event);
    }
}

void Stopwatch::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        stop();
    }
}

void Stopwatch::mousePressEvent(QMouseEvent*) {
    setFocus();
    start();
}

void Stopwatch::mouseReleaseEvent(QMouseEvent*) {
    stop();
}

void Stopwatch::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double seconds = timer_ != 0 ? double(clock_.nsecsElapsed()) * 1e-9 : seconds_;
    const double pen = theme::px(9);
    const QRectF ring = QRectF(rect()).adjusted(pen, pen, -pen, -pen);
    painter.setPen(QPen(p.line, pen));
    painter.drawEllipse(ring);
    if (seconds >= 0) {
        painter.setPen(QPen(p.glow, pen, Qt::SolidLine, Qt::RoundCap));
        painter.drawArc(ring, 90 * 16, -int(360 * 16 * std::min(1.0, seconds / dialSeconds)));
    }
    if (hasFocus()) {
        painter.setPen(QPen(p.text, 1.5));
        painter.drawEllipse(QRectF(rect()).adjusted(2, 2, -2, -2));
    }
    painter.setPen(p.text);
    painter.setFont(theme::reading(32));
    painter.drawText(ring.adjusted(0, -theme::px(12), 0, -theme::px(12)), Qt::AlignCenter,
                     seconds < 0 ? QStringLiteral("–") : QStringLiteral("%L1 s").arg(seconds, 0, 'f', 1));
    painter.setPen(p.quiet);
    painter.setFont(theme::quiet());
    painter.drawText(ring.adjusted(0, theme::px(38), 0, theme::px(38)), Qt::AlignCenter,
                     timer_ != 0 ? tr("release at dark") : tr("hold Space"));
}

}  // namespace dimglow::app
