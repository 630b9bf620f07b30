// The fix in depth, as somebody at the bench works through it: keys and what stands on the screen.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QFile>
#include <QImage>
#include <QLabel>
#include <QProcess>

#include "app/bench_maths.h"
#include "app/figures_sheet.h"
#include "app/light_sheet.h"
#include "app/universal_sheet.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

using testing::HasSubstr;

class Fixing : public testing::Test {
protected:
    /// The first demo job with its open LED found.
    void openFound() {
        auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
        const backlight::LedPlace place{1, 8};
        job::addEntry(made, "2026-11-30T08:00:00Z", job::Phase::Before,
                      evidence::LedChecked{place, {}, {{}, {}, true, {}, false}});
        made.panelOpen = true;
        made.order.due.clear();
        open(made);
    }
    void open(const job::Job& made) {
        me_.logbook().create(made, QStringLiteral("Taken in"));
        me_.window().openJob(QString::fromStdString(made.id));
        me_.settle();
        me_.goTo("fixPlan");
    }
    const job::Job& job() { return me_.job(); }
    std::string advised() { return me_.window().session().shown().assessment.plan.advised; }
    void fill(const char* field, const char* text) {
        me_.clickInto(QString::fromLatin1(field));
        me_.typeOver(QString::fromUtf8(text));
        me_.press(Qt::Key_Tab);
    }
    test::Technician me_;
};

TEST_F(Fixing, WhoseSetItIsDecidesTheAdvice) {
    openFound();
    me_.clickInto(QStringLiteral("goodwill"));
    me_.typeOver(QStringLiteral("300"));
    me_.press(Qt::Key_Return);
    me_.press(Qt::Key_Escape);
    me_.find<QWidget>(QStringLiteral("chart"))->parentWidget()->setFocus();
    me_.press(Qt::Key_O, Qt::AltModifier);
    EXPECT_EQ(job().order.whose, job::Whose::Customer);
    EXPECT_TRUE(me_.read(QStringLiteral("whose")).startsWith(QStringLiteral("customer")));
    const auto forCustomer = advised();
    me_.press(Qt::Key_O, Qt::AltModifier);
    EXPECT_EQ(job().order.whose, job::Whose::Own);
    EXPECT_NE(advised(), forCustomer) << "a comeback of one's own costs no trust";
}

TEST_F(Fixing, TheCurrentIsLoweredOnlyOnceTheOriginalIsWrittenDown) {
    openFound();
    EXPECT_FALSE(me_.find<QWidget>(QStringLiteral("wantedAmps"))->isEnabled());
    me_.press(Qt::Key_C);
    me_.type(QStringLiteral("240"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(job().repair.originalAmps, 0.24);
    EXPECT_FALSE(me_.find<QWidget>(QStringLiteral("wantedAmps"))->isEnabled());
    fill("foundResistors", "about two ohms");
    EXPECT_TRUE(job().repair.details.current.foundResistors.empty());
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("R22"));
    fill("foundResistors", "2R4 || 2R4");
    EXPECT_EQ(job().repair.details.current.foundResistors, "2R4 || 2R4");
    const double before = *me_.window().session().shown().assessment.plan.options.front().comeback;
    fill("wantedAmps", "200 mA");
    EXPECT_FALSE(job().repair.newAmps) << "wanted is not yet done";
    auto* way = me_.find<QPushButton>(QStringLiteral("way1"));
    ASSERT_NE(way, nullptr);
    EXPECT_THAT(way->text().toStdString(), HasSubstr("2R4 ∥ 3R6"));
    way->click();
    EXPECT_NEAR(*job().repair.newAmps, 0.2, 1e-9);
    EXPECT_EQ(job().repair.originalAmps, 0.24) << "what was there is kept";
    EXPECT_LT(*me_.window().session().shown().assessment.plan.options.front().comeback, before);
}

TEST_F(Fixing, UniversalStripsFromADarkStripToThePrintedTemplate) {
    openFound();
    me_.press(Qt::Key_U);
    const std::pair<const char*, const char*> typed[] = {{"segmentLeds", "3"},    {"segmentMm", "15 cm"},
                                                         {"segments", "6"},       {"stripWidth", "12"},
                                                         {"segmentVolts", "9.3"}, {"segmentAmps", "350"}};
    for (const auto& [field, text] : typed) {
        EXPECT_FALSE(job().repair.details.universal) << "nothing of it is taken before all is said";
        fill(field, text);
    }
    ASSERT_TRUE(job().repair.details.universal);
    EXPECT_EQ(job().repair.details.universal->stock.segmentMm, 150);
    EXPECT_THAT(me_.read(QStringLiteral("universalFigures")).toStdString(), HasSubstr("149 V a string (was 1"));
    fill("keepOuts", "here and there");
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("300-312"));
    fill("keepOuts", "300-312");
    EXPECT_EQ(job().repair.details.universal->keepOuts.size(), 1U);

    const QString pdf = me_.path(QStringLiteral("template.pdf"));
    me_.find<app::UniversalSheet>(QString())->saveTemplate(pdf);
    // The measure of the first sheet, at 254 dots an inch: ten to a millimetre.
    QProcess print;
    print.start(QStringLiteral("pdftoppm"), {QStringLiteral("-r"), QStringLiteral("254"), QStringLiteral("-f"),
                                             QStringLiteral("1"), QStringLiteral("-l"), QStringLiteral("1"),
                                             QStringLiteral("-png"), pdf, me_.path(QStringLiteral("sheet"))});
    ASSERT_TRUE(print.waitForFinished(60000));
    const auto sheets = QDir(me_.path(QString())).entryList({QStringLiteral("sheet*.png")});
    ASSERT_EQ(sheets.size(), 1);
    const QImage sheet(me_.path(sheets.front()));
    ASSERT_NEAR(sheet.width(), 2970, 2) << "A4 across";
    int longest = 0;
    for (int row = sheet.height() - 250; row < sheet.height() - 100; ++row) {
        int run = 0;
        for (int column = 0; column < sheet.width(); ++column) {
            run = qGray(sheet.pixel(column, row)) < 100 ? run + 1 : 0;
            longest = std::max(longest, run);
        }
    }
    EXPECT_NEAR(longest, 1000, 8) << "100 mm";
    me_.press(Qt::Key_Escape);
    EXPECT_FALSE(me_.find<app::UniversalSheet>(QString()) != nullptr);
}

