#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/driver/forecast.h"
#include "core/set/display_set.h"
#include "core/typing/clause.h"

/// \file
/// Lighting a panel from bench supplies, with a picture on it, before money is spent.

namespace dimglow::panelcheck {

/// One floating output of a bench supply.
struct BenchSupply {
    std::string name;
    double maxVolts = 60;
    double maxAmps = 1;
    double isolationVolts = 150;  ///< what either terminal may stand above earth, from its data sheet
    bool operator==(const BenchSupply&) const = default;
};

/// Reads floating outputs such as "2 × 120 V 1 A 300 V; 30 V 5 A": volts, amps, and what the terminals may stand above
/// earth, the output's own volts when it is not said. They are named "Output 1" and so on.
std::variant<std::vector<BenchSupply>, typing::LineProblem> readSupplies(
    std::string_view line, typing::Tongue tongue = typing::Tongue::English);
/// The line that readSupplies() would read back.
std::string lineOf(std::span<const BenchSupply> supplies);

/// Whether the set is worth opening; `Open` while too little was seen.
enum class Outcome { Open, Go, GoWithNote, NoGo };

/// What may be seen of a lit panel; each has an id in job files and a title on the screen.
enum class Finding { Crack, Lines, DeadColumn, Tint, DarkArea, NoLight, NoPicture };
inline constexpr int findingCount = 7;
/// "crack", "lines", "dead-column", "tint", "dark-area", "no-light", "no-picture".
const char* idOf(Finding finding);

/// What the technician set, saw and decided.
struct PanelCheck {
    int channel = 0;                   ///< the one that is lit
    double currentShare = 0.2;         ///< of the channel's working current; 10 to 30 % (common practice, no source)
    std::optional<double> tconVolts;   ///< supply of the timing board, read off its fuse; empty until then
    bool leadsChecked = false;         ///< clips and leads proven on something that works
    std::optional<double> kneeVolts;   ///< where it began to glow
    std::optional<double> lightVolts;  ///< at the safe current
    std::optional<double> tconAmps;
    std::vector<Finding> findings;  ///< in the order of the enum
    Outcome outcome = Outcome::Open;
    std::string note;
    bool operator==(const PanelCheck&) const = default;
};

/// One supply's part in a stack, lowest first.
struct StackedSupply {
    int supply = 0;  ///< index into the supplies given
    double volts = 0;
    double topVolts = 0;  ///< of its plus above the stack's minus
};

/// One step of the ramp.
struct RampStep {
    double volts = 0;  ///< over the whole stack
    double limitAmps = 0;
    double expectAmps = 0;  ///< of a healthy panel
    bool slowly = false;
    text::Text say;
};

/// How to light the panel.
struct Plan {
    bool isCcfl = false;
    double kneeVolts = 0;     ///< a milliamp through each string: where the ramp looks for the first glow
    driver::Band firstGlow;   ///< V, where a sound panel may begin to glow
    double lightVolts = 0;    ///< at the safe current
    double runningVolts = 0;  ///< at the working current
    double safeAmps = 0;
    double polarityAmps = 0;  ///< limit while the polarity is found
    double lampVolts = 0;     ///< CCFL: running, V RMS
    double strikeVolts = 0;   ///< CCFL: to strike, V RMS
    std::vector<StackedSupply> stack;
    std::vector<RampStep> ramp;
    std::vector<text::Text> cautions;
    text::Text refusal;  ///< why it must not or cannot be done; empty when it can
    double tconLowAmps = 0.1;
    /// A few hundred milliamps, of large panels up to more than an ampere (common practice, no source).
    double tconHighAmps = 0.6;
};

/// Plans the fewest supplies that reach the light at the safe current with a tenth to spare, stacked so that none
/// stands above its isolation rating; refuses when there is no such stack. A CCFL panel gets no stack: it needs a
/// generator of its own kind. \pre backlight::problemsOf() is empty and check.channel exists
Plan planOf(const set::DisplaySet& set, const PanelCheck& check, const std::vector<BenchSupply>& supplies);

/// What the findings amount to.
struct Judgement {
    Outcome advised = Outcome::Open;
    std::vector<text::Text> because;  ///< one sentence each
};
/// Of what was seen so far; never throws.
Judgement judge(const Plan& plan, const PanelCheck& check);

}  // namespace dimglow::panelcheck
