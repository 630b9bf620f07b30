#include "core/typing/units.h"

#include <algorithm>
#include <cctype>
#include <string>

namespace dimglow::typing {

namespace {

struct Row {
    std::string_view word;  ///< lower case
    Unit unit;
    double scale;
};
constexpr Row table[] = {
    {"v", Unit::Volts, 1},          {"volt", Unit::Volts, 1},        {"volts", Unit::Volts, 1},
    {"vdc", Unit::Volts, 1},        {"mv", Unit::Volts, 1e-3},       {"kv", Unit::Volts, 1e3},
    {"a", Unit::Amps, 1},           {"amp", Unit::Amps, 1},          {"amps", Unit::Amps, 1},
    {"ampere", Unit::Amps, 1},      {"amperes", Unit::Amps, 1},      {"ma", Unit::Amps, 1e-3},
    {"milliamp", Unit::Amps, 1e-3}, {"milliamps", Unit::Amps, 1e-3}, {"ua", Unit::Amps, 1e-6},
    {"r", Unit::Ohms, 1},           {"ohm", Unit::Ohms, 1},          {"ohms", Unit::Ohms, 1},
    {"kr", Unit::Ohms, 1e3},        {"kohm", Unit::Ohms, 1e3},       {"kohms", Unit::Ohms, 1e3},
    {"meg", Unit::Ohms, 1e6},       {"megohm", Unit::Ohms, 1e6},     {"megohms", Unit::Ohms, 1e6},
    {"k", Unit::Thousands, 1e3},    {"u", Unit::Farads, 1e-6},       {"uf", Unit::Farads, 1e-6},
    {"n", Unit::Farads, 1e-9},      {"nf", Unit::Farads, 1e-9},      {"p", Unit::Farads, 1e-12},
    {"pf", Unit::Farads, 1e-12},    {"mf", Unit::Farads, 1e-3},      {"w", Unit::Watts, 1},
    {"watt", Unit::Watts, 1},       {"watts", Unit::Watts, 1},       {"kw", Unit::Watts, 1e3},
    {"mw", Unit::Watts, 1e-3},      {"%", Unit::Share, 0.01},        {"percent", Unit::Share, 0.01},
    {"hz", Unit::Hertz, 1},         {"khz", Unit::Hertz, 1e3},       {"ring", Unit::Rings, 1},
    {"rings", Unit::Rings, 1},      {"h", Unit::Hours, 1},           {"hr", Unit::Hours, 1},
    {"hrs", Unit::Hours, 1},        {"hour", Unit::Hours, 1},        {"hours", Unit::Hours, 1},
    {"min", Unit::Minutes, 1},      {"mins", Unit::Minutes, 1},      {"minute", Unit::Minutes, 1},
    {"minutes", Unit::Minutes, 1},  {"s", Unit::Seconds, 1},         {"sec", Unit::Seconds, 1},
    {"second", Unit::Seconds, 1},   {"seconds", Unit::Seconds, 1},   {"mm", Unit::Millimetres, 1},
    {"cm", Unit::Millimetres, 10},  {"c", Unit::Celsius, 1},         {"eur", Unit::Money, 1},
    {"euro", Unit::Money, 1},       {"euros", Unit::Money, 1},       {"€", Unit::Money, 1},
    {"£", Unit::Money, 1},          {"$", Unit::Money, 1},           {"gbp", Unit::Money, 1},
    {"usd", Unit::Money, 1},        {"chf", Unit::Money, 1},         {"nh", Unit::Henries, 1e-9},
    {"uh", Unit::Henries, 1e-6},    {"mh", Unit::Henries, 1e-3}};

}  // namespace

std::optional<UnitWord> unitOf(std::string_view word) {
    // Where a small letter means a thousandth and a capital a million.
    constexpr std::string_view million[] = {"M", "Mohm", "Mohms", "MOHM", "MOhm"};
    constexpr std::string_view thousandth[] = {"mohm", "mohms", "mOhm", "mR"};
    if (std::find(std::begin(million), std::end(million), word) != std::end(million)) {
        return UnitWord{Unit::Ohms, 1e6};
    }
    if (std::find(std::begin(thousandth), std::end(thousandth), word) != std::end(thousandth)) {
        return UnitWord{Unit::Ohms, 1e-3};
    }
    std::string small(word);
    std::transform(small.begin(), small.end(), small.begin(), [](unsigned char c) { return char(std::tolower(c)); });
    const auto* found =
        std::find_if(std::begin(table), std::end(table), [&](const Row& row) { return row.word == small; });
    return found == std::end(table) ? std::nullopt : std::optional(UnitWord{found->unit, found->scale});
}

}  // namespace dimglow::typing
