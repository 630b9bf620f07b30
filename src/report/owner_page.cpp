#include "report/owner_page.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QDate>
#include <QDateTime>
#include <QLocale>
#include <QPageSize>
#include <QPdfWriter>
#include <QPicture>
#include <algorithm>

#include "core/job/trail_lines.h"
#include "language/language.h"
#include "report/colours.h"
#include "typeface/typeface.h"

namespace dimglow::report {

namespace {

using language::number;
using language::words;

using namespace colours;

constexpr double left = 56;
constexpr double right = 738;

/// The context of the page's sentences in translations.
struct OwnerPage {
    Q_DECLARE_TR_FUNCTIONS(OwnerPage)
};

/// The words before a label's colon are the reader's: a date as the reader writes it.
QString dayWords(const std::string& iso) {
    const QDate day = QDateTime::fromString(QString::fromStdString(iso), Qt::ISODate).toLocalTime().date();
    return QLocale().toString(day, QLocale::LongFormat);
}

/// To a tenth where that is seen.
QString volts(double volts) {
    constexpr double seen = 20;
    return OwnerPage::tr("%1 V").arg(number(volts, volts < seen ? 1 : 0));
}

QString money(double amount, const job::Job& job) {
    return QStringLiteral("%1 %2").arg(number(amount, 2), QString::fromStdString(job.bench.currency));
}

/// Paints from the top of the page down.
class PageMaker {
public:
    PageMaker(QPainter& painter, const job::Job& job, const sheet::Assessment& assessment,
              const knowledge::Knowledge& trade)
        : painter_(painter), job_(job), assessment_(assessment), trade_(trade) {
        painter_.setRenderHint(QPainter::Antialiasing);
        painter_.fillRect(QRectF(QPointF(0, 0), pageSize), Qt::white);
    }

    void owner() {
        head();
        finding();
        wrongAndDone();
        beforeAndAfter();
        soakAndPrice();
        advice();
        signatures({OwnerPage::tr("Worked by"), OwnerPage::tr("Received")});
        foot();
    }

    void quote() {
        head();
        finding();
        ways();
        signatures({OwnerPage::tr("Date"), OwnerPage::tr("Signature")});
        foot();
    }

    /// Everything that was written so far.
    QString said() const { return said_.join(QLatin1Char('\n')); }

private:
    const repair::Option* chosen() const {
        const auto& options = assessment_.plan.options;
        const auto found =
            std::find_if(options.begin(), options.end(), [&](const auto& o) { return o.id == job_.repair.option; });
        return found == options.end() ? nullptr : &*found;
    }

    const knowledge::RepairKind& kindOf(const repair::Option& option) const { return *trade_.repair(option.id); }

    /// Writes words in a box as wide as it is told, and \returns how high they are.
    double write(const QString& words, const QRectF& at, double pixels, const QColor& color, bool isBold = false,
                 int flags = Qt::AlignLeft) {
        painter_.setFont(typeface::text(pixels, isBold ? QFont::Bold : QFont::Normal));
        painter_.setPen(color);
        QRectF taken;
        said_ << words;
        painter_.drawText(QRectF(at.topLeft(), QSizeF(at.width(), 900)), flags | Qt::AlignTop | Qt::TextWordWrap, words,
                          &taken);
        return words.isEmpty() ? 0 : taken.height();
    }
    double paragraph(const QString& words, double pixels, const QColor& color, bool isBold = false) {
        const double height = write(words, QRectF(left, y_, right - left, 0), pixels, color, isBold);
        y_ += height;
        return height;
    }
    void rule() {
        painter_.setPen(QPen(hairline, 1.2));
        painter_.drawLine(QPointF(left, y_), QPointF(right, y_));
        y_ += 18;
    }
    void dot(QPointF at, const QColor& color, double radius = 4.5) {
        painter_.setPen(Qt::NoPen);
        painter_.setBrush(color);
        painter_.drawEllipse(at, radius, radius);
    }

