#pragma once

#include "core/probe/ranking.h"

namespace dimglow::probe {

/// Values every probe of every kind that is not answered yet. \returns the \p most best, and what lacks a tool
/// \throws reasoning::Stopped
RankedProbes rankProbes(Desk& desk, std::size_t most);

}  // namespace dimglow::probe
