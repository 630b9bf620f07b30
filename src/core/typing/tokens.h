#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/typing/number.h"
#include "core/typing/units.h"

/// \file
/// The one cutter: a typed line in numbers, words and signs, whatever keyboard and language it comes from.

namespace dimglow::typing {

/// A word, number or sign of a line, as it stands and in plain letters.
struct Token {
    enum class Kind { Number, Word, Sign };
    Kind kind = Kind::Sign;
    std::string typed;  ///< as typed, signs of other keyboards made plain: Ω "ohm", µ "u", × "x", − "-", → ">", … "~"
    std::string plain;     ///< of a word: in small letters and English; of a number: as typed; of a sign: itself
    Number number;         ///< of a number
    bool isGlued = false;  ///< follows what stands before it without a space

    bool is(std::string_view word) const { return kind != Kind::Number && plain == word; }
};

using Tokens = std::vector<Token>;

/// Words that are numbers ("two") become numbers.
Tokens cut(std::string_view line, Tongue tongue);

/// A number with its unit.
struct Value {
    Number number;  ///< as typed
    Unit unit = Unit::None;
    double scale = 1;   ///< what the number is multiplied by to be in the unit of the table, see UnitWord
    std::string typed;  ///< the number alone
    std::string unitTyped;

    /// In the unit of the table, times \p per.
    double in(double per = 1) const { return scaled(number.value, scale * per); }
    /// What it may mean as well, likewise.
    std::optional<double> orElse(double per = 1) const {
        return number.orElse ? std::optional(scaled(*number.orElse, scale * per)) : std::nullopt;
    }

private:
    /// 240 thousandths are 0.24, to the last digit.
    static double scaled(double value, double factor);
};

/// The value that starts at \p at, which then stands behind it: "240 mA", "€420", "4R7", "3V3", "12". Empty, and \p at
/// stays, where there is none.
std::optional<Value> takeValue(const Tokens& tokens, std::size_t& at);

/// "OL", "0L", "O.L.", "open", "∞": what a meter shows where nothing flows. \p at then stands behind it.
bool takeOverload(const Tokens& tokens, std::size_t& at);

}  // namespace dimglow::typing