    void head() {
        painter_.setPen(QPen(glow, 3));
        painter_.setBrush(Qt::NoBrush);
        painter_.drawEllipse(QPointF(left + 14, 66), 14, 14);
        dot({left + 14, 66}, glow, 7);
        const auto& bench = job_.bench;
        write(bench.workshop.empty() ? OwnerPage::tr("Display workshop") : QString::fromStdString(bench.workshop),
              {left + 42, 47, 380, 0}, 17, ink, true);
        write(QString::fromStdString(bench.contact), {left + 42, 70, 380, 0}, 12.5, pale);
        write(QString::fromStdString(job_.id), {right - 260, 47, 260, 0}, 17, ink, true, Qt::AlignRight);
        write(job_.handedBack.empty() ? OwnerPage::tr("repair in progress")
                                      : OwnerPage::tr("handed back %1").arg(dayWords(job_.handedBack)),
              {right - 260, 70, 260, 0}, 12.5, pale, false, Qt::AlignRight);
        y_ = 104;
        rule();
        paragraph(QString::fromStdString(job_.title), 26, ink, true);
        y_ += 4;
        QStringList identity;
        const auto add = [&](const QString& text) {
            if (!text.trimmed().isEmpty()) {
                identity << text.trimmed();
            }
        };
        add(QString::fromStdString(job_.set.maker + " " + job_.set.model));
        add(job_.set.serial.empty() ? QString()
                                    : OwnerPage::tr("serial %1").arg(QString::fromStdString(job_.set.serial)));
        add(QString::fromStdString(job_.order.place));
        add(QString::fromStdString(job_.order.owner));
        add(QString::fromStdString(job_.order.phone));
        paragraph(identity.join(QStringLiteral(" · ")), 14, pale);
        if (!job_.order.complaint.empty()) {
            y_ += 6;
            paragraph(OwnerPage::tr("“%1”").arg(QString::fromStdString(job_.order.complaint)), 14, pale);
        }
        y_ += 12;
    }

    /// In one sentence: what it was, and how far that is sure.
    void finding() {
        QString sentence = assessment_.verdict().empty()
                               ? OwnerPage::tr("Not certain yet. Most likely: %1 (%2 %).")
                                     .arg(words(assessment_.suspects.front().title))
                                     .arg(100 * assessment_.suspects.front().share, 0, 'f', 0)
                               : OwnerPage::tr("Found: %1.").arg(words(assessment_.verdict()));
        if (const auto* done = chosen(); done != nullptr && !job_.handedBack.empty()) {
            sentence += QLatin1Char(' ') + OwnerPage::tr("Done: %1.").arg(words(kindOf(*done).done));
        }
        painter_.setFont(typeface::text(14));
        const QRectF needed = painter_.boundingRect(QRectF(0, 0, right - left - 36, 400), Qt::TextWordWrap, sentence);
        const QRectF box(left, y_, right - left, needed.height() + 30);
        painter_.setPen(Qt::NoPen);
        painter_.setBrush(paper);
        painter_.drawRoundedRect(box, 8, 8);
        write(sentence, {left + 18, y_ + 15, right - left - 36, 0}, 14, ink);
        y_ = box.bottom() + 20;
    }

    void wrongAndDone() {
        const double top = y_;
        write(OwnerPage::tr("What was wrong"), {left, y_, 330, 0}, 15, ink, true);
        const QRectF frame(left, top + 26, 330, 200);
        painter_.setPen(QPen(hairline, 1.2));
        painter_.setBrush(Qt::NoBrush);
        painter_.drawRoundedRect(frame, 8, 8);
        if (job_.set.backlight.isDescribed && !assessment_.located.empty()) {
            paintStrips(frame.adjusted(14, 14, -14, -14));
        } else {
            paintBoards(frame.adjusted(14, 14, -14, -14));
        }
        double at = top;
        write(OwnerPage::tr("What we did"), {408, at, 330, 0}, 15, ink, true);
        at += 28;
        for (const auto& [what, detail] : done()) {
            dot({413, at + 9}, good);
            at += write(what, {428, at, right - 428, 0}, 14, ink);
            at += write(detail, {428, at, right - 428, 0}, 12.5, pale) + 8;
        }
        y_ = std::max(frame.bottom(), at) + 18;
        rule();
    }

