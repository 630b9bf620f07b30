#pragma once

#include <string>
#include <vector>

#include "core/findings/located.h"
#include "core/findings/what_is_left.h"
#include "core/probe/probe.h"

/// \file
/// What is known to be wrong, and whether it is worth looking any further.

namespace dimglow::findings {

/// What has been found, and how likely it is that.
struct Found {
    text::Text title;  ///< empty while nobody can tell
    double share = 0;
};

/// The located LEDs once they are as many as the likeliest explanation has; of anything else the first line of what is
/// left, once it is as good as sure.
Found foundOf(const reasoning::Model& model, const std::vector<SuspectShare>& left, const Likeliest& likeliest,
              const std::vector<Located>& located);

/// "Tired electrolytics, weak supply / Driver's over-voltage divider": suspects of the boards that one repair mends
/// and that hold together what a verdict needs, or two places of one in the panel; empty when there are none.
/// While a \p probe can still tell them apart only where it would change nothing: boards that are exchanged whole.
Found foundTogether(const reasoning::Model& model, const std::vector<SuspectShare>& left,
                    const std::vector<probe::Probe>& probes, const job::Way& way);

/// Tests and points of which one must be read before what is suspected most is the verdict: a board is not condemned
/// from outside alone, nor a driver before its LED side is proven, unless a part of it is bad; of several names for one
/// board, none of which leads, one that is known to be good is tried in its place. Empty while nothing leads, while the
/// part is looked for, and where boards are swapped before anything is measured.
std::vector<std::string> neededFor(const reasoning::Model& model, const std::vector<SuspectShare>& left,
                                   const job::Way& way);

/// Whether no probe that is left tells enough to wait for.
bool tellLittle(const std::vector<probe::Probe>& probes);

/// Whether a probe costs less than what is at stake: that something with \p share is mended in vain.
bool isCheaplyDoubted(const std::vector<probe::Probe>& probes, double share);

/// Whether the part is still searched for, where it is what is replaced.
bool wantsThePart(const job::Way& way, const std::vector<SuspectShare>& left);

/// Whether outside and board have said what they can, and the rest is up to strips that nobody has described.
bool onlyStripsTellMore(const std::vector<SuspectShare>& left, const std::vector<probe::Probe>& probes,
                        const Found& found);

}  // namespace dimglow::findings
