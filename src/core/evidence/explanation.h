#pragma once

#include <any>
#include <array>
#include <optional>
#include <string>

#include "core/backlight/wiring.h"
#include "core/driver/forecast.h"
#include "core/knowledge/knowledge.h"
#include "core/lamps/looks.h"
#include "core/locate/cells.h"
#include "core/parts/part_check.h"
#include "core/set/display_set.h"

/// \file
/// What observations are held against.

namespace dimglow::evidence {

/// The set that an observation is about, and what the trade knows.
struct Scene {
    const set::DisplaySet& set;
    const knowledge::Knowledge& knowledge;
    const backlight::Backlight& backlight = set.backlight;
};

/// What a tester across a run would show.
struct TesterForecast {
    double volts = 0;
    double sigma = 1;
    int lit = 0;  ///< -1: any number of them
    bool conducts = false;
    double sizeSigma = 0;  ///< what of sigma is up to the size of a fault
};

/// An eye or a pen errs this often (common practice, no source).
inline constexpr double slipShare = 0.01;

/// A voltage of the board by its test.
struct VoltsAsked {
    std::string test;
    backlight::ChannelIndex channel = {};
    backlight::FeedIndex feed = {};
    auto operator<=>(const VoltsAsked&) const = default;
};

/// A part, rail or pin of a board.
struct PointAsked {
    std::string point;     ///< id of its kind in the knowledge files
    std::string ref;       ///< which of those
    bool isEarly = false;  ///< in a state of the set in which it need not be there yet
    auto operator<=>(const PointAsked&) const = default;
};

struct PointTaken;

/// What the boards of a set would show under one explanation.
class BoardAnswers {
public:
    virtual ~BoardAnswers() = default;

    /// Share of a choice among the answers to a question; empty when the program does not know the test or choice.
    virtual std::optional<double> answerShare(const std::string& test, const std::string& choice) const = 0;
    /// Shares of good, doubtful and bad among the verdicts on a point; empty when the program does not know it.
    virtual std::optional<knowledge::GradeShares> gradeShares(const PointAsked& asked) const = 0;
    /// The verdict on a point that was measured, its twins considered.
    virtual parts::Grade gradeOf(const PointTaken& taken) = 0;
    /// Whether a reading that condemns a part leaves nothing to judge.
    virtual bool isExact(const PointTaken& taken) const = 0;
    /// How often the part looks bad to the eye; empty when the program does not know it.
    virtual std::optional<double> badLooksShare(const PointAsked& asked) const = 0;
    /// What a voltage of the board may read, as far as the readings taken in before tell; empty when that is not known
    /// well enough to hold a reading against it, or the program does not know the test.
    virtual std::optional<driver::VoltsForecast> volts(const VoltsAsked& asked) const = 0;
    /// Natural log of the density of a reading of it, given those taken in before, 1/V; takes it in. 0 when the program
    /// does not know the test.
    virtual double take(const VoltsAsked& asked, driver::Shape shape, double volts, double rest) = 0;
    virtual const driver::LightForecast& light() const = 0;
    /// What the trouble makes of the lamps, as far as what was seen of them before tells; empty in a set that is not
    /// said to have so many.
    virtual std::optional<lamps::Trouble> lampTrouble(int lamps) const = 0;
};

/// What strings of LEDs would show under one explanation.
class StringAnswers {
public:
    virtual ~StringAnswers() = default;

    virtual const backlight::Backlight& backlight() const = 0;
    virtual const locate::CellPartition& cells() const = 0;
    virtual TesterForecast tester(const backlight::TesterProbe& probe) = 0;
    /// Whether a run carries current when it is driven as hard as it needs.
    virtual bool conducts(const backlight::Run& run) = 0;
    /// Whether the set lights a LED's string around it while a jumper bridges it.
    virtual bool lightsAround(backlight::LedPlace bridged) = 0;
    /// Share of each fault at a LED, by LedFault; less than 1 when only some of its cell are faulty.
    virtual std::array<double, backlight::ledFaultKinds> faultShares(backlight::LedPlace place) const = 0;
    /// Whether the tester has lit LEDs in this job: then a run that stays dark is dark.
    virtual bool leadsProven() const = 0;
};

/// One explanation of what is wrong, asked what this or that test would show under it.
///
/// It answers from the computed circuit and the knowledge files, for the boards and for what gives the light. An
/// observation turns the answers into its likelihood.
class Explanation {
public:
    virtual ~Explanation() = default;

    virtual BoardAnswers& board() = 0;
    virtual StringAnswers& strings() = 0;
    /// Room for what is the same under every explanation and computed of the observation that it is held against only
    /// once.
    virtual std::any& memory() = 0;
};

/// What a reading is compared with.
struct Expectation {
    driver::Band band;   ///< a healthy set, V
    double volts = 0;    ///< the reading
    bool within = true;  ///< the reading lies in it
};

}  // namespace dimglow::evidence