    std::vector<std::pair<QString, QString>> done() const {
        std::vector<std::pair<QString, QString>> lines;
        if (const auto* option = chosen()) {
            lines.emplace_back(words(kindOf(*option).done), QString());
        }
        if (!job_.repair.work.empty()) {
            lines.emplace_back(QString::fromStdString(job_.repair.work), QString());
        }
        const auto milliamps = [](double amps) { return number(1000 * amps, 0); };
        if (job_.repair.originalAmps && job_.repair.newAmps && job_.repair.originalAmps != job_.repair.newAmps) {
            lines.emplace_back(
                OwnerPage::tr("Current of the LEDs changed"),
                OwnerPage::tr("%1 → %2 mA").arg(milliamps(*job_.repair.originalAmps), milliamps(*job_.repair.newAmps)));
        }
        const auto& module = job_.repair.details.module;
        const auto* option = chosen();
        if (option != nullptr && kindOf(*option).plan == "driver" && module && !module->dims.value_or(false)) {
            lines.emplace_back(OwnerPage::tr("Brightness"),
                               OwnerPage::tr("can no longer be set: the light is full or off"));
        }
        const auto isGood = [](const auto& proof) { return proof.within; };
        const auto count = std::count_if(assessment_.proof.begin(), assessment_.proof.end(), isGood);
        const auto open = std::count_if(assessment_.proof.begin(), assessment_.proof.end(),
                                        [](const auto& proof) { return proof.found.empty(); });
        if (count > 0) {
            lines.emplace_back(
                OwnerPage::tr("Measured after the repair"),
                OwnerPage::tr("%1 of %2 readings as they should be").arg(count).arg(assessment_.proof.size()) +
                    (open > 0 ? OwnerPage::tr("; %1 not taken").arg(open) : QString()));
        }
        if (job_.soak.empty()) {
            lines.emplace_back(OwnerPage::tr("Not soaked"), OwnerPage::tr("it was not left running under watch"));
        } else {
            lines.emplace_back(OwnerPage::tr("Left running under watch"), words(assessment_.soak.text));
        }
        return lines;
    }

    /// The strips as rows of discs, the faulty ones ringed and named.
    void paintStrips(const QRectF& room) {
        const auto& panel = job_.set.backlight;
        const int strips = int(panel.strips.size());
        int most = 1;
        for (const auto& strip : panel.strips) {
            most = std::max(most, strip.leds);
        }
        const double rowHeight = std::min(46.0, room.height() / strips);
        const double step = std::min(24.0, (room.width() - 26) / most);
        const double radius = std::clamp(0.25 * step, 1.2, 6.0);
        for (int s = 0; s < strips; ++s) {
            const double y = room.top() + (s + 0.5) * rowHeight;
            if (rowHeight > 11) {
                write(QString::fromStdString(panel.strips[std::size_t(s)].label), {room.left(), y - 8, 26, 0}, 11,
                      pale);
            }
            for (int led = 0; led < panel.strips[std::size_t(s)].leds; ++led) {
                const QPointF at(room.left() + 30 + step * (led + 0.5), y);
                const backlight::LedPlace place{s, led};
                const bool isFaulty = std::any_of(assessment_.located.begin(), assessment_.located.end(),
                                                  [&](const auto& found) { return found.place == place; });
                dot(at, isFaulty ? Qt::white : lit, radius);
                if (isFaulty) {
                    painter_.setPen(QPen(ember, 2));
                    painter_.setBrush(Qt::NoBrush);
                    painter_.drawEllipse(at, radius + 1, radius + 1);
                    painter_.setPen(QPen(ember, 1, Qt::DashLine));
                    painter_.drawEllipse(at, radius + 6, radius + 6);
                    if (assessment_.located.size() < 5) {
                        write(QString::fromStdString(nameOf(panel, place)), {at.x() - 40, at.y() + radius + 7, 80, 0},
                              11, ember, true, Qt::AlignHCenter);
                    }
                }
            }
        }
    }

    /// The boards as boxes, the one with the fault in its colour.
    void paintBoards(const QRectF& room) {
        const auto& kind = trade_.setKind(job_.set);
        const int at = assessment_.suspects.front().block;
        const int columns = 2;
        const int rows = (int(kind.placed.size()) + columns - 1) / columns;
        const double gap = 8;
        const QSizeF box((room.width() - gap) / columns, (room.height() - gap * (rows - 1)) / std::max(1, rows));
        for (std::size_t i = 0; i < kind.placed.size(); ++i) {
            const std::size_t column = i % columns;
            const std::size_t row = i / columns;
            const QRectF frame(QPointF(room.left() + double(column) * (box.width() + gap),
                                       room.top() + double(row) * (box.height() + gap)),
                               box);
            const bool isIt = kind.placed[i].block == at;
            painter_.setPen(QPen(isIt ? ember : hairline, isIt ? 2 : 1));
            painter_.setBrush(isIt ? QColor("#FBEAE6") : paper);
            painter_.drawRoundedRect(frame, 6, 6);
            write(words(kind.blocks[std::size_t(kind.placed[i].block)].title), frame.adjusted(10, 8, -6, 0), 12.5,
                  isIt ? ember : pale, isIt);
        }
    }

