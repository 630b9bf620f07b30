// Whole diagnoses of what is not in the strings, as the program advises them: by keys, and one by mouse alone.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QPushButton>
#include <cmath>

#include "app/stations/stations.h"
#include "app/stopwatch.h"
#include "core/backlight/plain.h"
#include "tests/app/technician.h"
#include "tests/app/typed_readings.h"
#include "virtualset/sealed_set.h"
#include "virtualset/trial.h"

namespace dimglow {
namespace {

using evidence::Observation;
using test::indexOf;
using test::number;
using test::typed;
using testing::HasSubstr;

class Diagnosis : public testing::Test {
protected:
    /// A set whose strings somebody has described, on the bench with nothing read yet.
    void takeIn(const virtualset::SealedFault& fault, job::Way way, std::vector<set::BoardPoint> points = {}) {
        job_.id = "SK-0500";
        job_.title = "Waiting room display";
        job_.way = way;
        job_.liveWorkAccepted = true;
        backlight::PlainDescription plain;
        plain.strips = 3;
        plain.ledsPerStrip = 8;
        plain.stripsPerString = 3;
        plain.amps = 0.25;
        plain.idleVolts = 24;
        plain.feeds = {{78}};
        job_.set.backlight = backlight::plainBacklight(plain);
        job_.set.points = points;
        set_ = std::make_shared<virtualset::SealedSet>(job_.set.backlight, fault, knowledge::builtInKnowledge(),
                                                       virtualset::Manner{}, points);
        me_.logbook().create(job_, QStringLiteral("Taken in"));
        me_.window().openJob(QStringLiteral("SK-0500"));
        me_.settle();
    }

    const sheet::Assessment& assessment() {
        me_.settle();
        return me_.window().session().shown().assessment;
    }

    /// Does what the program advises, by keys, until it has a verdict. \returns what was done
    QStringList followByKeys(int most) {
        QStringList steps;
        while (assessment().verdict().empty() && !assessment().probes.best.empty() && steps.size() < most) {
            const auto probe = assessment().probes.best.front();
            steps << me_.read(QStringLiteral("nextTitle"));
            me_.makeSafe();
            if (const auto* spot = me_.find<QWidget>(QStringLiteral("spotTitle"));
                spot != nullptr && spot->isVisible()) {
                me_.press(Qt::Key_T, Qt::AltModifier);  // a state left over: what is advised is asked as it is
            }
            me_.press(Qt::Key_Return, Qt::ControlModifier);
            const auto before = me_.job().trail.size();
            const Observation taken = set_->take(probe.question).front();
            const auto* light = std::get_if<evidence::LightSeen>(&taken);
            if (light != nullptr && light->what == driver::Light::FlashThenDark) {
                me_.holdSpace(light->secondsToDark, test::Repeats::AsReleaseAndPress);
            } else if (light != nullptr) {
                me_.press(light->what == driver::Light::Never ? Qt::Key_N : Qt::Key_S);
            } else if (const auto* answer = std::get_if<evidence::Answer>(&taken)) {
                me_.press(Qt::Key(int(Qt::Key_1) + indexOf(*answer)));
            } else if (const auto* point = std::get_if<evidence::PointTaken>(&taken)) {
                me_.type(typed(point->reading));
                me_.press(Qt::Key_Return);
            } else if (const auto* volts = std::get_if<evidence::Measured>(&taken)) {
                me_.type(typed(*volts));
                me_.press(Qt::Key_Return);
            } else if (const auto* tester = std::get_if<evidence::TesterTaken>(&taken)) {
                me_.clickInto(QStringLiteral("volts"));
                me_.typeOver(number(*tester->volts));
                me_.press(Qt::Key_Tab);
                me_.type(QString::number(*tester->lit));
                me_.press(Qt::Key_Return);
            } else if (const auto* lamps = std::get_if<evidence::LampsSeen>(&taken)) {
                for (const auto look : lamps->looks) {
                    me_.press(Qt::Key(int(Qt::Key_0) + int(look)));
                }
                EXPECT_EQ(std::get<evidence::LampsSeen>(me_.job().trail.back().what), *lamps);
            } else {
                ADD_FAILURE() << "no such probe: " << steps.join('|').toStdString();
                break;
            }
            const auto& trail = me_.job().trail;
            const bool isAnswered = trail.size() > before && evidence::questionOf(trail.back().what) == probe.question;
            EXPECT_TRUE(isAnswered) << steps.join('|').toStdString();
            if (!isAnswered) {
                break;
            }
        }
        return steps;
    }

