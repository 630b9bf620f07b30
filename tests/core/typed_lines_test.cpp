// Sensible lines of people at a bench, in English and German: each is read as meant, or asked about where it may mean
// two things; none is refused, none becomes something else. And lines that once became something else.

#include <fmt/format.h>
#include <gtest/gtest.h>

#include "core/backlight/harness_line.h"
#include "core/backlight/led_fit.h"
#include "core/backlight/plain.h"
#include "core/job/reading_text.h"
#include "core/panelcheck/panel_check.h"
#include "core/parts/part_line.h"

namespace dimglow {
namespace {

using typing::Tongue;
constexpr auto en = Tongue::English;
constexpr auto de = Tongue::German;
using parts::PartKind;

/// Where a line is typed.
struct Field {
    enum class Takes { Volts, Number, Amount, Day, Led, Glow, Part, Printed, Strips, Pins, Curve, Supplies, Tester };
    Takes takes;
    job::Unit unit = job::Unit::None;
    PartKind part = PartKind::Fuse;
};
using Takes = Field::Takes;
constexpr Field volts{Takes::Volts};
constexpr Field watts{Takes::Number, job::Unit::Watts};
constexpr Field milliamps{Takes::Number, job::Unit::Milliamps};
constexpr Field minutes{Takes::Number, job::Unit::Minutes};
constexpr Field hours{Takes::Amount, job::Unit::Hours};
constexpr Field money{Takes::Amount, job::Unit::Money};
constexpr Field day{Takes::Day};
constexpr Field led{Takes::Led};
constexpr Field glow{Takes::Glow};
constexpr Field strips{Takes::Strips};
constexpr Field pins{Takes::Pins};
constexpr Field curve{Takes::Curve};
constexpr Field supplies{Takes::Supplies};
constexpr Field tester{Takes::Tester};
constexpr Field part(PartKind kind) {
    return {Takes::Part, job::Unit::None, kind};
}
constexpr Field printed(PartKind kind) {
    return {Takes::Printed, job::Unit::None, kind};
}
constexpr Field electrolytic = part(PartKind::Electrolytic);
constexpr Field film = part(PartKind::Film);
constexpr Field diode = part(PartKind::Diode);
constexpr Field fuse = part(PartKind::Fuse);
constexpr Field resistor = part(PartKind::Resistor);
constexpr Field sense = part(PartKind::Sense);
constexpr Field rail = part(PartKind::Rail);
constexpr Field enable = part(PartKind::EnablePin);
constexpr Field dimming = part(PartKind::DimmingPin);
constexpr Field coil = part(PartKind::Coil);

std::string inShort(const parts::PartReading& r) {
    std::string words;
    const auto add = [&](const char* name, const std::optional<double>& value) {
        words += value ? fmt::format("{}{} {:.6g}", words.empty() ? "" : ", ", name, *value) : "";
    };
    add("F", r.farads);
    add("ESR", r.esrOhms);
    add("ohms", r.ohms);
    add("forward", r.forwardVolts);
    add("reverse", r.reverseVolts);
    add("V", r.volts);
    add("duty", r.dutyShare);
    add("Hz", r.hertz);
    add("rings", r.rings);
    return words + (r.inCircuit ? "" : " out");
}

/// What the field makes of a line: in few words, "?" and the question where it asks or refuses.
std::string readAs(const Field& field, std::string_view line, Tongue tongue) {
    const auto orWhy = [](const auto& read, auto words) -> std::string {
        const auto* problem = std::get_if<text::Text>(&read);
        return problem != nullptr ? "? " + problem->english() : words(std::get<0>(read));
    };
    const auto orWhere = [](const auto& read, auto words) -> std::string {
        const auto* problem = std::get_if<typing::LineProblem>(&read);
        return problem != nullptr ? "? " + problem->words + " " + problem->reason.english() : words(std::get<0>(read));
    };
    const auto plain = [](double value) { return fmt::format("{:.6g}", value); };
    switch (field.takes) {
        case Takes::Volts:
            return orWhy(job::readTypedVolts(line, tongue), [](const job::TypedVolts& v) {
                return v.shape == evidence::Shape::Steady ? fmt::format("{:.6g}", v.volts)
                       : v.shape == evidence::Shape::PeakThenSettles
                           ? fmt::format("{:.6g}>{:.6g}", v.volts, v.restVolts)
                           : fmt::format("{:.6g}~{:.6g}", v.restVolts, v.volts);
            });
        case Takes::Number:
            return orWhy(job::readTypedNumber(line, {0, 5000, field.unit}, tongue), plain);
        case Takes::Amount:
            return orWhy(job::readTypedAmount(line, {0, 200000, field.unit}, tongue), plain);
        case Takes::Day:
            return orWhy(job::readTypedDay(line, "2026-11-25", tongue), [](const auto& d) { return d.iso; });
        case Takes::Led:
            return orWhy(job::readTypedLed(line, tongue), [](const parts::LedCheckReading& r) {
                return (r.volts ? fmt::format("{:.6g}", *r.volts) : "OL") +
                       (!r.reverseTried  ? ""
                        : r.reverseVolts ? fmt::format("/{:.6g}", *r.reverseVolts)
                                         : "/OL") +
                       (!r.lit   ? ""
                        : *r.lit ? " lit"
                                 : " dark");
            });
        case Takes::Glow: {
            constexpr const char* names[] = {"lit", "dim", "dark", "tinted"};
            using Glow = evidence::LedSeen::Glow;
            const auto read = job::readTypedGlow(line, tongue);
            return !read ? "?" : names[*read == Glow::Lit ? 0 : *read == Glow::Dim ? 1 : *read == Glow::Dark ? 2 : 3];
        }
        case Takes::Part:
            return orWhy(parts::readTypedPart(field.part, line, tongue), [](const parts::TypedPart& typed) {
                const std::string rated = parts::lineOf(typed.ratings);
                return (typed.ref.empty() ? "" : typed.ref + ": ") + inShort(typed.reading) +
                       (rated.empty() ? "" : " of " + rated);
            });
        case Takes::Printed:
            return orWhy(parts::readTypedRatings(field.part, line, tongue),
                         [](const parts::Ratings& ratings) { return parts::lineOf(ratings); });
        case Takes::Strips:
            return orWhere(backlight::readLine(line, backlight::undescribed(), tongue),
                           [](const auto& plainly) { return backlight::lineOf(plainly); });
        case Takes::Pins:
            return orWhere(backlight::readPins(line, tongue), [](const auto& read) { return backlight::lineOf(read); });
        case Takes::Curve:
            return orWhere(backlight::readPoints(line, tongue),
                           [](const auto& read) { return backlight::lineOf(read); });
        case Takes::Supplies:
            return orWhere(panelcheck::readSupplies(line, tongue),
                           [](const auto& read) { return panelcheck::lineOf(read); });
        case Takes::Tester:
            return orWhy(job::readTypedTester(line, 300, 18, tongue), [](const job::TypedTester& t) {
                return (t.volts ? fmt::format("{:.6g}", *t.volts) : "–") + (t.lit ? fmt::format(" {}", *t.lit) : "");
            });
    }
    return {};
}

struct Typed {
    Field field;
    const char* line;
    const char* meant;  ///< "?": it must be asked about
    Tongue tongue = en;
};

const Typed sensible[] = {
    // volts with a shape
    {volts, "about 184", "184"},
    {volts, "~184 V", "184"},
    {volts, "approx. 184", "184"},
    {volts, "184 steady", "184"},
    {volts, "steady at 178.4 V", "178.4"},
    {volts, "500 mV", "0.5"},
    {volts, "1.2 kV", "1200"},
    {volts, "184 dropping to 48", "184>48"},
    {volts, "184 drops to 48", "184>48"},
    {volts, "184 dropped to 48 V", "184>48"},
    {volts, "184, settles at 48", "184>48"},
    {volts, "190, falls to 40", "190>40"},
    {volts, "190 falling to 40", "190>40"},
    {volts, "190 down to 40", "190>40"},
    {volts, "peaks at 232 V then back to 66", "232>66"},
    {volts, "peak 232, then 66", "232>66"},
    {volts, "rises to 190 then falls to 40", "190>40"},
    {volts, "184 to 48", "184>48"},
    {volts, "from 184 to 48", "184>48"},
    {volts, "48−184", "48~184"},
    {volts, "from 48 to 184", "48~184"},
    {volts, "between 48 and 184", "48~184"},
    {volts, "hunts between 184 and 48", "48~184"},
    {volts, "wanders 48-184", "48~184"},
    {volts, "184-48", "?"},
    {volts, "peaks at 232", "?"},
    {volts, "1,200", "?"},
    {volts, "178,4 V", "178.4", de},
    {volts, "etwa 184", "184", de},
    {volts, "ca. 184 V", "184", de},
    {volts, "stabil 178", "178", de},
    {volts, "232 V, dann 66", "232>66", de},
    {volts, "Spitze 232, dann 66", "232>66", de},
    {volts, "190, fällt auf 40", "190>40", de},
    {volts, "fällt von 190 auf 40", "190>40", de},
    {volts, "190 sinkt auf 40", "190>40", de},
    {volts, "190 bricht zusammen auf 40", "190>40", de},
    {volts, "schwankt zwischen 48 und 184", "48~184", de},
    {volts, "pendelt von 48 bis 184", "48~184", de},
    {volts, "48 bis 184 V", "48~184", de},
    {volts, "1,5", "1.5", de},
    {volts, "1.200", "?", de},
    {volts, "1.234,5", "1234.5", de},
    // numbers
    {watts, "75 W", "75"},
    {watts, "75W", "75"},
    {watts, "about 75", "75"},
    {watts, "0.5 watts", "0.5"},
    {watts, "etwa 75 Watt", "75", de},
    {watts, "1,5 W", "1.5", de},
    {milliamps, "240mA", "240"},
    {milliamps, "0.24 A", "240"},
    {milliamps, "~240 mA", "240"},
    {milliamps, "0,24 A", "240", de},
    {minutes, "30 Minuten", "30", de},
    // amounts
    {hours, "about 14000", "14000"},
    {hours, "9k", "9000"},
    {hours, "9.5k h", "9500"},
    {hours, "~ 9000 hrs", "9000"},
    {hours, "12 000 h", "12000"},
    {hours, "12'000", "12000"},
    {hours, "14,000", "?"},
    {hours, "9000 Stunden", "9000", de},
    {hours, "etwa 14000 Std", "14000", de},
    {hours, "12.000", "?", de},
    {hours, "1.200", "?", de},
    {money, "£150", "150"},
    {money, "€420", "420"},
    {money, "420 €", "420"},
    {money, "$ 99", "99"},
    {money, "420 euro", "420"},
    {money, "about 150", "150"},
    {money, "1,250.50", "1250.5"},
    {money, "19,90 €", "19.9", de},
    {money, "150,-", "150", de},
    {money, "1.250,50", "1250.5", de},
    // days, seen from a Wednesday
    {day, "by Friday", "2026-11-27"},
    {day, "this Friday", "2026-11-27"},
    {day, "on Fri", "2026-11-27"},
    {day, "next Wednesday", "2026-12-09"},
    {day, "in two weeks", "2026-12-09"},
    {day, "the day after tomorrow", "2026-11-27"},
    {day, "4th May", "2027-05-04"},
    {day, "May 4th", "2027-05-04"},
    {day, "4 of May 2027", "2027-05-04"},
    {day, "4. Dec", "2026-12-04"},
    {day, "4/12", "?"},
    {day, "heute", "2026-11-25", de},
    {day, "morgen", "2026-11-26", de},
    {day, "übermorgen", "2026-11-27", de},
    {day, "Freitag", "2026-11-27", de},
    {day, "Fr", "2026-11-27", de},
    {day, "bis Freitag", "2026-11-27", de},
    {day, "kommenden Freitag", "2026-11-27", de},
    {day, "nächsten Freitag", "2026-12-04", de},
    {day, "nächste Woche", "2026-12-02", de},
    {day, "in 3 Tagen", "2026-11-28", de},
    {day, "in einer Woche", "2026-12-02", de},
    {day, "in zwei Wochen", "2026-12-09", de},
    {day, "4. Mai", "2027-05-04", de},
    {day, "4. Mai 2027", "2027-05-04", de},
    {day, "4. Dez.", "2026-12-04", de},
    {day, "am 4.12.", "2026-12-04", de},
    {day, "15.1.", "2027-01-15", de},
    // one LED
    {led, "2.9 unlit", "2.9 dark"},
    {led, "2.9 V, lit", "2.9 lit"},
    {led, "lit 2.9", "2.9 lit"},
    {led, "2.9 on", "2.9 lit"},
    {led, "0L", "OL"},
    {led, "O.L.", "OL"},
    {led, "open", "OL"},
    {led, "OL dark", "OL dark"},
    {led, "0.31/0L", "0.31/OL"},
    {led, "1.8 both ways", "1.8/1.8"},
    {led, "short", "0"},
    {led, "2,9 leuchtet", "2.9 lit", de},
    {led, "2,9 an", "2.9 lit", de},
    {led, "0,02 dunkel", "0.02 dark", de},
    {led, "1,8 in beide Richtungen", "1.8/1.8", de},
    {glow, "unlit", "dark"},
    {glow, "on", "lit"},
    {glow, "dunkel", "dark", de},
    {glow, "leuchtet", "lit", de},
    {glow, "schwach", "dim", de},
    // parts
    {diode, "0.31/OL", "forward 0.31, reverse inf"},
    {diode, "0.31/0L", "forward 0.31, reverse inf"},
    {diode, "0.55 OL", "forward 0.55, reverse inf"},
    {diode, "D8 0.31 / OL out", "D8: forward 0.31, reverse inf out"},
    {diode, "517", "forward 0.517"},
    {diode, "517 mV", "forward 0.517"},
    {diode, "517/OL", "forward 0.517, reverse inf"},
    {diode, "0.001 both ways", "forward 0.001, reverse 0.001"},
    {diode, "OL both ways", "forward inf, reverse inf"},
    {diode, "short both ways out of circuit", "forward 0, reverse 0 out"},
    {diode, "0,55 OL", "forward 0.55, reverse inf", de},
    {diode, "0,001 beide Richtungen", "forward 0.001, reverse 0.001", de},
    {diode, "0,31 / OL ausgelötet", "forward 0.31, reverse inf out", de},
    {electrolytic, "241u of 470 63V", "F 0.000241 of 470u 63V"},
    {electrolytic, "C12 241 µF, 4 Ω of 470µF 63 V", "C12: F 0.000241, ESR 4 of 470u 63V"},
    {electrolytic, "241u ESR 0.8", "F 0.000241, ESR 0.8"},
    {electrolytic, "400mΩ", "ESR 0.4"},
    {electrolytic, "ESR 400 mohm", "ESR 0.4"},
    {electrolytic, "shorted", "ohms 0"},
    {electrolytic, "1,000u", "?"},
    {electrolytic, "241u ESR 0,8 von 470u 63V", "F 0.000241, ESR 0.8 of 470u 63V", de},
    {electrolytic, "241 µF von 470 µF", "F 0.000241 of 470u", de},
    {film, "148n of 154J 400", "F 1.48e-07 of 0.15u 400V 5%"},
    {printed(PartKind::Electrolytic), "1000uF 25V", "1000u 25V"},
    {printed(PartKind::Electrolytic), "1000uF 25V 105C", "1000u 25V 105C"},
    {printed(PartKind::Electrolytic), "1000 µF / 25 V / 105 °C", "1000u 25V 105C"},
    {printed(PartKind::Electrolytic), "470 63V", "470u 63V"},
    {printed(PartKind::Electrolytic), "470u63", "470u 63V"},
    {printed(PartKind::Electrolytic), "2.2uF 450V", "2.2u 450V"},
    {printed(PartKind::Electrolytic), "2,2 µF 450 V", "2.2u 450V", de},
    {printed(PartKind::Film), "154J 400", "0.15u 400V 5%"},
    {printed(PartKind::Film), "0.15u 400V", "0.15u 400V"},
    {printed(PartKind::Film), "150n 400 V", "0.15u 400V"},
    {printed(PartKind::Film), "0,15 µF 400 V", "0.15u 400V", de},
    {printed(PartKind::Rail), "3V3", "3.3V"},
    {resistor, "98 of 100", "ohms 98 of 100R"},
    {resistor, "1 Meg", "ohms 1e+06"},
    {resistor, "1 Mohm", "ohms 1e+06"},
    {resistor, "1M", "ohms 1e+06"},
    {resistor, "4k7", "ohms 4700"},
    {resistor, "10 kohm", "ohms 10000"},
    {resistor, "47 \xE2\x84\xA6", "ohms 47"},
    {resistor, "4,700", "?"},
    {resistor, "4,7k", "ohms 4700", de},
    {sense, "220 mΩ of R22", "ohms 0.22 of 0.22R"},
    {sense, "0R22", "ohms 0.22"},
    {fuse, "0.2", "ohms 0.2"},
    {fuse, "open", "ohms inf"},
    {fuse, "0L", "ohms inf"},
    {fuse, "offen", "ohms inf", de},
    {fuse, "0,2 Ohm", "ohms 0.2", de},
    {rail, "3.28 of 3V3", "V 3.28 of 3.3V"},
    {rail, "5.11 V of 5V", "V 5.11 of 5V"},
    {rail, "5,11 von 5 V", "V 5.11 of 5V", de},
    {enable, "3V3", "V 3.3"},
    {dimming, "48 % 200 Hz", "duty 0.48, Hz 200"},
    {dimming, "1.9 V 48%", "V 1.9, duty 0.48"},
    {coil, "9 rings out", "rings 9 out"},
    {coil, "9 Ringe", "rings 9", de},
    // a backlight
    {strips, "4x12 3V 240mA", "4 strips × 12, 3 V, 240 mA, one string"},
    {strips, "4 strips of 12 in series", "4 strips × 12, 3 V?, one string"},
    {strips, "2 x 24, 6 V, bottom edge", "2 strips × 24, 6 V, one string, bottom edge"},
    {strips, "8 x 7, 2 strips per string", "8 strips × 7, 3 V?, 2 strips per string"},
    {strips, "27 LEDs", "1 strip × 27, 3 V?, one string"},
    {strips, "6 strips, 8 LEDs each, two strings", "6 strips × 8, 3 V?, 3 strips per string"},
    {strips, "4x12 label 146 V", "4 strips × 12, 3 V?, one string, label 146 V"},
    {strips, "4 Leisten mit 12 LEDs", "4 strips × 12, 3 V?, one string", de},
    {strips, "4 Leisten mit je 12 LEDs", "4 strips × 12, 3 V?, one string", de},
    {strips, "4 Leisten à 12", "4 strips × 12, 3 V?, one string", de},
    {strips, "vier Leisten x 12 LEDs, 3 V", "4 strips × 12, 3 V, one string", de},
    {strips, "3 Leisten, 9 LEDs", "3 strips × 9, 3 V?, one string", de},
    {strips, "2 x 24, 6 V, Unterkante", "2 strips × 24, 6 V, one string, bottom edge", de},
    {strips, "2 x 24, 6 V, untere Kante", "2 strips × 24, 6 V, one string, bottom edge", de},
    {strips, "27 LEDs in Reihe", "1 strip × 27, 3 V?, one string", de},
    {strips, "8 x 7, je 2 Leisten pro String", "8 strips × 7, 3 V?, 2 strips per string", de},
    {strips, "zwei Leisten mit 24 LEDs; 0,24 A", "2 strips × 24, 3 V?, 240 mA, one string", de},
    {strips, "4x12, Aufdruck 146 V", "4 strips × 12, 3 V?, one string, label 146 V", de},
    {pins, "LED+ rot, LED- schwarz, frei", "+ red, − black, unused", de},
    {pins, "+ weiß, − 2 grün 0,3 Ω", "+ white, − 2 green 0.3 Ω", de},
    {curve, "2,61 V bei 1 mA; 2,82 V bei 30 mA", "2.61 V at 1 mA, 2.82 V at 30 mA", de},
    {supplies, "2 x 30V/5A", "2 × 30 V 5 A 30 V"},
    {supplies, "2 Stück 30 V 5 A", "2 × 30 V 5 A 30 V", de},
    // the strip tester, on 18 LEDs
    {tester, "90.4 V 16 lit", "90.4 16"},
    {tester, "90.4 16", "90.4 16"},
    {tester, "90.4 / 16", "90.4 16"},
    {tester, "90.4 V, 16 of 18", "90.4 16"},
    {tester, "90.4 all lit", "90.4 18"},
    {tester, "90.4, 1 dark", "90.4 17"},
    {tester, "17 of 18 lit", "– 17"},
    {tester, "none lit", "– 0"},
    {tester, "nothing", "– 0"},
    {tester, "90.4", "90.4"},
    {tester, "17 of 20 lit", "?"},
    {tester, "90.4 lit 2 3", "?"},
    {tester, "90,4 V 16 an", "90.4 16", de},
    {tester, "90,4 V, 16 leuchten", "90.4 16", de},
    {tester, "einer von 18", "– 1", de},
    {tester, "alle leuchten", "– 18", de},
    {tester, "keine leuchtet", "– 0", de},
    {tester, "eine dunkel", "– 17", de},
};

class SensibleLine : public testing::TestWithParam<Typed> {};

TEST_P(SensibleLine, IsReadAsMeantOrAskedAbout) {
    const auto& [field, line, meant, tongue] = GetParam();
    const std::string read = readAs(field, line, tongue);
    EXPECT_EQ(std::string_view(meant) == "?" ? read.substr(0, 1) : read, meant) << line << " is read as " << read;
}

INSTANTIATE_TEST_SUITE_P(AsTyped, SensibleLine, testing::ValuesIn(sensible));

// What once was taken for something else.
const Typed misleading[] = {
    {led, "2.9 lit dark", "?"}, {dimming, "148 %", "?"},  {diode, "51.7", "?"},
    {enable, "184 > 48", "?"},  {diode, "470u 63V", "?"}, {volts, "184 mA", "?"},
    {volts, "6 V bottom", "?"}, {hours, "9k V", "?"},     {printed(PartKind::Diode), "470u 63V 12", "?"},
};

class MisleadingLine : public testing::TestWithParam<Typed> {};

TEST_P(MisleadingLine, IsAskedAbout) {
    const auto& [field, line, meant, tongue] = GetParam();
    EXPECT_EQ(readAs(field, line, tongue).substr(0, 1), meant) << line << ": " << readAs(field, line, tongue);
}

INSTANTIATE_TEST_SUITE_P(AsTyped, MisleadingLine, testing::ValuesIn(misleading));

TEST(Refusal, SaysWhatCanBeTypedThere) {
    EXPECT_NE(readAs(enable, "184 > 48", en).find("3.3"), std::string::npos);
    EXPECT_NE(readAs(diode, "high", en).find("0.31/OL"), std::string::npos);
    EXPECT_NE(readAs(rail, "high", en).find("5.11 of 5V"), std::string::npos);
    EXPECT_NE(readAs(volts, "high", en).find("184 > 48"), std::string::npos);
}

}  // namespace
}  // namespace dimglow
