#include "virtualset/demo_workshop.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <utility>

#include "core/backlight/plain.h"
#include "core/hands/layer_line.h"
#include "core/hands/work.h"
#include "virtualset/lamp_set.h"

namespace dimglow::virtualset {

namespace {

/// Adds readings to a job one after the other, a few minutes apart.
class BenchDay {
public:
    BenchDay(DemoJob& demo, const knowledge::Knowledge& trade, const char* date)
        : demo_(demo),
          trade_(trade),
          set_(demo.truth.value_or(demo.job.set.backlight), demo.fault, trade, {}, demo.job.set.points),
          date_(date) {}

    BenchDay& answer(const char* test) { return take(set_.answer(test)); }
    BenchDay& light() { return take(set_.light()); }
    BenchDay& measure(const char* test, int channel = 0) {
        return take(set_.measure(test, {backlight::ChannelIndex(channel)}));
    }
    BenchDay& strip(int strip) {
        return take(set_.tester(backlight::wholeStrip(demo_.job.set.backlight, strip), demo_.job.bench.tester));
    }
    BenchDay& check(const char* point, const char* ref) {
        job::notePoint(demo_.job, {point, ref});
        return take(set_.check({point, ref}));
    }
    BenchDay& see(const char* point, const char* ref) {
        job::notePoint(demo_.job, {point, ref});
        return take(set_.look({point, ref}));
    }
    BenchDay& count(const char* test, const char* choice, double number, const char* detail = "") {
        return take(evidence::Answer{test, choice, number, detail});
    }
    /// The repair is done: readings from now on are its proof.
    BenchDay& repaired(const char* option, const char* work, double amps) {
        demo_.job.repair = {option, work, amps, amps};
        auto sound = demo_.job.set.backlight;
        proven_.emplace(sound, SealedFault{"panelPicture", {}, demo_.fault.seed}, trade_);
        phase_ = job::Phase::After;
        minute_ += 60;
        return *this;
    }
    BenchDay& prove(const char* test, int channel = 0) {
        return take(proven_->measure(test, {backlight::ChannelIndex(channel)}));
    }
    /// A line of the soak every ten minutes, at what a sound set of this kind shows.
    BenchDay& soak(int lines) {
        const double volts = proven_->measure("ledPlusOn").volts;
        const double amps = demo_.job.set.backlight.channels.front().someAmps();
        for (int i = 0; i < lines; ++i) {
            demo_.job.soak.push_back(
                {10.0 * i, volts - 0.1 * std::min(i, 2), std::round(1000 * amps * (1 - 0.002 * i)) / 1000, false});
        }
        return *this;
    }
    /// Halving within a strip, down to the LED.
    BenchDay& halves(int strip, int led) {
        const auto& set = demo_.job.set.backlight;
        int first = 0;
        int last = set.strips[std::size_t(strip)].leds - 1;
        while (first < last) {
            const int middle = (first + last) / 2;
            take(set_.tester(backlight::runOnStrip(set, strip, first, middle), demo_.job.bench.tester));
            (led <= middle ? last : first) = led <= middle ? middle : middle + 1;
        }
        for (const auto& [from, to] :
             {std::pair(0, led - 1), std::pair(led + 1, set.strips[std::size_t(strip)].leds - 1)}) {
            take(set_.tester(backlight::runOnStrip(set, strip, from, to), demo_.job.bench.tester));
        }
        return *this;
    }
    /// Every LED of a strip looked at while it is lit.
    BenchDay& looks(int strip) {
        const auto run = backlight::wholeStrip(demo_.job.set.backlight, strip);
        for (auto& seen : set_.take(evidence::LookAlong{run})) {
            take(std::move(seen));
        }
        return *this;
    }
    BenchDay& openPanel() {
        demo_.job.panelOpen = true;
        minute_ += 50;
        return *this;
    }
    /// The layers are written down, and the first of them come off.
    BenchDay& opens(const std::vector<const char*>& lines, std::size_t off) {
        auto& opening = demo_.job.opening;
        opening.way = "glassOut";
        opening.people = 2;
        opening.adhesive = hands::Adhesive::None;
        for (const char* line : lines) {
            const auto said = hands::readLayerLine(line);
            hands::add(opening, std::get<hands::LayerLine>(said), 0);
        }
        const int from = minute_;
        constexpr int takes = 50;
        for (std::size_t i = 0; i < off; ++i) {
            minute_ = from + takes * int(i + 1) / int(off + 1);
            hands::takeOff(opening, opening.layers[i].id, at());
        }
        minute_ = from + takes;
        demo_.job.panelOpen = true;
        return *this;
    }
    /// Every step of the repair is ticked; of the time before the first, so much was work, where that was said.
    BenchDay& works(std::optional<double> workedBefore = {}) {
        const auto* repair = trade_.repair(demo_.job.repair.option);
        for (const auto& line : hands::workOrder(repair->work, {}, demo_.job.opening, trade_.hands).lines) {
            minute_ += int(std::ceil(line.step.minutes));
            demo_.job.opening.ticks.push_back(
                {"step:" + line.key, at(), false, {}, {}, std::exchange(workedBefore, {})});
        }
        return *this;
    }
    /// So many layers go back from the LEDs outwards, all counted, and what is to be looked at before the next.
    BenchDay& closes(int layers) {
        auto& opening = demo_.job.opening;
        for (;;) {
            const auto closing = hands::closingOf(opening, trade_.hands, demo_.job.set.lightKind());
            const auto due = std::find_if(closing.steps.begin(), closing.steps.end(), [](const auto& step) {
                return step.state == hands::ClosingStep::State::Due;
            });
            if (due == closing.steps.end() || (due->check == nullptr && layers-- == 0)) {
                return *this;
            }
            minute_ += 4;
            if (due->check != nullptr) {
                opening.ticks.push_back({"check:" + due->check->id, at()});
                continue;
            }
            for (auto& item : opening.layer(due->layer)->items) {
                item.isIn = hands::leftOf(item);
            }
            hands::putBack(opening, due->layer, at());
        }
    }
    /// The closed set is looked at and listened to.
    BenchDay& listens() {
        for (const auto& look : trade_.hands.looks) {
            minute_ += 1;
            demo_.job.opening.ticks.push_back({"look:" + look.id, at()});
        }
        return *this;
    }
    BenchDay& photo(const char* name, hands::LayerKind of, const char* words) {
        auto& opening = demo_.job.opening;
        opening.photos.push_back({name, "layer:" + std::to_string(opening.layer(of)->id), words});
        return *this;
    }

private:
    std::string at() const { return fmt::format("{}T{:02}:{:02}:00Z", date_, minute_ / 60, minute_ % 60); }
    BenchDay& take(evidence::Observation what) {
        job::addEntry(demo_.job, at(), phase_, std::move(what));
        minute_ += 4;
        return *this;
    }

