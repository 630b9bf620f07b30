// What hands do that hold two probes: half a line, another key, a wrong one, back again. Nothing is lost, nothing
// becomes another reading, and what the program filled in is not taken for typed.

#include <gmock/gmock.h>

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QGuiApplication>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>
#include <map>

#include "app/belief_river.h"
#include "app/job_page.h"
#include "app/stations/stations.h"
#include "app/theme.h"
#include "core/backlight/plain.h"
#include "core/job/problems.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

using testing::HasSubstr;
using testing::Not;

class BusyHands : public testing::Test {
protected:
    ~BusyHands() override {
        app::theme::setOwnScale(1);
        app::theme::setMode(app::theme::Mode::LampOff);
    }
    void open(job::Job job) {
        job.liveWorkAccepted = true;
        me_.logbook().create(job, QStringLiteral("Taken in"));
        me_.window().openJob(QString::fromStdString(job.id));
        me_.settle();
    }
    void openDemo(int demo) { open(virtualset::demoJob(demo, knowledge::builtInKnowledge()).job); }
    const job::Job& job() { return me_.job(); }
    std::string notice() { return me_.read(QStringLiteral("notice")).toStdString(); }

    test::Technician me_;
};

// ---- half typed --------------------------------------------------------------------------------------------------

TEST_F(BusyHands, ThemeZoomAndSizeKeepWhatIsHalfTypedAndTheFocus) {
    openDemo(1);
    me_.goTo("board");
    me_.clickInto(QStringLiteral("ledPlusOn"));
    const auto entries = job().trail.size();
    me_.type(QStringLiteral("33."));
    me_.press(Qt::Key_F9);
    me_.press(Qt::Key_Plus, Qt::ControlModifier);
    me_.window().resize(1920, 1080);
    me_.type(QStringLiteral("5"));
    EXPECT_EQ(me_.read(QStringLiteral("ledPlusOn")), QStringLiteral("33.5"));
    EXPECT_EQ(job().trail.size(), entries);
    me_.press(Qt::Key_Return);
    EXPECT_EQ(std::get<evidence::Measured>(job().trail.back().what).volts, 33.5);
}

TEST_F(BusyHands, TypeGrowsWithTheWindowAndShrinksBackToTheSame) {
    openDemo(0);
    me_.goTo("strings");
    const auto* title = me_.find<QLabel>(QStringLiteral("runTitle"));
    const auto* field = me_.find<QLineEdit>(QStringLiteral("volts"));
    const int pixels = title->font().pixelSize();
    const int width = field->width();
    for (int round = 0; round < 3; ++round) {
        me_.window().resize(1920, 1080);
        me_.settle();
        EXPECT_EQ(title->font().pixelSize(), qRound(1.5 * pixels));
        EXPECT_EQ(me_.find<QLabel>(QStringLiteral("jobTitle"))->font().pixelSize(), 21) << "the frame as well";
        me_.window().resize(1280, 800);
        me_.settle();
        EXPECT_EQ(title->font().pixelSize(), pixels);
        EXPECT_EQ(field->width(), width);
    }
}

TEST_F(BusyHands, RefusedTextIsStillWrongWhenOneComesBackToIt) {
    openDemo(0);
    me_.goTo("takeIn");
    me_.clickInto(QStringLiteral("due"));
    me_.typeOver(QStringLiteral("some day"));
    me_.goTo("firstLook");
    EXPECT_EQ(me_.find<QLabel>(QStringLiteral("fieldNote")), nullptr) << "not seen from another station";
    me_.goTo("takeIn");
    EXPECT_EQ(me_.read(QStringLiteral("due")), QStringLiteral("some day"));
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("cannot be read as a day"));
}

