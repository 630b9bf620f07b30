// Keys as people press them: without waiting for the program, on a machine that is slower than the hand.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QElapsedTimer>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <algorithm>
#include <cstdlib>
#include <random>
#include <thread>

#include "app/theme.h"
#include "core/backlight/plain.h"
#include "core/job/problems.h"
#include "core/reasoning/model.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

using testing::HasSubstr;

/// The program's own assessment, some frames later.
sheet::Assessment slowly(const job::Job& job, const knowledge::Knowledge& trade, const sheet::AssessOptions& options) {
    for (int i = 0; i < 30; ++i) {
        std::this_thread::sleep_for(std::chrono::milliseconds(5));
        if (options.stop.stop_requested()) {
            throw reasoning::Stopped();
        }
    }
    return sheet::assess(job, trade, options);
}

class FastFingers : public testing::Test {
protected:
    explicit FastFingers(app::JobSession::Assess assess = slowly) : me_(std::move(assess)) {
        for (const auto& demo : virtualset::demoWorkshop(knowledge::builtInKnowledge())) {
            me_.logbook().create(demo.job, QStringLiteral("Demo"));
        }
        me_.window().openJob(QStringLiteral("SK-0412"));
        me_.settle();
    }
    app::JobSession& session() { return me_.window().session(); }
    job::Job onDisk() {
        const QString id = QString::fromStdString(session().job().id);
        return records::parse(id, *me_.logbook().load(id));
    }
    test::Technician me_;
};

TEST_F(FastFingers, TypeInAFieldAndCtrlEnterGoesToTheProbeThatFollowsFromIt) {
    me_.goTo("takeIn");
    me_.type(QStringLiteral("North board"));
    me_.press(Qt::Key_Return, Qt::ControlModifier);
    me_.settle();
    EXPECT_EQ(session().job().title, "North board");
    EXPECT_EQ(me_.read(QStringLiteral("runTitle")), QStringLiteral("Tester on B7 … B12"));
}

TEST_F(FastFingers, TypeInAFieldAndCtrlFiveShowsTheMapWhileItIsBeingAssessed) {
    me_.goTo("takeIn");
    me_.type(QStringLiteral("North board"));
    me_.goTo("strings");
    EXPECT_FALSE(session().isSettled()) << "it must still be under way for this test to mean anything";
    for (const auto key : {Qt::Key_Escape, Qt::Key_Down, Qt::Key_Right, Qt::Key_Z, Qt::Key_Period, Qt::Key_D}) {
        me_.press(key);
    }
    me_.window().grab();
    me_.settle();
    EXPECT_TRUE(std::holds_alternative<evidence::LedSeen>(session().job().trail.back().what));
}

TEST_F(FastFingers, LooksOfLampsAreAllKeptWhileTheFirstIsBeingAssessed) {
    me_.window().openJob(QStringLiteral("SK-0427"));
    me_.settle();
    me_.goTo("strings");
    for (const auto key : {Qt::Key_5, Qt::Key_4, Qt::Key_3}) {
        me_.press(key);
        std::this_thread::sleep_for(std::chrono::milliseconds(60));  // some are assessed, some not
        QCoreApplication::processEvents();
    }
    me_.press(Qt::Key_A);
    me_.settle();
    using enum lamps::Look;
    EXPECT_EQ(std::get<evidence::LampsSeen>(session().job().trail.back().what).looks,
              (std::vector<lamps::Look>{Dark, Reddish, DimEnds, Lit}));
}

TEST_F(FastFingers, TheQuestionThatAnAnswerOpensIsTheNextOneAtOnce) {
    me_.goTo("firstLook");
    ASSERT_EQ(me_.read(QStringLiteral("questionTitle")), QStringLiteral("Standby light"));
    me_.press(Qt::Key_3);  // it blinks
    me_.press(Qt::Key_Down);
    EXPECT_FALSE(session().isSettled()) << "it must still be under way for this test to mean anything";
    EXPECT_EQ(me_.glance(QStringLiteral("questionTitle")), QStringLiteral("What the blinking means"));
}

TEST_F(FastFingers, WiringThatHasJustChangedDoesNotTakeAReadingOfTheOldOne) {
    me_.press(Qt::Key_N, Qt::ControlModifier);
    me_.settle();
    me_.goTo("takeIn");
    me_.clickInto(QStringLiteral("wiringLine"));
    me_.type(QStringLiteral("4 strips x 12"));
    me_.press(Qt::Key_Return);
    me_.settle();
    me_.goTo("strings");
    me_.goTo("takeIn");
    me_.clickInto(QStringLiteral("wiringLine"));
    me_.press(Qt::Key_A, Qt::ControlModifier);
    me_.type(QStringLiteral("2 strips x 3, one string"));
    me_.press(Qt::Key_Return);
    me_.goTo("strings");
    me_.press(Qt::Key_Escape);
    me_.press(Qt::Key_D);
    EXPECT_TRUE(session().job().trail.empty());
    EXPECT_THAT(me_.glance(QStringLiteral("notice")).toStdString(), HasSubstr("the wiring has just changed"));
    me_.settle();
    EXPECT_EQ(session().job().set.backlight.ledCount(), 6);
    EXPECT_EQ(onDisk(), session().job());
}