    DemoJob& demo_;
    const knowledge::Knowledge& trade_;
    SealedSet set_;
    std::optional<SealedSet> proven_;  ///< the set after its repair
    job::Phase phase_ = job::Phase::Before;
    const char* date_;
    int minute_ = 8 * 60 + 10;
};

/// What is on every sheet of the workshop.
DemoJob takenIn(const char* id, const char* title, job::Order order, const char* maker, const char* model,
                const char* serial, const char* panel, double hours) {
    DemoJob demo;
    demo.job.id = id;
    demo.job.title = title;
    demo.job.order = std::move(order);
    demo.job.set.maker = maker;
    demo.job.set.model = model;
    demo.job.set.serial = serial;
    demo.job.set.panel = panel;
    demo.job.set.hoursRun = hours;
    demo.job.order.owner = "Terminal office";
    demo.job.bench.workshop = "Skerry Sound Ferries";
    demo.job.bench.contact = "display workshop, north pier";
    demo.job.liveWorkAccepted = true;
    return demo;
}

constexpr const char* boardFilms =
    "films: prism lines across dull up, prism lines along dull up, diffusing no side, notch top left";
/// How a Northlight departure board comes apart.
const std::vector<const char*> boardLayers = {"back: 14 × M3×8 edge, 4 × M4×12 stand",
                                              "boards: 9 × M3×6, 3 plugs, 2 flat cables",
                                              "frame: 22 clips edge, 6 × M2×5 corners",
                                              "glass: 2 flat cables bottom bonded",
                                              boardFilms,
                                              "diffuser: 4 pins corners",
                                              "reflector: 11 pins, 1 pin under the T-con",
                                              "strips: 4 plugs left"};
/// Of the pictures in data/demo/photos.
constexpr const char* backPhoto = "11d51f94287773fea8ae5d36d57c5694c2bebdb3f9202670f0ba1ae1a58b9b02.png";
constexpr const char* filmsPhoto = "fae0ca6c83c7c6f2fdb7b328fd691bea9cc3185550bf7433eea61e512f940006.png";

/// Berth 3: one open LED in a single long string.
DemoJob berthBoard(const knowledge::Knowledge& trade) {
    auto demo = takenIn(
        "SK-0412", "Berth 3 departure board",
        {"Berth 3, north pier", "Dark since Monday's early sailing; announcements still sound.", 420, "2026-12-04"},
        "Northlight", "DB-43", "NL-20771", "NL430-D7", 11400);
    backlight::PlainDescription plain;
    plain.led = {1, 3.1, 0.35};
    plain.amps = 0.24;
    plain.idleVolts = 48;
    demo.job.set.backlight = backlight::plainBacklight(plain);
    demo.fault = {"openLed", {{{{1, 8}, backlight::LedFault::Open}}, {}}, 412};
    BenchDay(demo, trade, "2026-11-23")
        .answer("sound")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .measure("ledPlusPlugOut")
        .opens(boardLayers, boardLayers.size() - 1)
        .photo(backPhoto, hands::LayerKind::Back, "back, before")
        .photo(filmsPhoto, hands::LayerKind::Films, "films, notch top left")
        .strip(0)
        .strip(1)
        .strip(2);
    const int last = demo.job.trail.back().id;
    demo.job.makeSafe = {true,
                         true,
                         {2200, 5, 500},
                         {},
                         {{"bulk", 318, "2026-11-23T09:02:00Z", last, false},
                          {"bulk", 1.4, "2026-11-23T09:04:00Z", last, true},
                          {"ledPlus", 34, "2026-11-23T09:05:00Z", last, true}}};
    return demo;
}

/// Gangway 2: three shorted LEDs in one of two channels.
DemoJob gangwaySign(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0415", "Gangway 2 information display",
                        {"Gangway 2, outer door", "Lights for a blink at switch-on, then dark.", 380, "2026-12-02"},
                        "Northlight", "GD-32", "NL-31180", "NL315-B2", 14500);
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
    auto demo = takenIn("SK-0419", "Crew room set, vessel Tern",
                        {"Vessel Tern, crew room", "Sound but no picture after a shore power dip.", 260, "2026-12-09"},
                        "Fairlead", "CR-40", "FL-00982", "FL400-A1", 6200);
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
    demo.job.liveWorkAccepted = false;
    demo.fault = {"driverNotSwitching", {}, 419};
    BenchDay(demo, trade, "2026-11-24").answer("sound").answer("standby").answer("torch").light();
    return demo;
}

backlight::Backlight strips(int count, int leds, int perString, double amps, std::optional<double> label, double idle) {
    backlight::PlainDescription plain;
    plain.strips = count;
    plain.ledsPerStrip = leds;
    plain.stripsPerString = perString;
    plain.led = {1, 3.1, 0.35};
    plain.amps = amps;
    plain.idleVolts = idle;
    plain.feeds = {{label}};
    return backlight::plainBacklight(plain);
}

/// Berth 1: one strip of another type among its twins, fitted by somebody before.
DemoJob berthDisplay(const knowledge::Knowledge& trade) {
    auto demo =
        takenIn("SK-0408", "Berth 1 departure board",
                {"Berth 1, south pier", "Flashes three times, then dark. Repaired last winter.", 420, "2026-12-01"},
                "Northlight", "DB-43", "NL-20744", "NL430-D7", 15200);
    demo.job.set.backlight = strips(4, 10, 4, 0.24, {}, 48);
    auto truth = demo.job.set.backlight;
    truth.strips[2].led.ratedVolts *= 1.6;
    demo.fault = {"otherStrip", {}, 408};
    demo.truth = truth;
    BenchDay(demo, trade, "2026-11-20")
        .answer("sound")
        .answer("torch")
        .light()
        .count("restarts", "yes", 3)
        .count("standby", "blinks", 5, "red")
        .measure("blOn")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .openPanel()
        .strip(0)
        .strip(1)
        .strip(2)
        .strip(3);
    demo.job.order.whose = job::Whose::Customer;
    demo.job.repair.terms = {{"replaceStrip", {}, {}, true, "three dealers: no longer made"},
                             {"replaceAllStrips", {}, {}, true, "three dealers: no longer made"},
                             {"universalStrips", 22, 1, false, "market stall, south pier"}};
    demo.job.repair.details.universal = job::Universal{{2, 180, 5, 12, 6.2, 0.3}, plan::Aim::OldPlaces, 0, {}};
    demo.job.repair.details.box = {37, true};
    return demo;
}

/// Ticket hall: capacitors of the supply at half their value.
DemoJob ticketHall(const knowledge::Knowledge& trade) {
    auto demo = takenIn(
        "SK-0417", "Ticket hall display",
        {"Ticket hall, east wall", "Flickers when cold, since last week stays dark after a second.", 310, "2026-12-03"},
        "Fairlead", "TH-32", "FL-01127", "FL320-B3", 21000);
    demo.job.set.backlight = strips(3, 9, 3, 0.25, 84, 24);
    demo.fault = {"weakSupply", {}, 417};
    job::notePoint(demo.job, {"supplyCapacitor", "C12"}, {470e-6, {}, 63, {}, {}});
    job::notePoint(demo.job, {"supplyCapacitor", "C13"}, {470e-6, {}, 63, {}, {}});
    job::notePoint(demo.job, {"mainRail", "24V"}, {{}, {}, 24, {}, {}});
    demo.job.way.level = job::Way::Level::Component;
    BenchDay(demo, trade, "2026-11-25")
        .answer("sound")
        .answer("torch")
        .light()
        .answer("flicker")
        .measure("blOn")
        .measure("dim")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .see("supplyCapacitor", "C12")
        .check("supplyCapacitor", "C12")
        .check("supplyCapacitor", "C13");
    return demo;
}

/// Vessel Gannet: the main board never asks for light; boards are swapped first here.
DemoJob gannetLounge(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0421", "Lounge display, vessel Gannet",
                        {"Vessel Gannet, lounge", "Picture can be guessed under a torch, no light.", 280, "2026-12-08"},
                        "Fairlead", "LD-40", "FL-01950", "FL400-A1", 9800);
    demo.job.set.backlight = strips(3, 10, 3, 0.28, 92, 33);
    demo.fault = {"notAsked", {}, 421};
    demo.job.way.first = job::Way::First::Swap;
    BenchDay(demo, trade, "2026-11-25")
        .answer("sound")
        .answer("standby")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("ledPlusOn");
    return demo;
}

