#include "app/stations/stations.h"

#include <algorithm>

#include "app/stations/board.h"
#include "app/stations/first_look.h"
#include "app/stations/fix_plan.h"
#include "app/stations/hand_back.h"
#include "app/stations/make_safe.h"
#include "app/stations/open_up.h"
#include "app/stations/panel_check.h"
#include "app/stations/prove.h"
#include "app/stations/rework.h"
#include "app/stations/strings.h"
#include "app/stations/take_in.h"

namespace dimglow::app {

namespace {

template <class S>
Station* make(JobSession& session) {
    return new S(session);
}

}  // namespace

const std::vector<StationKind>& stationKinds() {
    static const std::vector<StationKind> kinds = {
        {"takeIn", "take-in", [](set::LightKind) { return Station::tr("Take in"); }, make<TakeInStation>,
         TakeInStation::isDone},
        {"firstLook", "first-look", [](set::LightKind) { return Station::tr("First look"); }, make<FirstLookStation>,
         FirstLookStation::isDone},
        {"makeSafe", "make-safe", [](set::LightKind) { return Station::tr("Make safe"); }, make<MakeSafeStation>,
         MakeSafeStation::isDone},
        {"board", "board", [](set::LightKind) { return Station::tr("Board"); }, make<BoardStation>,
         BoardStation::isDone},
        {"panelCheck", "panel-check", [](set::LightKind) { return Station::tr("Panel check"); },
         make<PanelCheckStation>, PanelCheckStation::isDone},
        {"openUp", "open-up", [](set::LightKind) { return Station::tr("Open up"); }, make<OpenUpStation>,
         OpenUpStation::isDone},
        {"strings", "strings",
         [](set::LightKind light) {
             return light == set::LightKind::Lamps ? StringsStation::tr("Lamps") : StringsStation::tr("Strings");
         },
         make<StringsStation>, StringsStation::isDone},
        {"fixPlan", "fix-plan", [](set::LightKind) { return Station::tr("Fix plan"); }, make<FixPlanStation>,
         FixPlanStation::isDone},
        {"rework", "rework", [](set::LightKind) { return Station::tr("Rework"); }, make<ReworkStation>,
         ReworkStation::isDone},
        {"prove", "prove", [](set::LightKind) { return Station::tr("Prove"); }, make<ProveStation>,
         ProveStation::isDone},
        {"handBack", "hand-back", [](set::LightKind) { return Station::tr("Hand back"); }, make<HandBackStation>,
         HandBackStation::isDone}};
    return kinds;
}

QStringList stationTitles(set::LightKind light) {
    QStringList titles;
    for (const auto& kind : stationKinds()) {
        titles << kind.title(light);
    }
    return titles;
}

int stationIndex(const std::string& id) {
    const auto& kinds = stationKinds();
    const auto found = std::find_if(kinds.begin(), kinds.end(), [&](const auto& kind) { return kind.id == id; });
    return found == kinds.end() ? 0 : int(found - kinds.begin());
}

std::vector<QKeySequence> stationKeys(int place) {
    std::vector<QKeySequence> keys;
    if (place < 10) {
        keys.emplace_back(Qt::CTRL | (place == 9 ? Qt::Key_0 : Qt::Key(Qt::Key_1 + place)));
    }
    if (place + 1 == int(stationKinds().size())) {
        keys.emplace_back(Qt::CTRL | Qt::Key_End);
    }
    return keys;
}

}  // namespace dimglow::app
