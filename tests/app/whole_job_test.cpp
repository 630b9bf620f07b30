// A whole job by the keyboard alone, from an empty logbook to the printed report.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QProcess>
#include <QRegularExpression>

#include "core/job/job_json.h"
#include "core/job/trail_lines.h"
#include "language/language.h"
#include "records/job_file.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

QString number(double value) {
    return QLocale().toString(value, 'f', 1);
}

QString typed(const evidence::Measured& reading) {
    switch (reading.shape) {
        case driver::Shape::Steady:
            return number(reading.volts);
        case driver::Shape::PeakThenSettles:
            return number(reading.volts) + QStringLiteral(" > ") + number(reading.restVolts);
        case driver::Shape::Wanders:
            return number(reading.restVolts) + QStringLiteral(" ~ ") + number(reading.volts);
    }
    return {};
}

class WholeJob : public testing::Test {
protected:
    const knowledge::Knowledge& trade_ = knowledge::builtInKnowledge();
    const virtualset::DemoJob demo_ = virtualset::demoJob(0, trade_);
    const virtualset::SealedSet set_{demo_.job.set.backlight, demo_.fault, trade_};
    test::Technician me_;
    QStringList steps_;
    /// LED+ of a healthy set: 48 LEDs at 240 mA, and the headroom of the sink.
    const double running_ = 48 * backlight::ledCurve(demo_.job.set.backlight.strips[0].led).volts(0.24) + 0.7;

    QString words(const evidence::Observation& what) const {
        return language::words(evidence::describe(what, {demo_.job.set, trade_}));
    }

    /// The way of putting the tester to the string that the screen names: "Tester on B7 … B12".
    std::optional<backlight::TesterProbe> probeNamed(const QString& title) const {
        const auto& strips = demo_.job.set.backlight;
        const int last = backlight::wholeString(strips, {0, 0}).last;
        std::optional<backlight::TesterProbe> probe;
        for (int a = 0; a <= last; ++a) {
            for (int b = a; b <= last; ++b) {
                const backlight::Run run{{0, 0}, a, b};
                if (title.endsWith(QStringLiteral(" on ") + language::words(nameOf(strips, run)))) {
                    probe = backlight::TesterProbe{run, demo_.job.bench.tester};
                }
            }
        }
        for (const auto& place : backlight::ledsInOrder(strips, {0, 0})) {
            if (probe && title.startsWith(QString("Bridge %1,").arg(nameOf(strips, place).c_str()))) {
                probe->bridged = {place};
            }
        }
        return probe;
    }

    job::Job onDisk() {
        const QString id = QStringLiteral("SK-0420");
        return records::parse(id, *me_.logbook().load(id));
    }

    void fillIn(const QString& field, const QString& text) {
        me_.clickInto(field);
        me_.typeOver(text);
        me_.press(Qt::Key_Return);
    }

    void takeItIn() {
        me_.press(Qt::Key_N, Qt::ControlModifier);
        ASSERT_EQ(me_.read(QStringLiteral("jobTitle")), QStringLiteral("New job"));
        me_.typeOver(QStringLiteral("Berth 3 departure board"));
        for (const char* text : {"Terminal office", "01 55 20", "Northlight", "DB-43", "NL-20771", "NL430-D7",
                                 "Dark since Monday", "Berth 3", "2026-12-04", "420", "150", "9000"}) {
            me_.press(Qt::Key_Tab);
            me_.type(QString::fromUtf8(text));
        }
    }

    /// What is seen once the panel is open.
    void describeTheStrips() {
        me_.goTo("strings");
        me_.type(QStringLiteral("4 strips x 12, 3 V, 240 mA, one string"));
        me_.press(Qt::Key_Return);
        me_.settle();
    }

    void lookFromOutside() {
        me_.goTo("firstLook");
        me_.press(Qt::Key_1);  // sound
        me_.press(Qt::Key_1);  // standby light on
        me_.press(Qt::Key_1);  // picture under the torch
        me_.press(Qt::Key_N);  // no light
    }

