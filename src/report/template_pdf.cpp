#include "report/template_pdf.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>

#include "core/plan/template_svg.h"

namespace dimglow::report {

namespace {

class TemplatePdf {
    Q_DECLARE_TR_FUNCTIONS(dimglow::report::TemplatePdf)
};

constexpr double marginMm = 10;
constexpr double footMm = 16;  ///< below the drawing, for the measure and the sheet's place
constexpr double overlapMm = 10;
constexpr double millimetresPerInch = 25.4;

void draw(QPainter& painter, const plan::TemplateShape& shape) {
    using Kind = plan::TemplateShape::Kind;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(Qt::black, shape.kind == Kind::CutMark ? 0.5 : 0.2,
                        shape.kind == Kind::KeepOut ? Qt::DashLine : Qt::SolidLine));
    const QRectF box(shape.x, shape.y, shape.width, shape.height);
    switch (shape.kind) {
        case Kind::Light:
            painter.drawEllipse(QPointF(shape.x, shape.y), shape.width / 2, shape.width / 2);
            painter.drawLine(QPointF(shape.x - shape.width, shape.y), QPointF(shape.x + shape.width, shape.y));
            painter.drawLine(QPointF(shape.x, shape.y - shape.width), QPointF(shape.x, shape.y + shape.width));
            break;
        case Kind::CutMark:
            painter.drawLine(QPointF(shape.x, shape.y), QPointF(shape.x, shape.y + shape.height));
            break;
        case Kind::Word:
            painter.drawText(QPointF(shape.x, shape.y), QString::fromStdString(shape.word));
            break;
        case Kind::Piece:
        case Kind::KeepOut:
        case Kind::Panel:
            painter.drawRect(box);
            break;
    }
}

}  // namespace

QByteArray templatePdf(const plan::UniversalTask& task, const plan::UniversalPlan& plan, const job::Job& job) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageOrientation(QPageLayout::Landscape);
    writer.setPageMargins(QMarginsF(0, 0, 0, 0));
    writer.setTitle(QString::fromStdString(job.id));
    const QSizeF page = writer.pageLayout().fullRect(QPageLayout::Millimeter).size();
    const double width = page.width() - 2 * marginMm;
    const double height = page.height() - 2 * marginMm - footMm;
    const auto tiles = plan::tilesOf(task.widthMm, task.heightMm, width, height, overlapMm);
    const auto shapes = plan::templateOf(task, plan);
    QPainter painter(&writer);
    QFont font = painter.font();
    font.setPixelSize(4);  // mm, on the scaled page
    for (std::size_t i = 0; i < tiles.size(); ++i) {
        if (i > 0) {
            writer.newPage();
        }
        const auto& tile = tiles[i];
        painter.save();
        painter.scale(writer.logicalDpiX() / millimetresPerInch, writer.logicalDpiY() / millimetresPerInch);
        painter.setFont(font);
        painter.translate(marginMm, marginMm);
        painter.setPen(QPen(Qt::gray, 0.1));
        painter.drawRect(QRectF(0, 0, width, height));
        painter.setPen(QPen(Qt::gray, 0.1, Qt::DashLine));  // where the next sheet begins
        painter.drawLine(QPointF(width - overlapMm, 0), QPointF(width - overlapMm, height));
        painter.drawLine(QPointF(0, height - overlapMm), QPointF(width, height - overlapMm));
        painter.save();
        painter.setClipRect(QRectF(0, 0, width, height));
        painter.translate(-tile.x, -tile.y);
        for (const auto& shape : shapes) {
            draw(painter, shape);
        }
        painter.restore();
        painter.setPen(QPen(Qt::black, 0.3));
        const double y = height + footMm / 2;
        painter.drawLine(QPointF(0, y), QPointF(plan::measureMm, y));
        for (const double x : {0.0, plan::measureMm}) {
            painter.drawLine(QPointF(x, y - 2), QPointF(x, y + 2));
        }
        painter.drawText(QPointF(plan::measureMm + 4, y + 1.5),
                         TemplatePdf::tr("%1 mm: measure it before cutting").arg(plan::measureMm));
        painter.drawText(QPointF(0, y + 7), TemplatePdf::tr("%1 · column %2, row %3 of %4 sheets")
                                                .arg(QString::fromStdString(job.id + " " + job.title))
                                                .arg(tile.column + 1)
                                                .arg(tile.row + 1)
                                                .arg(tiles.size()));
        painter.restore();
    }
    painter.end();
    return bytes;
}

}  // namespace dimglow::report
