// What the window waits for after each entry.

#include <benchmark/benchmark.h>

#include "core/backlight/plain.h"
#include "core/sheet/assessment.h"
#include "virtualset/demo_workshop.h"

namespace {

using namespace dimglow;

void assessDemoJob(benchmark::State& state) {
    const auto& trade = knowledge::builtInKnowledge();
    const auto demo = virtualset::demoJob(0, trade);
    for (auto _ : state) {
        benchmark::DoNotOptimize(sheet::assess(demo.job, trade));
    }
}
BENCHMARK(assessDemoJob)->Unit(benchmark::kMillisecond);

virtualset::SealedSet withTwoFaulty(const job::Job& job, const knowledge::Knowledge& trade) {
    return {job.set.backlight,
            {"openLed", {{{{3, 5}, backlight::LedFault::Open}, {{7, 2}, backlight::LedFault::Shorted}}, {}}, 1},
            trade};
}

/// Ten channels of one strip with twelve LEDs each, two LEDs faulty, thirty readings.
job::Job tenChannels(const knowledge::Knowledge& trade) {
    job::Job job;
    job.id = "bench";
    job.set.hoursRun = 9000;
    backlight::PlainDescription plain;
    plain.strips = 10;
    plain.stripsPerString = 1;
    job.set.backlight = backlight::plainBacklight(plain);
    job.panelOpen = true;
    const auto set = withTwoFaulty(job, trade);
    const auto add = [&](evidence::Observation what) { job::addEntry(job, "", job::Phase::Before, std::move(what)); };
    for (const char* test : {"sound", "standby", "torch"}) {
        add(set.answer(test));
    }
    add(set.light());
    for (const char* test : {"blOn", "dim", "ledPlusIdle", "ledPlusOn", "ledPlusPlugOut"}) {
        add(set.measure(test));
    }
    for (int channel = 0; channel < 10; ++channel) {
        add(set.measure("ledMinus", {backlight::ChannelIndex(channel)}));
        add(set.tester(backlight::wholeStrip(job.set.backlight, channel), job.bench.tester));
    }
    add(set.tester({{3, 0}, 0, 5}, job.bench.tester));
    return job;
}

void assessTenChannelsOfTwelve(benchmark::State& state) {
    const auto& trade = knowledge::builtInKnowledge();
    const auto job = tenChannels(trade);
    for (auto _ : state) {
        benchmark::DoNotOptimize(sheet::assess(job, trade));
    }
    state.counters["readings"] = double(job.trail.size());
    state.counters["explanations"] = double(sheet::assess(job, trade).explanations);
}
BENCHMARK(assessTenChannelsOfTwelve)->Unit(benchmark::kMillisecond);

/// The same set with forty readings of all kinds: what was seen outside and on the boards, parts, a swap, LEDs by eye
/// and by themselves, a point that cannot be reached.
job::Job allKinds(const knowledge::Knowledge& trade) {
    auto job = tenChannels(trade);
    job.way.level = job::Way::Level::Component;
    const auto set = withTwoFaulty(job, trade);
    const auto add = [&](evidence::Observation what) { job::addEntry(job, "", job::Phase::Before, std::move(what)); };
    for (const char* test : {"watts", "flicker", "knownPowerBoard"}) {
        add(set.answer(test));
    }
    for (const char* point : {"outputDiode", "driverVcc", "supplyCapacitor"}) {
        const evidence::PointAsked asked{point, trade.point(point)->letter};
        job::notePoint(job, asked, set.printedOn(asked));
        add(set.check(asked));
    }
    add(set.look({"supplyCapacitor", trade.point("supplyCapacitor")->letter}));
    add(set.look({7, 2}, backlight::wholeStrip(job.set.backlight, 7)));
    add(set.check({3, 5}, {}));
    add(evidence::notReached("driverGate", evidence::PointAsked{"driverGate", "GATE"}));
    return job;
}

void assessAllKindsOfReadings(benchmark::State& state) {
    const auto& trade = knowledge::builtInKnowledge();
    const auto job = allKinds(trade);
    for (auto _ : state) {
        benchmark::DoNotOptimize(sheet::assess(job, trade));
    }
    state.counters["readings"] = double(job.trail.size());
}
BENCHMARK(assessAllKindsOfReadings)->Unit(benchmark::kMillisecond);

/// Twelve strips of sixteen LEDs at the Strings station: the assessment after one more tester reading.
void assessTwelveStripsOfSixteen(benchmark::State& state) {
    const auto& trade = knowledge::builtInKnowledge();
    job::Job job;
    job.id = "bench";
    backlight::PlainDescription plain;
    plain.strips = 12;
    plain.ledsPerStrip = 16;
    plain.stripsPerString = 2;
    job.set.backlight = backlight::plainBacklight(plain);
    job.panelOpen = true;
    const virtualset::SealedSet set(job.set.backlight, {"openLed", {{{{3, 5}, backlight::LedFault::Open}}}, 1}, trade);
    for (int strip = 0; strip < 12; ++strip) {
        job::addEntry(job, "", job::Phase::Before,
                      set.tester(backlight::wholeStrip(job.set.backlight, strip), job.bench.tester));
    }
    job::addEntry(job, "", job::Phase::Before,
                  set.tester(backlight::runOnStrip(job.set.backlight, 3, 0, 7), job.bench.tester));
    for (auto _ : state) {
        benchmark::DoNotOptimize(sheet::assess(job, trade));
    }
    state.counters["explanations"] = double(sheet::assess(job, trade).explanations);
}
BENCHMARK(assessTwelveStripsOfSixteen)->Unit(benchmark::kMillisecond);

}  // namespace
