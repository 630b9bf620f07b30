#include "app/charge_badge.h"

#include <QPainter>
#include <algorithm>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/session.h"
#include "app/theme.h"
#include "core/findings/this_set.h"

namespace dimglow::app {

namespace {

constexpr int fadingMilliseconds = 5000;

}  // namespace

makesafe::Now chargeNow(const Snapshot& shown) {
    const auto& reference = shown.assessment.reference;
    double highest = 0;
    for (const auto& feed : reference) {
        highest = std::max(highest, feed.overVolts);
    }
    return {findings::isLedPlusKnown(reference) ? highest : 0, isoNow()};
}

ChargeBadge::ChargeBadge(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("chargeBadge"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    setCursor(Qt::PointingHandCursor);
    fading_.setInterval(fadingMilliseconds);
    connect(&fading_, &QTimer::timeout, this, &ChargeBadge::judge);
    fading_.start();
}

void ChargeBadge::show(std::shared_ptr<const Snapshot> shown, const knowledge::Knowledge& trade) {
    shown_ = std::move(shown);
    trade_ = &trade;
    judge();
}

/// By the worst of the capacitors.
void ChargeBadge::judge() {
    if (shown_ == nullptr || !isVisible()) {
        return;
    }
    const auto& job = shown_->job;
    const auto charges = makesafe::chargesOf(job, *trade_, chargeNow(*shown_));
    const auto worst = std::min_element(charges.begin(), charges.end(), [](const auto& a, const auto& b) {
        const auto rank = [](makesafe::State state) { return state == makesafe::State::Charged ? -1 : int(state); };
        return rank(a.state) < rank(b.state);
    });
    if (!job.makeSafe.mainsOut) {
        shape_ = Shape::Warning;
        words_ = job.set.lightKind() == set::LightKind::Lamps ? tr("mains in · lamps kV") : tr("mains in");
    } else if (worst == charges.end() || worst->state == makesafe::State::NotKnown) {
        shape_ = Shape::Unknown;
        words_ = tr("charge not known");
    } else if (worst->state == makesafe::State::Charged) {
        shape_ = Shape::Warning;
        words_ = worst->store == "ledPlus" ? tr("LED+ charged") : tr("charged");
    } else {
        shape_ = worst->state == makesafe::State::Touch ? Shape::Touch : Shape::Empty;
        words_ = worst->state == makesafe::State::Touch ? tr("safe to touch") : tr("measured empty");
    }
    setAccessibleName(words_);
    setPlainToolTip(this, worst == charges.end()
                              ? QString()
                              : QStringLiteral("%1: %2").arg(words(worst->title), words(worst->because)));
    updateGeometry();
    update();
}

QSize ChargeBadge::sizeHint() const {
    const int words = QFontMetrics(theme::quiet()).horizontalAdvance(words_);
    return {words + theme::px(40), theme::px(32)};
}

void ChargeBadge::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const QColor tone = shape_ == Shape::Warning ? p.ember : shape_ == Shape::Unknown ? p.glow : p.good;
    const QRectF pill = QRectF(rect()).adjusted(1, 1, -1, -1);
    painter.setPen(QPen(tone, 1.5, shape_ == Shape::Unknown ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(p.panel);
    painter.drawRoundedRect(pill, pill.height() / 2, pill.height() / 2);
    const double r = theme::px(5);
    const QPointF at(pill.left() + theme::px(16), pill.center().y());
    painter.setPen(QPen(tone, 2));
    painter.setBrush(shape_ == Shape::Empty || shape_ == Shape::Warning ? QBrush(tone) : QBrush(Qt::NoBrush));
    if (shape_ == Shape::Warning) {
        painter.drawPolygon(QPolygonF{at + QPointF(0, -r), at + QPointF(r, 0.8 * r), at + QPointF(-r, 0.8 * r)});
    } else {
        painter.drawEllipse(at, r, r);
    }
    painter.setPen(tone);
    painter.setFont(theme::quiet());
    paintText(painter, pill.adjusted(theme::px(27), 0, -theme::px(6), 0), Qt::AlignLeft | Qt::AlignVCenter, words_);
}

void ChargeBadge::mousePressEvent(QMouseEvent*) {
    emit clicked();
}

}  // namespace dimglow::app