TEST_F(FastFingers, AnswersFromOutsideAreKeptWhileNewWiringIsAssessed) {
    me_.press(Qt::Key_N, Qt::ControlModifier);
    me_.settle();
    me_.goTo("takeIn");
    me_.clickInto(QStringLiteral("wiringLine"));
    me_.press(Qt::Key_A, Qt::ControlModifier);
    me_.type(QStringLiteral("2 strips x 3, one string"));
    me_.press(Qt::Key_Return);
    me_.goTo("firstLook");
    for (int answer = 0; answer < 3; ++answer) {
        me_.press(Qt::Key_1);
    }
    EXPECT_EQ(session().job().trail.size(), 3u);
    me_.settle();
    EXPECT_EQ(onDisk(), session().job());
}

TEST_F(FastFingers, AnotherJobIsOpenedWhileTheLastIsAssessed) {
    me_.goTo("firstLook");
    me_.press(Qt::Key_2);
    me_.press(Qt::Key_H, Qt::ControlModifier);
    me_.window().openJob(QStringLiteral("SK-0415"));
    me_.settle();
    EXPECT_EQ(session().job().id, "SK-0415");
    EXPECT_EQ(session().shown().job, session().job());
    EXPECT_EQ(records::parse({}, *me_.logbook().load(QStringLiteral("SK-0412"))).trail.size(), 11u)
        << "the answer is in the job it was given to";
}

TEST_F(FastFingers, OpeningCanBeStopped) {
    test::Technician me([](const auto& job, const auto& trade, const auto& options) {
        for (int i = 0; i < 400 && !options.stop.stop_requested(); ++i) {
            std::this_thread::sleep_for(std::chrono::milliseconds(5));
        }
        return slowly(job, trade, options);
    });
    me.logbook().create(virtualset::demoJob(0, knowledge::builtInKnowledge()).job, QStringLiteral("Demo"));
    QElapsedTimer timer;
    timer.start();
    me.window().openJob(QStringLiteral("SK-0412"));
    EXPECT_LT(timer.elapsed(), 1500) << "the window is free while it opens";
    EXPECT_EQ(me.glance(QStringLiteral("opening")), QStringLiteral("Opening SK-0412 …"));
    me.press(Qt::Key_Escape);
    EXPECT_TRUE(me.sees(QStringLiteral("On the bench")));
    EXPECT_FALSE(me.window().session().isOpening());
}

class CannotBeAssessed : public FastFingers {
protected:
    CannotBeAssessed() : FastFingers(unlessTheTitleIsBad) {}
    static sheet::Assessment unlessTheTitleIsBad(const job::Job& job, const knowledge::Knowledge& trade,
                                                 const sheet::AssessOptions& options) {
        auto assessment = slowly(job, trade, options);
        if (job.title.starts_with("bad")) {
            throw std::runtime_error("no assessment");
        }
        return assessment;
    }
    void setTitle(const char* title) {
        EXPECT_TRUE(session().edit(QStringLiteral("Title"), [&](job::Job& job) { job.title = title; }));
    }
    void expectEverywhere(const std::string& title) {
        me_.settle();
        EXPECT_EQ(session().job().title, title);
        EXPECT_EQ(session().shown().job, session().job());
        EXPECT_EQ(onDisk(), session().job());
    }
};

