#include <benchmark/benchmark.h>

#include "core/parts/resistors.h"
#include "core/plan/scene.h"
#include "core/plan/universal.h"

namespace dimglow {
namespace {

/// Ten rows of twenty LEDs: 40 ms are wanted for the picture of the whole panel.
void lightMapOfTwoHundredLeds(benchmark::State& state) {
    plan::LightBox box;
    std::vector<plan::LightSpot> spots;
    for (int i = 0; i < 200; ++i) {
        spots.push_back({{24.0 + 47 * (i % 20), 26.0 + 53 * (i / 20)}, 1, plan::batwingLens()});
    }
    for (auto _ : state) {
        benchmark::DoNotOptimize(plan::lightMap(box, spots, 960, 540));
    }
}
BENCHMARK(lightMapOfTwoHundredLeds)->Unit(benchmark::kMillisecond);

/// Sixty places: one second is wanted.
void universalStripsOfSixtyPlaces(benchmark::State& state) {
    plan::UniversalTask task;
    task.widthMm = 1400;
    task.heightMm = 800;
    task.stock = {1, 20, 60, 12, 3.1, 0.3};
    task.segmentsPerRow = 60;
    plan::Row row{100, {}, {{300, 304}, {900, 912}}};
    for (int i = 0; i < 60; ++i) {
        row.oldMm.push_back(20 + 23 * i);
    }
    task.rows = {row};
    for (auto _ : state) {
        benchmark::DoNotOptimize(plan::planUniversal(task));
    }
}
BENCHMARK(universalStripsOfSixtyPlaces)->Unit(benchmark::kMillisecond);

/// Four resistors of E24: 50 ms are wanted.
void fourResistors(benchmark::State& state) {
    for (auto _ : state) {
        benchmark::DoNotOptimize(parts::nearest(0.1234567, parts::Series::E24, 4));
    }
}
BENCHMARK(fourResistors)->Unit(benchmark::kMillisecond);

}  // namespace
}  // namespace dimglow
