#include "core/circuit/diode_model.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/backlight/led.h"

namespace dimglow {
namespace {

// CODATA 2018: k_B = 1.380649e-23 J/K and e = 1.602176634e-19 C, both exact, so k_B·300 K/e = 25.85200 mV.
TEST(ThermalVolts, IsTheCodataValueAt300Kelvin) {
    EXPECT_NEAR(circuit::thermalVolts(300), 25.85200e-3, 1e-8);
}

// The definition of the function, Algorithm 917 (ACM TOMS 38(3), 2012): w + ln w = z.
TEST(WrightOmega, SolvesItsEquationOverTheWholeRange) {
    for (double z = -600; z <= 2000; z += 0.37) {
        const double w = circuit::wrightOmega(z);
        ASSERT_GT(w, 0) << z;
        if (z > -30) {
            ASSERT_NEAR(w + std::log(w), z, 4e-15 * (1 + std::abs(z))) << z;
        } else {
            ASSERT_NEAR(std::log(w), z, 1e-12 * std::abs(z)) << z;
        }
    }
}

// Algorithm 917: ω(1) = 1, and ω(0) is the omega constant 0.567143290409783872...
TEST(WrightOmega, HasItsKnownValues) {
    EXPECT_DOUBLE_EQ(circuit::wrightOmega(1), 1);
    EXPECT_NEAR(circuit::wrightOmega(0), 0.567143290409783873, 1e-15);
}

struct Rated {
    int dies;
    double volts;
    double amps;
};

class RatedLed : public testing::TestWithParam<Rated> {
protected:
    circuit::DiodeModel model() const {
        backlight::LedSpec spec;
        spec.dies = GetParam().dies;
        spec.ratedVolts = GetParam().volts;
        spec.ratedAmps = GetParam().amps;
        return backlight::ledCurve(spec);
    }
};

TEST_P(RatedLed, PassesThroughItsRatedPoint) {
    EXPECT_NEAR(model().volts(GetParam().amps), GetParam().volts, 1e-12);
}

TEST_P(RatedLed, ConductIsTheInverseOfVolts) {
    for (double amps = 1e-9; amps < 2; amps *= 3) {
        const auto found = circuit::conduct(model(), model().volts(amps));
        EXPECT_NEAR(found.amps, amps, 1e-9 * amps);
    }
}

TEST_P(RatedLed, SlopeIsTheDerivativeOfTheCurrent) {
    for (double volts = 0.7 * GetParam().volts; volts < 1.2 * GetParam().volts; volts += 0.05) {
        const double h = 1e-5;
        const double numeric =
            (circuit::conduct(model(), volts + h).amps - circuit::conduct(model(), volts - h).amps) / (2 * h);
        EXPECT_NEAR(circuit::conduct(model(), volts).siemens, numeric, 1e-4 * numeric + 1e-12);
    }
}

TEST_P(RatedLed, LosesTwoMillivoltsPerKelvinAndDie) {
    backlight::LedSpec spec{GetParam().dies, GetParam().volts, GetParam().amps};
    const double cold = backlight::ledCurve(spec, 25).volts(0.03);
    const double hot = backlight::ledCurve(spec, 75).volts(0.03);
    EXPECT_NEAR(hot - cold, -0.1 * GetParam().dies, 1e-9);  // -2 mV/K: from memory
}

TEST_P(RatedLed, BlocksBackwardsUntilItBreaksDown) {
    const double limit = model().breakdownVolts * GetParam().dies;
    EXPECT_NEAR(circuit::conduct(model(), -0.8 * limit).amps, 0, 1e-9);
    EXPECT_LT(circuit::conduct(model(), -1.1 * limit).amps, -1e-3);
}

INSTANTIATE_TEST_SUITE_P(Classes, RatedLed,
                         testing::Values(Rated{1, 3.1, 0.35}, Rated{1, 2.9, 0.06}, Rated{2, 6.2, 0.2},
                                         Rated{3, 9.4, 0.1}));

// From memory: a 3.1 V / 350 mA white LED needs about 2.6 V at 1 mA and about 2.8 V at 30 mA.
TEST(LedCurve, ReadsWellUnderItsRatingOnATester) {
    const auto model = backlight::ledCurve({1, 3.1, 0.35});
    EXPECT_NEAR(model.volts(0.001), 2.6, 0.05);
    EXPECT_NEAR(model.volts(0.03), 2.8, 0.05);
}

TEST(LedCurve, RefusesWhatIsNoLed) {
    backlight::LedSpec spec;
    spec.ratedVolts = 0.1;
    EXPECT_THROW(backlight::ledCurve(spec), std::invalid_argument);
    spec = {};
    spec.dies = 0;
    EXPECT_THROW(backlight::ledCurve(spec), std::invalid_argument);
    spec = {};
    spec.ratedAmps = -1;
    EXPECT_THROW(backlight::ledCurve(spec), std::invalid_argument);
    EXPECT_THROW(backlight::ledCurve({}, std::nan("")), std::invalid_argument);
}

TEST(MergedDies, BehaveAsTheSameDiesOneByOne) {
    const auto one = backlight::ledCurve({});
    auto twelve = one;
    twelve.dies = 12;
    for (const double amps : {1e-6, 0.03, 0.35}) {
        EXPECT_NEAR(twelve.volts(amps), 12 * one.volts(amps), 1e-12);
        EXPECT_NEAR(circuit::conduct(twelve, 12 * one.volts(amps)).amps, amps, 1e-9 * amps);
    }
}

}  // namespace
}  // namespace dimglow
