// How the program is met: an empty bench, help, a file brought by the desktop, a second start.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QDropEvent>
#include <QFile>
#include <QLabel>
#include <QListWidget>
#include <QMimeData>
#include <QSignalSpy>
#include <QTextBrowser>

#include "app/only_one.h"
#include "records/job_file.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

using testing::HasSubstr;

class FrontDoor : public testing::Test {
protected:
    job::Job demo() const { return virtualset::demoJob(0, knowledge::builtInKnowledge()).job; }
    QString written(const QString& name) {
        const QString path = me_.path(name);
        records::writeJobFile(demo(), path);
        return path;
    }
    std::string help() { return me_.find<QTextBrowser>(QStringLiteral("helpText"))->toPlainText().toStdString(); }
    test::Technician me_;
};

TEST_F(FrontDoor, AnEmptyBenchHasThreeDoorsAndAsksForTheHeadOnce) {
    EXPECT_TRUE(me_.sees(QStringLiteral("Take in the first job")));
    EXPECT_TRUE(me_.sees(QStringLiteral("Look at the demo workshop")));
    EXPECT_TRUE(me_.sees(QStringLiteral("Bring a job")));
    me_.clickInto(QStringLiteral("firstWorkshop"));
    me_.typeOver(QStringLiteral("North pier displays"));
    me_.clickInto(QStringLiteral("firstRate"));
    me_.typeOver(QStringLiteral("a lot"));
    me_.press(Qt::Key_Return);
    EXPECT_FALSE(me_.read(QStringLiteral("fieldNote")).isEmpty());
    me_.typeOver(QStringLiteral("52"));
    me_.press(Qt::Key_Return);
    me_.press(Qt::Key_N, Qt::ControlModifier);
    EXPECT_EQ(me_.job().bench.workshop, "North pier displays");
    EXPECT_EQ(me_.job().bench.ratePerHour, 52);
    me_.press(Qt::Key_H, Qt::ControlModifier);
    EXPECT_FALSE(me_.sees(QStringLiteral("Take in the first job"))) << "never in the way";
}

TEST_F(FrontDoor, HelpIsThePageOfTheStationInFrontWithItsKeys) {
    me_.window().importFile(written(QStringLiteral("given.json")));
    me_.goTo("fixPlan");  // while it is still opening
    me_.press(Qt::Key_F1);
    me_.settle();
    EXPECT_THAT(help(), HasSubstr("without limits of its own"));
    EXPECT_THAT(help(), HasSubstr("price, days"));
    EXPECT_THAT(help(), HasSubstr("Caution"));
    me_.type(QStringLiteral("bleed"));
    me_.find<QLineEdit>(QStringLiteral("searchHelp"))->selectAll();
    me_.type(QStringLiteral("max hold"));
    EXPECT_THAT(help(), HasSubstr("LED+ that rises and drops is protection")) << "the page that says it";
    me_.press(Qt::Key_I, Qt::AltModifier);
    EXPECT_THAT(help(), HasSubstr("GPL-3.0-or-later"));
    EXPECT_THAT(help(), HasSubstr("OFL-1.1"));
    me_.press(Qt::Key_Escape);
    EXPECT_EQ(me_.find<QTextBrowser>(QStringLiteral("helpText")), nullptr);
    me_.press(Qt::Key_F1);
    EXPECT_THAT(help(), HasSubstr("price, days")) << "back at the fix plan";
}

TEST_F(FrontDoor, ASheetOverTheBenchMakesRoomForTheJobThatIsOpened) {
    me_.press(Qt::Key_F1);
    me_.window().importFile(written(QStringLiteral("given.json")));
    me_.press(Qt::Key_B, Qt::ControlModifier);
    me_.press(Qt::Key_B, Qt::ControlModifier);
    me_.goTo("firstLook");
    me_.settle();
    EXPECT_EQ(me_.find<QTextBrowser>(QStringLiteral("helpText")), nullptr);
    EXPECT_NE(me_.find<QLabel>(QStringLiteral("questionTitle")), nullptr) << "its first look is in front";
    me_.press(Qt::Key_F1);
    EXPECT_THAT(help(), HasSubstr("torch")) << "help of the first look";
}

TEST_F(FrontDoor, EveryStationHasItsPageInBothLanguages) {
    for (const auto& kind : app::stationKinds()) {
        for (const char* folder : {"en", "de"}) {
            QFile page(QStringLiteral(":/manual/%1/%2.md").arg(QLatin1String(folder), QLatin1String(kind.id)));
            ASSERT_TRUE(page.open(QIODevice::ReadOnly)) << folder << " " << kind.id;
            const auto text = page.readAll();
            EXPECT_TRUE(text.contains(folder == std::string("en") ? "**Why**" : "**Warum**")) << kind.id;
            if (folder == std::string("en")) {
                EXPECT_EQ(QString::fromUtf8(text).section('\n', 0, 0), "# " + kind.title(set::LightKind::Leds));
            }
        }
    }
}

TEST_F(FrontDoor, AFileThatIsDroppedIsTakenIn) {
    const QString path = written(QStringLiteral("brought.dimglow"));
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enters({20, 20}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QCoreApplication::sendEvent(&me_.window(), &enters);
    EXPECT_TRUE(enters.isAccepted());
    QDropEvent drops({20, 20}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QCoreApplication::sendEvent(&me_.window(), &drops);
    EXPECT_EQ(me_.job().id, demo().id);
}

TEST_F(FrontDoor, ASecondStartHandsItsFileToTheWindowThatRuns) {
    const QString logbook = me_.path(QStringLiteral("one.sqlite"));
    const app::OnlyOne second(logbook);
    EXPECT_FALSE(second.handOver({})) << "nobody is there yet";
    app::OnlyOne first(logbook);
    first.listen();
    QSignalSpy called(&first, &app::OnlyOne::calledAgain);
    QObject::connect(&first, &app::OnlyOne::calledAgain, &me_.window(), &app::MainWindow::calledAgain);
    EXPECT_TRUE(second.handOver(written(QStringLiteral("handed.dimglow"))));
    ASSERT_TRUE(called.wait(3000));
    EXPECT_EQ(me_.job().id, demo().id);
    EXPECT_TRUE(second.handOver({}, true));
    ASSERT_TRUE(called.wait(3000));
    EXPECT_NE(me_.job().id, demo().id) << "the desktop's \"New job\" reaches the window that runs";
    EXPECT_FALSE(app::OnlyOne(me_.path(QStringLiteral("other.sqlite"))).handOver({}))
        << "another logbook is another window";
}

}  // namespace
}  // namespace dimglow