    /// The readings that were taken before and after, against what a healthy set shows.
    void beforeAndAfter() {
        const auto before = job::standingEntries(job_, job::Phase::Before);
        bool hasHead = false;
        for (const auto& proof : assessment_.proof) {
            if (!proof.volts || proof.band.high <= 0) {
                continue;
            }
            std::optional<double> found;
            for (const auto& entry : before) {
                const auto* measured = std::get_if<evidence::Measured>(&entry.what);
                const bool isIt = measured != nullptr && measured->test == proof.test &&
                                  measured->channel == proof.channel && measured->feed == proof.feed;
                found = isIt ? std::optional(measured->volts) : found;
            }
            if (!hasHead) {
                hasHead = true;
                write(OwnerPage::tr("Before and after"), {left, y_, 190, 0}, 15, ink, true);
                write(OwnerPage::tr("healthy in green"), {250, y_ + 3, 200, 0}, 12, pale);
                write(OwnerPage::tr("found"), {566, y_ + 3, 70, 0}, 12, pale);
                write(OwnerPage::tr("left"), {640, y_ + 3, 90, 0}, 12, pale);
                y_ += 28;
            }
            const double high = 1.15 * std::max({proof.band.high, found.value_or(0), *proof.volts});
            const auto x = [&](double volts) { return 250 + 300 * volts / high; };
            const double middle = y_ + 9;
            painter_.setPen(Qt::NoPen);
            painter_.setBrush(paper);
            painter_.drawRoundedRect(QRectF(250, middle - 4, 300, 8), 4, 4);
            painter_.setBrush(QColor("#9DBFA6"));
            painter_.drawRoundedRect(QRectF(x(proof.band.low), middle - 4, x(proof.band.high) - x(proof.band.low), 8),
                                     4, 4);
            if (found) {
                painter_.setBrush(ember);
                const double r = 7;
                painter_.drawPolygon(QPolygonF{{x(*found), middle - r},
                                               {x(*found) + r, middle},
                                               {x(*found), middle + r},
                                               {x(*found) - r, middle}});
                write(volts(*found), {566, y_, 70, 0}, 14, ember);
            }
            dot({x(*proof.volts), middle}, good, 6.5);
            write(volts(*proof.volts), {640, y_, 90, 0}, 14, proof.within ? good : ember, true);
            write(words(proof.title), {left, y_, 188, 0}, 14, ink);
            y_ += 27;
            if (y_ > 760) {
                break;
            }
        }
        y_ += hasHead ? 8 : 0;
    }

    void soakAndPrice() {
        const double top = y_;
        const double height = 150;
        const bool hasSoak = !job_.soak.empty();
        if (hasSoak) {
            paintSoak({left, top, 410, height});
        }
        if (job_.order.agreedPrice || job_.bench.promisedHours > 0) {
            const QRectF box(484, top, right - 484, hasSoak ? height : 92);
            painter_.setPen(Qt::NoPen);
            painter_.setBrush(paper);
            painter_.drawRoundedRect(box, 8, 8);
            double y = box.top() + 16;
            write(OwnerPage::tr("Price"), {box.left() + 18, y, 90, 0}, 14, ink, true);
            y += write(job_.order.agreedPrice ? money(*job_.order.agreedPrice, job_) : OwnerPage::tr("as agreed"),
                       {box.left() + 90, y, box.width() - 108, 0}, 17, ink, true, Qt::AlignRight) +
                 14;
            write(OwnerPage::tr("promised: %1 hours of light").arg(number(job_.bench.promisedHours, 0)),
                  {box.left() + 18, y, box.width() - 36, 0}, 13, glow, true);
        }
        y_ = top + (hasSoak ? height : 92) + 18;
    }

