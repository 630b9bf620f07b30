#include "app/station_line.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/painted_text.h"
#include "app/theme.h"

namespace dimglow::app {

StationLine::StationLine(const QStringList& titles, QWidget* parent)
    : QWidget(parent), titles_(titles), states_(titles.size(), State::Ahead) {
    setAccessibleName(tr("Stations"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize StationLine::sizeHint() const {
    return {theme::px(300), theme::px(60)};
}

void StationLine::setTitles(const QStringList& titles) {
    titles_ = titles;
    update();
}

void StationLine::setCurrent(int index) {
    current_ = index;
    setAccessibleDescription(titles_.value(index));
    update();
}

void StationLine::setStates(std::vector<State> states) {
    states_ = std::move(states);
    update();
}

/// Each has the room that its name needs, and an even share of what is left.
std::vector<double> StationLine::widths() const {
    std::vector<double> widths;
    double sum = 0;
    for (const auto& title : titles_) {
        const QFontMetricsF metrics(int(widths.size()) == current_ ? theme::strong() : theme::quiet());
        widths.push_back(metrics.horizontalAdvance(title));
        sum += widths.back();
    }
    const double each = (width() - sum) / double(std::max<qsizetype>(1, titles_.size()));
    const bool isCrowded = each < theme::px(4);
    for (double& one : widths) {
        one = isCrowded ? double(width()) / double(titles_.size()) : one + each;
    }
    return widths;
}

bool StationLine::isCrowded() const {
    const auto all = widths();
    const QFontMetricsF metrics(theme::quiet());
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (all[i] < metrics.horizontalAdvance(titles_[qsizetype(i)])) {
            return true;
        }
    }
    return false;
}

QPointF StationLine::at(int index) const {
    const auto all = widths();
    double left = 0;
    for (int i = 0; i < index; ++i) {
        left += all[std::size_t(i)];
    }
    return {left + all[std::size_t(index)] / 2, theme::px(20) * 1.0};
}

int StationLine::indexAt(double x) const {
    const auto all = widths();
    int index = 0;
    while (index + 1 < int(all.size()) && x > all[std::size_t(index)]) {
        x -= all[std::size_t(index++)];
    }
    return index;
}

bool StationLine::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(event);
        QToolTip::showText(help->globalPos(), titles_.value(indexAt(help->x())), this);
        return true;
    }
    return QWidget::event(event);
}

void StationLine::mousePressEvent(QMouseEvent* event) {
    emit chosen(indexAt(event->position().x()));
}

void StationLine::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double r = theme::px(6);
    for (int i = 0; i + 1 < titles_.size(); ++i) {
        const bool passed = states_[i] == State::Done && i < current_;
        painter.setPen(QPen(passed ? p.glow : p.line, theme::px(2)));
        painter.drawLine(at(i) + QPointF(r + 3, 0), at(i + 1) - QPointF(r + 3, 0));
    }
    // Where the names do not fit side by side only that of the station is written.
    const bool crowded = isCrowded();
    for (int i = 0; i < titles_.size(); ++i) {
        const QPointF c = at(i);
        painter.setBrush(Qt::NoBrush);
        if (i == current_) {
            QColor halo = p.glow;
            halo.setAlphaF(0.25);
            painter.setPen(Qt::NoPen);
            painter.setBrush(halo);
            painter.drawEllipse(c, r * 2, r * 2);
            painter.setBrush(p.glow);
            painter.drawEllipse(c, r * 1.25, r * 1.25);
        } else if (states_[i] == State::Done) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.quiet);
            painter.drawEllipse(c, r, r);
            painter.setPen(QPen(p.panel, 2));
            painter.drawPolyline(
                QPolygonF{c + QPointF(-r * 0.45, 0), c + QPointF(-r * 0.1, r * 0.4), c + QPointF(r * 0.5, -r * 0.4)});
        } else {
            painter.setPen(QPen(p.quiet, 1.5, states_[i] == State::Skipped ? Qt::DotLine : Qt::SolidLine));
            painter.drawEllipse(c, r, r);
        }
        if (crowded && i != current_) {
            continue;
        }
        painter.setFont(i == current_ ? theme::strong() : theme::quiet());
        painter.setPen(i == current_ ? p.glow : p.quiet);
        const double room = theme::px(120);
        const double half = std::min(room, widths()[std::size_t(i)]) / 2;
        const double left = std::clamp(c.x() - room / 2, -room / 2 + half, width() - room / 2 - half);
        paintText(painter, QRectF(left, c.y() + theme::px(14), room, theme::px(20)), Qt::AlignHCenter, titles_[i]);
    }
}

}  // namespace dimglow::app
