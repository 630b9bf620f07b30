// One DC operating point of 10 channels with 12 LEDs each, against ngspice in the same process and run.

#include <benchmark/benchmark.h>
#include <fmt/format.h>

#include <chrono>

#include "core/backlight/plain.h"
#include "core/backlight/wiring.h"
#include "core/circuit/operating_point.h"
#include "tests/support/ngspice.h"

namespace {

using namespace dimglow;

constexpr int channels = 10;
constexpr int ledsPerChannel = 12;
constexpr double leakSiemens = 1e-9;

/// One LED+ feeds every channel through its own meter-like sink; one LED is faulty.
circuit::Network panelNetwork(int faultyLed) {
    circuit::Network network;
    const auto feed = network.addNode();
    const auto led = backlight::ledCurve({});
    for (int channel = 0; channel < channels; ++channel) {
        circuit::Node at = feed;
        for (int i = 0; i < ledsPerChannel; ++i) {
            const auto to = network.addNode();
            auto model = led;
            if (channel * ledsPerChannel + i == faultyLed) {
                model.offsetVolts += backlight::darkExtraVolts;
            }
            network.addDiode(at, to, model);
            at = to;
        }
        network.addResistor(at, circuit::ground, 10);
    }
    network.addSupply({feed, circuit::ground, 60, 2.4, 0.01});
    return network;
}

template <class Work>
double secondsOf(int repetitions, Work work) {
    const auto start = std::chrono::steady_clock::now();
    for (int i = 0; i < repetitions; ++i) {
        work(i);
    }
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count() / repetitions;
}

/// Circuit loaded: the same network solved again.
void operatingPointLoaded(benchmark::State& state) {
    auto& ngspice = test::Ngspice::instance();
    const auto network = panelNetwork(5);
    circuit::OperatingPointSolver solver(network, {leakSiemens});
    const auto solution = solver.solve();
    ngspice.load(test::netlistOf(network, solution, ngspice.thermalVolts(), leakSiemens));
    const double theirs = secondsOf(20, [&](int) { ngspice.run("op"); });
    const double ours = secondsOf(200, [&](int) { benchmark::DoNotOptimize(solver.solve()); });
    for (auto _ : state) {
        benchmark::DoNotOptimize(solver.solve());
    }
    state.counters["timesFasterThanNgspice"] = theirs / ours;
}
BENCHMARK(operatingPointLoaded)->Unit(benchmark::kMicrosecond);

/// Netlist changed: a new fault every time, so both start from the description.
void operatingPointNewFault(benchmark::State& state) {
    auto& ngspice = test::Ngspice::instance();
    const auto solution = circuit::solve(panelNetwork(0), {leakSiemens});
    const double theirs = secondsOf(20, [&](int i) {
        ngspice.load(test::netlistOf(panelNetwork(i), solution, ngspice.thermalVolts(), leakSiemens));
        ngspice.run("op");
    });
    const double ours =
        secondsOf(200, [&](int i) { benchmark::DoNotOptimize(circuit::solve(panelNetwork(i % 120), {leakSiemens})); });
    int fault = 0;
    for (auto _ : state) {
        benchmark::DoNotOptimize(circuit::solve(panelNetwork(fault++ % 120), {leakSiemens}));
    }
    state.counters["timesFasterThanNgspice"] = theirs / ours;
}
BENCHMARK(operatingPointNewFault)->Unit(benchmark::kMicrosecond);

/// One string of many LEDs on a tester: how the time grows, and how it compares.
void operatingPointOfAString(benchmark::State& state) {
    auto& ngspice = test::Ngspice::instance();
    const int leds = int(state.range(0));
    circuit::Network network;
    const auto top = network.addNode();
    const auto led = backlight::ledCurve({});
    circuit::Node at = top;
    for (int i = 0; i < leds; ++i) {
        const auto to = i + 1 == leds ? circuit::ground : network.addNode();
        network.addDiode(at, to, led);
        at = to;
    }
    network.addSupply({top, circuit::ground, 1.3 * leds * led.volts(0.03), 0.03, 0.01});
    circuit::OperatingPointSolver solver(network, {leakSiemens});
    const auto solution = solver.solve();
    ngspice.load(test::netlistOf(network, solution, ngspice.thermalVolts(), leakSiemens));
    const double theirs = secondsOf(5, [&](int) { ngspice.run("op"); });
    const double ours = secondsOf(20, [&](int) { benchmark::DoNotOptimize(solver.solve()); });
    for (auto _ : state) {
        benchmark::DoNotOptimize(solver.solve());
    }
    state.counters["timesFasterThanNgspice"] = theirs / ours;
    state.counters["microsecondsPerLed"] = 1e6 * ours / leds;
}
BENCHMARK(operatingPointOfAString)->Arg(12)->Arg(120)->Arg(1200)->Unit(benchmark::kMicrosecond);

/// A tester on a string with two faulty LEDs, as the belief asks for it: one loop, against the same by the matrix.
void operatingPointOfOneLoop(benchmark::State& state) {
    const auto panel = backlight::plainBacklight({});
    const backlight::Faults faults{{{{0, 2}, backlight::LedFault::Leaky}, {{0, 5}, backlight::LedFault::Shorted}}};
    const auto built = backlight::buildProbe(panel, {backlight::wholeString(panel, {0, 0}), {0.03, 300}, {}, false, {}},
                                             faults, backlight::Detail::Merged);
    const auto byMatrix = [&](int) {
        benchmark::DoNotOptimize(circuit::OperatingPointSolver(built.network).settled());
    };
    const double matrix = secondsOf(2000, byMatrix);
    const double ours = secondsOf(2000, [&](int) { benchmark::DoNotOptimize(circuit::solve(built.network)); });
    for (auto _ : state) {
        benchmark::DoNotOptimize(circuit::solve(built.network));
    }
    state.counters["timesFasterThanTheMatrix"] = matrix / ours;
}
BENCHMARK(operatingPointOfOneLoop)->Unit(benchmark::kMicrosecond);

}  // namespace
