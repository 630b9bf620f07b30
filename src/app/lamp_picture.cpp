#include "app/lamp_picture.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/painted_text.h"
#include "app/theme.h"
#include "language/language.h"

namespace dimglow::app {

using lamps::Lamps;
using lamps::Look;

LampPicture::LampPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Lamps"));
}

QSize LampPicture::minimumSizeHint() const {
    return {theme::px(420), theme::px(240)};
}

void LampPicture::show(const Lamps& lamps, const Seen& seen) {
    lamps_ = lamps;
    seen_ = seen;
    moveCursor(0);
}

void LampPicture::moveCursor(int by) {
    cursor_ = std::clamp(cursor_ + by, 0, std::max(0, lamps_.count - 1));
    setAccessibleDescription(tr("Lamp %1 of %2").arg(cursor_ + 1).arg(lamps_.count));
    update();
    emit moved();
}

QRectF LampPicture::screen() const {
    const QRectF room = QRectF(rect()).adjusted(theme::px(56), theme::px(10), -theme::px(190), -theme::px(10));
    constexpr double aspect = 16.0 / 9;
    const double width = std::min(room.width(), aspect * room.height());
    return {room.center().x() - width / 2, room.center().y() - width / aspect / 2, width, width / aspect};
}

QRectF LampPicture::tube(int lamp) const {
    const QRectF on = screen();
    const int inHalf = lamps_.count / 2;
    double y = on.top() + on.height() * (lamp + 0.5) / std::max(1, lamps_.count);
    double pitch = on.height() / std::max(1, lamps_.count);
    if (lamps_.place == Lamps::Place::Edges && inHalf > 0) {
        pitch = std::min(0.12 * on.height(), 0.4 * on.height() / inHalf);
        y = halfOf(lamp) == 0 ? on.top() + pitch * (lamp + 0.6) : on.bottom() - pitch * (lamps_.count - lamp - 0.4);
    }
    const double thick = std::min(0.42 * pitch, double(theme::px(14)));
    return {on.left() + theme::px(14), y - thick / 2, on.width() - theme::px(28), thick};
}

void LampPicture::mousePressEvent(QMouseEvent* event) {
    for (int lamp = 0; lamp < lamps_.count; ++lamp) {
        if (tube(lamp)
                .adjusted(-theme::px(50), -theme::px(4), theme::px(180), theme::px(4))
                .contains(event->position())) {
            moveCursor(lamp - cursor_);
            return;
        }
    }
}

Look LampPicture::Seen::of(int lamp) const {
    return lamp < int(looks.size()) ? looks[std::size_t(lamp)] : Look::Unknown;
}

