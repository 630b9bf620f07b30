#include "virtualset/demo_workshop.h"
#include "core/backlight/plain.h"

#include <fmt/format.h>

namespace dimglow::virtualset {

namespace {

/// Adds readings to a job one after the other, a few minutes apart.
class BenchDay {
public:
    BenchDay(DemoJob& demo, const knowledge::Knowledge& trade, const char* date)
        : demo_(demo), set_(demo.job.set.backlight, demo.fault, trade), date_(date) {}

    BenchDay& answer(const char* test) { return take(set_.answer(test)); }
    BenchDay& light() { return take(set_.light()); }
    BenchDay& measure(const char* test, int channel = 0) { return take(set_.measure(test, {channel})); }
    BenchDay& strip(int strip) {
        return take(set_.tester(backlight::wholeStrip(demo_.job.set.backlight, strip), demo_.job.bench.tester));
    }
    BenchDay& openPanel() {
        demo_.job.panelOpen = true;
        minute_ += 50;
        return *this;
    }

private:
    BenchDay& take(evidence::Observation what) {
        job::addEntry(demo_.job, fmt::format("{}T{:02}:{:02}:00Z", date_, minute_ / 60, minute_ % 60),
                      job::Phase::Before, std::move(what));
        minute_ += 4;
        return *this;
    }

    DemoJob& demo_;
    SealedSet set_;
    const char* date_;
    int minute_ = 8 * 60 + 10;
};

/// Berth 3: one open LED in a single long string.
DemoJob berthBoard(const knowledge::Knowledge& trade) {
    DemoJob demo;
    demo.job.id = "SK-0412";
    demo.job.title = "Berth 3 departure board";
    demo.job.order = {.place = "Berth 3, north pier",
                      .complaint = "Dark since Monday's early sailing; announcements still sound.",
                      .value = 420,
                      .due = "2026-12-04"};
    demo.job.set.maker = "Northlight";
    demo.job.set.model = "DB-43";
    demo.job.set.serial = "NL-20771";
    demo.job.set.panel = "NL430-D7";
    demo.job.set.hoursRun = 9000;
    backlight::PlainDescription plain;
    plain.led = {1, 3.1, 0.35};
    plain.amps = 0.24;
    plain.idleVolts = 48;
    demo.job.set.backlight = backlight::plainBacklight(plain);
    demo.fault = {"openLed", {{{{1, 8}, backlight::LedFault::Open}}, {}}, 412};
    demo.job.liveWorkAccepted = true;
    BenchDay(demo, trade, "2026-11-23")
        .answer("sound")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .measure("ledPlusPlugOut")
        .openPanel()
        .strip(0)
        .strip(1)
        .strip(2);
    return demo;
}

/// Gangway 2: three shorted LEDs in one of two channels.
DemoJob gangwaySign(const knowledge::Knowledge& trade) {
    DemoJob demo;
    demo.job.id = "SK-0415";
    demo.job.title = "Gangway 2 information display";
    demo.job.order = {.place = "Gangway 2, outer door",
                      .complaint = "Lights for a blink at switch-on, then dark.",
                      .value = 380,
                      .due = "2026-12-02"};
    demo.job.set.maker = "Northlight";
    demo.job.set.model = "GD-32";
    demo.job.set.serial = "NL-31180";
    demo.job.set.panel = "NL315-B2";
    demo.job.set.hoursRun = 14500;
    backlight::PlainDescription plain;
    plain.strips = 4;
    plain.ledsPerStrip = 9;
    plain.stripsPerString = 2;
    plain.led = {1, 3.2, 0.3};
    plain.amps = 0.2;
    plain.widthMm = 700;
    plain.heightMm = 395;
    plain.feeds = {{58}};
    demo.job.set.backlight = backlight::plainBacklight(plain);
    const auto shorted = backlight::LedFault::Shorted;
    demo.fault = {"shortedLed", {{{{2, 1}, shorted}, {{2, 2}, shorted}, {{2, 6}, shorted}}, {}}, 415};
    demo.job.liveWorkAccepted = true;
    BenchDay(demo, trade, "2026-11-24")
        .answer("sound")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .measure("ledMinus", 0)
        .measure("ledMinus", 1);
    return demo;
}

/// Crew room: the driver never starts.
DemoJob crewRoomSet(const knowledge::Knowledge& trade) {
    DemoJob demo;
    demo.job.id = "SK-0419";
    demo.job.title = "Crew room set, vessel Tern";
    demo.job.order = {.place = "Vessel Tern, crew room",
                      .complaint = "Sound but no picture after a shore power dip.",
                      .value = 260,
                      .due = "2026-12-09"};
    demo.job.set.maker = "Fairlead";
    demo.job.set.model = "CR-40";
    demo.job.set.serial = "FL-00982";
    demo.job.set.panel = "FL400-A1";
    demo.job.set.hoursRun = 6200;
    backlight::PlainDescription plain;
    plain.strips = 3;
    plain.ledsPerStrip = 10;
    plain.stripsPerString = 3;
    plain.led = {1, 3.1, 0.35};
    plain.amps = 0.28;
    plain.idleVolts = 33;
    plain.widthMm = 880;
    plain.heightMm = 495;
    plain.feeds = {{92}};
    demo.job.set.backlight = backlight::plainBacklight(plain);
    demo.fault = {"driverNotSwitching", {}, 419};
    BenchDay(demo, trade, "2026-11-24").answer("sound").answer("standby").answer("torch").light();
    return demo;
}

}  // namespace

std::vector<DemoJob> demoWorkshop(const knowledge::Knowledge& trade) {
    return {berthBoard(trade), gangwaySign(trade), crewRoomSet(trade)};
}

}  // namespace dimglow::virtualset
