// Lines as people write them: read as meant, or refused. Never something else.

#include <gtest/gtest.h>

#include <clocale>
#include <cmath>

#include "core/backlight/harness_line.h"
#include "core/backlight/led_fit.h"
#include "core/backlight/plain.h"
#include "core/job/reading_text.h"
#include "core/panelcheck/panel_check.h"

namespace dimglow::fields {
namespace {

using backlight::PlainDescription;

constexpr const char* refused = nullptr;

/// What each reader makes of a line, in a few words; "refused" when it does not take it.
std::string volts(const char* text) {
    const auto read = job::readTypedVolts(text);
    const auto* v = std::get_if<job::TypedVolts>(&read);
    if (v == nullptr) {
        return "refused";
    }
    char words[60];
    const char* format = v->shape == evidence::Shape::Steady            ? "%.10g"
                         : v->shape == evidence::Shape::PeakThenSettles ? "%.10g>%.10g"
                                                                        : "%.10g~%.10g";
    const bool wanders = v->shape == evidence::Shape::Wanders;
    std::setlocale(LC_NUMERIC, "C");
    std::snprintf(words, sizeof words, format, wanders ? v->restVolts : v->volts, wanders ? v->volts : v->restVolts);
    return words;
}

struct Typed {
    const char* text;
    const char* meant;  ///< null: it must be refused
};

const Typed voltages[] = {{"184.1", "184.1"},
                          {"184,1", "184.1"},
                          {" 184.1 ", "184.1"},
                          {"184.1V", "184.1"},
                          {"184.1 V", "184.1"},
                          {"184.1 v", "184.1"},
                          {"184 volt", "184"},
                          {"184 volts", "184"},
                          {"184 VDC", "184"},
                          {"0", "0"},
                          {"0.0", "0"},
                          {".5", "0.5"},
                          {",5", "0.5"},
                          {"3,28 V", "3.28"},
                          {"184 > 48", "184>48"},
                          {"184>48", "184>48"},
                          {"184 V > 48 V", "184>48"},
                          {"184V>48V", "184>48"},
                          {"184 → 48", "184>48"},
                          {"184→48", "184>48"},
                          {"184 -> 48", "184>48"},
                          {"184->48", "184>48"},
                          {"184 => 48", "184>48"},
                          {"184 then 48", "184>48"},
                          {"184 falls to 48", "184>48"},
                          {"184,5 > 48,2", "184.5>48.2"},
                          {"48 ~ 184", "48~184"},
                          {"48~184", "48~184"},
                          {"184 ~ 48", "48~184"},
                          {"48-184", "48~184"},
                          {"48 - 184", "48~184"},
                          {"48 – 184", "48~184"},
                          {"48 … 184", "48~184"},
                          {"48...184", "48~184"},
                          {"48 to 184", "48~184"},
                          {"48V to 184V", "48~184"},
                          {"48\xC2\xA0V", "48"},
                          {"", refused},
                          {" ", refused},
                          {"V", refused},
                          {"abc", refused},
                          {"24 48", refused},
                          {"3.3 0", refused},
                          {"1 84", refused},
                          {"12..5", refused},
                          {"1.2.3", refused},
                          {"1e9", refused},
                          {"1e2", refused},
                          {"0x10", refused},
                          {"nan", refused},
                          {"inf", refused},
                          {"-3", refused},
                          {"- 3", refused},
                          {"12 >", refused},
                          {"> 12", refused},
                          {"48 > 184", refused},
                          {"48 > 48", refused},
                          {"1 ~ 2 ~ 3", refused},
                          {"184 > 48 > 24", refused},
                          {"12 mV?", refused},
                          {"184.", refused},
                          {"6000", refused},
                          {"12 >> 5", refused},
                          {"184;48", refused},
                          {"184/48", refused},
                          {"one hundred", refused},
                          {"18 4 > 48", refused},
                          {"184 V V", refused},
                          {"1,184.5", "1184.5"}};

class Voltage : public testing::TestWithParam<Typed> {};

TEST_P(Voltage, IsReadAsMeantOrRefused) {
    EXPECT_EQ(volts(GetParam().text), GetParam().meant == nullptr ? "refused" : GetParam().meant) << GetParam().text;
}

INSTANTIATE_TEST_SUITE_P(AsTyped, Voltage, testing::ValuesIn(voltages));

// ---- amounts -----------------------------------------------------------------------------------------------------

std::string money(const char* text) {
    const auto read = job::readTypedAmount(text, {0, 1e6, job::Unit::Money});
    const auto* value = std::get_if<double>(&read);
    return value == nullptr ? "refused" : std::to_string(std::lround(100 * *value));
}

class Amount : public testing::TestWithParam<Typed> {};

TEST_P(Amount, IsReadInHundredthsOrRefused) {
    EXPECT_EQ(money(GetParam().text), GetParam().meant == nullptr ? "refused" : GetParam().meant) << GetParam().text;
}

INSTANTIATE_TEST_SUITE_P(AsTyped, Amount,
                         testing::Values(Typed{"420", "42000"}, Typed{"420 EUR", "42000"}, Typed{"420 €", "42000"},
                                         Typed{"19.90", "1990"}, Typed{"19,90", "1990"}, Typed{"0", "0"},
                                         Typed{"0.500", "50"}, Typed{"9000 h", refused}, Typed{"9000 hours", refused},
                                         Typed{"1.200", refused}, Typed{"1,200", refused}, Typed{"12.500", refused},
                                         Typed{"1.200 EUR", refused}, Typed{"1 200", "120000"}, Typed{"-5", refused},
                                         Typed{"1.200.000", refused}, Typed{"much", refused}, Typed{"1e4", refused},
                                         Typed{"2000000", refused}, Typed{"", refused}));

// ---- units ---------------------------------------------------------------------------------------------------------

/// In thousandths of the expected unit.
std::string quantity(const char* text, job::Unit unit) {
    const auto read = job::readTypedNumber(text, {0, 5000, unit});
    const auto* value = std::get_if<double>(&read);
    return value == nullptr ? "refused" : std::to_string(std::lround(1000 * *value));
}

struct InUnit {
    const char* text;
    job::Unit unit;
    const char* meant;  ///< null: it must be refused
};

class UnitBehindANumber : public testing::TestWithParam<InUnit> {};

TEST_P(UnitBehindANumber, IsHeededOrRefusedNeverDropped) {
    const auto& [text, unit, meant] = GetParam();
    EXPECT_EQ(quantity(text, unit), meant == nullptr ? "refused" : meant) << text;
}

using job::Unit;
INSTANTIATE_TEST_SUITE_P(
    AsTyped, UnitBehindANumber,
    testing::Values(InUnit{"240", Unit::Milliamps, "240000"}, InUnit{"240 mA", Unit::Milliamps, "240000"},
                    InUnit{"240mA", Unit::Milliamps, "240000"}, InUnit{"0.24 A", Unit::Milliamps, "240000"},
                    InUnit{"0,24 amps", Unit::Milliamps, "240000"}, InUnit{"6 A", Unit::Milliamps, refused},
                    InUnit{"24 V", Unit::Milliamps, refused}, InUnit{"240 %", Unit::Milliamps, refused},
                    InUnit{"350 mA", Unit::Amps, "350"}, InUnit{"0.35 A", Unit::Amps, "350"},
                    InUnit{"12 V", Unit::Amps, refused}, InUnit{"184 V", Unit::Volts, "184000"},
                    InUnit{"184 mA", Unit::Volts, refused}, InUnit{"3 A", Unit::Volts, refused},
                    InUnit{"184 mV", Unit::Volts, "184"}, InUnit{"12", Unit::Count, "12000"},
                    InUnit{"3.5", Unit::Count, refused}, InUnit{"12 V", Unit::Count, refused},
                    InUnit{"40 °C", Unit::Celsius, "40000"}, InUnit{"40 C", Unit::Celsius, "40000"},
                    InUnit{"40 %", Unit::Celsius, refused}, InUnit{"30 min", Unit::Minutes, "30000"},
                    InUnit{"2 h", Unit::Minutes, refused}, InUnit{"500 hours", Unit::Hours, "500000"},
                    InUnit{"5 €", Unit::Hours, refused}, InUnit{"80 %", Unit::Percent, "80000"},
                    InUnit{"300 mm", Unit::Millimetres, "300000"}, InUnit{"5 V", Unit::None, refused},
                    InUnit{"mA", Unit::Milliamps, refused}, InUnit{"1 A A", Unit::Amps, refused}));

TEST(UnitOfAVoltage, WithOrWithoutAShapeIsHeeded) {
    EXPECT_EQ(volts("184 mA"), "refused");
    EXPECT_EQ(volts("184 mA > 48 mA"), "refused");
    EXPECT_EQ(volts("48 to 184 A"), "refused");
}

// ---- days --------------------------------------------------------------------------------------------------------

class Day : public testing::TestWithParam<Typed> {};

TEST_P(Day, IsReadFromAWednesdayOrRefused) {
    const auto read = job::readTypedDay(GetParam().text, "2026-11-25");
    const auto* day = std::get_if<job::TypedDay>(&read);
    EXPECT_EQ(day == nullptr ? "refused" : day->iso, GetParam().meant == nullptr ? "refused" : GetParam().meant)
        << GetParam().text;
}

INSTANTIATE_TEST_SUITE_P(
    AsTyped, Day,
    testing::Values(Typed{"2026-12-04", "2026-12-04"}, Typed{" 2026-12-04 ", "2026-12-04"},
                    Typed{"today", "2026-11-25"}, Typed{"Tomorrow", "2026-11-26"}, Typed{"in 3 days", "2026-11-28"},
                    Typed{"in 1 day", "2026-11-26"}, Typed{"in a week", "2026-12-02"},
                    Typed{"in 2 weeks", "2026-12-09"}, Typed{"next week", "2026-12-02"}, Typed{"Friday", "2026-11-27"},
                    Typed{"fri", "2026-11-27"}, Typed{"Wednesday", "2026-12-02"}, Typed{"Monday", "2026-11-30"},
                    Typed{"next Friday", "2026-12-04"}, Typed{"4.12.2026", "2026-12-04"}, Typed{"4.12.", "2026-12-04"},
                    Typed{"04.12.26", "2026-12-04"}, Typed{"4 Dec", "2026-12-04"}, Typed{"Dec 4", "2026-12-04"},
                    Typed{"4 December 2026", "2026-12-04"}, Typed{"1 March", "2027-03-01"},
                    Typed{"29.2.2028", "2028-02-29"}, Typed{"some day", refused}, Typed{"29.2.2027", refused},
                    Typed{"2026-13-01", refused}, Typed{"31.11.", refused}, Typed{"4/12", refused},
                    Typed{"12", refused}, Typed{"in days", refused}, Typed{"in 5000 days", refused},
                    Typed{"f", refused}, Typed{"0026-12-04", refused}, Typed{"next", refused}));

// ---- a backlight in one line -------------------------------------------------------------------------------------

struct Line {
    const char* text;
    const char* likeness;  ///< a line that says the same; null: it must be refused
};

const Line lines[] = {{"4x12", "4 strips × 12"},
                      {"4 x 12", "4 strips × 12"},
                      {"4×12", "4 strips × 12"},
                      {"4 * 12", "4 strips × 12"},
                      {"4 strips x 12", "4 strips × 12"},
                      {"4 strips of 12", "4 strips × 12"},
                      {"4 strips with 12 LEDs", "4 strips × 12"},
                      {"4 strips of 12 LEDs each", "4 strips × 12"},
                      {"four strips x 12", "4 strips × 12"},
                      {"4 rows x 12", "4 strips × 12"},
                      {"4 bars × 12", "4 strips × 12"},
                      {"4 strips, 12 LEDs", "4 strips × 12"},
                      {"4 strips, 12 LEDs per strip", "4 strips × 12"},
                      {"12 leds each, 4 strips", "4 strips × 12"},
                      {"4 STRIPS X 12", "4 strips × 12"},
                      {"4x12.", "4 strips × 12"},
                      {"4x12, 0.24 A", "4 strips × 12, 240 mA"},
                      {"4x12, 0,24 A", "4 strips × 12, 240 mA"},
                      {"4x12, 240mA", "4 strips × 12, 240 mA"},
                      {"4x12, 240 ma per string", "4 strips × 12, 240 mA"},
                      {"4x12, 240 milliamps", "4 strips × 12, 240 mA"},
                      {"4x12, 0.24 amps", "4 strips × 12, 240 mA"},
                      {"4x12, 3V", "4 strips × 12, 3 V"},
                      {"4x12, 3 volt", "4 strips × 12, 3 V"},
                      {"4x12, 3 volts", "4 strips × 12, 3 V"},
                      {"4x12, 3 V class", "4 strips × 12, 3 V"},
                      {"4x12, 3V LEDs", "4 strips × 12, 3 V"},
                      {"4x12; 3,2 V", "4 strips × 12, 3.2 V"},
                      {"4x12, 6 volt", "4 strips × 12, 6 V"},
                      {"4x12, rated 0.35 A", "4 strips × 12, rated 350 mA"},
                      {"4x12, LED rated 350 mA", "4 strips × 12, rated 350 mA"},
                      {"4x12, label 146", "4 strips × 12, label 146 V"},
                      {"4x12, label 146V", "4 strips × 12, label 146 V"},
                      {"4x12, LED+ 146 V", "4 strips × 12, label 146 V"},
                      {"4x12, LED+ label 146", "4 strips × 12, label 146 V"},
                      {"4x12, labelled 146 V", "4 strips × 12, label 146 V"},
                      {"4x12, label 61,5", "4 strips × 12, label 61.5 V"},
                      {"4x12, idle 48", "4 strips × 12, idle 48 V"},
                      {"4x12, idles at 48 V", "4 strips × 12, idle 48 V"},
                      {"4x12, LED+ idle 48V", "4 strips × 12, idle 48 V"},
                      {"4x12, 940x530mm", "4 strips × 12, 940 × 530 mm"},
                      {"4x12, 94 x 53 cm", "4 strips × 12, 940 × 530 mm"},
                      {"4x12, panel 940 × 530 mm", "4 strips × 12, 940 × 530 mm"},
                      {"4x12, pitch 75", "4 strips × 12, pitch 75 mm"},
                      {"4x12, LED pitch 75 mm", "4 strips × 12, pitch 75 mm"},
                      {"4x12, one string", "4 strips × 12, one string"},
                      {"4x12, 1 string", "4 strips × 12, one string"},
                      {"4x12, in one string", "4 strips × 12, one string"},
                      {"4x12, single string", "4 strips × 12, one string"},
                      {"4x12, in series", "4 strips × 12, one string"},
                      {"4x12, all in series", "4 strips × 12, one string"},
                      {"4x12, two strings", "4 strips × 12, 2 strings"},
                      {"4x12, 2 strips a string", "4 strips × 12, 2 strings"},
                      {"4x12, 2 strips per string", "4 strips × 12, 2 strings"},
                      {"4x12, 2 strings, 2 strips per string", "4 strips × 12, 2 strings"},
                      {"4x12, a string per strip", "4 strips × 12, each its own string"},
                      {"4x12, each strip is a string", "4 strips × 12, each its own string"},
                      {"4x12, four strings", "4 strips × 12, each its own string"},
                      {"4x12, 2 strips per string, 2 strings per channel", "4 strips × 12, 2 strings in parallel"},
                      {"4x12, 2 strings per channel, 2 strings", "4 strips × 12, 2 strings in parallel"},
                      {"4x12, fed from two ends", "4 strips × 12, fed from both ends"},
                      {"4x12, pairs", "4 strips × 12, 2P"},
                      {"4x12, in pairs", "4 strips × 12, 2P"},
                      {"4x12, two chains", "4 strips × 12, 2 chains"},
                      {"4x12, 2 series chains", "4 strips × 12, 2 chains"},
                      {"4x12, under the mask", "4 strips × 12, under mask"},
                      {"4x12, under solder mask", "4 strips × 12, under mask"},
                      {"4x12, under lens", "4 strips × 12, under lenses"},
                      {"4x12, pads", "4 strips × 12, bare pads"},
                      {"4x12, connector 2-pin white", "4 strips × 12, plug 2-pin white"},
                      {"4x12, along the top edge", "4 strips × 12, top edge"},
                      {"4x12, 3 V, 3 V", "4 strips × 12, 3 V"},
                      {"", ""},
                      {",,", ""},
                      {"4x12, 3 strings", refused},
                      {"4x12, 5 strings", refused},
                      {"5x12, 2 strings", refused},
                      {"4x12, 5 strips per string", refused},
                      {"4x12, 2 strings, 3 strips per string", refused},
                      {"4x12, 6x8", refused},
                      {"4x12, 3 V, 6 V", refused},
                      {"4x12, 240 mA, 300 mA", refused},
                      {"4x12, one string, 2 strings", refused},
                      {"4x12, label 146, label 150", refused},
                      {"4x12, each its own string, 2 strips per string", refused},
                      {"4x12, under mask, under lens", refused},
                      {"4x12, top edge, bottom edge", refused},
                      {"4x12, idle 24, idle 48", refused},
                      {"4x12,3 V", refused},
                      {"4 12", refused},
                      {"4x", refused},
                      {"x12", refused},
                      {"4xx12", refused},
                      {"4x12, purple", refused},
                      {"4x12, 240", refused},
                      {"4x12, V", refused},
                      {"4x12, -3 V", refused},
                      {"0x12", refused},
                      {"4x0", refused},
                      {"4x12, 0 mA", refused},
                      {"4x12, 90 V", refused},
                      {"300x2", refused},
                      {"1x11, 2P", refused},
                      {"100x100", refused},
                      {"4x12, 50 A", refused},
                      {"4x12, 24 48 V", refused},
                      {"4x12, pitch 9000 mm", refused},
                      {"1x400, 6 V", refused},
                      {"4x12, 2p, 2 chains", refused},
                      {"4x12, 940x530", refused}};

class OneLine : public testing::TestWithParam<Line> {};

TEST_P(OneLine, IsReadAsMeantOrRefused) {
    const auto read = backlight::readLine(GetParam().text);
    const auto* plain = std::get_if<PlainDescription>(&read);
    if (GetParam().likeness == nullptr) {
        EXPECT_EQ(plain, nullptr) << GetParam().text << " is read as " << backlight::lineOf(*plain);
        return;
    }
    const auto* problem = std::get_if<typing::LineProblem>(&read);
    ASSERT_NE(plain, nullptr) << GetParam().text << ": " << problem->words << " " << problem->reason;
    const auto like = backlight::readLine(GetParam().likeness);
    EXPECT_EQ(backlight::lineOf(*plain), backlight::lineOf(std::get<PlainDescription>(like))) << GetParam().text;
    EXPECT_TRUE(problemsOf(plainBacklight(*plain)).empty()) << "what is read can be stored and read back";
}

INSTANTIATE_TEST_SUITE_P(AsTyped, OneLine, testing::ValuesIn(lines));

// ---- supplies, points --------------------------------------------------------------------------------------------

TEST(Supplies, AsTheyAreWritten) {
    const auto same = std::get<0>(panelcheck::readSupplies("30 V 3 A"));
    for (const char* text : {"30V/3A", "30 V / 3 A", "30V 3A", "30 volts 3 amps", "30 v, ", "30V3A"}) {
        const auto read = panelcheck::readSupplies(text);
        const bool whole = std::string_view(text).find("3A") != std::string_view::npos ||
                           std::string_view(text).find('3', 1) != std::string_view::npos;
        if (whole && std::string_view(text).find(',') == std::string_view::npos) {
            ASSERT_TRUE(std::holds_alternative<std::vector<panelcheck::BenchSupply>>(read)) << text;
            EXPECT_EQ(std::get<0>(read), same) << text;
        } else {
            EXPECT_TRUE(std::holds_alternative<typing::LineProblem>(read)) << text;
        }
    }
    EXPECT_EQ(std::get<0>(panelcheck::readSupplies("2 × 120V/1A/300V")).size(), 2u);
}

TEST(MeasuredPoints, AsTheyAreWritten) {
    const auto same = std::get<0>(backlight::readPoints("2.61 V at 1 mA"));
    for (const char* text :
         {"2,61 V at 1 mA", "2.61V@1mA", "2.61 V @ 1 mA", "2.61V 1mA", "2.61 V / 1 mA", "2.61 volts at 1 milliamp"}) {
        const auto read = backlight::readPoints(text);
        ASSERT_TRUE(std::holds_alternative<std::vector<backlight::CurvePoint>>(read)) << text;
        EXPECT_EQ(std::get<0>(read), same) << text;
    }
}

// ---- locale ------------------------------------------------------------------------------------------------------

/// Every reader again where the decimal sign is a comma.
class WithADecimalComma : public testing::TestWithParam<const char*> {
protected:
    WithADecimalComma() : before_(std::setlocale(LC_ALL, nullptr)) {
        setenv("LOCPATH", DIMGLOW_LOCALES, 1);
        std::setlocale(LC_ALL, GetParam());
    }
    ~WithADecimalComma() override { std::setlocale(LC_ALL, before_.c_str()); }
    std::string before_;
};

TEST_P(WithADecimalComma, LinesKeepTheirDecimals) {
    ASSERT_STREQ(std::localeconv()->decimal_point, ",") << GetParam() << " is not installed";
    const auto plain = std::get<PlainDescription>(backlight::readLine("4x12, 3.2 V, 0.24 A, idle 48.5 V, label 61.5"));
    EXPECT_EQ(plain.led.ratedVolts, 3.2);
    EXPECT_EQ(plain.idleVolts, 48.5);
    EXPECT_EQ(plain.amps, 0.24);
    EXPECT_EQ(plain.feeds.front().labelVolts, 61.5);
    EXPECT_EQ(std::get<double>(job::readTypedNumber("48.5", {0, 100})), 48.5);
    EXPECT_EQ(std::get<double>(job::readTypedNumber("48,5", {0, 100})), 48.5);
    EXPECT_EQ(std::get<job::TypedVolts>(job::readTypedVolts("184.1 > 48.2")).restVolts, 48.2);
    EXPECT_EQ(std::get<0>(backlight::readPins("+ red 0.2 ohm"))[0].ohms, 0.2);
    EXPECT_EQ(std::get<0>(panelcheck::readSupplies("30.5 V 1.5 A"))[0].maxAmps, 1.5);
    EXPECT_EQ(std::get<0>(backlight::readPoints("2.61 V at 1.5 mA"))[0].volts, 2.61);
    EXPECT_EQ(std::get<parts::LedCheckReading>(job::readTypedLed("2.9 lit")).volts, 2.9);
    EXPECT_NE(backlight::lineOf(plain).find("3.2 V"), std::string::npos);
}

INSTANTIATE_TEST_SUITE_P(Locales, WithADecimalComma, testing::Values("de_DE.UTF-8", "fr_FR.UTF-8"),
                         [](const auto& info) { return std::string(info.param, 2); });

}  // namespace
}  // namespace dimglow::fields
