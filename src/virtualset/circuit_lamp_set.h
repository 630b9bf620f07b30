#pragma once

#include <memory>
#include <string>
#include <vector>

#include "virtualset/lamp_circuit.h"
#include "virtualset/lamp_set.h"

/// \file
/// A second family of sets that are lit by lamps. What their lamps do follows from their circuit, and what is seen and
/// compared from the currents there; nothing of it is read from the knowledge files. All numbers are common practice,
/// no source.

namespace dimglow::virtualset {

/// What such an inverter protects itself by.
struct LampWatch {
    bool looksAtEach = true;        ///< one lamp without its current stops it; else only a half without
    bool halvesStandAlone = false;  ///< it stops one half, the other stays
    double least = 0.5;             ///< share of its current below which a lamp, or a half, counts as out
    double mostVolts = 2500;        ///< of an output, above which it stops
    double seconds = 1.5;
};

class CircuitLampSet : public LampLit {
public:
    struct Wrong {
        LampTrouble trouble = LampTrouble::BurntJoint;
        int lamp = 0;                        ///< whose; of lamps that aged together the worst
        int reached = 0;                     ///< the neighbour whose plug is swapped with its own
        bool stopsAnyway = false;            ///< its controller gives up on sound lamps
        std::vector<double> rowHealth = {};  ///< of the inverter's capacitors, share of their rating
        std::uint32_t seed = 1;
    };
    /// \param circuit with the trouble in it
    CircuitLampSet(BenchSet boards, Wrong wrong, LampWatch watch, LampCircuit circuit,
                   const knowledge::Knowledge& trade);

    /// Whether anybody would bring it in: it goes dark, or a part of it is seen to be.
    bool isNoticed() const;
    int lamps() const { return int(circuit_.lamps.size()); }

private:
    bool isOfALamp() const;
    bool sags() const { return has(LampTrouble::AgedCapacitors) || has(LampTrouble::TiredSupply); }
    int halfOf(int lamp) const { return lamp < lamps() / 2 ? 0 : 1; }
    bool isOfAHalf(const std::vector<int>& some) const;
    std::vector<double> lights() const;
    std::vector<int> darkOnes() const;
    bool stops(const LampCircuit& circuit) const;
    evidence::LightSeen light() const override;
    evidence::LampsSeen looks() const override;
    std::string sightOf(const std::string& test) const;
    std::string lifeSigns(const std::string& test) const;
    std::string signsOf(const std::string& test) const;
    std::string compared(const std::string& test) const;
    std::string plugsSwapped() const;
    std::string tried(const std::string& test) const;
    std::string answerTo(const std::string& test) const override;
    std::string whereSeen(const std::string& test, const std::string& answer) const override;
    double watts() const;
    double voltsAt(const std::string& point, double rated) const override;
    bool isBad(const evidence::PointAsked& asked) const override;
    bool misreads(parts::PartKind kind, const evidence::PointAsked& asked) const override;

    Wrong wrong_;
    LampWatch watch_;
    LampCircuit circuit_;
    LampCircuit::State state_;
};

LampTrouble drawCircuitTrouble(Draw& draw);
/// Draws such a set with that trouble, so that somebody notices it.
/// \param boards with what is wrong with them, where it is theirs
std::shared_ptr<const CircuitLampSet> drawCircuitLampSet(Draw& draw, const CircuitLampSet::Wrong& wrong,
                                                         const BenchSet& boards, bool isAsked,
                                                         const knowledge::Knowledge& trade);

}  // namespace dimglow::virtualset
