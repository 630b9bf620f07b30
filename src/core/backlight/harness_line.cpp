#include "core/backlight/harness_line.h"

#include <fmt/format.h>

#include "core/backlight/limits.h"

namespace dimglow::backlight {

std::variant<std::vector<HarnessPin>, typing::LineProblem> readPins(std::string_view line, typing::Tongue tongue) {
    constexpr std::size_t mostPins = 64;
    if (const auto problem = typing::unreadable(line)) {
        return *problem;
    }
    auto clauses = typing::clausesOf(line, tongue);
    if (clauses.size() > mostPins) {
        return typing::LineProblem{std::string(line.substr(0, 20)) + "…",
                                   text::say("a plug has at most {} pins", mostPins)};
    }
    std::vector<HarnessPin> pins;
    for (auto& clause : clauses) {
        if (!clause.matches(
                R"((\+|led\+|-|led-|unused)(?: ?(\d+))?(?: (\pL[\pL -]*?))?(?: (\d+(?:\.\d+)?) ?ohms?)?)")) {
            return typing::LineProblem{
                clause.words(), text::say("cannot be read as a pin; write + red, − black, − 2 white 0.3 Ω, or unused")};
        }
        const bool isReturn = clause.text(1).ends_with('-');
        if (clause.has(2) && !isReturn) {
            return typing::LineProblem{clause.words(), text::say("has a channel; all channels share LED+")};
        }
        HarnessPin pin;
        pin.role = isReturn                        ? HarnessPin::Role::LedMinus
                   : clause.text(1).ends_with('+') ? HarnessPin::Role::LedPlus
                                                   : HarnessPin::Role::Unused;
        pin.channel = clause.has(2) ? int(clause.number(2, 1, 64)) - 1 : 0;
        pin.colour = clause.has(3) ? clause.text(3) : "";
        if (pin.colour.size() > limits::colour) {
            return typing::LineProblem{clause.words(), text::say("has too long a colour")};
        }
        pin.ohms = clause.has(4) ? clause.number(4, 0, 1e6) : 0;
        if (!clause.problem().empty()) {
            return typing::LineProblem{clause.words(), clause.problem()};
        }
        pins.push_back(std::move(pin));
    }
    return pins;
}

std::string lineOf(const std::vector<HarnessPin>& pins) {
    std::string line;
    for (const auto& pin : pins) {
        line += line.empty() ? "" : ", ";
        switch (pin.role) {
            case HarnessPin::Role::Unused:
                line += "unused";
                break;
            case HarnessPin::Role::LedPlus:
                line += "+";
                break;
            case HarnessPin::Role::LedMinus:
                line += pin.channel > 0 ? fmt::format("− {}", pin.channel + 1) : "−";
                break;
        }
        line += pin.colour.empty() ? "" : " " + pin.colour;
        line += pin.ohms > 0 ? fmt::format(" {:.6g} Ω", pin.ohms) : "";
    }
    return line;
}

}  // namespace dimglow::backlight
