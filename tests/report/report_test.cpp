#include "report/report.h"

#include <gtest/gtest.h>

#include <QFontDatabase>
#include <QFontInfo>
#include <QFontMetrics>
#include <QPrinter>
#include <QProcess>
#include <QTemporaryDir>

#include "core/job/trail_lines.h"
#include "language/language.h"
#include "records/files.h"
#include "report/owner_page.h"
#include "typeface/typeface.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::report {
namespace {

class Report : public testing::Test {
protected:
    std::unique_ptr<QTextDocument> document() const { return compose(job_, sheet::assess(job_, trade_), trade_); }
    QString text() const { return document()->toPlainText(); }
    /// What a reader of the file sees, a form feed between pages.
    QString textOf(const QByteArray& pdf) const {
        const QString file = folder_.filePath(QStringLiteral("read.pdf"));
        records::writeWhole(file, pdf);
        QProcess reader;
        reader.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), file, QStringLiteral("-")});
        EXPECT_TRUE(reader.waitForFinished());
        return QString::fromUtf8(reader.readAllStandardOutput());
    }
    const QTemporaryDir folder_;
    const knowledge::Knowledge& trade_ = knowledge::builtInKnowledge();
    job::Job job_ = virtualset::demoJob(0, trade_).job;
};

TEST_F(Report, NamesTheSetAndWhatWasFoundAgainstAHealthyOne) {
    const QString report = text();
    for (const char* expected : {"Berth 3 departure board", "Northlight DB-43", "NL430-D7", "11400"}) {
        EXPECT_TRUE(report.contains(QString::fromUtf8(expected))) << expected;
    }
    for (const auto& entry : job_.trail) {
        EXPECT_TRUE(report.contains(language::words(evidence::describe(entry.what, {job_.set, trade_})))) << entry.id;
        EXPECT_TRUE(report.contains(language::words(evidence::titleOf(entry.what, {job_.set, trade_})))) << entry.id;
    }
    const auto band = sheet::assess(job_, trade_).expected.volts.at({"ledPlusOn"});
    EXPECT_TRUE(report.contains(QStringLiteral("%1 … %2 V").arg(band.low, 0, 'f', 1).arg(band.high, 0, 'f', 1)));
}

TEST_F(Report, PrintsThePanelCheckAndSaysWhenItEndsTheJob) {
    EXPECT_FALSE(text().contains(QStringLiteral("Panel check")));
    job_.panelCheck.findings = {panelcheck::Finding::Crack};
    job_.panelCheck.lightVolts = 136.5;
    job_.panelCheck.note = "corner, lower left";
    job_.panelCheck.outcome = panelcheck::Outcome::NoGo;
    const QString report = text();
    for (const char* expected :
         {"Panel check", "No-go: the job ends here.", "cracked", "corner, lower left", "136.5 V"}) {
        EXPECT_TRUE(report.contains(QString::fromUtf8(expected))) << expected;
    }
}

TEST_F(Report, SaysThatItIsNotCertainWhileItIsNot) {
    EXPECT_TRUE(text().contains(QStringLiteral("Not certain. Likeliest: Open LED in strip B")));
    EXPECT_TRUE(text().contains(QStringLiteral("repair in progress")));
    EXPECT_TRUE(text().contains(QStringLiteral("not taken")));
    EXPECT_TRUE(text().contains(QStringLiteral("Not started.")));
}

TEST_F(Report, TellsTheWorkTheCurrentsAndTheSoak) {
    job_.repair = {"replaceAllStrips", "Four new strips", 0.24, 0.2};
    job_.soak = {{0, 146, 0.2, false}, {11, 146, 0.2, false}, {21, 146, 0.2, false}, {32, 146, 0.199, false}};
    job_.handedBack = "2026-11-25T15:00:00Z";
    job::addEntry(job_, "", job::Phase::After, evidence::Measured{"ledPlusOn", {}, evidence::Shape::Steady, 20, 20});
    const QString words = text();
    for (const char* expected : {"Replace all strips.", "Four new strips", "240 mA", "200 mA", "Passed: 32 min",
                                 "handed back 2026-11-25", "20.0 V", "NOT as expected"}) {
        EXPECT_TRUE(words.contains(QString::fromUtf8(expected))) << expected;
    }
    const auto document = compose(job_, sheet::assess(job_, trade_), trade_);
    EXPECT_FALSE(document->resource(QTextDocument::ImageResource, QUrl(QStringLiteral("soak.png"))).isNull());
}

TEST_F(Report, CarriesTheCautions) {
    EXPECT_TRUE(text().contains(QStringLiteral("beyond ES2")));
    EXPECT_TRUE(text().contains(QStringLiteral("follow local codes")));
}

TEST_F(Report, WordsThatLookLikeMarkupStayWords) {
    job_.order.complaint = "<b>dark</b> & <script>alert(1)</script> <img src=x>";
    EXPECT_TRUE(text().contains(QStringLiteral("<b>dark</b> & <script>alert(1)</script> <img src=x>")));
}

