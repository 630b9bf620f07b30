#pragma once

#include <string>
#include <vector>

#include "virtualset/bench_set.h"

/// \file
/// Sets that are lit by cold-cathode lamps, with a hidden fault. Lamps, inverter and protection behave by currents and
/// by numbers drawn for each set; nothing of what they do is read from the knowledge files, so that what these say can
/// be held against it. All numbers are common practice, no source. Their boards are those of the second family.

namespace dimglow::virtualset {

/// What is wrong with the light, in the trade's words; or with the boards, which is then a Trouble of theirs.
enum class LampTrouble {
    WornLamp,
    AgedLamps,  ///< all of them, in years together
    BrokenLamp,
    BurntJoint,
    LoosePlug,
    ShortedTurns,    ///< in the transformer of one output
    DriveStage,      ///< a shorted MOSFET, and the fuse that it blew
    BlownFuse,       ///< alone, of age
    DriftedFilm,     ///< resonance capacitor of one half
    AgedCapacitors,  ///< the inverter's row of electrolytics
    SenseParts,      ///< it trips on sound lamps
    Controller,
    NoSupply,     ///< nothing comes from the power supply
    TiredSupply,  ///< the power supply's row of electrolytics: it sags under the inverter's load
    Boards,       ///< as the boards' own trouble says
    Nameless,     ///< something that no suspect stands for: its parts are good, what is tried ends anyhow
};

/// How an inverter of this make behaves, and what is seen of it.
struct LampMake {
    int lamps = 4;
    double protectsAfterSeconds = 1.5;
    bool watchesEach = true;        ///< a single lamp off its current trips it; else only a half that fails
    bool halvesStandAlone = false;  ///< one half goes out by itself
    double lampsSag = 0.85;         ///< share of current at which a lamp is seen to be dim
};

/// What all sets with lamps have in common: which questions are about their light, and how their inverter is read.
class LampLit : public SimulatedSet {
public:
    std::vector<evidence::Observation> take(const evidence::Question& question) const override;
    parts::Ratings printedOn(const evidence::PointAsked& asked) const override { return boards_.printedOn(asked); }

protected:
    /// \param drawnAs in front of everything that it draws, so that families differ
    LampLit(BenchSet boards, LampTrouble trouble, std::uint32_t seed, std::string drawnAs,
            const knowledge::Knowledge& trade);
    double chance(const std::string& what) const { return chanceOf(seed_, drawnAs_ + what); }
    bool happens(const std::string& what, double share) const { return chance(what) < share; }
    bool has(LampTrouble one) const { return trouble_ == one; }
    /// Whether the trouble comes down to parts of that kind.
    bool isCulprit(const std::string& point) const;
    /// Whether the part of a worn row that is asked about is worn out.
    bool isWornOfRow(const evidence::PointAsked& asked, const std::vector<double>& health) const;
    const BenchSet& boards() const { return boards_; }
    const knowledge::Knowledge& trade() const { return trade_; }

private:
    /// How a trial ends with a fault that has no name; empty for other tests and troubles.
    std::string anyhow(const std::string& test) const;
    /// Empty for tests that are not about the light.
    virtual std::string answerTo(const std::string& test) const = 0;
    /// Which lamp or half it was, as the first look writes it.
    virtual std::string whereSeen(const std::string& test, const std::string& answer) const = 0;
    virtual evidence::LightSeen light() const = 0;
    /// How each of them looks while there is light.
    virtual evidence::LampsSeen looks() const = 0;
    virtual bool isBad(const evidence::PointAsked& asked) const = 0;
    /// Whether a part reads otherwise than it is, in its circuit.
    virtual bool misreads(parts::PartKind kind, const evidence::PointAsked& asked) const = 0;
    /// A rail or pin of the inverter in the first second, where \p rated volts should stand at a rail.
    virtual double voltsAt(const std::string& point, double rated) const = 0;
    std::optional<evidence::PointTaken> check(const evidence::PointAsked& asked) const;

    BenchSet boards_;
    LampTrouble trouble_;
    std::uint32_t seed_;
    std::string drawnAs_;
    const knowledge::Knowledge& trade_;
};

/// A set with lamps.
class LampSet : public LampLit {
public:
    struct Wrong {
        LampTrouble trouble = LampTrouble::BurntJoint;
        int lamp = 0;                        ///< whose, or of whose output or half
        double left = 0;                     ///< share of its current that is left
        bool isAsked = true;                 ///< its boards ask for light and feed it
        std::vector<double> rowHealth = {};  ///< of the inverter's capacitors, share of their rating
        std::uint32_t seed = 1;
        std::vector<double> leftOfEach = {};  ///< share of its current of each of those that have aged together
    };
    LampSet(BenchSet boards, Wrong wrong, LampMake make, const knowledge::Knowledge& trade);

private:
    bool isOfALamp() const;  ///< the lamp, its joint or its plug
    bool isAged() const;     ///< one lamp, or all of them
    bool runs() const;       ///< the inverter tries to light them
    bool sags() const;       ///< all of them get less than they should
    /// Share of its current that a lamp has in the first second.
    double current(int lamp) const;
    bool trips() const;
    int halfOf(int lamp) const { return lamp < make_.lamps / 2 ? 0 : 1; }
    int darkOnes() const;
    bool isHalfDark() const;
    evidence::LightSeen light() const override;
    evidence::LampsSeen looks() const override;
    std::string answerTo(const std::string& test) const override;
    std::string whereSeen(const std::string& test, const std::string& answer) const override;
    std::string sightOf(const std::string& test) const;
    std::string signsOf(const std::string& test) const;
    std::string tried(const std::string& test) const;
    bool misreads(parts::PartKind kind, const evidence::PointAsked& asked) const override;
    double voltsAt(const std::string& point, double rated) const override;
    bool isBad(const evidence::PointAsked& asked) const override;

    Wrong wrong_;
    LampMake make_;
};

/// Ids of suspects that are right for a trouble of the lamps or their inverter.
std::vector<std::string> rightNames(LampTrouble trouble);
LampMake drawLampMake(Draw& draw);
LampSet::Wrong drawLampTrouble(Draw& draw, const LampMake& make);

}  // namespace dimglow::virtualset
