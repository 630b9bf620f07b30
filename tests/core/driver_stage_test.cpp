// The driver second by second: its output stage against ngspice, its states, and what a meter shows.

#include <fmt/format.h>
#include <gtest/gtest.h>

#include <cmath>
#include <numbers>
#include <ostream>

#include "core/backlight/plain.h"
#include "core/driver/meter.h"
#include "core/driver/quantities.h"
#include "core/driver/switch_on.h"
#include "core/knowledge/knowledge.h"
#include "tests/support/ngspice.h"

namespace dimglow::driver {
namespace {

backlight::Backlight board() {
    backlight::PlainDescription plain;
    plain.idleVolts = 48;
    return plainBacklight(plain);
}

backlight::Backlight twoChannels() {
    backlight::PlainDescription plain;
    plain.stripsPerString = 2;
    return plainBacklight(plain);
}

const StageChange& stageChange(const char* behaviour) {
    return knowledge::builtInKnowledge().behaviour(behaviour)->stage;
}

SwitchOn switchOn(const backlight::Backlight& panel, const backlight::Faults& faults = {},
                  const char* behaviour = "healthy", double seconds = 3, StageSpec* changed = nullptr) {
    const auto reference = referenceOf(panel).front();
    StageSpec stage = changed != nullptr ? *changed : stageOf(panel, reference, stageChange(behaviour));
    return simulate(stage, StringLoad(panel, faults, 1.2 * reference.overVolts), seconds);
}

/// 24 LEDs with a headroom resistor on 22 µF and 47 kΩ, charged by 0.3 A for 20 ms, then left alone.
struct Rig {
    static constexpr double farads = 22e-6;
    static constexpr double bleederOhms = 47e3;
    static constexpr double chargeAmps = 0.3;
    static constexpr double chargeSeconds = 0.02;
    static constexpr double collapseAmps = 0.03;
    static constexpr double collapseSeconds = 0.06;
    static constexpr double endSeconds = 0.5;

    backlight::Backlight panel;
    Rig() {
        backlight::PlainDescription plain;
        plain.strips = 2;
        plain.stripsPerString = 2;
        plain.amps = 2;  // a sink that never limits: its headroom is a plain resistor, which the reference has too
        panel = plainBacklight(plain);
    }
    double ohms() const { return panel.driver.someHeadroomVolts() / panel.channels.front().someAmps(); }

