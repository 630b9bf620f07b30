#pragma once

#include <QKeySequence>
#include <vector>

#include "app/stations/station.h"

namespace dimglow::app {

/// A stage of the job: what the line, the keys and the stack know of it before anybody has gone there.
struct StationKind {
    const char* id;       ///< in knowledge files, cautions and tests
    const char* picture;  ///< the name of its file among the pictures
    QString (*title)(set::LightKind light);
    Station* (*make)(JobSession& session);
    bool (*isDone)(const Snapshot& shown);
};

/// Every station in the order people work.
const std::vector<StationKind>& stationKinds();
/// Their titles in that order.
QStringList stationTitles(set::LightKind light);
/// The place of a station there, the first for an id that is none.
int stationIndex(const std::string& id);
/// What leads to the station at a place: Ctrl+1 … 9, Ctrl+0 to the tenth, Ctrl+End to the last.
std::vector<QKeySequence> stationKeys(int place);

}  // namespace dimglow::app
