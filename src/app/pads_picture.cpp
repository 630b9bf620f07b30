#include "app/pads_picture.h"

#include <QPainter>
#include <utility>

#include "app/painted_text.h"
#include "app/theme.h"

namespace dimglow::app {

PadsPicture::PadsPicture(std::string plus, QWidget* parent) : QWidget(parent), plus_(std::move(plus)) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(plus_.empty() ? tr("Pads: plus not known") : tr("Pads: plus is drawn"));
}

QSize PadsPicture::sizeHint() const {
    return {theme::px(320), theme::px(56)};
}

void PadsPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    const double tall = height();
    const QRectF strip(0, 0.1 * tall, theme::px(230), 0.8 * tall);
    painter.setPen(QPen(p.line, 1));
    painter.setBrush(p.raised);
    painter.drawRoundedRect(strip, theme::px(3), theme::px(3));
    // The larger pad carries the heat; where both are alike it is not known which does.
    const bool isAlike = plus_ == "left" || plus_ == "right";
    const double left = theme::px(isAlike ? 44 : 58);
    const double right = theme::px(isAlike ? 44 : 28);
    const QRectF first(strip.center().x() - left - theme::px(4), 0.24 * tall, left, 0.52 * tall);
    const QRectF second(strip.center().x() + theme::px(4), 0.24 * tall, right, 0.52 * tall);
    const bool isFirstPlus = plus_ == "large" || plus_ == "left";
    painter.setFont(theme::strong());
    for (const auto& [pad, isPlus] : {std::pair(first, isFirstPlus), {second, !isFirstPlus}}) {
        painter.setPen(QPen(plus_.empty() ? p.quiet : isPlus ? p.glow : p.idle, 2));
        painter.setBrush(p.panel);
        painter.drawRect(pad);
        const QString sign = isPlus ? QStringLiteral("+") : QStringLiteral("−");
        paintText(painter, pad, Qt::AlignCenter, plus_.empty() ? QStringLiteral("?") : sign);
    }
    painter.setPen(p.quiet);
    painter.setFont(theme::quiet());
    const QString words = plus_.empty() ? tr("which pad is plus: not said")
                          : isAlike     ? tr("pads alike")
                                        : tr("the large pad on the left");
    paintText(painter, QRectF(strip.right() + theme::px(12), 0, width() - strip.right() - theme::px(12), tall),
              Qt::AlignLeft | Qt::AlignVCenter, words);
}

}  // namespace dimglow::app