/// As it looks: with dark ends, in pieces where it flickers, an empty outline where nobody looked.
void LampPicture::paintTube(QPainter& painter, const QRectF& at, Look look) const {
    const auto& p = theme::palette();
    const double round = at.height() / 2;
    const bool isDark = look == Look::Dark;
    const QColor light = isDark || look == Look::Unknown ? p.raised : look == Look::Reddish ? p.ember : p.lit;
    const double dimEnd = look == Look::DimEnds ? 0.28 : 0.05;
    QLinearGradient glow(at.topLeft(), at.topRight());
    glow.setColorAt(0, p.line);
    glow.setColorAt(dimEnd, light);
    glow.setColorAt(1 - dimEnd, light);
    glow.setColorAt(1, p.line);
    painter.setPen(QPen(isDark ? p.ember : p.line, isDark ? 2 : 1, isDark ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(glow);
    if (look == Look::Flickers) {
        constexpr int pieces = 7;
        const double piece = at.width() / pieces;
        for (int i = 0; i < pieces; ++i) {
            painter.drawRoundedRect(at.adjusted(i * piece, 0, (i + 0.6) * piece - at.width(), 0), round, round);
        }
    } else if (lamps_.shape == Lamps::Shape::U) {
        QPainterPath bent;
        bent.addRoundedRect(at, round, round);
        bent.addRoundedRect(at.adjusted(0.12 * at.width(), 0.3 * at.height(), -0.02 * at.width(), -0.3 * at.height()),
                            0.2 * at.height(), 0.2 * at.height());
        painter.drawPath(bent);
    } else {
        painter.drawRoundedRect(at, round, round);
    }
}

/// What was seen of a lamp, in words.
QString LampPicture::remarkOf(int lamp) const {
    const Look look = seen_.of(lamp);
    QStringList words;
    if (look != Look::Unknown && look != Look::Lit) {
        words << language::words(lamps::wordsOf(look));
    }
    if (seen_.fadesFirst == lamp) {
        words << tr("fades first");
    }
    return words.join(QStringLiteral(", "));
}

/// One tube between its two plugs; what was seen of it in words at its end.
void LampPicture::paintLamp(QPainter& painter, int lamp) const {
    const auto& p = theme::palette();
    const QRectF at = tube(lamp);
    const double round = at.height() / 2;
    const bool isSeen = seen_.together || seen_.fadesFirst >= 0 || seen_.darkHalf >= 0;
    const bool fades = seen_.fadesFirst == lamp || seen_.darkHalf == halfOf(lamp);
    const Look own = seen_.of(lamp);
    const bool isLookedAt =
        std::any_of(seen_.looks.begin(), seen_.looks.end(), [](Look one) { return one != Look::Unknown; });
    const Look look = isLookedAt ? own : fades ? Look::Dark : isSeen ? Look::Lit : Look::Unknown;
    paintTube(painter, at, look);
    painter.setBrush(p.raised);
    painter.setPen(QPen(p.quiet, 1));
    const QSizeF plug(theme::px(10), std::max(at.height(), double(theme::px(6))));
    const auto drawPlug = [&](double x) { painter.drawRect(QRectF({x, at.center().y() - plug.height() / 2}, plug)); };
    drawPlug(at.right() + theme::px(2));
    if (lamps_.drive == Lamps::Drive::BothEnds) {
        drawPlug(at.left() - theme::px(2) - plug.width());
    }
    painter.setFont(lamp == cursor_ ? theme::strong() : theme::quiet());
    painter.setPen(lamp == cursor_ ? p.glow : p.quiet);
    const double line = std::min(double(painter.fontMetrics().height()), 2.2 * at.height());
    const QRectF left(screen().left() - theme::px(50), at.center().y() - line / 2, theme::px(42), line);
    if (lamps_.count <= 16 || lamp == cursor_) {
        paintText(painter, left, Qt::AlignRight | Qt::AlignVCenter, QString::number(lamp + 1));
    }
    if (const QString remark = remarkOf(lamp); !remark.isEmpty()) {
        painter.setPen(p.ember);
        painter.setFont(theme::quiet());
        paintRemark(painter, QRectF(screen().right() + theme::px(8), at.center().y() - line / 2, theme::px(178), line),
                    Qt::AlignLeft | Qt::AlignVCenter, remark);
    }
    if (lamp == cursor_) {
        painter.setPen(QPen(p.glow, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(at.adjusted(-theme::px(5), -theme::px(4), theme::px(16), theme::px(4)), round, round);
    }
}

void LampPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const QRectF on = screen();
    painter.setPen(QPen(p.line, 2));
    painter.setBrush(p.ground);
    painter.drawRoundedRect(on, theme::px(4), theme::px(4));
    if (lamps_.count > 1) {  // the halves, each on its own outputs
        painter.setPen(QPen(p.line, 1, Qt::DashLine));
        painter.drawLine(QPointF(on.left(), on.center().y()), QPointF(on.right(), on.center().y()));
    }
    for (int lamp = 0; lamp < lamps_.count; ++lamp) {
        paintLamp(painter, lamp);
    }
    if (seen_.together) {
        painter.setPen(p.text);
        painter.setFont(theme::quiet());
        paintRemark(painter,
                    QRectF(on.right() + theme::px(8), on.top(), theme::px(178), painter.fontMetrics().height()),
                    Qt::AlignLeft, tr("all together"));
    }
}

}  // namespace dimglow::app
