#include "app/sum_picture.h"

#include <QPainter>
#include <QPainterPath>

#include "app/painted_text.h"
#include "app/theme.h"

namespace dimglow::app {

using sums::Picture;

namespace {

/// Drawings are made on a field of this size.
constexpr double wide = 320;
constexpr double tall = 150;

}  // namespace

/// Draws parts of a circuit on the field.
class SumPicture::Pen {
public:
    Pen(QPainter& painter, const std::map<std::string, QString>& values) : painter_(painter), values_(values) {
        painter_.setPen(QPen(theme::palette().text, 1.6));
        painter_.setBrush(Qt::NoBrush);
    }

    void wire(std::initializer_list<QPointF> points) { painter_.drawPolyline(QPolygonF(QList<QPointF>(points))); }
    /// In the middle of a wire, along it.
    void resistor(QPointF from, QPointF to, const char* id = "") {
        along(
            from, to, [this] { painter_.drawRect(QRectF(-14, -5, 28, 10)); }, 14);
        name(from, to, id);
    }
    void coil(QPointF from, QPointF to, const char* id = "") {
        along(
            from, to,
            [this] {
                for (int turn = 0; turn < 4; ++turn) {
                    painter_.drawArc(QRectF(-16 + 8 * turn, -5, 8, 10), 0, 180 * 16);
                }
            },
            16);
        name(from, to, id);
    }
    void diode(QPointF from, QPointF to, const char* id = "") {
        along(
            from, to,
            [this] {
                painter_.drawPolygon(QPolygonF(QList<QPointF>{{-7, -6}, {-7, 6}, {6, 0}}));
                painter_.drawLine(QPointF(6, -6), QPointF(6, 6));
                painter_.drawLine(QPointF(-7, 0), QPointF(6, 0));
            },
            7);
        name(from, to, id);
    }
    void capacitor(QPointF from, QPointF to, const char* id = "") {
        along(
            from, to,
            [this] {
                painter_.drawLine(QPointF(-3, -9), QPointF(-3, 9));
                painter_.drawLine(QPointF(3, -9), QPointF(3, 9));
            },
            3);
        name(from, to, id);
    }
    void box(const QRectF& at, const QString& words) {
        painter_.drawRoundedRect(at, 4, 4);
        painter_.setFont(theme::quiet());
        text(at, Qt::AlignCenter, words);
    }
    void ground(QPointF at) {
        wire({at, at + QPointF(0, 6)});
        for (int i = 0; i < 3; ++i) {
            painter_.drawLine(at + QPointF(-8 + 3 * i, 6 + 3 * i), at + QPointF(8 - 3 * i, 6 + 3 * i));
        }
    }
    /// A value, if it is known, at a point; to its right, or to its left.
    void value(QPointF at, const char* id, bool toTheLeft = false) {
        const auto found = values_.find(id);
        if (found != values_.end()) {
            painter_.save();
            painter_.setPen(theme::palette().glow);
            painter_.setFont(theme::quiet());
            text(QRectF(at.x() - (toTheLeft ? 90 : 0), at.y() - 9, 90, 18),
                 (toTheLeft ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, found->second);
            painter_.restore();
        }
    }

private:
    /// Both legs of a part, and the part turned along them.
    template <class Draw>
    void along(QPointF from, QPointF to, Draw draw, double half) {
        const QLineF line(from, to);
        const QPointF middle = line.center();
        const QPointF step = QPointF(line.dx(), line.dy()) / line.length() * half;
        painter_.drawLine(from, middle - step);
        painter_.drawLine(middle + step, to);
        painter_.save();
        painter_.translate(middle);
        painter_.rotate(-line.angle());
        draw();
        painter_.restore();
    }
    void name(QPointF from, QPointF to, const char* id) {
        const QPointF middle = (from + to) / 2;
        const bool isUpright = std::abs(from.x() - to.x()) < std::abs(from.y() - to.y());
        value(isUpright ? middle + QPointF(12, 0) : middle + QPointF(-20, -18), id);
    }
    /// Words keep the size of the theme, whatever the drawing is scaled to.
    void text(const QRectF& at, int flags, const QString& words) {
        const QTransform place = painter_.transform();
        const QRectF box = place.mapRect(at);
        painter_.save();
        painter_.resetTransform();
        paintRemark(painter_, box, flags, words);
        painter_.restore();
    }

    QPainter& painter_;
    const std::map<std::string, QString>& values_;
};

SumPicture::SumPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
}

QSize SumPicture::sizeHint() const {
    return {theme::px(wide), picture_ == Picture::None ? 0 : theme::px(tall)};
}

void SumPicture::show(Picture picture, std::map<std::string, QString> values) {
    picture_ = picture;
    values_ = std::move(values);
    updateGeometry();
    update();
}

void SumPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double times = std::min(width() / wide, height() / tall);
    painter.translate((width() - wide * times) / 2, (height() - tall * times) / 2);
    painter.scale(times, times);
    Pen pen(painter, values_);
    switch (picture_) {
        case Picture::Boost:
            pen.wire({{20, 40}, {50, 40}});
            pen.coil({50, 40}, {130, 40}, "l");
            pen.diode({130, 40}, {220, 40});
            pen.wire({{220, 40}, {290, 40}});
            pen.wire({{130, 40}, {130, 70}});
            pen.box({115, 70, 30, 26}, QStringLiteral("M"));
            pen.wire({{130, 96}, {130, 112}});
            pen.ground({130, 112});
            pen.capacitor({220, 40}, {220, 112});
            pen.ground({220, 112});
            pen.value({4, 24}, "vin");
            pen.value({4, 60}, "iin");
            pen.value({236, 24}, "vout");
            pen.value({236, 58}, "iout");
            pen.value({150, 84}, "peak");
            break;
        case Picture::Divider:
            pen.wire({{60, 10}, {160, 10}});
            pen.resistor({160, 10}, {160, 66}, "top");
            pen.wire({{160, 66}, {230, 66}});
            pen.box({230, 52, 60, 28}, tr("chip"));
            pen.resistor({160, 66}, {160, 122}, "bottom");
            pen.ground({160, 122});
            pen.value({150, 14}, "vout", true);
            pen.value({180, 52}, "vref");
            break;
        case Picture::Sense:
            pen.diode({160, 6}, {160, 46});
            pen.wire({{160, 46}, {160, 70}});
            pen.wire({{160, 62}, {230, 62}});
            pen.box({230, 48, 60, 28}, tr("chip"));
            pen.resistor({160, 70}, {160, 122}, "r");
            pen.ground({160, 122});
            pen.value({150, 26}, "i", true);
            pen.value({170, 46}, "constant");
            pen.value({150, 98}, "want", true);
            break;
        case Picture::Set:
            pen.box({60, 40, 90, 60}, tr("chip"));
            pen.wire({{150, 70}, {210, 70}});
            pen.resistor({210, 70}, {210, 122}, "r");
            pen.ground({210, 122});
            pen.value({50, 60}, "i", true);
            pen.value({226, 72}, "constant");
            pen.value({226, 120}, "fitted");
            break;
        case Picture::Winding:
            pen.coil({70, 100}, {70, 50}, "base");
            pen.coil({70, 50}, {70, 6}, "turns");
            pen.wire({{70, 6}, {120, 6}});
            pen.diode({120, 6}, {200, 6});
            pen.wire({{200, 6}, {280, 6}});
            pen.capacitor({240, 6}, {240, 100});
            pen.wire({{70, 100}, {280, 100}});
            pen.ground({240, 100});
            pen.value({252, 24}, "aiding");
            pen.value({84, 66}, "turn");
            break;
        case Picture::Start:
            pen.wire({{30, 20}, {60, 20}});
            pen.resistor({60, 20}, {180, 20}, "r");
            pen.wire({{180, 20}, {250, 20}});
            pen.box({250, 8, 50, 28}, tr("chip"));
            pen.diode({180, 112}, {180, 20}, "vz");
            pen.ground({180, 112});
            pen.value({4, 40}, "rail");
            pen.value({240, 52}, "icc");
            pen.value({170, 100}, "iz", true);
            break;
        case Picture::Discharge:
            pen.wire({{90, 20}, {210, 20}});
            pen.capacitor({90, 20}, {90, 112}, "c");
            pen.resistor({210, 20}, {210, 112}, "r");
            pen.wire({{90, 112}, {210, 112}});
            pen.ground({90, 112});
            pen.value({80, 40}, "v", true);
            pen.value({226, 34}, "peak");
            pen.value({226, 98}, "touch");
            break;
        case Picture::Stack:
            for (int i = 0; i < 3; ++i) {
                pen.box({90, 8.0 + 44 * i, 70, 30}, QStringLiteral("+  −"));
                pen.wire({{125, 38.0 + 44 * i}, {125, 52.0 + 44 * i}});
            }
            pen.wire({{160, 20}, {240, 20}});
            pen.diode({240, 20}, {240, 80});
            pen.wire({{240, 80}, {240, 140}, {125, 140}});
            pen.value({80, 24}, "set", true);
            pen.value({252, 50}, "volts");
            pen.value({252, 30}, "v");
            break;
        case Picture::Lamp:
            pen.wire({{20, 40}, {50, 40}});
            pen.capacitor({50, 40}, {130, 40}, "c");
            pen.wire({{130, 40}, {150, 40}});
            pen.box({150, 24, 110, 32}, tr("lamp"));
            pen.wire({{260, 40}, {290, 40}, {290, 112}});
            pen.ground({290, 112});
            pen.capacitor({140, 40}, {140, 112}, "stray");
            pen.ground({140, 112});
            pen.value({4, 58}, "out");
            pen.value({170, 72}, "v");
            pen.value({170, 90}, "left");
            break;
        case Picture::None:
            break;
    }
}

}  // namespace dimglow::app
