#include "core/probe/kinds.h"

namespace dimglow::probe {

RankedProbes rankProbes(Desk& desk, std::size_t most) {
    Ranking ranking(desk, most);
    const auto offer = [&]<Kind K>() {
        for (const K& kind : K::askable(desk)) {
            Probe probe = kind.probe(desk);
            if (desk.isAnswered(probe.test, probe.question)) {
                continue;
            }
            if (const auto predicted = kind.predict(desk); predicted.isWorthAsking) {
                ranking.offer(std::move(probe), predicted);
            }
        }
    };
    AllKinds::forEach(offer);
    return ranking.take();
}

}  // namespace dimglow::probe
