#include "app/light_picture.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme.h"

namespace dimglow::app {

namespace {

constexpr int gridColumns = 320;
constexpr int tenths = 10;

int rowsOf(const plan::LightBox& box) {
    return std::clamp(int(std::lround(gridColumns * box.heightMm / box.widthMm)), 20, 2 * gridColumns);
}

/// Grey by the light, as eyes see it, and a darker line where it passes a tenth.
QImage imageOf(const plan::LightMap& map, double brightest) {
    QImage image(map.columns, map.rows, QImage::Format_RGB32);
    const QColor full = QColor(255, 236, 200);
    const auto share = [&](int column, int row) {
        return std::clamp(double(map.of(column, row)) / brightest, 0.0, 1.0);
    };
    for (int row = 0; row < map.rows; ++row) {
        for (int column = 0; column < map.columns; ++column) {
            const double light = share(column, row);
            const int tenth = int(light * tenths);
            const bool isEdge = (column + 1 < map.columns && int(share(column + 1, row) * tenths) != tenth) ||
                                (row + 1 < map.rows && int(share(column, row + 1) * tenths) != tenth);
            const double seen = std::pow(light, 0.6) * (isEdge ? 0.78 : 1);
            image.setPixel(column, row,
                           qRgb(int(seen * full.red()), int(seen * full.green()), int(seen * full.blue())));
        }
    }
    return image;
}

/// Each place in the tint that its light has against the usual white, a little more than it is.
void tint(QImage& image, const plan::TintMap& map, const plan::Chromaticity& usual) {
    constexpr double shown = 3;
    for (int row = 0; row < image.height(); ++row) {
        for (int column = 0; column < image.width(); ++column) {
            const auto here = plan::uvOf(map.of(column, row));
            const auto there = plan::uvOf(usual);
            const double warm = std::clamp(shown * 10 * (here.v - there.v + here.u - there.u), -1.0, 1.0);
            const QRgb grey = image.pixel(column, row);
            image.setPixel(column, row,
                           qRgb(std::clamp(int(qRed(grey) * (1 + 0.2 * warm)), 0, 255), qGreen(grey),
                                std::clamp(int(qBlue(grey) * (1 - 0.7 * warm)), 0, 255)));
        }
    }
}

}  // namespace

double brightestOf(const plan::Scene& scene) {
    const auto map = plan::lightMap(scene.box, scene.spots, gridColumns / 2, rowsOf(scene.box) / 2);
    return std::max(1e-12, double(*std::max_element(map.at.begin(), map.at.end())));
}

LightPicture::LightPicture(QWidget* parent) : QWidget(parent) {
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

QSize LightPicture::sizeHint() const {
    return {theme::px(300), theme::px(170)};
}

QSize LightPicture::minimumSizeHint() const {
    return {theme::px(160), theme::px(90)};
}

int LightPicture::heightForWidth(int width) const {
    return std::max(minimumSizeHint().height(),
                    scene_.spots.empty() ? sizeHint().height() : int(width * scene_.box.heightMm / scene_.box.widthMm));
}

void LightPicture::show(const plan::Scene& scene, double brightest) {
    scene_ = scene;
    if (plan::isTinted(scene.spots)) {
        const auto map = plan::tintMap(scene.box, scene.spots, gridColumns, rowsOf(scene.box));
        image_ = imageOf(map.y, brightest);
        tint(image_, map, plan::usualWhite(scene.spots));
    } else {
        image_ = imageOf(plan::lightMap(scene.box, scene.spots, gridColumns, rowsOf(scene.box)), brightest);
    }
    update();
}

void LightPicture::clear() {
    scene_ = {};
    image_ = {};
    update();
}

void LightPicture::setCursorSpot(int spot) {
    cursor_ = spot;
    update();
}

QRectF LightPicture::area() const {
    const double times = std::min(width() / scene_.box.widthMm, height() / scene_.box.heightMm);
    const QSizeF size(scene_.box.widthMm * times, scene_.box.heightMm * times);
    return {{(width() - size.width()) / 2, (height() - size.height()) / 2}, size};
}

void LightPicture::paintEvent(QPaintEvent*) {
    if (image_.isNull()) {
        return;
    }
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const auto& p = theme::palette();
    const auto frame = area();
    painter.drawImage(frame, image_);
    painter.setPen(QPen(p.line, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(frame);
    const double times = frame.width() / scene_.box.widthMm;
    for (std::size_t i = 0; i < scene_.spots.size(); ++i) {
        const auto& spot = scene_.spots[i];
        const QPointF at(frame.left() + spot.at.x * times, frame.top() + spot.at.y * times);
        const bool isHere = int(i) == cursor_;
        painter.setPen(QPen(isHere ? p.glow : spot.flux <= 0 ? p.ember : QColor(120, 110, 90), isHere ? 2.5 : 1));
        const double r = theme::px(isHere ? 7 : 3);
        painter.drawEllipse(at, r, r);
    }
}

int LightPicture::spotAt(QPointF at) const {
    const auto frame = area();
    const double times = frame.width() / scene_.box.widthMm;
    int nearest = -1;
    double least = theme::px(24);
    for (std::size_t i = 0; i < scene_.spots.size(); ++i) {
        const auto& spot = scene_.spots[i].at;
        const double away = std::hypot(frame.left() + spot.x * times - at.x(), frame.top() + spot.y * times - at.y());
        if (away < least) {
            least = away;
            nearest = int(i);
        }
    }
    return nearest;
}

void LightPicture::mousePressEvent(QMouseEvent* event) {
    if (const int spot = image_.isNull() ? -1 : spotAt(event->position()); spot >= 0) {
        setCursorSpot(spot);
        emit spotPressed(spot);
    }
}

void LightPicture::mouseMoveEvent(QMouseEvent* event) {
    if (!isMovable_ || cursor_ < 0 || image_.isNull()) {
        return;
    }
    const auto frame = area();
    const double times = frame.width() / scene_.box.widthMm;
    emit spotMoved(cursor_, {std::clamp((event->position().x() - frame.left()) / times, 0.0, scene_.box.widthMm),
                             std::clamp((event->position().y() - frame.top()) / times, 0.0, scene_.box.heightMm)});
}

}  // namespace dimglow::app
