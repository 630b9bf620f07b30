#include "report/report.h"

#include <qcustomplot.h>

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QDateTime>
#include <QPageSize>
#include <QPdfWriter>
#include <QTextBlock>
#include <QTextCursor>
#include <QTextStream>
#include <QUrl>
#include <cmath>
#include <stdexcept>

#include "core/backlight/wiring.h"
#include "core/job/trail_lines.h"
#include "core/repair/substitute.h"
#include "core/sums/sums.h"
#include "language/language.h"
#include "report/colours.h"
#include "typeface/typeface.h"

namespace dimglow::report {

namespace {

constexpr double textPixels = 13;
constexpr int chartWidth = 620;
constexpr int chartHeight = 200;
const QUrl soakUrl(QStringLiteral("soak.png"));

/// The context of the report's sentences in translations.
struct Report {
    Q_DECLARE_TR_FUNCTIONS(Report)
};

QString escaped(const std::string& name) {
    return QString::fromStdString(name).toHtmlEscaped();
}

QString escaped(const text::Text& text) {
    return language::words(text).toHtmlEscaped();
}

/// A time of the job file, in the reader's own time.
QString localTime(const std::string& iso, const char* format) {
    const auto time = QDateTime::fromString(QString::fromStdString(iso), Qt::ISODate);
    return time.isValid() ? time.toLocalTime().toString(QString::fromLatin1(format)) : escaped(iso);
}

QString volts(driver::Band band) {
    return QStringLiteral("%L1 … %L2 V").arg(band.low, 0, 'f', 1).arg(band.high, 0, 'f', 1);
}

QString heading(const QString& words) {
    return QStringLiteral("<h3>%1</h3>").arg(words);
}

QString row(const QStringList& cells, bool head = false) {
    const QString tag = head ? QStringLiteral("th") : QStringLiteral("td");
    QString html = QStringLiteral("<tr>");
    for (const auto& cell : cells) {
        html += QStringLiteral("<%1 align=\"left\">%2</%1>").arg(tag, cell);
    }
    return html + QStringLiteral("</tr>");
}

QString table(const QString& rows) {
    return QStringLiteral("<table width=\"100%\" cellspacing=\"0\" cellpadding=\"3\">") + rows +
           QStringLiteral("</table>");
}

QString identity(const job::Job& job) {
    QString rows;
    const auto add = [&](const QString& name, const std::string& value) {
        if (!value.empty()) {
            rows += row({name, escaped(value)});
        }
    };
    add(Report::tr("Set"), job.set.maker + " " + job.set.model);
    add(Report::tr("Serial"), job.set.serial);
    add(Report::tr("Panel"), job.set.panel);
    add(Report::tr("Place"), job.order.place);
    add(Report::tr("Complaint"), job.order.complaint);
    if (job.set.hoursRun) {
        rows += row({Report::tr("Hours run"), language::number(*job.set.hoursRun, 0)});
    }
    return table(rows);
}

QString evidence(const job::Job& job, const sheet::Assessment& assessment, const knowledge::Knowledge& trade) {
    QString rows = row({Report::tr("Time"), Report::tr("What"), Report::tr("Found"), Report::tr("Healthy set")}, true);
    for (const auto& line : job::trailLines(job, trade)) {
        if (line.phase != job::Phase::Before) {
            continue;
        }
        const auto expected = assessment.expected.byEntry.find(line.entry);
        rows += row({localTime(line.at, "yyyy-MM-dd HH:mm"), escaped(line.title),
                     escaped(line.text) + (line.stands ? QString() : Report::tr(" (replaced)")),
                     expected == assessment.expected.byEntry.end() ? QString() : volts(expected->second.band)});
    }
    return table(rows);
}

/// The panel check, when it was done; a no-go says that it ends here.
QString panel(const job::Job& job) {
    const auto& check = job.panelCheck;
    if (check.outcome == panelcheck::Outcome::Open) {
        return {};
    }
    const auto plan = panelcheck::planOf(job.set, check, job.bench.supplies);
    const QString outcomes[] = {
        {}, Report::tr("Go."), Report::tr("Go, with a note."), Report::tr("No-go: the job ends here.")};
    QString rows;
    const auto add = [&](const QString& name, const std::optional<double>& value, double expected, const char* unit) {
        if (value) {
            rows += row({name, QStringLiteral("%1 %2").arg(language::number(*value), QString::fromUtf8(unit)),
                         expected > 0 ? Report::tr("computed %L1 V").arg(expected, 0, 'f', 1) : QString()});
        }
    };
    add(Report::tr("First glow"), check.kneeVolts, plan.kneeVolts, "V");
    add(Report::tr("Light at %L1 mA").arg(1000 * plan.safeAmps, 0, 'f', 0), check.lightVolts, plan.lightVolts, "V");
    add(Report::tr("Into the T-con"), check.tconAmps, 0, "A");
    QString html =
        heading(Report::tr("Panel check")) + QStringLiteral("<p><b>%1</b>").arg(outcomes[int(check.outcome)]);
    for (const auto& sentence : panelcheck::judge(plan, check).because) {
        html += QStringLiteral(" ") + escaped(sentence);
    }
    html += QStringLiteral(" ") + escaped(check.note) + QStringLiteral("</p>");
    return rows.isEmpty() ? html : html + table(rows);
}

QString cause(const sheet::Assessment& assessment) {
    const QString share = language::number(100 * assessment.suspects.front().share, 0);
    if (!assessment.verdict().empty()) {
        return QStringLiteral("<p><b>%1</b> (%2 %)</p>").arg(escaped(assessment.verdict()), share);
    }
    return QStringLiteral("<p>%1 %2 (%3 %)</p>")
        .arg(Report::tr("Not certain. Likeliest:"), escaped(assessment.suspects.front().title), share);
}

/// What a substitute driver no longer does; nothing of a set that keeps its own.
QString driver(const job::Job& job, const knowledge::Knowledge& trade) {
    const auto* kind = trade.repair(job.repair.option);
    if (kind == nullptr || kind->plan != "driver" || !job.repair.details.module) {
        return {};
    }
    const auto verdict = repair::judge(*job.repair.details.module, repair::driverPlaceOf(job));
    QString html;
    for (const auto& loss : verdict.losses) {
        html += QStringLiteral("<p>%1</p>").arg(escaped(loss));
    }
    return html;
}

/// What the chosen repair needs.
QString bought(const sheet::Assessment& assessment) {
    QString rows;
    for (const auto& line : assessment.shopping) {
        rows += row({QStringLiteral("%1 ×").arg(line.count), escaped(line.what),
                     escaped(text::joined(line.figures, "; ")), escaped(line.note)});
    }
    return rows.isEmpty()
               ? QString()
               : QStringLiteral("<p>%1</p><table cellpadding=\"3\">%2</table>").arg(Report::tr("Parts for it:"), rows);
}

/// Calculations that were kept with the job.
QString reckoned(const job::Job& job) {
    QString html;
    for (const auto& pinned : job.repair.details.sums) {
        const auto* sum = sums::find(pinned.sum);
        if (sum == nullptr) {
            continue;
        }
        const auto answer = sums::work(*sum, pinned.given);
        QStringList results;
        for (const auto& result : answer.results) {
            results << QStringLiteral("%1 %2").arg(escaped(result.name), escaped(result.words));
        }
        html += QStringLiteral("<p>%1: %2</p>")
                    .arg(escaped(sum->title),
                         answer.missing.empty() ? results.join(QStringLiteral(", ")) : escaped(answer.missing));
    }
    return html;
}

QString work(const job::Job& job, const sheet::Assessment& assessment, const knowledge::Knowledge& trade) {
    QString html;
    for (const auto& option : assessment.plan.options) {
        if (option.id == job.repair.option) {
            html += QStringLiteral("<p><b>%1.</b> %2</p>").arg(escaped(option.title), escaped(option.say));
            if (option.comeback) {
                html += QStringLiteral("<p>%1 %2 % (%3).</p>")
                            .arg(Report::tr("Chance of a comeback:"), language::number(100 * *option.comeback, 0),
                                 escaped(option.comebackWhy));
            }
        }
    }
    if (!job.repair.work.empty()) {
        html += QStringLiteral("<p>%1</p>").arg(escaped(job.repair.work));
    }
    if (job.repair.originalAmps) {
        html += QStringLiteral("<p>%1 %L2 mA")
                    .arg(Report::tr("String current as found:"))
                    .arg(1000 * *job.repair.originalAmps, 0, 'f', 0);
        if (job.repair.newAmps) {
            html +=
                QStringLiteral(", %1 %L2 mA").arg(Report::tr("as left:")).arg(1000 * *job.repair.newAmps, 0, 'f', 0);
        }
        html += QStringLiteral("</p>");
        const auto& current = job.repair.details.current;
        if (!current.foundResistors.empty()) {
            const auto code = [](const std::string& name) { return escaped(text::name(name)); };
            html +=
                QStringLiteral("<p>%1 %2%3%4</p>")
                    .arg(Report::tr("Resistors as found:"), code(current.foundResistors),
                         current.newResistors.empty() ? QString()
                                                      : Report::tr("; as left: %1").arg(code(current.newResistors)),
                         current.brightness.empty() ? QString()
                                                    : Report::tr("; measured at: %1").arg(code(current.brightness)));
        }
    }
    html += driver(job, trade) + bought(assessment) + reckoned(job);
    return html.isEmpty() ? QStringLiteral("<p>%1</p>").arg(Report::tr("None yet.")) : html;
}

/// "14 × M3×8, around the edge | 12 in, 1 broke, 1 signed off: under the bench".
QString counted(const hands::Item& item) {
    QStringList facts;
    facts << (item.isIn ? Report::tr("%1 in").arg(*item.isIn) : Report::tr("not counted in"));
    if (item.broke > 0) {
        facts << Report::tr("%1 broke").arg(item.broke);
    }
    if (item.cameWithout > 0) {
        facts << Report::tr("came without %1").arg(item.cameWithout);
    }
    if (!item.signedOff.empty()) {
        facts << Report::tr("%1 signed off: %2").arg(hands::leftOf(item)).arg(escaped(item.signedOff));
    }
    return facts.join(QStringLiteral(", "));
}

/// What was done with the hands: steps and their minutes, layers and their counts, what is still open. Nothing of a set
/// that nobody opened or mended.
QString handwork(const job::Job& job, const sheet::Assessment& assessment) {
    QString rows;
    for (const auto& line : assessment.work.lines) {
        if (line.isDone) {
            rows +=
                row({line.place.empty() ? QString() : escaped(line.place), escaped(line.step.title),
                     line.read ? language::number(*line.read) + QLatin1Char(' ') + escaped(line.step.unit) : QString(),
                     line.took ? Report::tr("%1 min").arg(language::number(*line.took, 1)) : QString()});
        }
    }
    QString layers;
    for (const auto& layer : job.opening.layers) {
        if (layer.state == hands::Layer::State::On) {
            continue;
        }
        layers += row({escaped(hands::wordsOf(layer)), QString(),
                       layer.state == hands::Layer::State::Off ? Report::tr("still off") : Report::tr("back on")});
        for (const auto& item : layer.items) {
            layers += row({QString(), escaped(hands::wordsOf(item)), counted(item)});
        }
    }
    if (rows.isEmpty() && layers.isEmpty()) {
        return {};
    }
    QString html = heading(Report::tr("By hand"));
    const auto taken = hands::timeTaken(job.opening.ticks);
    html += QStringLiteral("<p>%1</p>")
                .arg(Report::tr("%1 min by the clock, %2 min of work planned.")
                         .arg(language::number(taken.minutes, 0), language::number(assessment.work.plannedMinutes, 0)));
    html += (rows.isEmpty() ? QString() : table(rows)) + (layers.isEmpty() ? QString() : table(layers));
    for (const auto& open : assessment.closing.open) {
        html += QStringLiteral("<p><b>%1</b></p>").arg(escaped(open));
    }
    if (!job.opening.photos.empty()) {
        html +=
            QStringLiteral("<p>%1</p>")
                .arg(language::counted(qint64(job.opening.photos.size()), Report::tr("1 picture is kept with the job."),
                                       Report::tr("%1 pictures are kept with the job.")));
    }
    return html;
}

/// A voltage of which nobody knows what it should be.
bool isUnknown(const proof::ProofLine& line) {
    return line.volts.has_value() && line.band.high <= 0;
}

QString proof(const sheet::Assessment& assessment) {
    QString rows = row({Report::tr("Reading after"), Report::tr("Found"), Report::tr("Expected"), QString()}, true);
    for (const auto& line : assessment.proof) {
        const bool taken = !line.found.empty();
        rows += row({escaped(line.title), taken ? escaped(line.found) : Report::tr("not taken"),
                     line.band.high > 0 ? volts(line.band) : QString(),
                     !taken            ? QString()
                     : line.within     ? Report::tr("as expected")
                     : isUnknown(line) ? Report::tr("cannot tell: nobody has described the strips")
                                       : Report::tr("NOT as expected")});
    }
    return table(rows);
}

QImage soakChart(const job::Job& job) {
    QCustomPlot plot;
    plot.setFont(typeface::text(11));
    auto* graph = plot.addGraph();
    double highest = 0;
    for (const auto& line : job.soak) {
        graph->addData(line.minutes, 1000 * line.amps);
        highest = std::max(highest, line.amps);
    }
    graph->setPen(QPen(colours::glow, 2));
    graph->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, colours::glow, colours::glow, 6));
    for (auto* axis : {plot.xAxis, plot.yAxis}) {
        const QPen line(colours::hairline);
        axis->setBasePen(line);
        axis->setTickPen(line);
        axis->setSubTicks(false);
        axis->grid()->setPen(line);
        axis->grid()->setZeroLinePen(line);
        axis->setTickLabelColor(colours::pale);
        axis->setLabelColor(colours::pale);
        axis->setTickLabelFont(typeface::text(11));
        axis->setLabelFont(typeface::text(11));
    }
    plot.xAxis->setLabel(Report::tr("minutes"));
    plot.yAxis->setLabel(Report::tr("string current, mA"));
    plot.xAxis->setRange(0, std::max(proof::soakMinutes, job.soak.back().minutes));
    plot.yAxis->setRange(0, 1200 * highest);
    return plot.toPixmap(chartWidth, chartHeight, 2).toImage();
}

