#pragma once

#include "core/backlight/plain.h"
#include "core/job/job.h"

namespace dimglow::test {

using namespace dimglow::job;
using namespace dimglow::evidence;

/// A job with one entry of every kind that the first version of the job file knew.
inline Job fullJobOfVersion1() {
    Job job;
    job.id = "SK-9001";
    job.title = "Slip 4 board";
    job.order = {"Slip 4", "dark", 300, "2026-12-01"};
    job.set = {"", "Northlight", "DB-43", "NL-1", "NL430-D7", 7000, {}, {2, 710, 3.4}, {}, {}};
    job.set.backlight = backlight::plainBacklight({});
    job.set.backlight.feeds.front().labelVolts = 150;
    job.set.backlight.harness = {{backlight::HarnessPin::Role::LedPlus, 0, "black", 0.2},
                                 {backlight::HarnessPin::Role::LedMinus, 0, "red", 0.1},
                                 {}};
    job.set.backlight.celsius = 41;
    job.set.backlight.ledPoints = {{0.001, 2.6}, {0.35, 3.1}};
    job.set.backlight.strips[2].access = backlight::Access::Mask;
    job.set.backlight.strips[2].connector = "2-pin white, left";
    job.bench.supplies = {{"left", 60, 3, 250}, {"right", 120, 1, 300}};
    job.panelCheck = {0,
                      0.25,
                      5,
                      true,
                      122,
                      137.5,
                      0.31,
                      {panelcheck::Finding::Lines, panelcheck::Finding::Tint},
                      panelcheck::Outcome::NoGo,
                      "three lines on the left"};
    job.panelOpen = true;
    const backlight::Run run{{0, 0}, 0, 11};
    addEntry(job, "2026-11-25T08:00:00Z", Phase::Before, Answer{"torch", "picture"});
    addEntry(job, "2026-11-25T08:01:00Z", Phase::Before, LightSeen{driver::Light::FlashThenDark, 0.4});
    addEntry(job, "2026-11-25T08:02:00Z", Phase::Before, Measured{"ledPlusOn", {}, Shape::PeakThenSettles, 181.6, 48},
             {From::Typed, "181,6 > 48"});
    addEntry(job, "2026-11-25T08:03:00Z", Phase::Before, TesterTaken{run, {0.03, 300}, 33.5, 12});
    addEntry(job, "2026-11-25T08:04:00Z", Phase::Before, LedSeen{{1, 6}, LedSeen::Glow::Dark, {{0, 0}, 12, 23}});
    addEntry(job, "2026-11-25T08:05:00Z", Phase::Before, LedSeen{{1, 5}, LedSeen::Glow::Dim, {{0, 0}, 12, 23}});
    addEntry(job, "2026-11-25T08:06:00Z", Phase::Before,
             TesterTaken{{{0, 0}, 0, 47}, {0.03, 300}, 58.2, 20, backlight::TesterProbe::Minus::Chassis, {}});
    addEntry(job, "2026-11-25T08:07:00Z", Phase::Before,
             TesterTaken{{{0, 0}, 12, 23}, {0.03, 300}, 31, 11, {}, {{1, 8}, {1, 2}}});
    addEntry(job, "2026-11-25T08:08:00Z", Phase::Before,
             LedChecked{{1, 8}, {parts::LedMethod::DiodeMode, 3.2, 0.1, 1000}, {{}, 0.4, true, 0.001, false}});
    addEntry(job, "2026-11-25T08:09:00Z", Phase::Before, Bridged{{1, 8}, 0.238, true});
    addEntry(job, "2026-11-25T09:00:00Z", Phase::After, Measured{"ledPlusOn", {}, Shape::Steady, 146, 146},
             {From::Instrument, "+1.460E+02"});
    job.repair = {"replaceStrip", "new strip", 0.24, 0.2};
    job.soak = {{0, 146, 0.2, false}, {31, 145.5, 0.199, false}};
    return job;
}

/// A job with one entry of every kind.
inline Job fullJob() {
    Job job = fullJobOfVersion1();
    job.set.kind = "monitor";
    job.bench.lacks = {"capacitorMeter", "aToolOfAnotherWorkshop"};
    job.way = {Way::First::Swap, Way::Level::Component};
    notePoint(job, {"outputDiode", "D8"});
    notePoint(job, {"mainRail", "12V"}, {{}, {}, 12, {}, {}});
    notePoint(job, {"supplyCapacitor", "C12"}, {470e-6, 0.2, 63, {}, {}, 105});
    job.order.owner = "Ferry office";
    job.order.phone = "01 55 20";
    job.order.agreedPrice = 148;
    job.bench.workshop = "Skerry Sound Ferries";
    job.bench.contact = "display workshop";
    job.repair.terms = {{"replaceStrip", 12, 3, false}, {"replaceLed", {}, {}, true}};
    job.set.backlight.strips[1].led.classAssumed = true;
    addEntry(job, "2026-11-25T08:10:00Z", Phase::Before, Answer{"standby", "blinks", 5, "red"});
    addEntry(job, "2026-11-25T08:10:20Z", Phase::Before,
             LampsSeen{{lamps::Look::Lit, lamps::Look::DimEnds, lamps::Look::Unknown, lamps::Look::Dark}});
    addEntry(job, "2026-11-25T08:11:00Z", Phase::Before,
             PointSeen{{"supplyCapacitor", "C12"}, PointSeen::Looks::Bulged});
    parts::PartReading diode;
    diode.forwardVolts = 0.31;
    diode.reverseVolts = parts::overload;
    addEntry(job, "2026-11-25T08:12:00Z", Phase::Before, PointTaken{{"outputDiode", "D8"}, diode});
    parts::PartReading off;
    off.volts = 0.1;
    addEntry(job, "2026-11-25T08:12:30Z", Phase::Before,
             PointTaken{{"mainRail", "12V", true}, off, set::SetState::Standby});
    job.trail.back().source.fitsBecause = "off in standby";
    addEntry(job, "2026-11-25T08:13:00Z", Phase::Before,
             evidence::notReached("ledMinus", evidence::VoltsAsked{"ledMinus"}));
    hands::Item film{5,
                     hands::What::Film,
                     1,
                     "",
                     "",
                     {},
                     "prism film",
                     hands::Corner::TopLeft,
                     hands::Side::DullUp,
                     hands::Lines::Across,
                     0,
                     0,
                     0,
                     "kept by the owner"};
    job.set.saidLight = set::LightKind::Leds;
    job.opening = {{{1,
                     hands::LayerKind::Back,
                     "",
                     {{2, hands::What::Screw, 14, "M3×8", "cross", hands::Place::Around, "", {}, {}, {}, 1, 1, 12, ""}},
                     hands::Layer::State::Back},
                    {3, hands::LayerKind::Other, "speaker box", {}, hands::Layer::State::On},
                    {4, hands::LayerKind::Films, "", {film}, hands::Layer::State::Off}},
                   6,
                   "glassOut",
                   2,
                   hands::Adhesive::Tape,
                   {{"off:1", "2026-11-30T08:00:00Z"}, {"check:even", "2026-11-30T09:00:00Z", true, 48.2, "large", 20}},
                   {{"aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa"
                     "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa.png",
                     "layer:1", "the back, before"}}};
    job.makeSafe = {true,
                    true,
                    {1000, 5, 500},
                    940e3,
                    {{"bulk", 310, "2026-11-25T07:58:00Z", 2, false}, {"bulk", 1.4, "2026-11-25T08:00:00Z", 2, true}},
                    1};
    job.describedAfter = 3;
    job.order.whose = Whose::Customer;
    job.repair.terms.front().source = "stall by the pier";
    auto& details = job.repair.details;
    details.current = {"R22 ∥ R22", "R22 ∥ R33", "half brightness"};
    details.box = {25, true};
    details.universal = Universal{{3, 150, 6, 12, 9.3, 0.35}, plan::Aim::Even, 5, {{300, 312}}};
    details.matching.oldLed.package = "3030";
    details.matching.newLed = {3.1, 0.06, 0.5, "3030", "small", "same"};
    details.matching.oldStrip.side = "L";
    details.matching.newStrip = {12, 37.2, 0.35, 75, 14, 880, "2-pin", "L", "dome", "b7"};
    details.matching.oldPart = "470u 63V";
    details.matching.newPart = "470u 100V";
    details.matching.stressVolts = 48;
    details.matching.stressAmps = 0.5;
    details.gapMm = 0.4;
    details.roomCelsius = 31;
    details.module = parts::DriverModule{60, 180, 0.3, 2.5, 10, 190, true, false};
    details.sums = {{"boost", {{"vin", 24}, {"vout", 62}}}};
    return job;
}

}  // namespace dimglow::test