/// The first part that a suspect may come down to at a point, into its parts.
int partAt(const knowledge::Knowledge& trade, const char* suspect, const char* point) {
    const auto& parts = trade.suspect(suspect)->parts;
    const auto found =
        std::find_if(parts.begin(), parts.end(), [&](const auto& p) { return p.point == trade.pointIndex(point); });
    return int(found - parts.begin());
}

/// Weather screen: a shorted output diode, its twin beside it.
DemoJob weatherScreen(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0422", "Weather screen, north pier",
                        {"North pier, shelter", "No light since a storm; sound is there.", 240, "2026-12-10"},
                        "Northlight", "WS-32", "NL-33402", "NL320-C1", 12400);
    demo.job.set.backlight = strips(3, 8, 3, 0.3, 75, 24);
    demo.fault = {"driverNotSwitching", {}, 422, {}, {}, partAt(trade, "driverNotSwitching", "outputDiode"), "D8"};
    demo.job.way.level = job::Way::Level::Component;
    for (const char* ref : {"D8", "D9"}) {
        job::notePoint(demo.job, {"outputDiode", ref});
    }
    BenchDay(demo, trade, "2026-11-26")
        .answer("sound")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("dim")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .check("driverVcc", "VCC")
        .check("driverGate", "GATE")
        .check("outputDiode", "D9");
    return demo;
}

