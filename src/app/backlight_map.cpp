#include "app/backlight_map.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme.h"

namespace dimglow::app {

using backlight::LedPlace;
using backlight::Run;

namespace {

constexpr double sideMargin = 72;
constexpr double topMargin = 34;
constexpr double bottomMargin = 46;
constexpr double largestRadius = 11;
constexpr double shareWorthDrawing = 0.01;

}  // namespace

BacklightMap::BacklightMap(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Backlight map"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

QSize BacklightMap::minimumSizeHint() const {
    return {theme::px(420), theme::px(240)};
}

void BacklightMap::show(const job::Job& job, const reasoning::Assessment& assessment) {
    job_ = job;
    assessment_ = assessment;
    marks_.clear();
    stripVolts_.assign(job.backlight.strips.size(), std::nullopt);
    for (const auto& strip : job.backlight.strips) {
        marks_.emplace_back(strip.leds, Mark::Unknown);
    }
    const auto markRun = [&](const Run& run, Mark mark) {
        const auto order = backlight::ledsInOrder(job.backlight, run.string);
        for (int position = run.first; position <= run.last; ++position) {
            marks_[order[position].strip][order[position].led] = mark;
        }
    };
    const auto standing = job::standingEntries(job, job::Phase::Before);
    for (const auto& entry : standing) {
        if (const auto* tester = std::get_if<job::TesterTaken>(&entry.what)) {
            if (tester->lit && *tester->lit == tester->run.count()) {
                markRun(tester->run, Mark::Lit);
            }
            const int strip = backlight::ledsInOrder(job.backlight, tester->run.string)[tester->run.first].strip;
            if (tester->run == backlight::wholeStrip(job.backlight, strip)) {
                stripVolts_[strip] = tester->volts;
            }
        }
    }
    for (const auto& entry : standing) {
        if (const auto* seen = std::get_if<job::LedSeen>(&entry.what)) {
            marks_[seen->place.strip][seen->place.led] = seen->glow == job::LedSeen::Glow::Lit ? Mark::Lit : Mark::Dark;
        }
    }
    const auto* kind = knowledge::builtInKnowledge().suspect(assessment.suspects.front().suspect);
    for (const auto& place : assessment.located) {
        if (kind->strings == knowledge::StringFault::Open) {
            marks_[place.strip][place.led] = Mark::Open;
        } else if (kind->strings == knowledge::StringFault::Shorted) {
            marks_[place.strip][place.led] = Mark::Shorted;
        }
    }
    const int strips = int(job.backlight.strips.size());
    cursor_.strip = std::clamp(cursor_.strip, 0, strips - 1);
    const int leds = job.backlight.strips[cursor_.strip].leds;
    cursor_.led = std::clamp(cursor_.led, 0, leds - 1);
    anchorLed_ = std::min(anchorLed_, leds - 1);
    announce();
    update();
}

void BacklightMap::reset() {
    cursor_ = {};
    anchorLed_ = -1;
}

void BacklightMap::setWanted(const std::optional<Run>& run) {
    wanted_ = run;
    update();
}

Run BacklightMap::selectedRun() const {
    if (anchorLed_ < 0) {
        return backlight::wholeStrip(job_.backlight, cursor_.strip);
    }
    return backlight::runOnStrip(job_.backlight, cursor_.strip, std::min(anchorLed_, cursor_.led),
                                 std::max(anchorLed_, cursor_.led));
}

void BacklightMap::select(const Run& run) {
    const auto order = backlight::ledsInOrder(job_.backlight, run.string);
    const LedPlace first = order[run.first];
    const LedPlace last = order[run.last];
    if (first.strip == last.strip) {
        cursor_ = last;
        anchorLed_ = run == backlight::wholeStrip(job_.backlight, first.strip) ? -1 : first.led;
        announce();
        update();
        emit selectionChanged();
    }
}

BacklightMap::Mark BacklightMap::markOf(LedPlace place) const {
    return marks_[place.strip][place.led];
}

QString BacklightMap::stateOf(LedPlace place) const {
    const double share = assessment_.ledShares[place.strip][place.led];
    const QString name = QString::fromStdString(nameOf(job_.backlight, place));
    const QString states[] = {tr("unknown"), tr("lit"), tr("dark"), tr("open"), tr("shorted")};
    return tr("%1 %2, %3 % faulty").arg(name, states[int(markOf(place))]).arg(100 * share, 0, 'f', 0);
}

double BacklightMap::radius() const {
    double closest = 1e9;
    for (int strip = 0; strip < int(job_.backlight.strips.size()); ++strip) {
        if (job_.backlight.strips[strip].leds > 1) {
            closest = std::min(closest, QLineF(at({strip, 0}), at({strip, 1})).length());
        }
    }
    return std::clamp(closest * 0.26, 2.5, theme::px(largestRadius) * 1.0);
}

QPointF BacklightMap::at(LedPlace place) const {
    const auto mm = backlight::positionOf(job_.backlight, place);
    const double side = theme::px(sideMargin);
    const double top = theme::px(topMargin);
    const double w = width() - 2 * side;
    const double h = height() - top - theme::px(bottomMargin);
    double lowest = 1e9;
    double highest = -1e9;
    for (const auto& strip : job_.backlight.strips) {
        lowest = std::min({lowest, strip.first.y, strip.last.y});
        highest = std::max({highest, strip.first.y, strip.last.y});
    }
    const double y = highest > lowest ? top + h * (mm.y - lowest) / (highest - lowest) : top + h / 2;
    return {side + w * mm.x / job_.backlight.widthMm, y};
}

std::optional<LedPlace> BacklightMap::ledAt(QPointF point) const {
    std::optional<LedPlace> nearest;
    double best = theme::px(22);
    for (int strip = 0; strip < int(marks_.size()); ++strip) {
        for (int led = 0; led < int(marks_[strip].size()); ++led) {
            const double distance = QLineF(at({strip, led}), point).length();
            if (distance < best) {
                best = distance;
                nearest = LedPlace{strip, led};
            }
        }
    }
    return nearest;
}

void BacklightMap::announce() {
    setAccessibleDescription(stateOf(cursor_) + QStringLiteral("; ") +
                             QString::fromStdString(nameOf(job_.backlight, selectedRun())));
}

void BacklightMap::moveCursor(int strips, int leds, bool stretch) {
    if (stretch && anchorLed_ < 0) {
        anchorLed_ = cursor_.led;
    } else if (!stretch) {
        anchorLed_ = -1;
    }
    const int count = int(job_.backlight.strips.size());
    cursor_.strip = std::clamp(cursor_.strip + (stretch ? 0 : strips), 0, count - 1);
    cursor_.led = std::clamp(cursor_.led + leds, 0, job_.backlight.strips[cursor_.strip].leds - 1);
    announce();
    update();
    emit selectionChanged();
}

void BacklightMap::keyPressEvent(QKeyEvent* event) {
    const bool stretch = event->modifiers().testFlag(Qt::ShiftModifier);
    switch (event->key()) {
        case Qt::Key_Left:
            return moveCursor(0, -1, stretch);
        case Qt::Key_Right:
            return moveCursor(0, 1, stretch);
        case Qt::Key_Up:
            return moveCursor(-1, 0, stretch);
        case Qt::Key_Down:
            return moveCursor(1, 0, stretch);
        case Qt::Key_Home:
            return moveCursor(0, -1000, stretch);
        case Qt::Key_End:
            return moveCursor(0, 1000, stretch);
        case Qt::Key_L:
            emit marked(cursor_, job::LedSeen::Glow::Lit);
            return;
        case Qt::Key_D:
            emit marked(cursor_, job::LedSeen::Glow::Dark);
            return;
        default:
            QWidget::keyPressEvent(event);
    }
}

void BacklightMap::mousePressEvent(QMouseEvent* event) {
    setFocus();
    if (const auto place = ledAt(event->position())) {
        cursor_ = *place;
        anchorLed_ = -1;
        announce();
        update();
        emit selectionChanged();
    }
}

void BacklightMap::mouseMoveEvent(QMouseEvent* event) {
    const auto place = ledAt(event->position());
    if (place && place->strip == cursor_.strip && place->led != cursor_.led) {
        anchorLed_ = anchorLed_ < 0 ? cursor_.led : anchorLed_;
        cursor_ = *place;
        announce();
        update();
        emit selectionChanged();
    }
}

void BacklightMap::paintEvent(QPaintEvent*) {
    if (marks_.empty()) {
        return;
    }
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paintWires(painter);
    for (int strip = 0; strip < int(marks_.size()); ++strip) {
        paintStrip(painter, strip);
    }
    for (int strip = 0; strip < int(marks_.size()); ++strip) {
        for (int led = 0; led < int(marks_[strip].size()); ++led) {
            paintLed(painter, {strip, led});
        }
    }
    paintWanted(painter);
    paintSelection(painter);
}

void BacklightMap::paintWires(QPainter& painter) const {
    painter.setPen(QPen(theme::palette().line, theme::px(2)));
    for (const auto& ref : backlight::stringsOf(job_.backlight)) {
        const auto order = backlight::ledsInOrder(job_.backlight, ref);
        for (std::size_t i = 1; i < order.size(); ++i) {
            const QPointF from = at(order[i - 1]);
            const QPointF to = at(order[i]);
            if (order[i - 1].strip == order[i].strip) {
                painter.drawLine(from, to);
            } else {
                const bool right = from.x() > width() / 2.0;
                const double x = right ? width() - theme::px(20) : theme::px(22);
                painter.drawPolyline(QPolygonF{from, {x, from.y()}, {x, to.y()}, to});
            }
        }
        painter.save();
        painter.setFont(theme::quiet());
        painter.setPen(theme::palette().quiet);
        const double y = at(order.front()).y();
        painter.drawText(QRectF(theme::px(4), y - theme::px(10), theme::px(40), theme::px(20)),
                         Qt::AlignLeft | Qt::AlignVCenter, tr("LED+"));
        painter.restore();
    }
}

void BacklightMap::paintStrip(QPainter& painter, int strip) const {
    const auto& p = theme::palette();
    const QPointF first = at({strip, 0});
    const QPointF last = at({strip, int(marks_[strip].size()) - 1});
    const double pad = radius() * 2.1;
    QRectF bar(QPointF(std::min(first.x(), last.x()) - pad, first.y() - pad * 0.9),
               QPointF(std::max(first.x(), last.x()) + pad, last.y() + pad * 0.9));
    painter.setPen(Qt::NoPen);
    QColor fill = p.raised;
    fill.setAlphaF(0.75);
    painter.setBrush(fill);
    painter.drawRoundedRect(bar, theme::px(6), theme::px(6));
    painter.setPen(QPen(p.line, 1.5));
    painter.drawLine(first, last);
    painter.setFont(theme::strong());
    painter.setPen(p.text);
    painter.drawText(QRectF(theme::px(4), first.y() - theme::px(10), bar.left() - theme::px(12), theme::px(20)),
                     Qt::AlignRight | Qt::AlignVCenter, QString::fromStdString(job_.backlight.strips[strip].label));
    const double gap = marks_.size() > 1 ? (at({1, 0}).y() - at({0, 0}).y()) : 100;
    if (gap < theme::px(52)) {
        return;  // no room for voltages between close strips
    }
    const QRectF below(bar.left(), bar.bottom() + theme::px(3), bar.width(), theme::px(18));
    painter.setFont(theme::quiet());
    painter.setPen(p.quiet);
    painter.drawText(below, Qt::AlignLeft, tr("expect %1 V").arg(assessment_.expectedStripVolts[strip], 0, 'f', 1));
    if (stripVolts_[strip]) {
        const bool fits = std::abs(*stripVolts_[strip] - assessment_.expectedStripVolts[strip]) <
                          0.06 * assessment_.expectedStripVolts[strip];
        painter.setPen(fits ? p.good : p.ember);
        painter.drawText(below, Qt::AlignRight, tr("read %1 V").arg(*stripVolts_[strip], 0, 'f', 1));
    } else {
        painter.drawText(below, Qt::AlignRight, tr("not measured"));
    }
}

void BacklightMap::paintLed(QPainter& painter, LedPlace place) const {
    const auto& p = theme::palette();
    const QPointF c = at(place);
    const double r = radius();
    const double share = assessment_.ledShares[place.strip][place.led];
    painter.setBrush(Qt::NoBrush);
    switch (markOf(place)) {
        case Mark::Lit: {
            QRadialGradient halo(c, r * 2.4);
            QColor inner = p.lit;
            inner.setAlphaF(0.55);
            QColor outer = p.lit;
            outer.setAlphaF(0);
            halo.setColorAt(0.3, inner);
            halo.setColorAt(1, outer);
            painter.setPen(Qt::NoPen);
            painter.setBrush(halo);
            painter.drawEllipse(c, r * 2.4, r * 2.4);
            painter.setBrush(p.lit);
            painter.drawEllipse(c, r * 0.85, r * 0.85);
            break;
        }
        case Mark::Dark:
            painter.setPen(QPen(p.text, 2));
            painter.setBrush(p.ground);
            painter.drawEllipse(c, r * 0.85, r * 0.85);
            break;
        case Mark::Open:
            painter.setPen(QPen(p.ember, theme::px(3), Qt::SolidLine, Qt::FlatCap));
            painter.drawArc(QRectF(c.x() - r, c.y() - r, 2 * r, 2 * r), 35 * 16, 290 * 16);
            break;
        case Mark::Shorted:
            painter.setPen(QPen(p.ember, theme::px(3)));
            painter.drawEllipse(c, r * 0.9, r * 0.9);
            painter.drawLine(c - QPointF(r * 1.3, 0), c + QPointF(r * 1.3, 0));
            break;
        case Mark::Unknown:
            painter.setPen(QPen(p.quiet, 1.5, Qt::DotLine));
            painter.drawEllipse(c, r * 0.85, r * 0.85);
            break;
    }
    const bool drawn = markOf(place) == Mark::Open || markOf(place) == Mark::Shorted;
    if (share > shareWorthDrawing && !drawn) {
        painter.setPen(QPen(p.ember, theme::px(3), Qt::SolidLine, Qt::FlatCap));
        painter.setBrush(Qt::NoBrush);
        const double outer = r * 1.3;
        painter.drawArc(QRectF(c.x() - outer, c.y() - outer, 2 * outer, 2 * outer), 90 * 16, -int(360 * 16 * share));
    }
}

void BacklightMap::paintSelection(QPainter& painter) const {
    const auto& p = theme::palette();
    const Run run = selectedRun();
    const auto order = backlight::ledsInOrder(job_.backlight, run.string);
    const QPointF a = at(order[run.first]);
    const QPointF b = at(order[run.last]);
    const double pad = radius() * 1.75;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(hasFocus() ? p.idle : p.line, 2));
    painter.drawRoundedRect(
        QRectF(QPointF(std::min(a.x(), b.x()) - pad, a.y() - pad), QPointF(std::max(a.x(), b.x()) + pad, b.y() + pad)),
        theme::px(6), theme::px(6));
    if (hasFocus()) {
        const QPointF c = at(cursor_);
        const double below = c.y() + pad + theme::px(2);
        painter.setBrush(p.idle);
        painter.setPen(Qt::NoPen);
        painter.drawPolygon(QPolygonF{{c.x(), below},
                                      {c.x() - theme::px(5), below + theme::px(7)},
                                      {c.x() + theme::px(5), below + theme::px(7)}});
    }
}

void BacklightMap::paintWanted(QPainter& painter) const {
    if (!wanted_) {
        return;
    }
    const auto& p = theme::palette();
    const auto order = backlight::ledsInOrder(job_.backlight, wanted_->string);
    const QPointF a = at(order[wanted_->first]);
    const QPointF b = at(order[wanted_->last]);
    painter.setPen(QPen(p.glow, 2));
    painter.setBrush(Qt::NoBrush);
    if (order[wanted_->first].strip == order[wanted_->last].strip) {
        const double left = std::min(a.x(), b.x()) - radius() * 0.8;
        const double right = std::max(a.x(), b.x()) + radius() * 0.8;
        const double y = a.y() - radius() * 2.1 - theme::px(3);
        painter.drawPolyline(QPolygonF{{left, y + theme::px(6)}, {left, y}, {right, y}, {right, y + theme::px(6)}});
        painter.setFont(theme::quiet());
        painter.drawText(QRectF(left, y - theme::px(19), std::max(right - left, theme::px(160) * 1.0), theme::px(18)),
                         Qt::AlignLeft, tr("probe %1").arg(QString::fromStdString(nameOf(job_.backlight, *wanted_))));
    }
    if (wanted_->last + 1 < int(order.size()) && order[wanted_->last + 1].strip == order[wanted_->last].strip) {
        const QPointF c = (b + at(order[wanted_->last + 1])) / 2;
        const double r = radius() * 1.1;
        painter.drawEllipse(c, r, r);
        for (const QPointF d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) {
            painter.drawLine(c + d * r * 0.6, c + d * r * 1.5);
        }
    }
}

}  // namespace dimglow::app
