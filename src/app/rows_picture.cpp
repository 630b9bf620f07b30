#include "app/rows_picture.h"

#include <QPainter>
#include <algorithm>

#include "app/painted_text.h"
#include "app/theme.h"

namespace dimglow::app {

RowsPicture::RowsPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Where the pieces lie"));
}

QSize RowsPicture::sizeHint() const {
    return {theme::px(560), theme::px(240)};
}

void RowsPicture::show(const plan::UniversalTask& task, const plan::UniversalPlan& plan) {
    task_ = task;
    plan_ = plan;
    update();
}

void RowsPicture::paintEvent(QPaintEvent*) {
    if (task_.widthMm <= 0) {
        return;
    }
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double across = (width() - 2.0) / task_.widthMm;
    const double down = std::min((height() - 2.0) / std::max(1.0, task_.heightMm), 1.4 * across);
    const auto x = [&](double mm) { return 1 + mm * across; };
    const auto y = [&](double mm) { return 1 + mm * down; };
    painter.setPen(QPen(p.line, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(x(0), y(0), task_.widthMm * across, task_.heightMm * down));
    const double half = std::max(double(theme::px(6)), task_.stock.widthMm * down / 2);
    const double ring = theme::px(4);
    for (std::size_t r = 0; r < task_.rows.size(); ++r) {
        const auto& row = task_.rows[r];
        for (const auto& k : row.keepOuts) {
            painter.fillRect(QRectF(x(k.fromMm), y(row.yMm) - 1.6 * half, (k.toMm - k.fromMm) * across, 3.2 * half),
                             QBrush(p.ember, Qt::BDiagPattern));
        }
        painter.setPen(QPen(p.quiet, 1));
        for (const double at : row.oldMm) {
            painter.drawEllipse(QPointF(x(at), y(row.yMm)), 1.6 * ring, 1.6 * ring);
        }
    }
    for (const auto& row : plan_.rows) {
        for (const auto& segment : row.segments) {
            const QRectF body(x(segment.fromMm), y(row.yMm) - half, task_.stock.segmentMm * across, 2 * half);
            painter.setPen(QPen(p.idle, 1.5));
            painter.setBrush(Qt::NoBrush);
            painter.drawRect(body);
            if (!segment.joinsLast) {  // the end where it was cut
                painter.setPen(QPen(p.glow, 2.5));
                painter.drawLine(body.topLeft() - QPointF(0, theme::px(3)),
                                 body.bottomLeft() + QPointF(0, theme::px(3)));
            }
        }
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.lit);
        for (const double at : row.lightsMm) {
            painter.drawEllipse(QPointF(x(at), y(row.yMm)), ring, ring);
        }
        if (!row.segments.empty()) {
            painter.setPen(p.text);
            painter.setFont(theme::strong());
            const double side = theme::px(16);
            paintRemark(painter, {x(row.segments.front().fromMm), y(row.yMm) - half - side, side, side},
                        Qt::AlignCenter, row.isTurned ? QStringLiteral("−") : QStringLiteral("+"));
            paintRemark(
                painter,
                {x(row.segments.back().fromMm + task_.stock.segmentMm) - side, y(row.yMm) - half - side, side, side},
                Qt::AlignCenter, row.isTurned ? QStringLiteral("+") : QStringLiteral("−"));
        }
    }
}

}  // namespace dimglow::app
