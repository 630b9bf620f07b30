#include "app/wiring_board.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/painted_text.h"
#include "app/theme.h"

namespace dimglow::app {

WiringBoard::WiringBoard(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Strips and their strings"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    setToolTip(
        tr("Digit: string, 0 a new one. Click, drag or Space: put the strip on it. R: turn the strip round. F: its "
           "channel hangs on another LED+."));
}

QSize WiringBoard::minimumSizeHint() const {
    return {theme::px(220), theme::px(62)};
}

void WiringBoard::show(const backlight::Backlight& backlight) {
    backlight_ = backlight;
    cursor_ = std::clamp(cursor_, 0, int(backlight.strips.size()) - 1);
    announce();
    update();
}

QRectF WiringBoard::barOf(int strip) const {
    const double width = (this->width() - theme::px(2)) / double(backlight_.strips.size());
    return {theme::px(1) + strip * width + 1, theme::px(22) * 1.0, width - 2, height() - theme::px(24) * 1.0};
}

int WiringBoard::stripAt(QPointF point) const {
    for (int strip = 0; strip < int(backlight_.strips.size()); ++strip) {
        if (barOf(strip).contains(point)) {
            return strip;
        }
    }
    return -1;
}

int WiringBoard::stringNumberOf(int strip) const {
    const auto strings = backlight::stringsOf(backlight_);
    const auto runs = backlight::runsOnStrip(backlight_, strip);
    return runs.empty() ? 0 : 1 + int(std::find(strings.begin(), strings.end(), runs.front().string) - strings.begin());
}

int WiringBoard::feedOf(int strip) const {
    const auto runs = backlight::runsOnStrip(backlight_, strip);
    return runs.empty() ? 0 : backlight_.channels[std::size_t(runs.front().string.channel)].feed;
}

void WiringBoard::paintOnto(int strip) {
    const auto strings = backlight::stringsOf(backlight_);
    cursor_ = strip;
    announce();
    update();
    if (brush_ == 0 || brush_ > int(strings.size())) {
        emit moved(strip, std::nullopt);
    } else if (stringNumberOf(strip) != brush_) {
        emit moved(strip, strings[std::size_t(brush_) - 1]);
    }
}

void WiringBoard::announce() {
    if (!backlight_.strips.empty()) {
        setAccessibleDescription(tr("strip %1 on string %2; painting string %3")
                                     .arg(QString::fromStdString(backlight_.strips[cursor_].label))
                                     .arg(stringNumberOf(cursor_))
                                     .arg(brush_ == 0 ? tr("new") : QString::number(brush_)));
    }
}

void WiringBoard::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    if (key == Qt::Key_Left || key == Qt::Key_Right) {
        cursor_ = std::clamp(cursor_ + (key == Qt::Key_Right ? 1 : -1), 0, int(backlight_.strips.size()) - 1);
    } else if (key >= Qt::Key_0 && key <= Qt::Key_9 && event->modifiers() == Qt::NoModifier) {
        brush_ = key - Qt::Key_0;
    } else if (key == Qt::Key_Space) {
        return paintOnto(cursor_);
    } else if (key == Qt::Key_R && event->modifiers() == Qt::NoModifier) {
        emit turned(cursor_);
        return;
    } else if (key == Qt::Key_F && event->modifiers() == Qt::NoModifier) {
        const int next = feedOf(cursor_) + 1;
        emit fed(cursor_, next > int(backlight_.feeds.size()) || next >= int(backlight_.channels.size()) ? 0 : next);
        return;
    } else {
        return QWidget::keyPressEvent(event);
    }
    announce();
    update();
}

void WiringBoard::mousePressEvent(QMouseEvent* event) {
    setFocus();
    lastPainted_ = stripAt(event->position());
    if (lastPainted_ >= 0) {
        paintOnto(lastPainted_);
    }
}

void WiringBoard::mouseMoveEvent(QMouseEvent* event) {
    const int strip = stripAt(event->position());
    if (strip >= 0 && strip != lastPainted_ && brush_ != 0) {
        lastPainted_ = strip;
        paintOnto(strip);
    }
}

void WiringBoard::paintEvent(QPaintEvent*) {
    const auto& p = theme::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(theme::quiet());
    painter.setPen(p.quiet);
    paintText(painter, QRectF(0, 0, width(), theme::px(20)), Qt::AlignLeft | Qt::AlignVCenter,
              brush_ == 0 ? tr("painting a new string") : tr("painting string %1").arg(brush_));
    const QColor tints[] = {p.glow, p.idle, p.good, p.quiet};
    for (int strip = 0; strip < int(backlight_.strips.size()); ++strip) {
        const QRectF bar = barOf(strip);
        const int number = stringNumberOf(strip);
        QColor fill = tints[(number + 3) % 4];
        fill.setAlphaF(0.35F);
        painter.setPen(strip == cursor_ && hasFocus() ? QPen(p.glow, 2) : QPen(p.line, 1));
        painter.setBrush(fill);
        painter.drawRoundedRect(bar, theme::px(4), theme::px(4));
        painter.setPen(p.text);
        bool reversed = false;
        for (const auto& ref : backlight::stringsOf(backlight_)) {
            for (const auto& part : backlight::stringAt(backlight_, ref).strips) {
                reversed = reversed || (part.strip == strip && part.reversed);
            }
        }
        const QString label = QString::fromStdString(backlight_.strips[strip].label);
        if (bar.width() > theme::px(20)) {
            QString words = QStringLiteral("%1\n%2%3").arg(label).arg(number).arg(reversed ? tr("←") : tr("→"));
            if (backlight_.feeds.size() > 1) {
                words += QLatin1Char('\n') + tr("LED+ %1").arg(feedOf(strip) + 1);
            }
            paintText(painter, bar, Qt::AlignCenter, words);
        }
    }
}

}  // namespace dimglow::app
