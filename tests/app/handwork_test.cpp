// A set is opened, mended, closed and proven by the keyboard: what comes out is counted, and so is what goes in.

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <QBuffer>
#include <QClipboard>
#include <QDir>
#include <QImage>
#include <QLabel>

#include "records/bundle.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

class Handwork : public testing::Test {
protected:
    Handwork() {
        auto demo = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
        demo.opening = {};
        demo.panelOpen = false;
        demo.makeSafe = {};
        id_ = QString::fromStdString(demo.id);
        me_.logbook().create(demo, "Taken in");
        me_.window().openJob(id_);
        me_.settle();
    }
    void writeDown(const QString& line) {
        me_.type(line);
        me_.press(Qt::Key_Return);
    }
    void alt(Qt::Key key) { me_.press(key, Qt::AltModifier); }
    /// Counts what holds the layer that is due, Enter after each, and puts it on.
    void closeWith(const QStringList& counts) {
        for (const auto& count : counts) {
            me_.type(count);
            me_.press(Qt::Key_Return);
        }
        alt(Qt::Key_O);
    }
    QString due() { return me_.read(QStringLiteral("closingDue")); }
    /// Everything that is to be looked at until a layer is due again, or nothing.
    void lookAtAll() {
        for (int most = 0; most < 20 && me_.find<QWidget>(QStringLiteral("looksGood")) != nullptr; ++most) {
            alt(Qt::Key_G);
        }
    }
    void choose(const QString& option) {
        me_.goTo("fixPlan");
        me_.settle();
        const auto options = me_.window().session().shown().assessment.plan.options;
        for (std::size_t i = 0; i < options.size(); ++i) {
            if (QString::fromStdString(options[i].id) == option) {
                me_.press(Qt::Key(Qt::Key_1 + int(i)));
            }
        }
        ASSERT_EQ(me_.job().repair.option, option.toStdString());
    }
    void doEveryStep() {
        me_.goTo("rework");
        for (int most = 0; most < 60 && me_.find<QWidget>(QStringLiteral("stepDone")) != nullptr; ++most) {
            if (me_.find<QLineEdit>(QStringLiteral("stepReading")) != nullptr) {
                me_.type("3.1");
                me_.press(Qt::Key_Return);
            } else {
                me_.press(Qt::Key_Space);
            }
        }
    }
    void openDownToTheStrips() {
        me_.goTo("openUp");
        writeDown("back: 14 × M3×8 edge, 4 × M4×12 stand");
        writeDown("frame: 22 clips");
        writeDown("glass");
        writeDown("films: prism across, prism along, diffusing, notch top left");
        writeDown("strips: 4 plugs");
        for (int i = 0; i < 5; ++i) {
            me_.press(Qt::Key_Up);
        }
        for (int i = 0; i < 6; ++i) {  // once more for the glass: its parts are to be ordered first
            alt(Qt::Key_O);
        }
    }
    test::Technician me_;
    QString id_;
};

TEST_F(Handwork, AScrewLeftOverIsNamedUntilItIsFound) {
    openDownToTheStrips();
    EXPECT_TRUE(me_.job().panelOpen);
    EXPECT_THAT(me_.read("outAndNotIn").toStdString(), testing::HasSubstr("clips 22"));
    choose("replaceAllStrips");
    doEveryStep();
    EXPECT_THAT(me_.read("workTime").toStdString(), testing::HasSubstr("planned"));
    me_.goTo("prove");
    EXPECT_EQ(due(), "strips: count it in, then put it on");
    closeWith({"4"});
    lookAtAll();
    closeWith({"1", "1", "1"});
    lookAtAll();
    EXPECT_EQ(due(), "glass: count it in, then put it on");
    alt(Qt::Key_O);
    lookAtAll();
    closeWith({"22"});
    lookAtAll();
    closeWith({"12", "4"});
    lookAtAll();
    EXPECT_FALSE(hands::isOpen(me_.job().opening));
    EXPECT_TRUE(me_.sees("2 × M3×8 left over: last used at back, around the edge."));
    me_.goTo("handBack");
    alt(Qt::Key_H);
    EXPECT_TRUE(me_.sees("2 × M3×8 left over"));
    EXPECT_TRUE(me_.job().handedBack.empty()) << "it is asked once";
    me_.goTo("prove");
    const auto rests = me_.window().session().shown().assessment.closing.remainders;
    ASSERT_EQ(rests.size(), 1u);
    me_.find<QPushButton>(QStringLiteral("found%1").arg(rests[0].item))->setFocus();
    me_.press(Qt::Key_Space);
    EXPECT_FALSE(me_.sees("left over"));
    EXPECT_TRUE(me_.window().session().shown().assessment.closing.open.empty());
}

