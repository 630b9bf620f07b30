#include "app/opening_picture.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/painted_text.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

using hands::Item;
using hands::Layer;
using hands::LayerKind;
using hands::Place;
using hands::What;

namespace {

constexpr double tallestRow = 58;
constexpr int mostDrawn = 60;  ///< of one sort

/// "14 × M3×8 · 4 × M4×12", as short as it may be.
QString heldBy(const Layer& layer) {
    QStringList parts;
    int films = 0;
    for (const auto& item : layer.items) {
        if (item.what == What::Film) {
            ++films;
        } else {
            const QString name =
                item.size.empty() ? words(hands::wordsOf(item.what)) : QString::fromStdString(item.size);
            parts << QStringLiteral("%1 %2")
                         .arg(item.count)
                         .arg(item.what == What::Loose && !item.words.empty() ? QString::fromStdString(item.words)
                                                                              : name);
        }
    }
    if (films > 0) {
        parts.prepend(language::counted(films, StackPicture::tr("1 film"), StackPicture::tr("%1 films")));
    }
    return parts.join(QStringLiteral(" · "));
}

QString stateOf(const Layer& layer) {
    switch (layer.state) {
        case Layer::State::On:
            return {};
        case Layer::State::Off:
            return StackPicture::tr("out");
        case Layer::State::Back:
            break;
    }
    return StackPicture::tr("✓ back");
}

/// A sheet seen from the side and a little from above.
QPolygonF sheetIn(const QRectF& room) {
    const double slant = 0.24 * room.width();
    return QPolygonF{QPointF(room.left() + slant, room.top()), room.topRight(),
                     QPointF(room.right() - slant, room.bottom()), room.bottomLeft()};
}

}  // namespace

StackPicture::StackPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("The layers as they lie"));
}

QSize StackPicture::minimumSizeHint() const {
    return {theme::px(280), theme::px(std::max(160.0, 24.0 * double(opening_.layers.size())))};
}

void StackPicture::show(const hands::Opening& opening, int current) {
    opening_ = opening;
    current_ = current;
    const auto* layer = opening_.layer(current);
    setAccessibleDescription(layer == nullptr ? QString() : words(hands::wordsOf(*layer)));
    updateGeometry();
    update();
}

double StackPicture::rowHeight() const {
    return std::min(double(theme::px(tallestRow)), height() / double(std::max<std::size_t>(1, opening_.layers.size())));
}

void StackPicture::mousePressEvent(QMouseEvent* event) {
    const auto row = std::size_t(std::max(0.0, event->position().y() / rowHeight()));
    if (row < opening_.layers.size()) {
        emit chosen(opening_.layers[row].id);
    }
}

