#include "app/fix_chart.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr double discPx = 11;

/// Steps of 1, 2 or 5 that make about so many of a span.
double stepFor(double span, int wanted) {
    const double rough = span / wanted;
    const double decade = std::pow(10, std::floor(std::log10(rough)));
    for (const double times : {1.0, 2.0, 5.0}) {
        if (times * decade >= rough) {
            return times * decade;
        }
    }
    return 10 * decade;
}

}  // namespace

FixChart::FixChart(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

QSize FixChart::sizeHint() const {
    return {theme::px(420), theme::px(196)};
}

QSize FixChart::minimumSizeHint() const {
    return {theme::px(260), theme::px(180)};
}

void FixChart::show(std::vector<Mark> marks, const QString& currency) {
    marks_ = std::move(marks);
    currency_ = currency;
    QStringList said;
    least_ = INFINITY;
    most_ = -INFINITY;
    highest_ = 0.1;
    for (const auto& mark : marks_) {
        least_ = std::min(least_, mark.money);
        most_ = std::max(most_, mark.money);
        highest_ = std::max(highest_, mark.chance.high);
        said << tr("%1: %2 %3, comes back %4 to %5 %")
                    .arg(mark.name, number(mark.money, 0), currency_, number(100 * mark.chance.low, 0),
                         number(100 * mark.chance.high, 0));
    }
    if (marks_.empty()) {
        least_ = 0;
        most_ = 1;
    }
    const double room = std::max(10.0, 0.08 * (most_ - least_));
    least_ -= room;
    most_ += room;
    highest_ = std::min(1.0, 1.08 * highest_);
    setAccessibleName(said.join(QStringLiteral("; ")));
    update();
}

QRectF FixChart::plot() const {
    // Room for the scale on the left and below, and for the last one's name on the right.
    return QRectF(rect()).adjusted(theme::px(46), theme::px(10), -theme::px(96), -theme::px(46));
}

double FixChart::heightOf(double chance) const {
    const auto area = plot();
    return area.bottom() - std::min(chance, highest_) / highest_ * area.height();
}

QPointF FixChart::placeOf(const Mark& mark) const {
    const auto area = plot();
    return {area.left() + (mark.money - least_) / (most_ - least_) * area.width(), heightOf(mark.chance.likely)};
}

void FixChart::paintScales(QPainter& painter) const {
    const auto& p = theme::palette();
    const auto area = plot();
    painter.setFont(theme::quiet());
    const double row = theme::px(18);
    const double chanceStep = stepFor(highest_, 3);
    for (double chance = 0; chance <= highest_ + 1e-9; chance += chanceStep) {
        const double y = area.bottom() - chance / highest_ * area.height();
        painter.setPen(QPen(p.line, 1, chance > 0 ? Qt::DotLine : Qt::SolidLine));
        painter.drawLine(QPointF(area.left(), y), QPointF(width(), y));
        painter.setPen(p.quiet);
        paintText(painter, {0, y - row / 2, area.left() - theme::px(6), row}, Qt::AlignRight | Qt::AlignVCenter,
                  tr("%1 %").arg(number(100 * chance, 0)));
    }
    const double moneyStep = stepFor(most_ - least_, 5);
    for (double money = std::ceil(least_ / moneyStep) * moneyStep; money <= most_; money += moneyStep) {
        const double x = area.left() + (money - least_) / (most_ - least_) * area.width();
        painter.setPen(p.quiet);
        paintText(painter, {x - theme::px(30), area.bottom() + theme::px(10), double(theme::px(60)), row},
                  Qt::AlignHCenter | Qt::AlignTop, number(money, 0));
    }
    paintRemark(painter, {area.left(), height() - row, width() - area.left(), row}, Qt::AlignRight | Qt::AlignBottom,
                tr("%1 before any comeback →").arg(currency_));
}

/// Where its name has room: beside the disc on either side, moved up or down as little as can be; across a whisker
/// rather than across a name.
QRectF FixChart::roomFor(QPointF at, QSizeF size, const std::vector<QRectF>& solid,
                         const std::vector<QRectF>& soft) const {
    const double aside = theme::px(discPx + 4);
    for (const bool minds : {true, false}) {
        for (int step = 0; step <= 20; ++step) {
            const int thirds = (step % 2 == 0 ? 1 : -1) * ((step + 1) / 2);
            const double down = thirds * size.height() / 3;
            for (const double left : {at.x() + aside, at.x() - aside - size.width()}) {
                const QRectF box(left, at.y() - size.height() / 2 + down, size.width(), size.height());
                const auto isFree = [&](const std::vector<QRectF>& taken) {
                    return std::none_of(taken.begin(), taken.end(), [&](const QRectF& t) { return t.intersects(box); });
                };
                const bool isInside = box.top() >= 0 && box.bottom() <= plot().bottom() + theme::px(8) &&
                                      box.left() >= plot().left() && box.right() <= width();
                if (isInside && isFree(solid) && (!minds || isFree(soft))) {
                    return box;
                }
            }
        }
    }
    return {at.x() + aside, at.y() - size.height() / 2, std::min(size.width(), width() - at.x() - aside),
            size.height()};
}

void FixChart::paintNames(QPainter& painter) const {
    const auto& p = theme::palette();
    const double row = theme::px(17);
    std::vector<QRectF> solid;
    std::vector<QRectF> soft;
    for (const auto& mark : marks_) {
        const auto at = placeOf(mark);
        const double r = theme::px(discPx);
        solid.emplace_back(at.x() - r, at.y() - r, 2 * r, 2 * r);
        const double high = heightOf(mark.chance.high);
        soft.emplace_back(at.x() - theme::px(3), high, double(theme::px(6)), heightOf(mark.chance.low) - high);
    }
    for (const auto& mark : marks_) {
        painter.setFont(mark.isAdvised ? theme::strong() : theme::body());
        const double wide = std::max(painter.fontMetrics().horizontalAdvance(mark.name),
                                     QFontMetrics(theme::quiet()).horizontalAdvance(mark.remark)) +
                            theme::px(2);
        const auto box = roomFor(placeOf(mark), {wide, 2 * row}, solid, soft);
        solid.push_back(box);
        QColor behind = p.panel;
        behind.setAlphaF(0.8F);
        painter.fillRect(box, behind);  // lines do not run through words
        painter.setPen(mark.isAdvised ? p.glow : mark.isOut ? p.quiet : p.text);
        paintRemark(painter, {box.left(), box.top(), box.width(), row}, Qt::AlignLeft | Qt::AlignVCenter, mark.name);
        painter.setFont(theme::quiet());
        painter.setPen(p.quiet);
        paintRemark(painter, {box.left(), box.top() + row, box.width(), row}, Qt::AlignLeft | Qt::AlignVCenter,
                    mark.remark);
    }
}

void FixChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    paintScales(painter);
    for (const auto& mark : marks_) {
        const auto at = placeOf(mark);
        const QColor tone = mark.isAdvised ? p.glow : p.quiet;
        painter.setPen(QPen(tone, 2));
        painter.drawLine(QPointF(at.x(), heightOf(mark.chance.low)), QPointF(at.x(), heightOf(mark.chance.high)));
        for (const double end : {mark.chance.low, mark.chance.high}) {
            painter.drawLine(QPointF(at.x() - theme::px(5), heightOf(end)),
                             QPointF(at.x() + theme::px(5), heightOf(end)));
        }
    }
    for (const auto& mark : marks_) {
        const auto at = placeOf(mark);
        const double r = theme::px(discPx);
        painter.setPen(QPen(mark.isAdvised ? p.glow
                            : mark.isOut   ? p.quiet
                                           : p.text,
                            2, mark.isKnown ? Qt::SolidLine : Qt::DotLine));
        painter.setBrush(mark.isAdvised ? p.glow : p.panel);
        painter.drawEllipse(at, r, r);
        painter.setPen(mark.isAdvised ? p.onGlow : p.text);
        painter.setFont(theme::quiet());
        paintText(painter, {at.x() - r, at.y() - r, 2 * r, 2 * r}, Qt::AlignCenter, QString::number(mark.number));
    }
    paintNames(painter);
}

void FixChart::mousePressEvent(QMouseEvent* event) {
    for (const auto& mark : marks_) {
        if (QLineF(event->position(), placeOf(mark)).length() <= theme::px(18)) {
            emit pressed(mark.number);
            return;
        }
    }
}

}  // namespace dimglow::app