TEST_F(Handwork, AFilmShortIsSignedOffInWordsAndStandsInTheRecord) {
    openDownToTheStrips();
    me_.goTo("prove");
    closeWith({"4"});
    lookAtAll();
    closeWith({"1", "0", "1"});
    EXPECT_TRUE(me_.sees("A film short: prism, lines along, notch top left."));
    const auto rests = me_.window().session().shown().assessment.closing.remainders;
    ASSERT_EQ(rests.size(), 1u);
    me_.clickInto(QStringLiteral("signOff%1").arg(rests[0].item));
    writeDown("creased, left out with the owner's word");
    EXPECT_FALSE(me_.sees("A film short"));
    EXPECT_EQ(me_.job().opening.item(rests[0].item)->signedOff, "creased, left out with the owner's word");
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(me_.sees("A film short")) << "taken back as any step";
}

TEST_F(Handwork, ACountThatCannotBeIsRefusedAtItsField) {
    openDownToTheStrips();
    me_.goTo("prove");
    me_.type("5");
    me_.press(Qt::Key_Return);
    EXPECT_FALSE(me_.job().opening.layer(hands::LayerKind::Strips)->items[0].isIn);
    me_.typeOver("3.5");
    me_.press(Qt::Key_Return);
    EXPECT_FALSE(me_.job().opening.layer(hands::LayerKind::Strips)->items[0].isIn);
    me_.typeOver("3");
    me_.press(Qt::Key_Return);
    EXPECT_EQ(me_.job().opening.layer(hands::LayerKind::Strips)->items[0].isIn, 3);
}

TEST_F(Handwork, ACountThatIsNotTakenStaysTyped) {
    openDownToTheStrips();
    me_.goTo("prove");
    const int plugs = me_.job().opening.layer(hands::LayerKind::Strips)->items[0].id;
    me_.clickInto(QStringLiteral("without:%1").arg(plugs));
    writeDown("4");
    me_.clickInto(QStringLiteral("broke:%1").arg(plugs));
    writeDown("1");
    alt(Qt::Key_I);
    EXPECT_EQ(me_.job().opening.item(plugs)->broke, 0) << "more than there are places";
    EXPECT_EQ(me_.read(QStringLiteral("broke:%1").arg(plugs)), "1");
}

TEST_F(Handwork, AReadingHalfTypedOutlivesAnEditElsewhere) {
    choose("replaceLed");
    me_.goTo("rework");
    for (int most = 0; most < 9 && me_.find<QLineEdit>(QStringLiteral("stepReading")) == nullptr; ++most) {
        me_.press(Qt::Key_Space);
    }
    me_.type("2.");
    ASSERT_TRUE(me_.window().session().edit("Place", [](job::Job& job) { job.order.place = "elsewhere"; }));
    EXPECT_EQ(me_.read("stepReading"), "2.");
    writeDown("9");
    EXPECT_EQ(me_.job().opening.ticks.back().read, 2.9);
}

TEST_F(Handwork, WhatWasWrittenDownByMistakeIsStruckOut) {
    me_.goTo("openUp");
    writeDown("back: 14 × M3×8, 2 clips");
    alt(Qt::Key_X);
    EXPECT_EQ(me_.job().opening.layers[0].items.size(), 1u);
    alt(Qt::Key_X);
    alt(Qt::Key_X);
    EXPECT_TRUE(me_.job().opening.layers.empty());
    alt(Qt::Key_X);
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(me_.job().opening.layers.size(), 1u);
}

TEST_F(Handwork, PartsThatWillBeNeededAreOrderedBeforeTheFirstScrew) {
    choose("replaceAllStrips");
    me_.goTo("openUp");
    writeDown("back: 14 × M3×8");
    writeDown("glass");
    me_.press(Qt::Key_Up);
    alt(Qt::Key_O);
    EXPECT_EQ(me_.job().opening.layers[0].state, hands::Layer::State::On);
    EXPECT_TRUE(me_.sees("Order them before the first screw"));
    alt(Qt::Key_O);
    EXPECT_EQ(me_.job().opening.layers[0].state, hands::Layer::State::Off) << "asked once";
    alt(Qt::Key_O);
    EXPECT_EQ(me_.job().opening.layers[1].state, hands::Layer::State::Off);
    EXPECT_TRUE(me_.job().panelOpen);
}