    /// LED+ of the reference at a time.
    static double at(const std::vector<double>& time, const std::vector<double>& volts, double seconds) {
        const auto after = std::upper_bound(time.begin(), time.end(), seconds) - time.begin();
        const auto i = std::clamp<std::ptrdiff_t>(after, 1, std::ptrdiff_t(time.size()) - 1);
        const double share = (seconds - time[i - 1]) / (time[i] - time[i - 1]);
        return volts[i - 1] + share * (volts[i] - volts[i - 1]);
    }
};

// Charge is current times time: what a driver may give bounds how fast its output rises. That it
// gives some times its working current while it charges is common practice, no source.
TEST(SwitchOnOfAStage, RisesNoFasterThanItsCurrentCharges) {
    const auto panel = board();
    StageSpec stage = stageOf(panel, referenceOf(panel).front(), stageChange("healthy"));
    stage.outputFarads = 2e-3;
    stage.softStartSeconds = 1e-3;
    const auto result = switchOn(panel, {}, "healthy", 3, &stage);
    ASSERT_GT(result.samples.size(), 2u);
    const double most = 5 * stage.workingAmps / stage.outputFarads;  // V/s
    double steepest = 0;
    for (std::size_t i = 1; i < result.samples.size(); ++i) {
        const auto& before = result.samples[i - 1];
        const auto& after = result.samples[i];
        steepest = std::max(steepest, (after.ledPlus - before.ledPlus) / (after.seconds - before.seconds));
    }
    EXPECT_GT(steepest, 0);
    EXPECT_LT(steepest, most);
}

// Reference: ngspice transient; rise, collapse to a weak supply's current, discharge through string and bleeder.
TEST(OutputStage, FollowsNgspiceWithinOnePerCentOfItsWaveform) {
    const Rig rig;
    auto& ngspice = test::Ngspice::instance();
    const auto led = backlight::ledCurve({});
    std::vector<std::string> lines = {
        "* output stage",
        ".options reltol=1e-4 abstol=1e-9 vntol=1e-6 gmin=1e-10 itl4=200 method=gear",
        fmt::format("c1 n1 0 {} ic=0", Rig::farads),
        fmt::format("r1 n1 0 {}", Rig::bleederOhms),
        fmt::format("i1 0 n1 pwl(0 {0} {1} {0} {2} {3} {4} {3} {5} 0 10 0)", Rig::chargeAmps, Rig::chargeSeconds,
                    Rig::chargeSeconds + 1e-7, Rig::collapseAmps, Rig::collapseSeconds, Rig::collapseSeconds + 1e-7),
        fmt::format(".model d1 d(is={:.17g} n={:.17g} rs={:.17g})", led.saturationAmps,
                    led.emissionVolts / ngspice.thermalVolts(), led.seriesOhms)};
    for (int i = 0; i < 24; ++i) {
        lines.push_back(fmt::format("d{0} n{0} n{1} d1", i + 1, i + 2));
    }
    lines.push_back(fmt::format("rs n25 0 {}", rig.ohms()));
    lines.push_back(fmt::format(".tran 20u {} 0 20u uic", Rig::endSeconds));
    ASSERT_TRUE(ngspice.load(lines));
    ASSERT_TRUE(ngspice.run("run"));
    const auto time = ngspice.series("time");
    const auto theirs = ngspice.series("v(n1)");
    ASSERT_GT(time.size(), 1000u);

    const StringLoad load(rig.panel, {}, 100);
    OutputStage stage(Rig::farads, Rig::bleederOhms, load);
    const double span = *std::max_element(theirs.begin(), theirs.end());
    double worst = 0;
    constexpr double step = 2e-4;
    for (int i = 1; i * step <= Rig::endSeconds; ++i) {
        const double now = i * step;
        const double amps = now <= Rig::chargeSeconds + step / 2     ? Rig::chargeAmps
                            : now <= Rig::collapseSeconds + step / 2 ? Rig::collapseAmps
                                                                     : 0;
        stage.step(amps, 0, step);
        worst = std::max(worst, std::abs(stage.volts() - Rig::at(time, theirs, now)));
    }
    EXPECT_LT(worst, 0.01 * span);
    RecordProperty("worstShare", std::to_string(worst / span));
}

TEST(OutputStage, DischargesThroughTheBleederAsAnRcDoes) {
    const StringLoad nothing(board(), {}, 200, true);
    OutputStage stage(47e-6, 100e3, nothing);
    stage.setVolts(180);
    for (int i = 0; i < 4700; ++i) {
        stage.step(0, 0, 1e-3);
    }
    EXPECT_NEAR(stage.volts(), 180 / std::numbers::e, 0.05) << "one time constant of 4.7 s";
}

TEST(HealthyDriver, RampsToTheStringVoltageAndStays) {
    const auto panel = board();
    const auto on = switchOn(panel);
    const double running = backlight::healthyStringVolts(panel) + panel.driver.someHeadroomVolts();
    EXPECT_NEAR(on.samples.front().ledPlus, 48, 0.1);
    EXPECT_NEAR(on.samples.back().ledPlus, running, 0.1);
    EXPECT_NEAR(on.samples.back().amps, 0.24, 0.005);
    EXPECT_NEAR(on.samples.back().ledMinus[0], panel.driver.someHeadroomVolts(), 0.05);
    EXPECT_EQ(on.firstTrip, Trip::None);
    EXPECT_EQ(on.tries, 1);
    EXPECT_FALSE(on.darkSeconds);
    EXPECT_LT(*on.lightSeconds, 0.1) << "soft start is 5 to 100 ms: common practice, no source";
}

TEST(OpenLed, ClimbsToTheOverVoltageLevelTriesAgainAndStaysOffWithABlinkCode) {
    const auto panel = board();
    const auto on = switchOn(panel, {{{{1, 8}, backlight::LedFault::Open}}}, "healthy", 8);
    EXPECT_EQ(on.firstTrip, Trip::OverVoltage);
    EXPECT_EQ(on.tries, 1 + 3) << "restarts three times, then gives up: common practice, no source";
    EXPECT_TRUE(on.blinks);
    EXPECT_EQ(on.samples.back().state, DriverState::Latched);
    EXPECT_FALSE(on.lightSeconds);
    double top = 0;
    for (const auto& sample : on.samples) {
        top = std::max(top, sample.ledPlus);
    }
    EXPECT_NEAR(top, backlight::overVoltageLevel(panel), 0.02 * top);
    EXPECT_LE(top, 1.01 * backlight::overVoltageLevel(panel));
}

TEST(OpenLed, WithADriverThatNeverGivesUpWandersForEver) {
    const auto panel = board();
    auto stage = stageOf(panel, referenceOf(panel).front(), {});
    stage.restarts.reset();
    const auto on = switchOn(panel, {{{{1, 8}, backlight::LedFault::Open}}}, "healthy", 12, &stage);
    EXPECT_GT(on.tries, 6);
    EXPECT_EQ(throughMeter(on.ledPlus(), on.secondsApart).shape, Shape::Wanders);
}

// A driver of several channels may leave the open one out and run on, LED+ steady (common practice, no source).
TEST(OpenLed, InOneOfTwoChannelsMayBeLeftOut) {
    const auto panel = twoChannels();
    auto stage = stageOf(panel, referenceOf(panel).front(), {});
    stage.dropsDarkChannels = true;
    const auto on = switchOn(panel, {{{{0, 1}, backlight::LedFault::Open}}}, "healthy", 8, &stage);
    EXPECT_EQ(on.firstTrip, Trip::OverVoltage);
    EXPECT_EQ(on.tries, 1);
    EXPECT_FALSE(on.darkSeconds) << "the other channel stays lit";
    const double running = backlight::healthyStringVolts(panel) + panel.driver.someHeadroomVolts();
    EXPECT_NEAR(on.samples.back().ledPlus, running, 0.02 * running);
}

// With LED+ held at over-voltage a healthy sink takes up what its own string leaves of it (common practice, no source).
TEST(OpenLed, UnderADriverThatClampsLetsTheHealthySinkFloat) {
    const auto panel = twoChannels();
    auto stage = stageOf(panel, referenceOf(panel).front(), {});
    stage.clampsOverVoltage = true;
    const auto on = switchOn(panel, {{{{0, 1}, backlight::LedFault::Open}}}, "healthy", 8, &stage);
    EXPECT_EQ(on.firstTrip, Trip::None);
    const auto& last = on.samples.back();
    EXPECT_NEAR(last.ledPlus, backlight::overVoltageLevel(panel), 0.02 * last.ledPlus);
    const double lit = std::max(last.ledMinus[0], last.ledMinus[1]);
    EXPECT_NEAR(lit, last.ledPlus - backlight::healthyStringVolts(panel), 1);
    EXPECT_LT(std::min(last.ledMinus[0], last.ledMinus[1]), 0.1);
}

TEST(ShortedLeds, InOneOfTwoChannelsPutTheirVoltsOnItsSinkAndTrip) {
    const auto panel = twoChannels();
    backlight::Faults three;
    for (const int led : {1, 2, 6}) {
        three.leds.push_back({{2, led}, backlight::LedFault::Shorted});
    }
    const auto on = switchOn(panel, three);
    EXPECT_EQ(on.firstTrip, Trip::Imbalance);
    EXPECT_TRUE(on.lightSeconds && on.darkSeconds) << "a flash, then dark";
    double highest = 0;
    for (const auto& sample : on.samples) {
        highest = std::max(highest, sample.ledMinus[1]);
    }
    EXPECT_NEAR(highest, 3 * backlight::ledCurve({}).volts(0.24) + 0.7, 0.5);
}

TEST(StringOnTheChassis, TripsOnCurrent) {
    const auto on = switchOn(board(), {{}, {}, {{{0, 0}, 30, 2}}});
    EXPECT_EQ(on.firstTrip, Trip::OverCurrent);
    EXPECT_TRUE(on.lightSeconds) << "the LEDs before the touch flash, though no sink has a current";
    EXPECT_TRUE(on.darkSeconds);
}

TEST(WeakSupply, CollapsesBeforeTheLightHolds) {
    const auto on = switchOn(board(), {}, "weakSupply");
    EXPECT_EQ(on.firstTrip, Trip::SupplyDropout);
    EXPECT_TRUE(on.darkSeconds);
}

class NeverMoves : public testing::TestWithParam<const char*> {};

TEST_P(NeverMoves, LedPlusStaysAtItsIdleValue) {
    const auto on = switchOn(board(), {}, GetParam());
    const auto view = throughMeter(on.ledPlus(), on.secondsApart);
    const std::string behaviour = GetParam();
    const bool isFed = behaviour != "noFeed" && !behaviour.ends_with("Unfed");
    EXPECT_EQ(view.shape, Shape::Steady);
    EXPECT_NEAR(view.volts, isFed ? 48 : 0, 0.2);
    EXPECT_EQ(on.tries, 0);
}

INSTANTIATE_TEST_SUITE_P(Faults, NeverMoves,
                         testing::Values("noFeed", "notSwitching", "notAsked", "notAskedUnfed", "notStarted",
                                         "notStartedUnfed", "dimAtZero", "lockedOut"));

/// A set with one fault, on either side of the plug.
struct Faulty {
    const char* name;
    backlight::Faults strings;
    const char* driver = "healthy";
};
void PrintTo(const Faulty& faulty, std::ostream* out) {
    *out << faulty.name;
}

class Forecast : public testing::TestWithParam<Faulty> {
protected:
    DriverForecast of(const backlight::Faults& strings, const char* behaviour) const {
        std::vector<backlight::ChannelDemand> demands;
        for (int channel = 0; channel < int(panel_.channels.size()); ++channel) {
            demands.push_back(demandOf(panel_, channel, strings));
        }
        return driver::forecast(panel_, referenceOf(panel_), demands,
                                {knowledge::builtInKnowledge().behaviour(behaviour)});
    }
    backlight::Backlight panel_ = twoChannels();
};

/// The reasoning forecasts a reading from a table of shares, the simulation computes it. What the simulated meter shows
/// must be something that the forecast of its true fault expects, not what it leaves to a slip of the probe.
TEST_P(Forecast, ExpectsWhatTheSimulatedMeterShows) {
    const auto& faulty = GetParam();
    const auto on = switchOn(panel_, faulty.strings, faulty.driver, 20);
    const auto forecast = of(faulty.strings, faulty.driver);
    const double worthTenSlips = std::log(10);
    const auto expectExpected = [&](const Modes& modes, const std::vector<double>& series, const char* what) {
        const auto view = throughMeter(series, on.secondsApart);
        const auto logOf = [&](const Modes& expected) {
            return nothingLearntOf(panel_, referenceOf(panel_)).take(expected, view.shape, view.volts, view.rest);
        };
        EXPECT_GT(logOf(modes), logOf(Modes{}) + worthTenSlips)
            << what << " " << view.volts << " then " << view.rest << " V, shape " << int(view.shape);
    };
    expectExpected(forecast.feeds[0].on, on.ledPlus(), "LED+");
    expectExpected(*forecast.of("ledMinus"), on.ledMinus(0), "LED− of channel 1");
    expectExpected(*forecast.of("ledMinus", {backlight::ChannelIndex(1)}), on.ledMinus(1), "LED− of channel 2");
    const double share = !on.lightSeconds ? forecast.light.never
                         : on.darkSeconds ? forecast.light.flashThenDark
                                          : forecast.light.staysLit;
    EXPECT_GT(share, 0.09) << "light";
}

constexpr backlight::LedPlace ledB9{1, 8};
INSTANTIATE_TEST_SUITE_P(
    Faults, Forecast,
    testing::Values(Faulty{"healthy", {}}, Faulty{"openLed", {{{ledB9, backlight::LedFault::Open}}}},
                    Faulty{"sixShorted",
                           {{{{0, 0}, backlight::LedFault::Shorted},
                             {{0, 1}, backlight::LedFault::Shorted},
                             {{0, 2}, backlight::LedFault::Shorted},
                             {{1, 3}, backlight::LedFault::Shorted},
                             {{1, 4}, backlight::LedFault::Shorted},
                             {{1, 5}, backlight::LedFault::Shorted}}}},
                    Faulty{"darkLed", {{{ledB9, backlight::LedFault::Dark}}}},
                    Faulty{"onTheChassis", {{}, {}, {{{0, 0}, 12, 1}}}},
                    Faulty{"onTheChassisNearItsEnd", {{}, {}, {{{1, 0}, 22, 2}}}}, Faulty{"noFeed", {}, "noFeed"},
                    Faulty{"notSwitching", {}, "notSwitching"}, Faulty{"notAsked", {}, "notAsked"},
                    Faulty{"notAskedUnfed", {}, "notAskedUnfed"}, Faulty{"notStarted", {}, "notStarted"},
                    Faulty{"notStartedUnfed", {}, "notStartedUnfed"}, Faulty{"dimAtZero", {}, "dimAtZero"},
                    Faulty{"weakSupply", {}, "weakSupply"}, Faulty{"starved", {}, "starved"},
                    Faulty{"lockedOut", {}, "lockedOut"}, Faulty{"tripsEarly", {}, "tripsEarly"}),
    [](const auto& info) { return info.param.name; });

// Common practice, no source: a handheld meter averages 300 ms and shows three readings a second.
TEST(Meter, AveragesAwayAShortPeak) {
    std::vector<double> volts(3000, 48);
    std::fill(volts.begin() + 1000, volts.begin() + 1060, 180);
    const auto view = throughMeter(volts, 1e-3);
    EXPECT_EQ(view.readings.size(), 9u);
    EXPECT_LE(view.highest, 48 + 132 * 0.06 / 0.3 + 1e-9);
    EXPECT_GT(view.highest, 50);
    EXPECT_EQ(view.shape, Shape::PeakThenSettles);
}

TEST(Meter, TellsSteadyPeakAndWander) {
    std::vector<double> volts(6000, 100);
    EXPECT_EQ(throughMeter(volts, 1e-3).shape, Shape::Steady);
    for (std::size_t i = 0; i < volts.size(); ++i) {
        volts[i] = 100 + 40 * std::sin(double(i) * 1e-3 * 2);
    }
    const auto wander = throughMeter(volts, 1e-3);
    EXPECT_EQ(wander.shape, Shape::Wanders);
    EXPECT_NEAR(wander.volts, 140, 3);
    EXPECT_NEAR(wander.rest, 60, 3);
}

TEST(Meter, OfLessThanItsFirstReadingIsEmpty) {
    EXPECT_TRUE(throughMeter({}, 1e-3).readings.empty());
    const std::vector<double> tenth(100, 48);
    EXPECT_TRUE(throughMeter(tenth, 1e-3).readings.empty());
}

TEST(SwitchOn, AskedToStopEndsWithWhatItHas) {
    const auto panel = board();
    std::stop_source stop;
    stop.request_stop();
    const auto watched = [&](const std::stop_token& token) {
        return driver::switchOn(panel, 0, referenceOf(panel), {}, {}, 3, false, token).samples.size();
    };
    EXPECT_GT(watched({}), 1000u);
    EXPECT_EQ(watched(stop.get_token()), 0u);
}

}  // namespace
}  // namespace dimglow::driver