    void paintSoak(const QRectF& box) {
        painter_.setPen(QPen(hairline, 1.2));
        painter_.setBrush(Qt::NoBrush);
        painter_.drawRoundedRect(box, 8, 8);
        write(OwnerPage::tr("Soak, at your brightness"), {box.left() + 16, box.top() + 12, 300, 0}, 13, ink, true);
        const QRectF plot = box.adjusted(56, 44, -34, -34);
        double low = INFINITY;
        double high = 0;
        double last = proof::soakMinutes;
        for (const auto& entry : job_.soak) {
            low = std::min(low, entry.amps);
            high = std::max(high, entry.amps);
            last = std::max(last, entry.minutes);
        }
        const double room = std::max(0.1 * high, 1e-4);
        const auto at = [&](const job::SoakEntry& entry) {
            return QPointF(plot.left() + plot.width() * entry.minutes / last,
                           plot.bottom() - plot.height() * (entry.amps - low + room) / (high - low + 2 * room));
        };
        painter_.fillRect(plot, QColor("#E2ECE4"));
        QPolygonF curve;
        for (const auto& entry : job_.soak) {
            curve << at(entry);
        }
        painter_.setPen(QPen(glow, 2));
        painter_.drawPolyline(curve);
        write(OwnerPage::tr("%1 mA").arg(number(1000 * high, 0)), {box.left() + 8, curve.front().y() - 8, 46, 0}, 11,
              pale, false, Qt::AlignRight);
        for (double minute = 0; minute <= last; minute += 10) {
            write(OwnerPage::tr("%1 min").arg(minute),
                  {plot.left() + plot.width() * minute / last - 30, plot.bottom() + 8, 60, 0}, 11, pale, false,
                  Qt::AlignHCenter);
        }
    }

    void advice() {
        QStringList lines = {
            OwnerPage::tr("Keep the brightness at two thirds or below: less current and less heat."),
            OwnerPage::tr("Leave a hand of air above and below the housing."),
            OwnerPage::tr("If it ever darkens again, note how many seconds it stayed lit: that alone tells much.")};
        const auto* option = chosen();
        const bool someStayed =
            option != nullptr && kindOf(*option).opensPanel && kindOf(*option).renews != knowledge::Renews::All;
        if (someStayed) {
            lines.insert(1, OwnerPage::tr("Most LEDs are as old as the set: the ones that stayed in may follow."));
        }
        if (y_ > 930 - 22.0 * double(lines.size())) {
            lines = lines.mid(0, 2);
        }
        paragraph(OwnerPage::tr("To make it last"), 15, ink, true);
        y_ += 6;
        for (const auto& words : lines) {
            dot({left + 6, y_ + 9}, pale, 2.5);
            y_ += write(words, {left + 18, y_, right - left - 18, 0}, 13.5, ink) + 5;
        }
    }

    /// Two ways to go on: the advised one, and the next that mends.
    void ways() {
        std::vector<const repair::Option*> options;
        for (const auto& option : assessment_.plan.options) {
            if (option.canBeDone() && !option.stopGap && options.size() < 2) {
                options.push_back(&option);
            }
        }
        paragraph(options.empty() ? OwnerPage::tr("What it would cost cannot be said before more is known.")
                                  : OwnerPage::tr("How we would go on"),
                  15, ink, true);
        y_ += 8;
        const double width = (right - left - 16) / 2;
        double bottom = y_;
        for (std::size_t i = 0; i < options.size(); ++i) {
            bottom = std::max(bottom, way(*options[i], {left + double(i) * (width + 16), y_, width, 260}));
        }
        y_ = bottom + 20;
        if (job_.order.value > 0) {
            paragraph(
                OwnerPage::tr("A set like this is worth about %1 when it works.").arg(money(job_.order.value, job_)),
                13.5, pale);
        }
    }

