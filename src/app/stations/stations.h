#pragma once

#include <vector>

#include "app/stations/station.h"

namespace dimglow::app {

/// A stage of the job: what the line, the keys and the stack know of it before anybody has gone there.
struct StationKind {
    const char* id;  ///< in knowledge files and cautions
    QString (*title)();
    Station* (*make)(JobSession& session);
    bool (*isDone)(const Snapshot& shown);
};

/// Every station in the order people work.
const std::vector<StationKind>& stationKinds();
/// The place of a station there, the first for an id that is none.
int stationIndex(const std::string& id);

}  // namespace dimglow::app
