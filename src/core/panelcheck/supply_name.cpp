#include "core/panelcheck/supply_name.h"

#include <algorithm>

namespace dimglow::panelcheck {

text::Text nameOf(const BenchSupply& supply) {
    constexpr std::string_view unnamed = "Output ";
    const std::string number = supply.name.starts_with(unnamed) ? supply.name.substr(unnamed.size()) : std::string();
    const bool isNumber =
        !number.empty() && std::all_of(number.begin(), number.end(), [](char c) { return c >= '0' && c <= '9'; });
    return isNumber ? text::say("Output {}", number) : text::say("{}", supply.name);
}

}  // namespace dimglow::panelcheck
