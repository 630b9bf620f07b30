#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/backlight/backlight.h"
#include "core/evidence/observation.h"
#include "core/faults/fault.h"
#include "core/knowledge/knowledge.h"

/// \file
/// What gives a set its light, as reasoning asks about it. Strings of LEDs are one kind (`core/strings`); reasoning
/// knows only what stands here, so that another kind is one more class.
///
/// A source is made of units (LEDs). Units that no reading so far tells apart stand together at a *site*: whatever is
/// believed of one holds for each. Sites are numbered from 0, and so are the kinds of fault that a single unit may
/// have.

namespace dimglow::source {

using faults::Fault;
using faults::FaultList;
using faults::SiteIndex;
using faults::UnitFaultIndex;

/// A kind of fault of single units.
struct UnitFault {
    int suspect = -1;    ///< into Knowledge::suspects; -1 when the knowledge files have none
    bool isDim = false;  ///< it still gives light, of a kind
    /// Share of cases with 1, 2, 3 and at least 4 units of it; of the last, each number is as much rarer than the one
    /// before as 4 are than 3.
    std::array<double, 4> howMany{};
};

/// A unit that was seen not to give full light while others around it did.
struct Marked {
    SiteIndex site;
    bool isDim = false;
    auto operator<=>(const Marked&) const = default;
};

/// One explanation, as a source is asked about it.
struct Under {
    const FaultList& faults;
    bool isAnything = false;            ///< whatever nobody has thought of: any reading is possible
    bool isDriven = true;               ///< the set's driver would light sound units
    std::optional<bool> conducts = {};  ///< whether what is looked along does, where that is known already
};

/// A site that may be the same as another, and how likely that is.
struct MaybeOne {
    int site = -1;  ///< -1: none
    double share = 0;
};

/// What may be wrong other than single units, and how likely against the others of a suspect.
struct Candidate {
    FaultList faults;
    double weight = 1;
};

/// What became of each site when units were told apart further: its parts on either side, -1 where there is none.
struct Split {
    struct Parts {
        int within = -1;
        int without = -1;
    };
    std::vector<Parts> parts;      ///< by former site
    std::vector<int> unitsBefore;  ///< at each
};

/// What one output of the driver must bring for a source with faults: the same index for the same demand, into
/// LightSource::demandAt().
using DemandIndex = int;

struct Driven;
/// What was driven while an observation was made, numbered from 0 up to LightSource::drivenCount().
using DrivenIndex = backlight::Index<Driven>;

/// Answers are computed once and kept under keys of full values. Not thread-safe; one per model.
class LightSource {
public:
    virtual ~LightSource() = default;

    // ---- sites and units

    virtual int siteCount() const = 0;
    virtual int unitsAt(int site) const = 0;
    virtual int unitCount() const = 0;
    /// Whether anybody has written down what it is made of; otherwise faults have no place.
    virtual bool isDescribed() const = 0;
    /// Of a source that nobody has described: the site that may be one with this. A fault of one unit then shows at
    /// both.
    virtual MaybeOne mayBeOneWith(int site) const = 0;

    // ---- what may be wrong

    virtual const std::vector<UnitFault>& unitFaults() const = 0;
    /// Whether units at a site can have a kind of fault.
    virtual bool canHave(SiteIndex site, UnitFaultIndex kind) const = 0;
    /// Whether a suspect sits in the source; then its faults are those of single units or candidates().
    virtual bool holds(const knowledge::SuspectKind& suspect) const = 0;
    /// Every place and size that a suspect may have, but for faults of single units. Of a source that nobody has
    /// described one fault may stand at two sites, which are one then.
    virtual std::vector<Candidate> candidates(const knowledge::SuspectKind& suspect) const = 0;
    /// Units that were marked, each site once.
    virtual std::vector<Marked> marked() const = 0;
    /// Whether readings of units alone are as if none of the faults were there.
    virtual bool leavesUnitsSound(const FaultList& faults) const = 0;

    // ---- what readings show

    /// Whether a fault at a site can change what an observation shows.
    virtual bool touches(const evidence::Observation& what, int site) const = 0;
    /// What was driven while an observation was made; empty when it does not hang on that.
    virtual std::optional<DrivenIndex> drivenFor(const evidence::Observation& what) = 0;
    virtual int drivenCount() const = 0;
    virtual bool isDriven(DrivenIndex driven, SiteIndex site) const = 0;
    /// Whether it carries current when it is driven as hard as it needs.
    virtual bool conducts(DrivenIndex driven, const FaultList& faults) = 0;
    /// What observations of strings are held against; valid until the next is asked for. \p under must outlive it.
    virtual evidence::StringAnswers& strings(const Under& under) = 0;

    // ---- what the driver meets

    /// Demands by channel, in place of those of a sound source.
    virtual void demandsOf(const FaultList& faults, std::vector<DemandIndex>& byChannel) = 0;
    virtual const backlight::ChannelDemand& demandAt(DemandIndex demand) const = 0;
    virtual std::vector<DemandIndex> soundDemands() = 0;

    // ---- in words

    /// "Open LED in strip B"; of at least one fault.
    virtual text::Text titleOf(const FaultList& faults, const knowledge::SuspectKind& suspect) const = 0;
    /// What a title says: equal for faults that read alike.
    virtual FaultList named(const FaultList& faults) const = 0;
};

}  // namespace dimglow::source