TEST_F(Fixing, ASubstituteDriverWithoutLimitsOfItsOwnIsRefused) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    made.trail.clear();
    made.order.due.clear();
    using evidence::Answer;
    job::addEntry(made, "2026-11-30T08:00:00Z", job::Phase::Before,
                  evidence::Measured{"blOn", {}, evidence::Shape::Steady, 3.3, 3.3});
    job::addEntry(made, "2026-11-30T08:01:00Z", job::Phase::Before,
                  evidence::Measured{"ledPlusIdle", {}, evidence::Shape::Steady, 48, 48});
    job::addEntry(made, "2026-11-30T08:02:00Z", job::Phase::Before,
                  evidence::Measured{"ledPlusOn", {}, evidence::Shape::Steady, 48, 48});
    open(made);
    const auto& options = me_.window().session().shown().assessment.plan.options;
    const auto driver = std::find_if(options.begin(), options.end(),
                                     [](const auto& option) { return option.id == "substituteDriver"; });
    ASSERT_NE(driver, options.end());
    EXPECT_FALSE(driver->planFirst.empty()) << "it is not advised unseen";
    me_.press(Qt::Key(Qt::Key_1 + int(driver - options.begin())));
    me_.press(Qt::Key_M);
    fill("lowest", "60");
    fill("highest", "190");
    fill("moduleAmps", "300");
    EXPECT_THAT(me_.read(QStringLiteral("fitVerdict")).toStdString(), HasSubstr("Refused"));
    fill("openVolts", "195");
    EXPECT_THAT(me_.read(QStringLiteral("fitVerdict")).toStdString(), HasSubstr("Refused")) << "no current limit said";
    fill("ownLimit", "yes");
    EXPECT_THAT(me_.read(QStringLiteral("fitVerdict")).toStdString(), testing::Not(HasSubstr("Refused")));
    fill("ownLimit", "perhaps");
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("yes or no"));
    EXPECT_EQ(job().repair.details.module->limitsCurrent, true) << "what is neither changes nothing";
    fill("ownLimit", "no");
    EXPECT_THAT(me_.read(QStringLiteral("fitVerdict")).toStdString(), HasSubstr("Refused"));
}

