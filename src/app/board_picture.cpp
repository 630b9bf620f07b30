#include "app/board_picture.h"

#include <QEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

namespace {

/// The middle column holds the driver, with the most parts.
constexpr double wideColumn = 1.25;

int gap() {
    return theme::px(10);
}
int channelWidth() {
    return theme::px(22);  // between columns, for the wires
}
int headHeight() {
    return theme::px(24);
}
int spotHeight() {
    return theme::px(36);
}

void drawMark(QPainter& painter, const QRectF& box, SpotState state) {
    const auto& p = theme::palette();
    const QPointF at = box.center();
    const double r = box.width() / 2;
    painter.setPen(Qt::NoPen);
    switch (state) {
        case SpotState::Good:
            painter.setBrush(p.good);
            painter.drawEllipse(at, r, r);
            break;
        case SpotState::Bad:
            painter.setBrush(p.ember);
            painter.drawPolygon(QPolygonF{{at.x(), at.y() - r * 1.2},
                                          {at.x() + r * 1.2, at.y()},
                                          {at.x(), at.y() + r * 1.2},
                                          {at.x() - r * 1.2, at.y()}});
            break;
        case SpotState::Doubtful:
            painter.setPen(QPen(p.glow, 1.6));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, r, r);
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.glow);
            painter.drawPie(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r), 90 * 16, 180 * 16);
            break;
        case SpotState::Taken:
            painter.setBrush(p.idle);
            painter.drawEllipse(at, r, r);
            break;
        case SpotState::Missed:
            painter.setPen(QPen(p.quiet, 1.8));
            painter.drawLine(at + QPointF(-r, -r), at + QPointF(r, r));
            painter.drawLine(at + QPointF(-r, r), at + QPointF(r, -r));
            break;
        case SpotState::Unknown: {
            QPen dotted(p.quiet, 1.6, Qt::CustomDashLine, Qt::RoundCap);
            dotted.setDashPattern({0.1, 2});
            painter.setPen(dotted);
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, r, r);
            break;
        }
    }
}

QString wordsOf(SpotState state) {
    switch (state) {
        case SpotState::Unknown:
            return QObject::tr("not taken");
        case SpotState::Taken:
            return QObject::tr("taken");
        case SpotState::Good:
            return QObject::tr("good");
        case SpotState::Doubtful:
            return QObject::tr("doubtful");
        case SpotState::Bad:
            return QObject::tr("bad");
        case SpotState::Missed:
            return QObject::tr("cannot be reached");
    }
    return {};
}

/// One spot, as a button: a chip with its mark below its name, or a mark with name and reading beside it.
class SpotButton : public QAbstractButton {
public:
    SpotButton(const BoardSpot& spot, QWidget* parent) : QAbstractButton(parent), spot_(spot) {
        setObjectName(QStringLiteral("at:") + spot.id);
        setText(spot.value.isEmpty() ? spot.label : spot.label + QLatin1Char(' ') + spot.value);
        setFocusPolicy(Qt::NoFocus);
        setCursor(Qt::PointingHandCursor);
        setAccessibleName(spot.title);
        setAccessibleDescription(spot.value.isEmpty() ? wordsOf(spot.state) : spot.value);
        setPlainToolTip(this, spot.value.isEmpty() ? spot.title : spot.title + QStringLiteral(": ") + spot.value);
        setCheckable(true);
    }
    const BoardSpot& spot() const { return spot_; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const auto& p = theme::palette();
        const QRectF box = QRectF(rect()).adjusted(1, 1, -1, -1);
        painter.setPen(isChecked()    ? QPen(p.glow, 2)
                       : spot_.isNext ? QPen(p.glow, 1, Qt::DashLine)
                       : underMouse() ? QPen(p.quiet, 1)
                                      : QPen(Qt::NoPen));
        painter.setBrush(spot_.isChip || isChecked() ? QBrush(p.panel) : QBrush(Qt::NoBrush));
        painter.drawRoundedRect(box, theme::px(6), theme::px(6));
        const double mark = theme::px(11);
        if (spot_.isChip) {
            painter.setPen(p.text);
            painter.setFont(theme::quiet());
            const QRectF name = box.adjusted(0, theme::px(3), 0, -box.height() / 2);
            paintText(painter, name, Qt::AlignCenter, spot_.label);
            drawMark(painter, QRectF(box.center().x() - mark / 2, box.center().y() + theme::px(4), mark, mark),
                     spot_.state);
            return;
        }
        drawMark(painter, QRectF(box.left() + theme::px(4), box.center().y() - mark / 2, mark, mark), spot_.state);
        const QRectF room = box.adjusted(theme::px(21), theme::px(2), -theme::px(2), -theme::px(2));
        const auto line = [&](const QRectF& in, const QFont& font, const QColor& color, const QString& words) {
            // Whole, and smaller where a language needs the room.
            QFont fitting = font;
            const double needed = QFontMetricsF(font).horizontalAdvance(words) + 1;
            if (needed > in.width()) {
                fitting.setPixelSize(std::max(8, int(font.pixelSize() * in.width() / needed)));
            }
            painter.setFont(fitting);
            painter.setPen(color);
            paintText(painter, in, Qt::AlignVCenter | Qt::AlignLeft, words);
        };
        if (spot_.value.isEmpty()) {
            line(room, theme::quiet(), p.quiet, spot_.label);
            return;
        }
        const double half = room.height() / 2;
        line(room.adjusted(0, 0, 0, -half), theme::quiet(), p.quiet, spot_.label);
        line(room.adjusted(0, half, 0, 0), theme::strong(), p.text, spot_.value);
    }

private:
    BoardSpot spot_;
};