    test::Technician me_;
    job::Job job_;
    std::shared_ptr<const virtualset::SimulatedSet> set_;
};

int partNamed(const char* suspect, const char* point) {
    const auto& trade = knowledge::builtInKnowledge();
    const auto& parts = trade.suspect(suspect)->parts;
    return int(std::find_if(parts.begin(), parts.end(),
                            [&](const auto& part) { return part.point == trade.pointIndex(point); }) -
               parts.begin());
}

TEST_F(Diagnosis, OfAPartOnTheDriverByKeys) {
    takeIn({"driverNotSwitching", {}, 7, {}, {}, partNamed("driverNotSwitching", "outputDiode"), "D8"},
           {.level = job::Way::Level::Component}, {{"outputDiode", "D8", {}}, {"outputDiode", "D9", {}}});
    const auto steps = followByKeys(25);
    EXPECT_THAT(me_.read(QStringLiteral("verdict")).toStdString(), HasSubstr("Output diode D8"))
        << steps.join('|').toStdString();
    me_.goTo("board");
    me_.tap(QStringLiteral("outputDiode:D8"));
    EXPECT_THAT(me_.read(QStringLiteral("spotNote")).toStdString(), HasSubstr("bad"));
}

TEST_F(Diagnosis, OfTiredCapacitorsByKeys) {
    takeIn(
        {"weakSupply", {}, 11, {}, {}, partNamed("weakSupply", "supplyCapacitor"), "C12"},
        {.level = job::Way::Level::Component},
        {{"supplyCapacitor", "C12", {470e-6, {}, 63, {}, {}}}, {"supplyCapacitor", "C13", {470e-6, {}, 63, {}, {}}}});
    const auto steps = followByKeys(25);
    EXPECT_THAT(me_.read(QStringLiteral("verdict")).toStdString(), HasSubstr("Supply capacitors C12"))
        << steps.join('|').toStdString();
}

TEST_F(Diagnosis, OfAMainBoardBySwapByKeys) {
    takeIn({"mainBoard", {}, 5}, {.first = job::Way::First::Swap});
    const auto steps = followByKeys(25);
    EXPECT_THAT(me_.read(QStringLiteral("verdict")).toStdString(), HasSubstr("ain board"))
        << steps.join('|').toStdString();
    EXPECT_TRUE(steps.join('|').contains(QStringLiteral("Known-good"))) << steps.join('|').toStdString();
}

/// A whole job on a set with lamps: from one line to the report, by keys.
class LampJob : public Diagnosis {
protected:
    /// The first set of the lamps' family whose trouble is one of those.
    void takeInLamps(const std::string& suspect) {
        std::uint64_t seed = 9100;
        virtualset::Patient patient;
        do {
            patient = virtualset::drawPatient(++seed, virtualset::Told::Nothing, knowledge::builtInKnowledge(),
                                              virtualset::Family::Lamps);
        } while (patient.suspect != suspect || patient.job.set.lamps.count % 2 != 0);
        set_ = patient.set;
        me_.press(Qt::Key_N, Qt::ControlModifier);
        me_.settle();
        me_.clickInto(QStringLiteral("wiringLine"));
        me_.type(QStringLiteral("%1%2 lamps 2 × %3, 410 mm, 2.4 mm bore, 12 V")
                     .arg(patient.job.set.kind == "monitor" ? "monitor, " : "television, ")
                     .arg(patient.job.set.lamps.count)
                     .arg(patient.job.set.lamps.count / 2));
        me_.press(Qt::Key_Return);
        me_.goTo("board");
        me_.press(Qt::Key_A, Qt::AltModifier);
        EXPECT_EQ(me_.job().set.lamps.count, patient.job.set.lamps.count);
    }
    void finish() {
        me_.goTo("fixPlan");
        me_.settle();
        me_.press(Qt::Key_1);
        EXPECT_FALSE(me_.job().repair.option.empty());
        me_.goTo("rework");
        for (int most = 0; most < 30 && me_.find<QWidget>(QStringLiteral("stepDone")) != nullptr; ++most) {
            if (me_.find<QLineEdit>(QStringLiteral("stepReading")) != nullptr) {
                me_.type(QStringLiteral("1.2"));
                me_.press(Qt::Key_Return);
            } else {
                me_.press(Qt::Key_Space);
            }
        }
        me_.goTo("handBack");
        me_.clickInto(QStringLiteral("folder"));
        me_.typeOver(me_.path(QString()));
        me_.press(Qt::Key_3, Qt::AltModifier);
        me_.press(Qt::Key_P, Qt::ControlModifier);
        EXPECT_TRUE(QFile::exists(me_.path(QString::fromStdString(me_.job().id) + QStringLiteral(".bench.pdf"))));
        EXPECT_TRUE(me_.window().session().shown().assessment.work.next < 0) << "every step is ticked";
    }
};

TEST_F(LampJob, OfABurntJointByKeys) {
    takeInLamps("lampJoint");
    const auto steps = followByKeys(40);
    EXPECT_THAT(me_.read(QStringLiteral("verdict")).toStdString(), HasSubstr("oint")) << steps.join('|').toStdString();
    finish();
}

TEST_F(LampJob, LampsAreLookedAtOneByOne) {
    takeInLamps("lampJoint");
    const auto count = std::size_t(me_.job().set.lamps.count);
    me_.goTo("strings");
    me_.press(Qt::Key_5);  // the top one is dark, the next one red, without waiting for the program
    me_.press(Qt::Key_4);
    me_.press(Qt::Key_A);
    std::vector<lamps::Look> looks(count, lamps::Look::Lit);
    looks[0] = lamps::Look::Dark;
    looks[1] = lamps::Look::Reddish;
    EXPECT_EQ(std::get<evidence::LampsSeen>(me_.job().trail.back().what).looks, looks);
    EXPECT_EQ(job::standingEntries(me_.job(), job::Phase::Before).size(), 1U) << "a later look takes its place";
    me_.press(Qt::Key_Up);
    me_.press(Qt::Key_Up);
    EXPECT_TRUE(me_.find<QPushButton>(QStringLiteral("look:dark"))->isChecked());
    me_.press(Qt::Key_0);
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(std::get<evidence::LampsSeen>(me_.job().trail.back().what).looks, looks);
}

TEST_F(LampJob, SumsReckonWithWhatWasTypedAlone) {
    takeInLamps("lampJoint");
    me_.goTo("strings");
    EXPECT_THAT(me_.read(QStringLiteral("lampSums")).toStdString(), HasSubstr("Type what is known"));
    for (const auto& [field, text] : {std::pair("sumMilliamps", "6"),
                                      {"sumKilohertz", "50"},
                                      {"sumBallast", "22"},
                                      {"sumStray", "10"},
                                      {"sumQ", "30"}}) {
        me_.clickInto(QString::fromUtf8(field));
        me_.type(QString::fromUtf8(text));
    }
    const auto sums = me_.read(QStringLiteral("lampSums")).toStdString();
    for (const char* words : {"725 V", "120.8 kΩ", "4.3 W", "1131 V", "4.97 mA", "13.2 rings"}) {
        EXPECT_THAT(sums, HasSubstr(words));
    }
}

TEST_F(LampJob, OfTheInvertersCapacitorsByKeys) {
    takeInLamps("inverterCapacitors");
    const auto steps = followByKeys(40);
    EXPECT_THAT(me_.read(QStringLiteral("verdict")).toStdString(), HasSubstr("lectrolytics"))
        << steps.join('|').toStdString();
    finish();
}

TEST_F(Diagnosis, OfAMainBoardByMouseAlone) {
    takeIn({"mainBoard", {}, 6}, {.first = job::Way::First::Swap});
    int clicks = 0;
    const auto click = [&](QWidget* what) {
        ASSERT_NE(what, nullptr);
        QTest::mouseClick(what, Qt::LeftButton);
        me_.settle();
    };
    const auto buttonThatSays = [&](const QString& words) -> QPushButton* {
        for (auto* button : me_.window().findChildren<QPushButton*>()) {
            if (button->isVisible() && button->text().startsWith(words + QStringLiteral("  "))) {
                return button;
            }
        }
        return nullptr;
    };
    while (assessment().verdict().empty() && clicks < 20) {
        const auto probe = assessment().probes.best.front();
        click(me_.find<QPushButton>(QStringLiteral("next")));
        const Observation taken = set_->take(probe.question).front();
        if (const auto* light = std::get_if<evidence::LightSeen>(&taken)) {
            click(buttonThatSays(light->what == driver::Light::Never ? QStringLiteral("no light at all")
                                                                     : QStringLiteral("stays lit")));
        } else if (const auto* answer = std::get_if<evidence::Answer>(&taken)) {
            const auto& title = knowledge::builtInKnowledge().test(answer->test)->choice(answer->choice)->title;
            click(buttonThatSays(QString::fromStdString(title.english())));
        } else {
            click(me_.find<QPushButton>(QStringLiteral("missed")));  // no meter at hand
        }
        ++clicks;
        ASSERT_EQ(me_.job().trail.size(), std::size_t(clicks)) << probe.title;
    }
    EXPECT_THAT(me_.read(QStringLiteral("verdict")).toStdString(), HasSubstr("ain board"));
}

TEST_F(Diagnosis, PartIsWrittenDownWithItsLooksItsPrintAndItsTwin) {
    takeIn({"weakSupply", {}, 3}, {});
    me_.goTo("board");
    me_.tap(QStringLiteral("supplyCapacitor:C3"));
    me_.type(QStringLiteral("C12 241u of 470u 63V"));
    EXPECT_THAT(me_.read(QStringLiteral("spotNote")).toStdString(), HasSubstr("bad")) << "said while it is typed";
    me_.press(Qt::Key_Return);
    EXPECT_EQ(me_.read(QStringLiteral("spotTitle")), QStringLiteral("Supply capacitor C12"));
    ASSERT_EQ(me_.job().set.points.size(), 1u);
    EXPECT_EQ(me_.job().set.points.front().ratings.volts, 63);
    me_.type(QStringLiteral("C13 460u"));
    me_.press(Qt::Key_Return);
    EXPECT_THAT(me_.read(QStringLiteral("spotNote")).toStdString(), HasSubstr("241 µF")) << "its twin";
    me_.press(Qt::Key_2, Qt::AltModifier);
    const auto* seen = std::get_if<evidence::PointSeen>(&me_.job().trail.back().what);
    ASSERT_NE(seen, nullptr);
    EXPECT_EQ(seen->asked.ref, "C13");
    EXPECT_EQ(seen->looks, evidence::PointSeen::Looks::Bulged);
    me_.type(QStringLiteral("much"));
    me_.press(Qt::Key_Return);
    EXPECT_THAT(me_.read(QStringLiteral("fieldNote")).toStdString(), HasSubstr("cannot be read"));
    me_.tap(QStringLiteral("dim"));
    me_.tap(QStringLiteral("supplyCapacitor:C13"));
    EXPECT_EQ(me_.read(QStringLiteral("supplyCapacitor:C13")), QStringLiteral("much")) << "what was typed stays";
    const auto before = me_.job();
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    me_.press(Qt::Key_S, Qt::AltModifier);
    EXPECT_EQ(me_.job().set.kind, "monitor");
    EXPECT_EQ(me_.find<QWidget>(QStringLiteral("at:standbyRail:5VSB")), nullptr) << "such a set has no standby block";
}

TEST_F(Diagnosis, ABlinkCodeIsAskedForOnceItBlinks) {
    me_.press(Qt::Key_N, Qt::ControlModifier);
    me_.goTo("firstLook");
    EXPECT_FALSE(me_.sees(QStringLiteral("What the blinking means")));
    EXPECT_EQ(me_.find<QWidget>(QStringLiteral("at:blinkMeans")), nullptr);
    EXPECT_EQ(me_.find<QWidget>(QStringLiteral("at:lampFades")), nullptr) << "nobody said that it has lamps";
    me_.tap(QStringLiteral("standby"));
    me_.press(Qt::Key_Space);
    me_.press(Qt::Key_Space);
    me_.press(Qt::Key_Return);  // twice
    me_.press(Qt::Key_Down);
    EXPECT_EQ(me_.read(QStringLiteral("questionTitle")), QStringLiteral("What the blinking means"));
    me_.press(Qt::Key_2);
    const auto code = std::get<evidence::Answer>(me_.job().trail.back().what);
    EXPECT_EQ(code.test, "blinkMeans");
    EXPECT_EQ(code.choice, "backlight");
}

TEST_F(Diagnosis, RailIsReadInStandbyAndAgainSetOn) {
    takeIn({"weakSupply", {}, 3}, {});
    me_.goTo("board");
    me_.tap(QStringLiteral("mainRail:12V"));
    EXPECT_THAT(me_.read(QStringLiteral("spotTitle")).toStdString(), HasSubstr("set on")) << "as it is asked";
    me_.press(Qt::Key_T, Qt::AltModifier);
    EXPECT_EQ(me_.read(QStringLiteral("spotTitle")), QStringLiteral("Main rail 12V, in standby"));
    me_.tap(QStringLiteral("mainRail:12V"));
    me_.type(QStringLiteral("0.1 of 12V"));
    EXPECT_THAT(me_.read(QStringLiteral("spotNote")).toStdString(), HasSubstr("need not be there yet"));
    me_.press(Qt::Key_Return);
    const auto standby = std::get<evidence::PointTaken>(me_.job().trail.back().what);
    EXPECT_EQ(standby.state, set::SetState::Standby);
    EXPECT_TRUE(standby.asked.isEarly);
    me_.press(Qt::Key_T, Qt::AltModifier);
    me_.type(QStringLiteral("11.9"));
    me_.press(Qt::Key_Return);
    const auto on = std::get<evidence::PointTaken>(me_.job().trail.back().what);
    EXPECT_EQ(on.state, set::SetState::On);
    EXPECT_FALSE(on.asked.isEarly);
    EXPECT_THAT(me_.read(QStringLiteral("spotNote")).toStdString(), HasSubstr("good"));
    EXPECT_EQ(job::standingEntries(me_.job(), job::Phase::Before).size(), me_.job().trail.size()) << "both stand";
}

TEST_F(Diagnosis, RestartsAreCountedByTappingAndDarkPartsAreDrawn) {
    takeIn({"mainBoard", {}, 6}, {});
    me_.goTo("firstLook");
    me_.tap(QStringLiteral("standby"));
    const auto entries = me_.job().trail.size();
    for (int i = 0; i < 5; ++i) {
        me_.holdSpace(0.2, i % 2 == 0 ? test::Repeats::AsReleaseAndPress : test::Repeats::AsSuch);
    }
    EXPECT_TRUE(me_.read(QStringLiteral("count")).startsWith(QStringLiteral("5 times, not written down yet")));
    EXPECT_EQ(me_.job().trail.size(), entries);
    me_.press(Qt::Key_Return);
    EXPECT_EQ(me_.read(QStringLiteral("count")), QStringLiteral("5 times"));
    const auto* blinks = std::get_if<evidence::Answer>(&me_.job().trail.back().what);
    ASSERT_NE(blinks, nullptr);
    EXPECT_EQ(blinks->number, 5);
    me_.press(Qt::Key_2, Qt::AltModifier);
    EXPECT_EQ(std::get<evidence::Answer>(me_.job().trail.back().what).detail, "orange");
    EXPECT_EQ(std::get<evidence::Answer>(me_.job().trail.back().what).number, 5) << "it keeps its count";
    me_.tap(QStringLiteral("watts"));
    me_.type(QStringLiteral("0,4"));
    me_.press(Qt::Key_Return);
    EXPECT_EQ(std::get<evidence::Answer>(me_.job().trail.back().what).choice, "standby");
    me_.tap(QStringLiteral("evenness"));
    auto* sketch = me_.find<QWidget>(QStringLiteral("sketch"));
    ASSERT_NE(sketch, nullptr);
    QTest::mousePress(sketch, Qt::LeftButton, {}, QPoint(3, 3));
    QTest::mouseMove(sketch, QPoint(sketch->width() / 2, sketch->height() - 3));
    QTest::mouseRelease(sketch, Qt::LeftButton, {}, QPoint(sketch->width() / 2, sketch->height() - 3));
    const auto drawn = std::get<evidence::Answer>(me_.job().trail.back().what);
    EXPECT_EQ(drawn.choice, "half");
    EXPECT_EQ(drawn.detail, "left");
}

TEST_F(Diagnosis, WhyIsAnsweredForEveryRow) {
    takeIn({"notAsked", {}, 6}, {});
    me_.goTo("firstLook");
    me_.press(Qt::Key_1);
    EXPECT_FALSE(me_.sees(QStringLiteral("likelier under it")));
    me_.press(Qt::Key_W, Qt::AltModifier);
    EXPECT_TRUE(me_.sees(QStringLiteral("this is how often it happens")) ||
                me_.sees(QStringLiteral("likelier under it")));
    EXPECT_EQ(me_.read(QStringLiteral("why")).left(4), QStringLiteral("less"));
}

TEST_F(Diagnosis, HomeSaysWhereAJobStandsAndWhatItWaitsFor) {
    takeIn({"notAsked", {}, 6}, {});
    me_.goTo("firstLook");
    me_.press(Qt::Key_1);
    me_.press(Qt::Key_H, Qt::ControlModifier);
    auto* list = me_.find<QListView>(QStringLiteral("jobs"));
    ASSERT_NE(list, nullptr);
    const auto row = list->model()->index(0, 0);
    (void)row.data(app::JobList::WaitsFor);  // asks for it
    me_.window().findChild<app::JobGlances*>()->settle();
    EXPECT_TRUE(row.data(app::JobList::WaitsFor).toString().startsWith(QStringLiteral("next: ")));
    EXPECT_EQ(row.data(app::JobList::NumberAndPlace), row.data(app::JobList::Id)) << "nobody has said where it is from";
    EXPECT_TRUE(row.data(app::JobList::Suspected).toString().contains(QLatin1Char('%')));
    const auto done = row.data(app::JobList::StationsDone).toList();
    ASSERT_EQ(done.size(), qsizetype(app::stationKinds().size()));
    EXPECT_TRUE(done[app::stationIndex("firstLook")].toBool()) << "first look";
    EXPECT_FALSE(done[app::stationIndex("prove")].toBool()) << "prove";
}

}  // namespace
}  // namespace dimglow