/// The sheets of one layer: as many as it has films, dots where it holds LEDs.
void StackPicture::paintSheets(QPainter& painter, const Layer& layer, const QRectF& room) const {
    const auto& p = theme::palette();
    const bool isHere = layer.id == current_;
    const bool isOff = layer.state == Layer::State::Off;
    const auto films =
        std::count_if(layer.items.begin(), layer.items.end(), [](const Item& item) { return item.what == What::Film; });
    const int sheets = int(std::clamp<long>(films, 1, 5));
    QColor fill = layer.kind == LayerKind::Glass ? p.idle : isHere ? p.glow : p.raised;
    fill.setAlphaF(isOff ? 0.0F : layer.kind == LayerKind::Glass || isHere ? 0.35F : 1.0F);
    painter.setPen(QPen(isHere ? p.glow : p.line, isHere ? 2 : 1, isOff ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(fill);
    const double step = std::min(double(theme::px(5)), room.height() / (2.0 * sheets));
    for (int sheet = sheets; sheet-- > 0;) {
        painter.drawPolygon(sheetIn(room).translated(0, sheet * step));
    }
    if (layer.kind == LayerKind::Strips || layer.kind == LayerKind::Lamps) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(isOff ? p.line : p.lit);
        constexpr int columns = 6;
        constexpr int rows = 3;
        for (int i = 0; i < columns * rows; ++i) {
            const int row = i / columns;
            const double across = (i % columns + 1.0) / (columns + 1);
            const double down = (row + 1.0) / (rows + 1);
            const auto sheet = sheetIn(room);
            const QPointF left = sheet[0] + (sheet[3] - sheet[0]) * down;
            const QPointF right = sheet[1] + (sheet[2] - sheet[1]) * down;
            painter.drawEllipse(left + (right - left) * across, theme::px(2), theme::px(2));
        }
    }
}

void StackPicture::paintLayer(QPainter& painter, const Layer& layer, double top) const {
    const auto& p = theme::palette();
    const double row = rowHeight();
    const bool isHere = layer.id == current_;
    const double aside = layer.state == Layer::State::Off ? theme::px(26) : 0;
    const double sheetWidth = std::min(0.36 * width(), double(theme::px(170)));
    paintSheets(painter, layer, {theme::px(4) + aside, top + 0.1 * row, sheetWidth - theme::px(30), 0.55 * row});
    const double left = sheetWidth + theme::px(16);
    const double line = QFontMetricsF(theme::strong()).height();
    const double room = width() - left;
    painter.setFont(theme::strong());
    painter.setPen(isHere ? p.glow : layer.state == Layer::State::Off ? p.quiet : p.text);
    const bool isTall = row > 2.1 * line;
    const double height = isTall ? line * 1.15 : row;
    const double y = isTall ? top + (row - 2.2 * line) / 2 : top;
    paintText(painter, {left, y, room - theme::px(62), height}, Qt::AlignLeft | Qt::AlignVCenter,
              words(hands::wordsOf(layer)));
    painter.setFont(theme::quiet());
    painter.setPen(layer.state == Layer::State::Back ? p.good : p.quiet);
    paintText(painter, {left + room - theme::px(60), y, double(theme::px(58)), height},
              Qt::AlignRight | Qt::AlignVCenter, stateOf(layer));
    painter.setPen(p.quiet);
    const double name = QFontMetricsF(theme::strong()).horizontalAdvance(words(hands::wordsOf(layer))) + theme::px(10);
    paintRemark(painter,
                isTall ? QRectF(left, y + height, room - theme::px(4), line)
                       : QRectF(left + name, y, room - name - theme::px(62), height),
                Qt::AlignLeft | Qt::AlignVCenter, heldBy(layer));
}

void StackPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(theme::strong());
    for (std::size_t i = 0; i < opening_.layers.size(); ++i) {
        paintLayer(painter, opening_.layers[i], double(i) * rowHeight());
    }
    if (opening_.layers.empty()) {
        painter.setPen(theme::palette().quiet);
        painter.setFont(theme::body());
        paintText(painter, rect(), Qt::AlignCenter | Qt::TextWordWrap,
                  tr("Nothing is written down yet.\nAlt+L starts with the usual layers of such a set, Alt+E with those "
                     "of an earlier job;\nor type what comes off first."));
    }
}

LayerPicture::LayerPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("The layer and what holds it"));
}

QSize LayerPicture::minimumSizeHint() const {
    return {theme::px(240), theme::px(130)};
}

void LayerPicture::show(const Layer& layer) {
    layer_ = layer;
    update();
}

void LayerPicture::showNothing() {
    show({});
}