/// Cells that stand side by side in a block, and how many of them a reading takes; a chip takes one. Very many chips
/// are narrower.
struct Grid {
    int cells = 4;
    int ofReading = 2;
};
Grid gridOf(const std::vector<BoardSpot>& spots, int width) {
    constexpr std::size_t many = 24;
    const int room = width - theme::px(16);
    return spots.size() > many ? Grid{std::clamp(room / theme::px(28), 4, 10), 3}
                               : Grid{std::clamp(room / theme::px(42), 4, 6), 2};
}

/// The cells that a spot needs for its name and its value to be read whole.
int spanOf(const BoardSpot& spot, const Grid& grid, int width) {
    const double cell = double(width - theme::px(16)) / grid.cells;
    const double beside = spot.isChip ? theme::px(4) : theme::px(27);
    const double value = spot.isChip ? 0 : QFontMetricsF(theme::strong()).horizontalAdvance(spot.value);
    const double words = std::max(QFontMetricsF(theme::quiet()).horizontalAdvance(spot.label), value);
    const int least = spot.isChip ? 1 : spot.isWide ? grid.cells : grid.ofReading;
    return std::clamp(int(std::ceil((words + beside) / cell)), least, grid.cells);
}

/// How many lines of cells the spots of a block fill: chips fill up what readings leave.
std::vector<QRect> cellsOf(const std::vector<BoardSpot>& spots, const Grid& grid, int width) {
    const int cells = grid.cells;
    std::vector<QRect> at;
    int line = 0;
    int cell = 0;
    for (const auto& spot : spots) {
        const int span = spanOf(spot, grid, width);
        if (cell + span > cells) {
            ++line;
            cell = 0;
        }
        at.emplace_back(cell, line, span, 1);
        cell += span;
    }
    return at;
}

}  // namespace

BoardPicture::BoardPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("The boards of this set"));
}

void BoardPicture::setFooter(QWidget* footer) {
    footer_ = footer;
    footer_->setParent(this);
    place();
}

void BoardPicture::show(const std::vector<BoardBlock>& blocks, const std::vector<std::pair<int, int>>& wires) {
    if (blocks_ == blocks && wires_ == wires) {
        return;
    }
    blocks_ = blocks;
    wires_ = wires;
    build();
}

void BoardPicture::build() {
    for (auto& block : placed_) {
        for (auto* spot : block.spots) {
            spot->hide();
            spot->deleteLater();
        }
    }
    placed_.clear();
    for (const auto& block : blocks_) {
        Placed placed;
        for (const auto& spot : block.spots) {
            auto* button = new SpotButton(spot, this);
            button->setChecked(spot.id == chosen_);
            connect(button, &QAbstractButton::clicked, this, [this, id = spot.id] {
                choose(id);
                emit chosenByHand(id);
            });
            button->show();
            placed.spots.push_back(button);
        }
        placed_.push_back(std::move(placed));
    }
    if (footer_ != nullptr) {
        footer_->show();
    }
    updateGeometry();
    place();
    update();
}

