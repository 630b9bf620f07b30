#pragma once

#include "core/probe/kinds/chassis.h"
#include "core/probe/kinds/choices.h"
#include "core/probe/kinds/jumpered.h"
#include "core/probe/kinds/lamp_looks.h"
#include "core/probe/kinds/light.h"
#include "core/probe/kinds/look_along.h"
#include "core/probe/kinds/low_current.h"
#include "core/probe/kinds/on_its_own.h"
#include "core/probe/kinds/point.h"
#include "core/probe/kinds/tester_run.h"
#include "core/probe/kinds/volts.h"
#include "core/probe/ranking.h"

namespace dimglow::probe {

/// A list of kinds.
template <Kind... K>
struct Kinds {
    /// Calls `visit.operator()<K>(arguments …)` for each.
    template <class Visit, class... Arguments>
    static void forEach(Visit& visit, Arguments&... arguments) {
        (visit.template operator()<K>(arguments...), ...);
    }
};
/// All kinds; the order counts only between probes of equal worth.
using AllKinds =
    Kinds<Choices, Light, LampLooks, Volts, TesterRun, Jumpered, LowCurrent, LookAlong, Chassis, OnItsOwn, Point>;

/// Values every probe of every kind that is not answered yet. \returns the \p most best, and what lacks a tool
/// \throws reasoning::Stopped
RankedProbes rankProbes(Desk& desk, std::size_t most);

}  // namespace dimglow::probe