TEST_F(Handwork, ThePadThatIsPlusIsSaidOnceAndDrawnAtEachStep) {
    choose("replaceLed");
    me_.goTo("rework");
    alt(Qt::Key_2);
    ASSERT_EQ(me_.job().opening.ticks.size(), 1u);
    EXPECT_EQ(me_.job().opening.ticks[0].said, "small");
    EXPECT_TRUE(me_.sees("plus on the small pad"));
    alt(Qt::Key_2);
    EXPECT_EQ(me_.job().opening.ticks.size(), 1u) << "the next step offers no choice";
}

TEST_F(Handwork, TheBackComesOffAtMakeSafeAndIsCountedFromAnyStation) {
    me_.goTo("makeSafe");
    alt(Qt::Key_B);
    ASSERT_NE(me_.job().opening.layer(hands::LayerKind::Back), nullptr);
    EXPECT_EQ(me_.job().opening.layer(hands::LayerKind::Back)->state, hands::Layer::State::Off);
    me_.goTo("board");
    me_.press(Qt::Key_E, Qt::ControlModifier);
    writeDown("14 × M3×8 edge");
    EXPECT_EQ(me_.job().opening.layer(hands::LayerKind::Back)->items.size(), 1u);
    me_.press(Qt::Key_E, Qt::ControlModifier);
    me_.type("boards: 9 M3");
    me_.press(Qt::Key_Escape);
    me_.press(Qt::Key_E, Qt::ControlModifier);
    EXPECT_EQ(me_.read("layerLine"), "boards: 9 M3") << "Esc loses nothing";
    alt(Qt::Key_B);
    EXPECT_EQ(me_.job().opening.layers.size(), 1u);
}

TEST_F(Handwork, AHeldSpaceTicksOneStep) {
    choose("replaceAllStrips");
    me_.goTo("rework");
    me_.holdSpace(2, test::Repeats::AsSuch);
    EXPECT_EQ(me_.job().opening.ticks.size(), 1u);
}

TEST_F(Handwork, APictureIsPastedKeptAndTravelsWithTheJob) {
    me_.goTo("openUp");
    writeDown("back: 14 × M3×8");
    QImage image(320, 200, QImage::Format_RGB32);
    image.fill(Qt::darkCyan);
    QApplication::clipboard()->setImage(image);
    me_.press(Qt::Key_V, Qt::ControlModifier);
    ASSERT_EQ(me_.job().opening.photos.size(), 1u);
    EXPECT_EQ(me_.job().opening.photos[0].of, "layer:1");
    EXPECT_TRUE(me_.logbook().photos().read(me_.job().opening.photos[0].name));
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(me_.job().opening.photos.empty());
    me_.press(Qt::Key_Y, Qt::ControlModifier);
    EXPECT_TRUE(me_.logbook().photos().read(me_.job().opening.photos[0].name)) << "undo deletes no picture";
    const auto file = me_.path("out.zip");
    EXPECT_EQ(records::writeBundle(me_.job(), me_.logbook().photos(), file), 0);
    const auto sent = me_.job().opening.photos;
    test::Technician other;
    other.window().importFile(file);
    other.settle();
    EXPECT_EQ(other.job().opening.photos, sent);
    EXPECT_TRUE(other.logbook().photos().read(sent[0].name));
}

TEST_F(Handwork, TheFrameSaysWhetherTheSetCanHurt) {
    const auto badge = [this] {
        me_.settle();
        return me_.find<QWidget>(QStringLiteral("chargeBadge"))->accessibleName();
    };
    me_.goTo("board");
    EXPECT_EQ(badge(), "mains in");
    me_.goTo("makeSafe");
    alt(Qt::Key_M);
    EXPECT_EQ(badge(), "charge not known");
    alt(Qt::Key_P);
    for (int store = 0; store < 8 && badge() != "measured empty"; ++store) {
        me_.type("1");
        me_.press(Qt::Key_Return);
    }
    EXPECT_EQ(badge(), "measured empty");
    me_.goTo("strings");
    EXPECT_EQ(badge(), "measured empty") << "at every station";
    me_.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(badge(), "safe to touch") << "the last was a rail that cannot reach 60 V";
}

}  // namespace
}  // namespace dimglow