namespace {

std::vector<const Item*> filmsOf(const Layer& layer) {
    std::vector<const Item*> films;
    for (const auto& item : layer.items) {
        if (item.what == What::Film) {
            films.push_back(&item);
        }
    }
    return films;
}

/// \p count spots on the line from \p from to \p to, as far apart as they can be.
void spread(std::vector<QPointF>& spots, int count, QPointF from, QPointF to) {
    for (int i = 0; i < count; ++i) {
        const double share = count == 1 ? 0.5 : double(i) / (count - 1);
        spots.push_back(from + (to - from) * share);
    }
}

/// Where things of one sort stand on the outline of a layer; nowhere, while nobody has said.
std::vector<QPointF> spotsOf(const Item& item, const QRectF& on) {
    std::vector<QPointF> spots;
    const int count = std::min(item.count, mostDrawn);
    const QPointF inX(0.12 * on.width(), 0);
    switch (item.place) {
        case Place::Unsaid:
            break;
        case Place::Around: {
            const double length = 2 * (on.width() + on.height());
            for (int i = 0; i < count; ++i) {
                double at = length * i / count;
                const double sides[] = {on.width(), on.height(), on.width(), on.height()};
                const QPointF corners[] = {on.topLeft(), on.topRight(), on.bottomRight(), on.bottomLeft()};
                int side = 0;
                while (side < 3 && at > sides[side]) {
                    at -= sides[side++];
                }
                spots.push_back(corners[side] + (corners[(side + 1) % 4] - corners[side]) * (at / sides[side]));
            }
            break;
        }
        case Place::Top:
            spread(spots, count, on.topLeft() + inX, on.topRight() - inX);
            break;
        case Place::Bottom:
            spread(spots, count, on.bottomLeft() + inX, on.bottomRight() - inX);
            break;
        case Place::Left:
            spread(spots, count, on.topLeft() + inX.transposed(), on.bottomLeft() - inX.transposed());
            break;
        case Place::Right:
            spread(spots, count, on.topRight() + inX.transposed(), on.bottomRight() - inX.transposed());
            break;
        case Place::Corners: {
            const QPointF corners[] = {on.topLeft(), on.topRight(), on.bottomRight(), on.bottomLeft()};
            for (int i = 0; i < std::min(count, 4); ++i) {
                spots.push_back(corners[i]);
            }
            break;
        }
        case Place::Middle:
            spread(spots, count, on.center() - 2.2 * inX, on.center() + 2.2 * inX);
            break;
        case Place::Stand: {
            const QPointF foot(on.center().x(), on.bottom() - 0.24 * on.height());
            spread(spots, count, foot - 1.2 * inX, foot + 1.2 * inX);
            break;
        }
        case Place::UnderBoard: {
            const QPointF board(on.left() + 0.3 * on.width(), on.top() + 0.38 * on.height());
            spread(spots, count, board - 0.8 * inX, board + 0.8 * inX);
            break;
        }
    }
    return spots;
}

/// Shapes tell sorts apart: a head with its mark, a bar, a square; colour only repeats it.
void paintGlyph(QPainter& painter, QPointF at, What what, int sort) {
    const auto& p = theme::palette();
    const QColor colors[] = {p.text, p.idle, p.glow, p.good};
    const double r = theme::px(5);
    painter.setPen(QPen(colors[sort % 4], 1.5));
    painter.setBrush(p.panel);
    switch (what) {
        case What::Screw:
            painter.drawEllipse(at, r, r);
            painter.drawLine(at - QPointF(0.55 * r, 0), at + QPointF(0.55 * r, 0));
            if (sort % 2 == 1) {
                painter.drawLine(at - QPointF(0, 0.55 * r), at + QPointF(0, 0.55 * r));
            }
            break;
        case What::Nut:
            painter.drawPolygon(QPolygonF{at + QPointF(r, 0), at + QPointF(0.5 * r, 0.87 * r),
                                          at + QPointF(-0.5 * r, 0.87 * r), at + QPointF(-r, 0),
                                          at + QPointF(-0.5 * r, -0.87 * r), at + QPointF(0.5 * r, -0.87 * r)});
            break;
        case What::Clip:
        case What::Lever:
            painter.drawRect(QRectF(at.x() - r, at.y() - 0.4 * r, 2 * r, 0.8 * r));
            break;
        case What::Pin:
            painter.setBrush(colors[sort % 4]);
            painter.drawEllipse(at, 0.45 * r, 0.45 * r);
            break;
        case What::Foil:
        case What::Tape:
            painter.setBrush(QBrush(colors[sort % 4], Qt::BDiagPattern));
            painter.drawRect(QRectF(at.x() - 1.4 * r, at.y() - 0.7 * r, 2.8 * r, 1.4 * r));
            break;
        case What::Cable:
            painter.drawRect(QRectF(at.x() - 1.6 * r, at.y() - 0.35 * r, 3.2 * r, 0.7 * r));
            painter.drawLine(at - QPointF(1.2 * r, 0), at + QPointF(1.2 * r, 0));
            break;
        case What::Plug:
            painter.drawRect(QRectF(at.x() - 0.8 * r, at.y() - 0.8 * r, 1.6 * r, 1.6 * r));
            break;
        case What::Film:
        case What::Loose:
            painter.drawPolygon(
                QPolygonF{at + QPointF(r, 0), at + QPointF(0, r), at - QPointF(r, 0), at - QPointF(0, r)});
            break;
    }
}

double legendLine() {
    return 1.3 * QFontMetricsF(theme::quiet()).height();
}

/// A film with its notch and its lines.
void paintFilm(QPainter& painter, const Item& film, const QRectF& at) {
    const auto& p = theme::palette();
    const double cut = 0.3 * at.height();
    const QPointF corners[] = {at.topLeft(), at.topRight(), at.bottomRight(), at.bottomLeft()};
    const hands::Corner notches[] = {hands::Corner::TopLeft, hands::Corner::TopRight, hands::Corner::BottomRight,
                                     hands::Corner::BottomLeft};
    QPolygonF sheet;
    for (int i = 0; i < 4; ++i) {
        const QPointF before = corners[(i + 3) % 4] - corners[i];
        const QPointF behind = corners[(i + 1) % 4] - corners[i];
        if (film.notch == notches[i]) {
            sheet << corners[i] + before / std::hypot(before.x(), before.y()) * cut
                  << corners[i] + behind / std::hypot(behind.x(), behind.y()) * cut;
        } else {
            sheet << corners[i];
        }
    }
    painter.setPen(QPen(p.glow, 1.5));
    painter.setBrush(film.side == hands::Side::DullUp ? p.raised : p.ground);
    painter.drawPolygon(sheet);
    painter.setPen(QPen(p.quiet, 1));
    constexpr int lines = 4;
    for (int i = 1; film.lines != hands::Lines::Unsaid && i <= lines; ++i) {
        const double share = double(i) / (lines + 1);
        const double inset = 0.12 * at.width();
        if (film.lines == hands::Lines::Across) {
            const double y = at.top() + share * at.height();
            painter.drawLine(QPointF(at.left() + inset, y), QPointF(at.right() - inset, y));
        } else {
            const double x = at.left() + share * at.width();
            painter.drawLine(QPointF(x, at.top() + 0.15 * at.height()), QPointF(x, at.bottom() - 0.15 * at.height()));
        }
    }
}

}  // namespace