TEST_F(CannotBeAssessed, EntryIsTakenBackFromTheLogbookToo) {
    const std::string before = session().job().title;
    me_.goTo("takeIn");
    me_.type(QStringLiteral("bad"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(onDisk().title, "bad") << "it was stored before anybody knew";
    expectEverywhere(before);
    EXPECT_TRUE(me_.sees(QStringLiteral("taken back")));
    EXPECT_FALSE(session().canUndo());
}

TEST_F(CannotBeAssessed, GoodEntryThatItOvertookStaysAndIsShown) {
    setTitle("good");
    setTitle("bad");
    expectEverywhere("good");
}

TEST_F(CannotBeAssessed, BadEntryThatItOvertookIsTakenBackAsWell) {
    const std::string before = session().job().title;
    setTitle("bad");
    setTitle("bad again");
    expectEverywhere(before);
}

TEST_F(CannotBeAssessed, IsSaidWhenItCannotBeTakenBack) {
    setTitle("bad");
    auto other = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("other"));
    other.setDatabaseName(me_.path(QStringLiteral("logbook.sqlite")));
    ASSERT_TRUE(other.open());
    ASSERT_TRUE(QSqlQuery(other).exec(QStringLiteral("BEGIN IMMEDIATE")));
    me_.settle();
    EXPECT_TRUE(me_.sees(QStringLiteral("Not saved")));
    EXPECT_FALSE(me_.sees(QStringLiteral("taken back")));
    other.close();
    other = {};
    QSqlDatabase::removeDatabase(QStringLiteral("other"));
}

/// Random keys for a while: DIMGLOW_STORM_SECONDS.
TEST_F(FastFingers, StormOfKeysEndsNothingAndFreezesNothing) {
    const char* asked = std::getenv("DIMGLOW_STORM_SECONDS");
    const int milliseconds = 1000 * (asked == nullptr ? 4 : std::atoi(asked));
    std::mt19937 random(20261125);
    const auto draw = [&](int n) { return std::uniform_int_distribution(0, n - 1)(random); };
    const QStringList texts = {QStringLiteral("184 > 48"),
                               QStringLiteral("33.5"),
                               QStringLiteral("0"),
                               QStringLiteral("4 strips x 9, 2 strings"),
                               QStringLiteral("OL"),
                               QStringLiteral("lit"),
                               QStringLiteral("in 3 days"),
                               QStringLiteral("xyzzy"),
                               QStringLiteral("1e9"),
                               QStringLiteral("-"),
                               QStringLiteral("2 strips x 6, 2P, each its own string")};
    const Qt::Key keys[] = {
        Qt::Key_Return,   Qt::Key_Tab,    Qt::Key_Up,   Qt::Key_Down, Qt::Key_Left,      Qt::Key_Right, Qt::Key_Escape,
        Qt::Key_Space,    Qt::Key_Delete, Qt::Key_Home, Qt::Key_End,  Qt::Key_Backspace, Qt::Key_1,     Qt::Key_2,
        Qt::Key_3,        Qt::Key_N,      Qt::Key_S,    Qt::Key_L,    Qt::Key_D,         Qt::Key_H,     Qt::Key_Z,
        Qt::Key_C,        Qt::Key_J,      Qt::Key_K,    Qt::Key_B,    Qt::Key_A,         Qt::Key_T,     Qt::Key_Period,
        Qt::Key_PageDown, Qt::Key_PageUp, Qt::Key_F9,   Qt::Key_G,    Qt::Key_P,         Qt::Key_X};
    const Qt::Key withControl[] = {Qt::Key_1,      Qt::Key_2, Qt::Key_3, Qt::Key_4,    Qt::Key_5,    Qt::Key_6,
                                   Qt::Key_7,      Qt::Key_8, Qt::Key_Z, Qt::Key_Y,    Qt::Key_N,    Qt::Key_H,
                                   Qt::Key_Return, Qt::Key_T, Qt::Key_A, Qt::Key_Plus, Qt::Key_Minus};
    std::vector<qint64> took;
    QElapsedTimer all;
    for (all.start(); all.elapsed() < milliseconds;) {
        QElapsedTimer one;
        one.start();
        switch (draw(6)) {
            case 0:
                me_.type(texts[draw(int(texts.size()))]);
                break;
            case 1:
                me_.press(withControl[draw(int(std::size(withControl)))], Qt::ControlModifier);
                break;
            case 2:
                me_.press(Qt::Key_A, Qt::AltModifier);
                break;
            default:
                me_.press(keys[draw(int(std::size(keys)))], draw(8) == 0 ? Qt::ShiftModifier : Qt::NoModifier);
                break;
        }
        took.push_back(one.elapsed());
        if (auto* dialog = QApplication::activeModalWidget()) {
            dialog->close();  // no key of this storm is to name a file
        }
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    }
    me_.settle();
    if (session().hasJob()) {
        EXPECT_EQ(onDisk(), session().job());
        EXPECT_EQ(session().shown().job, session().job());
        EXPECT_TRUE(job::problemsOf(session().job()).empty());
    }
    std::sort(took.begin(), took.end());
    std::printf("%d strokes; half within %lld ms, 99 of 100 within %lld ms, all within %lld ms\n", int(took.size()),
                took[took.size() / 2], took[took.size() * 99 / 100], took.back());
    app::theme::setOwnScale(1);
    app::theme::setMode(app::theme::Mode::LampOff);
}

// ---- what is on disk is what the screen shows --------------------------------------------------------------------

/// Random edits over the whole job with undo, redo and saves that fail: DIMGLOW_RANDOM_EDITS.
TEST(RandomEdits, LeaveOnDiskWhatTheScreenShowsAndNothingThatDoesNotOpen) {
    const char* asked = std::getenv("DIMGLOW_RANDOM_EDITS");
    const int edits = asked == nullptr ? 600 : std::atoi(asked);
    test::Technician me;
    const auto& trade = knowledge::builtInKnowledge();
    auto demo = virtualset::demoJob(1, trade).job;
    me.logbook().create(demo, QStringLiteral("Demo"));
    me.window().openJob(QStringLiteral("SK-0415"));
    me.settle();
    auto& session = me.window().session();
    auto meddler = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("meddler"));
    meddler.setDatabaseName(me.path(QStringLiteral("logbook.sqlite")));
    ASSERT_TRUE(meddler.open());
    std::mt19937 random(8);
    const auto draw = [&](int n) { return std::uniform_int_distribution(0, n - 1)(random); };
    const auto real = [&] { return std::uniform_real_distribution(-20.0, 400.0)(random); };
    const char* lines[] = {"4 strips × 9, 2 strings",
                           "2 strips × 6, 2P, one string",
                           "3 strips × 8, each its own string",
                           "1 strip × 12, 2 chains",
                           "4 strips × 9, 2 strips per string, 2 strings per channel",
                           "2 strips × 10, fed from both ends",
                           "40 V, 1 strip × 6"};
    int stored = 0;
    int refused = 0;
    for (int i = 0; i < edits; ++i) {
        const bool fails = draw(8) == 0;
        if (fails) {
            QSqlQuery(meddler).exec(QStringLiteral(
                "CREATE TRIGGER full BEFORE INSERT ON edit BEGIN SELECT RAISE(ABORT, 'disk is full'); END"));
        }
        const job::Job before = session.job();
        app::Written written;
        const int kind = draw(12);
        if (kind == 0) {
            written = session.undo();
        } else if (kind == 1) {
            written = session.redo();
        } else {
            written = session.edit(QStringLiteral("Edit %1").arg(i), [&](job::Job& job) {
                const backlight::Run run{{draw(3) - (draw(9) == 0), draw(2)}, draw(10), draw(30)};
                const backlight::LedPlace place{draw(5), draw(14)};
                switch (kind) {
                    case 2:
                        job.title = std::string(std::size_t(draw(10) == 0 ? 500 : draw(60)), 'x');
                        break;
                    case 3: {
                        const auto read = backlight::readLine(lines[draw(int(std::size(lines)))]);
                        if (const auto* plain = std::get_if<backlight::PlainDescription>(&read)) {
                            job.set.backlight = backlight::plainBacklight(*plain);
                        }
                        break;
                    }
                    case 4:
                        job::addEntry(job, "2026-11-25T08:00:00Z", job::Phase::Before,
                                      evidence::TesterTaken{run, {0.03, 300}, real(), draw(12)});
                        break;
                    case 5:
                        job::addEntry(job, "2026-11-25T08:00:00Z", job::Phase::Before,
                                      evidence::LedSeen{place, evidence::LedSeen::Glow(draw(4)), run});
                        break;
                    case 6:
                        job::addEntry(job, "2026-11-25T08:00:00Z", job::Phase::Before,
                                      evidence::Measured{draw(2) == 0 ? "ledMinus" : "ledPlusOn",
                                                         backlight::ChannelIndex(draw(4)), evidence::Shape(draw(3)),
                                                         real(), real()});
                        break;
                    case 7:
                        job::addEntry(job, "2026-11-25T08:00:00Z", job::Phase::After,
                                      evidence::LightSeen{driver::Light(draw(3)), real()});
                        break;
                    case 8:
                        if (!job.trail.empty()) {
                            job.trail.erase(job.trail.begin() + draw(int(job.trail.size())));
                        }
                        break;
                    case 9:
                        job.soak.push_back({real(), real(), real() / 400, false});
                        break;
                    case 10:
                        job.bench.tester = {real() / 1000, real()};
                        break;
                    default:
                        job.repair.work =
                            std::string(std::size_t(draw(10) == 0 ? 9000 : 10), draw(20) == 0 ? '\x07' : 'w');
                        break;
                }
            });
        }
        me.settle();
        if (fails) {
            QSqlQuery(meddler).exec(QStringLiteral("DROP TRIGGER full"));
        }
        (written ? stored : refused)++;
        EXPECT_TRUE(written || session.job() == before) << "what was refused changed nothing";
        const auto onDisk = records::parse({}, *me.logbook().load(QStringLiteral("SK-0415")));
        ASSERT_EQ(onDisk, session.job()) << i;
        ASSERT_EQ(session.shown().job, session.job()) << i;
    }
    EXPECT_GT(stored, edits / 5);
    EXPECT_GT(refused, edits / 10);
    meddler.close();
    meddler = {};
    QSqlDatabase::removeDatabase(QStringLiteral("meddler"));
}

}  // namespace
}  // namespace dimglow
