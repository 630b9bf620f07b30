#include "core/probe/kinds.h"

#include "core/probe/kinds/chassis.h"
#include "core/probe/kinds/choices.h"
#include "core/probe/kinds/jumpered.h"
#include "core/probe/kinds/light.h"
#include "core/probe/kinds/look_along.h"
#include "core/probe/kinds/low_current.h"
#include "core/probe/kinds/on_its_own.h"
#include "core/probe/kinds/point.h"
#include "core/probe/kinds/tester_run.h"
#include "core/probe/kinds/volts.h"

namespace dimglow::probe {

namespace {

template <Kind K>
void offer(Desk& desk, Ranking& ranking) {
    for (const K& kind : K::askable(desk)) {
        Probe probe = kind.probe(desk);
        if (desk.isAnswered(probe.test, probe.question)) {
            continue;
        }
        if (const auto predicted = kind.predict(desk); predicted.isWorthAsking) {
            ranking.offer(std::move(probe), predicted);
        }
    }
}

template <Kind... K>
struct Kinds {
    static void offerAll(Desk& desk, Ranking& ranking) { (offer<K>(desk, ranking), ...); }
};
/// All kinds; the order counts only between probes of equal worth.
using AllKinds = Kinds<Choices, Light, Volts, TesterRun, Jumpered, LowCurrent, LookAlong, Chassis, OnItsOwn, Point>;

}  // namespace

RankedProbes rankProbes(Desk& desk, std::size_t most) {
    Ranking ranking(desk, most);
    AllKinds::offerAll(desk, ranking);
    return ranking.take();
}

}  // namespace dimglow::probe