    void measureTheBoard() {
        me_.goTo("board");
        me_.press(Qt::Key_A, Qt::AltModifier);
        for (const char* test : {"blOn", "dim", "ledPlusIdle", "ledPlusOn", "ledPlusPlugOut"}) {
            me_.clickInto(QString::fromUtf8(test));
            me_.type(typed(set_.measure(test)));
            me_.press(Qt::Key_Return);
        }
    }

    void expectInPdf(const QString& name, const QStringList& all) {
        QProcess reader;
        reader.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), me_.path(name), QStringLiteral("-")});
        ASSERT_TRUE(reader.waitForFinished());
        const QString pdf = QString::fromUtf8(reader.readAllStandardOutput());
        for (const auto& words : all) {
            EXPECT_TRUE(pdf.contains(words)) << name.toStdString() << ": " << words.toStdString() << "\n"
                                             << pdf.toStdString();
        }
    }
    const job::Job& job() { return me_.job(); }

    int halveTheStrings() {
        me_.goTo("strings");
        int probes = 0;
        while (me_.read(QStringLiteral("verdict")).isEmpty() && probes < 12) {
            if (const auto next = me_.read(QStringLiteral("nextTitle")); next.endsWith(QStringLiteral("on its own"))) {
                steps_ << next;
                me_.press(Qt::Key_Return, Qt::ControlModifier);
                me_.type(QStringLiteral("OL"));
                me_.press(Qt::Key_Return);
                ++probes;
                continue;
            }
            const auto probe = probeNamed(me_.read(QStringLiteral("runTitle")));
            EXPECT_TRUE(probe) << me_.read(QStringLiteral("runTitle")).toStdString();
            if (!probe) {
                break;
            }
            steps_ << me_.read(QStringLiteral("runTitle"));
            const auto reading = set_.tester(*probe);
            me_.clickInto(QStringLiteral("volts"));
            me_.typeOver(number(*reading.volts));
            me_.press(Qt::Key_Tab);
            me_.type(QString::number(*reading.lit));
            me_.press(Qt::Key_Return);
            ++probes;
        }
        return probes;
    }
};