/// A heading stays with what stands below it: all of a short section, the first rows of a long one.
void keepHeadingsWithTheirRows(QTextDocument& document) {
    const double page = document.pageSize().height();
    const auto isHeading = [](const QTextBlock& block) { return block.blockFormat().headingLevel() > 0; };
    const auto top = [&](const QTextBlock& block) { return document.documentLayout()->blockBoundingRect(block).top(); };
    for (auto block = document.begin(); block.isValid(); block = block.next()) {
        if (!isHeading(block)) {
            continue;
        }
        auto next = block.next();
        while (next.isValid() && !isHeading(next)) {
            next = next.next();
        }
        const double end = next.isValid() ? top(next) : document.size().height();
        const double kept = std::min(end - top(block), page / 4);
        if (std::floor(top(block) / page) != std::floor((top(block) + kept) / page)) {
            QTextBlockFormat onTheNextPage = block.blockFormat();
            onTheNextPage.setPageBreakPolicy(QTextFormat::PageBreak_AlwaysBefore);
            QTextCursor(block).setBlockFormat(onTheNextPage);
            document.markContentsDirty(0, document.characterCount());  // tables before it may lie otherwise now
        }
    }
}

}  // namespace

std::unique_ptr<QTextDocument> compose(const job::Job& job, const sheet::Assessment& assessment,
                                       const knowledge::Knowledge& trade) {
    auto document = std::make_unique<QTextDocument>();
    document->setDefaultFont(typeface::text(textPixels));
    document->setDefaultStyleSheet(
        QStringLiteral("h1 { font-size: 22px; } h3 { font-size: 15px; margin-top: 14px; } "
                       "th { color: #5D5F66; font-weight: normal; } td, p, li { font-size: 13px; }"));
    QString html =
        QStringLiteral("<h1>%1</h1><p>%2 · %3</p>")
            .arg(escaped(job.title), escaped(job.id),
                 job.handedBack.empty() ? Report::tr("repair in progress")
                                        : Report::tr("handed back %1").arg(localTime(job.handedBack, "yyyy-MM-dd")));
    html += heading(Report::tr("Set")) + identity(job);
    html += heading(Report::tr("What was seen and measured")) + evidence(job, assessment, trade);
    html += panel(job);
    html += heading(Report::tr("Cause")) + cause(assessment);
    html += heading(Report::tr("Work")) + work(job, assessment, trade);
    html += handwork(job, assessment);
    html += heading(Report::tr("Proof")) + proof(assessment);
    html += QStringLiteral("<p>%1 %2</p>").arg(Report::tr("Soak:"), escaped(assessment.soak.text));
    if (!job.soak.empty()) {
        document->addResource(QTextDocument::ImageResource, soakUrl, soakChart(job));
        html += QStringLiteral("<p><img src=\"%1\" width=\"%2\" height=\"%3\"></p>")
                    .arg(soakUrl.toString())
                    .arg(chartWidth)
                    .arg(chartHeight);
    }
    html += heading(Report::tr("Advice")) +
            QStringLiteral("<p>%1</p>")
                .arg(Report::tr("Keep the brightness at or below two thirds: less current and less heat "
                                "make the LEDs last longer."));
    html += heading(Report::tr("Cautions"));
    for (const auto& caution : assessment.cautions) {
        html += QStringLiteral("<p>%1</p>").arg(escaped(caution.text));
    }
    document->setHtml(html);
    return document;
}

void print(QPagedPaintDevice& device, QTextDocument& document) {
    constexpr double dots = 96.0 / 72;  ///< of the document in a point
    device.setPageSize(QPageSize(QPageSize::A4));
    device.setPageMargins(QMarginsF(16, 14, 16, 14), QPageLayout::Millimeter);
    document.setPageSize(QSizeF(device.pageLayout().paintRectPoints().size()) * dots);
    keepHeadingsWithTheirRows(document);
    document.print(&device);
}

QByteArray pdfOf(QTextDocument& document) {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(96);
        writer.setTitle(document.metaInformation(QTextDocument::DocumentTitle));
        print(writer, document);
    }
    return buffer.data();
}

}  // namespace dimglow::report