    double way(const repair::Option& option, const QRectF& box) {
        painter_.setPen(QPen(hairline, 1.2));
        painter_.setBrush(Qt::NoBrush);
        painter_.drawRoundedRect(box, 8, 8);
        const double x = box.left() + 18;
        const double room = box.width() - 36;
        double y = box.top() + 16;
        y += write(words(option.title), {x, y, room, 0}, 16, ink, true) + 4;
        y += write(words(kindOf(option).forOwner), {x, y, room, 0}, 12.5, pale) + 12;
        const double price = option.parts + option.minutes * job_.bench.ratePerHour / 60;
        const std::pair<QString, QString> facts[] = {
            {OwnerPage::tr("parts and work"), money(price, job_)},
            {OwnerPage::tr("parts are here in"),
             option.days > 0
                 ? language::counted(int(std::ceil(option.days)), OwnerPage::tr("1 day"), OwnerPage::tr("%1 days"))
                 : OwnerPage::tr("at hand")},
            {OwnerPage::tr("promised"), OwnerPage::tr("%1 h of light").arg(number(job_.bench.promisedHours, 0))},
            {OwnerPage::tr("may come back in that time"),
             option.comeback ? OwnerPage::tr("%1 in 100").arg(number(100 * *option.comeback, 0))
                             : OwnerPage::tr("cannot tell")}};
        for (const auto& [name, value] : facts) {
            write(name, {x, y, room, 0}, 13, pale);
            y += write(value, {x, y, room, 0}, 14, ink, true, Qt::AlignRight) + 8;
        }
        painter_.setPen(QPen(ink, 1.4));
        painter_.drawRect(QRectF(x, box.bottom() - 34, 15, 15));
        write(OwnerPage::tr("yes, please"), {x + 24, box.bottom() - 36, 120, 0}, 14, ink);
        painter_.setPen(QPen(ink, 1.4));
        painter_.drawRect(QRectF(x + 150, box.bottom() - 34, 15, 15));
        write(OwnerPage::tr("no"), {x + 174, box.bottom() - 36, 80, 0}, 14, ink);
        return box.bottom();
    }

    void signatures(const QStringList& names) {
        y_ = 1000;
        rule();
        double x = left;
        for (const auto& name : names) {
            painter_.setFont(typeface::text(13));
            const double width = painter_.fontMetrics().horizontalAdvance(name);
            write(name, {x, y_, 200, 0}, 13, ink);
            painter_.setPen(QPen(pale, 1));
            painter_.drawLine(QPointF(x + width + 10, y_ + 16), QPointF(x + 300, y_ + 16));
            x += 374;
        }
    }

    void foot() {
        const QString readings =
            language::counted(qint64(job_.trail.size()), OwnerPage::tr("1 reading"), OwnerPage::tr("%1 readings"));
        write(OwnerPage::tr("The full record (%1) stays with the workshop under %2.")
                  .arg(readings, QString::fromStdString(job_.id)),
              {left, 1068, 560, 0}, 12, pale);
        write(QStringLiteral("1 / 1"), {right - 100, 1068, 100, 0}, 12, pale, false, Qt::AlignRight);
    }

    QPainter& painter_;
    const job::Job& job_;
    const sheet::Assessment& assessment_;
    const knowledge::Knowledge& trade_;
    double y_ = 0;
    QStringList said_;
};

}  // namespace

void paintPage(QPainter& painter, Page page, const job::Job& job, const sheet::Assessment& assessment,
               const knowledge::Knowledge& trade) {
    PageMaker maker(painter, job, assessment, trade);
    page == Page::Owner ? maker.owner() : maker.quote();
}

QString wordsOf(Page page, const job::Job& job, const sheet::Assessment& assessment,
                const knowledge::Knowledge& trade) {
    QPicture nowhere;
    QPainter painter(&nowhere);
    PageMaker maker(painter, job, assessment, trade);
    page == Page::Owner ? maker.owner() : maker.quote();
    return maker.said();
}

void print(QPagedPaintDevice& device, Page page, const job::Job& job, const sheet::Assessment& assessment,
           const knowledge::Knowledge& trade) {
    device.setPageSize(QPageSize(QPageSize::A4));
    device.setPageMargins(QMarginsF());
    QPainter painter(&device);
    painter.scale(device.width() / pageSize.width(), device.height() / pageSize.height());
    paintPage(painter, page, job, assessment, trade);
}

QByteArray pdfOf(Page page, const job::Job& job, const sheet::Assessment& assessment,
                 const knowledge::Knowledge& trade) {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setResolution(96);
        writer.setTitle(QString::fromStdString(job.id + " " + job.title));
        print(writer, page, job, assessment, trade);
    }
    return buffer.data();
}

}  // namespace dimglow::report
