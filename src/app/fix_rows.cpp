#include "app/fix_rows.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr int columns = 4;
/// Where each column starts, as a share of the width; how it looks is in words, which take most.
constexpr double starts[columns + 1] = {0.26, 0.42, 0.55, 0.80, 1};
constexpr int daysColumn = 1;

}  // namespace

FixRows::FixRows(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

double FixRows::rowHeight() const {
    return theme::px(34);
}

QSize FixRows::sizeHint() const {
    return {theme::px(420), int(rowHeight() * double(rows_.size() + 1))};
}

void FixRows::show(std::vector<Row> rows, const QString& currency) {
    rows_ = std::move(rows);
    currency_ = currency;
    QStringList said;
    for (const auto& row : rows_) {
        QStringList words;
        for (const auto& cell : cellsOf(row)) {
            words << cell.words;
        }
        said << tr("%1: %2").arg(row.name, words.join(QStringLiteral(", ")));
    }
    setAccessibleName(said.join(QStringLiteral("; ")));
    updateGeometry();
    update();
}

std::vector<FixRows::Cell> FixRows::cellsOf(const Row& row) const {
    double dearest = 1;
    double slowest = 1;
    double likeliest = 0.01;
    double cheapest = INFINITY;
    double soonest = INFINITY;
    double rarest = INFINITY;
    for (const auto& other : rows_) {
        dearest = std::max(dearest, other.money);
        slowest = std::max(slowest, other.days);
        cheapest = std::min(cheapest, other.money);
        soonest = std::min(soonest, other.days);
        if (other.comeback) {
            likeliest = std::max(likeliest, other.comeback->high);
            rarest = std::min(rarest, other.comeback->likely);
        }
    }
    const Cell money{tr("%1 %2").arg(number(row.money, 0), currency_), row.money / dearest, 0, row.money <= cheapest};
    const Cell days{row.days <= 0 ? tr("today") : tr("%1 d").arg(number(std::ceil(row.days), 0)), row.days / slowest, 0,
                    row.days <= soonest};
    const Cell looks{row.looks.isEmpty() ? tr("as before") : row.looks, 0, 0, false};
    Cell trust{tr("not known"), 0, 0, false};
    if (row.comeback) {
        trust = {tr("%1 to %2 %").arg(number(100 * row.comeback->low, 0), number(100 * row.comeback->high, 0)),
                 row.comeback->low / likeliest, (row.comeback->high - row.comeback->low) / likeliest,
                 row.comeback->likely <= rarest};
    }
    return {money, days, looks, trust};
}

void FixRows::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const auto leftOf = [&](int column) { return starts[column] * width(); };
    const double names = leftOf(0);
    const double high = rowHeight();
    const double line = theme::px(18);
    const double bar = theme::px(6);
    painter.setFont(theme::quiet());
    painter.setPen(p.quiet);
    const QString heads[columns] = {tr("money"), tr("days"), tr("looks"), tr("comes back")};
    for (int column = 0; column < columns; ++column) {
        paintText(painter, {leftOf(column), 0, leftOf(column + 1) - leftOf(column), line},
                  Qt::AlignLeft | Qt::AlignVCenter, heads[column]);
    }
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const auto& row = rows_[i];
        const double top = high * double(i) + line + theme::px(6);
        painter.setPen(QPen(p.line, 1));
        painter.drawLine(QPointF(0, top - theme::px(3)), QPointF(width(), top - theme::px(3)));
        painter.setFont(row.isAdvised ? theme::strong() : theme::body());
        painter.setPen(row.isAdvised ? p.glow : p.text);
        paintRemark(painter, {0, top, names - theme::px(8), high - theme::px(6)}, Qt::AlignLeft | Qt::AlignVCenter,
                    QStringLiteral("%1 %2").arg(row.number).arg(row.name));
        int column = 0;
        for (const auto& cell : cellsOf(row)) {
            const double left = leftOf(column);
            const double full = leftOf(column + 1) - left - theme::px(16);
            painter.setFont(cell.isBest ? theme::strong() : theme::quiet());
            painter.setPen(column == daysColumn && row.isLate ? p.ember : cell.isBest ? p.text : p.quiet);
            paintRemark(painter, {left, top, full, line}, Qt::AlignLeft | Qt::AlignVCenter, cell.words);
            const double y = top + line;
            painter.fillRect(QRectF(left, y, full * cell.share, bar), cell.isBest ? p.glow : p.quiet);
            QColor pale = cell.isBest ? p.glow : p.quiet;
            pale.setAlphaF(0.35F);
            painter.fillRect(QRectF(left + full * cell.share, y, full * cell.slack, bar), pale);
            ++column;
        }
    }
}

void FixRows::mousePressEvent(QMouseEvent* event) {
    const auto line = std::size_t(std::max(0.0, event->position().y() / rowHeight() - 0.6));
    if (line < rows_.size()) {
        emit pressed(rows_[line].number);
    }
}

}  // namespace dimglow::app
