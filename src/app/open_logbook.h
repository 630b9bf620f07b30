#pragma once

#include <QString>
#include <functional>
#include <memory>
#include <optional>

#include "records/logbook.h"

namespace dimglow::app {

/// Another place for the logbook, after \p reason kept the last one from opening; empty to give up.
using AskForPlace = std::function<std::optional<QString>(const QString& reason)>;

/// Opens the logbook at \p path, or where \p ask says as long as it cannot be opened. \returns null when it gave up
std::unique_ptr<records::Logbook> openLogbook(QString path, const AskForPlace& ask);

/// Asks in a window.
std::optional<QString> askForLogbookPlace(const QString& reason);

}  // namespace dimglow::app