TEST_F(WholeJob, FromEmptyToPdf) {
    takeItIn();
    EXPECT_TRUE(me_.read(QStringLiteral("wiringSummary")).startsWith(QStringLiteral("Not seen yet")));
    EXPECT_EQ(me_.read(QStringLiteral("jobTitle")), QStringLiteral("Berth 3 departure board"));

    lookFromOutside();
    EXPECT_TRUE(me_.sees(QStringLiteral("picture seen")));
    EXPECT_TRUE(me_.sees(QStringLiteral("no light")));
    EXPECT_NE(me_.read(QStringLiteral("questionTitle")), QStringLiteral("Light at switch-on")) << "it is answered";
    EXPECT_TRUE(me_.sees(QStringLiteral("Open LED"))) << me_.screen().join('|').toStdString();

    measureTheBoard();
    EXPECT_TRUE(me_.sees(words(set_.measure("ledPlusOn"))));
    EXPECT_TRUE(me_.window().session().shown().assessment.expected.volts.count({"ledPlusIdle"})) << "it was learned";
    EXPECT_FALSE(me_.window().session().shown().assessment.expected.volts.count({"ledPlusOn"}))
        << "nobody has said what the strings run at";
    EXPECT_EQ(me_.read(QStringLiteral("nextTitle")), QStringLiteral("Look at the strips"));
    me_.press(Qt::Key_Escape);
    me_.press(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(me_.sees(QStringLiteral("Which strips are there?")));
    describeTheStrips();
    EXPECT_TRUE(me_.find<QLineEdit>(QStringLiteral("volts"))->hasFocus()) << "the next probe is theirs";
    EXPECT_FALSE(me_.sees(QStringLiteral("use these strips"))) << "the keys are the station's again";
    me_.goTo("takeIn");
    EXPECT_TRUE(me_.sees(QStringLiteral("LED+ runs at %1 V").arg(running_, 0, 'f', 0)))
        << me_.read(QStringLiteral("wiringSummary")).toStdString();
    me_.goTo("board");
    me_.clickInto(QStringLiteral("ledPlusOn"));
    const auto band = me_.window().session().shown().assessment.expected.volts.at({"ledPlusOn"});
    EXPECT_LT(band.low, running_);
    EXPECT_GT(band.high, running_);
    EXPECT_TRUE(me_.sees(QStringLiteral("expect %1 … %2 V").arg(number(band.low), number(band.high))));
    const QRegularExpression caution(QStringLiteral("LED\\+ can reach (\\d+) V DC, beyond ES2"));
    const auto warned = caution.match(me_.screen().join(QLatin1Char('|')));
    ASSERT_TRUE(warned.hasMatch());
    EXPECT_GE(warned.captured(1).toDouble(), set_.measure("ledPlusPlugOut").volts);

    const int probes = halveTheStrings();
    EXPECT_EQ(me_.read(QStringLiteral("verdict")), QStringLiteral("Open LED B9"));
    EXPECT_LE(probes, 6 + 4) << "⌈log2 48⌉, and a minute for each stretch that was not lit yet: "
                             << steps_.join(QStringLiteral(", ")).toStdString();

    me_.press(Qt::Key_Escape);
    me_.press(Qt::Key_Space);
    EXPECT_EQ(me_.read(QStringLiteral("cause")), QStringLiteral("Open LED B9"));
    EXPECT_TRUE(me_.read(QStringLiteral("advice")).contains(QStringLiteral("37 % chance of a comeback")));
    me_.press(Qt::Key_2);
    EXPECT_TRUE(me_.read(QStringLiteral("choose2")).startsWith(QStringLiteral("chosen")));

    me_.goTo("prove");
    me_.type(QStringLiteral("146.2"));
    me_.press(Qt::Key_Return);
    me_.press(Qt::Key_Down);
    me_.type(QStringLiteral("0.8"));
    me_.press(Qt::Key_Return);
    me_.press(Qt::Key_Down);
    for (const char* minutes : {"0", "10", "20", "31"}) {
        me_.clickInto(QStringLiteral("soakMinutes"));
        me_.type(QString::fromUtf8(minutes));
        me_.press(Qt::Key_Tab);
        me_.type(QStringLiteral("146.1"));
        me_.press(Qt::Key_Tab);
        me_.type(QStringLiteral("240"));
        me_.press(Qt::Key_Return);
    }
    EXPECT_EQ(me_.read(QStringLiteral("soakVerdict")),
              QStringLiteral("Passed: 31 min, no flicker, %1 % drift.").arg(number(0)));

    me_.goTo("handBack");
    me_.type(QStringLiteral("New LED at B9, cathode to the large pad."));
    fillIn(QStringLiteral("folder"), me_.path(QString()));
    me_.press(Qt::Key_P, Qt::ControlModifier);
    EXPECT_TRUE(me_.read(QStringLiteral("exported")).endsWith(QStringLiteral("SK-0420.pdf")));
    me_.press(Qt::Key_J, Qt::ControlModifier);
    me_.press(Qt::Key_H, Qt::AltModifier);
    EXPECT_THAT(me_.read(QStringLiteral("stillOpen")).toStdString(), testing::HasSubstr("1 reading"))
        << "whether it stays lit was not looked at";
    EXPECT_TRUE(job().handedBack.empty());
    me_.goTo("prove");
    me_.clickInto(QStringLiteral("proof2"));
    me_.type(QStringLiteral("lit"));
    me_.press(Qt::Key_Return);
    for (int look = 0; look < 6; ++look) {  // what is to be seen and heard of the closed set
        me_.press(Qt::Key_G, Qt::AltModifier);
    }
    me_.goTo("handBack");
    me_.press(Qt::Key_H, Qt::AltModifier);
    EXPECT_TRUE(me_.sees(QStringLiteral("handed back")));
    EXPECT_FALSE(job().handedBack.empty());
    me_.press(Qt::Key_3, Qt::AltModifier);
    me_.press(Qt::Key_P, Qt::ControlModifier);

    expectInPdf(QStringLiteral("SK-0420.pdf"),
                {QStringLiteral("Berth 3 departure board"), QStringLiteral("Dark since Monday"),
                 QStringLiteral("Open LED B9"), QStringLiteral("LED replaced"), QStringLiteral("New LED at B9"),
                 QStringLiteral("146 V"), QStringLiteral("Passed: 31 min")});
    expectInPdf(QStringLiteral("SK-0420.bench.pdf"),
                {QStringLiteral("Berth 3 departure board"), number(146.2) + QStringLiteral(" V"),
                 QStringLiteral("as expected"), QStringLiteral("Passed: 31 min"), QStringLiteral("beyond ES2")});
    const auto exported = records::readJobFile(me_.path(QStringLiteral("SK-0420.dimglow")));
    EXPECT_EQ(exported.set.panel, "NL430-D7");
    EXPECT_EQ(exported.repair.option, "replaceLed");
    const auto measured = std::ranges::find_if(exported.trail, [](const auto& entry) {
        return evidence::testOf(entry.what) == "ledPlusOn" && entry.phase == job::Phase::Before;
    });
    ASSERT_NE(measured, exported.trail.end());
    EXPECT_EQ(measured->source.raw, typed(set_.measure("ledPlusOn")).toStdString()) << "kept as it was typed";
}

TEST_F(WholeJob, EverythingIsThereAfterARestart) {
    takeItIn();
    lookFromOutside();
    const auto before = me_.job();
    me_.restart();
    EXPECT_TRUE(me_.sees(QStringLiteral("On the bench")));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(me_.job(), before);
    EXPECT_TRUE(me_.sees(QStringLiteral("picture seen")));
}

TEST_F(WholeJob, EveryEditCanBeUndoneAndDoneAgain) {
    takeItIn();
    lookFromOutside();
    measureTheBoard();
    const auto done = me_.job();
    me_.goTo("strings");
    me_.press(Qt::Key_Escape);
    int edits = 0;
    for (; me_.window().session().canUndo() && edits < 100; ++edits) {
        me_.press(Qt::Key_Z, Qt::ControlModifier);
    }
    EXPECT_GE(edits, 16);
    EXPECT_TRUE(me_.job().trail.empty());
    EXPECT_EQ(me_.job().title, "New job");
    EXPECT_EQ(onDisk().title, "New job") << "undo is stored as well";
    for (int i = 0; i < edits; ++i) {
        me_.press(Qt::Key_Y, Qt::ControlModifier);
    }
    EXPECT_EQ(job::toJson(me_.job()), job::toJson(done));
    EXPECT_EQ(onDisk(), done);
}

TEST_F(WholeJob, LiveReadingsWaitForTheTechniciansWord) {
    takeItIn();
    me_.goTo("board");
    me_.clickInto(QStringLiteral("ledPlusOn"));
    auto* field = me_.find<QLineEdit>(QStringLiteral("ledPlusOn"));
    ASSERT_NE(field, nullptr);
    EXPECT_FALSE(field->isEnabled());
    EXPECT_NE(me_.find<QWidget>(QStringLiteral("acceptLive")), nullptr);
    me_.press(Qt::Key_A, Qt::AltModifier);
    me_.settle();
    EXPECT_TRUE(field->isEnabled());
    EXPECT_FALSE(me_.find<QWidget>(QStringLiteral("acceptLive"))->isEnabled()) << "asked once a job";
    EXPECT_TRUE(me_.sees(QStringLiteral("follow local codes"))) << "said at each live step";
}

}  // namespace
}  // namespace dimglow