/// Timetable at gate 4: a monitor with a combined supply that nobody has opened yet.
DemoJob gateFour(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0424", "Timetable, gate 4", {"Gate 4", "Dark this morning.", 180, "2026-12-14"},
                        "Quaylight", "TT-24", "QL-04410", "QL240-E2", 30100);
    demo.job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    demo.job.set.kind = "monitor";
    demo.fault = {"openLed", {}, 424};
    demo.truth = strips(1, 24, 1, 0.12, {}, 19);
    demo.fault.strings.leds = {{{0, 7}, backlight::LedFault::Open}};
    demo.job.liveWorkAccepted = false;
    BenchDay(demo, trade, "2026-11-26").answer("standby").answer("torch").light();
    return demo;
}

/// Bridge repeater: an outside 12 V supply, just taken in.
DemoJob bridgeRepeater(const knowledge::Knowledge&) {
    auto demo = takenIn("SK-0425", "Bridge repeater, vessel Tern",
                        {"Vessel Tern, bridge", "Goes dark in rough weather, comes back.", 350, "2026-12-15"},
                        "Quaylight", "BR-19", "QL-05518", "QL190-A4", 8800);
    demo.job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    demo.job.set.kind = "adapter";
    demo.fault = {"badJoint", {}, 425};
    demo.job.liveWorkAccepted = false;
    return demo;
}