int BoardPicture::columns() const {
    int columns = 1;
    for (const auto& block : blocks_) {
        columns = std::max(columns, block.column + 1);
    }
    return columns;
}

int BoardPicture::widthOf(int column) const {
    const int count = columns();
    const bool isOfBoards = count == 3 && !wires_.empty();
    const double weights = isOfBoards ? 2 + wideColumn : count;
    const double room = width() - (count - 1) * channelWidth();
    return int(room / weights * (isOfBoards && column == 1 ? wideColumn : 1));
}

int BoardPicture::leftOf(int column) const {
    int left = 0;
    for (int before = 0; before < column; ++before) {
        left += widthOf(before) + channelWidth();
    }
    return left;
}

int BoardPicture::heightOf(const BoardBlock& block) const {
    const auto at = cellsOf(block.spots, gridOf(block.spots, widthOf(block.column)), widthOf(block.column));
    const int lines = at.empty() ? 0 : at.back().y() + 1;
    return headHeight() + lines * (spotHeight() + theme::px(2)) + theme::px(8);
}

int BoardPicture::heightOfColumn(int column) const {
    int height = -gap();
    for (const auto& block : blocks_) {
        height += block.column == column ? heightOf(block) + gap() : 0;
    }
    return std::max(0, height);
}

int BoardPicture::heightOfFooter() const {
    return footer_->heightForWidth(width() - (columns() > 1 ? leftOf(1) : 0));
}

QSize BoardPicture::sizeHint() const {
    int height = 0;
    int behind = 0;
    for (int column = 0; column < columns(); ++column) {
        height = std::max(height, heightOfColumn(column));
        behind = column > 0 ? std::max(behind, heightOfColumn(column)) : behind;
    }
    const int footer = footer_ == nullptr ? 0 : behind + gap() + heightOfFooter();
    return {theme::px(660), std::max(height, footer)};
}

QSize BoardPicture::minimumSizeHint() const {
    return {theme::px(560), sizeHint().height()};
}

void BoardPicture::place() {
    const int count = columns();
    std::vector<int> tops(std::size_t(count), 0);
    std::vector<std::size_t> order(blocks_.size());
    for (std::size_t i = 0; i < order.size(); ++i) {
        order[i] = i;
    }
    std::sort(order.begin(), order.end(), [&](auto a, auto b) { return blocks_[a].row < blocks_[b].row; });
    for (const auto b : order) {
        const auto& block = blocks_[b];
        auto& placed = placed_[b];
        const int width = widthOf(block.column);
        const int x = leftOf(block.column);
        const Grid grid = gridOf(block.spots, width);
        placed.frame = {x, tops[std::size_t(block.column)], width, heightOf(block)};
        tops[std::size_t(block.column)] += placed.frame.height() + gap();
        const int margin = theme::px(8);
        const double cell = double(width - 2 * margin) / grid.cells;
        const auto at = cellsOf(block.spots, grid, width);
        for (std::size_t i = 0; i < placed.spots.size(); ++i) {
            const int left = x + margin + int(at[i].x() * cell);
            const int y = placed.frame.top() + headHeight() + at[i].y() * (spotHeight() + theme::px(2));
            placed.spots[i]->setGeometry(left + 1, y, int(at[i].width() * cell) - 2, spotHeight());
        }
    }
    if (footer_ != nullptr) {
        const bool isBeside = count > 1;
        int top = 0;
        for (int column = isBeside ? 1 : 0; column < count; ++column) {
            top = std::max(top, tops[std::size_t(column)]);
        }
        const int left = isBeside ? leftOf(1) : 0;
        footer_->setGeometry(left, top, this->width() - left, heightOfFooter());
    }
}

bool BoardPicture::event(QEvent* event) {
    if (event->type() == QEvent::LayoutRequest) {  // of the footer, which no layout holds
        updateGeometry();
        place();
    }
    return QWidget::event(event);
}

void BoardPicture::resizeEvent(QResizeEvent*) {
    updateGeometry();  // more cells side by side make it lower
    place();
}

void BoardPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    painter.setBrush(Qt::NoBrush);
    int lane = 0;
    for (const auto& [from, to] : wires_) {
        const QRectF a = placed_[std::size_t(from)].frame;
        const QRectF b = placed_[std::size_t(to)].frame;
        painter.setPen(QPen(p.quiet, 1.5));
        QPainterPath wire;
        if (blocks_[std::size_t(from)].column == blocks_[std::size_t(to)].column) {
            const double x = a.left() + a.width() / 2;
            wire.moveTo(x, std::min(a.bottom(), b.bottom()));
            wire.lineTo(x, std::max(a.top(), b.top()));
        } else {
            const bool isRight = a.left() < b.left();
            const QPointF start(isRight ? a.right() : a.left(), a.top() + headHeight() / 2.0 + theme::px(6));
            const QPointF end(isRight ? b.left() : b.right(),
                              std::clamp(start.y(), b.top() + theme::px(14), b.bottom() - theme::px(14)));
            const double middle =
                (isRight ? a.right() : b.right()) + channelWidth() / 2.0 + theme::px(lane % 2 == 0 ? -3 : 3);
            ++lane;
            wire.moveTo(start);
            wire.lineTo(middle, start.y());
            wire.lineTo(middle, end.y());
            wire.lineTo(end);
        }
        painter.drawPath(wire);
    }
    for (std::size_t i = 0; i < blocks_.size(); ++i) {
        const auto& block = blocks_[i];
        const QRectF frame = QRectF(placed_[i].frame).adjusted(0.5, 0.5, -0.5, -0.5);
        constexpr double leads = 0.5;
        painter.setPen(QPen(block.suspicion > leads ? p.ember : p.line, block.suspicion > leads ? 1.6 : 1));
        QColor ground = p.raised;
        if (block.isHot) {
            ground = QColor::fromRgbF(float(0.88 * p.raised.redF() + 0.12 * p.ember.redF()),
                                      float(0.88 * p.raised.greenF() + 0.12 * p.ember.greenF()),
                                      float(0.88 * p.raised.blueF() + 0.12 * p.ember.blueF()));
        }
        painter.setBrush(ground);
        painter.drawRoundedRect(frame, theme::px(8), theme::px(8));
        const QRectF head(frame.left() + theme::px(12), frame.top() + theme::px(2), frame.width() - theme::px(24),
                          headHeight());
        painter.setPen(p.text);
        painter.setFont(theme::strong());
        paintText(painter, head, Qt::AlignVCenter | Qt::AlignLeft, block.title);
        painter.setFont(theme::quiet());
        painter.setPen(block.isHot ? p.ember : p.quiet);
        paintText(
            painter, head, Qt::AlignVCenter | Qt::AlignRight,
            block.isHot ? (block.share.isEmpty() ? tr("hot side") : tr("hot side, %1").arg(block.share)) : block.share);
    }
}

QAbstractButton* BoardPicture::spotNamed(const QString& id) const {
    for (const auto& block : placed_) {
        for (auto* spot : block.spots) {
            if (static_cast<SpotButton*>(spot)->spot().id == id) {
                return spot;
            }
        }
    }
    return nullptr;
}

const QWidget* BoardPicture::chosenSpot() const {
    return spotNamed(chosen_);
}

bool BoardPicture::has(const QString& id) const {
    return spotNamed(id) != nullptr;
}

void BoardPicture::choose(const QString& id) {
    chosen_ = id;
    for (const auto& block : placed_) {
        for (auto* spot : block.spots) {
            spot->setChecked(static_cast<SpotButton*>(spot)->spot().id == id);
        }
    }
}

void BoardPicture::step(int columns, int rows) {
    const auto* from = spotNamed(chosen_);
    if (from == nullptr) {
        return;
    }
    const QPointF at = from->geometry().center();
    const QAbstractButton* best = nullptr;
    double least = INFINITY;
    constexpr double aside = 3;  ///< going aside counts so much more than going on
    for (const auto& block : placed_) {
        for (const auto* spot : block.spots) {
            const QPointF way = QPointF(spot->geometry().center()) - at;
            const double on = way.x() * columns + way.y() * rows;
            const double off = std::abs(way.x() * rows) + std::abs(way.y() * columns);
            if (spot != from && on > theme::px(4) && on + aside * off < least) {
                least = on + aside * off;
                best = spot;
            }
        }
    }
    if (best != nullptr) {
        const QString id = static_cast<const SpotButton*>(best)->spot().id;
        choose(id);
        emit chosenByHand(id);
    }
}

}  // namespace dimglow::app