TEST_F(Report, LongReportsRunOverSeveralPages) {
    for (int i = 0; i < 120; ++i) {
        job::addEntry(job_, "2026-11-24T10:00:00Z", job::Phase::Before,
                      evidence::Measured{"ledPlusIdle", {}, evidence::Shape::Steady, 48.0 + 0.01 * i, 48});
    }
    const QTemporaryDir folder;
    const QString pdf = folder.filePath(QStringLiteral("long.pdf"));
    records::writeWhole(pdf, pdfOf(*compose(job_, sheet::assess(job_, trade_), trade_)));
    QProcess info;
    info.start(QStringLiteral("pdfinfo"), {pdf});
    ASSERT_TRUE(info.waitForFinished());
    const QString words = QString::fromUtf8(info.readAllStandardOutput());
    const int pages = words.section(QStringLiteral("Pages:"), 1).section(QLatin1Char('\n'), 0, 0).trimmed().toInt();
    EXPECT_GE(pages, 3);
    EXPECT_TRUE(words.contains(QStringLiteral("A4")));
}

TEST_F(Report, LabelsThatLookLikePlaceholdersStayWords) {
    job_.set.backlight.strips[0].label = "%2";
    job_.title = "%1 and %3";
    job::addEntry(job_, "2026-11-24T10:00:00Z", job::Phase::Before,
                  evidence::TesterTaken{backlight::wholeStrip(job_.set.backlight, 0), {0.03, 300}, 300, 0});
    const QString words = text();
    EXPECT_TRUE(words.contains(QStringLiteral("%1 and %3"))) << words.toStdString();
    EXPECT_TRUE(words.contains(QStringLiteral("Tester 30 mA, strip %2"))) << words.toStdString();
}

TEST_F(Report, TellsTheTimeOfTheBenchNotOfGreenwich) {
    const QByteArray before = qgetenv("TZ");
    qputenv("TZ", "Etc/GMT-5");  // five hours ahead
    tzset();
    job_.trail.clear();
    job::addEntry(job_, "2026-11-24T22:30:00Z", job::Phase::Before, evidence::Answer{"torch", "picture"});
    const QString words = text();
    before.isNull() ? qunsetenv("TZ") : qputenv("TZ", before);
    tzset();
    EXPECT_TRUE(words.contains(QStringLiteral("2026-11-25 03:30"))) << words.toStdString();
}

TEST_F(Report, HeadingsStayWithTheirRowsHoweverLongTheTrailIs) {
    for (int more = 0; more < 30; ++more) {
        job::addEntry(job_, "2026-11-24T08:00:00Z", job::Phase::Before, job_.trail.front().what);
        const QStringList pages = textOf(pdfOf(*document())).split(QLatin1Char('\f'), Qt::SkipEmptyParts);
        for (const auto& page : pages) {
            const QString last = page.trimmed().section(QLatin1Char('\n'), -1).simplified();
            for (const char* heading : {"Set", "What was seen and measured", "Cause", "Work", "Proof", "Advice",
                                        "Cautions", "Reading after Found Expected", "Time What Found Healthy set"}) {
                EXPECT_NE(last.toStdString(), heading) << job_.trail.size() << " entries";
            }
        }
    }
}

TEST_F(Report, ComesOutOfAPrinterAsItDoesOfAFile) {
    const QString file = folder_.filePath(QStringLiteral("printed.pdf"));
    const auto assessment = sheet::assess(job_, trade_);
    for (const bool isBench : {false, true}) {
        {
            QPrinter printer(QPrinter::HighResolution);
            printer.setOutputFileName(file);
            isBench ? print(printer, *document()) : print(printer, Page::Owner, job_, assessment, trade_);
        }
        const QString printed = textOf(records::readWhole(file, 10'000'000));
        const QString saved = textOf(isBench ? pdfOf(*document()) : pdfOf(Page::Owner, job_, assessment, trade_));
        EXPECT_EQ(printed.simplified().toStdString(), saved.simplified().toStdString());
    }
}

// The mono faces of this family also register under the plain one's name, so the face must be checked, not the name.
TEST(Typeface, TextIsProportionalAndColumnsAreNot) {
    const QFontMetrics text(typeface::text(20));
    const QFontMetrics columns(typeface::columns(20));
    EXPECT_LT(text.horizontalAdvance(QStringLiteral("iiii")), text.horizontalAdvance(QStringLiteral("MMMM")));
    EXPECT_EQ(columns.horizontalAdvance(QStringLiteral("iiii")), columns.horizontalAdvance(QStringLiteral("MMMM")));
    EXPECT_LT(text.horizontalAdvance(QStringLiteral("3.28")), columns.horizontalAdvance(QStringLiteral("3.28")));
}

TEST(Typeface, HasARealBold) {
    EXPECT_TRUE(QFontInfo(typeface::text(20, QFont::Bold)).bold());
    EXPECT_FALSE(QFontInfo(typeface::text(20)).bold());
    EXPECT_EQ(QFontInfo(typeface::text(20)).family(), QStringLiteral("Dim Glow Text"));
}

/// This one is installed wherever the program is built.
TEST(Typeface, FacesOfTheMachineStandInForWhatOursLack) {
    typeface::load();
    EXPECT_TRUE(QFontDatabase::families().contains(QStringLiteral("B612")));
}

}  // namespace
}  // namespace dimglow::report