QRectF LayerPicture::outline() const {
    const double legend = double(layer_.items.size()) * legendLine();
    const QRectF room = QRectF(rect()).adjusted(theme::px(12), theme::px(12), -theme::px(12), -theme::px(8) - legend);
    constexpr double aspect = 16.0 / 9;
    const double width = std::max(20.0, std::min(room.width(), aspect * room.height()));
    return {room.center().x() - width / 2, room.top(), width, width / aspect};
}

void LayerPicture::paintFilms(QPainter& painter, const std::vector<const Item*>& films) const {
    const auto& p = theme::palette();
    const double row = std::min(double(theme::px(52)), (height() - theme::px(4)) / double(films.size()));
    for (std::size_t i = 0; i < films.size(); ++i) {
        const double top = double(i) * row;
        paintFilm(painter, *films[i], {double(theme::px(6)), top + 0.14 * row, 1.2 * row, 0.72 * row});
        const double left = 1.2 * row + theme::px(20);
        const Item& film = *films[i];
        painter.setPen(p.text);
        painter.setFont(theme::body());
        const QString name =
            film.words.empty() ? words(hands::wordsOf(What::Film)) : QString::fromStdString(film.words);
        paintText(painter, {left, top, width() - left, row / 2}, Qt::AlignLeft | Qt::AlignBottom,
                  QStringLiteral("%1  %2").arg(i + 1).arg(name));
        QStringList traits;
        for (const auto& trait : {hands::wordsOf(film.lines), hands::wordsOf(film.side), hands::wordsOf(film.notch)}) {
            if (!trait.empty()) {
                traits << words(trait);
            }
        }
        painter.setPen(p.quiet);
        painter.setFont(theme::quiet());
        paintRemark(painter, {left, top + row / 2, width() - left, row / 2}, Qt::AlignLeft | Qt::AlignTop,
                    traits.isEmpty() ? tr("side and notch not said") : traits.join(QStringLiteral(" · ")));
    }
}

void LayerPicture::paintOutline(QPainter& painter) const {
    const auto& p = theme::palette();
    const QRectF on = outline();
    painter.setPen(QPen(p.line, 2));
    painter.setBrush(p.ground);
    painter.drawRoundedRect(on, theme::px(5), theme::px(5));
    const auto has = [&](Place place) {
        return std::any_of(layer_.items.begin(), layer_.items.end(),
                           [&](const Item& item) { return item.place == place; });
    };
    painter.setPen(QPen(p.line, 1));
    painter.setBrush(p.panel);
    if (has(Place::Stand)) {
        painter.drawRect(QRectF(on.center().x() - 0.18 * on.width(), on.bottom() - 0.16 * on.height(),
                                0.36 * on.width(), 0.16 * on.height()));
    }
    if (has(Place::UnderBoard)) {
        painter.drawRect(QRectF(on.left() + 0.16 * on.width(), on.top() + 0.24 * on.height(), 0.28 * on.width(),
                                0.28 * on.height()));
    }
    const QFontMetricsF metrics(theme::quiet());
    double y = on.bottom() + theme::px(8);
    for (std::size_t i = 0; i < layer_.items.size(); ++i) {
        const Item& item = layer_.items[i];
        const double inset = theme::px(11) + theme::px(13) * double(i % 2);
        for (const auto& spot : spotsOf(item, on.adjusted(inset, inset, -inset, -inset))) {
            paintGlyph(painter, spot, item.what, int(i));
        }
        paintGlyph(painter, {double(theme::px(14)), y + legendLine() / 2}, item.what, int(i));
        painter.setPen(p.text);
        painter.setFont(theme::quiet());
        paintRemark(painter, {double(theme::px(28)), y, width() - double(theme::px(30)), legendLine()},
                    Qt::AlignLeft | Qt::AlignVCenter, words(hands::wordsOf(item)));
        y += legendLine();
    }
}

void LayerPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (const auto films = filmsOf(layer_); !films.empty()) {
        paintFilms(painter, films);
    } else if (layer_.id > 0) {
        paintOutline(painter);
    }
}

}  // namespace dimglow::app
