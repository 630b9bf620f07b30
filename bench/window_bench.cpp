// What the hand waits for: start to first paint against a bare Qt window (want ≤ 1.5 ×), another theme (≤ 100 ms), a
// map of 64 channels painted (≤ 16 ms).

#include <benchmark/benchmark.h>

#include <QApplication>
#include <QElapsedTimer>
#include <QLabel>
#include <QProcess>
#include <QSettings>
#include <QTemporaryDir>
#include <algorithm>
#include <cstdlib>
#include <thread>
#include <vector>

#include "app/backlight_map.h"
#include "app/main_window.h"
#include "app/theme.h"
#include "tests/support/largest_jobs.h"
#include "typeface/typeface.h"
#include "virtualset/demo_workshop.h"

namespace {

using namespace dimglow;

/// The program's window on a logbook of its own.
struct Bench {
    QTemporaryDir folder;
    std::unique_ptr<records::Logbook> kept = records::openLogbook(folder.filePath(QStringLiteral("logbook.sqlite")));
    records::Logbook& logbook = *kept;
    app::MainWindow window{logbook, knowledge::builtInKnowledge};

    void open(const job::Job& job) {
        logbook.create(job, QStringLiteral("Taken in"));
        window.resize(1280, 800);
        window.show();
        window.openJob(QString::fromStdString(job.id));
        settle();
    }
    void settle() {
        window.session().settle();
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QCoreApplication::processEvents();
    }
};

/// Ends the process when a window has been painted for the first time; what would be taken down is not timed.
class UntilPainted : public QObject {
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Paint) {
            QMetaObject::invokeMethod(
                qApp, [] { std::_Exit(0); }, Qt::QueuedConnection);
        }
        return false;
    }
};

int showUntilPainted(const QString& what, const QString& logbookPath) {
    UntilPainted untilPainted;
    if (what == QStringLiteral("bare")) {
        QLabel bare(QStringLiteral("bare"));
        bare.resize(1280, 800);
        bare.installEventFilter(&untilPainted);
        bare.show();
        return QApplication::exec();
    }
    const std::jthread loading(records::prepareLogbooks);  // as main() does
    typeface::load();
    const auto kept = records::openLogbook(logbookPath);
    records::Logbook& logbook = *kept;
    app::MainWindow window(logbook, knowledge::builtInKnowledge);
    window.resize(1280, 800);
    window.installEventFilter(&untilPainted);
    window.show();
    return QApplication::exec();
}

double startMilliseconds(const QString& what, const QString& logbookPath) {
    QElapsedTimer timer;
    timer.start();
    QProcess::execute(QCoreApplication::applicationFilePath(), {QStringLiteral("--until-painted"), what, logbookPath});
    return double(timer.nsecsElapsed()) / 1e6;
}

double median(std::vector<double> values) {
    std::nth_element(values.begin(), values.begin() + std::ptrdiff_t(values.size() / 2), values.end());
    return values[values.size() / 2];
}

void start(benchmark::State& state) {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("logbook.sqlite"));
    {
        const auto kept = records::openLogbook(path);
        records::Logbook& logbook = *kept;
        std::vector<job::Job> jobs;
        for (const auto& demo : virtualset::demoWorkshop(knowledge::builtInKnowledge())) {
            jobs.push_back(demo.job);
        }
        logbook.createAll(jobs, QStringLiteral("Demo"));
    }
    std::vector<double> bare;
    std::vector<double> program;
    for (auto _ : state) {
        bare.push_back(startMilliseconds(QStringLiteral("bare"), path));
        program.push_back(startMilliseconds(QStringLiteral("program"), path));
        state.SetIterationTime(program.back() / 1e3);
    }
    state.counters["timesABareWindow"] = median(program) / median(bare);
}
BENCHMARK(start)->UseManualTime()->Iterations(25)->Unit(benchmark::kMillisecond);

void changeTheme(benchmark::State& state) {
    Bench bench;
    bench.open(virtualset::demoJob(0, knowledge::builtInKnowledge()).job);
    bench.window.goToStation(app::stationKinds()[std::size_t(state.range(0))].id);
    for (auto _ : state) {
        app::theme::setMode(app::theme::mode() == app::theme::Mode::LampOff ? app::theme::Mode::Daylight
                                                                            : app::theme::Mode::LampOff);
        bench.window.applyTheme();
        bench.window.repaint();
    }
    bench.settle();
}
BENCHMARK(changeTheme)->DenseRange(0, 7)->Unit(benchmark::kMillisecond);

void paintSixtyFourChannels(benchmark::State& state) {
    Bench bench;
    bench.open(test::largestJobs()[0].job);
    bench.window.goToStation("strings");
    bench.settle();
    auto* map = bench.window.findChild<app::BacklightMap*>();
    for (auto _ : state) {
        map->repaint();
    }
    state.counters["channels"] = double(bench.window.session().job().set.backlight.channels.size());
}
BENCHMARK(paintSixtyFourChannels)->Unit(benchmark::kMillisecond);

}  // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("dimglow-bench"));
    const QTemporaryDir settings;
    QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, settings.path());
    const QStringList words = QApplication::arguments();
    if (words.size() == 4 && words[1] == QStringLiteral("--until-painted")) {
        return showUntilPainted(words[2], words[3]);
    }
    typeface::load();
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