TEST_F(Fixing, ALookLeadsToItsCauseAndCure) {
    openFound();
    me_.press(Qt::Key_L);
    EXPECT_THAT(me_.read(QStringLiteral("lightFigures")).toStdString(), HasSubstr("depth not known"));
    me_.press(Qt::Key_Down);
    EXPECT_THAT(me_.read(QStringLiteral("lookCause")).toStdString(), HasSubstr("no light"));
    me_.press(Qt::Key_E);  // means nothing here, and nothing to the page below
    EXPECT_NE(me_.find<app::LightSheet>(QString()), nullptr);
    me_.press(Qt::Key_2);
    fill("depth", "22");
    EXPECT_EQ(job().repair.details.box.depthMm, 22);
    EXPECT_THAT(me_.read(QStringLiteral("lightFigures")).toStdString(), testing::Not(HasSubstr("not known")));
}

TEST_F(Fixing, AnOverdrivenLedIsNamedByItsFigures) {
    openFound();
    const auto& options = me_.window().session().shown().assessment.plan.options;
    const auto led = std::find_if(options.begin(), options.end(), [](const auto& o) { return o.id == "replaceLed"; });
    me_.press(Qt::Key(Qt::Key_1 + int(led - options.begin())));
    me_.press(Qt::Key_M);
    fill("ledRatedNew", "200");
    EXPECT_TRUE(me_.sees(QStringLiteral("240 mA through 200: 120 %")));
    EXPECT_EQ(me_.read(QStringLiteral("fitVerdict")), QStringLiteral("does not fit"));
}

TEST_F(Fixing, APartIsHeldToWhatTheBoardSaysOfTheOldOne) {
    const auto all = virtualset::demoWorkshop(knowledge::builtInKnowledge());
    const auto capacitors =
        std::find_if(all.begin(), all.end(), [](const auto& demo) { return demo.job.id == "SK-0417"; });
    open(capacitors->job);
    me_.press(Qt::Key_1);
    me_.press(Qt::Key_M);
    fill("partNew", "a can");
    EXPECT_FALSE(me_.read(QStringLiteral("fieldNote")).isEmpty());
    EXPECT_TRUE(job().repair.details.matching.newPart.empty());
    fill("partNew", "470u 25V 105C");
    EXPECT_EQ(me_.read(QStringLiteral("fitVerdict")), QStringLiteral("does not fit")) << "the old one stood more";
    EXPECT_TRUE(job().repair.details.matching.oldPart.empty()) << "what the board says is not typed here";
}

TEST_F(Fixing, WaysStandSideBySideInTheChartsPlace) {
    openFound();
    EXPECT_EQ(me_.find<QWidget>(QStringLiteral("sideBySideRows")), nullptr);
    me_.press(Qt::Key_T);
    const auto* rows = me_.find<QWidget>(QStringLiteral("sideBySideRows"));
    ASSERT_NE(rows, nullptr);
    for (const auto& option : me_.window().session().shown().assessment.plan.options) {
        const auto title = QString::fromStdString(option.title.english()) + QLatin1Char(':');
        EXPECT_EQ(rows->accessibleName().contains(title), option.canBeDone()) << option.id;
    }
    me_.press(Qt::Key_T);
    EXPECT_FALSE(rows->isVisible());
}

TEST_F(Fixing, BenchMathsLiesOverAnyStationAndIsPinned) {
    openFound();
    me_.goTo("board");
    me_.press(Qt::Key_B, Qt::ControlModifier);
    me_.press(Qt::Key_Return);
    for (const char* text : {"24", "62", "240", "47u", "200k"}) {
        me_.type(QString::fromLatin1(text));
        me_.press(Qt::Key_Tab);
    }
    EXPECT_THAT(me_.read(QStringLiteral("sumResults")).toStdString(), HasSubstr("1.52 A"));
    EXPECT_THAT(me_.read(QStringLiteral("sumNotes")).toStdString(), HasSubstr("Taken as usual: efficiency"));
    me_.press(Qt::Key_P, Qt::AltModifier);
    ASSERT_EQ(job().repair.details.sums.size(), 1U);
    EXPECT_FALSE(job().repair.details.sums.front().given.contains("eff")) << "what was not typed is not kept as typed";
    me_.press(Qt::Key_Escape);
    EXPECT_EQ(me_.find<app::BenchMaths>(QString()), nullptr);
    EXPECT_NE(me_.find<QLabel>(QStringLiteral("spotTitle")), nullptr) << "back at the board";
}

}  // namespace
}  // namespace dimglow
