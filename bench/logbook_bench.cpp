// A logbook of many jobs (100,000 unless DIMGLOW_LOGBOOK_JOBS says otherwise): search ≤ 50 ms, open ≤ 50 ms.

#include <benchmark/benchmark.h>

#include <QCoreApplication>
#include <QTemporaryDir>
#include <cstdlib>
#include <memory>

#include "records/logbook.h"
#include "virtualset/demo_workshop.h"

namespace {

using namespace dimglow;

int jobCount() {
    const char* asked = std::getenv("DIMGLOW_LOGBOOK_JOBS");
    return asked == nullptr ? 100'000 : std::atoi(asked);
}

records::Logbook& largeLogbook() {
    static const QTemporaryDir folder;
    static const auto logbook = [] {
        auto made = records::openLogbook(folder.filePath(QStringLiteral("large.sqlite")));
        const auto demos = virtualset::demoWorkshop(knowledge::builtInKnowledge());
        const char* places[] = {"Berth", "Gangway", "Crew room", "Kiosk", "Fähre"};
        std::vector<job::Job> batch;
        for (int i = 0; i < jobCount(); ++i) {
            auto job = demos[std::size_t(i) % demos.size()].job;
            job.id = "SK-" + std::to_string(10'000 + i);
            job.order.place = std::string(places[i % 5]) + " " + std::to_string(i % 997);
            job.order.due = i % 3 == 0 ? "" : "2026-12-" + std::to_string(10 + i % 20);
            job.handedBack = i % 4 == 0 ? "" : "2026-11-20T10:00:00Z";
            batch.push_back(std::move(job));
            if (batch.size() == 5000 || i + 1 == jobCount()) {
                made->createAll(batch, QStringLiteral("Taken in"));
                batch.clear();
            }
        }
        return made;
    }();
    return *logbook;
}

void search(benchmark::State& state, const char* words) {
    const auto& logbook = largeLogbook();
    const QString typed = QString::fromUtf8(words);
    int found = 0;
    for (auto _ : state) {
        found = logbook.count(typed);
        benchmark::DoNotOptimize(logbook.jobs(typed, 0, 64));
    }
    state.counters["found"] = found;
}
BENCHMARK_CAPTURE(search, everything, "")->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(search, oneLetter, "b")->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(search, aCommonWord, "berth")->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(search, twoWords, "fähre 412")->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(search, aNumber, "73211")->Unit(benchmark::kMillisecond);

void scrollToTheEnd(benchmark::State& state) {
    const auto& logbook = largeLogbook();
    for (auto _ : state) {
        benchmark::DoNotOptimize(logbook.jobs({}, jobCount() - 64, 64));
    }
}
BENCHMARK(scrollToTheEnd)->Unit(benchmark::kMillisecond);

void openOne(benchmark::State& state) {
    const auto& logbook = largeLogbook();
    int i = 0;
    for (auto _ : state) {
        const QString id = QStringLiteral("SK-%1").arg(10'000 + (i = (i + 7919) % jobCount()));
        benchmark::DoNotOptimize(records::parse(id, *logbook.load(id)));
    }
}
BENCHMARK(openOne)->Unit(benchmark::kMillisecond);

void nextNumber(benchmark::State& state) {
    const auto& logbook = largeLogbook();
    for (auto _ : state) {
        benchmark::DoNotOptimize(logbook.nextId());
    }
}
BENCHMARK(nextNumber)->Unit(benchmark::kMillisecond);

}  // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