TEST_F(BusyHands, WhatWasReadIsSaidBackWhileOneTypes) {
    openDemo(0);
    me_.goTo("strings");
    me_.clickInto(QStringLiteral("volts"));
    me_.type(QStringLiteral("16.9 V 6 lit"));
    EXPECT_THAT(me_.read(QStringLiteral("understood")).toStdString(), HasSubstr("6 of"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(std::get<evidence::TesterTaken>(job().trail.back().what).lit, 6);
    EXPECT_EQ(me_.find<QLabel>(QStringLiteral("understood")), nullptr) << "it goes with the text";
}

TEST_F(BusyHands, TabGoesThroughTheStationBeforeTheColumnsBesideIt) {
    openDemo(0);
    me_.goTo("takeIn");
    QStringList passed;
    for (int i = 0; i < 13; ++i) {
        passed << QApplication::focusWidget()->objectName();
        me_.press(Qt::Key_Tab);
    }
    EXPECT_EQ(passed, QStringList({"title", "owner", "phone", "maker", "model", "serial", "panel", "complaint", "place",
                                   "due", "value", "agreedPrice", "hours"}));
}

TEST_F(BusyHands, AStripOfWhichNoneLitIsMeasured) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    made.trail.clear();
    open(made);
    me_.goTo("strings");
    me_.press(Qt::Key_Escape);
    me_.press(Qt::Key_N);
    ASSERT_FALSE(job().trail.empty());
    EXPECT_EQ(std::get<evidence::TesterTaken>(job().trail.back().what).lit, 0);
}

// ---- undo --------------------------------------------------------------------------------------------------------

TEST_F(BusyHands, UndoGoesToWhereItUndoesAndNamesIt) {
    openDemo(1);
    me_.goTo("board");
    me_.clickInto(QStringLiteral("ledPlusOn"));
    me_.type(QStringLiteral("184 > 48"));
    me_.press(Qt::Key_Return);
    const auto entries = job().trail.size();
    me_.goTo("fixPlan");
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(job().trail.size(), entries - 1);
    EXPECT_THAT(notice(), HasSubstr("LED+ at switch-on"));
    EXPECT_THAT(notice(), HasSubstr("Board"));
    EXPECT_NE(me_.find<QLabel>(QStringLiteral("spotTitle")), nullptr) << "one sees where it was";
    EXPECT_TRUE(me_.window().session().canRedo());
    me_.press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(job().trail.size(), entries) << notice();
}

// ---- first look --------------------------------------------------------------------------------------------------

TEST_F(BusyHands, TheNextOpenQuestionFollowsNeverAnAnsweredOne) {
    job::Job fresh;
    fresh.id = "SK-0600";
    fresh.title = "Fresh";
    fresh.set.backlight = backlight::plainBacklight(backlight::undescribed());
    job::addEntry(fresh, "2026-11-25T08:00:00Z", job::Phase::Before, evidence::Answer{"standby", "on"});
    open(fresh);
    me_.goTo("firstLook");
    me_.press(Qt::Key_1);
    EXPECT_NE(me_.read(QStringLiteral("questionTitle")), QStringLiteral("Standby light"));
}

TEST_F(BusyHands, MainsWattsAreLeftByArrowsTabAndEscAndHaveKeysForTheirAnswers) {
    openDemo(2);
    me_.goTo("firstLook");
    const auto entries = job().trail.size();
    for (const auto key : {Qt::Key_Up, Qt::Key_Down, Qt::Key_Right}) {
        me_.tap(QStringLiteral("watts"));
        const QString title = me_.read(QStringLiteral("questionTitle"));
        me_.press(key);
        EXPECT_NE(me_.read(QStringLiteral("questionTitle")), title) << key;
    }
    me_.tap(QStringLiteral("watts"));
    me_.type(QStringLiteral("7"));
    me_.press(Qt::Key_Escape);
    EXPECT_FALSE(me_.find<QLineEdit>(QStringLiteral("number"))->hasFocus());
    EXPECT_EQ(me_.read(QStringLiteral("number")), QStringLiteral("7")) << "Esc loses nothing";
    EXPECT_EQ(job().trail.size(), entries);
    me_.press(Qt::Key_2, Qt::AltModifier);
    EXPECT_EQ(std::get<evidence::Answer>(job().trail.back().what).choice, "standby");
}

TEST_F(BusyHands, ADigitAtAQuestionWithChoicesIsItsAnswerAndNoOthers) {
    openDemo(2);
    me_.goTo("firstLook");
    me_.tap(QStringLiteral("flicker"));
    const auto entries = job().trail.size();
    me_.type(QStringLiteral("9"));
    EXPECT_EQ(job().trail.size(), entries) << "there is no ninth";
    me_.type(QStringLiteral("2"));
    EXPECT_EQ(std::get<evidence::Answer>(job().trail.back().what).test, "flicker");
}

TEST_F(BusyHands, SecondsOfLightCanBeTyped) {
    openDemo(2);
    me_.goTo("firstLook");
    me_.tap(QStringLiteral("light"));
    me_.type(QStringLiteral("2.5"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(std::get<evidence::LightSeen>(job().trail.back().what).secondsToDark, 2.5);
}

// ---- nothing that nobody said ------------------------------------------------------------------------------------

TEST_F(BusyHands, WhatALineDoesNotSayIsNotKnown) {
    me_.press(Qt::Key_N, Qt::ControlModifier);
    me_.settle();
    me_.clickInto(QStringLiteral("wiringLine"));
    me_.type(QStringLiteral("4x12"));
    me_.press(Qt::Key_Return);
    const auto& panel = job().set.backlight;
    EXPECT_EQ(panel.ledCount(), 48);
    EXPECT_FALSE(panel.channels.front().amps);
    EXPECT_FALSE(panel.strips.front().led.ratedAmps);
    EXPECT_FALSE(panel.widthMm);
    EXPECT_TRUE(panel.strips.front().led.classAssumed);
    EXPECT_THAT(me_.read(QStringLiteral("wiringLine")).toStdString(), HasSubstr("3 V?"));
    me_.clickInto(QStringLiteral("amps"));
    for (const char* box : {"amps", "ratedVolts", "ratedAmps"}) {
        EXPECT_EQ(me_.read(QString::fromUtf8(box)), QString()) << box;
    }
}

TEST_F(BusyHands, AHandWiredPanelIsNotReplacedByAChangeOfSomethingElse) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    made.set.backlight.strips[1].leds = 10;  // no plain line says that
    made.set.backlight = backlight::withStripTurned(made.set.backlight, 2);
    made.trail.clear();
    ASSERT_FALSE(backlight::plainDescriptionOf(made.set.backlight));
    const auto strips = made.set.backlight.strips;
    const auto channels = made.set.backlight.channels;
    open(made);
    me_.goTo("takeIn");
    for (const auto& [field, text] : {std::pair("idle", "37"), {"label", "150"}, {"celsius", "31"}}) {
        me_.clickInto(QString::fromUtf8(field));
        me_.press(Qt::Key_Return);
        me_.typeOver(QString::fromUtf8(text));
        me_.press(Qt::Key_Return);
    }
    me_.clickInto(QStringLiteral("wiringLine"));
    me_.press(Qt::Key_Return);
    me_.type(QStringLiteral("idle 38"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(job().set.backlight.strips, strips);
    EXPECT_EQ(job().set.backlight.channels, channels);
    EXPECT_EQ(job().set.backlight.driver.idleVolts, 38);
    EXPECT_EQ(job().set.backlight.feeds.front().labelVolts, 150);
    me_.clickInto(QStringLiteral("leds"));
    me_.typeOver(QStringLiteral("12"));
    me_.press(Qt::Key_Return);
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("wired by hand"));
    EXPECT_EQ(job().set.backlight.strips, strips);
}

TEST_F(BusyHands, HalfAStripIsNone) {
    me_.press(Qt::Key_N, Qt::ControlModifier);
    me_.settle();
    for (const auto& [field, text] : {std::pair("leds", "12"), {"strips", "2.5"}}) {
        me_.clickInto(QString::fromUtf8(field));
        me_.typeOver(QString::fromUtf8(text));
    }
    me_.press(Qt::Key_Return);
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("a whole number from 1 to 60"));
    EXPECT_FALSE(job().set.backlight.isDescribed);
}

TEST_F(BusyHands, TheRiverIsOfTheSetAsItIsDescribedNow) {
    openDemo(1);
    auto* river = me_.find<app::BeliefRiver>(QStringLiteral("river"));
    ASSERT_NE(river, nullptr);
    river->settle();
    const QImage before = river->grab().toImage();
    me_.goTo("takeIn");
    me_.clickInto(QStringLiteral("label"));
    me_.typeOver(QStringLiteral("400"));
    me_.press(Qt::Key_Return);
    me_.settle();
    river->settle();
    EXPECT_NE(river->grab().toImage(), before);
}

TEST_F(BusyHands, TheJobGoesOnBehindItsRepairEverywhere) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    made.repair.option = "replaceStrip";
    open(made);
    const auto next = [&] { return me_.find<QPushButton>(QStringLiteral("next"))->text().toStdString(); };
    const auto isAt = [&](const char* station) {
        const auto* page = me_.window().findChild<app::JobPage*>();
        return page->current() == app::stationIndex(station);
    };
    EXPECT_THAT(next(), HasSubstr("Do it"));
    me_.press(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(isAt("rework"));
    me_.press(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(isAt("prove")) << "who is there already goes on";
    for (const double minutes : {0, 10, 20, 30, 40}) {
        made.soak.push_back({minutes, 146, 0.24, false});
    }
    made.id = "SK-7001";
    open(made);
    ASSERT_TRUE(me_.window().session().shown().assessment.soak.passed);
    EXPECT_THAT(next(), HasSubstr("Hand it back"));
    made.soak.clear();
    made.repair.option = "doNotRepair";
    made.id = "SK-7002";
    open(made);
    EXPECT_THAT(next(), HasSubstr("Hand it back")) << "there is nothing to prove";
    me_.press(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(isAt("handBack"));
    made.handedBack = "2026-11-25T15:00:00Z";
    made.id = "SK-7003";
    open(made);
    EXPECT_EQ(me_.find<QPushButton>(QStringLiteral("next")), nullptr) << "nothing is left to do";
}

TEST_F(BusyHands, ExamplesFitThePartThatIsAskedFor) {
    openDemo(0);
    me_.goTo("board");
    me_.window().session().settle();
    const std::pair<const char*, const char*> parts[] = {{"outputDiode:D1", "5A 100V"},
                                                         {"supplyCapacitor:C3", "470u 63V"},
                                                         {"senseResistor:RS", "0.22R, or R22"},
                                                         {"driverMosfet:Q1", "5A 100V"}};
    for (const auto& [spot, example] : parts) {
        me_.tap(QString::fromUtf8(spot));
        const auto* printed = me_.find<QLineEdit>(QStringLiteral("printed"));
        ASSERT_NE(printed, nullptr) << spot;
        EXPECT_EQ(printed->placeholderText().toStdString(), std::string("printed on it: ") + example);
    }
}

TEST_F(BusyHands, FieldsAndButtonsGrowWithTheWindowAndOnlyOnce) {
    openDemo(0);
    me_.goTo("strings");
    me_.window().resize(1280, 800);
    me_.settle();
    const auto heights = [&] {
        std::map<const QWidget*, int> all;
        for (const auto* widget : me_.window().findChildren<QWidget*>()) {
            const bool counts = qobject_cast<const QLineEdit*>(widget) != nullptr ||
                                qobject_cast<const QPushButton*>(widget) != nullptr;
            if (counts && widget->isVisible()) {
                all[widget] = widget->minimumSizeHint().height() + widget->minimumHeight();
            }
        }
        return all;
    };
    const auto before = heights();
    ASSERT_GT(before.size(), 5u);
    me_.window().resize(1920, 1080);
    me_.settle();
    const double scale = app::theme::scale();
    ASSERT_GT(scale, 1.2);
    for (const auto& [widget, height] : heights()) {
        if (const auto known = before.find(widget); known != before.end()) {
            EXPECT_LE(height, scale * known->second + 3) << widget->objectName().toStdString();
            EXPECT_GE(height, known->second) << widget->objectName().toStdString();
        }
    }
    me_.window().resize(1280, 800);
    me_.settle();
    for (const auto& [widget, height] : heights()) {
        if (const auto known = before.find(widget); known != before.end()) {
            EXPECT_EQ(height, known->second) << widget->objectName().toStdString();
        }
    }
}

TEST_F(BusyHands, AWindowThatOpensLargeHasLargeWordsInItsHead) {
    qApp->setStyleSheet({});  // as when the program starts
    app::MainWindow large(me_.logbook(), me_.window().session().knowledgeSource());
    large.resize(1920, 1080);
    large.show();
    QCoreApplication::processEvents();
    ASSERT_GT(app::theme::scale(), 1.2);
    const auto* title = large.findChild<QLabel*>(QStringLiteral("jobTitle"));
    ASSERT_NE(title, nullptr);
    EXPECT_EQ(QFontInfo(title->font()).pixelSize(), app::theme::strong().pixelSize());
}

TEST_F(BusyHands, AnotherThemeLeavesWordsAsLargeAsTheyWere) {
    openDemo(0);
    me_.window().resize(1920, 1080);
    me_.settle();
    const auto pixels = [&] {
        std::map<const QWidget*, int> all;
        for (const auto* label : me_.window().findChildren<QLabel*>()) {
            all[label] = label->isVisible() ? QFontInfo(label->font()).pixelSize() : 0;
        }
        return all;
    };
    const auto before = pixels();
    me_.press(Qt::Key_F9);
    me_.settle();
    for (const auto& [label, size] : pixels()) {
        const auto known = before.find(label);
        EXPECT_TRUE(known == before.end() || known->second == size)
            << static_cast<const QLabel*>(label)->text().toStdString() << ": " << known->second << ", then " << size;
    }
}

TEST_F(BusyHands, EnterInUntouchedSuppliesKeepsTheirNames) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    made.bench.supplies = {{"left, floating", 60, 3, 250}};
    open(made);
    me_.goTo("panelCheck");
    me_.clickInto(QStringLiteral("supplies"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(job().bench.supplies.front().name, "left, floating");
}

TEST_F(BusyHands, PricesDaysAndWhatIsNotToBeHadAreTheJobs) {
    openDemo(0);
    me_.goTo("fixPlan");
    const std::string first = me_.window().session().shown().assessment.plan.options.front().id;
    me_.press(Qt::Key_1);
    me_.clickInto(QStringLiteral("parts1"));
    EXPECT_EQ(me_.read(QStringLiteral("parts1")), QString()) << "the workshop's figure is not typed";
    me_.type(QStringLiteral("$99"));
    me_.press(Qt::Key_Tab);
    const auto* terms = job().repair.termsOf(first);
    ASSERT_NE(terms, nullptr);
    EXPECT_EQ(terms->parts, 99);
    EXPECT_FALSE(terms->days);
    const auto& options = me_.window().session().shown().assessment.plan.options;
    const auto priced = std::ranges::find_if(options, [&](const auto& option) { return option.id == first; });
    ASSERT_NE(priced, options.end());
    EXPECT_EQ(priced->parts, 99);
}

// ---- clipboards --------------------------------------------------------------------------------------------------

TEST_F(BusyHands, PastingNothingAPictureOrABookIsSafe) {
    openDemo(0);
    const auto pasteInto = [&](const char* station, const char* name) {
        me_.goTo(station);
        me_.clickInto(QString::fromUtf8(name));
        me_.press(Qt::Key_V, Qt::ControlModifier);
        me_.press(Qt::Key_Insert, Qt::ShiftModifier);
        QTest::mouseClick(QApplication::focusWidget(), Qt::MiddleButton);
        QCoreApplication::processEvents();
    };
    for (int kind = 0; kind < 3; ++kind) {
        auto* data = new QMimeData;
        if (kind == 1) {
            data->setImageData(QImage(20, 20, QImage::Format_RGB32));
        } else if (kind == 2) {
            data->setText(QString(400000, QLatin1Char('x')));
        }
        QGuiApplication::clipboard()->setMimeData(data);
        pasteInto("takeIn", "complaint");
        pasteInto("panelCheck", "panelNote");
        pasteInto("handBack", "work");
        pasteInto("takeIn", "title");
    }
    EXPECT_LE(me_.find<QPlainTextEdit>(QStringLiteral("complaint"))->toPlainText().size(), 2 * 8000 + 200);
    EXPECT_TRUE(job::problemsOf(job()).empty());
    QGuiApplication::clipboard()->clear();
}

// ---- handed back -------------------------------------------------------------------------------------------------

TEST_F(BusyHands, AQuoteIsAPageOfItsOwnAndItsFolderIsMade) {
    openDemo(0);
    me_.goTo("handBack");
    me_.press(Qt::Key_2, Qt::AltModifier);
    EXPECT_TRUE(me_.sees(QStringLiteral("yes, please")));
    EXPECT_FALSE(me_.sees(QStringLiteral("follow local codes"))) << "cautions are not the owner's";
    me_.clickInto(QStringLiteral("folder"));
    me_.typeOver(me_.path(QStringLiteral("new/deeper")));
    me_.press(Qt::Key_P, Qt::ControlModifier);
    EXPECT_TRUE(QFile::exists(me_.path(QStringLiteral("new/deeper/SK-0412.quote.pdf"))));
    me_.goTo("prove");
    me_.goTo("handBack");
    EXPECT_EQ(me_.read(QStringLiteral("exported")), QString()) << "success goes when it is over";
}

TEST_F(BusyHands, TheOwnerIsLeftOutOfAnExportOnRequest) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    made.opening.photos.clear();  // or it goes out as a zip
    open(made);
    me_.goTo("handBack");
    me_.clickInto(QStringLiteral("folder"));
    me_.typeOver(me_.path(QString()));
    me_.clickInto(QStringLiteral("anonymous"));
    me_.press(Qt::Key_J, Qt::ControlModifier);
    QFile file(me_.path(QStringLiteral("SK-0412.dimglow")));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray text = file.readAll();
    EXPECT_FALSE(text.contains("Terminal office"));
    EXPECT_FALSE(text.contains("NL-20771"));
    EXPECT_TRUE(text.contains("NL430-D7"));
    EXPECT_EQ(job().order.owner, "Terminal office") << "the job keeps him";
}

// ---- a misfit ----------------------------------------------------------------------------------------------------

TEST_F(BusyHands, AMisfitIsSettledByANoteAndOthersStayOnOffer) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    job::addEntry(made, "2026-11-24T08:00:00Z", job::Phase::Before,
                  evidence::Measured{"ledPlusIdle", {}, evidence::Shape::Steady, 480, 480});
    open(made);
    ASSERT_TRUE(me_.window().session().shown().assessment.misfit);
    ASSERT_TRUE(me_.window().session().shown().assessment.misfit->entry);
    EXPECT_GT(me_.window().session().shown().assessment.probes.best.size(), 1u) << "halving goes on beside it";
    me_.clickInto(QStringLiteral("fitsBecause"));
    me_.type(QStringLiteral("the meter was in the wrong range"));
    me_.press(Qt::Key_Return);
    me_.settle();
    const auto& misfit = me_.window().session().shown().assessment.misfit;
    EXPECT_FALSE(misfit && misfit->entry == made.trail.back().id);
    EXPECT_EQ(job().trail.back().source.fitsBecause, "the meter was in the wrong range");
}

TEST_F(BusyHands, AMisfitSaysThatTheSetWasDescribedOtherwiseSince) {
    auto made = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
    job::addEntry(made, "2026-11-24T08:00:00Z", job::Phase::Before,
                  evidence::Measured{"ledPlusIdle", {}, evidence::Shape::Steady, 480, 480});
    open(made);
    ASSERT_THAT(me_.read(QStringLiteral("misfitWhy")).toStdString(), Not(HasSubstr("described otherwise")));
    ASSERT_TRUE(me_.window().session().edit(QStringLiteral("strips"),
                                            [](job::Job& job) { job.set.backlight.strips[0].led.ratedVolts += 0.1; }));
    me_.settle();
    EXPECT_THAT(me_.read(QStringLiteral("misfitWhy")).toStdString(), HasSubstr("described otherwise"));
}

}  // namespace
}  // namespace dimglow
