#include "app/backlight_map.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <map>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"
#include "core/circuit/operating_point.h"
#include "core/parts/twins.h"

namespace dimglow::app {

using backlight::LedPlace;
using backlight::Run;

namespace {

constexpr int mostInARow = 40;  ///< LEDs that can be told apart side by side

constexpr int comfortable = 16;     ///< LEDs in a line of a strip that is shown alone
constexpr double lineHeight = 97;   ///< of such a line, with the names above and the volts below it
constexpr double namesHeight = 20;  ///< of the LEDs' names above a line; a bracket stands above them
constexpr double aboveLines = 62;
constexpr double belowLines = 72;
constexpr double sideMargin = 72;
constexpr double topMargin = 46;  ///< the first strip has a bracket with words above it as well
constexpr double bottomMargin = 42;
constexpr double crowdedMargin = 22;
constexpr double wordsHeight = 24;   ///< of the volts below a strip
constexpr double rowWithWords = 60;  ///< a strip needs this height for them and the bracket of the next
constexpr double barHeight = 3.8;    ///< of a strip, in radii
constexpr double largestRadius = 11;
constexpr double shareWorthDrawing = 0.01;

backlight::MapMark::Look lookOf(parts::LedVerdict verdict) {
    using Look = backlight::MapMark::Look;
    switch (verdict) {
        case parts::LedVerdict::Good:
            return Look::Lit;
        case parts::LedVerdict::Open:
            return Look::Open;
        case parts::LedVerdict::Shorted:
            return Look::Shorted;
        case parts::LedVerdict::Leaky:
        case parts::LedVerdict::DieShorted:
            return Look::Dim;
        case parts::LedVerdict::Dark:
            return Look::Dark;
        default:
            return Look::Unknown;
    }
}

}  // namespace

BacklightMap::BacklightMap(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Backlight map"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

QSize BacklightMap::minimumSizeHint() const {
    return {theme::px(420), theme::px(240)};
}

void BacklightMap::show(std::shared_ptr<const Snapshot> shown) {
    const bool isNewWiring = shown_ == nullptr || shown->job.set.backlight != panel();
    shown_ = std::move(shown);
    const auto& job = shown_->job;
    if (isNewWiring) {
        places_.reset();
    }
    marks_.clear();
    stripVolts_.assign(job.set.backlight.strips.size(), std::nullopt);
    noneLit_.assign(job.set.backlight.strips.size(), false);
    isAsExpected_.assign(job.set.backlight.strips.size(), false);
    std::map<double, int> ledsAtHeight;
    for (const auto& strip : job.set.backlight.strips) {
        marks_.emplace_back(strip.leds, Mark::Unknown);
        ledsAtHeight[strip.first.y] += strip.leds;
    }
    rows_ = int(ledsAtHeight.size());
    if (isNewWiring) {  // bars along an edge: strip by strip, so that LEDs can be told apart
        zoomed_ = std::any_of(ledsAtHeight.begin(), ledsAtHeight.end(),
                              [](const auto& row) { return row.second > mostInARow; });
    }
    markEntries();
    const int strips = int(job.set.backlight.strips.size());
    cursor_.strip = std::clamp(cursor_.strip, 0, strips - 1);
    const int leds = job.set.backlight.strips[cursor_.strip].leds;
    cursor_.led = std::clamp(cursor_.led, 0, leds - 1);
    anchorLed_ = std::min(anchorLed_, leds - 1);
    held_ = isNewWiring ? std::nullopt : held_;
    computeNodeVolts();
    announce();
    update();
}

/// What was read and seen of runs and LEDs, and what is wrong with those that are named.
void BacklightMap::markEntries() {
    const auto& job = shown_->job;
    const auto standing = job::standingEntries(job, job::Phase::Before);
    markRuns(standing);
    for (const auto& entry : standing) {
        if (const auto* seen = std::get_if<evidence::LedSeen>(&entry.what)) {
            constexpr Mark looks[] = {Mark::Lit, Mark::Dim, Mark::Dark, Mark::Dim};
            auto& mark = marks_[seen->place.strip][seen->place.led];
            const bool darkRun =
                seen->glow == evidence::LedSeen::Glow::Dark && (mark == Mark::Lit || mark == Mark::Dim);
            mark = darkRun ? mark : looks[int(seen->glow)];  // lit once, it is the run that is dark
        } else if (const auto* check = std::get_if<evidence::LedChecked>(&entry.what)) {
            const auto& spec = job.set.backlight.strips[check->place.strip].led;
            marks_[check->place.strip][check->place.led] =
                lookOf(parts::judge(spec, check->setting, check->reading).verdict);
        }
    }
    compareTwins();
    for (const auto& [place, fault, share] : shown_->assessment.located) {
        auto& mark = marks_[place.strip][place.led];
        if (fault == backlight::LedFault::Open || fault == backlight::LedFault::GroupOpen) {
            mark = Mark::Open;
        } else if (fault == backlight::LedFault::Shorted) {
            mark = Mark::Shorted;
        }
    }
}

/// What the tester read: whole strips by their volts, runs by what was lit.
void BacklightMap::markRuns(const std::vector<job::Entry>& standing) {
    const auto& job = shown_->job;
    const auto markRun = [&](const Run& run, Mark mark) {
        const auto order = backlight::ledsInOrder(job.set.backlight, run.string);
        for (int position = run.first; position <= run.last; ++position) {
            marks_[order[position].strip][order[position].led] = mark;
        }
    };
    for (const auto& entry : standing) {
        if (const auto* tester = std::get_if<evidence::TesterTaken>(&entry.what)) {
            if (tester->lit && *tester->lit == tester->run.count()) {
                markRun(tester->run, Mark::Lit);
            }
            const int strip = backlight::ledsInOrder(job.set.backlight, tester->run.string)[tester->run.first].strip;
            if (tester->volts && tester->run == backlight::wholeStrip(job.set.backlight, strip)) {
                stripVolts_[strip] = tester->volts;
                isAsExpected_[strip] = shown_->assessment.expected.byEntry.at(entry.id).within;
            }
            noneLit_[strip] = noneLit_[strip] || (!tester->volts && tester->lit == 0 &&
                                                  tester->run == backlight::wholeStrip(job.set.backlight, strip));
        }
    }
}

/// Like strips read alike: one far from the others has another type of LED, or a fault.
void BacklightMap::compareTwins() {
    unlikeTwins_.assign(stripVolts_.size(), false);
    std::vector<double> volts;
    std::vector<std::size_t> strips;
    for (std::size_t i = 0; i < stripVolts_.size(); ++i) {
        const auto& strip = panel().strips[i];
        const auto& first = panel().strips.front();
        if (stripVolts_[i] && strip.led == first.led && strip.leds == first.leds) {
            volts.push_back(*stripVolts_[i]);
            strips.push_back(i);
        }
    }
    constexpr double meterVolts = 0.3;
    const auto scores = parts::twinScores(volts, meterVolts);
    for (std::size_t i = 0; i < scores.size(); ++i) {
        unlikeTwins_[strips[i]] = std::abs(scores[i]) > parts::unlikeScore;
    }
}

void BacklightMap::computeNodeVolts() {
    nodeVolts_.clear();
    if (!zoomed_) {
        return;
    }
    const Run run = backlight::wholeStrip(panel(), cursor_.strip);
    const auto built = backlight::buildProbe(panel(), {run, shown_->job.bench.tester}, {});
    const auto point = circuit::solve(built.network);
    nodeVolts_.assign(marks_[cursor_.strip].size(), 0);
    for (std::size_t i = 0; i < built.leds.size(); ++i) {
        nodeVolts_[built.leds[i].led] = point.nodeVolts[built.nodeAfter[i]];
    }
}

void BacklightMap::toggleZoom() {
    zoomed_ = !zoomed_;
    places_.reset();
    computeNodeVolts();
    announce();
    update();
}

std::string BacklightMap::svg() const {
    std::vector<std::vector<backlight::MapMark>> marks;
    for (std::size_t strip = 0; strip < marks_.size(); ++strip) {
        marks.emplace_back();
        for (std::size_t led = 0; led < marks_[strip].size(); ++led) {
            marks.back().push_back({marks_[strip][led], shown_->assessment.ledShares[strip][led]});
        }
    }
    return backlight::mapSvg(panel(), shown_->job.id + " " + shown_->job.title, marks);
}

void BacklightMap::reset() {
    cursor_ = {};
    anchorLed_ = -1;
    held_.reset();
    zoomed_ = false;
}

void BacklightMap::setWanted(const std::optional<Run>& run) {
    wanted_ = run;
    update();
}

Run BacklightMap::selectedRun() const {
    if (held_) {
        return *held_;
    }
    if (anchorLed_ < 0) {
        return backlight::wholeStrip(panel(), cursor_.strip);
    }
    return backlight::runOnStrip(panel(), cursor_.strip, std::min(anchorLed_, cursor_.led),
                                 std::max(anchorLed_, cursor_.led));
}

void BacklightMap::select(const Run& run) {
    const auto order = backlight::ledsInOrder(panel(), run.string);
    const LedPlace first = order[run.first];
    const LedPlace last = order[run.last];
    if (first.strip == last.strip) {
        cursor_ = std::min(first, last);
        anchorLed_ = -1;
        held_ = run;
        showCursor();
    }
}

void BacklightMap::selectStrip() {
    anchorLed_ = -1;
    held_.reset();
    showCursor();
}

/// After the cursor has moved: a run stays selected while the cursor walks within it.
void BacklightMap::showCursor() {
    if (zoomed_) {
        places_.reset();  // another strip may be the one that is shown
    }
    if (held_) {
        const auto order = backlight::ledsInOrder(panel(), held_->string);
        const auto* end = order.data() + held_->last + 1;
        if (std::find(order.data() + held_->first, end, cursor_) == end) {
            held_.reset();
        }
    }
    computeNodeVolts();
    announce();
    update();
    emit selectionChanged();
}

BacklightMap::Mark BacklightMap::markOf(LedPlace place) const {
    return marks_[place.strip][place.led];
}

QString BacklightMap::stateOf(LedPlace place) const {
    const double share = shown_->assessment.ledShares[place.strip][place.led];
    const QString name = QString::fromStdString(nameOf(panel(), place));
    const QString states[] = {tr("unknown"), tr("lit"), tr("dim"), tr("dark"), tr("open"), tr("shorted")};
    return tr("%1 %2, %3 % faulty").arg(name, states[int(markOf(place))]).arg(100 * share, 0, 'f', 0);
}

const BacklightMap::Places& BacklightMap::places() const {
    if (places_ && places_->size == size()) {
        return *places_;
    }
    Places made;
    made.size = size();
    made.crowded = !zoomed_ && height() - theme::px(topMargin + bottomMargin) < theme::px(rowWithWords) * (rows_ - 1);
    const double side = theme::px(sideMargin);
    const double top = theme::px(made.crowded ? crowdedMargin : topMargin);
    const double w = width() - 2 * side;
    const double h = height() - top - theme::px(made.crowded ? crowdedMargin : bottomMargin);
    double lowest = 1e9;
    double highest = -1e9;
    for (const auto& strip : panel().strips) {
        lowest = std::min({lowest, strip.first.y, strip.last.y});
        highest = std::max({highest, strip.first.y, strip.last.y});
    }
    double closest = 1e9;
    double rows = 1e9;
    for (int strip = 0; strip < int(panel().strips.size()); ++strip) {
        made.leds.emplace_back();
        const int count = panel().strips[strip].leds;
        const double firstLine = theme::px(aboveLines);
        const double lastLine = height() - theme::px(belowLines);
        const int most = 1 + std::max(0, int((lastLine - firstLine) / theme::px(lineHeight)));
        const int lines = std::clamp((count - 1) / comfortable + 1, 1, most);
        const int inALine = (count - 1) / lines + 1;
        made.inALine = isShown(strip) ? inALine : made.inALine;
        for (int led = 0; led < panel().strips[strip].leds; ++led) {
            const auto mm = backlight::positionOf(panel(), {strip, led});
            const double y = highest > lowest ? top + h * (mm.y - lowest) / (highest - lowest) : top + h / 2;
            const int line = led / inALine;
            const double folded = lines == 1 ? top + h / 2 : firstLine + (lastLine - firstLine) * line / (lines - 1);
            made.leds.back().push_back(zoomed_ ? QPointF(side + w * (led % inALine) / std::max(1, inALine - 1), folded)
                                               : QPointF(side + w * mm.x / panel().drawnWidthMm(), y));
        }
        if (made.leds.back().size() > 1 && isShown(strip)) {
            closest = std::min(closest, QLineF(made.leds.back()[0], made.leds.back()[1]).length());
        }
        if (strip > 0 && !zoomed_) {
            const double gap = std::abs(made.leds.back().front().y() - made.leds[strip - 1].front().y());
            rows = gap > 1 ? std::min(rows, gap) : rows;
        }
    }
    const double largest = theme::px(zoomed_ ? 2 * largestRadius : largestRadius);
    const double byRow = made.crowded ? 0.3 * rows : (rows - theme::px(wordsHeight)) / barHeight;
    made.radius = std::clamp(std::min(closest * (zoomed_ ? 0.32 : 0.26), byRow), 2.5, largest);
    sprites_.clear();
    return places_.emplace(std::move(made));
}

std::vector<std::pair<QPointF, QPointF>> BacklightMap::linesOf(const std::vector<LedPlace>& order, int first,
                                                               int last) const {
    if (!zoomed_) {
        return {{at(order[first]), at(order[last])}};
    }
    std::vector<std::pair<QPointF, QPointF>> lines;
    for (int i = first; i <= last; ++i) {
        const QPointF here = at(order[i]);
        if (order[i].strip != cursor_.strip) {
            continue;
        }
        if (lines.empty() || lines.back().second.y() != here.y()) {
            lines.emplace_back(here, here);
        }
        lines.back().second = here;
    }
    return lines;
}

QPointF BacklightMap::at(LedPlace place) const {
    return places().leds[std::size_t(place.strip)][std::size_t(place.led)];
}

std::optional<LedPlace> BacklightMap::ledAt(QPointF point) const {
    std::optional<LedPlace> nearest;
    double best = theme::px(22);
    for (int strip = 0; strip < int(marks_.size()); ++strip) {
        for (int led = 0; led < int(marks_[strip].size()) && isShown(strip); ++led) {
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
    setAccessibleDescription(stateOf(cursor_) + QStringLiteral("; ") + words(nameOf(panel(), selectedRun())));
}

void BacklightMap::moveCursor(int strips, int leds, bool stretch) {
    if (!stretch) {
        anchorLed_ = -1;
    } else if (anchorLed_ < 0) {
        anchorLed_ = cursor_.led;
        held_.reset();
    }
    const int count = int(panel().strips.size());
    cursor_.strip = std::clamp(cursor_.strip + (stretch ? 0 : strips), 0, count - 1);
    cursor_.led = std::clamp(cursor_.led + leds, 0, panel().strips[cursor_.strip].leds - 1);
    showCursor();
}

/// To the next LED as the current passes them, over the end of a strip into the next one.
void BacklightMap::walkString(int steps) {
    const Run run = backlight::runOnStrip(panel(), cursor_.strip, cursor_.led, cursor_.led);
    const auto order = backlight::ledsInOrder(panel(), run.string);
    const auto here = std::find(order.begin(), order.end(), cursor_) - order.begin();
    cursor_ = order[std::size_t(std::clamp<std::ptrdiff_t>(here + steps, 0, std::ptrdiff_t(order.size()) - 1))];
    anchorLed_ = -1;
    showCursor();
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
            emit marked(cursor_, evidence::LedSeen::Glow::Lit);
            return;
        case Qt::Key_H:
            emit marked(cursor_, evidence::LedSeen::Glow::Dim);
            return;
        case Qt::Key_Z:
            return toggleZoom();
        case Qt::Key_Period:
            return walkString(1);
        case Qt::Key_Comma:
            return walkString(-1);
        case Qt::Key_D:
            emit marked(cursor_, evidence::LedSeen::Glow::Dark);
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
        showCursor();
    }
}

void BacklightMap::mouseMoveEvent(QMouseEvent* event) {
    const auto place = ledAt(event->position());
    if (place && place->strip == cursor_.strip && place->led != cursor_.led) {
        anchorLed_ = anchorLed_ < 0 ? cursor_.led : anchorLed_;
        held_.reset();
        cursor_ = *place;
        showCursor();
    }
}

void BacklightMap::paintEvent(QPaintEvent*) {
    if (shown_ == nullptr) {
        return;
    }
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!zoomed_) {
        paintWires(painter);
    }
    for (int strip = 0; strip < int(marks_.size()); ++strip) {
        if (isShown(strip)) {
            paintStrip(painter, strip);
        }
    }
    for (int strip = 0; strip < int(marks_.size()); ++strip) {
        for (int led = 0; led < int(marks_[strip].size()) && isShown(strip); ++led) {
            paintLed(painter, {strip, led});
        }
    }
    if (zoomed_) {
        paintNodeVolts(painter);
    }
    paintWanted(painter);
    paintSelection(painter);
}

/// Names above the LEDs, the volts expected behind each below them.
void BacklightMap::paintNodeVolts(QPainter& painter) const {
    const auto& p = theme::palette();
    const int leds = int(nodeVolts_.size());
    const double room = leds > 1 ? at({cursor_.strip, 1}).x() - at({cursor_.strip, 0}).x() : 80;
    const int every = std::max(1, int(std::ceil(theme::px(44) / std::max(1.0, room))));
    painter.setFont(theme::quiet());
    for (int led = 0; led < leds; ++led) {
        if (led % places().inALine % every != 0) {
            continue;
        }
        const QPointF c = at({cursor_.strip, led});
        const QRectF box(c.x() - theme::px(30), 0, theme::px(60), theme::px(18));
        painter.setPen(p.text);
        paintText(painter, box.translated(0, c.y() - radius() * 2.1 - theme::px(namesHeight)), Qt::AlignHCenter,
                  QString::fromStdString(nameOf(panel(), LedPlace{cursor_.strip, led})));
        painter.setPen(p.quiet);
        paintText(painter, box.translated(0, c.y() + radius() * 2.1 + theme::px(14)), Qt::AlignHCenter,
                  tr("%L1 V").arg(nodeVolts_[led], 0, 'f', 1));
    }
}

void BacklightMap::paintWires(QPainter& painter) const {
    painter.setPen(QPen(theme::palette().line, theme::px(2)));
    for (const auto& ref : backlight::stringsOf(panel())) {
        const auto order = backlight::ledsInOrder(panel(), ref);
        for (std::size_t i = 1; i < order.size(); ++i) {
            const QPointF from = at(order[i - 1]);
            const QPointF to = at(order[i]);
            if (order[i - 1].strip != order[i].strip) {  // within a strip its own line is drawn
                const bool right = from.x() > width() / 2.0;
                const double x = right ? width() - theme::px(20) : theme::px(22);
                painter.drawPolyline(QPolygonF{from, {x, from.y()}, {x, to.y()}, to});
            }
        }
        painter.save();
        painter.setFont(theme::quiet());
        painter.setPen(theme::palette().quiet);
        const double y = at(order.front()).y();
        paintText(painter, QRectF(theme::px(4), y - theme::px(10), theme::px(40), theme::px(20)),
                  Qt::AlignLeft | Qt::AlignVCenter, tr("LED+"));
        painter.restore();
    }
}

bool BacklightMap::fitsExpectation(int strip) const {
    return !unlikeTwins_[strip] && isAsExpected_[strip];
}

void BacklightMap::paintStrip(QPainter& painter, int strip) const {
    const auto& p = theme::palette();
    std::vector<LedPlace> leds;
    for (int led = 0; led < int(marks_[strip].size()); ++led) {
        leds.push_back({strip, led});
    }
    const auto lines = linesOf(leds, 0, int(leds.size()) - 1);
    const QPointF first = lines.front().first;
    const double pad = radius() * 2.1;
    const double half = radius() * (isCrowded() ? 1.5 : barHeight / 2);
    QColor fill = p.raised;
    fill.setAlphaF(0.75);
    QRectF bar;
    for (const auto& [from, to] : lines) {
        bar = QRectF(QPointF(std::min(from.x(), to.x()) - pad, from.y() - half),
                     QPointF(std::max(from.x(), to.x()) + pad, to.y() + half));
        painter.setPen(Qt::NoPen);
        painter.setBrush(fill);
        painter.drawRoundedRect(bar, theme::px(6), theme::px(6));
        painter.setPen(QPen(p.line, 1.5));
        painter.drawLine(from, to);
    }
    bar.setRight(std::max(bar.right(), lines.front().second.x() + pad));
    painter.setFont(theme::strong());
    painter.setPen(p.text);
    paintText(painter, QRectF(theme::px(4), first.y() - theme::px(10), bar.left() - theme::px(12), theme::px(20)),
              Qt::AlignRight | Qt::AlignVCenter, QString::fromStdString(panel().strips[strip].label));
    if (isCrowded()) {
        // Close strips have their reading at their right end instead of below.
        if (stripVolts_[strip]) {
            painter.setFont(theme::quiet());
            painter.setPen(fitsExpectation(strip) ? p.good : p.ember);
            const QRectF box(bar.right() + theme::px(3), first.y() - theme::px(9), theme::px(52), theme::px(18));
            painter.fillRect(box, p.panel);  // the string's line runs behind it
            paintText(painter, box, Qt::AlignLeft | Qt::AlignVCenter, tr("%L1 V").arg(*stripVolts_[strip], 0, 'f', 1));
        }
        return;
    }
    const QRectF below(bar.left(), bar.bottom() + theme::px(zoomed_ ? 40 : 3), bar.width(), theme::px(18));
    painter.setFont(theme::quiet());
    painter.setPen(p.quiet);
    paintText(painter, below, Qt::AlignLeft,
              tr("expect %L1 V").arg(shown_->assessment.expected.stripVolts[strip], 0, 'f', 1));
    if (stripVolts_[strip]) {
        painter.setPen(fitsExpectation(strip) ? p.good : p.ember);
        const QString words = unlikeTwins_[strip] ? tr("read %L1 V, unlike its twins") : tr("read %L1 V");
        paintText(painter, below, Qt::AlignRight, words.arg(*stripVolts_[strip], 0, 'f', 1));
    } else {
        painter.setPen(noneLit_[strip] ? p.ember : p.quiet);
        paintText(painter, below, Qt::AlignRight, noneLit_[strip] ? tr("none lit") : tr("not measured"));
    }
}

void BacklightMap::paintMark(QPainter& painter, QPointF c, Mark mark) const {
    const auto& p = theme::palette();
    const double r = radius();
    painter.setBrush(Qt::NoBrush);
    switch (mark) {
        case Mark::Lit: {
            const double glow = r * (isCrowded() ? 1.7 : 2.4);
            QRadialGradient halo(c, glow);
            QColor inner = p.lit;
            inner.setAlphaF(0.55F);
            QColor outer = p.lit;
            outer.setAlphaF(0);
            halo.setColorAt(0.3, inner);
            halo.setColorAt(1, outer);
            painter.setPen(Qt::NoPen);
            painter.setBrush(halo);
            painter.drawEllipse(c, glow, glow);
            painter.setBrush(p.lit);
            painter.drawEllipse(c, r * 0.85, r * 0.85);
            break;
        }
        case Mark::Dim:
            painter.setPen(QPen(p.text, 2));
            painter.setBrush(p.ground);
            painter.drawEllipse(c, r * 0.85, r * 0.85);
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.lit);
            painter.drawPie(QRectF(c.x() - r * 0.85, c.y() - r * 0.85, 1.7 * r, 1.7 * r), 90 * 16, 180 * 16);
            break;
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
}

const QPixmap& BacklightMap::sprite(Mark mark) const {
    auto& picture = sprites_[mark];
    if (picture.isNull()) {
        const double ratio = devicePixelRatioF();
        const int side = 2 * int(std::ceil(radius() * 2.6)) + 2;
        picture = QPixmap(QSize(side, side) * ratio);
        picture.setDevicePixelRatio(ratio);
        picture.fill(Qt::transparent);
        QPainter painter(&picture);
        painter.setRenderHint(QPainter::Antialiasing);
        paintMark(painter, {side / 2.0, side / 2.0}, mark);
    }
    return picture;
}

/// Whether a cross was left at a LED when the set was mended.
bool BacklightMap::isCrossed(LedPlace place) const {
    const auto& located = shown_->assessment.located;
    return hands::tickOf(shown_->job.opening, "step:marks") != nullptr &&
           std::any_of(located.begin(), located.end(), [&](const auto& one) { return one.place == place; });
}

void BacklightMap::paintLed(QPainter& painter, LedPlace place) const {
    const auto& p = theme::palette();
    const QPointF c = at(place);
    const double r = radius();
    const Mark mark = markOf(place);
    const auto& picture = sprite(mark);
    const double half = picture.width() / picture.devicePixelRatio() / 2;
    painter.drawPixmap(c - QPointF(half, half), picture);
    const double share = shown_->assessment.ledShares[place.strip][place.led];
    const bool drawn = mark == Mark::Open || mark == Mark::Shorted;
    if (share > shareWorthDrawing && !drawn) {
        painter.setPen(QPen(p.ember, theme::px(3), Qt::SolidLine, Qt::FlatCap));
        painter.setBrush(Qt::NoBrush);
        const double outer = r * 1.3;
        painter.drawArc(QRectF(c.x() - outer, c.y() - outer, 2 * outer, 2 * outer), 90 * 16, -int(360 * 16 * share));
    }
    if (isCrossed(place)) {
        painter.setPen(QPen(p.text, theme::px(2)));
        painter.drawLine(c - QPointF(r, r), c + QPointF(r, r));
        painter.drawLine(c + QPointF(-r, r), c + QPointF(r, -r));
    }
}

void BacklightMap::paintSelection(QPainter& painter) const {
    const auto& p = theme::palette();
    const Run run = selectedRun();
    const auto order = backlight::ledsInOrder(panel(), run.string);
    const double pad = radius() * 1.75;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(hasFocus() ? p.idle : p.line, 2));
    for (const auto& [a, b] : linesOf(order, run.first, run.last)) {
        painter.drawRoundedRect(QRectF(QPointF(std::min(a.x(), b.x()) - pad, a.y() - pad),
                                       QPointF(std::max(a.x(), b.x()) + pad, b.y() + pad)),
                                theme::px(6), theme::px(6));
    }
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
    if (!wanted_ ||
        (zoomed_ && backlight::ledsInOrder(panel(), wanted_->string)[wanted_->first].strip != cursor_.strip)) {
        return;
    }
    const auto& p = theme::palette();
    const auto order = backlight::ledsInOrder(panel(), wanted_->string);
    const QPointF b = at(order[wanted_->last]);
    painter.setPen(QPen(p.glow, 2));
    painter.setBrush(Qt::NoBrush);
    if (order[wanted_->first].strip == order[wanted_->last].strip) {
        QString name = tr("probe %1").arg(words(nameOf(panel(), *wanted_)));
        for (const auto& [from, to] : linesOf(order, wanted_->first, wanted_->last)) {
            const double left = std::min(from.x(), to.x()) - radius() * 0.8;
            const double right = std::max(from.x(), to.x()) + radius() * 0.8;
            const double y = from.y() - radius() * 2.1 - theme::px(zoomed_ ? 7 + namesHeight : 3);
            painter.drawPolyline(QPolygonF{{left, y + theme::px(6)}, {left, y}, {right, y}, {right, y + theme::px(6)}});
            painter.setFont(theme::quiet());
            paintText(painter,
                      QRectF(left, y - theme::px(19), std::max(right - left, theme::px(160) * 1.0), theme::px(18)),
                      Qt::AlignLeft, std::exchange(name, {}));
        }
    }
    if (wanted_->last + 1 < int(order.size()) && order[wanted_->last + 1].strip == order[wanted_->last].strip) {
        const QPointF next = at(order[wanted_->last + 1]);
        const QPointF c = next.y() == b.y() ? (b + next) / 2 : b + QPointF(2 * radius(), 0);  // on its own line
        const double r = radius() * 1.1;
        painter.drawEllipse(c, r, r);
        for (const QPointF d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) {
            painter.drawLine(c + d * r * 0.6, c + d * r * 1.5);
        }
    }
}

}  // namespace dimglow::app
