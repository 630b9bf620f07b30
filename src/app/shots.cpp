#include "app/shots.h"

#include <QApplication>
#include <QDir>
#include <QLabel>
#include <algorithm>

#include "app/belief_river.h"
#include "app/job_glances.h"
#include "app/light_sheet.h"
#include "app/stations/stations.h"
#include "app/switch_on_chart.h"
#include "app/theme.h"
#include "app/universal_sheet.h"
#include "virtualset/demo_workshop.h"

namespace dimglow::app {

namespace {

/// Counts everything in and puts it back on.
void close(job::Job& job, const knowledge::Knowledge& trade) {
    auto& opening = job.opening;
    for (auto layer = opening.layers.rbegin(); layer != opening.layers.rend(); ++layer) {
        for (auto& item : layer->items) {
            item.isIn = hands::leftOf(item);
        }
        hands::putBack(opening, layer->id, isoNow());
    }
    for (const auto& check : trade.hands.checks) {
        opening.ticks.push_back({"check:" + check.id, isoNow()});
    }
    for (std::size_t look = 0; look + 2 < trade.hands.looks.size(); ++look) {  // the others are still to come
        opening.ticks.push_back({"look:" + trade.hands.looks[look].id, isoNow()});
    }
}

/// Finishes SK-0412 as a technician would, so that the later stations have something to show.
void finish(JobSession& session, const virtualset::DemoJob& demo) {
    const virtualset::SealedSet set(demo.job.set.backlight, demo.fault, session.trade());
    for (int probe = 0; probe < 8 && session.shown().assessment.verdict().empty(); ++probe) {
        const auto& probes = session.shown().assessment.probes.best;
        const auto next = std::find_if(probes.begin(), probes.end(), [](const auto& p) { return p.test == "tester"; });
        if (next == probes.end()) {
            break;
        }
        for (const auto& seen : set.take(next->question)) {
            (void)session.record(seen);
        }
        session.settle();
    }
    (void)session.edit(QObject::tr("Repair"), [](job::Job& job) {
        job.repair.option = "replaceAllStrips";
        job.repair.originalAmps = 0.24;
        job.repair.newAmps = 0.2;
        job.repair.details.current = {"2R4 ∥ 2R4", "2R4 ∥ 3R6", "full"};
        job.repair.details.sums = {{"boost", {{"vin", 24}, {"vout", 146}, {"iout", 0.2}, {"l", 100e-6}, {"f", 130e3}}}};
        job.repair.work =
            "Four new strips of one batch, flush on the chassis; polarity checked at low current. "
            "Sense resistor raised: 240 mA as found, 200 mA as left.";
    });
    const virtualset::SealedSet healthy(demo.job.set.backlight, {"panelPicture", {}, 7}, session.trade());
    (void)session.record(healthy.measure("ledPlusOn"), {.phase = job::Phase::After});
    (void)session.record(healthy.measure("ledMinus"), {.phase = job::Phase::After});
    (void)session.edit(QObject::tr("Steps"), [&session](job::Job& job) {
        const auto& work = session.shown().assessment.work;
        for (std::size_t i = 0; i + 3 < work.lines.size(); ++i) {
            job.opening.ticks.push_back({"step:" + work.lines[i].key, isoNow()});
            job.opening.ticks.back().worked = work.lines[i].step.minutes;
        }
    });
    (void)session.edit(QObject::tr("Soak"), [](job::Job& job) {
        const double amps[] = {0.2032, 0.2018, 0.2009, 0.2006, 0.2005, 0.2004};
        for (int i = 0; i < 6; ++i) {
            job.soak.push_back({7.0 * i, 144.9 - 0.12 * i, amps[i], false});
        }
    });
}

/// Nothing is under way any more: assessments, charts, what is to be deleted.
void settle(MainWindow& window) {
    window.session().settle();
    for (auto* chart : window.findChildren<SwitchOnChart*>()) {
        chart->settle();
    }
    for (auto* river : window.findChildren<BeliefRiver*>()) {
        river->settle();
    }
    for (int round = 0; round < 4; ++round) {
        QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QApplication::processEvents();
    }
}

}  // namespace

int renderShots(MainWindow& window, const QString& folder, QSize size) {
    QDir().mkpath(folder);
    window.resize(size);
    window.show();
    int count = 0;
    const auto save = [&](const QString& name) {
        settle(window);
        window.findChild<QLabel*>(QStringLiteral("saved"))->clear();  // the clock of the machine
        count += window.grab().save(QDir(folder).filePath(name + QStringLiteral(".png"))) ? 1 : 0;
    };
    const auto demos = virtualset::demoWorkshop(window.session().trade());
    const auto open = [&](const virtualset::DemoJob& demo) {
        window.openJob(QString::fromStdString(demo.job.id));
        window.session().settle();
    };
    const auto saveStation = [&](const StationKind& kind) {
        window.goToStation(kind.id);
        save(QString::fromLatin1(kind.picture));
    };
    const auto kindOf = [](const char* id) -> const StationKind& {
        return stationKinds()[std::size_t(stationIndex(id))];
    };
    const auto saveSheets = [&] {
        auto* light = window.findChild<LightSheet*>();
        light->setOption("replaceLed");
        light->open();
        save(QStringLiteral("light"));
        light->putAway();
        window.toggleMaths();
        save(QStringLiteral("bench-maths"));
        window.toggleMaths();
    };
    window.goHome();
    window.grab();  // the rows in view ask for their glances
    for (auto* glances : window.findChildren<JobGlances*>()) {
        glances->settle();
    }
    save(QStringLiteral("home"));
    open(demos[0]);
    for (const char* id : {"takeIn", "firstLook", "makeSafe", "panelCheck", "openUp", "strings"}) {
        saveStation(kindOf(id));
    }
    const auto parts =
        std::find_if(demos.begin(), demos.end(), [](const auto& demo) { return demo.fault.ref == "D8"; });
    open(*parts);
    saveStation(kindOf("board"));
    const auto closing = std::find_if(demos.begin(), demos.end(), [](const auto& demo) {
        return hands::isOpen(demo.job.opening) && !demo.job.soak.empty();
    });
    open(*closing);
    window.goToStation("prove");
    save(QStringLiteral("closing"));
    const auto lamps = std::find_if(demos.begin(), demos.end(),
                                    [](const auto& demo) { return demo.job.set.lightKind() == set::LightKind::Lamps; });
    open(*lamps);
    window.goToStation("strings");
    save(QStringLiteral("lamps"));
    const auto universal = std::find_if(demos.begin(), demos.end(),
                                        [](const auto& demo) { return demo.job.repair.details.universal.has_value(); });
    open(*universal);
    window.goToStation("fixPlan");
    window.findChild<UniversalSheet*>()->open();
    save(QStringLiteral("universal"));
    window.findChild<UniversalSheet*>()->putAway();
    open(demos[0]);
    theme::setMode(theme::Mode::Daylight);
    window.applyTheme();
    window.goToStation("strings");
    save(QStringLiteral("strings-daylight"));
    theme::setMode(theme::Mode::LampOff);
    window.applyTheme();
    finish(window.session(), demos[0]);
    for (int place = stationIndex("fixPlan"); place < window.stationCount(); ++place) {
        if (place == stationIndex("prove")) {
            (void)window.session().edit(QObject::tr("Close"),
                                        [&](job::Job& job) { close(job, window.session().trade()); });
        }
        saveStation(stationKinds()[std::size_t(place)]);
        if (place == stationIndex("fixPlan")) {
            saveSheets();
        }
    }
    return count;
}

}  // namespace dimglow::app
