// Every station at every size that people work at: nothing is cut, nothing scrolls sideways, nothing lies over another.

#include <gmock/gmock.h>

#include <QAbstractButton>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QScrollBar>
#include <QTranslator>

#include "app/painted_text.h"
#include "app/theme.h"
#include "language/language.h"
#include "tests/app/technician.h"
#include "virtualset/demo_workshop.h"

namespace dimglow {
namespace {

struct Look {
    const char* name;
    QSize size;
    double text = 1;
    bool isDaylight = false;
    bool isGerman = false;
};

void PrintTo(const Look& look, std::ostream* out) {
    *out << look.name;
}

class Rendering : public testing::TestWithParam<Look> {
protected:
    Rendering() {
        if (GetParam().isGerman) {
            language::speak(QLocale(QLocale::German));
        }
        app::theme::setMode(GetParam().isDaylight ? app::theme::Mode::Daylight : app::theme::Mode::LampOff);
        app::theme::setOwnScale(GetParam().text);
        me_ = std::make_unique<test::Technician>();
    }
    ~Rendering() override {
        me_.reset();
        app::theme::setOwnScale(1);
        app::theme::setMode(app::theme::Mode::LampOff);
        app::theme::fitWindow({1280, 720});
        if (GetParam().isGerman) {
            qDeleteAll(QCoreApplication::instance()->findChildren<QTranslator*>());
            language::writeNumbersAs(before_);
        }
    }

    void expectWhole(const std::string& where) {
        me_->settle();
        expectNothingSideways(where);
        expectLabelsWhole(where);
        expectPaintedWhole(where);
    }

    void expectNothingSideways(const std::string& where) {
        for (const auto* area : me_->window().findChildren<QScrollArea*>()) {
            if (area->isVisible() && area->widget() != nullptr) {
                EXPECT_LE(area->widget()->minimumSizeHint().width(), area->viewport()->width())
                    << where << ": " << widest(area->widget());
                EXPECT_FALSE(area->horizontalScrollBar()->isVisible()) << where;
            }
        }
    }

    /// Words of labels and buttons have the room that they need.
    void expectLabelsWhole(const std::string& where) {
        for (auto* widget : me_->window().findChildren<QWidget*>()) {
            if (!widget->isVisible() || widget->width() == 0) {
                continue;
            }
            const auto* label = qobject_cast<const QLabel*>(widget);
            const auto* button = qobject_cast<const QAbstractButton*>(widget);
            const bool mayBeCut = label != nullptr && label->sizePolicy().horizontalPolicy() == QSizePolicy::Ignored;
            if (label != nullptr && !label->text().isEmpty() && !label->wordWrap() && !mayBeCut) {
                EXPECT_GE(label->width() + 2, label->minimumSizeHint().width()) << where << ": " << nameOf(label);
            } else if (label != nullptr && label->wordWrap() && !label->text().isEmpty()) {
                EXPECT_GE(label->height() + 2, label->heightForWidth(label->width())) << where << ": " << nameOf(label);
            } else if (button != nullptr && !button->text().isEmpty()) {
                EXPECT_GE(button->width() + 2, button->minimumSizeHint().width()) << where << ": " << nameOf(button);
            }
        }
    }

    /// What widgets paint by themselves fits the box that it is painted into, and the widget.
    void expectPaintedWhole(const std::string& where) {
        for (auto* widget : me_->window().findChildren<QWidget*>()) {
            if (!widget->isVisible() || widget->size().isEmpty()) {
                continue;
            }
            std::vector<app::PaintedText> seen;
            app::watchPaintedText(&seen);
            QPixmap picture(widget->size());
            widget->render(&picture, {}, {}, QWidget::RenderFlags());
            app::watchPaintedText(nullptr);
            for (const auto& text : seen) {
                EXPECT_LE(text.needed.width(), text.box.width() + 1.5)
                    << where << ": " << widget->metaObject()->className() << " paints " << text.words.toStdString();
                EXPECT_FALSE(text.isElided && !isRemark(widget)) << where << ": " << text.words.toStdString();
            }
        }
    }

    /// Whether it shows a list, whose cards may cut what a job says of itself.
    static bool isRemark(const QWidget* widget) {
        return widget->inherits("QAbstractItemView") || widget->findChild<QAbstractItemView*>() != nullptr ||
               (widget->parentWidget() != nullptr && isRemark(widget->parentWidget()));
    }

    /// The widgets that ask for most room.
    static std::string widest(const QWidget* sheet) {
        auto all = sheet->findChildren<QWidget*>();
        std::sort(all.begin(), all.end(), [](const auto* a, const auto* b) {
            return a->minimumSizeHint().width() > b->minimumSizeHint().width();
        });
        std::string names;
        for (int i = 0; i < std::min(3, int(all.size())); ++i) {
            names += nameOf(all[i]) + " " + std::to_string(all[i]->minimumSizeHint().width()) + "; ";
        }
        return names;
    }

    /// A job in which a reading does not fit, and the set was described otherwise since.
    static job::Job misfit() {
        auto job = virtualset::demoJob(0, knowledge::builtInKnowledge()).job;
        job.id = "SK-0990";
        job::addEntry(job, "2026-11-24T08:00:00Z", job::Phase::Before,
                      evidence::Measured{"ledPlusIdle", {}, evidence::Shape::Steady, 480, 480});
        job::noteDescribed(job);
        return job;
    }

    static std::string nameOf(const QWidget* widget) {
        const auto* label = qobject_cast<const QLabel*>(widget);
        const auto* button = qobject_cast<const QAbstractButton*>(widget);
        const QString words = label != nullptr ? label->text() : button != nullptr ? button->text() : QString();
        return (QString::fromLatin1(widget->metaObject()->className()) + QLatin1Char(' ') + widget->objectName() +
                QStringLiteral(" \"") + words + QLatin1Char('"'))
            .toStdString();
    }

    QLocale before_;
    std::unique_ptr<test::Technician> me_;
};

TEST_P(Rendering, CutsNothingAndScrollsDownwardsOnly) {
    const auto& trade = knowledge::builtInKnowledge();
    std::vector<QString> jobs;
    const auto add = [&](const job::Job& job) {
        me_->logbook().create(job, QStringLiteral("Demo"));
        jobs.push_back(QString::fromStdString(job.id));
    };
    for (const int demo : {0, 1, 5}) {
        add(virtualset::demoJob(demo, trade).job);
    }
    add(misfit());
    me_->window().resize(GetParam().size);
    QCoreApplication::processEvents();
    me_->window().goHome();
    me_->window().newJob();
    jobs.insert(jobs.begin(), QString::fromStdString(me_->job().id));
    for (const auto& id : jobs) {
        me_->window().openJob(id);
        me_->settle();
        for (const auto& kind : app::stationKinds()) {
            const char* station = kind.id;
            me_->window().goToStation(station);
            expectWhole(id.toStdString() + " at " + station);
            EXPECT_EQ(me_->window().size(), GetParam().size);
        }
    }
}

INSTANTIATE_TEST_SUITE_P(At, Rendering,
                         testing::Values(Look{"TheSmallest", {1180, 680}}, Look{"Usual", {1280, 800}},
                                         Look{"Laptop", {1366, 768}}, Look{"Large", {1920, 1080}},
                                         Look{"LargeText", {1280, 800}, 1.5}, Look{"Daylight", {1280, 800}, 1, true},
                                         Look{"German", {1280, 800}, 1, false, true},
                                         Look{"GermanSmallest", {1180, 680}, 1, false, true}),
                         [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace dimglow
