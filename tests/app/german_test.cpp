#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QFile>
#include <QScrollArea>
#include <QTranslator>

#include "app/stations/stations.h"
#include "core/parts/part_line.h"
#include "language/language.h"
#include "records/job_file.h"
#include "report/report.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

/// The window as a German reader sees it.
class InGerman : public testing::Test {
protected:
    InGerman() {
        language::speak(QLocale(QLocale::German, QLocale::Germany));
        me_ = std::make_unique<test::Technician>();
        for (const auto& demo : virtualset::demoWorkshop(knowledge::builtInKnowledge())) {
            me_->logbook().create(demo.job, QStringLiteral("Demo"));
        }
        me_->window().goHome();
    }
    ~InGerman() override {
        me_.reset();
        qDeleteAll(QCoreApplication::instance()->findChildren<QTranslator*>());
        language::writeNumbersAs(before_);
    }
    void open() {
        me_->window().openJob(QStringLiteral("SK-0412"));
        me_->settle();
    }
    void expectToSee(const QStringList& all) {
        for (const auto& words : all) {
            EXPECT_TRUE(me_->sees(words)) << words.toStdString() << "\n" << me_->screen().join('\n').toStdString();
        }
    }

    QLocale before_;
    std::unique_ptr<test::Technician> me_;
};

TEST_F(InGerman, EveryStationSpeaksGermanWithADecimalComma) {
    open();
    me_->goTo("firstLook");
    me_->tap(QStringLiteral("torch"));
    expectToSee({QStringLiteral("Erster Blick"), QStringLiteral("Taschenlampe flach ans Glas: ein Bild?"),
                 QStringLiteral("Bild zu sehen"), QStringLiteral("Nächste Messung"),
                 QStringLiteral("Was noch bleibt")});
    me_->goTo("board");
    me_->clickInto(QStringLiteral("ledPlusOn"));
    expectToSee({QStringLiteral("LED+ beim Einschalten"), QStringLiteral("LED+, Max. halten im festen Bereich"),
                 QStringLiteral("örtliche Vorschriften beachten")});
    const auto band = me_->window().session().shown().assessment.expected.volts.at({"dim"});
    me_->clickInto(QStringLiteral("dim"));
    expectToSee({QStringLiteral("erwartet %1 … %2 V")
                     .arg(QString::number(band.low, 'f', 1).replace('.', ','),
                          QString::number(band.high, 'f', 1).replace('.', ','))});
    me_->goTo("panelCheck");
    const panelcheck::Plan usual;
    expectToSee({QStringLiteral("%1 bis %2 A zu erwarten")
                     .arg(QString::number(usual.tconLowAmps).replace('.', ','),
                          QString::number(usual.tconHighAmps).replace('.', ','))});
    me_->goTo("strings");
    expectToSee({QStringLiteral("Offene LED in Leiste")});
    me_->goTo("fixPlan");
    expectToSee({QStringLiteral("Noch nicht sicher"), QStringLiteral("Glasbruch")});
}

TEST_F(InGerman, EveryExampleOfAPartCanBeTypedAsItStands) {
    for (int kind = 0; kind < int(parts::partKindWords.size()); ++kind) {
        const auto part = parts::PartKind(kind);
        const auto alternatives = [](const text::Text& example) {
            return language::words(example).split(QStringLiteral(" oder "));
        };
        for (const auto& reading : alternatives(parts::readingExample(part))) {
            const auto read = parts::readTypedPart(part, reading.toStdString(), language::tongue());
            EXPECT_EQ(read.index(), 0u) << parts::partKindWords[std::size_t(kind)] << ": " << reading.toStdString();
        }
        for (const auto& printed : alternatives(parts::printedExample(part))) {
            const auto read = parts::readTypedRatings(part, printed.toStdString(), language::tongue());
            EXPECT_EQ(read.index(), 0u) << parts::partKindWords[std::size_t(kind)] << ": " << printed.toStdString();
        }
    }
}

TEST_F(InGerman, ReadingsAreTypedWithACommaAndRefusedInGerman) {
    open();
    me_->goTo("board");
    me_->clickInto(QStringLiteral("dim"));
    me_->typeOver(QStringLiteral("viel"));
    me_->press(Qt::Key_Return);
    EXPECT_TRUE(
        me_->read(QStringLiteral("fieldNote")).startsWith(QStringLiteral("\"viel\" ist nicht zu lesen; etwa ")));
    me_->typeOver(QStringLiteral("2,45"));
    me_->press(Qt::Key_Return);
    expectToSee({QStringLiteral("2,5 V"), QStringLiteral("DIM")});
    const QString file = me_->path(QStringLiteral("job.json"));
    records::writeJobFile(me_->job(), file);
    QFile written(file);
    ASSERT_TRUE(written.open(QIODevice::ReadOnly));
    EXPECT_TRUE(written.readAll().contains("\"volts\": 2.45")) << "files know no language";
}

// Words that a sheet hands to the core are German too, and what is chosen among a few is kept by its id.
TEST_F(InGerman, SheetsOfTheFixAreAskedAndAnsweredInGerman) {
    open();
    me_->goTo("fixPlan");
    me_->press(Qt::Key_M);
    expectToSee({QStringLiteral("gemessen bei")});
    me_->clickInto(QStringLiteral("plusPadOld"));
    me_->typeOver(QStringLiteral("groß"));
    me_->press(Qt::Key_Tab);
    EXPECT_EQ(me_->job().repair.details.matching.oldLed.plusPad, "large");
    EXPECT_EQ(me_->read(QStringLiteral("plusPadOld")), QStringLiteral("groß"));
}

TEST_F(InGerman, LongerWordsStillFitTheWindow) {
    open();
    me_->window().resize(1280, 800);
    for (const auto& kind : app::stationKinds()) {
        const char* station = kind.id;
        me_->goTo(station);
        me_->settle();
        const auto* hints = me_->find<QWidget>(QStringLiteral("hints"));
        ASSERT_NE(hints, nullptr);
        for (const auto* hint : hints->findChildren<QWidget*>()) {
            EXPECT_TRUE(hint->isVisible()) << "a key of station " << station;
        }
        for (const auto* area : me_->window().findChildren<QScrollArea*>()) {
            if (area->isVisible()) {
                EXPECT_LE(area->widget()->minimumSizeHint().width(), area->viewport()->width())
                    << "station " << station;
            }
        }
    }
}

TEST_F(InGerman, ReportIsInGerman) {
    const auto demo = virtualset::demoJob(0, knowledge::builtInKnowledge());
    const auto assessment = sheet::assess(demo.job, knowledge::builtInKnowledge());
    const auto& trail = demo.job.trail;
    const auto entry =
        std::ranges::find_if(trail, [](const auto& e) { return evidence::testOf(e.what) == "ledPlusIdle"; });
    ASSERT_NE(entry, trail.end());
    const auto* idle = std::get_if<evidence::Measured>(&entry->what);
    const QString report = report::compose(demo.job, assessment, knowledge::builtInKnowledge())->toPlainText();
    for (const auto& words :
         {QStringLiteral("Was gesehen und gemessen wurde"), QStringLiteral("Licht beim Einschalten"),
          QStringLiteral("Nicht begonnen."), QStringLiteral("Unter Spannung: Netz und etwa 325 V DC"),
          QString::number(idle->volts, 'f', 1).replace('.', ',') + QStringLiteral(" V")}) {
        EXPECT_TRUE(report.contains(words)) << words.toStdString() << "\n" << report.toStdString();
    }
}

}  // namespace
}  // namespace dimglow
