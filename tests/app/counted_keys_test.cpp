// Whole jobs by keys, from an empty sheet to the report, as the program advises. Keys are counted, text that must be
// typed apart: a job took so many keys before the window was made for busy hands, and takes three quarters at most now.

#include <gmock/gmock.h>

#include <QFile>
#include <QLineEdit>

#include "core/backlight/plain.h"
#include "tests/app/technician.h"
#include "tests/app/typed_readings.h"
#include "virtualset/sealed_set.h"

namespace dimglow {
namespace {

using test::number;
using test::typed;

struct Work {
    const char* name;
    const char* line;  ///< the strips, once they are seen
    virtualset::SealedFault fault;
    job::Way way;
    const char* noTool;  ///< id of one that is not at hand; null
    std::vector<set::BoardPoint> points;
    bool slips;  ///< a reading is typed wrong once, noticed and taken back
    int keysBefore;
};

void PrintTo(const Work& work, std::ostream* out) {
    *out << work.name;
}

class WholeJobs : public testing::TestWithParam<Work> {
protected:
    WholeJobs() {
        auto read = backlight::readLine(GetParam().line, backlight::undescribed());
        auto plain = std::get<backlight::PlainDescription>(read);
        plain.amps = 0.24;
        plain.idleVolts = 24;
        strips_ = backlight::plainBacklight(plain);
        set_.emplace(strips_, GetParam().fault, trade_, virtualset::Manner{}, GetParam().points);
    }

    const sheet::Assessment& assessment() {
        me_.settle();
        return me_.window().session().shown().assessment;
    }

    void takeIn() {
        me_.press(Qt::Key_N, Qt::ControlModifier);
        me_.settle();
        me_.type(QStringLiteral("Gangway display"));
        me_.press(Qt::Key_Tab);
        me_.settle();
        // Ways, tools and what is printed on parts are the workshop's; they are no part of what is counted.
        (void)me_.window().session().edit(QStringLiteral("The workshop"), [&](job::Job& job) {
            job.way = GetParam().way;
            job.set.points = GetParam().points;
            job.order.value = 400;
            job.set.hoursRun = 9000;
            job.set.backlight.driver.idleVolts = 24;
            if (GetParam().noTool != nullptr) {
                job.bench.lacks = {GetParam().noTool};
            }
        });
    }

    /// One answer of the set, as it is given at the station that is in front.
    void give(const evidence::Observation& taken) {
        if (const auto* light = std::get_if<evidence::LightSeen>(&taken)) {
            if (light->what == driver::Light::FlashThenDark) {
                me_.holdSpace(light->secondsToDark, test::Repeats::AsReleaseAndPress);
            } else {
                me_.press(light->what == driver::Light::Never ? Qt::Key_N : Qt::Key_S);
            }
        } else if (const auto* answer = std::get_if<evidence::Answer>(&taken)) {
            const bool isNumber = !trade_.test(answer->test)->unit.empty();
            me_.press(Qt::Key(int(Qt::Key_1) + test::indexOf(*answer)), isNumber ? Qt::AltModifier : Qt::NoModifier);
        } else if (const auto* point = std::get_if<evidence::PointTaken>(&taken)) {
            write(typed(point->reading));
        } else if (const auto* seen = std::get_if<evidence::PointSeen>(&taken)) {
            me_.press(Qt::Key(int(Qt::Key_1) + int(seen->looks)), Qt::AltModifier);
        } else if (const auto* volts = std::get_if<evidence::Measured>(&taken)) {
            write(typed(*volts));
        } else if (const auto* tester = std::get_if<evidence::TesterTaken>(&taken)) {
            if (tester->lit == 0) {
                me_.press(Qt::Key_N);
            } else {
                write(number(*tester->volts) + QLatin1Char(' ') + QString::number(*tester->lit));
            }
        } else if (const auto* check = std::get_if<evidence::LedChecked>(&taken)) {
            write(check->reading.volts ? number(*check->reading.volts) : QStringLiteral("OL"));
        } else {
            ADD_FAILURE() << "no answer is known to that";
        }
    }

    void write(const QString& text) {
        if (std::exchange(slips_, false)) {
            me_.type(QStringLiteral("9") + text);  // a digit too many, seen at once
            me_.press(Qt::Key_Return);
            me_.press(Qt::Key_Z, Qt::ControlModifier);
        }
        me_.type(text);
        me_.press(Qt::Key_Return);
    }