/// Arrivals 2: repaired, in its soak.
DemoJob arrivalsTwo(const knowledge::Knowledge& trade) {
    auto demo =
        takenIn("SK-0405", "Arrivals board 2", {"Arrivals hall", "A dark stripe, then nothing.", 400, "2026-11-28"},
                "Northlight", "DB-43", "NL-20698", "NL430-D7", 11000);
    demo.job.set.backlight = strips(4, 12, 4, 0.24, {}, 48);
    demo.fault = {"openLed", {{{{2, 4}, backlight::LedFault::Open}}, {}}, 405};
    BenchDay(demo, trade, "2026-11-18")
        .answer("sound")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("ledPlusIdle")
        .measure("ledPlusOn")
        .measure("ledPlusPlugOut")
        .opens(boardLayers, boardLayers.size())
        .strip(0)
        .strip(1)
        .strip(2)
        .strip(3)
        .halves(2, 4)
        .repaired("replaceStrip", "Strip C new, plugs pulled at, lit before the films went back.", 0.24)
        .works()
        .closes(6)
        .prove("ledPlusOn")
        .prove("ledMinus")
        .soak(3);
    auto& clips = demo.job.opening.layers[2].items.front();  // of the frame
    clips.broke = 1;
    clips.isIn = 20;
    return demo;
}

/// Cafe sign: finished and handed back.
DemoJob cafeSign(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0398", "Cafe sign, terminal",
                        {"Terminal cafe", "Half a minute of light, then dark.", 220, "2026-11-20"}, "Quaylight",
                        "CS-22", "QL-03071", "QL220-B1", 17500);
    demo.job.set.backlight = strips(2, 12, 1, 0.15, 40, 24);
    demo.fault = {
        "shortedLed", {{{{0, 3}, backlight::LedFault::Shorted}, {{0, 4}, backlight::LedFault::Shorted}}, {}}, 398};
    BenchDay(demo, trade, "2026-11-12")
        .answer("sound")
        .answer("torch")
        .light()
        .measure("blOn")
        .measure("ledPlusOn")
        .measure("ledMinus", 0)
        .measure("ledMinus", 1)
        .opens({"back: 8 × M3×8 edge, 2 × M4×10 stand", "frame: 12 clips", "glass: 1 flat cable bottom bonded",
                "films: prism lines across dull up, diffusing, notch bottom right", "light guide: 4 pins", "reflector",
                "strips: 2 plugs left"},
               7)
        .strip(0)
        .strip(1)
        .looks(0)
        .repaired("replaceAllStrips", "Both strips new, of one batch.", 0.15)
        .works(35)
        .closes(7)
        .listens()
        .prove("ledPlusOn")
        .prove("ledMinus", 0)
        .prove("ledMinus", 1)
        .soak(4);
    demo.job.handedBack = "2026-11-13T15:20:00Z";
    return demo;
}

/// Cargo office: sound, light, no picture: not the backlight.
DemoJob cargoOffice(const knowledge::Knowledge& trade) {
    auto demo =
        takenIn("SK-0423", "Cargo office set", {"Cargo office", "Light comes up, no picture.", 150, "2026-12-18"},
                "Fairlead", "CR-32", "FL-00417", "FL320-B3", 26000);
    demo.job.set.backlight = strips(3, 9, 3, 0.25, 84, 24);
    demo.fault = {"panelPicture", {}, 423};
    BenchDay(demo, trade, "2026-11-26").answer("sound").answer("standby").answer("torch").light();
    return demo;
}

