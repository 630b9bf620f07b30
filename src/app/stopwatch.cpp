#include "app/stopwatch.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <chrono>

#include "app/painted_text.h"
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

namespace {
/// When the key moved, ms; events that the program made itself do not say.
quint64 timeOf(const QKeyEvent& event) {
    const auto now = std::chrono::steady_clock::now().time_since_epoch();
    return event.timestamp() != 0 ? event.timestamp()
                                  : quint64(std::chrono::duration_cast<std::chrono::milliseconds>(now).count());
}
}  // namespace

bool KeyHold::press(const QKeyEvent& event) {
    const quint64 now = timeOf(event);
    const bool goesOn = event.isAutoRepeat() || isDown_ ||
                        (releasedAt_ > 0 && now >= releasedAt_ && now - releasedAt_ <= quint64(gapMilliseconds));
    isDown_ = true;
    if (!goesOn) {
        pressedAt_ = now;
    }
    return !goesOn;
}

void KeyHold::release(const QKeyEvent& event) {
    if (!event.isAutoRepeat()) {
        isDown_ = false;
        releasedAt_ = timeOf(event);
    }
}

void Stopwatch::start() {
    clock_.start();
    timer_ = timer_ == 0 ? startTimer(framesPerSecondTimer) : timer_;
}

void Stopwatch::stop(double seconds) {
    if (timer_ != 0) {
        killTimer(timer_);
        timer_ = 0;
        seconds_ = seconds;
        update();
        emit released(seconds_);
    }
}

void Stopwatch::timerEvent(QTimerEvent* event) {
    if (event->timerId() == letGo_) {
        killTimer(letGo_);
        letGo_ = 0;
        stop(heldFor_);
    }
    update();
}

void Stopwatch::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Space) {
        QWidget::keyPressEvent(event);
        return;
    }
    const bool begins = hold_.press(*event);
    if (letGo_ != 0) {
        killTimer(letGo_);
        letGo_ = 0;
        if (begins) {
            stop(heldFor_);  // the one before was let go, this is another
        }
    }
    if (begins) {
        start();
    } else if (timer_ == 0 && !event->isAutoRepeat()) {
        timer_ = startTimer(framesPerSecondTimer);  // a slow window had taken the repeat for a release
    }
}

void Stopwatch::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Space || event->isAutoRepeat()) {
        return;
    }
    hold_.release(*event);
    if (timer_ != 0) {
        heldFor_ = hold_.seconds();
        letGo_ = letGo_ == 0 ? startTimer(KeyHold::gapMilliseconds + 10) : letGo_;
    }
}

void Stopwatch::mousePressEvent(QMouseEvent*) {
    setFocus();
    start();
}

void Stopwatch::mouseReleaseEvent(QMouseEvent*) {
    stop(double(clock_.nsecsElapsed()) * 1e-9);
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
    paintText(painter, ring.adjusted(0, -theme::px(12), 0, -theme::px(12)), Qt::AlignCenter,
              seconds < 0 ? QStringLiteral("–") : QStringLiteral("%L1 s").arg(seconds, 0, 'f', 1));
    painter.setPen(p.quiet);
    painter.setFont(theme::quiet());
    paintText(painter, ring.adjusted(0, theme::px(38), 0, theme::px(38)), Qt::AlignCenter,
              timer_ != 0 ? tr("release at dark") : tr("hold Space"));
}

}  // namespace dimglow::app