    /// What the program advises, until it has a verdict. \returns the steps
    QStringList follow() {
        QStringList steps;
        me_.press(Qt::Key_A, Qt::AltModifier);  // trained and equipped
        constexpr int most = 40;
        while (assessment().verdict().empty() && steps.size() < most) {
            if (assessment().wantsStrips) {
                me_.press(Qt::Key_Return, Qt::ControlModifier);
                me_.type(QString::fromUtf8(GetParam().line));
                me_.press(Qt::Key_Return);
                steps << QStringLiteral("strips");
                if (assessment().wantsStrips) {
                    ADD_FAILURE() << "the line was not taken: " << me_.read(QStringLiteral("fieldNote")).toStdString()
                                  << " in " << me_.read(QStringLiteral("stripsLine")).toStdString();
                    break;
                }
                continue;
            }
            if (assessment().probes.best.empty()) {
                break;
            }
            const auto probe = assessment().probes.best.front();
            steps << me_.read(QStringLiteral("nextTitle"));
            const auto entries = me_.job().trail.size();
            const auto* asked = std::get_if<evidence::VoltsAsked>(&probe.question);
            if (asked != nullptr && asked->channel >= int(strips_.channels.size())) {
                me_.press(Qt::Key_Delete, Qt::ControlModifier);  // the plug has no such pin
                continue;
            }
            me_.makeSafe();
            me_.press(Qt::Key_Return, Qt::ControlModifier);
            for (const auto& taken : set_->take(probe.question)) {
                if (!std::holds_alternative<evidence::LedSeen>(taken)) {
                    give(taken);
                } else if (std::get<evidence::LedSeen>(taken).glow != evidence::LedSeen::Glow::Lit) {
                    (void)me_.window().session().record(taken);
                }
            }
            if (me_.job().trail.size() == entries) {
                ADD_FAILURE() << "nothing was written down: " << steps.join('|').toStdString();
                break;
            }
        }
        return steps;
    }

    /// The first repair that is advised, proof, soak, report.
    void finish() {
        me_.press(Qt::Key_Return, Qt::ControlModifier);
        const auto plan = assessment().plan;
        const auto advised = std::find_if(plan.options.begin(), plan.options.end(),
                                          [&](const auto& option) { return option.id == plan.advised; });
        me_.press(Qt::Key(int(Qt::Key_1) + (advised == plan.options.end() ? 0 : int(advised - plan.options.begin()))));
        me_.goTo("prove");
        const auto proof = assessment().proof;  // what is shown changes while it is typed
        for (const auto& line : proof) {
            const bool isVolts = line.question ? std::holds_alternative<evidence::VoltsAsked>(*line.question) : true;
            write(line.test == "light" ? QStringLiteral("lit")
                  : isVolts            ? number(line.band.high > 0 ? line.band.low : 60)
                                       : QStringLiteral("466u 0.05R out"));
            me_.press(Qt::Key_Down);
        }
        for (const char* soak : {"0", "10", "20", "31"}) {
            auto* minutes = me_.find<QLineEdit>(QStringLiteral("soakMinutes"));
            minutes->setFocus();
            me_.type(QString::fromUtf8(soak));
            me_.press(Qt::Key_Tab);
            me_.type(QStringLiteral("140"));
            me_.press(Qt::Key_Tab);
            me_.type(QStringLiteral("240"));
            me_.press(Qt::Key_Return);
        }
        me_.goTo("handBack");
        me_.type(QStringLiteral("Repaired as advised."));
        me_.find<QLineEdit>(QStringLiteral("folder"))->setText(me_.path(QString()));
        me_.press(Qt::Key_P, Qt::ControlModifier);
        me_.settle();
    }

    const knowledge::Knowledge& trade_ = knowledge::builtInKnowledge();
    backlight::Backlight strips_;
    std::optional<virtualset::SealedSet> set_;
    test::Technician me_;
    bool slips_ = GetParam().slips;
};

TEST_P(WholeJobs, GoFromAnEmptySheetToTheReportInThreeQuartersOfTheKeys) {
    takeIn();
    const auto steps = follow();
    EXPECT_FALSE(assessment().verdict().empty()) << steps.join('|').toStdString();
    finish();
    EXPECT_TRUE(QFile::exists(me_.path(QStringLiteral("SK-0420.pdf"))))
        << me_.read(QStringLiteral("exported")).toStdString();
    EXPECT_LE(4 * me_.keys(), 3 * GetParam().keysBefore) << steps.join('|').toStdString();
    std::printf("%s: %d keys (%d before), %d signs of text, %d steps\n", GetParam().name, me_.keys(),
                GetParam().keysBefore, me_.signs(), int(steps.size()));
}

const backlight::Faults openB9{{{{1, 8}, backlight::LedFault::Open}}, {}};

INSTANTIATE_TEST_SUITE_P(
    ByKeys, WholeJobs,
    testing::Values(
        Work{"OneOpenLed", "4 strips x 12, 3 V, 2 strings", {"openLed", openB9, 3}, {}, nullptr, {}, false, 228},
        Work{"SupplyCapacitors",
             "3 strips x 8, 3 V, one string",
             {"weakSupply", {}, 11},
             {.level = job::Way::Level::Component},
             nullptr,
             {{"supplyCapacitor", "C12", {470e-6, {}, 63, {}, {}}},
              {"supplyCapacitor", "C13", {470e-6, {}, 63, {}, {}}}},
             false,
             151},
        Work{"SwapFirst",
             "3 strips x 8, 3 V, one string",
             {"notAsked", {}, 5},
             {.first = job::Way::First::Swap},
             "tester",
             {},
             false,
             58},
        Work{"EdgeLitTwoFeeds",
             "4 strips x 10, 3 V, each its own string, bottom edge, 2 feeds",
             {"openLed", openB9, 9},
             {},
             nullptr,
             {},
             false,
             104},
        Work{"ASlip", "3 strips x 8, 3 V, one string", {"driverNotSwitching", {}, 7}, {}, nullptr, {}, true, 64}),
    [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace dimglow