/// Asks a set with lamps one question after the other, a few minutes apart.
void askLamps(DemoJob& demo, const LampSet::Wrong& wrong, const LampMake& make, const knowledge::Knowledge& trade,
              const std::vector<evidence::Question>& questions) {
    auto& job = demo.job;
    job.set.backlight = backlight::plainBacklight(backlight::undescribed());
    const BenchSet boards(strips(1, 12, 1, 0.1, {}, 24), {Trouble::NoTrouble, {}}, {}, trade);
    const LampSet set(boards, wrong, make, trade);
    int minute = 9 * 60 + 5;
    for (const auto& question : questions) {
        if (const auto* point = std::get_if<evidence::PointAsked>(&question)) {
            job::notePoint(job, *point);
        }
        for (auto& seen : set.take(question)) {
            job::addEntry(job, fmt::format("2026-11-26T{:02}:{:02}:00Z", minute / 60, minute % 60), job::Phase::Before,
                          std::move(seen));
            minute += 4;
        }
    }
}

evidence::Question asked(const char* test) {
    return evidence::Answer::Question{test};
}

/// Ticket desk: a burnt joint on the top lamp of an edge-lit monitor.
DemoJob ticketDesk(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0426", "Ticket desk monitor",
                        {"Terminal, desk 2", "Lights for two seconds, then dark.", 120, "2026-12-11"}, "Quaylight",
                        "TD-19", "QL-01188", "QL190-L2", 33000);
    demo.job.set.kind = "monitor";
    demo.job.set.lamps = {4, 410, 2.4, lamps::Lamps::Place::Edges};
    demo.job.set.lamps.supplyVolts = 12;
    demo.job.liveWorkAccepted = false;
    askLamps(demo, {LampTrouble::BurntJoint, 0, 0.1, true, {}, 427}, {4, 1.8, true, false, 0.85}, trade,
             {asked("sound"), asked("torch"), evidence::LightSeen::Question{}, asked("lampFades"),
              evidence::LampsSeen::Question{}});
    return demo;
}

/// Quay office: the inverter's electrolytics are tired, one of them is measured.
DemoJob quayOffice(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0427", "Quay office monitor",
                        {"Quay office", "Flickers and hums for a second, then nothing.", 110, "2026-12-16"}, "Fairlead",
                        "QO-22", "FL-00263", "FL220-L4", 28000);
    demo.job.set.kind = "monitor";
    demo.job.set.lamps = {4, 480, 2.4, lamps::Lamps::Place::Edges};
    demo.job.set.lamps.supplyVolts = 12;
    askLamps(demo, {LampTrouble::AgedCapacitors, 0, 0.3, true, {0.4, 0.5, 0.6}, 427}, {4, 1.2, true, false, 0.85},
             trade,
             {asked("sound"), asked("torch"), evidence::LightSeen::Question{}, asked("flicker"), asked("hum"),
              asked("eyes"), evidence::PointTaken::Question{"inverterCapacitor", "C5"}});
    return demo;
}

/// Waiting room: the upper half of twelve lamps goes dark; a film capacitor has drifted.
DemoJob waitingRoom(const knowledge::Knowledge& trade) {
    auto demo = takenIn("SK-0428", "Waiting room television",
                        {"Waiting room, west", "The upper half is dark.", 160, "2026-12-17"}, "Northlight", "WR-40",
                        "NL-11872", "NL400-L1", 41000);
    demo.job.set.lamps = {12, 890, 3, lamps::Lamps::Place::Behind};
    demo.job.set.lamps.supplyVolts = 24;
    askLamps(demo, {LampTrouble::DriftedFilm, 1, 0.3, true, {}, 430}, {12, 1.5, true, true, 0.85}, trade,
             {asked("sound"), asked("torch"), evidence::LightSeen::Question{}, asked("evenness"), asked("lampFades"),
              evidence::LampsSeen::Question{}, asked("outputsCompared")});
    return demo;
}

using Maker = DemoJob (*)(const knowledge::Knowledge&);
constexpr std::array<Maker, 15> makers = {berthBoard,   gangwaySign,   crewRoomSet, berthDisplay,   ticketHall,
                                          gannetLounge, weatherScreen, gateFour,    bridgeRepeater, arrivalsTwo,
                                          cafeSign,     cargoOffice,   ticketDesk,  quayOffice,     waitingRoom};

}  // namespace

DemoJob demoJob(std::size_t index, const knowledge::Knowledge& trade) {
    return makers.at(index)(trade);
}

std::vector<DemoJob> demoWorkshop(const knowledge::Knowledge& trade) {
    std::vector<DemoJob> jobs;
    for (const auto make : makers) {
        jobs.push_back(make(trade));
    }
    return jobs;
}

}  // namespace dimglow::virtualset
