// Jobs at the limits of the format: seconds for one assessment (want ≤ 2) and the memory it takes (want ≤ 300 MB).

#include <benchmark/benchmark.h>
#include <malloc.h>
#include <sys/resource.h>

#include "core/sheet/assessment.h"
#include "tests/support/largest_jobs.h"

namespace {

using namespace dimglow;

void assessLargest(benchmark::State& state) {
    const auto largest = test::largestJobs()[std::size_t(state.range(0))];
    state.SetLabel(largest.name);
    for (auto _ : state) {
        benchmark::DoNotOptimize(sheet::assess(largest.job, knowledge::builtInKnowledge()));
    }
    malloc_trim(0);
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    state.counters["peakMBSoFar"] = double(usage.ru_maxrss) / 1024;
}
BENCHMARK(assessLargest)
    ->DenseRange(0, int(std::size(test::largestJobNames)) - 1)
    ->Iterations(1)
    ->Unit(benchmark::kSecond);

}  // namespace
