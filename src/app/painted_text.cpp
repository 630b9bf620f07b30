#include "app/painted_text.h"

namespace dimglow::app {

namespace {

std::vector<PaintedText>* seenText = nullptr;

void note(QPainter& painter, const QRectF& box, int flags, const QString& words, bool isElided) {
    if (seenText != nullptr) {
        const QTransform& to = painter.combinedTransform();
        const QRectF needed = QFontMetricsF(painter.font()).boundingRect(box, flags, words);
        seenText->push_back({to.mapRect(box), to.mapRect(needed), words, isElided});
    }
}

}  // namespace

void paintText(QPainter& painter, const QRectF& box, int flags, const QString& words) {
    note(painter, box, flags, words, false);
    painter.drawText(box, flags, words);
}

void paintRemark(QPainter& painter, const QRectF& box, int flags, const QString& words) {
    const QString fitting = painter.fontMetrics().elidedText(words, Qt::ElideRight, int(box.width()));
    note(painter, box, flags, fitting, fitting != words);
    painter.drawText(box, flags, fitting);
}

void watchPaintedText(std::vector<PaintedText>* seen) {
    seenText = seen;
}

}  // namespace dimglow::app
